"""What plays clean and pleases is no fault, and nothing is left that the readings speak against."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, Word, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _plays_clean(g: Grounds) -> Iterator[Leg]:
    if not g.content:
        return
    if g.heard_clean:
        beside = _beside(g)
        why: Saying = means("rules.every-note-heard-clean-nobody", beside=beside)
    elif g.roomy and g.tops_known and not causes(g):
        why = means("rules.every-note-has-room-nobody")
    else:
        return
    unless = means("rules.note-buzzes-wish-lower-strings")
    if g.relief_off and g.relief is not None:
        why = sentences(
            why,
            means(
                "rules.there-relief-than-usual-does-more"
                if g.relief_over
                else "rules.there-relief-than-usual-does-less"
            ),
        )
    yield Leg("leave", why, unless=unless)


def _beside(g: Grounds) -> Saying:
    """What was found all the same."""
    named = tuple(sorted({*g.proud, *g.marked, *g.unseated}))
    if not named:
        return ""
    return means(
        "rules.or-moves-all-same-look",
        frets_do=means("rules.stand", frets=meaning.frets(named), number=len(named)),
    )


def causes(g: Grounds) -> tuple[Word, ...]:
    """What in the same readings speaks of metal, wood, nut or string room as a cause."""
    case = g.case
    found = {
        Word("frets"): bool(g.proud or g.marked or g.unseated or g.low),
        Word("wear"): bool(g.worn) or (case.has("thin-crown") and bool(g.complaint)),
        Word("wood"): bool(g.wood),
        Word("nut"): case.has("nut-high") or case.has("nut-low"),
        Word("clearance of the strings"): bool(g.heard_faults) or g.buzzing > 0,
        Word("relief"): g.relief_off,
    }
    return tuple(name for name, there in found.items() if there)


def _hardware(g: Grounds) -> Iterator[Leg]:
    if "hardware" in g.ways and g.complains_of("noise") and g.tops_known and not causes(g):
        yield Leg(
            "hardware", g.ways["hardware"].gist, unless=means("rules.note-heard-buzz-or-fret")
        )


def _nothing(g: Grounds) -> Iterator[Leg]:
    """What is left where no other rule has spoken."""
    found = causes(g)
    if found:
        named = meaning.listed(found)
        why = means("rules.readings-speak-no-way-here", named=named)
        yield Leg("refer" if "refer" in g.ways else "leave", why)
        return
    if g.case.has("thin-crown"):
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
HARDWARE = Rule("hardware", means("rules.loose-hardware-blamed-only-where"), _hardware)
NOTHING = Rule("nothing", means("rules.nothing-left-while-readings-show"), _nothing)
