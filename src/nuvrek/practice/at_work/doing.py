"""An action carried out on a living neck, and what is felt, heard and seen of it."""

from __future__ import annotations

from dataclasses import dataclass
from functools import singledispatch

from nuvrek.meaning import Refusal, Saying, means
from nuvrek.neck.description import LANE_WORDS
from nuvrek.practice.at_work import actions as do
from nuvrek.simulator.living import filing, tools, working
from nuvrek.simulator.living.neck import LivingNeck, lane_number


class NotNow(Refusal):
    """It can't be done as the neck is: one sentence. Nothing was done."""


@dataclass(frozen=True)
class Felt:
    """What is felt: ``key`` names it, ``words`` say it; ``number`` is what a scale showed, and
    ``seen`` what there is to look at.
    """

    key: str
    words: Saying
    number: float | None = None
    seen: object = None


def carry_out(living: LivingNeck, action: do.AnyAction) -> Felt:
    """Do it; time passes. Raises NotNow where it can't be done."""
    felt = _felt(action, living)
    living.pass_time(action.takes_s / 60.0)
    return felt


@singledispatch
def _felt(action: object, living: LivingNeck) -> Felt:
    raise NotNow(means("practice.bench-has-no-such-tool"))


@_felt.register
def _(action: do.Leaf, living: LivingNeck) -> Felt:
    _there(living, action.low, action.at, action.high)
    if action.under == "string":
        _strung(living, means("practice.leaf-goes-under-string-taut"))
        if not action.low < action.at < action.high:
            raise NotNow(means("practice.fret-looked-lies-between-two"))
        feel = tools.leaf_under_string(
            living, action.lane, action.low, high=action.high, at=action.at, leaf_mm=action.leaf_mm
        )
    elif action.under == "rocker":
        if not 1 < action.at < living.neck.frets:
            raise NotNow(means("practice.rocker-needs-fret-either-side"))
        feel = tools.leaf_under_rocker(living, action.lane, action.at, action.leaf_mm)
    else:
        if action.high - action.low < 1:
            raise NotNow(means("practice.edge-must-lie-two-places"))
        on: tools.EdgeOn = "wood" if action.under == "notched" else "frets"
        feel = tools.leaf_under_edge(
            living,
            action.lane,
            action.low,
            last=action.high,
            at=action.at,
            leaf_mm=action.leaf_mm,
            on=on,
        )
    said = {
        "slides": means("practice.slides-through-touches-nothing"),
        "drags": means("practice.drags"),
        "stops": means("practice.stops-wont-go"),
    }
    return Felt(feel, means("practice.leaf-feels", leaf=action.leaf_mm, feels=said[feel]))


@_felt.register
def _(action: do.LayEdge, living: LivingNeck) -> Felt:
    if action.high - action.low < 2:
        raise NotNow(means("practice.edge-must-reach-over-three"))
    seen = tools.edge(
        living,
        action.lane,
        action.low,
        action.high,
        action.on,
        pressed=action.pressed,
        notched_mm=action.notched_mm,
    )
    where = LANE_WORDS[action.lane]
    if seen.rocks:
        return Felt("rocks", means("practice.edge-rocks", where=where), seen=seen)
    if seen.light_mm.max(initial=0.0) > 0.0:
        return Felt("light", means("practice.lies-still-light-under", where=where), seen=seen)
    return Felt("no light", means("practice.lies-still-no-light-seen", where=where), seen=seen)


@_felt.register
def _(action: do.Rocker, living: LivingNeck) -> Felt:
    seen = tools.rocker(living, action.lane, action.fret, action.edge_mm)
    if len(seen.frets) < 3:
        raise NotNow(means("practice.edge-too-short-here-does"))
    key = "rocks" if seen.rocks else "still"
    return Felt(
        key,
        means("practice.over-rocks" if seen.rocks else "practice.over-still", fret=action.fret),
        seen=seen,
    )


@_felt.register
def _(action: do.Finger, living: LivingNeck) -> Felt:
    if action.fret < 1 or living.out[action.fret]:
        raise NotNow(means("practice.there-no-fret-press"))
    moves = tools.finger(living, action.fret, action.lane)
    where = LANE_WORDS[action.lane]
    return Felt(
        "moves" if moves else "firm",
        means(
            "practice.fret-gives-under-finger" if moves else "practice.fret-firm",
            fret=action.fret,
            where=where,
        ),
    )


@_felt.register
def _(action: do.Caliper, living: LivingNeck) -> Felt:
    _there(living, action.fret)
    if action.fret < 1:
        raise NotNow(means("practice.foot-stands-beside-fret"))
    if action.groove:
        mm = tools.groove_mm(living, action.fret, action.lane)
        return Felt("groove", means("practice.foot-sinks-into-groove", mm=mm, fret=action.fret), mm)
    mm = tools.caliper_mm(living, action.fret, action.lane)
    return Felt("crown", means("practice.foot-says", mm=mm, fret=action.fret), mm)


@_felt.register
def _(action: do.HoldRule, living: LivingNeck) -> Felt:
    _strung(living, means("practice.string-not-taut-hangs-anywhere"))
    mm = tools.rule_mm(living, action.side, action.fret)
    return Felt("rule", means("practice.rule-stands-fret-beside-string"), seen=mm)


@_felt.register
def _(action: do.Pluck, living: LivingNeck) -> Felt:
    _strung(living, means("practice.nothing-rings"))
    if action.string >= living.neck.strings or action.fret >= living.neck.frets:
        raise NotNow(means("practice.there-no-such-note-judge"))
    seen = tools.pluck(living, action.string, action.fret)
    if action.fret == 0:
        note = means("practice.open")
    else:
        note = means("practice.at", fret=action.fret)
    return Felt(seen.sound, means("practice.it", note=note, sounds=_SOUNDS[seen.sound]), seen=seen)


_SOUNDS = {
    "clean": means("practice.rings-clean"),
    "buzzes": means("practice.buzzes"),
    "dead": means("practice.dies-once"),
    "slips off": means("practice.slips-off-edge-fret"),
    "rattles": means("practice.rattles-fret-itself-sounds"),
}


@_felt.register
def _(action: do.Sight, living: LivingNeck) -> Felt:
    return Felt("sight", means("practice.you-look-along-tops"), seen=living.tops_mm())


@_felt.register
def _(action: do.FeelKey, living: LivingNeck) -> Felt:
    if not living.rods:
        return Felt("none", means("practice.there-nothing-key-turn"))
    words = {
        "chewed": means("practice.key-turns-round-nut-corners"),
        "gummed": means("practice.wont-move-first-if-glued"),
        "fine": means("practice.key-sits-well"),
    }
    if living.rod_nut == "fine" and living.rods[-1 if action.side == "treble" else 0].slack:
        return Felt("slack", means("practice.turns-two-fingers-rod-slack"))
    return Felt(living.rod_nut, words[living.rod_nut])


@_felt.register
def _(action: do.ReadAir, living: LivingNeck) -> Felt:
    return Felt("air", means("practice.21-degrees-48-percent"), 48.0)


@_felt.register
def _(action: do.Turn, living: LivingNeck) -> Felt:
    if not living.rods:
        raise NotNow(means("practice.neck-has-no-rod"))
    if action.side and len(living.rods) < 2:
        raise NotNow(means("practice.there-one-rod-only"))
    feel = working.turn_rod(living, action.turns, action.side)
    words = {
        "free": means("practice.turns"),
        "slack": means("practice.turns-nothing-behind-slack"),
        "at its end": means("practice.stops-hard-never-force"),
        "key slips": means("practice.key-slips-round-nut-nothing"),
        "binding": means("practice.binds-wont-turn-nut-gummed"),
    }
    return Felt(feel, words.get(feel, means("practice.turns")))


@_felt.register
def _(action: do.Tune, living: LivingNeck) -> Felt:
    if living.out.any():
        raise NotNow(means("practice.frets-out-no-strings-go"))
    working.strings(living, action.to)
    return Felt(
        action.to,
        means("practice.all-strings-pitch")
        if action.to == "pitch"
        else means("practice.strings-slack"),
    )


@_felt.register
def _(action: do.MendNut, living: LivingNeck) -> Felt:
    if action.how == "clear" and living.rod_nut == "chewed":
        return Felt("chewed", means("practice.clean-now-corners-still-gone"))
    living.rod_nut = "fine"
    return Felt("fine", means("practice.key-sits-well-now"))


@_felt.register
def _(action: do.Press, living: LivingNeck) -> Felt:
    _there(living, action.fret)
    working.press(living, action.fret, action.where, action.force)
    words = {
        "light": means("practice.caul-let-down-lightly"),
        "firm": means("practice.stop-felt-caul-comes-up"),
        "hard": means("practice.goes-down-crunch"),
    }
    return Felt("pressed", words[action.force])


@_felt.register
def _(action: do.Glue, living: LivingNeck) -> Felt:
    _there(living, action.fret)
    working.glue(living, action.fret)
    return Felt("glued", means("practice.glue-under-clamp-needs-time", fret=action.fret))


@_felt.register
def _(action: do.Wait, living: LivingNeck) -> Felt:
    living.pass_time(action.minutes)
    return Felt("waited", means("practice.time-has-passed"))


@_felt.register
def _(action: do.InkTops, living: LivingNeck) -> Felt:
    living.ink[1:] = ~living.out[1:, None]
    return Felt("inked", means("practice.every-top-marked"), seen=living.ink.copy())


@_felt.register
def _(action: do.FileFret, living: LivingNeck) -> Felt:
    _there(living, action.fret)
    _slack(living)
    if action.where == "whole":
        lanes = [0, 1, 2]
    else:
        lanes = [lane_number(action.where)]
    filing.file_fret(living, action.fret, lanes, action.strokes, action.pressure)
    return Felt(
        "filed",
        means("practice.strokes", strokes=action.strokes, fret=action.fret),
        seen=living.ink.copy(),
    )


@_felt.register
def _(action: do.Block, living: LivingNeck) -> Felt:
    _slack(living)
    if action.high <= action.low:
        raise NotNow(means("practice.block-needs-way-go"))
    if action.where == "whole":
        lanes = [0, 1, 2]
    else:
        lanes = [lane_number(action.where)]
    filing.block(
        living,
        action.low,
        action.high,
        lanes=lanes,
        strokes=action.strokes,
        pressure=action.pressure,
        length_mm=action.length_mm,
        backed=action.backed,
    )
    gone = int((~living.ink[1:]).sum())
    return Felt(
        "filed",
        means("practice.strokes-ink-off-places", strokes=action.strokes, gone=gone),
        seen=living.ink.copy(),
    )


@_felt.register
def _(action: do.CrownTops, living: LivingNeck) -> Felt:
    _there(living, *action.frets)
    working.crown(living, action.frets)
    return Felt("crowned", means("practice.tops-round", number=len(action.frets)))


@_felt.register
def _(action: do.RoundEnd, living: LivingNeck) -> Felt:
    for fret in action.frets:
        working.round_end(living, fret, action.side, action.strokes)
    return Felt("rounded", means("practice.ends-rounder", number=len(action.frets)))


@_felt.register
def _(action: do.NutSlot, living: LivingNeck) -> Felt:
    working.nut_slot(living, action.side, action.mm)
    return Felt(
        "nut", means("practice.slot", lane_words=LANE_WORDS[action.side], moved=_moved(action.mm))
    )


@_felt.register
def _(action: do.Saddle, living: LivingNeck) -> Felt:
    working.saddle(living, action.side, action.mm)
    return Felt(
        "saddle",
        means("practice.saddle", lane_words=LANE_WORDS[action.side], moved=_moved(action.mm)),
    )


def _moved(mm: float) -> Saying:
    if mm > 0:
        return means("practice.higher", mm=mm)
    return means("practice.lower", mm=abs(mm))


@_felt.register
def _(action: do.Heat, living: LivingNeck) -> Felt:
    _slack(living)
    working.heat(living, action.over_mm)
    return Felt("heated", means("practice.cold-again-out-clamp"))


@_felt.register
def _(action: do.Tape, living: LivingNeck) -> Felt:
    living.taped = action.on
    return Felt("taped", means("practice.tape-wood") if action.on else means("practice.tape-off"))


@_felt.register
def _(action: do.PullFrets, living: LivingNeck) -> Felt:
    _slack(living)
    _there(living, *action.frets)
    working.pull(living, action.frets)
    return Felt("pulled", means("practice.frets-out", number=len(action.frets)))


@_felt.register
def _(action: do.TrueWood, living: LivingNeck) -> Felt:
    if not living.out[1:].all():
        raise NotNow(means("practice.frets-way-block-wood"))
    if action.high <= action.low:
        raise NotNow(means("practice.block-needs-way-go"))
    filing.true_wood(
        living,
        action.low,
        action.high,
        strokes=action.strokes,
        length_mm=action.length_mm,
        pressure=action.pressure,
    )
    return Felt("trued", means("practice.strokes-wood", strokes=action.strokes))


@_felt.register
def _(action: do.Saw, living: LivingNeck) -> Felt:
    if not living.out.any():
        raise NotNow(means("practice.no-slot-empty"))
    working.deepen(living, action.mm)
    return Felt("sawn", means("practice.empty-slots-deeper", mm=action.mm))


@_felt.register
def _(action: do.Fit, living: LivingNeck) -> Felt:
    if not living.out.any():
        raise NotNow(means("practice.no-slot-empty"))
    count = int(living.out.sum())
    working.fit(living, action.height_mm, action.tang_mm, action.grip_mm)
    return Felt("fitted", means("practice.frets", count=count))


def _there(living: LivingNeck, *frets: int) -> None:
    for fret in frets:
        if fret > living.neck.frets:
            raise NotNow(means("practice.there-no-fret", fret=fret))
        if living.out[fret]:
            raise NotNow(means("practice.fret-out", fret=fret))


def _strung(living: LivingNeck, why: Saying) -> None:
    if living.tension < 0.5:
        raise NotNow(means("practice.strings-slack-with-why", why=why))


def _slack(living: LivingNeck) -> None:
    if living.tension > 0.5:
        raise NotNow(means("practice.strings-pitch-let-them-down"))
