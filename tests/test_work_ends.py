"""Work comes to an end: a step that needs a reading asks for it, and a way whose reading does not
change is not offered a third time.
"""

import os
from typing import Any

from nuvrek.bench.session import Session
from nuvrek.bench.solved import ResultTerms, Solved, SolveRequest, see, weigh
from nuvrek.bench.working.asked_readings import due_reading, gone_in_vain
from nuvrek.bench.working.course_walk import gate_of
from nuvrek.bench.working.job import choose, next_step, tick
from nuvrek.demo import demo_jobs
from nuvrek.logbook.store import Logbook
from nuvrek.readings.entries import StringHeight
from nuvrek.readings.told.observed import flats_read
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit
from tests.support import TIME, TempCase, WindowCase
from tests.test_window import ENTER

# The demo necks that went round for ever, and one that did not; all with NUVREK_NECKS.
NECKS = range(1, 16) if "NUVREK_NECKS" in os.environ else (3, 6, 14)
MOST_WAYS = 8


class Unasked(Session):
    """A session of a neck whose owner is not asked."""

    @property
    def asked(self) -> bool:
        return False


def solved_now(session: Session) -> Solved:
    return weigh(see(SolveRequest(session.neck_state, session.identity, ResultTerms(Unit.MM))))


class EveryCourse(TempCase):
    def walk(self, number: int) -> list[str]:
        """The ways gone by ticking alone, until nothing is left or something is waited for."""
        job = demo_jobs()[number - 1]
        book = Logbook.make(self.folder / f"{number}.db")
        self.addCleanup(book.close)
        session = Unasked(book, book.start(job.neck, TIME, job.journal), job.neck, lambda: TIME)
        solved = solved_now(session)
        plan = solved.plan
        assert plan is not None
        way, gone = plan.way(plan.advice), list[str]()
        while len(gone) <= MOST_WAYS:
            choose(session, solved, way)
            gone.append(way.kind)
            while (step := next_step(session.neck_state)) is not None:
                tick(session, step)
            solved = solved_now(session)
            gate = gate_of(session.neck_state, solved, session.entries)
            if gate is None or gate.way is None or gate.waits or not gate.way.possible:
                return gone
            way = gate.way
        return gone

    def test_ends(self) -> None:
        for number in NECKS:
            with self.subTest(neck=number):
                gone = self.walk(number)
                self.assertLessEqual(len(gone), MOST_WAYS, gone)
                self.assertLessEqual(max(gone.count(kind) for kind in gone), 2, gone)

    def test_a_crown_ends_the_flats_read_before_it(self) -> None:
        job = demo_jobs()[12]
        session = self.session(13)
        self.assertEqual(flats_read(session.neck_state), {})
        plan = solved_now(session).plan
        assert plan is not None
        self.assertTrue(job.journal)
        self.assertNotIn("crown-few", [leg.way for leg in plan.course])

    def session(self, number: int) -> Session:
        job = demo_jobs()[number - 1]
        book = Logbook.make(self.folder / f"again-{number}.db")
        self.addCleanup(book.close)
        return Session(book, book.start(job.neck, TIME, job.journal), job.neck, lambda: TIME)


class AStepAsks(WindowCase):
    def at_the_heights(self) -> Any:
        """A window at the step of a saddle's way that asks for the string heights."""
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(13)
        session = window.app.session
        window.show_stage("Choose")
        solved = window.app.fresh
        choose(session, solved, solved.plan.way("saddle"))
        window.show_stage("Work")
        while next_step(session.neck_state).asks == "":
            self.keys(window, ENTER)
        return window

    def test_for_its_reading_and_work_goes_on_once_it_is_there(self) -> None:
        window = self.at_the_heights()
        session = window.app.session
        step = next_step(session.neck_state)
        for height in ("1.9", "1.7"):
            self.assertIsNotNone(due_reading(session, step, Kit()))
            self.keys(window, ENTER)
            self.assertEqual(window.page_name, "Measure")
            self.keys(window, height, ENTER)
            self.assertEqual(window.page_name, "Work")
        heights = [one.reading for one in session.neck_state.taken[-2:]]
        self.assertTrue(all(isinstance(one, StringHeight) for one in heights))
        self.keys(window, ENTER)
        self.assertIn(step.key, session.neck_state.steps_done)
        self.assertFalse(gone_in_vain(session.neck_state.neck, session.entries, "saddle"))

    def test_and_goes_on_unread_where_that_is_said(self) -> None:
        window = self.at_the_heights()
        session = window.app.session
        step, taken = next_step(session.neck_state), len(session.neck_state.taken)
        self.keys(window, "-")
        self.assertIn(step.key, session.neck_state.steps_done)
        self.assertEqual(len(session.neck_state.taken), taken)
