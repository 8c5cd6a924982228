"""The keypad of the practice bench: tools are picked by digit, moved by arrows, used by Enter."""

from __future__ import annotations

from nuvrek.bench.practice.table import Table
from nuvrek.bench.practice.tools import feeling, hands, reading
from nuvrek.bench.practice.tools.kept_of_hands import kept_of
from nuvrek.bench.practice.tools.tool import Place, Tool
from nuvrek.logbook.store import LogbookError
from nuvrek.meaning import Saying, means, sentences, told_by
from nuvrek.neck.description import NeckDescription
from nuvrek.practice.at_work.actions import AnyAction, Pluck
from nuvrek.practice.at_work.doing import Felt, NotNow
from nuvrek.practice.forms.form import Form
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.journal import NeckState

TOOLS: tuple[type[Tool], ...] = (
    feeling.LeafTool,
    feeling.EdgeTool,
    feeling.RockerTool,
    feeling.FingerTool,
    reading.CaliperTool,
    reading.RuleTool,
    reading.PluckTool,
    reading.SightTool,
    reading.KeyTool,
)
HANDS: tuple[type[Tool], ...] = (
    hands.StringsTool,
    hands.FileTool,
    hands.BlockTool,
    hands.PressTool,
    hands.GlueTool,
    hands.CrownTool,
    hands.EndsTool,
    hands.NutTool,
    hands.WireTool,
)
_MOST_SAID = 5


class BenchPad:
    """What lies in the hand, where it is, and what it felt. Qt-free."""

    def __init__(self, table: Table) -> None:
        self.table = table
        self._made: dict[str, Tool] = {}
        self.hands_out = False
        self.tool: Tool | None = None
        self.typed = ""
        self.message: Saying = ""
        self.felt: Felt | None = None
        self.done: AnyAction | None = None
        self.said: list[Saying] = []
        # The support that left and right move while it is being set: "low", "high" or "".
        self.setting = ""
        neck = self.neck
        self.place = Place(max(neck.joint_fret // 2, 2), "bass", 1, neck.joint_fret)

    @property
    def neck(self) -> NeckDescription:
        """The neck as it is described."""
        return self.table.desk.neck.neck

    @property
    def neck_state(self) -> NeckState:
        """What the journal knows."""
        assert self.table.session is not None
        return self.table.session.neck_state

    @property
    def form(self) -> Form | None:
        """The form that is practised, if one is."""
        if self.table.exercise is None:
            return None
        return self.table.exercise.form

    # --- picking up -------------------------------------------------------------------

    @property
    def choice(self) -> tuple[type[Tool], ...]:
        """The tools that digits pick now."""
        if self.hands_out:
            return HANDS
        return TOOLS

    def allowed(self, kind: type[Tool]) -> bool:
        """Whether the exercise lets one use it."""
        exercise = self.table.exercise
        if exercise is None:
            return True
        return exercise.allows(kind.name) or (kind in HANDS and exercise.allows("hand"))

    def pick(self, digit: int) -> None:
        """Take up a tool by its digit; 0 turns between tools and hands."""
        if digit == 0:
            self.hands_out, self.tool = not self.hands_out, None
            return
        kinds = self.choice
        if digit > len(kinds):
            return
        kind = kinds[digit - 1]
        if not self.allowed(kind):
            self.message = means("practice_bench.not-exercise", title=kind.title)
            return
        if kind.name not in self._made:
            self._made[kind.name] = kind(self)
        self.tool = self._made[kind.name]
        # What a tool's trap is would give the lesson away: it is said where advice speaks.
        trap = "" if self.table.silent else self.tool.trap
        self.message = sentences(self.tool.caution, trap)
        self.typed = self.setting = ""
        self.felt = None

    def put_down(self) -> None:
        """The tool back on the bench."""
        self.tool, self.typed, self.message, self.felt, self.setting = None, "", "", None, ""

    # --- keys -------------------------------------------------------------------------

    def press(self, key: str) -> None:
        """One key of the keypad."""
        self.message = ""
        if self.tool is None:
            if key.isdigit():
                self.pick(int(key))
            elif key in ("left", "right", "up", "down"):
                self._move(key)
            return
        if key.isdigit() or (key in ".," and self.typed):
            self.typed = (self.typed + key.replace(",", "."))[:6]
        elif key == ".":
            self._set_supports()
        elif key == "back":
            if self.typed:
                self.typed = self.typed[:-1]
            elif self.setting:
                self.setting = ""
            else:
                self.put_down()
        elif key in ("left", "right", "up", "down"):
            self._move(key)
        elif key == "enter":
            self._enter()
        elif key == "/" and "/" in self.tool.keys and not self.tool.press(key):
            self.write_down()
        elif key in ("+", "-", "*"):
            self.typed = ""
            self.tool.press(key)

    def _move(self, key: str) -> None:
        way = 1 if key in ("right", "down") else -1
        if self.setting and key in ("left", "right"):
            self._move_support(way)
        elif self.tool is not None:
            if key in ("left", "right"):
                self.tool.step(way)
            else:
                self.tool.turn(way)
        else:
            plain = Tool(self)
            (plain.step if key in ("left", "right") else plain.turn)(way)
        self.felt = self.felt if self.setting else None

    def _set_supports(self) -> None:
        """Which end the arrows move: the low one, the high one, none."""
        self.setting = {"": "low", "low": "high", "high": ""}[self.setting]
        if self.setting:
            self.message = means(
                "practice_bench.move-end-goes-lower"
                if self.setting == "low"
                else "practice_bench.move-end-goes-upper"
            )

    def _move_support(self, way: int) -> None:
        p, last = self.place, self.neck.frets
        if self.setting == "low":
            p.low = min(max(p.low + way, 0), p.high - 2)
        else:
            p.high = min(max(p.high + way, p.low + 2), last)
        p.fret = min(max(p.fret, max(p.low, 1)), p.high)

    def _enter(self) -> None:
        tool = self.tool
        assert tool is not None
        if self.typed:
            number, self.typed = _number(self.typed), ""
            if number is None or tool.typed(number):
                return
        action = tool.action()
        felt = None
        if action is not None:
            felt = self.carry_out(action)
        if action is not None and felt is not None:
            tool.felt(action, felt)

    # --- doing ------------------------------------------------------------------------

    def carry_out(self, action: AnyAction) -> Felt | None:
        """Do it; what was felt is said and, where hands did something, written down. None where it
        can't be done.
        """
        if over := self.table.over:
            self.message = means("practice_bench.reveal-shows-how-went", over=over)
            return None
        try:
            felt = self.table.do(action)
        except NotNow as error:
            self.message = told_by(error)
            self.felt = None
            return None
        self.felt, self.done, self.message = felt, action, felt.words
        if not isinstance(action, Pluck) or felt.key != "clean":
            self.said = [felt.words, *self.said][:_MOST_SAID]
        self.keep(*kept_of(action, felt, self.neck_state))
        return felt

    def write_down(self) -> None:
        """What was felt goes into the journal."""
        tool = self.tool
        entries = () if tool is None else tool.to_write()
        if not entries:
            self.message = means("practice_bench.nothing-felt-here-not-written")
            return
        if self.keep(*entries) and tool is not None:
            tool.wrote()
            self.message = means("practice_bench.written-down-what-felt", number=len(entries))

    def keep(self, *entries: AnyEntry) -> bool:
        """Write into the journal; a failure is said."""
        if not entries:
            return True
        assert self.table.session is not None
        try:
            self.table.session.append(*entries)
        except LogbookError as error:
            self.message = told_by(error)
            return False
        return True

    # --- showing ----------------------------------------------------------------------

    @property
    def prompt(self) -> Saying:
        """What the hand is about to do."""
        if self.tool is None:
            return means("practice_bench.pick-tool-digit")
        return self.tool.prompt

    @property
    def number(self) -> tuple[Saying, Saying]:
        """The large figure and its unit."""
        if self.tool is None:
            return "", ""
        return self.typed or self.tool.number, self.tool.unit


def _number(text: str) -> float | None:
    """What was typed as a number; None for a lone point, which is none yet."""
    try:
        return float(text)
    except ValueError:
        return None
