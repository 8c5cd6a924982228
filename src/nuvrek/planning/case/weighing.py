"""One weighing of all ways on a mapped neck: what is worked out once and used by several of
them.
"""

from __future__ import annotations

from dataclasses import dataclass, field
from functools import cached_property

from nuvrek.clearance.strung_neck import OnNeck, string_up
from nuvrek.planning.case.case import Case
from nuvrek.planning.filing.level_program import LevelTerms, Removal


@dataclass(frozen=True)
class Weighing:
    """A case, and the results its ways share. ``levels`` keeps levels that schools have in
    common.
    """

    case: Case
    levels: dict[tuple[float, float, LevelTerms], Removal] = field(default_factory=dict)

    @cached_property
    def on(self) -> OnNeck:
        """The neck strung up."""
        return string_up(self.case.neck_map)
