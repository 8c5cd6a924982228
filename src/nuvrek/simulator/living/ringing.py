"""Which notes ring clean: a stiff string is plucked and swings, mode by mode, over the tops.

``y(x, t) = sum b_n sin(n pi x / l) cos(w_n t) exp(-n t / tau)`` with the triangle's ``b_n`` and
``w_n = n w_1 sqrt(1 + B n^2)`` (Fletcher and Rossing, The Physics of Musical Instruments, chapter
2: plucked and stiff strings).
"""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.touch import PLUCKED_SHARE, TOUCH_UNIT, TOUCHES
from nuvrek.simulator.living.ends import EDGE_ROOM_MM, LEAST_ROOM_MM
from nuvrek.simulator.living.neck import LivingNeck

Array = NDArray[np.float64]

_MODES, _PERIODS, _STEPS = 48, 6, 48
# A string's stiffness as a length, sqrt(E I / T); how many periods a mode of number one lasts by
# e, more than it is looked at (common practice, no source).
_STIFF_MM, _LASTS = 1.8, 60.0
# Closer than this a string swings over a top without anyone hearing it touch.
BREATH_MM = 0.01
# Further into the string's way than this the note does not buzz but dies.
DEAD_MM = 0.10


@lru_cache(maxsize=8)
def swings(scale_mm: float, frets: int) -> Array:
    """How far a string fretted at each note swings down over each fret ahead, for a pluck of a
    thousandth of its tension: (frets + 1, frets + 1) by note and fret, mm.
    """
    x = scale_mm * (1.0 - 2.0 ** (-np.arange(frets + 1) / 12.0))
    out = np.zeros((frets + 1, frets + 1))
    n = np.arange(1, _MODES + 1)
    when = np.arange(_PERIODS * _STEPS) / _STEPS
    for note in range(frets):
        length = scale_mm - x[note]
        # Places count from the fret; the hand plucks near the saddle.
        plucked = length - min(PLUCKED_SHARE * scale_mm, 0.5 * length)
        aside = TOUCH_UNIT * plucked * (length - plucked) / length
        b = 2.0 * aside * length**2 / (n**2 * np.pi**2 * plucked * (length - plucked))
        b = b * np.sin(n * np.pi * plucked / length)
        stiff = (np.pi * _STIFF_MM / length) ** 2
        turns = n * np.sqrt((1.0 + stiff * n**2) / (1.0 + stiff))
        beat = np.cos(2 * np.pi * turns[:, None] * when) * np.exp(-n[:, None] * when / _LASTS)
        ahead = x[note + 1 :] - x[note]
        shape = np.sin(n[:, None] * np.pi * ahead / length)
        motion = (shape * b[:, None]).T @ beat
        out[note, note + 1 :] = np.abs(motion).max(axis=1)
    return out


def string_shares(strings: int) -> Array:
    """What each lane counts under each string, (strings, 3), the low one first.

    Heights run straight from lane to lane, the outer strings over the outer lanes.
    """
    if strings > 1:
        across = np.linspace(-1.0, 1.0, strings)
    else:
        across = np.zeros(1)
    low, high = np.maximum(-across, 0.0), np.maximum(across, 0.0)
    return np.stack([low, 1.0 - low - high, high], axis=1)


def rooms_mm(living: LivingNeck) -> Array:
    """Least room of every note, open ones too: (strings, frets), low string first. Minus is into
    a top. The last fret has nothing ahead.
    """
    share = string_shares(living.neck.strings)
    tops = share @ np.nan_to_num(living.under_strings_mm(), nan=-9.0).T
    edge = share @ np.nan_to_num(living.tops_mm(), nan=-9.0).T
    saddles = _saddles(living)
    x, scale = living.x_mm, living.neck.scale_mm
    lean = (x[None, :] - x[:, None]) / (scale - x[:, None])
    line = tops[:, :, None] * (1.0 - lean) + saddles[:, None, None] * lean
    # A slack string swings wider by what it lacks.
    touch = TOUCHES[living.neck.touch] / max(living.tension, 0.2)
    room = line - touch * swings(scale, living.neck.frets)[None] - edge[:, None, :]
    ahead = np.triu(np.ones((len(x), len(x)), dtype=bool), 1)
    return np.asarray(np.where(ahead, room, np.inf).min(axis=2)[:, :-1])


def slips(living: LivingNeck) -> NDArray[np.bool_]:
    """Which frets let an outer string slip off their rounded end: (frets + 1, 2)."""
    return np.asarray(EDGE_ROOM_MM - living.rounded_mm < LEAST_ROOM_MM)


def clean(living: LivingNeck) -> NDArray[np.bool_]:
    """Whether each note rings clean, (strings, frets), open ones first. A loose fret rattles; a
    deep groove and a flat top sing.
    """
    rings = rooms_mm(living) >= -BREATH_MM
    for fret in living.loose:
        if fret < rings.shape[1]:
            rings[:, fret] = False
    off = slips(living)
    rings[0, off[: rings.shape[1], 0]] = False
    rings[-1, off[: rings.shape[1], 1]] = False
    return rings


def first_touched(living: LivingNeck, string: int, note: int) -> int | None:
    """The fret that a note meets most; None where it rings clean."""
    share = string_shares(living.neck.strings)[string]
    tops, edge = living.under_strings_mm() @ share, living.tops_mm() @ share
    saddle = float(_saddles(living)[string])
    x, scale = living.x_mm, living.neck.scale_mm
    lean = (x[note + 1 :] - x[note]) / (scale - x[note])
    touch = TOUCHES[living.neck.touch] / max(living.tension, 0.2)
    swing = touch * swings(scale, living.neck.frets)[note, note + 1 :]
    room = tops[note] * (1.0 - lean) + saddle * lean - swing - edge[note + 1 :]
    if not room.size or room.min() >= -BREATH_MM:
        return None
    return note + 1 + int(room.argmin())


def _saddles(living: LivingNeck) -> Array:
    """The saddle under each string, the low one first: they stand in a straight line."""
    low, high = living.saddles_mm()
    return np.linspace(float(low), float(high), living.neck.strings)
