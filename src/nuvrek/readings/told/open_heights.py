"""Every string's height brought to the fret it is spoken of (12, or the last of a shorter neck),
wherever it was read, and what of that cannot be.
"""

from __future__ import annotations

from dataclasses import dataclass

from nuvrek.mechanics.angle import open_height_mm
from nuvrek.neck.strings import strings_in
from nuvrek.readings.entries import StringHeight
from nuvrek.readings.journal import NeckState, Taken

# Two readings of one string, or a string against the line of the others, are odd from so far apart
# on (four times what a rule at the string is good for; common practice, no source).
ODD_MM = 0.6
# Nearer to what holds the string a height says little of fret 12.
LEAST_FRETS_ON = 4


@dataclass(frozen=True, slots=True)
class OddHeight:
    """A height that another one contradicts: ``number`` in the journal, what it comes to over fret
    12 and what the other, or the line of the outer strings, says.
    """

    number: int
    mm: float
    expected_mm: float
    of_same_string: bool


def heights_by_string(neck_state: NeckState) -> dict[int, float]:
    """The last height of every string read at pitch, open over the fret it is spoken of (12, or
    the last), mm; strings count from
    the highest.
    """
    return {string: mm for string, (_, mm) in _last(neck_state).items()}


def odd_heights(neck_state: NeckState) -> list[OddHeight]:
    """Heights that another reading in the same state, or the line from outer string to outer
    string, contradicts.
    """
    last = _last(neck_state)
    found = [odd for string in last if (odd := _against_earlier(neck_state, string)) is not None]
    outer = last.get(1), last.get(_count(neck_state))
    if outer[0] is None or outer[1] is None or _count(neck_state) < 3:
        return found
    high, low = outer[0][1], outer[1][1]
    for string, (taken, mm) in last.items():
        line = high + (low - high) * (string - 1) / (_count(neck_state) - 1)
        if abs(mm - line) > ODD_MM and taken.number not in {odd.number for odd in found}:
            found.append(OddHeight(taken.number, mm, line, of_same_string=False))
    return found


def _count(neck_state: NeckState) -> int:
    neck = neck_state.neck
    return strings_in(neck.string_set) or neck.strings


def _last(neck_state: NeckState) -> dict[int, tuple[Taken, float]]:
    found: dict[int, tuple[Taken, float]] = {}
    for taken in neck_state.taken:
        told = _heights_told(neck_state, taken)
        if told is not None:
            found[told[0]] = taken, told[1]
    return found


def _heights_told(neck_state: NeckState, taken: Taken) -> tuple[int, float] | None:
    """The string a reading tells of, and its open height over the fret it is spoken of; None where
    it tells none.
    """
    reading = taken.reading
    if not isinstance(reading, StringHeight) or reading.state.strings != "pitch":
        return None
    # What the strings stood at on a blocked bridge is gone with the block.
    if reading.state.posture == "blocked" and neck_state.state.posture != "blocked":
        return None
    if reading.fret < max(5, reading.capo + LEAST_FRETS_ON):
        return None
    if not neck_state.stands(taken.number, reading.fret):
        return None
    outer = 1
    if reading.side != "treble":
        outer = _count(neck_state)
    neck = neck_state.neck
    mm = open_height_mm(
        reading.height_mm, reading.fret, neck.scale_mm, neck.height_fret, capo=reading.capo
    )
    return reading.string or outer, mm


def _against_earlier(neck_state: NeckState, string: int) -> OddHeight | None:
    """The last height of a string against the one before it, where nothing was done between."""
    done = max((work.number for work in neck_state.work), default=0)
    told = [
        (taken, mm)
        for taken in neck_state.taken
        if taken.number > done and (said := _heights_told(neck_state, taken)) and said[0] == string
        for mm in (said[1],)
    ]
    if len(told) < 2:
        return None
    (before, expected), (taken, mm) = told[-2:]
    alike = before.reading.state == taken.reading.state
    # The same place read again is a saddle that was moved; two places tell of one moment.
    apart = getattr(before.reading, "fret", 0) != getattr(taken.reading, "fret", 0)
    if alike and apart and abs(mm - expected) > ODD_MM:
        return OddHeight(taken.number, mm, expected, of_same_string=True)
    return None
