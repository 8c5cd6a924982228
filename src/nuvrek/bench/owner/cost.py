"""What the ways cost: hours by the shop's own pace, days, price, and the years they leave."""

from __future__ import annotations

from collections.abc import Sequence
from decimal import Decimal
from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.working.ticks import kind_of_neck
from nuvrek.meaning import Figure, Saying, means, sentences
from nuvrek.money import Amount, money_words, rounded
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.wire import Hardness, Wire
from nuvrek.planning.money.prices import Price, PricedWay, PriceLine, PriceList, charged, price_of
from nuvrek.planning.steps.job import job_steps
from nuvrek.planning.ways.kinds import of_family

if TYPE_CHECKING:
    from nuvrek.planning.case.way import Plan, Way
    from nuvrek.planning.money.pace import Pace, Spell
    from nuvrek.planning.steps.step import Step
    from nuvrek.readings.owner.entries import ExtraLine

# Hours at the bench in a day, and a wait that takes the night (common practice, no source).
DAY_HOURS, NIGHT_MIN = 6.0, 8 * 60
# The steps a second pass of the file does again, and the share of their time (common practice, no
# source).
_AGAIN, AGAIN_SHARE = ("file", "crown", "polish"), 0.5
# A second pass less likely than this is outside of nine in ten.
_REMOTE = 0.05


class Cost(Struct, frozen=True):
    """One way, or a course: time at the bench, days until the neck is done (a later look apart),
    price, and the years of ordinary play its thinnest crown then has in it.

    ``second_pass`` is the chance that part of the filing is done again, ``thin`` the frets that
    may end under the least crown, with the chance of each; ``looked_at_again``: there is a later
    look.
    """

    spell: Spell
    days: int
    price: Price
    years: float | None = None
    second_pass: float = 0.0
    thin: tuple[tuple[int, float], ...] = ()
    looked_at_again: bool = False

    @property
    def a_year(self) -> Amount | None:
        """The price over the years of wear it leaves."""
        if self.price.total is None or not self.years or self.years < 1.0:
            return None
        each = self.price.total / Decimal(str(round(self.years, 1)))
        return rounded(each, self.price.currency)


# Reading on, and passing a neck to other hands, cost the owner nothing by themselves.
NOT_CHARGED = ("read", "refer", "leave")


def cost_of(
    ways: Way | Sequence[Way],
    neck: NeckDescription,
    pace: Pace,
    prices: PriceList,
    extras: Sequence[ExtraLine] = (),
) -> Cost:
    """Hours, days and price of a way, the level that follows new wire in it; or of several that are
    one job, with what is done along with it.
    """
    if isinstance(ways, Sequence):
        row = tuple(ways)
    else:
        row = (ways,)
    kind = kind_of_neck(neck)
    legs = steps_of_job(row)
    spells = [_spell([(way, leg)], pace, kind) for way, leg in zip(row, legs, strict=True)]
    chance = max((_second_pass(way) for way in row), default=0.0)
    jobs = [
        _job(way, neck, spell, own_share(way, leg))
        for way, leg, spell in zip(row, legs, spells, strict=True)
    ]
    if len(row) == 1:
        whole = spells[0]
    else:
        whole = _spell(list(zip(row, legs, strict=True)), pace, kind)
    whole = _longer(whole, sum(extra.minutes for extra in extras))
    nights = sum(step.wait >= NIGHT_MIN for leg in legs for step in leg)
    days = 0
    if whole.likely:
        days = nights + max(1, -(-int(whole.likely) // int(60 * DAY_HOURS)))
    thin = tuple(one for way in row if way.doubt is not None for one in way.doubt.thin)
    # What is only read before anything is decided is nobody's to pay.
    priced = [job for job in jobs if job.minutes[1] > 0.0 and job.kind not in NOT_CHARGED]
    price = price_of(prices, priced, neck, _extra_lines(extras, prices))
    again = any(step.key == "look-again" for way in row for step in way.steps)
    return Cost(
        whole,
        days,
        price,
        years=_years_after(row, neck),
        second_pass=chance,
        thin=thin,
        looked_at_again=again,
    )


def course_ways(plan: Plan, kind: str | None = None) -> tuple[Way, ...]:
    """The ways of the course that is advised, or one way by itself where another is meant; the
    level that new wire holds already stands in it.
    """
    kinds = [leg.way for leg in plan.course]
    if kind is not None and kind not in kinds:
        return (plan.way(kind),)
    ways: list[Way] = []
    for leg in plan.course:
        held = bool(ways) and of_family(ways[-1].kind, "new wire")
        if not (held and of_family(leg.way, "levels")):
            ways.append(plan.way(leg.way))
    return tuple(ways)


PricePoint = tuple[str, Saying, float, float, float | None, float | None]


def price_points(
    plan: Plan, neck: NeckDescription, pace: Pace, prices: PriceList
) -> tuple[PricePoint, ...]:
    """Every way that can be gone: kind, title, price, the most it may come to, the lowest clean
    height in mm, years of wear. Leaving it costs nothing; other ways without a price are left out.
    """
    found: list[PricePoint] = []
    priced = False
    for way in plan.ways:
        if not (way.possible or way.over_budget) or way.kind in ("read", "refer"):
            continue
        cost = cost_of(way, neck, pace, prices)
        total, between = cost.price.total, cost.price.between
        if total is None and cost.spell.likely:
            continue
        priced = priced or total is not None
        price = float(total or 0)
        most = price if between is None else float(between[1])
        height = way.lowest_mm[0][0] if way.lowest_mm else None
        found.append((way.kind, way.title, price, most, height, cost.years))
    if priced:
        return tuple(found)
    return ()


def _longer(spell: Spell, minutes: int) -> Spell:
    from nuvrek.planning.money.pace import Spell

    return Spell(spell.least + minutes, spell.likely + minutes, spell.most + minutes)


def _extra_lines(extras: Sequence[ExtraLine], prices: PriceList) -> list[PriceLine]:
    """Extras at their price, or by their minutes; those that have neither are not charged."""
    found = []
    for extra in extras:
        amount = extra.amount
        if amount is None and prices.rate is not None and extra.minutes:
            amount = prices.rate * extra.minutes / 60
        if amount is not None:
            found.append(PriceLine(extra.words, charged(amount, prices)))
    return found


def steps_of_job(row: Sequence[Way]) -> tuple[tuple[Step, ...], ...]:
    """The steps at the bench of ways that are one job, by way: what they share stands once."""
    return job_steps([way.at_bench for way in row])


def own_share(way: Way, leg: Sequence[Step]) -> Decimal:
    """How much of a way's own time is left of it in a job that shares steps."""
    if not way.minutes:
        return Decimal(1)
    return Decimal(sum(step.minutes for step in leg)) / Decimal(way.minutes)


def _work(steps: Sequence[Step]) -> list[tuple[str, float]]:
    return [(step.key.rstrip("-0123456789"), float(step.minutes)) for step in steps if step.minutes]


def _spell(row: Sequence[tuple[Way, Sequence[Step]]], pace: Pace, kind: str) -> Spell:
    """Time at the bench; where a second pass may well be needed, the most holds it, and where it is
    likely so does the likely time.
    """
    from nuvrek.planning.money.pace import Spell

    work = [one for _, leg in row for one in _work(leg)]
    once = pace.of(work, kind)
    likely, most = once.likely, once.most
    for way, leg in row:
        chance = _second_pass(way)
        if chance <= _REMOTE:
            continue
        again = pace.of([one for one in _work(leg) if one[0].startswith(_AGAIN)], kind)
        most += AGAIN_SHARE * again.likely
        likely += AGAIN_SHARE * again.likely * (chance > 0.5)
    return Spell(once.least, likely, most)


def _second_pass(way: Way) -> float:
    if way.doubt is None:
        return 0.0
    return way.doubt.second_pass or 0.0


def _job(way: Way, neck: NeckDescription, spell: Spell, share: Decimal) -> PricedWay:
    if way.new is None:
        wire = Decimal(0)
    else:
        wire = wire_cost(way.new.wire, _needed_mm(way, neck))
    filed = way.files or way.new is not None
    minutes = spell.least, spell.likely, spell.most
    return PricedWay(
        way.kind, way.title, minutes, wire=wire, filed=filed, new_nut=way.kind == "nut", share=share
    )


def _years_after(row: Sequence[Way], neck: NeckDescription) -> float | None:
    """Those of new wire, where there is some; else those of the way that leaves least."""
    found = [(way, _years(way, neck)) for way in row]
    known = [years for _, years in found if years is not None]
    renewed = [years for way, years in found if way.new is not None]
    if renewed:
        return renewed[-1]
    return min(known, default=None)


def _years(way: Way, neck: NeckDescription) -> float | None:
    """Years of ordinary play until the thinnest crown is down to the least, levels on the way
    included.
    """
    if way.promise.thinnest_mm is None and way.new is None:
        return None
    thinnest = float(way.left_mm.min())
    hardness: Hardness = "common"
    if way.new is not None:
        hardness = way.new.wire.hardness
    return way.wear.years(thinnest, neck.least_crown_mm, hardness)


def _needed_mm(way: Way, neck: NeckDescription) -> float:
    """About how much wire the frets of a way take, a stick's offcuts left out."""
    from nuvrek.planning.refret.cutting import pieces

    assert way.new is not None
    made = pieces(neck, [None] * neck.frets, way.new.frets)
    return sum(piece.cut_mm for piece in made)


def wire_cost(wire: Wire, needed_mm: float) -> Amount:
    """What so much of a wire costs; nothing where it has no price."""
    if wire.price is None:
        return Decimal(0)
    return Decimal(str(wire.price)) * Decimal(round(needed_mm)) / 1000


def hours_words(spell: Spell) -> Saying:
    """Likely hours and how far they may be off."""
    if not spell.likely:
        return "–"
    _, likely, most = spell.hours
    figure = Figure(f"{likely:.1f}")
    if most >= 1.0:
        return means("owner.hours-most", likely=likely, most=most)
    return figure


def chance_words(chance: float) -> Saying:
    """A chance as bench people say it."""
    if chance < 0.95:
        return means("owner.times-ten", chance=round(10 * chance))
    return means("owner.almost-surely")


def cost_words(cost: Cost, currency: str) -> Saying:
    """What stands behind the price, in a sentence or two."""
    price = cost.price
    least, likely, most = cost.spell.hours
    parts = [means("owner.hours-nine-times-ten", likely=likely, least=least, most=most)]
    if cost.days > 1:
        parts.append(means("owner.keeps-neck-days", days=cost.days))
    if cost.looked_at_again and likely:
        parts.append(means("owner.look-after-one-two-weeks"))
    if price.by_hours is not None:
        low, _, high = (money_words(amount, currency) for amount in price.by_hours)
        parts.append(
            means(
                "owner.hours",
                money_words=money_words(price.by_hours[1], currency),
                low=low,
                high=high,
            )
        )
    if price.gain is not None:
        parts.append(
            means(
                "owner.fixed-price-stands-over"
                if price.gain >= 0
                else "owner.fixed-price-stands-under",
                money_words=money_words(abs(price.gain), currency),
            )
        )
    listed = [sentences(item.words, money_words(item.amount, currency)) for item in price.items]
    if len(listed) > 1:
        parts.append(means("owner.in-it", listed=meaning.listed(listed, by=",")))
    return meaning.sentences(*parts, doubt_of_price(cost))


def doubt_of_price(cost: Cost) -> Saying:
    """What of the map's doubt is in the price, in a sentence."""
    parts: list[Saying] = []
    if cost.second_pass > _REMOTE:
        parts.append(means("owner.second-pass-most", chance_words=chance_words(cost.second_pass)))
    if cost.thin:
        named = meaning.listed(fret for fret, _ in cost.thin[:4])
        what = means("owner.frets", number=len(cost.thin[:4]))
        parts.append(means("owner.may-end-too-thin-then", what=what, named=named))
    if parts:
        return means("owner.parts", parts=meaning.listed(parts, by=";"))
    return ""
