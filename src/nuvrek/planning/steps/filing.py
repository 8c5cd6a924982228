"""Job steps of filing and crowning, by school."""

from __future__ import annotations

from nuvrek import meaning
from nuvrek.meaning import Saying, means, sentences
from nuvrek.neck.crown import STILL_MM
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.crowns.crowning import LAND_MM, file_for
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import slacken_step
from nuvrek.planning.steps.step import Doing, Step

_FILING = (cautions.DUST, cautions.PICKUPS)
_PRESSED = {
    "own weight": means("steps.blocks-own-weight"),
    "fingertips": means("steps.fingertips-no-more"),
    "pressed, neck backed": means("steps.pressed-crest-neck-backed-hand"),
}
_UNLOADED = means("steps.check-unloaded-hand-weight-hides")


def listed_frets(frets: tuple[int, ...]) -> Saying:
    """The frets a step is done to, in words."""
    if frets:
        return meaning.frets(frets)
    return means("steps.frets")


def lay_by_rod(doing: Doing) -> tuple[Step, ...]:
    """Strings off, the neck set by its rod to the shape the plan says."""
    if doing.no_rod or doing.rod_stopped:
        return lay_as_it_lies(doing)
    return _by_rod(means("steps.strings-off-turn-rod-eighths"), doing)


def lay_straight(doing: Doing) -> tuple[Step, ...]:
    """Strings off, the neck set straight by its rod."""
    if doing.no_rod or doing.rod_stopped:
        return lay_as_it_lies(doing)
    return _by_rod(means("steps.strings-off-turn-rod-until"), doing)


def _by_rod(text: Saying, doing: Doing) -> tuple[Step, ...]:
    saying = sentences(text, doing.detail, _UNLOADED)
    step = Step("set", means("steps.set-neck-rod"), saying, 10, cautions=(cautions.ROD,))
    return (slacken_step(), step)


def lay_as_it_lies(doing: Doing) -> tuple[Step, ...]:
    """Strings off and no rod in it."""
    text = means("steps.slack-lies-held-when-played")
    step = Step("set", means("steps.lay-neck"), sentences(text, doing.detail, _UNLOADED), 5)
    return (slacken_step(), step)


def lay_held(doing: Doing) -> tuple[Step, ...]:
    """The strings come off only once the dial stands at zero."""
    return _held(doing.no_rod or doing.rod_stopped, doing.detail)


def _held(no_rod: bool, detail: Saying) -> tuple[Step, ...]:
    zero = means("steps.strings-pitch-dial-under-neck")
    if not no_rod:
        zero = means("steps.strings-pitch-rod-until-notched")
    warn = () if no_rod else (cautions.ROD,)
    back = means("steps.headstock-end-under-neck-little")
    return (
        Step(
            "dial-zero",
            means("steps.dial-zero-under-tension"),
            sentences(zero, detail),
            15,
            cautions=warn,
        ),
        Step(
            "dial-off",
            means("steps.strings-off"),
            means("steps.slacken-evenly-dial-moves-neck"),
            5,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
        Step(
            "dial-back",
            means("steps.raise-supports-until-dial-reads"),
            sentences(back, _UNLOADED),
            10,
            cautions=(cautions.PRESS,),
        ),
    )


def worn_step(neck: NeckDescription) -> Step:
    """Rounding worn crowns before a light level."""
    text = means("steps.where-top-shows-flat-or", file_for=file_for(neck.wire_width_mm))
    return Step("crown-worn", means("steps.crown-what-worn"), text, 40, cautions=(cautions.DUST,))


def spot_steps(frets: tuple[int, ...]) -> tuple[Step, ...]:
    """Marking and filing a few frets."""
    stop = means("steps.rocker-every-few-strokes-stop")
    return (
        Step(
            "mark",
            means("steps.mark-tops"),
            means("steps.ink-their-neighbours", listed_frets=listed_frets(frets)),
            3,
            frets=frets,
        ),
        Step(
            "file",
            means("steps.file", listed_frets=listed_frets(frets)),
            means("steps.short-stone-along-string-line", stop=stop),
            minutes=6 * max(len(frets), 1),
            action="file",
            frets=frets,
            cautions=_FILING,
        ),
    )


def level_steps(doing: Doing, neck: NeckDescription) -> tuple[Step, ...]:
    """Marking and levelling all frets."""
    frets, agreed = doing.frets, doing.agreed
    if agreed.block_mm is None:
        tool = means("steps.long-beam")
    else:
        tool = means("steps.block-mm", block_mm=agreed.block_mm)
    text = means(
        "steps.paper-along-string-lines-stop",
        tool=tool,
        level_grit=agreed.level_grit,
        pressed=_PRESSED[agreed.pressure],
        radius_block_words=_radius_block_words(neck),
    )
    marking = means("steps.ink-along-every-crown-last")
    out = means("steps.tapped-out-from-side-shims")
    nut = (
        ()
        if neck.bare and neck.no_frets
        else (Step("nut-out", means("steps.nut-out-way"), out, 5),)
    )
    return (
        *nut,
        Step("mark", means("steps.mark-all-fret-tops"), marking, 5),
        Step(
            "file",
            means("steps.level-all-frets"),
            text,
            minutes=45,
            action="file",
            frets=frets,
            cautions=_FILING,
        ),
        *_short_leveller(doing, neck),
    )


# A dip or crest shallower than this a straight beam leaves in the tops by itself (common practice,
# no source).
BEAM_CUTS_MM = 0.03


def _short_leveller(doing: Doing, neck: NeckDescription) -> tuple[Step, ...]:
    """What a straight beam can't cut: a dip or a crest, whatever asks for it, and a fall-away."""
    parts: list[Saying] = []
    agreed = doing.agreed
    if agreed.fall_away_mm is None:
        fall = neck.fall_away_mm
    else:
        fall = agreed.fall_away_mm
    dip = doing.dip_mm or agreed.dressed_mm
    if dip > BEAM_CUTS_MM or agreed.dressed_mm > 0.0:
        parts.append(means("steps.dip-middle-mm", dressed_mm=max(dip, agreed.dressed_mm)))
    if dip < -BEAM_CUTS_MM:
        parts.append(means("steps.crest-middle-mm", crest_mm=-dip))
    if fall > 0.0:
        start = agreed.fall_from or neck.joint_fret
        parts.append(means("steps.fall-away-from-fret-mm", start=start, fall=fall))
    if not parts:
        return ()
    text = means("steps.straight-beam-cuts-none-few", listed=meaning.listed(parts))
    return (Step("short", means("steps.short-leveller"), text, 10, cautions=_FILING),)


def _radius_block_words(neck: NeckDescription) -> Saying:
    """What a radius block would leave: only a cone that widens with the strings is straight along
    all of them. On a cylinder a string that moves out by s dips s^2 / (8 R) half-way.
    """
    if neck.radius_mm is None or (neck.end_radius_mm or neck.radius_mm) != neck.radius_mm:
        return ""
    outwards = 0.5 * (neck.end_width_mm - neck.nut_width_mm)
    leaves = outwards**2 / (8.0 * neck.radius_mm)
    if leaves < STILL_MM / 4.0:
        return ""
    return means("steps.radius-block-cuts-cylinder-leaves", leaves=leaves)


def levelled_step() -> Step:
    """The gate to crowning: pretty frets on a bowed neck are work done twice."""
    return Step(
        "levelled",
        means("steps.read-again-before-crowning"),
        means("steps.rocker-over-three-lanes-dip"),
        8,
        "measure",
    )


def crown_steps(frets: tuple[int, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Rounding the flats of these frets."""
    if not frets:
        return ()
    text = means(
        "steps.concave-file-from-both-shoulders",
        file_for=file_for(neck.wire_width_mm),
        land_mm=LAND_MM,
    )
    return (
        Step(
            "crown",
            means("steps.crown", listed_frets=listed_frets(frets)),
            text,
            4 * len(frets),
            frets=frets,
            cautions=(cautions.DUST,),
        ),
    )


def crown_few_steps(frets: tuple[int, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Worn frets crowned anew, the others left alone."""
    text = means("steps.concave-file-alone-groove-until", file_for=file_for(neck.wire_width_mm))
    return (
        Step(
            "mark",
            means("steps.mark-tops"),
            means("steps.ink", listed_frets=listed_frets(frets)),
            3,
            frets=frets,
        ),
        Step(
            "file",
            means("steps.crown", listed_frets=listed_frets(frets)),
            text,
            minutes=8 * max(len(frets), 1),
            action="file",
            frets=frets,
            cautions=_FILING,
        ),
    )
