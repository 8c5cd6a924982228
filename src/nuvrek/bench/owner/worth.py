"""Price beside worth, as figures: never a verdict on what an instrument deserves."""

from __future__ import annotations

from nuvrek import words
from nuvrek.bench.papers.facts import Facts
from nuvrek.money import Amount, money_words
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.owner.entries import Worth


def worth_words(facts: Facts) -> tuple[str, ...]:
    """What stands beside the price of the ways meant, one sentence a figure; nothing where no
    figure was named.
    """
    worth, cost, f = facts.dealings.worth, facts.whole, facts.figures
    total = cost.price.total
    named = words.listed(way_title(way.kind).lower() for way in facts.ways)
    if total is None:
        return ("No price yet: Prices takes an hour's, or a fixed one.",)
    said = [f"{words.upper_first(named)}: {f.money(total)}."]
    if cost.a_year is not None and cost.years is not None:
        said.append(
            f"Over {f.number(cost.years, 0)} years of wear that is {f.money(cost.a_year)} a year."
        )
    if worth.budget is not None:
        over = total - worth.budget
        apart = f"{f.money(abs(over))} {'over' if over > 0 else 'within'} it"
        same = "exactly it" if not over else apart
        said.append(f"The budget is {f.money(worth.budget)}: {same}.")
    if worth.fetches is not None and worth.fetches_after is not None:
        gain = worth.fetches_after - worth.fetches
        said.append(f"It would sell for {f.money(gain)} more than now.")
    for amount, what in ((worth.new_neck, "Another neck"), (worth.instead, "Another instrument")):
        if amount is not None:
            said.append(f"{what} costs {f.money(amount)}.")
    return tuple(said)


def beside_words(worth: Worth, total: Amount | None) -> str:
    """For a way with a price: what of the figures named lies under it, in a sentence; nothing where
    none does, or none was named.
    """
    if total is None:
        return ""
    currency = worth.currency
    parts = []
    if worth.budget is not None and total > worth.budget:
        over = money_words(total - worth.budget, currency)
        parts.append(f"{over} over the owner's budget")
    named = ((worth.new_neck, "another neck"), (worth.instead, "another of its kind"))
    for amount, what in named:
        if amount is not None and total > amount:
            parts.append(f"{what} costs {money_words(amount, currency)}")
    return f"{words.upper_first('; '.join(parts))}." if parts else ""
