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


def _wood(grounds: Grounds) -> Iterator[Leg]:
    shapes = [f for f in grounds.wood if f.kind != "tongue"]
    if not shapes:
        return
    worst = max(shapes, key=lambda f: abs(f.mm))
    # A slight rise waits for what the single frets and the ear say.
    heard = bool(grounds.heard_faults or grounds.buzzing or grounds.complaint) and not (
        grounds.proud or grounds.marked
    )
    if abs(worst.mm) < SLIGHT_MM and not heard:
        return
    level, what = grounds.ways["level"], worst.headline
    if not level.why_out:
        yield Leg(
            "level",
            means(
                "rules.no-rod-setting-takes-out",
                what=what,
                length=grounds.case.length(level.metal_mm),
            ),
            filing_gate(grounds, levels=True),
            unless=means("rules.true-wood-instead-next-refret"),
            rule="",
            speaks_for=worst.speaks_for,
            speaks_against=worst.speaks_against,
        )
    elif (kind := grounds.new_wire) is not None:
        yield Leg(
            kind,
            means("rules.no-rod-setting-takes-out-crowns", what=what, gist=grounds.ways[kind].gist),
            "",
            unless="",
            rule="",
            speaks_for=worst.speaks_for,
            speaks_against=worst.speaks_against,
        )


def _tongue(grounds: Grounds) -> Iterator[Leg]:
    """A tongue that climbs: fall-away filed into it, or the neck's angle."""
    climbs = [f for f in grounds.wood if f.kind == "tongue"]
    if not climbs or (not grounds.heard_faults and not grounds.buzzing and not grounds.wishes):
        return
    # A slight rise waits for what the single frets cost.
    if abs(climbs[0].mm) < SLIGHT_TONGUE_MM and (grounds.proud or grounds.marked):
        return
    if grounds.case.heights.lacking_mm > 0.0 and (
        "shim" in grounds.ways or "refer" in grounds.ways
    ):
        kind = "shim" if grounds.possible("shim") else "refer"
        yield Leg(
            kind,
            means("rules.saddle-spent", headline=climbs[0].headline, gist=grounds.ways[kind].gist),
        )
    elif not grounds.ways["level"].why_out:
        yield Leg(
            "level",
            means("rules.fall-away-filed-into-last", headline=climbs[0].headline),
            filing_gate(grounds, levels=True),
            unless="",
            rule="",
            speaks_for=climbs[0].speaks_for,
            speaks_against=climbs[0].speaks_against,
        )


WOOD = Rule("wood", means("rules.hump-or-s-no-rod"), _wood, excludes=("leave", "hardware"))
TONGUE = Rule("tongue", means("rules.tongue-climbs-given-fall-away"), _tongue)
