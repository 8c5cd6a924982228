"""Compression: tangs chosen so that the neck ends with the back bow that is wanted, by what the
first frets did.

How much of a tang's grip becomes bend (``eta``) lies anywhere from nothing to this neck's own: it
starts with a wide doubt and is learnt from readings between the frets. Lengths in mm.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from nuvrek.mechanics.beam import CENTROID, stiffness_nmm2
from nuvrek.mechanics.tang_wedge import lift_shape, wedge_rad
from nuvrek.neck.board import middle_fret, width_mm
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.scale import fret_places_mm

Array = NDArray[np.float64]

# What eta is before a neck has told, and what it can be (common practice, no source; what is gained
# may be nil).
USUAL_ETA, ETA_SPREAD, MOST_ETA = 0.2, 0.2, 0.8
# The tightest that is driven into a slot beyond its usual grip (common practice, no source).
MOST_GRIP_MM = 0.15
# Grips driven by hand differ from what was meant by so much (common practice, no source).
GRIP_WAVER_MM = 0.01
_GRID = np.linspace(0.0, MOST_ETA, 161)
# Half-width of nine in ten of a normal.
_NINE_IN_TEN = 1.6449
Spread = Literal["even", "most in the middle"]


@dataclass(frozen=True)
class Wedges:
    """What each fret's tang does to a neck: ``per_grip_mm`` (frets,) is the back bow half-way from
    fret 1 to the joint that a millimetre of grip would bend in, were all of it passed on (eta 1).
    """

    per_grip_mm: Array


@dataclass(frozen=True)
class Learnt:
    """What eta is by now: its likelihood over a grid, (n,), summing to one."""

    chance: Array

    @property
    def mean(self) -> float:
        """The eta to reckon with."""
        return float(self.chance @ _GRID)

    def range_of(self, per_eta_mm: float, extra_mm: float = 0.0) -> tuple[float, float]:
        """Mean and doubt (nine times in ten) of a bow that goes as eta; ``extra_mm`` is a spread
        beside it, one standard deviation.
        """
        mean = per_eta_mm * self.mean
        spread = per_eta_mm * float(np.sqrt(self.chance @ (_GRID - self.mean) ** 2))
        return mean, _NINE_IN_TEN * float(np.hypot(spread, extra_mm))


@dataclass(frozen=True)
class Read:
    """A reading of the back bow after some frets: grips driven so far (frets,), the bow gained
    since none were in, and its standard deviation.
    """

    grips_mm: Array
    gained_mm: float
    sd_mm: float


@dataclass(frozen=True)
class GripPlan:
    """Grip wanted beyond the usual at each fret (frets,): what was driven, then what is still to
    come; the bow it comes to with its doubt. ``short_mm`` is what even the tightest tangs lack.
    """

    grips_mm: Array
    bow_mm: float
    doubt_mm: float
    short_mm: float
    eta: float

    @property
    def possible(self) -> bool:
        """Whether the bow that is wanted is likely reached."""
        return self.short_mm <= 0.0


def wedges_of(neck: NeckDescription, tang_mm: float, thick_mm: float | None = None) -> Wedges:
    """The wedges of every fret of a neck; ``thick_mm`` is its thickness with the board where that
    was read.
    """
    x = fret_places_mm(neck.scale_mm, neck.frets)
    first, joint = float(x[1]), float(x[neck.joint_fret])
    middle = float(x[middle_fret(neck)])
    at = x[1:]
    ei = stiffness_nmm2(neck, at)
    # The neutral axis of half an ellipse lies so far under the face; a usual neck is 20 to 23
    # thick.
    axis = CENTROID * (22.0 if thick_mm is None else thick_mm)
    wide = np.array([width_mm(neck, float(place)) for place in at])
    theta = np.array(
        [
            float(wedge_rad(1.0, tang_mm, axis - 0.5 * tang_mm, float(w), float(e), 1.0))
            for w, e in zip(wide, ei, strict=True)
        ]
    )
    lift = lift_shape(np.array([middle]), at, first, joint)[0]
    return Wedges(theta * lift)


def learn(wedges: Wedges, reads: tuple[Read, ...]) -> Learnt:
    """What eta is after these readings, by Bayes over a grid."""
    log = -0.5 * ((_GRID - USUAL_ETA) / ETA_SPREAD) ** 2
    for read in reads:
        expected = _GRID * float(read.grips_mm @ wedges.per_grip_mm)
        log += -0.5 * ((read.gained_mm - expected) / read.sd_mm) ** 2
    chance = np.exp(log - log.max())
    return Learnt(chance / chance.sum())


def plan_grips(
    wedges: Wedges,
    wanted_mm: float,
    driven_mm: Array,
    reads: tuple[Read, ...] = (),
    spread: Spread = "even",
) -> GripPlan:
    """Grips for the frets still out so that the bow comes to ``wanted_mm``.

    ``driven_mm`` (frets,) holds the grips that are in, nan where a fret is still out. ``even``
    gives all of these the same; ``most in the middle`` gives each what its place counts for.
    """
    learnt = learn(wedges, reads)
    out = np.isnan(driven_mm)
    done = np.where(out, 0.0, driven_mm)
    gained = _gained_so_far(wedges, done, reads, learnt)
    left = wanted_mm - gained
    per = wedges.per_grip_mm * out
    weights = np.where(out, 1.0, 0.0)
    if spread == "most in the middle" and per.max() > 0.0:
        weights = per / per.max()
    eta = max(learnt.mean, 1e-6)
    grips = _shared_out(weights, per * eta, left)
    total = np.where(out, grips, done)
    short = left - eta * float(per @ grips)
    _, doubt = learnt.range_of(float(per @ grips), _waver(wedges, out, eta))
    doubt = float(np.hypot(doubt, _NINE_IN_TEN * min((r.sd_mm for r in reads), default=0.0)))
    bow = gained + eta * float(per @ grips)
    return GripPlan(total, bow, doubt, short if short > 1e-4 else 0.0, learnt.mean)


def _gained_so_far(wedges: Wedges, done: Array, reads: tuple[Read, ...], learnt: Learnt) -> float:
    """The bow there is: the newest reading, and what was driven since by what eta is."""
    if not reads:
        return learnt.mean * float(done @ wedges.per_grip_mm)
    newest = reads[-1]
    since = float((done - newest.grips_mm) @ wedges.per_grip_mm)
    return newest.gained_mm + learnt.mean * since


def _waver(wedges: Wedges, out: NDArray[np.bool_], eta: float) -> float:
    return eta * GRIP_WAVER_MM * float(np.sqrt(np.sum((wedges.per_grip_mm * out) ** 2)))


def _shared_out(weights: Array, per_mm: Array, wanted_mm: float) -> Array:
    """Grips in proportion to the weights, none over the tightest, that bend in what is wanted."""
    grips = np.zeros_like(weights)
    if wanted_mm <= 0.0:
        return grips
    free = weights > 0.0
    for _ in range(len(weights)):
        left = wanted_mm - float(per_mm @ grips)
        rate = float(per_mm[free] @ weights[free])
        if left <= 1e-9 or rate <= 0.0:
            break
        grips[free] += weights[free] * left / rate
        over = grips > MOST_GRIP_MM
        grips[over] = MOST_GRIP_MM
        if not (over & free).any():
            break
        free &= ~over
    return grips
