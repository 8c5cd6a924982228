"""A bare new neck: levelled on the straight board, its relief open until it is strung."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.meaning import means
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate


def _bare(grounds: Grounds) -> Iterator[Leg]:
    if not grounds.neck.bare or not grounds.tops_known or grounds.unseated:
        return
    if grounds.case.rodless:
        kind = "level"
    else:
        kind = "level-straight"
    way = grounds.ways.get(kind)
    if way is None or way.why_out:
        return
    yield Leg(
        kind,
        means("rules.bare-neck-one-light-level", length=grounds.case.length(way.metal_mm)),
        filing_gate(grounds, levels=True),
        means("rules.read-again-strung-up-before"),
    )


BARE = Rule(
    "bare",
    means("rules.bare-neck-has-no-strings"),
    _bare,
    excludes=("rod", "level", "spot-level", "leave", "hardware", "saddle"),
)
