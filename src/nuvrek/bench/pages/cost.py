"""What the ways cost this shop's owner: hours by the shop's own pace, days, price."""

from __future__ import annotations

from decimal import Decimal
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.neck.description import NeckDescription
from nuvrek.neck.wire import Wire
from nuvrek.planning.money.prices import Price, PriceList, money_words, price_of

if TYPE_CHECKING:
    from nuvrek.planning.case.way import Way
    from nuvrek.planning.money.pace import Pace, Spell

# Hours at the bench in a day, and a wait that takes the night (common practice, no source).
DAY_HOURS, NIGHT_MIN = 6.0, 8 * 60


class Cost(Struct, frozen=True):
    """One way: time at the bench, days until the neck is done (a later look apart), price."""

    spell: Spell
    days: int
    price: Price


def cost_of(way: Way, neck: NeckDescription, pace: Pace, prices: PriceList) -> Cost:
    """Hours, days and price of a way, the level that follows new wire in it."""
    steps = way.at_bench
    work = [(step.key.rstrip("-0123456789"), float(step.minutes)) for step in steps if step.minutes]
    spell = pace.of(work)
    nights = sum(step.wait >= NIGHT_MIN for step in steps)
    days = nights + max(1, -(-int(spell.likely) // int(60 * DAY_HOURS))) if work else 0
    filed = way.files or way.new is not None
    minutes = spell.least, spell.likely, spell.most
    wire = Decimal(0) if way.new is None else wire_cost(way.new.wire, _needed_mm(way, neck))
    price = price_of(prices, way.kind, neck, minutes, wire, filed, way.kind == "nut")
    return Cost(spell, days, price)


def _needed_mm(way: Way, neck: NeckDescription) -> float:
    """About how much wire the frets of a way take, a stick's offcuts left out."""
    from nuvrek.planning.refret.cutting import pieces

    assert way.new is not None
    made = pieces(neck, [None] * neck.frets, way.new.frets)
    return sum(piece.cut_mm for piece in made)


def wire_cost(wire: Wire, needed_mm: float) -> Decimal:
    """What so much of a wire costs; nothing where it has no price."""
    if wire.price is None:
        return Decimal(0)
    return Decimal(str(wire.price)) * Decimal(round(needed_mm)) / 1000


def hours_words(spell: Spell) -> str:
    """Likely hours and how far they may be off."""
    if not spell.likely:
        return "–"
    _, likely, most = spell.hours
    return f"{likely:.1f} ≤{most:.0f}" if most >= 1.0 else f"{likely:.1f}"


def cost_words(cost: Cost, currency: str) -> str:
    """What stands behind the price, in a sentence or two."""
    price = cost.price
    least, likely, most = cost.spell.hours
    parts = [f"{likely:.1f} hours, nine times in ten {least:.1f} to {most:.1f}."]
    if price.by_hours is not None:
        low, _, high = (money_words(one, currency) for one in price.by_hours)
        parts.append(f"By hours {money_words(price.by_hours[1], currency)} ({low} to {high}).")
    if price.gain is not None:
        over = "over" if price.gain >= 0 else "under"
        parts.append(f"The fixed price stands {money_words(abs(price.gain), currency)} {over} it.")
    listed = [f"{item.words} {money_words(item.amount, currency)}" for item in price.items]
    if len(listed) > 1:
        parts.append(f"In it: {', '.join(listed)}.")
    return " ".join(parts)
