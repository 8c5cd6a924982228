"""How much wood to take off a board: a linear program over its estimated face.

Arrays of shape (frets, 3) run over the places of frets 1.. and lanes bass, middle, treble;
mm. Sizes of a board as wood has them: heights upwards, from any common plane.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from nuvrek.meaning import Refusal, Saying, means
from nuvrek.neck.description import LANES, Lane
from nuvrek.planning.linear import least

Array = NDArray[np.float64]

Shape = Literal["cylinder", "cone", "compound"]
SHAPE_WORDS: dict[Shape, Saying] = {
    "cylinder": means("refret.one-radius-all-along"),
    "cone": means("refret.radius-growing-evenly-end"),
    "compound": means("refret.two-blocks-blended-middle"),
}
# A slot keeps its tang's depth and so much more (common practice, no source).
TANG_ROOM_MM = 0.2
# Wood taken where a slot must be sawn deeper afterwards counts as so much more, and wood under the
# least board as so much more still (common practice, no source).
SAW_PRICE, THIN_PRICE = 5.0, 1000.0
# Of boards that lose as much wood in all, the one that loses least at any place: a board is not
# tilted for nothing.
MOST_PRICE = 0.05
# Where two blocks of a compound radius are blended (common practice, no source).
BLEND_FRETS = (8, 9)
# A pencil mark is gone with so much wood.
MARK_MM = 0.01
LEVEL, SLOPE, TILT, TILT_SLOPE, ROD = range(5)
_UNKNOWN = 5


@dataclass(frozen=True)
class Board:
    """The face of a board as estimated: ``face_mm`` (frets, 3) with the arch in it, ``x_mm``
    (frets,) from the nut, ``y_mm`` (frets, 3) from the middle line.

    ``bend`` (frets,) is the shape a rod bends it by and ``rod_low_mm`` .. ``rod_high_mm`` the dip
    it can add; ``slot_mm`` (frets,) the depth of each slot and ``thick_mm`` (frets, 3) of the
    board, both inf where not read.
    """

    x_mm: Array
    y_mm: Array
    face_mm: Array
    bend: Array
    slot_mm: Array
    thick_mm: Array
    rod_low_mm: float = 0.0
    rod_high_mm: float = 0.0


@dataclass(frozen=True)
class TrueTo:
    """What the board is to become: ``radius_mm`` (frets,), inf for a flat one; ``dip_mm`` of the
    bend shape left in it; ``corners`` (frets, 3) marks places that may keep their pencil.
    ``slope_mm`` holds the line's rise over the whole board, for an angle; None leaves it free.
    ``tang_mm`` is the new wire's; ``least_board_mm`` must stay. ``mark_mm`` is what every place
    loses at least, so that no pencil is left.
    """

    radius_mm: Array
    tang_mm: float = 0.0
    dip_mm: float = 0.0
    least_board_mm: float = 0.0
    corners: NDArray[np.bool_] | None = None
    slope_mm: float | None = None
    mark_mm: float = MARK_MM


@dataclass(frozen=True)
class Truing:
    """Wood off (frets, 3), the ``plane`` it comes to (level, slope, tilt, tilt slope, and the dip
    the rod adds while it is taken); how much deeper each slot must be sawn afterwards, and places
    where the board would be too thin.
    """

    off_mm: Array
    plane: Array
    saw_mm: Array
    too_thin: tuple[tuple[int, Lane, float], ...] = ()

    @property
    def rod_dip_mm(self) -> float:
        """The dip the rod adds while the wood is taken."""
        return float(self.plane[ROD])

    @property
    def possible(self) -> bool:
        """Whether enough board stays everywhere."""
        return not self.too_thin

    @property
    def wood_mm(self) -> float:
        """Mean wood off over all places."""
        return float(self.off_mm.mean())

    @property
    def most_mm(self) -> float:
        """Most wood off any one place."""
        return float(self.off_mm.max())


def sags_mm(radius_mm: Array, y_mm: Array) -> Array:
    """``S = R - sqrt(R^2 - y^2)`` at every place, (frets, 3): how far the face lies under its
    middle line; written without the difference. Raises ValueError for a radius the board is too
    wide for.
    """
    radius = np.asarray(radius_mm, dtype=float)[:, None]
    if np.any(np.abs(y_mm) >= radius):
        raise Refusal(means("refret.board-too-wide-radius"))
    flat = ~np.isfinite(radius)
    safe = np.where(flat, 1.0, radius)
    inside = np.where(flat, 1.0, safe**2 - y_mm**2)
    return np.where(flat, 0.0, y_mm**2 / (safe + np.sqrt(inside)))


def radii_mm(shape: Shape, nut_mm: float, end_mm: float, x_mm: Array, board_end_mm: float) -> Array:
    """The radius at every fret, (frets,): of one block, of a cone, or of two blocks blended around
    fret 8 or 9.
    """
    if shape == "cylinder":
        return np.full(len(x_mm), nut_mm)
    if shape == "cone":
        return np.asarray(nut_mm + (end_mm - nut_mm) * x_mm / board_end_mm)
    first, second = BLEND_FRETS
    last = len(x_mm) - 1
    from_mm, to_mm = x_mm[min(first, last) - 1], x_mm[min(second, last)]
    share = np.clip((x_mm - from_mm) / max(to_mm - from_mm, 1e-9), 0.0, 1.0)
    return np.asarray(nut_mm + (end_mm - nut_mm) * share)


def columns(board: Board) -> Array:
    """Effect of (level, slope, tilt, tilt slope, rod dip) on the line less the rod's dip, (frets *
    3, 5). Slopes count over the whole board, tilts over its greatest half width.
    """
    along = np.repeat(board.x_mm / board.x_mm[-1], 3)
    across = (board.y_mm / np.abs(board.y_mm).max()).ravel()
    shapes = (np.ones_like(along), along, across, along * across, np.repeat(board.bend, 3))
    return np.column_stack(shapes)


def standing_mm(board: Board, to: TrueTo) -> Array:
    """What is left of the face once the wanted arch and dip are taken out of it, (frets * 3,): the
    line is straight under it.
    """
    arch = sags_mm(to.radius_mm, board.y_mm)
    return np.asarray((board.face_mm + arch + to.dip_mm * board.bend[:, None]).ravel())


def true_board(board: Board, to: TrueTo) -> Truing:
    """The least wood off that brings the face to the wanted shape.

    Minimises the summed ``off >= 0`` with ``off = z + S(x, y) - (a + b x + c v + d x v)``; at
    corners left alone the face may lie under the line. The rod's dip is a variable. A slot that
    would be left shallower than its tang and a little more, and board under the least, have their
    price. Raises ValueError where nothing solves it.
    """
    cols, n = columns(board), board.face_mm.size
    face = standing_mm(board, to)
    if to.corners is None:
        corner = np.zeros(n, dtype=bool)
    else:
        corner = to.corners.ravel()
    # Unknowns: the line and the rod (5), wood off, slots to be sawn deeper (frets), board missing,
    # the most off any place.
    frets = len(board.x_mm)
    eye, per_fret = np.eye(n), np.repeat(np.eye(frets), 3, axis=0)
    none_n, none_f = np.zeros((n, n)), np.zeros((n, frets))
    spare = np.repeat(board.slot_mm - to.tang_mm - TANG_ROOM_MM, 3)
    thick = board.thick_mm.ravel() - to.least_board_mm
    deep, thin = np.isfinite(spare), np.isfinite(thick)
    keeps_mark = np.where(corner, 1e3, -to.mark_mm)
    none_c, one, none_1 = np.zeros_like(cols), np.ones((n, 1)), np.zeros((n, 1))
    rows = np.block(
        [
            [-cols, -eye, none_f, none_n, none_1],  # face - off <= line
            [cols, none_n, none_f, none_n, none_1],  # line <= face - mark
            [none_c, eye, -per_fret, none_n, none_1],  # off <= slot to spare + sawn deeper
            [none_c, eye, none_f, -eye, none_1],  # off <= board to spare + missing
            [none_c, eye, none_f, none_n, -one],  # off <= most
        ]
    )
    spares = np.where(deep, spare, 1e3), np.where(thin, thick, 1e3)
    limits = np.concatenate([-face, face + keeps_mark, *spares, np.zeros(n)])
    prices = np.full(frets, SAW_PRICE), np.full(n, THIN_PRICE), [MOST_PRICE]
    cost = np.concatenate([np.zeros(_UNKNOWN), np.ones(n), *prices])
    bounds = [*_plane_bounds(board, to), *[(0.0, None)] * (2 * n + frets + 1)]
    solution = least(cost, rows, limits, bounds)
    if solution is None:
        raise Refusal(means("refret.truing-board-could-not-worked"))
    off = np.maximum(solution.x[_UNKNOWN : _UNKNOWN + n], 0.0).reshape(-1, 3)
    missing = solution.x[_UNKNOWN + n + frets : -1].reshape(-1, 3)
    # A slot may be shallow as it is: only the truing's share is sawn here, the rest with the slots.
    saw = np.maximum(
        off.max(axis=1) - np.where(np.isfinite(board.slot_mm), spare[::3], np.inf), 0.0
    )
    return Truing(off, np.asarray(solution.x[:_UNKNOWN]), saw, _named(missing))


def _plane_bounds(board: Board, to: TrueTo) -> list[tuple[float | None, float | None]]:
    slope = (to.slope_mm, to.slope_mm)
    return [(None, None), slope, (None, None), (None, None), (board.rod_low_mm, board.rod_high_mm)]


def angled(board: Board, to: TrueTo, off_mm: float, none_at_mm: float) -> TrueTo:
    """The same shape with more wood off at the nut, none at ``none_at_mm``: the line that truing
    alone would come to, turned about that place.
    """
    slope = float(true_board(board, to).plane[SLOPE])
    return replace(to, slope_mm=slope + off_mm * float(board.x_mm[-1]) / none_at_mm)


def _named(missing: Array) -> tuple[tuple[int, Lane, float], ...]:
    return tuple(
        (int(fret) + 1, LANES[k], float(missing[fret, k]))
        for fret, k in np.argwhere(missing > 1e-6)
    )


def wood_of(board: Board, to: TrueTo, face_mm: Array) -> float:
    """Mean wood off such a face (frets, 3), slots and thickness left out of it; the line alone is
    unknown, far quicker, for many boards after each other. nan where unsolved.
    """
    cols = columns(board)
    face = standing_mm(replace(board, face_mm=face_mm), to)
    if to.corners is None:
        free = np.ones(len(face), dtype=bool)
    else:
        free = ~to.corners.ravel()
    bounds = _plane_bounds(board, to)
    solution = least(-cols[free].sum(axis=0), cols[free], face[free] - to.mark_mm, bounds)
    if solution is None:
        return float("nan")
    return float(np.maximum(face - cols @ solution.x, 0.0).mean())


def block_until_clean(board: Board, to: TrueTo) -> Array:
    """Wood off (frets, 3) by the plain procedure: a straight cylinder led over the board as it
    lies until the last pencil mark is gone.
    """
    cols = columns(board)[:, :ROD]
    face = standing_mm(board, to)
    lie = cols @ np.linalg.lstsq(cols, face, rcond=None)[0]
    down = float((lie - face).max()) + to.mark_mm
    return np.asarray(np.maximum(face - lie + down, 0.0).reshape(-1, 3))


def what_would_do(truing: Truing, corners_stay: bool) -> tuple[Saying, ...]:
    """What would make a truing possible that leaves too little board."""
    if truing.possible:
        return ()
    sayings: list[Saying] = [means("refret.clean-board-only-level-over")]
    if not corners_stay:
        sayings.append(means("refret.leave-corners-nobody-plays-they"))
    sayings.append(means("refret.agree-thinner-board"))
    return tuple(sayings)
