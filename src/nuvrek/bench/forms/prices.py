"""The shop's price list as a form and as a table: fields, what they hold, what is wrong with
them.
"""

from __future__ import annotations

from collections.abc import Mapping
from decimal import Decimal, InvalidOperation

from nuvrek.meaning import Saying, means, upper_first
from nuvrek.planning.money.prices import SURCHARGES, TAX_WORDS, PriceList, as_table, price_faults
from nuvrek.planning.ways.kinds import WAYS, way_title

# Ways a shop has a fixed price for, the usual ones.
FIXED: tuple[str, ...] = (
    "rod",
    "seat",
    "ends",
    "spot-level",
    "crown-few",
    "level",
    "crown-first",
    "refret-some",
    "refret",
    "refret-true",
    "refret-tangs",
    "refret-angle",
)
PLAIN: dict[str, Saying] = {
    "currency": means("forms.currency"),
    "rate": means("forms.hour"),
    "tax_percent": means("forms.tax-percent"),
    "round_to": means("forms.round-to"),
}


def labels() -> dict[str, Saying]:
    """Every field with its words, in the order of the form."""
    found = {**PLAIN, **{name: upper_first(saying) for name, saying in SURCHARGES.items()}}
    return found | {f"fixed {kind}": way_title(kind) for kind in FIXED}


def texts_of(prices: PriceList) -> dict[str, str]:
    """The list as its fields show it; what is not charged is empty."""
    found = dict(as_table(prices))
    for name in (*SURCHARGES, "tax_percent", "round_to"):
        if not Decimal(found[name] or 0):
            found[name] = ""
    return found


def read_prices(texts: Mapping[str, str]) -> PriceList | Saying:
    """The list as typed or as a table says, or a sentence that says what is wrong with it."""
    amounts: dict[str, Decimal] = {}
    named = labels()
    for name, text in texts.items():
        if name in ("currency", "tax") or not text.strip():
            continue
        kind = name.removeprefix("fixed ")
        if name not in named and not (name.startswith("fixed ") and kind in WAYS):
            return means("forms.nothing-charged-here", name=name[:40])
        try:
            amounts[name] = Decimal(text.strip().replace(",", ".").replace(" ", ""))
        except InvalidOperation:
            return means("forms.no-price", name=named.get(name, name), text=text.strip()[:20])
    tax = texts.get("tax", "none").strip() or "none"
    if tax not in TAX_WORDS:
        return means("forms.tax-one-not", tax_words=", ".join(TAX_WORDS), tax=tax[:20])
    prices = PriceList(
        currency=texts.get("currency", "").strip()[:8],
        rate=amounts.get("rate"),
        tax=tax,
        tax_percent=amounts.get("tax_percent", Decimal(0)),
        round_to=amounts.get("round_to", Decimal(0)),
        fixed={n.removeprefix("fixed "): a for n, a in amounts.items() if n.startswith("fixed ")},
        **{name: amounts.get(name, Decimal(0)) for name in SURCHARGES},
    )
    faults = price_faults(prices)
    if faults:
        return faults[0]
    return prices
