"""Each side by itself: one rod can't bring sides right that differ."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.meaning import means
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate


def _sides(grounds: Grounds) -> Iterator[Leg]:
    apart = grounds.uneven_sides_mm
    if apart is None or grounds.neck.rod == "twin":
        return
    how = means("rules.sides-differ-by", mm=grounds.case.length(abs(apart)))
    if not grounds.wood_read and "read" in grounds.ways:
        yield Leg("read", means("rules.sides-differ-read-wood", how=how))
    level = grounds.ways.get("level")
    if level is not None and not level.why_out:
        yield grounds.leg(
            "level",
            means("rules.sides-differ-level", how=how, length=grounds.case.length(level.metal_mm)),
            "uneven-sides",
            gate=filing_gate(grounds, levels=True),
            unless=means("rules.sides-alike-on-wood"),
        )
    elif (kind := grounds.new_wire) is not None:
        why = means("rules.sides-differ-true", how=how, gist=grounds.ways[kind].gist)
        yield grounds.leg(kind, why, "uneven-sides")


SIDES = Rule(
    "sides", means("rules.each-side-by-itself"), _sides, excludes=("leave", "hardware", "rod")
)
