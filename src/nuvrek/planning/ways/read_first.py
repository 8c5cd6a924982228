"""Reading on before anything is decided."""

from __future__ import annotations

from nuvrek import words
from nuvrek.language import tr
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft
from nuvrek.planning.case.weighing import Weighing
from nuvrek.readings.told.what_was_read import relief_blind


def read_first(weighing: Weighing) -> Draft | None:
    """The readings the judgement hangs on; None where they are there."""
    case = weighing.case
    asked = _asked(case)
    return Draft("read", tr("Read {listed}.", listed=words.listed(asked))) if asked else None


def _asked(case: Case) -> list[str]:
    found = []
    if case.relief is None:
        found.append(tr("the relief at pitch, on both sides"))
    neck_state = case.neck_map.neck_state
    if relief_blind(neck_state) or (case.relief is None and neck_state.taken):
        found.append(tr("how a long edge lies on the frets"))
    if len(case.unread_lanes) == len(LANES):
        found.append(tr("the rocker over all three lanes"))
    elif case.unread_lanes:
        lanes = words.listed(LANE_WORDS[LANES[k]] for k in case.unread_lanes)
        found.append(tr("the rocker on the {lanes}", lanes=lanes))
    if not case.neck_map.crown_measured and not case.tops_known:
        found.append(tr("a few crowns"))
    return found
