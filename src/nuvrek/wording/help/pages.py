"""The help of every page."""

from __future__ import annotations

from nuvrek.wording.help.page_help import PageHelp
from nuvrek.wording.speech import tr

_COMPARE = {"up": tr("one before"), "down": tr("one after")}
_ALONG = {"left": tr("a fret back"), "right": tr("a fret on")}
_DOUBT = (tr("Whisker"), tr("The height lies between its ends nine times in ten."))
_LINES = (tr("Dashed, solid"), tr("Dashed is a forecast or an estimate, solid was measured."))

HELP: dict[str, PageHelp] = {
    "Shelf": PageHelp(
        {
            **_COMPARE,
            "digits": tr("a neck by its number"),
            "enter": tr("open the neck"),
            "+": tr("take in another"),
            "/": tr("find a neck"),
            "*": tr("promise its day"),
            "-": tr("take the promise back"),
            "0": tr("it waits for a part"),
            ".": tr("what fits now"),
        },
        (
            (tr("Band on top"), tr("The hours and days ahead: each neck where it can be ready.")),
            (tr("Words under a neck"), tr("What it needs next, or what it waits for.")),
        ),
    ),
    "New neck": PageHelp(
        {"digits": tr("the figure"), "enter": tr("take it"), "back": tr("the one before")},
        (
            (
                tr("Three figures"),
                tr("Enough to begin with. The rest is told in Take in, any day."),
            ),
            (tr("The board"), tr("Drawn as far as it is known.")),
        ),
    ),
    "Take in": PageHelp(
        {"enter": tr("keep the description")},
        (
            (
                tr("Fields"),
                tr("Scale length, frets and joint are enough. Lengths take any unit of a bench."),
            ),
        ),
    ),
    "Measure": PageHelp(
        {
            "digits": tr("the number as read"),
            "+": tr("the leaf slides"),
            "-": tr("it drags"),
            "/": tr("it won't go; still"),
            "*": tr("rocks; a support"),
            "enter": tr("take and go on"),
            "back": tr("take back the last"),
            **_ALONG,
            "up": tr("the station before"),
            "down": tr("the station after"),
            " ": tr("another unit"),
        },
        (
            (tr("Copper ring"), tr("The place that is asked for.")),
            (tr("Marks on the board"), tr("Read, rocking, or not spoken of yet.")),
        ),
    ),
    "Map": PageHelp(
        {
            **_ALONG,
            "up": tr("a reading of this fret"),
            "down": tr("the next reading"),
            "enter": tr("take it again"),
            "back": tr("strike it out"),
            "digits": tr("1 to 3: read this next"),
            "/": tr("lay an edge"),
            "*": tr("at pitch or slack"),
            "+": tr("heights larger"),
            "-": tr("heights smaller"),
            "0": tr("String room"),
            ".": tr("how is this known"),
        },
        (
            _DOUBT,
            (tr("Copper, rising"), tr("Stands high. Slate, hollow: lies low.")),
            (tr("Wood"), tr("The board alone; relief is its dip below fret 1 and the joint.")),
            (tr("Crown left"), tr("Height of the metal; the dashed rule is the least to keep.")),
        ),
    ),
    "Choose": PageHelp(
        {
            **_COMPARE,
            "enter": tr("take this way"),
            "/": tr("what can't be gone, and why"),
            ".": tr("figures, costs, picture"),
            "+": tr("to the owner"),
            "0": tr("filing, or new wire"),
            "*": tr("how is this known"),
            "back": tr("take back"),
        },
        (
            (
                tr("Course on top"),
                tr("The ways that are advised, in order, with what each waits for."),
            ),
            (tr("Bars"), tr("Metal off each fret by this way.")),
            (tr("Levels"), tr("How many more light levels the thinnest fret has in it.")),
        ),
    ),
    "Work": PageHelp(
        {
            "enter": tr("the step is done"),
            "back": tr("take it back"),
            " ": tr("leave it, take it up"),
            "*": tr("ink is gone; how it felt"),
            "/": tr("ink is there; not counted"),
            ".": tr("gone up to here"),
            "+": tr("half is off"),
            "0": tr("a rocker pass; the gate"),
            **_ALONG,
        },
        (
            (tr("Key drawn"), tr("Which way and how far, seen from where the nut is.")),
            (tr("Tops in order"), tr("Which ink the file should take first.")),
            _LINES,
        ),
    ),
    "Prove": PageHelp(
        {
            "digits": tr("the number as read"),
            "enter": tr("take and go on"),
            "back": tr("take back"),
        },
        ((tr("Rows"), tr("What was promised, what was measured, and whether it was kept.")),),
    ),
    "My tools": PageHelp(
        {"enter": tr("keep")}, ((tr("Errors"), tr("How far a tool may be off, as you know it.")),)
    ),
    "String room": PageHelp(
        {
            "left": tr("a note back"),
            "right": tr("a note on"),
            **_COMPARE,
            "+": tr("harder touch"),
            "-": tr("lighter touch"),
            "*": tr("it buzzes"),
            "/": tr("it is clean"),
            ".": tr("the rest is clean"),
            "back": tr("take back"),
            "enter": tr("back to Map"),
        },
        (
            (
                tr("Numbers"),
                tr("Room of the string over the fret it would touch first. Minus is a buzz."),
            ),
        ),
    ),
    "Filing": PageHelp(
        {
            **_COMPARE,
            **_ALONG,
            "+": tr("strings higher"),
            "-": tr("strings lower"),
            "*": tr("leave this fret alone"),
            "enter": tr("agree on this"),
            "back": tr("take back"),
        },
        ((tr("Curve"), tr("Metal against string height; every way is a mark on it.")),),
    ),
    "New wire": PageHelp(
        {
            "digits": tr("1 to 4: its faces"),
            **_ALONG,
            **_COMPARE,
            "+": tr("more"),
            "-": tr("less"),
            "*": tr("this corner; this wire"),
            "enter": tr("agree on this"),
            "back": tr("take back"),
        },
        ((tr("Three lanes"), tr("The wood before, and as it is to be.")),),
    ),
    "Prices": PageHelp(
        {"enter": tr("back to the neck")}, ((tr("Tax"), tr("None, in the price, or on top.")),)
    ),
    "Owner": PageHelp(
        {
            "digits": tr("1 to 4: its faces"),
            **_COMPARE,
            "*": tr("yes to this"),
            "-": tr("no to this"),
            "/": tr("yes to all"),
            "+": tr("freeze a quote"),
            "back": tr("take back"),
        },
        (
            (
                tr("Things"),
                tr("Each thing a way asks of the owner, and whether the answer is there."),
            ),
        ),
    ),
    "Owners": PageHelp({**_COMPARE, "+": tr("another owner"), "enter": tr("their necks")}),
    "Kept safe": PageHelp(
        {}, ((tr("Copies"), tr("Made by themselves. Nothing is put back before you have looked.")),)
    ),
    "History": PageHelp(
        {
            "left": tr("the later visit"),
            "right": tr("the later visit"),
            "up": tr("the earlier visit"),
            "down": tr("the earlier visit"),
            ".": tr("metal of every fret"),
            "*": tr("a look every half year"),
            "enter": tr("back to Map"),
        },
        (_DOUBT, _LINES),
    ),
    "Honesty": PageHelp(
        {}, ((tr("Bars"), tr("How often the stated ranges held; nine times in ten is meant.")),)
    ),
    "Guide": PageHelp(
        {
            **_COMPARE,
            "left": tr("a page back"),
            "right": tr("a page on"),
            "enter": tr("open it"),
            "back": tr("back to work"),
        },
        ((tr("On the left"), tr("The chapters, or where the words stand that you typed.")),),
    ),
    "Practice": PageHelp(
        {
            **_COMPARE,
            "left": tr("other column"),
            "right": tr("other column"),
            "enter": tr("begin the lesson"),
            "digits": tr("1–4 a neck, 5–9 a form"),
            "/": tr("the neck of a word"),
        },
        (
            (tr("Ring"), tr("Filled: solved. Struck: tried.")),
            (tr("Curve"), tr("Points of what you played.")),
        ),
    ),
    "Bench": PageHelp(
        {
            "digits": tr("a tool, its figure"),
            "0": tr("tools or hands"),
            "+": tr("more"),
            "-": tr("less"),
            "*": tr("the other kind"),
            "/": tr("write down"),
            ".": tr("move the ends"),
            "enter": tr("do it"),
            "back": tr("put it down"),
            **_ALONG,
            "up": tr("a lane across"),
            "down": tr("a lane across"),
        },
        (
            (
                tr("Picture"),
                tr("What the eye sees of the tool. Nothing gives a number but what has one."),
            ),
            (tr("Time"), tr("Minutes of hands so far.")),
        ),
    ),
    "Reveal": PageHelp(
        {"enter": tr("let the truth come out"), "digits": tr("1–5: the buttons below")},
        (
            (tr("Line"), tr("The truth.")),
            (tr("Ring, square"), tr("Your map; a square where the truth lies outside.")),
        ),
    ),
}
