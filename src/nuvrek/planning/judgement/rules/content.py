"""What plays clean and pleases is no fault, and nothing is left that the readings speak against."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import words
from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule


def _plays_clean(g: Grounds) -> Iterator[Leg]:
    if not g.content:
        return
    if g.heard_clean:
        beside = _beside(g)
        why = tr(
            "Every note was heard clean and nobody complains: no fault, whatever is usual.{beside}",
            beside=beside,
        )
    elif g.roomy and g.tops_known and not causes(g):
        why = tr("Every note has room and nobody complains: no fault, whatever is usual.")
    else:
        return
    unless = tr("A note that buzzes, a wish for lower strings, or a complaint would change it.")
    if g.relief_off and g.relief is not None:
        off = tr("more") if g.relief_over else tr("less")
        why += tr(" There is {off} relief than usual, and it does no harm.", off=off)
    yield Leg("leave", why, unless=unless)


def _beside(g: Grounds) -> str:
    """What was found all the same."""
    named = tuple(sorted({*g.proud, *g.marked, *g.unseated}))
    if not named:
        return ""
    return tr(
        " {frets_do} or moves all the same: look again later.",
        frets_do=words.frets_do(named, "stands", "stand"),
    )


def causes(g: Grounds) -> tuple[str, ...]:
    """What in the same readings speaks of metal, wood, nut or string room as a cause."""
    case = g.case
    found = {
        "frets": bool(g.proud or g.marked or g.unseated or g.low),
        "wear": bool(g.worn) or (case.has("thin-crown") and bool(g.complaint)),
        "wood": bool(g.wood),
        "nut": case.has("nut-high") or case.has("nut-low"),
        "room": bool(g.heard_faults) or g.buzzing > 0,
        "relief": g.relief_off,
    }
    return tuple(name for name, there in found.items() if there)


def _hardware(g: Grounds) -> Iterator[Leg]:
    if "hardware" in g.ways and g.complains_of("noise") and g.tops_known and not causes(g):
        yield Leg(
            "hardware",
            g.ways["hardware"].gist,
            unless=tr(
                "A note heard to buzz, or a fret that rocks, would send you back to the neck."
            ),
        )


def _nothing(g: Grounds) -> Iterator[Leg]:
    """What is left where no other rule has spoken."""
    found = causes(g)
    if found:
        named = words.listed(found)
        why = tr(
            "The readings speak of {named}, and no way here cures it: have the neck seen to.",
            named=named,
        )
        yield Leg("refer" if "refer" in g.ways else "leave", why)
        return
    if g.case.has("thin-crown"):
        yield Leg(
            "leave",
            tr(
                "Crowns are under the least that is kept, and nothing asks for a file: none has "
                "anything left to take. New wire when they wear or buzz."
            ),
            unless=tr("A complaint, or a note heard to buzz, would ask for new wire."),
        )
        return
    yield Leg(
        "leave",
        tr(
            "No height measured so far asks for metal. Strings, nut and saddle first if it does "
            "not play as wished."
        ),
        unless=tr("A complaint, a wish, or a note heard to buzz would change it."),
    )


PLAYS_CLEAN = Rule(
    "plays-clean",
    tr("What plays clean and pleases is no fault, whatever the usual figure says."),
    _plays_clean,
    final=True,
)
HARDWARE = Rule(
    "hardware",
    tr("Loose hardware is blamed only where nothing measured explains the noise."),
    _hardware,
)
NOTHING = Rule("nothing", tr("Nothing is left while the readings show a cause."), _nothing)
