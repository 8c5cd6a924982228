"""What the shop has set is data of the shop, in the logbook; two windows lose nothing of it."""

import json
import unittest
from contextlib import closing
from decimal import Decimal
from pathlib import Path
from typing import Any

import msgspec
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from nuvrek.bench.settings import Settings, load, save
from nuvrek.bench.shop_settings import keep_shop, moved_in, window_only, with_shop
from nuvrek.bench.three_way import both_changes
from nuvrek.bench.working.archive import packed, taken_in
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.window import Window
from nuvrek.logbook.joining.merging import merge
from nuvrek.logbook.on_disk.copies import make_copy
from nuvrek.logbook.store import Logbook
from nuvrek.neck.wire import Wire
from nuvrek.planning.money.prices import PriceList
from nuvrek.readings.entries import CrownHeight
from nuvrek.wording.speech import say
from tests.support import NECK, TIME, TempCase, WindowCase
from tests.test_cli import CliCase
from tests.test_keeping import NOW

PLAIN = st.recursive(
    st.integers(0, 3) | st.sampled_from(["a", "b"]),
    lambda inner: st.dictionaries(st.sampled_from("xyz"), inner, max_size=3),
    max_leaves=6,
)
LISTED = PriceList(rate=Decimal(60))


def wire(name: str, stock_mm: float) -> Wire:
    return Wire(name=name, crown_mm=1.2, width_mm=2.4, tang_mm=2.0, stock_mm=stock_mm)


class BothChanges(unittest.TestCase):
    @given(PLAIN, PLAIN, PLAIN)
    @settings(deadline=None, suppress_health_check=[HealthCheck.too_slow])
    def test_who_changed_nothing_changes_nothing(self, one: Any, other: Any, third: Any) -> None:
        self.assertEqual(both_changes(one, one, other), other)
        self.assertEqual(both_changes(one, other, one), other)
        self.assertEqual(both_changes(one, other, other), other)
        self.assertEqual(both_changes(one, third, third), third)

    def test_by_name_and_by_stock(self) -> None:
        before = [{"name": "a", "stock_mm": 1000.0}, {"name": "b", "stock_mm": 5.0}]
        ours = [{"name": "a", "stock_mm": 800.0}]
        theirs = [{"name": "a", "stock_mm": 900.0}, {"name": "b", "stock_mm": 5.0}, {"name": "c"}]
        both = both_changes(before, ours, theirs)
        self.assertEqual(both, [{"name": "a", "stock_mm": 700.0}, {"name": "c"}])


class InTheLogbook(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.book = Logbook.make(self.folder / "book.db")
        self.addCleanup(self.book.close)

    def test_it_goes_with_copies_archives_and_merges(self) -> None:
        after = Settings(prices=LISTED, wires=(wire("hard", 900.0),))
        keep_shop(self.book, Settings(), after, TIME)
        copy = make_copy(self.book, NOW)
        archive = self.folder / "a.zip"
        archive.write_bytes(packed(self.book)[0])
        others = [Logbook.make(self.folder / f"{n}.db") for n in range(2)]
        merge(others[0], copy)
        taken_in(others[1], archive)
        for other in others:
            self.addCleanup(other.close)
            self.assertEqual(with_shop(Settings(), other.shop()).settings, after)
        # The later word of each name stands.
        keep_shop(others[0], after, msgspec.structs.replace(after, week_hours=20.0), "2026-05-01")
        earlier = msgspec.structs.replace(after, week_hours=30.0)
        keep_shop(self.book, after, earlier, "2026-04-01")
        merge(self.book, others[0].path)
        self.assertEqual(with_shop(Settings(), self.book.shop()).settings.week_hours, 20.0)

    def test_what_is_no_price_is_refused_when_it_is_read(self) -> None:
        for amount in ("NaN", "Infinity", "-Infinity", "1e999999", "1e30", "-5", "0.1" + "0" * 40):
            path = self.folder / "settings.json"
            path.write_text(json.dumps({"prices": {"rate": amount}, "dark": True}))
            loaded = load(path)
            self.assertEqual(loaded.settings.prices, PriceList(), amount)
            self.assertIn("set aside", say(loaded.trouble))
            with self.book.setting_shop() as shop:
                shop.set("prices", json.dumps({"rate": amount}).encode(), TIME)
            read = with_shop(Settings(dark=True), self.book.shop())
            self.assertEqual(read.settings, Settings(dark=True))
            self.assertIn("prices can't be read", say(read.trouble))

    def test_what_an_older_program_kept_moves_in_once(self) -> None:
        number = self.book.start(NECK, TIME)
        old = Settings(dark=True, prices=LISTED, cut={str(number): ("hard", 500.0)})
        moved = moved_in(self.book, old, TIME).settings
        self.assertEqual(moved.cut, {self.book.uid(number): ("hard", 500.0)})
        keep_shop(self.book, moved, msgspec.structs.replace(moved, week_hours=7.0), TIME)
        again = moved_in(self.book, old, TIME).settings
        self.assertEqual((again.week_hours, again.dark, again.prices), (7.0, True, LISTED))
        self.assertEqual(window_only(again), Settings(dark=True))


class OnTheCommandLine(CliCase):
    def test_prices_and_wire_lie_in_the_logbook(self) -> None:
        logbook, table = self.folder / "book.db", self.folder / "prices.csv"
        table.write_text("what,value\nrate,61.50\n")
        at = ("--logbook", logbook)
        self.assertEqual(self.run_cli("prices", "--import", table, *at)[0], 0)
        self.assertIn("rate: 61.50", self.run_cli("prices", *at)[1])
        with closing(Logbook.to_read(logbook)) as book:
            read = with_shop(Settings(), book.shop()).settings
        self.assertEqual(read.prices.rate, Decimal("61.50"))


class TwoWindows(WindowCase):
    def windows(self, count: int = 2) -> list[Any]:
        path, file = self.folder / "book.db", self.folder / "set" / "settings.json"
        made = []
        for _ in range(count):
            book = Logbook.make(path)
            settings = moved_in(book, load(file).settings, TIME).settings
            window = Window(AppState(book, settings, file, lambda: TIME, inline=True))
            window.show()
            self.addCleanup(self._close, window)
            made.append(window)
        return made

    def change(self, window: Any, **changes: object) -> None:
        window.app.change_quietly(msgspec.structs.replace(window.app.settings, **changes))

    def test_neither_writes_over_the_other(self) -> None:
        one, other = self.windows()
        self.change(one, wires=(wire("hard", 1000.0),))
        other.app.listen()
        self.assertEqual(other.app.settings.wires, one.app.settings.wires)
        self.change(one, dark=True, prices=LISTED, wires=(wire("hard", 800.0),))
        self.change(other, text_percent=150, week_hours=20.0, wires=(wire("hard", 900.0),))
        third = self.windows(1)[0].app.settings
        self.assertEqual((third.dark, third.text_percent), (True, 150))
        self.assertEqual((third.prices, third.week_hours), (LISTED, 20.0))
        self.assertEqual(third.wires, (wire("hard", 700.0),))
        kept = load(self.folder / "set" / "settings.json").settings
        self.assertEqual(window_only(kept), kept)

    def test_what_could_not_be_kept_is_said_until_it_is(self) -> None:
        window = self.windows(1)[0]
        folder = self.folder / "set"
        self.change(window, dark=True)
        self.assertFalse(window.standing.isVisible())
        folder.rename(self.folder / "away")
        folder.write_text("in the way")
        self.change(window, text_percent=150)
        self.assertIn("could not be kept", window.standing.text())
        window.show_stage("My tools")
        self.assertTrue(window.standing.isVisible())
        folder.unlink()
        Path(self.folder / "away").rename(folder)
        self.change(window, ring_sound=False)
        self.assertFalse(window.standing.isVisible())
        kept = load(folder / "settings.json").settings
        self.assertEqual((kept.dark, kept.text_percent, kept.ring_sound), (True, 150, False))

    def test_a_setting_that_the_logbook_does_not_take_is_said(self) -> None:
        window = self.windows(1)[0]
        window.app.book._db.execute("PRAGMA query_only=ON")
        self.change(window, week_hours=20.0)
        self.assertIn("could not be kept", window.standing.text())
        with closing(Logbook(window.app.book.path)) as beside:
            hard = Settings(wires=(wire("hard", 900.0),))
            keep_shop(beside, Settings(), hard, TIME)
        window.app.listen()
        self.assertEqual(window.app.settings.week_hours, 20.0)
        window.app.book._db.execute("PRAGMA query_only=OFF")
        self.change(window, prices=LISTED)
        self.assertFalse(window.standing.isVisible())
        both = with_shop(Settings(), window.app.book.shop()).settings
        self.assertEqual((both.week_hours, both.prices, both.wires), (20.0, LISTED, hard.wires))

    def test_a_window_beside_takes_up_what_the_other_writes_and_puts_back(self) -> None:
        one, other = self.windows()
        number = one.app.book.start(NECK, TIME)
        copy = make_copy(one.app.book, NOW)
        for window in (one, other):
            window.app.open(window.app.book.row(number))
        one.app.session.append(CrownHeight(lane="middle", fret=5, height_mm=1.1))
        other.app.listen()
        self.assertEqual(len(other.app.session.entries), 1)
        one.show_stage("Kept safe")
        page = one.stages["Kept safe"]
        self.assertEqual(page.copies[0].path, copy)
        page.every.click()
        page.every.click()
        other.app.listen()
        self.assertEqual(other.app.session.entries, [])


class Saved(TempCase):
    def test_by_field_also_into_a_file_that_is_damaged(self) -> None:
        path = self.folder / "settings.json"
        save(path, Settings(dark=True))
        save(path, Settings(text_percent=150), Settings())
        self.assertEqual(load(path).settings, Settings(dark=True, text_percent=150))
        path.write_text("[" * 100_000)
        save(path, Settings(text_percent=125), Settings())
        self.assertEqual(load(path).settings, Settings(text_percent=125))


if __name__ == "__main__":
    unittest.main()
