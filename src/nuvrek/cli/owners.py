"""``owners``: the list of owners, in and out; all that is kept of one, and an owner's way out."""

from __future__ import annotations

import argparse
from contextlib import closing
from pathlib import Path
from typing import Any

import msgspec

from nuvrek.bench.forms.owner import OWNER, read_owner
from nuvrek.cli.terminal import FINE, Command, is_json, json_file, print_values, tell, this_hour
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.exchange.tables import read_csv, unmarked, write_csv
from nuvrek.logbook.places import logbook_path
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Saying
from nuvrek.neck.owner import Owner
from nuvrek.wording.speech import say, tr

MOST_BYTES, MOST_OWNERS, _MOST_FAULTS = 4_000_000, 20_000, 20
_COLUMNS = (*OWNER, "usually", "asked")


def add_commands(command: Command) -> None:
    owners = command("owners", _owners, tr("the list of owners"))
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


def _owners(options: argparse.Namespace) -> int:
    path = options.logbook or logbook_path()
    if options.data or options.remove:
        return _one_owner(path, options)
    taken = []
    if options.take is not None:
        taken = _read(options.take)
    with closing(Logbook.make(path) if taken else Logbook.to_read(path)) as book:
        for owner in taken:
            if book.owner(owner.name) != owner:
                book.keep_owner(owner, this_hour())
        known = sorted(book.owners().values(), key=lambda owner: owner.name.casefold())
    if options.export is not None:
        write_whole(options.export, _written(known, options.export))
    if options.json:
        print_values(known)
        return FINE
    for owner in known:
        tell(f"{owner.name}{'' if owner.asked else ' (the house)'}")
    return FINE


def _one_owner(path: Path, options: argparse.Namespace) -> int:
    """All that is kept of one owner, out or gone."""
    from nuvrek.logbook.joining.privacy import owner_data, remove_owner
    from nuvrek.logbook.on_disk.copies import forget_cards

    if options.data:
        if options.out is None:
            raise JobFaults([tr("where to? Name a file with -o.")])
        with closing(Logbook.to_read(path)) as book:
            data = owner_data(book, options.data)
        write_whole(options.out, json_file(data, indent=1))
        return FINE
    with closing(Logbook(path)) as book:
        removed = remove_owner(book, options.remove, options.photos, this_hour())
    forget_cards(path)
    for sentence in removed.sayings:
        tell(f"! {say(sentence)}")
    necks = tr("{necks} of their necks stay, without a name", necks=removed.necks)
    tell(tr("removed; {necks}; {copies} copies cleaned", necks=necks, copies=removed.copies))
    return FINE


def _written(owners: list[Owner], path: Path) -> bytes:
    if is_json(path):
        return json_file(owners, indent=1)
    return write_csv(_COLUMNS, map(_row, owners)).encode()


def _row(owner: Owner) -> list[str]:
    asked = "yes" if owner.asked else "no"
    return [*(getattr(owner, name) for name in OWNER), owner.usually, asked]


def _read(path: Path) -> list[Owner]:
    """Owners of a file, all or none. Raises JobFaults with a sentence for each that is wrong."""
    raw = jobfile.read_bytes(path)
    if len(raw) > MOST_BYTES:
        raise JobFaults([tr("{name}: a list of owners is not so long.", name=path.name)])
    if is_json(path):
        rows = _json_rows(raw, path)
    else:
        rows = _table_rows(raw, path)
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
    owners, faults = list[Owner](), list[Saying]()
    for number, row in enumerate(rows, 1):
        owner = _owner(row)
        if isinstance(owner, Owner):
            owners.append(owner)
        else:
            faults.append(
                tr("{name}, owner {number}: {detail}", name=path.name, number=number, detail=owner)
            )
    if faults:
        raise JobFaults(faults[:_MOST_FAULTS])
    return owners


def _owner(row: dict[str, Any]) -> Owner | Saying:
    texts = {name: str(row.get(name, "")) for name in (*OWNER, "usually")}
    return read_owner(texts, str(row.get("asked", "yes")).lower() not in ("no", "false"))


def _json_rows(raw: bytes, path: Path) -> list[dict[str, Any]]:
    try:
        return msgspec.json.decode(raw, type=list[dict[str, Any]])
    except (msgspec.MsgspecError, UnicodeDecodeError, RecursionError):
        raise JobFaults(
            [tr("{name}: should be a list of owners in JSON.", name=path.name)]
        ) from None


def _table_rows(raw: bytes, path: Path) -> list[dict[str, Any]]:
    rows = read_csv(path.name, raw)
    heading = rows[0] if rows else []
    if "name" not in heading:
        raise JobFaults(
            [
                tr(
                    "{name}: the first row names the columns: {columns}.",
                    name=path.name,
                    columns=", ".join(_COLUMNS),
                )
            ]
        )
    return [dict(zip(heading, map(unmarked, row), strict=False)) for row in rows[1:] if row]
