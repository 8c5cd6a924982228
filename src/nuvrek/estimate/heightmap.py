"""From a neck's state to its height map: tops, wood, crowns and relief, each with its doubt."""

from __future__ import annotations

from dataclasses import dataclass, field

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.chapters import Chapter, carry, chapters
from nuvrek.estimate.model.evidence import Evidence, Gathering, chord_gap, has_leaf, lanes_spoken_of
from nuvrek.estimate.model.oddness import Odd
from nuvrek.estimate.model.settling import settle
from nuvrek.estimate.model.solver import Solution
from nuvrek.estimate.model.unknowns import Row, Unknowns, unknowns_of
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings.entries import CrownHeight, Rock, State, Strings
from nuvrek.readings.entry import strings_as
from nuvrek.readings.journal import NeckState, fitting
from nuvrek.readings.told.rod_answers import backwards
from nuvrek.readings.told.what_was_read import levelled

Array = NDArray[np.float64]

_STRINGS: tuple[Strings, Strings] = ("pitch", "slack")

# A doubt is the half-width of the range that holds the truth nine times in ten (normal, two-sided).
NINE_IN_TEN = 1.6449


@dataclass(frozen=True, slots=True)
class Relief:
    """Dip of the wood below the line from fret 1 to the joint fret, half-way between them."""

    lane: Lane
    strings: Strings
    mm: float
    doubt_mm: float


@dataclass(frozen=True)
class HeightMap:
    """The estimated neck. Arrays of shape (frets, 3) run over frets 1.. and lanes bass, middle,
    treble.

    ``tops_mm`` (in ``state``) and ``wood`` (heights and doubts, at pitch and slack) count from the
    line through fret 1 and the joint fret on each lane; ``deviation_mm`` is how far each crown
    stands off the smooth neck under it; doubts hold nine times in ten.
    """

    neck: NeckDescription
    state: State
    x_mm: Array  # (frets,) from the nut
    tops_mm: Array
    tops_doubt_mm: Array
    tops_slack_mm: Array
    wood: dict[Strings, tuple[Array, Array]]
    crown_mm: Array
    crown_doubt_mm: Array
    deviation_mm: Array
    deviation_doubt_mm: Array
    deviation_covariance: Array  # (frets * 3, frets * 3), fret-major, mm^2
    relief: tuple[Relief, ...]
    pull_mm: float
    pull_doubt_mm: float
    rod_mm_per_turn: float
    rod_doubt_mm_per_turn: float
    neck_state: NeckState  # what the map was made from
    known: tuple[bool, bool, bool]
    crown_measured: bool
    rocks_unmeasured: frozenset[tuple[int, Lane]]
    left_out: tuple[int, ...]  # numbers of readings that name frets this neck doesn't have
    solution: Solution
    evidence: Evidence
    gathering: Gathering  # goes on from here when the journal grows
    earlier: tuple[Chapter, ...]  # of a long journal the chapters that are closed
    odd: tuple[Odd, ...]  # readings that agree with nothing else; the map does without them
    # Rows over the unknowns that were worked out once, by kind of height and state of the strings;
    # a changed copy begins without them.
    rows: dict[tuple[str, Strings], tuple[Array, Array]] = field(
        default_factory=dict, init=False, repr=False, compare=False
    )

    def relief_at(self, lane: Lane, strings: Strings) -> Relief:
        """The relief of one lane in one state of the strings."""
        return next(r for r in self.relief if r.lane == lane and r.strings == strings)

    def after_moves(self, moves: int) -> tuple[Unknowns, Solution]:
        """What tells of the neck after so many moves of the rod, heats and seasons: today's
        chapter, or the earlier one in which they lie.
        """
        for chapter in self.earlier:
            if moves <= chapter.carried.moves:
                return chapter.unknowns, chapter.solution
        return self.gathering.unknowns, self.solution


@dataclass(frozen=True)
class _Reader:
    """Means and doubts of linear combinations of the unknowns."""

    unknowns: Unknowns
    neck_state: NeckState
    solution: Solution

    def flat(self, made: tuple[Row, Row]) -> tuple[Array, Array]:
        """Rows over nut and frets as (frets * 3, n) and (frets * 3,), the nut left out."""
        rows, constant = made
        return rows[1:].reshape(-1, rows.shape[2]), constant[1:].ravel()

    def mean(self, rows: Array, constant: Array) -> Array:
        return np.asarray(rows @ self.solution.z + constant).reshape(-1, 3)

    def doubt(self, rows: Array) -> Array:
        variance = np.sum((rows @ self.solution.covariance) * rows, axis=1)
        doubt: Array = NINE_IN_TEN * np.sqrt(np.maximum(variance, 0.0)).reshape(-1, 3)
        return doubt

    def single(self, made: tuple[Row, float]) -> tuple[float, float]:
        """One quantity with its doubt."""
        row, constant = made
        variance = float(row @ self.solution.covariance @ row)
        mean = float(row @ self.solution.z) + constant
        return mean, NINE_IN_TEN * float(np.sqrt(max(variance, 0.0)))

    def above_line(self, rows: Array, constant: Array) -> tuple[Array, Array]:
        """Heights counted from each lane's line through fret 1 and the joint fret."""
        project = line_projection(self.unknowns.neck)
        shaped = rows.reshape(-1, 3, rows.shape[1])
        return (
            np.tensordot(project, shaped, axes=1).reshape(rows.shape),
            (project @ constant.reshape(-1, 3)).ravel(),
        )


def line_projection(neck: NeckDescription) -> Array:
    """(frets, frets): takes heights at frets 1.. to heights above the line through 1 and the
    joint fret.
    """
    x = place_row_mm(neck)[1:]
    joint = neck.joint_fret - 1
    share = (x - x[0]) / (x[joint] - x[0])
    project = np.eye(neck.frets)
    project[:, 0] -= 1.0 - share
    project[:, joint] -= share
    return project


def map_neck(neck_state: NeckState, before: HeightMap | None = None) -> HeightMap:
    """Solve the neck from all live readings in ``neck_state``; see HeightMap for shapes and units.

    ``before`` may be an earlier map of the same neck: its rows and closed chapters are used again.
    The search itself always begins anew, so that the same journal gives the same map.
    """
    neck_state, left_out = fitting(neck_state)
    *closed, open_part = chapters(neck_state)
    other_way = backwards(neck_state)
    earlier = _closed(closed, () if before is None else before.earlier, other_way)
    unknowns = unknowns_of(open_part, earlier[-1].carried if earlier else None, other_way)
    gathering = Gathering(unknowns)
    if before is not None and before.gathering.unknowns.alike(unknowns):
        gathering = before.gathering
    evidence, solution, odd = settle(gathering, open_part)
    return _read_off(
        gathering,
        neck_state,
        evidence,
        solution=solution,
        left_out=left_out,
        earlier=earlier,
        odd=odd,
    )


def _closed(
    parts: list[NeckState], known: tuple[Chapter, ...], other_way: bool
) -> tuple[Chapter, ...]:
    """The closed chapters solved one after the other; those that are ``known`` are not solved
    anew.
    """
    found: list[Chapter] = []
    for n, part in enumerate(parts):
        same = n < len(known) and len(found) == n and known[n].same_journal(part)
        if same and (known[n].unknowns.rod_mm < 0.0) == other_way:
            found.append(known[n])
            continue
        known = known[:n]
        unknowns = unknowns_of(part, found[-1].carried if found else None, other_way)
        _, solution, _ = settle(Gathering(unknowns), part, closed=True)
        found.append(Chapter(part, unknowns, solution, carry(part, unknowns, solution)))
    return tuple(found)


def _read_off(
    gathering: Gathering,
    neck_state: NeckState,
    evidence: Evidence,
    solution: Solution,
    left_out: tuple[int, ...],
    earlier: tuple[Chapter, ...],
    odd: tuple[Odd, ...],
) -> HeightMap:
    """All heights of the map with their doubts, from the solved unknowns."""
    unknowns, state = gathering.unknowns, neck_state.state
    reader = _Reader(unknowns, neck_state, solution)
    slack = strings_as(state, "slack")
    spoken = lanes_spoken_of(neck_state.taken)
    surface = neck_state.surface
    top_rows, top_constant = reader.above_line(*reader.flat(unknowns.tops(surface, state)))
    slack_rows, slack_constant = reader.above_line(*reader.flat(unknowns.tops(surface, slack)))
    crown_rows, crown_constant = reader.flat(unknowns.crown_heights(surface))
    off_rows, off_constant = reader.flat(unknowns.deviations(surface))
    pull, rod = reader.single(unknowns.pull()), reader.single(unknowns.rod())
    return HeightMap(
        neck=unknowns.neck,
        state=state,
        x_mm=place_row_mm(unknowns.neck)[1:],
        tops_mm=reader.mean(top_rows, top_constant),
        tops_doubt_mm=reader.doubt(top_rows),
        tops_slack_mm=reader.mean(slack_rows, slack_constant),
        wood={strings: _wood(reader, strings) for strings in _STRINGS},
        crown_mm=reader.mean(crown_rows, crown_constant),
        crown_doubt_mm=reader.doubt(crown_rows),
        deviation_mm=reader.mean(off_rows, off_constant),
        deviation_doubt_mm=reader.doubt(off_rows),
        deviation_covariance=off_rows @ solution.covariance @ off_rows.T,
        relief=_reliefs(reader, state),
        pull_mm=pull[0],
        pull_doubt_mm=pull[1],
        rod_mm_per_turn=rod[0],
        rod_doubt_mm_per_turn=rod[1],
        neck_state=neck_state,
        known=("bass" in spoken, "middle" in spoken, "treble" in spoken),
        crown_measured=any(isinstance(taken.reading, CrownHeight) for taken in neck_state.taken),
        rocks_unmeasured=_rocks_unmeasured(neck_state),
        left_out=left_out,
        solution=solution,
        evidence=evidence,
        gathering=gathering,
        earlier=earlier,
        odd=odd,
    )


def _wood(reader: _Reader, strings: Strings) -> tuple[Array, Array]:
    """Heights and doubts of the board's face with the strings at pitch or slack, (frets, 3)
    each.
    """
    there = strings_as(reader.neck_state.state, strings)
    rows, constant = reader.above_line(*reader.flat(reader.unknowns.wood(there)))
    return reader.mean(rows, constant), reader.doubt(rows)


def _rocks_unmeasured(neck_state: NeckState) -> frozenset[tuple[int, Lane]]:
    """Places on today's surface that were marked as rocking and never measured there."""
    marked: dict[tuple[int, Lane], bool] = {}
    for taken in neck_state.taken:
        match taken.reading:
            case Rock(fret=fret, lane=lane, says=says) as rock:
                today = neck_state.surface.get((fret, lane), 0) == taken.surface.get(
                    (fret, lane), 0
                )
                bare = not has_leaf(rock)
                if today:
                    marked[fret, lane] = says == "rocks" and bare and marked.get((fret, lane), True)
            case _:
                pass
    return frozenset(place for place, bare in marked.items() if bare)


def relief_gap(neck: NeckDescription, on_tops: bool) -> list[tuple[int, float]]:
    """The dip half-way from fret 1 to the joint, as frets and weights: of the wood at one place, of
    tops the mean of three, for one top stands for itself only.
    """
    x, middle = place_row_mm(neck), middle_fret(neck)
    over = (middle - 1, middle, middle + 1) if on_tops else (middle,)
    gaps = [chord_gap(x, 1, neck.joint_fret, fret) for fret in over]
    return [(fret, w / len(over)) for gap in gaps for fret, w in gap]


def _reliefs(reader: _Reader, state: State) -> tuple[Relief, ...]:
    on_tops = levelled(reader.neck_state)
    gap = relief_gap(reader.unknowns.neck, on_tops)
    reliefs = []
    for strings in _STRINGS:
        there = strings_as(state, strings)
        if on_tops:
            rows, constants = reader.unknowns.tops(reader.neck_state.surface, there)
        else:
            rows, constants = reader.unknowns.wood(there)
        for k, lane in enumerate(LANES):
            row = np.sum([w * rows[fret, k] for fret, w in gap], axis=0)
            mm = float(row @ reader.solution.z) + float(
                sum(w * constants[fret, k] for fret, w in gap)
            )
            doubt = NINE_IN_TEN * float(np.sqrt(max(row @ reader.solution.covariance @ row, 0.0)))
            reliefs.append(Relief(lane, strings, mm, doubt))
    return tuple(reliefs)
