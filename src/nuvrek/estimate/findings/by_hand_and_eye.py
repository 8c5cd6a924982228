"""Findings of fingers and eyes: frets that move, fret ends, grooves, a rod that resists. They
need no height map.
"""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.looking import Looking
from nuvrek.meaning import Saying, means
from nuvrek.mechanics.moisture import DAMP_PERCENT, DRY_PERCENT, equilibrium_moisture_percent
from nuvrek.neck.crown import worn_mm
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.readings.entries import Air, EndFault, Side, Size, StandOff
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

# Shallower grooves are no matter yet; common practice, no source.
GROOVE_MM = 0.05
# An outer string nearer than this to the end of a fret slips off when the end is rounded; common
# practice, no source.
NEAR_EDGE_MM = 2.5

_END_HEADS: dict[EndFault, Saying] = {
    "sharp": means("findings.sharp-fret-ends"),
    "sprouting": means("findings.fret-ends-past-edge"),
    "proud-bevel": means("findings.bevels-stand-proud"),
    "tape-lip": means("findings.lips-left-tape"),
}
_END_CURES: dict[EndFault, Saying] = {
    "sharp": means("findings.hair-rounding-cures-more-lets"),
    "sprouting": means("findings.board-has-shrunk-bring-ends"),
    "proud-bevel": means("findings.bevel-about-30-degrees-flush"),
    "tape-lip": means("findings.one-light-pass-file-after"),
}


def _loose(fret: int, reading: StandOff, unit: Unit) -> Finding:
    amount = amount_words(reading, unit)
    where = {
        None: "",
        "bass": means("findings.bass-end"),
        "middle": means("findings.middle"),
        "treble": means("findings.treble-end"),
    }[reading.lane]
    light: Saying = ""
    if amount:
        light = means("findings.light-under", amount=amount)
    text = means("findings.press-home-glue-before-any", light=light)
    if reading.lane is None:
        lanes = LANES
    else:
        lanes = (reading.lane,)
    mm = reading.gap_mm or reading.slides_mm or 0.0
    return Finding(
        "loose",
        fret,
        reading.lane,
        mm=mm,
        sure=1.0,
        text=text,
        headline=means(
            "findings.fret-moves-under-finger"
            if reading.moves == "moves"
            else "findings.fret-stands-off-wood",
            fret=fret,
            where=where,
        ),
        lanes=lanes,
    )


def find_ends(looking: Looking) -> list[Finding]:
    """What is wrong with fret ends, by side and fault."""
    neck_state, unit = looking.neck_state, looking.unit
    findings = []
    for (side, fault), ends in end_faults(neck_state).items():
        frets = sorted(ends)
        most = max((end.mm or 0.0 for end in ends.values()), default=0.0)
        size: Saying = ""
        if most:
            size = means("findings.up", most=format_length(most, unit))
        head = means(
            "findings.end-heads-lane-size",
            end_heads=_END_HEADS[fault],
            lane=LANE_WORDS[side],
            size=size,
        )
        named = meaning.upper_first(meaning.frets(frets, len(frets)))
        text = means(
            "findings.named-end-cures-near",
            named=named,
            end_cures=_END_CURES[fault],
            near=_near(neck_state, side, unit),
        )
        findings.append(
            Finding(
                "fret-ends",
                frets[0],
                side,
                mm=most,
                sure=1.0,
                text=text,
                headline=head,
                lanes=(side,),
            )
        )
    return findings


def _near(neck_state: NeckState, side: Side, unit: Unit) -> Saying:
    """A warning where the outer string runs close to the ends."""
    ways = [
        taken.reading.mm
        for taken in neck_state.taken
        if isinstance(taken.reading, Size)
        and taken.reading.what == "string-to-end"
        and taken.reading.lane == side
    ]
    if not ways or min(ways) >= NEAR_EDGE_MM:
        return ""
    return means("findings.outer-string-only-from-end", ways=format_length(min(ways), unit))


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
    named = meaning.frets(sorted(worn), len(worn))
    text = means("findings.out-entirely-costs-much-metal", named=named)
    head = means("findings.grooves-up-deep", worn=format_length(worn[fret], unit))
    return [Finding("grooves", fret, None, mm=worn[fret], sure=1.0, text=text, headline=head)]


def find_flats(looking: Looking) -> list[Finding]:
    """Flats worn or filed on today's tops: what they say of the metal that is gone."""
    neck_state, unit = looking.neck_state, looking.unit
    neck, widest = neck_state.neck, flats_read(neck_state)
    gone = {f: worn_mm(neck.wire_width_mm, neck.wire_height_mm, mm) for f, mm in widest.items()}
    if not gone or max(gone.values()) < GROOVE_MM:
        return []
    fret = max(gone, key=lambda f: gone[f])
    named = meaning.listed(
        (means("findings.f-mm", f=f, mm=format_length(mm, unit)) for f, mm in sorted(gone.items())),
        by=",",
    )
    text = means("findings.wire-described-so-much-metal", named=named)
    head = means("findings.flats-up-wide", widest=format_length(widest[fret], unit))
    return [Finding("flats", fret, None, mm=gone[fret], sure=1.0, text=text, headline=head)]


def find_air(looking: Looking) -> list[Finding]:
    """Air so dry or damp that the board moves against its frets."""
    neck_state = looking.neck_state
    warm = damp = None
    for taken in neck_state.taken:
        if isinstance(taken.reading, Air):
            if taken.reading.temperature_c is not None:
                warm = taken.reading.temperature_c
            if taken.reading.humidity_percent is not None:
                damp = taken.reading.humidity_percent
    if damp is None or DRY_PERCENT <= damp <= DAMP_PERCENT or damp > 99.0:
        return []
    dry = damp < DRY_PERCENT
    head = means("findings.air-humidity-dry" if dry else "findings.air-humidity-damp", damp=damp)
    if dry:
        moves = means("findings.board-shrinks-fret-ends-come")
    else:
        moves = means("findings.board-swells-necks-gain-or")
    settles: Saying = ""
    if warm is not None and -10.0 <= warm <= 60.0:
        settles = means(
            "findings.c-wood-settles-about-moisture",
            warm=warm,
            equilibrium_moisture_percent=equilibrium_moisture_percent(warm, damp),
        )
    return [
        Finding(
            "air",
            None,
            None,
            mm=0.0,
            sure=1.0,
            text=means("findings.over-weeks", moves=moves, settles=settles),
            headline=head,
        )
    ]


_ROD_WORDS: dict[str, tuple[Saying, Saying]] = {
    "binding": (means("findings.rod-binds"), means("findings.dont-force-snapped-rod-new")),
    "at its end": (means("findings.rod-end"), means("findings.dont-force-snapped-rod-new-neck")),
    "key slips": (means("findings.key-slips-rods-nut"), means("findings.chewed-nut-or-wrong-key")),
    "out of reach": (
        means("findings.rods-nut-cant-reached"),
        means("findings.clear-hole-find-key-rod"),
    ),
}


def find_rod_stop(looking: Looking) -> list[Finding]:
    """A rod nut that says stop."""
    neck_state = looking.neck_state
    said = _ROD_WORDS.get(rod_feel(neck_state) or "")
    if said is None:
        return []
    return [Finding("rod-stop", None, None, mm=0.0, sure=1.0, text=said[1], headline=said[0])]


def find_rod_kind(looking: Looking) -> list[Finding]:
    """The kind of a rod nobody knew, once it has shown it."""
    neck_state = looking.neck_state
    kind = rod_kind_tried(neck_state)
    if kind is None:
        return []
    if kind == "two-way":
        did = means("findings.bites-again-past-slack")
    else:
        did = means("findings.stays-slack-however-far-loosened")
    head = means("findings.rod-one", did=did, kind=kind)
    return [
        Finding(
            "rod-kind",
            None,
            None,
            mm=0.0,
            sure=0.9,
            text=means("findings.write-down-take"),
            headline=head,
            verdict="good",
        )
    ]


def find_loose(looking: Looking) -> list[Finding]:
    """Frets that move under a finger or stand off the wood."""
    found = sorted(stands_off(looking.neck_state).items())
    return [_loose(fret, reading, looking.unit) for fret, reading in found]
