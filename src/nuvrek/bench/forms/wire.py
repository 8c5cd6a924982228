"""The form in which a wire of the shelf is described: fields, what they hold, and what is wrong
with what was typed.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from nuvrek.language import tr
from nuvrek.neck.wire import Hardness, Wire, WireForm, wire_faults
from nuvrek.units import LengthError, Unit, format_number, parse_length

# Field, its words, and whether it is a length in the unit of the bench.
FIELDS: tuple[tuple[str, str, bool], ...] = (
    ("name", tr("Name"), False),
    ("crown_mm", tr("Crown, height"), True),
    ("width_mm", tr("Crown, width"), True),
    ("tang_mm", tr("Tang, depth"), True),
    ("blade_mm", tr("Tang, thickness"), True),
    ("barbs_mm", tr("Over the barbs"), True),
    ("stick_mm", tr("Stick, mm"), False),
    ("stock_mm", tr("On the shelf, m"), False),
    ("price", tr("Price of a metre"), False),
    ("ratio", tr("Bent to over left"), False),
)


def texts_of(wire: Wire, unit: Unit) -> dict[str, str]:
    """A wire as its fields show it."""
    found = {"name": wire.name, "stick_mm": f"{wire.stick_mm:g}"}
    for name, _, length in FIELDS:
        if length:
            found[name] = format_number(getattr(wire, name), unit)
    found["stock_mm"] = f"{wire.stock_mm / 1000:g}"
    found["price"] = "" if wire.price is None else f"{wire.price:g}"
    found["ratio"] = "" if wire.ratio is None else f"{wire.ratio:g}"
    return found


def read_wire(
    typed: Mapping[str, str], unit: Unit, hardness: Hardness, form: WireForm
) -> Wire | str:
    """The wire as typed, or a sentence that says what is wrong with it."""
    name = typed.get("name", "").strip()
    if not name:
        return tr("A wire needs a name.")
    values: dict[str, Any] = {}
    for field, said, length in FIELDS:
        text = typed.get(field, "").strip()
        if length and text:
            try:
                values[field] = round(parse_length(text, unit).mm, 4)
            except LengthError as error:
                return f"{said}: {error}"
    for field in ("crown_mm", "width_mm", "tang_mm"):
        if field not in values:
            said = next(words for kind, words, _ in FIELDS if kind == field)
            return tr("{said} is wanted: measure it on this run.", said=said)
    plain = _plain(typed)
    if isinstance(plain, str):
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
        return tr("That is no wire: {error}.", error=error)
    faults = wire_faults(wire)
    return faults[0] if faults else wire


def _plain(typed: Mapping[str, str]) -> tuple[float, float, float | None, float | None] | str:
    found: list[float | None] = []
    for field, said, low, high, usual in (
        ("stick_mm", tr("Stick"), 50.0, 5000.0, 270.0),
        ("stock_mm", tr("On the shelf"), 0.0, 1000.0, 0.0),
        ("price", tr("Price"), 0.0, 1e6, None),
        # Of a trial piece: the radius it was bent to over the radius it sprang back to.
        ("ratio", tr("Bent to over left"), 0.2, 1.0, None),
    ):
        text = typed.get(field, "").strip().replace(",", ".")
        if not text:
            found.append(usual)
            continue
        try:
            value = float(text)
        except ValueError:
            return tr("{said}: {text} is no number.", said=said, text=text)
        if not low <= value <= high:
            return tr("{said} should be {low:g} to {high:g}.", said=said, low=low, high=high)
        found.append(value)
    stick, metres, price, ratio = found
    return stick or 270.0, 1000.0 * (metres or 0.0), price, ratio
