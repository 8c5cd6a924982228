"""Each tool of the survey: recorded from the keypad, struck, taken again, and carried out and
back in unchanged.
"""

import unittest

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.exchange.jobfile import Job, dump, parse
from nuvrek.exchange.readings_csv import read_table, write_table
from nuvrek.readings.entries import AnyReading, InkLeft, OthersFirm
from nuvrek.readings.rounds import one_reading
from nuvrek.readings.sizes import SIZES
from nuvrek.readings.stations import station_of
from nuvrek.readings.tool_kit import Kit
from tests.support import NECK
from tests.test_keypad import KeypadCase

NAMES = [station.key.removeprefix("one-") for station in one_reading(NECK, Kit())]

# Tool, tile, keys there, and what the reading should hold. One row at least for every row of the
# table of tools.
ROWS: list[tuple[str, str, list[str], dict[str, object]]] = [
    (
        "string, leaves",
        "string",
        ["8t+", "10t-"],
        {"low_support": 1, "high_support": 16, "slides_mm": 0.2032},
    ),
    (
        "string, other supports",
        "string",
        ["2*", "14*", ".3", "enter"],
        {"low_support": 2, "high_support": 14},
    ),
    ("string, one leaf that won't go", "string", [".4/"], {"wont_go_mm": 0.4, "slides_mm": None}),
    (
        "press at 3, look at 1",
        "string",
        ["0*", *["left"] * 8, "3*", ".05+", "enter"],
        {"low_support": 0, "high_support": 3, "fret": 1},
    ),
    (
        "edge on frets, as it rests",
        "edge",
        [".1+", ".15-"],
        {"by": "edge", "low_support": None, "lane": "bass"},
    ),
    (
        "edge on frets, treble side, supports",
        "edge",
        ["down", "down", "*", ".1", "enter"],
        {"lane": "treble", "low_support": 1},
    ),
    (
        "notched edge on the wood",
        "notched",
        ["down", ".08+", ".1-"],
        {"by": "notched", "lane": "middle"},
    ),
    ("rocker, bare", "rock", ["7*"], {"fret": 7, "says": "rocks", "gap_mm": None}),
    (
        "rocker, treble end, leaf",
        "rock",
        ["down", "down", "9*", "back", "9*", ".1", "enter"],
        {"fret": 9, "lane": "treble", "gap_mm": 0.1},
    ),
    ("rocker, still", "rock", ["12/"], {"fret": 12, "says": "still"}),
    ("crown height", "crown", ["right", "1.15", "enter"], {"fret": 2, "height_mm": 1.15}),
    (
        "crown width",
        "crown-width",
        ["2.3", "enter"],
        {"what": "crown-width", "fret": 12, "mm": 2.3},
    ),
    (
        "flat on the crown",
        "flat-width",
        ["1.1", "enter"],
        {"what": "flat-width", "fret": 12, "mm": 1.1},
    ),
    ("groove", "groove", ["down", ".1", "enter"], {"what": "groove", "string": 1, "mm": 0.1}),
    ("indicator", "dial", ["-.12", "enter"], {"fret": 1, "reading_mm": -0.12}),
    (
        "rule, bass side",
        "height",
        ["1.75", "enter"],
        {"side": "bass", "string": None, "height_mm": 1.75},
    ),
    (
        "rule, a string, at the 17th",
        "height",
        ["down", "down", *["right"] * 5, "6/64", "enter"],
        {"string": 5, "fret": 17, "height_mm": 2.38125},
    ),
    ("radius gauge", "radius", ["12in", "enter"], {"what": "radius", "mm": 304.8}),
    ("slot width", "slot-width", [".55", "enter"], {"mm": 0.55}),
    ("slot depth", "slot-depth", ["1.8", "enter"], {"mm": 1.8}),
    (
        "board width at the nut",
        "board-width",
        [*["left"] * 12, "43", "enter"],
        {"fret": 0, "mm": 43.0},
    ),
    ("board thickness", "board-thickness", ["5.2", "enter"], {"mm": 5.2}),
    ("neck thickness", "neck-thickness", ["22", "enter"], {"mm": 22.0}),
    (
        "saddle left",
        "saddle-left",
        ["down", "3.1", "enter"],
        {"lane": "treble", "mm": 3.1, "fret": 0},
    ),
    ("edge run on over the bridge", "over-bridge", ["-1.5", "enter"], {"lane": "bass", "mm": -1.5}),
    ("heel length", "heel-length", ["78", "enter"], {"mm": 78.0}),
    ("binding", "binding-width", ["1.6", "enter"], {"mm": 1.6}),
    ("string to fret end", "string-to-end", ["2.9", "enter"], {"lane": "bass", "mm": 2.9}),
    (
        "what an edge rests on",
        "rests",
        ["down", "3*", "12", "enter"],
        {"lane": "middle", "on": (3, 12), "low_support": 1, "high_support": 16, "fret": 7},
    ),
    ("pressing: one end moves", "press", ["7-"], {"fret": 7, "lane": "bass", "moves": "moves"}),
    (
        "pressing: light under it",
        "press",
        ["9/", ".2", "enter"],
        {"fret": 9, "moves": "firm", "gap_mm": 0.2},
    ),
    ("pressing: none moves", "press", ["/"], {"frets": tuple(range(1, 23))}),
    (
        "fret end, past the edge",
        "ends",
        ["down", "5+", ".3", "enter"],
        {"side": "treble", "fault": "sprouting", "mm": 0.3},
    ),
    ("fret end, sharp", "ends", ["5*"], {"side": "bass", "fault": "sharp"}),
    ("fret end, bevel", "ends", ["5-"], {"fault": "proud-bevel"}),
    ("fret end, tape", "ends", ["5/"], {"fault": "tape-lip"}),
    ("long edge, rocks", "lie", ["8*"], {"fret": 8, "says": "rocks", "lane": "bass"}),
    ("long edge, all along", "lie", ["down", "+"], {"fret": None, "says": "all along"}),
    ("rod", "rod", ["3", "enter"], {"feel": "binding"}),
    ("marker, ink gone", "ink", ["down", "7*"], {"fret": 7, "lane": "treble"}),
    ("marker, still whole", "ink", ["/"], {"frets": tuple(range(1, 23)), "lane": "middle"}),
    ("room, cold", "temperature", ["-2.5", "enter"], {"temperature_c": -2.5}),
    ("room, humidity", "humidity", ["48", "enter"], {"humidity_percent": 48.0}),
]


class ToolTable(KeypadCase):
    def at(self, tile: str) -> Keypad:
        keypad = self.start(name="one")
        self.press(keypad, str(NAMES.index(tile) + 1), "enter")
        return keypad

    def newest(self) -> AnyReading:
        return self.session.neck_state.taken[-1].reading

    def test_every_tile_is_walked(self) -> None:
        self.assertEqual({tile for _, tile, _, _ in ROWS}, set(NAMES))

    def test_recorded_carried_over_struck_and_taken_again(self) -> None:
        for tool, tile, keys, wanted in ROWS:
            with self.subTest(tool):
                keypad = self.at(tile)
                self.press(keypad, *keys)
                reading = self.newest()
                for name, value in wanted.items():
                    got = getattr(reading, name)
                    if isinstance(value, float):
                        self.assertAlmostEqual(got, value, places=6, msg=name)
                    else:
                        self.assertEqual(got, value, name)
                self.carried_over(reading)
                self.taken_again(keypad)
                self.struck(keypad)

    def carried_over(self, reading: AnyReading) -> None:
        (by_table,) = read_table(write_table([reading]), NECK)
        self.assertEqual(by_table, reading)
        job = Job(neck=NECK, journal=tuple(self.session.entries))
        self.assertEqual(parse(dump(job)), job)

    def taken_again(self, keypad: Keypad) -> None:
        old = self.session.neck_state.taken[-1]
        keypad.retake(old.number)
        asked = keypad.station
        assert asked is not None
        keys = {
            "string-gap": (".2+", ".25-"),
            "sweep": ("/",),
            "press": ("/",) if isinstance(old.reading, OthersFirm) else ("-",),
            "ends": ("*",),
            "ink": ("/",) if isinstance(old.reading, InkLeft) else ("*",),
            "rod-feel": ("1", "enter"),
            "temperature": ("20", "enter"),
            "humidity": ("50", "enter"),
            "dial": (".05", "enter"),
            "crown-height": ("1.1", "enter"),
            "edge-lie": ("9*",),
            "edge-rests": ("6*", "8", "enter"),
            "string-height": ("2", "enter"),
        }
        if asked.kind == "size":
            low, high = SIZES[asked.what].likely
            self.press(keypad, f"{(low + high) / 2:.2f}mm", "enter")
        else:
            self.press(keypad, *keys[asked.kind])
        new = self.session.neck_state.taken[-1]
        self.assertGreater(new.number, old.number)
        self.assertNotIn(old.number, [one.number for one in self.session.neck_state.taken])
        place, was = station_of(new.reading), station_of(old.reading)
        self.assertEqual((place.field, place.lane, place.fret), (was.field, was.lane, was.fret))

    def struck(self, keypad: Keypad) -> None:
        number = self.session.neck_state.taken[-1].number
        self.press(keypad, "back")
        self.assertNotIn(number, [one.number for one in self.session.neck_state.taken])
        self.assertGreater(len(self.session.entries), number)


class ByReversal(unittest.TestCase):
    """An edge bowed by 0.04 laid on a gap of 0.12: once it reads 0.16, turned 0.08 (by hand)."""

    def test_the_bow_of_an_edge_goes_into_its_error(self) -> None:
        from nuvrek.bench.forms.tools import proved
        from nuvrek.readings.tool_kit import Kit
        from nuvrek.units import Unit
        from nuvrek.wording.speech import say

        found = proved(Kit(), "edge_error_mm", ("0.16", "0.08"), Unit.MM)
        assert isinstance(found, tuple)
        kit, saying = found
        self.assertAlmostEqual(kit.edge_error_mm, (0.04**2 + 0.018**2) ** 0.5, places=4)
        self.assertIn("off by 0.04 mm itself; the true gap is 0.12 mm", say(saying))
        self.assertIsNone(proved(Kit(), "edge_error_mm", ("0.16", " "), Unit.MM))
        self.assertNotIsInstance(proved(Kit(), "rocker_error_mm", ("x", "1"), Unit.MM), tuple)
        straight = proved(Kit(), "rocker_error_mm", ("0.1", "0.1"), Unit.MM)
        assert isinstance(straight, tuple)
        self.assertEqual(straight[0], Kit())
