"""An action carried out on a living neck, and what is felt, heard and seen of it."""

from __future__ import annotations

from dataclasses import dataclass
from functools import singledispatch

from nuvrek.neck.description import LANE_WORDS
from nuvrek.practice.at_work import actions as do
from nuvrek.simulator.living import filing, tools, working
from nuvrek.simulator.living.neck import LivingNeck, lane_number


class NotNow(ValueError):
    """It can't be done as the neck is: one sentence. Nothing was done."""


@dataclass(frozen=True)
class Felt:
    """What is felt: ``key`` names it, ``words`` say it; ``number`` is what a scale showed, and
    ``seen`` what there is to look at.
    """

    key: str
    words: str
    number: float | None = None
    seen: object = None


def carry_out(one: LivingNeck, action: do.AnyAction) -> Felt:
    """Do it; time passes. Raises NotNow where it can't be done."""
    found = _felt(action, one)
    one.pass_time(action.takes_s / 60.0)
    return found


@singledispatch
def _felt(action: object, one: LivingNeck) -> Felt:
    raise NotNow("This bench has no such tool.")


@_felt.register
def _(action: do.Leaf, one: LivingNeck) -> Felt:
    _there(one, action.low, action.at, action.high)
    if action.under == "string":
        _strung(one, "a leaf goes under a string that is taut")
        if not action.low < action.at < action.high:
            raise NotNow("The fret looked at lies between the two that are held.")
        feel = tools.leaf_under_string(
            one, action.lane, action.low, action.high, action.at, action.leaf_mm
        )
    elif action.under == "rocker":
        if not 1 < action.at < one.neck.frets:
            raise NotNow("A rocker needs a fret on either side.")
        feel = tools.leaf_under_rocker(one, action.lane, action.at, action.leaf_mm)
    else:
        if action.high - action.low < 1:
            raise NotNow("The edge must lie on two places.")
        on: tools.EdgeOn = "wood" if action.under == "notched" else "frets"
        feel = tools.leaf_under_edge(
            one, action.lane, action.low, action.high, action.at, action.leaf_mm, on
        )
    said = {
        "slides": "slides through and touches nothing",
        "drags": "drags",
        "stops": "stops: it won't go in",
    }
    return Felt(feel, f"{action.leaf_mm:.2f} {said[feel]}.")


@_felt.register
def _(action: do.Edge, one: LivingNeck) -> Felt:
    if action.high - action.low < 2:
        raise NotNow("The edge must reach over three places at the least.")
    seen = tools.edge(
        one,
        action.lane,
        action.low,
        action.high,
        action.on,
        pressed=action.pressed,
        notched_mm=action.notched_mm,
    )
    where = LANE_WORDS[action.lane]
    if seen.rocks:
        return Felt("rocks", f"On the {where} the edge rocks.", seen=seen)
    if seen.light_mm.max(initial=0.0) > 0.0:
        return Felt("light", f"On the {where} it lies still, with light under it.", seen=seen)
    return Felt("no light", f"On the {where} it lies still, and no light is seen.", seen=seen)


@_felt.register
def _(action: do.Rocker, one: LivingNeck) -> Felt:
    seen = tools.rocker(one, action.lane, action.fret, action.edge_mm)
    if len(seen.frets) < 3:
        raise NotNow("This edge is too short here: it does not reach three frets.")
    key = "rocks" if seen.rocks else "still"
    return Felt(key, f"Over {action.fret} it {'rocks' if seen.rocks else 'is still'}.", seen=seen)


@_felt.register
def _(action: do.Finger, one: LivingNeck) -> Felt:
    if action.fret < 1 or one.out[action.fret]:
        raise NotNow("There is no fret to press.")
    moves = tools.finger(one, action.fret, action.lane)
    where = LANE_WORDS[action.lane]
    return Felt(
        "moves" if moves else "firm",
        f"Fret {action.fret} {'gives under the finger' if moves else 'is firm'} on the {where}.",
    )


@_felt.register
def _(action: do.Caliper, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    if action.fret < 1:
        raise NotNow("The foot stands beside a fret.")
    if action.groove:
        mm = tools.groove_mm(one, action.fret, action.lane)
        return Felt("groove", f"The foot sinks {mm:.2f} into the groove of {action.fret}.", mm)
    mm = tools.caliper_mm(one, action.fret, action.lane)
    return Felt("crown", f"The foot says {mm:.2f} at {action.fret}.", mm)


@_felt.register
def _(action: do.Rule, one: LivingNeck) -> Felt:
    _strung(one, "a string that is not taut hangs anywhere")
    mm = tools.rule_mm(one, action.side, action.fret)
    return Felt("rule", "The rule stands on the fret beside the string.", seen=mm)


@_felt.register
def _(action: do.Pluck, one: LivingNeck) -> Felt:
    _strung(one, "nothing rings")
    if action.string >= one.neck.strings or action.fret >= one.neck.frets:
        raise NotNow("There is no such note to judge.")
    seen = tools.pluck(one, action.string, action.fret)
    note = "Open" if action.fret == 0 else f"At {action.fret}"
    return Felt(seen.sound, f"{note} it {_SOUNDS[seen.sound]}.", seen=seen)


_SOUNDS = {
    "clean": "rings clean",
    "buzzes": "buzzes",
    "dead": "dies at once",
    "slips off": "slips off the edge of the fret",
    "rattles": "rattles: the fret itself sounds",
}


@_felt.register
def _(action: do.Sight, one: LivingNeck) -> Felt:
    return Felt("sight", "You look along the tops.", seen=one.tops_mm())


@_felt.register
def _(action: do.FeelKey, one: LivingNeck) -> Felt:
    if not one.rods:
        return Felt("none", "There is nothing for a key to turn.")
    words = {
        "chewed": "The key turns round in the nut: its corners are gone.",
        "gummed": "It won't move at first, as if glued; there is old dirt on the nut.",
        "fine": "The key sits well.",
    }
    if one.rod_nut == "fine" and one.rods[-1 if action.side == "treble" else 0].slack:
        return Felt("slack", "It turns with two fingers: the rod is slack.")
    return Felt(one.rod_nut, words[one.rod_nut])


@_felt.register
def _(action: do.Air, one: LivingNeck) -> Felt:
    return Felt("air", "21 degrees, 48 percent.", 48.0)


@_felt.register
def _(action: do.Turn, one: LivingNeck) -> Felt:
    if not one.rods:
        raise NotNow("This neck has no rod.")
    if action.side and len(one.rods) < 2:
        raise NotNow("There is one rod only.")
    feel = working.turn_rod(one, action.turns, action.side)
    words = {
        "free": "It turns.",
        "slack": "It turns with nothing behind it: slack.",
        "at its end": "It stops hard. Never force it.",
        "key slips": "The key slips round in the nut; nothing turned.",
        "binding": "It binds and won't turn; the nut is gummed up. Never force it.",
    }
    return Felt(feel, words.get(feel, "It turns."))


@_felt.register
def _(action: do.Tune, one: LivingNeck) -> Felt:
    if one.out.any():
        raise NotNow("Frets are out: no strings go on.")
    working.strings(one, action.to)
    return Felt(
        action.to, "All strings at pitch." if action.to == "pitch" else "The strings are slack."
    )


@_felt.register
def _(action: do.MendNut, one: LivingNeck) -> Felt:
    if action.how == "clear" and one.rod_nut == "chewed":
        return Felt("chewed", "It is clean now, and its corners are still gone.")
    one.rod_nut = "fine"
    return Felt("fine", "The key sits well now.")


@_felt.register
def _(action: do.Press, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    working.press(one, action.fret, action.where, action.force)
    words = {
        "light": "The caul is let down on it lightly.",
        "firm": "The stop is felt, and the caul comes up again.",
        "hard": "It goes down with a crunch.",
    }
    return Felt("pressed", words[action.force])


@_felt.register
def _(action: do.Glue, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    working.glue(one, action.fret)
    return Felt("glued", f"Glue is under {action.fret}, a clamp on it. It needs its time.")


@_felt.register
def _(action: do.Wait, one: LivingNeck) -> Felt:
    one.pass_time(action.minutes)
    return Felt("waited", "Time has passed.")


@_felt.register
def _(action: do.Mark, one: LivingNeck) -> Felt:
    one.ink[1:] = ~one.out[1:, None]
    return Felt("inked", "Every top is marked.", seen=one.ink.copy())


@_felt.register
def _(action: do.FileFret, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    _slack(one)
    lanes = [0, 1, 2] if action.where == "whole" else [lane_number(action.where)]
    filing.file_fret(one, action.fret, lanes, action.strokes, action.pressure)
    return Felt("filed", f"{action.strokes} strokes on {action.fret}.", seen=one.ink.copy())


@_felt.register
def _(action: do.Block, one: LivingNeck) -> Felt:
    _slack(one)
    if action.high <= action.low:
        raise NotNow("A block needs a way to go.")
    lanes = [0, 1, 2] if action.where == "whole" else [lane_number(action.where)]
    filing.block(
        one,
        action.low,
        action.high,
        lanes,
        action.strokes,
        action.pressure,
        action.length_mm,
        backed=action.backed,
    )
    gone = int((~one.ink[1:]).sum())
    return Felt(
        "filed", f"{action.strokes} strokes; ink is off {gone} places.", seen=one.ink.copy()
    )


@_felt.register
def _(action: do.Crown, one: LivingNeck) -> Felt:
    _there(one, *action.frets)
    working.crown(one, action.frets)
    return Felt("crowned", f"{len(action.frets)} tops are round.")


@_felt.register
def _(action: do.RoundEnd, one: LivingNeck) -> Felt:
    for fret in action.frets:
        working.round_end(one, fret, action.side, action.strokes)
    return Felt("rounded", f"{len(action.frets)} ends are rounder.")


@_felt.register
def _(action: do.NutSlot, one: LivingNeck) -> Felt:
    working.nut_slot(one, action.side, action.mm)
    return Felt("nut", f"The slot of the {LANE_WORDS[action.side]} is {_moved(action.mm)}.")


@_felt.register
def _(action: do.Saddle, one: LivingNeck) -> Felt:
    working.saddle(one, action.side, action.mm)
    return Felt("saddle", f"The saddle of the {LANE_WORDS[action.side]} is {_moved(action.mm)}.")


def _moved(mm: float) -> str:
    return f"{abs(mm):.2f} {'higher' if mm > 0 else 'lower'}"


@_felt.register
def _(action: do.Heat, one: LivingNeck) -> Felt:
    _slack(one)
    working.heat(one, action.over_mm)
    return Felt("heated", "It is cold again and out of its clamp.")


@_felt.register
def _(action: do.Tape, one: LivingNeck) -> Felt:
    one.taped = action.on
    return Felt("taped", "Tape is on the wood." if action.on else "The tape is off.")


@_felt.register
def _(action: do.Pull, one: LivingNeck) -> Felt:
    _slack(one)
    _there(one, *action.frets)
    working.pull(one, action.frets)
    return Felt("pulled", f"{len(action.frets)} frets are out.")


@_felt.register
def _(action: do.TrueWood, one: LivingNeck) -> Felt:
    if not one.out[1:].all():
        raise NotNow("Frets are in the way of a block on the wood.")
    if action.high <= action.low:
        raise NotNow("A block needs a way to go.")
    filing.true_wood(
        one, action.low, action.high, action.strokes, action.length_mm, action.pressure
    )
    return Felt("trued", f"{action.strokes} strokes on the wood.")


@_felt.register
def _(action: do.Saw, one: LivingNeck) -> Felt:
    if not one.out.any():
        raise NotNow("No slot is empty.")
    working.deepen(one, action.mm)
    return Felt("sawn", f"The empty slots are {action.mm:.1f} deeper.")


@_felt.register
def _(action: do.Fit, one: LivingNeck) -> Felt:
    if not one.out.any():
        raise NotNow("No slot is empty.")
    count = int(one.out.sum())
    working.fit(one, action.height_mm, action.tang_mm, action.grip_mm)
    return Felt("fitted", f"{count} frets are in.")


def _there(one: LivingNeck, *frets: int) -> None:
    for fret in frets:
        if fret > one.neck.frets:
            raise NotNow(f"There is no fret {fret}.")
        if one.out[fret]:
            raise NotNow(f"Fret {fret} is out.")


def _strung(one: LivingNeck, why: str) -> None:
    if one.tension < 0.5:
        raise NotNow(f"The strings are slack: {why}.")


def _slack(one: LivingNeck) -> None:
    if one.tension > 0.5:
        raise NotNow("The strings are at pitch: let them down before this.")
