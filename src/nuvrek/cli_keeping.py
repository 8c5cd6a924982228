"""The commands that keep a logbook: copies, archive, merging."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from contextlib import closing
from datetime import datetime
from pathlib import Path
from typing import Any

from nuvrek import words
from nuvrek.bench.work.archive import packed, taken_in
from nuvrek.exchange.files import write_whole
from nuvrek.logbook.copies import copies_of, look, make_copy, restore_all, thin
from nuvrek.logbook.merging import TakenIn, merge, necks_of
from nuvrek.logbook.opening import open_logbook
from nuvrek.logbook.places import logbook_path

Command = Callable[[str, Any, str], argparse.ArgumentParser]
Tell = Callable[..., None]


def add_commands(command: Command, tell: Tell) -> None:
    """``archive``, ``merge`` and ``copies``; ``tell`` prints a line safely."""
    sub = command("archive", lambda o: _archive(o, tell), "everything in one open archive, or back")
    sub.add_argument("file", type=Path, metavar="FILE", help="the .zip")
    sub.add_argument("--import", dest="take", action="store_true", help="take it in")
    one = command("merge", lambda o: _merge(o, tell), "take another logbook in")
    one.add_argument("other", type=Path, metavar="OTHER", help="the other logbook; it stays")
    copies = command("copies", lambda o: _copies(o, tell), "the dated copies of the logbook")
    copies.add_argument("--make", action="store_true", help="make one now, and thin the old ones")
    copies.add_argument("--look", type=Path, metavar="COPY", help="what a copy holds")
    copies.add_argument("--restore", type=Path, metavar="COPY", help="put all of it back")
    for made in (sub, one):
        made.add_argument("--logbook", help="another logbook: a file, or postgresql://...")
    copies.add_argument("--logbook", type=Path, help="another logbook than your own")


def _archive(options: argparse.Namespace, tell: Tell) -> int:
    path = options.logbook or logbook_path()
    with closing(open_logbook(path)) as book:
        if options.take:
            _told(taken_in(book, options.file), tell)
            return 0
        _, damaged = necks_of(book)
        write_whole(options.file, packed(book))
    for sentence in damaged:
        tell(f"! {sentence}")
    tell(f"written to {options.file.name}")
    return 0


def _merge(options: argparse.Namespace, tell: Tell) -> int:
    with closing(open_logbook(options.logbook or logbook_path())) as book:
        _told(merge(book, options.other), tell)
    return 0


def _told(taken: TakenIn, tell: Tell) -> None:
    for sentence in taken.told:
        tell(f"! {sentence}")
    tell(f"{taken.new} new, {taken.grown} grown, {taken.same} as they were")


def _copies(options: argparse.Namespace, tell: Tell) -> int:
    path, now = options.logbook or logbook_path(), datetime.now()
    if options.look is not None:
        seen = look(options.look)
        for _, title, entries in seen.necks:
            tell(f"{title}: {words.count(entries, 'entry', 'entries')}")
        if seen.wrong:
            tell(f"! damaged: {seen.wrong}")
        return 0
    if options.restore is not None:
        before = restore_all(path, options.restore, now)
        tell(f"put back; what was there is {before.name}")
    if options.make:
        make_copy(path, now)
        thin(path, now)
    for copy in copies_of(path):
        tell(f"{copy.path.name}  {copy.size // 1024} kB")
    return 0
