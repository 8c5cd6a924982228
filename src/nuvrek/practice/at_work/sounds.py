"""What is heard at the practice bench, worked out as it is needed: leaves, rockers, notes. Sixteen
bits, one channel.
"""

from __future__ import annotations

import io
import wave

import numpy as np
from numpy.typing import NDArray

from nuvrek.mechanics.strings import LONG_SCALE_MM
from nuvrek.neck.description import NeckDescription

Array = NDArray[np.float64]
RATE = 22_050
# The lowest string of usual and of long necks, Hz, and how far the next one is, in semitones: E2
# and E1, fourths (common practice, no source).
LOWEST_HZ, LONG_LOWEST_HZ, FOURTH = 82.41, 41.2, 5


def note_hz(neck: NeckDescription, string: int, fret: int) -> float:
    """The pitch of a note, the low string being 0, twelve equal steps an octave."""
    if neck.scale_mm >= LONG_SCALE_MM:
        lowest = LONG_LOWEST_HZ
    else:
        lowest = LOWEST_HZ
    return float(lowest * 2.0 ** ((FOURTH * string + fret) / 12.0))


def note(hz: float, sound: str, rate: int = RATE) -> Array:
    """A plucked note: clean, buzzing against a fret at every swing, dead at once, or slipping;
    ``rate`` samples a second.
    """
    seconds = {"dead": 0.25, "slips off": 0.4}.get(sound, 1.4)
    t = np.arange(int(rate * seconds)) / rate
    out = np.zeros_like(t)
    for n in range(1, 9):
        if n * hz > 0.45 * rate:
            break
        lasts = (0.06 if sound == "dead" else 1.1) / (1.0 + 0.35 * n)
        out += (
            np.sin(np.pi * n * 0.22) / n**1.2 * np.sin(2 * np.pi * n * hz * t) * np.exp(-t / lasts)
        )
    if sound in ("buzzes", "rattles"):
        # Once a swing the string touches: a short rattle that dies before the note does.
        rng = np.random.default_rng(20)
        strike = (np.sin(2 * np.pi * hz * t) > 0.93) * np.exp(-t / 0.35)
        out += 0.5 * strike * rng.standard_normal(len(t))
    if sound == "slips off":
        out *= np.exp(-((t / 0.12) ** 4))
    return out


def leaf(feel: str) -> Array:
    """A leaf that slides, drags or stops."""
    rng = np.random.default_rng(21)
    seconds = {"slides": 0.22, "drags": 0.35}.get(feel, 0.05)
    t = np.arange(int(RATE * seconds)) / RATE
    hiss = rng.standard_normal(len(t))
    if feel == "slides":
        return 0.05 * hiss * np.hanning(len(t))
    if feel == "drags":
        return (
            0.22 * hiss * (0.6 + 0.4 * np.sign(np.sin(2 * np.pi * 55.0 * t))) * np.hanning(len(t))
        )
    return np.sin(2 * np.pi * 900.0 * t) * np.exp(-t / 0.008)


def rocker(rocks: bool) -> Array:
    """Two clicks where it rocks, one dull touch where it is still."""
    t = np.arange(int(RATE * 0.2)) / RATE
    out = 0.6 * np.sin(2 * np.pi * (1400.0 if rocks else 320.0) * t) * np.exp(-t / 0.006)
    if rocks:
        late = np.clip(t - 0.11, 0.0, None)
        out += 0.6 * np.sin(2 * np.pi * 1250.0 * late) * np.exp(-late / 0.006) * (t > 0.11)
    return out


def stroke() -> Array:
    """A file to and fro."""
    rng = np.random.default_rng(22)
    t = np.arange(int(RATE * 0.4)) / RATE
    return 0.15 * rng.standard_normal(len(t)) * np.abs(np.sin(2 * np.pi * 2.5 * t))


def wav(made: Array) -> bytes:
    """A WAV file of it, its loudest place at two thirds."""
    top = float(np.abs(made).max(initial=0.0))
    level = made * (0.66 / top if top > 0.66 else 1.0)
    out = io.BytesIO()
    with wave.open(out, "wb") as file:
        file.setnchannels(1)
        file.setsampwidth(2)
        file.setframerate(RATE)
        file.writeframes((level * 32_767).astype("<i2").tobytes())
    return out.getvalue()
