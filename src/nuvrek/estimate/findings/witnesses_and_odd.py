"""Which readings speak for a finding, which against it, and which agree with nothing else."""

from __future__ import annotations

import numpy as np
from msgspec import structs
from numpy.typing import NDArray

from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking
from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.model.evidence import Evidence
from nuvrek.estimate.model.solver import log_rows
from nuvrek.meaning import means, sentences
from nuvrek.readings.entries import Gap
from nuvrek.readings.told.open_heights import odd_heights
from nuvrek.readings.words import place_words, value_words
from nuvrek.units import format_length

Array = NDArray[np.float64]

# Readings that change by less than this (in log likelihood) are not worth naming.
WORTH = 0.3
MOST_NAMED = 4
# A gap of less than this no blade shows.
NO_GAP_MM = 0.02


def with_witnesses(measurer: Measurer, finding: Finding, row: Array, mm: float) -> Finding:
    """``finding`` with the numbers of the readings that speak for and against it.

    ``row`` is the combination of heights it rests on, ``mm`` its size over what would be no
    finding.

    Held against the most likely neck that has nothing of the kind: the optimum moved along the
    covariance until the finding's height is nil. What that makes less likely speaks for it, and the
    reverse.
    """
    solution = measurer.map.solution
    spread = solution.covariance @ row
    variance = float(row @ spread)
    if variance < 1e-12:
        return finding
    other = solution.z - spread * mm / variance
    evidence = measurer.map.evidence
    gain = log_rows(evidence, solution.z) - log_rows(evidence, other)
    order = np.argsort(-gain)
    speaks_for = _numbers(evidence, [i for i in order if gain[i] > WORTH])
    against = _numbers(evidence, [i for i in order[::-1] if gain[i] < -WORTH])
    return structs.replace(finding, speaks_for=speaks_for, speaks_against=against)


def _numbers(evidence: Evidence, rows: list[int]) -> tuple[int, ...]:
    found: dict[int, None] = {}
    for i in rows:
        for number in evidence.numbers[i]:
            found.setdefault(number)
    return tuple(found)[:MOST_NAMED]


def find_odd(looking: Looking) -> list[Finding]:
    """Odd readings as findings, the oddest first."""
    neck_map, unit = looking.neck_map, looking.unit
    readings = {taken.number: taken.reading for taken in neck_map.neck_state.taken}
    findings = []
    for odd in neck_map.odd:
        reading = readings[odd.number]
        fret = getattr(reading, "fret", None)
        head = means(
            "findings.odd-says",
            place_words=place_words(reading),
            value_words=value_words(reading, unit, looking.height_unit),
        )
        slip = sentences(odd.slip) if odd.slip else ""
        if isinstance(reading, Gap) and odd.expected_mm < NO_GAP_MM:
            # A gap is never less than nil, whatever the heights by themselves would make it.
            text = means("findings.all-other-readings-together-say-none", slip=slip)
        else:
            text = means(
                "findings.all-other-readings-together-say",
                expected_mm=format_length(odd.expected_mm, unit),
                slip=slip,
            )
        lane, said = getattr(reading, "lane", None), (odd.number,)
        findings.append(
            Finding(
                "odd",
                fret,
                lane,
                mm=odd.said_mm,
                sure=1.0,
                text=text,
                headline=head,
                speaks_for=said,
            )
        )
    return findings + _odd_heights(looking)


def _odd_heights(looking: Looking) -> list[Finding]:
    """String heights that contradict each other; the map does not use them, so none is left out."""
    readings = {taken.number: taken.reading for taken in looking.neck_map.neck_state.taken}
    findings = []
    for odd in odd_heights(looking.neck_map.neck_state):
        reading, unit = readings[odd.number], looking.height_unit
        head = means(
            "findings.odd-says",
            place_words=place_words(reading),
            value_words=value_words(reading, looking.unit, unit),
        )
        text = means(
            "findings.over-fret-would-about-take-same-string-read"
            if odd.of_same_string
            else "findings.over-fret-would-about-take-other-strings",
            at=looking.neck_map.neck.height_fret,
            mm=format_length(odd.mm, unit),
            expected_mm=format_length(odd.expected_mm, unit),
        )
        fret = getattr(reading, "fret", None)
        findings.append(
            Finding(
                "odd",
                fret,
                None,
                mm=odd.mm,
                sure=1.0,
                text=text,
                headline=head,
                speaks_for=(odd.number,),
            )
        )
    return findings
