"""What else hands do to a neck: pressing and gluing, rod and strings, nut, heat, ends, new wire."""

from __future__ import annotations

from typing import Literal

import numpy as np

from nuvrek.readings.entries import Feel, Side
from nuvrek.simulator.living.filing import LEAST_METAL_MM
from nuvrek.simulator.living.neck import HeatTaken, LivingNeck, lane_number

Force = Literal["light", "firm", "hard"]
Where = Literal["whole", "bass", "middle", "treble"]

# A fret that springs comes up again by so much of what it stood off, however often it is pressed,
# until it is glued; a hard press sinks a crown into the wood by so much, each further one by half
# of it, for wood that is pressed together gives less (common practice, no source).
COMES_UP, SUNK_MM, LIGHT_REACHES = 0.6, 0.06, 0.4
# What is felt to move, at the least, of a fret that springs.
FELT_MM = 0.025
# A clamp bends a neck so far and no further, whatever it was bent before (common practice).
MOST_HEAT_MM = 3.0
# The slots of a nut lie this far over the board at the least and at the most.
NUT_SLOT_MM = (0.0, 4.0)
# What crowning itself takes, and what a top may lack to still count as round.
CROWN_TAKES_MM = 0.01
# A quarter turn changes the pull of the strings by so much of it (common practice, no source).
TENSION_PER_TURN = 0.10
# A thread is so long, either way from where it was found (common practice, no source).
MOST_TURNS = 4.0
# Strings that are up pull at the least and at the most so much of their pull at pitch.
PULLS = (0.55, 1.4)


def press(living: LivingNeck, fret: int, where: Where, force: Force) -> None:
    """A caul pressed on a fret: down it goes, and comes up again unless it is glued."""
    for k in _lanes(where):
        off = living.stand_off_mm[fret, k]
        springs = living.springs_mm[fret, k] = max(living.springs_mm[fret, k], off)
        reach = LIGHT_REACHES if force == "light" else 1.0
        least = max(COMES_UP * springs, min(FELT_MM, springs))
        living.stand_off_mm[fret, k] = max(off * (1.0 - reach * (1.0 - COMES_UP)), least)
        if force == "hard":
            sinks = max(SUNK_MM - 0.5 * living.sunk_mm[fret, k], 0.0)
            sinks = min(sinks, max(living.crown_mm[fret, k] - LEAST_METAL_MM, 0.0))
            living.crown_mm[fret, k] -= sinks
            living.sunk_mm[fret, k] += sinks


def glue(living: LivingNeck, fret: int) -> None:
    """Glue under a fret, which is held down by a clamp until it has set."""
    living.glue_wet[fret] = living.minutes


def turn_rod(living: LivingNeck, turns: float, side: Side | None) -> Feel:
    """The key turned; plus is clockwise."""
    if not living.rods or living.rod_nut == "chewed":
        return "key slips"
    if living.rod_nut == "gummed":
        return "binding"
    rod = living.rods[-1 if side == "treble" else 0]
    before = rod.at
    wanted = before + living.rod_sign * turns
    felt = rod.turn(float(np.clip(wanted, -MOST_TURNS, MOST_TURNS)) - before, living.rng)
    if abs(wanted) > MOST_TURNS and felt == "free":
        felt = "slack" if wanted < 0.0 else "at its end"
    if living.tension > 0.5:
        # Only what truly turned pulls at the strings.
        moved = living.rod_sign * (rod.at - before)
        living.tension = float(np.clip(living.tension + TENSION_PER_TURN * moved, *PULLS))
        living.at_pitch = False
    return felt


def strings(living: LivingNeck, to: Literal["pitch", "slack"]) -> None:
    """Tuned to pitch, or let down."""
    living.disturb()
    living.tension = 1.0 if to == "pitch" else 0.0
    living.at_pitch = to == "pitch"


def nut_slot(living: LivingNeck, side: Side, mm: float) -> None:
    """A nut slot raised, or cut down, by so much; the slots between follow."""
    lane = lane_number(side)
    before = float(living.crown_mm[0, lane])
    if mm:
        after = float(np.clip(before + mm, *NUT_SLOT_MM))
    else:
        after = before
    living.crown_mm[0, lane] = after
    living.crown_mm[0, 1] += 0.5 * (after - before)


def saddle(living: LivingNeck, side: Side, mm: float) -> None:
    """A saddle raised (minus: lowered) by so much on one side."""
    living.saddle_mm = living.saddle_mm + np.array([mm, 0.0] if side == "bass" else [0.0, mm])


def crown(living: LivingNeck, frets: tuple[int, ...]) -> None:
    """Tops made round again. It takes a breath of metal where they had become flat."""
    for fret in frets:
        flat = living.filed_mm[fret] > 0.0
        left = np.maximum(living.crown_mm[fret] - LEAST_METAL_MM, 0.0)
        takes = np.where(flat, np.minimum(left, CROWN_TAKES_MM), 0.0)
        living.crown_mm[fret] -= takes
        living.taken_mm[fret] += takes
        living.filed_mm[fret] = 0.0
    living.crownings += len(frets)


def round_end(living: LivingNeck, fret: int, side: Side, strokes: int) -> None:
    """A fret end rounded over; the string's way to the edge gets shorter."""
    living.rounded_mm[fret, 0 if side == "bass" else 1] += 0.12 * strokes


def heat(living: LivingNeck, over_mm: float) -> None:
    """Clamped past straight, heated, left until cold: a part of it comes back later."""
    tight = bool(living.rods) and living.rods[0].at > 0.2
    bent = sum(heated.left_mm(living.minutes) for heated in living.heats)
    over = min(over_mm, max(MOST_HEAT_MM - bent, 0.0))
    if over > 0.0:
        living.heats = (*living.heats, HeatTaken(over, 0.85 if tight else 0.35, living.minutes))


def pull(living: LivingNeck, frets: tuple[int, ...]) -> None:
    """Frets taken out."""
    for fret in frets:
        left = living.crown_mm[fret] - living.groove_mm[fret] - living.neck.least_crown_mm
        living.replaced_mm[fret] += np.maximum(left, 0.0)
        living.out[fret] = True
        living.grip_mm[fret] = 0.0
        living.springs_mm[fret] = living.sunk_mm[fret] = 0.0
        living.groove_mm[fret] = living.stand_off_mm[fret] = living.filed_mm[fret] = 0.0


def deepen(living: LivingNeck, mm: float) -> None:
    """Slots sawn deeper wherever no fret is in them."""
    living.slot_mm = np.where(living.out, living.slot_mm + mm, living.slot_mm)


def fit(living: LivingNeck, height_mm: float, tang_mm: float, grip_mm: float) -> None:
    """New wire in every empty slot. A slot more shallow than the tang stops it; a tang without grip
    does not hold; grip in every slot bends the neck back.
    """
    fresh = np.flatnonzero(living.out)
    fresh = fresh[fresh > 0]
    stops = np.maximum(tang_mm - living.slot_mm[fresh], 0.0)
    living.crown_mm[fresh] = height_mm + 0.006 * living.rng.standard_normal((len(fresh), 3))
    living.crown_mm[fresh] += stops[:, None]
    living.stand_off_mm[fresh] = 0.0
    living.held[fresh] = grip_mm > 0.01
    if grip_mm <= 0.01:
        living.stand_off_mm[fresh] = 0.06
    living.grip_mm[fresh] = max(grip_mm, 0.0)
    living.out[:] = False
    living.parts += len(fresh)


def _lanes(where: Where) -> list[int]:
    if where == "whole":
        return [0, 1, 2]
    return [lane_number(where)]
