"""``prices``: the price list, in and out as a table or JSON, and what ways cost by it."""

from __future__ import annotations

import argparse
from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Any

import msgspec

from nuvrek.bench.forms.prices import read_prices
from nuvrek.bench.shop_settings import read_settings, write_settings
from nuvrek.cli.terminal import (
    FINE,
    Command,
    complain,
    is_json,
    json_file,
    print_values,
    takes_shop,
    tell,
    this_hour,
)
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.exchange.tables import read_csv, write_csv
from nuvrek.meaning import Said, Saying
from nuvrek.money import Amount
from nuvrek.planning.money.prices import PriceList, as_table, price_faults
from nuvrek.readings.journal import NeckState
from nuvrek.wording.speech import say, tr

if TYPE_CHECKING:
    from nuvrek.bench.owner.cost import Cost
    from nuvrek.planning.case.way import Plan

MOST_LETTERS = 50_000
_HEADING = ["what", "value"]


def add_commands(command: Command) -> None:
    sub = command("prices", _prices, tr("the shop's price list"))
    sub.add_argument("--json", action="store_true", help=tr("print JSON instead of a list"))
    sub.add_argument(
        "--export", type=Path, metavar="FILE", help=tr("write the list as .csv or .json")
    )
    sub.add_argument("--import", dest="take", type=Path, metavar="FILE", help=tr("take one in"))
    takes_shop(sub)


def _prices(options: argparse.Namespace) -> int:
    settings = read_settings(options.settings, options.logbook).settings
    if options.take is not None:
        changed = msgspec.structs.replace(settings, prices=_read(options.take))
        trouble = write_settings(options.settings, options.logbook, settings, changed, this_hour())
        if trouble:
            return complain([trouble])
        settings = changed
    prices = settings.prices
    if options.export is not None:
        write_whole(options.export, _written(prices, options.export))
    if options.json:
        print_values(prices)
        return FINE
    for name, value in as_table(prices).items():
        tell(f"{name}: {value or '-'}")
    return FINE


def _written(prices: PriceList, path: Path) -> bytes:
    if is_json(path):
        return json_file(prices)
    return write_csv(_HEADING, as_table(prices).items()).encode()


def _read(path: Path) -> PriceList:
    raw = jobfile.read_bytes(path)
    if len(raw) > MOST_LETTERS:
        raise JobFaults([tr("{name}: a price list is not so long.", name=path.name)])
    if is_json(path):
        prices = _from_json(raw)
    else:
        prices = _from_table(read_csv(path.name, raw))
    if isinstance(prices, (str, Said)):
        raise JobFaults([f"{path.name}: {say(prices)}"])
    return prices


def _from_json(raw: bytes) -> PriceList | Saying:
    try:
        prices = msgspec.json.decode(raw, type=PriceList)
    except (msgspec.MsgspecError, UnicodeDecodeError, RecursionError) as error:
        return tr(
            "not a price list in JSON ({splitlines}).", splitlines=str(error).splitlines()[0][:120]
        )
    faults = price_faults(prices)
    if faults:
        return faults[0]
    return prices


def _from_table(rows: list[list[str]]) -> PriceList | Saying:
    if not rows or [cell.strip() for cell in rows[0][:2]] != _HEADING:
        return tr("the first row of a price list is 'what,value'.")
    return read_prices({row[0].strip(): row[1] for row in rows[1:] if len(row) >= 2})


def with_costs(
    answer: dict[str, Any],
    plan: Plan,
    neck_state: NeckState,
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
        cost = cost_of(way, neck_state.neck, pace, prices)
        told.update(_cost_answer(cost, prices.currency))
        told["agreed"] = _agreed_answer(neck_state, (way.kind,))
    ways = course_ways(plan)
    answer["course_costs"] = {
        **_cost_answer(
            cost_of(ways, neck_state.neck, pace, prices, neck_state.dealings.extras),
            prices.currency,
        ),
        "agreed": _agreed_answer(neck_state, [way.kind for way in ways]),
    }
    return answer


def _cost_answer(cost: Cost, currency: str) -> dict[str, Any]:
    least, likely, most = (round(hours, 2) for hours in cost.spell.hours)
    price = cost.price
    return {
        "hours": {"least": least, "likely": likely, "most": most},
        "days": cost.days,
        "years_of_wear": None if cost.years is None else round(cost.years, 1),
        "price": {
            "currency": currency,
            "total": _amount(price.total),
            "between": _amounts(price.between),
            "tax": str(price.tax),
            "by_hours": _amounts(price.by_hours),
            "gain": _amount(price.gain),
            "a_year": _amount(cost.a_year),
            "items": [{"what": item.words, "amount": str(item.amount)} for item in price.items],
        },
    }


def _amount(amount: Amount | None) -> str | None:
    if amount is None:
        return None
    return str(amount)


def _amounts(amounts: Sequence[Amount] | None) -> list[str] | None:
    if amounts is None:
        return None
    return [str(amount) for amount in amounts]


def _agreed_answer(neck_state: NeckState, kinds: Sequence[str]) -> list[dict[str, Any]]:
    from nuvrek.bench.working.agreement import standings

    return [
        {
            "matter": standing.need.matter,
            "what": standing.words,
            "before": standing.need.before or None,
            "agreed": standing.given is not None and standing.given.agreed,
            "lifted": (standing.given and standing.given.reason) or None,
            "day": standing.given.day if standing.given else None,
        }
        for standing in standings(neck_state, kinds)
    ]
