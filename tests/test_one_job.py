"""One job: what ways share is done once, hours and price follow from its steps, and what follows
the metal at nut and saddle stands in it with its figure.
"""

from __future__ import annotations

import os
import unittest
from collections.abc import Sequence
from itertools import count

from nuvrek.bench.owner.cost import cost_of, course_ways, own_share, steps_of_job
from nuvrek.bench.pages.promise_and_result import compare
from nuvrek.bench.session import Session
from nuvrek.bench.working.job import chosen_entry, next_step, tick
from nuvrek.demo import demo_jobs
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.logbook.store import Logbook
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.case.way import Way
from nuvrek.planning.forecast.strings_after import per_relief_mm
from nuvrek.planning.money.pace import pace_of
from nuvrek.planning.money.prices import PriceList
from nuvrek.planning.plan import Plan, make_plan
from nuvrek.planning.steps.job import job_steps
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import AnyEntry, Chosen, StringGap, StringHeight
from nuvrek.readings.journal import NeckState, fold
from nuvrek.readings.told.open_heights import heights_by_string
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.strangers import stranger
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import TIME, TempCase, compute, neck_state, neck_with
from tests.test_judgement import FINE, PRESSED, Entries, crowns, gaps, heights, swept
from tests.test_work_ends import Unasked, solved_now

NECKS = int(os.environ.get("NUVREK_NECKS", "6"))
NECK = NeckDescription(scale_mm=648.0, frets=22, joint_fret=16)


def planned(neck_state: NeckState) -> Plan:
    neck_map = map_neck(neck_state)
    return make_plan(neck_map, find(neck_map), draw=False)


def twice(steps: list[Step]) -> list[str]:
    """Steps that stand twice with the strings neither taken off nor put on between."""
    found: list[str] = []
    seen: set[tuple[str, tuple[int, ...]]] = set()
    for step in steps:
        if (step.key, step.frets) in seen:
            found.append(step.key)
        if step.action in ("slack", "pitch"):
            seen.clear()
        if step.key == "retune":
            # Each reading at pitch asks for it.
            continue
        seen.add((step.key, step.frets))
    return found


def nut(low: float, high: float) -> Entries:
    """Both outer strings pressed at 3, read over fret 1."""
    return [
        StringGap(lane=lane, fret=1, low_support=0, high_support=3, gap_mm=mm)
        for lane, mm in (("bass", low), ("treble", high))
    ]


class Rod(unittest.TestCase):
    def test_a_beam_with_a_string_at_its_ends(self) -> None:
        """A bar bent by an even moment from fret 1 to the joint, straight on along the body: a
        circle and its tangent, by nothing of ours. Trade: the action moves one to two and a half
        times as far as the relief.
        """
        for scale, frets, joint in ((648.0, 22, 16), (648.0, 20, 14), (864.0, 20, 16)):
            neck = NeckDescription(scale_mm=scale, frets=frets, joint_fret=joint)
            x = [scale * (1.0 - 2.0 ** (-n / 12.0)) for n in range(frets + 1)]
            first, end = x[1], x[joint]
            # A parabola of dip 1 half-way, its tangent past the joint and before fret 1.
            slope = -4.0 / (end - first)

            def dip(at: float, first: float = first, end: float = end) -> float:
                share = (at - first) / (end - first)
                return 4.0 * share * (1.0 - share)

            nut_dip, saddle_dip = dip(0.0), slope * (scale - end)
            at = x[12] / scale
            swing = dip(x[12]) - nut_dip * (1.0 - at) - saddle_dip * at
            _, found = per_relief_mm(neck)
            self.assertAlmostEqual(found, swing, delta=0.16 * swing)
            self.assertTrue(1.0 <= found <= 2.8, found)

    def test_said_with_the_turn(self) -> None:
        plan = planned(neck_state([*gaps(0.33), *swept(), *crowns(1.2), *heights(2.2, 1.9)]))
        rod = plan.way("rod")
        relief = 0.33 - (rod.promise.relief_mm or 0.0)
        low = rod.strings[-1].height
        assert low is not None
        self.assertTrue(1.0 * relief < low[0] - low[1] < 2.8 * relief)
        self.assertIn("Action at fret 12: about", say(rod.gist))


class Metal(unittest.TestCase):
    """By hand: frets filed evenly by d leave nut and saddle where they are."""

    def setUp(self) -> None:
        entries = [
            *gaps(0.15),
            *swept(),
            *crowns(1.2),
            *PRESSED,
            *heights(2.0, 1.6),
            *nut(0.06, 0.06),
        ]
        self.plan = planned(neck_state(entries, neck_with(height_low_mm=2.0, height_high_mm=1.6)))

    def test_an_even_level(self) -> None:
        level = self.plan.way("level")
        for one, lane in ((level.strings[-1], 0), (level.strings[0], 2)):
            assert one.height is not None and one.first is not None
            off = level.off_mm[:, lane]
            x = [648.0 * (1.0 - 2.0 ** (-n / 12.0)) for n in range(13)]
            # Over fret 12 the string stands higher by what came off there; over fret 1 by what came
            # off there less its share of what came off fret 3.
            share = x[1] / x[3]
            self.assertAlmostEqual(one.first[1] - one.first[0], off[0] - share * off[2], delta=0.02)
            _, by_relief = per_relief_mm(self.plan_neck())
            risen = one.height[1] - one.height[0]
            relief = (risen - off[11]) / by_relief
            self.assertLess(abs(relief), 0.06)

    def plan_neck(self) -> NeckDescription:
        return neck_with(height_low_mm=2.0, height_high_mm=1.6)

    def test_told_as_json(self) -> None:
        from nuvrek.exchange.answers import plan_answer

        entries = [
            *gaps(0.33),
            *swept(),
            *crowns(1.2),
            *PRESSED,
            *heights(2.3, 1.9),
            *nut(0.06, 0.06),
        ]
        neck_map = map_neck(neck_state(entries, neck_with(height_low_mm=2.0, height_high_mm=1.6)))
        told = plan_answer(make_plan(neck_map, find(neck_map), draw=False), neck_map)
        rod = next(way for way in told["ways"] if way["kind"] == "rod")
        self.assertEqual([one["string"] for one in rod["strings"]], [1, 2, 3, 4, 5, 6])
        low = rod["strings"][-1]
        self.assertEqual(low["height_mm"], 2.3)
        self.assertLess(low["height_after_mm"], 2.1)
        self.assertGreater(low["height_doubt_mm"], 0.2)
        self.assertEqual(len(rod["follows"]["saddle_mm"]) in (0, 2), True)

    def test_what_follows_is_a_step_with_its_figure(self) -> None:
        worn = [*gaps(0.15), *swept(), *crowns(1.2), *PRESSED, *heights(2.0, 1.6), *nut(0.14, 0.14)]
        plan = planned(neck_state(worn, neck_with(height_low_mm=1.5, height_high_mm=1.2)))
        level = plan.way("level")
        if level.follow.saddle_mm is not None:
            steps = {step.key: step for step in level.steps}
            self.assertIn("mm down", say(steps["saddle"].text))
            self.assertEqual(steps["read-heights"].asks, "heights")
            keys = [step.key for step in level.steps]
            self.assertLess(keys.index("string-up"), keys.index("saddle"))
            self.assertLess(keys.index("saddle"), keys.index("prove"))
        self.assertIsNotNone(level.follow.saddle_mm)

    def test_an_inner_string_is_seen(self) -> None:
        inner = StringHeight(side="bass", fret=12, height_mm=2.24, string=4)
        entries = [*gaps(0.15), *swept(), *crowns(1.2), *PRESSED, *heights(2.0, 1.6), *FINE, inner]
        plan = planned(neck_state(entries))
        self.assertEqual([leg.way for leg in plan.course], ["saddle"])
        self.assertIn("String 4 stands 0.40 mm too high", say(plan.way("saddle").gist))

    def test_heights_at_the_shops_own_fret(self) -> None:
        at_17 = [
            StringHeight(side=side, fret=17, height_mm=mm)
            for side, mm in (("bass", 2.5), ("treble", 2.0))
        ]
        made = neck_with(height_at=17, height_low_mm=2.5, height_high_mm=2.0)
        plan = planned(neck_state([*gaps(0.15), *swept(), *crowns(1.2), *PRESSED, *at_17], made))
        self.assertNotIn("saddle", [way.kind for way in plan.ways])
        high = plan.way("level").strings[0].height
        assert high is not None
        self.assertAlmostEqual(high[0], 2.0)


class Proven(unittest.TestCase):
    def test_every_string_stands_beside_its_promise(self) -> None:
        made = neck_with(height_low_mm=2.0, height_high_mm=1.6)
        entries = [
            *gaps(0.33),
            *swept(),
            *crowns(1.2),
            *PRESSED,
            *heights(2.3, 1.9),
            *nut(0.06, 0.06),
        ]
        plan = planned(neck_state(entries, made))
        chosen = Chosen(way="rod", promise=plan.way("rod").promise)
        closing: list[AnyEntry] = [*nut(0.06, 0.20), *heights(2.0, 1.9)]
        inner = StringHeight(side="bass", fret=12, height_mm=2.9, string=3)
        solved, _ = compute(neck_state([*entries, chosen, *closing, inner], made))
        kept = {say(row.matter): row.kept for row in compare(solved, Unit.MM, Unit.MM)}
        self.assertEqual(kept["String 6 over fret 1, pressed at 3"], True)
        self.assertEqual(kept["String 1 over fret 1, pressed at 3"], False)
        self.assertEqual(kept["String 3 over fret 12"], False)
        self.assertEqual(kept["String 6 over fret 12"], True)


class OneJob(TempCase):
    numbers = count()

    def session(self, neck: NeckDescription, journal: Sequence[AnyEntry]) -> Session:
        book = Logbook.make(self.folder / f"{next(self.numbers)}.db")
        self.addCleanup(book.close)
        return Unasked(book, book.start(neck, TIME, journal), neck, lambda: TIME)

    def test_no_step_twice_and_hours_are_their_sum(self) -> None:
        for neck, journal in _all_jobs():
            plan = planned(fold(neck, journal))
            with self.subTest(neck.title):
                ways = course_ways(plan)
                legs = steps_of_job(ways)
                steps = [step for leg in legs for step in leg]
                self.assertEqual(twice(steps), [])
                minutes = sum(step.minutes for step in steps)
                spell = cost_of(ways, neck, pace_of(()), PriceList()).spell
                once = pace_of(()).of(
                    [(s.key.rstrip("-0123456789"), float(s.minutes)) for s in steps if s.minutes]
                )
                self.assertGreaterEqual(spell.likely, once.likely - 1e-6)
                self.assertLessEqual(minutes, sum(way.minutes for way in ways))
                for way in plan.ways:
                    self.assertEqual(twice(list(way.steps)), [], way.kind)
                    self.assertEqual(own_share(way, steps_of_job([way])[0]), 1)

    def test_every_step_is_come_to(self) -> None:
        """Each step of the job is next at some time, its ways taken one after the other."""
        for neck, journal in _all_jobs():
            with self.subTest(neck.title):
                session = self.session(neck, journal)
                solved = solved_now(session)
                assert solved.plan is not None
                ways = course_ways(solved.plan)
                wanted = [step.key for leg in steps_of_job(ways) for step in leg]
                gone: list[str] = []
                legs: list[AnyEntry] = []
                for way in ways:
                    legs += [] if way.new is None else [way.new.terms]
                    legs.append(chosen_entry(solved, way, solved.map))
                    if way.new is not None:
                        # All new wire is levelled, by the tops it has then.
                        legs.append(_level_after(way))
                for leg in legs:
                    session.append(leg)
                    while (step := next_step(session.neck_state)) is not None:
                        tick(session, step)
                        gone.append(step.key)
                self.assertLessEqual(set(wanted) - set(gone), {"press", "slacken"})

    def test_what_is_read_on_a_blocked_bridge_is_no_action_once_it_is_free(self) -> None:
        neck = NeckDescription(scale_mm=648.0, frets=22, joint_fret=16, floating_bridge=True)
        read = [*gaps(0.35), *swept(), *crowns(1.2), *FINE, *heights(2.4, 2.0)]
        session = self.session(neck, read)
        solved = solved_now(session)
        assert solved.plan is not None
        session.append(chosen_entry(solved, solved.plan.way("rod"), solved.map))
        seen: list[tuple[str, dict[int, float]]] = []
        while (step := next_step(session.neck_state)) is not None:
            tick(session, step)
            state = session.neck_state.state
            if step.action == "block":
                for side, mm in (("bass", 3.1), ("treble", 2.9)):
                    session.append(
                        StringHeight(side=side, fret=12, height_mm=mm, state=state)  # type: ignore[arg-type]
                    )
            if step.action in ("block", "release"):
                seen.append((state.posture, heights_by_string(session.neck_state)))
        self.assertEqual(seen, [("blocked", {6: 3.1, 1: 2.9}), ("lying", {6: 2.4, 1: 2.0})])

    def test_added_up_by_hand(self) -> None:
        """Spot work, then the saddle: strings off 5, tape 15, marking 3, two frets filed 12,
        reading again 8, polish 30, tape off 10, strings on 15, saddle 25, tuning 5, heights 3,
        proof 10 (minutes as common practice has them, no source).
        """
        legs = job_steps(
            [
                _row(
                    "slacken 5 slack",
                    "tape 15",
                    "mark 3",
                    "file 12 file",
                    "levelled 8",
                    "polish 30",
                    "peel 10",
                    "string-up 15 pitch",
                    "prove 10 measure",
                ),
                _row("saddle 25", "retune 5 pitch", "read-heights 3 measure", "prove 10 measure"),
            ]
        )
        steps = [step for leg in legs for step in leg]
        self.assertEqual(
            sum(step.minutes for step in steps),
            5 + 15 + 3 + 12 + 8 + 30 + 10 + 15 + 25 + 5 + 3 + 10,
        )
        self.assertEqual([step.key for step in steps].count("prove"), 1)

    def test_strings_stay_off_between_two_ways(self) -> None:
        one = _row("slacken 5 slack", "seat-3 15 seat", "string-up 15 pitch", "prove 10 measure")
        two = _row("slacken 5 slack", "file 12 file", "string-up 15 pitch", "prove 10 measure")
        keys = [[step.key for step in leg] for leg in job_steps([one, two])]
        self.assertEqual(keys, [["slacken", "seat-3"], ["file", "string-up", "prove"]])
        rod = _row("rod 10 rod", "prove 10 measure")
        keys = [[step.key for step in leg] for leg in job_steps([rod, two])]
        self.assertEqual(keys, [["rod"], ["slacken", "file", "string-up", "prove"]])


def _level_after(way: Way) -> Chosen:
    """The level that follows new wire, as its way foresees it."""
    after = {step.key for step in way.level_after}
    off = tuple((fret, "middle", 0.2) for fret in range(1, len(way.off_mm) + 1))
    return Chosen(
        way="level",
        off=off,  # type: ignore[arg-type]
        nut="deeper" if "nut-slots" in after else "",
        saddle="down" if "saddle" in after else "",
    )


def _row(*words: str) -> tuple[Step, ...]:
    """Steps as ``key minutes action``."""
    made = []
    for word in words:
        key, minutes, *action = word.split()
        made.append(Step(key, key, "", int(minutes), *action))  # type: ignore[arg-type]
    return tuple(made)


def _all_jobs() -> list[tuple[NeckDescription, Sequence[AnyEntry]]]:
    jobs: list[tuple[NeckDescription, Sequence[AnyEntry]]] = [
        (job.neck, job.journal) for job in demo_jobs()[:: 1 if NECKS > 50 else 3]
    ]
    for seed in range(420_000, 420_000 + NECKS):
        made = stranger(seed)
        jobs.append((made.truth.neck, measure_round(made.bench, "full")))
    return jobs
