import io
import unittest
from typing import Any
from unittest import mock

from hypothesis import given, settings
from hypothesis import strategies as st

from nuvrek.readings.entries import Dial
from nuvrek.readings.gauge_lines import GaugeLines, Noise, Sent, read_line
from nuvrek.simulator.measuring import default_rng
from nuvrek.simulator.simulated_job import simulated_neck
from nuvrek.simulator.stand_in_gauge import StandIn, indicator_run
from nuvrek.units import Unit, parse_length
from tests.support import WindowCase, needs_pseudo_terminals
from tests.test_cli import CliCase


class Lines(unittest.TestCase):
    def test_what_gauges_send(self) -> None:
        for line, text in (
            (b"1.12", "1.12 mm"),
            (b" +0,312 mm ", "0.312 mm"),
            (b"-.05MM", "-.05 mm"),
            (b"0.0123 in", "0.0123 in"),
            (b'- 0.5 "', "-0.5 in"),
        ):
            self.assertEqual(read_line(line), Sent(text))
            self.assertLess(abs(parse_length(text, Unit.THOU).mm), 20)

    def test_garbage_is_reported(self) -> None:
        for line in (b"ERR", b"1.2.3", b"1 2", b"99999", b"\xff\xfe", b"mm", b"1.2 kg"):
            self.assertIsInstance(read_line(line), Noise, line)
        self.assertIsNone(read_line(b"  "))

    @given(st.lists(st.binary(max_size=30), max_size=20))
    @settings(max_examples=200, deadline=None)
    def test_any_bytes_in_any_pieces_give_the_same_as_at_once(self, pieces: list[bytes]) -> None:
        stream = b"".join(pieces) + b"\n"
        whole = GaugeLines().feed(stream)
        lines = GaugeLines()
        if max((len(p) for p in stream.replace(b"\r", b"\n").split(b"\n")), default=0) <= 200:
            parts = [r for piece in [*pieces, b"\n"] for r in lines.feed(piece)]
            self.assertEqual(parts, whole)

    @given(
        st.decimals(-49, 49, places=3),
        st.sampled_from([b"", b"mm", b" mm"]),
        st.sampled_from([b"\n", b"\r", b"\r\n"]),
    )
    @settings(max_examples=200, deadline=None)
    def test_every_number_comes_through(self, number: Any, unit: bytes, end: bytes) -> None:
        (sent,) = GaugeLines().feed(str(number).encode() + unit + end)
        assert isinstance(sent, Sent)
        self.assertAlmostEqual(parse_length(sent.text, Unit.MM).mm, float(number), places=9)

    def test_a_line_without_end_is_not_kept_for_ever(self) -> None:
        self.assertIsInstance(GaugeLines().feed(b"1" * 500)[0], Noise)


class InTheWindow(WindowCase):
    def setUp(self) -> None:
        needs_pseudo_terminals(self)
        super().setUp()

    def wait(self, until: Any) -> None:
        from PyQt6.QtTest import QTest

        for _ in range(100):
            if until():
                return
            QTest.qWait(20)
        self.fail("the gauge was not heard")

    def test_readings_garbage_a_double_press_and_a_pulled_cable(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        stage = window.stages["Measure"]
        while "Height of the crown" not in window.bar.prompt.text():
            self.keys(window, 0x01000005)
        self.assertIn("Fret 1. Height of the crown", window.bar.prompt.text())
        session = window.app.session
        gauge = StandIn()
        self.addCleanup(gauge.unplug)
        stage.connect_gauge(gauge.path)
        self.assertEqual(stage.gauge_button.text(), "gauge: connected")
        taken = len(session.neck_state.taken)
        gauge.send(0.912)
        self.wait(lambda: len(session.neck_state.taken) == taken + 1)
        self.assertAlmostEqual(session.neck_state.taken[-1].reading.height_mm, 0.912)
        gauge.garbage()
        self.wait(lambda: "no reading" in window.bar.message.text())
        self.keys(window, "0.9")
        gauge.send(0.9)
        self.wait(lambda: "while something was typed" in window.bar.message.text())
        self.keys(window, *[0x01000003] * 3)
        gauge.double(0.934)
        self.wait(lambda: len(session.neck_state.taken) == taken + 3)
        gauge.unplug()
        self.wait(lambda: stage.gauge_button.text() == "gauge: lost")
        self.assertIn("Nothing taken is lost", window.bar.message.text())
        self.assertEqual(len(window.app.book.entries(session.neck_id)), len(session.entries))
        self.assertEqual(len(session.neck_state.taken), taken + 3)

    def test_an_indicator_run_from_the_stand_in_with_the_cable_pulled_in_the_middle(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(1)
        window.show_stage("Measure")
        stage = window.stages["Measure"]
        stage.keypad.change_round("indicator")
        truth, _ = simulated_neck(5, window.app.session.neck_state.neck.frets, 686.0)
        session = window.app.session

        def dials() -> int:
            return sum(isinstance(one.reading, Dial) for one in session.neck_state.taken)

        first = StandIn()
        self.addCleanup(first.unplug)
        stage.connect_gauge(first.path)
        run = list(indicator_run(truth, 0, default_rng(5)))
        for number, mm in enumerate(run[:9], 1):
            first.send(mm)
            self.wait(lambda number=number: dials() == number)
        first.unplug()
        self.wait(lambda: stage.gauge_button.text() == "gauge: lost")
        self.assertEqual(dials(), 9)
        self.assertIn("fret 10?", window.bar.prompt.text())
        second = StandIn()
        self.addCleanup(second.unplug)
        stage.connect_gauge(second.path)
        for number, mm in enumerate(run[9:], 10):
            second.send(mm)
            self.wait(lambda number=number: dials() == number)
        self.assertEqual(dials(), 22)
        self.assertIn("Middle. Dial", window.bar.prompt.text())
        self.assertEqual(len(window.app.book.entries(session.neck_id)), len(session.entries))

    def test_a_reading_sent_while_another_stage_is_in_front_is_said_not_swallowed(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        gauge = StandIn()
        self.addCleanup(gauge.unplug)
        window.stages["Measure"].connect_gauge(gauge.path)
        taken = len(window.app.session.neck_state.taken)
        window.show_stage("Map")
        gauge.send(0.3)
        self.wait(lambda: "It was not taken" in window.bar.message.text())
        self.assertEqual(len(window.app.session.neck_state.taken), taken)

    def test_a_port_that_is_not_there(self) -> None:
        window: Any = self.open_window(demo=True)
        window.stages["Shelf"]._open(4)
        window.show_stage("Measure")
        window.stages["Measure"].connect_gauge("/dev/no-such-port")
        self.assertIn("can't be opened", window.bar.message.text())
        self.assertEqual(window.stages["Measure"].gauge_button.text(), "no gauge")


class WithoutPseudoTerminals(WindowCase):
    def test_the_stand_in_is_refused_with_a_sentence(self) -> None:
        window: Any = self.open_window(demo=True)
        with mock.patch("os.openpty", side_effect=OSError(2, "No such file")):
            said = window.app.gauge.open_stand_in(None)
        self.assertIn("no line for a stand-in gauge (no such file)", said)
        self.assertFalse(window.app.gauge.connected)


class StandInOnTheCommandLine(CliCase):
    def setUp(self) -> None:
        needs_pseudo_terminals(self)
        super().setUp()

    def test_it_names_its_port_and_ends_when_unplugged(self) -> None:
        with mock.patch("sys.stdin", io.StringIO("\nd\ng\nq\n")):
            status, out, _ = self.run_cli("gauge", "--seed", 2)
        self.assertEqual(status, 0)
        self.assertIn("/dev/pts/", out)
