"""The day's bench: what each neck needs, clocks, promised days, later looks, searching."""

import unittest
import unittest.mock
from contextlib import closing
from datetime import datetime, timedelta, timezone
from decimal import Decimal
from typing import Any

from msgspec import structs

from nuvrek.bench.session import Session
from nuvrek.bench.shop.queue import fits, forecast, order_of, queued
from nuvrek.bench.shop.shelf import Shelf, ShelfCard
from nuvrek.bench.working.clocks import clock_of
from nuvrek.bench.working.job import next_step, tick
from nuvrek.bench.working.moments import minutes_between
from nuvrek.bench.working.ticks import ticks_of
from nuvrek.bench.working.today import NeckNeed, need_of
from nuvrek.logbook.on_disk.card_cache import CardCache
from nuvrek.logbook.store import Logbook, NeckRow
from nuvrek.planning.money.pace import pace_of
from nuvrek.planning.steps.step import Doing
from nuvrek.planning.ways.kinds import steps_of
from nuvrek.readings.entries import (
    Chosen,
    FretEnd,
    Heated,
    NewWire,
    Note,
    RodMove,
    Size,
    StepDone,
    StringGap,
)
from nuvrek.readings.owner.entries import Arrived, HandedBack, Quote
from nuvrek.readings.shop.entries import Pause, Promised, SeasonLook, WaitsFor
from nuvrek.wording.speech import say
from tests.support import NECK, TIME, TempCase, WindowCase, neck_state, neck_with

DAY = "2026-03-03"
ENTER = 0x01000004
GLUE = [NewWire(frets=(4, 5)), Chosen(way="refret-some", frets=(4, 5))]


def up_to_glue(at: str) -> list[Any]:
    """Some new wire, ticked up to the wait for its glue."""
    steps = steps_of("refret-some", NECK, Doing(frets=(4, 5), new_wire=GLUE[0]))  # type: ignore[arg-type]
    entries: list[Any] = list(GLUE)
    for step in steps:
        if step.wait:
            return entries
        entries.append(StepDone(step=step.key, at=at))
    raise AssertionError("no wait")


def card(number: int, need: NeckNeed, promised: str = "") -> ShelfCard:
    return ShelfCard(NeckRow(number, NECK, "", 1), NECK, "", need=need, promised=promised)


class Needs(unittest.TestCase):
    def need(self, *entries: Any, asked: bool = False) -> NeckNeed:
        return need_of(neck_state(entries), asked)

    def test_from_nothing_read_to_handed_back(self) -> None:
        self.assertEqual(self.need().kind, "measure")
        self.assertEqual(self.need(Size(what="groove", fret=1, string=1, mm=0.1)).kind, "choose")
        rod = [Chosen(way="rod", rod="1/4 tighter")]
        self.assertEqual(self.need(*rod).kind, "bench")
        self.assertEqual(
            say(self.need(*rod, WaitsFor(what="a part", words="a nut")).action), "a nut"
        )
        gone = [WaitsFor(what="a part"), WaitsFor(what="nothing")]
        self.assertEqual(self.need(*rod, *gone).kind, "bench")
        seat = [Chosen(way="seat", frets=(4,)), StepDone(step="slacken")]
        self.assertEqual(self.need(*seat, asked=True).kind, "word")
        self.assertEqual(self.need(*seat, asked=False).kind, "bench")
        read = Size(what="groove", fret=1, string=1, mm=0.1)
        quoted = Quote(ways=("rod",), lines=(), total=Decimal(5))
        self.assertEqual(self.need(read, quoted, asked=True).kind, "word")

    def test_all_done_is_looked_at_again_after_a_week(self) -> None:
        """One to two weeks after the rod was moved (common practice, no source)."""
        keys = [step.key for step in steps_of("rod", NECK, Doing(rod="x"))][:-1]
        self.assertNotIn("look-again", keys)
        done = [StepDone(step=key, at=f"{DAY}T11:00:00") for key in keys]
        turned = RodMove(turns=0.25, at=f"{DAY}T10:00:00")
        need = self.need(Chosen(way="rod", rod="x"), turned, *done)
        self.assertEqual(
            (need.kind, need.look_from, need.look_until), ("rest", "2026-03-10", "2026-03-17")
        )
        self.assertEqual(need.at("2026-03-09T23:59:00").kind, "rest")
        self.assertEqual(need.at("2026-03-10T08:00:00").kind, "look")
        looked = [*done, StepDone(step="look-again", at="2026-03-12T10:00:00")]
        gap = StringGap(lane="bass", fret=7, low_support=1, high_support=14, gap_mm=0.2)
        read = structs.replace(gap, at="2026-03-12T10:00:00")
        rod = (Chosen(way="rod", rod="x"), turned, *looked, read)
        self.assertEqual(self.need(*rod).look_from, "")
        season = self.need(*rod, SeasonLook())
        # Half a year of 365 days on from 12 March, counted by hand.
        self.assertEqual((season.kind, season.look_from), ("rest", "2026-09-10"))
        self.assertEqual(season.at("2026-09-10T08:00:00").kind, "look")
        self.assertEqual(self.need(*rod, SeasonLook(), SeasonLook(wanted=False)).look_from, "")
        back = self.need(Arrived(), Chosen(way="rod", rod="x"), turned, *done)
        self.assertEqual(back.kind, "back")
        gone = self.need(Arrived(), Chosen(way="rod", rod="x"), turned, *done, HandedBack())
        self.assertEqual(gone.kind, "rest")


class Clocks(TempCase):
    def test_a_wait_begins_with_the_tick_before_it_and_survives_anything(self) -> None:
        need = need_of(neck_state(up_to_glue(f"{DAY}T10:00:00+01:00")), False)
        self.assertEqual((need.kind, need.longer_better), ("waits", True))
        self.assertGreater(need.minutes_left(f"{DAY}T10:10:00+01:00"), 0)
        later = need.at("2026-03-04T10:00:00+01:00")
        self.assertEqual(
            (later.kind, later.minutes_left("2026-03-04T10:00:00+01:00")), ("bench", 0)
        )

    def test_a_heated_neck_waits_until_it_is_cold(self) -> None:
        hot = [Chosen(way="heat"), *(StepDone(step=key) for key in ("heat-ready", "heat-clamp"))]
        hot.append(StepDone(step="heat", at=f"{DAY}T16:00:00"))
        need = need_of(neck_state(hot), False)
        self.assertEqual((need.kind, need.minutes_left(f"{DAY}T17:00:00")), ("waits", 7 * 60))
        self.assertEqual(need.at("2026-03-04T08:00:00").kind, "bench")
        with closing(Logbook.make(self.folder / "book.db")) as book:
            number = book.start(NECK, TIME, hot)
            session = Session(book, number, NECK, lambda: "2026-03-04T09:00:00", "Work")
            step = next_step(session.neck_state)
            assert step is not None
            tick(session, step)
            heated = [one for one in session.entries if isinstance(one, Heated)]
        # From four in the afternoon to nine in the morning.
        self.assertEqual([one.minutes_cold for one in heated], [17 * 60])

    def test_summer_time_steals_no_hour_of_glue(self) -> None:
        """In the night to 29 March 2026 the clocks of Berlin go from 2:00 to 3:00."""
        before, after = "2026-03-29T01:50:00+01:00", "2026-03-29T03:10:00+02:00"
        self.assertEqual(minutes_between(before, after), 20.0)
        now = neck_state(up_to_glue(before))
        wait = clock_of(now, before)
        assert wait is not None
        here = clock_of(now, after)
        assert here is not None
        self.assertEqual(wait.minutes_left - here.minutes_left, min(20, wait.minutes_left))
        until = datetime.fromisoformat(before) + timedelta(minutes=wait.minutes_left)
        shown = until.astimezone(timezone(timedelta(hours=2)))
        self.assertTrue(here.until.endswith(f"{shown:%H:%M}"))

    def test_times_from_before_offsets_were_kept_go_by_the_same_clock(self) -> None:
        self.assertEqual(minutes_between(f"{DAY}T10:00:00", f"{DAY}T10:30:00+02:00"), 30.0)
        self.assertIsNone(minutes_between("", f"{DAY}T10:30:00"))

    def test_time_away_from_a_step_is_not_counted(self) -> None:
        chosen = Chosen(way="ends", at=f"{DAY}T09:00:00", ends=("sharp",))
        left = [
            Pause(what="left", at=f"{DAY}T09:10:00"),
            Pause(what="taken up", at=f"{DAY}T11:00:00"),
        ]
        done = StepDone(step="slacken", at=f"{DAY}T11:05:00")
        self.assertEqual(ticks_of(NECK, [chosen, *left, done])[0][2], 15.0)
        # Left and ticked without being taken up: the time until it was left.
        self.assertEqual(ticks_of(NECK, [chosen, left[0], done])[0][2], 10.0)
        self.assertEqual(neck_state([chosen, left[0]]).left_at, f"{DAY}T09:10:00")
        self.assertEqual(neck_state([chosen, *left]).left_at, "")


class Queue(unittest.TestCase):
    WORK = (("file", 60.0), ("crown", 60.0))

    def test_order_and_promises_worked_by_hand(self) -> None:
        """Two hours each, four hours a week: one neck takes half a week."""
        now = f"{DAY}T09:00:00"
        cards = [
            card(1, NeckNeed("bench", "a", 30, ahead=self.WORK)),
            card(2, NeckNeed("bench", "b", 30, ahead=self.WORK), promised="2026-03-05"),
            card(3, NeckNeed("word", "c", 30, ahead=self.WORK), promised="2026-03-04"),
            card(4, NeckNeed("waits", "d", until=f"{DAY}T12:00:00", ahead=self.WORK)),
            card(5, NeckNeed("rest", "e")),
        ]
        self.assertEqual([one.row.id for one in queued(cards, now)], [2, 1, 4])
        self.assertEqual([one.row.id for one in order_of(cards, now)], [2, 1, 4, 3, 5])
        sure = pace_of([])
        ready = forecast(cards, now, sure, 4.0)
        self.assertEqual(set(ready), {1, 2, 4})
        hours = sure.of(self.WORK).hours[1]
        for place, number in enumerate((2, 1, 4), 1):
            days = hours * place / 4.0 * 7.0
            day = datetime.fromisoformat(now) + timedelta(days=days)
            self.assertEqual(ready[number].likely, str(day.date()), number)
            self.assertGreater(ready[number].by, ready[number].likely)
        self.assertTrue(ready[2].slip)
        self.assertEqual(forecast(cards, now, sure, 40.0)[2].slip, "")

    def test_what_fits_into_half_an_hour(self) -> None:
        now = f"{DAY}T09:00:00"
        self.assertTrue(fits(card(1, NeckNeed("bench", "a", 30)), now, 30))
        self.assertFalse(fits(card(1, NeckNeed("bench", "a", 45)), now, 30))
        waits = NeckNeed("waits", "a", 5, until=f"{DAY}T09:30:00")
        self.assertFalse(fits(card(1, waits), now, 30))
        self.assertTrue(fits(card(1, waits), f"{DAY}T10:00:00", 30))


class Searching(TempCase):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "book.db"
        self.book = Logbook.make(self.path)
        self.addCleanup(self.book.close)
        rodless = neck_with(title="parlour", rod="none", owner="Ísak Þórlund")
        grooves = [
            Size(what="groove", fret=1, string=1, mm=0.1),
            FretEnd(side="bass", fret=3, fault="sharp"),
        ]
        self.book.start(rodless, TIME, grooves)
        self.book.start(
            neck_with(title="bass", complaint="buzzes at 5"), TIME, [Note(text="harbour fog")]
        )

    def test_by_anything_as_one_types(self) -> None:
        shelf = Shelf(self.book, CardCache(self.path))
        self.addCleanup(shelf.close)
        shelf.cards()
        for asked, found in (
            ("rodless with grooves", {1}),
            ("isak", {1}),
            ("ÞÓR", {1}),
            ("sharp", {1}),
            ("bass buzz", {2}),
            ("fo", {2}),
            ("2", {2}),
            ('"', set()),
            ("* OR (", set()),
            ("nothing", set()),
        ):
            self.assertEqual(shelf.search(asked), found, asked)
        shelf.found_on(2, ["Fret 5 stands proud"])
        self.assertEqual(shelf.search("proud"), {2})

    def test_cards_survive_and_are_made_anew_where_they_no_longer_hold(self) -> None:
        shelf = Shelf(self.book, CardCache(self.path))
        first = shelf.cards()
        shelf.close()
        again = Shelf(self.book, CardCache(self.path))
        with unittest.mock.patch.object(Logbook, "journal", side_effect=AssertionError):
            self.assertEqual(again.cards(), first)
        self.book.append(self.book.stand(2), Promised(day="2026-04-01"))
        self.assertEqual(again.cards()[1].promised, "2026-04-01")
        again.close()
        cache = self.path.with_name(f"{self.path.name}-cards")
        self.assertEqual(cache.stat().st_mode & 0o777, 0o600)
        for spoilt in (b"", b"not a database at all" * 50):
            cache.write_bytes(spoilt)
            made = Shelf(self.book, CardCache(self.path))
            self.assertEqual(len(made.cards()), 2)
            self.assertEqual(made.search("bass"), {2})
            made.close()

    def test_many_necks_are_read_some_at_a_time(self) -> None:
        for n in range(10):
            self.book.start(neck_with(title=f"neck {n}"), TIME)
        shelf = Shelf(self.book)
        self.assertEqual((len(shelf.cards(5)), len(shelf.unread)), (5, 7))
        self.assertEqual((len(shelf.cards(100)), len(shelf.unread)), (12, 0))


class AtTheWindow(WindowCase):
    def test_promised_left_found_and_rung(self) -> None:
        window: Any = self.open_window(demo=True)
        page = window.stages["Shelf"]
        page._pick(10)
        by = page.ready[10].by
        self.keys(window, "*")
        self.assertIn("Promised for 2026-", window.bar.message.text())
        promised = next(one for one in page.cards if one.row.id == 10).promised
        self.assertEqual(promised, by)
        self.keys(window, "-")
        self.assertEqual(next(one for one in page.cards if one.row.id == 10).promised, "")
        self.keys(window, "0")
        self.assertEqual(next(one for one in page.cards if one.row.id == 10).need.kind, "part")
        self.keys(window, "0")
        page.search.setText("ferry")
        self.assertEqual([one.row.id for one in page.shown], [14])
        page.search.setText("")
        page._open(9)
        window.show_stage("Work")
        self.keys(window, " ")
        self.assertIn("Space takes it up", window.bar.message.text())
        self.assertTrue(window.app.session.neck_state.left_at)
        self.keys(window, " ")
        self.assertEqual(window.app.session.neck_state.left_at, "")

    def test_a_clock_is_shown_on_every_page_and_rings_once(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(1)
        session = window.app.session
        session.append(*up_to_glue("2026-03-03T09:55:00"))
        told: list[str] = []
        window.ringing._notify = told.append
        for stage in ("Map", "Choose", "Work", "Owner", "Shelf"):
            window.show_stage(stage)
            self.assertIn("2: ", window.bar.clocks.text(), stage)
        heard: list[str] = []
        window.ringing.rang.connect(heard.append)
        window.app.clock = lambda: "2026-03-03T20:00:00"
        window.ringing.look()
        window.ringing.look()
        self.assertEqual((len(heard), len(told)), (1, 1))
        self.assertNotIn("baritone", told[0])
        self.assertEqual(window.bar.clocks.text(), "")

    def test_a_later_look_opens_its_round(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(1)
        session = window.app.session
        keys = [step.key for step in steps_of("rod", NECK, Doing(rod="x"))][:-1]
        turned = RodMove(turns=0.25, at="2026-02-20T10:00:00")
        done = (StepDone(step=key, at="2026-02-20T11:00:00") for key in keys)
        session.append(Chosen(way="rod", rod="x"), turned, *done)
        window.show_stage("Shelf")
        page = window.stages["Shelf"]
        self.assertEqual(next(c for c in page.cards if c.row.id == 2).need.at(TIME).kind, "look")
        page._pick(2)
        self.keys(window, ENTER)
        self.assertEqual((window.page_name, window.stage.keypad.round.name), ("Measure", "later"))


if __name__ == "__main__":
    unittest.main()
