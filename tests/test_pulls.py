import unittest
from dataclasses import replace

from benchmarks.rod_jobs import relief_of

from nuvrek.estimate.heightmap import map_neck
from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.string_pull import forecast_set, forecast_tuned, relief_pulled
from nuvrek.mechanics.strings import pull_ratio, retuned, set_tension_n
from nuvrek.neck.strings import StringSpec, note_name, semitones_from_a4
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.neck_kinds import varied_neck
from nuvrek.units import Unit
from nuvrek.wording.speech import say
from tests.support import measured, neck_state, neck_with, rng
from tests.test_rod import gaps

LIGHT = tuple(
    StringSpec(note, gauge, wound)
    for note, gauge, wound in (
        ("E2", 1.17, True),
        ("A2", 0.91, True),
        ("D3", 0.66, True),
        ("G3", 0.43, False),
        ("B3", 0.33, False),
        ("E4", 0.25, False),
    )
)


class Tension(unittest.TestCase):
    def test_a_tone_lower_is_the_square_of_two_semitones(self) -> None:
        # By hand: two semitones are a ratio of 2^(1/6) in pitch, so 2^(1/3) = 1.26 in tension.
        ratio, spread = pull_ratio(LIGHT, retuned(LIGHT, -2), 648.0)
        self.assertAlmostEqual(ratio, 1 / 1.259921, places=5)
        # The share of air in the windings is the same before and after: only the neck's own doubt
        # is left.
        self.assertLess(spread, 0.03)

    def test_notes_have_names(self) -> None:
        for note in ("E2", "F#3", "C4", "B3", "A#1"):
            self.assertEqual(note_name(semitones_from_a4(note)), note)
        self.assertEqual(note_name(semitones_from_a4("Bb3")), "A#3")

    def test_courses_count_twice(self) -> None:
        single, double = (
            set_tension_n((StringSpec("A4", 0.28, each=n),), 350.0)[0] for n in (1, 2)
        )
        self.assertAlmostEqual(double, 2 * single)


class Forecasts(unittest.TestCase):
    def test_relief_follows_the_tension_between_slack_and_pitch(self) -> None:
        truth, entries = measured(12)
        measurer = Measurer(map_neck(neck_state(entries, truth.neck)))
        pitch, slack = relief_pulled(measurer, 1.0), relief_pulled(measurer, 0.0)
        self.assertAlmostEqual(
            pitch.mm,
            sum(measurer.map.relief_at(side, "pitch").mm for side in ("bass", "treble")) / 2,
        )
        lower = forecast_tuned(measurer, -2)
        # By hand: a tone lower the tension is 0.7937 of what it was.
        self.assertAlmostEqual(lower.mm, slack.mm + 0.7937 * (pitch.mm - slack.mm), places=3)
        self.assertRegex(
            say(lower.words(Unit.MM)), r"relief from 0\.\d\d to about 0\.\d\d mm, between "
        )

    def test_without_slack_readings_or_gauges_the_range_is_wide_and_says_so(self) -> None:
        _, truth, bench = varied_neck(204)
        full = Measurer(map_neck(neck_state(measure_round(bench, "full"), truth.neck)))
        bare = Measurer(map_neck(neck_state(gaps(0.31))))
        self.assertGreater(
            forecast_tuned(bare, -4).doubt_mm, 2.0 * forecast_tuned(full, -4).doubt_mm
        )
        self.assertIn(
            "wide, for this neck was not read", say(forecast_tuned(bare, -4).words(Unit.MM))
        )
        unnamed, named = (
            forecast_set(Measurer(map_neck(neck_state(gaps(0.31), neck))), retuned(LIGHT, -2))
            for neck in (neck_with(), neck_with(string_set=LIGHT))
        )
        self.assertEqual(unnamed.ratio, 1.0)
        self.assertLess(named.ratio, 0.8)

    def test_the_range_holds_on_made_up_necks(self) -> None:
        held = []
        for seed in range(200, 240):
            _, truth, bench = varied_neck(seed)
            measurer = Measurer(map_neck(neck_state(measure_round(bench, "full"), truth.neck)))
            lower = forecast_tuned(measurer, -2)
            # The neck follows the tension give or take: a tenth of the change, one standard
            # deviation.
            ratio = 0.7937 + 0.1 * (1 - 0.7937) * rng(seed).standard_normal()
            came = relief_of(replace(truth, pull_mm=ratio * truth.pull_mm))
            held.append(abs(float(came[[0, 2]].mean()) - lower.mm) <= lower.doubt_mm)
        # The aim is 85 to 95 %; forty necks leave it uncertain by 5 %.
        self.assertGreater(sum(held) / len(held), 0.80)


if __name__ == "__main__":
    unittest.main()
