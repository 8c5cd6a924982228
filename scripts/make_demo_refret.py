"""The demo necks that get new wire, worked through the same steps as the window does."""

from __future__ import annotations

import tempfile
from collections.abc import Callable
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from pathlib import Path

import numpy as np

from nuvrek.bench.pages.refret_work import grips_planned, wood_planned
from nuvrek.bench.session import Session
from nuvrek.bench.solved import ResultTerms, Solved, SolveRequest, see, weigh
from nuvrek.bench.working.course_walk import gate_of
from nuvrek.bench.working.fret_table import FretWalk
from nuvrek.bench.working.job import choose, next_step, tick
from nuvrek.demo import demo_owners, demo_wires
from nuvrek.exchange.jobfile import Job
from nuvrek.logbook.store import Logbook
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.neck.strings import StringSpec
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import AnyEntry, Heard, NewWire, OthersClean, Size, State, Trued
from nuvrek.simulator.measuring import Bench, default_rng, measure_round
from nuvrek.simulator.refretting import Refretted
from nuvrek.simulator.truth import Condition, make_truth
from nuvrek.units import Unit

OWNER = "Harbour Library, lending shelf"


@dataclass
class Driver:
    """A made-up neck that is worked on step by step, up to where the shelf wants it."""

    neck: NeckDescription
    condition: Condition
    seed: int
    day: str

    def __post_init__(self) -> None:
        truth = make_truth(self.neck, self.condition, default_rng(self.seed))
        self.made = Refretted(truth, default_rng(self.seed + 1), 0.3)
        self.minute = 0
        folder = tempfile.mkdtemp()
        self.book = Logbook.make(Path(folder) / "made.db")
        for owner in demo_owners():
            self.book.keep_owner(owner, self.day)
        number = self.book.start(self.neck, self.clock(), ())
        self.session = Session(self.book, number, self.neck, self.clock, "Measure")
        survey = measure_round(Bench(truth, default_rng(self.seed + 2)), "full")
        self.session.append(*survey)
        self.walk = FretWalk(self.session)

    def clock(self) -> str:
        """Each act two minutes after the one before."""
        self.minute += 2
        began = datetime.fromisoformat(f"{self.day}T09:00:00")
        return (began + timedelta(minutes=self.minute)).isoformat()

    @property
    def solved(self) -> Solved:
        """Map and plan of this moment."""
        terms = ResultTerms(Unit.MM)
        return weigh(see(SolveRequest(self.session.neck_state, self.session.identity, terms)))

    def take(self, kind: str) -> None:
        """Take a way as it is weighed now."""
        solved = self.solved
        assert solved.plan is not None
        choose(self.session, solved, solved.plan.way(kind))

    def until(self, key: str, trouble: dict[str, str] | None = None) -> None:
        """Tick the steps before one; ``trouble`` are keys pressed at a step."""
        while (step := next_step(self.session.neck_state)) is not None and step.key != key:
            self.one(step, (trouble or {}).get(step.key, ""))

    def one(self, step: Step, keys: str = "") -> None:
        """One step: what is read at it, what deviates, and what it does to the neck."""
        self.read(step.key)
        for key in keys:
            self.walk.press(step, key)
        self.minute += step.minutes + step.wait
        wood = wood_planned(self.solved) if step.action == "wood" else ()
        grips = grips_planned(self.solved) if step.sweep == "fit" else {}
        tick(self.session, step, None, None, wood, grips)
        self.follow(step)

    def read(self, step: str) -> None:
        """What is read at a step, by its key."""
        found = self.made.read_at(step, self.session.neck_state)
        if found:
            self.session.append(*found)

    def follow(self, step: Step) -> None:
        """The neck itself after a step."""
        self.made.worked(step.sweep, step.action, step.frets, self.session.neck_state)
        if step.action == "file":
            self._until_still()

    def _until_still(self) -> None:
        """Nobody stops filing while a fret still rocks."""
        slack = State(strings="slack")
        for _ in range(8):
            tops = self.made.truth.tops_mm(slack)[1:]
            x = place_row_mm(self.neck)[1:]
            share = ((x[1:-1] - x[:-2]) / (x[2:] - x[:-2]))[:, None]
            rock = tops[1:-1] - tops[:-2] * (1.0 - share) - tops[2:] * share
            crown = self.made.truth.crown_mm.copy()
            crown[2:-1] -= np.maximum(rock, 0.0)
            self.made.truth = replace(self.made.truth, crown_mm=crown)

    def go_on(self) -> None:
        """Past the gate to the next way of the course."""
        solved = self.solved
        gate = gate_of(self.session.neck_state, solved, self.session.entries)
        assert gate is not None and gate.way is not None
        choose(self.session, solved, gate.way)

    def job(self) -> Job:
        """The journal as a job file; nothing is left on the disk."""
        entries = tuple(self.session.entries)
        self.book.close()
        return Job(neck=self.neck, journal=entries)


def strings(*said: tuple[str, float, bool]) -> tuple[StringSpec, ...]:
    return tuple(StringSpec(note, gauge, wound) for note, gauge, wound in said)


_SIX = strings(
    ("E2", 1.17, True),
    ("A2", 0.91, True),
    ("D3", 0.66, True),
    ("G3", 0.43, False),
    ("B3", 0.33, False),
    ("E4", 0.25, False),
)


def half_trued() -> Job:
    """A rodless guitar: frets out, half of the wood off, read again."""
    neck = NeckDescription(
        title="rodless guitar, shelf 18",
        owner=OWNER,
        scale_mm=630,
        frets=19,
        joint_fret=14,
        tuning="E A D G B E",
        string_set=_SIX,
        nut_width_mm=44,
        end_width_mm=55,
        radius_mm=304.8,
        rod="none",
        joint="glued",
        wire_height_mm=0.9,
        least_crown_mm=0.75,
        relief_target_mm=0.15,
        complaint="High in the middle and worn low; it is to be played again.",
    )
    made = Driver(
        neck, Condition(proud=0, low=0, slack_dip_mm=0.16, pull_mm=0.16), 211, "2026-03-02"
    )
    made.session.append(NewWire(wire=demo_wires()[0], wood="true", held="jig"))
    made.take("refret-true")
    made.until("wood", {"pull": "4*11*"})
    half = tuple((fret, lane, round(mm / 2, 4)) for fret, lane, mm in wood_planned(made.solved))
    made.session.append(Trued(off=half))
    made.made.take_wood(half)
    made.read("bare")
    return made.job()


def choosing() -> Job:
    """A bound neck, level and worn, whose slots and wood were read: which wire?"""
    neck = NeckDescription(
        title="bound steel-string, shelf 20",
        owner=OWNER,
        scale_mm=645,
        frets=20,
        joint_fret=14,
        tuning="E A D G B E",
        string_set=_SIX,
        nut_width_mm=43,
        end_width_mm=55,
        radius_mm=304.8,
        end_radius_mm=406.4,
        rod="two-way",
        bound=True,
        joint="glued",
        wire_height_mm=1.0,
        wire_width_mm=2.3,
        relief_target_mm=0.13,
        complaint="Worn through on the first frets; the reader bends a lot and wants it to last.",
    )
    made = Driver(neck, Condition(proud=0, low=0, slack_dip_mm=-0.04), 223, "2026-03-03")
    made.session.append(
        *(Size(what="groove", fret=f, string=s, mm=0.24) for f in range(1, 10) for s in (2, 3)),
        *(Size(what="slot-width", fret=f, mm=mm) for f, mm in ((1, 0.56), (9, 0.58), (20, 0.72))),
        *(Size(what="slot-depth", fret=f, mm=mm) for f, mm in ((1, 1.9), (10, 1.75), (20, 1.65))),
        Size(what="binding-width", lane="bass", mm=1.6),
        *(Size(what="radius", fret=f, mm=mm) for f, mm in ((1, 304.8), (10, 360.0), (20, 406.4))),
    )
    return made.job()


def to_match() -> Job:
    """An octave mandolin: six frets to be matched, four of them in."""
    neck = NeckDescription(
        title="octave mandolin, shelf 22",
        owner=OWNER,
        scale_mm=520,
        frets=24,
        joint_fret=14,
        strings=8,
        tuning="G G D D A A E E",
        nut_width_mm=34,
        end_width_mm=46,
        radius_mm=304.8,
        rod="one-way",
        wire_height_mm=1.1,
        wire_width_mm=2.0,
        relief_target_mm=0.1,
        complaint="Dull and buzzing on the low frets; five asked for, the sixth is as bad.",
    )
    made = Driver(neck, Condition(proud=0, low=0, slack_dip_mm=0.0, pull_mm=0.1), 233, "2026-03-03")
    made.session.append(
        *(Size(what="groove", fret=f, string=s, mm=0.33) for f in range(1, 7) for s in (2, 4)),
        *(Size(what="crown-width", fret=f, mm=2.0) for f in (3, 9, 15)),
        NewWire(wire=demo_wires()[1], frets=tuple(range(1, 7)), block_mm=60.0),
    )
    made.take("refret-some")
    made.until("fit-2", {"pull": "2*", "slots": "4-"})
    return made.job()


def proven() -> Job:
    """A tenor guitar: new wire all over, levelled, strung up and proven."""
    neck = NeckDescription(
        title="tenor guitar, shelf 24",
        owner=OWNER,
        scale_mm=584,
        frets=19,
        joint_fret=14,
        strings=4,
        tuning="C G D A",
        nut_width_mm=32,
        end_width_mm=41,
        radius_mm=304.8,
        rod="two-way",
        wire_height_mm=0.95,
        relief_target_mm=0.13,
        wire_wish="taller",
        complaint="The reader comes from taller wire and finds these frets too low.",
    )
    made = Driver(
        neck, Condition(proud=0, low=0, slack_dip_mm=0.0, pull_mm=0.12), 241, "2026-02-24"
    )
    made.session.append(NewWire(wire=demo_wires()[0]))
    made.take("refret")
    made.until("", {"pull": "6*", "fit-2": "5*"})
    made.go_on()
    made.until("look-again")
    clean: list[AnyEntry] = [
        OthersClean(string=string, frets=tuple(range(20))) for string in range(1, 5)
    ]
    made.session.append(Heard(string=4, fret=0, says="clean"), *clean)
    return made.job()


REFRETS: dict[str, Callable[[], Job]] = {
    "10-rodless-half-trued": half_trued,
    "11-bound-choosing": choosing,
    "12-octave-to-match": to_match,
    "13-tenor-proven": proven,
}
