"""Three jobs from complaint to "ready for you" in the real window: a worn steel-string (level, nut,
saddle), first frets on a new board, and something found when opened.
"""

from __future__ import annotations

from typing import Any

import msgspec

from nuvrek.bench.working.job import next_step
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import Chosen, Filed, FretWork, StepDone, StringGap, StringHeight
from nuvrek.readings.owner.entries import Found, Letter
from nuvrek.simulator.truth import Condition
from nuvrek.wording.speech import say
from tests.support import neck_with
from tests.test_refret_walks import ENTER, Walk

TAB = 0x01000001

HIGH = neck_with(
    complaint="Buzzes all over and is hard to press.",
    owner="Orla Finsterwick",
    height_low_mm=1.8,
    height_high_mm=1.4,
)


def nut(mm: float) -> list[Any]:
    return [
        StringGap(lane=lane, fret=1, low_support=0, high_support=3, gap_mm=mm)
        for lane in ("bass", "treble")
    ]


def heights(low: float, high: float) -> list[Any]:
    return [
        StringHeight(side="bass", fret=12, height_mm=low),
        StringHeight(side="treble", fret=12, height_mm=high),
    ]


class Jobs(Walk):
    def agreed(self) -> None:
        """The owner's yes to all, by keys."""
        self.window.show_stage("Owner")
        self.keys(self.window, "/")
        self.window.show_stage("Work")

    def by_keys(self) -> list[str]:
        """The steps of the way in hand with Enter; a reading asked for is taken and typed."""
        done = []
        for _ in range(120):
            now = next_step(self.session.neck_state)
            if now is None:
                break
            self.window.show_stage("Work")
            if now.asks in ("nut", "heights"):
                self.typed(now.asks)
            elif found := self.made.read_at(now.key, self.session.neck_state):
                self.session.append(*found)
            before = len(self.session.neck_state.steps_done)
            self.keys(self.window, ENTER)
            if len(self.session.neck_state.steps_done) == before:
                self.keys(self.window, "-" if now.action in ("rod", "measure") else "/")
            if len(self.session.neck_state.steps_done) == before:
                self.keys(self.window, ENTER)
            if now.key in self.session.neck_state.steps_done:
                done.append(now.key)
            self.made.worked(now.sweep, now.action, now.frets, self.session.neck_state)
        self.assertIsNone(next_step(self.session.neck_state), now)
        return done

    def typed(self, asked: str) -> None:
        """What a step asks for, read at the keypad: the gauge over fret 1, or the rule over 12."""
        for mm in (".05", ".05") if asked == "nut" else ("1.8", "1.4"):
            self.keys(self.window, ENTER)
            self.assertEqual(self.window.page_name, "Measure")
            self.keys(self.window, mm, ENTER)
            self.window.show_stage("Work")

    def handed_over(self) -> Letter:
        """The page that goes home with it, by keys."""
        self.window.show_stage("Owner")
        self.keys(self.window, "4")
        papers = self.window.stages["Owner"].papers
        papers.turn("ready")
        made = papers.letter()
        self.assertIsInstance(made, Letter)
        return made

    def test_a_worn_steel_string(self) -> None:
        worn = Condition(proud=6, low=3, wear_mm=0.12, slack_dip_mm=0.05, pull_mm=0.12)
        self.begin(HIGH, worn, 21, *nut(0.14), *heights(2.6, 2.2))
        self.window.show_stage("Choose")
        page = self.window.stages["Choose"]
        self.keys(self.window, ".")
        kinds = [way.kind for way in page.shown(page.plan)]
        page._select(kinds.index("level"))
        self.keys(self.window, ENTER)
        chosen = self.session.neck_state.chosen
        self.assertEqual(chosen.way, "level")
        self.assertTrue(chosen.saddle)
        self.agreed()
        done = self.by_keys()
        for key in ("file", "crown", "polish", "clean", "string-up", "saddle", "read-heights"):
            self.assertIn(key, done)
        self.assertEqual(len(done), len(set(done)))
        self.assertTrue(any(isinstance(one, Filed) for one in self.session.entries))
        self.session.append(*heights(1.8, 1.4))
        kept = {matter: row.kept for matter, row in self.proved().items()}
        self.assertTrue(kept["String 6 over fret 12"])
        made = self.handed_over()
        self.assertIn("Dear Orla Finsterwick", made.text)
        self.assertIn("Every note rings clean", made.text)
        head, *rows = made.tables["changes"]
        self.assertEqual(len(head), 3)
        self.assertIn("Action, bass side", [row[0] for row in rows])

    def test_first_frets_on_a_new_board(self) -> None:
        board = NeckDescription(
            title="new fretboard",
            scale_mm=500.0,
            frets=15,
            joint_fret=11,
            bare=True,
            no_frets=True,
            radius_mm=305.0,
            complaint="A kit: it wants frets.",
        )
        self.begin(board, Condition(proud=0, low=0, slack_dip_mm=0.0, pull_mm=0.0), 31)
        self.take("first-frets")
        done = self.work()
        self.assertNotIn("pull", done)
        self.assertIn("trim", done)
        self.assertTrue(any(isinstance(one, FretWork) for one in self.session.entries))
        self.window.show_stage("Work")
        self.keys(self.window, ENTER)
        self.assertTrue(self.session.neck_state.chosen.way.startswith("level"))
        last = self.work()
        self.assertNotIn("string-up", last)
        self.assertIn("file", last)
        made = self.handed_over()
        self.assertIn("first frets", made.text)
        self.assertNotIn("Action, bass side", str(made.tables))

    def test_found_when_opened(self) -> None:
        marks = Condition(proud=2, low=0, slack_dip_mm=0.05, pull_mm=0.1)
        self.begin(
            msgspec.structs.replace(HIGH, height_low_mm=None, height_high_mm=None), marks, 44
        )
        self.window.show_stage("Choose")
        page = self.window.stages["Choose"]
        self.keys(self.window, ".")
        kinds = [way.kind for way in page.shown(page.plan) if way.possible]
        kind = "spot-level" if "spot-level" in kinds else "level"
        page._select([way.kind for way in page.shown(page.plan)].index(kind))
        self.keys(self.window, ENTER)
        self.agreed()
        self.keys(self.window, ENTER)
        ticked = [e for e in self.session.entries if isinstance(e, StepDone)]
        self.assertTrue(ticked)
        self.keys(self.window, "7")
        row = self.window.stages["Work"].found
        self.assertTrue(row.isVisible())
        self.keys(self.window, TAB, "9 11", TAB, TAB, "they lift under the finger", ENTER)
        found = [e for e in self.session.entries if isinstance(e, Found)]
        self.assertEqual(
            [(one.what, one.frets, one.minutes) for one in found], [("more frets", (9, 11), 30)]
        )
        self.assertTrue(self.session.neck_state.left_at)
        self.assertIn("asked again", self.window.bar.message.text())
        # What was ticked stays; the rest is asked for anew, and weighed with what was found.
        self.assertEqual([e for e in self.session.entries if isinstance(e, StepDone)], ticked)
        plan = self.window.app.fresh.plan
        self.assertEqual(plan.course[0].way, "seat")
        self.window.show_stage("Work")
        self.keys(self.window, ENTER)
        self.assertEqual([e for e in self.session.entries if isinstance(e, StepDone)], ticked)
        self.window.show_stage("Choose")
        page = self.window.stages["Choose"]
        if page.shows == "matter":
            self.keys(self.window, ".")
        page._select([way.kind for way in page.shown(plan)].index("seat"))
        self.keys(self.window, ENTER)
        self.agreed()
        self.by_keys()
        ways = [e.way for e in self.session.entries if isinstance(e, Chosen)]
        self.assertEqual(ways[:2], [kind, "seat"])
        self.window.show_stage("Owner")
        self.keys(self.window, "4")
        papers = self.window.stages["Owner"].papers
        papers.turn("letter")
        self.assertIn("Found when opened", papers.letter().text)
        self.assertIn("lift under the finger", papers.letter().text)
        self.assertTrue(say(papers.letter().text))
