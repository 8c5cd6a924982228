"""All that a paper is written from, as it was on the day it is written."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import TYPE_CHECKING

from msgspec import structs

from nuvrek.bench.owner.cost import Cost, cost_of, course_ways
from nuvrek.bench.papers.figures import Figures
from nuvrek.bench.working.agreement import plans_of
from nuvrek.bench.working.found import found_lines
from nuvrek.meaning import Refusal, means
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import Owner
from nuvrek.planning.agreement.needs import Plans
from nuvrek.planning.money.prices import PriceList
from nuvrek.planning.money.shop import Shop
from nuvrek.readings.entries import Chosen, Note
from nuvrek.readings.journal import NeckState, fold, live_numbers
from nuvrek.readings.owner.dealings import Dealings

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.estimate.heightmap import HeightMap
    from nuvrek.money import Amount
    from nuvrek.planning.case.way import Plan, Way
    from nuvrek.planning.money.pace import Pace
    from nuvrek.readings.entries import AnyEntry
    from nuvrek.readings.owner.entries import Quote


@dataclass(frozen=True)
class Facts:
    """A neck as solved and weighed, its owner, the shop, and the day. ``pace`` and ``prices`` are
    the shop's; ``kind`` is the way meant, None for the course that is advised;
    ``done`` are the ways that were gone, ``entries`` the journal they stand in.
    """

    solved: Solved
    owner: Owner | None
    shop: Shop
    pace: Pace
    prices: PriceList
    figures: Figures
    day: str
    kind: str | None = None
    done: tuple[str, ...] = ()
    cost_by_kind: dict[str, Cost] = field(default_factory=dict)
    first: NeckDescription | None = None
    entries: tuple[AnyEntry, ...] = ()
    _before: list[HeightMap | None] = field(default_factory=list)

    @property
    def neck(self) -> NeckDescription:
        """The neck as described."""
        return self.solved.neck_state.neck

    @property
    def neck_state(self) -> NeckState:
        """The journal folded."""
        return self.solved.neck_state

    @property
    def dealings(self) -> Dealings:
        """Where the job stands with the owner."""
        return self.neck_state.dealings

    @property
    def plan(self) -> Plan:
        """The ways as weighed. Raises ValueError where they are not yet."""
        if self.solved.plan is None:
            raise Refusal(means("owner.ways-not-weighed-yet"))
        return self.solved.plan

    @property
    def before(self) -> HeightMap | None:
        """The neck as it was when the first way was chosen, worked out once; None where nothing was
        done or read before.
        """
        if not self._before:
            self._before.append(_map_before(self.first or self.neck, self.entries))
        return self._before[0]

    @property
    def photos(self) -> tuple[tuple[str, Note], ...]:
        """The last photo of how it came in, before any way was chosen, and the last since, by the
        names a text calls them.
        """
        came: Note | None = None
        left: Note | None = None
        begun = False
        for number in live_numbers(self.entries):
            entry = self.entries[number - 1]
            begun = begun or isinstance(entry, Chosen)
            if isinstance(entry, Note) and entry.photo is not None:
                came, left = (came, entry) if begun else (entry, left)
        return tuple(
            (name, note)
            for name, note in (("photo in", came), ("photo out", left))
            if note is not None
        )

    @property
    def plans(self) -> Plans:
        """What the owner's needs hang on, in the words of this paper."""
        f = self.figures
        return structs.replace(plans_of(self.neck_state), length=f.length, height=f.height)

    @property
    def ways(self) -> tuple[Way, ...]:
        """The ways meant, one after the other."""
        return course_ways(self.plan, self.kind)

    def cost(self, way: Way) -> Cost:
        """What one way costs, worked out once."""
        if way.kind not in self.cost_by_kind:
            self.cost_by_kind[way.kind] = cost_of(way, self.neck, self.pace, self.prices)
        return self.cost_by_kind[way.kind]

    @property
    def accepted(self) -> Quote | None:
        """The quote the owner has said yes to: what every paper then says it costs."""
        found = self.dealings.accepted_quote
        if found is None:
            return None
        return found[1]

    def price_of(self, way: Way) -> Amount | None:
        """What one way costs: as accepted where that was for it alone, else by today's list."""
        accepted = self.accepted
        if accepted is not None and accepted.ways == (way.kind,):
            return accepted.total
        return self.cost(way).price.total

    @property
    def whole(self) -> Cost:
        """What the ways meant cost together."""
        extras = (*self.dealings.extras, *found_lines(self.neck_state))
        return cost_of(self.ways, self.neck, self.pace, self.prices, extras)


def _map_before(first: NeckDescription, entries: tuple[AnyEntry, ...]) -> HeightMap | None:
    from nuvrek.estimate.heightmap import map_neck

    at = next((n for n in live_numbers(entries) if isinstance(entries[n - 1], Chosen)), None)
    if at is None:
        return None
    state = fold(first, entries[: at - 1])
    if not state.taken:
        return None
    return map_neck(state)
