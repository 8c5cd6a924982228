"""Job steps of filing and crowning, by school."""

from __future__ import annotations

from nuvrek import words
from nuvrek.neck.crown import STILL_MM
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.crowns.crowning import LAND_MM, file_for
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import slacken_step
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.readings.entries import Agreed

_FILING = (cautions.DUST, cautions.PICKUPS)
_PRESSED = {
    "own weight": "the block's own weight",
    "fingertips": "fingertips, no more",
    "pressed, neck backed": "pressed on the crest with the neck backed by the hand",
}
_UNLOADED = "Check unloaded: hand weight hides a gap, a tight end clamp lifts the middle."


def listed_frets(frets: tuple[int, ...]) -> str:
    """The frets a step is done to, in words."""
    return words.frets(frets) if frets else "the frets"


def lay_by_rod(doing: Doing) -> tuple[Step, ...]:
    """Strings off, the neck set by its rod to the shape the plan says."""
    if doing.no_rod or doing.rod_stopped:
        return lay_as_it_lies(doing)
    return _by_rod("Strings off, turn the rod by eighths, a notched edge on the wood.", doing)


def lay_straight(doing: Doing) -> tuple[Step, ...]:
    """Strings off, the neck set straight by its rod."""
    if doing.no_rod or doing.rod_stopped:
        return lay_as_it_lies(doing)
    return _by_rod(
        "Strings off, turn the rod until the notched edge shows no light on the wood.", doing
    )


def _by_rod(text: str, doing: Doing) -> tuple[Step, ...]:
    told = f"{text} {doing.detail} {_UNLOADED}"
    step = Step("set", "Set the neck by the rod", told, 10, cautions=(cautions.ROD,))
    return (slacken_step(), step)


def lay_as_it_lies(doing: Doing) -> tuple[Step, ...]:
    """Strings off and no rod in it."""
    text = "Slack and as it lies, held as when played; nothing bends it while it is filed."
    step = Step("set", "Lay the neck as it is", f"{text} {doing.detail} {_UNLOADED}", 5)
    return (slacken_step(), step)


def lay_held(doing: Doing) -> tuple[Step, ...]:
    """The strings come off only once the dial stands at zero."""
    return _held(doing.no_rod or doing.rod_stopped, doing.detail)


def _held(no_rod: bool, detail: str) -> tuple[Step, ...]:
    zero = "Strings at pitch: the dial under the neck, half-way to the body, set to zero."
    if not no_rod:
        zero = (
            "Strings at pitch, rod until the notched edge shows no light. Then the dial "
            "under the neck, half-way to the "
            "body, set to zero."
        )
    warn = () if no_rod else (cautions.ROD,)
    back = "At the headstock end and under the neck, little by little; held down at the body."
    return (
        Step("dial-zero", "Dial to zero under tension", f"{zero} {detail}", 15, cautions=warn),
        Step(
            "dial-off",
            "Strings off",
            "Slacken evenly. The dial moves as the neck springs back.",
            5,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
        Step(
            "dial-back",
            "Raise the supports until the dial reads zero",
            f"{back} {_UNLOADED}",
            10,
            cautions=(cautions.PRESS,),
        ),
    )


def worn_step(neck: NeckDescription) -> Step:
    """Rounding worn crowns before a light level."""
    text = (
        f"Where a top shows a flat or a groove, the {file_for(neck.wire_width_mm)} concave "
        "file from both shoulders; the "
        "highest line of each top stays."
    )
    return Step("crown-worn", "Crown what is worn", text, 40, cautions=(cautions.DUST,))


def spot_steps(frets: tuple[int, ...]) -> tuple[Step, ...]:
    """Marking and filing a few frets."""
    stop = (
        "Rocker every few strokes. Stop when the rocker is still and the ink just gone; check "
        "unloaded."
    )
    return (
        Step(
            "mark",
            "Mark the tops",
            f"Ink on {listed_frets(frets)} and their neighbours.",
            3,
            frets=frets,
        ),
        Step(
            "file",
            f"File {listed_frets(frets)}",
            f"Short stone along the string line, light hand. {stop}",
            6 * max(len(frets), 1),
            "file",
            frets,
            _FILING,
        ),
    )


def level_steps(frets: tuple[int, ...], agreed: Agreed, neck: NeckDescription) -> tuple[Step, ...]:
    """Marking and levelling all frets."""
    tool = "Long beam" if agreed.block_mm is None else f"Block of {agreed.block_mm:.0f} mm"
    text = (
        f"{tool}, paper {agreed.level_grit}, along the string lines, {_PRESSED[agreed.pressure]}. "
        f"{_radius_block_words(neck)}"
        "Stop when each top is touched, the file runs smooth and the rocker is still."
    )
    marking = "Ink along every crown: the last ink to go shows the lowest top."
    out = "Tapped out from the side, shims under it noted; a zero fret is taped over."
    return (
        Step("nut-out", "Nut out of the way", out, 5),
        Step("mark", "Mark all fret tops", marking, 5),
        Step("file", "Level all frets", text, 45, "file", frets, _FILING),
        *_short_leveller(agreed, neck),
    )


def _short_leveller(agreed: Agreed, neck: NeckDescription) -> tuple[Step, ...]:
    """What a straight beam can't cut: a dip, a fall-away, a crest."""
    parts = []
    fall = neck.fall_away_mm if agreed.fall_away_mm is None else agreed.fall_away_mm
    if agreed.dressed_mm > 0.0:
        parts.append(f"the dip in the middle, {agreed.dressed_mm:.2f} mm")
    if fall > 0.0:
        start = agreed.fall_from or neck.joint_fret
        parts.append(f"the fall-away from fret {start} on, {fall:.2f} mm at the end")
    if not parts:
        return ()
    text = (
        "A straight beam cuts none: a few strokes with a short leveller for "
        f"{words.listed(parts)}. For a crest the hand behind the neck and pressure on it."
    )
    return (Step("short", "Short leveller", text, 10, cautions=_FILING),)


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
    return (
        f"A radius block cuts a cylinder and leaves {leaves:.2f} mm of dip under the outer "
        "strings; the plan is straight along each string. "
    )


def levelled_step() -> Step:
    """The gate to crowning: pretty frets on a bowed neck are work done twice."""
    return Step(
        "levelled",
        "Read again before crowning",
        "Rocker over three lanes, the dip, flats and crowns: the round After levelling. No crown "
        "is rounded before the tops hold.",
        8,
        "measure",
    )


def crown_steps(frets: tuple[int, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Rounding the flats of these frets."""
    if not frets:
        return ()
    text = (
        f"The {file_for(neck.wire_width_mm)} concave file, from both shoulders, until a "
        f"line of ink {LAND_MM:.2f} mm wide or less is "
        "left on top: the ink is the height, don't file it away."
    )
    return (
        Step(
            "crown",
            f"Crown {listed_frets(frets)}",
            text,
            4 * len(frets),
            frets=frets,
            cautions=(cautions.DUST,),
        ),
    )


def crown_few_steps(frets: tuple[int, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Worn frets crowned anew, the others left alone."""
    text = (
        f"The {file_for(neck.wire_width_mm)} concave file alone. A groove: until its "
        "bottom just goes and no further. A flat: from "
        "both shoulders, the line of ink on top stays."
    )
    return (
        Step("mark", "Mark the tops", f"Ink on {listed_frets(frets)}.", 3, frets=frets),
        Step(
            "file",
            f"Crown {listed_frets(frets)}",
            text,
            8 * max(len(frets), 1),
            "file",
            frets,
            _FILING,
        ),
    )
