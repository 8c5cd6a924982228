"""A quote, frozen with its date and what it rests on."""

from __future__ import annotations

from datetime import date, timedelta

from nuvrek.bench.owner.cost import doubt_of_price
from nuvrek.bench.papers.facts import Facts
from nuvrek.meaning import Figure, Refusal, Saying, listed, means, sentences, written
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.owner.entries import Quote, QuoteLine

# So long a quote stands (common practice, no source).
STANDS_DAYS = 30


class NoPrice(Refusal):
    """Nothing to quote: the price list has neither an hour's price nor a fixed one."""


def quote(facts: Facts) -> Quote:
    """The quote of the ways meant. Raises NoPrice."""
    cost, prices = facts.whole, facts.prices
    price = cost.price
    if price.total is None:
        raise NoPrice(means("owner.no-price-by-list"))
    between = price.between or (None, None)
    return Quote(
        ways=tuple(way.kind for way in facts.ways),
        lines=tuple(QuoteLine(written(item.words), item.amount) for item in price.items),
        total=price.total,
        tax=price.tax,
        tax_words=written(_tax_words(facts)),
        least=between[0],
        most=between[1],
        currency=prices.currency,
        hours=round(cost.spell.likely / 60.0, 2),
        hours_between=(round(cost.spell.least / 60.0, 2), round(cost.spell.most / 60.0, 2)),
        days=cost.days,
        rests_on=written(_rests_on(facts)),
        until=_until(facts.day),
    )


def _until(day: str) -> str:
    try:
        return str(date.fromisoformat(day[:10]) + timedelta(days=STANDS_DAYS))
    except ValueError:
        return ""


def _tax_words(facts: Facts) -> Saying:
    if facts.prices.tax == "none":
        return ""
    percent = Figure(f"{facts.prices.tax_percent.normalize():f} %")
    return means(f"owner.tax-{facts.prices.tax}", percent=percent)


def _rests_on(facts: Facts) -> Saying:
    """By which readings and prices, so that it can be told later why it was so."""
    prices = facts.prices
    grounds = [
        means(
            "owner.rests-on-readings",
            number=len(facts.neck_state.taken),
            length=facts.neck_state.length,
        )
    ]
    if prices.rate is not None:
        grounds.append(means("owner.rests-on-rate", rate=prices.rate))
    grounds += [
        means("owner.rests-on-fixed", way=way_title(way.kind), amount=prices.fixed[way.kind])
        for way in facts.ways
        if way.kind in prices.fixed
    ]
    meaning = means("owner.rests-on-all", grounds=listed(grounds, by=";"))
    return sentences(meaning, doubt_of_price(facts.whole))
