"""Level but worn: re-profiled while the crowns can pay, new wire when they can't."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import words
from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import SHALLOW_GROOVE_MM, Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate

# Findings that speak of wear.
WEAR = ("grooves", "flats", "thin-crown")


def _worn(g: Grounds) -> Iterator[Leg]:
    if not g.worn or not g.even:
        return
    case, deepest = g.case, max(g.grooves.values(), default=0.0)
    named = words.frets(g.worn)
    agree = ""
    if g.grooves and min(g.grooves.values()) <= SHALLOW_GROOVE_MM:
        agree = tr(
            " Grooves up to {length} may stay with the owner's say-so.",
            length=case.length(SHALLOW_GROOVE_MM),
        )
    few = len(g.worn) <= g.few
    if few and g.possible("crown-few"):
        why = tr(
            "The tops are level; only {named} are worn. {gist}{agree}",
            named=named,
            gist=g.ways["crown-few"].gist,
            agree=agree,
        )
        yield g.leg("crown-few", why, *WEAR, gate=filing_gate(g))
        return
    for kind in ("crown-first", "level"):
        way = g.ways.get(kind)
        if way is not None and not way.why_out:
            why = tr(
                "The tops are level and {how_many} worn "
                "by up to {length}: re-profile them, then a light level brings what "
                "is left together; the crowns can pay.{agree}",
                how_many=words.count(len(g.worn), "fret is", "frets are"),
                length=case.length(deepest),
                agree=agree,
            )
            unless = tr("Grooves left by agreement would keep the frets taller.")
            gate = filing_gate(g, levels=True)
            yield g.leg(kind, why, *WEAR, gate=gate, unless=unless)
            return
    yield from _too_worn(g, deepest)


def _too_worn(g: Grounds, deepest: float) -> Iterator[Leg]:
    case, least = g.case, g.case.neck_tops.least_crown_mm
    crown = float(case.neck_tops.crown_mm.min())
    why = tr(
        "Worn by up to {length} on crowns of {length_2}: a level would "
        "leave less than the {length_3} that is kept.",
        length=case.length(deepest),
        length_2=case.length(crown),
        length_3=case.length(least),
    )
    kind = "refret-some" if g.possible("refret-some") else g.new_wire
    if kind is not None:
        unless = tr("A lower least crown, or grooves left, agreed with the owner would put it off.")
        yield g.leg(kind, f"{why} {g.ways[kind].gist}", *WEAR, unless=unless)


WORN = Rule(
    "level-but-worn",
    tr(
        "Tops even but worn: crown the few, re-profile and level lightly the many, new wire when "
        "the crowns are too low."
    ),
    _worn,
    excludes=("leave", "hardware"),
)
