"""Strings: their pitch, mass and tension. SI units inside: kg, m, N, Hz; gauges in mm."""

from __future__ import annotations

import math
from collections.abc import Sequence

from msgspec import structs

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.strings import StringSpec, Wrap, note_name, semitones_from_a4

A4_HZ = 440.0  # ISO 16:1975
# Music wire, about 7.85 g/cm3 (ASTM A228).
STEEL_KG_PER_M3 = 7850.0
# A wound string is steel core and wrap with air between the turns: of a solid rod of its gauge this
# share, give or take that much (standard deviation), by its wrap; long sets are wound in several
# layers. Common practice, no source.
WOUND_SHARES: dict[Wrap, tuple[float, float]] = {
    "": (0.87, 0.05),
    "steel": (0.82, 0.03),
    "bronze": (0.91, 0.03),
}
LONG_WOUND_SHARE = (0.88, 0.04)
# From this scale on necks carry the heavy strings of a bass; tension of a string nobody listed, N.
# Common practice, no source.
LONG_SCALE_MM, USUAL_N, LONG_SCALE_N = 760.0, 75.0, 175.0
# Steel along its length, N/mm2 (ASTM A228 wire, value from memory); of a wound string the core,
# about this share of its gauge (common practice, no source).
STEEL_N_PER_MM2, CORE_SHARE = 205_000.0, 0.42
# A neck's bend does not follow the tension to the letter: its change is uncertain by this share of
# itself.
# Common practice, no source.
PULL_SHARE_SPREAD = 0.10


def note_hz(note: str) -> float:
    """Frequency of a note with its octave in twelve-tone equal temperament, A4 = 440 Hz. Raises
    ValueError.
    """
    return float(A4_HZ * 2.0 ** (semitones_from_a4(note) / 12.0))


def unit_mass(spec: StringSpec, scale_mm: float) -> tuple[float, float]:
    """Mass in kg a metre and its standard deviation. A plain string is a solid steel rod."""
    if spec.grams_per_m is not None:
        return spec.grams_per_m / 1000.0, 0.0
    rod = STEEL_KG_PER_M3 * math.pi * (spec.gauge_mm / 1000.0) ** 2 / 4.0
    if not spec.wound:
        return rod, 0.0
    share, spread = LONG_WOUND_SHARE if scale_mm >= LONG_SCALE_MM else WOUND_SHARES[spec.wrap]
    return rod * share, rod * spread


def tension_n(spec: StringSpec, scale_mm: float) -> tuple[float, float]:
    """Tension in N and its standard deviation: ``T = mu (2 L f)^2`` (Mersenne; Fletcher and
    Rossing, chapter 2).
    """
    mass, spread = unit_mass(spec, scale_mm)
    speed = 2.0 * scale_mm / 1000.0 * note_hz(spec.note)
    return mass * speed**2, spread * speed**2


def stiff_mm(spec: StringSpec, scale_mm: float) -> float:
    """The length within which a string's stiffness bends it instead of its tension:
    ``d^2 sqrt(pi^3 E / (64 T))``, the root of its inharmonicity times its length (Fletcher and
    Rossing, chapter 2). Of a wound string the core is stiff.
    """
    core = spec.gauge_mm * (CORE_SHARE if spec.wound else 1.0)
    tension = tension_n(spec, scale_mm)[0]
    return core**2 * math.sqrt(math.pi**3 * STEEL_N_PER_MM2 / (64.0 * max(tension, 1.0)))


def set_tension_n(specs: Sequence[StringSpec], scale_mm: float) -> tuple[float, float]:
    """Tension of a set in N and its standard deviation; the wound strings err the same way."""
    pairs = [(spec.each, *tension_n(spec, scale_mm)) for spec in specs]
    return sum(n * t for n, t, _ in pairs), sum(n * s for n, _, s in pairs)


def usual_tension_n(scale_mm: float) -> float:
    """Tension of a string whose gauge nobody listed, N."""
    if scale_mm >= LONG_SCALE_MM:
        return LONG_SCALE_N
    return USUAL_N


def neck_tension_n(neck: NeckDescription) -> float:
    """What all strings of a neck pull, N: as listed, or as usual for so many strings."""
    if neck.string_set:
        return set_tension_n(neck.string_set, neck.scale_mm)[0]
    return neck.strings * usual_tension_n(neck.scale_mm)


def retuned(specs: Sequence[StringSpec], semitones: int) -> tuple[StringSpec, ...]:
    """The same strings tuned higher or lower."""
    return tuple(
        structs.replace(spec, note=note_name(semitones_from_a4(spec.note) + semitones))
        for spec in specs
    )


def pull_ratio(
    strings: Sequence[StringSpec], then: Sequence[StringSpec], scale_mm: float
) -> tuple[float, float]:
    """Pull of another set or tuning over the pull of this one, and the standard deviation of that.

    The unknown share of air in wound strings is the same in both, so only its effect on the ratio
    counts.
    """
    light, heavy = (
        _total(then, scale_mm, err) / _total(strings, scale_mm, err) for err in (-1.0, 1.0)
    )
    middle = _total(then, scale_mm, 0.0) / _total(strings, scale_mm, 0.0)
    return middle, float(math.hypot(0.5 * (heavy - light), PULL_SHARE_SPREAD * (middle - 1.0)))


def _total(specs: Sequence[StringSpec], scale_mm: float, error: float) -> float:
    """Tension of a set whose wound strings are all off by ``error`` standard deviations, N."""
    total = 0.0
    for spec in specs:
        newtons, spread = tension_n(spec, scale_mm)
        total += spec.each * (newtons + error * spread)
    return total


def tension_ratio(semitones: float) -> float:
    """How the pull changes when all strings are tuned by so many semitones: tension goes with
    the square of pitch.
    """
    return float(2.0 ** (semitones / 6.0))
