"""What nut and saddle must do after a way, in words with their figures."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.neck.description import LANE_WORDS
from nuvrek.planning.case.case import Case
from nuvrek.planning.forecast.follow import Follow
from nuvrek.readings.entries import SIDES

# Slots or feet that move alike to within this are said with one figure.
_ALIKE_MM = 0.02
# A side of the saddle is left alone for less than this.
_NO_MOVE_MM = 0.06


def follow_words(case: Case, follow: Follow) -> tuple[Saying, Saying]:
    """What the nut does, and what the saddle does; nothing where nothing follows."""
    return nut_words(case, follow), saddle_words(case, follow)


def nut_words(case: Case, follow: Follow) -> Saying:
    """How far the slots go down or up, low string to high string."""
    if follow.nut_unread is not None:
        key = "ways.nut-unread-higher" if follow.nut_unread > 0 else "ways.nut-unread-lower"
        return means(key, length=case.length(abs(follow.nut_unread)))
    if not follow.nut_mm:
        return ""
    low, high = follow.nut_mm[0], follow.nut_mm[-1]
    if max(low, high) <= 0.0:
        most = max(-min(follow.nut_mm), 0.0)
        return means("ways.nut-slots-up", length=case.length(most))
    if abs(low - high) <= _ALIKE_MM:
        return means("ways.nut-slots-deeper", length=case.length(0.5 * (low + high)))
    return means(
        "ways.nut-slots-deeper-from-to",
        low=case.length(max(low, 0.0)),
        high=case.length(max(high, 0.0)),
    )


def saddle_words(case: Case, follow: Follow) -> Saying:
    """How far each side of the saddle goes."""
    if follow.saddle_mm is None:
        return ""
    low, high = follow.saddle_mm
    if abs(low - high) <= _ALIKE_MM:
        key = "ways.saddle-down-even" if low + high > 0 else "ways.saddle-up-even"
        return means(key, length=case.length(abs(0.5 * (low + high))))
    moved = [
        means(
            "ways.saddle-side-down" if mm > 0 else "ways.saddle-side-up",
            lane_words=LANE_WORDS[side],
            length=case.length(abs(mm)),
        )
        for side, mm in zip(SIDES, (low, high), strict=True)
        if abs(mm) > _NO_MOVE_MM
    ]
    return means("ways.saddle-sides", sides=meaning.listed(moved, by=","))
