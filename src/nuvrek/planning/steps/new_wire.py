"""Job steps of new wire, and of a fret that is lifted."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import (
    look_again_step,
    prove_step,
    seating_steps,
    slacken_step,
    string_up_step,
)
from nuvrek.planning.steps.ends import polish_steps, tape_step
from nuvrek.planning.steps.filing import crown_steps, level_steps, listed_frets
from nuvrek.planning.steps.step import Doing, Step

Steps = tuple[Step, ...]


def steps(neck: NeckDescription, doing: Doing) -> Steps:
    """New wire from the last readings to the last polished end, in bench order."""
    every = tuple(range(1, neck.frets + 1))
    frets = doing.frets or every
    return (
        *_ready(doing),
        *_strip(neck, frets),
        *_wood(doing, bool(doing.frets)),
        *_fit(neck, frets),
        *_first_pull(neck, doing),
        tape_step(neck),
        *level_steps(frets, doing.agreed, neck),
        *crown_steps(frets, neck),
        *polish_steps(doing.agreed.level_grit, doing.agreed.finish_grit),
        string_up_step(),
        prove_step(),
        look_again_step(),
    )


def _ready(doing: Doing) -> Steps:
    text = (
        f"{doing.detail} Read before stripping: relief of wood and tops at pitch and slack, radius "
        "at several frets, thickness of the board, and wire of this run: tang, width, height."
    )
    return (Step("before", "Read before stripping", text, 30, "measure"), slacken_step())


def _strip(neck: NeckDescription, frets: tuple[int, ...]) -> Steps:
    lacquer = "Cut along each fret through the lacquer first. " if neck.lacquered else ""
    binding = "Short heat near the binding. " if neck.bound else ""
    text = (
        f"{lacquer}{binding}Warm each fret with a narrow iron, pull from one end, a little at a "
        "time; a thin strip slid along where chips start. Old frets go back to the owner."
    )
    warn = (cautions.HEAT, cautions.DUST, cautions.STRINGS)
    return (
        Step("nut-out", "Nut out", "Tapped out from the side; shims under it noted.", 10),
        Step("pull", f"Pull {listed_frets(frets)}", text, 4 * len(frets), cautions=warn),
        Step(
            "mend",
            "Mend chips",
            "Dust of the same wood and thin glue, filed flush.",
            20,
            cautions=(cautions.GLUE,),
        ),
    )


def _wood(doing: Doing, some: bool) -> Steps:
    true = "trued" in doing.detail and not some
    text = (
        "Edge unpressed on three lines, pencil all over, coarse paper only to move wood, finer to "
        "600 now; stop at the slots' depth or the laminate."
        if true
        else "A straight board is only cleaned: dirt off with fine paper, nothing planed."
    )
    slots = (
        "Scraped clean, as deep as the tang and a hair more, their width held against this run of "
        "wire, top edges chamfered."
    )
    return (
        Step(
            "wood",
            "True the board" if true else "Clean the board",
            text,
            90 if true else 15,
            cautions=(cautions.DUST,),
        ),
        Step("slots", "Slots", slots, 60, cautions=(cautions.DUST,)),
    )


def _fit(neck: NeckDescription, frets: tuple[int, ...]) -> Steps:
    ends = "Tang ends nipped by the binding's width. " if neck.bound else ""
    bend = f"A little tighter than the board, cut a little long, in order. {ends}Each piece tried."
    fit = (
        "One trial fret, judged by its light; then ends first, then all of it, glue wicked or "
        "before, clamped for its time. Support right under the fret."
    )
    return (
        Step("bend", "Bend and cut the wire", bend, 45, cautions=(cautions.STRINGS,)),
        Step(
            "fit",
            f"Fit {listed_frets(frets)}",
            fit,
            6 * len(frets),
            cautions=(cautions.PRESS, cautions.GLUE),
        ),
        Step("glue-dry", "Leave the glue its time", "3 to 4 hours in clamps, or the night.", 10),
        Step(
            "press-new",
            "Press every fret, light and rocker",
            "What stands off is seated again, not filed.",
            15,
            "measure",
            frets,
        ),
        Step(
            "trim",
            "Trim and bevel the ends",
            "Flush without touching the finish, then about 30 degrees.",
            40,
            cautions=(cautions.DUST,),
        ),
    )


def _first_pull(neck: NeckDescription, doing: Doing) -> Steps:
    """Without a rod the relief is known only once strings have pulled at it."""
    if not (doing.no_rod or neck.rod == "none"):
        return ()
    text = "A shim under the nut, zero fret left out; the relief decides what dip the level leaves."
    return (
        Step("string-first", "String up and read the relief", text, 30, "pitch"),
        Step(
            "slack-first",
            "Strings off again",
            "Loosen them evenly.",
            5,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
    )


def lift_steps(_neck: NeckDescription, doing: Doing) -> Steps:
    """One fret lifted and glued at the right height."""
    lift = Step(
        "lift",
        f"Lift {listed_frets(doing.frets)}",
        f"{doing.detail} Warm it, ease it up from both ends, clean the slot; glue it against a "
        "straight edge over its neighbours.",
        30,
        cautions=(cautions.HEAT, cautions.GLUE),
    )
    again = seating_steps(doing.frets)[-1]
    return (slacken_step(), lift, again, string_up_step(), prove_step())
