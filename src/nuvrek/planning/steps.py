"""Job steps of each way forward, in bench order, with their cautions."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription
from nuvrek.planning import cautions
from nuvrek.planning.curesteps import Step, cure_steps, heat_steps, refer_step
from nuvrek.planning.endsteps import end_steps, polish_steps, tape_step
from nuvrek.planning.filingsteps import (
    crown_few_steps,
    crown_steps,
    level_steps,
    set_steps,
    spot_steps,
    worn_step,
)
from nuvrek.readings.kinds import Agreed, EndFault, WayKind


def steps_of(
    kind: WayKind,
    neck: NeckDescription,
    frets: tuple[int, ...],
    rod_words: str,
    rod_needed: bool,
    ends: tuple[EndFault, ...] = (),
    detail: str = "",
    agreed: Agreed | None = None,
    crowned: tuple[int, ...] = (),
) -> tuple[Step, ...]:
    """The steps of a way.

    ``frets`` are the ones filed or seated; ``rod_words`` says which way the rod goes; ``ends`` are the
    faults of fret ends that are put right along the way; ``detail`` says what a cheap cure does on this neck;
    ``crowned`` are those whose flats need a crown.
    """
    agreed = agreed or Agreed()
    rod = _rod(rod_words) if rod_needed else ()
    after_filing = (
        *crown_steps(crowned, neck),
        *end_steps(ends, neck),
        *polish_steps(agreed.level_grit, agreed.finish_grit),
        _string_up(),
        *rod,
        _prove(),
        _look_again(),
    )
    match kind:
        case "leave":
            return (_look_again(),)
        case "rod":
            return (*_rod(rod_words), _prove(), _look_again())
        case "seat":
            return (_slacken(), *_seating(frets), *end_steps(ends, neck), _prove(), _look_again())
        case "ends":
            return (_slacken(), tape_step(neck), *end_steps(ends, neck), _string_up(), _prove())
        case "spot-level" | "play-clean":
            return (_slacken(), tape_step(neck), *spot_steps(frets), *after_filing)
        case "crown-few":
            return (_slacken(), tape_step(neck), *crown_few_steps(frets, neck), *after_filing)
        case "crown-first":
            set_up = (_slacken(), *set_steps(kind, neck, detail))
            worn = worn_step(neck)
            return (*set_up, tape_step(neck), worn, *level_steps(frets, agreed), *after_filing)
        case "level-held":
            set_up = set_steps(kind, neck, detail)
            return (*set_up, tape_step(neck), *level_steps(frets, agreed), *after_filing)
        case "level" | "level-straight" | "level-lies":
            set_up = (_slacken(), *set_steps(kind, neck, detail))
            return (*set_up, tape_step(neck), *level_steps(frets, agreed), *after_filing)
        case "heat":
            return (*heat_steps(detail), *_ending())
        case "refer":
            return (refer_step(detail),)
        case _:
            return (*cure_steps(kind, detail), *_ending())


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
