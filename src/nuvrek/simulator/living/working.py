"""What else hands do to a neck: pressing and gluing, rod and strings, nut, heat, ends, new wire."""

from __future__ import annotations

from typing import Literal

import numpy as np

from nuvrek.readings.entries import Feel, Side
from nuvrek.simulator.living.neck import LivingNeck, lane_number

Force = Literal["light", "firm", "hard"]
Where = Literal["whole", "bass", "middle", "treble"]

# Of its stand-off a fret that was pressed and not glued keeps so much; a hard press sinks a crown
# into the wood by so much (common practice, no source).
COMES_UP, SUNK_MM, LIGHT_REACHES = 0.6, 0.06, 0.4
# What crowning itself takes, and what a top may lack to still count as round.
CROWN_TAKES_MM = 0.01
# A quarter turn changes the pull of the strings by so much of it (common practice, no source).
TENSION_PER_TURN = 0.10
# The share of its tang that a fret too fat for its slot leaves proud where the slot is too shallow,
# and the dip one hundredth of a millimetre of grip in every slot takes out (common practice).
GRIP_TAKES = 2.0


def press(one: LivingNeck, fret: int, where: Where, force: Force) -> None:
    """A caul pressed on a fret: down it goes, and comes up again unless it is glued."""
    for k in _lanes(where):
        off = one.stand_off_mm[fret, k]
        if force == "light":
            one.stand_off_mm[fret, k] = off * (1.0 - LIGHT_REACHES * (1.0 - COMES_UP))
        else:
            one.stand_off_mm[fret, k] = off * COMES_UP
        if force == "hard":
            one.crown_mm[fret, k] -= SUNK_MM


def glue(one: LivingNeck, fret: int) -> None:
    """Glue under a fret, which is held down by a clamp until it has set."""
    one.glue_wet[fret] = one.minutes


def turn_rod(one: LivingNeck, turns: float, side: Side | None) -> Feel:
    """The key turned; plus is clockwise."""
    if not one.rods or one.rod_nut == "chewed":
        return "key slips"
    if one.rod_nut == "gummed":
        return "binding"
    rod = one.rods[-1 if side == "treble" else 0]
    felt = rod.turn(one.rod_sign * turns, one.rng)
    if one.tension > 0.5:
        one.tension += TENSION_PER_TURN * turns
        one.at_pitch = False
    return felt


def strings(one: LivingNeck, to: Literal["pitch", "slack"]) -> None:
    """Tuned to pitch, or let down."""
    one.disturb()
    one.tension = 1.0 if to == "pitch" else 0.0
    one.at_pitch = to == "pitch"


def nut_slot(one: LivingNeck, side: Side, mm: float) -> None:
    """A nut slot raised, or cut down, by so much; the slots between follow."""
    lane = lane_number(side)
    one.crown_mm[0, lane] += mm
    one.crown_mm[0, 1] += 0.5 * mm


def saddle(one: LivingNeck, side: Side, mm: float) -> None:
    """A saddle raised (minus: lowered) by so much on one side."""
    one.saddle_mm = one.saddle_mm + np.array([mm, 0.0] if side == "bass" else [0.0, mm])


def crown(one: LivingNeck, frets: tuple[int, ...]) -> None:
    """Tops made round again. It takes a breath of metal where they had become flat."""
    for fret in frets:
        flat = one.filed_mm[fret] > 0.0
        one.crown_mm[fret, flat] -= CROWN_TAKES_MM
        one.taken_mm[fret, flat] += CROWN_TAKES_MM
        one.filed_mm[fret] = 0.0
    one.crownings += len(frets)


def round_end(one: LivingNeck, fret: int, side: Side, strokes: int) -> None:
    """A fret end rounded over; the string's way to the edge gets shorter."""
    one.rounded_mm[fret, 0 if side == "bass" else 1] += 0.12 * strokes


def heat(one: LivingNeck, over_mm: float) -> None:
    """Clamped past straight, heated, left until cold: a part of it comes back later."""
    tight = bool(one.rods) and one.rods[0].at > 0.2
    one.heat_stays = 0.85 if tight else 0.35
    one.heated_mm += over_mm
    one.heat_min = one.minutes


def pull(one: LivingNeck, frets: tuple[int, ...]) -> None:
    """Frets taken out."""
    for fret in frets:
        one.out[fret] = True
        one.groove_mm[fret] = one.stand_off_mm[fret] = one.filed_mm[fret] = 0.0


def deepen(one: LivingNeck, mm: float) -> None:
    """Slots sawn deeper wherever no fret is in them."""
    one.slot_mm = np.where(one.out, one.slot_mm + mm, one.slot_mm)


def fit(one: LivingNeck, height_mm: float, tang_mm: float, grip_mm: float) -> None:
    """New wire in every empty slot. A slot more shallow than the tang stops it; a tang without grip
    does not hold; grip in every slot bends the neck back.
    """
    fresh = np.flatnonzero(one.out)
    fresh = fresh[fresh > 0]
    stops = np.maximum(tang_mm - one.slot_mm[fresh], 0.0)
    one.crown_mm[fresh] = height_mm + 0.006 * one.rng.standard_normal((len(fresh), 3))
    one.crown_mm[fresh] += stops[:, None]
    one.stand_off_mm[fresh] = 0.0
    one.held[fresh] = grip_mm > 0.01
    if grip_mm <= 0.01:
        one.stand_off_mm[fresh] = 0.06
    one.tangs_mm += GRIP_TAKES * max(grip_mm, 0.0) * len(fresh) / max(one.neck.frets, 1)
    one.out[:] = False
    one.parts += len(fresh)


def _lanes(where: Where) -> list[int]:
    return [0, 1, 2] if where == "whole" else [lane_number(where)]
