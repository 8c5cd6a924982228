"""Sizes taken with caliper, rule or gauge: what each is, where it belongs and what it can be.

Bounds are in mm: outside ``possible`` an entry is refused, outside ``likely`` it is questioned.
Common practice, no source.
"""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

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
    "crown-width": SizeKind("crown width", "Width of the crown?", "fret", (0.3, 6.0), (1.4, 3.2)),
    "flat-width": SizeKind(
        "flat on the crown", "Flat on the crown, how wide?", "fret", (0.05, 6.0), (0.2, 2.2)
    ),
    "groove": SizeKind(
        "groove", "Groove under the string, how deep?", "string", (0.0, 2.0), (0.0, 0.5)
    ),
    "radius": SizeKind(
        "radius", "Radius gauge that shows no light?", "fret", (50.0, 2000.0), (150.0, 650.0)
    ),
    "slot-width": SizeKind("slot width", "Width of the slot?", "fret", (0.1, 3.0), (0.4, 0.8)),
    "slot-depth": SizeKind("slot depth", "Depth of the slot?", "fret", (0.2, 8.0), (1.0, 3.5)),
    "board-width": SizeKind(
        "board width", "Width of the board?", "fret", (10.0, 200.0), (25.0, 90.0)
    ),
    "board-thickness": SizeKind(
        "board thickness", "Thickness of the board?", "fret", (0.3, 20.0), (2.0, 8.0)
    ),
    "neck-thickness": SizeKind(
        "neck thickness", "Thickness of the neck?", "fret", (5.0, 100.0), (14.0, 35.0)
    ),
    "saddle-left": SizeKind(
        "saddle left", "Saddle above its slot or the top?", "side", (0.0, 30.0), (0.5, 12.0)
    ),
    "string-to-end": SizeKind(
        "string to fret end",
        "Outer string to the end of the fret?",
        "side and fret",
        (0.0, 15.0),
        (1.0, 7.0),
    ),
    "over-bridge": SizeKind(
        "edge over the bridge",
        "Edge on the frets, run on: how high over the bridge's top?",
        "side",
        (-20.0, 60.0),
        (-2.0, 15.0),
    ),
    "heel-length": SizeKind(
        "heel length", "Heel or pocket, how long?", "side", (10.0, 250.0), (50.0, 120.0)
    ),
    "binding-width": SizeKind(
        "binding", "Binding, how wide on the face?", "side", (0.2, 10.0), (0.8, 3.0)
    ),
    "wire-height": SizeKind(
        "new wire, crown height", "Height of the crown?", "wire", (0.3, 4.0), (0.8, 1.6)
    ),
    "wire-width": SizeKind(
        "new wire, crown width", "Width of the crown?", "wire", (0.5, 5.0), (1.7, 3.2)
    ),
    "tang-depth": SizeKind(
        "new wire, tang depth", "Depth of the tang?", "wire", (0.2, 5.0), (1.2, 2.2)
    ),
    "tang-blade": SizeKind(
        "new wire, tang", "Tang between its barbs, how thick?", "wire", (0.2, 2.0), (0.4, 0.7)
    ),
    "tang-barbs": SizeKind(
        "new wire, over the barbs", "Over the barbs, how wide?", "wire", (0.2, 3.0), (0.55, 1.0)
    ),
}
