"""Sizes taken with caliper, rule or gauge: what each is, where it belongs and what it can be.

Bounds are in mm: outside ``possible`` an entry is refused, outside ``likely`` it is questioned.
Common practice, no source.
"""

from __future__ import annotations

from typing import Literal

from msgspec import Struct

from nuvrek.meaning import Saying, means

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

    title: Saying
    prompt: Saying
    place: SizePlace
    possible: tuple[float, float]
    likely: tuple[float, float]


SIZES: dict[What, SizeKind] = {
    "crown-width": SizeKind(
        means("stations.crown-width"), means("stations.width-crown"), "fret", (0.3, 6.0), (1.4, 3.2)
    ),
    "flat-width": SizeKind(
        means("stations.flat-crown"),
        means("stations.flat-crown-how-wide"),
        "fret",
        (0.05, 6.0),
        (0.2, 2.2),
    ),
    "groove": SizeKind(
        means("stations.groove"),
        means("stations.groove-under-string-how-deep"),
        "string",
        (0.0, 2.0),
        (0.0, 0.5),
    ),
    "radius": SizeKind(
        means("stations.radius"),
        means("stations.radius-gauge-shows-no-light"),
        "fret",
        (50.0, 2000.0),
        (150.0, 650.0),
    ),
    "slot-width": SizeKind(
        means("stations.slot-width"), means("stations.width-slot"), "fret", (0.1, 3.0), (0.4, 0.8)
    ),
    "slot-depth": SizeKind(
        means("stations.slot-depth"), means("stations.depth-slot"), "fret", (0.2, 8.0), (1.0, 3.5)
    ),
    "board-width": SizeKind(
        means("stations.board-width"),
        means("stations.width-board"),
        "fret",
        (10.0, 200.0),
        (25.0, 90.0),
    ),
    "board-thickness": SizeKind(
        means("stations.board-thickness"),
        means("stations.thickness-board"),
        "fret",
        (0.3, 20.0),
        (2.0, 8.0),
    ),
    "neck-thickness": SizeKind(
        means("stations.neck-thickness"),
        means("stations.thickness-neck"),
        "fret",
        (5.0, 100.0),
        (14.0, 35.0),
    ),
    "saddle-left": SizeKind(
        means("stations.saddle-left"),
        means("stations.saddle-above-slot-or-top"),
        "side",
        (0.0, 30.0),
        (0.5, 12.0),
    ),
    "string-to-end": SizeKind(
        means("stations.string-fret-end"),
        means("stations.outer-string-end-fret"),
        "side and fret",
        (0.0, 15.0),
        (1.0, 7.0),
    ),
    "over-bridge": SizeKind(
        means("stations.edge-over-bridge"),
        means("stations.edge-frets-run-how-high"),
        "side",
        (-20.0, 60.0),
        (-2.0, 15.0),
    ),
    "heel-length": SizeKind(
        means("stations.heel-length"),
        means("stations.heel-or-pocket-how-long"),
        "side",
        (10.0, 250.0),
        (50.0, 120.0),
    ),
    "binding-width": SizeKind(
        means("stations.binding"),
        means("stations.binding-how-wide-face"),
        "side",
        (0.2, 10.0),
        (0.8, 3.0),
    ),
    "wire-height": SizeKind(
        means("stations.new-wire-crown-height"),
        means("stations.height-crown"),
        "wire",
        (0.3, 4.0),
        (0.8, 1.6),
    ),
    "wire-width": SizeKind(
        means("stations.new-wire-crown-width"),
        means("stations.width-crown"),
        "wire",
        (0.5, 5.0),
        (1.7, 3.2),
    ),
    "tang-depth": SizeKind(
        means("stations.new-wire-tang-depth"),
        means("stations.depth-tang"),
        "wire",
        (0.2, 5.0),
        (1.2, 2.2),
    ),
    "tang-blade": SizeKind(
        means("stations.new-wire-tang"),
        means("stations.tang-between-barbs-how-thick"),
        "wire",
        (0.2, 2.0),
        (0.4, 0.7),
    ),
    "tang-barbs": SizeKind(
        means("stations.new-wire-over-barbs"),
        means("stations.over-barbs-how-wide"),
        "wire",
        (0.2, 3.0),
        (0.55, 1.0),
    ),
}
