"""Where things lie on the neck sheet: mm on the neck to shares of the drawing."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.neck.board import LANE_INSET, end_mm, width_mm
from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import places_mm

_BEFORE_NUT_MM = 6.0


class SheetGeometry(Struct, frozen=True):
    """Maps a neck onto a drawing ``width`` wide and a board strip ``height`` high (any unit, y
    down).

    The drawing lies as the neck lies on the bench, face up: a right-handed neck with its nut to the
    left has its bass side nearest to the technician, that is below.
    """

    neck: NeckDescription
    left: float
    width: float
    top: float
    height: float

    def x(self, x_mm: float) -> float:
        """Horizontal place of a distance from the nut."""
        share = (x_mm + _BEFORE_NUT_MM) / (end_mm(self.neck) + _BEFORE_NUT_MM)
        if self.neck.nut_on_right:
            share = 1.0 - share
        return self.left + share * self.width

    def fret_x(self, fret: int) -> float:
        """Horizontal place of a fret (0 is the nut)."""
        return self.x(places_mm(self.neck)[fret])

    @property
    def frets_x(self) -> list[float]:
        """Places of frets 1.. along the drawing."""
        return [self.x(x) for x in places_mm(self.neck)[1:]]

    def half_width(self, x_mm: float) -> float:
        """Half the board's drawn width at ``x_mm``; the widest end fills the strip."""
        widest = max(self.neck.nut_width_mm, self.neck.end_width_mm)
        return 0.5 * self.height * width_mm(self.neck, x_mm) / widest

    @property
    def middle(self) -> float:
        """Vertical place of the centre line."""
        return self.top + 0.5 * self.height

    @property
    def low_above(self) -> bool:
        """Whether the bass side is drawn above."""
        return self.neck.left_handed != self.neck.nut_on_right

    def across(self, share: float, x_mm: float) -> float:
        """Vertical place: share -1 at the low edge, +1 at the high edge."""
        sign = 1.0 if self.low_above else -1.0
        return self.middle + sign * share * self.half_width(x_mm)

    def lane_y(self, lane: Lane, x_mm: float) -> float:
        """Vertical place of a lane."""
        inset = 1.0 - 2.0 * LANE_INSET
        return self.across((-inset, 0.0, inset)[LANES.index(lane)], x_mm)

    def fret_at(self, x: float) -> int:
        """The fret (from 1) nearest to a horizontal place."""
        places = self.frets_x
        return 1 + min(range(len(places)), key=lambda i: abs(places[i] - x))

    def lane_at(self, y: float) -> Lane:
        """The lane nearest to a vertical place."""
        third = (y - self.top) / max(self.height, 1.0)
        if third < 0.36:
            index = 0
        elif third < 0.64:
            index = 1
        else:
            index = 2
        return LANES[index if self.low_above else 2 - index]


def dot_frets(frets: int) -> list[tuple[int, int]]:
    """Frets with inlay dots and how many, as on most fretted instruments."""
    places = [3, 5, 7, 9, 12, 15, 17, 19, 21, 24, 27, 29, 31, 33, 36]
    return [(f, 2 if f % 12 == 0 else 1) for f in places if f <= frets]
