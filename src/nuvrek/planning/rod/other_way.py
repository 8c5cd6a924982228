"""Whether the relief went the other way: by single readings, else by all of them together."""

from __future__ import annotations

from math import hypot

from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.planning.rod.relief import relief_over_moves
from nuvrek.readings.entries import RodMove
from nuvrek.readings.told.rod_answers import ANSWERED_MM, Answer, backwards, went_other_way

# So many standard deviations the map must have moved the wrong way before it is called so.
SURE_SDS = 2.0


def other_way(neck_map: HeightMap) -> Answer | None:
    """The last answer, where it went the other way and that is not learnt yet. Where no place was
    read both before and after, what the map makes of all readings says it: over the last turns one
    way.
    """
    found = went_other_way(neck_map.neck_state)
    if found is not None or backwards(neck_map.neck_state):
        return found
    told = _by_map(neck_map)
    if told is None:
        return None
    answer, sd = told
    sure = abs(answer.after_mm - answer.before_mm) >= SURE_SDS * sd
    return answer if answer.other_way and sure else None


def leans_other_way(neck_map: HeightMap) -> bool:
    """Whether the relief may have gone the other way, though nobody can be sure: then nobody says
    either that the rod does not answer.
    """
    told = _by_map(neck_map)
    if told is None or backwards(neck_map.neck_state):
        return False
    answer, _ = told
    return (answer.after_mm - answer.before_mm) * answer.turns > 0.5 * ANSWERED_MM * abs(
        answer.turns
    )


def _by_map(neck_map: HeightMap) -> tuple[Answer, float] | None:
    """What the map makes of the last turns one way, and the doubt of that (one standard deviation,
    mm); None where there were none or not both sides were read.
    """
    moves = neck_map.neck_state.shifts
    first = len(moves)
    turned = 0.0
    while first:
        move = moves[first - 1][1]
        if not isinstance(move, RodMove) or move.side is not None or move.turns * turned < 0.0:
            break
        turned += move.turns
        first -= 1
    if not turned or not neck_map.known[0] or not neck_map.known[2]:
        return None
    relief = relief_over_moves(neck_map, ("bass", "treble"), of_wood=True)
    (before, doubt_before), (after, doubt_after) = relief[first], relief[-1]
    sd = hypot(doubt_before, doubt_after) / NINE_IN_TEN
    return Answer(turned, before, after, moves[-1][0]), sd
