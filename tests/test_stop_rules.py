"""When the rod is not turned any further: each rule at its bounds.

How much a rod must move the neck, how often and how far it is tried, is common practice, no source.
What the map makes of the rod's strength is put in by hand here, so that the bounds can be met.
"""

import unittest
from collections.abc import Sequence
from dataclasses import replace
from typing import Any

from msgspec import structs

from nuvrek.estimate.heightmap import HeightMap, map_neck
from nuvrek.neck.description import RodKind
from nuvrek.planning.rod.stop_rules import RodStop, rod_stops
from nuvrek.readings.entries import (
    AnyEntry,
    EdgeLie,
    Feel,
    RodFeel,
    RodMove,
    Side,
    State,
    StepDone,
    StringGap,
)
from tests.support import neck_state, neck_with

SIDES: tuple[Side, ...] = ("bass", "treble")
QUARTER = 0.25


def gaps(mm: float, turns: float = 0.0, moves: int = 0) -> list[AnyEntry]:
    """The dip over fret 7 on both sides, read twice."""
    state = State(rod_turns=turns, rod_high_turns=turns, rod_moves=moves)
    return [
        StringGap(lane=side, low_support=1, high_support=16, fret=7, gap_mm=mm, state=state)
        for side in SIDES
    ] * 2


def turned(*turns: float, read_mm: float = 0.5, feel: Feel | str = "") -> list[AnyEntry]:
    """Read, turn, read and so on; nothing answers."""
    entries, at = gaps(read_mm), 0.0
    for number, move in enumerate(turns, 1):
        at += move
        entries += [RodMove(turns=move, feel=feel), *gaps(read_mm, at, number)]  # type: ignore[arg-type]
    return entries


def mapped(
    entries: Sequence[AnyEntry], rod: RodKind = "two-way", answer: tuple[float, float] | None = None
) -> HeightMap:
    """The map, with so much of an answer a turn (mm, sd) where it is said."""
    neck_map = map_neck(neck_state(entries, neck_with(rod=rod)))
    if answer is None:
        return neck_map
    mm, sd = answer
    return replace(neck_map, rod_mm_per_turn=mm, rod_doubt_mm_per_turn=1.6448536 * sd)


def stops(*given: Any, **how: Any) -> list[str]:
    return [stop.kind for stop in rod_stops(mapped(*given, **how))]


# The rod surely does not move the neck, surely does, and what lies at the bound of sureness: at
# 0.06 mm a turn, half as likely below as above.
DEAD, ALIVE, EVEN = (0.0, 0.001), (0.5, 0.001), (0.06, 0.05)


class NoAnswer(unittest.TestCase):
    def test_two_moves_and_four_tenths_of_a_turn_are_a_trial(self) -> None:
        for turns, heard in (
            ((QUARTER, QUARTER), True),
            ((0.2, 0.2), True),
            ((0.15, 0.2), False),
            ((0.5,), False),
            ((-QUARTER, -QUARTER), True),
        ):
            with self.subTest(turns=turns):
                self.assertEqual("unanswered" in stops(turned(*turns), answer=DEAD), heard)

    def test_how_sure_it_must_be(self) -> None:
        tried = turned(QUARTER, QUARTER)
        # By the normal law: 0.5 at the bound; 0.45 lies an eighth of an sd above it.
        for answer, heard in (
            (EVEN, True),
            ((0.06 + 0.12 * 0.05, 0.05), True),
            ((0.06 + 0.13 * 0.05, 0.05), False),
            (ALIVE, False),
            ((-0.5, 0.001), True),
        ):
            with self.subTest(answer=answer):
                self.assertEqual("unanswered" in stops(tried, answer=answer), heard)

    def test_once_its_nut_was_looked_at_it_has_another_chance(self) -> None:
        """Two moves more, and only then it is called spent."""
        looked = [*turned(QUARTER, QUARTER), StepDone(step="free-nut"), RodFeel(feel="free")]
        self.assertEqual(stops(looked, answer=DEAD), [])
        again = [*looked, RodMove(turns=QUARTER), *gaps(0.5, 0.75, 6)]
        self.assertEqual(stops(again, answer=DEAD), [])
        again += [RodMove(turns=0.2), *gaps(0.5, 0.95, 7)]
        self.assertEqual(stops(again, answer=DEAD), ["no-answer"])
        self.assertEqual(stops(again, answer=ALIVE), [])

    def test_the_last_move_must_be_read_after(self) -> None:
        unread = [*turned(QUARTER), RodMove(turns=QUARTER)]
        self.assertEqual(stops(unread, answer=DEAD), [])
        once_more = [*turned(QUARTER, QUARTER), RodMove(turns=-QUARTER)]
        self.assertEqual(stops(once_more, answer=DEAD), [])

    def test_turns_that_end_slack_say_nothing_of_its_strength(self) -> None:
        self.assertEqual(stops(turned(-QUARTER, -QUARTER, feel="slack"), answer=DEAD), [])
        # Felt slack once, and let out on: slack still; taken up again it bites.
        out: list[AnyEntry] = [
            *gaps(0.5),
            RodMove(turns=-QUARTER, feel="slack"),
            *gaps(0.5, -QUARTER, 1),
            RodMove(turns=-QUARTER),
            *gaps(0.5, -0.5, 2),
        ]
        self.assertEqual(stops(out, answer=DEAD), [])
        taken_up = [*out, RodMove(turns=QUARTER), *gaps(0.5, -QUARTER, 3)]
        self.assertEqual(stops(taken_up, answer=DEAD), [])
        taken_up += [RodMove(turns=QUARTER), *gaps(0.5, 0.0, 4)]
        self.assertEqual(stops(taken_up, answer=DEAD), ["unanswered"])

    def test_what_it_answered_once_counts_for_it(self) -> None:
        """It moved the neck, then is turned there and back within its play: it works."""
        works = [
            *gaps(0.5),
            RodMove(turns=QUARTER),
            *gaps(0.42, QUARTER, 1),
            RodMove(turns=-0.2),
            *gaps(0.42, 0.05, 2),
            RodMove(turns=0.2),
            *gaps(0.42, QUARTER, 3),
        ]
        self.assertEqual(stops(works, answer=DEAD), [])
        on = [*works, RodMove(turns=0.2), *gaps(0.42, 0.45, 4), RodMove(turns=0.2)]
        self.assertEqual(stops([*on, *gaps(0.42, 0.65, 5)], answer=DEAD), ["unanswered"])

    def test_a_rod_that_works_the_other_way_round_answers_too(self) -> None:
        other: list[AnyEntry] = [*gaps(0.2)]
        for number in (1, 2, 3):
            other += [RodMove(turns=QUARTER), *gaps(0.2 + 0.1 * number, QUARTER * number, number)]
        # Learnt by now: its answer counts with the sign turned.
        still = [*other, RodMove(turns=-QUARTER), *gaps(0.5, 0.5, 4)]
        still += [RodMove(turns=-QUARTER), *gaps(0.5, QUARTER, 5)]
        self.assertEqual(stops(still, answer=(-0.5, 0.001)), [])
        self.assertEqual(stops(still, answer=(0.5, 0.001)), ["unanswered"])
        self.assertEqual(stops(still, answer=(-0.06 - 0.12 * 0.05, 0.05)), ["unanswered"])
        self.assertEqual(stops(still, answer=(-0.06 - 0.13 * 0.05, 0.05)), [])


class WholeTurn(unittest.TestCase):
    def unread(self, *moves: RodMove | RodFeel) -> list[str]:
        return stops([*gaps(0.5), *moves], answer=ALIVE)

    def test_once_round_one_way(self) -> None:
        once = [RodMove(turns=QUARTER)] * 4
        self.assertEqual(self.unread(*once), ["whole-turn"])
        self.assertEqual(self.unread(*once[:3]), [])
        self.assertEqual(self.unread(RodMove(turns=-1.0)), ["whole-turn"])
        # There and back is no turn one way, however much it comes to.
        back_and_forth = [RodMove(turns=turns) for turns in (0.5, -0.5, 0.5, -0.5)]
        self.assertEqual(self.unread(*back_and_forth), [])
        self.assertEqual(self.unread(RodMove(turns=0.5), RodMove(turns=-0.75)), [])

    def test_felt_since_it_may_go_on(self) -> None:
        once = [RodMove(turns=QUARTER)] * 4
        self.assertEqual(self.unread(*once, RodFeel(feel="free")), [])
        self.assertEqual(self.unread(RodFeel(feel="free"), *once), ["whole-turn"])
        between = (*once[:2], RodFeel(feel="free"), *once[2:])
        self.assertEqual(self.unread(*between), [])

    def test_twin_rods_are_counted_apart(self) -> None:
        shared = [RodMove(turns=0.5, side="bass"), RodMove(turns=0.5, side="treble")]
        self.assertEqual(stops([*gaps(0.5), *shared], "twin", answer=ALIVE), [])
        one_rod = [RodMove(turns=0.5, side="bass")] * 2
        self.assertEqual(stops([*gaps(0.5), *one_rod], "twin", answer=ALIVE), ["whole-turn"])


class LetOut(unittest.TestCase):
    SLACK = RodFeel(feel="slack")

    def test_a_one_way_rod_let_out_and_still_too_little_relief(self) -> None:
        # Wanted is 0.15, give or take 0.06.
        self.assertEqual(stops([*gaps(0.02), self.SLACK], "one-way"), ["nothing-left"])
        for mm, rod, feel in (
            (0.14, "one-way", "slack"),
            (0.4, "one-way", "slack"),
            (0.02, "two-way", "slack"),
            (0.02, "one-way", "firm"),
        ):
            with self.subTest(mm=mm, rod=rod, feel=feel):
                entries = [*gaps(mm), RodFeel(feel=feel)]  # type: ignore[arg-type]
                self.assertEqual(stops(entries, rod), [])
        self.assertEqual(stops([self.SLACK], "one-way"), [])

    def test_back_bow_with_nothing_to_let_out(self) -> None:
        bowed = [*gaps(-0.15), self.SLACK]
        self.assertEqual(stops(bowed, "one-way"), ["slack-back-bow"])
        self.assertEqual(stops(bowed, "two-way"), [])
        self.assertEqual(stops([*gaps(-0.15), RodFeel(feel="firm")], "one-way"), [])
        # Found out by trying: an unknown rod that never bites again past slack.
        out = turned(*[-QUARTER] * 3, read_mm=-0.15, feel="slack")
        self.assertEqual(stops(out, "unknown"), ["slack-back-bow"])

    def test_back_bow_must_be_known(self) -> None:
        """Read with a coarse tool the same figure leaves it open: no rod is given up for that."""
        coarse = [
            structs.replace(gap, gap_mm=-0.02, error_mm=0.15)
            for gap in gaps(0.0)
            if isinstance(gap, StringGap)
        ]
        found = stops([*coarse, self.SLACK], "one-way")
        self.assertNotIn("slack-back-bow", found)

    def test_loosened_and_nothing_changed(self) -> None:
        bowed = {"rod": "one-way", "read_mm": -0.15}
        for turns, answer, heard in (
            ((-0.2, -0.2), DEAD, True),
            ((-0.4,), DEAD, True),
            ((-0.39,), DEAD, False),
            ((-0.2, 0.2), DEAD, False),
            ((-0.2, -0.2), ALIVE, False),
            ((-0.2, -0.2), EVEN, True),
        ):
            with self.subTest(turns=turns, answer=answer):
                entries = turned(*turns, read_mm=-0.15)
                found = stops(entries, rod="one-way", answer=answer)
                self.assertEqual("slack-back-bow" in found, heard, bowed)
        # Read after it was loosened; what was tightened since need not be.
        since = [*turned(-0.4, read_mm=-0.15), RodMove(turns=0.05)]
        self.assertIn("slack-back-bow", stops(since, "one-way", answer=DEAD))
        unread = [*gaps(-0.15), RodMove(turns=-0.5)]
        self.assertNotIn("slack-back-bow", stops(unread, "one-way", answer=DEAD))


class Twins(unittest.TestCase):
    def against(self, bass: float, treble: float, read: bool = True) -> list[AnyEntry]:
        entries = [
            *gaps(0.3),
            RodMove(turns=bass, side="bass"),
            RodMove(turns=treble, side="treble"),
        ]
        if read:
            state = State(rod_turns=bass, rod_high_turns=treble, rod_moves=2)
            entries += [
                StringGap(
                    lane=side, low_support=1, high_support=16, fret=7, gap_mm=0.3, state=state
                )
                for side in SIDES
            ]
        return entries

    def test_turned_against_each_other_without_parting(self) -> None:
        for bass, treble, answer, heard in (
            (0.2, -0.2, DEAD, True),
            (-0.2, 0.3, DEAD, True),
            (0.2, -0.19, DEAD, False),
            (0.2, 0.2, DEAD, False),
            (0.2, -0.2, ALIVE, False),
            (0.2, -0.2, EVEN, True),
        ):
            with self.subTest(bass=bass, treble=treble, answer=answer):
                found = stops(self.against(bass, treble), "twin", answer=answer)
                self.assertEqual("twins-fight" in found, heard)
        self.assertEqual(stops(self.against(0.2, -0.2, read=False), "twin", answer=DEAD), [])
        self.assertNotIn("twins-fight", stops(self.against(0.2, -0.2), "two-way", answer=DEAD))


class Felt(unittest.TestCase):
    def test_each_feel_leads_to_its_stop(self) -> None:
        for feel, kinds in (
            ("binding", ["resists"]),
            ("key slips", ["key-slips"]),
            ("out of reach", ["out-of-reach"]),
            ("at its end", ["at-end"]),
            ("free", []),
        ):
            self.assertEqual(stops([*gaps(0.5), RodFeel(feel=feel)]), kinds)  # type: ignore[arg-type]

    def test_bound_at_its_first_loosening_it_may_be_glued(self) -> None:
        for moves, kind in (
            ([RodMove(turns=-0.1, feel="binding")], "glued"),
            ([RodMove(turns=0.1, feel="binding")], "resists"),
            ([RodMove(turns=0.1), RodMove(turns=-0.1, feel="binding")], "resists"),
            ([RodMove(turns=0.0, rough=True, feel="binding")], "resists"),
        ):
            self.assertEqual(stops([*gaps(0.5), *moves]), [kind])

    def test_without_a_rod_there_is_nothing_to_stop(self) -> None:
        self.assertEqual(stops([*gaps(0.5), RodFeel(feel="binding")], "none"), [])

    def test_no_light_is_said_only_where_nothing_else_is(self) -> None:
        dark = [
            StringGap(lane=side, low_support=1, high_support=16, fret=7, wont_go_mm=0.03)
            for side in SIDES
        ]
        self.assertEqual(stops(dark), ["no-light"])
        self.assertEqual(stops([*dark, RodFeel(feel="at its end")]), ["at-end"])
        self.assertEqual(stops([*dark, EdgeLie(lane="bass", says="flat")]), [])

    def test_each_stop_has_words_of_its_own(self) -> None:
        found: list[RodStop] = []
        for feel in ("binding", "key slips", "out of reach", "at its end"):
            found += rod_stops(mapped([*gaps(0.5), RodFeel(feel=feel)]))  # type: ignore[arg-type]
        self.assertEqual(len({stop.words for stop in found}), 4)


if __name__ == "__main__":
    unittest.main()
