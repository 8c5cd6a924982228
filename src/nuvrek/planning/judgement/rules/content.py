"""What plays clean and pleases is no fault, and nothing is left that the readings speak against."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, Word, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.ear import ear_first, lies_on_first
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _plays_clean(grounds: Grounds) -> Iterator[Leg]:
    if not grounds.content:
        return
    if grounds.heard_clean:
        beside = _beside(grounds)
        why: Saying = means("rules.every-note-heard-clean-nobody", beside=beside)
    elif grounds.roomy and grounds.tops_known and not causes(grounds):
        why = means("rules.every-note-has-room-nobody")
    else:
        return
    unless = means("rules.note-buzzes-wish-lower-strings")
    if grounds.relief_off and grounds.relief is not None:
        why = sentences(
            why,
            means(
                "rules.there-relief-than-usual-does-more"
                if grounds.relief_over
                else "rules.there-relief-than-usual-does-less"
            ),
        )
    yield Leg("leave", why, unless=unless)


def _beside(grounds: Grounds) -> Saying:
    """What was found all the same."""
    named = tuple(sorted({*grounds.proud, *grounds.marked, *grounds.unseated}))
    if not named:
        return ""
    return means(
        "rules.or-moves-all-same-look",
        frets_do=means("rules.stand", frets=meaning.frets(named), number=len(named)),
    )


def causes(grounds: Grounds) -> tuple[Word, ...]:
    """What in the same readings speaks of metal, wood, nut or string room as a cause."""
    case = grounds.case
    found = {
        Word("frets"): bool(grounds.proud or grounds.marked or grounds.unseated or grounds.low),
        Word("wear"): bool(grounds.worn) or (case.has("thin-crown") and bool(grounds.complaint)),
        Word("wood"): bool(grounds.wood),
        Word("nut"): case.has("nut-high") or case.has("nut-low"),
        Word("clearance of the strings"): bool(grounds.heard_faults) or grounds.buzzing > 0,
        Word("relief"): grounds.relief_off,
    }
    return tuple(name for name, there in found.items() if there)


def _ear(grounds: Grounds) -> Iterator[Leg]:
    if not ear_first(grounds) or "read" not in grounds.ways:
        return
    why: Saying = means("rules.every-note-read-has-room-hardly")
    if lies_on_first(grounds):
        why = means("rules.string-lies-on-fret-1")
    unless = means("rules.every-note-rings-clean-then")
    yield Leg("read", sentences(why, means("causes.test-play")), unless=unless)


def _hardware(grounds: Grounds) -> Iterator[Leg]:
    if (
        "hardware" in grounds.ways
        and grounds.complaint_shape.of("buzz", "rattle")
        and not grounds.complaint_shape.of("choke", "bends")
        and grounds.tops_known
        and not causes(grounds)
    ):
        yield Leg(
            "hardware", grounds.ways["hardware"].gist, unless=means("rules.note-heard-buzz-or-fret")
        )


def _nothing(grounds: Grounds) -> Iterator[Leg]:
    """What is left where no other rule has spoken."""
    words = causes(grounds)
    if words:
        named = meaning.listed(words)
        why = means("rules.readings-speak-no-way-here", named=named)
        if grounds.roomy and not grounds.heard_faults:
            yield Leg(
                "leave",
                means("rules.named-but-every-note-has-room", named=named),
                unless=means("rules.complaint-or-note-heard-buzz"),
            )
            return
        yield Leg("refer" if "refer" in grounds.ways else "leave", why)
        return
    if grounds.case.has("thin-crown"):
        yield Leg(
            "leave",
            means("rules.crowns-under-least-kept-nothing"),
            unless=means("rules.complaint-or-note-heard-buzz"),
        )
        return
    yield Leg(
        "leave",
        means("rules.no-height-measured-so-far"),
        unless=means("rules.complaint-wish-or-note-heard"),
    )


PLAYS_CLEAN = Rule(
    "plays-clean", means("rules.what-plays-clean-pleases-no"), _plays_clean, final=True
)
EAR = Rule(
    "ear-first",
    means("rules.noise-no-reading-shows-played"),
    _ear,
    excludes=("hardware", "leave", "refer"),
)
HARDWARE = Rule("hardware", means("rules.loose-hardware-blamed-only-where"), _hardware)
NOTHING = Rule("nothing", means("rules.nothing-left-while-readings-show"), _nothing)
