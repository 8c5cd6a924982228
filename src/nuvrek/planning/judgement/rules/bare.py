"""A bare new neck: levelled on the straight board, its relief open until it is strung."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.meaning import means
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.planning.judgement.rules.tops import filing_gate
from nuvrek.planning.ways.filing_words import few_frets
from nuvrek.readings.entries import Filed


def _bare(grounds: Grounds) -> Iterator[Leg]:
    if not grounds.neck.bare or not grounds.tops_known or grounds.unseated:
        return
    if _few(grounds):
        spot = grounds.ways["spot-level"]
        why = means("rules.bare-neck-few-marks", gist=spot.gist)
        yield Leg(
            "spot-level", why, filing_gate(grounds), means("rules.read-again-strung-up-before")
        )
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


# A handful is filed by itself where that takes so much less than a level (common practice, no
# source).
MUCH_LESS = 0.5


def _few(grounds: Grounds) -> bool:
    """Whether a handful stands proud on a board whose other tops are even: a neck that was filed
    before, not a new one.
    """
    if not grounds.proud or not grounds.possible("spot-level"):
        return False
    filed = any(isinstance(work.entry, Filed) for work in grounds.case.neck_map.neck_state.work)
    few = len(grounds.proud) <= few_frets(grounds.case)
    spot, level = grounds.ways["spot-level"], grounds.ways.get("level-straight")
    much_less = level is not None and spot.metal_mm <= MUCH_LESS * level.metal_mm
    return filed and few and much_less


BARE = Rule(
    "bare",
    means("rules.bare-neck-has-no-strings"),
    _bare,
    excludes=("rod", "level", "spot-level", "leave", "hardware", "saddle"),
)
