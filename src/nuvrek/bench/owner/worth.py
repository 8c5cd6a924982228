"""Price beside worth, as figures: never a verdict on what an instrument deserves."""

from __future__ import annotations

from nuvrek import words
from nuvrek.bench.papers.facts import Facts
from nuvrek.language import tr
from nuvrek.money import Amount, money_words
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.owner.entries import Worth
from nuvrek.words import lower_first


def worth_words(facts: Facts) -> tuple[str, ...]:
    """What stands beside the price of the ways meant, one sentence a figure; nothing where no
    figure was named.
    """
    worth, cost, f = facts.dealings.worth, facts.whole, facts.figures
    total = cost.price.total
    named = words.listed(lower_first(way_title(way.kind)) for way in facts.ways)
    if total is None:
        return (tr("No price yet: Prices takes an hour's, or a fixed one."),)
    said = [f"{words.upper_first(named)}: {f.money(total)}."]
    if cost.a_year is not None and cost.years is not None:
        said.append(
            tr(
                "Over {number} years of wear that is {money} a year.",
                number=f.number(cost.years, 0),
                money=f.money(cost.a_year),
            )
        )
    if worth.budget is not None:
        over = total - worth.budget
        apart = tr(
            "{money} {it} it", money=f.money(abs(over)), it=tr("over") if over > 0 else tr("within")
        )
        same = tr("exactly it") if not over else apart
        said.append(tr("The budget is {money}: {same}.", money=f.money(worth.budget), same=same))
    if worth.fetches is not None and worth.fetches_after is not None:
        gain = worth.fetches_after - worth.fetches
        said.append(tr("It would sell for {money} more than now.", money=f.money(gain)))
    for amount, what in (
        (worth.new_neck, tr("Another neck")),
        (worth.instead, tr("Another instrument")),
    ):
        if amount is not None:
            said.append(tr("{what} costs {money}.", what=what, money=f.money(amount)))
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
        parts.append(tr("{over} over the owner's budget", over=over))
    named = ((worth.new_neck, tr("another neck")), (worth.instead, tr("another of its kind")))
    for amount, what in named:
        if amount is not None and total > amount:
            parts.append(
                tr(
                    "{what} costs {money_words}",
                    what=what,
                    money_words=money_words(amount, currency),
                )
            )
    return f"{words.upper_first('; '.join(parts))}." if parts else ""
