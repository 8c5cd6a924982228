"""Which frets strings and edges lie on with certain heights."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from nuvrek.estimate.model.edge_contacts import (
    contacts_around,
    hull_within,
    laid,
    reach_of,
    seen_to_rest,
)
from nuvrek.estimate.model.evidence import Gathering, HeightGroup
from nuvrek.neck.description import LANES
from nuvrek.readings.entries import StringGap
from nuvrek.readings.journal import Taken

Array = NDArray[np.float64]
Edges = Sequence[tuple[Taken, StringGap]]
Lies = dict[int, tuple[int, int]]


class Layings:
    """Strings and edges by what is under them: those over the same places share their heights, and
    those that look at the same fret there lie alike.
    """

    def __init__(self, gathering: Gathering, taken: Sequence[Taken]) -> None:
        self.gathering, self.edges = gathering, laid(taken)
        frets = gathering.unknowns.neck.frets
        # A fret that stands so much over the line of the supports was meant, whatever it is that
        # carries the string; what a hand saw it rest on needs no search.
        self.meant: Lies = seen_to_rest(taken)
        # Numbers of readings by heights, by lane and reach, by the fret looked at.
        self.under: dict[HeightGroup, dict[tuple[int, tuple[int, int]], dict[int, list[int]]]] = {}
        for one, gap in self.edges:
            reach = reach_of(gap, frets)
            if gap.gap_mm is not None and gap.gap_mm < 0.0:
                self.meant[one.number] = reach
            if one.number in self.meant:
                continue
            lanes = self.under.setdefault(gathering.heights_under(one, gap), {})
            looked_at = lanes.setdefault((LANES.index(gap.lane), reach), {})
            looked_at.setdefault(gap.fret, []).append(one.number)

    def over(self, z: Array) -> Lies:
        """What each lies on with the heights of ``z``, by the reading's number."""
        lies, x = dict(self.meant), self.gathering.x
        for key, lanes in self.under.items():
            rows, constant = self.gathering.heights(key)
            heights = rows @ z + constant
            for (lane, reach), looked_at in lanes.items():
                under = heights[:, lane]
                hull = hull_within(x, under, reach)
                for fret, numbers in looked_at.items():
                    pair = contacts_around(x, under, fret, reach, hull)
                    lies.update(dict.fromkeys(numbers, pair))
        return lies
