"""What if: another set of strings, another tuning, a capo. Tension, pull, relief, room, the lowest
clean action and what fretting costs in pitch, beside today's, before anything is bought.
"""

from __future__ import annotations

from dataclasses import replace
from typing import TYPE_CHECKING

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray

from nuvrek.clearance.even_relief import sharp_cents
from nuvrek.clearance.room import Strung
from nuvrek.estimate.string_pull import forecast_set, forecast_tuned
from nuvrek.mechanics.beam import bend_profile
from nuvrek.mechanics.strings import retuned, set_tension_n, stiff_mm, tension_n, tension_ratio
from nuvrek.neck.strings import StringSet
from nuvrek.planning.forecast.other_strings import OtherStrings
from nuvrek.planning.forecast.strings_after import per_relief_mm

if TYPE_CHECKING:
    from nuvrek.clearance.strung_neck import OnNeck
    from nuvrek.estimate.measurer import Measurer

Array = NDArray[np.float64]

# Cents that a string's length is worth at fret 12, for each share of its scale the saddle goes
# back: 1200 / ln 2, once for the open string and twice for the fretted one.
_CENTS_PER_SHARE = 1200.0 / float(np.log(2.0))


class Strings(Struct, frozen=True):
    """Strings over a neck, low string first: tension of each in N (None where no gauges are
    listed) and of all, pull as a share of today's, relief with its doubt, notes that buzz, lowest
    clean height of each over the fret heights are spoken of at, and cents sharp at the first fret
    and at fret 12, with how far the saddle would go back for the latter. Lengths in mm.
    """

    tensions_n: tuple[float, ...] | None
    total_n: float
    pull: float
    relief_mm: float | None
    relief_doubt_mm: float
    action_mm: tuple[float, ...]
    buzzing: int
    lowest_mm: tuple[float, ...]
    cents_1: tuple[float, ...] | None
    cents_12: tuple[float, ...] | None
    back_mm: tuple[float, ...] | None


def strings_today(on: OnNeck, measurer: Measurer, touch: float) -> Strings:
    """The strings that are on."""
    told = forecast_tuned(measurer, 0.0)
    asked = _Asked(on.neck.string_set, 1.0, told.mm, told.doubt_mm, capo=0)
    return _told(on, on.strung, touch, asked)


def strings_if(
    on: OnNeck, measurer: Measurer, other: OtherStrings, touch: float
) -> tuple[Strings, Strung]:
    """The other strings, and how they run over the neck: nut and saddle stay as they are."""
    neck = on.neck
    then = retuned(other.string_set or neck.string_set, other.semitones)
    if neck.string_set:
        told = forecast_set(measurer, then)
        newtons = np.array([tension_n(spec, neck.scale_mm)[0] for spec in then])
        stiff: Array | float = np.array([stiff_mm(spec, neck.scale_mm) for spec in then])
    else:
        told = forecast_tuned(measurer, other.semitones)
        newtons = on.strung.tension_n * tension_ratio(other.semitones)
        stiff = on.strung.stiff_mm
    less = told.now_mm - told.mm
    strung = _under_pull(on, less)
    strung = replace(strung, tension_n=newtons, stiff_mm=stiff)
    asked = _Asked(then, told.ratio, told.mm, told.doubt_mm, capo=other.capo)
    return _told(on, strung, touch, asked), strung


class _Asked(Struct, frozen=True):
    string_set: StringSet
    pull: float
    relief_mm: float | None
    relief_doubt_mm: float
    capo: int


def _under_pull(on: OnNeck, less_mm: float) -> Strung:
    """The neck with so much relief gone from it, nut and saddle where they stand."""
    tops = on.strung.tops_mm + less_mm * bend_profile(on.neck)
    lower = less_mm * per_relief_mm(on.neck)[1]
    moved = replace(on.strung, tops_mm=tops)
    return moved.with_height(on.heights_mm - lower, on.fret_12)


def _told(on: OnNeck, strung: Strung, touch: float, asked: _Asked) -> Strings:
    rooms = on.rooms(touch, strung)
    played = slice(asked.capo, None)
    cents_1 = cents_12 = back = None
    if asked.string_set:
        sharp = cents(strung, asked.string_set)
        # With a capo on, the strings are tuned as they lie under it.
        sharp = sharp - sharp[:, [asked.capo]]
        cents_1 = _tuple(sharp[:, asked.capo + 1])
        if not asked.capo and strung.x_mm.shape[0] > 12:
            at_12 = sharp[:, 12] + stiffness_cents(strung)
            cents_12 = _tuple(at_12)
            back = _tuple(at_12 * on.neck.scale_mm / _CENTS_PER_SHARE)
    return Strings(
        tensions_n=_tuple(strung.tension_n) if asked.string_set else None,
        total_n=set_tension_n(asked.string_set, on.neck.scale_mm)[0],
        pull=asked.pull,
        relief_mm=asked.relief_mm,
        relief_doubt_mm=asked.relief_doubt_mm,
        action_mm=_tuple(strung.height_mm(strung.saddle_mm, on.fret_12)),
        buzzing=int((rooms.buzz[:, played] >= 0.8).sum()),
        lowest_mm=_tuple(_lowest(strung, touch, on.fret_12, asked.capo)),
        cents_1=cents_1,
        cents_12=cents_12,
        back_mm=back,
    )


def _lowest(strung: Strung, touch: float, fret: int, capo: int) -> Array:
    """Lowest height at which every note from the capo on rings clean."""
    if not capo:
        return strung.lowest_clean_mm(touch, fret)
    tops, lean = strung.tops_mm, strung.lean
    with np.errstate(divide="ignore", invalid="ignore"):
        needed = (
            tops[:, None, :] + touch * strung.swing_mm_per_touch - tops[:, :, None] * (1.0 - lean)
        ) / lean
    needed = np.where(strung.ahead, needed, -np.inf)[:, capo:].max(axis=(1, 2))
    return strung.height_mm(np.asarray(needed), fret)


def cents(strung: Strung, string_set: StringSet) -> Array:
    """How many cents each note goes sharp by being fretted, (strings, notes)."""
    gauge = np.array([spec.gauge_mm for spec in string_set])
    wound = np.array([spec.wound for spec in string_set])
    return sharp_cents(strung, gauge, wound)


def stiffness_cents(strung: Strung) -> Array:
    """How many cents the fretted octave goes sharp by the string's stiffness, (strings,): its
    inharmonicity goes with one over its length squared, ``f = f0 sqrt(1 + B)`` (Fletcher and
    Rossing, chapter 2).
    """
    stiff = np.broadcast_to(np.asarray(strung.stiff_mm), strung.tension_n.shape)
    b = (stiff / strung.scale_mm) ** 2
    return np.asarray(600.0 * np.log2((1.0 + 4.0 * b) / (1.0 + b)))


def _tuple(values: Array) -> tuple[float, ...]:
    return tuple(float(value) for value in values)
