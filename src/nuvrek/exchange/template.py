"""A notched straight edge at true scale: to print, stick on a cheap rule, and cut.

The edge lies on the wood; its notches clear the frets. All lengths in mm, x from the nut.
"""

from __future__ import annotations

import io
import itertools
from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import Any

from msgspec import Struct

from nuvrek.exchange.files import write_whole
from nuvrek.meaning import Refusal, means, written
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.rocker import rocker_span_mm
from nuvrek.neck.scale import fret_line_mm

Point = tuple[float, float]

SHEET_MM = 250.0  # of the edge on one A4 sheet lying down
_LEFT_MM, _BASE_MM = 20.0, 110.0
_RULER_MM = 150.0


class NotchedEdge(Struct, frozen=True):
    """The outline of a notched edge, y upwards from the wood; ``frets`` are the notch middles."""

    scale_mm: float
    frets: tuple[float, ...]
    outline: tuple[Point, ...]
    start_mm: float
    end_mm: float


def notched_edge(
    scale_mm: float,
    frets: int,
    notch_mm: float = 5.0,
    depth_mm: float = 4.0,
    height_mm: float = 25.0,
) -> NotchedEdge:
    """The edge for a scale length. Raises ValueError where notches would run into each other."""
    places = fret_line_mm(scale_mm, frets)[1:]
    if frets > 1:
        closest = min(b - a for a, b in itertools.pairwise(places))
    else:
        closest = scale_mm
    if notch_mm > 0.7 * closest:
        raise Refusal(
            means("exchange.notches-mm-too-wide-last", notch_mm=notch_mm, closest=closest)
        )
    start, end = places[0] - 12.0, places[-1] + 12.0
    outline: list[Point] = [(start, 0.0)]
    for x in places:
        left, right = x - 0.5 * notch_mm, x + 0.5 * notch_mm
        outline += [(left, 0.0), (left, depth_mm), (right, depth_mm), (right, 0.0)]
    outline += [(end, 0.0), (end, height_mm), (start, height_mm)]
    return NotchedEdge(scale_mm, tuple(places), tuple(outline), start, end)


def write(edge: NotchedEdge, path: Path) -> None:
    """Write the edge as .pdf, .svg or .dxf, by the file's ending. Raises ValueError for another
    ending.
    """
    write_whole(path, render(edge, path))


def render(edge: NotchedEdge, path: Path, us_letter: bool = False) -> bytes:
    """The edge as the ending of ``path`` asks: .pdf, .svg or .dxf. Raises ValueError for another
    ending.
    """
    makers: dict[str, Callable[[NotchedEdge], bytes]] = {
        ".pdf": partial(pdf, us_letter=us_letter),
        ".svg": svg,
        ".dxf": dxf,
    }
    make = makers.get(path.suffix.lower())
    if make is None:
        raise Refusal(means("exchange.template-written-pdf-svg-or", name=path.name))
    return make(edge)


def rocker_table(scale_mm: float, frets: int) -> str:
    """CSV: per triple its middle fret and the shortest and longest rocker edge that serves, in
    mm.
    """
    neck = NeckDescription(scale_mm=scale_mm, frets=frets, joint_fret=min(frets, 4))
    rows = ["middle_fret,shortest_mm,longest_mm"]
    for fret in range(2, frets):
        least, most = rocker_span_mm(neck, fret)
        rows.append(f"{fret},{least:.2f},{most:.2f}")
    return "\n".join(rows) + "\n"


def svg(edge: NotchedEdge) -> bytes:
    """One drawing at true scale: user units are mm."""
    top = max(y for _, y in edge.outline)
    wide, high = edge.end_mm - edge.start_mm, top + 10.0
    path = " ".join(f"{x - edge.start_mm:.4f},{top + 5.0 - y:.4f}" for x, y in edge.outline)
    marks = "".join(
        (
            f'<text x="{x - edge.start_mm:.4f}" y="{top - 1.0:.2f}" font-size="4" '
            f'text-anchor="middle">{n}</text>'
        )
        for n, x in enumerate(edge.frets, 1)
    )
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide:.4f}mm" '
        f'height="{high:.4f}mm" viewBox="0 0 {wide:.4f} {high:.4f}">'
        f'<polygon points="{path}" fill="none" stroke="black" stroke-width="0.1"/>{marks}</svg>\n'
    ).encode()


def dxf(edge: NotchedEdge) -> bytes:
    """The outline as a closed polyline in mm, fret numbers on a layer of their own."""
    import ezdxf

    document = ezdxf.new("R2010", units=4)  # type: ignore[attr-defined]
    space = document.modelspace()
    space.add_lwpolyline(edge.outline, close=True)
    document.layers.add("FRETS")
    for n, x in enumerate(edge.frets, 1):
        space.add_text(str(n), height=4, dxfattribs={"layer": "FRETS"}).set_placement((x, 8.0))
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode()


def pdf(edge: NotchedEdge, us_letter: bool = False) -> bytes:
    """A4 (or Letter) sheets lying down, each with its stretch of the edge, join lines and a ruler
    to check the printer by.
    """
    from fpdf import FPDF

    document = FPDF(orientation="L", unit="mm", format="Letter" if us_letter else "A4")
    document.set_auto_page_break(False)
    document.set_title(written(means("exchange.notched-edge-mm", scale_mm=edge.scale_mm)))
    font = Path(__file__).resolve().parents[1] / "desktop/fonts/DejaVuSans.ttf"
    document.add_font("DejaVu", fname=str(font))
    count = sheets(edge)
    for sheet in range(count):
        document.add_page()
        _sheet(document, edge, sheet, count)
    return bytes(document.output())


def sheets(edge: NotchedEdge) -> int:
    """How many sheets the edge takes."""
    return int(-(-(edge.end_mm - edge.start_mm) // SHEET_MM))


def _sheet(document: Any, edge: NotchedEdge, sheet: int, count: int) -> None:
    shift = _LEFT_MM - edge.start_mm - sheet * SHEET_MM
    document.set_font("DejaVu", size=11)
    words = means(
        "exchange.notched-edge-mm-sheet-print", scale_mm=edge.scale_mm, sheet=sheet + 1, count=count
    )
    document.text(_LEFT_MM, 24.0, written(words))
    document.set_line_width(0.1)
    with document.rect_clip(_LEFT_MM - 0.05, 30.0, SHEET_MM + 0.1, 120.0):
        document.polygon([(x + shift, _BASE_MM - y) for x, y in edge.outline], style="D")
    for n, x in enumerate(edge.frets, 1):
        if _LEFT_MM <= x + shift <= _LEFT_MM + SHEET_MM:
            document.text(x + shift - 2.0, _BASE_MM - 10.0, str(n))
    for place, wanted in ((_LEFT_MM, sheet > 0), (_LEFT_MM + SHEET_MM, sheet + 1 < count)):
        if wanted:
            document.set_dash_pattern(dash=2, gap=2)
            document.line(place, _BASE_MM - 45.0, place, _BASE_MM - 27.0)
            document.set_dash_pattern()
            document.text(place - 8.0, _BASE_MM - 47.0, written(means("exchange.join-here")))
    draw_ruler(document)


def draw_ruler(document: Any) -> None:
    """A ruler to check the printer by."""
    y = 175.0
    for mm in range(0, int(_RULER_MM) + 1, 5):
        document.line(
            _LEFT_MM + mm,
            y,
            _LEFT_MM + mm,
            y - (6.0 if mm % 50 == 0 else 4.0 if mm % 10 == 0 else 2.5),
        )
        if mm % 50 == 0:
            document.text(_LEFT_MM + mm - 3.0, y + 6.0, str(mm))
    document.line(_LEFT_MM, y, _LEFT_MM + _RULER_MM, y)
    document.text(
        _LEFT_MM,
        y + 14.0,
        written(means("exchange.ruler-should-measure-mm-if", ruler_mm=_RULER_MM)),
    )
