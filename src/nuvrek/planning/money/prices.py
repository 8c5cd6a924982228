"""The shop's price list, and what a way costs by it: a fixed price beside hours and rate. Money is
exact decimals.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from decimal import ROUND_HALF_UP, Decimal
from typing import Annotated, Literal

from msgspec import Meta, Struct

from nuvrek.meaning import Saying, Word, means
from nuvrek.money import NOTHING, Amount, amount_fault, rounded
from nuvrek.neck.description import NeckDescription

Tax = Literal["none", "included", "added"]
TAX_WORDS: dict[Tax, Saying] = {
    "none": means("metal.no-tax"),
    "included": means("metal.prices-include"),
    "added": means("metal.comes-top"),
}
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
    tax_percent: Amount = NOTHING
    fixed: dict[Annotated[str, Meta(max_length=40)], Amount] = {}
    bound: Amount = NOTHING
    lacquered: Amount = NOTHING
    compound: Amount = NOTHING
    extra_string: Amount = NOTHING
    nut: Amount = NOTHING
    strings: Amount = NOTHING
    paper: Amount = NOTHING
    # What is asked for is a multiple of this; nothing: of the smallest coin.
    round_to: Amount = NOTHING


class PriceLine(Struct, frozen=True):
    """One line of a price."""

    words: Saying
    amount: Amount


class PricedWay(Struct, frozen=True):
    """One way to be priced. ``minutes`` are least, likely and most at the bench, ``share`` how much
    of its own time is left of it beside the other ways of a job, ``wire`` what its wire costs,
    ``filed`` whether paper is used and strings go on anew.
    """

    kind: str
    title: Saying
    minutes: tuple[float, float, float]
    wire: Amount = NOTHING
    filed: bool = False
    new_nut: bool = False
    share: Amount = Amount(1)


class Price(Struct, frozen=True):
    """What a way or a course costs. ``items`` are what is asked for, tax apart; ``total`` with tax
    that is added, ``between`` the least and most it may come to where work goes by the hour.
    ``by_hours`` is hours at the rate for the least, likely and most time; ``gain`` what fixed
    prices stand over the likely hours of the same work (minus: under). None where not known.
    """

    items: tuple[PriceLine, ...]
    tax: Amount
    total: Amount | None
    between: tuple[Amount, Amount] | None
    by_hours: tuple[Amount, Amount, Amount] | None
    gain: Amount | None
    currency: str = ""


def price_faults(prices: PriceList) -> list[Saying]:
    """What no price list can hold, one sentence each."""
    amounts = {
        "rate": prices.rate or NOTHING,
        "tax": prices.tax_percent,
        "round to": prices.round_to,
        **{name: getattr(prices, name) for name in SURCHARGES},
        **prices.fixed,
    }
    faults = [fault for name, amount in amounts.items() if (fault := amount_fault(name, amount))]
    if prices.tax_percent.is_finite() and prices.tax_percent > 100:
        faults.append(means("metal.tax-more-than-hundred-percent"))
    return faults


SURCHARGES: dict[str, Saying] = {
    "bound": means("metal.bound-board"),
    "lacquered": means("metal.lacquered-board"),
    "compound": means("metal.compound-radius"),
    "extra_string": means("metal.each-string-beyond-six"),
    "nut": means("metal.nut"),
    "strings": means("metal.strings"),
    "paper": means("metal.paper"),
}


def charged(amount: Amount, prices: PriceList) -> Amount:
    """An amount as the shop says it: to what it rounds to, else to the smallest coin."""
    if prices.round_to <= 0:
        return rounded(amount, prices.currency)
    times = (amount / prices.round_to).quantize(Decimal(1), rounding=ROUND_HALF_UP)
    return rounded(times * prices.round_to, prices.currency)


def price_of(
    prices: PriceList,
    jobs: Sequence[PricedWay],
    neck: NeckDescription,
    along: Sequence[PriceLine] = (),
) -> Price:
    """The price of ways that are one job, with what is done ``along`` with it; surcharges and
    materials are charged once.
    """
    hours = [_by_hours(prices, job.minutes) for job in jobs]
    by_hours = None
    if jobs and all(hour is not None for hour in hours):
        by_hours = _summed([hour for hour in hours if hour is not None])
    # A fixed price holds all steps of its way: those another way of the job does are not paid
    # twice.
    fixed = [
        None if (whole := prices.fixed.get(job.kind)) is None else whole * job.share for job in jobs
    ]
    if not jobs or any(f is None and h is None for f, h in zip(fixed, hours, strict=True)):
        return Price(
            (), NOTHING, None, between=None, by_hours=by_hours, gain=None, currency=prices.currency
        )
    work = [
        PriceLine(job.title, charged(f if f is not None else (h or _NO_HOURS)[1], prices))
        for job, f, h in zip(jobs, fixed, hours, strict=True)
    ]
    more = (*_surcharges(prices, neck, jobs), *_materials(prices, jobs), *along)
    net = sum((item.amount for item in (*work, *more)), NOTHING)
    tax, total = _taxed(prices, net)
    swing = [h for f, h in zip(fixed, hours, strict=True) if f is None and h is not None]
    between = None
    if swing:
        low, likely, high = _summed(swing)
        # What is fixed stays; the hours may come to less or to more, never to less than nothing.
        least = charged(max(net - likely + low, NOTHING), prices)
        most = charged(net - likely + high, prices)
        between = _taxed(prices, least)[1], _taxed(prices, most)[1]
    stands = [
        rounded(f, prices.currency) - h[1]
        for f, h in zip(fixed, hours, strict=True)
        if f is not None and h
    ]
    gain = sum(stands, NOTHING) if stands else None
    return Price(
        (*work, *more),
        tax,
        total,
        between=between,
        by_hours=by_hours,
        gain=gain,
        currency=prices.currency,
    )


_NO_HOURS = (NOTHING, NOTHING, NOTHING)


def _summed(rows: Sequence[tuple[Amount, Amount, Amount]]) -> tuple[Amount, Amount, Amount]:
    low, likely, high = (sum(column, NOTHING) for column in zip(*rows, strict=True))
    return low, likely, high


def _taxed(prices: PriceList, net: Amount) -> tuple[Amount, Amount]:
    """The tax of an amount, and what is to be paid."""
    currency = prices.currency
    if prices.tax == "added":
        total = charged(net * (100 + prices.tax_percent) / 100, prices)
        return total - net, total
    if prices.tax == "included":
        held = net * prices.tax_percent / (100 + prices.tax_percent)
        return rounded(held, currency), rounded(net, currency)
    return NOTHING, rounded(net, currency)


def _by_hours(
    prices: PriceList, minutes: tuple[float, float, float]
) -> tuple[Amount, Amount, Amount] | None:
    if prices.rate is None:
        return None
    rate = prices.rate
    # Whole minutes: what a float's last digits say of time is nothing.
    low, likely, high = (
        rounded(rate * Decimal(round(minutes_each)) / 60, prices.currency)
        for minutes_each in minutes
    )
    return low, likely, high


def _surcharges(
    prices: PriceList, neck: NeckDescription, jobs: Sequence[PricedWay]
) -> list[PriceLine]:
    if not any(job.filed for job in jobs):
        return []
    items = []
    if neck.bound and prices.bound:
        items.append(PriceLine(SURCHARGES["bound"], charged(prices.bound, prices)))
    if neck.lacquered and prices.lacquered:
        items.append(PriceLine(SURCHARGES["lacquered"], charged(prices.lacquered, prices)))
    if neck.end_radius_mm not in (None, neck.radius_mm) and prices.compound:
        items.append(PriceLine(SURCHARGES["compound"], charged(prices.compound, prices)))
    more = max(neck.strings - USUAL_STRINGS, 0)
    if more and prices.extra_string:
        items.append(
            PriceLine(
                means("metal.more-strings", more=more), charged(more * prices.extra_string, prices)
            )
        )
    return items


def _materials(prices: PriceList, jobs: Sequence[PricedWay]) -> list[PriceLine]:
    found = [(Word("fret wire"), sum((job.wire for job in jobs), NOTHING))]
    if any(job.filed for job in jobs):
        found += [(Word("set of strings"), prices.strings), (Word("sandpaper"), prices.paper)]
    if any(job.new_nut for job in jobs):
        found.append((Word("new nut"), prices.nut))
    return [PriceLine(what, charged(amount, prices)) for what, amount in found if amount]


def as_table(prices: PriceList) -> Mapping[str, str]:
    """The list as names and texts, for a table."""
    found = {
        "currency": prices.currency,
        "rate": "" if prices.rate is None else str(prices.rate),
        "tax": prices.tax,
        "tax_percent": str(prices.tax_percent),
        "round_to": str(prices.round_to),
    }
    found |= {name: str(getattr(prices, name)) for name in SURCHARGES}
    return found | {f"fixed {kind}": str(amount) for kind, amount in sorted(prices.fixed.items())}
