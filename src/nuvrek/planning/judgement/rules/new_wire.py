"""New wire where the frets have no grip, another wire is wanted or small reasons add up; and what
follows once the frets are out, and once they are in.
"""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import words
from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS, Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate
from nuvrek.planning.refret.reasons import ENOUGH, reasons_for, why_not_smaller
from nuvrek.readings.entries import WayKind

# Reasons that no other rule of the ladder weighs: those of wear, wood and bow have their own.
_OWN = (tr("no grip"), "wish")


def _out(g: Grounds) -> Iterator[Leg]:
    """Frets are out: nothing else is weighed until new wire is in."""
    if not g.out:
        return
    chosen = g.case.neck_map.neck_state.chosen
    kind: WayKind = "refret" if len(g.out) == g.neck.frets else "refret-some"
    if chosen is not None and chosen.way.startswith("refret"):
        kind = chosen.way
    if kind not in g.ways:
        kind = g.new_wire or "read"
    what = words.frets_do(g.out, "is out", "are out")
    yield Leg(
        kind,
        tr("{what}: go on to new wire; nothing else is weighed on them until it is in.", what=what),
    )


def _new_wire(g: Grounds) -> Iterator[Leg]:
    reasons = reasons_for(g.weighing)
    own = [reason for reason in reasons if reason.kind in _OWN]
    kind = g.new_wire
    if kind is None or g.new_tops or not own:
        return
    # Small ones of its own wait for more: two frets are seated, a hump is levelled over.
    weights = sum(reason.weight for reason in own), sum(reason.weight for reason in reasons)
    if weights[0] < ENOUGH and weights[1] <= ENOUGH:
        return
    numbers = tuple(dict.fromkeys(n for reason in reasons for n in reason.numbers))[:8]
    why = f"{g.ways[kind].gist} {why_not_smaller(g.weighing)}".strip()
    unless = tr("A drop of glue under single frets would put it off, if they then hold.")
    if any(reason.kind == "wish" for reason in own):
        unless = tr("An owner content with the wire there is would put it off.")
    yield Leg(kind, why, unless=unless, speaks_for=numbers)


def _new_tops(g: Grounds) -> Iterator[Leg]:
    if not g.new_tops:
        return
    loose = g.unseated
    gate = filing_gate(g, levels=True)
    if not g.tops_known:
        gate = tr("The new tops read: rocker in three lanes. {gate}", gate=gate).strip()
    level = g.ways["level"]
    metal = tr(", {length} of metal", length=g.case.length(level.metal_mm)) if g.tops_known else ""
    held = tr(" Loose ones are seated first.") if loose else ""
    yield g.leg(
        "level",
        tr(
            "New wire in {frets}: one light level brings its tops together{metal}.{held}",
            frets=words.frets(g.new_tops),
            metal=metal,
            held=held,
        ),
        "proud",
        "rocks",
        gate=gate,
        unless=tr("Tops that stand as even as a level would leave them need none."),
    )


OUT = Rule(
    "frets-out",
    tr("Frets that are out come before everything else: new wire in, then all is weighed anew."),
    _out,
    final=True,
)
NEW_WIRE = Rule(
    "new-wire",
    tr("No grip left, or another wire wanted: new wire, with why nothing smaller will do."),
    _new_wire,
    excludes=(
        "seat",
        "level",
        "spot-level",
        "play-clean",
        "crown-few",
        "crown-first",
        "leave",
        "hardware",
    ),
)
NEW_TOPS = Rule(
    "new-tops",
    tr(
        "New wire is read, pressed and levelled lightly; what was read of the old says nothing of "
        "it."
    ),
    _new_tops,
    excludes=(
        "spot-level",
        "play-clean",
        "crown-few",
        "crown-first",
        "leave",
        "hardware",
        "rod",
        "heat",
        "refret-some",
        *NEW_WIRE_KINDS,
    ),
)
