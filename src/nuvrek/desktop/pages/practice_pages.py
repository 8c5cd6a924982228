"""The pages of the practice neck."""

from __future__ import annotations

from nuvrek.desktop.pages.page import Page
from nuvrek.desktop.pages.said_often import ALONG, COMPARE
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import later

PRACTICE_PAGES: dict[str, Page] = {
    "Practice": Page(
        later("Practice"),
        view="practice.hall:HallStage",
        keys={
            **COMPARE,
            "left": later("other column"),
            "right": later("other column"),
            "enter": later("begin the lesson"),
            "digits": later("1–4 a neck, 5–9 a form"),
            "/": later("the neck of a word"),
        },
        sees=(
            (later("Ring"), later("Filled: solved. Struck: tried.")),
            (later("Curve"), later("Points of what you played.")),
        ),
        known=(
            Known(
                later("Points"),
                later("Your map and your work held against the hidden truth; see Reveal."),
            ),
        ),
    ),
    "Bench": Page(
        later("Bench"),
        view="practice.bench:BenchStage",
        keys={
            "digits": later("a tool, its figure"),
            "0": later("tools or hands"),
            "+": later("more"),
            "-": later("less"),
            "*": later("the other kind"),
            "/": later("write down"),
            ".": later("move the ends"),
            "enter": later("do it"),
            "back": later("put it down"),
            **ALONG,
            "up": later("a lane across"),
            "down": later("a lane across"),
        },
        sees=(
            (
                later("Picture"),
                later("What the eye sees of the tool. Nothing gives a number but what has one."),
            ),
            (later("Time"), later("Minutes of hands so far.")),
        ),
        known=(
            Known(
                later("What is felt"),
                later("By the hidden truth, as a hand or an eye would have it."),
            ),
        ),
    ),
    "Reveal": Page(
        later("Reveal"),
        view="practice.reveal:RevealStage",
        keys={"enter": later("let the truth come out"), "digits": later("1–5: the buttons below")},
        sees=(
            (later("Line"), later("The truth.")),
            (later("Ring, square"), later("Your map; a square where the truth lies outside.")),
        ),
        known=(
            Known(
                later("Points"),
                later(
                    "Of a hundred: 45 for notes won, 20 for metal against the least that would "
                    "have "
                    "done, 15 for ranges that hold, 12 for the first action, 8 for no fret left "
                    "loose "
                    "or flat."
                ),
            ),
        ),
    ),
}
