"""Each kind of finding on made-up necks that have it, and absent on those that haven't."""

import unittest
from typing import Any

from nuvrek.estimate.findings.find import find
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.readings.entries import AnyEntry, CrownHeight, EdgeLie, Rock, State, Strike, StringGap
from nuvrek.readings.stations import Station
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import Bench, measure_round
from nuvrek.simulator.truth import Condition, Truth, make_truth
from nuvrek.wording.speech import say
from tests.support import NECK, neck_state, rng

PLAIN: dict[str, Any] = {
    "proud": 0,
    "low": 0,
    "rough_mm": 0.008,
    "twist_mm": 0.005,
    "slack_dip_mm": -0.02,
}
NOTCHED = Kit(notched_mm=(648.0,))
SEEDS = range(3)


def survey(
    condition: Condition, seed: int, neck: NeckDescription = NECK
) -> tuple[Truth, list[AnyEntry]]:
    truth = make_truth(neck, condition, rng(seed))
    return truth, measure_round(Bench(truth, rng(seed + 40)), "full", kit=NOTCHED)


def found_on(condition: Condition, seed: int) -> dict[str, Finding]:
    truth, entries = survey(condition, seed)
    return {f.kind: f for f in find(map_neck(neck_state(entries, truth.neck)))}


class Shapes(unittest.TestCase):
    def each(self, kind: str, **planted: Any) -> list[Finding]:
        """The finding on necks that have it; also checks that the same necks without it don't."""
        with_it = []
        for seed in SEEDS:
            found = found_on(Condition(**{**PLAIN, **planted}), seed)
            self.assertIn(kind, found, (kind, seed, sorted(found)))
            with_it.append(found[kind])
            self.assertNotIn(kind, found_on(Condition(**PLAIN), seed), (kind, seed))
        return with_it

    def test_hump_at_the_joint(self) -> None:
        for finding in self.each("hump", hump_mm=0.3):
            self.assertEqual(finding.fret, NECK.joint_fret)

    def test_rising_tongue_and_fall_away(self) -> None:
        self.each("tongue", tongue_mm=0.35)
        for finding in self.each("fall-away", tongue_mm=-0.35):
            self.assertEqual(finding.verdict, "good")

    def test_s_shape(self) -> None:
        # An edge on the half that stands up, run on to the nut, shows what one over both ends
        # does not.
        slack = State(strings="slack")
        for seed in SEEDS:
            kinds = []
            for s_shape in (0.2, 0.0):
                truth, entries = survey(
                    Condition(**{**PLAIN, "s_shape_mm": s_shape, "slack_dip_mm": -0.17}), seed
                )
                bench = Bench(truth, rng(seed + 60))
                entries += [
                    bench.string_gap(Station("", "string-gap", lane, fret, on, "edge"), slack)
                    for lane in LANES
                    for fret, on in ((1, (12, 16)), (2, (12, 16)), (1, (13, 16)), (19, (9, 12)))
                ]
                kinds.append({f.kind for f in find(map_neck(neck_state(entries, truth.neck)))})
            self.assertIn("s-shape", kinds[0])
            self.assertNotIn("s-shape", kinds[1])

    def test_one_side_other_than_the_other(self) -> None:
        for finding in self.each("uneven-sides", tilt_mm=0.2):
            self.assertRegex(
                say(finding.headline),
                "^The bass side has [0-9.]+ mm more relief than the treble side$",
            )

    def test_middle_up(self) -> None:
        for finding in self.each("middle-up", middle_up=1):
            self.assertIn("press the whole fret home", say(finding.text))

    def test_nut_high_and_low(self) -> None:
        self.each("nut-high", nut_over_mm=0.45)
        self.each("nut-low", nut_over_mm=-0.2)

    def test_uneven_crowns(self) -> None:
        for seed in SEEDS:
            worn = found_on(Condition(**{**PLAIN, "wear_mm": 0.3}), seed)
            self.assertIn("uneven-crowns", worn)
            self.assertNotIn("uneven-crowns", found_on(Condition(**PLAIN), seed))

    def test_the_pull_of_the_strings(self) -> None:
        for seed in SEEDS:
            finding = found_on(Condition(**{**PLAIN, "pull_mm": 0.22}), seed)["pull"]
            self.assertAlmostEqual(finding.mm, 0.22, delta=0.05)

    def test_where_the_relief_is_lowest(self) -> None:
        deep = found_on(Condition(**{**PLAIN, "slack_dip_mm": 0.4}), 1)["relief"]
        self.assertRegex(say(deep.text), r"lowest at fret [6-9]")


class SlackBackBow(unittest.TestCase):
    def test_an_edge_that_rocks_on_the_slack_neck(self) -> None:
        slack = State(strings="slack")
        lies: list[AnyEntry] = [
            *(
                StringGap(
                    lane=lane, low_support=1, high_support=16, fret=7, slides_mm=0.15, drags_mm=0.2
                )
                for lane in ("bass", "treble")
            ),
            *(EdgeLie(lane=lane, says="rocks", fret=8, state=slack) for lane in ("bass", "treble")),
            *(
                StringGap(
                    lane=lane,
                    low_support=8,
                    high_support=16,
                    fret=1,
                    by="edge",
                    slides_mm=0.15,
                    drags_mm=0.2,
                    state=slack,
                )
                for lane in ("bass", "treble")
            ),
        ]
        found = {f.kind: f for f in find(map_neck(neck_state(lies)))}
        self.assertIn("back-bow-slack", found)
        self.assertIn("relief", found)
        self.assertNotIn("back-bow", found)


class Witnesses(unittest.TestCase):
    def test_readings_for_and_against(self) -> None:
        truth, entries = survey(Condition(**{**PLAIN, "proud": 1}), 5)
        fret = truth.proud[0][0]
        proud = next(
            f for f in find(map_neck(neck_state(entries, truth.neck))) if f.kind == "proud"
        )
        self.assertEqual(proud.fret, fret)
        self.assertTrue(proud.speaks_for)
        for number in proud.speaks_for:
            entry: Any = entries[number - 1]
            near = {getattr(entry, "fret", 0), *getattr(entry, "frets", ())}
            # An edge that lies on it speaks of it as well.
            on = isinstance(entry, StringGap) and entry.low_support and entry.high_support
            lies = on and entry.low_support <= fret <= entry.high_support
            self.assertTrue(lies or near & {fret - 1, fret, fret + 1, 1, 2}, entry)
        flat: list[AnyEntry] = [Rock(lane="bass", fret=fret, says="still", error_mm=0.06)]
        told = next(
            f
            for f in find(map_neck(neck_state([*entries, *flat], truth.neck)))
            if f.kind == "proud"
        )
        self.assertTrue({*told.speaks_against} & {len(entries) + n for n in (1, 2, 3)})


class WoodOrMetal(unittest.TestCase):
    def test_a_caliper_tells_which_one_rises(self) -> None:
        truth, entries = survey(Condition(**{**PLAIN, "proud": 1}), 5)
        fret, size = truth.proud[0][0], 0.12
        usual = truth.neck.wire_height_mm
        for height, words in ((usual + size, "look for light under it"), (usual, "it is the wood")):
            journal = [*entries, CrownHeight(lane="middle", fret=fret, height_mm=round(height, 2))]
            proud = next(
                f for f in find(map_neck(neck_state(journal, truth.neck))) if f.kind == "proud"
            )
            self.assertIn(words, say(proud.text))


class Odd(unittest.TestCase):
    def test_a_reading_that_agrees_with_nothing_is_named_with_the_likely_slip(self) -> None:
        for seed in SEEDS:
            truth, entries = survey(Condition(**PLAIN), seed)
            before = [f for f in find(map_neck(neck_state(entries, truth.neck))) if f.kind == "odd"]
            self.assertEqual(before, [])
            true_mm = float(truth.crown_mm[5, 1])
            # 1.2 mm typed as if it were thou: 12 would be 0.30; here a crown keyed a point off.
            entries.append(CrownHeight(lane="middle", fret=5, height_mm=round(true_mm / 10, 2)))
            odd = [f for f in find(map_neck(neck_state(entries, truth.neck))) if f.kind == "odd"]
            self.assertEqual([f.speaks_for for f in odd], [(len(entries),)])
            self.assertIn("Was its point moved?", say(odd[0].text))
            entries.append(Strike(entry=len(entries)))
            self.assertEqual(
                [f for f in find(map_neck(neck_state(entries, truth.neck))) if f.kind == "odd"], []
            )

    def test_the_opposite_of_three_others(self) -> None:
        truth, entries = survey(Condition(**PLAIN), 1)
        gap = next(
            e for e in entries if isinstance(e, StringGap) and e.fret == 7 and e.low_support == 1
        )
        said = (gap.slides_mm or 0.0) + 0.02
        same = [
            StringGap(
                lane=gap.lane, low_support=1, high_support=16, fret=7, gap_mm=said, state=gap.state
            )
        ] * 3
        other = StringGap(
            lane=gap.lane,
            low_support=1,
            high_support=16,
            fret=7,
            by="edge",
            gap_mm=said + 0.6,
            state=gap.state,
            error_mm=0.019,
        )
        journal = [*entries, *same, other]
        odd = [f for f in find(map_neck(neck_state(journal, truth.neck))) if f.kind == "odd"]
        self.assertEqual(odd[0].speaks_for, (len(journal),))
