"""Wood that no rod takes out: levelled over if the crowns can pay, trued at a refret if not."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.meaning import means
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate

# Less than this is no reason by itself to bring all tops down (common practice, no source).
SLIGHT_MM, SLIGHT_TONGUE_MM = 0.10, 0.15


def _wood(g: Grounds) -> Iterator[Leg]:
    shapes = [f for f in g.wood if f.kind != "tongue"]
    if not shapes:
        return
    worst = max(shapes, key=lambda f: abs(f.mm))
    # A slight rise waits for what the single frets and the ear say.
    heard = bool(g.heard_faults or g.buzzing or g.complaint) and not (g.proud or g.marked)
    if abs(worst.mm) < SLIGHT_MM and not heard:
        return
    level, what = g.ways["level"], worst.headline
    if not level.why_out:
        yield Leg(
            "level",
            means(
                "rules.no-rod-setting-takes-out", what=what, length=g.case.length(level.metal_mm)
            ),
            filing_gate(g, levels=True),
            unless=means("rules.true-wood-instead-next-refret"),
            rule="",
            speaks_for=worst.speaks_for,
            speaks_against=worst.speaks_against,
        )
    elif (kind := g.new_wire) is not None:
        yield Leg(
            kind,
            means("rules.no-rod-setting-takes-out-crowns", what=what, gist=g.ways[kind].gist),
            "",
            unless="",
            rule="",
            speaks_for=worst.speaks_for,
            speaks_against=worst.speaks_against,
        )


def _tongue(g: Grounds) -> Iterator[Leg]:
    """A tongue that climbs: fall-away filed into it, or the neck's angle."""
    climbs = [f for f in g.wood if f.kind == "tongue"]
    if not climbs or (not g.heard_faults and not g.buzzing and not g.wishes):
        return
    # A slight rise waits for what the single frets cost.
    if abs(climbs[0].mm) < SLIGHT_TONGUE_MM and (g.proud or g.marked):
        return
    if g.case.heights.lacking_mm > 0.0 and ("shim" in g.ways or "refer" in g.ways):
        kind = "shim" if g.possible("shim") else "refer"
        yield Leg(
            kind, means("rules.saddle-spent", headline=climbs[0].headline, gist=g.ways[kind].gist)
        )
    elif not g.ways["level"].why_out:
        yield Leg(
            "level",
            means("rules.fall-away-filed-into-last", headline=climbs[0].headline),
            filing_gate(g, levels=True),
            unless="",
            rule="",
            speaks_for=climbs[0].speaks_for,
            speaks_against=climbs[0].speaks_against,
        )


WOOD = Rule("wood", means("rules.hump-or-s-no-rod"), _wood, excludes=("leave", "hardware"))
TONGUE = Rule("tongue", means("rules.tongue-climbs-given-fall-away"), _tongue)
