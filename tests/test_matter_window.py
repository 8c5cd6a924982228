"""What is the matter, at the window: chips, the look over, tests by a key, the faces of Choose."""

import unittest
from typing import Any

from msgspec import structs

from nuvrek.readings.entries import Describe, OthersFirm, OthersStill, Tested
from nuvrek.readings.owner.entries import ComplaintShaped, LookedOver
from nuvrek.readings.told.complaint import complaint_of
from tests.support import WindowCase

ENTER = 0x01000004
FIRST, STEEL = 0, 5


class Matter(WindowCase):
    def at(self, neck: int, page: str) -> tuple[Any, Any]:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(neck)
        window.show_stage(page)
        return window, window.stages[page]

    def complaining(self, words: str) -> tuple[Any, Any]:
        """A healthy neck whose owner says this."""
        window, _ = self.at(12, "Map")
        session = window.app.session
        neck = structs.replace(session.neck_state.neck, complaint=words, wire_wish="")
        frets = tuple(range(2, neck.frets))
        session.append(
            Describe(neck=neck),
            *(OthersStill(lane=lane, frets=frets) for lane in ("bass", "middle", "treble")),  # type: ignore[arg-type]
            OthersFirm(frets=tuple(range(1, neck.frets + 1))),
        )
        window.show_stage("Choose")
        return window, window.stages["Choose"]

    def test_what_is_the_matter_first_then_the_figures_and_back(self) -> None:
        window, page = self.at(STEEL, "Choose")
        self.assertTrue(page.matter.isVisible())
        self.assertFalse(any(row.isVisible() for row in page.rows))
        self.assertIn("Too much relief", page.matter.accessibleDescription())
        self.assertIn("Too much relief", window.bar.prompt.text())
        faces = []
        for _ in range(4):
            self.keys(window, ".")
            faces.append(page.shows)
        self.assertEqual(faces, ["metal", "costs", "picture", "matter"])
        # What was looked at last stays while the neck is open.
        self.keys(window, ".")
        window.show_stage("Map")
        window.show_stage("Choose")
        self.assertEqual(page.shows, "metal")
        self.assertTrue(any(row.isVisible() for row in page.rows))

    def test_enter_takes_the_first_step(self) -> None:
        window, page = self.at(STEEL, "Choose")
        first = page.plan.course[0].way
        self.keys(window, ENTER)
        self.assertEqual(window.app.session.neck_state.chosen.way, first)

    def test_a_test_is_answered_by_a_key_and_undone_by_another(self) -> None:
        window, page = self.complaining("One note goes dead.")
        test = page.plan.diagnosis.tests[0]
        self.assertFalse(test.by_reading, test)
        self.keys(window, "1")
        self.assertEqual(window.app.session.entries[-1], last_tested(window, test.kind, "yes"))
        asked = [one.kind for one in page.plan.diagnosis.tests]
        self.assertNotIn(test.kind, asked)
        window.app.undo()
        self.assertEqual(window.app.session.neck_state.tests, {})

    def test_a_test_that_is_a_reading_is_asked_for_in_measure(self) -> None:
        window, page = self.at(FIRST, "Choose")
        page._measure("relief", "")
        self.assertEqual(window.page_name, "Measure")
        self.assertEqual(window.stages["Measure"].keypad.station.kind, "string-gap")


def last_tested(window: Any, kind: str, says: str) -> Tested:
    last = window.app.session.entries[-1]
    return Tested(test=kind, says=says, at=last.at, page=last.page, joined=last.joined)  # type: ignore[arg-type]


class TakenIn(WindowCase):
    def taking_in(self) -> tuple[Any, Any]:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(STEEL)
        window.show_stage("Take in")
        return window, window.stages["Take in"]

    def test_chips_follow_the_words_until_one_is_set(self) -> None:
        window, page = self.taking_in()
        page.complaint.setPlainText("Buzzes on bends.")
        self.assertEqual(page.look_over.complaint.chips, ("buzz", "bends"))
        page.look_over.chips["choke"].click()
        page.complaint.setPlainText("Buzzes on bends.")
        self.assertEqual(page.look_over.complaint.chips, ("buzz", "choke", "bends"))
        page.keep.click()
        state = window.app.session.neck_state
        self.assertEqual(complaint_of(state).chips, ("buzz", "choke", "bends"))
        self.assertEqual(state.neck.complaint, "Buzzes on bends.")

    def test_what_was_seen_is_kept_when_the_page_is_left_and_stops_the_work(self) -> None:
        window, page = self.taking_in()
        session = window.app.session
        page.show_page(2)
        page.look_over.sound["crack"].click()
        page.look_over.where.setText("heel")
        window.show_stage("Choose")
        kept = [entry for entry in session.entries if isinstance(entry, LookedOver)]
        self.assertEqual([(entry.faults, entry.where) for entry in kept], [(("crack",), "heel")])
        plan = window.stages["Choose"].plan
        self.assertEqual((plan.advice, plan.rod), ("refer", None))
        # Left once more, nothing more is written.
        window.show_stage("Take in")
        window.show_stage("Choose")
        self.assertEqual(sum(isinstance(entry, LookedOver) for entry in session.entries), 1)

    def test_chips_of_words_that_were_not_kept_are_not_kept(self) -> None:
        window, page = self.taking_in()
        page.complaint.setPlainText("Something else.")
        page.look_over.chips["rattle"].click()
        window.show_stage("Map")
        entries = window.app.session.entries
        self.assertFalse([entry for entry in entries if isinstance(entry, ComplaintShaped)])

    def test_nothing_of_one_neck_is_written_into_another(self) -> None:
        window, page = self.taking_in()
        page.show_page(2)
        page.look_over.sound["tongue"].click()
        window.show_stage("Shelf")
        window.stages["Shelf"]._open(FIRST)
        window.show_stage("Take in")
        window.show_stage("Map")
        other = window.app.session.entries
        self.assertFalse([entry for entry in other if isinstance(entry, LookedOver)])


if __name__ == "__main__":
    unittest.main()
