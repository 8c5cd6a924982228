"""Steps that most jobs have: strings off and on, the rod, seating, the closing readings, the
later look.
"""

from __future__ import annotations

from nuvrek.language import tr
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.step import Action, Step
from nuvrek.words import lower_first


def slacken_step() -> Step:
    """Strings off."""
    return Step(
        "slacken",
        tr("Slacken the strings"),
        tr("Loosen them evenly; take them off or tie them aside."),
        5,
        "slack",
        (),
        (cautions.STRINGS,),
    )


def string_up_step() -> Step:
    """Strings on again."""
    return Step(
        "string-up",
        tr("String up and tune"),
        tr(
            "Nut back with a drop of glue, no more. To pitch, then let the neck settle for a while."
        ),
        15,
        "pitch",
        (),
        (cautions.STRINGS,),
    )


def rod_steps(words: str) -> tuple[Step, ...]:
    """The rod, beginning as ``words`` say."""
    return (
        Step(
            "rod",
            tr("Turn the rod"),
            tr(
                "When this was chosen: {words} The bar below says what is "
                "due now. A quarter turn or less at once, retune, measure again. Stop if it "
                "resists, if it is at its end, or if two moves bring no answer.",
                words=lower_first(words),
            ),
            10,
            "rod",
            (),
            (cautions.ROD,),
        ),
    )


def seating_steps(frets: tuple[int, ...]) -> tuple[Step, ...]:
    """Each of these frets pressed home, then read again."""
    press = tuple(
        Step(
            f"seat-{fret}",
            tr("Press fret {fret} home", fret=fret),
            tr(
                "An end that is up: push and glue that end. The middle up: press the whole "
                "fret. One that stops short in a shallow or dirty slot is glued at its lowest "
                "and counts as settled. Stop when the light under it is gone; pressed too far "
                "it becomes the low one all others come down to."
            ),
            15,
            "seat",
            (fret,),
            (cautions.PRESS, cautions.GLUE),
        )
        for fret in frets
    )
    again = Step(
        "rocker-again",
        tr("Rocker over the seated frets"),
        tr(
            "A fret glued anew sits at a new height. Take its rocker reading again before any "
            "filing is planned."
        ),
        3,
        "measure",
        frets,
    )
    return (*press, again)


def press_step() -> Step:
    """The gate to filing."""
    return Step(
        "press",
        tr("Press every fret"),
        tr(
            "A finger on every fret, both ends and the middle. One that moves is seated first: "
            "note it in Measure. Neighbours that merely look gappy get a drop of thin glue, so "
            "that they can't move under the beam. / says that all were pressed and none moved."
        ),
        5,
        "press",
        cautions=(cautions.GLUE,),
    )


def wait_step(key: str, title: str, minutes: int, action: Action = "tick") -> Step:
    """Nothing but time, from the tick of the step before on."""
    hours = (
        tr("{minutes:g} hours", minutes=minutes / 60)
        if minutes >= 60
        else tr("{minutes} minutes", minutes=minutes)
    )
    text = tr("{hours} at the least, the longer the better; another neck meanwhile.", hours=hours)
    return Step(key, title, text, 0, action, wait=minutes)


def prove_step() -> Step:
    """The closing readings."""
    return Step(
        "prove",
        tr("Take the closing readings"),
        tr("In Prove: what was promised beside what came out. Play every note."),
        10,
        "measure",
    )


def look_again_step() -> Step:
    """The later look: wood creeps."""
    return Step(
        "look-again",
        tr("Look again after one to two weeks"),
        tr("Wood creeps, most of all after rod work or heat."),
        5,
    )
