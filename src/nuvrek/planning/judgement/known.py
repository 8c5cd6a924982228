"""What is known of a neck before it is judged, in sentences."""

from __future__ import annotations

from nuvrek.estimate.findings.relief import BACK_BOW_MM
from nuvrek.language import tr
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case
from nuvrek.planning.rod.relief import wanted_relief


def what_is_known(case: Case) -> list[str]:
    """The relief, readings that could not be used, and crowns nobody measured."""
    reasons = []
    if case.neck_map.left_out:
        count = len(case.neck_map.left_out)
        what = tr("reading names frets") if count == 1 else tr("readings name frets")
        reasons.append(
            tr(
                "{count} {what} this neck, as described, doesn't have: kept, but not used.",
                count=count,
                what=what,
            )
        )
    reasons.append(_relief_words(case))
    if not case.neck_map.crown_measured:
        reasons.append(
            tr("No crown height was measured: metal left is counted from the wire as described.")
        )
    return reasons


def _relief_words(case: Case) -> str:
    relief = case.relief
    if case.neck.bare:
        return tr("A bare neck: its relief is open until it is strung.")
    if relief is None:
        return tr("Relief at pitch is not known yet.")
    excess, wanted = case.excess_mm, wanted_relief(case.neck_map)
    sure = wanted is not None and wanted.off
    if relief.mm < BACK_BOW_MM and sure:
        state = tr("back bow")
    elif excess is None:
        state = tr("as wanted")
    else:
        state = tr("more than wanted") if excess > 0.0 else tr("less than wanted")
        state = (
            state if sure else tr("perhaps {state}; no rod is turned for a perhaps", state=state)
        )
    where = tr("mean of both sides") if relief.lane == "middle" else LANE_WORDS[relief.lane]
    return tr(
        "Relief at pitch {length}, {where}, give or take {length_2}: {state}.",
        length=case.length(relief.mm),
        where=where,
        length_2=case.length(relief.doubt_mm),
        state=state,
    )
