"""What new wire comes to on a mapped neck before anything is pulled: the wood taken, where the new
tops will stand, what their first level takes, what nut and saddle must do. Lengths in mm; arrays
(frets, 3) run over frets 1.. and lanes bass side, middle, treble side.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.model.metal_work import FITTED_LANE_MM, FITTED_MM
from nuvrek.meaning import Word
from nuvrek.neck.board import LANE_ACROSS, LANE_INSET, end_mm, width_mm
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.neck.scale import places_mm
from nuvrek.neck.wire import Wire
from nuvrek.planning.filing.level_program import LevelTerms, Removal, level_all
from nuvrek.planning.filing.tops import neck_tops_of
from nuvrek.planning.refret.set_up import SetUp, set_up_after
from nuvrek.planning.refret.truing import (
    Board,
    TrueTo,
    Truing,
    angled,
    radii_mm,
    sags_mm,
    true_board,
    wood_of,
)
from nuvrek.readings.entries import NewWire
from nuvrek.readings.told.board_read import BoardRead, board_read
from nuvrek.recognise.complaints import wire_wishes_in

Array = NDArray[np.float64]

# A tang where nobody measured the wire (common practice, no source).
USUAL_TANG_MM = 1.5
# A step up in height, and in width, among the wires there are (common practice, no source).
STEP_UP_MM = (0.2, 0.4)
# What new wire must have over the least crown, to be worth fitting (common practice, no source).
FIRST_LEVELS_MM = 0.25
# The fitting that is drawn for what a first level takes is always the same.
SEED = 5
# Dirt off a straight board takes next to nothing (common practice, no source).
CLEANED_MM = 0.01
# So many boards that the readings allow are trued for what the wood comes to.
BOARDS = 6
# What an owner wishes of other wire.


@dataclass(frozen=True)
class NewTops:
    """New wire on this neck. ``wood_mm`` is wood off, ``rise_mm`` how far each top rises over the
    one that is there, ``crown_mm`` the new crowns before a level; ``level`` what the first level
    takes off them on a fitting as it usually comes out. ``frets`` get new wire.
    """

    terms: NewWire
    wire: Wire
    frets: tuple[int, ...]
    truing: Truing | None
    wood_mm: Array
    wood_likely_mm: float
    rise_mm: Array
    crown_mm: Array
    level: Removal
    set_up: SetUp

    @property
    def first_level_mm(self) -> float:
        """What the first level takes of the thinnest new crown, mm."""
        return self.wire.crown_mm - self.thinnest_mm

    @property
    def thinnest_mm(self) -> float:
        """The thinnest crown after the first level, mm, as costs and promises count it."""
        return float((self.crown_mm - self.level.off_mm).min())


def usual_wire(neck: NeckDescription) -> Wire:
    """Wire like the one described, as long as none is chosen; a taller one where that would have
    no metal for its first levels.
    """
    least, wish = neck.least_crown_mm + FIRST_LEVELS_MM, wire_wishes_in(neck.wire_wish)
    crown = max(neck.wire_height_mm + STEP_UP_MM[0] * ("taller" in wish), least)
    hard = "harder" in wish
    if crown > neck.wire_height_mm:
        if hard:
            name = Word("hard wire a little taller than the old")
        else:
            name = Word("wire a little taller than the old")
    else:
        if hard:
            name = Word("hard wire like the old")
        else:
            name = Word("wire like the old")
    return Wire(
        name=name.text,
        crown_mm=min(crown, 3.0),
        width_mm=min(neck.wire_width_mm + STEP_UP_MM[1] * ("wider" in wish), 4.0),
        tang_mm=USUAL_TANG_MM,
        hardness="hard" if hard else "common",
    )


def board_of(neck_map: HeightMap, read: BoardRead, face_mm: Array | None = None) -> Board:
    """The slack board of a mapped neck with its arch; ``face_mm`` (frets, 3) instead of its mean
    heights.
    """
    neck, tops = neck_map.neck, neck_tops_of(neck_map)
    y = half_widths_mm(neck)[:, None] * np.asarray(LANE_ACROSS) * (1.0 - 2.0 * LANE_INSET)
    if face_mm is None:
        face = neck_map.wood["slack"][0]
    else:
        face = face_mm
    return Board(
        x_mm=neck_map.x_mm,
        y_mm=y,
        face_mm=face - _arch(read.radius_mm, y),
        bend=tops.bend,
        slot_mm=_or_none(read.slot_depth_mm),
        thick_mm=np.repeat(_or_none(read.thick_mm)[:, None], 3, axis=1),
        rod_low_mm=tops.rod_dip_low_mm,
        rod_high_mm=tops.rod_dip_high_mm,
    )


def half_widths_mm(neck: NeckDescription) -> Array:
    """Half the board's width at every fret, (frets,)."""
    x = places_mm(neck)
    return np.array([0.5 * width_mm(neck, x[fret]) for fret in range(1, neck.frets + 1)])


def _arch(radius_mm: tuple[float | None, ...], y_mm: Array) -> Array:
    return sags_mm(np.array([np.inf if r is None else r for r in radius_mm]), y_mm)


def _or_none(read: tuple[float | None, ...]) -> Array:
    return np.array([np.inf if mm is None else mm for mm in read])


def shape_of(neck_map: HeightMap, terms: NewWire, read: BoardRead, tang_mm: float) -> TrueTo:
    """What the board is trued to, as agreed; where nothing is, to the radius it has, even and
    straight, with the dip a neck without a rod needs under its strings.
    """
    neck = neck_map.neck
    known = [r for r in read.radius_mm if r is not None]
    nut = terms.radius_mm or (known[0] if known else None)
    end = terms.end_radius_mm or (known[-1] if known else None)
    # A compound stays one unless one radius was asked for.
    shape = terms.shape
    if shape == "cylinder" and terms.radius_mm is None and neck.end_radius_mm is not None:
        shape = "cone"
    if nut is None:
        radius = np.full(neck.frets, np.inf)
    else:
        radius = radii_mm(shape, nut, end or nut, neck_map.x_mm, end_mm(neck))
    corners = np.zeros((neck.frets, 3), dtype=bool)
    for fret, lane in terms.corners:
        if fret <= neck.frets:
            corners[fret - 1, LANES.index(lane)] = True
    dip = 0.0
    if neck.rod == "none":
        dip = neck.relief_wanted_mm("middle") - neck_map.pull_mm
    return TrueTo(radius, tang_mm, dip, terms.least_board_mm, corners)


def plan_truing(neck_map: HeightMap, terms: NewWire, wire: Wire) -> tuple[Board, TrueTo, Truing]:
    """The board, what it is to become and the least wood that brings it there. Raises ValueError
    where its readings contradict each other, or nothing solves it.
    """
    read = board_read(neck_map.neck_state)
    if read.faults:
        raise ValueError(read.faults[0])
    board = board_of(neck_map, read)
    to = shape_of(neck_map, terms, read, wire.tang_mm)
    if terms.angle_mm:
        to = angled(board, to, terms.angle_mm, float(neck_map.x_mm[-1]))
    return board, to, true_board(board, to)


def likely_wood_mm(neck_map: HeightMap, board: Board, to: TrueTo) -> float:
    """Mean wood off the boards that the readings allow: a board that is smoothed over on the map
    has lower places than it shows.
    """
    rows, _ = Measurer(neck_map).heights("wood", "slack")
    rng = np.random.default_rng(SEED)
    root = neck_map.solution.root
    found = []
    for _ in range(BOARDS):
        off = rows[1:] @ (root @ rng.standard_normal(root.shape[1]))
        found.append(wood_of(board, to, board.face_mm + off))
    return float(np.nanmean(found))


def new_tops(
    neck_map: HeightMap, terms: NewWire, wire: Wire, frets: tuple[int, ...], level: LevelTerms
) -> NewTops:
    """New wire as agreed. Raises ValueError where the board's readings contradict each other."""
    neck, likely = neck_map.neck, CLEANED_MM
    truing: Truing | None = None
    new = np.isin(np.arange(1, neck.frets + 1), frets)
    wood = np.full((neck.frets, 3), 0.0)
    if terms.wood == "true" and new.all():
        board, to, truing = plan_truing(neck_map, terms, wire)
        wood, likely = truing.off_mm, likely_wood_mm(neck_map, board, to)
    else:
        wood[new] = CLEANED_MM
    crown = np.where(new[:, None], wire.crown_mm, neck_map.crown_mm)
    rise = crown - neck_map.crown_mm - wood
    # Tangs that bend the neck back lift its middle.
    rise += terms.back_bow_mm * neck_tops_of(neck_map).bend[:, None]
    return NewTops(
        terms=terms,
        wire=wire,
        frets=frets,
        truing=truing,
        wood_mm=wood,
        wood_likely_mm=likely,
        rise_mm=rise,
        crown_mm=crown,
        level=_first_level(neck_map, rise, crown, new, level),
        set_up=set_up_after(neck, rise),
    )


def _first_level(
    neck_map: HeightMap, rise: Array, crown: Array, new: NDArray[np.bool_], terms: LevelTerms
) -> Removal:
    """A level of the new tops, on a fitting as it usually comes out."""
    tops = neck_tops_of(neck_map)
    rng = np.random.default_rng(SEED)
    sits = FITTED_MM * rng.standard_normal((len(new), 1))
    sits = (sits + FITTED_LANE_MM * rng.standard_normal(rise.shape)) * new[:, None]
    fitted = replace(
        tops,
        tops_mm=tops.tops_mm + rise + sits,
        crown_mm=crown + sits,
        groove_mm=np.where(new[:, None], 0.0, tops.grooves.reshape(-1, 3)),
    )
    return level_all(fitted, terms)


def sits_doubt_mm(neck_map: HeightMap) -> float:
    """How far one new top may stand off its neighbours, nine times in ten."""
    return NINE_IN_TEN * float(np.hypot(FITTED_MM, FITTED_LANE_MM))
