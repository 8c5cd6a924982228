"""Necks switched while the solver works, stale plans, undo from page to page: nothing reaches a
neck that is not open.

``NUVREK_SWITCHES=1000`` makes it so many random switches while the solver works, and prints memory.
"""

import os
import random
import resource
import sys
import threading
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from typing import Any
from unittest import mock

from PyQt6.QtTest import QTest

from nuvrek.bench.pages import filing_draft
from nuvrek.bench.solved import ResultTerms, SolveRequest, see, weigh
from nuvrek.desktop import log
from nuvrek.readings.entries import Chosen, CrownHeight, RodMove, StringGap
from nuvrek.units import Unit
from tests.support import WindowCase
from tests.test_window import BACK, ENTER, HOME


class Switching(WindowCase):
    def solved(self, window: Any) -> Any:
        """What the solver would bring for the neck that is open now."""
        session = window.app.session
        return weigh(see(SolveRequest(session.neck_state, session.identity, ResultTerms(Unit.MM))))

    @contextmanager
    def solver_asleep(self, window: Any) -> Iterator[None]:
        """Nothing is solved meanwhile, as on a busy machine."""
        with mock.patch.object(window.app._solver, "request"):
            yield

    def test_a_late_result_of_another_neck_is_dropped(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        late = self.solved(window)
        window.show_stage("Shelf")
        with self.solver_asleep(window):
            window.stages["Shelf"]._open(5)
            window.show_stage("Choose")
            window.app._on_solved(late)
            self.assertIsNone(window.app.solved)
            before = list(window.app.session.entries)
            self.keys(window, ENTER)
        self.assertEqual(window.app.session.entries, before)
        self.assertFalse([e for e in before if isinstance(e, Chosen)])

    def test_a_plan_from_before_what_was_written_last_is_not_taken(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        window.show_stage("Choose")
        page, session = window.stage, window.app.session
        with self.solver_asleep(window):
            session.append(CrownHeight(lane="bass", fret=3, height_mm=1.2))
            self.keys(window, ENTER)
            self.assertEqual(window.page_name, "Choose")
            self.assertIsNone(session.neck_state.chosen)
            page.refresh()
            self.assertIn("Weighing", window.bar.prompt.text())
            self.assertFalse([row for row in page.rows if row.isVisible()])
        window.app.solve()
        self.keys(window, ENTER)
        self.assertIsNotNone(session.neck_state.chosen)

    def test_agreed_and_taken_at_once_is_weighed_by_the_agreement(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        window.show_stage("Filing")
        page, session = window.stage, window.app.session
        page.filing.fret = page.filing.way().frets[0]
        alone = page.filing.fret
        page._leave_alone()
        with self.solver_asleep(window):
            page.agree.click()
            self.keys(window, ENTER, ENTER)
            self.assertEqual(session.neck_state.agreed.untouched, (alone,))
            self.assertIsNone(session.neck_state.chosen)
            with self.assertRaises(Exception) as caught:
                page.filing.take(session)
            self.assertIn("recalculated", str(caught.exception))

    def test_a_selected_way_stays_selected_when_the_list_changes(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        window.show_stage("Choose")
        page = window.stage
        page._pick("level-held")
        window.app.session.append(RodMove(turns=0.125))
        self.assertEqual(page.shown(page.plan)[page.index].kind, "level-held")

    def test_backspace_page_by_page(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(2)
        session = window.app.session
        window.show_stage("Measure")
        self.keys(window, "1.75", ENTER)
        window.show_stage("Choose")
        window.stages["Choose"]._pick("spot-level")
        window.stages["Choose"].take.click()
        self.assertEqual(window.page_name, "Work")
        chosen = session.neck_state.chosen
        self.assertEqual(chosen.page, "Choose")
        self.keys(window, ENTER)
        done = dict(session.neck_state.steps_done)
        window.show_stage("Measure")
        readings = len(session.neck_state.taken)
        for _ in range(6):
            self.keys(window, BACK)
        self.assertIs(session.neck_state.chosen, chosen)
        self.assertEqual(session.neck_state.steps_done, done)
        self.assertLess(len(session.neck_state.taken), readings)
        window.show_stage("Work")
        self.keys(window, BACK)
        self.assertLess(len(session.neck_state.steps_done), len(done))
        self.assertIn("Struck out", window.bar.message.text())

    def test_quick_hands_between_necks_while_weighing_runs(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        log.keep_in(self.folder / "log")
        self.addCleanup(log.stop)
        before = {row.id: window.app.book.entries(row.id) for row in window.app.book.necks()}
        for lap in range(12):
            self.keys(window, HOME, str(1 + 4 * lap % 9), ENTER)
            QTest.qWait(15 * (lap % 5))
            window.show_stage(("Choose", "Map", "Filing", "New wire", "Prove")[lap % 5])
            QTest.qWait(40)
        while window.app.busy:
            QTest.qWait(20)
        self.assertEqual(window.app.solved.identity, window.app.session.identity)
        self.assertEqual(
            window.stage.plan if window.page_name == "Choose" else window.app.solved.plan,
            window.app.solved.plan,
        )
        self.assertEqual({n: window.app.book.entries(n) for n in before}, before)
        self.assertFalse((self.folder / "log" / "nuvrek.log").exists())

    def test_a_fault_of_the_solver_is_said_and_logged_without_names(self) -> None:
        window: Any = self.open_window(inline=False, demo=True)
        log.keep_in(self.folder / "log")
        self.addCleanup(log.stop)
        owner = "a-name-typed-by-somebody"
        with mock.patch("nuvrek.desktop.solver.see", side_effect=KeyError(owner)):
            window.stages["Shelf"]._open(1)
            self.wait_until(lambda: "nuvrek.log" in window.bar.message.text())
        text = (self.folder / "log" / "nuvrek.log").read_text()
        self.assertIn("KeyError while solving", text)
        self.assertNotIn(owner, text)

    def test_what_arrives_after_closing_reaches_no_page(self) -> None:
        window: Any = self.open_window(inline=False, demo=True)
        window.stages["Shelf"]._open(1)
        self.wait_until(lambda: not window.app.busy)
        window.show_stage("Work")
        solved = window.app.solved
        self._close(window)
        with mock.patch.object(type(window.stage), "refresh") as refreshed:
            window.app._solver._on_seen(solved)
            window.app._solver._on_weighed(solved)
            self.app.processEvents()
        refreshed.assert_not_called()

    def test_described_with_fewer_frets_the_old_result_is_not_drawn(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(1)
        window.show_stage("Map")
        from msgspec import structs

        from nuvrek.readings.entries import Describe

        session = window.app.session
        neck = structs.replace(session.neck_state.neck, frets=15, joint_fret=12)
        with self.solver_asleep(window):
            session.append(Describe(neck=neck))
            self.assertIsNone(window.app.solved)
            window.stage.refresh()
            window.grab()
        window.app.solve()
        window.grab()
        self.assertEqual(len(window.app.solved.map.x_mm), 15)
        self.assertTrue(any(isinstance(e, StringGap) for e in session.entries))

    def test_doubt_and_ink_of_a_way_are_worked_out_beside_the_window(self) -> None:
        window: Any = self.open_window(demo=True, inline=False)
        window.stages["Shelf"]._open(2)
        self.wait_for(lambda: window.app.solved is not None and window.app.solved.plan is not None)
        window.show_stage("Filing")
        page = window.stage
        at_work, go_on, hands = threading.Event(), threading.Event(), []
        told_of = filing_draft.told_of

        def slow(*given: Any) -> Any:
            hands.append(threading.current_thread())
            at_work.set()
            go_on.wait(20)
            return told_of(*given)

        self.addCleanup(go_on.set)
        with mock.patch.object(filing_draft, "told_of", slow):
            page.kinds.setCurrentIndex(page.kinds.findData("level"))
            page._other_way(0)
            page._settle()
            self.assertTrue(at_work.wait(20))
            # The window is free while it is worked out, and what arrives is not for this way.
            page.kinds.setCurrentIndex(page.kinds.findData("play-clean"))
            page._other_way(0)
            self.assertEqual((page.filing.kind, page.told.text()), ("play-clean", ""))
            go_on.set()
            self.wait_for(lambda: page._told is not None)
        self.assertGreater(len(hands), 1)
        self.assertNotIn(threading.main_thread(), hands)
        self.assertEqual(page._told[1].way.kind, "play-clean")

    def wait_for(self, true: Callable[[], bool]) -> None:
        for _ in range(600):
            if true():
                return
            QTest.qWait(50)
        self.fail("it did not come")


class ManySwitches(WindowCase):
    def test_switching_while_weighing_leaves_no_trace(self) -> None:
        count, pick = int(os.environ.get("NUVREK_SWITCHES", "40")), random.Random(4)
        log.keep_in(self.folder / "log")
        self.addCleanup(log.stop)
        raised, before = list[type](), sys.excepthook
        sys.excepthook = lambda kind, *_: raised.append(kind)
        self.addCleanup(lambda: setattr(sys, "excepthook", before))
        window: Any = self.open_window(demo=True, inline=False)
        memory: list[int] = []
        for turn in range(count):
            window.show_stage("Shelf")
            window.stage._open(pick.randrange(13))
            window.show_stage(
                pick.choice(("Map", "Choose", "Work", "Filing", "String room", "New wire"))
            )
            QTest.qWait(pick.choice((0, 1, 20, 60, 250)))
            if turn in (count // 3, count - 1):
                memory.append(resource.getrusage(resource.RUSAGE_SELF).ru_maxrss // 1024)
        wanted = window.app.session.identity
        for _ in range(500):
            if window.app.solved is not None and window.app.solved.plan is not None:
                break
            QTest.qWait(10)
        self.assertEqual(window.app.solved.identity, wanted)
        self.assertEqual((raised, list((self.folder / "log").glob("*"))), ([], []))
        if count > 40:
            print(f"\n{count} switches: at most {memory} MB after a third and at the end")
