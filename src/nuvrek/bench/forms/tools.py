"""Reading the page of tools: text fields to a kit, with a sentence for every fault."""

from __future__ import annotations

from typing import Any, Literal

import msgspec
from msgspec import Struct

from nuvrek import meaning
from nuvrek.meaning import Figure, Saying, means, told_by, written
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.rocker import fitting_edges, rocker_span_mm
from nuvrek.readings.tool_kit import Kit, notched_fit
from nuvrek.units import LengthError, Unit, number_text, parse_length

Kind = Literal["lengths", "length", "whole"]


class ToolField(Struct, frozen=True):
    """One field: its name in the kit, its label, what it holds and whether in thou on an inch
    bench.
    """

    name: str
    label: Saying
    kind: Kind = "lengths"
    small: bool = False
    hint: Saying = ""


OWNED = (
    ToolField(
        "leaves_mm",
        means("forms.leaves"),
        small=True,
        hint=means("forms.thickness-each-leaf-spaces-between"),
    ),
    ToolField(
        "rockers_mm",
        means("forms.rocker-edges"),
        hint=means("forms.length-each-edge-spaces-between"),
    ),
    ToolField("edges_mm", means("forms.straight-edges"), hint=means("forms.length-each")),
    ToolField(
        "notched_mm", means("forms.notched-edges"), hint=means("forms.scale-length-each-cut")
    ),
    ToolField(
        "cauls_mm", means("forms.pressing-cauls"), hint=means("forms.radius-each-241-305-or")
    ),
)
ERRORS = (
    ToolField("leaf_error_mm", means("forms.leaf"), "length", True),
    ToolField("edge_error_mm", means("forms.gap-one-number"), "length", True),
    ToolField("rocker_error_mm", means("forms.leaf-under-rocker"), "length", True),
    ToolField("caliper_error_mm", means("forms.caliper-crown"), "length", True),
    ToolField("rule_error_mm", means("forms.rule-string"), "length", True),
    ToolField("indicator_error_mm", means("forms.indicator"), "length", True),
    ToolField("indicator_step_mm", means("forms.indicators-smallest-step"), "length", True),
)
SCHOOL = (
    ToolField("relief_hold", means("forms.hold-string-0-nut"), "whole"),
    ToolField("relief_press", means("forms.press-0-joint"), "whole"),
    ToolField("relief_over", means("forms.look-over-0-half-way"), "whole"),
    ToolField(
        "stroke_mm",
        means("forms.metal-stroke-takes"),
        "length",
        True,
        hint=means("forms.if-you-know-yours"),
    ),
)
FIELDS = (*OWNED, *ERRORS, *SCHOOL)


def field_unit(field: ToolField, bench: Unit) -> Unit:
    """The unit of a bare number in a field."""
    if field.small:
        return bench
    return Unit.MM


def field_words(kit: Kit, field: ToolField, bench: Unit) -> Saying:
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
    return meaning.listed((_number(mm, unit, places) for mm in value), by="  ")


def _number(mm: float, unit: Unit, places: int | None) -> Saying:
    text = number_text(mm, unit, decimals=places)
    return Figure(text.rstrip("0").rstrip(".") if "." in text else text)


def read_kit(
    texts: dict[str, str], bench: Unit, before: Kit
) -> tuple[Kit | None, dict[str, Saying]]:
    """The kit as typed, or None and the faults by field name. Fields left empty keep the usual
    value.
    """
    values: dict[str, Any] = {}
    faults: dict[str, Saying] = {}
    for field in FIELDS:
        text = texts.get(field.name, "").strip()
        if text == written(field_words(before, field, bench)):
            # What nobody touched keeps its value, not the figure it is rounded to on screen.
            values[field.name] = getattr(before, field.name)
            continue
        try:
            if text or field.kind == "lengths":
                values[field.name] = _value(field, text, field_unit(field, bench))
        except LengthError as error:
            faults[field.name] = means("forms.of-field", field=field.label, fault=told_by(error))
    if faults:
        return None, faults
    try:
        return msgspec.convert({"indicator": before.indicator, **values}, Kit), {}
    except msgspec.ValidationError as error:
        return None, _bound_fault(str(error))


def _value(field: ToolField, text: str, unit: Unit) -> object:
    if field.kind == "whole":
        if not (text.isascii() and text.isdigit() and len(text) < 3):
            raise LengthError(means("forms.fret-number-needed"))
        return int(text)
    if field.kind == "length":
        return parse_length(text, unit).mm
    parts = text.replace(";", " ").split()
    return tuple(sorted({round(parse_length(part, unit).mm, 4) for part in parts}))


def _bound_fault(message: str) -> dict[str, Saying]:
    field = next((f for f in FIELDS if f"$.{f.name}" in message), FIELDS[0])
    texts = message.partition("`")[2].partition(" - at")[0].replace("`", "").split(" ")
    bound = {">=": means("forms.least"), "<=": means("forms.most")}.get(
        texts[1] if len(texts) > 2 else "", ""
    )
    if "length" in message:
        return {field.name: means("forms.more-than-kept", label=field.label)}
    unit: Saying
    unit = ""
    if field.kind != "whole":
        unit = means("forms.mm")
    return {
        field.name: means(
            "forms.not-possible-should",
            label=field.label,
            bound=bound,
            float=float(texts[-1]),
            unit=unit,
        )
    }


def rocker_fits(neck: NeckDescription, kit: Kit) -> tuple[tuple[int, Saying, bool], ...]:
    """Per triple: its middle fret, the edges owned that fit in words, and whether one does."""
    found: list[tuple[int, Saying, bool]] = []
    for fret in range(2, neck.frets):
        fitting = fitting_edges(neck, fret, kit.rockers_mm)
        found.append(
            (fret, "·".join(f"{mm:g}" for mm in fitting) or means("forms.none"), bool(fitting))
        )
    return tuple(found)


def rocker_spans(neck: NeckDescription) -> tuple[tuple[int, str, bool], ...]:
    """Per triple: its middle fret and the lengths that serve, in mm."""
    return tuple(
        (fret, "–".join(map("{:.0f}".format, rocker_span_mm(neck, fret))), True)
        for fret in range(2, neck.frets)
    )


def fit_sentence(neck: NeckDescription, kit: Kit) -> Saying:
    """What the kit is short of on this neck, in a sentence or two."""
    parts: list[Saying] = []
    missing = [fret for fret, _, fits in rocker_fits(neck, kit) if not fits]
    if not kit.rockers_mm:
        parts.append(means("forms.no-rocker-edge-named-yet"))
    elif missing:
        parts.append(means("forms.no-rocker-edge-yours-fits", frets=_frets(missing)))
    else:
        parts.append(means("forms.your-rocker-edges-serve-every"))
    if kit.notched_mm:
        fit = notched_fit(neck, kit.notched_mm)
        parts.append(
            means("forms.notched-edge-mm-fits", fit=fit)
            if fit is not None
            else means("forms.no-notched-edge-yours-fits", scale_mm=neck.scale_mm)
        )
    return meaning.listed(parts, by="sentences")


def _frets(frets: list[int]) -> Saying:
    if len(frets) == 1:
        return means("forms.triple-around-fret", frets=frets[0])
    if frets == list(range(frets[0], frets[-1] + 1)):
        return means(
            "forms.triples-around-frets-with-frets-other-frets",
            frets=frets[0],
            other_frets=frets[-1],
        )
    return means(
        "forms.triples-around-frets", detail=", ".join(map(str, frets[:-1])), frets=frets[-1]
    )


# What can be proved by turning it, with the field of its error.
PROVABLE: dict[str, Saying] = {
    "edge_error_mm": means("forms.prove-edge"),
    "rocker_error_mm": means("forms.prove-rocker"),
}


def proved(
    kit: Kit, name: str, texts: tuple[str, str], unit: Unit
) -> tuple[Kit, Saying] | Saying | None:
    """A kit with the error of a tool that was read twice, turned between, and what that says; a
    sentence for what can't be read, nothing while a field is empty.
    """
    from nuvrek.mechanics.reversal import by_reversal, error_with
    from nuvrek.readings import tool_errors
    from nuvrek.units import format_length

    if not all(text.strip() for text in texts):
        return None
    try:
        first, turned = (parse_length(text, unit).mm for text in texts)
    except LengthError as error:
        return told_by(error)
    found = by_reversal(first, turned)
    usual = {
        "edge_error_mm": tool_errors.GAP_NUMBER_ERROR_MM,
        "rocker_error_mm": tool_errors.ROCK_GAP_ERROR_MM,
    }[name]
    counts = round(min(error_with(abs(found.own_mm), usual), 1.0), 4)
    saying = means(
        "forms.proved-by-reversal",
        own=format_length(abs(found.own_mm), unit),
        true=format_length(found.true_mm, unit),
        error=format_length(counts, unit),
    )
    return msgspec.structs.replace(kit, **{name: counts}), saying
