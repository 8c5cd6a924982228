"""One made-up neck on the practice bench: what was done to it, in order; begun again at will."""

from __future__ import annotations

from collections.abc import Callable, Iterable

import numpy as np

from nuvrek.practice.at_work.actions import AnyAction
from nuvrek.practice.at_work.doing import Felt, NotNow, carry_out
from nuvrek.simulator.living.neck import LivingNeck


class Desk:
    """A hidden neck and the list of all that was done. The same list on the same neck feels the
    same: every action draws its errors by its place in the list.
    """

    def __init__(self, make: Callable[[], LivingNeck], seed: int) -> None:
        self._make, self._seed = make, seed
        self.neck = make()
        self.actions: list[AnyAction] = []

    def do(self, action: AnyAction) -> Felt:
        """Carry out one action. Raises NotNow where it can't be done; nothing has changed then."""
        self.neck.rng = np.random.default_rng([20, self._seed, len(self.actions)])
        felt = carry_out(self.neck, action)
        self.actions.append(action)
        return felt

    def replay(self, actions: Iterable[AnyAction]) -> None:
        """Do again what was kept; what no longer can be done is left out."""
        for action in actions:
            try:
                self.do(action)
            except NotNow:
                continue

    def begin_again(self) -> None:
        """The same neck as it came in: the only way back there is."""
        self.neck = self._make()
        self.actions = []

    def fresh(self) -> Desk:
        """The same neck on another desk, as it came in."""
        return Desk(self._make, self._seed)

    @property
    def worked_min(self) -> float:
        """Minutes of hands at the neck; waits are not counted."""
        return sum(action.takes_s for action in self.actions) / 60.0
