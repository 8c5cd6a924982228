"""The touch that explains best what was heard, and what it leaves without a reason."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

import numpy as np
from scipy.special import log_ndtr

from nuvrek import meaning
from nuvrek.clearance.strung_neck import OnNeck
from nuvrek.estimate.heightmap import NINE_IN_TEN
from nuvrek.meaning import Saying, means

# Touches that are tried, thousandths of the tension, and how far from nought room a note may
# already be heard, or not yet, mm (common practice, no source).
TOUCHES_TRIED = np.geomspace(1.0, 21.0, 40)
EAR_MM = 0.03
# One note in so many sounds for a reason that heights don't know.
OTHER_REASON = 0.03


@dataclass(frozen=True)
class Ear:
    """The fitted touch, how many of the notes that buzz it explains, and those that buzz
    without a reason.

    Notes are (string from 1 at the highest, fret).
    """

    touch: float
    buzzing: int
    unexplained: tuple[tuple[int, int], ...]

    @property
    def words(self) -> Saying:
        """One sentence or two."""
        told = self.buzzing - len(self.unexplained)
        sentence = means(
            "clearance.touch-thousandths-tension-explains-notes",
            touch=self.touch,
            detail=told,
            buzzing=self.buzzing,
        )
        if not self.unexplained:
            return sentence
        named = meaning.listed(
            (
                means(
                    "clearance.string",
                    string=string,
                    fret=means("clearance.fret", fret=fret) if fret else means("clearance.open"),
                )
                for string, fret in self.unexplained[:4]
            ),
            by=",",
        )
        return means("clearance.not-explained-heights-loose-fret", detail=sentence, named=named)


def listen(on: OnNeck, heard: Mapping[tuple[int, int], str]) -> Ear | None:
    """Fit the touch to what was heard; None while nothing buzzes or nothing was marked clean.

    Most likely touch over a grid: a note buzzes with ``Phi(-room / s)``, ``s`` from the map's doubt
    and the ear, or now and then for another reason.
    """
    count, notes = len(on.strung.saddle_mm), len(on.strung.x_mm) - 1
    places = [(count - string, fret, says != "clean") for (string, fret), says in heard.items()]
    places = [(s, n, buzz) for s, n, buzz in places if 0 <= s < count and 0 <= n < notes]
    if not any(buzz for _, _, buzz in places):
        return None
    s, n = np.array([p[0] for p in places]), np.array([p[1] for p in places])
    sign = np.where([p[2] for p in places], -1.0, 1.0)
    best, touch = -np.inf, float(TOUCHES_TRIED[0])
    for tried in TOUCHES_TRIED:
        rooms = on.rooms(float(tried))
        spread = np.hypot(rooms.doubt_mm[s, n] / NINE_IN_TEN, EAR_MM)
        fits = np.exp(log_ndtr(sign * rooms.room_mm[s, n] / spread))
        value = float(np.sum(np.log((1.0 - OTHER_REASON) * fits + 0.5 * OTHER_REASON)))
        if value > best:
            best, touch = value, float(tried)
    rooms = on.rooms(touch)
    spread = np.hypot(rooms.doubt_mm[s, n] / NINE_IN_TEN, EAR_MM)
    odd = (sign < 0) & (rooms.room_mm[s, n] > 2.0 * spread)
    unexplained = tuple((count - int(a), int(b)) for a, b in zip(s[odd], n[odd], strict=True))
    return Ear(touch, int((sign < 0).sum()), unexplained)
