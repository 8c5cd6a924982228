"""Prints for a refret, true to scale: a numbered holder strip, the cut list, a card of arcs to bend
to. All lengths in mm.
"""

from __future__ import annotations

import math
from pathlib import Path
from typing import TYPE_CHECKING, Any

from nuvrek.exchange.template import SHEET_MM, draw_ruler
from nuvrek.meaning import Figure, Saying, Word, means, written
from nuvrek.neck.description import NeckDescription

if TYPE_CHECKING:
    from nuvrek.planning.refret.plan import RefretPlan

# Places of the holder stand so far apart: fingers must reach each piece.
HOLDER_STEP_MM = 14.0
_LEFT_MM, _BASE_MM, _HIGH_MM = 20.0, 70.0, 25.0
_ROW_MM, _TOP_MM, _ROWS = 6.0, 32.0, 22
# An arc of the card is so wide.
ARC_WIDE_MM = 80.0


def prints(neck: NeckDescription, plan: RefretPlan, us_letter: bool = False) -> bytes:
    """Holder strip, cut list and bending card as one PDF of A4 (or Letter) sheets lying down."""
    from fpdf import FPDF

    document = FPDF(orientation="L", unit="mm", format="Letter" if us_letter else "A4")
    document.set_auto_page_break(False)
    document.set_title(written(means("exchange.new-wire", title=neck.title)))
    font = Path(__file__).resolve().parents[1] / "desktop/fonts/DejaVuSans.ttf"
    document.add_font("DejaVu", fname=str(font))
    frets = tuple(piece.fret for piece in plan.cut)
    for sheet in range(holder_sheets(len(frets))):
        document.add_page()
        _holder(document, neck, frets, sheet)
    for first in range(0, max(len(plan.cut), 1), _ROWS):
        document.add_page()
        _cut_list(document, neck, plan, first)
    document.add_page()
    _card(document, neck, plan)
    return bytes(document.output())


def holder_sheets(pieces: int) -> int:
    """How many sheets the holder strip takes."""
    return max(int(-(-HOLDER_STEP_MM * (pieces + 1) // SHEET_MM)), 1)


def _head(document: Any, words: Saying) -> None:
    document.set_font("DejaVu", size=11)
    printed = means("exchange.print-100-not-fitted-page", detail=words)
    document.text(_LEFT_MM, 20.0, written(printed))
    document.set_line_width(0.1)


def _holder(document: Any, neck: NeckDescription, frets: tuple[int, ...], sheet: int) -> None:
    """A strip with a place a fret: stick it on a batten, saw at the marks."""
    _head(
        document,
        means(
            "exchange.holder-sheet",
            title=neck.title,
            sheet=sheet + 1,
            holder_sheets=holder_sheets(len(frets)),
        ),
    )
    shift = _LEFT_MM - sheet * SHEET_MM
    long = HOLDER_STEP_MM * (len(frets) + 1)
    with document.rect_clip(_LEFT_MM - 0.05, 30.0, SHEET_MM + 0.1, 90.0):
        document.rect(shift, _BASE_MM, long, _HIGH_MM)
        for n, _fret in enumerate(frets, 1):
            x = shift + HOLDER_STEP_MM * n
            document.line(x, _BASE_MM, x, _BASE_MM + _HIGH_MM)
    document.set_font("DejaVu", size=12)
    for n, fret in enumerate(frets, 1):
        x = shift + HOLDER_STEP_MM * n
        if _LEFT_MM <= x <= _LEFT_MM + SHEET_MM:
            document.text(x - 2.5, _BASE_MM - 3.0, str(fret))
    draw_ruler(document)


def _cut_list(document: Any, neck: NeckDescription, plan: RefretPlan, first: int) -> None:
    """Length to cut, tang and radius of each piece, and the piece itself in true length."""
    _head(document, means("exchange.cut-list", title=neck.title, name=Word(plan.wire.name)))
    document.set_font("DejaVu", size=10)
    places = (_LEFT_MM, 40.0, 62.0, 84.0, 110.0)
    for x, words in zip(
        places,
        (
            means("exchange.fret"),
            means("exchange.cut"),
            means("exchange.tang"),
            means("exchange.bend"),
            means("exchange.true-length"),
        ),
        strict=True,
    ):
        document.text(x, _TOP_MM - 3.0, written(words))
    rows = list(zip(plan.cut, plan.bends_mm, strict=True))[first : first + _ROWS]
    for n, (piece, bend) in enumerate(rows, 1):
        y = _TOP_MM + n * _ROW_MM
        radius: Saying
        if bend is None:
            radius = means("exchange.flat")
        else:
            radius = f"{bend:.0f}"
        said = (
            f"{piece.fret}",
            Figure(f"{piece.cut_mm:.1f}"),
            Figure(f"{piece.tang_mm:.1f}"),
            radius,
        )
        for x, figure in zip(places, said, strict=False):
            document.text(x, y, written(figure))
        document.rect(places[-1], y - 3.5, piece.cut_mm, 4.0)
    if first == 0 and plan.cutting is not None:
        sticks = "; ".join(" ".join(map(str, stick)) for stick in plan.cutting.sticks)
        document.text(
            _LEFT_MM, 172.0, written(means("exchange.out-each-stick", sticks=sticks))[:150]
        )
    draw_ruler(document)


def _card(document: Any, neck: NeckDescription, plan: RefretPlan) -> None:
    """Arcs to hold a bent piece against, at the radius it is bent to before it springs back."""
    _head(document, means("exchange.bending-card", title=neck.title))
    bends = [mm for mm in plan.bends_mm if mm is not None]
    if not bends:
        document.text(_LEFT_MM, 40.0, written(means("exchange.flat-board-wire-stays-straight")))
        draw_ruler(document)
        return
    wanted = sorted({round(min(bends)), round(sum(bends) / len(bends)), round(max(bends))})
    for n, radius in enumerate(wanted):
        _arc(document, _LEFT_MM + 60.0, 55.0 + 38.0 * n, float(radius))
        document.text(
            _LEFT_MM + 112.0, 55.0 + 38.0 * n, written(means("exchange.bend-mm", radius=radius))
        )
    draw_ruler(document)


def arc_points(radius_mm: float, wide_mm: float = ARC_WIDE_MM) -> list[tuple[float, float]]:
    """Points of an arc over a chord so wide, its top at (0, 0), y down."""
    half = min(0.5 * wide_mm, 0.98 * radius_mm)
    across = [half * (n / 60.0 - 1.0) for n in range(121)]
    return [(x, radius_mm - math.sqrt(radius_mm**2 - x**2)) for x in across]


def _arc(document: Any, x_mm: float, y_mm: float, radius_mm: float) -> None:
    document.polyline([(x_mm + x, y_mm + y) for x, y in arc_points(radius_mm)])
