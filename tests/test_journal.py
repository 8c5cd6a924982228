import unittest

from nuvrek.neck.description import LANES
from nuvrek.readings.acts import joined, undoable
from nuvrek.readings.entries import (
    AnyEntry,
    CrownHeight,
    Describe,
    Filed,
    OthersStill,
    Rock,
    RodMove,
    RoundStart,
    Seated,
    State,
    StateChange,
    Strike,
)
from nuvrek.readings.journal import advance, fold, live_numbers
from tests.support import NECK, TIME, measured

CROWN = CrownHeight(lane="bass", fret=3, height_mm=1.0)


class Striking(unittest.TestCase):
    def test_a_struck_entry_is_out_and_a_struck_strike_brings_it_back(self) -> None:
        entries: list[AnyEntry] = [CROWN, CROWN, Strike(entry=1)]
        self.assertEqual(live_numbers(entries), [2])
        entries.append(Strike(entry=3))
        self.assertEqual(live_numbers(entries), [1, 2])
        entries.append(Strike(entry=4))
        self.assertEqual(live_numbers(entries), [2])

    def test_a_strike_never_reaches_forwards(self) -> None:
        self.assertEqual(live_numbers([Strike(entry=2), CROWN]), [2])

    def test_what_was_done_in_one_go_is_undone_as_one_on_its_own_page(self) -> None:
        act = joined([CROWN, CROWN], "Work", TIME)
        other = joined([CROWN], "Measure", TIME)
        entries: list[AnyEntry] = [*other, *act, Describe(neck=NECK)]
        work = undoable(entries, "Work")
        self.assertEqual(work.act and work.act.numbers, (2, 3))
        self.assertEqual(work.elsewhere and work.elsewhere.page, "Take in")
        entries += [Strike(entry=2), Strike(entry=3), Strike(entry=4)]
        self.assertIsNone(undoable(entries, "Work").act)
        measure = undoable(entries, "Measure")
        self.assertEqual(measure.act and measure.act.numbers, (1,))
        self.assertIsNone(measure.elsewhere)

    def test_entries_from_before_acts_are_acts_of_one_on_their_usual_page(self) -> None:
        entries: list[AnyEntry] = [CROWN, RodMove(turns=0.125), CROWN]
        for page, number in (("Measure", 3), ("Work", 2)):
            act = undoable(entries, page).act
            self.assertEqual(act and (act.page, act.numbers), (page, (number,)))
        self.assertIsNone(undoable(entries, "Work", after=2).act)


class Folding(unittest.TestCase):
    def test_one_more_entry_gives_the_same_picture_as_a_new_fold(self) -> None:
        entries = measured(1)[1]
        entries += [
            RodMove(turns=0.25),
            Filed(way="level", off=((3, "bass", 0.1),)),
            Seated(fret=4),
            CROWN,
        ]
        now = fold(NECK, [])
        for number, entry in enumerate(entries, 1):
            after = advance(now, number, entry)
            assert after is not None
            now = after
        self.assertEqual(now, fold(NECK, entries))

    def test_state_follows_strings_and_rod(self) -> None:
        now = fold(
            NECK,
            [StateChange(state=State(strings="slack")), RodMove(turns=0.25), RodMove(turns=-0.125)],
        )
        self.assertEqual(now.state, State(strings="slack", rod_turns=0.125, rod_moves=2))
        self.assertEqual(len(now.rod_moves), 2)

    def test_metal_work_makes_a_new_surface_and_old_readings_keep_theirs(self) -> None:
        now = fold(
            NECK, [CROWN, Filed(way="spot-level", off=((3, "bass", 0.1),)), CROWN, Seated(fret=3)]
        )
        self.assertEqual(now.taken[0].surface.get((3, "bass"), 0), 0)
        self.assertEqual(now.taken[1].surface[3, "bass"], 1)
        self.assertEqual({now.surface[3, lane] for lane in LANES}, {1, 2})

    def test_a_new_round_opens_all_stations(self) -> None:
        still = OthersStill(lane="bass", frets=(2, 3), station="sweep-bass")
        now = fold(NECK, [RoundStart(name="basic"), still])
        self.assertIn("sweep-bass", now.stations_done)
        self.assertEqual(
            fold(NECK, [RoundStart(name="basic"), still, RoundStart(name="basic")]).stations_done,
            frozenset(),
        )

    def test_rocks_outside_a_station_do_not_close_it(self) -> None:
        now = fold(NECK, [RoundStart(name="basic"), Rock(lane="bass", fret=4, says="rocks")])
        self.assertEqual(now.stations_done, frozenset())
