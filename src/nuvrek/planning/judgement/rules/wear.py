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


def _worn(grounds: Grounds) -> Iterator[Leg]:
    if not grounds.worn or not grounds.even:
        return
    case, deepest = grounds.case, max(grounds.grooves.values(), default=0.0)
    named = meaning.frets(grounds.worn)
    agree: Saying = ""
    if grounds.grooves and min(grounds.grooves.values()) <= SHALLOW_GROOVE_MM:
        agree = means("rules.grooves-up-may-stay-owners", length=case.length(SHALLOW_GROOVE_MM))
    few = len(grounds.worn) <= grounds.few
    if few and grounds.possible("crown-few"):
        why = means(
            "rules.tops-level-only-worn",
            named=named,
            gist=grounds.ways["crown-few"].gist,
            agree=agree,
        )
        yield grounds.leg("crown-few", why, *WEAR, gate=filing_gate(grounds))
        return
    for kind in ("crown-first", "level"):
        way = grounds.ways.get(kind)
        if way is not None and not way.why_out:
            why = means(
                "rules.tops-level-worn-up-re",
                how_many=means("rules.frets", number=len(grounds.worn)),
                length=case.length(deepest),
                agree=agree,
            )
            unless = means("rules.grooves-left-agreement-would-keep")
            gate = filing_gate(grounds, levels=True)
            yield grounds.leg(kind, why, *WEAR, gate=gate, unless=unless)
            return
    yield from _too_worn(grounds, deepest)


def _too_worn(grounds: Grounds, deepest: float) -> Iterator[Leg]:
    case, least = grounds.case, grounds.case.neck_tops.least_crown_mm
    crown = float(case.neck_tops.crown_mm.min())
    why = means(
        "rules.worn-up-crowns-level-would",
        length=case.length(deepest),
        crown=case.length(crown),
        least=case.length(least),
    )
    kind: str | None
    if grounds.possible("refret-some"):
        kind = "refret-some"
    else:
        kind = grounds.new_wire
    if kind is not None:
        unless = means("rules.lower-least-crown-or-grooves")
        yield grounds.leg(kind, sentences(why, grounds.ways[kind].gist), *WEAR, unless=unless)


WORN = Rule(
    "level-but-worn", means("rules.tops-even-but-worn-crown"), _worn, excludes=("leave", "hardware")
)
