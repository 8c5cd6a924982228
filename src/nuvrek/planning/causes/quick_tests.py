"""Tests of a minute that tell likely causes apart (common practice, no source)."""

from __future__ import annotations

import math

from nuvrek.meaning import means
from nuvrek.planning.causes.weighed import Diagnosis, QuickTest, TestKind, WeighedCause
from nuvrek.planning.judgement.ear import ear_first
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.readings.entries import Air
from nuvrek.readings.told.what_was_read import firm

# Tests that end with a reading, and those that end with a yes or no.
READ: tuple[TestKind, ...] = (
    "press",
    "leaf-beside",
    "nut",
    "relief",
    "edge-tops",
    "edge-wood",
    "height",
    "play",
    "tongue",
    "grooves",
    "air",
)
# Minutes each takes at the bench, and the causes a yes speaks for.
TESTS: dict[TestKind, tuple[float, tuple[str, ...]]] = {
    "press": (0.5, ("loose-fret", "middle-sprung", "end-up")),
    "leaf-beside": (2.0, ("proud",)),
    "nut": (1.0, ("nut-low", "nut-high", "nut-tight", "zero-fret")),
    "relief": (
        1.0,
        ("relief-much", "relief-little", "relief-by-side", "strings-heavy", "strings-light"),
    ),
    "edge-tops": (1.0, ("relief-little",)),
    "edge-wood": (2.0, ("hump", "hollow", "tongue", "twist")),
    "height": (1.0, ("saddle-low", "saddle-high", "saddle-feet", "neck-angle")),
    "softly": (0.5, ("hand-hard", "wire-tall", "saddle-low")),
    "weight": (1.0, ("resonance",)),
    "damp": (1.0, ("hardware", "rod-loose")),
    "bend": (0.5, ("radius-small", "fall-away")),
    "new-string": (5.0, ("strings-old", "strings-wrong")),
    "tuner": (2.0, ("intonation",)),
    "pickups": (1.0, ("pickups",)),
    "play": (4.0, ("proud", "low-neighbour", "grooves", "nut-low")),
    "tongue": (0.5, ("tongue-loose", "crack")),
    "grooves": (1.0, ("grooves", "flats", "worn-under-strings", "wire-low")),
    "air": (0.5, ("air-dry", "air-damp")),
    "bridge": (1.0, ("bridge-moved",)),
}
# A test that would tell less than this (bits), or a cause surer than this, asks for none.
WORTH_BITS, SURE = 0.12, 0.75
# A yes of a test is right so often, and so often a no (common practice, no source).
RIGHT = 0.9
# Tests named at most.
MOST_TESTS = 3


def tests_for(diagnosis: Diagnosis, grounds: Grounds) -> tuple[QuickTest, ...]:
    """The tests worth their minutes, the one that tells most a minute first."""
    causes = diagnosis.causes
    ear = ear_first(grounds)
    if not causes or (causes[0].seen and causes[0].chance >= SURE and not ear):
        return ()
    told = []
    for kind, (minutes, shown) in TESTS.items():
        if _done(kind, grounds, causes):
            continue
        bits = _bits(diagnosis, shown)
        worth = math.inf if ear and kind == "play" else bits / (minutes + 1.0)
        if bits >= WORTH_BITS or worth == math.inf:
            told.append((worth, kind, minutes, shown))
    return tuple(
        _test(kind, minutes, shown, causes, grounds)
        for _, kind, minutes, shown in sorted(told, reverse=True)[:MOST_TESTS]
    )


def _bits(diagnosis: Diagnosis, shown: tuple[str, ...]) -> float:
    """What a yes or no tells of all causes: the mutual information of answer and cause."""
    chance = sum(cause.chance for cause in diagnosis.causes if cause.kind in shown)
    yes = chance * RIGHT + (1.0 - chance) * (1.0 - RIGHT)
    return _entropy(yes) - _entropy(RIGHT)


def _entropy(chance: float) -> float:
    if chance <= 0.0 or chance >= 1.0:
        return 0.0
    return -chance * math.log2(chance) - (1.0 - chance) * math.log2(1.0 - chance)


def _done(kind: TestKind, grounds: Grounds, causes: tuple[WeighedCause, ...]) -> bool:
    """Whether the readings have answered this already."""
    from nuvrek.planning.causes import evidence as by

    neck_state = grounds.case.neck_map.neck_state
    if kind in neck_state.tests:
        return True
    match kind:
        case "press":
            fret = _fret(grounds)
            return by.pressed_looked(grounds) or (fret is not None and fret in firm(neck_state))
        case "nut":
            return by.nut_looked(grounds)
        case "relief" | "edge-tops":
            return grounds.relief is not None and grounds.relief.as_figure
        case "edge-wood":
            return by.wood_looked(grounds)
        case "height":
            return all(side.now_mm is not None for side in grounds.case.heights.sides)
        case "leaf-beside":
            return not (grounds.marked and any(cause.kind == "proud" for cause in causes))
        case "grooves":
            return by.wear_looked(grounds)
        case "play":
            return bool(neck_state.heard) or grounds.neck.bare
        case "air":
            return any(isinstance(taken.reading, Air) for taken in neck_state.taken)
        case "tongue":
            return True
        case _:
            return grounds.neck.bare


def _fret(grounds: Grounds) -> int | None:
    """The fret the complaint, a mark or the ear points to."""
    heard = [fret for _, fret in grounds.heard_faults if fret]
    for frets in (heard, grounds.marked, grounds.proud):
        if frets:
            return frets[0]
    return None


def _test(
    kind: TestKind,
    minutes: float,
    shown: tuple[str, ...],
    causes: tuple[WeighedCause, ...],
    grounds: Grounds,
) -> QuickTest:
    fret = _fret(grounds)
    if kind in ("press", "leaf-beside", "weight") and fret is not None:
        text = means(f"causes.test-{kind}-at", fret=fret)
    else:
        text = means(f"causes.test-{kind}")
    tells = next((cause.kind for cause in causes if cause.kind in shown), "")
    rival = next((cause.kind for cause in causes if cause.kind not in shown), "")
    settles = tuple(one for one in (tells, rival) if one)
    return QuickTest(kind, text, minutes, settles, fret, by_reading=kind in READ)
