"""Fret wire as it is bought: crown, tang and barbs, form and stock. Lengths in mm."""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.meaning import Saying, means

Hardness = Literal["soft", "common", "hard", "stainless"]
HARDNESS_WORDS: dict[Hardness, Saying] = {
    "soft": means("necks.soft"),
    "common": means("necks.common"),
    "hard": means("necks.hard"),
    "stainless": means("necks.stainless"),
}
# How long a wire lasts beside common wire: twice the hardness, half the wear (Archard, J. Appl.
# Phys. 24, 1953, from memory). Hard alloy is said to last twice as long (common practice, no
# source), stainless longer still (value from memory).
LASTS: dict[Hardness, float] = {"soft": 0.7, "common": 1.0, "hard": 2.0, "stainless": 3.0}
WireForm = Literal["coil", "sticks"]
FORM_WORDS: dict[WireForm, Saying] = {
    "coil": means("necks.coil"),
    "sticks": means("necks.straight-sticks"),
}

Name = Annotated[str, Meta(min_length=1, max_length=60)]
PartMm = Annotated[float, Meta(ge=0, le=6)]


class Wire(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """One wire of the shelf, measured on this run of it: runs differ.

    ``blade_mm`` is how thick the tang is between its barbs, ``barbs_mm`` its width over them;
    ``ratio`` is the radius it is bent to over the radius it springs back to, once a trial piece
    told. ``stock_mm`` is what lies on the shelf, ``price`` that of a metre.
    """

    name: Name
    crown_mm: PartMm
    width_mm: PartMm
    tang_mm: PartMm
    blade_mm: PartMm = 0.5
    barbs_mm: PartMm = 0.75
    alloy: Annotated[str, Meta(max_length=60)] = ""
    hardness: Hardness = "common"
    form: WireForm = "sticks"
    stick_mm: Annotated[float, Meta(ge=50, le=5000)] = 270.0
    stock_mm: Annotated[float, Meta(ge=0, le=1e6)] = 0.0
    price: Annotated[float, Meta(ge=0, le=1e6)] | None = None
    ratio: Annotated[float, Meta(ge=0.2, le=1)] | None = None


def wire_faults(wire: Wire) -> list[Saying]:
    """What no wire can be, one sentence each; empty when fine."""
    faults: list[Saying] = []
    if not 0.4 <= wire.crown_mm <= 3.0:
        faults.append(means("necks.crown-0-4-3-mm", name=wire.name, crown_mm=wire.crown_mm))
    if not 0.8 <= wire.width_mm <= 4.0:
        faults.append(means("necks.crown-0-8-4-mm", name=wire.name, width_mm=wire.width_mm))
    if wire.tang_mm <= 0.0:
        faults.append(means("necks.wire-without-tang-holds-no", name=wire.name))
    elif not 0.5 <= wire.tang_mm <= 4.0:
        faults.append(means("necks.tang-0-5-4-mm", name=wire.name, tang_mm=wire.tang_mm))
    if wire.blade_mm <= 0.0 or wire.barbs_mm < wire.blade_mm:
        faults.append(means("necks.over-barbs-tang-no-thinner", name=wire.name))
    elif wire.barbs_mm >= wire.width_mm:
        faults.append(means("necks.over-barbs-tang-wide-crown", name=wire.name))
    return faults
