"""Prices by rules that are said once and tried on many lists; amounts worked out in whole cents."""

import unittest
from decimal import Decimal
from typing import Any

from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from nuvrek.meaning import Word, means
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.money.prices import (
    Price,
    PricedWay,
    PriceLine,
    PriceList,
    as_table,
    price_faults,
    price_of,
)
from tests.support import neck_with

CENTS = st.integers(1, 500_000)
FILED = PricedWay("level", "level", (60.0, 90.0, 120.0), filed=True)
PLAIN_NECK = neck_with()
# Each surcharge, a neck that asks for it, and one that does not.
ASKED: dict[str, tuple[NeckDescription, NeckDescription]] = {
    "bound": (neck_with(bound=True), neck_with(bound=False)),
    "lacquered": (neck_with(lacquered=True), neck_with(lacquered=False)),
    "compound": (
        neck_with(radius_mm=240.0, end_radius_mm=400.0),
        neck_with(radius_mm=240.0, end_radius_mm=240.0),
    ),
    "extra_string": (neck_with(strings=7), neck_with(strings=6)),
}


def euros(cents: int) -> Decimal:
    return Decimal(cents) / 100


def amounts(price: Price) -> list[Decimal]:
    return [item.amount for item in price.items]


class Surcharges(unittest.TestCase):
    @given(CENTS)
    def test_charged_where_the_list_has_it_and_the_neck_asks_for_it(self, cents: int) -> None:
        work = {"fixed": {"level": Decimal(100)}}
        for name, (asking, other) in ASKED.items():
            charged = PriceList(**work, **{name: euros(cents)})
            free = PriceList(**work)
            self.assertEqual(amounts(price_of(charged, [FILED], asking)), [100, euros(cents)])
            for prices, neck in ((charged, other), (free, asking), (free, other)):
                self.assertEqual(amounts(price_of(prices, [FILED], neck)), [100], name)

    def test_a_board_without_a_second_radius_is_not_compound(self) -> None:
        prices = PriceList(fixed={"level": Decimal(100)}, compound=Decimal(30))
        self.assertEqual(amounts(price_of(prices, [FILED], neck_with(radius_mm=240.0))), [100])

    @given(st.integers(1, 14), CENTS)
    def test_each_string_beyond_six_costs_its_own(self, strings: int, cents: int) -> None:
        prices = PriceList(fixed={"level": Decimal(100)}, extra_string=euros(cents))
        price = price_of(prices, [FILED], neck_with(strings=strings))
        self.assertEqual(sum(amounts(price)), 100 + max(strings - 6, 0) * euros(cents))
        if strings > 6:
            said = means("metal.more-strings", more=strings - 6)
            self.assertEqual(price.items[1], PriceLine(said, (strings - 6) * euros(cents)))

    def test_one_job_of_several_that_files_is_enough_and_none_is_not(self) -> None:
        rod = PricedWay("rod", "rod", (5.0, 10.0, 15.0))
        prices = PriceList(
            fixed={"level": Decimal(100), "rod": Decimal(20)},
            bound=Decimal(30),
            strings=Decimal(12),
            paper=Decimal(4),
            nut=Decimal(50),
        )
        bound = neck_with(bound=True)
        self.assertEqual(amounts(price_of(prices, [rod], bound)), [20])
        self.assertEqual(amounts(price_of(prices, [rod, FILED], bound)), [20, 100, 30, 12, 4])
        nut = replace(rod, new_nut=True)
        self.assertEqual(amounts(price_of(prices, [nut, rod], bound)), [20, 20, 50])
        wired = replace(rod, wire=Decimal("7.005"))
        price = price_of(prices, [wired, wired], bound)
        self.assertEqual(price.items[2], PriceLine(Word("fret wire"), Decimal("14.01")))


class Hours(unittest.TestCase):
    @given(st.integers(0, 600), st.integers(0, 600), st.integers(0, 600), CENTS)
    def test_minutes_at_a_rate(self, least: int, more: int, most: int, cents: int) -> None:
        minutes = (least, least + more, least + more + most)
        price = price_of(
            PriceList(rate=euros(cents)),
            [PricedWay("rod", "", tuple(map(float, minutes)))],
            PLAIN_NECK,
        )
        # A half cent goes up: of minutes times cents, sixty make one.
        low, likely, high = (euros((m * cents * 2 + 60) // 120) for m in minutes)
        self.assertEqual(price.by_hours, (low, likely, high))
        self.assertEqual((price.total, price.between), (likely, (low, high)))
        self.assertIsNone(price.gain)

    @given(CENTS, CENTS, st.integers(1, 600))
    def test_what_a_fixed_price_gains_over_its_hours(
        self, fixed: int, rate: int, minutes: int
    ) -> None:
        job = PricedWay("rod", "", (1.0, float(minutes), 900.0))
        price = price_of(
            PriceList(rate=euros(rate), fixed={"rod": euros(fixed)}), [job, FILED], PLAIN_NECK
        )
        hours = euros((minutes * rate * 2 + 60) // 120)
        self.assertEqual(price.gain, euros(fixed) - hours)
        self.assertEqual(price.items[0].amount, euros(fixed))
        only_fixed = PriceList(fixed={"rod": euros(fixed)})
        self.assertIsNone(price_of(only_fixed, [job], PLAIN_NECK).gain)
        self.assertIsNone(price_of(only_fixed, [job], PLAIN_NECK).between)

    def test_nothing_is_reckoned_where_one_job_has_neither_price_nor_hours(self) -> None:
        prices = PriceList(fixed={"rod": Decimal(20)}, currency="EUR")
        rod = PricedWay("rod", "", (5.0, 10.0, 15.0))
        for jobs in ([], [FILED], [rod, FILED], [FILED, rod]):
            price = price_of(prices, jobs, PLAIN_NECK)
            self.assertEqual((price.items, price.tax, price.total), ((), 0, None))
            self.assertEqual((price.by_hours, price.between, price.gain), (None, None, None))
            self.assertEqual(price.currency, "EUR")
        by_hour = price_of(PriceList(rate=Decimal(60)), [rod, FILED], PLAIN_NECK)
        self.assertEqual(by_hour.by_hours, (65, 100, 135))

    def test_the_least_is_never_less_than_nothing(self) -> None:
        """Hours that may come to nothing leave what is fixed."""
        prices = PriceList(rate=Decimal(60), fixed={"rod": Decimal(20)})
        jobs = [PricedWay("rod", "", (5.0, 10.0, 15.0)), PricedWay("level", "", (0.0, 30.0, 90.0))]
        self.assertEqual(price_of(prices, jobs, PLAIN_NECK).between, (20, 110))


class Tax(unittest.TestCase):
    @given(CENTS, st.integers(0, 100))
    def test_on_top_within_or_none(self, cents: int, percent: int) -> None:
        rod = PricedWay("rod", "", (5.0, 10.0, 15.0))
        for tax, in_cents, whole in (
            ("none", 0, cents),
            ("added", (cents * percent * 2 + 100) // 200, None),
            ("included", (cents * percent * 2 + 100 + percent) // (2 * (100 + percent)), cents),
        ):
            prices = PriceList(
                tax=tax,  # type: ignore[arg-type]
                tax_percent=Decimal(percent),
                fixed={"rod": euros(cents)},
            )
            price = price_of(prices, [rod], PLAIN_NECK)
            self.assertEqual(price.tax, euros(in_cents), tax)
            self.assertEqual(price.total, euros(cents + in_cents if whole is None else whole))


class Lists(unittest.TestCase):
    def test_what_no_list_can_hold(self) -> None:
        self.assertEqual(price_faults(PriceList(tax_percent=Decimal(100))), [])
        too_much = price_faults(PriceList(tax_percent=Decimal("100.01")))
        self.assertEqual(too_much, [means("metal.tax-more-than-hundred-percent")])
        wrong: list[dict[str, Any]] = [
            {"rate": Decimal(-1)},
            {"tax_percent": Decimal(-1)},
            {"fixed": {"rod": Decimal("Infinity")}},
            *({name: Decimal(-1)} for name in (*ASKED, "nut", "strings", "paper")),
        ]
        for changes in wrong:
            self.assertEqual(len(price_faults(PriceList(**changes))), 1, changes)

    def test_as_names_and_texts(self) -> None:
        empty = as_table(PriceList())
        self.assertEqual((empty["rate"], empty["currency"], empty["tax"]), ("", "", "none"))
        prices = PriceList(
            currency="EUR",
            rate=Decimal("62.50"),
            tax_percent=Decimal(19),
            paper=Decimal("4.20"),
            fixed={"rod": Decimal(45), "level": Decimal(180)},
        )
        table = as_table(prices)
        self.assertEqual(
            (table["rate"], table["tax_percent"], table["paper"]), ("62.50", "19", "4.20")
        )
        self.assertEqual([*table][-2:], ["fixed level", "fixed rod"])
        self.assertEqual(table["fixed rod"], "45")


if __name__ == "__main__":
    unittest.main()
