"""The commands that keep a logbook: copies, archive, merging."""

from __future__ import annotations

import argparse
import sys
from collections.abc import Callable
from contextlib import closing
from datetime import datetime
from pathlib import Path
from typing import Any

from nuvrek.bench.work.archive import everything_in_archive, less_than_there, packed
from nuvrek.exchange.files import write_whole
from nuvrek.logbook.joining.merging import TakenIn, everything_in, forecast, take_in
from nuvrek.logbook.on_disk.copies import copies_of, look, make_copy, named, put_back, thin
from nuvrek.logbook.opening import kept_at, open_logbook, read_logbook
from nuvrek.logbook.places import logbook_path
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say, tr

Command = Callable[[str, Any, str], argparse.ArgumentParser]
Tell = Callable[..., None]


def add_commands(command: Command, tell: Tell) -> None:
    """``archive``, ``merge`` and ``copies``; ``tell`` prints a line safely."""
    sub = command(
        "archive", lambda o: _archive(o, tell), tr("everything in one open archive, or back")
    )
    sub.add_argument("file", type=Path, metavar="FILE", help=tr("the .zip"))
    sub.add_argument("--import", dest="take", action="store_true", help=tr("take it in"))
    sub.add_argument("--force", action="store_true", help=tr("also over a file that holds more"))
    one = command("merge", lambda o: _merge(o, tell), tr("take another logbook in"))
    one.add_argument("other", type=Path, metavar="OTHER", help=tr("the other logbook; it stays"))
    one.add_argument(
        "--agreed", action="store_true", help=tr("also where both sides changed a neck")
    )
    copies = command("copies", lambda o: _copies(o, tell), tr("the dated copies of the logbook"))
    copies.add_argument(
        "--make", action="store_true", help=tr("make one now, and thin the old ones")
    )
    copies.add_argument("--look", type=Path, metavar="COPY", help=tr("what a copy holds"))
    copies.add_argument("--restore", type=Path, metavar="COPY", help=tr("put all of it back"))
    for made in (sub, one, copies):
        made.add_argument("--logbook", help=tr("another logbook: a file, or postgresql://..."))


def _archive(options: argparse.Namespace, tell: Tell) -> int:
    path = options.logbook or logbook_path()
    if options.take:
        every = everything_in_archive(options.file)
        with closing(open_logbook(path, make=True)) as book:
            _told(take_in(book, every), tell)
        return 0
    with closing(read_logbook(path)) as book:
        data, damaged = packed(book)
    why = "" if options.force else less_than_there(options.file, data)
    if why:
        print(
            tr("nuvrek: {why} Nothing was written; --force writes it all the same.", why=why),
            file=sys.stderr,
        )
        return 2
    write_whole(options.file, data)
    for sentence in damaged:
        tell(f"! {say(sentence)}")
    tell(tr("written to {name}", name=options.file.name))
    return 0


def _merge(options: argparse.Namespace, tell: Tell) -> int:
    with closing(open_logbook(options.logbook or logbook_path())) as book:
        every = everything_in(book, options.other)
        seen = forecast(book, every)
        if seen.asks and not options.agreed:
            _told(seen, tell)
            tell(tr("Nothing was written: both sides changed the same. --agreed takes it in so."))
            return 1
        _told(take_in(book, every, seen.asks), tell)
    return 0


def _told(taken: TakenIn, tell: Tell) -> None:
    for sentence in taken.told:
        tell(f"! {say(sentence)}")
    tell(
        tr(
            "{new} new, {grown} grown, {same} as they were",
            new=taken.new,
            grown=taken.grown,
            same=taken.same,
        )
    )


def _copies(options: argparse.Namespace, tell: Tell) -> int:
    address, now = options.logbook or logbook_path(), datetime.now()
    path = kept_at(address)
    if options.look is not None:
        return _look(named(path, options.look), tell)
    if options.restore is not None:
        before = put_back(address, named(path, options.restore), now)
        tell(tr("put back; what was there is {name}", name=before.name))
    if options.make:
        with closing(open_logbook(address)) as book:
            make_copy(book, now)
            thin(path, now)
    found = copies_of(path)
    for copy in found:
        tell(f"{copy.path.name}  {copy.size // 1024} kB")
    if not found:
        print(tr("nuvrek: there are no copies of {name}.", name=path.name), file=sys.stderr)
    return 0 if found else 2


def _look(copy: Path, tell: Tell) -> int:
    seen = look(copy)
    for _, title, entries in seen.necks:
        tell(f"{title}: {words.count(entries, 'entry', 'entries')}")
    if seen.wrong:
        tell(tr("! damaged: {wrong}", wrong=seen.wrong))
    return 0
