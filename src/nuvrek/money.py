"""Money: exact decimals, to the smallest coin there is. Never a float."""

from __future__ import annotations

from decimal import ROUND_HALF_UP, Decimal
from functools import lru_cache

from nuvrek.meaning import Money, Saying, means

Amount = Decimal
NOTHING = Decimal(0)
# More no bench asks for, in whatever currency; and so many places behind the point.
MOST, MOST_PLACES = Decimal(10) ** 12, 12
USUAL_PLACES = 2


@lru_cache(maxsize=64)
def places_of(currency: str) -> int:
    """So many decimals prices have in a currency, as they are paid: two of euros, none of yen or
    rupiah, three of dinars (Unicode CLDR, supplemental data, cash digits, by Babel); two where the
    currency is not known.
    """
    code = currency.strip().upper()
    if len(code) != 3 or not code.isascii() or not code.isalpha():
        return USUAL_PLACES
    # Needed late: the shelf comes up before anything is priced.
    from babel.core import get_global

    fractions = get_global("currency_fractions")
    digits, _, cash_digits, _ = fractions.get(code, fractions["DEFAULT"])
    return int(digits if cash_digits is None else cash_digits)


def rounded(amount: Amount, currency: str = "") -> Amount:
    """To the smallest coin of a currency, a half up."""
    return amount.quantize(Decimal(1).scaleb(-places_of(currency)), rounding=ROUND_HALF_UP)


def money_words(amount: Amount | None, currency: str, named: bool = True) -> Money:
    """An amount with its currency, or without its name; a dash where there is none."""
    return Money(None if amount is None else str(amount), currency, named)


def amount_fault(name: Saying, amount: Amount) -> Saying:
    """What is wrong with an amount, as a sentence; nothing where it can be one."""
    if amount.is_finite() and 0 <= amount <= MOST and 0 <= _places(amount) <= MOST_PLACES:
        return ""
    return means(
        "lengths.no-price-from-0",
        name=name,
        amount=str(amount)[:20],
        most=f"{MOST:,.0f}".replace(",", " "),
    )


def _places(amount: Amount) -> int:
    """How many places an amount has behind its point: one of a thousand is no price. Less than nil
    where it is written by its size (1e9), as no price is.
    """
    exponent = amount.as_tuple().exponent
    if isinstance(exponent, int):
        return -exponent
    return 0
