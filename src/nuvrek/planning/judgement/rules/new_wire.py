"""New wire where the frets have no grip, another wire is wanted or small reasons add up; and what
follows once the frets are out, and once they are in.
"""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, means, sentences
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import NEW_WIRE_KINDS, Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate
from nuvrek.planning.refret.reasons import ENOUGH, reasons_for, why_not_smaller
from nuvrek.planning.ways.kinds import of_family
from nuvrek.readings.entries import WayKind
from nuvrek.readings.told.new_wire import without_frets

# Reasons that no other rule of the ladder weighs: those of wear, wood and bow have their own.
_OWN = ("no grip", "wish")


def _out(grounds: Grounds) -> Iterator[Leg]:
    """Frets are out: nothing else is weighed until new wire is in."""
    if not grounds.out:
        return
    chosen = grounds.case.neck_map.neck_state.chosen
    kind: WayKind = "refret" if len(grounds.out) == grounds.neck.frets else "refret-some"
    if chosen is not None and of_family(chosen.way, "new wire"):
        kind = chosen.way
    if kind not in grounds.ways:
        kind = grounds.new_wire or "read"
    what = means("rules.out", frets=meaning.frets(grounds.out), number=len(grounds.out))
    yield Leg(kind, means("rules.go-new-wire-nothing-else", what=what))


def _first(grounds: Grounds) -> Iterator[Leg]:
    """A board that never had frets gets its first ones; there is nothing else to weigh."""
    if without_frets(grounds.case.neck_map.neck_state) and "first-frets" in grounds.ways:
        unless = means("rules.board-not-straight-trued-first")
        yield Leg("first-frets", grounds.ways["first-frets"].gist, unless=unless)


def _new_wire(grounds: Grounds) -> Iterator[Leg]:
    reasons = reasons_for(grounds.weighing)
    own = [reason for reason in reasons if reason.kind in _OWN]
    kind = grounds.new_wire
    if kind is None or grounds.new_tops or not own:
        return
    # Small ones of its own wait for more: two frets are seated, a hump is levelled over.
    weights = sum(reason.weight for reason in own), sum(reason.weight for reason in reasons)
    if weights[0] < ENOUGH and weights[1] <= ENOUGH:
        return
    numbers = tuple(dict.fromkeys(n for reason in reasons for n in reason.numbers))[:8]
    why = sentences(grounds.ways[kind].gist, why_not_smaller(grounds.weighing))
    unless = means("rules.drop-glue-under-single-frets")
    if any(reason.kind == "wish" for reason in own):
        unless = means("rules.owner-content-wire-there-would")
    yield Leg(kind, why, unless=unless, speaks_for=numbers)


def _new_tops(grounds: Grounds) -> Iterator[Leg]:
    if not grounds.new_tops:
        return
    loose = grounds.unseated
    gate = filing_gate(grounds, levels=True)
    if not grounds.tops_known:
        gate = sentences(means("rules.new-tops-read-rocker-three"), gate)
    level = grounds.ways["level"]
    metal: Saying = ""
    if grounds.tops_known:
        metal = means("rules.metal", length=grounds.case.length(level.metal_mm))
    held: Saying = ""
    if loose:
        held = means("rules.loose-ones-seated-first")
    yield grounds.leg(
        "level",
        means(
            "rules.new-wire-one-light-level",
            frets=meaning.frets(grounds.new_tops),
            metal=metal,
            held=held,
        ),
        "proud",
        "rocks",
        gate=gate,
        unless=means("rules.tops-stand-even-level-would"),
    )


OUT = Rule("frets-out", means("rules.frets-out-come-before-everything"), _out, final=True)
FIRST = Rule("first-frets", means("rules.new-board-gets-first-frets"), _first, final=True)
NEW_WIRE = Rule(
    "new-wire",
    means("rules.no-grip-left-or-another"),
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
    means("rules.new-wire-read-pressed-levelled"),
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
