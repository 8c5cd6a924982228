"""``archive``, ``merge`` and ``copies``: what keeps a logbook."""

from __future__ import annotations

import argparse
from contextlib import closing
from datetime import datetime
from pathlib import Path

from nuvrek.bench.working.archive import everything_in_archive, less_than_there, packed
from nuvrek.cli.terminal import FINE, UNANSWERED, Command, complain, tell
from nuvrek.exchange.files import write_whole
from nuvrek.logbook.joining.merging import TakenIn, everything_in, forecast, take_in
from nuvrek.logbook.on_disk.copies import copies_of, look_into, make_copy, named, put_back, thin
from nuvrek.logbook.opening import kept_at, open_logbook, read_logbook
from nuvrek.logbook.places import logbook_path
from nuvrek.meaning import Saying
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say, tr


def add_commands(command: Command) -> None:
    archive = command("archive", _archive, tr("everything in one open archive, or back"))
    archive.add_argument("file", type=Path, metavar="FILE", help=tr("the .zip"))
    archive.add_argument("--import", dest="take", action="store_true", help=tr("take it in"))
    archive.add_argument(
        "--force", action="store_true", help=tr("also over a file that holds more")
    )
    merge = command("merge", _merge, tr("take another logbook in"))
    merge.add_argument("other", type=Path, metavar="OTHER", help=tr("the other logbook; it stays"))
    merge.add_argument(
        "--agreed", action="store_true", help=tr("also where both sides changed a neck")
    )
    copies = command("copies", _copies, tr("the dated copies of the logbook"))
    copies.add_argument(
        "--make", action="store_true", help=tr("make one now, and thin the old ones")
    )
    copies.add_argument("--look", type=Path, metavar="COPY", help=tr("what a copy holds"))
    copies.add_argument("--restore", type=Path, metavar="COPY", help=tr("put all of it back"))
    for parser in (archive, merge, copies):
        parser.add_argument("--logbook", help=tr("another logbook: a file, or postgresql://..."))


def _archive(options: argparse.Namespace) -> int:
    path = options.logbook or logbook_path()
    if options.take:
        every = everything_in_archive(options.file)
        with closing(open_logbook(path, make=True)) as book:
            _tell_taken(take_in(book, every))
        return FINE
    with closing(read_logbook(path)) as book:
        data, damaged = packed(book)
    why: Saying
    if options.force:
        why = ""
    else:
        why = less_than_there(options.file, data)
    if why:
        return complain([tr("{why} Nothing was written; --force writes it all the same.", why=why)])
    write_whole(options.file, data)
    for sentence in damaged:
        tell(f"! {say(sentence)}")
    tell(tr("written to {name}", name=options.file.name))
    return FINE


def _merge(options: argparse.Namespace) -> int:
    with closing(open_logbook(options.logbook or logbook_path())) as book:
        every = everything_in(book, options.other)
        seen = forecast(book, every)
        if seen.asks and not options.agreed:
            _tell_taken(seen)
            tell(tr("Nothing was written: both sides changed the same. --agreed takes it in so."))
            return UNANSWERED
        _tell_taken(take_in(book, every, seen.asks))
    return FINE


def _tell_taken(taken: TakenIn) -> None:
    for sentence in taken.sayings:
        tell(f"! {say(sentence)}")
    tell(
        tr(
            "{new} new, {grown} grown, {same} as they were",
            new=taken.new,
            grown=taken.grown,
            same=taken.same,
        )
    )


def _copies(options: argparse.Namespace) -> int:
    address, moment = options.logbook or logbook_path(), datetime.now()
    path = kept_at(address)
    if options.look is not None:
        return _tell_copy(named(path, options.look))
    if options.restore is not None:
        before = put_back(address, named(path, options.restore), moment)
        tell(tr("put back; what was there is {name}", name=before.name))
    if options.make:
        with closing(open_logbook(address)) as book:
            make_copy(book, moment)
            thin(path, moment)
    copies = copies_of(path)
    for copy in copies:
        tell(f"{copy.path.name}  {copy.size // 1024} kB")
    if not copies:
        return complain([tr("there are no copies of {name}.", name=path.name)])
    return FINE


def _tell_copy(copy: Path) -> int:
    seen = look_into(copy)
    for _, title, entries in seen.necks:
        tell(f"{title}: {words.count(entries, 'entry', 'entries')}")
    if seen.wrong:
        tell(tr("! damaged: {wrong}", wrong=seen.wrong))
    return FINE
