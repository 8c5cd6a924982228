"""What is known of a neck before it is judged, in sentences."""

from __future__ import annotations

from nuvrek.estimate.findings.relief import BACK_BOW_MM
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case
from nuvrek.planning.rod.relief import wanted_relief


def what_is_known(case: Case) -> list[Saying]:
    """The relief, readings that could not be used, and crowns nobody measured."""
    reasons: list[Saying] = []
    if case.neck_map.left_out:
        count = len(case.neck_map.left_out)
        reasons.append(
            means(
                "rules.neck-described-doesnt-have-kept-reading-names-frets"
                if count == 1
                else "rules.neck-described-doesnt-have-kept-readings-name-frets",
                count=count,
            )
        )
    reasons.append(_relief_words(case))
    if not case.neck_map.crown_measured:
        reasons.append(means("rules.no-crown-height-measured-metal"))
    return reasons


def _relief_words(case: Case) -> Saying:
    relief = case.relief
    if case.neck.bare:
        return means("rules.bare-neck-relief-open-until")
    if relief is None:
        return means("rules.relief-pitch-not-known-yet")
    excess, wanted = case.excess_mm, wanted_relief(case.neck_map)
    sure = wanted is not None and wanted.off
    if relief.mm < BACK_BOW_MM and sure:
        state = means("rules.back-bow")
    elif excess is None:
        state = means("rules.wanted")
    else:
        if excess > 0.0:
            state = means("rules.more-than-wanted")
        else:
            state = means("rules.less-than-wanted")
        if not sure:
            state = means("rules.perhaps-no-rod-turned-perhaps", state=state)
    where: Saying
    if relief.lane == "middle":
        where = means("rules.mean-both-sides")
    else:
        where = LANE_WORDS[relief.lane]
    return means(
        "rules.relief-pitch-give-or-take",
        length=case.length(relief.mm),
        where=where,
        doubt=case.length(relief.doubt_mm),
        state=state,
    )
