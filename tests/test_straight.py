"""Straight, healthy necks, the commonest there are, and strange ones beside them: every leg of a
course is a way that can be gone or waits, every page opens, every paper is made.
"""

import os
import unittest
from collections.abc import Iterator
from dataclasses import replace
from functools import cache

from msgspec import structs

from nuvrek.bench.owner.quoting import NoPrice
from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.papers.figures import Figures
from nuvrek.bench.solved import Solved
from nuvrek.demo import demo_owners, demo_prices, demo_shop
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS
from nuvrek.planning.money.pace import pace_of
from nuvrek.planning.plan import Plan
from nuvrek.readings.entries import AnyEntry, EdgeLie, State, StringGap
from nuvrek.readings.journal import fold
from nuvrek.readings.owner.entries import PAPERS
from nuvrek.readings.tool_kit import INCH_LEAVES_MM, METRIC_LEAVES_MM
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.neck_kinds import varied_neck
from nuvrek.simulator.straight import straight_neck
from nuvrek.simulator.strangers import stranger
from nuvrek.wording.papers.make import laid_out, pdf_of, proposed
from nuvrek.wording.speech import say, say_all
from tests.support import EVERY, NECK, TIME, WindowCase, compute

# So many made-up necks, each by one round with one set of blades in turn; with NUVREK_EVERY=1 by
# every round and every set.

NECKS = int(os.environ.get("NUVREK_NECKS", "4"))
ROUNDS = ("full", "basic", "quick")
BLADES = (METRIC_LEAVES_MM, INCH_LEAVES_MM)
NECK_PAGES = (
    "Take in",
    "Measure",
    "Map",
    "Choose",
    "Work",
    "Prove",
    "String room",
    "Filing",
    "New wire",
    "Owner",
    "History",
)


def surveyed(
    seed: int, name: str, blades: tuple[float, ...]
) -> tuple[NeckDescription, list[AnyEntry]]:
    """A quarter of the necks within 0.05 mm of straight; of the basic rounds no edge is laid."""
    match seed % 4:
        case 0:
            one = straight_neck(seed)
            truth, bench = one.truth, one.bench
        case 3:
            _, truth, bench = varied_neck(seed)
        case _:
            one = stranger(seed)
            truth, bench = one.truth, one.bench
    entries = measure_round(replace(bench, leaves_mm=blades), name)
    if name == "basic":
        entries = [entry for entry in entries if not isinstance(entry, EdgeLie)]
    owner = demo_owners()[seed % len(demo_owners())].name
    return structs.replace(truth.neck, owner=owner), entries


def every() -> Iterator[tuple[int, str, tuple[float, ...]]]:
    for seed in range(NECKS):
        here = seed // 4 % len(ROUNDS), seed // 4 % len(BLADES)
        for n, name in enumerate(ROUNDS):
            for m, blades in enumerate(BLADES):
                if EVERY or (n, m) == here:
                    yield seed, name, blades


@cache
def solved(seed: int, name: str, blades: tuple[float, ...]) -> tuple[Solved, Plan]:
    neck, entries = surveyed(seed, name, blades)
    return compute(fold(neck, entries))


def wrong_legs(plan: Plan) -> list[str]:
    """Legs that are no way of this plan, or can't be gone and wait for nothing."""
    ways = {way.kind: way for way in plan.ways}
    found = []
    for before, leg in zip((None, *plan.course), plan.course, strict=False):
        # New wire is levelled by its own tops, of which today's know nothing.
        new_tops = leg.rule == "new-tops" and before is not None
        new_tops = new_tops and before.way in (*NEW_WIRE_KINDS, "refret-some")
        if leg.way not in ways:
            found.append(f"{leg.way} is no way")
        elif ways[leg.way].status not in ("possible", "waits") and not new_tops:
            found.append(f"{leg.way} is {ways[leg.way].status}: {say_all(ways[leg.way].why_not)}")
    return found


class EveryLeg(unittest.TestCase):
    def test_is_a_way_that_can_be_gone_or_waits(self) -> None:
        for seed, name, blades in every():
            with self.subTest(seed=seed, round=name, blades=len(blades)):
                _, plan = solved(seed, name, blades)
                self.assertEqual(wrong_legs(plan), [])
                self.assertEqual(plan.way(plan.advice).kind, plan.advice)

    def test_a_neck_that_shows_no_light_is_asked_for_an_edge_and_no_rod_is_turned(self) -> None:
        asked, said = 0, list[str]()
        for seed in range(0, 32, 4):
            neck, entries = surveyed(seed, "quick", METRIC_LEAVES_MM)
            done, plan = compute(fold(neck, entries))
            if plan.advice != "read":
                continue
            asked += 1
            self.assertIsNone(plan.rod)
            self.assertIn("no-light", [stop.kind for stop in plan.stops])
            self.assertFalse(plan.way("rod").possible)
            # No bow is claimed that nobody read.
            heads = [say(one.headline) for one in done.findings]
            said += heads
            self.assertIn("edge", say(plan.way("read").gist))
        self.assertGreater(asked, 4)
        self.assertFalse([head for head in said if head.startswith("Back bow")], said)

    def test_no_light_on_both_sides_is_a_finding_of_its_own_until_an_edge_was_laid(self) -> None:
        dark: list[AnyEntry] = [
            StringGap(lane=lane, low_support=1, high_support=16, fret=7, drags_mm=0.05)
            for lane in ("bass", "treble") * 2
        ]
        edge = [EdgeLie(lane=lane, says="all along", state=State()) for lane in LANES]
        blind, seen = (
            [say(one.headline) for one in find(map_neck(fold(NECK, entries)))]
            for entries in (dark, [*dark, *edge])
        )
        self.assertIn("No light under the strings: straight, or bowed back", blind)
        self.assertIn("less than wanted", " ".join(seen))


class EveryPaper(unittest.TestCase):
    def test_is_made(self) -> None:
        owners = {owner.name: owner for owner in demo_owners()}
        figures = Figures("en_GB", currency="EUR")
        for seed, name, blades in every():
            done, _ = solved(seed, name, blades)
            neck = done.neck_state.neck
            facts = Facts(
                done,
                owners[neck.owner],
                demo_shop(),
                pace_of(()),
                demo_prices(),
                figures,
                TIME[:10],
            )
            for kind in PAPERS:
                with self.subTest(seed=seed, round=name, paper=kind):
                    try:
                        made = proposed(kind, facts)
                    except NoPrice:
                        self.assertEqual(kind, "quote")
                        continue
                    paper = laid_out(made, neck, facts.owner, facts.shop, figures, facts.day)
                    self.assertTrue(pdf_of(paper).startswith(b"%PDF"))


class EveryPage(WindowCase):
    def test_opens(self) -> None:
        window = self.open_window()
        for seed in range(NECKS):
            name, blades = ROUNDS[seed // 4 % len(ROUNDS)], BLADES[seed // 4 % len(BLADES)]
            neck, entries = surveyed(seed, name, blades)
            window.app.book.start(neck, TIME, tuple(entries))
            window.app.open(window.app.book.necks()[-1])
            for page in NECK_PAGES:
                with self.subTest(seed=seed, round=name, page=page):
                    window.show_stage(page)
                    self.app.processEvents()
                    self.assertEqual(window.page_name, page)


if __name__ == "__main__":
    unittest.main()
