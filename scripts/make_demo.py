"""Makes the thirteen demo jobs from fixed seeds. Run: ./run python scripts/make_demo.py"""

from __future__ import annotations

import sys
from dataclasses import dataclass, replace
from datetime import date
from pathlib import Path

import msgspec

sys.path.insert(0, str(Path(__file__).resolve().parents[1]))
from benchmarks.rod_jobs import read_relief
from scripts.make_demo_owned import OWNED
from scripts.make_demo_refret import REFRETS

from nuvrek.bench.working.job import promised
from nuvrek.estimate.findings.find import find
from nuvrek.estimate.heightmap import map_neck
from nuvrek.exchange.jobfile import Job, dump
from nuvrek.neck.description import LANES, Lane, NeckDescription
from nuvrek.neck.strings import StringSpec
from nuvrek.planning.plan import make_plan
from nuvrek.readings.entries import (
    Air,
    AnyEntry,
    Chosen,
    CrownHeight,
    EndsFine,
    Filed,
    FretEnd,
    Note,
    OthersFirm,
    RodFeel,
    RodMove,
    RoundStart,
    Size,
    StandOff,
    State,
    StateChange,
    StepDone,
)
from nuvrek.readings.journal import fold
from nuvrek.readings.rounds import after_levelling, closing_round, later_look
from nuvrek.readings.tool_kit import Kit
from nuvrek.simulator.measuring import Bench, default_rng, measure_basic_round
from nuvrek.simulator.rods import MadeRod, WorkedNeck
from nuvrek.simulator.truth import Array, Condition, Truth, make_truth

FOLDER = Path(__file__).resolve().parents[1] / "src/nuvrek/demo"


@dataclass(frozen=True)
class Made:
    name: str
    seed: int
    neck: NeckDescription
    condition: Condition


def strings(words: str) -> tuple[StringSpec, ...]:
    """A string list from ``E2 1.17w*2``: note, gauge in mm, w for wound, how many in the course."""
    made = []
    for note, gauge in zip(words.split()[::2], words.split()[1::2], strict=True):
        size, _, each = gauge.partition("*")
        made.append(
            StringSpec(note, float(size.rstrip("w")), size.endswith("w"), each=int(each or 1))
        )
    return tuple(made)


OWNER = "Harbour Library, lending shelf"
NECKS = (
    Made(
        "1-tenor-guitar",
        41,
        NeckDescription(
            title="tenor guitar, shelf 12",
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
            wire_height_mm=1.15,
            relief_target_mm=0.13,
            complaint="A reader says it buzzes when she plays past the third fret.",
        ),
        Condition(proud=2, low=0, slack_dip_mm=0.05, pull_mm=0.10),
    ),
    Made(
        "2-baritone-guitar",
        58,
        NeckDescription(
            title="baritone guitar, shelf 3",
            owner=OWNER,
            scale_mm=686,
            frets=22,
            joint_fret=16,
            strings=6,
            tuning="B E A D F# B",
            nut_width_mm=44,
            end_width_mm=57,
            radius_mm=406.4,
            rod="twin",
            rod_access="head",
            rod_key="4 mm",
            string_set=strings("B1 1.57w E2 1.22w A2 0.91w D3 0.66w F#3 0.46 B3 0.36"),
            wire_height_mm=1.25,
            relief_target_mm=0.18,
            complaint=(
                "Strings feel high in the middle of the neck since the spring, most on the "
                "treble side."
            ),
        ),
        Condition(proud=0, low=0, slack_dip_mm=0.16, pull_mm=0.20, tilt_mm=-0.22),
    ),
    Made(
        "3-long-bass",
        73,
        NeckDescription(
            title="long-scale bass, shelf 7",
            owner=OWNER,
            scale_mm=864,
            frets=20,
            joint_fret=16,
            strings=4,
            tuning="E A D G",
            nut_width_mm=42,
            end_width_mm=62,
            radius_mm=254,
            rod="one-way",
            wire_height_mm=1.3,
            relief_target_mm=0.28,
            left_handed=True,
            complaint="Uneven all over: some notes choke, some ring. Lent out for nine years.",
        ),
        Condition(proud=6, low=2, slack_dip_mm=0.08, pull_mm=0.22, scatter_mm=0.016),
    ),
    Made(
        "4-octave-mandolin",
        90,
        NeckDescription(
            title="octave mandolin, shelf 9",
            owner=OWNER,
            scale_mm=508,
            frets=19,
            joint_fret=12,
            strings=8,
            tuning="G G D D A A E E",
            nut_width_mm=34,
            end_width_mm=45,
            radius_mm=304.8,
            rod="unknown",
            bound=True,
            wire_height_mm=1.1,
            relief_target_mm=0.10,
            complaint="One note on the treble side goes dead. The fret end feels loose.",
        ),
        # Bowed back slack, as wanted once strung.
        Condition(proud=1, low=0, sprung_ends=1, slack_dip_mm=-0.12, pull_mm=0.28),
    ),
    Made(
        "5-parlour-guitar",
        102,
        NeckDescription(
            title="small parlour guitar, shelf 1",
            owner=OWNER,
            scale_mm=610,
            frets=18,
            joint_fret=12,
            strings=6,
            tuning="E A D G B E",
            nut_width_mm=46,
            end_width_mm=56,
            rod="none",
            wire_height_mm=0.95,
            least_crown_mm=0.7,
            relief_target_mm=0.15,
            complaint="An heirloom on loan: keep it as it is if it can be played.",
        ),
        Condition(proud=0, low=1, slack_dip_mm=0.03, pull_mm=0.14, wear_mm=0.05),
    ),
    Made(
        "6-steel-guitar",
        117,
        NeckDescription(
            title="steel-string guitar, shelf 5",
            owner=OWNER,
            scale_mm=645,
            frets=20,
            joint_fret=14,
            tuning="E A D G B E",
            string_set=strings("E2 1.35w A2 1.07w D3 0.81w G3 0.61w B3 0.41 E4 0.30"),
            nut_width_mm=43,
            end_width_mm=55,
            radius_mm=406.4,
            rod="two-way",
            rod_access="sound hole",
            rod_key="5 mm",
            joint="glued",
            neck_wood="mahogany",
            wood="rosewood",
            wire_height_mm=1.1,
            relief_target_mm=0.15,
            height_low_mm=1.5,
            height_high_mm=1.25,
            complaint="Stiff to play up the neck. Lent out all winter.",
        ),
        Condition(
            proud=0, low=0, slack_dip_mm=0.21, pull_mm=0.17, scatter_mm=0.006, nut_over_mm=0.05
        ),
    ),
    Made(
        "7-old-octave-mandolin",
        131,
        NeckDescription(
            title="old octave mandolin, shelf 14",
            owner=OWNER,
            scale_mm=514,
            frets=20,
            joint_fret=12,
            strings=8,
            tuning="G G D D A A E E",
            string_set=strings("G2 1.17w*2 D3 0.81w*2 A3 0.51*2 E4 0.30*2"),
            nut_width_mm=34,
            end_width_mm=45,
            rod="one-way",
            rod_access="head",
            rod_key="7 mm box key",
            joint="glued",
            wire_height_mm=1.0,
            relief_target_mm=0.10,
            complaint="Hard work in the middle of the neck. Someone has been at the rod before.",
        ),
        Condition(
            proud=0, low=0, slack_dip_mm=0.34, pull_mm=0.12, scatter_mm=0.006, nut_over_mm=0.05
        ),
    ),
    Made(
        "8-tenor-in-back-bow",
        149,
        NeckDescription(
            title="tenor guitar, shelf 16",
            owner=OWNER,
            scale_mm=590,
            frets=19,
            joint_fret=14,
            strings=4,
            tuning="C G D A",
            string_set=strings("C3 0.76w G3 0.51w D4 0.33 A4 0.23"),
            nut_width_mm=32,
            end_width_mm=41,
            rod="one-way",
            rod_access="heel",
            wire_height_mm=1.35,
            relief_target_mm=0.10,
            complaint="Chokes in the first five frets since it came back from a damp cellar.",
        ),
        Condition(
            proud=0, low=0, slack_dip_mm=-0.24, pull_mm=0.08, scatter_mm=0.006, nut_over_mm=0.05
        ),
    ),
    Made(
        "9-rodless-parlour",
        163,
        NeckDescription(
            title="parlour guitar, shelf 2",
            owner=OWNER,
            scale_mm=605,
            frets=18,
            joint_fret=12,
            tuning="E A D G B E",
            string_set=strings("E2 1.19w A2 0.94w D3 0.69w G3 0.51w B3 0.36 E4 0.28"),
            nut_width_mm=45,
            end_width_mm=56,
            rod="none",
            joint="glued",
            wire_height_mm=0.85,
            least_crown_mm=0.7,
            relief_target_mm=0.15,
            complaint="High in the middle; the owner's family wants it kept.",
        ),
        Condition(
            proud=0, low=0, slack_dip_mm=0.36, pull_mm=0.18, scatter_mm=0.006, nut_over_mm=0.05
        ),
    ),
)


SLACK = State(strings="slack")


def _all_but(frets: int, *marked: int) -> tuple[int, ...]:
    return tuple(fret for fret in range(1, frets + 1) if fret not in marked)


# What fingers and eyes found, on the necks where it matters.
LOOKED_OVER: dict[str, list[AnyEntry]] = {
    "3-long-bass": [
        Air(temperature_c=20.5, humidity_percent=38.0, state=SLACK),
        OthersFirm(frets=_all_but(20), state=SLACK),
        *(
            FretEnd(side="treble", fret=fret, fault="sprouting", mm=0.2, state=SLACK)
            for fret in (3, 4, 5, 7)
        ),
        FretEnd(side="treble", fret=9, fault="sharp", state=SLACK),
        EndsFine(side="treble", frets=_all_but(20, 3, 4, 5, 7, 9), state=SLACK),
        EndsFine(side="bass", frets=_all_but(20), state=SLACK),
        Note(text="Dry all winter beside the radiator; the ends came out since."),
    ],
    "4-octave-mandolin": [
        StandOff(fret=11, lane="treble", moves="moves", slides_mm=0.1, drags_mm=0.15, state=SLACK),
        OthersFirm(frets=_all_but(19, 11), state=SLACK),
    ],
    "5-parlour-guitar": [
        Size(what="groove", fret=fret, string=string, mm=mm)
        for fret, string, mm in ((1, 2, 0.06), (2, 2, 0.08), (3, 3, 0.05))
    ],
}


def stamped(entries: list[AnyEntry], day: str, hour: int = 10) -> list[AnyEntry]:
    """Entries with wall-clock times a minute apart."""
    return [
        e if e.at else msgspec.structs.replace(e, at=f"{day}T{hour + n // 60:02d}:{n % 60:02d}:00")
        for n, e in enumerate(entries)
    ]


def choose_and_file(
    made: Made, truth: Truth, entries: list[AnyEntry]
) -> tuple[list[AnyEntry], list[AnyEntry], Truth]:
    """The tenor's later life: spot-levelled as advised; crowned, rod turned, strung up again."""
    neck_map = map_neck(fold(made.neck, entries))
    plan = make_plan(neck_map, find(neck_map))
    way = plan.way("spot-level")
    off = tuple(
        (f + 1, LANES[k], round(float(way.off_mm[f, k]), 4))
        for f in range(made.neck.frets)
        for k in range(3)
        if way.off_mm[f, k] > 0.004
    )
    crown = truth.crown_mm.copy()
    for fret, lane, mm in off:
        crown[fret, LANES.index(lane)] -= mm
    work: list[AnyEntry] = [
        Chosen(
            way="spot-level",
            promise=promised(way),
            frets=way.frets,
            off=off,
            rod=plan.rod.words if plan.rod else "",
        ),
        StateChange(state=State(strings="slack")),
        StepDone(step="slacken"),
        StepDone(step="tape"),
        StepDone(step="mark"),
        Filed(way="spot-level", off=off),
        StepDone(step="file"),
    ]
    then: list[AnyEntry] = [
        StepDone(step="levelled"),
        StepDone(step="crown"),
        StepDone(step="polish"),
        StepDone(step="peel"),
        StateChange(state=State(strings="pitch")),
        StepDone(step="string-up"),
    ]
    if plan.rod:
        then += [RodMove(turns=plan.rod.turns, feel="firm"), StepDone(step="rod")]
    return entries + work, then, replace(truth, crown_mm=crown)


def turned(
    made: Made, truth: Truth, entries: list[AnyEntry], rod: MadeRod, moves: tuple[float | None, ...]
) -> list[AnyEntry]:
    """The neck after rod moves, each read with leaves on both sides; None: key and nut are looked
    at.
    """
    worked, state = WorkedNeck(truth, (rod,), default_rng(made.seed + 1)), State()
    done = [StateChange(state=state), *read_relief(worked, state)]
    for turns in moves:
        if turns is None:
            done.append(RodFeel(feel="firm"))
            continue
        feel = worked.turn(turns)
        felt = feel if feel in ("slack", "at its end") else ""
        done.append(RodMove(turns=turns, feel=felt))
        state = fold(made.neck, [*entries, *done]).state
        done += read_relief(worked, state)
    return done


# What the low strings had worn unevenly, taken off at the fifth look.
LOW_E_WORN: tuple[tuple[int, Lane, float], ...] = tuple((3, lane, 0.03) for lane in LANES)
# Looks of three years: the day, the air, how much it pulls the neck up, and what was done then.
LOOKS: tuple[tuple[str, float, float, float, AnyEntry | None], ...] = (
    ("2023-03-14", 19.5, 35.0, -0.06, None),
    ("2023-08-22", 24.0, 66.0, 0.08, None),
    ("2024-02-20", 20.0, 33.0, -0.07, RodMove(turns=-0.125, feel="firm")),
    ("2024-08-13", 25.0, 62.0, 0.06, RodMove(turns=0.125, feel="firm")),
    ("2025-03-11", 20.0, 36.0, -0.05, Filed(way="spot-level", off=LOW_E_WORN)),
    ("2025-07-22", 24.0, 63.0, 0.07, None),
    ("2025-11-18", 19.0, 47.0, 0.0, None),
)


def earlier_visits(made: Made, truth: Truth) -> list[AnyEntry]:
    """Three years of looks: dry air lets this neck bow forward less, damp air more; its crowns wear
    a little each year; its rod is turned for a dry winter and back, one fret filed.
    """
    found: list[AnyEntry] = []
    for day, warm, damp, more, done in LOOKS:
        years = (date(2026, 3, 3) - date.fromisoformat(day)).days / 365.25
        crown = truth.crown_mm + 0.02 * years
        if day <= LOOKS[4][0]:
            for fret, lane, mm in LOW_E_WORN:
                crown[fret, LANES.index(lane)] += mm
        high = truth.string_height_12_mm
        there = replace(
            truth,
            pull_mm=truth.pull_mm - 0.1 + more,
            crown_mm=crown,
            string_height_12_mm=(high[0] + more / 2.0, high[1] + more / 2.0),
        )
        state = fold(made.neck, found).state if found else State()
        bench = Bench(there, default_rng(made.seed + len(found)))
        seen = [Air(temperature_c=warm, humidity_percent=damp), *_look(bench, state, crown)]
        if isinstance(done, RodMove):
            seen += [done, *_gaps(bench, fold(made.neck, [*found, *seen, done]).state)]
        elif done is not None:
            seen.append(done)
        found += stamped(seen, day)
    return found


def _gaps(bench: Bench, state: State) -> list[AnyEntry]:
    look = later_look(bench.truth.neck, Kit())
    return [bench.string_gap(s, state) for s in look if s.kind == "string-gap"]


def _look(bench: Bench, state: State, crown: Array) -> list[AnyEntry]:
    look = later_look(bench.truth.neck, Kit())
    heights = [one for s in look if s.kind == "string-height" for one in bench.take(s, state)]
    crowns = [
        CrownHeight(lane="middle", fret=fret, height_mm=round(float(crown[fret, 1]), 2))
        for fret in (1, 5, 12)
    ]
    return [*_gaps(bench, state), *heights, *crowns]


def build(made: Made) -> Job:
    """One demo job: measured on its made-up neck, then as far along as the shelf wants it."""
    rng = default_rng(made.seed)
    truth = make_truth(made.neck, made.condition, rng)
    bench = Bench(truth, rng)
    entries = measure_basic_round(bench, upto=17 if made.name == "5-parlour-guitar" else None)
    seen = LOOKED_OVER.get(made.name, [])
    # The parlour guitar is in the middle of its round: what was seen came before it.
    entries = [*seen, *entries] if made.name == "5-parlour-guitar" else [*entries, *seen]
    if made.name == "6-steel-guitar":
        entries = [
            *earlier_visits(made, truth),
            Air(temperature_c=20.0, humidity_percent=38.0),
            *(
                CrownHeight(lane="middle", fret=f, height_mm=round(float(truth.crown_mm[f, 1]), 2))
                for f in (1, 5, 12)
            ),
            *entries,
        ]
    if made.name == "7-old-octave-mandolin":
        entries += turned(made, truth, entries, MadeRod(0.008), (0.25, 0.25, None, 0.25, 0.25))
    if made.name == "8-tenor-in-back-bow":
        entries += turned(made, truth, entries, MadeRod(0.3, slack_at=-0.05), (-0.25,))
    if made.name == "4-octave-mandolin":
        neck_map = map_neck(fold(made.neck, entries))
        way = make_plan(neck_map, find(neck_map)).way("seat")
        entries += [
            Chosen(way="seat", promise=way.promise, frets=way.frets),
            StepDone(step="slacken"),
        ]
    if made.name == "1-tenor-guitar":
        entries, then, filed = choose_and_file(made, truth, entries)
        after = Bench(filed, rng)
        # Rocker, dip, flats and crowns while the strings are off.
        entries.append(RoundStart(name="after-levelling"))
        for station in after_levelling(made.neck, Kit()):
            entries.extend(after.take(station, State(strings="slack")))
        entries.extend(then)
        turns = sum(e.turns for e in entries if isinstance(e, RodMove))
        state = State(strings="slack", rod_turns=turns)
        entries.append(RoundStart(name="closing"))
        # All but the last reading of the closing round.
        for station in closing_round(made.neck, Kit())[:-1]:
            if station.kind == "state":
                state = msgspec.structs.replace(state, strings=station.state.strings)
            entries.extend(after.take(station, state))
    return Job(neck=made.neck, journal=tuple(stamped(entries, "2026-03-03")))


def main() -> None:
    for made in NECKS:
        (FOLDER / f"{made.name}.json").write_bytes(dump(build(made)))
    for name, built in {**REFRETS, **OWNED}.items():
        (FOLDER / f"{name}.json").write_bytes(dump(built()))


if __name__ == "__main__":
    main()
