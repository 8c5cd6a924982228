"""Tools of a step: what it is usually done with, what does instead at home, and what that can't do
(common practice, no source).
"""

from __future__ import annotations

from nuvrek.meaning import Saying, means
from nuvrek.planning.steps.step import Step

TOOLS: dict[str, Saying] = {
    "rod": means("steps.tool-rod"),
    "set": means("steps.tool-set"),
    "seat": means("steps.tool-seat"),
    "file": means("steps.tool-file"),
    "short": means("steps.tool-short"),
    "levelled": means("steps.tool-rocker"),
    "rocker-again": means("steps.tool-rocker"),
    "crown": means("steps.tool-crown"),
    "crown-worn": means("steps.tool-crown"),
    "polish": means("steps.tool-polish"),
    "end-bevel": means("steps.tool-bevel"),
    "end-round": means("steps.tool-round"),
    "nut-slots": means("steps.tool-nut"),
    "saddle": means("steps.tool-saddle"),
    "pull": means("steps.tool-pull"),
    "slots": means("steps.tool-slots"),
    "cut": means("steps.tool-cut"),
    "fit": means("steps.tool-fit"),
    "wood": means("steps.tool-wood"),
    "heat": means("steps.tool-heat"),
    "dial-zero": means("steps.tool-dial"),
}


def tools_of(step: Step) -> Saying:
    """The tools of a step in a sentence or two; nothing where hands do."""
    found = TOOLS.get(step.key)
    if found is not None:
        return found
    return TOOLS.get(step.key.rstrip("0123456789").rstrip("-"), "")
