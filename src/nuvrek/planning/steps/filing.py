"""Job steps of filing and crowning, by school."""

from __future__ import annotations

from nuvrek import words
from nuvrek.language import tr
from nuvrek.neck.crown import STILL_MM
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.crowns.crowning import LAND_MM, file_for
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import slacken_step
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.readings.entries import Agreed

_FILING = (cautions.DUST, cautions.PICKUPS)
_PRESSED = {
    "own weight": tr("the block's own weight"),
    "fingertips": tr("fingertips, no more"),
    "pressed, neck backed": tr("pressed on the crest with the neck backed by the hand"),
}
_UNLOADED = tr("Check unloaded: hand weight hides a gap, a tight end clamp lifts the middle.")


def listed_frets(frets: tuple[int, ...]) -> str:
    """The frets a step is done to, in words."""
    return words.frets(frets) if frets else tr("the frets")


def lay_by_rod(doing: Doing) -> tuple[Step, ...]:
    """Strings off, the neck set by its rod to the shape the plan says."""
    if doing.no_rod or doing.rod_stopped:
        return lay_as_it_lies(doing)
    return _by_rod(tr("Strings off, turn the rod by eighths, a notched edge on the wood."), doing)


def lay_straight(doing: Doing) -> tuple[Step, ...]:
    """Strings off, the neck set straight by its rod."""
    if doing.no_rod or doing.rod_stopped:
        return lay_as_it_lies(doing)
    return _by_rod(
        tr("Strings off, turn the rod until the notched edge shows no light on the wood."), doing
    )


def _by_rod(text: str, doing: Doing) -> tuple[Step, ...]:
    told = f"{text} {doing.detail} {_UNLOADED}"
    step = Step("set", tr("Set the neck by the rod"), told, 10, cautions=(cautions.ROD,))
    return (slacken_step(), step)


def lay_as_it_lies(doing: Doing) -> tuple[Step, ...]:
    """Strings off and no rod in it."""
    text = tr("Slack and as it lies, held as when played; nothing bends it while it is filed.")
    step = Step("set", tr("Lay the neck as it is"), f"{text} {doing.detail} {_UNLOADED}", 5)
    return (slacken_step(), step)


def lay_held(doing: Doing) -> tuple[Step, ...]:
    """The strings come off only once the dial stands at zero."""
    return _held(doing.no_rod or doing.rod_stopped, doing.detail)


def _held(no_rod: bool, detail: str) -> tuple[Step, ...]:
    zero = tr("Strings at pitch: the dial under the neck, half-way to the body, set to zero.")
    if not no_rod:
        zero = tr(
            "Strings at pitch, rod until the notched edge shows no light. Then the dial "
            "under the neck, half-way to the "
            "body, set to zero."
        )
    warn = () if no_rod else (cautions.ROD,)
    back = tr("At the headstock end and under the neck, little by little; held down at the body.")
    return (
        Step("dial-zero", tr("Dial to zero under tension"), f"{zero} {detail}", 15, cautions=warn),
        Step(
            "dial-off",
            tr("Strings off"),
            tr("Slacken evenly. The dial moves as the neck springs back."),
            5,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
        Step(
            "dial-back",
            tr("Raise the supports until the dial reads zero"),
            f"{back} {_UNLOADED}",
            10,
            cautions=(cautions.PRESS,),
        ),
    )


def worn_step(neck: NeckDescription) -> Step:
    """Rounding worn crowns before a light level."""
    text = tr(
        "Where a top shows a flat or a groove, the {file_for} concave "
        "file from both shoulders; the "
        "highest line of each top stays.",
        file_for=file_for(neck.wire_width_mm),
    )
    return Step("crown-worn", tr("Crown what is worn"), text, 40, cautions=(cautions.DUST,))


def spot_steps(frets: tuple[int, ...]) -> tuple[Step, ...]:
    """Marking and filing a few frets."""
    stop = tr(
        "Rocker every few strokes. Stop when the rocker is still and the ink just gone; check "
        "unloaded."
    )
    return (
        Step(
            "mark",
            tr("Mark the tops"),
            tr("Ink on {listed_frets} and their neighbours.", listed_frets=listed_frets(frets)),
            3,
            frets=frets,
        ),
        Step(
            "file",
            tr("File {listed_frets}", listed_frets=listed_frets(frets)),
            tr("Short stone along the string line, light hand. {stop}", stop=stop),
            6 * max(len(frets), 1),
            "file",
            frets,
            _FILING,
        ),
    )


def level_steps(frets: tuple[int, ...], agreed: Agreed, neck: NeckDescription) -> tuple[Step, ...]:
    """Marking and levelling all frets."""
    tool = (
        tr("Long beam")
        if agreed.block_mm is None
        else tr("Block of {block_mm:.0f} mm", block_mm=agreed.block_mm)
    )
    text = tr(
        "{tool}, paper {level_grit}, along the string lines, {pressed}. "
        "{radius_block_words}"
        "Stop when each top is touched, the file runs smooth and the rocker is still.",
        tool=tool,
        level_grit=agreed.level_grit,
        pressed=_PRESSED[agreed.pressure],
        radius_block_words=_radius_block_words(neck),
    )
    marking = tr("Ink along every crown: the last ink to go shows the lowest top.")
    out = tr("Tapped out from the side, shims under it noted; a zero fret is taped over.")
    return (
        Step("nut-out", tr("Nut out of the way"), out, 5),
        Step("mark", tr("Mark all fret tops"), marking, 5),
        Step("file", tr("Level all frets"), text, 45, "file", frets, _FILING),
        *_short_leveller(agreed, neck),
    )


def _short_leveller(agreed: Agreed, neck: NeckDescription) -> tuple[Step, ...]:
    """What a straight beam can't cut: a dip, a fall-away, a crest."""
    parts = []
    fall = neck.fall_away_mm if agreed.fall_away_mm is None else agreed.fall_away_mm
    if agreed.dressed_mm > 0.0:
        parts.append(tr("the dip in the middle, {dressed_mm:.2f} mm", dressed_mm=agreed.dressed_mm))
    if fall > 0.0:
        start = agreed.fall_from or neck.joint_fret
        parts.append(
            tr(
                "the fall-away from fret {start} on, {fall:.2f} mm at the end",
                start=start,
                fall=fall,
            )
        )
    if not parts:
        return ()
    text = tr(
        "A straight beam cuts none: a few strokes with a short leveller for "
        "{listed}. For a crest the hand behind the neck and pressure on it.",
        listed=words.listed(parts),
    )
    return (Step("short", tr("Short leveller"), text, 10, cautions=_FILING),)


def _radius_block_words(neck: NeckDescription) -> str:
    """What a radius block would leave: only a cone that widens with the strings is straight along
    all of them. On a cylinder a string that moves out by s dips s^2 / (8 R) half-way.
    """
    if neck.radius_mm is None or (neck.end_radius_mm or neck.radius_mm) != neck.radius_mm:
        return ""
    outwards = 0.5 * (neck.end_width_mm - neck.nut_width_mm)
    leaves = outwards**2 / (8.0 * neck.radius_mm)
    if leaves < STILL_MM / 4.0:
        return ""
    return tr(
        "A radius block cuts a cylinder and leaves {leaves:.2f} mm of dip under the outer "
        "strings; the plan is straight along each string. ",
        leaves=leaves,
    )


def levelled_step() -> Step:
    """The gate to crowning: pretty frets on a bowed neck are work done twice."""
    return Step(
        "levelled",
        tr("Read again before crowning"),
        tr(
            "Rocker over three lanes, the dip, flats and crowns: the round After levelling. No "
            "crown is rounded before the tops hold."
        ),
        8,
        "measure",
    )


def crown_steps(frets: tuple[int, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Rounding the flats of these frets."""
    if not frets:
        return ()
    text = tr(
        "The {file_for} concave file, from both shoulders, until a "
        "line of ink {land_mm:.2f} mm wide or less is "
        "left on top: the ink is the height, don't file it away.",
        file_for=file_for(neck.wire_width_mm),
        land_mm=LAND_MM,
    )
    return (
        Step(
            "crown",
            tr("Crown {listed_frets}", listed_frets=listed_frets(frets)),
            text,
            4 * len(frets),
            frets=frets,
            cautions=(cautions.DUST,),
        ),
    )


def crown_few_steps(frets: tuple[int, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Worn frets crowned anew, the others left alone."""
    text = tr(
        "The {file_for} concave file alone. A groove: until its "
        "bottom just goes and no further. A flat: from "
        "both shoulders, the line of ink on top stays.",
        file_for=file_for(neck.wire_width_mm),
    )
    return (
        Step(
            "mark",
            tr("Mark the tops"),
            tr("Ink on {listed_frets}.", listed_frets=listed_frets(frets)),
            3,
            frets=frets,
        ),
        Step(
            "file",
            tr("Crown {listed_frets}", listed_frets=listed_frets(frets)),
            text,
            8 * max(len(frets), 1),
            "file",
            frets,
            _FILING,
        ),
    )
