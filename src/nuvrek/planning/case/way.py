"""What a way forward is made of: as drafted by its builder, as costed, and whole."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from nuvrek.meaning import Saying, keys_in
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.planning.case.course import Leg
from nuvrek.planning.case.trial import Trial
from nuvrek.planning.causes.weighed import Account, Diagnosis, WeighedCause
from nuvrek.planning.filing.clean_program import MetalCurve
from nuvrek.planning.filing.level_program import Removal
from nuvrek.planning.forecast.follow import Follow, StringAfter
from nuvrek.planning.refret.new_tops import NewTops
from nuvrek.planning.rod.move import RodPlan
from nuvrek.planning.rod.stop_rules import RodStop
from nuvrek.planning.steps.job import job_steps
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.planning.ways.kinds import WayRecord, way_record
from nuvrek.planning.wear import Wear
from nuvrek.readings.entries import EndFault, Promise, WayKind
from nuvrek.readings.stations import Suggestion

Array = NDArray[np.float64]
# The sentence that says so; told by its key, never by its words.
OVER_BUDGET = "ways.out-over-budget"


@dataclass(frozen=True)
class Draft:
    """A way as its builder knows it: what it does to which frets, and why it may not be possible.

    Of ``why_not`` those that only wait for something to be done first stand in ``waits`` as well;
    ``not_known`` says what was not read that it hangs on. ``promise`` is what it changes beside
    metal; None where the usual promise of its kind holds. ``strung`` is the relief of the tops
    strung up before the rod is touched again, and its doubt. ``new`` is new wire: ``removal`` is
    then what its first level takes.
    """

    kind: WayKind
    gist: Saying
    frets: tuple[int, ...] = ()
    why_not: tuple[Saying, ...] = ()
    removal: Removal | None = None
    promise: Promise | None = None
    strung: tuple[float, float] | None = None
    waits: tuple[Saying, ...] = ()
    not_known: tuple[Saying, ...] = ()
    new: NewTops | None = None


@dataclass(frozen=True)
class Costed:
    """A way with its metal, its steps and its promise. ``off_mm``, ``left_mm``: (frets, 3), mm.

    ``rod_dip_mm`` is the dip the rod adds while filing; ``weight`` (frets, 3) how much all metal
    grows with each millimetre a top stands higher; ``above_mm`` (frets, 3) how far each top stands
    over the line a straight tool is led along, None where there is no such line. ``levels_left`` is
    how many more light levels the thinnest fret has in it afterwards.
    ``level_after`` are the steps of the light level that new wire is to have, none for other ways.
    ``doing`` is what the steps are made from.
    """

    kind: WayKind
    title: Saying
    why_not: tuple[Saying, ...]
    gist: Saying
    off_mm: Array
    left_mm: Array
    frets: tuple[int, ...]
    steps: tuple[Step, ...]
    promise: Promise
    level_after: tuple[Step, ...]
    strung: tuple[float, float] | None
    rod_dip_mm: float
    weight: Array | None
    above_mm: Array | None
    levels_left: int
    waits: tuple[Saying, ...]
    not_known: tuple[Saying, ...]
    new: NewTops | None
    wear: Wear
    doing: Doing

    @property
    def record(self) -> WayRecord:
        """What is declared of ways of this kind."""
        return way_record(self.kind)

    @property
    def possible(self) -> bool:
        """Whether nothing speaks against it, and what it hangs on was read."""
        return not self.why_not and not self.not_known

    @property
    def why_out(self) -> tuple[Saying, ...]:
        """Why it can't be gone at all, what only waits for another step left out."""
        return tuple(why for why in self.why_not if why not in self.waits)

    @property
    def over_budget(self) -> bool:
        """Whether only the owner's budget stands against it: they may want it all the same."""
        return len(self.why_not) == 1 and keys_in(self.why_not[0])[:1] == (OVER_BUDGET,)

    @property
    def status(self) -> Literal["possible", "not known", "waits", "out"]:
        """Whether it can be gone now, hangs on a reading, on another step, or can't be gone."""
        if self.why_out:
            return "out"
        if self.not_known:
            return "not known"
        if self.why_not:
            return "waits"
        return "possible"

    @property
    def at_bench(self) -> tuple[Step, ...]:
        """All steps until the neck is done, the level of new wire among them; the look after one to
        two weeks is no time at the bench now.
        """
        # What closes the job is done once, at its end.
        if self.level_after:
            once = {"look-again", "prove"}
        else:
            once = {"look-again"}
        mine = tuple(step for step in self.steps if step.key not in once)
        after = tuple(step for step in self.level_after if step.key != "look-again")
        return job_steps([mine + after])[0]

    @property
    def minutes(self) -> int:
        """Usual minutes at the bench."""
        return sum(step.minutes for step in self.at_bench)

    @property
    def lowers_mm(self) -> Array:
        """How far each top comes down in all, (frets, 3): metal off, less what new wire brings."""
        if self.new is None:
            return self.off_mm
        return self.off_mm - self.new.rise_mm

    @property
    def worst_mm(self) -> float:
        """Most metal off any one place."""
        return float(self.off_mm.max())

    @property
    def metal_mm(self) -> float:
        """Metal off summed over the frets, each at its mean over the lanes."""
        return float(self.off_mm.mean(axis=1).sum())

    @property
    def files(self) -> bool:
        """Whether it takes metal worth picking the file up for."""
        return self.metal_mm > WORTH_FILING_MM


@dataclass(frozen=True)
class Lowest:
    """Lowest clean heights over fret 12, low string first, each with its doubt.

    ``gained_mm`` is how far the strings can lie lower in all; ``per_tenth_mm`` the metal for each
    tenth of that, None where nothing is filed or gained.
    """

    heights_mm: tuple[tuple[float, float], ...]
    gained_mm: float
    per_tenth_mm: float | None


@dataclass(frozen=True)
class Doubt:
    """``metal_doubt_mm`` holds nine times in ten; ``second_pass`` is the chance that the file is
    picked up again.

    ``likely_mm`` is the metal a level comes to on the whole: the lowest tops, which the map
    smooths, decide; ``over_mm`` is how far over their promise the strings may have to lie, nine
    times in ten not more; ``thin`` names frets (from 1) that may end under the least crown, with
    the chance; ``read`` is the reading the metal hangs on most.
    """

    metal_doubt_mm: float
    second_pass: float | None
    thin: tuple[tuple[int, float], ...]
    read: Suggestion | None
    over_mm: float | None
    likely_mm: float | None


@dataclass(frozen=True)
class Way(Costed):
    """One way forward, whole: costed, with what it buys and what its doubt comes to.

    ``lowest`` is None while the relief is not known, ``doubt`` where nothing is filed or it was not
    asked for. ``strings`` is what it does to every string, from the highest on, ``follow`` what
    nut and saddle do for it.
    """

    lowest: Lowest | None
    doubt: Doubt | None
    strings: tuple[StringAfter, ...] = ()
    follow: Follow = Follow()

    @property
    def lowest_mm(self) -> tuple[tuple[float, float], ...]:
        """Lowest clean height over fret 12 of each string, bass side first, and its doubt; empty
        if unknown.
        """
        if self.lowest is None:
            return ()
        return self.lowest.heights_mm

    @property
    def gained_mm(self) -> float | None:
        """How far the strings can lie lower in all; None where nothing is said."""
        if self.lowest is None:
            return None
        return self.lowest.gained_mm

    @property
    def per_tenth_mm(self) -> float | None:
        """Metal for each tenth of a millimetre the strings can lie lower; None where nothing is
        said.
        """
        if self.lowest is None:
            return None
        return self.lowest.per_tenth_mm


@dataclass(frozen=True)
class Plan:
    """All ways, the ``course`` that is advised, its first way as ``advice``, and why. ``curve`` is
    metal against string height, where the relief is known.
    """

    advice: WayKind
    reasons: tuple[Saying, ...]
    ways: tuple[Way, ...]
    rod: RodPlan | None
    largest_rock_now_mm: float
    ends: tuple[EndFault, ...]
    stops: tuple[RodStop, ...]
    rodless: bool
    curve: MetalCurve | None
    course: tuple[Leg, ...] = ()
    diagnosis: Diagnosis = Diagnosis()
    accounts: tuple[Account, ...] = ()
    trial: Trial | None = None
    beside: tuple[Trial, ...] = ()

    @property
    def causes(self) -> tuple[WeighedCause, ...]:
        """What is the matter, the likeliest first."""
        return self.diagnosis.causes

    def way(self, kind: WayKind) -> Way:
        """The way of that kind."""
        return next(w for w in self.ways if w.kind == kind)
