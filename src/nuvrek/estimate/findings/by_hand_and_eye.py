"""Findings of fingers and eyes: frets that move, fret ends, grooves, a rod that resists. They
need no height map.
"""

from __future__ import annotations

from nuvrek import words
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking
from nuvrek.language import tr
from nuvrek.mechanics.moisture import DAMP_PERCENT, DRY_PERCENT, equilibrium_moisture_percent
from nuvrek.neck.crown import worn_mm
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.readings.entries import (
    Air,
    EndFault,
    Side,
    Size,
    StandOff,
)
from nuvrek.readings.journal import NeckState
from nuvrek.readings.told.observed import (
    end_faults,
    flats_read,
    grooves_read,
    rod_feel,
    rod_kind_tried,
    stands_off,
)
from nuvrek.readings.words import amount_words
from nuvrek.units import Unit, format_length
from nuvrek.words import upper_first

# Shallower grooves are no matter yet; common practice, no source.
GROOVE_MM = 0.05
# An outer string nearer than this to the end of a fret slips off when the end is rounded; common
# practice, no source.
NEAR_EDGE_MM = 2.5

_END_HEADS: dict[EndFault, str] = {
    "sharp": tr("Sharp fret ends"),
    "sprouting": tr("Fret ends past the edge"),
    "proud-bevel": tr("Bevels that stand proud"),
    "tape-lip": tr("Lips left by tape"),
}
_END_CURES: dict[EndFault, str] = {
    "sharp": tr("A hair of rounding cures it; more lets the outer string slip off."),
    "sprouting": tr("The board has shrunk: bring the ends back to the edge before bevelling."),
    "proud-bevel": tr("Bevel to about 30 degrees, flush with the edge."),
    "tape-lip": tr("One light pass of the file after peeling."),
}


def _loose(fret: int, reading: StandOff, unit: Unit) -> Finding:
    amount = amount_words(reading, unit)
    where = {
        None: "",
        "bass": tr(" at its bass end"),
        "middle": tr(" in its middle"),
        "treble": tr(" at its treble end"),
    }[reading.lane]
    does = tr("moves under a finger") if reading.moves == "moves" else tr("stands off the wood")
    light = tr("{amount} of light under it. ", amount=upper_first(amount)) if amount else ""
    text = tr(
        "{light}Press it home and glue it before any filing; then read it again.", light=light
    )
    lanes = LANES if reading.lane is None else (reading.lane,)
    mm = reading.gap_mm or reading.slides_mm or 0.0
    return Finding(
        "loose",
        fret,
        reading.lane,
        mm,
        1.0,
        text,
        tr("Fret {fret} {does}{where}", fret=fret, does=does, where=where),
        lanes=lanes,
    )


def find_ends(looking: Looking) -> list[Finding]:
    """What is wrong with fret ends, by side and fault."""
    neck_state, unit = looking.neck_state, looking.unit
    found = []
    for (side, fault), ends in end_faults(neck_state).items():
        frets = sorted(ends)
        most = max((end.mm or 0.0 for end in ends.values()), default=0.0)
        size = tr(" by up to {most}", most=format_length(most, unit)) if most else ""
        head = f"{_END_HEADS[fault]}, {LANE_WORDS[side]}{size}"
        named = words.upper_first(words.frets(frets, len(frets)))
        text = f"{named}. {_END_CURES[fault]}{_near(neck_state, side, unit)}"
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
    return tr(
        " The outer string is only {ways} from the end: keep the bevel steep.",
        ways=format_length(min(ways), unit),
    )


def find_grooves(looking: Looking) -> list[Finding]:
    """Grooves deep enough to matter."""
    neck_state, unit = looking.neck_state, looking.unit
    worn: dict[int, float] = {}
    for (fret, _), mm in grooves_read(neck_state).items():
        if mm >= GROOVE_MM:
            worn[fret] = max(worn.get(fret, 0.0), mm)
    if not worn:
        return []
    fret = max(worn, key=lambda f: worn[f])
    named = words.frets(sorted(worn), len(worn))
    text = tr(
        "At {named}. Out entirely costs that much metal; shallow ones may stay by agreement.",
        named=named,
    )
    head = tr("Grooves up to {worn} deep", worn=format_length(worn[fret], unit))
    return [Finding("grooves", fret, None, worn[fret], 1.0, text, head)]


def find_flats(looking: Looking) -> list[Finding]:
    """Flats worn or filed on today's tops: what they say of the metal that is gone."""
    neck_state, unit = looking.neck_state, looking.unit
    neck, widest = neck_state.neck, flats_read(neck_state)
    gone = {f: worn_mm(neck.wire_width_mm, neck.wire_height_mm, mm) for f, mm in widest.items()}
    if not gone or max(gone.values()) < GROOVE_MM:
        return []
    fret = max(gone, key=lambda f: gone[f])
    named = ", ".join(f"{f} ({format_length(mm, unit)})" for f, mm in sorted(gone.items()))
    text = tr(
        "By the wire as described so much metal is gone: fret {named}. The height stays when "
        "it is crowned again.",
        named=named,
    )
    head = tr("Flats up to {widest} wide", widest=format_length(widest[fret], unit))
    return [Finding("flats", fret, None, gone[fret], 1.0, text, head)]


def find_air(looking: Looking) -> list[Finding]:
    """Air so dry or damp that the board moves against its frets."""
    neck_state = looking.neck_state
    warm = damp = None
    for one in neck_state.taken:
        if isinstance(one.reading, Air):
            warm = one.reading.temperature_c if one.reading.temperature_c is not None else warm
            if one.reading.humidity_percent is not None:
                damp = one.reading.humidity_percent
            else:
                damp = damp
    if damp is None or DRY_PERCENT <= damp <= DAMP_PERCENT or damp > 99.0:
        return []
    dry = damp < DRY_PERCENT
    head = tr("{it} air: {damp:g} % humidity", it=tr("Dry") if dry else tr("Damp"), damp=damp)
    if dry:
        moves = tr("the board shrinks and fret ends come out")
    else:
        moves = tr("the board swells and necks gain or lose relief")
    settles = ""
    if warm is not None and -10.0 <= warm <= 60.0:
        settles = tr(
            " At {warm:g} °C wood settles at about {equilibrium_moisture_percent:.0f} % moisture.",
            warm=warm,
            equilibrium_moisture_percent=equilibrium_moisture_percent(warm, damp),
        )
    return [
        Finding(
            "air",
            None,
            None,
            0.0,
            1.0,
            tr("Over weeks {moves}.{settles}", moves=moves, settles=settles),
            head,
        )
    ]


_ROD_WORDS: dict[str, tuple[str, str]] = {
    "binding": (
        tr("The rod binds"),
        tr(
            "Don't force it: a snapped rod is a new neck. Old glue, a dry or chewed nut and a "
            "spent rod feel alike."
        ),
    ),
    "at its end": (
        tr("The rod is at its end"),
        tr(
            "Don't force it: a snapped rod is a new neck. A spacer under its nut may give it "
            "back some travel."
        ),
    ),
    "key slips": (
        tr("The key slips in the rod's nut"),
        tr(
            "A chewed nut, or the wrong key: it says nothing about the rod itself. Renew the "
            "nut first."
        ),
    ),
    "out of reach": (
        tr("The rod's nut can't be reached"),
        tr("Clear the hole and find the key: the rod has not been tried yet."),
    ),
}


def find_rod_stop(looking: Looking) -> list[Finding]:
    """A rod nut that says stop."""
    neck_state = looking.neck_state
    said = _ROD_WORDS.get(rod_feel(neck_state) or "")
    return [] if said is None else [Finding("rod-stop", None, None, 0.0, 1.0, said[1], said[0])]


def find_rod_kind(looking: Looking) -> list[Finding]:
    """The kind of a rod nobody knew, once it has shown it."""
    neck_state = looking.neck_state
    kind = rod_kind_tried(neck_state)
    if kind is None:
        return []
    if kind == "two-way":
        did = tr("bites again past slack")
    else:
        did = tr("stays slack however far it is loosened")
    head = tr("The rod {did}: a {kind} one", did=did, kind=kind)
    return [
        Finding("rod-kind", None, None, 0.0, 0.9, tr("Write it down in Take in."), head, "good")
    ]


def find_loose(looking: Looking) -> list[Finding]:
    """Frets that move under a finger or stand off the wood."""
    found = sorted(stands_off(looking.neck_state).items())
    return [_loose(fret, reading, looking.unit) for fret, reading in found]
