"""Reading the page of tools: text fields to a kit, with a sentence for every fault."""

from __future__ import annotations

from typing import Any, Literal

import msgspec
from msgspec import Struct

from nuvrek.language import tr
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
    ToolField(
        "leaves_mm", tr("Leaves"), small=True, hint=tr("thickness of each leaf, spaces between")
    ),
    ToolField("rockers_mm", tr("Rocker edges"), hint=tr("length of each edge, spaces between")),
    ToolField("edges_mm", tr("Straight edges"), hint=tr("length of each")),
    ToolField("notched_mm", tr("Notched edges"), hint=tr("the scale length each is cut for")),
    ToolField("cauls_mm", tr("Pressing cauls"), hint=tr("radius of each: 241 305, or 9.5in 12in")),
)
ERRORS = (
    ToolField("leaf_error_mm", tr("Leaf"), "length", True),
    ToolField("edge_error_mm", tr("Gap as one number"), "length", True),
    ToolField("rocker_error_mm", tr("Leaf under a rocker"), "length", True),
    ToolField("caliper_error_mm", tr("Caliper on a crown"), "length", True),
    ToolField("rule_error_mm", tr("Rule at a string"), "length", True),
    ToolField("indicator_error_mm", tr("Indicator"), "length", True),
    ToolField("indicator_step_mm", tr("Indicator's smallest step"), "length", True),
)
SCHOOL = (
    ToolField("relief_hold", tr("Hold the string at (0: the nut)"), "whole"),
    ToolField("relief_press", tr("Press it at (0: the joint)"), "whole"),
    ToolField("relief_over", tr("Look over (0: half-way)"), "whole"),
    ToolField(
        "stroke_mm", tr("Metal a stroke takes"), "length", True, hint=tr("if you know yours")
    ),
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
            raise LengthError(tr("a fret number is needed."))
        return int(text)
    if field.kind == "length":
        return parse_length(text, unit).mm
    parts = text.replace(";", " ").split()
    return tuple(sorted({round(parse_length(part, unit).mm, 4) for part in parts}))


def _bound_fault(message: str) -> dict[str, str]:
    field = next((f for f in FIELDS if f"$.{f.name}" in message), FIELDS[0])
    said = message.partition("`")[2].partition(" - at")[0].replace("`", "").split(" ")
    bound = {">=": tr("at least"), "<=": tr("at most")}.get(said[1] if len(said) > 2 else "", "")
    if "length" in message:
        return {field.name: tr("{label}: that is more than are kept.", label=field.label)}
    unit = "" if field.kind == "whole" else tr(" mm")
    return {
        field.name: tr(
            "{label}: not possible; should be {bound} {float:g}{unit}.",
            label=field.label,
            bound=bound,
            float=float(said[-1]),
            unit=unit,
        )
    }


def rocker_fits(neck: NeckDescription, kit: Kit) -> tuple[tuple[int, str, bool], ...]:
    """Per triple: its middle fret, the edges owned that fit in words, and whether one does."""
    found = []
    for fret in range(2, neck.frets):
        fitting = fitting_edges(neck, fret, kit.rockers_mm)
        found.append((fret, "·".join(f"{mm:g}" for mm in fitting) or tr("none"), bool(fitting)))
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
        parts.append(tr("No rocker edge named yet."))
    elif missing:
        parts.append(tr("No rocker edge of yours fits {frets}.", frets=_frets(missing)))
    else:
        parts.append(tr("Your rocker edges serve every fret."))
    if kit.notched_mm:
        fit = notched_fit(neck, kit.notched_mm)
        parts.append(
            tr("The notched edge for {fit:g} mm fits.", fit=fit)
            if fit is not None
            else tr(
                "No notched edge of yours fits a scale of {scale_mm:g} mm: print one.",
                scale_mm=neck.scale_mm,
            )
        )
    return " ".join(parts)


def _frets(frets: list[int]) -> str:
    if len(frets) == 1:
        return tr("the triple around fret {frets}", frets=frets[0])
    if frets == list(range(frets[0], frets[-1] + 1)):
        return tr(
            "the triples around frets {frets} to {frets_2}", frets=frets[0], frets_2=frets[-1]
        )
    return tr(
        "the triples around frets {map} and {frets}",
        map=", ".join(map(str, frets[:-1])),
        frets=frets[-1],
    )
