"""How each kind of finding is known: when it is said, and how its size is reckoned."""

from __future__ import annotations

from collections.abc import Iterable

from nuvrek.estimate.findings.by_hand_and_eye import GROOVE_MM
from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.findings.frets import LOW_MM, PROUD_MM, ROCKING_MM
from nuvrek.estimate.findings.relief import BACK_BOW_MM
from nuvrek.estimate.findings.shapes import (
    HUMP_MM,
    NUT_HIGH_MM,
    NUT_TOUCHES_MM,
    ROUGH_CROWNS_MM,
    S_SHAPE_MM,
    TONGUE_MM,
    UNEVEN_MM,
)
from nuvrek.meaning import Saying
from nuvrek.readings.entries import AnyReading
from nuvrek.readings.journal import Taken
from nuvrek.readings.told.drifts import STEP_MM
from nuvrek.units import Unit, format_length
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.reading_line import reading_line
from nuvrek.wording.speech import Phrase, later, say, tr

_BY_MAP = later("Read off the map, which holds all readings together; the range holds nine in ten.")
_AS_NOTED = later("As it was noted: a finger, an ear or an eye said so; nothing is reckoned.")
_OVER_BOTH = later(
    "Its crown, less the higher of its two neighbours' crowns. Two that rise alike beside one "
    "lower fret are told as that one low fret."
)
_DIP = later(
    "The fretboard's height half-way between fret 1 and the body joint, below the "
    "straight line from one to the other; of the wood, not of single tops. Each side "
    "by its own readings."
)
# What a size must pass to be spoken of, where it is one; the rule, and how it is reckoned.
_KINDS: dict[str, tuple[float, Saying, Saying]] = {
    "odd": (
        0.0,
        later("A reading that lies four of its own doubts off what all the others say."),
        later("What the map would be without it, less what it says itself."),
    ),
    "drift": (
        STEP_MM,
        later("The first reading of a round and the same one at its end differ by over {size}."),
        later(
            "What was bent meanwhile, taken to go on evenly by the clock; all is told as of now."
        ),
    ),
    "rod-stop": (
        0.0,
        later("By feel (it binds, is at its end, slips), or two moves the neck did not answer."),
        later("Relief before and after each move, over the turns between them."),
    ),
    "nut-low": (
        NUT_TOUCHES_MM,
        later("Pressed behind fret 3, less than {size} is left over fret 1."),
        later(
            "The light that was read there; else nut slot, fret 1 and the string's straight line."
        ),
    ),
    "nut-high": (
        NUT_HIGH_MM,
        later("Pressed behind fret 3, more than {size} is left over fret 1."),
        later(
            "The light that was read there; else nut slot, fret 1 and the string's straight line."
        ),
    ),
    "back-bow": (
        BACK_BOW_MM,
        later("The middle stands over its ends: under {size} of relief."),
        _DIP,
    ),
    "relief": (0.0, later("Held against the relief wanted on this neck, and its margin."), _DIP),
    "back-bow-slack": (
        0.0,
        later("With the strings slack the wood stands up in the middle."),
        _DIP,
    ),
    "s-shape": (
        S_SHAPE_MM,
        later("Dips of opposite sign at a quarter and three quarters, {size} apart or more."),
        _BY_MAP,
    ),
    "loose": (
        0.0,
        later("It moved when it was pressed, or stands off by what was read."),
        _AS_NOTED,
    ),
    "end-up": (
        0.0,
        later("One end rises or rocks while the middle is still, and nobody pressed it firm."),
        _OVER_BOTH,
    ),
    "end-high": (
        0.0,
        later("One end rises or rocks; pressed, it was firm: it is high."),
        _OVER_BOTH,
    ),
    "middle-up": (
        0.0,
        later("The middle rises over both ends: it has sprung, until pressing says otherwise."),
        _OVER_BOTH,
    ),
    "proud": (PROUD_MM, later("It stands {size} or more over both neighbours."), _OVER_BOTH),
    "rocks": (
        ROCKING_MM,
        later("It was marked as rocking: a rock is felt from about {size} on."),
        _OVER_BOTH,
    ),
    "low": (LOW_MM, later("It lies {size} or more below both neighbours."), _OVER_BOTH),
    "thin-crown": (
        0.0,
        later("Less metal than the least that is kept on this neck."),
        later("Crown heights as read; between them, tops less wood."),
    ),
    "uneven-crowns": (
        ROUGH_CROWNS_MM,
        later("Crowns differ by {size} or more along the neck."),
        later("The highest crown less the lowest, as read."),
    ),
    "hump": (
        HUMP_MM,
        later("The wood at the body joint stands {size} or more over its surroundings."),
        later("The body joint over the line from three frets before it to three after."),
    ),
    "tongue": (
        TONGUE_MM,
        later("Past the body joint the wood climbs {size} or more."),
        later("The last fret over the neck's own line run on."),
    ),
    "fall-away": (
        TONGUE_MM,
        later("Past the body joint the wood falls."),
        later("The last fret below the neck's own line run on."),
    ),
    "uneven-sides": (
        UNEVEN_MM,
        later("The sides differ in relief by {size} or more."),
        later("Relief of the bass side less that of the treble side."),
    ),
    "grooves": (
        GROOVE_MM,
        later("Grooves of {size} or deeper."),
        later("As read; a fret nobody looked at has none told of it."),
    ),
    "flats": (
        0.0,
        later("Flats wider than a crown can stay, or crowns too low for a file."),
        later("The flat's width on a round crown says how much metal is gone."),
    ),
    "fret-ends": (0.0, later("What the finger felt at the fret ends."), _AS_NOTED),
    "air": (0.0, later("Air as it was read."), later("The moisture wood settles at in such air.")),
    "pull": (
        0.0,
        later("How much the strings' pull bends this neck is not known well."),
        later("Relief at pitch less relief slack, by this neck's own readings."),
    ),
    "rod-kind": (
        0.0,
        later("What kind of rod it is, by how it answered."),
        later(
            "Past slack: a rod that bites again is two-way, one that does not after half a turn "
            "not."
        ),
    ),
    "seasons": (
        0.0,
        later("Visits in different air, three or more."),
        later("Relief against the wood's moisture as a straight line."),
    ),
}


def _rule_words(rule: Saying, size: Saying) -> str:
    """A rule with the size that must be passed, where it has one."""
    if isinstance(rule, Phrase):
        return tr(rule.text, size=size)
    return say(rule)


def known_finding(finding: Finding, taken: Iterable[Taken], unit: Unit, heights: Unit) -> Known:
    """How a finding is known, with the readings for and against it."""
    size, rule, reckoned = _KINDS[finding.kind]
    readings = {
        reading_taken.number: reading_line(reading_taken.reading, unit, heights)
        for reading_taken in taken
    }
    percent = min(round(100 * finding.sure), 99)
    if finding.sure < 1.0:
        sure = tr("{percent} % sure.", percent=percent)
    else:
        sure = ""
    return Known(
        title=say(finding.headline),
        rule=_rule_words(rule, format_length(size, unit)),
        reckoned=f"{say(reckoned)} {sure}".strip(),
        by=tuple(readings[n] for n in finding.speaks_for if n in readings),
        against=tuple(readings[n] for n in finding.speaks_against if n in readings),
        of_readings=True,
    )


def known_fret(fret: int, readings: Iterable[AnyReading], unit: Unit, heights: Unit) -> Known:
    """How a fret's height is known, with the readings that speak of it."""
    texts = [reading_line(reading, unit, heights) for reading in readings]
    return Known(
        title=tr("Fret {fret}", fret=fret),
        reckoned=tr(
            "Its top less the even line of its neighbours, by all readings together: those of this "
            "fret, and those that lie across it."
        ),
        by=tuple(texts),
        of_readings=True,
    )
