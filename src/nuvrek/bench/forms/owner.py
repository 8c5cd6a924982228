"""The owner's side as forms: fields, what they hold, what is wrong with them."""

from __future__ import annotations

from collections.abc import Mapping
from decimal import Decimal, InvalidOperation

import msgspec

from nuvrek.bench.papers.figures import is_locale
from nuvrek.language import tr
from nuvrek.money import Amount, amount_fault
from nuvrek.neck.owner import HOW_WORDS, Owner
from nuvrek.planning.money.shop import Shop
from nuvrek.readings.owner.entries import Arrived, HandedBack, Sound, Worth

AMOUNTS: dict[str, str] = {
    "fetches": tr("Would sell for, as it is"),
    "fetches_after": tr("Would sell for, when it plays"),
    "new_neck": tr("Another neck costs"),
    "instead": tr("Another of its kind costs"),
    "budget": tr("The owner's budget"),
}
SOUNDS: dict[Sound, str] = {
    "not looked at": tr("not looked at yet"),
    "sound": tr("sound"),
    "not sound": tr("not sound"),
}
# Fields of several lines stand first.
ARRIVED: dict[str, str] = {
    "condition": tr("Condition on arrival"),
    "came_with": tr("Came with it"),
    "outside": tr("Faults beside the job"),
    "shims": tr("Shims found"),
    "missing": tr("Missing: screws, parts"),
    "strings_on": tr("Strings on it"),
    "last_work": tr("Last work done"),
}
HANDED_BACK: dict[str, str] = {
    "done": tr("What was done"),
    "returned": tr("Given back, bagged"),
    "care": tr("How to keep it"),
    "strings_on": tr("Strings put on"),
    "come_back": tr("Come back"),
}
LONG = (
    *("condition", "came_with", "outside", "done", "returned", "care", "means", "address"),
    *("note", "words", "closing"),
)
SHOP: dict[str, str] = {
    "name": tr("The shop's name"),
    "words": tr("Words under it"),
    "closing": tr("Words at the end"),
    "locale": tr("Figures and dates as in"),
}
OWNER: dict[str, str] = {
    "name": tr("Name"),
    "address": tr("Address"),
    "telephone": tr("Telephone"),
    "mail": tr("Mail"),
    "note": tr("To be known"),
}


def amount_text(amount: Amount | None) -> str:
    """An amount as its field shows it."""
    return "" if amount is None else f"{amount:f}"


def read_amount(text: str, name: str) -> Amount | str | None:
    """An amount as typed, nothing for an empty field, or a sentence that says what is wrong."""
    plain = text.strip().replace(" ", "").replace(" ", "")
    if not plain:
        return None
    # The last of points and commas parts the cents; those before it stand between thousands.
    whole, mark, cents = plain.replace(",", ".").rpartition(".")
    if mark and ((len(cents) == 3 and whole) or "." in whole):
        # 1.200 and 1,200 are twelve hundred, 1.200,50 as well.
        parted = len(cents) != 3
        plain = whole.replace(".", "") + (f".{cents}" if parted else cents)
    else:
        plain = plain.replace(",", ".")
    try:
        amount = Decimal(plain)
    except InvalidOperation:
        return tr("{name}: '{text}' is no price.", name=name, text=text.strip()[:20])
    return amount_fault(name, amount) or amount


def read_worth(texts: Mapping[str, str], currency: str) -> Worth | str:
    """What the fields say of worth, or a sentence that says what is wrong."""
    amounts: dict[str, Amount | None] = {}
    for name, said in AMOUNTS.items():
        found = read_amount(texts.get(name, ""), said)
        if isinstance(found, str):
            return found
        amounts[name] = found
    sound = next((one for one in SOUNDS if one == texts.get("sound")), "not looked at")
    rest = {"means": texts.get("means", "").strip(), "sound": sound, "currency": currency}
    return msgspec.convert({**amounts, **rest}, Worth)


def read_arrived(texts: Mapping[str, str]) -> Arrived:
    """How it came in, as typed."""
    return msgspec.convert({name: texts.get(name, "").strip() for name in ARRIVED}, Arrived)


def read_handed_back(texts: Mapping[str, str]) -> HandedBack:
    """How it left, as typed."""
    said = {name: texts.get(name, "").strip() for name in HANDED_BACK}
    return msgspec.convert(said, HandedBack)


def read_shop(texts: Mapping[str, str]) -> Shop | str:
    """The shop as its papers name it, or what is wrong with it."""
    plain = {name: texts.get(name, "").strip() for name in SHOP}
    if plain["locale"] and not is_locale(plain["locale"]):
        named = plain["locale"][:20]
        return tr(
            "'{named}' is no place's habit that is known: en_GB, de_DE, fr_CA are.", named=named
        )
    return msgspec.convert(plain, Shop)


def read_owner(texts: Mapping[str, str], asked: bool) -> Owner | str:
    """An owner as typed or as a row of a table says, or what is wrong with it."""
    if not texts.get("name", "").strip():
        return tr("An owner needs a name.")
    usually = texts.get("usually", "present") or "present"
    if usually not in HOW_WORDS:
        return tr(
            "'{usually}' is no way to reach somebody: {how_words}.",
            usually=usually[:20],
            how_words=", ".join(HOW_WORDS),
        )
    plain = {name: texts.get(name, "").strip() for name in OWNER}
    try:
        return msgspec.convert({**plain, "usually": usually, "asked": asked}, Owner)
    except msgspec.ValidationError as error:
        return f"{plain['name'][:40]}: {error}."
