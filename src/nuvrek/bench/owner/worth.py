"""Price beside worth, as figures: never a verdict on what an instrument deserves."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.bench.papers.facts import Facts
from nuvrek.meaning import Saying, lower_first, means
from nuvrek.money import Amount, money_words
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.owner.entries import Worth


def worth_words(facts: Facts) -> tuple[Saying, ...]:
    """What stands beside the price of the ways meant, one sentence a figure; nothing where no
    figure was named.
    """
    worth, cost, f = facts.dealings.worth, facts.whole, facts.figures
    total = cost.price.total
    named = meaning.listed(lower_first(way_title(way.kind)) for way in facts.ways)
    if total is None:
        return (means("owner.no-price-yet-prices-takes"),)
    sayings: list[Saying] = [means("owner.named-money", named=named, money=f.money(total))]
    if cost.a_year is not None and cost.years is not None:
        sayings.append(
            means(
                "owner.over-years-wear-year",
                number=f.number(cost.years, 0),
                money=f.money(cost.a_year),
            )
        )
    if worth.budget is not None:
        over = total - worth.budget
        apart = means("owner.it-over" if over > 0 else "owner.it-within", money=f.money(abs(over)))
        same = means("owner.exactly") if not over else apart
        sayings.append(means("owner.budget", money=f.money(worth.budget), same=same))
    if worth.fetches is not None and worth.fetches_after is not None:
        gain = worth.fetches_after - worth.fetches
        sayings.append(means("owner.would-sell-more-than-now", money=f.money(gain)))
    for amount, what in (
        (worth.new_neck, means("owner.another-neck")),
        (worth.instead, means("owner.another-instrument")),
    ):
        if amount is not None:
            sayings.append(means("owner.costs", what=what, money=f.money(amount)))
    return tuple(sayings)


def beside_words(worth: Worth, total: Amount | None) -> Saying:
    """For a way with a price: what of the figures named lies under it, in a sentence; nothing where
    none does, or none was named.
    """
    if total is None:
        return ""
    currency = worth.currency
    parts: list[Saying] = []
    if worth.budget is not None and total > worth.budget:
        over = money_words(total - worth.budget, currency)
        parts.append(means("owner.over-owners-budget", over=over))
    named = (
        (worth.new_neck, means("owner.another-neck-with-again")),
        (worth.instead, means("owner.another-kind")),
    )
    for amount, what in named:
        if amount is not None and total > amount:
            parts.append(
                means(
                    "owner.costs-with-what-money-words",
                    what=what,
                    money_words=money_words(amount, currency),
                )
            )
    if parts:
        return means("owner.parts", parts=meaning.listed(parts, by=";"))
    return ""
