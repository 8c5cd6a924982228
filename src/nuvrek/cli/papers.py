"""``report``: a paper of a job, as PDF."""

from __future__ import annotations

import argparse
import os
from contextlib import closing
from datetime import date
from pathlib import Path

import msgspec

from nuvrek.bench.shop_settings import read_settings
from nuvrek.cli.terminal import FINE, Command, tell
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.logbook.store import Logbook
from nuvrek.neck.owner import Owner
from nuvrek.readings.owner.entries import PAPERS
from nuvrek.wording.speech import tr


def add_commands(command: Command) -> None:
    sub = command("report", _report, tr("a paper of a job, as PDF"))
    sub.add_argument("job", type=Path, metavar="JOB", help=tr("a job file"))
    sub.add_argument("--kind", choices=tuple(PAPERS), default="letter", help=tr("which paper"))
    sub.add_argument(
        "-o", dest="out", type=Path, metavar="FILE", required=True, help=tr("the .pdf")
    )
    sub.add_argument("--way", help=tr("about this way instead of the course that is advised"))
    sub.add_argument("--unit", choices=("mm", "in"), help=tr("lengths in mm or inches"))
    sub.add_argument("--locale", default="", help=tr("figures and dates as in this place: de_DE"))
    sub.add_argument(
        "--day", default="", help=tr("the date on it, as 2026-03-03; today's if not said")
    )
    sub.add_argument("--settings", type=Path, help=tr("another settings file than your own"))
    sub.add_argument("--logbook", type=Path, help=tr("the logbook that knows owner and pace"))


def _report(options: argparse.Namespace) -> int:
    from nuvrek.bench.owner.draft import figures_of
    from nuvrek.bench.owner.quoting import NoPrice
    from nuvrek.bench.papers.facts import Facts
    from nuvrek.bench.shop.shelf import pace_in
    from nuvrek.bench.solved import see, wanted_alone, weigh
    from nuvrek.bench.working.gone_ways import gone_ways
    from nuvrek.readings.journal import fold
    from nuvrek.wording.papers.make import laid_out, pdf_of, proposed, unset

    job = jobfile.read(options.job)
    settings = read_settings(options.settings, options.logbook).settings
    if options.unit is not None:
        settings = msgspec.structs.replace(settings, inch=options.unit == "in", string_heights="")
    solved = weigh(see(wanted_alone(fold(job.neck, job.journal), settings.unit)))
    assert solved.plan is not None
    kinds = [way.kind for way in solved.plan.ways]
    if options.way is not None and options.way not in kinds:
        raise JobFaults(
            [
                tr(
                    "there is no way '{way}' here: {kinds}.",
                    way=options.way[:40],
                    kinds=", ".join(kinds),
                )
            ]
        )
    neck, day = solved.neck_state.neck, _day(options.day)
    owner = _owner_in(options.logbook, neck.owner)
    figures = figures_of(settings, options.locale or os.environ.get("LANG", ""))
    facts = Facts(
        solved,
        owner,
        shop=settings.shop,
        pace=pace_in(options.logbook),
        prices=settings.prices,
        figures=figures,
        day=day,
        kind=options.way,
        done=gone_ways(job.journal),
        first=job.neck,
        entries=job.journal,
    )
    try:
        paper = proposed(options.kind, facts)
    except NoPrice as error:
        raise JobFaults([str(error)]) from None
    write_whole(
        options.out,
        pdf_of(
            laid_out(
                paper,
                neck,
                owner,
                shop=settings.shop,
                figures=figures,
                day=day,
                photos=facts.photos,
            )
        ),
    )
    missing = unset(paper, owner, settings.shop, neck)
    if missing:
        tell(tr("! no sign for {missing} in the fonts that ship along", missing=" ".join(missing)))
    return FINE


def _day(text: str) -> str:
    if not text:
        return date.today().isoformat()
    try:
        return date.fromisoformat(text).isoformat()
    except ValueError:
        raise JobFaults([tr("'{text}' is no date; as 2026-03-03.", text=text[:20])]) from None


def _owner_in(path: Path | None, name: str) -> Owner | None:
    if path is None or not path.is_file():
        return None
    with closing(Logbook.to_read(path)) as book:
        return book.owner(name.strip())
