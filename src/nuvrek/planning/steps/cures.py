"""Job steps of the cheap cures, of heat and of work that is referred."""

from __future__ import annotations

from collections.abc import Callable

from msgspec import structs

from nuvrek.meaning import Saying, means, sentences
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import look_again_step, prove_step, wait_step
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.readings.journal import NUT_MENDED

_TUNE = Step(
    "string-up",
    means("steps.string-up-tune"),
    means("steps.pitch-then-let-neck-settle"),
    15,
    "pitch",
)
_RETUNE = Step("retune", means("steps.tune-pitch"), means("steps.let-settle-moment"), 5, "pitch")
_READ_HEIGHTS = Step(
    "read-heights",
    means("steps.read-string-heights-again"),
    means("steps.bass-treble-side-pitch-only"),
    3,
    "measure",
    asks="heights",
)
_READ_NUT = Step(
    "read-nut",
    means("steps.press-3-look-1-again"),
    means("steps.bass-treble-side-pitch-only-tells"),
    3,
    "measure",
    asks="nut",
)
_READ_RELIEF = Step(
    "read-relief",
    means("steps.read-relief-again"),
    means("steps.both-sides-pitch-only-tells"),
    3,
    "measure",
    asks="relief",
)
_TRY = Step(
    "rod",
    means("steps.try-rod-again"),
    means("steps.eighth-no-more-note-how"),
    minutes=5,
    action="rod",
    frets=(),
    cautions=(cautions.ROD,),
)
_SETTLE = Step(
    "string-up",
    means("steps.tune-let-settle"),
    means("steps.relief-follows-new-pull-over"),
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
            means("steps.change-strings-or-tuning"),
            means("steps.note-gauges-take"),
            20,
            cautions=(cautions.STRINGS,),
        ),
        _SETTLE,
        _READ_RELIEF,
    ),
    "nut": (
        Step(
            "nut-slots",
            means("steps.set-nut"),
            means("steps.too-high-stroke-or-two"),
            25,
            cautions=_OPEN,
        ),
        _RETUNE,
        _READ_NUT,
    ),
    "zero-fret": (
        Step(
            "zero-fret",
            means("steps.bring-zero-fret-down"),
            means("steps.press-home-first-may-only"),
            30,
            cautions=_OPEN,
        ),
        _RETUNE,
        _READ_NUT,
    ),
    "rod-back": (
        Step(
            "rod",
            means("steps.turn-rod-back"),
            means("steps.what-neck-does-now-tells"),
            minutes=10,
            action="rod",
            frets=(),
            cautions=(cautions.ROD,),
        ),
    ),
    "saddle": (
        Step(
            "saddle",
            means("steps.set-saddle"),
            means("steps.from-below-flat-fine-paper"),
            25,
            cautions=_OPEN,
        ),
        _RETUNE,
        _READ_HEIGHTS,
    ),
    "shim": (
        Step(
            "shim",
            means("steps.tilt-neck-pocket"),
            means("steps.strings-off-neck-off-shim"),
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
            means("steps.free-rod-nut"),
            means("steps.clear-hole-try-key-fits"),
            20,
            "slack",
            cautions=(cautions.ROD, cautions.STRINGS),
        ),
        _TRY,
        _TUNE,
    ),
    "intonation": (
        Step(
            "intonation",
            means("steps.set-intonation"),
            means("steps.one-string-after-another"),
            20,
            cautions=(cautions.STRINGS,),
        ),
    ),
    "pickups": (
        Step("pickups", means("steps.lower-pickups"), means("steps.quarter-turn-each-screw"), 10),
    ),
    "bridge": (
        Step(
            "bridge",
            means("steps.set-bridge"),
            means("steps.block-first-release-last"),
            30,
            cautions=(cautions.STRINGS,),
        ),
        _RETUNE,
        _READ_RELIEF,
        _READ_HEIGHTS,
    ),
    "hardware": (
        Step("hardware", means("steps.find-noise"), means("steps.damp-one-part-after-another"), 15),
    ),
}


def tuner_step() -> Step:
    """What nut, saddle and wire did to the notes, and to the pickups under them."""
    return Step(
        "tuner",
        means("steps.check-intonation"),
        means("steps.open-against-fret-12-pickups-too"),
        10,
        "measure",
        cautions=(cautions.STRINGS,),
    )


def follow_steps(nut: Saying, saddle: Saying) -> tuple[Step, ...]:
    """Nut and saddle brought after the metal, each with its figure and its closing reading; none
    where nothing follows.
    """
    work: list[Step] = []
    readings: list[Step] = []
    for kind, detail in (("nut", nut), ("saddle", saddle)):
        if detail:
            first, tuning, *then = CURES[kind]
            work.append(structs.replace(first, text=sentences(detail, first.text)))
            readings += then if readings else [tuning, *then]
    if not work:
        return ()
    # Tuned once for both.
    return (*work, *readings, tuner_step())


def cure_steps(kind: str) -> Callable[[NeckDescription, Doing], tuple[Step, ...]]:
    """The steps of a cheap cure, the first with what the cure does on this neck."""
    first, *then = CURES[kind]

    def steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
        step = structs.replace(first, text=sentences(doing.detail, first.text))
        return (step, *then, prove_step(), look_again_step())

    return steps


def heat_steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """Heat straightening, one cycle."""
    warn = (cautions.HEAT, cautions.PRESS)
    return (
        Step(
            "heat-ready",
            means("steps.strings-off-rod-slack"),
            means("steps.cover-pickups-finish-binding-record"),
            15,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
        Step(
            "heat-clamp",
            means("steps.clamp-little-past-straight"),
            means("steps.note-how-far-past-straight", detail=doing.detail),
            20,
            cautions=warn,
        ),
        Step("heat", means("steps.heat"), means("steps.pack-about-90-95-c"), 60, cautions=warn),
        wait_step("cold", means("steps.leave-clamped-until-quite-cold"), COLD_MIN, "heat"),
        Step(
            "string-up",
            means("steps.string-up-tune"),
            means("steps.another-cycle-if-bow-left"),
            15,
            "pitch",
        ),
        _READ_RELIEF,
        prove_step(),
        look_again_step(),
    )


def new_neck_steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """Another neck in place of this one."""
    meaning = means("steps.scale-heel-width-depth-pocket", detail=doing.detail)
    fit = means("steps.strings-off-heel-seats-flat")
    return (
        Step("measure-neck", means("steps.measure-pocket-heel"), meaning, 20),
        Step("fit-neck", means("steps.fit"), fit, 60, "slack", cautions=(cautions.STRINGS,)),
        _TUNE,
        prove_step(),
        look_again_step(),
    )


def refer_steps(_neck: NeckDescription, doing: Doing) -> tuple[Step, ...]:
    """Work for licensed or specialist hands."""
    step = Step(
        "refer",
        means("steps.refer"),
        means("steps.work-beyond-fretwork-name-quote", detail=doing.detail),
        10,
    )
    return (step,)
