"""A thorough look through a logbook: the file page by page, every entry of every neck."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import closing
from pathlib import Path

from msgspec import Struct

from nuvrek import patience
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Saying, means


class Inspected(Struct, frozen=True):
    """How much was looked at, and a sentence for each thing that is wrong."""

    necks: int
    entries: int
    wrong: tuple[Saying, ...]


def inspect(
    source: Path | Callable[[], Logbook], told: Callable[[Saying], None] = lambda words: None
) -> Inspected:
    """Look through a logbook, opened at its path or by ``source``; ``told`` hears how far it is.
    Nothing is changed. Raises LogbookError.
    """
    with closing(Logbook.to_read(source) if isinstance(source, Path) else source()) as book:
        told(means("keeping.checking-file"))
        saying = book.check(thorough=True)
        # Where pages can be read each row is named that is not as it was written.
        wrong: list[Saying] = [*book.wrong_marks()] if saying else []
        if saying and not wrong:
            wrong = [means("keeping.file", detail=saying)]
        entries, rows = 0, book.necks()
        for row in rows:
            patience.ask()
            told(means("keeping.checking-neck", id=row.id))
            journal = book.journal(row.id)
            entries += len(journal.entries) - len(journal.damage)
            named = means("keeping.neck-with-id-title", id=row.id, title=row.neck.title)
            wrong.extend(
                means("keeping.of-neck", neck=named, fault=sentence)
                for sentence in (*row.damage, *journal.damage)
            )
    return Inspected(len(rows), entries, tuple(wrong))
