"""Findings of fingers and eyes: frets that move, fret ends, grooves, a rod that resists. They need no height map."""

from __future__ import annotations

from nuvrek.estimate.findings.finding import Finding
from nuvrek.mechanics.moisture import DAMP_PERCENT, DRY_PERCENT, equilibrium_moisture_percent
from nuvrek.neck.crown import worn_mm
from nuvrek.neck.description import LANE_WORDS, LANES, RodKind
from nuvrek.readings.entries import (
    Air,
    CrownHeight,
    Dial,
    EndFault,
    EndsFine,
    Feel,
    FretEnd,
    OthersFirm,
    OthersStill,
    Rock,
    RodFeel,
    Seated,
    Side,
    Size,
    StandOff,
    StringGap,
)
from nuvrek.readings.journal import NeckState
from nuvrek.readings.words import amount_words
from nuvrek.units import Unit, format_length

# Shallower grooves are no matter yet; common practice, no source.
GROOVE_MM = 0.05
# An outer string nearer than this to the end of a fret slips off when the end is rounded; common practice, no source.
NEAR_EDGE_MM = 2.5

_END_HEADS: dict[EndFault, str] = {
    "sharp": "Sharp fret ends",
    "sprouting": "Fret ends past the edge",
    "proud-bevel": "Bevels that stand proud",
    "tape-lip": "Lips left by tape",
}
_END_CURES: dict[EndFault, str] = {
    "sharp": "A hair of rounding cures it; more lets the outer string slip off.",
    "sprouting": "The board has shrunk: bring the ends back to the edge before bevelling.",
    "proud-bevel": "Bevel to about 30 degrees, flush with the edge.",
    "tape-lip": "One light pass of the file after peeling.",
}


def stands_off(neck_state: NeckState) -> dict[int, StandOff]:
    """Frets last found moving or off the wood, and neither seated nor found firm since."""
    found: dict[int, StandOff] = {}
    # One that still moves after the press is as loose as before.
    done = (w for w in neck_state.work if isinstance(w.entry, Seated) and w.entry.holds != "moves")
    seated = {w.entry.fret: w.number for w in done if isinstance(w.entry, Seated)}
    for one in neck_state.taken:
        match one.reading:
            case StandOff(fret=fret) if one.number > seated.get(fret, 0):
                found[fret] = one.reading
            case OthersFirm(frets=frets):
                for fret in frets:
                    found.pop(fret, None)
            case _:
                pass
    return found


def seated_unread(neck_state: NeckState) -> tuple[int, ...]:
    """Frets seated whose new height no reading has told since: a rocker over them, an edge, a dial or a caliper on them."""
    seated = {w.entry.fret: w.number for w in neck_state.work if isinstance(w.entry, Seated)}
    for one in neck_state.taken if seated else ():
        match one.reading:
            case (
                Rock(fret=fret) | StringGap(fret=fret) | Dial(fret=fret) | CrownHeight(fret=fret)
            ) if one.number > seated.get(fret, one.number):
                seated.pop(fret, None)
            case OthersStill(frets=frets):
                for fret in frets:
                    if one.number > seated.get(fret, one.number):
                        seated.pop(fret, None)
            case _:
                pass
    return tuple(sorted(seated))


def end_faults(neck_state: NeckState) -> dict[tuple[Side, EndFault], dict[int, FretEnd]]:
    """What is wrong with fret ends, by side and fault, unless a later sweep found the end fine."""
    found: dict[tuple[Side, EndFault], dict[int, FretEnd]] = {}
    for one in neck_state.taken:
        match one.reading:
            case FretEnd(side=side, fret=fret, fault=fault) as end:
                found.setdefault((side, fault), {})[fret] = end
            case EndsFine(side=side, frets=frets):
                for (there, _), ends in found.items():
                    for fret in frets if there == side else ():
                        ends.pop(fret, None)
            case _:
                pass
    return {place: ends for place, ends in found.items() if ends}


def rod_feel(neck_state: NeckState) -> Feel | None:
    """How the rod felt last, by a reading or with a move; None when nobody said."""
    felt: list[tuple[int, str]] = [
        (one.number, one.reading.feel)
        for one in neck_state.taken
        if isinstance(one.reading, RodFeel)
    ]
    felt += [(number, move.feel) for number, move in neck_state.rod_moves if move.feel]
    return max(felt)[1] if felt else None  # type: ignore[return-value]


def find_observed(neck_state: NeckState, unit: Unit) -> list[Finding]:
    """Findings from the readings that fingers and eyes took."""
    return [
        *(_loose(fret, reading, unit) for fret, reading in sorted(stands_off(neck_state).items())),
        *_ends(neck_state, unit),
        *_grooves(neck_state, unit),
        *_flats(neck_state, unit),
        *_rod(neck_state),
        *_rod_kind(neck_state),
        *_room(neck_state),
    ]


def _loose(fret: int, reading: StandOff, unit: Unit) -> Finding:
    amount = amount_words(reading, unit)
    where = {
        None: "",
        "bass": " at its low end",
        "middle": " in its middle",
        "treble": " at its high end",
    }[reading.lane]
    does = "moves under a finger" if reading.moves == "moves" else "stands off the wood"
    light = f"{amount.capitalize()} of light under it. " if amount else ""
    text = f"{light}Press it home and glue it before any filing; then read it again."
    lanes = LANES if reading.lane is None else (reading.lane,)
    mm = reading.gap_mm or reading.slides_mm or 0.0
    return Finding(
        "loose", fret, reading.lane, mm, 1.0, text, f"Fret {fret} {does}{where}", lanes=lanes
    )


def _ends(neck_state: NeckState, unit: Unit) -> list[Finding]:
    found = []
    for (side, fault), ends in end_faults(neck_state).items():
        frets = sorted(ends)
        most = max((end.mm or 0.0 for end in ends.values()), default=0.0)
        size = f" by up to {format_length(most, unit)}" if most else ""
        head = f"{_END_HEADS[fault]}, {LANE_WORDS[side]}{size}"
        count = "Fret" if len(frets) == 1 else "Frets"
        text = f"{count} {', '.join(map(str, frets))}. {_END_CURES[fault]}{_near(neck_state, side, unit)}"
        found.append(Finding("fret-ends", frets[0], side, most, 1.0, text, head, lanes=(side,)))
    return found


def _near(neck_state: NeckState, side: Side, unit: Unit) -> str:
    """A warning where the outer string runs close to the ends."""
    ways = [
        one.reading.mm
        for one in neck_state.taken
        if isinstance(one.reading, Size)
        and one.reading.what == "string-to-end"
        and one.reading.lane == side
    ]
    if not ways or min(ways) >= NEAR_EDGE_MM:
        return ""
    return f" The outer string is only {format_length(min(ways), unit)} from the end: keep the bevel steep."


def grooves_read(neck_state: NeckState) -> dict[tuple[int, int], float]:
    """Depth of the grooves read on today's tops, mm, by fret and string (1 where none was named)."""
    deepest: dict[tuple[int, int], float] = {}
    for one in neck_state.taken:
        match one.reading:
            case Size(what="groove", fret=fret, mm=mm, string=string):
                if one.surface.get((fret, "middle"), 0) == neck_state.surface.get(
                    (fret, "middle"), 0
                ):
                    place = fret, string or 1
                    deepest[place] = max(deepest.get(place, 0.0), mm)
            case _:
                pass
    return deepest


def _grooves(neck_state: NeckState, unit: Unit) -> list[Finding]:
    worn: dict[int, float] = {}
    for (fret, _), mm in grooves_read(neck_state).items():
        if mm >= GROOVE_MM:
            worn[fret] = max(worn.get(fret, 0.0), mm)
    if not worn:
        return []
    fret = max(worn, key=lambda f: worn[f])
    frets = ", ".join(str(f) for f in sorted(worn))
    text = f"At fret{'s' if len(worn) > 1 else ''} {frets}. Out entirely costs that much metal; shallow ones may stay by agreement."
    head = f"Grooves up to {format_length(worn[fret], unit)} deep"
    return [Finding("grooves", fret, None, worn[fret], 1.0, text, head)]


def flats_read(neck_state: NeckState) -> dict[int, float]:
    """Width of the flats read on today's crowns, mm, by fret."""
    widest: dict[int, float] = {}
    for one in neck_state.taken:
        match one.reading:
            case Size(what="flat-width", fret=fret, mm=mm):
                if one.surface.get((fret, "middle"), 0) == neck_state.surface.get(
                    (fret, "middle"), 0
                ):
                    widest[fret] = max(widest.get(fret, 0.0), mm)
            case _:
                pass
    return widest


def _flats(neck_state: NeckState, unit: Unit) -> list[Finding]:
    """Flats worn or filed on today's tops: what they say of the metal that is gone."""
    neck, widest = neck_state.neck, flats_read(neck_state)
    gone = {f: worn_mm(neck.wire_width_mm, neck.wire_height_mm, mm) for f, mm in widest.items()}
    if not gone or max(gone.values()) < GROOVE_MM:
        return []
    fret = max(gone, key=lambda f: gone[f])
    named = ", ".join(f"{f} ({format_length(mm, unit)})" for f, mm in sorted(gone.items()))
    text = f"By the wire as described so much metal is gone: fret {named}. The height stays when it is crowned again."
    head = f"Flats up to {format_length(widest[fret], unit)} wide"
    return [Finding("flats", fret, None, gone[fret], 1.0, text, head)]


def _room(neck_state: NeckState) -> list[Finding]:
    """Air so dry or damp that the board moves against its frets."""
    warm = damp = None
    for one in neck_state.taken:
        if isinstance(one.reading, Air):
            warm = one.reading.temperature_c if one.reading.temperature_c is not None else warm
            damp = (
                one.reading.humidity_percent if one.reading.humidity_percent is not None else damp
            )
    if damp is None or DRY_PERCENT <= damp <= DAMP_PERCENT or damp > 99.0:
        return []
    dry = damp < DRY_PERCENT
    head = f"{'Dry' if dry else 'Damp'} air: {damp:g} % humidity"
    moves = (
        "the board shrinks and fret ends come out"
        if dry
        else "the board swells and necks gain or lose relief"
    )
    settles = ""
    if warm is not None and -10.0 <= warm <= 60.0:
        settles = f" At {warm:g} °C wood settles at about {equilibrium_moisture_percent(warm, damp):.0f} % moisture."
    return [Finding("air", None, None, 0.0, 1.0, f"Over weeks {moves}.{settles}", head)]


_ROD_WORDS: dict[str, tuple[str, str]] = {
    "binding": (
        "The rod binds",
        "Don't force it: a snapped rod is a new neck. Old glue, a dry or chewed nut and a spent rod feel alike.",
    ),
    "at its end": (
        "The rod is at its end",
        "Don't force it: a snapped rod is a new neck. A spacer under its nut may give it back some travel.",
    ),
    "key slips": (
        "The key slips in the rod's nut",
        "A chewed nut, or the wrong key: it says nothing about the rod itself. Renew the nut first.",
    ),
    "out of reach": (
        "The rod's nut can't be reached",
        "Clear the hole and find the key: the rod has not been tried yet.",
    ),
}


def _rod(neck_state: NeckState) -> list[Finding]:
    said = _ROD_WORDS.get(rod_feel(neck_state) or "")
    return [] if said is None else [Finding("rod-stop", None, None, 0.0, 1.0, said[1], said[0])]


# Loosened this far past slack without a bite, there is nothing on the other side (common practice, no source).
PAST_SLACK_TURNS = 0.5


def rod_kind_tried(neck_state: NeckState) -> RodKind | None:
    """The kind of a rod nobody knew, by what it did past slack: it bites again (two-way) or never (one-way)."""
    if neck_state.neck.rod != "unknown":
        return None
    slack, past = False, 0.0
    felt = {
        one.number: one.reading.feel for one in neck_state.taken if isinstance(one.reading, RodFeel)
    }
    events: list[tuple[int, str, float]] = [(number, feel, 0.0) for number, feel in felt.items()]
    events += [(number, move.feel, move.turns) for number, move in neck_state.rod_moves]
    for _, feel, turns in sorted(events):
        if turns < 0.0 and slack:
            past -= turns
            if feel in ("firm", "binding", "at its end"):
                return "two-way"
        if feel == "slack":
            slack = True
        elif turns > 0.0:
            slack, past = False, 0.0
    return "one-way" if past >= PAST_SLACK_TURNS else None


def _rod_kind(neck_state: NeckState) -> list[Finding]:
    kind = rod_kind_tried(neck_state)
    if kind is None:
        return []
    did = (
        "bites again past slack" if kind == "two-way" else "stays slack however far it is loosened"
    )
    head = f"The rod {did}: a {kind} one"
    return [Finding("rod-kind", None, None, 0.0, 0.9, "Write it down in Take in.", head, "good")]
