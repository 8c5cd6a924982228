"""Reading the page of tools: text fields to a kit, with a sentence for every fault."""

from __future__ import annotations

from typing import Any, Literal

import msgspec
from msgspec import Struct

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.rocker import fitting_edges, rocker_span_mm
from nuvrek.readings.tool_kit import Kit, notched_fit
from nuvrek.units import LengthError, Unit, format_number, parse_length

Kind = Literal["lengths", "length", "whole"]


class ToolField(Struct, frozen=True):
    """One field: its name in the kit, its label, what it holds and whether in thou on an inch
    bench.
    """

    name: str
    label: str
    kind: Kind = "lengths"
    small: bool = False
    hint: str = ""


OWNED = (
    ToolField("leaves_mm", "Leaves", small=True, hint="thickness of each leaf, spaces between"),
    ToolField("rockers_mm", "Rocker edges", hint="length of each edge, spaces between"),
    ToolField("edges_mm", "Straight edges", hint="length of each"),
    ToolField("notched_mm", "Notched edges", hint="the scale length each is cut for"),
    ToolField("cauls_mm", "Pressing cauls", hint="radius of each: 241 305, or 9.5in 12in"),
)
ERRORS = (
    ToolField("leaf_error_mm", "Leaf", "length", True),
    ToolField("edge_error_mm", "Gap as one number", "length", True),
    ToolField("rocker_error_mm", "Leaf under a rocker", "length", True),
    ToolField("caliper_error_mm", "Caliper on a crown", "length", True),
    ToolField("rule_error_mm", "Rule at a string", "length", True),
    ToolField("indicator_error_mm", "Indicator", "length", True),
    ToolField("indicator_step_mm", "Indicator's smallest step", "length", True),
)
SCHOOL = (
    ToolField("relief_hold", "Hold the string at (0: the nut)", "whole"),
    ToolField("relief_press", "Press it at (0: the joint)", "whole"),
    ToolField("relief_over", "Look over (0: half-way)", "whole"),
    ToolField("stroke_mm", "Metal a stroke takes", "length", True, hint="if you know yours"),
)
FIELDS = (*OWNED, *ERRORS, *SCHOOL)


def field_unit(field: ToolField, bench: Unit) -> Unit:
    """The unit of a bare number in a field."""
    return bench if field.small else Unit.MM


def field_words(kit: Kit, field: ToolField, bench: Unit) -> str:
    """A field's present value as text."""
    value = getattr(kit, field.name)
    if value is None:
        return ""
    if field.kind == "whole":
        return str(value)
    unit = field_unit(field, bench)
    places = (3 if field.kind == "length" else 2) if unit is Unit.MM else None
    if field.kind == "length":
        return _number(value, unit, places)
    return "  ".join(_number(mm, unit, places) for mm in value)


def _number(mm: float, unit: Unit, places: int | None) -> str:
    text = format_number(mm, unit, decimals=places)
    return text.rstrip("0").rstrip(".") if "." in text else text


def read_kit(texts: dict[str, str], bench: Unit, before: Kit) -> tuple[Kit | None, dict[str, str]]:
    """The kit as typed, or None and the faults by field name. Fields left empty keep the usual
    value.
    """
    values: dict[str, Any] = {}
    faults: dict[str, str] = {}
    for field in FIELDS:
        text = texts.get(field.name, "").strip()
        if text == field_words(before, field, bench):
            # What nobody touched keeps its value, not the figure it is rounded to on screen.
            values[field.name] = getattr(before, field.name)
            continue
        try:
            if text or field.kind == "lengths":
                values[field.name] = _value(field, text, field_unit(field, bench))
        except LengthError as error:
            faults[field.name] = f"{field.label}: {error}"
    if faults:
        return None, faults
    try:
        return msgspec.convert({"indicator": before.indicator, **values}, Kit), {}
    except msgspec.ValidationError as error:
        return None, _bound_fault(str(error))


def _value(field: ToolField, text: str, unit: Unit) -> object:
    if field.kind == "whole":
        if not (text.isascii() and text.isdigit() and len(text) < 3):
            raise LengthError("a fret number is needed.")
        return int(text)
    if field.kind == "length":
        return parse_length(text, unit).mm
    parts = text.replace(";", " ").split()
    return tuple(sorted({round(parse_length(part, unit).mm, 4) for part in parts}))


def _bound_fault(message: str) -> dict[str, str]:
    field = next((f for f in FIELDS if f"$.{f.name}" in message), FIELDS[0])
    said = message.partition("`")[2].partition(" - at")[0].replace("`", "").split(" ")
    bound = {">=": "at least", "<=": "at most"}.get(said[1] if len(said) > 2 else "", "")
    if "length" in message:
        return {field.name: f"{field.label}: that is more than are kept."}
    unit = "" if field.kind == "whole" else " mm"
    return {
        field.name: f"{field.label}: not possible; should be {bound} {float(said[-1]):g}{unit}."
    }


def rocker_fits(neck: NeckDescription, kit: Kit) -> tuple[tuple[int, str, bool], ...]:
    """Per triple: its middle fret, the edges owned that fit in words, and whether one does."""
    found = []
    for fret in range(2, neck.frets):
        fitting = fitting_edges(neck, fret, kit.rockers_mm)
        found.append((fret, "·".join(f"{mm:g}" for mm in fitting) or "none", bool(fitting)))
    return tuple(found)


def rocker_spans(neck: NeckDescription) -> tuple[tuple[int, str, bool], ...]:
    """Per triple: its middle fret and the lengths that serve, in mm."""
    return tuple(
        (fret, "–".join(f"{mm:.0f}" for mm in rocker_span_mm(neck, fret)), True)
        for fret in range(2, neck.frets)
    )


def fit_sentence(neck: NeckDescription, kit: Kit) -> str:
    """What the kit is short of on this neck, in a sentence or two."""
    parts = []
    missing = [fret for fret, _, fits in rocker_fits(neck, kit) if not fits]
    if not kit.rockers_mm:
        parts.append("No rocker edge named yet.")
    elif missing:
        parts.append(f"No rocker edge of yours fits {_frets(missing)}.")
    else:
        parts.append("Your rocker edges serve every fret.")
    if kit.notched_mm:
        fit = notched_fit(neck, kit.notched_mm)
        parts.append(
            f"The notched edge for {fit:g} mm fits."
            if fit is not None
            else f"No notched edge of yours fits a scale of {neck.scale_mm:g} mm: print one."
        )
    return " ".join(parts)


def _frets(frets: list[int]) -> str:
    if len(frets) == 1:
        return f"the triple around fret {frets[0]}"
    if frets == list(range(frets[0], frets[-1] + 1)):
        return f"the triples around frets {frets[0]} to {frets[-1]}"
    return f"the triples around frets {', '.join(map(str, frets[:-1]))} and {frets[-1]}"
