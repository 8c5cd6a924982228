"""Reading the take-in form: text fields to a description, with a sentence for every fault."""

from __future__ import annotations

from dataclasses import dataclass

import msgspec

from nuvrek.letters import whole_letters
from nuvrek.meaning import Meaning, Saying, means, told_by
from nuvrek.neck.description import NeckDescription, description_faults
from nuvrek.units import LengthError, Unit, format_length, parse_length


@dataclass(frozen=True, slots=True)
class Field:
    """One length field: its name in the description, its label, the unit of a bare number."""

    name: str
    label: Saying
    unit: Unit = Unit.MM
    decimals: int = 2


LENGTHS = (
    Field("scale_mm", means("forms.scale-length"), decimals=1),
    Field("nut_width_mm", means("forms.board-width-nut"), decimals=1),
    Field("end_width_mm", means("forms.board-width-end"), decimals=1),
    Field("radius_mm", means("forms.board-radius"), Unit.INCH, 0),
    Field("end_radius_mm", means("forms.radius-end-if-other"), Unit.INCH, 0),
    Field("wire_height_mm", means("forms.fret-wire-height")),
    Field("wire_width_mm", means("forms.fret-wire-width")),
    Field("least_crown_mm", means("forms.least-crown-keep")),
    Field("relief_target_mm", means("forms.relief-wanted")),
    Field("relief_high_mm", means("forms.relief-treble-side-if-other")),
    Field("height_low_mm", means("forms.height-wanted-12-bass-side")),
    Field("height_high_mm", means("forms.height-wanted-12-treble-side")),
    Field("fall_away_mm", means("forms.fall-away-last-fret")),
)
WHOLE = (
    ("frets", means("forms.frets")),
    ("joint_fret", means("forms.body-joins-fret")),
    ("strings", means("forms.strings")),
    ("height_at", means("forms.heights-read-at-fret")),
)


def field_text(neck: NeckDescription, field: Field, inch: bool) -> Saying:
    """A field's present value as text in the user's unit."""
    mm = getattr(neck, field.name)
    if mm is None:
        return ""
    small = field.name in (
        "wire_height_mm",
        "wire_width_mm",
        "least_crown_mm",
        "relief_target_mm",
        "relief_high_mm",
        "height_low_mm",
        "height_high_mm",
        "fall_away_mm",
    )
    unit = (Unit.THOU if small else Unit.INCH) if inch else Unit.MM
    return format_length(mm, unit, decimals=field.decimals if unit is Unit.MM else None)


def read_form(
    texts: dict[str, str], rest: dict[str, object]
) -> tuple[NeckDescription | None, dict[str, Saying]]:
    """The described neck, or None and the faults by field name.

    ``texts`` holds the text of every length and whole-number field, ``rest`` the other values.
    """
    faults: dict[str, Saying] = {}
    # A field of limited length may leave half a letter of the last one.
    values: dict[str, object] = {
        name: whole_letters(value) if isinstance(value, str) else value
        for name, value in rest.items()
    }
    for field in LENGTHS:
        text = texts.get(field.name, "").strip()
        if not text and field.name != "scale_mm":
            # Nothing but scale length, frets and joint is needed: an empty field keeps the usual
            # value.
            continue
        try:
            values[field.name] = parse_length(text, field.unit).mm
        except LengthError as error:
            faults[field.name] = means("forms.of-field", field=field.label, fault=told_by(error))
    for name, label in WHOLE:
        text = texts.get(name, "").strip()
        if not text and name in ("strings", "height_at"):
            continue
        if text.isascii() and text.isdigit() and len(text) < 4:
            values[name] = int(text)
        else:
            faults[name] = means("forms.whole-number-needed", label=label)
    if faults:
        return None, faults
    return _checked(values)


def _checked(values: dict[str, object]) -> tuple[NeckDescription | None, dict[str, Saying]]:
    labels = {field.name: field.label for field in LENGTHS} | dict(WHOLE)
    try:
        neck = msgspec.convert(values, NeckDescription)
    except msgspec.ValidationError as error:
        text = str(error)
        name = next((n for n in labels if f"$.{n}`" in text), "scale_mm")
        bound = (
            text.split("Expected")[-1]
            .split(" - at")[0]
            .strip()
            .replace("`", "")
            .replace("float ", "")
            .replace("int ", "")
        )
        return None, {
            name: means(
                "forms.not-possible-neck-should",
                labels=labels[name],
                bound=bound,
                mm=means("forms.mm") if name.endswith("_mm") else "",
            )
        }
    faults = description_faults(neck)
    if faults:
        return None, {_field_of(faults[0]): faults[0]}
    return neck, {}


def _field_of(fault: Saying) -> str:
    """The field in which a contradiction is best put right."""
    key = fault.key if isinstance(fault, Meaning) else ""
    return _FIELD_OF.get(key, "strings" if key.startswith("necks.string") else "least_crown_mm")


_FIELD_OF = {
    "necks.joint-fret-but-neck-has": "joint_fret",
    "necks.fret-wires-width-should-mm": "wire_width_mm",
}
