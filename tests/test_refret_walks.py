"""The five kinds of a refret from reason to proof in the real window: cleaned, trued, some frets,
tangs that push back, an angle planed in.
"""

import unittest
from typing import Any
from unittest import mock

import msgspec
import numpy as np

from nuvrek.bench.working.job import asked_first, next_step
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.wire import Wire
from nuvrek.readings.entries import AnyEntry, FretWork, Size, StandOff, State
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.refretting import Refretted
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.wording.speech import say
from tests.support import EVERY, WindowCase, neck_with, rng

ENTER, BACK = 0x01000004, 0x01000003
# Short necks walk sooner; the count of keys is taken on one of 22 frets.
SHORT = {"scale_mm": 500.0, "frets": 15, "joint_fret": 11}
WIRES = (
    Wire(name="medium", crown_mm=1.2, width_mm=2.4, tang_mm=1.5, stock_mm=6000.0),
    Wire(name="narrow", crown_mm=0.95, width_mm=1.9, tang_mm=1.6, barbs_mm=0.7, stock_mm=1500.0),
)


class Walk(WindowCase):
    """A made-up neck under the hands of somebody who follows the window."""

    def begin(
        self, neck: NeckDescription, condition: Condition, seed: int, *more: AnyEntry
    ) -> None:
        """Surveyed, with what else was read, and open in the window."""
        truth = make_truth(neck, condition, rng(seed))
        self.made = Refretted(truth, rng(seed + 1), 0.3)
        entries = [*measure_round(Bench(truth, rng(seed + 2)), "full"), *more]
        self.window: Any = self.open_window()
        app = self.window.app
        app.change_quietly(msgspec.structs.replace(app.settings, wires=WIRES))
        number = app.book.start(neck, "2026-03-03T09:00:00", tuple(entries))
        row = next(row for row in app.book.necks() if row.id == number)
        app.open(row)
        self.session = app.session
        self.bench_keys = 0

    def take(self, kind: str) -> None:
        """Take a way in Choose, with the medium wire agreed on before."""
        self.window.show_stage("Choose")
        page = self.window.stages["Choose"]
        if page.shows == "matter":
            self.keys(self.window, ".")
        kinds = [way.kind for way in page.shown(page.plan)]
        self.assertIn(kind, kinds)
        page._select(kinds.index(kind))
        self.keys(self.window, "0")
        self.assertEqual(self.window.page_name, "New wire")
        self.agree_wire()
        self.keys(self.window, ENTER)
        page._select([way.kind for way in page.shown(page.plan)].index(kind))
        self.keys(self.window, ENTER)
        self.assertEqual(self.session.neck_state.chosen.way, kind)
        self.assertEqual(self.window.page_name, "Work")

    def agree_wire(self) -> None:
        page = self.window.stages["New wire"]
        self.keys(self.window, "3")
        names = [one.wire.name for one in page.draft.plan().choices]
        page._pick(names.index("medium"))
        self.keys(self.window, "*")
        page.agree.click()
        self.assertEqual(self.session.neck_state.new_wire.wire.name, "medium")

    def work(self, trouble: dict[str, str] | None = None) -> list[str]:
        """Step after step until nothing is in hand; ``trouble`` are keys pressed at a step."""
        done = []
        for _ in range(80):
            now = next_step(self.session.neck_state)
            if now is None:
                break
            done.append(now.key)
            self.window.show_stage("Work")
            # What is read at a step is taken down as a table would be.
            found = self.made.read_at(now.key, self.session.neck_state)
            if found:
                # Weighed with what the hand says next, as it would be in a running window.
                with mock.patch.object(self.window.app, "solve"):
                    self.session.append(*found)
            keys = (trouble or {}).get(now.key, "")
            if keys:
                self.bench_keys += self.keys(self.window, keys)
            # Enter says nothing of frets: that all the rest are fine has a key of its own.
            if asked_first(self.session.neck_state, now):
                said = len(self.session.entries)
                self.keys(self.window, ENTER)
                self.assertEqual(len(self.session.entries), said)
                self.bench_keys += self.keys(self.window, "/")
            else:
                self.bench_keys += self.keys(self.window, ENTER)
            if now.wait:
                self.assertIn("Enter once more", self.window.bar.message.text())
                self.bench_keys += self.keys(self.window, ENTER)
            self.made.worked(now.sweep, now.action, now.frets, self.session.neck_state)
        return done

    def level(self) -> list[str]:
        """Past the gate: the level of the new tops, to its end."""
        self.window.show_stage("Work")
        # Where the wood came out a hair over what is wanted, other strings stand before the level.
        following = [leg.way for leg in self.window.app.solved.plan.course]
        self.assertEqual([way for way in following if way != "strings"], ["level"])
        if following[0] == "level":
            self.assertIn("Next: Level", self.window.stages["Work"].step_title.text())
            self.keys(self.window, ENTER)
        else:
            self.window.show_stage("Choose")
            self.window.stages["Choose"]._pick("level")
            self.window.stages["Choose"].take.click()
        self.assertTrue(self.session.neck_state.chosen.way.startswith("level"))
        return self.work()

    def proved(self) -> dict[str, Any]:
        """What Prove says, by matter."""
        from nuvrek.bench.pages.promise_and_result import compare
        from nuvrek.units import Unit

        self.window.show_stage("Prove")
        rows = compare(self.window.app.solved, Unit.MM, Unit.MM)
        return {say(row.matter): row for row in rows}

    def even(self) -> float:
        """How far the true tops stand off straight lines, strings slack, worst rock in mm."""
        neck = self.made.truth.neck
        x = neck.scale_mm * (1.0 - 2.0 ** (-np.arange(1, neck.frets + 1) / 12.0))
        tops = self.made.truth.tops_mm(State(strings="slack"))[1:]
        share = ((x[1:-1] - x[:-2]) / (x[2:] - x[:-2]))[:, None]
        rocks = tops[1:-1] - tops[:-2] * (1 - share) - tops[2:] * share
        return float(np.abs(rocks).max())


class Kinds(Walk):
    def test_cleaned_only_by_the_keypad_in_under_120_keys(self) -> None:
        neck = neck_with(wire_wish="as new", complaint="Dull all over.", wire_height_mm=1.0)
        self.begin(neck, Condition(proud=0, low=0, slack_dip_mm=0.08), 3)
        self.take("refret")
        # Four frets give trouble: two chip, one slot is loose, one stands off.
        trouble = {"pull": "7*12*", "slots": "3-", "fit-2": "5*"}
        done = self.work(trouble)
        self.assertEqual(done[0], "before")
        self.assertEqual(done[-1], "old-frets")
        self.assertLess(done.index("pull"), done.index("slots"))
        self.assertIn("wick", done)
        state = self.session.neck_state
        self.assertEqual((state.out, state.neck.wire_height_mm), (frozenset(), 1.2))
        # The wire has left the shelf.
        medium = next(w for w in self.window.app.settings.wires if w.name == "medium")
        self.assertLess(medium.stock_mm, 6000.0)
        done = self.level()
        for key in ("file", "crown", "nut-new", "oil", "string-up", "prove"):
            self.assertIn(key, done)
        self.assertLess(self.bench_keys, 120)
        self.assertLess(self.even(), 0.06)
        rows = self.proved()
        self.assertIn("New wire", rows)
        self.assertTrue(rows["New wire"].kept, rows["New wire"])

    def test_trued_with_half_way_readings(self) -> None:
        neck = neck_with(
            wire_height_mm=0.9, complaint="Chokes at the joint.", radius_mm=305.0, **SHORT
        )
        grooves = [Size(what="groove", fret=f, string=2, mm=0.2) for f in range(1, 10)]
        self.begin(neck, Condition(proud=0, low=0, hump_mm=0.25, pull_mm=0.12), 4, *grooves)
        self.take("refret-true")
        before = self.made.truth.wood_mm(State(strings="slack"))[1:]
        done = self.work({"wood": "+"})
        self.assertIn("bare-again", done)
        truings = self.session.neck_state.truings
        # Half of it first, then by what the map then said was left.
        self.assertEqual(len(truings), 2)
        after = self.made.truth.wood_mm(State(strings="slack"))[1:]
        self.assertLess(self.hump(after), 0.55 * self.hump(before))
        self.level()
        self.assertLess(self.even(), 0.06)
        self.assertIn("New wire", self.proved())

    def hump(self, wood: np.ndarray) -> float:
        """How far the joint stands over the line three frets to either side."""
        return float(np.mean(wood[10] - 0.5 * (wood[7] + wood[13])))

    def test_some_frets_to_match(self) -> None:
        neck = neck_with(wire_height_mm=1.1, complaint="Buzzes low down.", **SHORT)
        grooves = [Size(what="groove", fret=f, string=2, mm=0.33) for f in range(1, 5)]
        self.begin(neck, Condition(proud=0, low=0), 6, *grooves)
        self.take("refret-some")
        done = self.work()
        self.assertNotIn("wood", done)
        state = self.session.neck_state
        fits = [w.entry for w in state.work if isinstance(w.entry, FretWork)]
        self.assertEqual(sorted(f for one in fits for f in one.frets), [1, 2, 3, 4])
        # The neck keeps the wire it was described with: the others are still the old ones.
        self.assertEqual(state.neck.wire_height_mm, 1.1)
        self.level()
        self.assertLess(self.even(), 0.08)

    @unittest.skipUnless(EVERY, "one of many walks")
    def test_tangs_that_push_back(self) -> None:
        neck = neck_with(rod="none", wire_height_mm=0.85, least_crown_mm=0.75, **SHORT)
        self.begin(neck, Condition(proud=0, low=0, slack_dip_mm=0.17, pull_mm=0.15), 7)
        self.take("refret-tangs")
        done = self.work()
        self.assertTrue([key for key in done if key.startswith("bow-")])
        self.assertIn("string-first", done)
        self.assertLess(done.index("string-first"), done.index("new-tops"))
        done = self.level()
        self.assertNotIn("rod", done)
        self.assertIn("Bow by the tangs", self.proved())

    @unittest.skipUnless(EVERY, "one of many walks")
    def test_an_angle_planed_in(self) -> None:
        made = make_truth(neck_with(), Condition(proud=0, low=0), rng(9))
        low, high = (round(4 * mm) / 4 - 0.13 for mm in made.string_height_12_mm)
        neck = neck_with(height_low_mm=low, height_high_mm=high, complaint="High.", joint="glued")
        sizes = [Size(what="saddle-left", lane=lane, mm=1.3) for lane in ("bass", "treble")]
        grooves = [Size(what="groove", fret=f, string=2, mm=0.42) for f in range(1, 12)]
        self.begin(neck, Condition(proud=0, low=0), 9, *sizes, *grooves)
        self.window.show_stage("Choose")
        plan = self.window.stages["Choose"].plan
        way = plan.way("refret-angle")
        self.assertTrue(way.possible, way.why_not)
        self.take("refret-angle")
        done = self.work()
        off = self.session.neck_state.truings[-1][1].off
        near = [mm for fret, _, mm in off if fret <= 3]
        far = [mm for fret, _, mm in off if fret >= 20]
        self.assertGreater(np.mean(near), np.mean(far or [0.0]))
        self.level()
        self.assertIn("New wire", self.proved())
        self.assertIn("bare", done)


class Page(Walk):
    def test_reasons_corners_and_sentences(self) -> None:
        loose = [StandOff(fret=f, moves="moves") for f in (2, 4, 5, 7, 9, 12, 15)]
        self.begin(neck_with(radius_mm=305.0), Condition(), 11, *loose)
        self.window.show_stage("New wire")
        page = self.window.stages["New wire"]
        self.assertIn("no grip", self.window.bar.message.text())
        page._changed("wood", "true", False)
        wood = page.draft.wood_now()[2].wood_mm
        self.keys(self.window, "*")
        self.assertEqual(len(page.draft.terms.corners), 1)
        self.assertLessEqual(page.draft.wood_now()[2].wood_mm, wood + 1e-9)
        # An angle follows the keys, and the words the wood.
        self.keys(self.window, "+")
        self.assertGreater(page.draft.terms.angle_mm, 0.0)
        self.assertGreater(page.draft.wood_now()[2].wood_mm, wood)
        page.agree.click()
        self.assertEqual(self.session.neck_state.new_wire.angle_mm, 0.05)
        # A radius that turns back is a sentence, not a crash.
        sizes = ((1, 305.0), (10, 184.0), (22, 305.0))
        self.session.append(*(Size(what="radius", fret=f, mm=mm) for f, mm in sizes))
        self.keys(self.window, "1")
        self.assertIn("no fretboard is cut so", page.told.text())

    def test_a_wire_is_taken_onto_the_shelf(self) -> None:
        self.begin(neck_with(wire_wish="taller"), Condition(), 12)
        self.window.show_stage("New wire")
        page = self.window.stages["New wire"]
        self.keys(self.window, "3")
        page.add.click()
        form = page.form
        typed = {"name": "tall", "crown_mm": "1.4", "width_mm": "2.6", "tang_mm": "0"}
        for name, text in typed.items():
            form.fields[name].setText(text)
        form.keep.click()
        self.assertIn("without a tang", self.window.bar.message.text())
        form.fields["tang_mm"].setText("1.5")
        form.fields["stock_mm"].setText("3")
        form.keep.click()
        names = [wire.name for wire in self.window.app.settings.wires]
        self.assertEqual(names, ["medium", "narrow", "tall"])
        self.assertIn("tall", [one.wire.name for one in page.draft.plan().choices])


if __name__ == "__main__":
    unittest.main()
