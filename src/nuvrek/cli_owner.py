"""The commands of the owner's side: papers of a job, and the list of owners."""

from __future__ import annotations

import argparse
import csv
import io
import json
import os
from collections.abc import Callable
from contextlib import closing
from datetime import date, datetime
from pathlib import Path
from typing import Any

import msgspec

from nuvrek.bench.forms.owner import OWNER, read_owner
from nuvrek.bench.shop_settings import read_settings
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.logbook.places import logbook_path
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Said
from nuvrek.neck.owner import Owner
from nuvrek.readings.owner.entries import PAPERS
from nuvrek.wording.speech import say, tr

Command = Callable[[str, Any, str], argparse.ArgumentParser]
MOST_BYTES, MOST_OWNERS = 4_000_000, 20_000
_COLUMNS = (*OWNER, "usually", "asked")


def add_commands(command: Command, tell: Callable[..., None]) -> None:
    """``report`` and ``owners``; ``tell`` prints a line safely."""
    sub = command("report", lambda options: _report(options, tell), tr("a paper of a job, as PDF"))
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
    owners = command("owners", lambda options: _owners(options, tell), tr("the list of owners"))
    owners.add_argument("--json", action="store_true", help=tr("print JSON instead of a list"))
    owners.add_argument(
        "--export", type=Path, metavar="FILE", help=tr("write them as .csv or .json")
    )
    owners.add_argument("--import", dest="take", type=Path, metavar="FILE", help=tr("take them in"))
    owners.add_argument(
        "--data", metavar="NAME", help=tr("all that is kept of one owner, to -o FILE")
    )
    owners.add_argument("-o", dest="out", type=Path, metavar="FILE", help=tr("where it is written"))
    owners.add_argument("--remove", metavar="NAME", help=tr("take one owner out; necks stay"))
    owners.add_argument("--photos", action="store_true", help=tr("with the photos of their necks"))
    owners.add_argument("--logbook", type=Path, help=tr("another logbook than your own"))


def _report(options: argparse.Namespace, tell: Callable[..., None]) -> int:
    from nuvrek.bench.owner.draft import figures_of
    from nuvrek.bench.owner.quoting import NoPrice
    from nuvrek.bench.papers.facts import Facts
    from nuvrek.bench.shop.shelf import pace_in
    from nuvrek.bench.solved import see, wanted_alone, weigh
    from nuvrek.bench.work.gone_ways import gone_ways
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
        settings.shop,
        pace_in(options.logbook),
        settings.prices,
        figures,
        day,
        options.way,
        gone_ways(job.journal),
    )
    try:
        made = proposed(options.kind, facts)
    except NoPrice as error:
        raise JobFaults([str(error)]) from None
    write_whole(options.out, pdf_of(laid_out(made, neck, owner, settings.shop, figures, day)))
    missing = unset(made, owner, settings.shop, neck)
    if missing:
        tell(tr("! no sign for {missing} in the fonts that ship along", missing=" ".join(missing)))
    return 0


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


def _owners(options: argparse.Namespace, tell: Callable[..., None]) -> int:
    path = options.logbook or logbook_path()
    if options.data or options.remove:
        return _one_owner(path, options, tell)
    taken = _read(options.take) if options.take is not None else []
    opened = Logbook.make(path) if taken else Logbook.to_read(path)
    with closing(opened) as book:
        for owner in taken:
            if book.owner(owner.name) != owner:
                book.keep_owner(owner, _now())
        known = sorted(book.owners().values(), key=lambda owner: owner.name.casefold())
    if options.export is not None:
        as_json = options.export.suffix.lower() == ".json"
        write_whole(options.export, _json(known) if as_json else _csv(known))
    if options.json:
        print(_json(known).decode().strip())
        return 0
    for owner in known:
        tell(f"{owner.name}{'' if owner.asked else ' (the house)'}")
    return 0


def _one_owner(path: Path, options: argparse.Namespace, tell: Callable[..., None]) -> int:
    """All that is kept of one owner, out or gone."""
    from nuvrek.logbook.joining.privacy import owner_data, remove_owner
    from nuvrek.logbook.on_disk.copies import forget_cards

    if options.data:
        if options.out is None:
            raise JobFaults([tr("where to? Name a file with -o.")])
        with closing(Logbook.to_read(path)) as book:
            found = owner_data(book, options.data)
        write_whole(options.out, (json.dumps(found, ensure_ascii=False, indent=1) + "\n").encode())
        return 0
    with closing(Logbook(path)) as book:
        removed = remove_owner(book, options.remove, options.photos, _now())
    forget_cards(path)
    for sentence in removed.told:
        tell(f"! {say(sentence)}")
    necks = tr("{necks} of their necks stay, without a name", necks=removed.necks)
    tell(tr("removed; {necks}; {copies} copies cleaned", necks=necks, copies=removed.copies))
    return 0


def _now() -> str:
    return datetime.now().astimezone().isoformat(timespec="seconds")


def _json(owners: list[Owner]) -> bytes:
    return (json.dumps(msgspec.to_builtins(owners), ensure_ascii=False, indent=1) + "\n").encode()


def _csv(owners: list[Owner]) -> bytes:
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    table.writerow(_COLUMNS)
    for owner in owners:
        asked = "yes" if owner.asked else "no"
        table.writerow([*(getattr(owner, name) for name in OWNER), owner.usually, asked])
    return out.getvalue().encode()


def _read(path: Path) -> list[Owner]:
    """Owners of a file, all or none. Raises JobFaults with a sentence for each that is wrong."""
    raw = jobfile.read_bytes(path)
    if len(raw) > MOST_BYTES:
        raise JobFaults([tr("{name}: a list of owners is not so long.", name=path.name)])
    rows = _json_rows(raw, path) if path.suffix.lower() == ".json" else _csv_rows(raw, path)
    if len(rows) > MOST_OWNERS:
        raise JobFaults(
            [
                tr(
                    "{name}: more than {most_owners:,} owners.",
                    name=path.name,
                    most_owners=MOST_OWNERS,
                )
            ]
        )
    found, faults = [], []
    for number, row in enumerate(rows, 1):
        texts = {name: str(row.get(name, "")) for name in (*OWNER, "usually")}
        made = read_owner(texts, str(row.get("asked", "yes")).lower() not in ("no", "false"))
        if isinstance(made, (str, Said)):
            faults.append(
                tr("{name}, owner {number}: {detail}", name=path.name, number=number, detail=made)
            )
        else:
            found.append(made)
    if faults:
        raise JobFaults(faults[:20])
    return found


def _json_rows(raw: bytes, path: Path) -> list[dict[str, Any]]:
    try:
        return msgspec.json.decode(raw, type=list[dict[str, Any]])
    except (msgspec.MsgspecError, UnicodeDecodeError, RecursionError):
        raise JobFaults(
            [tr("{name}: should be a list of owners in JSON.", name=path.name)]
        ) from None


def _csv_rows(raw: bytes, path: Path) -> list[dict[str, Any]]:
    try:
        table = csv.DictReader(io.StringIO(raw.decode("utf-8-sig")), strict=True)
        rows = [{k: v or "" for k, v in row.items() if isinstance(k, str)} for row in table]
        names = table.fieldnames or []
    except (UnicodeDecodeError, csv.Error):
        raise JobFaults([tr("{name}: not a table in UTF-8.", name=path.name)]) from None
    if "name" not in names:
        raise JobFaults(
            [
                tr(
                    "{name}: the first row names the columns: {columns}.",
                    name=path.name,
                    columns=", ".join(_COLUMNS),
                )
            ]
        )
    return rows
