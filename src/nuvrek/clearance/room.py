"""Room of the swinging string over every fret ahead of every note.

Fretted at n, the string lies on the crown of n and runs straight to the saddle. Room at a fret
ahead is that line, less the swing there, less the top. All is linear in tops, saddle and touch, so
what doesn't change is worked out once.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import cached_property, lru_cache

import numpy as np
from numpy.typing import NDArray

from nuvrek.clearance.swing import displacement_mm, overshoot, swing_share
from nuvrek.neck.touch import PLUCKED_SHARE, TOUCH_UNIT

Array = NDArray[np.float64]


@dataclass(frozen=True)
class Strung:
    """Strings over a neck. Heights in mm count upwards from any common line; bass side first.

    ``x_mm``: places of nut and frets (frets + 1,); ``tops_mm``: the nut slot's bottom and the fret
    tops under each string (strings, frets + 1); ``saddle_mm`` and ``tension_n``: (strings,);
    ``stiff_mm``, the length within which stiffness bends them instead of tension: (strings,).
    """

    scale_mm: float
    x_mm: Array
    tops_mm: Array
    saddle_mm: Array
    tension_n: Array
    stiff_mm: Array | float = 0.0

    @cached_property
    def lean(self) -> Array:
        """How much of the saddle's height a fret ahead of a note sees, (notes, frets): ``(x_m -
        x_n) / (L - x_n)``.
        """
        x = self.x_mm
        return np.asarray((x[None, :] - x[:, None]) / (self.scale_mm - x[:, None]))

    @cached_property
    def ahead(self) -> NDArray[np.bool_]:
        """Which frets lie ahead of which note, (notes, frets); an open string has the nut behind
        it.
        """
        n = len(self.x_mm)
        return np.triu(np.ones((n, n), dtype=bool), 1)

    @cached_property
    def still_mm(self) -> Array:
        """Room under a string that does not swing, (strings, notes, frets); infinite where no
        fret is ahead.
        """
        tops, lean = self.tops_mm, self.lean
        line = tops[:, :, None] * (1.0 - lean) + self.saddle_mm[:, None, None] * lean
        return np.where(self.ahead, line - tops[:, None, :], np.inf)

    @cached_property
    def swing_mm_per_touch(self) -> Array:
        """Swing over each fret for a touch of a thousandth of the tension: (strings, notes,
        frets).
        """
        stiff = np.broadcast_to(np.asarray(self.stiff_mm, dtype=np.float64), self.tension_n.shape)
        return _swings(
            self.scale_mm, self.x_mm.tobytes(), self.tension_n.tobytes(), stiff.tobytes()
        )

    def rooms_mm(self, touch: float) -> Array:
        """Room of every note over every fret ahead, (strings, notes, frets)."""
        return np.asarray(self.still_mm - touch * self.swing_mm_per_touch)

    def note_rooms(self, touch: float) -> tuple[Array, NDArray[np.intp]]:
        """Least room of every note and the fret it touches first, (strings, notes) each; the
        last fret has none ahead.
        """
        rooms = self.rooms_mm(touch)
        return rooms.min(axis=2), rooms.argmin(axis=2)

    def lowest_saddle_mm(self, touch: float) -> Array:
        """The lowest saddle at which every note rings clean, (strings,): room is linear in it."""
        tops, lean = self.tops_mm, self.lean
        with np.errstate(divide="ignore", invalid="ignore"):
            needed = (
                tops[:, None, :] + touch * self.swing_mm_per_touch - tops[:, :, None] * (1.0 - lean)
            ) / lean
        # The open string clears the first frets by its nut, not by the saddle: fretted notes
        # decide.
        return np.asarray(np.where(self.ahead, needed, -np.inf)[:, 1:].max(axis=(1, 2)))

    def height_mm(self, saddle_mm: Array, fret: int = 12) -> Array:
        """Height of the open strings over a fret for given saddles, (strings,)."""
        share = self.x_mm[fret] / self.scale_mm
        line = self.tops_mm[:, 0] * (1.0 - share) + saddle_mm * share
        return np.asarray(line - self.tops_mm[:, fret])

    def saddle_for_mm(self, height_mm: Array, fret: int = 12) -> Array:
        """The saddles at which the open strings stand so high over a fret, (strings,)."""
        share = self.x_mm[fret] / self.scale_mm
        line = self.tops_mm[:, fret] + height_mm
        return np.asarray((line - self.tops_mm[:, 0] * (1.0 - share)) / share)

    def lowest_clean_mm(self, touch: float, fret: int = 12) -> Array:
        """Lowest height over a fret at which every fretted note rings clean, (strings,)."""
        return self.height_mm(self.lowest_saddle_mm(touch), fret)

    def with_height(self, height_mm: Array, fret: int = 12) -> Strung:
        """The same neck with the strings so high over a fret."""
        return Strung(
            self.scale_mm,
            self.x_mm,
            self.tops_mm,
            saddle_mm=self.saddle_for_mm(height_mm, fret),
            tension_n=self.tension_n,
            stiff_mm=self.stiff_mm,
        )

    def with_tops(self, tops_mm: Array, fret: int = 12) -> Strung:
        """Other tops (after filing, or another relief) under strings of the same height over
        ``fret``.
        """
        moved = replace(self, tops_mm=tops_mm)
        return moved.with_height(self.height_mm(self.saddle_mm, fret), fret)


@lru_cache(maxsize=16)
def _swings(scale_mm: float, places: bytes, tensions: bytes, stiffs: bytes) -> Array:
    """``Strung.swing_mm_per_touch`` of arrays as bytes: the same for all tops under the strings."""
    x_mm, tension_n, stiff_mm = (np.frombuffer(one) for one in (places, tensions, stiffs))
    ahead = np.triu(np.ones((len(x_mm), len(x_mm)), dtype=bool), 1)
    length = scale_mm - x_mm[:, None]
    plucked = np.minimum(PLUCKED_SHARE * scale_mm, 0.5 * length)
    share = swing_share(np.where(ahead, scale_mm - x_mm[None, :], 0.0), length, plucked)
    tension = tension_n[:, None, None]
    aside = displacement_mm(TOUCH_UNIT * tension, tension, length, plucked)
    apart = x_mm[None, :] - x_mm[:, None]
    further = overshoot(stiff_mm[:, None, None], np.where(ahead, apart, np.inf))
    swings = np.where(ahead, aside * share * further, 0.0)
    swings.flags.writeable = False
    return swings
