"""The least metal such that every note rings clean at a wanted string height: a linear program over
the tops.

Room is linear in tops, saddle and relief, so metal off, saddles and the rod's setting are found
together; the height itself may be left open at a price.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray
from scipy.sparse import csr_array, vstack

from nuvrek.clearance.string_lines import lane_weights
from nuvrek.clearance.strung_neck import OnNeck
from nuvrek.mechanics.beam import bend_profile
from nuvrek.planning.linear import LinearProgram

Array = NDArray[np.float64]

# Metal this little costs as much as relief far off its target would: the rod is moved for metal,
# not for its own sake.
RELIEF_PRICE = 1e-3
# A room broken by less than this is kept.
BROKEN_MM = 1e-9


@dataclass(frozen=True)
class Clean:
    """Metal off (frets, 3), the relief the rod takes out for it, and how far over the given
    heights, all in mm.

    ``weight`` (frets, 3) is how much all metal grows with each millimetre a top stands higher.
    """

    off_mm: Array
    less_relief_mm: float
    up_mm: float
    weight: Array

    @property
    def metal_mm(self) -> float:
        """Metal off summed over the frets, each at its mean over the lanes."""
        return float(self.off_mm.mean(axis=1).sum())


@dataclass(frozen=True)
class CleanProgram:
    """``rows @ v <= limits`` with ``v`` = removal fret by fret and lane by lane, then relief less,
    relief more, height up.

    The saddles are put in by the wanted height: each string stands exactly so high over fret 12
    once filed.
    """

    cost: Array
    rows: csr_array
    limits: Array
    bounds: Sequence[tuple[float, float | None]]
    note: NDArray[np.intp]  # which note of which string each row speaks of

    def raised(self, up_mm: float) -> CleanProgram:
        """The same with all strings so much higher: each has that much more room, only the
        limits move.
        """
        return replace(self, limits=self.limits - self.by_height * up_mm)

    @property
    def by_height(self) -> Array:
        """What each row loses with a millimetre of height."""
        return np.asarray(self.rows[:, [-1]].toarray()[:, 0])


def program(
    on: OnNeck,
    crown_mm: Array,
    height_mm: Array,
    touch: float,
    reach_mm: tuple[float, float] = (0.0, 0.0),
    up: tuple[float, float] = (0.0, 0.0),
    sure: float = 0.0,
) -> CleanProgram:
    """The program for open-string heights (strings,) over fret 12 at a touch.

    ``crown_mm`` (frets, 3) is the metal over the least to keep; ``reach_mm`` the relief the rod may
    give back (negative) and take out; ``up`` how far all strings may stand over these heights, and
    the metal a millimetre of that is worth; each room keeps ``sure`` standard deviations of its own
    doubt besides.
    """
    frets = on.strung.tops_mm.shape[1] - 1
    made = [_string_rows(on, s, float(height_mm[s]), touch, sure) for s in range(len(height_mm))]
    rows, limits = [rows for rows, _, _ in made], [limits for _, limits, _ in made]
    note = np.concatenate([notes + s * (frets + 1) for s, (_, _, notes) in enumerate(made)])
    every = np.concatenate(rows)
    # Relief less or more is priced a trace either way: a second column for the other direction.
    every = np.concatenate((every[:, :-1], -every[:, -2:-1], every[:, -1:]), axis=1)
    cost = np.concatenate((np.full(3 * frets, 1.0 / 3.0), [RELIEF_PRICE, RELIEF_PRICE, up[1]]))
    room_left = [(0.0, max(float(mm), 0.0)) for mm in crown_mm.ravel()]
    rod = [(0.0, max(reach_mm[1], 0.0)), (0.0, max(-reach_mm[0], 0.0))]
    # A room hangs on three frets and the saddle: most of a row is nought, and the solver is told
    # so.
    return CleanProgram(
        cost, csr_array(every), np.concatenate(limits), [*room_left, *rod, (0.0, up[0])], note
    )


def _string_rows(
    on: OnNeck, string: int, height_mm: float, touch: float, sure: float
) -> tuple[Array, Array, NDArray[np.intp]]:
    """``rows @ v <= limits`` of one string, and their notes: room of each fretted note over each
    fret ahead.
    """
    strung, weights = on.strung, lane_weights(on.neck)[string]
    places = len(strung.x_mm)
    notes, ahead = np.nonzero(strung.ahead & (np.arange(places) > 0)[:, None])
    share, b = strung.x_mm[on.fret_12] / strung.scale_mm, strung.lean[notes, ahead]
    # A top is today's less what is filed, plus what less relief lifts it by; one column a fret and
    # lane, one for relief.
    change = np.zeros((places, 3 * (places - 1) + 1))
    for fret in range(1, places):
        change[fret, 3 * (fret - 1) : 3 * fret] = -weights[fret]
    change[:, -1] = bend_profile(on.neck)
    tops = strung.tops_mm[string]
    # Saddle from the height: S = (t12 + h - nut (1 - a)) / a.
    saddle = (tops[on.fret_12] + height_mm - tops[0] * (1.0 - share)) / share
    saddle_by = (change[on.fret_12] - change[0] * (1.0 - share)) / share
    swing = touch * strung.swing_mm_per_touch[string, notes, ahead]
    room = tops[notes] * (1.0 - b) + saddle * b - tops[ahead] - swing
    room_by = change[notes] * (1.0 - b)[:, None] + b[:, None] * saddle_by[None, :] - change[ahead]
    if sure > 0.0:
        room = room - sure * on.room_sd_mm[string, notes, ahead]
    return np.column_stack((-room_by, -b / share)), room, notes


class Search:
    """Programs of the same rows solved one after the other: each goes on from the last.

    Few rooms are tight: a program is solved over the tight ones, and those it breaks are added
    until it breaks none; they stay for the next one.
    """

    def __init__(self, clean_program: CleanProgram) -> None:
        self._linear = LinearProgram(clean_program.cost, clean_program.bounds)
        self._chosen: list[int] = []

    def solve(self, clean_program: CleanProgram) -> tuple[Array, Array] | None:
        """The optimum of a program and what its cost grows by with each limit, or None where
        nothing satisfies it.
        """
        linear, limits = self._linear, clean_program.limits
        linear.price(clean_program.cost, clean_program.bounds)
        linear.limit(limits[self._chosen])
        self._take_up(clean_program, limits)
        while True:
            found = linear.solve()
            if found is None:
                return None
            if not self._take_up(clean_program, limits - clean_program.rows @ found.x + BROKEN_MM):
                worth = np.zeros(len(limits))
                worth[self._chosen] = found.worth
                return found.x, worth

    def keep(self, clean_program: CleanProgram, row: int) -> None:
        """A row is there from the first, tight or not."""
        self._linear.add(clean_program.rows[[row]].toarray(), clean_program.limits[[row]])
        self._chosen.append(row)

    def _take_up(self, clean_program: CleanProgram, room: Array) -> bool:
        """The rows of too little ``room`` are added; whether there were any."""
        broken = _worst(clean_program, room)
        broken[self._chosen] = False
        more = np.flatnonzero(broken)
        if len(more):
            self._linear.add(clean_program.rows[more].toarray(), clean_program.limits[more])
            self._chosen += more.tolist()
        return bool(len(more))


def _worst(clean_program: CleanProgram, room: Array) -> NDArray[np.bool_]:
    """Of each note's rooms under nil the least, (rows,): the others mostly follow it."""
    found = np.zeros(len(room), dtype=bool)
    order = np.lexsort((room, clean_program.note))
    first = order[np.append(True, np.diff(clean_program.note[order]) > 0)]
    found[first] = room[first] < 0.0
    return found


def play_clean(clean_program: CleanProgram, search: Search | None = None) -> Clean | None:
    """Least metal for clean notes, with the relief and height it goes with; None where the frets
    can't pay for it.
    """
    found = (search or Search(clean_program)).solve(clean_program)
    if found is None:
        return None
    v, worth = found
    # A room shrinks by what is filed as it grows by what a top stands higher: the rows tell both.
    weight = np.asarray(clean_program.rows.T @ worth)[:-3].reshape(-1, 3)
    return Clean(v[:-3].reshape(-1, 3), float(v[-3] - v[-2]), float(v[-1]), weight)


@dataclass(frozen=True)
class MetalCurve:
    """Metal off against string height: ``up_mm`` over what a full level allows, ``metal_mm`` least
    for it.

    ``base_mm`` are the heights (strings,) a full level allows; ``now_up_mm`` is where the neck
    stands as it is, at no metal; ``bend`` is where another tenth lower begins to cost more than on
    the whole way, None where nothing is gained.
    """

    base_mm: Array
    up_mm: Array
    metal_mm: Array
    now_up_mm: float
    level_metal_mm: float
    bend: Clean | None


POINTS = 6
# A curve that rises by less than this has no bend to speak of.
WORTH_A_BEND_MM = 0.02


def curve(
    on: OnNeck,
    crown_mm: Array,
    base_mm: Array,
    level_metal_mm: float,
    touch: float,
    reach_mm: tuple[float, float],
    sure: float = 0.0,
) -> MetalCurve:
    """The least metal for every height, from what a full level allows (or its metal buys for
    certain) up to the neck as it is.
    """
    clean_program = program(
        on, crown_mm, base_mm, touch=touch, reach_mm=reach_mm, up=(0.0, 0.0), sure=sure
    )
    # As it is: the height at which the tightest note is clean with nothing filed.
    now = float(np.max(clean_program.limits / clean_program.by_height))
    if now <= 0.0:
        return MetalCurve(
            base_mm,
            np.zeros(0),
            np.zeros(0),
            now_up_mm=now,
            level_metal_mm=level_metal_mm,
            bend=None,
        )
    search = Search(clean_program)
    points = _points(clean_program, search, now, level_metal_mm)
    begin, most_mm = points[0]
    bend = _bend(clean_program, search, begin, now, most_mm)
    if bend is not None:
        bend = replace(bend, up_mm=bend.up_mm + begin)
        points.append((bend.up_mm, bend.metal_mm))
    ups, metal = np.array(sorted(points)).T
    return MetalCurve(base_mm, ups, metal, now_up_mm=now, level_metal_mm=level_metal_mm, bend=bend)


def _points(
    clean_program: CleanProgram, search: Search, now: float, level_metal_mm: float
) -> list[tuple[float, float]]:
    """Heights and the least metal for each, the lowest first; the last is the neck as it is."""
    first = search.solve(clean_program)
    lowest = 0.0
    if first is None or _metal(first[0]) > level_metal_mm:
        # Not even a full level's metal buys that height for certain: the curve begins where it
        # does.
        lowest = _lowest(clean_program, now, level_metal_mm)
    points = []
    for up in np.linspace(lowest, now, POINTS)[:-1]:
        found = search.solve(clean_program.raised(float(up)))
        if found is not None:
            points.append((float(up), _metal(found[0])))
    return [*points, (now, 0.0)]


def _bend(
    clean_program: CleanProgram, search: Search, lowest: float, now: float, metal_mm: float
) -> Clean | None:
    """The bend of the curve: height priced at what metal costs on the whole."""
    if metal_mm <= WORTH_A_BEND_MM:
        return None
    span = now - lowest
    priced = np.append(clean_program.cost[:-1], metal_mm / span)
    bounds = [*clean_program.bounds[:-1], (0.0, span)]
    return play_clean(replace(clean_program.raised(lowest), cost=priced, bounds=bounds), search)


def _metal(v: Array) -> float:
    """Metal of a solution, summed over the frets."""
    return float(v[:-3].sum() / 3.0)


def _lowest(clean_program: CleanProgram, most_mm: float, metal_mm: float) -> float:
    """How far over the heights of a program the strings must lie at least, for no more metal
    than this.
    """
    spent = np.where(
        np.arange(len(clean_program.cost)) < len(clean_program.cost) - 3, 1.0 / 3.0, 0.0
    )
    cost = np.zeros(len(clean_program.cost))
    cost[-1] = 1.0
    # The metal's own row comes first.
    priced = CleanProgram(
        cost,
        csr_array(vstack((csr_array(spent[None, :]), clean_program.rows))),
        np.concatenate(([metal_mm], clean_program.limits)),
        [*clean_program.bounds[:-1], (0.0, most_mm)],
        np.append(-1, clean_program.note),
    )
    search = Search(priced)
    search.keep(priced, 0)
    found = search.solve(priced)
    # A trace more: the very lowest point leaves the next program no room for rounding.
    if found is None:
        return most_mm
    return float(found[0][-1]) + 1e-4
