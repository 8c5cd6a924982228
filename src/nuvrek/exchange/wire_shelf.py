"""The shelf of wire as a table, out and in: one row a wire, lengths in mm."""

from __future__ import annotations

import csv
import io
from collections.abc import Sequence

import msgspec

from nuvrek.exchange.jobfile import JobFaults
from nuvrek.exchange.tables import unmarked, write_csv
from nuvrek.meaning import Saying, means
from nuvrek.neck.wire import Wire, wire_faults

COLUMNS = tuple(Wire.__struct_fields__)
_TEXT = ("name", "alloy", "hardness", "form")
MOST_WIRES, MOST_LETTERS = 200, 200_000


def write_shelf(wires: Sequence[Wire]) -> str:
    """The shelf as CSV."""
    return write_csv(COLUMNS, map(_row, wires))


def _row(wire: Wire) -> list[object]:
    return [_cell(getattr(wire, name)) for name in COLUMNS]


def _cell(value: object) -> object:
    if isinstance(value, float):
        return f"{value:g}"
    return value


def read_shelf(text: str) -> tuple[Wire, ...]:
    """The wires of a table. Raises JobFaults with a sentence for each row that is no wire."""
    if len(text) > MOST_LETTERS:
        raise JobFaults([means("exchange.table-wire-not-so-long")])
    rows = list(csv.reader(io.StringIO(text)))
    if not rows:
        raise JobFaults([means("exchange.empty-table-first-row-names")])
    heading = [name.strip() for name in rows[0]]
    unknown = [name for name in heading if name not in COLUMNS]
    if unknown or "name" not in heading:
        if unknown:
            what = means("exchange.no-column", unknown=unknown[0][:40])
        else:
            what = means("exchange.no-column-name")
        raise JobFaults(
            [means("exchange.not-table-wire-columns", what=what, columns=", ".join(COLUMNS))]
        )
    faults, wires = list[Saying](), list[Wire]()
    for number, row in enumerate(rows[1:], 2):
        if not any(cell.strip() for cell in row):
            continue
        wire = _wire(heading, row)
        if isinstance(wire, Wire):
            faults += [
                means("exchange.row-with-number-detail", number=number, detail=saying)
                for saying in wire_faults(wire)
            ]
            wires.append(wire)
        else:
            faults.append(means("exchange.row-with-number-wire", number=number, wire=wire))
    if len(wires) > MOST_WIRES:
        faults.append(means("exchange.shelf-holds-wires-most", most_wires=MOST_WIRES))
    if faults:
        raise JobFaults(faults[:20])
    return tuple(wires)


def _wire(heading: Sequence[str], row: Sequence[str]) -> Wire | Saying:
    fields: dict[str, object] = {}
    for name, cell in zip(heading, row, strict=False):
        text = unmarked(cell)
        if not text:
            continue
        if name in _TEXT:
            fields[name] = text
            continue
        try:
            fields[name] = float(text.replace(",", "."))
        except ValueError:
            return means("exchange.no-number", name=name, detail=text[:30])
    try:
        return msgspec.convert(fields, Wire)
    except msgspec.ValidationError as error:
        return f"{str(error).replace('Object ', '')}."
