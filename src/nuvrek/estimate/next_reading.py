"""Which reading to take next: the one that most lowers the doubt in what has to be decided."""

from __future__ import annotations

from collections import Counter
from collections.abc import Hashable, Iterator
from dataclasses import dataclass

import numpy as np
from msgspec import Struct
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.measurer import HeightKind, Measurer, Part
from nuvrek.estimate.model.edge_contacts import contacts_around, laid, seen_to_rest
from nuvrek.meaning import Meaning, Saying, means
from nuvrek.neck.description import LANE_WORDS, LANES, Lane
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import AnyReading, Dial, OthersStill, Rock, Strings
from nuvrek.readings.entry import strings_as
from nuvrek.readings.stations import Station, Suggestion, station_of
from nuvrek.readings.tool_kit import Kit, notched_fit

Array = NDArray[np.float64]

# A gap between two leaves 0.05 mm apart: an even spread (JCGM 100:2008, 4.3.7) and the leaf's own
# error.
LEAVES_SD_MM = float(np.hypot(0.05 / np.sqrt(12.0), tool_errors.LEAF_ERROR_MM))
THIN_LEAVES_SD_MM = float(np.hypot(0.02 / np.sqrt(12.0), tool_errors.LEAF_ERROR_MM))
# What a still triple of a quick sweep tells is about that much.
SWEEP_SD_MM = 0.03
# A fret this high over its neighbours decides between filing and leaving it (half-way between
# rocking and proud).
DECIDES_MM = 0.035
# A question with less than this chance of going the other way is closed.
OPEN = 0.1
# A fret nobody looked at is proud with about this chance or more; a rocker that is still brings it
# under.
UNLOOKED = 0.015
# The strings are slackened (or tuned) only for a reading that settles this much more.
STATE_COST = 1.6
# A gap whose tool may lie otherwise errs by so many times its tool's own error.
UNSURE_LYING = 2.0
SUGGESTED = 3
MOST_OFTEN = 2


class NextBest(Struct, frozen=True):
    """Up to three readings to take next, and whether the present question is sure enough without
    them.
    """

    suggestions: tuple[Suggestion, ...]
    enough: bool
    words: Meaning


@dataclass(frozen=True, slots=True)
class OpenQuestion:
    """Something to be decided: its row over the unknowns, what its doubt weighs, and its words."""

    row: Array
    weight: float
    words: Saying
    open: bool


@dataclass(frozen=True, slots=True)
class _Candidate:
    station: Station
    strings: Strings
    surface: HeightKind
    parts: tuple[list[Part], ...]
    sd_mm: float


def next_best(neck_map: HeightMap, kit: Kit | None = None) -> NextBest:
    """The readings that would settle most of what is open on this neck, with the tools of
    ``kit``.
    """
    measurer = Measurer(neck_map)
    questions = list(questions_of(measurer))
    doubtful = [q for q in questions if q.open]
    if not doubtful:
        return NextBest(
            (),
            True,
            means("map.sure-enough-relief-known-within", why=means("map.sure-enough-because")),
        )
    told = Counter(
        place_of_reading(taken.reading, taken.reading.state.strings)
        for taken in neck_map.neck_state.taken
    )
    # What was read twice and left its question open will not settle it a third time.
    candidates = [
        c for c in _candidates(measurer, kit or Kit()) if told[_what_it_tells(c)] < MOST_OFTEN
    ]
    chosen = _chosen(neck_map, measurer, doubtful, candidates)
    open_questions = means("map.questions", number=len(doubtful))
    sentence = means("map.open", open_questions=open_questions, detail=doubtful[0].words)
    return NextBest(chosen, False, sentence)


def _chosen(
    neck_map: HeightMap,
    measurer: Measurer,
    doubtful: list[OpenQuestion],
    candidates: list[_Candidate],
) -> tuple[Suggestion, ...]:
    """One reading after the other, each the best beside those before it."""
    rows = _all_rows(measurer, candidates)
    # Weighted so that variances of relief and of frets can be added up.
    asked = np.array([q.row * np.sqrt(q.weight) for q in doubtful])
    covariance = neck_map.solution.covariance
    total = float(np.sum((asked @ covariance) * asked))
    costs = np.array([_cost(neck_map, candidate) for candidate in candidates])
    chosen: list[Suggestion] = []
    taken: set[tuple[str, int, Lane]] = set()
    for _ in range(SUGGESTED):
        gains = _every_gain(asked, covariance, rows, candidates) / costs
        # The same place is not suggested twice in a row.
        gains[[_place(candidate) in taken for candidate in candidates]] = 0.0
        best = int(np.argmax(gains))
        # What settles next to nothing is not worth a walk to the bench.
        if gains[best] < 0.03 * total:
            break
        candidate = candidates[best]
        by_question = _gains(asked, covariance, rows[best], candidate.sd_mm)
        reason = doubtful[int(np.argmax(by_question))].words
        share = float(by_question.sum() / max(total, 1e-12))
        chosen.append(Suggestion(candidate.station, candidate.strings, reason, share))
        taken.add(_place(candidate))
        # As if it had been read: the next suggestion must bring something of its own.
        covariance = _after(covariance, rows[best], candidate.sd_mm)
    return tuple(chosen)


class Pool:
    """All readings that could be taken on a neck, to be asked which settles most of one matter."""

    def __init__(self, measurer: Measurer, kit: Kit | None = None) -> None:
        self._map = measurer.map
        told = Counter(
            place_of_reading(t.reading, t.reading.state.strings) for t in self._map.neck_state.taken
        )
        candidates = _candidates(measurer, kit or Kit())
        # A pass along a whole lane is no one reading.
        self._candidates = [
            c for c in candidates if len(c.parts) == 1 and told[_what_it_tells(c)] < MOST_OFTEN
        ]
        self._rows = _all_rows(measurer, self._candidates)

    def settles_most(self, row: Array, reason: Saying) -> Suggestion | None:
        """The one reading that takes most of the doubt out of ``row`` over the unknowns; None
        where none takes much.
        """
        covariance = self._map.solution.covariance
        total = float(row @ covariance @ row)
        if total <= 0.0 or not self._candidates:
            return None
        rows = np.concatenate(self._rows)
        spread = covariance @ rows.T
        sd = np.array([c.sd_mm for c in self._candidates])
        gains = (row @ spread) ** 2 / (np.sum(rows * spread.T, axis=1) + sd**2)
        gains /= np.array([_cost(self._map, c) for c in self._candidates])
        best = int(gains.argmax())
        if gains[best] < 0.03 * total:
            return None
        chosen = self._candidates[best]
        return Suggestion(chosen.station, chosen.strings, reason, float(gains[best] / total))


# --- what is open -----------------------------------------------------------


def questions_of(measurer: Measurer) -> Iterator[OpenQuestion]:
    """What has to be decided on this neck: its relief, which frets are to be filed, how much
    metal is left.
    """
    neck_map = measurer.map
    neck = neck_map.neck
    # The relief of a bare neck is open until it is strung, whatever is read.
    for k in () if neck.bare else (0, 2):
        relief = measurer.relief([k])
        margin = neck.relief_margin_mm
        unsure = NINE_IN_TEN * relief.sd_mm > margin
        words = means("map.settles-relief", lane_words=LANE_WORDS[LANES[k]])
        yield OpenQuestion(relief.row, 1.0 / margin**2, words, unsure)
    yield from _fret_questions(measurer)
    thin = int(neck_map.crown_mm.min(axis=1).argmin()) + 1
    lane = int(neck_map.crown_mm[thin - 1].argmin())
    crown = measurer.of("crown", [(thin, lane, 1.0)])
    chance = 1.0 - crown.over(neck.least_crown_mm)
    unsure = not neck_map.crown_measured or OPEN < chance < 1.0 - OPEN
    yield OpenQuestion(crown.row, 1.0 / 0.1**2, means("map.tells-how-much-metal-left"), unsure)


def _fret_questions(measurer: Measurer) -> Iterator[OpenQuestion]:
    """Every fret whose stand over its neighbours may be on either side of what is filed."""
    neck_map = measurer.map
    known = sorted({0, 2, *(k for k in range(3) if neck_map.known[k])})
    heights, constants = measurer.heights("tops", "slack")
    z, covariance = neck_map.solution.z, neck_map.solution.covariance
    frets = range(2, neck_map.neck.frets)
    parts = [
        (fret, k, measurer.chord(fret - 1, fret + 1, fret, k)) for k in known for fret in frets
    ]

    def stands(values: Array, chord: list[Part]) -> Array:
        """How far a top stands over the line of its neighbours."""
        return np.asarray(np.sum([-weight * values[fret, k] for fret, k, weight in chord], axis=0))

    rows = np.array([stands(heights, chord) for _, _, chord in parts])
    mm = rows @ z + np.array([stands(constants, chord) for _, _, chord in parts])
    sd = np.sqrt(np.maximum(np.sum((rows @ covariance) * rows, axis=1), 1e-12))
    chance = ndtr((mm - DECIDES_MM) / sd)
    looked = _looked_at(neck_map)
    for (fret, k, _), row, p in zip(parts, rows, chance, strict=True):
        if (fret, LANES[k]) in looked:
            least = OPEN
        else:
            least = UNLOOKED
        ambiguity = float(4.0 * p * (1.0 - p))
        words = means("map.tells-whether-fret-filed", fret=fret)
        yield OpenQuestion(row, ambiguity / 0.03**2, words, least < p < 1.0 - OPEN)


def _looked_at(neck_map: HeightMap) -> set[tuple[int, Lane]]:
    """Triples that a rocker or an indicator has been over."""
    looked: set[tuple[int, Lane]] = set()
    for taken in neck_map.neck_state.taken:
        match taken.reading:
            case Rock(fret=fret, lane=lane) | Dial(fret=fret, lane=lane):
                looked.add((fret, lane))
            case OthersStill(frets=frets, lane=lane):
                looked.update((fret, lane) for fret in frets)
            case _:
                pass
    return looked


# --- what could be read -------------------------------------------------------


def _candidates(measurer: Measurer, kit: Kit) -> Iterator[_Candidate]:
    neck = measurer.map.neck
    low, high = kit.relief_supports(neck)
    joint, last = neck.joint_fret, neck.frets
    swept = {
        taken.reading.lane
        for taken in measurer.map.neck_state.taken
        if isinstance(taken.reading, OthersStill)
    }
    for k, lane in enumerate(LANES):
        for fret in range(low + 1, high):
            parts = measurer.chord(low, high, fret, k)
            if lane != "middle" and not neck.bare:
                station = Station("", "string-gap", lane, fret, (low, high))
                yield _Candidate(station, "pitch", "tops", (parts,), LEAVES_SD_MM)
            station = Station("", "string-gap", lane, fret=fret, supports=(low, high), by="edge")
            yield _Candidate(station, "slack", "tops", (parts,), LEAVES_SD_MM)
            if notched_fit(neck, kit.notched_mm) is not None:
                station = Station(
                    "", "string-gap", lane, fret=fret, supports=(low, high), by="notched"
                )
                yield _Candidate(station, "slack", "wood", (parts,), LEAVES_SD_MM)
        for share in (0.2, 0.4, 0.6, 0.8):
            yield _resting(measurer, k, measurer.nearest(1, last, share))
        if last - joint >= 2:
            for fret in (joint, (joint + last) // 2):
                station = Station("", "string-gap", lane, fret=fret, supports=(1, last), by="edge")
                yield _Candidate(
                    station, "slack", "tops", (measurer.chord(1, last, fret, k),), LEAVES_SD_MM
                )
        yield from _rests(measurer, lane)
        triples = [measurer.chord(fret - 1, fret + 1, fret, k) for fret in range(2, last)]
        if lane not in swept:
            yield _Candidate(
                Station("", "sweep", lane), "slack", "tops", tuple(triples), SWEEP_SD_MM
            )
        for fret, parts in enumerate(triples, 2):
            station = Station("", "sweep", lane, fret)
            yield _Candidate(station, "slack", "tops", (parts,), THIN_LEAVES_SD_MM)
        for fret in range(1, last + 1):
            station = Station("", "crown-height", lane, fret)
            here = measurer.map.state.strings
            yield _Candidate(
                station, here, "crown", ([(fret, k, 1.0)],), tool_errors.CROWN_ERROR_MM
            )


def _rests(measurer: Measurer, lane: Lane) -> Iterator[_Candidate]:
    """For every gap that might be another with its tool lying otherwise, what a hand could see: on
    which two frets does it rest?
    """
    neck_map = measurer.map
    evidence, taken = neck_map.evidence, neck_map.neck_state.taken
    row_of = {number: row for row, numbers in enumerate(evidence.numbers) for number in numbers}
    seen = seen_to_rest(taken)
    for one, gap in laid(taken):
        row = row_of.get(one.number)
        low, high = gap.low_support, gap.high_support
        if gap.lane != lane or one.number in seen or row is None or low is None or high is None:
            continue
        alone = gap.error_mm or tool_errors.LEAF_ERROR_MM
        other = float(evidence.sigma[row])
        now = gap.state == strings_as(neck_map.state, gap.state.strings)
        if other < UNSURE_LYING * alone or not now or one.surface != neck_map.neck_state.surface:
            continue
        station = Station("", "edge-rests", lane, gap.fret, (low, high), by=gap.by)
        k = LANES.index(lane)
        rows, constants = measurer.heights("tops", gap.state.strings)
        line = rows[:, k] @ neck_map.solution.z + constants[:, k]
        a, b = contacts_around(measurer.x, line, gap.fret, (low, high))
        # The gap is read: what is to be gained is all but what it says now.
        sd = 1.0 / float(np.sqrt(1.0 / alone**2 - 1.0 / other**2))
        parts = measurer.chord(a, b, gap.fret, k)
        yield _Candidate(station, gap.state.strings, "tops", (parts,), sd)


def _resting(measurer: Measurer, lane: int, fret: int) -> _Candidate:
    """An edge as it rests, on what it would touch by the present estimate: shows a crest that a
    held string hides.
    """
    neck = measurer.map.neck
    heights, constants = measurer.heights("tops", "slack")
    line = heights[:, lane] @ measurer.map.solution.z + constants[:, lane]
    low, high = contacts_around(measurer.x, line, fret, (1, neck.frets))
    station = Station("", "string-gap", LANES[lane], fret=fret, supports=None, by="edge")
    return _Candidate(
        station, "slack", "tops", (measurer.chord(low, high, fret, lane),), LEAVES_SD_MM
    )


def _all_rows(measurer: Measurer, candidates: list[_Candidate]) -> list[Array]:
    """The rows of every candidate, (its readings, n) each; those of one surface are made at
    once.
    """
    groups: dict[tuple[HeightKind, Strings], list[int]] = {}
    for i, candidate in enumerate(candidates):
        groups.setdefault((candidate.surface, candidate.strings), []).append(i)
    rows: list[Array] = [np.zeros((0, 0))] * len(candidates)
    for (surface, strings), members in groups.items():
        heights, _ = measurer.heights(surface, strings)
        wanted = [(i, parts) for i in members for parts in candidates[i].parts]
        weights = np.zeros((len(wanted), heights.shape[0] * 3))
        for line, (_, parts) in enumerate(wanted):
            for fret, k, weight in parts:
                weights[line, 3 * fret + k] += weight
        combined = weights @ heights.reshape(weights.shape[1], -1)
        start = 0
        for i in members:
            rows[i] = combined[start : start + len(candidates[i].parts)]
            start += len(candidates[i].parts)
    return rows


def _place(candidate: _Candidate) -> tuple[str, int, Lane]:
    return candidate.station.kind, candidate.station.fret, candidate.station.lane


def place_of_reading(reading: AnyReading, strings: Strings) -> Hashable:
    """Where a reading was taken, so that its repetitions are known."""
    station = station_of(reading)
    return station.kind, station.lane, station.fret, station.supports, station.by, strings


def _what_it_tells(candidate: _Candidate) -> Hashable:
    s = candidate.station
    return s.kind, s.lane, s.fret, s.supports, s.by, candidate.strings


def _cost(neck_map: HeightMap, candidate: _Candidate) -> float:
    if candidate.strings == neck_map.state.strings:
        return 1.0
    return STATE_COST


def _gains(asked: Array, covariance: Array, rows: Array, sd_mm: float) -> Array:
    """How much each question's weighted variance falls, by rank-one updates; several rows as if
    by themselves.
    """
    spread = covariance @ rows.T
    variance = np.sum(rows * spread.T, axis=1) + sd_mm**2
    return np.asarray(np.sum((asked @ spread) ** 2 / variance, axis=1))


def _every_gain(
    asked: Array, covariance: Array, rows: list[Array], candidates: list[_Candidate]
) -> Array:
    """The gain of every candidate over all questions, (candidates,)."""
    counts = [len(each) for each in rows]
    flat, begin = np.concatenate(rows), np.concatenate(([0], np.cumsum(counts)[:-1]))
    spread = covariance @ flat.T
    sd = np.repeat([candidate.sd_mm for candidate in candidates], counts)
    variance = np.sum(flat * spread.T, axis=1) + sd**2
    by_row = np.sum((asked @ spread) ** 2, axis=0) / variance
    return np.asarray(np.add.reduceat(by_row, begin))


def _after(covariance: Array, rows: Array, sd_mm: float) -> Array:
    """The covariance after readings of these rows."""
    for row in rows:
        spread = covariance @ row
        covariance = covariance - np.outer(spread, spread) / (float(row @ spread) + sd_mm**2)
    return covariance
