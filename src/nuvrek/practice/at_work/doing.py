"""An action carried out on a living neck, and what is felt, heard and seen of it."""

from __future__ import annotations

from dataclasses import dataclass
from functools import singledispatch

from nuvrek.language import tr
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
    raise NotNow(tr("This bench has no such tool."))


@_felt.register
def _(action: do.Leaf, one: LivingNeck) -> Felt:
    _there(one, action.low, action.at, action.high)
    if action.under == "string":
        _strung(one, tr("a leaf goes under a string that is taut"))
        if not action.low < action.at < action.high:
            raise NotNow(tr("The fret looked at lies between the two that are held."))
        feel = tools.leaf_under_string(
            one, action.lane, action.low, action.high, action.at, action.leaf_mm
        )
    elif action.under == "rocker":
        if not 1 < action.at < one.neck.frets:
            raise NotNow(tr("A rocker needs a fret on either side."))
        feel = tools.leaf_under_rocker(one, action.lane, action.at, action.leaf_mm)
    else:
        if action.high - action.low < 1:
            raise NotNow(tr("The edge must lie on two places."))
        on: tools.EdgeOn = "wood" if action.under == "notched" else "frets"
        feel = tools.leaf_under_edge(
            one, action.lane, action.low, action.high, action.at, action.leaf_mm, on
        )
    said = {
        "slides": tr("slides through and touches nothing"),
        "drags": tr("drags"),
        "stops": tr("stops: it won't go in"),
    }
    return Felt(feel, tr("{leaf:.2f} {feels}.", leaf=action.leaf_mm, feels=said[feel]))


@_felt.register
def _(action: do.Edge, one: LivingNeck) -> Felt:
    if action.high - action.low < 2:
        raise NotNow(tr("The edge must reach over three places at the least."))
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
        return Felt("rocks", tr("On the {where} the edge rocks.", where=where), seen=seen)
    if seen.light_mm.max(initial=0.0) > 0.0:
        return Felt(
            "light",
            tr("On the {where} it lies still, with light under it.", where=where),
            seen=seen,
        )
    return Felt(
        tr("no light"),
        tr("On the {where} it lies still, and no light is seen.", where=where),
        seen=seen,
    )


@_felt.register
def _(action: do.Rocker, one: LivingNeck) -> Felt:
    seen = tools.rocker(one, action.lane, action.fret, action.edge_mm)
    if len(seen.frets) < 3:
        raise NotNow(tr("This edge is too short here: it does not reach three frets."))
    key = "rocks" if seen.rocks else "still"
    return Felt(
        key,
        tr(
            "Over {fret} it {it}.",
            fret=action.fret,
            it=tr("rocks") if seen.rocks else tr("is still"),
        ),
        seen=seen,
    )


@_felt.register
def _(action: do.Finger, one: LivingNeck) -> Felt:
    if action.fret < 1 or one.out[action.fret]:
        raise NotNow(tr("There is no fret to press."))
    moves = tools.finger(one, action.fret, action.lane)
    where = LANE_WORDS[action.lane]
    return Felt(
        "moves" if moves else "firm",
        tr(
            "Fret {fret} {it} on the {where}.",
            fret=action.fret,
            it=tr("gives under the finger") if moves else tr("is firm"),
            where=where,
        ),
    )


@_felt.register
def _(action: do.Caliper, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    if action.fret < 1:
        raise NotNow(tr("The foot stands beside a fret."))
    if action.groove:
        mm = tools.groove_mm(one, action.fret, action.lane)
        return Felt(
            "groove",
            tr("The foot sinks {mm:.2f} into the groove of {fret}.", mm=mm, fret=action.fret),
            mm,
        )
    mm = tools.caliper_mm(one, action.fret, action.lane)
    return Felt("crown", tr("The foot says {mm:.2f} at {fret}.", mm=mm, fret=action.fret), mm)


@_felt.register
def _(action: do.Rule, one: LivingNeck) -> Felt:
    _strung(one, tr("a string that is not taut hangs anywhere"))
    mm = tools.rule_mm(one, action.side, action.fret)
    return Felt("rule", tr("The rule stands on the fret beside the string."), seen=mm)


@_felt.register
def _(action: do.Pluck, one: LivingNeck) -> Felt:
    _strung(one, tr("nothing rings"))
    if action.string >= one.neck.strings or action.fret >= one.neck.frets:
        raise NotNow(tr("There is no such note to judge."))
    seen = tools.pluck(one, action.string, action.fret)
    note = tr("Open") if action.fret == 0 else tr("At {fret}", fret=action.fret)
    return Felt(
        seen.sound, tr("{note} it {sounds}.", note=note, sounds=_SOUNDS[seen.sound]), seen=seen
    )


_SOUNDS = {
    "clean": tr("rings clean"),
    "buzzes": tr("buzzes"),
    "dead": tr("dies at once"),
    "slips off": tr("slips off the edge of the fret"),
    "rattles": tr("rattles: the fret itself sounds"),
}


@_felt.register
def _(action: do.Sight, one: LivingNeck) -> Felt:
    return Felt("sight", tr("You look along the tops."), seen=one.tops_mm())


@_felt.register
def _(action: do.FeelKey, one: LivingNeck) -> Felt:
    if not one.rods:
        return Felt("none", tr("There is nothing for a key to turn."))
    words = {
        "chewed": tr("The key turns round in the nut: its corners are gone."),
        "gummed": tr("It won't move at first, as if glued; there is old dirt on the nut."),
        "fine": tr("The key sits well."),
    }
    if one.rod_nut == "fine" and one.rods[-1 if action.side == "treble" else 0].slack:
        return Felt("slack", tr("It turns with two fingers: the rod is slack."))
    return Felt(one.rod_nut, words[one.rod_nut])


@_felt.register
def _(action: do.Air, one: LivingNeck) -> Felt:
    return Felt("air", tr("21 degrees, 48 percent."), 48.0)


@_felt.register
def _(action: do.Turn, one: LivingNeck) -> Felt:
    if not one.rods:
        raise NotNow(tr("This neck has no rod."))
    if action.side and len(one.rods) < 2:
        raise NotNow(tr("There is one rod only."))
    feel = working.turn_rod(one, action.turns, action.side)
    words = {
        "free": tr("It turns."),
        "slack": tr("It turns with nothing behind it: slack."),
        "at its end": tr("It stops hard. Never force it."),
        "key slips": tr("The key slips round in the nut; nothing turned."),
        "binding": tr("It binds and won't turn; the nut is gummed up. Never force it."),
    }
    return Felt(feel, words.get(feel, tr("It turns.")))


@_felt.register
def _(action: do.Tune, one: LivingNeck) -> Felt:
    if one.out.any():
        raise NotNow(tr("Frets are out: no strings go on."))
    working.strings(one, action.to)
    return Felt(
        action.to,
        tr("All strings at pitch.") if action.to == "pitch" else tr("The strings are slack."),
    )


@_felt.register
def _(action: do.MendNut, one: LivingNeck) -> Felt:
    if action.how == "clear" and one.rod_nut == "chewed":
        return Felt("chewed", tr("It is clean now, and its corners are still gone."))
    one.rod_nut = "fine"
    return Felt("fine", tr("The key sits well now."))


@_felt.register
def _(action: do.Press, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    working.press(one, action.fret, action.where, action.force)
    words = {
        "light": tr("The caul is let down on it lightly."),
        "firm": tr("The stop is felt, and the caul comes up again."),
        "hard": tr("It goes down with a crunch."),
    }
    return Felt("pressed", words[action.force])


@_felt.register
def _(action: do.Glue, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    working.glue(one, action.fret)
    return Felt(
        "glued", tr("Glue is under {fret}, a clamp on it. It needs its time.", fret=action.fret)
    )


@_felt.register
def _(action: do.Wait, one: LivingNeck) -> Felt:
    one.pass_time(action.minutes)
    return Felt("waited", tr("Time has passed."))


@_felt.register
def _(action: do.Mark, one: LivingNeck) -> Felt:
    one.ink[1:] = ~one.out[1:, None]
    return Felt("inked", tr("Every top is marked."), seen=one.ink.copy())


@_felt.register
def _(action: do.FileFret, one: LivingNeck) -> Felt:
    _there(one, action.fret)
    _slack(one)
    lanes = [0, 1, 2] if action.where == "whole" else [lane_number(action.where)]
    filing.file_fret(one, action.fret, lanes, action.strokes, action.pressure)
    return Felt(
        "filed",
        tr("{strokes} strokes on {fret}.", strokes=action.strokes, fret=action.fret),
        seen=one.ink.copy(),
    )


@_felt.register
def _(action: do.Block, one: LivingNeck) -> Felt:
    _slack(one)
    if action.high <= action.low:
        raise NotNow(tr("A block needs a way to go."))
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
        "filed",
        tr("{strokes} strokes; ink is off {gone} places.", strokes=action.strokes, gone=gone),
        seen=one.ink.copy(),
    )


@_felt.register
def _(action: do.Crown, one: LivingNeck) -> Felt:
    _there(one, *action.frets)
    working.crown(one, action.frets)
    return Felt("crowned", tr("{number} tops are round.", number=len(action.frets)))


@_felt.register
def _(action: do.RoundEnd, one: LivingNeck) -> Felt:
    for fret in action.frets:
        working.round_end(one, fret, action.side, action.strokes)
    return Felt("rounded", tr("{number} ends are rounder.", number=len(action.frets)))


@_felt.register
def _(action: do.NutSlot, one: LivingNeck) -> Felt:
    working.nut_slot(one, action.side, action.mm)
    return Felt(
        "nut",
        tr(
            "The slot of the {lane_words} is {moved}.",
            lane_words=LANE_WORDS[action.side],
            moved=_moved(action.mm),
        ),
    )


@_felt.register
def _(action: do.Saddle, one: LivingNeck) -> Felt:
    working.saddle(one, action.side, action.mm)
    return Felt(
        "saddle",
        tr(
            "The saddle of the {lane_words} is {moved}.",
            lane_words=LANE_WORDS[action.side],
            moved=_moved(action.mm),
        ),
    )


def _moved(mm: float) -> str:
    if mm > 0:
        return tr("{mm:.2f} higher", mm=mm)
    return tr("{mm:.2f} lower", mm=abs(mm))


@_felt.register
def _(action: do.Heat, one: LivingNeck) -> Felt:
    _slack(one)
    working.heat(one, action.over_mm)
    return Felt("heated", tr("It is cold again and out of its clamp."))


@_felt.register
def _(action: do.Tape, one: LivingNeck) -> Felt:
    one.taped = action.on
    return Felt("taped", tr("Tape is on the wood.") if action.on else tr("The tape is off."))


@_felt.register
def _(action: do.Pull, one: LivingNeck) -> Felt:
    _slack(one)
    _there(one, *action.frets)
    working.pull(one, action.frets)
    return Felt("pulled", tr("{number} frets are out.", number=len(action.frets)))


@_felt.register
def _(action: do.TrueWood, one: LivingNeck) -> Felt:
    if not one.out[1:].all():
        raise NotNow(tr("Frets are in the way of a block on the wood."))
    if action.high <= action.low:
        raise NotNow(tr("A block needs a way to go."))
    filing.true_wood(
        one, action.low, action.high, action.strokes, action.length_mm, action.pressure
    )
    return Felt("trued", tr("{strokes} strokes on the wood.", strokes=action.strokes))


@_felt.register
def _(action: do.Saw, one: LivingNeck) -> Felt:
    if not one.out.any():
        raise NotNow(tr("No slot is empty."))
    working.deepen(one, action.mm)
    return Felt("sawn", tr("The empty slots are {mm:.1f} deeper.", mm=action.mm))


@_felt.register
def _(action: do.Fit, one: LivingNeck) -> Felt:
    if not one.out.any():
        raise NotNow(tr("No slot is empty."))
    count = int(one.out.sum())
    working.fit(one, action.height_mm, action.tang_mm, action.grip_mm)
    return Felt("fitted", tr("{count} frets are in.", count=count))


def _there(one: LivingNeck, *frets: int) -> None:
    for fret in frets:
        if fret > one.neck.frets:
            raise NotNow(tr("There is no fret {fret}.", fret=fret))
        if one.out[fret]:
            raise NotNow(tr("Fret {fret} is out.", fret=fret))


def _strung(one: LivingNeck, why: str) -> None:
    if one.tension < 0.5:
        raise NotNow(tr("The strings are slack: {why}.", why=why))


def _slack(one: LivingNeck) -> None:
    if one.tension > 0.5:
        raise NotNow(tr("The strings are at pitch: let them down before this."))
