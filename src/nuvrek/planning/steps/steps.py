"""The steps of each way forward, in bench order. Whatever the way, its steps are made here or in
this folder.
"""

from __future__ import annotations

from collections.abc import Callable

from nuvrek.meaning import means
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps.common import (
    look_again_step,
    press_step,
    prove_step,
    rod_steps,
    seating_steps,
    slacken_step,
    spare_body_step,
    string_up_step,
)
from nuvrek.planning.steps.cures import follow_steps, tuner_step
from nuvrek.planning.steps.ends import clean_step, end_steps, few_tape_step, polish_steps, tape_step
from nuvrek.planning.steps.filing import (
    crown_few_steps,
    crown_steps,
    level_steps,
    levelled_step,
    spot_steps,
    worn_step,
)
from nuvrek.planning.steps.new_wire import after_new_wire
from nuvrek.planning.steps.step import Doing, Step

Steps = tuple[Step, ...]


def leave(_neck: NeckDescription, _doing: Doing) -> Steps:
    """Nothing but the later look."""
    return (look_again_step(),)


def read_first(_neck: NeckDescription, doing: Doing) -> Steps:
    """Readings, then the ways are weighed anew."""
    text = means("steps.then-ways-weighed-anew", detail=doing.detail)
    return (Step("read", means("steps.read-measure"), text, 10, "measure"),)


def rod(_neck: NeckDescription, doing: Doing) -> Steps:
    """The rod alone."""
    words = doing.rod or means("steps.no-turn-needed-relief")
    follow = follow_steps("", doing.saddle)
    return (*rod_steps(words), *follow, prove_step(), look_again_step())


def seat(neck: NeckDescription, doing: Doing) -> Steps:
    """Frets pressed home, with their ends put right."""
    pressing = (slacken_step(), *seating_steps(doing.frets))
    return (*pressing, *end_steps(doing.ends, neck), prove_step(), look_again_step())


def ends(neck: NeckDescription, doing: Doing) -> Steps:
    """The fret ends alone."""
    dressing = (slacken_step(), tape_step(neck), *end_steps(doing.ends, neck))
    return (*dressing, string_up_step(), prove_step())


def spot(neck: NeckDescription, doing: Doing) -> Steps:
    """A few frets filed."""
    filing = (press_step(), _taped(neck, doing), *spot_steps(doing.frets))
    return (*_off(neck), *filing, *_after_filing(neck, doing))


# Up to so many of its frets, as a share, are done by themselves, the rest untouched (common
# practice, no source).
FEW_SHARE = 0.3


def _taped(neck: NeckDescription, doing: Doing) -> Step:
    """The board masked: only beside the frets that are filed where they are few."""
    if 0 < len(doing.frets) <= FEW_SHARE * neck.frets and not doing.ends:
        return few_tape_step(neck)
    return tape_step(neck)


def _share(neck: NeckDescription, doing: Doing) -> float:
    """How much of the polishing of a whole neck a few frets are; ends that are dressed make it
    whole.
    """
    if not doing.frets or doing.ends or len(doing.frets) > FEW_SHARE * neck.frets:
        return 1.0
    return len(doing.frets) / neck.frets


def crown_few(neck: NeckDescription, doing: Doing) -> Steps:
    """A few worn frets crowned anew: the file has rounded them, nothing is crowned twice."""
    filing = (press_step(), _taped(neck, doing), *crown_few_steps(doing.frets, neck))
    return (*_off(neck), *filing, *_finish(neck, doing))


def level(
    lay: Callable[[Doing], Steps], worn_first: bool = False
) -> Callable[[NeckDescription, Doing], Steps]:
    """All tops brought to one line, the neck laid for it by its school."""

    def steps(neck: NeckDescription, doing: Doing) -> Steps:
        worn = (worn_step(neck),) if worn_first else ()
        filing = (tape_step(neck), *worn, *level_steps(doing, neck))
        spare = (spare_body_step(),) if neck.bare and neck.joint == "bolted" else ()
        laid = tuple(step for step in lay(doing) if not (neck.bare and step.key == "slacken"))
        return (press_step(), *spare, *laid, *filing, *_after_filing(neck, doing, levelled=True))

    return steps


def _off(neck: NeckDescription) -> Steps:
    """Strings off, where there are any."""
    if neck.bare:
        return ()
    return (slacken_step(),)


# What the marks of a fine file ask for first (common practice, no source).
FILE_GRIT = 400


def _after_filing(neck: NeckDescription, doing: Doing, levelled: bool = False) -> Steps:
    crowned = crown_steps(doing.crowned, neck)
    gate = (levelled_step(),) if crowned else ()
    return (*gate, *crowned, *_finish(neck, doing, levelled))


def _finish(neck: NeckDescription, doing: Doing, levelled: bool = False) -> Steps:
    """Ends, polish, and strings on again; a bare neck is done when it is polished."""
    agreed = doing.agreed
    # Paper begins where the scratches are: those of a file on few frets are finer than those of
    # the paper under a beam.
    mark = agreed.level_grit if levelled else max(agreed.level_grit, FILE_GRIT)
    share = 1.0 if levelled else _share(neck, doing)
    metal = (*end_steps(doing.ends, neck), *polish_steps(mark, agreed.finish_grit, share))
    if neck.bare:
        return metal
    rod = rod_steps(doing.rod) if doing.rod else ()
    cleaned: Steps = ()
    if doing.new_wire.wire is None:
        cleaned = (clean_step(neck),)
    set_up = after_new_wire(neck, doing.new_wire, doing.nut)
    follow = follow_steps("" if doing.new_wire.wire is not None else doing.nut, doing.saddle)
    closing = (prove_step(), look_again_step())
    if doing.new_wire.wire is not None and not follow:
        follow = (tuner_step(),)
    return (*metal, *cleaned, *set_up, string_up_step(), *rod, *follow, *closing)
