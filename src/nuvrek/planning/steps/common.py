"""Steps that most jobs have: strings off and on, the rod, seating, the closing readings, the
later look.
"""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.step import Action, Step


def slacken_step() -> Step:
    """Strings off."""
    return Step(
        "slacken",
        means("steps.slacken-strings"),
        means("steps.loosen-them-evenly-take-them"),
        minutes=5,
        action="slack",
        frets=(),
        cautions=(cautions.STRINGS,),
    )


def string_up_step() -> Step:
    """Strings on again."""
    return Step(
        "string-up",
        means("steps.string-up-tune"),
        means("steps.nut-back-drop-glue-no"),
        minutes=15,
        action="pitch",
        frets=(),
        cautions=(cautions.STRINGS,),
    )


def rod_steps(words: Saying) -> tuple[Step, ...]:
    """The rod, beginning as ``words`` say."""
    return (
        Step(
            "rod",
            means("steps.turn-rod"),
            means("steps.when-chosen-bar-below-says", detail=words),
            minutes=10,
            action="rod",
            frets=(),
            cautions=(cautions.ROD,),
        ),
    )


def seating_steps(frets: tuple[int, ...]) -> tuple[Step, ...]:
    """Each of these frets pressed home, then read again."""
    press = tuple(
        Step(
            f"seat-{fret}",
            means("steps.press-fret-home", fret=fret),
            means("steps.end-up-push-glue-end"),
            minutes=15,
            action="seat",
            frets=(fret,),
            cautions=(cautions.PRESS, cautions.GLUE),
        )
        for fret in frets
    )
    again = Step(
        "rocker-again",
        means("steps.rocker-over-seated-frets"),
        means("steps.fret-glued-anew-sits-new"),
        minutes=3,
        action="measure",
        frets=frets,
    )
    return (*press, again)


def press_step() -> Step:
    """The gate to filing."""
    return Step(
        "press",
        means("steps.press-every-fret"),
        means("steps.finger-every-fret-both-ends"),
        5,
        "press",
        cautions=(cautions.GLUE,),
    )


def wait_step(key: str, title: Saying, minutes: int, action: Action = "tick") -> Step:
    """Nothing but time, from the tick of the step before on."""
    if minutes >= 60:
        hours = means("steps.hours", minutes=minutes / 60)
    else:
        hours = means("steps.minutes", minutes=minutes)
    text = means("steps.least-longer-better-another-neck", hours=hours)
    return Step(key, title, text, 0, action, wait=minutes)


def spare_body_step() -> Step:
    """A bolt-on neck that came alone is filed on something it is screwed to."""
    return Step(
        "spare-body", means("steps.onto-spare-body"), means("steps.heel-screwed-down-as-lies"), 10
    )


def block_step() -> Step:
    """A bridge that floats or stands on springs, held where it is."""
    return Step(
        "bridge-block",
        means("steps.block-bridge"),
        means("steps.everything-moves-with"),
        5,
        "block",
    )


def release_step() -> Step:
    """That bridge, let go and set last of all."""
    return Step(
        "bridge-release",
        means("steps.release-bridge-set-last"),
        means("steps.springs-until-stands-as-before"),
        15,
        "release",
    )


def with_bridge(steps: tuple[Step, ...]) -> tuple[Step, ...]:
    """The steps of a job on such a bridge: blocked before anything slackens or turns, released when
    all else is set; only what it stands at then is read as the action.
    """
    first = next((n for n, one in enumerate(steps) if one.action in ("slack", "rod")), None)
    if first is None:
        return steps
    last = next(
        (n for n, one in enumerate(steps) if one.asks == "heights" or one.key == "prove"),
        len(steps),
    )
    return (*steps[:first], block_step(), *steps[first:last], release_step(), *steps[last:])


def prove_step() -> Step:
    """The closing readings."""
    return Step(
        "prove",
        means("steps.take-closing-readings"),
        means("steps.prove-what-promised-beside-what"),
        10,
        "measure",
    )


def look_again_step() -> Step:
    """The later look: wood creeps."""
    return Step(
        "look-again",
        means("steps.look-again-after-one-two"),
        means("steps.wood-creeps-most-all-after"),
        5,
    )
