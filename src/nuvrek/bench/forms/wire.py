"""The form in which a wire of the shelf is described: fields, what they hold, and what is wrong
with what was typed.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from nuvrek.meaning import Saying, means, told_by
from nuvrek.neck.wire import Hardness, Wire, WireForm, wire_faults
from nuvrek.units import LengthError, Unit, format_number, parse_length

# Field, its words, and whether it is a length in the unit of the bench.
FIELDS: tuple[tuple[str, Saying, bool], ...] = (
    ("name", means("forms.name"), False),
    ("crown_mm", means("forms.crown-height"), True),
    ("width_mm", means("forms.crown-width"), True),
    ("tang_mm", means("forms.tang-depth"), True),
    ("blade_mm", means("forms.tang-thickness"), True),
    ("barbs_mm", means("forms.over-barbs"), True),
    ("stick_mm", means("forms.stick-mm"), False),
    ("stock_mm", means("forms.shelf-m"), False),
    ("price", means("forms.price-metre"), False),
    ("ratio", means("forms.bent-over-left"), False),
)


def texts_of(wire: Wire, unit: Unit) -> dict[str, Saying]:
    """A wire as its fields show it."""
    found: dict[str, Saying] = {"name": wire.name, "stick_mm": f"{wire.stick_mm:g}"}
    for name, _, length in FIELDS:
        if length:
            found[name] = format_number(getattr(wire, name), unit)
    found["stock_mm"] = f"{wire.stock_mm / 1000:g}"
    found["price"] = "" if wire.price is None else f"{wire.price:g}"
    found["ratio"] = "" if wire.ratio is None else f"{wire.ratio:g}"
    return found


def read_wire(
    typed: Mapping[str, str], unit: Unit, hardness: Hardness, form: WireForm
) -> Wire | Saying:
    """The wire as typed, or a sentence that says what is wrong with it."""
    name = typed.get("name", "").strip()
    if not name:
        return means("forms.wire-needs-name")
    values: dict[str, Any] = {}
    for field, saying, length in FIELDS:
        text = typed.get(field, "").strip()
        if length and text:
            try:
                values[field] = round(parse_length(text, unit).mm, 4)
            except LengthError as error:
                return means("forms.of-field", field=saying, fault=told_by(error))
    for field in ("crown_mm", "width_mm", "tang_mm"):
        if field not in values:
            saying = next(words for kind, words, _ in FIELDS if kind == field)
            return means("forms.wanted-measure-run", detail=saying)
    plain = _plain(typed)
    if not isinstance(plain, tuple):
        return plain
    stick, stock, price, ratio = plain
    try:
        wire = Wire(
            name=name[:60],
            **values,
            hardness=hardness,
            form=form,
            stick_mm=stick,
            stock_mm=stock,
            price=price,
            ratio=ratio,
        )
    except TypeError as error:
        return means("forms.no-wire", error=error)
    faults = wire_faults(wire)
    if faults:
        return faults[0]
    return wire


def _plain(typed: Mapping[str, str]) -> tuple[float, float, float | None, float | None] | Saying:
    found: list[float | None] = []
    for field, meaning, low, high, usual in (
        ("stick_mm", means("forms.stick"), 50.0, 5000.0, 270.0),
        ("stock_mm", means("forms.shelf"), 0.0, 1000.0, 0.0),
        ("price", means("forms.price"), 0.0, 1e6, None),
        # Of a trial piece: the radius it was bent to over the radius it sprang back to.
        ("ratio", means("forms.bent-over-left"), 0.2, 1.0, None),
    ):
        text = typed.get(field, "").strip().replace(",", ".")
        if not text:
            found.append(usual)
            continue
        try:
            value = float(text)
        except ValueError:
            return means("forms.no-number", detail=meaning, text=text)
        if not low <= value <= high:
            return means("forms.should", detail=meaning, low=low, high=high)
        found.append(value)
    stick, metres, price, ratio = found
    return stick or 270.0, 1000.0 * (metres or 0.0), price, ratio
