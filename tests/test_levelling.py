"""Levelling by its terms: aims, bands, grooves, frets left alone, and the schools of how the
neck lies meanwhile.
"""

import unittest
from dataclasses import replace
from typing import Any

import cvxpy as cp
import numpy as np

from nuvrek.bench.pages.filing_draft import FilingDraft, watch_words
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.crown import STILL_MM
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.neck.scale import fret_places_mm
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.costing import costed
from nuvrek.planning.case.weighing import Weighing
from nuvrek.planning.filing.level_program import (
    GROOVE_PRICE,
    SECOND_AIM,
    TOUCH_MM,
    LevelTerms,
    NeckTops,
    level_all,
    metal_of,
    what_would_do,
)
from nuvrek.planning.filing.tops import between_strings, groove_map
from nuvrek.planning.plan import case_of
from nuvrek.planning.ways.filing_words import over_driven_words
from nuvrek.planning.ways.level_schools import board_dip_mm, level_draft, set_up, terms_of
from nuvrek.readings.entries import (
    Agreed,
    AnyEntry,
    CrownHeight,
    OthersStill,
    Rock,
    Seated,
    Size,
    StandOff,
    StringGap,
)
from nuvrek.readings.words import turns_words
from nuvrek.simulator.measuring import Bench, measure_basic_round
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.units import Unit
from nuvrek.wording.speech import say, say_all
from tests.support import compute, measured, neck_state, neck_with, rng
from tests.test_against_reference_solver import random_surface


def reference(s: NeckTops, terms: LevelTerms, groove: np.ndarray) -> float:
    """The program written out anew, one variable a removal, solved by Clarabel: its objective."""
    off, kept = cp.Variable((22, 3), nonneg=True), cp.Variable((22, 3), nonneg=True)
    target = cp.reshape(s.columns @ cp.Variable(s.columns.shape[1], name="t"), (22, 3), order="C")
    t = target.variables()[0]
    band = TOUCH_MM * -1 if terms.band_mm is None else terms.band_mm
    thin = cp.Variable()
    rules = [
        t[-1] >= s.rod_dip_low_mm,
        t[-1] <= s.rod_dip_high_mm,
        s.tops_mm - off <= target,
        target - kept <= s.tops_mm - groove + band,
        kept <= (groove if terms.grooves_stay else 0.0 * groove),
        s.crown_mm - off >= thin,
        thin >= s.least_crown_mm,
    ]
    metal = (cp.sum(off) + GROOVE_PRICE * cp.sum(kept)) / 3.0
    aim = SECOND_AIM * metal - thin if terms.aim == "thinnest fret" else metal
    value = cp.Problem(cp.Minimize(aim), rules).solve(
        solver=cp.CLARABEL, tol_gap_abs=1e-9, tol_gap_rel=1e-9, tol_feas=1e-9
    )
    return float(value)


class Programs(unittest.TestCase):
    def test_aims_bands_and_grooves_against_the_reference(self) -> None:
        groove = np.zeros((22, 3))
        groove[1], groove[2], groove[6, 0] = 0.08, 0.05, 0.1
        for seed in range(4):
            for terms in (
                LevelTerms(band_mm=STILL_MM),
                LevelTerms(aim="thinnest fret"),
                LevelTerms(grooves_stay=True),
                LevelTerms(),
            ):
                s = replace(random_surface(seed), groove_mm=groove)
                plan = level_all(s, terms)
                self.assertTrue(plan.possible)
                ours = plan.metal_mm
                if terms.aim == "thinnest fret":
                    ours = SECOND_AIM * plan.metal_mm - float(plan.left_mm.min())
                if terms.grooves_stay:
                    # What stays of the grooves is theirs to tell: metal alone must not be more.
                    self.assertLessEqual(ours, reference(s, terms, groove) + 1e-6)
                else:
                    self.assertAlmostEqual(ours, reference(s, terms, groove), delta=1e-6)

    def test_grooves_come_out_or_stay_by_agreement(self) -> None:
        groove = np.zeros((22, 3))
        groove[2] = 0.12
        s = replace(random_surface(5), groove_mm=groove)
        out, stay, none = (
            level_all(s),
            level_all(s, LevelTerms(grooves_stay=True)),
            level_all(replace(s, groove_mm=None)),
        )
        self.assertGreaterEqual(float(out.off_mm[2].min()), 0.12 + TOUCH_MM - 1e-9)
        self.assertGreater(out.metal_mm, stay.metal_mm)
        self.assertGreaterEqual(stay.metal_mm, none.metal_mm - 1e-9)

    def test_a_fret_left_alone_keeps_all_its_metal(self) -> None:
        s = random_surface(6)
        alone = int(np.argmin(level_all(s).off_mm.max(axis=1))) + 1
        plan = level_all(s, LevelTerms(untouched=(alone,)))
        self.assertTrue(plan.possible)
        np.testing.assert_allclose(plan.off_mm[alone - 1], 0.0, atol=1e-9)
        s.tops_mm[9] += 0.4
        blocked = level_all(s, LevelTerms(untouched=(10,)))
        self.assertEqual([fret for fret, _ in blocked.standing], [10])
        self.assertEqual(what_would_do(s, LevelTerms(untouched=(10,)), blocked), ("touch",))

    def test_the_thinnest_fret_is_spared_at_the_price_of_others(self) -> None:
        s = random_surface(7)
        s.crown_mm[10] -= 0.2
        least, spared = level_all(s), level_all(s, LevelTerms(aim="thinnest fret"))
        self.assertGreaterEqual(float(spared.left_mm.min()), float(least.left_mm.min()) - 1e-9)
        self.assertGreaterEqual(spared.metal_mm, least.metal_mm - 1e-9)

    def test_what_would_make_it_possible(self) -> None:
        thin = random_surface(3, crown_mm=0.82)
        self.assertEqual(what_would_do(thin, LevelTerms(), level_all(thin))[0], "lower")
        groove = np.zeros((22, 3))
        groove[5] = 0.5
        deep = replace(random_surface(4), groove_mm=groove)
        self.assertIn("grooves", what_would_do(deep, LevelTerms(), level_all(deep)))

    def test_metal_of_other_tops_is_that_of_the_whole_program(self) -> None:
        for seed in range(5):
            s = random_surface(seed)
            self.assertAlmostEqual(
                metal_of(s, LevelTerms(), s.tops_mm), level_all(s).metal_mm, delta=1e-7
            )

    def test_weights_tell_what_a_higher_top_costs(self) -> None:
        s = random_surface(8)
        plan = level_all(s)
        assert plan.weight is not None
        highest = np.unravel_index(int(plan.weight.argmax()), plan.weight.shape)
        raised = s.tops_mm.copy()
        raised[highest] += 1e-4
        more = level_all(replace(s, tops_mm=raised)).metal_mm - plan.metal_mm
        self.assertAlmostEqual(more / 1e-4, float(plan.weight[highest]), delta=1e-3)

    def test_straight_along_strings_and_not_along_tapered_edges(self) -> None:
        tapered = NeckDescription(
            scale_mm=648.0, frets=22, joint_fret=16, nut_width_mm=40.0, end_width_mm=60.0
        )
        across = between_strings(tapered)
        # Strings spread less than this board does: a lane at its edge runs out from under them up
        # the neck.
        self.assertGreater(abs(across[0, 0]), 0.0)
        self.assertNotAlmostEqual(float(across[0, 2]), float(across[-1, 2]), places=3)
        np.testing.assert_allclose(across[:, 1], 0.0)


class Schools(unittest.TestCase):
    def case(self, neck: NeckDescription, entries: list[AnyEntry]) -> Case:
        neck_map = map_neck(neck_state(entries, neck))
        return case_of(neck_map, find(neck_map))

    def test_what_each_school_forecasts(self) -> None:
        truth, entries = measured(30)
        case = self.case(truth.neck, entries)
        terms = terms_of(case)
        pull = case.neck_map.pull_mm
        straight, held, lies = (
            set_up(case, k, terms) for k in ("level-straight", "level-held", "level-lies")
        )
        self.assertAlmostEqual(straight.strung_mm, pull)
        self.assertEqual(held.strung_mm, 0.0)
        self.assertLess(held.strung_doubt_mm, straight.strung_doubt_mm + 1e-9)
        self.assertAlmostEqual(lies.strung_mm, truth.neck.relief_wanted_mm("middle"))
        # As it lies the tops dip by what the strings won't add.
        self.assertAlmostEqual(lies.terms.dip_mm, lies.strung_mm - pull)
        self.assertEqual(
            (lies.neck_tops.rod_dip_low_mm, lies.neck_tops.rod_dip_high_mm), (0.0, 0.0)
        )

    def test_rod_straight_takes_no_less_than_a_free_rod(self) -> None:
        for seed in (31, 32, 33):
            truth, entries = measured(seed)
            case = self.case(truth.neck, entries)
            free, straight = (
                costed(case, level_draft(Weighing(case), kind))
                for kind in ("level", "level-straight")
            )
            self.assertLessEqual(free.metal_mm, straight.metal_mm + 1e-9)

    def test_without_a_rod_the_strings_have_to_bring_the_relief(self) -> None:
        entries = [*_gaps(0.30, "pitch"), *_gaps(0.10, "slack")]
        neck = neck_with(rod="none", relief_target_mm=0.15)
        _, plan = compute(neck_state(entries, neck))
        kinds = {way.kind for way in plan.ways}
        self.assertNotIn("level-straight", kinds)
        level, held = plan.way("level"), plan.way("level-held")
        assert level.strung is not None and held.strung is not None
        self.assertAlmostEqual(level.strung[0], 0.15)
        self.assertLess(held.strung[1], level.strung[1])

    def test_the_rod_is_set_for_filing_as_the_plan_asks_and_not_for_playing(self) -> None:
        solved, plan = compute(neck_state([*_gaps(0.4, "pitch"), *_gaps(0.2, "slack")]))
        step = next(s for s in plan.way("level-straight").steps if s.key == "set")
        self.assertEqual(step.action, "tick")
        # 0.2 mm of slack dip comes out; by what this rod is taken to do a turn that is so many
        # sixteenths.
        sixteenths = round(16 * 0.2 / solved.map.rod_mm_per_turn)
        self.assertIn("Set the slack neck to 0.00 mm", say(step.text))
        self.assertIn(say(turns_words(sixteenths / 16)), say(step.text))
        # With the strings on, what they pull comes out as well.
        dips = board_dip_mm(solved.map) + solved.map.pull_mm
        self.assertAlmostEqual(dips, 0.4, delta=0.03)
        strung = round(16 * dips / solved.map.rod_mm_per_turn)
        self.assertIn(say(turns_words(strung / 16)), say(plan.way("level-held").gist))
        self.assertIn("Set the strung-up neck to 0.00 mm", say(plan.way("level-held").gist))

    def test_held_as_strung_walks_the_dial(self) -> None:
        _, plan = compute(neck_state([*_gaps(0.3, "pitch"), *_gaps(0.1, "slack")]))
        keys = [step.key for step in plan.way("level-held").steps]
        at = [keys.index(key) for key in ("dial-zero", "dial-off", "dial-back", "file")]
        self.assertEqual(at, sorted(at))
        self.assertTrue(plan.way("level-held").steps[at[2]].cautions)


def _gaps(mm: float, strings: str) -> list[AnyEntry]:
    from nuvrek.readings.entries import State

    state = State(strings=strings)  # type: ignore[arg-type]
    by = "string" if strings == "pitch" else "edge"
    return [
        StringGap(lane=lane, fret=8, low_support=1, high_support=16, gap_mm=mm, state=state, by=by)  # type: ignore[arg-type]
        for lane in ("bass", "treble")
    ]


class AcrossTheBoard(unittest.TestCase):
    """Lanes have no common height: only along each of them is a level straight."""

    def flat(self, **changes: Any) -> NeckTops:
        x = fret_places_mm(648.0, 22)[1:]
        made: dict[str, Any] = {
            "x_mm": x,
            "tops_mm": np.zeros((22, 3)),
            "crown_mm": np.full((22, 3), 1.2),
            "bend": np.zeros(22),
            "joint_fret": 16,
            "least_crown_mm": 0.8,
        }
        return NeckTops(**{**made, **changes})

    def test_one_top_that_carries_a_lanes_line_costs_its_own_metal(self) -> None:
        # The middle of fret 16 stands up by 0.05: counted from the line through it the other tops
        # of the lane lie lower, but that is the line, not the metal.
        up = np.zeros((22, 3))
        up[15, 1] = 0.05
        x = self.flat().x_mm
        lane = (
            up[:, 1]
            - np.interp(x, [x[0], x[15]], [0.0, 0.05])
            - np.where(x > x[15], 0.05 * (x - x[15]) / (x[15] - x[0]), 0.0)
        )
        tilted = np.column_stack([up[:, 0], lane, up[:, 2]])
        metal = [level_all(self.flat(tops_mm=tops)).metal_mm for tops in (up, tilted)]
        # By hand: 0.05 at one of three places, and the touch of 0.005 on all 22 frets.
        self.assertAlmostEqual(metal[0], 0.05 / 3 + 22 * 0.005, places=3)
        self.assertAlmostEqual(metal[1], metal[0], places=6)

    def test_a_lowest_fret_with_nothing_to_give_does_not_forbid_the_level(self) -> None:
        tops, crown = np.zeros((22, 3)), np.full((22, 3), 1.2)
        tops[6], crown[6] = -0.1, 0.79
        done = level_all(self.flat(tops_mm=tops, crown_mm=crown))
        self.assertTrue(done.possible)
        self.assertEqual(float(done.off_mm[6].max()), 0.0)


class OddNecks(unittest.TestCase):
    def test_rocks_no_neck_could_have_still_get_an_answer(self) -> None:
        for mm in (1.5, 6.0, 19.0):
            wild: list[AnyEntry] = [
                Rock(lane=lane, fret=fret, says="rocks", gap_mm=mm)
                for lane in ("bass", "middle", "treble")
                for fret in (3, 9, 10, 17)
            ]
            plan = compute(neck_state([*_gaps(0.2, "pitch"), *wild]))[1]
            self.assertIn("lacks", " ".join(say_all(plan.way("spot-level").why_not)))

    def check_sums(self, way: Any, draft: FilingDraft, agreed: Agreed) -> None:
        """Counted anew: nothing is put on, what is left adds up, what may not be touched is not."""
        self.assertGreaterEqual(float(way.off_mm.min()), -1e-9)
        crown = draft.case.neck_tops.crown_mm
        np.testing.assert_allclose(way.left_mm + way.off_mm, crown, atol=1e-9)
        for sentence in way.why_not:
            self.assertRegex(say(sentence), r"^[A-Z].*[.]$")
        if not way.possible:
            return
        for fret in agreed.untouched:
            self.assertLess(float(way.off_mm[fret - 1].max()), 1e-6)
        filed = way.off_mm > 1e-6
        least = np.minimum(draft.case.neck_tops.least_crown_mm, crown)
        self.assertTrue(np.all(way.left_mm[filed] >= least[filed] - 1e-6), way.kind)

    def test_short_long_and_unread_necks_through_every_way(self) -> None:
        for frets, joint, strings, rod in (
            (5, 4, 1, "none"),
            (12, 12, 14, "twin"),
            (36, 20, 6, "one-way"),
        ):
            neck = neck_with(frets=frets, joint_fret=joint, strings=strings, rod=rod)
            truth = make_truth(neck, Condition(proud=0, low=0), rng(frets))
            for entries in (measure_basic_round(Bench(truth, rng(strings))), []):
                draft = FilingDraft(compute(neck_state(entries, neck))[0], Unit.MM)
                self.assertIn("level", draft.kinds)
                for kind in draft.kinds:
                    draft.kind = kind
                    for agreed in (
                        Agreed(),
                        Agreed(untouched=(2,)),
                        Agreed(block_mm=40.0, least_crown_mm=1.19),
                    ):
                        draft.agreed = agreed
                        way = draft.way()
                        self.check_sums(way, draft, agreed)
                        if way.possible and way.metal_mm > 0.01:
                            self.assertIn(
                                "fret",
                                say(watch_words(draft.to_tell()().rehearsal, way, Unit.THOU)),
                            )


class Agreements(unittest.TestCase):
    def test_what_is_agreed_is_planned_by(self) -> None:
        truth, entries = measured(34)
        solved, plan = compute(neck_state(entries, truth.neck))
        before = plan.way("level")
        agreed = Agreed(least_crown_mm=0.6, fall_away_mm=0.08, untouched=())
        after = compute(neck_state([*entries, agreed], truth.neck))[1].way("level")
        self.assertGreater(after.levels_left, before.levels_left)
        # Filed, the last fret lies so much under the line that the frets up to the joint make.
        neck_tops = case_of(solved.map, find(solved.map)).neck_tops
        filed = neck_tops.tops_mm - after.off_mm - after.rod_dip_mm * neck_tops.bend[:, None]
        upto = truth.neck.joint_fret
        line = np.polyfit(neck_tops.x_mm[:upto], filed[:upto, 1], 1)
        self.assertAlmostEqual(
            float(np.polyval(line, neck_tops.x_mm[-1]) - filed[-1, 1]), 0.08, places=6
        )

    def test_relief_dressed_into_the_tops_is_left_in_them(self) -> None:
        truth, entries = measured(35)
        solved, plan = compute(neck_state([*entries, Agreed(dressed_mm=0.1)], truth.neck))
        way = plan.way("level")
        neck_tops = case_of(solved.map, find(solved.map)).neck_tops
        filed = (
            neck_tops.tops_mm
            - way.off_mm
            - way.rod_dip_mm * neck_tops.bend[:, None]
            + 0.1 * neck_tops.bend[:, None]
        )
        plane = np.linalg.lstsq(neck_tops.columns[:, :-1], filed.ravel(), rcond=None)[0]
        np.testing.assert_allclose(neck_tops.columns[:, :-1] @ plane, filed.ravel(), atol=1e-9)
        assert way.strung is not None
        self.assertAlmostEqual(way.strung[0], solved.map.pull_mm + 0.1)

    def test_a_spent_rod_is_not_turned_for_filing(self) -> None:
        from nuvrek.readings.entries import RodFeel

        entries = [*_gaps(0.3, "pitch"), *_gaps(0.1, "slack"), RodFeel(feel="at its end")]
        plan = compute(neck_state(entries))[1]
        self.assertTrue(plan.rodless)
        for kind in ("level", "level-held", "crown-first"):
            steps = plan.way(kind).steps  # type: ignore[arg-type]
            self.assertFalse([step.key for step in steps if step.action == "rod"])

    def test_just_clean_says_when_there_is_nothing_to_file_and_when_it_can_not_be_paid(
        self,
    ) -> None:
        from nuvrek.planning.ways.just_clean import clean_at

        truth, entries = measured(36)
        solved, plan = compute(neck_state(entries, truth.neck))
        case = case_of(solved.map, find(solved.map))
        assert plan.curve is not None
        high = clean_at(
            Weighing(case), plan.curve, plan.curve.base_mm + plan.curve.now_up_mm + 0.05
        )
        self.assertIn("nothing to file", " ".join(say_all(high.why_not)))
        poor = replace(case, neck_tops=replace(case.neck_tops, least_crown_mm=5.0))
        self.assertIn(
            "too low for that action",
            " ".join(
                say_all(clean_at(Weighing(poor), plan.curve, plan.curve.base_mm - 0.3).why_not)
            ),
        )

    def test_a_rock_that_may_stay_saves_metal(self) -> None:
        rocks = [Rock(lane="bass", fret=f, says="rocks", gap_mm=0.09) for f in (5, 12)]
        plain = compute(neck_state([*_gaps(0.15, "pitch"), *rocks]))[1].way("spot-level")
        loose = compute(neck_state([*_gaps(0.15, "pitch"), *rocks, Agreed(still_mm=0.05)]))[1].way(
            "spot-level"
        )
        self.assertLess(loose.metal_mm, 0.8 * plain.metal_mm)
        self.assertIn("no more than 0.05", say(loose.gist))

    def test_a_seated_fret_is_read_before_any_plan_counts_it(self) -> None:
        base: list[AnyEntry] = [
            *_gaps(0.15, "pitch"),
            Rock(lane="bass", fret=5, says="rocks", gap_mm=0.1),
        ]
        plan = compute(neck_state([*base, Seated(fret=9)]))[1]
        self.assertEqual(plan.way("level").status, "not known")
        self.assertIn("Fret 9 was seated", " ".join(say_all(plan.way("spot-level").why_not)))
        read = compute(
            neck_state([*base, Seated(fret=9), Rock(lane="bass", fret=9, says="still")])
        )[1]
        self.assertEqual(say_all(read.way("level").why_not), ())

    def test_a_fret_that_still_moves_was_not_seated(self) -> None:
        loose = StandOff(fret=7, moves="moves")
        for holds, kept in (("moves", True), ("holds", False)):
            entries = [*_gaps(0.15, "pitch"), loose, Seated(fret=7, holds=holds)]  # type: ignore[arg-type]
            self.assertEqual(
                any(f.kind == "loose" for f in find(map_neck(neck_state(entries)))), kept
            )

    def test_a_fret_pressed_too_far_costs_the_others(self) -> None:
        low = [
            Rock(lane=lane, fret=9, says="rocks", gap_mm=-0.12)
            for lane in ("bass", "middle", "treble")
        ]
        entries = [*_gaps(0.15, "pitch"), Seated(fret=9, stopped="gone too far"), *low]
        neck_map = map_neck(neck_state(entries))
        said = over_driven_words(case_of(neck_map, find(neck_map)))
        self.assertEqual(len(said), 1)
        self.assertIn("Fret 9 went too far", say(said[0]))

    def test_a_flat_tells_the_metal_that_is_gone(self) -> None:
        # Half a circle of 2.4 mm: a flat 1.327 wide lies 0.2 mm under the top.
        flat = Size(what="flat-width", fret=3, mm=1.3266)
        neck = neck_with(wire_width_mm=2.4, wire_height_mm=1.2)
        found = [f for f in find(map_neck(neck_state([flat], neck))) if f.kind == "flats"]
        self.assertAlmostEqual(found[0].mm, 0.2, places=3)
        narrow = Size(what="flat-width", fret=3, mm=0.3)
        self.assertFalse(
            [f for f in find(map_neck(neck_state([narrow], neck))) if f.kind == "flats"]
        )

    def test_worn_frets_are_crowned_by_themselves(self) -> None:
        crowns = [CrownHeight(lane="middle", fret=f, height_mm=1.2) for f in (1, 5, 10, 15, 20)]
        pits = [Size(what="groove", fret=f, string=3, mm=0.09) for f in (1, 2, 3)]
        still = [OthersStill(lane=lane, frets=tuple(range(2, 22))) for lane in LANES]
        entries: list[AnyEntry] = [*_gaps(0.15, "pitch"), *crowns, *pits, *still]
        solved, plan = compute(neck_state(entries))
        way = plan.way("crown-few")
        self.assertTrue(way.possible)
        self.assertEqual(way.frets, (1, 2, 3))
        np.testing.assert_allclose(way.off_mm[:3], 0.09)
        self.assertEqual(plan.advice, "crown-few")
        self.assertAlmostEqual(float(groove_map(solved.map)[1].max()), 0.09)
        # Common practice, no source: 0.8 mm with grooves that would leave 0.6 is too little left to
        # crown.
        thin = [CrownHeight(lane="middle", fret=f, height_mm=0.8) for f in (1, 2, 3, 10, 20)]
        deep = [Size(what="groove", fret=f, string=3, mm=0.2) for f in (1, 2, 3)]
        poor = compute(
            neck_state([*_gaps(0.15, "pitch"), *thin, *deep], neck_with(wire_height_mm=1.0))
        )[1]
        self.assertFalse(poor.way("crown-few").possible)
        wide = Size(what="flat-width", fret=4, mm=1.1)
        flat = compute(neck_state([*_gaps(0.15, "pitch"), *crowns, wide]))[1].way("crown-few")
        self.assertEqual((flat.frets, flat.metal_mm, flat.possible), ((4,), 0.0, True))
        self.assertIn("no height is lost", say(flat.gist))
        self.assertIn("Fret 1 would keep", say(poor.way("crown-few").why_not[0]))


if __name__ == "__main__":
    unittest.main()
