"""What tools show and let feel on a living neck. None gives a number but those that have one to
read; each errs as it does at a bench.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from nuvrek.neck.description import Lane
from nuvrek.readings.entries import Side
from nuvrek.simulator.laying import gap_under
from nuvrek.simulator.living.lying import Lie, lie, over_line
from nuvrek.simulator.living.neck import TAPE_MM, LivingNeck, lane_number
from nuvrek.simulator.living.ringing import DEAD_MM, first_touched, rooms_mm, slips

Array = NDArray[np.float64]
LeafFeel = Literal["slides", "drags", "stops"]
EdgeOn = Literal["frets", "wood"]

# How true a hand feels a leaf, and how much of a drag a string gives before it stops one; the same
# under an edge, which is stiff.
LEAF_MM, STRING_YIELDS_MM, EDGE_YIELDS_MM = 0.008, 0.05, 0.02
# What an eye sees of light, and a hand of a rock.
LIGHT_MM, ROCK_MM, ROCK_WAVERS_MM = 0.02, 0.02, 0.006
CALIPER_MM, RULE_MM = 0.02, 0.05
# A notch clears its fret while they part by less than this.
NOTCH_MM = 1.2
# A hand that presses an edge down closes so much of the light in its middle.
PRESSED_MM = 0.10


@dataclass(frozen=True)
class LightSeen:
    """An edge as it lies: frets under it, light seen over each in mm (0: none to be seen), on which
    it lies, how far it tips; ``notch_hits`` are frets that a notch of another scale rides on.
    """

    frets: tuple[int, ...]
    light_mm: Array
    contacts: tuple[int, int]
    tips_mm: float
    notch_hits: tuple[int, ...] = ()

    @property
    def rocks(self) -> bool:
        """Whether a hand feels it rock."""
        return self.tips_mm > 2.0 * ROCK_MM


@dataclass(frozen=True)
class Rocked:
    """A rocker: the frets it stands on, and whether it rocks."""

    frets: tuple[int, ...]
    rocks: bool


@dataclass(frozen=True)
class Rang:
    """A plucked note: how it sounds, and how far into a top it swings, mm (minus: clear)."""

    sound: Literal["clean", "buzzes", "dead", "slips off", "rattles"]
    into_mm: float


def leaf_under_string(
    living: LivingNeck, lane: Lane, low: int, high: int, at: int, leaf_mm: float
) -> LeafFeel:
    """A leaf pushed under a string held at two frets. Off pitch or not, it is felt alike."""
    h = living.tops_mm()[:, lane_number(lane)]
    gap = gap_under(living.x_mm, np.nan_to_num(h, nan=-9.0), low, high, at)
    return _felt(living, gap, leaf_mm, STRING_YIELDS_MM)


def leaf_under_edge(
    living: LivingNeck, lane: Lane, first: int, last: int, at: int, leaf_mm: float, on: EdgeOn
) -> LeafFeel:
    """A leaf pushed under an edge: a finger holds it down on the two tops beside the leaf, or,
    where it runs on past its supports to the leaf, between them.
    """
    k = lane_number(lane)
    if on == "frets":
        h = living.tops_mm()[:, k]
    else:
        h = living.board_mm()[:, k]
    places = list(range(min(first, at), max(last, at) + 1))
    x = living.x_mm
    if first < at < last:
        finger = x[at]
    else:
        # At the nearer support, more or less.
        near, far = (last, first) if at >= last else (first, last)
        finger = x[near] + float(living.rng.uniform(0.02, 0.25)) * (x[far] - x[near])
    found = lie(x, h, places, float(finger))
    gap = float(found.gaps_mm[found.places.index(at)])
    return _felt(living, gap, leaf_mm, EDGE_YIELDS_MM)


def leaf_under_rocker(living: LivingNeck, lane: Lane, fret: int, leaf_mm: float) -> LeafFeel:
    """A leaf under a rocker that is held on two of its three frets."""
    gap = max(_over_neighbours(living, lane, fret), 0.0)
    return _felt(living, gap, leaf_mm, EDGE_YIELDS_MM)


def _felt(living: LivingNeck, gap_mm: float, leaf_mm: float, yields_mm: float) -> LeafFeel:
    felt = gap_mm + LEAF_MM * float(living.rng.standard_normal())
    if leaf_mm <= felt:
        return "slides"
    if leaf_mm <= felt + yields_mm:
        return "drags"
    return "stops"


def edge(
    living: LivingNeck,
    lane: Lane,
    first: int,
    last: int,
    on: EdgeOn = "frets",
    *,
    pressed: bool = False,
    notched_mm: float | None = None,
) -> LightSeen:
    """An edge laid from one fret to another on the tops, or a notched one on the wood."""
    found = _lie(living, lane, first, last=last, on=on, notched_mm=notched_mm)
    gaps = found.gaps_mm
    if pressed:
        # Neck and edge give where nobody looks.
        gaps = np.maximum(gaps - PRESSED_MM * living.bend[list(found.places)], 0.0)
    light = np.where(gaps < LIGHT_MM, 0.0, gaps)
    tips = 0.0 if pressed else found.tips_mm
    hits: tuple[int, ...] = ()
    if on == "wood":
        hits = _hits(living, first, last, notched_mm)
    return LightSeen(found.places, light, found.contacts, tips, hits)


def _lie(
    living: LivingNeck, lane: Lane, first: int, last: int, on: EdgeOn, notched_mm: float | None
) -> Lie:
    k = lane_number(lane)
    if on == "frets":
        h = living.tops_mm()[:, k]
    else:
        h = living.board_mm()[:, k].copy()
    if on == "wood":
        for fret in _hits(living, first, last, notched_mm):
            h[fret] = living.tops_mm()[fret, k]
    return lie(living.x_mm, h, list(range(first, last + 1)))


def _hits(living: LivingNeck, first: int, last: int, notched_mm: float | None) -> tuple[int, ...]:
    """Frets that stand in no notch, where the notches are those of another scale; the edge is laid
    so that its first notch fits.
    """
    if notched_mm is None:
        return ()
    x = living.x_mm
    cut = notched_mm * (1.0 - 2.0 ** (-np.arange(len(x)) / 12.0))
    apart = np.abs((x - x[first]) - (cut - cut[first]))
    return tuple(f for f in range(first, last + 1) if apart[f] > NOTCH_MM)


def rocker(living: LivingNeck, lane: Lane, fret: int, edge_mm: float) -> Rocked:
    """A short edge about a fret: it stands on as many as it reaches."""
    x = living.x_mm
    on = [
        f
        for f in range(1, living.neck.frets + 1)
        if abs(x[f] - x[fret]) <= 0.5 * edge_mm and not living.out[f]
    ]
    if len(on) < 3:
        return Rocked(tuple(on), False)
    h = living.tops_mm()[:, lane_number(lane)]
    up = max(over_line(x, h, on[0], f, on[-1]) for f in on[1:-1])
    felt = up + ROCK_WAVERS_MM * float(living.rng.standard_normal())
    return Rocked(tuple(on), felt > ROCK_MM)


def _over_neighbours(living: LivingNeck, lane: Lane, fret: int) -> float:
    h = living.tops_mm()[:, lane_number(lane)]
    return over_line(living.x_mm, h, fret - 1, fret, fret + 1)


def finger(living: LivingNeck, fret: int, lane: Lane) -> bool:
    """Whether a fret moves under a finger there."""
    return bool(
        living.stand_off_mm[fret, lane_number(lane)] > 0.02
        and not living.held[fret]
        and not living.out[fret]
    )


def caliper_mm(living: LivingNeck, fret: int, lane: Lane) -> float:
    """A depth foot beside a fret: height over what it stands on, which may be tape."""
    k = lane_number(lane)
    height = living.crown_mm[fret, k] + living.stand_off_mm[fret, k]
    height -= TAPE_MM if living.taped else 0.0
    return round(float(height + CALIPER_MM * living.rng.standard_normal()), 2)


def groove_mm(living: LivingNeck, fret: int, lane: Lane) -> float:
    """A depth foot in a string's groove."""
    deep = living.groove_mm[fret, lane_number(lane)]
    return round(max(float(deep + 0.5 * CALIPER_MM * living.rng.standard_normal()), 0.0), 2)


def rule_mm(living: LivingNeck, side: Side, fret: int) -> float:
    """Where a string seems to stand on a rule: an eye too high or too low reads past it."""
    height = living.string_height_mm(fret)[0 if side == "bass" else 1]
    return float(height + RULE_MM * living.rng.standard_normal())


def pluck(living: LivingNeck, string: int, note: int) -> Rang:
    """A string (the low one is 0) plucked at a fret; 0 is open."""
    into = -float(rooms_mm(living)[string, note])
    if note in living.loose:
        return Rang("rattles", into)
    outer = {0: 0, living.neck.strings - 1: 1}.get(string)
    if note and outer is not None and slips(living)[note, outer]:
        return Rang("slips off", into)
    if first_touched(living, string, note) is None:
        return Rang("clean", into)
    return Rang("dead" if into > DEAD_MM else "buzzes", into)
