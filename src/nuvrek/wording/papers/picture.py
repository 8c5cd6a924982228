"""The owner's own neck as a letter draws it: the board as it lies on the bench, and how high each
fret's top stands.
"""

from __future__ import annotations

import itertools
from typing import TYPE_CHECKING

from nuvrek.bench.strips.sheet_geometry import SheetGeometry, dot_frets
from nuvrek.exchange.paper import Drawing, DrawnWord, Patch, Stroke
from nuvrek.neck.board import end_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import places_mm
from nuvrek.readings.owner.entries import NeckPicture
from nuvrek.wording.speech import tr

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.bench.solved import Solved
    from nuvrek.estimate.heightmap import HeightMap

WIDE_MM, HIGH_MM = 170.0, 47.0
_BOARD_TOP, _BOARD_HIGH = 6.0, 15.0
_LINE_Y, _ROOM = 34.0, 7.0
# A height is drawn as large as fits, but never more than so many times.
_MOST_TIMES = 40.0


def picture_of(solved: Solved, frets: tuple[int, ...] = ()) -> NeckPicture:
    """How each top stands over the straight line from fret 1 to the joint, strings at pitch, and
    the frets spoken of.
    """
    return tops_picture(solved.map, frets)


def tops_picture(neck_map: HeightMap, frets: tuple[int, ...] = ()) -> NeckPicture:
    """The same of a map by itself."""
    tops = straightened(neck_map.tops_mm, neck_map.neck)
    rows = tuple(map(tuple, tops.round(3).T.tolist()))
    return NeckPicture(rows, frets)


def straightened(tops_mm: NDArray[np.float64], neck: NeckDescription) -> NDArray[np.float64]:
    """Heights (frets, 3) over the line from the first fret to the joint fret of each lane."""
    import numpy as np

    x = np.array(places_mm(neck)[1:])
    end = neck.joint_fret - 1
    share = ((x - x[0]) / max(x[end] - x[0], 1e-9))[:, None]
    return np.asarray(tops_mm - (tops_mm[0] * (1.0 - share) + tops_mm[end] * share))


def draw_neck(neck: NeckDescription, picture: NeckPicture, when: str = "") -> Drawing:
    """The board from above with its frets, those spoken of marked, and under it the line of the
    tops; ``when`` that was is said beside it.
    """
    geometry = SheetGeometry(neck, 2.0, WIDE_MM - 4.0, _BOARD_TOP, _BOARD_HIGH)
    marked = frozenset(fret for fret in picture.marked if fret <= neck.frets)
    strokes = [_fret(geometry, fret, fret in marked) for fret in range(1, neck.frets + 1)]
    strokes.append(_across(geometry, 0, 0.9))
    marks = [
        DrawnWord(geometry.fret_x(fret), _BOARD_TOP - 1.5, str(fret), 7.0, fret in marked)
        for fret in _numbered(neck.frets, marked)
    ]
    lines, drawn_words = _tops(geometry, neck, picture)
    if when:
        drawn_words.append(DrawnWord(WIDE_MM / 2, _BOARD_TOP + _BOARD_HIGH + 5.5, when, 9.0, True))
    return Drawing(
        WIDE_MM, HIGH_MM, (_board(geometry, neck),), (*strokes, *lines), (*marks, *drawn_words)
    )


def _numbered(frets: int, marked: frozenset[int]) -> list[int]:
    """Frets that carry their number: those spoken of, and the usual dots unless they crowd."""
    fret_numbers = sorted(marked)
    for fret, _ in dot_frets(frets):
        if all(abs(fret - other) > 1 for other in fret_numbers):
            fret_numbers.append(fret)
    return sorted(fret_numbers)


def _board(geometry: SheetGeometry, neck: NeckDescription) -> Patch:
    nut, end = 0.0, end_mm(neck)
    corners = [(nut, -1.0), (end, -1.0), (end, 1.0), (nut, 1.0)]
    return Patch(tuple((geometry.x(x), geometry.across(side, x)) for x, side in corners), 0.88)


def _across(geometry: SheetGeometry, fret: int, wide: float, grey: float = 0.0) -> Stroke:
    x_mm = places_mm(geometry.neck)[fret]
    x = geometry.x(x_mm)
    return Stroke(
        x, geometry.across(-1.0, x_mm), x, y2=geometry.across(1.0, x_mm), wide=wide, grey=grey
    )


def _fret(geometry: SheetGeometry, fret: int, marked: bool) -> Stroke:
    return _across(geometry, fret, 1.1 if marked else 0.35, 0.0 if marked else 0.45)


def _tops(
    geometry: SheetGeometry, neck: NeckDescription, picture: NeckPicture
) -> tuple[list[Stroke], list[DrawnWord]]:
    """The straight line an ideal neck would have, and this one's tops on either side."""
    if len(picture.tops_mm) != 3 or any(len(row) != neck.frets for row in picture.tops_mm):
        return [], []
    largest = max((abs(mm) for row in picture.tops_mm for mm in row), default=0.0)
    times = min(_ROOM / max(largest, 1e-6), _MOST_TIMES)
    left, right = min(geometry.frets_x), max(geometry.frets_x)
    strokes = [Stroke(left, _LINE_Y, right, y2=_LINE_Y, wide=0.15, grey=0.6)]
    for row, wide, grey in ((picture.tops_mm[0], 0.5, 0.0), (picture.tops_mm[2], 0.3, 0.35)):
        places = [(x, _LINE_Y - times * mm) for x, mm in zip(geometry.frets_x, row, strict=True)]
        strokes += [Stroke(*a, *b, wide, grey) for a, b in itertools.pairwise(places)]
    words = tr(
        "Fret heights, magnified {times:.0f}×. Thick line: bass side, thin line: treble side.",
        times=times,
    )
    return strokes, [DrawnWord(WIDE_MM / 2, HIGH_MM - 1.0, words, 7.5)]
