"""Reading on before anything is decided."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.readings.told.complaint import complaint_of
from nuvrek.readings.told.contradictions import contradictions
from nuvrek.readings.told.what_was_read import heard_faults, relief_blind


def read_first(weighing: Weighing) -> Draft | None:
    """The readings the judgement hangs on; None where they are there."""
    case = weighing.case
    asked = _asked(case)
    if asked:
        return Draft("read", means("ways.read", listed=meaning.listed(asked)))
    neck_state = case.neck_map.neck_state
    if contradictions(neck_state) or any(stop.kind == "unseen" for stop in case.stops):
        return Draft("read", means("ways.read-once-more"))
    if complaint_of(neck_state).what or case.has("uneven-sides") or heard_faults(neck_state):
        return Draft("read", means("ways.read-one-test"))
    return None


def _asked(case: Case) -> list[Saying]:
    sayings: list[Saying] = []
    if case.relief is None:
        sayings.append(means("ways.relief-pitch-both-sides"))
    neck_state = case.neck_map.neck_state
    if relief_blind(neck_state) or (case.relief is None and neck_state.taken):
        sayings.append(means("ways.how-long-edge-lies-frets"))
    if len(case.unread_lanes) == len(LANES):
        sayings.append(means("ways.rocker-over-all-three-lanes"))
    elif case.unread_lanes:
        lanes = meaning.listed(LANE_WORDS[LANES[k]] for k in case.unread_lanes)
        sayings.append(means("ways.rocker", lanes=lanes))
    if not case.neck_map.crown_measured and not case.tops_known:
        sayings.append(means("ways.few-crowns"))
    return sayings
