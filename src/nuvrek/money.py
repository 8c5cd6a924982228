"""Money: exact decimals, to the cent. Never a float."""

from __future__ import annotations

from decimal import ROUND_HALF_UP, Decimal

Amount = Decimal
NOTHING = Decimal(0)
CENT = Decimal("0.01")
MOST = Decimal(1_000_000)


def rounded(amount: Amount) -> Amount:
    """To the cent, a half up."""
    return amount.quantize(CENT, rounding=ROUND_HALF_UP)


def money_words(amount: Amount | None, currency: str) -> str:
    """An amount with its currency; a dash where there is none."""
    if amount is None:
        return "–"
    said = f"{amount:,.2f}".replace(",", " ")
    return f"{said} {currency}".strip()


def amount_fault(name: str, amount: Amount) -> str:
    """What is wrong with an amount, as a sentence; nothing where it can be one."""
    if amount.is_finite() and 0 <= amount <= MOST and _digits(amount) <= 12:
        return ""
    return f"{name}: {str(amount)[:20]} is no price; from 0 to {MOST:,}."


def _digits(amount: Amount) -> int:
    """How many places an amount has behind its point: one of a thousand is no price either."""
    exponent = amount.as_tuple().exponent
    return abs(exponent) if isinstance(exponent, int) else 0
