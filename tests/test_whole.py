"""The whole program in the real window: a first neck, two years of a neck, a week of a shop."""

import itertools
from dataclasses import replace
from datetime import datetime, timedelta
from typing import Any

from PyQt6.QtTest import QTest

from nuvrek.bench.settings import Settings
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.window import Window
from nuvrek.logbook.store import Logbook
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.readings.entries import CrownHeight, Filed, RodMove, StringGap
from nuvrek.readings.shop.entries import Promised
from nuvrek.simulator.measuring import Bench, default_rng
from nuvrek.simulator.simulated_job import simulated_neck
from nuvrek.simulator.truth import Condition, Truth, make_truth
from nuvrek.wording.speech import say_all
from tests.pictures import cut_texts, unlike
from tests.support import EVERY, WindowCase
from tests.typist import ENTER, Typist

PAGE_DOWN, HOME, LEFT, F1 = 0x01000017, 0x01000010, 0x01000012, 0x01000030


class Shop(WindowCase):
    """A window with a clock that the test sets on."""

    def setUp(self) -> None:
        super().setUp()
        self.now = datetime.fromisoformat("2026-03-02T09:00:00+01:00")

    def wait(self, **span: float) -> None:
        self.now += timedelta(**span)

    def open_shop(self, settings: Settings) -> Any:
        book = Logbook.make(self.folder / "shop.db")
        clock = lambda: self.now.isoformat(timespec="seconds")  # noqa: E731
        app = AppState(book, settings, self.folder / "settings.json", clock, inline=True)
        window = Window(app)
        window.show()
        self.app.processEvents()
        self.addCleanup(self._close, window)
        return window

    def neck(self, seed: int, **condition: float) -> Truth:
        described = NeckDescription(
            scale_mm=648.0, frets=22, joint_fret=16, rod="two-way", title=f"made-up neck {seed}"
        )
        return make_truth(described, Condition(**condition), default_rng(seed))  # type: ignore[arg-type]

    def fits(self, window: Any) -> None:
        QTest.qWait(60)
        self.assertEqual(cut_texts(window), [], window.page_name)


class FirstNeck(Shop):
    def test_from_the_door_to_the_proof_by_keypad_alone(self) -> None:
        window = self.open_shop(Settings(told=()))
        truth = self.neck(4, proud=2, slack_dip_mm=0.1, pull_mm=0.2, scatter_mm=0.003)
        hand = Typist(self, window, Bench(truth, default_rng(9)))
        hand.keys("1", "648", ENTER, "22", ENTER, "16", ENTER)
        self.assertEqual(window.page_name, "Measure")
        self.assertIn("which side", window.bar.prompt.text())
        hand.keys(LEFT)
        tips = window.stages["Measure"].first
        self.assertTrue(tips.isVisible())
        first = tips.words.text()
        self.fits(window)
        while "Which feeler blades" not in window.bar.prompt.text():
            hand._station(window.stage.keypad.station)
        self.assertNotEqual(tips.words.text(), first, "told once")
        hand.keys("1")
        self.assertEqual(window.app.settings.kit.leaves_mm[0], 0.03)
        hand.round()
        self.assertEqual(window.bar.prompt.text(), "Round done.")
        self.assertIn("leaves-say", window.app.settings.told)
        for page in ("Map", "Choose"):
            hand.keys(PAGE_DOWN)
            self.assertEqual(window.page_name, page)
            self.fits(window)
        # By now it is known what is to be done, and why.
        plan = window.app.solved.plan
        self.assertIn(plan.advice, ("rod", "spot-level", "level"))
        hand.keys("*")
        from nuvrek.desktop.widgets.known_view import KnownView

        known = window.stage.findChild(KnownView)
        self.assertIn("Readings for it", known.text.toPlainText())
        hand.keys("x", ENTER)
        self.assertEqual(window.page_name, "Work")
        self.fits(window)
        hand.work()
        self.assertEqual(window.page_name, "Prove")
        hand.round()
        self.fits(window)
        labels = window.stage.findChildren(type(window.bar.prompt))
        rows = [x.text() for x in labels if x.isVisible() and x.text()[:1] in ("✓", "✗", "○")]
        self.assertGreaterEqual(sum(row.startswith("✓") for row in rows), 3, rows)
        # Filed blindly by the plan, as here, a rock may be left that the rocker just feels.
        texts = [label.text() for label in labels if label.isVisible()]
        missed = {one for one, mark in itertools.pairwise(texts) if mark.startswith("✗")}
        self.assertLessEqual(missed, {"Rocker"})
        # What the map says at the end is true of the neck itself, within its range and a leaf.
        true = hand.bench.truth.relief_mm(window.app.session.neck_state.state)
        for said in window.app.solved.map.relief:
            if said.strings == "pitch":
                mm = float(true[LANES.index(said.lane)])
                self.assertLess(abs(said.mm - mm), said.doubt_mm + 0.05, said)
        self.assertLess(hand.pressed, 600)
        # Nothing is told or asked a second time.
        told = window.app.settings.told
        hand.keys(HOME, "+", "648", ENTER, "22", ENTER, "14", ENTER)
        self.assertIn("Height", window.bar.prompt.text())
        self.assertTrue({"side", "leaves", "enter"} <= set(told))


class TwoYears(Shop):
    def test_a_neck_comes_back_wears_and_is_known_each_time(self) -> None:
        window = self.open_shop(Settings())
        truth = self.neck(11, slack_dip_mm=0.12, pull_mm=0.22)
        hand = Typist(self, window, Bench(truth, default_rng(2)))
        hand.keys("1", "648", ENTER, "22", ENTER, "16", ENTER)
        hand.round()
        window.show_stage("Choose")
        hand.keys(ENTER)
        hand.work()
        session = window.app.session
        self.assertTrue([e for e in session.entries if isinstance(e, RodMove)])
        days = 1
        for months in (0.4, 6, 6, 6, 6):
            self.wait(days=30.4 * months)
            # Played every day the crowns lose two hundredths of a mm a year.
            worn = hand.bench.truth.crown_mm.copy()
            worn[1:8] -= 0.02 * months / 12.0
            hand.bench = replace(hand.bench, truth=replace(hand.bench.truth, crown_mm=worn))
            hand.keys(HOME)
            shelf = window.stages["Shelf"]
            shelf._open(0)
            window.show_stage("Measure")
            window.stages["Measure"].begin_round("later" if months < 1 else "look-over")
            hand.round()
            days += 1
        hand.keys(HOME)
        window.stages["Shelf"]._open(0)
        window.show_stage("History")
        self.assertEqual(window.bar.prompt.text(), f"{days} visits")
        self.fits(window)
        visits = window.stage.visits
        self.assertEqual([v.day for v in visits], sorted(v.day for v in visits))
        self.assertGreater(visits[-1].day, "2028-02")
        self.assertIn("rod", " ".join(say_all(visits[0].done)))
        # The relief it was given still holds, within what was read.
        true = hand.bench.truth.relief_mm(session.neck_state.state)
        for said in window.app.solved.map.relief:
            if said.strings == "pitch":
                mm = float(true[LANES.index(said.lane)])
                self.assertLess(abs(said.mm - mm), said.doubt_mm + 0.05, said)


class Week(Shop):
    def test_eight_necks_between_monday_and_friday(self) -> None:
        window = self.open_shop(Settings(week_hours=12))
        hands = []
        for seed in range(8):
            truth, bench = simulated_neck(700 + seed)
            hands.append(Typist(self, window, bench))
            hands[-1].keys("+", "648", ENTER, "22", ENTER, f"{truth.neck.joint_fret}", ENTER)
            if seed < 6:
                hands[-1].round()
            self.wait(minutes=25)
            hands[-1].keys(HOME)
        shelf = window.stages["Shelf"]
        self.assertEqual(len(shelf.cards), 8)
        needs = [card.need.kind for card in shelf.cards]
        self.assertEqual((needs.count("choose"), needs.count("measure")), (6, 2))
        self.fits(window)
        done = 0
        for day, number in enumerate((1, 2, 3) if EVERY else (2,)):
            self.wait(days=1)
            self.open_number(window, number)
            window.show_stage("Choose")
            hands[number - 1].keys(ENTER)
            self.assertEqual(window.page_name, "Work", window.bar.message.text())
            hands[number - 1].work()
            if window.page_name == "Prove":
                hands[number - 1].round()
            done += 1
            hands[number - 1].keys(HOME)
            self.assertEqual(len(shelf.cards), 8, day)
        ready = [card for card in shelf.cards if card.need.kind not in ("choose", "measure")]
        self.assertGreaterEqual(len(ready), done)
        # One waits for a part, one is promised, both stand in the record and on the shelf.
        self.open_number(window, 4)
        window.show_stage("Choose")
        hands[3].keys(ENTER, HOME)
        self.pick(shelf, 4)
        hands[3].keys("*")
        self.assertTrue([e for e in window.app.book.entries(4) if isinstance(e, Promised)])
        self.pick(shelf, 5)
        hands[4].keys("0")
        self.assertEqual(next(c for c in shelf.cards if c.row.id == 5).need.kind, "part")
        # Found by its words, whatever is typed.
        shelf.search.setText("neck 7")
        found = [card.row.id for card in shelf.shown]
        self.assertTrue(7 in found and len(found) < 4, found)
        shelf.search.setText("")
        # Everything is still there for a second window.
        book = Logbook.make(self.folder / "shop.db")
        self.assertEqual(len(book.necks()), 8)
        kinds = {type(entry) for row in book.necks() for entry in book.entries(row.id)}
        self.assertTrue({StringGap, CrownHeight, RodMove, Filed} & kinds)
        book.close()

    def pick(self, shelf: Any, number: int) -> None:
        shelf._select(next(n for n, card in enumerate(shelf.shown) if card.row.id == number))

    def open_number(self, window: Any, number: int) -> None:
        shelf = window.stages["Shelf"]
        shelf._open_card(next(card for card in shelf.cards if card.row.id == number))


class Pictures(WindowCase):
    def test_the_pages_look_as_their_pictures_say(self) -> None:
        from scripts.shots import BARITONE, BASS, PROVEN, Scene

        scene = Scene(self.app, self.folder)
        self.addCleanup(self._close, scene.window)
        scene.open(BASS, "Take in")
        self.assertLess(unlike(scene.window, "take-in"), 0.02)
        self.assertGreater(unlike(scene.window, "map"), 0.06, "another page is told apart")
        for page, neck in (("Map", BARITONE), ("Choose", BARITONE), ("Work", BASS)):
            scene.open(neck, page)
            self.app.processEvents()
            self.assertEqual(cut_texts(scene.window), [], page)
        self.assertEqual(scene.open(PROVEN, "Prove").window.page_name, "Prove")
