"""The command of the price list, in and out as a table."""

from __future__ import annotations

import argparse
import csv
import io
import json
import sys
from collections.abc import Callable
from pathlib import Path
from typing import Any

import msgspec

from nuvrek.bench.forms.prices import read_prices
from nuvrek.bench.settings import load, save
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.logbook.places import settings_path
from nuvrek.planning.money.prices import PriceList, as_table

Command = Callable[[str, Any, str], argparse.ArgumentParser]
MOST_LETTERS = 50_000


def add_commands(command: Command, tell: Callable[..., None]) -> None:
    """``prices``; ``tell`` prints a line safely."""
    sub = command("prices", lambda options: _prices(options, tell), "the shop's price list")
    sub.add_argument("--json", action="store_true", help="print JSON instead of a list")
    sub.add_argument("--export", type=Path, metavar="FILE", help="write the list as .csv")
    sub.add_argument("--import", dest="take", type=Path, metavar="FILE", help="take in a .csv")
    sub.add_argument("--settings", type=Path, help="another settings file than your own")


def _prices(options: argparse.Namespace, tell: Callable[..., None]) -> int:
    path = options.settings or settings_path()
    settings = load(path).settings
    if options.take is not None:
        made = _read(options.take)
        trouble = save(path, msgspec.structs.replace(settings, prices=made))
        if trouble:
            print(f"nuvrek: {trouble}", file=sys.stderr)
            return 2
        settings = msgspec.structs.replace(settings, prices=made)
    if options.export is not None:
        out = io.StringIO()
        table = csv.writer(out, lineterminator="\n")
        table.writerows([("what", "value"), *as_table(settings.prices).items()])
        write_whole(options.export, out.getvalue().encode())
    if options.json:
        print(json.dumps(msgspec.to_builtins(settings.prices), ensure_ascii=False))
        return 0
    for name, value in as_table(settings.prices).items():
        tell(f"{name}: {value or '-'}")
    return 0


def _read(path: Path) -> PriceList:
    raw = jobfile.read_bytes(path)
    if len(raw) > MOST_LETTERS:
        raise JobFaults([f"{path.name}: a price list is not so long."])
    try:
        rows = list(csv.reader(io.StringIO(raw.decode("utf-8-sig"))))
    except (UnicodeDecodeError, csv.Error):
        raise JobFaults([f"{path.name}: not a table in UTF-8."]) from None
    if not rows or [cell.strip() for cell in rows[0][:2]] != ["what", "value"]:
        raise JobFaults([f"{path.name}: the first row of a price list is 'what,value'."])
    made = read_prices({row[0].strip(): row[1] for row in rows[1:] if len(row) >= 2})
    if isinstance(made, str):
        raise JobFaults([f"{path.name}: {made}"])
    return made
