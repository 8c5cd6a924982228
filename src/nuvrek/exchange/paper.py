"""A page for somebody to hold in hand: what stands on it, before it is set."""

from __future__ import annotations

from collections.abc import Mapping

from msgspec import Struct

from nuvrek.readings.owner.entries import Table

# A paragraph of one line, no longer than this and without a full stop, is set as a heading.
HEADING_LETTERS = 60


class Stroke(Struct, frozen=True):
    """A line of a drawing, in mm from its upper left corner."""

    x1: float
    y1: float
    x2: float
    y2: float
    wide: float = 0.2
    grey: float = 0.0


class DrawnWord(Struct, frozen=True):
    """A word of a drawing; ``x`` is its middle."""

    x: float
    y: float
    text: str
    points: float = 8.0
    bold: bool = False


class Patch(Struct, frozen=True):
    """A filled shape of a drawing."""

    points: tuple[tuple[float, float], ...]
    grey: float = 0.85


class Drawing(Struct, frozen=True):
    """A drawing in mm; patches lie under strokes and words."""

    width: float
    height: float
    patches: tuple[Patch, ...] = ()
    strokes: tuple[Stroke, ...] = ()
    marks: tuple[DrawnWord, ...] = ()


class Heading(Struct, frozen=True):
    """A heading within the page."""

    text: str


class Paragraph(Struct, frozen=True):
    """Running text."""

    text: str


class PaperTable(Struct, frozen=True):
    """A table; its first row is the head."""

    rows: Table


class Photo(Struct, frozen=True):
    """A picture (JPEG) of how it came in or left."""

    jpeg: bytes
    words: str = ""


Block = Heading | Paragraph | PaperTable | Drawing | Photo


class Paper(Struct, frozen=True):
    """A whole paper: the shop's name and words at the top, who it goes to, the day, its title and
    what stands in it; on A4, or on Letter where that is used.
    """

    shop: str
    shop_words: str
    addressee: str
    day: str
    title: str
    blocks: tuple[Block, ...]
    foot: str = ""
    one_page: bool = True
    us_letter: bool = False


def blocks_of(
    text: str,
    tables: Mapping[str, Table],
    drawings: Mapping[str, Drawing],
    photos: Mapping[str, Photo] | None = None,
) -> tuple[Block, ...]:
    """A text as blocks: paragraphs lie between empty lines, and a name in square brackets stands
    for the table, drawing or photo of that name. One that is not there is left out.
    """
    found: list[Block] = []
    parts = text.replace("\r\n", "\n").strip().split("\n\n")
    for number, part in enumerate(parts, 1):
        words = part.strip("\n ")
        name = ""
        if words[:1] == "[" and words[-1:] == "]":
            name = words[1:-1].strip()
        if name in tables:
            found.append(PaperTable(tables[name]))
        elif name in drawings:
            found.append(drawings[name])
        elif photos is not None and name in photos:
            found.append(photos[name])
        elif words and not name:
            # What ends a letter is no heading: there is nothing under it.
            heading = number < len(parts) and _heads(words)
            found.append(Heading(words) if heading else Paragraph(words))
    return tuple(found)


def _heads(text: str) -> bool:
    return "\n" not in text and len(text) <= HEADING_LETTERS and text[-1] not in ".!?:;,"
