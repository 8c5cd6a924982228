"""The owner's side as forms: fields, what they hold, what is wrong with them."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from decimal import Decimal, InvalidOperation

import msgspec

from nuvrek.bench.papers.figures import is_locale
from nuvrek.meaning import Saying, means
from nuvrek.money import Amount, amount_fault
from nuvrek.neck.owner import HOW_WORDS, Owner
from nuvrek.planning.money.shop import Shop
from nuvrek.readings.owner.entries import Arrived, ExtraLine, Extras, HandedBack, Sound, Worth

AMOUNTS: dict[str, Saying] = {
    "fetches": means("forms.would-sell"),
    "fetches_after": means("forms.would-sell-when-plays"),
    "new_neck": means("forms.another-neck-costs"),
    "instead": means("forms.another-kind-costs"),
    "budget": means("forms.owners-budget"),
}
SOUNDS: dict[Sound, Saying] = {
    "not looked at": means("forms.not-looked-yet"),
    "sound": means("forms.sound"),
    "not sound": means("forms.not-sound"),
}
# Fields of several lines stand first.
ARRIVED: dict[str, Saying] = {
    "condition": means("forms.condition-arrival"),
    "came_with": means("forms.came"),
    "outside": means("forms.faults-beside-job"),
    "shims": means("forms.shims-found"),
    "missing": means("forms.missing-screws-parts"),
    "strings_on": means("forms.strings-with-again"),
    "last_work": means("forms.last-work-done"),
}
HANDED_BACK: dict[str, Saying] = {
    "done": means("forms.what-done"),
    "returned": means("forms.given-back-bagged"),
    "care": means("forms.how-keep"),
    "strings_on": means("forms.strings-put"),
    "come_back": means("forms.come-back"),
}
LONG = (
    *("condition", "came_with", "outside", "done", "returned", "care", "means", "address"),
    *("note", "words", "closing", "extras"),
)
MOST_EXTRAS = 20
SHOP: dict[str, Saying] = {
    "name": means("forms.shops-name"),
    "words": means("forms.words-under"),
    "closing": means("forms.words-end"),
    "locale": means("forms.figures-dates"),
}
OWNER: dict[str, Saying] = {
    "name": means("forms.name"),
    "address": means("forms.address"),
    "telephone": means("forms.telephone"),
    "mail": means("forms.mail"),
    "note": means("forms.known"),
}


def amount_text(amount: Amount | None) -> str:
    """An amount as its field shows it."""
    if amount is None:
        return ""
    return f"{amount:f}"


def read_amount(text: str, name: Saying) -> Amount | Saying | None:
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
        return means("forms.no-price", name=name, text=text.strip()[:20])
    return amount_fault(name, amount) or amount


def read_worth(texts: Mapping[str, str], currency: str) -> Worth | Saying:
    """What the fields say of worth, or a sentence that says what is wrong."""
    amounts: dict[str, Amount | None] = {}
    for name, saying in AMOUNTS.items():
        found = read_amount(texts.get(name, ""), saying)
        if not isinstance(found, Decimal | None):
            return found
        amounts[name] = found
    sound = next((one for one in SOUNDS if one == texts.get("sound")), "not looked at")
    rest = {"means": texts.get("means", "").strip(), "sound": sound, "currency": currency}
    return msgspec.convert({**amounts, **rest}, Worth)


_EXTRA = re.compile(
    r"(?P<words>.*?)(?:[,;]\s*(?P<minutes>\d{1,4})\s*(?:min)?)?"
    r"(?:[,;]\s*(?P<amount>\d[\d.]*(?:,\d{1,3})?))?\s*"
)


def read_extras(text: str) -> Extras | Saying:
    """Extras as typed, one a line: what, minutes, price. Or a sentence that says what is wrong."""
    lines: list[ExtraLine] = []
    for typed in (line.strip() for line in text.splitlines() if line.strip()):
        match = _EXTRA.fullmatch(typed[:300])
        if match is None or not match["words"].strip():
            return means("forms.extra-wants-words", text=typed[:40])
        amount = read_amount(match["amount"] or "", match["words"][:40])
        if not isinstance(amount, Decimal | None):
            return amount
        minutes = int(match["minutes"] or 0)
        lines.append(ExtraLine(match["words"].strip()[:200], minutes, amount))
    if len(lines) > MOST_EXTRAS:
        return means("forms.too-many-extras", most=MOST_EXTRAS)
    return msgspec.convert({"lines": lines}, Extras)


def extras_text(lines: Sequence[ExtraLine]) -> str:
    """Extras as their field shows them."""
    return "\n".join(
        ", ".join(
            part
            for part in (
                line.words,
                f"{line.minutes} min" if line.minutes or line.amount is not None else "",
                amount_text(line.amount),
            )
            if part
        )
        for line in lines
    )


def read_arrived(texts: Mapping[str, str]) -> Arrived:
    """How it came in, as typed."""
    return msgspec.convert({name: texts.get(name, "").strip() for name in ARRIVED}, Arrived)


def read_handed_back(texts: Mapping[str, str]) -> HandedBack:
    """How it left, as typed."""
    said = {name: texts.get(name, "").strip() for name in HANDED_BACK}
    return msgspec.convert(said, HandedBack)


def read_shop(texts: Mapping[str, str]) -> Shop | Saying:
    """The shop as its papers name it, or what is wrong with it."""
    plain = {name: texts.get(name, "").strip() for name in SHOP}
    if plain["locale"] and not is_locale(plain["locale"]):
        named = plain["locale"][:20]
        return means("forms.no-places-habit-known-en", named=named)
    return msgspec.convert(plain, Shop)


def read_owner(texts: Mapping[str, str], asked: bool) -> Owner | Saying:
    """An owner as typed or as a row of a table says, or what is wrong with it."""
    if not texts.get("name", "").strip():
        return means("forms.owner-needs-name")
    usually = texts.get("usually", "present") or "present"
    if usually not in HOW_WORDS:
        return means(
            "forms.no-way-reach-somebody", usually=usually[:20], how_words=", ".join(HOW_WORDS)
        )
    plain = {name: texts.get(name, "").strip() for name in OWNER}
    try:
        return msgspec.convert({**plain, "usually": usually, "asked": asked}, Owner)
    except msgspec.ValidationError as error:
        return f"{plain['name'][:40]}: {error}."
