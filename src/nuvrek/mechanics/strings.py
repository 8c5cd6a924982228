"""Strings: their pitch, mass and tension. SI units inside: kg, m, N, Hz; gauges in mm."""

from __future__ import annotations

import math
import re

from msgspec import Struct

A4_HZ = 440.0  # ISO 16:1975
# Music wire, about 7.85 g/cm3 (ASTM A228).
STEEL_KG_PER_M3 = 7850.0
# A wound string is steel core and wrap with air between the turns: of a solid rod of its gauge this share, give or
# take that much (standard deviation). Common practice, no source.
WOUND_SHARE, WOUND_SPREAD = 0.87, 0.05

_STEPS = {"C": -9, "D": -7, "E": -5, "F": -4, "G": -2, "A": 0, "B": 2}
_NOTE = re.compile(r"([A-Ga-g])([#b]?)(-?\d)", re.A)


class StringSpec(Struct, frozen=True):
    """One string: its note (as ``E2``), gauge, whether wound, and its mass a metre if that is known."""

    note: str
    gauge_mm: float
    wound: bool = False
    grams_per_m: float | None = None


def note_hz(note: str) -> float:
    """Frequency of a note with its octave in twelve-tone equal temperament, A4 = 440 Hz. Raises ValueError."""
    match = _NOTE.fullmatch(note.strip())
    if match is None:
        raise ValueError(f'"{note[:20]}" is no note; try E2, F#3 or Bb4')
    shift = {"#": 1, "b": -1, "": 0}[match[2]]
    semitones = _STEPS[match[1].upper()] + shift + 12 * (int(match[3]) - 4)
    return float(A4_HZ * 2.0 ** (semitones / 12.0))


def unit_mass(spec: StringSpec) -> tuple[float, float]:
    """Mass in kg a metre and its standard deviation. A plain string is a solid steel rod."""
    if spec.grams_per_m is not None:
        return spec.grams_per_m / 1000.0, 0.0
    rod = STEEL_KG_PER_M3 * math.pi * (spec.gauge_mm / 1000.0) ** 2 / 4.0
    return (rod * WOUND_SHARE, rod * WOUND_SPREAD) if spec.wound else (rod, 0.0)


def tension_n(spec: StringSpec, scale_mm: float) -> tuple[float, float]:
    """Tension in N and its standard deviation: ``T = mu (2 L f)^2`` (Mersenne; Fletcher and Rossing, chapter 2)."""
    mass, spread = unit_mass(spec)
    speed = 2.0 * scale_mm / 1000.0 * note_hz(spec.note)
    return mass * speed**2, spread * speed**2


def set_tension_n(specs: tuple[StringSpec, ...], scale_mm: float) -> tuple[float, float]:
    """Tension of a set in N and its standard deviation; the wound strings err the same way."""
    pairs = [tension_n(spec, scale_mm) for spec in specs]
    return sum(t for t, _ in pairs), sum(s for _, s in pairs)


def tension_ratio(semitones: float) -> float:
    """How the pull changes when all strings are tuned by so many semitones: tension goes with the square of pitch."""
    return float(2.0 ** (semitones / 6.0))
