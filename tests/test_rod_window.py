"""Rod work and the string list in the real window."""

from typing import Any

from PyQt6.QtCore import Qt

from nuvrek.bench.forms.strings import StringRow, read_strings
from nuvrek.bench.working.rod_loop import FEELS, wanted_leaf_mm
from nuvrek.neck.board import middle_fret
from nuvrek.readings.entries import Describe, Heated, RodMove, StateChange, StringGap
from nuvrek.wording.speech import say
from tests.support import WindowCase

ENTER, BACK, LEFT, UP = Qt.Key.Key_Return, Qt.Key.Key_Backspace, Qt.Key.Key_Left, Qt.Key.Key_Up
TENOR, BARITONE, BASS, MANDOLIN, PARLOUR, STEEL, SPENT, BOWED, RODLESS = range(9)


class RodWindow(WindowCase):
    def at(self, neck: int, stage: str) -> Any:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(neck)
        window.show_stage(stage)
        return window

    def test_move_retune_goes_or_not_next(self) -> None:
        window = self.at(STEEL, "Choose")
        self.keys(window, ENTER)
        work, session = window.stages["Work"], window.app.session
        self.assertTrue(work.rodview.isVisible())
        self.assertIn("1/4 turn tighter", window.bar.prompt.text())
        self.assertRegex(
            window.bar.message.text(), r"Relief from 0\.\d+ to about 0\.\d+ mm, between"
        )
        self.keys(window, "*", ENTER)
        move = session.entries[-1]
        assert isinstance(move, RodMove)
        self.assertEqual((move.turns, move.feel), (0.25, FEELS[1]))
        self.assertIsNotNone(move.promised_mm)
        self.assertIn("Tune to pitch", window.bar.prompt.text())
        self.keys(window, ENTER)
        self.assertEqual(session.neck_state.state.strings, "pitch")
        leaf = wanted_leaf_mm(
            window.app.solved, "bass", middle_fret(session.neck_state.neck), (1, 14)
        )
        self.assertIn(f"blade {leaf:.2f}", window.bar.aside.text())
        # One key a side: the leaf of the wanted relief goes, so there is still more relief than
        # wanted.
        self.keys(window, "+", "+")
        first, second = session.entries[-2:]
        assert isinstance(first, StringGap) and isinstance(second, StringGap)
        self.assertEqual((first.lane, second.lane), ("bass", "treble"))
        self.assertAlmostEqual(first.slides_mm or 0.0, round(leaf, 2))
        self.assertEqual(first.state.rod_turns, 0.25)
        self.assertIn("turn", window.bar.prompt.text())
        self.assertEqual(len(work.rodview.points), len(session.neck_state.shifts) + 1)
        self.assertEqual(work.rodview.points[-1].promised_mm, move.promised_mm)

    def test_turns_of_ones_own_rough_ones_and_none(self) -> None:
        window = self.at(STEEL, "Choose")
        self.keys(window, ENTER)
        session = window.app.session
        self.keys(window, LEFT, LEFT)
        self.assertIn("1/8 turn tighter, your own", window.bar.prompt.text())
        self.keys(window, ENTER)
        move, before = session.entries[-1], len(session.neck_state.rod_moves)
        assert isinstance(move, RodMove)
        self.assertEqual((move.turns, move.promised_mm), (0.125, None))
        # Readings may be passed over: logging is never the price of advice.
        self.keys(window, ENTER, ENTER)
        self.assertIn("turn", window.bar.prompt.text())
        self.keys(window, "/")
        move = session.entries[-1]
        assert isinstance(move, RodMove)
        self.assertTrue(move.rough and not move.turns)
        self.keys(window, BACK)
        self.assertEqual(len(session.neck_state.rod_moves), before)
        before = len(session.neck_state.steps_done)
        self.keys(window, "-")
        self.assertEqual(len(session.neck_state.steps_done), before + 1)

    def test_the_key_is_drawn_from_where_one_stands(self) -> None:
        window = self.at(STEEL, "Choose")
        self.keys(window, ENTER)
        view = window.stages["Work"].rodview
        self.assertIn("Seen from the body: 1/4 clockwise", view.accessibleDescription())
        view.mousePressEvent(None)
        self.assertIn(
            "Seen from the headstock: 1/4 counter-clockwise", view.accessibleDescription()
        )
        self.assertFalse(window.grab().isNull())

    def test_the_shelf_shows_each_advice(self) -> None:
        window: Any = self.open_window(demo=True)
        for neck, advice, words in (
            (BARITONE, "rod", "treble side"),
            (STEEL, "rod", "1/4 turn tighter"),
            (SPENT, "heat", "relief didn't change"),
            (BOWED, "level", "slack one-way rod"),
            (RODLESS, "refret-true", "no truss rod"),
        ):
            window.stages["Shelf"]._open(neck)
            window.show_stage("Choose")
            plan = window.app.solved.plan
            self.assertEqual(plan.advice, advice, neck)
            said = window.bar.prompt.text() + window.bar.message.text()
            said += window.stages["Choose"].course.accessibleDescription()
            self.assertIn(words, said)
            window.show_stage("Shelf")

    def test_a_stop_rule_ends_the_turning(self) -> None:
        window = self.at(SPENT, "Work")
        self.assertEqual(window.bar.prompt.text(), "Stop turning")
        entries = len(window.app.session.entries)
        self.keys(window, ENTER)
        self.assertEqual(len(window.app.session.entries), entries)

    def test_a_cycle_of_heat_is_written_with_its_figures(self) -> None:
        window = self.at(SPENT, "Choose")
        self.keys(window, ENTER, ENTER, ENTER)
        work = window.stages["Work"]
        self.assertIn("never leave it", work.caution.text())
        self.keys(window, ENTER)
        # The cycle is over when it is cold: then it is written down.
        self.assertTrue(work.heat.isVisible())
        work.heat.fields["over_bend_mm"].setText("a lot")
        work.done.click()
        self.assertIn("plain number", window.bar.message.text())
        work.heat.fields["over_bend_mm"].setText("1,5")
        work.heat.fields["source_c"].setText("93")
        work.done.click()
        self.assertIn("Leave it clamped until quite cold: not before", window.bar.message.text())
        work.done.click()
        heat = next(e for e in window.app.session.entries if isinstance(e, Heated))
        self.assertEqual((heat.over_bend_mm, heat.source_c, heat.minutes_cold), (1.5, 93.0, None))

    def test_twin_rods_are_logged_by_side(self) -> None:
        window = self.at(BARITONE, "Choose")
        self.keys(window, ENTER, ENTER)
        session = window.app.session
        moves = {m.side: m.turns for _, m in session.neck_state.rod_moves}
        self.assertEqual(moves["treble"], 0.25)
        low = moves.get("bass", 0.0)
        work = window.stages["Work"]
        work.rod.which.setCurrentIndex(1)
        work._turned(-0.125)
        self.assertEqual(
            (session.neck_state.state.rod_turns, session.neck_state.state.rod_high_turns),
            (low - 0.125, 0.25),
        )
        self.assertIn("high +1/4", window.bar.rod.text())

    def test_slacken_first_is_written_down(self) -> None:
        window = self.at(STEEL, "Take in")
        page = window.stages["Take in"]
        page.picks["rod_access"].setCurrentIndex(2)
        page.keep.click()
        window.show_stage("Choose")
        self.keys(window, ENTER)
        session = window.app.session
        session.append(StateChange(state=session.neck_state.state.__class__(strings="pitch")))
        window.stages["Work"].refresh()
        self.assertIn("Strings slack first", window.bar.prompt.text())
        self.keys(window, ENTER)
        self.assertEqual(session.neck_state.state.strings, "slack")


class StringsWindow(WindowCase):
    def page(self, neck: int) -> tuple[Any, Any]:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(neck)
        window.show_stage("Take in")
        window.stages["Take in"].show_page(1)
        return window, window.stages["Take in"].strings

    def test_a_list_is_typed_kept_and_compared(self) -> None:
        window, page = self.page(BASS)
        for line, (note, gauge) in enumerate(
            (("E1", "105"), ("A1", ".085"), ("D2", "1.65 mm"), ("G2", "45"))
        ):
            page.lines[line]["note"].setText(note)
            page.lines[line]["gauge"].setText(gauge)
            page.wound[line].setChecked(True)
        self.assertEqual([count.text() for count in page.counts[:5]], ["4", "3", "2", "1", ""])
        self.assertRegex(page.total.text(), r"In all \d{3} ± \d+ N")
        page.keep_as("long bass", page.read()[0])
        page.tuning.setCurrentIndex(2)
        self.assertIn("-21 %", page.told.text())
        self.assertIn("elief from", page.told.text())
        page.capo.setCurrentIndex(2)
        self.assertEqual(page.said[0][0].text(), "F#1")
        window.stages["Take in"].keep.click()
        entry = window.app.session.entries[-1]
        assert isinstance(entry, Describe)
        self.assertEqual(len(entry.neck.string_set), 4)
        self.assertAlmostEqual(entry.neck.string_set[0].gauge_mm, 105 * 0.0254)
        self.assertIn("long bass", window.app.settings.sets)

    def test_a_kept_set_is_put_on_and_forgotten(self) -> None:
        window, page = self.page(STEEL)
        light = tuple(page.read()[0])
        page.keep_as("mine", light)
        page.sets.setCurrentIndex(page.sets.findData("mine"))
        page.lines[0]["note"].setText("D2")
        page.take.click()
        self.assertEqual(page.lines[0]["note"].text(), "E2")
        page.drop.click()
        self.assertEqual(window.app.settings.sets, {})

    def test_nonsense_is_said_and_not_kept(self) -> None:
        window, page = self.page(STEEL)
        page.lines[2]["note"].setText("H9")
        page.lines[2]["note"].textEdited.emit("H9")
        self.assertIn("no note", page.total.text())
        self.assertFalse(window.stages["Take in"].keep.isEnabled())
        for row, words in (
            (StringRow("E2", "thin"), "not a length"),
            (StringRow("E2", "46", each="7"), "1, 2 or 3"),
            (StringRow("E2", "46", mass="much"), "grams"),
            (StringRow("", "46"), "no note"),
        ):
            found, faults = read_strings((row,))
            self.assertIsNone(found)
            self.assertIn(words, say(faults[0]))

    def test_gauges_in_any_unit(self) -> None:
        rows = [StringRow("E4", text) for text in ("10", ".010", "0.254mm", "0.25")]
        found, _ = read_strings(rows)
        assert found is not None
        for spec in found:
            self.assertAlmostEqual(spec.gauge_mm, 0.254, delta=0.005)
