"""Tables as CSV: the one writer, and the one reader of the short ones."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Sequence

from nuvrek.exchange.jobfile import JobFaults
from nuvrek.meaning import means

# What a spreadsheet would take for a formula is marked as text.
_LIKE_FORMULAS = ("=", "+", "-", "@", "\t", "\r")
_MARK = "'"


def write_csv(heading: Sequence[str], rows: Iterable[Sequence[object]]) -> str:
    """A heading and rows as CSV. Words that look like formulas get a mark; numbers stay."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(heading)
    for row in rows:
        writer.writerow([_marked(cell) for cell in row])
    return out.getvalue()


def _marked(cell: object) -> object:
    if isinstance(cell, str) and cell.startswith(_LIKE_FORMULAS):
        return _MARK + cell
    return cell


def unmarked(cell: str) -> str:
    """A cell as it was before ``write_csv`` marked it, without blanks around it."""
    cell = cell.strip()
    if cell.startswith(_MARK) and cell[1:].startswith(_LIKE_FORMULAS):
        return cell[1:]
    return cell


def read_csv(name: str, raw: bytes) -> list[list[str]]:
    """The rows of a short table, heading first. Raises JobFaults, with the file's name."""
    try:
        text = raw.decode("utf-8-sig")
        return list(csv.reader(io.StringIO(text), strict=True))
    except (UnicodeDecodeError, csv.Error):
        raise JobFaults([means("exchange.not-a-table-in-utf-8", name=name)]) from None
