"""Planning and following the filing in the real window: sliders, the curve, what is agreed, the
ink, seating, crowns.
"""

import itertools
from typing import Any

from msgspec import structs
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtTest import QTest

from nuvrek.bench.strips.strips import MetalStrip, SectionStrip
from nuvrek.bench.working.ink_order import ink_gone
from nuvrek.bench.working.job import left_to_file, next_step, tick
from nuvrek.exchange.answers import plan_answer
from nuvrek.planning.steps.ends import grit_schedule
from nuvrek.readings.entries import Agreed, Chosen, Describe, Filed, Ink, Seated
from nuvrek.wording.speech import say_all
from tests.support import WindowCase

ENTER, BACK, DOWN, UP, RIGHT = (
    Qt.Key.Key_Return,
    Qt.Key.Key_Backspace,
    Qt.Key.Key_Down,
    Qt.Key.Key_Up,
    Qt.Key.Key_Right,
)
BASS, MANDOLIN = 2, 3


class FilingWindow(WindowCase):
    def at(self, neck: int, stage: str = "Filing") -> tuple[Any, Any]:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(neck)
        window.show_stage(stage)
        return window, window.stages[stage]

    def choose(self, page: Any, kind: str) -> None:
        page.kinds.setCurrentIndex(page.kinds.findData(kind))
        page._other_way(0)

    def test_sliders_follow_the_hand_and_are_written_down(self) -> None:
        window, page = self.at(BASS)
        self.choose(page, "level")
        before = page.filing.way()
        page.least.setValue(120)
        self.assertAlmostEqual(
            page.filing.way().left_mm.min(), max(1.2, before.left_mm.min()), delta=0.05
        )
        self.assertIn("1.20 mm", page.words["least"].text())
        page.fall.setValue(8)
        page.start.setValue(14)
        self.assertTrue(page.start.isVisible())
        self.keys(window, RIGHT, "*")
        self.assertEqual(page.filing.agreed.untouched, (1,))
        page.agree.click()
        entry = window.app.session.entries[-1]
        assert isinstance(entry, Agreed)
        self.assertEqual(
            (entry.least_crown_mm, entry.fall_away_mm, entry.fall_from), (1.2, 0.08, 14)
        )
        self.assertFalse(page.filing.draft)
        self.keys(window, BACK)
        self.assertEqual(window.app.session.neck_state.agreed, Agreed())
        self.assertFalse(window.grab().isNull())

    def test_the_curve_is_pressed_for_another_height(self) -> None:
        window, page = self.at(BASS)
        curve = window.app.solved.plan.curve
        metal = list(curve.metal_mm)
        # The least metal grows with every step down, and ever faster: the program is convex in the
        # height.
        self.assertEqual(metal, sorted(metal, reverse=True))
        self.assertEqual(metal[-1], 0.0)
        self.assertGreater(curve.level_metal_mm, 3.0 * metal[1])
        at = page.curve._at(0.1, float(curve.base_mm[0]) + 0.6)
        QTest.mouseClick(page.curve, Qt.MouseButton.LeftButton, pos=QPointF(at).toPoint())
        self.assertEqual(page.filing.kind, "play-clean")
        self.assertAlmostEqual(page.filing.up_mm, 0.6, delta=0.03)
        clean = page.filing.way()
        self.keys(window, "-")
        self.assertGreater(page.filing.way().metal_mm, clean.metal_mm)
        self.assertIn("Check while you file", window.bar.message.text())
        self.assertIn("90 % sure", page.told.text().lower())

    def test_a_way_is_taken_with_its_heights_and_order(self) -> None:
        window, page = self.at(BASS)
        self.choose(page, "play-clean")
        self.assertFalse(page.agree.isEnabled())
        page.lift.setValue(60)
        page.take.click()
        self.assertEqual(window.page_name, "Work")
        kinds = [type(e) for e in window.app.session.entries[-2:]]
        self.assertEqual(kinds, [Describe, Chosen])
        chosen = window.app.session.neck_state.chosen
        self.assertEqual({fret for fret, _ in chosen.order}, set(chosen.frets))
        neck = window.app.session.neck_state.neck
        self.assertAlmostEqual(neck.height_low_mm, chosen.promise.height_low_mm, delta=0.006)

    def test_the_owners_wish_stays_unless_another_height_is_asked_for(self) -> None:
        window, page = self.at(BASS)
        session = window.app.session
        neck = structs.replace(session.neck_state.neck, height_low_mm=2.2, height_high_mm=2.0)
        session.append(Describe(neck=neck))
        self.choose(page, "play-clean")
        made = page.filing.way()
        self.assertAlmostEqual(made.promise.height_low_mm, 2.2, places=6)
        self.assertAlmostEqual(made.promise.height_high_mm, 2.0, places=6)
        page.least.setValue(70)
        page.take.click()
        self.assertEqual(session.neck_state.neck, neck)
        self.assertEqual([type(e) for e in session.entries[-2:]], [Agreed, Chosen])

    def work_at(self, key: str, kind: str = "level") -> tuple[Any, Any]:
        window, page = self.at(BASS)
        self.choose(page, kind)
        page.take.click()
        session = window.app.session
        while (step := next_step(session.neck_state)) is not None and step.key != key:
            tick(session, step)
        window.show_stage("Work")
        return window, window.stages["Work"]

    def test_the_ink_is_followed_by_one_key_a_fret(self) -> None:
        window, page = self.work_at("file")
        self.assertIn("Check while you file", window.bar.message.text())
        self.assertIsInstance(page.sheet.lanes[0], MetalStrip)
        session, order = window.app.session, page.walk.frets
        self.keys(window, "***")
        self.assertEqual({fret for fret, _ in ink_gone(session.neck_state)}, set(order[:3]))
        self.assertIn("agrees with the plan", window.bar.message.text())
        self.assertEqual(page.walk.fret, order[3])
        self.keys(window, RIGHT, RIGHT, ".")
        self.assertEqual({fret for fret, _ in ink_gone(session.neck_state)}, set(order[:6]))
        self.keys(window, BACK)
        self.assertLess(len(ink_gone(session.neck_state)), 18)
        for _ in order:
            self.keys(window, ".")
        self.assertIn("All the ink is gone: stop", window.bar.message.text())
        self.assertTrue(all(isinstance(e, Ink) for e in session.entries[-1:]))

    def test_strokes_are_named_only_to_those_who_know_their_own(self) -> None:
        window, page = self.work_at("file", "spot-level")
        self.assertNotIn("strokes about", page.step_text.text())
        app = window.app
        app.change_settings(
            structs.replace(app.settings, kit=structs.replace(app.settings.kit, stroke_mm=0.01))
        )
        self.assertIn("In your strokes about", page.step_text.text())
        deepest = max(left_to_file(app.session.neck_state).values())
        self.assertIn(f": {round(deepest / 0.01)}", page.step_text.text())

    def test_one_side_ahead_is_said(self) -> None:
        window, _ = self.work_at("file")
        self.keys(window, DOWN, "******")
        self.assertIn("bass side is ahead", window.bar.message.text())
        self.assertEqual({lane for _, lane in ink_gone(window.app.session.neck_state)}, {"bass"})

    def test_half_way_the_rocker_is_asked_for_and_the_rest_is_planned(self) -> None:
        window, page = self.work_at("file")
        session = window.app.session
        before = sum(left_to_file(session.neck_state).values())
        self.keys(window, "+")
        self.assertAlmostEqual(
            sum(left_to_file(session.neck_state).values()), 0.5 * before, delta=0.15 * before
        )
        self.assertIn("Still to go by the plan", window.bar.message.text())
        self.keys(window, "0")
        self.assertEqual(window.page_name, "Measure")
        self.assertIn("Rocker along the frets", window.bar.prompt.text())
        window.show_stage("Work")
        self.keys(window, ENTER)
        filed = [e for e in session.entries if isinstance(e, Filed)]
        total = sum(mm for e in filed for _, _, mm in e.off)
        planned = sum(mm for _, _, mm in session.neck_state.chosen.off)
        self.assertAlmostEqual(total, planned, delta=0.2)
        # No crown is rounded before the tops were read again.
        self.assertEqual(next_step(session.neck_state).key, "levelled")
        self.keys(window, ENTER)
        self.assertEqual(next_step(session.neck_state).key, "crown")
        self.assertIsInstance(page.sheet.lanes[0], SectionStrip)
        self.assertIn("to crown with the medium file", page.step_text.text())
        self.assertFalse(window.grab().isNull())

    def test_a_fret_is_seated_as_it_went(self) -> None:
        window, page = self.at(MANDOLIN, "Work")
        session = window.app.session
        while next_step(session.neck_state).action != "seat":
            tick(session, next_step(session.neck_state))
        window.show_stage("Work")
        self.assertTrue(page.seat.isVisible())
        page.seat.where.setCurrentIndex(page.seat.where.findData("treble"))
        page.seat.stopped.setCurrentIndex(page.seat.stopped.findData("slot dirty"))
        page.seat.glued.setChecked(True)
        self.keys(window, ENTER)
        entry = next(e for e in reversed(session.entries) if isinstance(e, Seated))
        self.assertEqual((entry.where, entry.stopped, entry.glued), ("treble", "slot dirty", True))
        self.assertFalse(page.seat.glued.isChecked())
        plan = window.app.solved.plan
        self.assertIn("was seated", " ".join(say_all(plan.way("level").why_not)))

    def test_choose_shows_every_school_and_leads_here(self) -> None:
        window, page = self.at(BASS, "Choose")
        self.keys(window, ".")
        shown = {row.way.kind for row in page.rows if row.isVisible()}
        self.assertLessEqual(
            {"level", "level-straight", "level-held", "level-lies", "crown-first", "play-clean"},
            shown,
        )
        self.keys(window, "0")
        self.assertEqual(window.page_name, "Filing")
        self.keys(window, ENTER)
        self.assertEqual(window.page_name, "Choose")
        told = plan_answer(window.app.solved.plan, window.app.solved.map)
        level = next(w for w in told["ways"] if w["kind"] == "level")
        self.assertEqual(len(level["flats"]), 20)
        self.assertEqual(
            len({(o["fret"], o["lane"]) for o in level["ink_order"]}), len(level["ink_order"])
        )
        self.assertGreater(level["doubt"]["likely_metal_mm"], level["metal_total_mm"])
        self.assertIn(level["levels_left"], (3, 4))

    def test_grits_follow_each_other(self) -> None:
        self.assertEqual(grit_schedule(320, 2000), (320, 600, 1200, 2000))
        for mark, finish in ((220, 12000), (400, 400), (1000, 3000), (100, 1000)):
            grits = grit_schedule(mark, finish)
            self.assertGreaterEqual(grits[-1], min(finish, 12000))
            # Common practice, no source: no paper takes out marks of one more than twice as coarse.
            self.assertTrue(all(b <= 2 * a for a, b in itertools.pairwise(grits)))
