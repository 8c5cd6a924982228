"""Level but worn: re-profiled while the crowns can pay, new wire when they can't."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek import meaning
from nuvrek.meaning import Saying, means, sentences
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
    named = meaning.frets(g.worn)
    agree: Saying = ""
    if g.grooves and min(g.grooves.values()) <= SHALLOW_GROOVE_MM:
        agree = means("rules.grooves-up-may-stay-owners", length=case.length(SHALLOW_GROOVE_MM))
    few = len(g.worn) <= g.few
    if few and g.possible("crown-few"):
        why = means(
            "rules.tops-level-only-worn", named=named, gist=g.ways["crown-few"].gist, agree=agree
        )
        yield g.leg("crown-few", why, *WEAR, gate=filing_gate(g))
        return
    for kind in ("crown-first", "level"):
        way = g.ways.get(kind)
        if way is not None and not way.why_out:
            why = means(
                "rules.tops-level-worn-up-re",
                how_many=means("rules.frets", number=len(g.worn)),
                length=case.length(deepest),
                agree=agree,
            )
            unless = means("rules.grooves-left-agreement-would-keep")
            gate = filing_gate(g, levels=True)
            yield g.leg(kind, why, *WEAR, gate=gate, unless=unless)
            return
    yield from _too_worn(g, deepest)


def _too_worn(g: Grounds, deepest: float) -> Iterator[Leg]:
    case, least = g.case, g.case.neck_tops.least_crown_mm
    crown = float(case.neck_tops.crown_mm.min())
    why = means(
        "rules.worn-up-crowns-level-would",
        length=case.length(deepest),
        crown=case.length(crown),
        least=case.length(least),
    )
    kind = "refret-some" if g.possible("refret-some") else g.new_wire
    if kind is not None:
        unless = means("rules.lower-least-crown-or-grooves")
        yield g.leg(kind, sentences(why, g.ways[kind].gist), *WEAR, unless=unless)


WORN = Rule(
    "level-but-worn", means("rules.tops-even-but-worn-crown"), _worn, excludes=("leave", "hardware")
)
