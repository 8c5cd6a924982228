"""The command of the price list, in and out as a table or JSON, and what ways cost by it."""

from __future__ import annotations

import argparse
import csv
import io
import json
import sys
from collections.abc import Callable, Sequence
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING, Any

import msgspec

from nuvrek.bench.forms.prices import read_prices
from nuvrek.bench.shop_settings import read_settings, write_settings
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.meaning import Said, Saying
from nuvrek.planning.money.prices import PriceList, as_table, price_faults
from nuvrek.readings.journal import NeckState
from nuvrek.wording.speech import say, tr

if TYPE_CHECKING:
    from nuvrek.bench.owner.cost import Cost
    from nuvrek.planning.case.way import Plan

Command = Callable[[str, Any, str], argparse.ArgumentParser]
MOST_LETTERS = 50_000


def add_commands(command: Command, tell: Callable[..., None]) -> None:
    """``prices``; ``tell`` prints a line safely."""
    sub = command("prices", lambda options: _prices(options, tell), tr("the shop's price list"))
    sub.add_argument("--json", action="store_true", help=tr("print JSON instead of a list"))
    sub.add_argument(
        "--export", type=Path, metavar="FILE", help=tr("write the list as .csv or .json")
    )
    sub.add_argument("--import", dest="take", type=Path, metavar="FILE", help=tr("take one in"))
    sub.add_argument("--settings", type=Path, help=tr("a settings file instead of your logbook"))
    sub.add_argument("--logbook", type=Path, help=tr("another logbook than your own"))


def _prices(options: argparse.Namespace, tell: Callable[..., None]) -> int:
    settings = read_settings(options.settings, options.logbook).settings
    if options.take is not None:
        made = _read(options.take)
        after = msgspec.structs.replace(settings, prices=made)
        now = datetime.now().astimezone().isoformat(timespec="seconds")
        trouble = write_settings(options.settings, options.logbook, settings, after, now)
        if trouble:
            print(tr("nuvrek: {trouble}", trouble=trouble), file=sys.stderr)
            return 2
        settings = msgspec.structs.replace(settings, prices=made)
    if options.export is not None:
        as_json = options.export.suffix.lower() == ".json"
        write_whole(options.export, _json(settings.prices) if as_json else _csv(settings.prices))
    if options.json:
        print(_json(settings.prices).decode().strip())
        return 0
    for name, value in as_table(settings.prices).items():
        tell(f"{name}: {value or '-'}")
    return 0


def _json(prices: PriceList) -> bytes:
    return (json.dumps(msgspec.to_builtins(prices), ensure_ascii=False) + "\n").encode()


def _csv(prices: PriceList) -> bytes:
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    table.writerows([("what", "value"), *as_table(prices).items()])
    return out.getvalue().encode()


def _read(path: Path) -> PriceList:
    raw = jobfile.read_bytes(path)
    if len(raw) > MOST_LETTERS:
        raise JobFaults([tr("{name}: a price list is not so long.", name=path.name)])
    made = _from_json(raw) if path.suffix.lower() == ".json" else _from_csv(raw)
    if isinstance(made, (str, Said)):
        raise JobFaults([f"{path.name}: {say(made)}"])
    return made


def _from_json(raw: bytes) -> PriceList | Saying:
    try:
        made = msgspec.json.decode(raw, type=PriceList)
    except (msgspec.MsgspecError, UnicodeDecodeError, RecursionError) as error:
        return tr(
            "not a price list in JSON ({splitlines}).", splitlines=str(error).splitlines()[0][:120]
        )
    faults = price_faults(made)
    return faults[0] if faults else made


def _from_csv(raw: bytes) -> PriceList | Saying:
    try:
        rows = list(csv.reader(io.StringIO(raw.decode("utf-8-sig"))))
    except (UnicodeDecodeError, csv.Error):
        return tr("not a table in UTF-8.")
    if not rows or [cell.strip() for cell in rows[0][:2]] != ["what", "value"]:
        return tr("the first row of a price list is 'what,value'.")
    return read_prices({row[0].strip(): row[1] for row in rows[1:] if len(row) >= 2})


def with_costs(
    answer: dict[str, Any],
    plan: Plan,
    now: NeckState,
    settings: Path | None,
    logbook: Path | None,
) -> dict[str, Any]:
    """The plan's answer with hours by the pace of a logbook (common practice without one), days,
    price by the shop's list, and what the owner has agreed to: by way, and for the course.
    """
    from nuvrek.bench.owner.cost import cost_of, course_ways
    from nuvrek.bench.shop.shelf import pace_in

    prices, pace = read_settings(settings, logbook).settings.prices, pace_in(logbook)
    for way, told in zip(plan.ways, answer["ways"], strict=True):
        cost = cost_of(way, now.neck, pace, prices)
        told.update(_cost_answer(cost, prices.currency))
        told["agreed"] = _agreed_answer(now, (way.kind,))
    ways = course_ways(plan)
    answer["course_costs"] = {
        **_cost_answer(cost_of(ways, now.neck, pace, prices), prices.currency),
        "agreed": _agreed_answer(now, [way.kind for way in ways]),
    }
    return answer


def _cost_answer(cost: Cost, currency: str) -> dict[str, Any]:
    least, likely, most = (round(hours, 2) for hours in cost.spell.hours)
    price = cost.price
    between = None if price.between is None else [str(one) for one in price.between]
    return {
        "hours": {"least": least, "likely": likely, "most": most},
        "days": cost.days,
        "years_of_wear": None if cost.years is None else round(cost.years, 1),
        "price": {
            "currency": currency,
            "total": None if price.total is None else str(price.total),
            "between": between,
            "tax": str(price.tax),
            "by_hours": None if price.by_hours is None else [str(one) for one in price.by_hours],
            "gain": None if price.gain is None else str(price.gain),
            "a_year": None if cost.a_year is None else str(cost.a_year),
            "items": [{"what": item.words, "amount": str(item.amount)} for item in price.items],
        },
    }


def _agreed_answer(now: NeckState, kinds: Sequence[str]) -> list[dict[str, Any]]:
    from nuvrek.bench.work.agreement import standings

    return [
        {
            "matter": one.need.matter,
            "what": one.words,
            "before": one.need.before or None,
            "agreed": one.given is not None and one.given.agreed,
            "lifted": one.given.reason if one.given is not None and one.given.reason else None,
            "day": one.given.day if one.given is not None else None,
        }
        for one in standings(now, kinds)
    ]
