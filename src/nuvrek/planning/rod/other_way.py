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
    relief = relief_over_moves(neck_map, ("bass", "treble"))
    (before, doubt_before), (after, doubt_after) = relief[first], relief[-1]
    sd = hypot(doubt_before, doubt_after) / NINE_IN_TEN
    answer = Answer(turned, before, after, moves[-1][0])
    if answer.other_way and abs(after - before) >= max(SURE_SDS * sd, ANSWERED_MM):
        return answer
    return None
