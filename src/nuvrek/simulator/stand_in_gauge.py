"""A stand-in gauge on a pseudo-terminal: sends readings as a real one would, and misbehaves on
demand.
"""

from __future__ import annotations

import os
import tty
from collections.abc import Iterator

from numpy.random import Generator

from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import State
from nuvrek.simulator.simulated_job import simulated_neck
from nuvrek.simulator.truth import Truth

INDICATOR_NOISE_MM = 0.003


def indicator_run(truth: Truth, lane: int, rng: Generator) -> Iterator[float]:
    """Readings of an indicator carried along a beam over slack tops, fret by fret, in mm to a
    thousandth.
    """
    for top in truth.tops_mm(State(strings="slack"))[1:, lane]:
        yield round(float(top) + INDICATOR_NOISE_MM * float(rng.standard_normal()), 3)


class StandIn:
    """The gauge's end of the line. ``path`` is where the other end is opened."""

    def __init__(self) -> None:
        self._master, slave = os.openpty()
        tty.setraw(slave)
        self.path = os.ttyname(slave)
        # The slave stays open here until unplugging, so that the reader may come and go.
        self._slave = slave
        self._plugged = True

    def send(self, mm: float) -> None:
        """One press of the data button."""
        self._write(f"{mm:+.3f} mm\r\n".encode())

    def double(self, mm: float) -> None:
        """A sticky button: the same reading twice."""
        self._write(f"{mm:+.3f} mm\r\n".encode() * 2)

    def garbage(self) -> None:
        """A line that is no reading."""
        self._write(b"\x02ERR 4?\r\n")

    def unplug(self) -> None:
        """Pull the cable."""
        if self._plugged:
            self._plugged = False
            os.close(self._slave)
            os.close(self._master)

    def _write(self, data: bytes) -> None:
        if self._plugged:
            os.write(self._master, data)


class PlayedGauge:
    """A stand-in gauge whose button is pressed over the frets of a made-up neck."""

    def __init__(self, neck: NeckDescription | None, seed: int = 1) -> None:
        """The made-up neck has the frets and the scale of ``neck``."""
        frets, scale_mm = (22, 648.0) if neck is None else (neck.frets, neck.scale_mm)
        truth, bench = simulated_neck(seed, max(frets, 10), scale_mm)
        self._tops, self._rng = truth.tops_mm(State(strings="slack")), bench.rng
        self.gauge = StandIn()

    def press(self, fret: int, lane: int) -> None:
        """Send the top of a fret against the top of fret 1 of the middle, with the indicator's
        noise.
        """
        top = self._tops[min(max(fret, 1), len(self._tops) - 1), lane] - self._tops[1, 1]
        self.gauge.send(
            round(float(top) + INDICATOR_NOISE_MM * float(self._rng.standard_normal()), 3)
        )
