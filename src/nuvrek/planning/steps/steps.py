"""Job steps of each way forward, in bench order, with their cautions."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.cures import Step, cure_steps, heat_steps, refer_step
from nuvrek.planning.steps.ends import end_steps, polish_steps, tape_step
from nuvrek.planning.steps.filing import (
    crown_few_steps,
    crown_steps,
    level_steps,
    set_steps,
    spot_steps,
    worn_step,
)
from nuvrek.readings.entries import Agreed, EndFault, WayKind


class Doing(Struct, frozen=True):
    """What the steps of a way are made from.

    ``frets`` are the ones filed or seated; ``rod`` says which way the rod goes, nothing where it is not turned; ``ends`` are the
    faults of fret ends that are put right along the way; ``detail`` says what the way does on this neck; ``crowned`` are
    those whose flats need a crown; ``no_rod``: there is none, or it is spent.
    """

    frets: tuple[int, ...] = ()
    rod: str = ""
    ends: tuple[EndFault, ...] = ()
    detail: str = ""
    agreed: Agreed = Agreed()
    crowned: tuple[int, ...] = ()
    no_rod: bool = False


def steps_of(kind: WayKind, neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """The steps of a way, in bench order."""
    ends = end_steps(doing.ends, neck)
    match kind:
        case "leave":
            return (_look_again(),)
        case "rod":
            return (
                *_rod(doing.rod or "No turn is needed for the relief."),
                _prove(),
                _look_again(),
            )
        case "seat":
            return (_slacken(), *_seating(doing.frets), *ends, _prove(), _look_again())
        case "ends":
            return (_slacken(), tape_step(neck), *ends, _string_up(), _prove())
        case "heat":
            return (*heat_steps(doing.detail), *_ending())
        case "refer":
            return (refer_step(doing.detail),)
        case "spot-level" | "play-clean" | "crown-few":
            filing = (_slacken(), tape_step(neck), *_few(kind, neck, doing))
            return (*filing, *_after_filing(neck, doing, ends))
        case "level" | "level-straight" | "level-held" | "level-lies" | "crown-first":
            return (*_levelling(kind, neck, doing), *_after_filing(neck, doing, ends))
        case _:
            return (*cure_steps(kind, doing.detail), *_ending())


def _few(kind: WayKind, neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    return crown_few_steps(doing.frets, neck) if kind == "crown-few" else spot_steps(doing.frets)


def _levelling(kind: WayKind, neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """From strings off to all tops on one line."""
    lay = set_steps(kind, doing.detail, doing.no_rod)
    # Held as strung, the strings come off only once the dial stands at zero.
    first = lay if kind == "level-held" else (_slacken(), *lay)
    worn = (worn_step(neck),) if kind == "crown-first" else ()
    return (*first, tape_step(neck), *worn, *level_steps(doing.frets, doing.agreed))


def _after_filing(neck: NeckDescription, doing: Doing, ends: tuple[Step, ...]) -> tuple[Step, ...]:
    agreed = doing.agreed
    return (
        *crown_steps(doing.crowned, neck),
        *ends,
        *polish_steps(agreed.level_grit, agreed.finish_grit),
        _string_up(),
        *(_rod(doing.rod) if doing.rod else ()),
        _prove(),
        _look_again(),
    )


def _ending() -> tuple[Step, ...]:
    return (_prove(), _look_again())


def _slacken() -> Step:
    return Step(
        "slacken",
        "Slacken the strings",
        "Loosen them evenly; take them off or tie them aside.",
        5,
        "slack",
        (),
        (cautions.STRINGS,),
    )


def _string_up() -> Step:
    return Step(
        "string-up",
        "String up and tune",
        "To pitch, then let the neck settle for a while.",
        15,
        "pitch",
        (),
        (cautions.STRINGS,),
    )


def _rod(words: str) -> tuple[Step, ...]:
    return (
        Step(
            "rod",
            "Turn the rod",
            f"To begin with: {words[:1].lower()}{words[1:]} A quarter turn or less at once, retune, measure again. Stop if it resists, if it is at its end, or if two moves bring no answer.",
            10,
            "rod",
            (),
            (cautions.ROD,),
        ),
    )


def _seating(frets: tuple[int, ...]) -> tuple[Step, ...]:
    press = tuple(
        Step(
            f"seat-{fret}",
            f"Press fret {fret} home",
            "An end that is up: push and glue that end. The middle up: press the whole fret. One that stops short in a shallow or dirty slot is glued at its lowest and counts as settled. Stop when the light under it is gone; pressed too far it becomes the low one all others come down to.",
            15,
            "seat",
            (fret,),
            (cautions.PRESS, cautions.GLUE),
        )
        for fret in frets
    )
    again = Step(
        "rocker-again",
        "Rocker over the seated frets",
        "A fret glued anew sits at a new height. Take its rocker reading again before any filing is planned.",
        3,
        "measure",
        frets,
    )
    return (*press, again)


def _prove() -> Step:
    return Step(
        "prove",
        "Take the closing readings",
        "In Prove: what was promised beside what came out. Play every note.",
        10,
        "measure",
    )


def _look_again() -> Step:
    return Step(
        "look-again",
        "Look again after one to two weeks",
        "Wood creeps, most of all after rod work or heat.",
        5,
    )
