"""Fret wire as it is bought: crown, tang and barbs, form and stock. Lengths in mm."""

from __future__ import annotations

from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.language import tr

Hardness = Literal["soft", "common", "hard", "stainless"]
HARDNESS_WORDS: dict[Hardness, str] = {
    "soft": tr("soft"),
    "common": tr("common"),
    "hard": tr("hard"),
    "stainless": tr("stainless"),
}
# How long a wire lasts beside common wire: twice the hardness, half the wear (Archard, J. Appl.
# Phys. 24, 1953, from memory). Hard alloy is said to last twice as long (common practice, no
# source), stainless longer still (value from memory).
LASTS: dict[Hardness, float] = {"soft": 0.7, "common": 1.0, "hard": 2.0, "stainless": 3.0}
WireForm = Literal["coil", "sticks"]
FORM_WORDS: dict[WireForm, str] = {"coil": tr("coil"), "sticks": tr("straight sticks")}

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


def wire_faults(wire: Wire) -> list[str]:
    """What no wire can be, one sentence each; empty when fine."""
    faults = []
    if not 0.4 <= wire.crown_mm <= 3.0:
        faults.append(
            tr(
                "{name}: a crown is 0.4 to 3 mm high, not {crown_mm:g}.",
                name=wire.name,
                crown_mm=wire.crown_mm,
            )
        )
    if not 0.8 <= wire.width_mm <= 4.0:
        faults.append(
            tr(
                "{name}: a crown is 0.8 to 4 mm wide, not {width_mm:g}.",
                name=wire.name,
                width_mm=wire.width_mm,
            )
        )
    if wire.tang_mm <= 0.0:
        faults.append(
            tr("{name}: wire without a tang holds in no slot. How deep is it?", name=wire.name)
        )
    elif not 0.5 <= wire.tang_mm <= 4.0:
        faults.append(
            tr(
                "{name}: a tang is 0.5 to 4 mm deep, not {tang_mm:g}.",
                name=wire.name,
                tang_mm=wire.tang_mm,
            )
        )
    if wire.blade_mm <= 0.0 or wire.barbs_mm < wire.blade_mm:
        faults.append(
            tr("{name}: over its barbs a tang is no thinner than between them.", name=wire.name)
        )
    elif wire.barbs_mm >= wire.width_mm:
        faults.append(
            tr("{name}: over its barbs the tang is as wide as the crown.", name=wire.name)
        )
    return faults
