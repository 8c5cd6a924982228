"""Compression: tangs chosen so that the neck ends with the back bow that is wanted, by what the
first frets did.

How much of a tang's grip becomes bend (``eta``) lies anywhere from nothing to this neck's own, and
a usual fitting bends a neck as well: both start with a wide doubt and are learnt together from
readings between the frets. Lengths in mm.
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
from nuvrek.neck.scale import place_row_mm

Array = NDArray[np.float64]

# What eta is before a neck has told, and what it can be (common practice, no source; what is gained
# may be nil).
USUAL_ETA, ETA_SPREAD, MOST_ETA = 0.2, 0.25, 0.8
# The tightest that is driven into a slot beyond its usual grip (common practice, no source).
MOST_GRIP_MM = 0.15
# A usual fitting, no tang fattened, bows a whole neck back by about so much, and can by so much
# (common practice, no source: 0.05 to 0.20, on some nothing).
USUAL_BOW_MM, USUAL_BOW_SPREAD_MM, MOST_USUAL_BOW_MM = 0.09, 0.12, 0.35
# Grips driven by hand differ from what was meant by so much (common practice, no source).
GRIP_WAVER_MM = 0.01
_ETAS = np.linspace(0.0, MOST_ETA, 81)[:, None]
_BOWS = np.linspace(0.0, MOST_USUAL_BOW_MM, 71)[None, :]
# Half-width of nine in ten of a normal.
_NINE_IN_TEN = 1.6449
Spread = Literal["even", "most in the middle"]


@dataclass(frozen=True)
class Wedges:
    """What each fret's tang does to a neck: ``per_grip_mm`` (frets,) is the back bow half-way from
    fret 1 to the joint that a millimetre of grip would bend in, were all of it passed on (eta 1).
    """

    per_grip_mm: Array

    def share(self, fitted: NDArray[np.bool_]) -> float:
        """The part of a whole neck's usual bow that these frets (frets,) bring."""
        return float(self.per_grip_mm @ fitted) / max(float(self.per_grip_mm.sum()), 1e-12)


@dataclass(frozen=True)
class Learnt:
    """What eta and the bow of a usual fitting are by now: their likelihood over a grid, (etas,
    bows), summing to one.
    """

    chance: Array

    @property
    def eta(self) -> float:
        """The eta to reckon with."""
        return float(np.sum(self.chance * _ETAS))

    @property
    def usual_mm(self) -> float:
        """What a usual fitting bows the whole neck."""
        return float(np.sum(self.chance * _BOWS))

    def bow_of(self, per_eta_mm: float, share: float, extra_mm: float) -> tuple[float, float]:
        """Mean and doubt (nine times in ten) of what fattened tangs and a share of the usual bow
        come to; ``extra_mm`` is a spread beside it, one standard deviation.
        """
        bow = per_eta_mm * _ETAS + share * _BOWS
        mean = float(np.sum(self.chance * bow))
        spread = float(np.sqrt(np.sum(self.chance * (bow - mean) ** 2)))
        return mean, _NINE_IN_TEN * float(np.hypot(spread, extra_mm))


@dataclass(frozen=True)
class Read:
    """A reading of the back bow after some frets: grips beyond the usual driven so far and which
    frets were in, (frets,) each; the bow gained since none were, and its standard deviation.
    """

    grips_mm: Array
    fitted: NDArray[np.bool_]
    gained_mm: float
    sd_mm: float


@dataclass(frozen=True)
class GripPlan:
    """Grip wanted beyond the usual at each fret (frets,): what was driven, then what is still to
    come (less than nil where a wide slot holds less than usual); the bow it all comes to with its
    doubt. ``short_mm`` is what even the tightest tangs lack; ``usual_mm`` what a usual fitting
    brings.
    """

    grips_mm: Array
    bow_mm: float
    doubt_mm: float
    short_mm: float
    eta: float
    usual_mm: float

    @property
    def possible(self) -> bool:
        """Whether the bow that is wanted is likely reached."""
        return self.short_mm <= 0.0


def wedges_of(neck: NeckDescription, tang_mm: float, thick_mm: float | None = None) -> Wedges:
    """The wedges of every fret of a neck; ``thick_mm`` is its thickness with the board where that
    was read.
    """
    x = place_row_mm(neck)
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
            float(
                wedge_rad(
                    1.0, tang_mm, axis - 0.5 * tang_mm, width_mm=float(w), ei_nmm2=float(e), eta=1.0
                )
            )
            for w, e in zip(wide, ei, strict=True)
        ]
    )
    lift = lift_shape(np.array([middle]), at, first, joint)[0]
    return Wedges(theta * lift)


def learn(wedges: Wedges, reads: tuple[Read, ...]) -> Learnt:
    """What eta and the usual bow are after these readings, by Bayes over a grid."""
    log = -0.5 * ((_ETAS - USUAL_ETA) / ETA_SPREAD) ** 2
    log = log - 0.5 * ((_BOWS - USUAL_BOW_MM) / USUAL_BOW_SPREAD_MM) ** 2
    for read in reads:
        fat = float(read.grips_mm @ wedges.per_grip_mm)
        expected = fat * _ETAS + wedges.share(read.fitted) * _BOWS
        log += -0.5 * ((read.gained_mm - expected) / read.sd_mm) ** 2
    chance = np.exp(log - log.max())
    return Learnt(chance / chance.sum())


def plan_grips(
    wedges: Wedges,
    wanted_mm: float,
    driven_mm: Array,
    reads: tuple[Read, ...] = (),
    spread: Spread = "even",
    most_mm: Array | None = None,
) -> GripPlan:
    """Grips for the frets still out so that the bow comes to ``wanted_mm`` with what a usual
    fitting brings.

    ``driven_mm`` (frets,) holds the grips that are in, nan where a fret is still out. ``even``
    gives all of these the same; ``most in the middle`` gives each what its place counts for.
    ``most_mm`` (frets,) is the most that each slot takes, see ``slots.most_extra_mm``.
    """
    learnt = learn(wedges, reads)
    out = np.isnan(driven_mm)
    done = np.where(out, 0.0, driven_mm)
    most = np.full(len(done), MOST_GRIP_MM)
    if most_mm is not None:
        most = np.minimum(most_mm, MOST_GRIP_MM)
    per, eta = wedges.per_grip_mm * out, max(learnt.eta, 1e-6)
    # Slots that hold less than usual take from the usual bow.
    lacking = np.minimum(most, 0.0) * out
    so_far = eta * float(wedges.per_grip_mm @ (done + lacking)) + learnt.usual_mm
    weights = np.where(out, 1.0, 0.0)
    if spread == "most in the middle" and per.max() > 0.0:
        weights = per / per.max()
    fatter = _shared_out(weights, per * eta, wanted_mm - so_far, np.maximum(most, 0.0))
    total = np.where(out, fatter + lacking, done)
    # All of it by what is learnt, not the last reading and what comes after: its error would count
    # twice.
    bow, doubt = learnt.bow_of(float(wedges.per_grip_mm @ total), 1.0, _waver(wedges, out, eta))
    short = wanted_mm - bow
    return GripPlan(
        total,
        bow,
        doubt,
        short_mm=short if short > 1e-4 else 0.0,
        eta=learnt.eta,
        usual_mm=learnt.usual_mm,
    )


def _waver(wedges: Wedges, out: NDArray[np.bool_], eta: float) -> float:
    return eta * GRIP_WAVER_MM * float(np.sqrt(np.sum((wedges.per_grip_mm * out) ** 2)))


def _shared_out(weights: Array, per_mm: Array, wanted_mm: float, most_mm: Array) -> Array:
    """Grips in proportion to the weights, none over the most its slot takes, that bend in what is
    wanted.
    """
    grips = np.zeros_like(weights)
    if wanted_mm <= 0.0:
        return grips
    free = (weights > 0.0) & (most_mm > 0.0)
    for _ in range(len(weights)):
        left = wanted_mm - float(per_mm @ grips)
        rate = float(per_mm[free] @ weights[free])
        if left <= 1e-9 or rate <= 0.0:
            break
        grips[free] += weights[free] * left / rate
        over = grips > most_mm
        grips[over] = most_mm[over]
        if not (over & free).any():
            break
        free &= ~over
    return grips
