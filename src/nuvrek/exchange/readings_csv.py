"""Readings as a table: one row a reading, lengths in mm, read back with a fault line for every
bad row.
"""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Mapping
from typing import Any, get_args

import msgspec

from nuvrek.exchange.jobfile import JobFaults, plain_fault
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.check import entry_faults
from nuvrek.readings.entries import AnyReading
from nuvrek.units import MM_PER_THOU

STATE = ("strings", "rod_turns", "posture", "rod_high_turns", "rod_moves")
_NUMBERS = ("rod_turns", "rod_high_turns", "temperature_c", "humidity_percent")
_LISTS = ("frets", "reach")
# In this order columns stand first; every other field of a reading follows by itself.
_FIRST = (
    "kind",
    "what",
    "lane",
    "fret",
    "string",
    "low_support",
    "high_support",
    "reach",
    "by",
    "capo",
    "says",
    "moves",
    "fault",
    "feel",
    "key",
    "gap_mm",
    "slides_mm",
    "drags_mm",
    "wont_go_mm",
    "height_mm",
    "reading_mm",
    "mm",
    "error_mm",
    "temperature_c",
    "humidity_percent",
    "frets",
    "run",
)
# Where a reading was typed is the logbook's own business, and a side stands in the lane column.
_NOT_IN_TABLES = ("state", "page", "joined", "side", "station", "at")


def _columns() -> tuple[str, ...]:
    """All fields of all readings, the usual ones first."""
    fields = [name for kind in get_args(AnyReading) for name in kind.__struct_fields__]
    more = [name for name in fields if name not in (*_FIRST, *_NOT_IN_TABLES)]
    return (*_FIRST, *dict.fromkeys(more), *STATE, "station", "at")


COLUMNS = _columns()
LENGTHS = tuple(name for name in COLUMNS if name == "mm" or name.endswith("_mm"))
_WHOLE = ("fret", "run", "low_support", "high_support", "string", "capo", "rod_moves")
# Kinds whose lane is one of the two sides.
_SIDED = ("string-height", "fret-end", "ends-fine")
MOST_ROWS = 100_000
_LIKE_FORMULAS = ("=", "+", "-", "@", "\t", "\r")
_MOST_FAULTS = 20


def write_table(readings: Iterable[AnyReading]) -> str:
    """The readings as CSV with a heading row. A side stands in the lane column."""
    out = io.StringIO()
    writer = csv.DictWriter(out, COLUMNS, lineterminator="\n")
    writer.writeheader()
    for reading in readings:
        fields: dict[str, Any] = msgspec.to_builtins(reading)
        fields |= fields.pop("state")
        fields["lane"] = fields.pop("side", fields.get("lane"))
        for name in _LISTS:
            if fields.get(name) is not None:
                fields[name] = " ".join(str(fret) for fret in fields[name])
        writer.writerow({name: _cell(fields.get(name)) for name in COLUMNS})
    return out.getvalue()


def _cell(value: object) -> object:
    """Words that a spreadsheet would take for a formula get a mark before them; numbers stay."""
    if isinstance(value, str) and value.startswith(_LIKE_FORMULAS):
        return f"'{value}"
    return value


def read_table(text: str, neck: NeckDescription) -> list[AnyReading]:
    """Readings from CSV, or from a table pasted out of a spreadsheet (tabs or semicolons, decimal
    commas).

    Length columns may end in ``_thou`` instead of ``_mm``. Raises JobFaults with one line a
    faulty row; then nothing is taken.
    """
    text = text.replace("\r\n", "\n").replace("\r", "\n")
    try:
        rows = list(csv.DictReader(io.StringIO(text), delimiter=_delimiter(text)))
    except csv.Error as error:
        raise JobFaults([f"not a table ({error})."]) from None
    if not rows:
        raise JobFaults(["there are no rows below the heading."])
    if len(rows) > MOST_ROWS:
        raise JobFaults([f"more than {MOST_ROWS} rows."])
    if "kind" not in rows[0]:
        raise JobFaults(['the heading row should name the columns, "kind" among them.'])
    readings: list[AnyReading] = []
    faults: list[str] = []
    for number, row in enumerate(rows, 2):
        try:
            reading = msgspec.convert(_fields(row), AnyReading)
        except msgspec.ValidationError as error:
            faults.append(f"row {number}: {plain_fault(str(error))}")
        except ValueError as error:
            faults.append(f"row {number}: {error}.")
        else:
            readings.append(reading)
            faults.extend(f"row {number}: {fault}" for fault in entry_faults(reading, neck, number))
        if len(faults) >= _MOST_FAULTS:
            faults.append("further faults are not listed.")
            break
    if faults:
        raise JobFaults(faults)
    return readings


def _delimiter(text: str) -> str:
    heading = text.split("\n", 1)[0]
    return max(",;\t", key=heading.count)


def _fields(row: Mapping[str | None, Any]) -> dict[str, Any]:
    """One row as the fields of a reading; raises ValueError with what is wrong."""
    if None in row:
        raise ValueError("more cells than the heading names")
    cells = {str(name).strip().lower(): _unmarked(str(cell or "")) for name, cell in row.items()}
    unknown = [name for name in cells if _column(name) not in COLUMNS]
    if unknown:
        raise ValueError(f'the column "{unknown[0]}" is not known')
    fields: dict[str, Any] = {}
    for name, cell in cells.items():
        if cell:
            fields[_column(name)] = _value(name, cell)
    fields["state"] = {name: fields.pop(name) for name in STATE if name in fields}
    if fields.get("kind") in _SIDED and "lane" in fields:
        fields["side"] = fields.pop("lane")
    return fields


def _unmarked(cell: str) -> str:
    cell = cell.strip()
    return cell[1:] if cell.startswith("'") and cell[1:].startswith(_LIKE_FORMULAS) else cell


def _column(name: str) -> str:
    """The column a heading means: a length may be given in thou."""
    return "mm" if name == "thou" else name.replace("_thou", "_mm")


def _value(name: str, cell: str) -> object:
    if name in _WHOLE:
        return int(_number(name, cell)) if _number(name, cell).is_integer() else cell
    if name in _NUMBERS:
        return _number(name, cell)
    if _column(name) in LENGTHS:
        return _number(name, cell) * (MM_PER_THOU if name.endswith("thou") else 1.0)
    if name in _LISTS:
        return [int(_number(name, part)) for part in cell.split()]
    return cell


def _number(name: str, cell: str) -> float:
    try:
        value = float(cell.replace(",", "."))
    except ValueError:
        raise ValueError(f'{name}: "{cell[:30]}" is not a number') from None
    if not -1e6 < value < 1e6:
        raise ValueError(f'{name}: "{cell[:30]}" is far out of range')
    return value
