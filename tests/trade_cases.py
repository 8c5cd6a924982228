"""Cases of the trade, written before the causes were weighed: what is the matter, and what is done
first. In groups: over months, complaint against neck, few or contradictory readings, both sides of
a threshold, unusual instruments, risky ones. Common practice, no source.
"""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from typing import Any

from msgspec import structs

from nuvrek.money import Amount
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import (
    Air,
    AnyEntry,
    FretEnd,
    Heard,
    Heated,
    Note,
    OthersFirm,
    Rock,
    RodMove,
    Seated,
    State,
    StringGap,
    StringHeight,
)
from nuvrek.readings.owner.entries import Answered, Arrived, Consented, Quote, Term, Worth
from tests.test_judgement import (
    PRESSED,
    SLACK,
    Entries,
    all_across,
    clean,
    crowns,
    gaps,
    grooves,
    heights,
    loose,
    swept,
)


@dataclass(frozen=True)
class TradeCase:
    """Readings and description; ways of which one must come first, that must never come, and
    causes of which one must be among the two likeliest.
    """

    name: str
    entries: Entries
    first: frozenset[str]
    never: tuple[str, ...]
    cause: frozenset[str]
    test: str
    neck: dict[str, Any]


TRADE_CASES: list[TradeCase] = []


def own(
    name: str,
    entries: Iterable[AnyEntry],
    first: Iterable[str],
    never: Sequence[str] = (),
    cause: Iterable[str] = (),
    test: str = "",
    **neck: Any,
) -> None:
    TRADE_CASES.append(
        TradeCase(name, [*entries], frozenset(first), tuple(never), frozenset(cause), test, neck)
    )


BASE: Entries = [*swept(), *crowns(1.2), *PRESSED]
MANY: Entries = [
    *gaps(0.15),
    *swept(all_across(3, 5, 7, 9, 11, 13, 15, 17, 19), 0.05),
    *crowns(1.2),
    *PRESSED,
    *heights(1.7, 1.5),
]
METAL = (
    "spot-level",
    "play-clean",
    "level",
    "level-straight",
    "level-held",
    "level-lies",
    "crown-few",
    "crown-first",
    "refret",
    "refret-some",
    "refret-true",
    "refret-tangs",
    "refret-angle",
    "lift-fret",
)


def at(day: str, entries: Entries) -> Entries:
    return [structs.replace(e, at=f"{day}T10:00:00") for e in entries]


def nutgap(low: float, high: float) -> Entries:
    return [
        StringGap(lane=lane, low_support=0, high_support=3, fret=1, gap_mm=mm)
        for lane, mm in (("bass", low), ("treble", high))
    ]  # type: ignore[arg-type]


# --- (a) over months ---
own(
    "a1 heat crept back, no rod",
    [
        *at("2026-09-01", gaps(0.55)),
        *at("2026-09-02", [Heated(over_bend_mm=1.0)]),
        *at("2026-09-04", gaps(0.25)),
        *at("2026-10-10", gaps(0.50)),
        *BASE,
        *heights(2.6, 2.3),
    ],
    {"level", "refret-tangs", "refret", "refret-true", "refer", "new-neck", "strings", "leave"},
    never=("heat", "rod"),
    cause={"relief-much"},
    rod="none",
    complaint="Hard to play everywhere.",
)
own(
    "a2 fret pressed twice came up twice",
    [
        *at("2026-06-01", [*gaps(0.15), *swept(), *crowns(1.2), *loose(9)]),
        *at("2026-06-02", [Seated(fret=9, holds="holds")]),
        *at("2026-07-01", loose(9)),
        *at("2026-07-02", [Seated(fret=9, glued=True, holds="holds")]),
        *at("2026-09-01", loose(9)),
    ],
    {"lift-fret", "refret-some"},
    never=("level", "spot-level"),
    cause={"loose-fret"},
    complaint="Fret 9 sounds dead.",
)
own(
    "a3 relief rose over the months",
    [*at("2026-07-01", gaps(0.14)), *at("2026-11-20", gaps(0.32)), *BASE],
    {"rod"},
    never=(*METAL, "leave"),
    cause={"relief-much"},
    complaint="Harder to play since autumn.",
)
own(
    "a4 same gap twice the same day",
    [*at("2026-11-20", [*gaps(0.12), *BASE]), *at("2026-11-20", gaps(0.34))],
    {"read"},
    never=("rod", *METAL),
)
own(
    "a5 relief only worsens over two moves",
    [
        *gaps(0.30),
        RodMove(turns=0.25),
        *gaps(0.33, State(rod_turns=0.25, rod_high_turns=0.25, rod_moves=1)),
        RodMove(turns=0.25),
        *gaps(0.38, State(rod_turns=0.5, rod_high_turns=0.5, rod_moves=2)),
        *BASE,
    ],
    {"rod-back", "read", "rod"},
    never=(*METAL, "heat", "refer"),
    cause={"rod-reversed"},
)
own(
    "a6 buzz each winter",
    [
        *at("2025-07-01", [*gaps(0.15), *BASE, *heights(1.6, 1.4)]),
        *at("2026-01-15", [*gaps(0.05)]),
        Air(humidity_percent=32),
    ],
    {"rod"},
    never=METAL,
    cause={"relief-little", "air-dry"},
    complaint="It buzzes in the cold months only.",
)
own(
    "a7 quote for the level refused",
    [
        *MANY,
        Quote(ways=("level",), lines=(), total=Amount(150)),
        Answered(quote=len(MANY) + 1, says="refused"),
    ],
    {"play-clean", "spot-level"},
    never=("level", "crown-first"),
)
# --- (b) complaint against neck ---
own(
    "b1 only open strings, slot low",
    [*gaps(0.15), *BASE, *nutgap(0.0, 0.05), *heights(1.7, 1.5)],
    {"nut"},
    never=(*METAL, "rod", "hardware"),
    cause={"nut-low"},
    complaint="Only the open strings buzz.",
)
own(
    "b2 only open strings, slots fine",
    [*gaps(0.15), *BASE, *nutgap(0.06, 0.06), *heights(1.9, 1.6)],
    {"hardware", "nut", "read"},
    never=(*METAL, "rod", "leave", "saddle"),
    cause={"hardware", "nut-low", "nut-tight"},
    complaint="Only open strings buzz, fretted ones are fine.",
)
own(
    "b3 only when digging in",
    [*gaps(0.15), *BASE, *nutgap(0.06, 0.06), *heights(1.25, 1.05)],
    {"saddle"},
    never=(*METAL, "rod", "hardware"),
    cause={"saddle-low", "hand-hard"},
    complaint="It buzzes only when I dig in.",
)
own(
    "b4 chokes on bends, small radius",
    [*gaps(0.12), *BASE, *nutgap(0.06, 0.06), *heights(1.5, 1.2)],
    {"saddle", "level", "refret-true", "read"},
    never=("hardware", "leave", "rod", "nut"),
    cause={"radius-small"},
    complaint="Notes choke out on bends above the twelfth.",
    radius_mm=184.0,
)
own(
    "b5 one dead note",
    [
        *gaps(0.15),
        *BASE,
        *nutgap(0.06, 0.06),
        *heights(1.8, 1.5),
        Heard(string=3, fret=7, says="badly"),
    ],
    {"read", "leave", "hardware"},
    never=(*METAL, "rod", "saddle"),
    cause={"resonance", "loose-fret"},
    test="weight",
    complaint="One note dies on the third string.",
)
own(
    "b6 sharp in first position, nut high",
    [*gaps(0.15), *BASE, *nutgap(0.45, 0.5), *heights(1.8, 1.5)],
    {"nut"},
    never=(*METAL, "ends", "hardware"),
    cause={"nut-high"},
    complaint="Chords sound sharp in first position.",
)
own(
    "b7 sharp in first position, nut fine, tall wire",
    [*gaps(0.15), *swept(), *crowns(1.45), *PRESSED, *nutgap(0.05, 0.05), *heights(1.8, 1.5)],
    {"leave", "strings", "read"},
    never=(*METAL, "ends", "hardware", "nut", "rod"),
    cause={"wire-tall", "hand-hard"},
    complaint="Chords are sharp when fretted in the first position.",
    wire_height_mm=1.5,
    touch="firm",
)
own(
    "b8 stiff everywhere, strings high",
    [*gaps(0.15), *BASE, *nutgap(0.05, 0.05), *heights(2.9, 2.5)],
    {"saddle"},
    never=(*METAL, "rod", "hardware", "leave", "nut"),
    cause={"saddle-high"},
    complaint="Stiff all over the neck.",
)
own(
    "b9 stiff in first position",
    [*gaps(0.15), *BASE, *nutgap(0.4, 0.4), *heights(1.8, 1.5)],
    {"nut"},
    never=(*METAL, "rod", "hardware", "leave"),
    cause={"nut-high"},
    complaint="Very stiff in first position.",
)
own(
    "b10 rattles, nothing measured",
    [*gaps(0.15), *BASE, *nutgap(0.06, 0.06), *heights(1.9, 1.6)],
    {"hardware"},
    never=(*METAL, "rod", "saddle", "leave"),
    cause={"hardware", "rod-loose"},
    complaint="Something rattles.",
)
own(
    "b11 sharp ends in winter",
    [
        *gaps(0.15),
        *BASE,
        *[FretEnd(side="bass", fret=f, fault="sprouting") for f in (3, 5, 7, 9, 12)],
        Air(humidity_percent=28),
    ],
    {"ends"},
    never=("level", "spot-level", "rod", "leave"),
    cause={"air-dry"},
    complaint="Sharp edges since the heating came on.",
)
own(
    "b12 out of tune up the neck",
    [*gaps(0.15), *BASE, *nutgap(0.06, 0.06), *heights(1.8, 1.5)],
    {"intonation"},
    never=(*METAL, "rod", "nut"),
    cause={"intonation", "strings-old"},
    complaint="It plays out of tune up the neck, high notes sharp.",
)
own(
    "b13 false notes since pickups were raised",
    [*gaps(0.15), *BASE, *nutgap(0.06, 0.06), *heights(1.8, 1.5)],
    {"hardware", "read", "leave"},
    never=(*METAL, "rod", "saddle", "nut"),
    cause={"pickups"},
    complaint="High notes warble on the low strings since the pickups were raised.",
)
# --- (c) few, wrong, contradictory ---
own(
    "c1 three readings",
    [*gaps(0.15)[:2], Rock(lane="bass", fret=5, says="rocks")],
    {"read"},
    never=("level", "leave", "hardware"),
)
own(
    "c2 two heights of one string",
    [
        *gaps(0.15),
        *BASE,
        StringHeight(side="bass", fret=12, height_mm=2.1),
        StringHeight(side="bass", fret=12, height_mm=1.6),
        StringHeight(side="treble", fret=12, height_mm=1.5),
    ],
    {"read"},
    never=("saddle", *METAL),
    height_low_mm=1.6,
    height_high_mm=1.5,
)
own(
    "c3 strings take relief out on one side",
    [*gaps(0.10, high=0.30), *gaps(0.22, SLACK, high=0.18), *BASE],
    {"read"},
    never=("rod", *METAL),
)
own(
    "c4 one side pulled many times the usual",
    [*gaps(0.75, high=0.16), *gaps(0.05, SLACK, high=0.08), *BASE],
    {"read"},
    never=("rod", "heat", *METAL),
)
own(
    "c5 rock marked, then still",
    [*gaps(0.15), *swept({7: ("bass",)}), *swept(), *crowns(1.2), *PRESSED],
    {"leave", "read"},
    never=METAL,
)
own(
    "c6 only a complaint",
    [],
    {"read"},
    never=(*METAL, "rod", "hardware", "leave", "saddle"),
    complaint="It buzzes.",
)
# --- (d) both sides of a threshold ---
own(
    "d1 gone too far and 0.049",
    [
        *gaps(0.15),
        *swept({4: LANES, 6: LANES}, 0.049),
        *crowns(1.2),
        *PRESSED,
        Seated(fret=5, stopped="gone too far", holds="holds"),
        *[Rock(lane=lane, fret=f, says="rocks", gap_mm=0.049) for lane in LANES for f in (4, 6)],
        *[Rock(lane=lane, fret=5, says="still") for lane in LANES],
        OthersFirm(frets=(5,)),
    ],
    {"lift-fret"},
    never=("level", "leave"),
    cause={"low-neighbour"},
)
own(
    "d2 one rock, not pressed",
    [*gaps(0.15), *swept(all_across(9)), *crowns(1.2)],
    {"spot-level", "read", "seat"},
    never=("level", "leave", "hardware"),
    cause={"proud", "low-neighbour", "loose-fret"},
)
own(
    "d3 two rocks around one",
    [*gaps(0.15), *swept(all_across(6, 8), 0.05), *crowns(1.2), *PRESSED],
    {"lift-fret", "spot-level", "play-clean", "read"},
    never=("leave", "hardware"),
    cause={"low-neighbour", "proud"},
)
own(
    "d4 relief inside the margin",
    [*gaps(0.20), *BASE, *heights(1.7, 1.5)],
    {"leave"},
    never=(*METAL, "rod"),
)
own(
    "d4b relief past the margin",
    [*gaps(0.27), *BASE, *heights(1.7, 1.5)],
    {"rod"},
    never=(*METAL, "leave"),
    cause={"relief-much"},
)
own(
    "d5 crowns a hair over the least, nobody complains",
    [*gaps(0.15), *swept(), *crowns(0.82), *PRESSED, *clean()],
    {"leave"},
    never=METAL,
)
own(
    "d6 budget under the level",
    [
        *MANY,
        Quote(ways=("level",), lines=(), total=Amount(150)),
        Quote(ways=("play-clean",), lines=(), total=Amount(90)),
        Worth(budget=Amount(100), currency="EUR"),
    ],
    {"play-clean", "spot-level"},
    never=("level", "crown-first"),
)
# --- (e) unusual ---
own(
    "e1 no rod, bow 0.3",
    [*gaps(0.32), *BASE, *heights(3.2, 2.9)],
    {"level", "strings", "leave", "saddle"},
    never=("rod", "rod-nut", "rod-back"),
    cause={"relief-much"},
    rod="none",
    complaint="Hard to play.",
)
own(
    "e2 zero fret low at the low string",
    [*gaps(0.15), *BASE, *nutgap(0.0, 0.13), *heights(1.7, 1.5)],
    {"zero-fret"},
    never=(*METAL, "nut", "rod", "hardware"),
    cause={"zero-fret"},
    zero_fret=True,
    complaint="The low string buzzes open.",
)
own(
    "e3 twin rods, sides apart",
    [*gaps(0.28, high=-0.08), *BASE],
    {"rod", "read"},
    never=(*METAL, "leave", "hardware"),
    cause={"relief-by-side", "twist"},
    rod="twin",
)
own(
    "e4 bare new neck",
    [*swept(all_across(3, 8, 12, 17), 0.04), *crowns(1.3), *PRESSED],
    {"level-straight", "level", "spot-level"},
    never=("rod", "saddle", "strings", "leave"),
    bare=True,
)
own(
    "e5 long bass, low relief, heard clean",
    [*gaps(0.18), *BASE, *clean(4), *heights(2.2, 1.9)],
    {"leave"},
    never=(*METAL, "rod"),
    scale_mm=864.0,
    strings=4,
    relief_school="usual",
)
own(
    "e6 one rod, sides far apart",
    [*gaps(0.36, high=-0.03), *BASE],
    {"read", "rod", "level", "refret-true", "refer"},
    never=("leave", "hardware"),
    cause={"twist", "relief-by-side"},
)
own(
    "e7 heavier strings on a floating bridge",
    [*gaps(0.16), *BASE, *nutgap(0.05, 0.05), *heights(2.9, 2.6)],
    {"saddle", "strings", "hardware"},
    never=(*METAL, "rod", "leave", "nut"),
    cause={"strings-heavy", "bridge-moved", "saddle-high"},
    complaint="Action came up since heavier strings went on, the bridge floats on springs.",
)
own(
    "e8 dead straight and content",
    [*gaps(0.02), *BASE, *clean(), *heights(1.8, 1.6)],
    {"leave", "rod"},
    never=(*METAL, "hardware", "heat"),
)
# --- (f) risky ---
own(
    "f1 crack in the heel",
    [Arrived(condition="Hairline crack in the heel, opens under tension."), *gaps(0.40), *BASE],
    {"refer"},
    never=(*METAL, "rod", "heat", "seat", "saddle"),
    cause={"crack"},
    complaint="High action.",
)
own(
    "f2 tongue loose, tops proud on it",
    [
        Arrived(condition="The tongue is loose, it moves when pressed."),
        *gaps(0.15),
        *swept(all_across(18, 19, 20), 0.06),
        *crowns(1.2),
    ],
    {"refer"},
    never=(*METAL, "seat", "leave"),
    cause={"tongue-loose"},
)
own(
    "f3 the rod cracked",
    [
        *gaps(0.40),
        RodMove(turns=0.125, feel="binding"),
        Note(text="The rod was heard to crack."),
        *gaps(0.40, State(rod_turns=0.125, rod_high_turns=0.125, rod_moves=1)),
        *BASE,
    ],
    {"refer", "rod-nut"},
    never=(*METAL, "rod", "heat"),
    cause={"crack"},
)
own(
    "f4 lacquered board, rod without answer",
    [
        *gaps(0.8),
        RodMove(turns=0.25),
        *gaps(0.8, State(rod_turns=0.25, rod_high_turns=0.25, rod_moves=1)),
        RodMove(turns=0.25),
        *gaps(0.8, State(rod_turns=0.5, rod_high_turns=0.5, rod_moves=2)),
        *BASE,
    ],
    {"refer", "refret", "refret-true", "refret-tangs", "strings", "rod-nut", "level", "leave"},
    never=("heat", "rod"),
    cause={"rod-spent", "relief-much"},
    lacquered=True,
)
own(
    "f5 owner refused new wire",
    [
        *gaps(0.15),
        *swept(),
        *crowns(0.7),
        *grooves(range(1, 10), 0.15),
        *PRESSED,
        Consented(
            terms=(Term(matter="way", about="way:refret", words="New wire", says="refused"),)
        ),
    ],
    {"read", "leave"},
    never=("refret", "refret-some", "refret-true"),
    complaint="It buzzes in first position.",
    wire_height_mm=0.9,
)
