"""What binds before anything is planned: what is not sound, and what the owner refused."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from decimal import Decimal

from nuvrek import meaning
from nuvrek.meaning import Saying, means
from nuvrek.money import money_words
from nuvrek.planning.agreement.needs import SAME_MM
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Draft, Way
from nuvrek.planning.money.prices import PricedWay, PriceList, price_of
from nuvrek.readings.owner.dealings import quoted, refused_ways
from nuvrek.readings.told.new_wire import without_frets
from nuvrek.readings.told.soundness import unsound

# So little over the budget the owner is asked, and nothing given up (common practice, no source).
ASKED = Decimal("1.1")
# What changes nothing on the instrument, or is the mending itself.
_ALWAYS = ("leave", "read", "refer", "new-neck")


def bounded(case: Case, draft: Draft) -> Draft:
    """A draft with what stands against it whatever the readings say."""
    why = (
        *_not_sound(case, draft.kind),
        *_refused(case, draft.kind),
        *_kept_original(case, draft),
        *_no_frets_yet(case, draft.kind),
    )
    if not why:
        return draft
    return replace(draft, why_not=(*why, *draft.why_not))


def _not_sound(case: Case, kind: str) -> tuple[Saying, ...]:
    faults = unsound(case.neck_map.neck_state)
    if kind in _ALWAYS or not faults:
        return ()
    seen = meaning.listed(means(f"causes.seen-{fault}") for fault in faults)
    return (means("ways.out-not-sound", seen=seen),)


def _refused(case: Case, kind: str) -> tuple[Saying, ...]:
    refused = refused_ways(case.neck_map.neck_state.dealings)
    # Who refuses new wire refuses it however it comes.
    if kind in refused or (kind.startswith("refret") and "refret" in refused):
        return (means("ways.out-not-agreed"),)
    return ()


def _no_frets_yet(case: Case, kind: str) -> tuple[Saying, ...]:
    """Nothing is filed, seated or set on a board without frets."""
    if kind in (*_ALWAYS, "first-frets") or not without_frets(case.neck_map.neck_state):
        return ()
    return (means("ways.out-no-frets-yet"),)


# What changes an instrument for good: wood off its board, another neck.
_NOT_ORIGINAL = ("refret-true", "refret-angle", "new-neck")


def _kept_original(case: Case, draft: Draft) -> tuple[Saying, ...]:
    """What is closed on an instrument that is kept original, as long as its owner says nothing
    else: the plane, another neck, other wire than was in it.
    """
    if not case.neck.keep_original or _agreed(case, draft.kind):
        return ()
    other_wire = draft.new is not None and (
        abs(draft.new.wire.crown_mm - case.neck.wire_height_mm) > SAME_MM
        or abs(draft.new.wire.width_mm - case.neck.wire_width_mm) > SAME_MM
    )
    if draft.kind in _NOT_ORIGINAL:
        return (means("ways.out-kept-original"),)
    if other_wire:
        return (means("ways.out-kept-original-wire"),)
    return ()


def within_budget(case: Case, way: Way, prices: PriceList) -> Way:
    """A way, out where it costs more than was agreed: as quoted by itself, else by the shop's
    prices. What nobody has priced is not over anything.
    """
    dealings = case.neck_map.neck_state.dealings
    budget = dealings.worth.budget
    if budget is None or way.kind in _ALWAYS or _agreed(case, way.kind):
        return way
    price = quoted(dealings, way.kind)
    if price is None:
        minutes = (float(way.minutes),) * 3
        job = PricedWay(way.kind, way.title, minutes, filed=way.files)
        price = price_of(prices, [job], case.neck).total
    if price is None or price <= budget * ASKED:
        return way
    currency = prices.currency or dealings.worth.currency
    why = means(
        "ways.out-over-budget",
        price=money_words(price, currency),
        budget=money_words(budget, currency),
    )
    return replace(way, why_not=(why, *way.why_not))


def _agreed(case: Case, kind: str) -> bool:
    """Whether the owner has said yes to this way, whatever it costs."""
    dealings = case.neck_map.neck_state.dealings
    given, accepted = dealings.on("way", f"way:{kind}"), dealings.accepted_quote
    quoted_so = accepted is not None and kind in accepted[1].ways
    return quoted_so or (given is not None and given.agreed)


def named_above(ways: Iterable[Way]) -> tuple[Way, ...]:
    """Ways that only the budget stands against: the owner may yet want them."""
    return tuple(way for way in ways if way.over_budget)
