"""First frets on a new board, an instrument kept original, a bridge that floats, both schools of
glue, and each risk with its caution.
"""

from __future__ import annotations

import re
import unittest
from collections.abc import Iterator

from nuvrek.bench.working.agreement import plans_of
from nuvrek.meaning import Saying
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.wire import Wire
from nuvrek.planning.agreement.needs import needs_of
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.job import job_steps
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.planning.ways.kinds import WAYS, steps_of
from nuvrek.readings.entries import FretWork, NewWire
from nuvrek.readings.journal import fold
from nuvrek.wording.speech import say
from tests.support import neck_state, neck_with
from tests.test_judgement import crowns, gaps, swept
from tests.test_one_job import planned

BOARD = NeckDescription(
    scale_mm=648.0, frets=20, joint_fret=14, radius_mm=305.0, bare=True, no_frets=True
)
WIRE = Wire(name="medium", crown_mm=1.2, width_mm=2.4, tang_mm=1.5)


class NewBoard(unittest.TestCase):
    def test_its_own_order(self) -> None:
        plan = planned(fold(BOARD, []))
        self.assertEqual([leg.way for leg in plan.course], ["first-frets", "level"])
        way = plan.way("first-frets")
        keys = [step.key for step in way.at_bench]
        for gone in ("pull", "mend", "old-frets", "slacken", "string-up", "nut-out", "jig"):
            self.assertNotIn(gone, keys)
        order = [keys.index(key) for key in ("slots", "cut", "try", "fit-1", "trim", "file")]
        self.assertEqual(order, sorted(order))
        self.assertTrue(6 * 60 < way.minutes < 11 * 60)
        for kind in ("rod", "seat", "level"):
            self.assertFalse(plan.way(kind).possible, kind)

    def test_nothing_old_is_promised_back(self) -> None:
        state = fold(BOARD, [])
        matters = {need.matter for need in needs_of("first-frets", plans_of(state))}
        self.assertFalse({"originals", "wire", "finish"} & matters)

    def test_once_they_are_in_they_are_levelled(self) -> None:
        frets = tuple(range(1, 21))
        entries = [NewWire(wire=WIRE), FretWork(stage="fit", frets=frets, crown_mm=1.2)]
        plan = planned(fold(BOARD, entries))
        self.assertNotIn("first-frets", [way.kind for way in plan.ways])
        self.assertNotEqual(plan.course[0].way, "first-frets")


class Original(unittest.TestCase):
    def test_plane_and_other_wire_are_closed_until_the_owner_says_so(self) -> None:
        from nuvrek.readings.owner.entries import Consented, Term

        low = [*gaps(0.6), *swept(), *crowns(0.6)]
        kept = neck_with(keep_original=True, rod="none")
        plan = planned(neck_state([*low, NewWire(wood="true")], kept))
        self.assertIn("original", say(plan.way("refret-true").why_not[0]))
        yes = Consented(terms=(Term(matter="way", about="way:refret-true", words="yes"),))
        opened = planned(neck_state([*low, NewWire(wood="true"), yes], kept))
        said = [say(why) for why in opened.way("refret-true").why_not]
        self.assertFalse(any("original" in one for one in said), said)
        tall = NewWire(wire=Wire(name="tall", crown_mm=1.5, width_mm=2.9, tang_mm=1.5))
        other = planned(neck_state([*low, tall], kept))
        self.assertIn("not like the old", say(other.way("refret").why_not[0]))


class Schools(unittest.TestCase):
    def keys(self, terms: NewWire) -> list[str]:
        neck = NeckDescription(scale_mm=648.0, frets=20, joint_fret=14)
        return [step.key for step in steps_of("refret", neck, Doing(new_wire=terms))]

    def test_glue_after_the_seat_check_or_after_the_trim(self) -> None:
        after = self.keys(NewWire(wire=WIRE, glue="after"))
        self.assertEqual(
            after[after.index("seat-check") :][:4], ["seat-check", "wick", "glue", "trim"]
        )
        trimmed = self.keys(NewWire(wire=WIRE, glue="after the trim"))
        self.assertEqual(trimmed[trimmed.index("seat-check") :][:3], ["seat-check", "trim", "wick"])

    def test_as_many_at_once_as_the_glue_stays_open_for(self) -> None:
        neck = NeckDescription(scale_mm=648.0, frets=20, joint_fret=14)
        terms = NewWire(wire=WIRE, glue="before", adhesive="hide glue", block_mm=300.0)
        batches = [s for s in steps_of("refret", neck, Doing(new_wire=terms)) if s.sweep == "fit"]
        self.assertLessEqual(max(len(step.frets) for step in batches), 4)
        self.assertEqual(sum(len(step.frets) for step in batches), 20)

    def test_a_zero_fret_is_pulled_and_goes_in_again(self) -> None:
        for zero, told in ((True, True), (False, False)):
            neck = NeckDescription(scale_mm=648.0, frets=20, joint_fret=14, zero_fret=zero)
            steps = {s.key: s for s in steps_of("refret", neck, Doing(new_wire=NewWire(wire=WIRE)))}
            self.assertEqual("zero fret comes out" in say(steps["pull"].text), told)
            level = {s.key for s in steps_of("level", neck, Doing(new_wire=NewWire(wire=WIRE)))}
            self.assertEqual("zero-fret" in level, told)

    def test_a_bridge_that_floats_is_blocked_first_and_released_last(self) -> None:
        neck = NeckDescription(scale_mm=648.0, frets=22, joint_fret=16, floating_bridge=True)
        for kind in ("rod", "level", "spot-level", "refret"):
            steps = list(steps_of(kind, neck, Doing(rod="a quarter")))
            if kind == "refret":
                steps += steps_of("level", neck, Doing(rod="a quarter"))
            keys = [step.key for step in job_steps([steps])[0]]
            moves = [n for n, key in enumerate(keys) if key in ("slacken", "rod", "jig")]
            self.assertEqual(keys.count("bridge-block"), 1, kind)
            self.assertLess(keys.index("bridge-block"), moves[0])
            self.assertGreater(keys.index("bridge-release"), moves[-1])
            self.assertEqual(keys[keys.index("bridge-release") + 1], "prove")


# A word that names a risk, and the caution that belongs to it. What only reads, waits or looks
# names no risk.
RISKS: dict[str, Saying] = {
    r"\b(cut|trim|trimmed|nipped)\b": cautions.EYES,
    r"\bpull (frets?|\d)": cautions.EYES,
    r"\b(press|fit|seat) (fret|frets|\d)": cautions.PRESS,
    r"\b(warm|heat)\b": cautions.HEAT,
    r"\bglue in\b|thin glue run in": cautions.GLUE,
    r"\b(string up|tune to|strings on)\b": cautions.STRINGS,
    r"\b(file|level all|crown|polish|bevel)\b": cautions.DUST,
    r"\b(crown|polish|level all)\b": cautions.PICKUPS,
    r"\bturn the truss rod\b|by the rod\b": cautions.ROD,
    r"\boil\b": cautions.OIL,
}


def every_step() -> Iterator[tuple[str, Step]]:
    for described in ({}, {"lacquered": True}, {"bound": True}, {"zero_fret": True}):
        neck = NeckDescription(scale_mm=648.0, frets=20, joint_fret=14, **described)
        for terms in (
            NewWire(),
            NewWire(wire=WIRE),
            NewWire(wire=WIRE, glue="before", wood="true"),
        ):
            doing = Doing(
                frets=(3, 4),
                rod="a quarter",
                ends=("sprouting", "sharp", "tape-lip", "proud-bevel"),
                crowned=(3, 4),
                new_wire=terms,
                nut="the nut",
                saddle="the saddle",
            )
            for kind, record in WAYS.items():
                for step in record.steps(neck, doing):
                    yield kind, step


class Cautions(unittest.TestCase):
    def test_every_risk_has_its_caution_at_its_step(self) -> None:
        held = dict.fromkeys(RISKS, 0)
        for kind, step in every_step():
            if step.action == "measure" or step.wait or step.key in ("mark", "look-again"):
                continue
            title = say(step.title).lower()
            for word, caution in RISKS.items():
                if re.search(word, title):
                    held[word] += 1
                    self.assertIn(caution, step.cautions, (kind, step.key, title))
        self.assertTrue(all(held.values()), held)

    def test_a_lacquered_face_is_warned_of_where_tools_come_near_it(self) -> None:
        neck = NeckDescription(scale_mm=648.0, frets=20, joint_fret=14, lacquered=True)
        steps = {s.key: s for s in steps_of("refret", neck, Doing(new_wire=NewWire(wire=WIRE)))}
        for key in ("pull", "wick", "trim"):
            self.assertIn(cautions.LACQUER, steps[key].cautions, key)
        # Nothing is warmed before the finish is cut along the fret.
        self.assertIn("cut along each fret", say(steps["pull"].text).lower())

    def test_a_bare_neck_has_no_strings_to_whip(self) -> None:
        for step in steps_of("first-frets", BOARD, Doing(new_wire=NewWire(wire=WIRE))):
            self.assertNotIn(cautions.STRINGS, step.cautions, step.key)
