"""Readings as a table: one row a reading, lengths in mm, read back with a fault line for every
bad row.
"""

from __future__ import annotations

import csv
import io
from collections.abc import Callable, Iterable
from functools import cache
from typing import Any, get_args

import msgspec
from msgspec.inspect import FloatType, IntType, TupleType, Type, UnionType, VarTupleType, type_info

from nuvrek import patience
from nuvrek.exchange.jobfile import JobFaults, plain_fault
from nuvrek.exchange.tables import unmarked, write_csv
from nuvrek.meaning import Refusal, Saying, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.check import entry_faults
from nuvrek.readings.entries import AnyReading, State
from nuvrek.readings.journal import MOST_ENTRIES
from nuvrek.units import MM_PER_THOU

STATE = ("strings", "rod_turns", "posture", "rod_high_turns", "rod_moves", "trued")
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


@cache
def _held_as(*kinds: type) -> frozenset[str]:
    """The columns of readings that hold whole numbers, numbers, or rows of them, as their structs
    say: a new reading needs no word here.
    """
    structs = [type_info(struct) for struct in (*get_args(AnyReading), State)]
    fields = [field for struct in structs for field in struct.fields]  # type: ignore[attr-defined]
    return frozenset(field.encode_name for field in fields if _kinds(field.type) & {*kinds})


def _kinds(held: Type) -> set[type]:
    """What a field may hold, without its bounds."""
    if isinstance(held, UnionType):
        return {kind for part in held.types for kind in _kinds(part)}
    return {type(held)}


_LIST = (VarTupleType, TupleType)
# Kinds whose lane is one of the two sides.
_SIDED = ("string-height", "fret-end", "ends-fine")
MOST_ROWS = MOST_ENTRIES
# Each length in mm and in thou is far from as many.
_MOST_COLUMNS, _LONGEST_HEADING = 100, 4000
# After so many rows it is asked whether anybody still waits for them.
_BREATH = 500
_MOST_FAULTS = 20


def write_table(readings: Iterable[AnyReading]) -> str:
    """The readings as CSV with a heading row. A side stands in the lane column."""
    return write_csv(COLUMNS, map(_row, readings))


def _row(reading: AnyReading) -> list[object]:
    fields: dict[str, Any] = msgspec.to_builtins(reading)
    fields |= fields.pop("state")
    fields["lane"] = fields.pop("side", fields.get("lane"))
    for name in _held_as(*_LIST):
        if fields.get(name) is not None:
            fields[name] = " ".join(map(str, fields[name]))
    return [fields.get(name) for name in COLUMNS]


def read_table(
    text: str, neck: NeckDescription, tell: Callable[[int], None] = lambda row: None
) -> list[AnyReading]:
    """Readings from CSV, or from a table pasted out of a spreadsheet (tabs or semicolons, decimal
    commas).

    Length columns may end in ``_thou`` instead of ``_mm``. ``told`` hears now and then which row
    is read. Raises JobFaults with one line a faulty row; then nothing is taken.
    """
    text = text.replace("\r\n", "\n").replace("\r", "\n")
    rows = csv.reader(io.StringIO(text), delimiter=_delimiter(text))
    readings: list[AnyReading] = []
    faults: list[Saying] = []
    try:
        heading = _heading(next(rows, []))
        for number, row in enumerate(rows, 2):
            if not row:
                continue
            if number - 1 > MOST_ROWS:
                raise JobFaults([means("exchange.more-than-rows", most_rows=MOST_ROWS)])
            if number % _BREATH == 0:
                patience.ask()
                tell(number)
            reading = _reading(heading, row, neck, number, faults)
            if reading is not None:
                readings.append(reading)
            if len(faults) >= _MOST_FAULTS:
                faults.append(means("exchange.further-faults-not-listed"))
                break
    except csv.Error as error:
        raise JobFaults([means("exchange.not-table", error=error)]) from None
    if faults:
        raise JobFaults(faults)
    if not readings:
        raise JobFaults([means("exchange.there-no-rows-below-heading")])
    return readings


def _heading(cells: list[str]) -> list[str]:
    """The names of the columns. Raises JobFaults where they are not those of readings."""
    if len(cells) > _MOST_COLUMNS:
        raise JobFaults([means("exchange.more-than-columns", most_columns=_MOST_COLUMNS)])
    names = [name.strip().lower() for name in cells]
    if "kind" not in names:
        raise JobFaults([means("exchange.heading-row-should-name-columns")])
    unknown = [name for name in names if _column(name) not in COLUMNS]
    if unknown:
        raise JobFaults([means("exchange.row-1-column-not-known", unknown=unknown[0][:40])])
    return names


def _reading(
    heading: list[str], row: list[str], neck: NeckDescription, number: int, faults: list[Saying]
) -> AnyReading | None:
    """The reading of a row, or None and what is wrong in ``faults``."""
    try:
        reading: AnyReading = msgspec.convert(_fields(heading, row), AnyReading)
    except msgspec.ValidationError as error:
        faults.append(means("exchange.row", number=number, plain_fault=plain_fault(str(error))))
    except ValueError as error:
        faults.append(means("exchange.row-with-number-error", number=number, error=error))
    else:
        faults.extend(
            means("exchange.row-with-number-fault", number=number, fault=fault)
            for fault in entry_faults(reading, neck, number)
        )
        return reading
    return None


def _delimiter(text: str) -> str:
    heading = text[:_LONGEST_HEADING].split("\n", 1)[0]
    return max(",;\t", key=heading.count)


def _fields(heading: list[str], row: list[str]) -> dict[str, Any]:
    """One row as the fields of a reading; raises ValueError with what is wrong."""
    if len(row) > len(heading):
        raise Refusal(means("exchange.more-cells-than-heading-names"))
    fields: dict[str, Any] = {}
    for name, cell in zip(heading, map(unmarked, row), strict=False):
        if cell:
            fields[_column(name)] = _value(name, cell)
    fields["state"] = {name: fields.pop(name) for name in STATE if name in fields}
    if fields.get("kind") in _SIDED and "lane" in fields:
        fields["side"] = fields.pop("lane")
    return fields


def _column(name: str) -> str:
    """The column a heading means: a length may be given in thou."""
    if name == "thou":
        return "mm"
    return name.replace("_thou", "_mm")


def _value(name: str, cell: str) -> object:
    if name in _held_as(IntType):
        if _number(name, cell).is_integer():
            return int(_number(name, cell))
        return cell
    if _column(name) in LENGTHS:
        return _number(name, cell) * (MM_PER_THOU if name.endswith("thou") else 1.0)
    if name in _held_as(FloatType):
        return _number(name, cell)
    if name in _held_as(*_LIST):
        return [int(_number(name, part)) for part in cell.split()]
    return cell


def _number(name: str, cell: str) -> float:
    try:
        value = float(cell.replace(",", "."))
    except ValueError:
        raise Refusal(means("exchange.not-number", name=name, cell=cell[:30])) from None
    if not -1e6 < value < 1e6:
        raise Refusal(means("exchange.far-out-range", name=name, cell=cell[:30]))
    return value
