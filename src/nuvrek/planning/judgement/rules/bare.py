"""A bare new neck: levelled on the straight board, its relief open until it is strung."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate


def _bare(g: Grounds) -> Iterator[Leg]:
    if not g.neck.bare or not g.tops_known or g.unseated:
        return
    kind = "level" if g.case.rodless else "level-straight"
    way = g.ways.get(kind)
    if way is None or way.why_out:
        return
    yield Leg(
        kind,
        tr(
            "A bare neck: one light level on the straight board, {length} of "
            "metal. Its relief stays open until it is strung.",
            length=g.case.length(way.metal_mm),
        ),
        filing_gate(g, levels=True),
        tr("Read it again strung up, before nut and saddle are set."),
    )


BARE = Rule(
    "bare",
    tr("A bare neck has no strings to slacken and no relief yet: level on the straight board."),
    _bare,
    excludes=("rod", "level", "spot-level", "leave", "hardware", "saddle"),
)
