"""``export``, ``import`` and ``salvage``: between the logbook and files."""

from __future__ import annotations

import argparse
from contextlib import closing
from pathlib import Path

from nuvrek.cli.made_up import whole_number
from nuvrek.cli.terminal import FINE, Command, complain, print_json, tell, this_hour
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import Job, JobFaults
from nuvrek.logbook.opening import open_logbook, read_logbook
from nuvrek.logbook.places import logbook_path
from nuvrek.logbook.store import Logbook, LogbookError, NeckRow
from nuvrek.meaning import Saying
from nuvrek.readings.acts import joined
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say, tr


def add_commands(command: Command) -> None:
    number, another = whole_number("neck", 1, 10**9), tr("another logbook file than your own")
    export = command(
        "export", _export, tr("write a neck of the logbook as a job file, or its readings as .csv")
    )
    export.add_argument("neck", type=number, metavar="NECK", help=tr("its number on the shelf"))
    export.add_argument("out", type=Path, metavar="FILE")
    export.add_argument("--force", action="store_true", help=tr("also over a file that holds more"))
    take = command(
        "import",
        _import,
        tr("put a job file's neck into the logbook, or a .csv of readings into a neck"),
    )
    take.add_argument("job", type=Path, metavar="FILE")
    take.add_argument("--neck", type=number, help=tr("the neck a .csv of readings belongs to"))
    rescue = command(
        "salvage", _salvage, tr("take what can be read of a damaged logbook into a new one")
    )
    rescue.add_argument("old", type=Path, metavar="DAMAGED")
    rescue.add_argument("out", type=Path, metavar="NEW")
    shelf = command("list", _list, tr("the necks of the shelf: number, name, what each needs"))
    shelf.add_argument("--find", default="", metavar="WORDS", help=tr("only what these words find"))
    shelf.add_argument("--away", action="store_true", help=tr("also what is put away"))
    shelf.add_argument("--json", action="store_true", help=tr("as JSON"))
    for sub in (export, take, shelf):
        sub.add_argument("--logbook", default=None, help=another)


def _export(options: argparse.Namespace) -> int:
    with closing(read_logbook(options.logbook or logbook_path())) as book:
        row = _neck_row(book, options.neck)
        entries = book.entries(row.id)
    if options.out.suffix.lower() == ".csv":
        from nuvrek.exchange.readings_csv import write_table
        from nuvrek.readings.journal import fold

        table = write_table(taken.reading for taken in fold(row.neck, entries).taken)
        write_whole(options.out, table.encode())
    else:
        job = Job(neck=row.neck, journal=tuple(entries))
        why: Saying
        if options.force:
            why = ""
        else:
            why = jobfile.less_than_there(options.out, job)
        if why:
            return complain(
                [tr("{why} Nothing was written; --force writes it all the same.", why=why)]
            )
        write_whole(options.out, jobfile.dump(job))
    return FINE


def _list(options: argparse.Namespace) -> int:
    from nuvrek.bench.shop.queue import order_of
    from nuvrek.bench.shop.shelf import Shelf, found_by
    from nuvrek.bench.working.today import NEEDS

    moment = this_hour()
    with closing(read_logbook(options.logbook or logbook_path())) as book:
        cards = order_of(Shelf(book).cards(), moment)
    shown = [
        card
        for card in cards
        if (options.away or options.find or card.need.kind != "away")
        and found_by(card, options.find, moment)
    ]
    if options.json:
        told = [
            {
                "neck": card.row.id,
                "title": card.neck.title,
                "owner": card.neck.owner,
                "needs": card.need.at(moment).kind,
                "next": say(card.need.at(moment).action),
                "promised": card.promised,
            }
            for card in shown
        ]
        print_json({"necks": told})
        return FINE
    for card in shown:
        need = card.need.at(moment)
        tell(f"{card.row.id:>4}  {card.neck.title}  ·  {say(NEEDS[need.kind])}: {say(need.action)}")
    if not shown:
        tell(tr("Nothing is found."))
    return FINE


def _neck_row(book: Logbook, number: int) -> NeckRow:
    row = next((row for row in book.necks() if row.id == number), None)
    if row is None:
        raise LogbookError(tr("There is no neck {number} on the shelf.", number=number))
    return row


def _salvage(options: argparse.Namespace) -> int:
    from nuvrek.logbook.on_disk.salvage import salvage

    if not options.old.is_file():
        return complain([tr("{old}: there is no such file.", old=options.old)])
    result = salvage(options.old, options.out)
    for sentence in result.lost:
        tell(f"- {say(sentence)}")
    necks = words.count(result.necks, "neck", "necks")
    entries = words.count(result.entries, "entry", "entries")
    tell(
        tr(
            "{necks} with {entries} are in {name}; {detail} stays as it is.",
            necks=necks,
            entries=entries,
            name=options.out.name,
            detail=options.old.name,
        )
    )
    return FINE


def _import(options: argparse.Namespace) -> int:
    if options.job.suffix.lower() == ".csv":
        return _import_readings(options)
    job = jobfile.read(options.job)
    with closing(open_logbook(options.logbook or logbook_path(), make=True)) as book:
        number = book.start(job.neck, this_hour(), job.journal)
    tell(tr("{title} is neck {number} on the shelf.", title=job.neck.title, number=number))
    return FINE


def _import_readings(options: argparse.Namespace) -> int:
    from nuvrek.exchange.readings_csv import read_table
    from nuvrek.readings.journal import fold

    if options.neck is None:
        return complain(
            [
                tr(
                    "{name}: say which neck these readings belong to, with --neck NUMBER.",
                    name=options.job.name,
                )
            ]
        )
    raw = jobfile.read_bytes(options.job)
    with closing(open_logbook(options.logbook or logbook_path())) as book:
        row = _neck_row(book, options.neck)
        journal = book.whole(row.id)
        try:
            readings = read_table(raw.decode("utf-8-sig"), fold(row.neck, journal.entries).neck)
        except UnicodeDecodeError:
            raise JobFaults(
                [tr("{name}: not a text file in UTF-8.", name=options.job.name)]
            ) from None
        except JobFaults as error:
            raise JobFaults(
                [f"{options.job.name}: {say(fault)}" for fault in error.faults]
            ) from None
        # A table taken in is one act, as it is at the window.
        book.append(journal.stand, *joined(readings, "Measure", ""))
    tell(
        tr(
            "{readings_count} readings added to {title}.",
            readings_count=len(readings),
            title=row.neck.title,
        )
    )
    return FINE
