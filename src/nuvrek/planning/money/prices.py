"""The shop's price list, and what a way costs by it: a fixed price beside hours and rate. Money is
exact decimals.
"""

from __future__ import annotations

from collections.abc import Mapping
from decimal import ROUND_HALF_UP, Decimal
from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.neck.description import NeckDescription

Amount = Decimal
Tax = Literal["none", "included", "added"]
TAX_WORDS: dict[Tax, str] = {
    "none": "no tax",
    "included": "prices include it",
    "added": "comes on top",
}
CENT = Decimal("0.01")
MOST = Decimal(1_000_000)
# Strings beyond so many cost their surcharge each.
USUAL_STRINGS = 6


class PriceList(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """What the shop charges; whatever is None or missing is not charged by itself.

    ``fixed`` prices by the kind of a way; surcharges for a bound or lacquered board, one of
    compound radius, and each string beyond six; ``nut``, ``strings`` and ``paper`` are materials of
    a job.
    """

    currency: Annotated[str, Meta(max_length=8)] = ""
    rate: Amount | None = None
    tax: Tax = "none"
    tax_percent: Amount = Decimal(0)
    fixed: dict[Annotated[str, Meta(max_length=40)], Amount] = {}
    bound: Amount = Decimal(0)
    lacquered: Amount = Decimal(0)
    compound: Amount = Decimal(0)
    extra_string: Amount = Decimal(0)
    nut: Amount = Decimal(0)
    strings: Amount = Decimal(0)
    paper: Amount = Decimal(0)


class Item(Struct, frozen=True):
    """One line of a price."""

    words: str
    amount: Amount


class Price(Struct, frozen=True):
    """What a way costs. ``items`` are what is asked for, tax apart; ``total`` with tax that is
    added. ``by_hours`` is hours at the rate for the least, likely and most time; ``gain`` what a
    fixed price stands over the likely hours (minus: under). None where no price is known.
    """

    items: tuple[Item, ...]
    tax: Amount
    total: Amount | None
    by_hours: tuple[Amount, Amount, Amount] | None
    gain: Amount | None


def price_faults(prices: PriceList) -> list[str]:
    """What no price list can hold, one sentence each."""
    amounts = {
        "rate": prices.rate or Decimal(0),
        "tax": prices.tax_percent,
        **{name: getattr(prices, name) for name in SURCHARGES},
        **prices.fixed,
    }
    faults = [
        f"{name}: {amount} is no price; from 0 to {MOST:,}."
        for name, amount in amounts.items()
        if not amount.is_finite() or not 0 <= amount <= MOST
    ]
    if prices.tax_percent.is_finite() and prices.tax_percent > 100:
        faults.append("tax: more than a hundred percent.")
    return faults


SURCHARGES: dict[str, str] = {
    "bound": "bound board",
    "lacquered": "lacquered board",
    "compound": "compound radius",
    "extra_string": "each string beyond six",
    "nut": "nut",
    "strings": "strings",
    "paper": "paper",
}


def rounded(amount: Amount) -> Amount:
    """To the cent, a half up."""
    return amount.quantize(CENT, rounding=ROUND_HALF_UP)


def price_of(
    prices: PriceList,
    kind: str,
    neck: NeckDescription,
    minutes: tuple[float, float, float],
    wire: Amount = Decimal(0),
    filed: bool = False,
    new_nut: bool = False,
) -> Price:
    """The price of a way of that kind; ``minutes`` are least, likely and most at the bench,
    ``wire`` what its wire costs, ``filed`` whether paper is used and strings go on anew.
    """
    by_hours = _by_hours(prices, minutes)
    fixed = prices.fixed.get(kind)
    work = fixed if fixed is not None else (by_hours[1] if by_hours is not None else None)
    if work is None:
        return Price((), Decimal(0), None, by_hours, None)
    items = [Item("work", rounded(work)), *_surcharges(prices, neck, filed)]
    items += _materials(prices, wire, filed, new_nut)
    net = sum((item.amount for item in items), Decimal(0))
    tax = Decimal(0)
    if prices.tax == "added":
        tax = rounded(net * prices.tax_percent / 100)
    elif prices.tax == "included":
        tax = rounded(net * prices.tax_percent / (100 + prices.tax_percent))
    total = net + tax if prices.tax == "added" else net
    gain = None if fixed is None or by_hours is None else rounded(fixed) - by_hours[1]
    return Price(tuple(items), tax, rounded(total), by_hours, gain)


def _by_hours(
    prices: PriceList, minutes: tuple[float, float, float]
) -> tuple[Amount, Amount, Amount] | None:
    if prices.rate is None:
        return None
    rate = prices.rate
    # Whole minutes: what a float's last digits say of time is nothing.
    low, likely, high = (rounded(rate * Decimal(round(one)) / 60) for one in minutes)
    return low, likely, high


def _surcharges(prices: PriceList, neck: NeckDescription, filed: bool) -> list[Item]:
    if not filed:
        return []
    found = []
    if neck.bound and prices.bound:
        found.append(Item(SURCHARGES["bound"], rounded(prices.bound)))
    if neck.lacquered and prices.lacquered:
        found.append(Item(SURCHARGES["lacquered"], rounded(prices.lacquered)))
    if neck.end_radius_mm not in (None, neck.radius_mm) and prices.compound:
        found.append(Item(SURCHARGES["compound"], rounded(prices.compound)))
    more = max(neck.strings - USUAL_STRINGS, 0)
    if more and prices.extra_string:
        found.append(Item(f"{more} more strings", rounded(more * prices.extra_string)))
    return found


def _materials(prices: PriceList, wire: Amount, filed: bool, new_nut: bool) -> list[Item]:
    found = [("wire", wire)]
    if filed:
        found += [("strings", prices.strings), ("paper", prices.paper)]
    if new_nut:
        found.append(("nut", prices.nut))
    return [Item(words, rounded(amount)) for words, amount in found if amount]


def money_words(amount: Amount | None, currency: str) -> str:
    """An amount with its currency; a dash where there is none."""
    if amount is None:
        return "–"
    said = f"{amount:,.2f}".replace(",", " ")
    return f"{said} {currency}".strip()


def as_table(prices: PriceList) -> Mapping[str, str]:
    """The list as names and texts, for a table."""
    found = {
        "currency": prices.currency,
        "rate": "" if prices.rate is None else str(prices.rate),
        "tax": prices.tax,
        "tax_percent": str(prices.tax_percent),
    }
    found |= {name: str(getattr(prices, name)) for name in SURCHARGES}
    return found | {f"fixed {kind}": str(amount) for kind, amount in sorted(prices.fixed.items())}
