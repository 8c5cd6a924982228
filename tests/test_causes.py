"""What is the matter: causes weighed, the course that follows, accounts settled, trials held."""

import os
import unittest
from functools import cache

from nuvrek.bench.pages.matter import matter_of
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.exchange.answers import plan_answer
from nuvrek.planning.case.way import Plan
from nuvrek.planning.causes.kinds import CAUSES
from nuvrek.planning.causes.quick_tests import TESTS
from nuvrek.planning.judgement.accounts import ANSWERS
from nuvrek.planning.plan import make_plan
from nuvrek.planning.ways.kinds import WAYS
from nuvrek.readings.entries import (
    AnyEntry,
    Note,
    Rock,
    RodMove,
    State,
    StringGap,
    StringHeight,
    Tested,
)
from nuvrek.readings.owner.entries import ComplaintShaped, LookedOver
from nuvrek.readings.told.complaint import complaint_of
from nuvrek.readings.told.contradictions import contradictions
from nuvrek.readings.told.soundness import unsound
from nuvrek.recognise.complaint_chips import Complaint
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.strangers import stranger
from nuvrek.units import Unit
from nuvrek.wording.catalogue import Spoken, speak, speak_code
from nuvrek.wording.speech import say
from tests.support import neck_state, neck_with
from tests.test_judgement import CASES, FINE, PRESSED, Entries, crowns, gaps, heights, judged, swept
from tests.test_judgement import plan_of as judged_case
from tests.trade_cases import TRADE_CASES

NECKS = int(os.environ.get("NUVREK_NECKS", "6"))
BASE: Entries = [*swept(), *crowns(1.2), *PRESSED]


@cache
def plan_of(number: int) -> Plan:
    one = TRADE_CASES[number]
    return judged(one.entries, **one.neck)


class CasesOfTheTrade(unittest.TestCase):
    def test_what_comes_first_and_what_never_comes(self) -> None:
        for number, one in enumerate(TRADE_CASES):
            with self.subTest(one.name):
                plan = plan_of(number)
                ways = [leg.way for leg in plan.course]
                self.assertIn(ways[0], one.first)
                self.assertFalse({*ways} & {*one.never}, ways)

    def test_the_cause_is_among_the_two_likeliest(self) -> None:
        for number, one in enumerate(TRADE_CASES):
            with self.subTest(one.name):
                plan = plan_of(number)
                likely = {cause.kind for cause in plan.causes[:2]}
                self.assertTrue(not one.cause or likely & one.cause, likely)
                if one.test:
                    self.assertIn(one.test, [test.kind for test in plan.diagnosis.tests])

    def test_alike_in_german_with_no_english_left(self) -> None:
        self.addCleanup(speak, Spoken())
        for number in range(0, len(TRADE_CASES), 5):
            english, one = plan_of(number), TRADE_CASES[number]
            speak_code("de")
            german = judged(one.entries, **one.neck)
            with self.subTest(one.name):
                self.assertEqual(german.course, english.course)
                self.assertEqual(german.diagnosis, english.diagnosis)
                for cause in german.causes:
                    for words in (cause.title, *(each.says for each in cause.evidence)):
                        self.assertNotRegex(say(words), r"\b(the|is|of)\b")
            speak(Spoken())


class Weighed(unittest.TestCase):
    def test_chances_make_one(self) -> None:
        for number in range(len(TRADE_CASES)):
            plan = plan_of(number)
            whole = sum(cause.chance for cause in plan.causes) + plan.diagnosis.other
            self.assertAlmostEqual(whole, 1.0)

    def test_a_healthy_neck_has_no_cause(self) -> None:
        plan = judged([*FINE, *heights(1.9, 1.7)])
        self.assertEqual((plan.advice, plan.diagnosis.tests), ("leave", ()))
        self.assertGreater(plan.diagnosis.other, 0.5)

    def test_the_same_buzz_only_open_and_everywhere(self) -> None:
        slots = [
            StringGap(lane=lane, low_support=0, high_support=3, fret=1, gap_mm=mm)  # type: ignore[arg-type]
            for lane, mm in (("bass", 0.0), ("treble", 0.06))
        ]
        entries = [*gaps(0.15), *BASE, *slots, *heights(1.2, 1.0)]
        opened = judged(entries, complaint="Only the open strings buzz.")
        fretted = judged(entries, complaint="It buzzes everywhere when I dig in.")
        self.assertEqual(opened.causes[0].kind, "nut-low")
        self.assertEqual(fretted.causes[0].kind, "saddle-low")

    def test_a_quick_test_moves_the_chances_both_ways(self) -> None:
        entries: Entries = [*gaps(0.15), *BASE, *heights(1.9, 1.6)]
        neck = {"complaint": "One note dies."}

        def chance(*more: AnyEntry) -> float:
            found = judged([*entries, *more], **neck)
            return sum(c.chance for c in found.causes if c.kind == "resonance")

        yes, no = Tested(test="weight", says="yes"), Tested(test="weight", says="no")
        self.assertGreater(chance(yes), chance() + 0.05)
        self.assertLess(chance(no), chance() - 0.05)
        asked = [test.kind for test in judged([*entries, no], **neck).diagnosis.tests]
        self.assertNotIn("weight", asked)

    def test_every_record_names_ways_and_tests_there_are(self) -> None:
        for cause in CAUSES.values():
            self.assertLessEqual({*cause.cures}, {*WAYS}, cause.kind)
            self.assertIn(cause.test, TESTS)
        shown = {kind for _, kinds in TESTS.values() for kind in kinds}
        self.assertLessEqual(shown, {*CAUSES})
        for ways in ANSWERS.values():
            self.assertLessEqual({*ways}, {*WAYS})

    def test_no_word_of_what_a_neck_has_not(self) -> None:
        for neck, kinds in (
            ({"rod": "none"}, {"rod-loose", "rod-reversed", "rod-spent", "rod-stuck", "rod-slack"}),
            ({"zero_fret": True}, {"nut-low", "nut-high", "nut-tight"}),
            ({"bare": True}, {"saddle-low", "saddle-high", "hardware", "strings-old"}),
        ):
            plan = judged([*BASE], complaint="It buzzes and rattles, stiff all over.", **neck)
            self.assertFalse({cause.kind for cause in plan.causes} & kinds, neck)


class Accounts(unittest.TestCase):
    def settled(self, plan: Plan, findings: int) -> None:
        ways = {way.kind: way for way in plan.ways}
        self.assertEqual(len(plan.accounts), findings)
        for account in plan.accounts:
            self.assertTrue(account.leg or account.reason, account)
            self.assertFalse(account.leg and account.reason)
        opened = {"rod": {"rod-back", "rod-nut", "read"}, "level": {"lift-fret"}}
        for number, leg in enumerate(plan.course):
            before = {other.way for other in plan.course[:number]}
            new_wire = leg.way == "level" and any(way.startswith("refret") for way in before)
            waits = new_wire or bool(before & opened.get(leg.way, set()))
            # Rule 17: a leg can be gone, or waits for a named leg before it.
            self.assertTrue(not ways[leg.way].why_out or waits, (leg.way, before))

    def test_of_every_case(self) -> None:
        for number, one in enumerate(TRADE_CASES):
            neck_map = map_neck(neck_state(one.entries, neck_with(**one.neck)))
            faults = [f for f in find(neck_map) if f.verdict != "good" and f.kind in ANSWERS]
            with self.subTest(one.name):
                self.settled(plan_of(number), len(faults))
        for name, cases in CASES.items():
            for number in range(len(cases)):
                plan = judged_case(name, number)
                with self.subTest(name, number=number):
                    self.settled(plan, len(plan.accounts))

    def test_of_made_up_necks(self) -> None:
        for seed in range(33_000, 33_000 + NECKS):
            one = stranger(seed)
            neck_map = map_neck(neck_state(measure_round(one.bench, "basic"), one.truth.neck))
            findings = find(neck_map)
            faults = [f for f in findings if f.verdict != "good" and f.kind in ANSWERS]
            with self.subTest(seed=seed):
                self.settled(make_plan(neck_map, findings, draw=False), len(faults))


class BoundsAndHistory(unittest.TestCase):
    def test_while_it_is_not_sound_nothing_is_turned_or_filed(self) -> None:
        for entry in (LookedOver(faults=("crack",)), Note(text="The tongue is loose.")):
            neck_map = map_neck(neck_state([entry, *gaps(0.4), *BASE], neck_with()))
            plan = make_plan(neck_map, find(neck_map))
            self.assertEqual([leg.way for leg in plan.course], ["refer"])
            self.assertEqual((plan.rod, plan.stops[0].kind), (None, "not-sound"))
            possible = {way.kind for way in plan.ways if way.possible}
            self.assertLessEqual(possible, {"leave", "read", "refer", "new-neck"})
            self.assertEqual(plan_answer(plan, neck_map)["rod"]["turns"], 0.0)

    def test_a_later_look_over_stands_over_what_was_written(self) -> None:
        before = [Note(text="Crack in the heel."), LookedOver()]
        self.assertEqual(unsound(neck_state(before, neck_with())), ())
        after = [*before, Note(text="The rod was heard to crack.")]
        self.assertEqual(unsound(neck_state(after, neck_with())), ("rod",))

    def test_what_the_bench_made_of_a_complaint_stands_until_the_words_change(self) -> None:
        shaped = ComplaintShaped(complaint=Complaint(what=("dead",)), of="It hums.")
        there = neck_state([shaped], neck_with(complaint="It hums."))
        self.assertEqual(complaint_of(there).chips, ("dead",))
        other = neck_state([shaped], neck_with(complaint="It buzzes on bends."))
        self.assertEqual(complaint_of(other).chips, ("buzz", "bends"))

    def test_a_third_reading_settles_a_contradiction(self) -> None:
        low = StringHeight(side="bass", fret=12, height_mm=1.6)
        high = StringHeight(side="bass", fret=12, height_mm=2.1)
        for told, stands in (([low, high], True), ([low, high, low], False), ([low, low], False)):
            found = contradictions(neck_state(told, neck_with()))
            self.assertEqual(bool(found), stands, told)

    def test_what_was_changed_between_or_long_ago_contradicts_nothing(self) -> None:
        first, later = gaps(0.12)[0], gaps(0.30)[0]
        moved: Entries = [first, RodMove(turns=-0.25), gaps(0.30, State(rod_turns=-0.25))[0]]
        self.assertEqual(contradictions(neck_state(moved, neck_with())), ())
        dated = [
            StringGap(**{**vars_of(first), "at": "2026-03-01T10:00"}),
            StringGap(**{**vars_of(later), "at": "2026-06-01T10:00"}),
        ]
        self.assertEqual(contradictions(neck_state(dated, neck_with())), ())
        rock: Entries = [Rock(lane="bass", fret=7, says="rocks"), *swept()]
        self.assertEqual(
            [c.kind for c in contradictions(neck_state(rock, neck_with()))], ["rock twice"]
        )


def vars_of(gap: AnyEntry) -> dict[str, object]:
    return {name: getattr(gap, name) for name in gap.__struct_fields__}


class Tried(unittest.TestCase):
    def test_higher_strings_end_clean_oftener_and_counts_are_the_same_each_time(self) -> None:
        counts = []
        for low, high in ((1.2, 1.0), (1.7, 1.5), (2.3, 2.1)):
            plan = judged([*gaps(0.15), *BASE, *heights(low, high)])
            again = judged([*gaps(0.15), *BASE, *heights(low, high)])
            leave = [t for t in (plan.trial, *plan.beside) if t and t.ways == ("leave",)]
            self.assertEqual(plan.trial, again.trial)
            counts.append(leave[0].clean)
        self.assertEqual(counts, sorted(counts))
        self.assertLess(counts[0], 10)
        self.assertGreater(counts[-1], 40)

    def test_nothing_is_tried_where_heights_or_relief_are_not_known(self) -> None:
        self.assertIsNone(judged([*gaps(0.15), *BASE]).trial)
        self.assertIsNone(judged([*BASE, *heights(1.6, 1.4)]).trial)


class Page(unittest.TestCase):
    def test_three_lines_of_thirty_five_words_at_most(self) -> None:
        self.addCleanup(speak, Spoken())
        for code in ("en", "de"):
            speak_code(code)
            for number, one in enumerate(TRADE_CASES):
                told = matter_of(
                    plan_of(number),
                    neck_state(one.entries, neck_with(**one.neck)),
                    Unit.MM,
                    Unit.MM,
                )
                words = " ".join(say(line) for line in told.lines).split()
                self.assertLessEqual(len(words), 35, words)
                percents = sum(cause.percent for cause in told.causes) + told.other_percent
                self.assertLessEqual(abs(percents - 100), 2)


if __name__ == "__main__":
    unittest.main()
