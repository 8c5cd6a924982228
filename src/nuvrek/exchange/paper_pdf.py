"""Papers as PDF, set in the fonts that ship along. A letter is set smaller until it fits a page."""

from __future__ import annotations

import io
from collections.abc import Iterable
from itertools import zip_longest
from pathlib import Path
from typing import Any

from nuvrek.exchange.paper import Block, Drawing, Heading, Paper, PaperTable, Paragraph, Photo

_FONTS = Path(__file__).resolve().parents[1] / "desktop/fonts"
_TEXT, _OTHER = "Text", "Other"
_MARGIN_MM, _WIDE_MM = 20.0, 170.0
# Sizes that are tried until a paper fits its page; a longer one runs on to the next.
_POINTS = (10.5, 10.0, 9.5, 9.0)
_LINE = 0.3528 * 1.36  # mm a point, and the lead


def drawing_width_mm() -> float:
    """How wide a drawing may be."""
    return _WIDE_MM


def paper_pdf(paper: Paper) -> bytes:
    """The paper as PDF, A4 or Letter."""
    data = b""
    for points in _POINTS if paper.one_page else _POINTS[1:2]:
        document = _set(paper, points)
        data = bytes(document.output())
        for font in document.fonts.values():
            font.close()
        if document.page_no() == 1:
            break
    return data


def unset_letters(text: str) -> str:
    """The letters of a text for which no font that ships along has a sign."""
    import uharfbuzz as hb

    known: set[int] = set()
    for name in (_files()["regular"], _files()["other"]):
        known |= set(hb.Face(hb.Blob.from_file_path(str(name))).unicodes)
    unknown = (one for one in text if one.isprintable() and ord(one) not in known)
    return "".join(dict.fromkeys(unknown))


def _files() -> dict[str, Path]:
    return {
        "regular": _FONTS / "AtkinsonHyperlegibleNext_400Regular.ttf",
        "bold": _FONTS / "AtkinsonHyperlegibleNext_700Bold.ttf",
        "other": _FONTS / "DejaVuSans.ttf",
    }


def _set(paper: Paper, points: float) -> Any:
    document = _document(paper, points)
    _head(document, paper, points)
    for block in paper.blocks:
        _block(document, block, points)
    if paper.foot:
        document.ln(2.0)
        document.set_font(_TEXT, size=points - 1.5)
        document.set_text_color(90)
        document.multi_cell(_WIDE_MM, (points - 1.5) * _LINE, paper.foot, **_NEXT)
    return document


def _document(paper: Paper, points: float) -> Any:
    from fpdf import FPDF

    class Sheet(FPDF):
        """Numbers its pages where there are several, and names its font afresh before each text:
        after letters of the other font the library goes on in that one, and others are lost.
        """

        def _font_again(self) -> None:
            if self.page:
                named = self.font_family, self.font_style, self.font_size_pt
                self.set_font(_OTHER, size=1.0)
                self.set_font(*named)

        def multi_cell(self, *told: Any, **named: Any) -> Any:
            self._font_again()
            return super().multi_cell(*told, **named)

        def text(self, *told: Any, **named: Any) -> Any:
            self._font_again()
            return super().text(*told, **named)

        def footer(self) -> None:
            if self.page_no() > 1:
                self.set_y(-14)
                self.set_font(_TEXT, size=8)
                self.set_text_color(90)
                self.cell(_WIDE_MM, 4, f"{paper.title}, {self.page_no()}", align="R")
                self.set_text_color(0)

    document = Sheet(orientation="P", unit="mm", format="Letter" if paper.us_letter else "A4")
    files = _files()
    document.add_font(_TEXT, fname=str(files["regular"]))
    document.add_font(_TEXT, style="B", fname=str(files["bold"]))
    document.add_font(_OTHER, fname=str(files["other"]))
    document.add_font(_OTHER, style="B", fname=str(files["other"]))
    document.set_fallback_fonts([_OTHER], exact_match=False)
    document.set_text_shaping(True)
    document.set_margins(_MARGIN_MM, 16.0, _MARGIN_MM)
    document.set_auto_page_break(True, 16.0)
    # Names stay out of what a file tells of itself.
    document.set_title(paper.title)
    document.add_page()
    document.set_font(_TEXT, size=points)
    return document


def _head(document: Any, paper: Paper, points: float) -> None:
    high = points * _LINE
    if paper.shop:
        document.set_font(_TEXT, "B", points + 5)
        document.multi_cell(_WIDE_MM, (points + 5) * _LINE, paper.shop, **_NEXT)
    if paper.shop_words:
        document.set_font(_TEXT, size=points - 1)
        _lines(document, _WIDE_MM, (points - 1) * _LINE, paper.shop_words)
    if paper.shop or paper.shop_words:
        y = document.get_y() + 1.5
        document.line(_MARGIN_MM, y, _MARGIN_MM + _WIDE_MM, y)
        document.ln(5.0)
    document.set_font(_TEXT, size=points)
    if paper.addressee:
        _lines(document, 110.0, high, paper.addressee)
        document.ln(1.0)
    document.multi_cell(_WIDE_MM, high, paper.day, align="R", **_NEXT)
    document.set_font(_TEXT, "B", points + 3)
    document.multi_cell(_WIDE_MM, (points + 3) * _LINE, paper.title, **_NEXT)
    document.ln(1.5)


def _lines(document: Any, wide: float, high: float, text: str) -> None:
    """Each line by itself: one that runs from right to left must not part the words of another."""
    for line in text.split("\n"):
        document.multi_cell(wide, high, line, align="L", **_NEXT)


_NEXT = {"new_x": "LMARGIN", "new_y": "NEXT"}


def _block(document: Any, block: Block, points: float) -> None:
    match block:
        case Heading(text=text):
            document.ln(0.8)
            document.set_font(_TEXT, "B", points + 0.5)
            document.multi_cell(_WIDE_MM, (points + 0.5) * _LINE, text, **_NEXT)
        case Paragraph(text=text):
            document.set_font(_TEXT, size=points)
            _lines(document, _WIDE_MM, points * _LINE, text)
            document.ln(1.2)
        case PaperTable():
            _rows(document, block, points)
        case Drawing():
            _drawing(document, block)
        case Photo():
            _photo(document, block, points)


def _rows(document: Any, block: PaperTable, points: float) -> None:
    """A table by the library's own: its cells grow with what stands in them."""
    document.set_font(_TEXT, size=points - 0.5)
    count = max((len(row) for row in block.rows), default=0)
    if not count:
        return
    document.set_fill_color(255)
    with document.table(
        width=_WIDE_MM,
        col_widths=tuple(_widths(document, block, count)),
        text_align=("LEFT", *["RIGHT"] * (count - 1)) if _figures(block) else "LEFT",
        borders_layout="HORIZONTAL_LINES",
        line_height=(points - 0.5) * _LINE,
        padding=_PADDING_MM,
    ) as table:
        for row in block.rows:
            line = table.row()
            for n in range(count):
                line.cell(row[n] if n < len(row) else "")
    document.ln(2.0)


_PADDING_MM = 0.6


def _widths(document: Any, block: PaperTable, count: int) -> list[float]:
    """Each column has room for its longest word; what is left goes to those whose text is
    longest.
    """
    document.set_font(_TEXT, "B", document.font_size_pt)
    columns = [*zip_longest(*block.rows, fillvalue="")][:count]

    def widest(texts: Iterable[str]) -> float:
        return max(map(document.get_string_width, texts), default=2.0)

    words = [widest(" ".join(column).split()) for column in columns]
    texts = [widest(column) for column in columns]
    document.set_font(_TEXT, "", document.font_size_pt)
    most = _WIDE_MM / count
    least = [min(word, 2 * most) + 2 * _PADDING_MM + 2.5 for word in words]
    left = max(_WIDE_MM - sum(least), 0.0)
    wants = [max(text - word, 0.0) + 0.5 for text, word in zip(texts, words, strict=True)]
    return [low + left * want / sum(wants) for low, want in zip(least, wants, strict=True)]


def _figures(block: PaperTable) -> bool:
    """Whether all but the first column hold short figures."""
    rest = [text for row in block.rows[1:] for text in row[1:]]
    return bool(rest) and all(len(text) <= 16 for text in rest)


# As high as a photo is set.
_PHOTO_MM = 46.0


def _photo(document: Any, photo: Photo, points: float) -> None:
    """A photo with its words beside it; one that can't be read leaves its words alone."""
    if document.get_y() + _PHOTO_MM > document.page_break_trigger:
        document.add_page()
    top = document.get_y()
    try:
        placed = document.image(io.BytesIO(photo.jpeg), x=_MARGIN_MM, y=top, h=_PHOTO_MM)
        right = _MARGIN_MM + placed.rendered_width + 4.0
    except (OSError, ValueError):
        right = _MARGIN_MM
    document.set_font(_TEXT, size=points - 1)
    document.set_xy(right, top)
    document.multi_cell(max(_MARGIN_MM + _WIDE_MM - right, 30.0), points * _LINE, photo.words)
    document.set_y(top + _PHOTO_MM + 2.0)


def _drawing(document: Any, drawing: Drawing) -> None:
    if document.get_y() + drawing.height > document.page_break_trigger:
        document.add_page()
    left, top = _MARGIN_MM, document.get_y()
    for patch in drawing.patches:
        document.set_fill_color(round(255 * patch.grey))
        document.polygon([(left + x, top + y) for x, y in patch.points], style="F")
    for stroke in drawing.strokes:
        document.set_line_width(stroke.wide)
        document.set_draw_color(round(255 * stroke.grey))
        document.line(left + stroke.x1, top + stroke.y1, left + stroke.x2, top + stroke.y2)
    document.set_draw_color(0)
    document.set_line_width(0.2)
    for mark in drawing.marks:
        document.set_font(_TEXT, "B" if mark.bold else "", mark.points)
        wide = document.get_string_width(mark.text)
        x = min(max(mark.x - wide / 2, 0.0), max(drawing.width - wide, 0.0))
        document.text(left + x, top + mark.y, mark.text)
    document.set_y(top + drawing.height + 2.0)
