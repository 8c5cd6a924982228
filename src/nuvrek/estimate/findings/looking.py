"""What all findings of one map look at."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, field
from functools import cached_property

from nuvrek.estimate.findings.finding import Finding
from nuvrek.estimate.heightmap import HeightMap
from nuvrek.estimate.measurer import Measurer
from nuvrek.meaning import Saying, means
from nuvrek.readings.journal import NeckState
from nuvrek.readings.told.observed import stands_off
from nuvrek.units import Unit


@dataclass(frozen=True)
class Looking:
    """A mapped neck, and the units of the sentences."""

    neck_map: HeightMap
    unit: Unit
    height_unit: Unit = Unit.MM

    # What one family of findings has worked out and another asks for as well.
    kept: dict[str, list[Finding]] = field(default_factory=dict, init=False)

    def once(self, family: str, find: Callable[[], list[Finding]]) -> list[Finding]:
        """The findings of a family, looked for once."""
        if family not in self.kept:
            self.kept[family] = find()
        return self.kept[family]

    @property
    def neck_state(self) -> NeckState:
        """The state the map was made from."""
        return self.neck_map.neck_state

    @property
    def measurer(self) -> Measurer:
        """Measures on the mapped neck."""
        return Measurer(self.neck_map)

    @cached_property
    def loose(self) -> set[int | None]:
        """Frets that move under a finger or stand off the wood."""
        return {*stands_off(self.neck_state)}


def sure_words(sure: float) -> Saying:
    """A probability in plain words."""
    if sure >= 0.97:
        return means("findings.sure")
    if sure >= 0.85:
        return means("findings.almost-sure")
    if sure >= 0.65:
        return means("findings.likely")
    return means("findings.perhaps-measure-again")
