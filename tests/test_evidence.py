import unittest
from collections.abc import Sequence

import msgspec
import numpy as np

from nuvrek.estimate.findings.shapes import nut_parts
from nuvrek.estimate.heightmap import map_neck
from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.model.edge_contacts import contacts_around
from nuvrek.estimate.model.evidence import Evidence, gather
from nuvrek.estimate.model.solver import solve
from nuvrek.estimate.model.unknowns import unknowns_of
from nuvrek.neck.description import LANES
from nuvrek.readings.check import entry_faults
from nuvrek.readings.entries import AnyEntry, CrownHeight, State, StepDone, StringGap
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.wording.speech import say_all
from tests.support import NECK, measured, neck_state, rng

SLACK = State(strings="slack")


def bracket(fret: int = 7, **more: float) -> StringGap:
    return StringGap(
        lane="bass",
        low_support=1,
        high_support=16,
        fret=fret,
        **(more or {"slides_mm": 0.1, "drags_mm": 0.2}),
    )


class Repeated(unittest.TestCase):
    def evidence(self, entries: Sequence[AnyEntry]) -> Evidence:
        now = neck_state(entries)
        made = gather(unknowns_of(now), now.taken, {})
        # Without what nobody read: the bounds of what strings can pull.
        return made.only(np.array([bool(numbers) for numbers in made.numbers]))

    def test_readings_that_say_the_same_are_one_row_with_the_same_answer(self) -> None:
        entries: list[AnyEntry] = [
            *[bracket()] * 4,
            *(CrownHeight(lane="middle", fret=5, height_mm=mm) for mm in (1.10, 1.14, 1.18)),
        ]
        merged = self.evidence(entries)
        self.assertEqual(merged.rows.shape[0], 2)
        self.assertEqual(sorted(merged.weight), [3.0, 4.0])
        # The same by hand: every reading a row of its own that counts once.
        rows = np.repeat(merged.rows, [4, 3], axis=0)
        lo = np.array([0.1] * 4 + [1.10, 1.14, 1.18])
        hi = np.array([0.2] * 4 + [1.10, 1.14, 1.18])
        each = Evidence(
            rows,
            np.repeat(merged.constant, [4, 3]),
            lo,
            hi,
            np.repeat(merged.sigma, [4, 3]),
            np.ones(7),
            ((1,),) * 7,
        )
        a, b = solve(merged), solve(each)
        np.testing.assert_allclose(a.z, b.z, atol=1e-9)
        np.testing.assert_allclose(a.covariance, b.covariance, atol=1e-9)

    def test_ten_thousand_readings_are_no_more_rows_than_places_and_count_for_nine(self) -> None:
        many = self.evidence(
            [bracket(2 + n % 14, gap_mm=0.1 + 0.01 * (n % 5)) for n in range(10_000)]
        )
        self.assertEqual(many.rows.shape[0], 14)
        self.assertEqual(set(many.weight), {9.0})

    def test_a_tool_with_a_larger_error_leaves_more_doubt(self) -> None:
        entries = [bracket(gap_mm=0.15)]
        worse = [msgspec.structs.replace(entries[0], error_mm=0.06)]
        doubts = [
            map_neck(neck_state(e)).relief_at("bass", "pitch").doubt_mm for e in (entries, worse)
        ]
        self.assertLess(doubts[0], doubts[1])

    def test_one_leaf_that_will_not_go_bounds_the_gap_from_above(self) -> None:
        low = map_neck(neck_state([bracket(wont_go_mm=0.08)])).relief_at("bass", "pitch").mm
        none = map_neck(neck_state([])).relief_at("bass", "pitch").mm
        self.assertLess(low, min(none, 0.12))


class Resting(unittest.TestCase):
    def test_an_edge_named_by_its_true_contacts_says_the_same_as_one_laid_as_it_rests(self) -> None:
        # A dip: an edge over all frets rests on the first and the last (what a chord over a hollow
        # does).
        ends = [bracket(fret, gap_mm=0.3) for fret in (6, 8, 10)]
        ends = [msgspec.structs.replace(e, by="edge", high_support=22) for e in ends]
        rests = [msgspec.structs.replace(e, low_support=None, high_support=None) for e in ends]
        a, b = (map_neck(neck_state(e)).tops_mm for e in (ends, rests))
        np.testing.assert_allclose(a[:, 0], b[:, 0], atol=0.004)

    def test_a_notched_edge_tells_wood_from_metal(self) -> None:
        kit = Kit(notched_mm=(648.0,))
        plain = notched = 0.0
        for seed in range(8):
            truth = make_truth(NECK, Condition(rough_mm=0.05), rng(seed))
            errors = []
            for tools in (Kit(), kit):
                entries = measure_round(Bench(truth, rng(seed + 90)), "full", kit=tools)
                bench = Bench(truth, rng(seed + 70))
                more: list[AnyEntry] = [
                    bench.string_gap(Station("", "string-gap", lane, fret, None, "notched"), SLACK)
                    for lane in LANES
                    for fret in (range(3, 22, 2) if tools.notched_mm else ())
                ]
                neck_map = map_neck(neck_state([*entries, *more]))
                wood = truth.wood_mm(SLACK)[1:]
                x = neck_map.x_mm
                share = ((x - x[0]) / (x[15] - x[0]))[:, None]
                true = wood - (1 - share) * wood[0] - share * wood[15]
                errors.append(float(np.sqrt(np.mean((neck_map.wood["slack"][0] - true) ** 2))))
            plain, notched = plain + errors[0], notched + errors[1]
        self.assertLess(notched, 0.9 * plain)

    def test_an_edge_that_runs_on_past_its_supports_lies_on_what_it_comes_over(self) -> None:
        x = np.arange(10.0) * 20.0
        flat = np.zeros(10)
        climbs = flat.copy()
        climbs[7:] = 0.1
        low, high = contacts_around(x, climbs, 9, (2, 6))
        self.assertEqual((low, high), (2, 7), "fret 7 lifts it off 6")
        falls = flat.copy()
        falls[7:] = -0.1
        self.assertEqual(contacts_around(x, falls, 9, (2, 6))[1], 6)
        falls[0] = 0.1
        self.assertEqual(contacts_around(x, falls[::-1].copy(), 0, (3, 7))[0], 3)

    def test_a_nut_that_was_worked_on_is_another_height(self) -> None:
        def at_nut(mm: float) -> AnyEntry:
            return StringGap(
                lane="bass", low_support=0, high_support=3, fret=1, gap_mm=mm, state=State()
            )

        before, after = at_nut(0.01), at_nut(0.09)

        def left(*entries: AnyEntry) -> float:
            measurer = Measurer(map_neck(neck_state([bracket(), *entries])))
            return measurer.of("tops", nut_parts(measurer, 0), "pitch").mm

        self.assertLess(left(before, after), 0.07, "without a word of work both count")
        raised = left(before, StepDone(step="nut-slots"), after)
        self.assertAlmostEqual(raised, 0.09, delta=0.012)

    def test_what_an_edge_can_not_rest_on_is_said(self) -> None:
        faults = [
            StringGap(lane="bass", fret=7, gap_mm=0.1),
            StringGap(lane="bass", fret=22, by="edge", gap_mm=0.1),
            StringGap(lane="bass", fret=7, low_support=1, by="edge", gap_mm=0.1),
            StringGap(lane="bass", fret=7, by="edge", reach=(8, 12), gap_mm=0.1),
        ]
        for entry in faults:
            self.assertEqual(len(entry_faults(entry, NECK, 1)), 1, entry)
        self.assertEqual(
            [
                *say_all(
                    entry_faults(StringGap(lane="bass", fret=7, by="edge", gap_mm=0.1), NECK, 1)
                )
            ],
            [],
        )


class Counted(unittest.TestCase):
    def test_a_simulated_round_is_understood_whole(self) -> None:
        truth, entries = measured(3)
        now = neck_state(entries, truth.neck)
        rows = gather(unknowns_of(now), now.taken, {})
        self.assertTrue(
            np.isfinite(rows.rows).all() and (rows.sigma > 0).all() and (rows.lo <= rows.hi).all()
        )
