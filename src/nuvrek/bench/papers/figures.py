"""Numbers, money and dates as the reader's place writes them (Unicode CLDR, by Babel)."""

from __future__ import annotations

import re
from datetime import date

from babel import Locale, UnknownLocaleError
from babel.dates import format_date
from babel.numbers import format_currency, format_decimal, get_decimal_symbol
from msgspec import Struct

from nuvrek.meaning import Saying, written
from nuvrek.money import Amount, places_of
from nuvrek.units import Unit, format_length, format_number

_LETTER = frozenset(
    {"US", "CA", "MX", "PH", "CL", "CO", "VE", "CR", "GT", "NI", "PA", "PR", "SV", "BZ"}
)
# Where a place is not known.
USUAL = "en_GB"


def is_locale(name: str) -> bool:
    """Whether a place's habit of that name is known."""
    return _locale(name) is not None


def known_locale(name: str) -> str:
    """The locale of that name if there is one, else the usual one."""
    return _locale(name) or USUAL


def _locale(name: str) -> str | None:
    plain = name.split(".")[0].replace("-", "_")
    if plain in ("", "C", "POSIX"):
        return None
    try:
        return str(Locale.parse(plain))
    except (UnknownLocaleError, ValueError, TypeError):
        return None


class Figures(Struct, frozen=True):
    """How figures are written: by which locale, in which units, with which currency."""

    locale: str = USUAL
    unit: Unit = Unit.MM
    height_unit: Unit = Unit.MM
    currency: str = ""

    @property
    def us_letter(self) -> bool:
        """Whether paper is Letter there, not A4 (Unicode CLDR, territory measurement data; values
        from memory).
        """
        return self.locale.rpartition("_")[2] in _LETTER

    def length(self, mm: float) -> Saying:
        """A gap, a crown, a relief."""
        # An owner reads inches, not thousandths.
        if self.unit is Unit.THOU:
            unit = Unit.INCH
        else:
            unit = self.unit
        return self._point(written(format_length(mm, unit, decimals=3 if unit is Unit.INCH else 2)))

    def height(self, mm: float) -> Saying:
        """A string height."""
        return self._point(written(format_length(mm, self.height_unit)))

    def bare(self, mm: float, sign: bool = False) -> Saying:
        """A length without its unit, for a column."""
        return self._point(written(format_number(mm, self.unit, sign=sign)))

    def localised(self, text: str) -> str:
        """A sentence with its figures and dates as they are written here."""
        dated = re.sub(r"\d{4}-\d\d-\d\d", lambda found: self.day(found[0]), text)
        return re.sub(r"(?<=\d)\.(?=\d)", get_decimal_symbol(self.locale), dated)

    def _point(self, text: str) -> str:
        return text.replace(".", get_decimal_symbol(self.locale))

    def number(self, value: float, places: int = 1) -> str:
        """A plain number."""
        shape = f"0.{'0' * places}" if places else "0"
        return str(format_decimal(round(value, places), shape, locale=self.locale))

    def money(self, amount: Amount | None, currency: str | None = None) -> str:
        """An amount; a dash where there is none."""
        if amount is None:
            return "–"
        named = self.currency if currency is None else currency
        places = places_of(named)
        decimals = f".{'0' * places}" if places else ""
        if len(named) == 3 and named.isascii() and named.isupper():
            usual = Locale.parse(self.locale).currency_formats["standard"].pattern
            shape = usual.replace(".00", decimals)
            return str(
                format_currency(amount, named, shape, locale=self.locale, currency_digits=False)
            )
        shape = f"#,##0{decimals}"
        return f"{format_decimal(amount, shape, locale=self.locale)} {named}".strip()

    def day(self, iso: str) -> str:
        """A date in words; as it stands where it is none."""
        try:
            return str(format_date(date.fromisoformat(iso[:10]), "long", locale=self.locale))
        except ValueError:
            return iso[:10]
