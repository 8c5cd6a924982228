"""Rod work as a small loop: turn, retune, does the leaf go, next. Nothing here knows a window.

Where the loop stands is read from the journal alone: a move without a reading after it asks for
that reading. Moves may be logged exactly, roughly, or as turned and not counted.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING, Literal

from msgspec import Struct, structs

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.session import Session
from nuvrek.meaning import Saying, means
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings.entries import (
    SIDES,
    Feel,
    FretWork,
    Heated,
    RodMove,
    Side,
    StateChange,
    StringGap,
    Strings,
    Trued,
)
from nuvrek.readings.journal import Later, NeckState, Shift
from nuvrek.readings.stations import Station
from nuvrek.readings.told.rod_answers import went_other_way
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.planning.rod.move import RodPlan

Phase = Literal["wait", "tune", "read", "stop", "turn", "rest"]
STEP_TURNS = 1.0 / 16.0
MOST_LOGGED_TURNS = 2.0
# What a hand can say of a move, in the order a key goes through them; the first says nothing.
FEELS: tuple[Feel | Literal[""], ...] = (
    "", "firm", "free", "slack", "binding", "at its end", "key slips", "out of reach",
)  # fmt: skip
_SLACK_KEYS = ("loop-slack-bass", "loop-slack-treble")
# Thinner leaves than this no set has.
THINNEST_LEAF_MM = 0.03


class TracePoint(Struct, frozen=True):
    """Relief at one position of the rod, with its doubt, and what was promised for it, in mm; by
    side with twin rods.
    """

    moved: Saying
    mm: float
    doubt_mm: float
    promised_mm: float | None = None
    promised_doubt_mm: float | None = None
    sides_mm: tuple[float, float] | None = None


class RodLoop:
    """The loop of one neck at the keypad."""

    def __init__(
        self,
        session: Session,
        unit_of: Callable[[str], Unit],
        kit: Kit,
        remember: Callable[[str, Unit], None],
    ) -> None:
        self.session = session
        self.pad = Keypad(session, "rod", unit_of, kit, remember)
        self.feel = 0
        self.other: float | None = None  # turns the hand made instead of the advised ones
        self.slack = False  # relief is read with the strings off
        self._passed = -1  # the number of moves after which readings were passed over
        self.message: Saying = ""

    # --- where we are -----------------------------------------------------

    def phase(self, solved: Solved | None) -> Phase:
        """What comes next."""
        neck_state = self.session.neck_state
        if self.due() and self._passed != len(neck_state.rod_moves):
            strung = neck_state.state.strings == "pitch"
            if strung or self.strings_off(solved):
                return "read"
            return "tune"
        if solved is None or solved.plan is None or solved.identity != self.session.identity:
            return "wait"
        if solved.plan.stops:
            return "stop"
        if solved.plan.rod is not None:
            return "turn"
        return "rest"

    def back(self, solved: Solved | None) -> tuple[tuple[Side | None, float], ...]:
        """The moves that take back what the relief answered the other way; none otherwise."""
        neck_state = self.session.neck_state
        answer = went_other_way(neck_state)
        if answer is None or self.phase(solved) != "stop":
            return ()
        side = dict(neck_state.rod_moves)[answer.last_move].side
        if neck_state.neck.rod == "twin" and side is None:
            return tuple((side, -answer.turns) for side in SIDES)
        return ((side, -answer.turns),)

    def due(self) -> tuple[Lane, ...]:
        """Sides on which the relief was not read since the rod was last moved."""
        neck_state = self.session.neck_state
        since = max((number for number, _ in neck_state.rod_moves), default=0)
        read = {
            taken.reading.lane
            for taken in neck_state.taken
            if isinstance(taken.reading, StringGap)
            and taken.number > since
            and (taken.reading.state.strings == "pitch" or taken.reading.station in _SLACK_KEYS)
            and taken.reading.low_support != 0
        }
        return tuple(side for side in SIDES if side not in read)

    def strings_off(self, solved: Solved | None) -> bool:
        """Whether the rod is set with the strings off, as the hand has chosen."""
        slack = self.session.neck_state.state.strings == "slack"
        return self.slack and slack and self.slack_tells(solved)

    def slack_tells(self, solved: Solved | None) -> bool:
        """Whether a leaf under an edge on the slack neck can show what is wanted strung up: the
        pull was read, and on both sides there is room for a leaf.
        """
        if solved is None:
            return False
        from nuvrek.estimate.string_pull import both_read

        if not both_read(solved.map):
            return False
        leaves = [self._slack_leaf_mm(solved, lane) for lane in SIDES]
        return min(leaves) > 2.0 * THINNEST_LEAF_MM

    def _slack_leaf_mm(self, solved: Solved, lane: Lane) -> float:
        supports = self.pad.kit.relief_supports(solved.map.neck)
        fret = self.pad.kit.relief_over or middle_fret(solved.map.neck)
        return wanted_leaf_mm(solved, lane, fret, supports, "slack")

    def ask_due(self, solved: Solved | None) -> None:
        """Have the keypad ask for the next reading that is due."""
        due = self.due()
        if due and not (self.pad.asked and self.pad.station and self.pad.station.lane == due[0]):
            self.pad.ask(self.station(due[0], solved))

    def station(self, lane: Lane, solved: Solved | None) -> Station:
        """Does the leaf go that on this neck means the wanted relief?"""
        neck = self.session.neck_state.neck
        supports = self.pad.kit.relief_supports(neck)
        fret = self.pad.kit.relief_over or middle_fret(neck)
        wanted = neck.relief_wanted_mm(lane)
        if solved is not None and self.strings_off(solved):
            # With the strings off the leaf of the wanted relief lies under the edge.
            return Station(
                f"loop-slack-{lane}",
                "string-gap",
                lane,
                fret=fret,
                supports=supports,
                by="edge",
                state=self.session.neck_state.state,
                wanted_mm=round(self._slack_leaf_mm(solved, lane), 2),
            )
        if solved is not None:
            wanted = wanted_leaf_mm(solved, lane, fret, supports)
        return Station(
            f"loop-{lane}",
            "string-gap",
            lane,
            fret,
            supports,
            wanted_mm=max(round(wanted, 2), THINNEST_LEAF_MM),
        )

    # --- keys -------------------------------------------------------------

    def press(self, key: str, solved: Solved | None) -> bool:
        """Do what a key means in this phase; False when the loop has no use for it."""
        self.message = ""
        match self.phase(solved):
            case "tune":
                return self._tune(key, solved)
            case "read":
                return self._read(key)
            case "turn":
                if solved is not None and solved.plan is not None:
                    plan = solved.plan.rod
                else:
                    plan = None
                return plan is not None and self._turn(key, plan)
            case _:
                return False

    def _tune(self, key: str, solved: Solved | None) -> bool:
        if key == "0" and self.slack_tells(solved):
            self.slack = True
            return True
        if key != "enter":
            return False
        state = structs.replace(self.session.neck_state.state, strings="pitch")
        self.session.append(StateChange(state=state))
        return True

    def _read(self, key: str) -> bool:
        pad = self.pad
        if key == "back" and not (pad.text or pad.slides or pad.asking):
            return False
        if key == "enter" and not (pad.text or pad.slides or pad.asking):
            self._passed = len(self.session.neck_state.rod_moves)
            self.message = means("work.passed-over-advice-goes-what")
            return True
        pad.press(key)
        self.message = pad.message
        return True

    def _turn(self, key: str, plan: RodPlan) -> bool:
        if key == "enter":
            self._log(plan)
        elif key == "*":
            self.feel = (self.feel + 1) % len(FEELS)
        elif key in ("left", "right"):
            if self.other is not None:
                now = self.other
            else:
                now = plan.turns
            step = STEP_TURNS if key == "right" else -STEP_TURNS
            self.other = max(-MOST_LOGGED_TURNS, min(MOST_LOGGED_TURNS, now + step))
        elif key == "/":
            self._write((RodMove(turns=0.0, rough=True, feel=self._felt()),))
        else:
            return False
        return True

    def _felt(self) -> Feel | Literal[""]:
        return FEELS[self.feel]

    def _log(self, plan: RodPlan) -> None:
        """Write the move down with what was promised for it."""
        as_said = self.other is None or self.other == plan.turns
        share = 1.0
        if self.other is not None:
            share = self.other / plan.turns
        mm = round(plan.after_move_mm, 4) if as_said else None
        doubt = None
        if as_said:
            doubt = round(plan.after_move_doubt_mm, 4)
        moves: tuple[RodMove | StateChange, ...] = tuple(
            RodMove(
                turns=turns * share,
                side=side,
                feel=self._felt(),
                promised_mm=mm,
                promised_doubt_mm=doubt,
            )
            for side, turns in plan.moves
            if turns * share
        )
        state = self.session.neck_state.state
        if plan.slacken_first and state.strings == "pitch" and moves:
            moves = (StateChange(state=structs.replace(state, strings="slack")), *moves)
        self._write(moves)

    def _write(self, moves: tuple[RodMove | StateChange, ...]) -> None:
        if moves:
            self.session.append(*moves)
        self.feel, self.other = 0, None

    def log(self, turns: float, feel: Feel | Literal[""] = "", side: Side | None = None) -> None:
        """Write down a move that was made, whatever was advised. Raises LogbookError."""
        self._write((RodMove(turns=turns, feel=feel, side=side),))


def wanted_leaf_mm(
    solved: Solved, lane: Lane, fret: int, supports: tuple[int, int], strings: Strings = "pitch"
) -> float:
    """The leaf that just goes under the string, or slack under the edge, when the relief strung up
    is as wanted: crowns under string and leaf count in, slack the pull as well.
    """
    from nuvrek.estimate.measurer import Measurer

    measurer, k = Measurer(solved.map), LANES.index(lane)
    measured = measurer.of("tops", measurer.chord(*supports, fret, k), strings)
    relief = solved.map.relief_at(lane, "pitch")
    return measured.mm - (relief.mm - solved.map.neck.relief_wanted_mm(lane))


def trace(solved: Solved) -> tuple[TracePoint, ...]:
    """Relief at pitch, mean of both sides, before and after each move, as all readings together
    tell it.
    """
    from nuvrek.planning.rod.relief import relief_over_moves
    from nuvrek.readings.words import move_words

    neck_state: NeckState = solved.map.neck_state
    twin = neck_state.neck.rod == "twin"
    low, high = (relief_over_moves(solved.map, (side,)) for side in SIDES)
    points = []
    for n, (mm, doubt) in enumerate(relief_over_moves(solved.map, SIDES)):
        shift = neck_state.shifts[n - 1][1] if n else None
        sides = (low[n][0], high[n][0]) if twin else None
        if isinstance(shift, RodMove):
            promised = shift.promised_mm, shift.promised_doubt_mm
            if shift.side:
                which: Saying = means(
                    "work.move-lane", move=move_words(shift), lane=LANE_WORDS[shift.side]
                )
            else:
                which = move_words(shift)
            points.append(TracePoint(which, mm, doubt, *promised, sides))
        else:
            points.append(TracePoint(_shift_words(shift), mm, doubt, sides_mm=sides))
    return tuple(points)


def _shift_words(shift: Shift | None) -> Saying:
    match shift:
        case Heated():
            return means("work.heat")
        case Later(day=day):
            return day[:7]
        case Trued():
            return means("work.wood-off")
        case FretWork(stage="pull"):
            return means("work.frets-out")
        case FretWork():
            return means("work.new-wire")
        case _:
            return means("work.found")
