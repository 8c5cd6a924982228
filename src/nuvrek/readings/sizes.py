"""Sizes taken with caliper, rule or gauge: what each is, where it belongs and what it can be.

Bounds are in mm: outside ``possible`` an entry is refused, outside ``likely`` it is questioned.
Common practice, no source.
"""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

from nuvrek.language import tr

What = Literal[
    "crown-width",
    "flat-width",
    "groove",
    "radius",
    "slot-width",
    "slot-depth",
    "board-width",
    "board-thickness",
    "neck-thickness",
    "saddle-left",
    "string-to-end",
    "over-bridge",
    "heel-length",
    "binding-width",
    "wire-height",
    "wire-width",
    "tang-depth",
    "tang-blade",
    "tang-barbs",
]
SizePlace = Literal["fret", "string", "side", "side and fret", "wire"]


class SizeKind(Struct, frozen=True):
    """One kind of size: its words, where it is taken and its bounds."""

    title: str
    prompt: str
    place: SizePlace
    possible: tuple[float, float]
    likely: tuple[float, float]


SIZES: dict[What, SizeKind] = {
    "crown-width": SizeKind(
        tr("crown width"), tr("Width of the crown?"), "fret", (0.3, 6.0), (1.4, 3.2)
    ),
    "flat-width": SizeKind(
        tr("flat on the crown"), tr("Flat on the crown, how wide?"), "fret", (0.05, 6.0), (0.2, 2.2)
    ),
    "groove": SizeKind(
        tr("groove"), tr("Groove under the string, how deep?"), "string", (0.0, 2.0), (0.0, 0.5)
    ),
    "radius": SizeKind(
        tr("radius"),
        tr("Radius gauge that shows no light?"),
        "fret",
        (50.0, 2000.0),
        (150.0, 650.0),
    ),
    "slot-width": SizeKind(
        tr("slot width"), tr("Width of the slot?"), "fret", (0.1, 3.0), (0.4, 0.8)
    ),
    "slot-depth": SizeKind(
        tr("slot depth"), tr("Depth of the slot?"), "fret", (0.2, 8.0), (1.0, 3.5)
    ),
    "board-width": SizeKind(
        tr("board width"), tr("Width of the board?"), "fret", (10.0, 200.0), (25.0, 90.0)
    ),
    "board-thickness": SizeKind(
        tr("board thickness"), tr("Thickness of the board?"), "fret", (0.3, 20.0), (2.0, 8.0)
    ),
    "neck-thickness": SizeKind(
        tr("neck thickness"), tr("Thickness of the neck?"), "fret", (5.0, 100.0), (14.0, 35.0)
    ),
    "saddle-left": SizeKind(
        tr("saddle left"), tr("Saddle above its slot or the top?"), "side", (0.0, 30.0), (0.5, 12.0)
    ),
    "string-to-end": SizeKind(
        tr("string to fret end"),
        tr("Outer string to the end of the fret?"),
        "side and fret",
        (0.0, 15.0),
        (1.0, 7.0),
    ),
    "over-bridge": SizeKind(
        tr("edge over the bridge"),
        tr("Edge on the frets, run on: how high over the bridge's top?"),
        "side",
        (-20.0, 60.0),
        (-2.0, 15.0),
    ),
    "heel-length": SizeKind(
        tr("heel length"), tr("Heel or pocket, how long?"), "side", (10.0, 250.0), (50.0, 120.0)
    ),
    "binding-width": SizeKind(
        tr("binding"), tr("Binding, how wide on the face?"), "side", (0.2, 10.0), (0.8, 3.0)
    ),
    "wire-height": SizeKind(
        tr("new wire, crown height"), tr("Height of the crown?"), "wire", (0.3, 4.0), (0.8, 1.6)
    ),
    "wire-width": SizeKind(
        tr("new wire, crown width"), tr("Width of the crown?"), "wire", (0.5, 5.0), (1.7, 3.2)
    ),
    "tang-depth": SizeKind(
        tr("new wire, tang depth"), tr("Depth of the tang?"), "wire", (0.2, 5.0), (1.2, 2.2)
    ),
    "tang-blade": SizeKind(
        tr("new wire, tang"),
        tr("Tang between its barbs, how thick?"),
        "wire",
        (0.2, 2.0),
        (0.4, 0.7),
    ),
    "tang-barbs": SizeKind(
        tr("new wire, over the barbs"),
        tr("Over the barbs, how wide?"),
        "wire",
        (0.2, 3.0),
        (0.55, 1.0),
    ),
}
