"""When to stop turning a rod, and what is left then."""

from __future__ import annotations

from itertools import accumulate
from typing import Literal

from msgspec import Struct
from scipy.special import ndtr

from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.meaning import Saying, means
from nuvrek.planning.rod.other_way import leans_other_way, other_way
from nuvrek.planning.rod.relief import WantedRelief, wanted_relief
from nuvrek.readings.entries import Dial, EdgeLie, RodFeel, RodMove, StringGap
from nuvrek.readings.told.observed import rod_feel, rod_kind_tried
from nuvrek.readings.told.rod_answers import answers, backwards
from nuvrek.readings.told.soundness import unsound
from nuvrek.readings.told.what_was_read import nut_trouble, relief_blind

# A rod that moves the relief less than this a turn does not answer; common practice, no source.
NO_ANSWER_MM_PER_TURN = 0.06
# After this many moves, and this much turning in all, it has had its chance.
MOVES_TRIED, TURNS_TRIED = 2, 0.4
# Under so little relief a string lies on the frets between its supports (common practice).
STRING_TELLS_MM = 0.03
# Leaves further apart than this hide what a quarter turn does (common practice, no source).
COARSE_MM = 0.1
# After so much turning one way the key and the nut are looked at.
WHOLE_TURN = 1.0
# How sure it must be that the neck stands in back bow, and how sure that the rod does not answer:
# there the next quarter turn costs more than another look at key and nut.
BOWED_BACK_SURE, NO_ANSWER_SURE = 0.85, 0.45
# So sure it must be once key and nut were looked at: what comes then costs more than a turn.
SPENT_SURE = 0.8

StopKind = Literal[
    "not-sound",
    "resists",
    "glued",
    "at-end",
    "key-slips",
    "out-of-reach",
    "other-way",
    "no-answer",
    "unanswered",
    "whole-turn",
    "nothing-left",
    "slack-back-bow",
    "twins-fight",
    "no-light",
    "unseen",
]


class RodStop(Struct, frozen=True):
    """A reason not to turn the rod any further, and what it leads to."""

    kind: StopKind
    words: Saying


_WORDS: dict[StopKind, Saying] = {
    "not-sound": means("rod.not-sound"),
    "resists": means("rod.rod-resists-not-forced-slacken"),
    "glued": means("rod.stiff-first-loosening-may-no"),
    "at-end": means("rod.rod-end-spacer-under-nut"),
    "key-slips": means("rod.key-slips-nut-chewed-which"),
    "out-of-reach": means("rod.nut-cant-reached-clear-hole"),
    "other-way": means("rod.relief-went-other-way-rod"),
    "whole-turn": means("rod.whole-turn-one-direction-pause"),
    "nothing-left": means("rod.turned-out-until-slack-there"),
    "no-answer": means("rod.moves-without-answer-rod-spent"),
    "slack-back-bow": means("rod.back-bow-slack-one-way"),
    "unanswered": means("rod.neck-not-followed-look-at-nut"),
    "twins-fight": means("rod.two-rods-pull-against-each"),
    "unseen": means("rod.no-leaf-fills"),
    "no-light": means("rod.there-no-gap-under-string"),
}
_BY_FEEL: dict[str, StopKind] = {"key slips": "key-slips", "out of reach": "out-of-reach"}


def rod_stops(neck_map: HeightMap) -> tuple[RodStop, ...]:
    """The stop rules that hold on this neck, gravest first."""
    if neck_map.neck.rod == "none":
        return ()
    found: list[StopKind] = []
    if unsound(neck_map.neck_state):
        found.append("not-sound")
    feel = rod_feel(neck_map.neck_state)
    # A nut that slips, binds or can't be reached stays so until it was mended, whatever was felt
    # since.
    trouble = nut_trouble(neck_map.neck_state)
    if trouble is not None and trouble[1] == "binding":
        found.append("glued" if _first_loosening(neck_map) else "resists")
    elif trouble is not None:
        found.append(_BY_FEEL[trouble[1]])
    if feel == "at its end":
        found.append("at-end")
    found += _by_answer(neck_map, feel)
    if _twins_fight(neck_map):
        found.append("twins-fight")
    blind = relief_blind(neck_map.neck_state) or _string_blind(neck_map)
    if not found and blind:
        found.append("no-light")
    if not found and _no_leaf_fills(neck_map):
        found.append("unseen")
    return tuple(RodStop(kind, _WORDS[kind]) for kind in found)


def _by_answer(neck_map: HeightMap, feel: str | None) -> list[StopKind]:
    """What the neck's answer to the moves so far says: at most one thing."""
    if _slack_back_bow(neck_map, feel):
        return ["slack-back-bow"]
    if _nothing_left(neck_map, feel):
        return ["nothing-left"]
    if other_way(neck_map) is not None:
        return ["other-way"]
    if _no_answer(neck_map):
        # Before a rod is called spent somebody has looked at key and nut, or felt how it turns.
        return ["no-answer" if _nut_looked(neck_map) else "unanswered"]
    if _whole_turn(neck_map):
        return ["whole-turn"]
    return []


def _moves(neck_map: HeightMap) -> list[tuple[int, RodMove]]:
    return [(number, move) for number, move in neck_map.neck_state.rod_moves if move.turns]


def _biting(neck_map: HeightMap) -> list[tuple[int, RodMove]]:
    """Moves that say something of the rod's strength: those that end slack say nothing."""
    found, slack = [], False
    for number, move in _moves(neck_map):
        slack = move.feel == "slack" or (slack and move.turns < 0.0 and not move.feel)
        if not slack:
            found.append((number, move))
    return found


def _whole_turn(neck_map: HeightMap) -> bool:
    """Whether the rod was turned about once round in one direction, and nobody has said how it
    feels since.
    """
    moves = _moves(neck_map)
    felt = max(
        (taken.number for taken in neck_map.neck_state.taken if isinstance(taken.reading, RodFeel)),
        default=0,
    )
    turned: dict[str | None, float] = {}
    for number, move in moves:
        if number > felt:
            before = turned.get(move.side, 0.0)
            on = before * move.turns >= 0.0
            turned[move.side] = before + move.turns if on else move.turns
    return max((abs(turns) for turns in turned.values()), default=0.0) >= WHOLE_TURN


def _nothing_left(neck_map: HeightMap, feel: str | None) -> bool:
    """Whether a one-way rod was let out until slack, and there is still less relief than wanted."""
    kind = rod_kind_tried(neck_map.neck_state) or neck_map.neck.rod
    wanted = wanted_relief(neck_map)
    if kind != "one-way" or feel != "slack" or wanted is None:
        return False
    return wanted.off and wanted.excess_mm < 0.0


def _first_loosening(neck_map: HeightMap) -> bool:
    """Whether it bound when it was loosened for the first time, before it was ever turned."""
    moves = _moves(neck_map)
    return len(moves) == 1 and moves[0][1].turns < 0.0


def _read_since(neck_map: HeightMap, number: int) -> bool:
    """Whether relief was read after entry ``number``."""
    taken = neck_map.neck_state.taken
    return any(
        isinstance(reading_taken.reading, StringGap | Dial) and reading_taken.number > number
        for reading_taken in taken
    )


def _no_answer(neck_map: HeightMap) -> bool:
    """Whether the rod was turned enough, and read after, to know that the neck does not follow
    it. A rod that answered works, whichever way it went: only moves since then count.
    """
    answered = max(
        (
            answer.last_move
            for answer in answers(neck_map.neck_state)
            if answer.other_way or answer.usual_way
        ),
        default=0,
    )
    # A nut that was looked at gives the rod another chance.
    looked = _nut_looked(neck_map)
    since, sure = max(answered, looked), SPENT_SURE if looked else NO_ANSWER_SURE
    moves = [move for move in _biting(neck_map) if move[0] > since]
    if len(moves) < MOVES_TRIED or sum(abs(move.turns) for _, move in moves) < TURNS_TRIED:
        return False
    # There and back within its play a rod that works moves nothing either.
    stood_at = accumulate(move.turns for _, move in moves)
    went = max(map(abs, stood_at))
    if answered and went < TURNS_TRIED:
        return False
    return (
        _read_since(neck_map, moves[-1][0])
        and not _string_blind(neck_map)
        and not _too_coarse(neck_map, moves[-1][0])
        and not leans_other_way(neck_map)
        and _answers_less(neck_map, NO_ANSWER_MM_PER_TURN) >= sure
    )


def _nut_looked(neck_map: HeightMap) -> int:
    """The last entry since the rod was first turned by which somebody looked at its nut, or felt it
    without turning on; 0 if none did.
    """
    neck_state, moves = neck_map.neck_state, _moves(neck_map)
    felt = [taken.number for taken in neck_state.taken if isinstance(taken.reading, RodFeel)]
    looked = [neck_state.nut_mended, *felt]
    return max((number for number in looked if moves and number > moves[0][0]), default=0)


def _string_blind(neck_map: HeightMap) -> bool:
    """Whether the neck is straight or bowed back by all that is known, and since the rod was last
    moved only strings were read: over a crest they show the same light whatever the rod did.
    """
    moves, wanted = _moves(neck_map), wanted_relief(neck_map)
    if not moves or wanted is None or wanted.relief.mm > STRING_TELLS_MM:
        return False
    since = [
        taken.reading
        for taken in neck_map.neck_state.taken
        if taken.number > moves[-1][0]
        and isinstance(taken.reading, StringGap | EdgeLie | Dial)
        and taken.reading.state.strings == "pitch"
    ]
    gaps = [reading for reading in since if isinstance(reading, StringGap)]
    return bool(gaps) and len(gaps) == len(since) and all(gap.by == "string" for gap in gaps)


def _no_leaf_fills(neck_map: HeightMap) -> bool:
    """Whether since the rod was last moved the thickest leaf slid in every gap: what the move did
    nobody has seen.
    """
    moves = _moves(neck_map)
    since = [
        taken.reading
        for taken in neck_map.neck_state.taken
        if moves and taken.number > moves[-1][0] and isinstance(taken.reading, StringGap | Dial)
    ]
    return bool(since) and all(
        isinstance(gap, StringGap)
        and gap.slides_mm is not None
        and gap.gap_mm is None
        and gap.drags_mm is None
        and gap.wont_go_mm is None
        for gap in since
    )


def _too_coarse(neck_map: HeightMap, number: int) -> bool:
    """Whether all that was read of the relief after entry ``number`` lies between leaves so far
    apart that the neck could have moved between them unseen.
    """
    # Where the thickest leaf still slides the gap has no upper end at all.
    widths = [
        (gap.drags_mm or gap.wont_go_mm or float("inf")) - gap.slides_mm
        for taken in neck_map.neck_state.taken
        if taken.number > number
        and isinstance(gap := taken.reading, StringGap)
        and gap.gap_mm is None
        and gap.slides_mm is not None
    ]
    figures = any(
        taken.number > number
        and (isinstance(taken.reading, Dial) or getattr(taken.reading, "gap_mm", None) is not None)
        for taken in neck_map.neck_state.taken
    )
    return bool(widths) and not figures and min(widths) > COARSE_MM


def _answers_less(neck_map: HeightMap, mm_per_turn: float) -> float:
    """How sure it is that the rod moves the relief less than this a turn, either way round."""
    sd = neck_map.rod_doubt_mm_per_turn / NINE_IN_TEN
    sign = -1.0 if backwards(neck_map.neck_state) else 1.0
    return float(ndtr((mm_per_turn - sign * neck_map.rod_mm_per_turn) / max(sd, 1e-6)))


def _slack_back_bow(neck_map: HeightMap, feel: str | None) -> bool:
    """Back bow, and a one-way rod that is slack: felt, or shown by loosening that changed
    nothing.
    """
    if (rod_kind_tried(neck_map.neck_state) or neck_map.neck.rod) != "one-way":
        return False
    wanted = wanted_relief(neck_map)
    if wanted is None or _bowed_back(wanted) < BOWED_BACK_SURE:
        return False
    if feel == "slack":
        return True
    loosened = [number for number, move in _moves(neck_map) if move.turns < 0.0]
    turned = sum(abs(move.turns) for _, move in _moves(neck_map) if move.turns < 0.0)
    if not loosened or turned < TURNS_TRIED or not _read_since(neck_map, loosened[-1]):
        return False
    return _answers_less(neck_map, NO_ANSWER_MM_PER_TURN) >= NO_ANSWER_SURE


def _bowed_back(wanted: WantedRelief) -> float:
    """How sure it is that the neck stands up in the middle."""
    return float(ndtr(-wanted.relief.mm / max(wanted.relief.doubt_mm / NINE_IN_TEN, 1e-6)))


def _twins_fight(neck_map: HeightMap) -> bool:
    """Whether twin rods were turned against each other without the sides parting as they should."""
    moves = neck_map.neck_state.rod_moves
    by_side = dict.fromkeys(("bass", "treble"), 0.0)
    for _, move in moves:
        if move.side is not None:
            by_side[move.side] += move.turns
    against = by_side["bass"] * by_side["treble"] < 0.0
    enough = min(abs(turns) for turns in by_side.values()) >= TURNS_TRIED / 2.0
    if (
        neck_map.neck.rod != "twin"
        or not against
        or not enough
        or not _read_since(neck_map, moves[-1][0])
    ):
        return False
    return _answers_less(neck_map, NO_ANSWER_MM_PER_TURN) >= NO_ANSWER_SURE
