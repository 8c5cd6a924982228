"""A quote, frozen with its date and what it rests on, and the page that tells it."""

from __future__ import annotations

from datetime import date, timedelta

from nuvrek.bench.owner.cost import doubt_of_price
from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.papers.figures import Figures
from nuvrek.bench.work.agreement import standings
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.owner.entries import Letter, Quote, QuoteLine, Table
from nuvrek.wording import speech as words
from nuvrek.wording.papers.plain import way_words
from nuvrek.wording.speech import figure, lower_first, say, tr

# So long a quote stands (common practice, no source).
STANDS_DAYS = 30


class NoPrice(ValueError):
    """Nothing to quote: the price list has neither an hour's price nor a fixed one."""


def quote(facts: Facts) -> Quote:
    """The quote of the ways meant. Raises NoPrice."""
    cost, prices = facts.whole, facts.prices
    price = cost.price
    if price.total is None:
        raise NoPrice(tr("No price: Prices takes an hour's, or a fixed one for this way."))
    between = price.between or (None, None)
    return Quote(
        ways=tuple(way.kind for way in facts.ways),
        lines=tuple(QuoteLine(say(item.words), item.amount) for item in price.items),
        total=price.total,
        tax=price.tax,
        tax_words=_tax_words(facts),
        least=between[0],
        most=between[1],
        currency=prices.currency,
        hours=round(cost.spell.likely / 60.0, 2),
        hours_between=(round(cost.spell.least / 60.0, 2), round(cost.spell.most / 60.0, 2)),
        days=cost.days,
        rests_on=_rests_on(facts),
        until=_until(facts.day),
    )


def _until(day: str) -> str:
    try:
        return str(date.fromisoformat(day[:10]) + timedelta(days=STANDS_DAYS))
    except ValueError:
        return ""


def _tax_words(facts: Facts) -> str:
    percent = figure(f"{facts.prices.tax_percent.normalize():f} %")
    return {
        "none": "",
        "included": tr("in it {percent} tax", percent=percent),
        "added": tr("and {percent} tax", percent=percent),
    }[facts.prices.tax]


def _rests_on(facts: Facts) -> str:
    """By which readings and prices, so that it can be told later why it was so."""
    readings = words.count(len(facts.now.taken), "reading", "readings")
    prices, parts = (
        facts.prices,
        [tr("{readings} up to entry {length}", readings=readings, length=facts.now.length)],
    )
    if prices.rate is not None:
        parts.append(tr("an hour at {rate}", rate=prices.rate))
    parts += [
        tr(
            "{way_title} at a fixed {fixed}",
            way_title=lower_first(way_title(kind)),
            fixed=prices.fixed[kind],
        )
        for kind in (way.kind for way in facts.ways)
        if kind in prices.fixed
    ]
    return words.sentences(f"{'; '.join(parts)}.", doubt_of_price(facts.whole))


def quote_letter(facts: Facts, given: Quote) -> Letter:
    """The page of a quote as it was given."""
    f = facts.figures
    done = " ".join(way_words(kind) for kind in given.ways)
    parts = [
        tr("For {title} we quote:", title=facts.neck.title),
        "[prices]",
        tr("What is done: {done}", done=done),
    ]
    if given.least is not None and given.most is not None:
        low, high = (f.money(one, given.currency) for one in (given.least, given.most))
        parts.append(
            tr(
                "Where the work goes by the hour this is what we know of it now: between "
                "{low} and {high} in all. You hear from us before it goes beyond.",
                low=low,
                high=high,
            )
        )
    asked = standings(facts.now, given.ways, facts.plans)
    about = [say(one.need.said) for one in asked if one.need.matter != "way"]
    if about:
        parts += [tr("What we ask you to agree to"), " ".join(_full(one) for one in about)]
    if given.until:
        parts.append(tr("This quote stands until {day}.", day=f.day(given.until)))
    closing = facts.shop.closing.strip()
    parts += [closing] if closing else []
    tables = {"prices": price_table(given, f)}
    return Letter(paper="quote", text="\n\n".join(parts), tables=tables)


def _full(said: str) -> str:
    return said if said.endswith((".", "!", "?")) else f"{said}."


def price_table(given: Quote, figures: Figures) -> Table:
    """The lines of a quote, its tax and its total."""
    rows = [(tr("For"), tr("Amount"))]
    rows += [(line.words, figures.money(line.amount, given.currency)) for line in given.lines]
    if given.tax_words:
        rows.append((words.upper_first(given.tax_words), figures.money(given.tax, given.currency)))
    rows.append((tr("In all"), figures.money(given.total, given.currency)))
    return tuple(rows)
