"""Job steps of the cheap cures, of heat and of work that is referred."""

from __future__ import annotations

from collections.abc import Callable

from msgspec import structs

from nuvrek.language import tr
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import look_again_step, prove_step, wait_step
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.readings.journal import NUT_MENDED

_TUNE = Step(
    "string-up", tr("String up and tune"), tr("To pitch, then let the neck settle."), 15, "pitch"
)
_RETUNE = Step("retune", tr("Tune to pitch"), tr("Let it settle for a moment."), 5, "pitch")
_READ_HEIGHTS = Step(
    "read-heights",
    tr("Read the string heights again"),
    tr("Bass and treble side, at pitch: only they tell what the work has done."),
    3,
    "measure",
    asks="heights",
)
_READ_NUT = Step(
    "read-nut",
    tr("Press at 3, look at 1 again"),
    tr("Bass and treble side, at pitch: only this tells how the nut holds the strings now."),
    3,
    "measure",
    asks="nut",
)
_READ_RELIEF = Step(
    "read-relief",
    tr("Read the relief again"),
    tr("Both sides, at pitch: only this tells what the neck has done."),
    3,
    "measure",
    asks="relief",
)
_TRY = Step(
    "rod",
    tr("Try the rod again"),
    tr("An eighth, no more. Note how it feels."),
    5,
    "rod",
    (),
    (cautions.ROD,),
)
_SETTLE = Step(
    "string-up",
    tr("Tune and let it settle"),
    tr("Relief follows the new pull over hours and days."),
    10,
    "pitch",
)
# A heated neck lies clamped for hours to days; a night is the least that is counted on (common
# practice, no source).
COLD_MIN = 8 * 60
_OPEN = (cautions.STRINGS, cautions.DUST)
# The text of each first step follows on what the cure does on this neck.
CURES: dict[str, tuple[Step, ...]] = {
    "strings": (
        Step(
            "other-strings",
            tr("Change strings or tuning"),
            tr("Note the gauges in Take in."),
            20,
            cautions=(cautions.STRINGS,),
        ),
        _SETTLE,
        _READ_RELIEF,
    ),
    "nut": (
        Step(
            "nut-slots",
            tr("Set the nut"),
            tr(
                "Too high: a stroke or two, retune, press at 3, look at 1; a slot too low can't be "
                "unfiled. Too low: a shim under the nut, the slot filled with dust and glue and "
                "cut anew, or a new nut. It goes back with a drop of glue only."
            ),
            25,
            cautions=_OPEN,
        ),
        _RETUNE,
        _READ_NUT,
    ),
    "zero-fret": (
        Step(
            "zero-fret",
            tr("Bring the zero fret down"),
            tr(
                "Press it home first: it may only have sprung. Then let it in, or a few strokes on "
                "it alone; it is not levelled with the others."
            ),
            30,
            cautions=_OPEN,
        ),
        _RETUNE,
        _READ_NUT,
    ),
    "rod-back": (
        Step(
            "rod",
            tr("Turn the rod back"),
            tr("What the neck does now tells the sign."),
            10,
            "rod",
            (),
            (cautions.ROD,),
        ),
    ),
    "saddle": (
        Step(
            "saddle",
            tr("Set the saddle"),
            tr(
                "From below, flat on fine paper; mark before filing, check the break of the "
                "strings."
            ),
            25,
            cautions=_OPEN,
        ),
        _RETUNE,
        _READ_HEIGHTS,
    ),
    "shim": (
        Step(
            "shim",
            tr("Tilt the neck in its pocket"),
            tr(
                "Strings off, neck off, shim the full width, screws tight only with the neck "
                "seated."
            ),
            30,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
        _TUNE,
        _READ_HEIGHTS,
    ),
    "rod-nut": (
        Step(
            NUT_MENDED,
            tr("Free the rod nut"),
            tr("Clear the hole, try the key that fits, grease thread and washer."),
            20,
            "slack",
            cautions=(cautions.ROD, cautions.STRINGS),
        ),
        _TRY,
        _TUNE,
    ),
    "hardware": (
        Step(
            "hardware",
            tr("Find the noise"),
            tr("Damp one part after another with a finger while the note sounds."),
            15,
        ),
    ),
}


def cure_steps(kind: str) -> Callable[[NeckDescription, Doing], tuple[Step, ...]]:
    """The steps of a cheap cure, the first with what the cure does on this neck."""
    first, *then = CURES[kind]

    def steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
        told = structs.replace(first, text=f"{doing.detail} {first.text}".strip())
        return (told, *then, prove_step(), look_again_step())

    return steps


def heat_steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """Heat straightening, one cycle."""
    warn = (cautions.HEAT, cautions.PRESS)
    return (
        Step(
            "heat-ready",
            tr("Strings off, rod slack"),
            tr("Cover pickups, finish and binding; record the relief as it is."),
            15,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
        Step(
            "heat-clamp",
            tr("Clamp a little past straight"),
            tr(
                "{detail} Note how far past straight it is clamped; then make the rod "
                "tight, if there is one.",
                detail=doing.detail,
            ),
            20,
            cautions=warn,
        ),
        Step(
            "heat",
            tr("Heat"),
            tr(
                "A pack at about 90 to 95 °C (195 to 200 °F) when it is taken out, on the board "
                "under a towel and falling from there. Never left alone while it is hot. Ticked "
                "when the pack is off: from then it cools, clamped."
            ),
            60,
            cautions=warn,
        ),
        wait_step("cold", tr("Leave it clamped until quite cold"), COLD_MIN, "heat"),
        Step(
            "string-up",
            tr("String up and tune"),
            tr("Another cycle if bow is left."),
            15,
            "pitch",
        ),
        _READ_RELIEF,
        prove_step(),
        look_again_step(),
    )


def new_neck_steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """Another neck in place of this one."""
    told = tr(
        "{detail} Scale, heel width and depth, pocket, screw places: measured on both "
        "before one is bought. The old neck goes back to the owner.",
        detail=doing.detail,
    )
    fit = tr("Strings off. The heel seats flat before the screws are tight; never force a screw.")
    return (
        Step("measure-neck", tr("Measure pocket and heel"), told, 20),
        Step("fit-neck", tr("Fit it"), fit, 60, "slack", cautions=(cautions.STRINGS,)),
        _TUNE,
        prove_step(),
        look_again_step(),
    )


def refer_steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """Work for licensed or specialist hands."""
    step = Step(
        "refer",
        tr("Refer it"),
        tr(
            "{detail} This is work beyond fretwork: name it, quote it, pass it on.",
            detail=doing.detail,
        ),
        10,
    )
    return (step,)
