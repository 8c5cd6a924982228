"""What the pages work out, each by its own model and without a window."""

from msgspec import structs

from nuvrek.bench.forms.strings import StringRow, pulls, read_strings, row_of, whole
from nuvrek.bench.forms.tools import (
    FIELDS,
    field_words,
    fit_sentence,
    read_kit,
    rocker_fits,
    rocker_spans,
)
from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.repeats import Repeats, figure_of, spread_words
from nuvrek.bench.pages.reading_picker import ReadingPicker
from nuvrek.bench.pages.rod_loop_words import loop_words
from nuvrek.bench.pages.string_room import StringRoomPage
from nuvrek.bench.pages.work import dots_for, planned, strip_for
from nuvrek.bench.session import Session
from nuvrek.bench.solved import ResultTerms, Solved, SolveRequest, see, weigh
from nuvrek.bench.strips.filing import metal_strip
from nuvrek.bench.strips.map import edges_of, light_strip, moments, shade_strip
from nuvrek.bench.strips.measure import dots_of, readings_at, side_strip, values_strip
from nuvrek.bench.strips.strips import crown_strip, tops_strip, wood_strip
from nuvrek.bench.working.ink_order import InkWalk, ink_gone
from nuvrek.bench.working.job import choose, left_to_file, next_step, tick
from nuvrek.bench.working.rod_loop import RodLoop, trace
from nuvrek.logbook.store import Logbook
from nuvrek.readings.entries import (
    AnyEntry,
    CrownHeight,
    Note,
    OthersStill,
    RodMove,
    State,
    StateChange,
    StringGap,
    StringHeight,
)
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit
from nuvrek.wording.speech import say, say_all
from tests.support import NECK, TIME, TempCase, measured


class ModelCase(TempCase):
    def session(self, entries: list[AnyEntry] | None = None, seed: int = 3) -> Session:
        book = Logbook.make(self.folder / f"{len(list(self.folder.iterdir()))}.db")
        self.addCleanup(book.close)
        truth, taken = measured(seed)
        self.neck = truth.neck if entries is None else NECK
        journal = taken if entries is None else entries
        number = book.start(self.neck, TIME, journal)
        return Session(book, number, self.neck, lambda: TIME)

    def solved(self, session: Session) -> Solved:
        return weigh(see(SolveRequest(session.neck_state, session.identity, ResultTerms(Unit.MM))))


class Forms(TempCase):
    def test_a_string_list_as_typed(self) -> None:
        rows = [StringRow("E4", "10 thou"), StringRow(), StringRow("B3", ".013")]
        read, faults = read_strings(rows)
        assert read is not None
        self.assertEqual(faults, {})
        self.assertEqual([round(spec.gauge_mm, 4) for spec in read], [0.254, 0.3302])
        self.assertEqual(row_of(read[0], True).gauge, "10 thou")
        # A plain steel 10 thou at E4 on 648 mm pulls about 72 N: mu (2 L f)^2 by hand, with 7.85
        # g/cm3 (ASTM A228, value from memory).
        self.assertAlmostEqual(pulls(read, 648.0)[0].newtons, 72.6, delta=0.5)
        self.assertAlmostEqual(
            whole(read, 648.0).newtons, sum(one.newtons for one in pulls(read, 648.0)), places=6
        )
        read, faults = read_strings([StringRow("H9", "ten")])
        self.assertIsNone(read)
        self.assertTrue(say(faults[0]).startswith("Line 1: "))

    def test_tools_as_typed(self) -> None:
        texts = {"rockers_mm": "75 28 40", "relief_hold": "1"}
        kit, faults = read_kit(texts, Unit.MM, Kit())
        assert kit is not None
        self.assertEqual((kit.rockers_mm, faults), ((28.0, 40.0, 75.0), {}))
        self.assertEqual(read_kit({"relief_hold": "x"}, Unit.MM, Kit())[0], None)
        spans = {fret: words for fret, words, _ in rocker_spans(NECK)}
        # By hand: two spacings around fret 12 of a 648 mm scale are 35.3 mm, three 54.4 mm at most.
        low, high = (float(part) for part in spans[12].split("–"))
        self.assertAlmostEqual(low, 36.4, delta=1.5)
        self.assertLess(high, 57.0)
        fits = {fret: fitting for fret, _, fitting in rocker_fits(NECK, kit)}
        self.assertEqual(set(fits), set(range(2, 22)))
        self.assertIn("edge", say(fit_sentence(NECK, kit)))
        again = {field.name: say(field_words(kit, field, Unit.MM)) for field in FIELDS}
        self.assertEqual(read_kit(again, Unit.MM, kit)[0], kit)


class Measuring(ModelCase):
    def test_one_place_read_more_than_once(self) -> None:
        def read(mm: float) -> StringGap:
            return StringGap(lane="bass", fret=7, low_support=1, high_support=16, gap_mm=mm)

        session = self.session(
            [read(0.2), read(0.24), CrownHeight(lane="bass", fret=7, height_mm=1)]
        )
        repeats = Repeats()
        repeats.follow(session.neck_state)
        counts = sorted(len(found) for found in repeats.places.values())
        self.assertEqual(counts, [1, 2])
        found = next(found for found in repeats.places.values() if len(found) == 2)
        self.assertEqual(say(spread_words(found, Unit.MM)), "read here 2 times, 0.20 to 0.24 mm")
        bracket = structs.replace(read(0.2), gap_mm=None, slides_mm=0.1, drags_mm=0.2)
        self.assertAlmostEqual(figure_of(bracket) or 0.0, 0.15)
        self.assertIsNone(figure_of(structs.replace(bracket, slides_mm=None)))
        self.assertIsNone(figure_of(OthersStill(lane="bass", frets=(3,))))

    def test_what_the_strips_show_while_measuring(self) -> None:
        session = self.session([])
        pad = Keypad(session, "rocker", lambda _field: Unit.MM, Kit(rockers_mm=(40.0, 55.0)))
        while pad.station is not None and pad.station.kind != "sweep":
            pad.press("enter")
        for key in ("7", "*"):
            pad.press(key)
        assert pad.station is not None
        shown = values_strip(pad, Unit.MM, Unit.MM)
        self.assertEqual([(fret, say(said)) for fret, said, _ in shown.values], [(7, "rocks")])
        dots = dots_of(pad)
        self.assertIn((7, pad.station.lane), dots.rocks)
        self.assertEqual(dots.supports, (6, 8))
        self.assertIn("55 mm edge fits", say(side_strip(pad, pad.station).note))
        self.assertEqual([n for n, _ in readings_at(session.neck_state, 8)], [2])

    def test_any_reading_struck_and_brought_back(self) -> None:
        session = self.session(
            [
                CrownHeight(lane="bass", fret=3, height_mm=1.0),
                CrownHeight(lane="middle", fret=3, height_mm=1.1),
                Note(text="a burr", about=2),
            ]
        )
        picker = ReadingPicker(session, 3)
        picker.move(1)
        self.assertEqual((picker.number, picker.note_words), (2, "a burr"))
        self.assertIn("✎", " ".join(say_all(picker.lines(Unit.MM, Unit.MM))))
        struck = picker.strike()
        self.assertEqual(getattr(struck, "height_mm", None), 1.1)
        self.assertEqual(len(session.neck_state.taken), 1)
        self.assertTrue(picker.take_back())
        self.assertEqual(len(session.neck_state.taken), 2)


class Mapping(ModelCase):
    def test_strips_of_a_solved_neck(self) -> None:
        session = self.session()
        solved = self.solved(session)
        frets = self.neck.frets
        self.assertEqual(len(wood_strip(solved, "pitch", Unit.MM).curves[0].heights_mm), frets)
        named = {fret for fret, _ in tops_strip(solved, Unit.MM).named}
        self.assertEqual(
            named,
            {f.fret for f in solved.findings if f.kind in ("proud", "rocks", "low", "end-up")},
        )
        crown = crown_strip(solved, Unit.MM, {5: 0.1})
        self.assertEqual([n + 1 for n, mm in enumerate(crown.off_mm) if mm > 0], [5])
        self.assertEqual(len(shade_strip(solved, "pitch", Unit.MM).heights_mm), frets)
        for edge in edges_of(Kit(rockers_mm=(40.0,))):
            light = light_strip(solved, edge, "bass", "pitch", 7, Unit.MM, 1.0)
            self.assertTrue(light.title, edge)

    def test_moments_of_a_neck_seen_again(self) -> None:
        session = self.session()
        self.assertEqual(len(moments(session)), len({m.number for m in moments(session)}))


class StringRoom(ModelCase):
    def test_the_page_follows_hand_and_ear(self) -> None:
        session = self.session()
        session.append(StringHeight(side="bass", fret=12, height_mm=1.9))
        page = StringRoomPage(self.solved(session))
        before = page.buzzing()
        page.set_heights(0.5, 0.5)
        self.assertGreater(page.buzzing(), before)
        page.set_heights(5.0, 5.0)
        self.assertEqual(page.buzzing(), 0)
        page.move(strings=99, notes=99)
        self.assertEqual((page.string, page.note), (0, page.notes - 1))
        page.move(strings=-99, notes=-99)
        self.assertEqual((page.string, page.note), (page.strings - 1, 0))
        page.hear(session, "buzzes")
        self.assertEqual(list(session.neck_state.heard.values()), ["buzzes"])
        page.others_clean(session)
        said = list(session.neck_state.heard.values())
        self.assertEqual((said.count("buzzes"), said.count("clean")), (1, page.notes - 1))


class Working(ModelCase):
    def test_ink_and_metal_of_the_way_in_hand(self) -> None:
        session = self.session(seed=4)
        solved = self.solved(session)
        assert solved.plan is not None
        way = solved.plan.way("level")
        choose(session, solved, way)
        while (step := next_step(session.neck_state)) is not None and step.action != "file":
            tick(session, step)
        assert step is not None
        walk = InkWalk(session)
        first = walk.fret
        self.assertIn(f"fret {first}", say(walk.prompt()))
        walk.press("*")
        self.assertEqual({fret for fret, _ in ink_gone(session.neck_state)}, {first})
        self.assertNotEqual(walk.fret, first)
        self.assertIn("1 of", say(walk.verdict()))
        self.assertAlmostEqual(planned(session.neck_state).sum(), way.off_mm.sum(), delta=0.05)
        solved = self.solved(session)
        self.assertEqual(say(strip_for(step, solved, Unit.MM).title), "Still to go")
        dots = dots_for(step, session.neck_state, walk)
        self.assertEqual(dots.filed, {fret for fret, _ in left_to_file(session.neck_state)})
        self.assertNotIn(first, {fret for fret, _ in dots.ink})
        drawn = metal_strip(way.off_mm, Unit.MM)
        self.assertEqual(len(drawn.figures), self.neck.frets)

    def test_with_the_strings_off_the_leaf_lies_under_the_edge(self) -> None:
        slack = State(strings="slack")
        gaps = [
            StringGap(
                lane=lane, fret=8, low_support=1, high_support=16, gap_mm=mm, by=by, state=state
            )
            for lane in ("bass", "treble")
            for mm, by, state in ((0.45, "string", State()), (0.40, "edge", slack))
        ]
        session = self.session([*gaps])
        loop = RodLoop(session, lambda _field: Unit.MM, Kit(), lambda _field, _unit: None)
        loop.press("enter", self.solved(session))
        session.append(StateChange(state=State(strings="slack", rod_turns=0.25)))
        solved = self.solved(session)
        self.assertEqual(loop.phase(solved), "tune")
        self.assertIn("0: stay slack", say(loop_words(loop, solved, Unit.MM).message))  # type: ignore[union-attr]
        loop.press("0", solved)
        self.assertEqual(loop.phase(solved), "read")
        station = loop.station("bass", solved)
        self.assertEqual((station.by, station.state.strings), ("edge", "slack"))
        # The leaf means what is wanted strung up: the slack gap now, less what is still too much.
        relief = solved.map.relief_at("bass", "pitch").mm
        gap = solved.map.relief_at("bass", "slack").mm
        self.assertAlmostEqual(station.wanted_mm, gap - (relief - 0.15), delta=0.03)

    def test_the_rod_loop_asks_in_its_order(self) -> None:
        gaps = [
            StringGap(lane=lane, fret=8, low_support=1, high_support=16, gap_mm=0.45)
            for lane in ("bass", "treble")
        ]
        session = self.session([*gaps])
        loop = RodLoop(session, lambda _field: Unit.MM, Kit(), lambda _field, _unit: None)
        self.assertEqual(loop.phase(None), "wait")
        stale = self.solved(session)
        self.assertEqual(loop.phase(stale), "turn")
        self.assertIn("tighter", say(loop_words(loop, stale, Unit.MM).prompt))  # type: ignore[union-attr]
        loop.press("enter", stale)
        move = session.entries[-1]
        assert isinstance(move, RodMove)
        self.assertGreater(move.turns, 0.0)
        self.assertIsNotNone(move.promised_mm)
        self.assertEqual(loop.phase(stale), "read")
        self.assertEqual(loop.due(), ("bass", "treble"))
        solved = self.solved(session)
        self.assertEqual(loop.station("bass", solved).lane, "bass")
        self.assertEqual(len(trace(solved)), 2)
