"""The help of every page."""

from __future__ import annotations

from nuvrek.meaning import Saying
from nuvrek.wording.help.page_help import PageHelp
from nuvrek.wording.speech import later

_COMPARE: dict[str, Saying] = {"up": later("one before"), "down": later("one after")}
_ALONG: dict[str, Saying] = {"left": later("a fret back"), "right": later("a fret on")}
_DOUBT = (later("Whisker"), later("The height lies between its ends 90 % sure."))
_LINES = (later("Dashed, solid"), later("Dashed is a forecast or an estimate, solid was measured."))

HELP: dict[str, PageHelp] = {
    "Shelf": PageHelp(
        {
            **_COMPARE,
            "digits": later("a neck by its number"),
            "enter": later("open the neck"),
            "+": later("take in another"),
            "/": later("find a neck"),
            "*": later("promise its day"),
            "-": later("take the promise back"),
            "0": later("it waits for a part"),
            ".": later("what fits now"),
        },
        (
            (
                later("Band on top"),
                later("The hours and days ahead: each neck where it can be ready."),
            ),
            (later("Words under a neck"), later("What it needs next, or what it waits for.")),
        ),
    ),
    "New neck": PageHelp(
        {"digits": later("the figure"), "enter": later("take it"), "back": later("the one before")},
        (
            (
                later("Three figures"),
                later("Enough to begin with. The rest is told in Take in, any day."),
            ),
            (later("The fretboard"), later("Drawn as far as it is known.")),
        ),
    ),
    "Take in": PageHelp(
        {"enter": later("keep the description")},
        (
            (
                later("Fields"),
                later(
                    "Scale length, frets and body joint are enough. Lengths take any "
                    "unit of a bench."
                ),
            ),
        ),
    ),
    "Measure": PageHelp(
        {
            "digits": later("the number as read"),
            "+": later("the blade slides"),
            "-": later("it drags"),
            "/": later("it won't go; still"),
            "*": later("rocks; a support"),
            "enter": later("take and go on"),
            "back": later("take back the last"),
            **_ALONG,
            "up": later("the station before"),
            "down": later("the station after"),
            " ": later("another unit"),
        },
        (
            (later("Copper ring"), later("The place that is asked for.")),
            (later("Marks on the fretboard"), later("Read, rocking, or not spoken of yet.")),
        ),
    ),
    "Map": PageHelp(
        {
            **_ALONG,
            "up": later("a reading of this fret"),
            "down": later("the next reading"),
            "enter": later("take it again"),
            "back": later("strike it out"),
            "digits": later("1 to 3: read this next"),
            "/": later("lay an edge"),
            "*": later("at pitch or slack"),
            "+": later("heights larger"),
            "-": later("heights smaller"),
            "0": later("Clearance"),
            ".": later("how is this known"),
        },
        (
            _DOUBT,
            (later("Copper, rising"), later("Stands high. Slate, hollow: lies low.")),
            (
                later("Wood"),
                later("The fretboard alone; relief is its dip below fret 1 and the body joint."),
            ),
            (
                later("Fret height"),
                later("Height of the metal; the dashed rule is the least to keep."),
            ),
        ),
    ),
    "Choose": PageHelp(
        {
            **_COMPARE,
            "enter": later("take this way"),
            "/": later("what can't be gone, and why"),
            ".": later("figures, costs, picture"),
            "+": later("to the owner"),
            "0": later("filing, or new wire"),
            "*": later("how is this known"),
            "back": later("take back"),
        },
        (
            (
                later("Course on top"),
                later("The ways that are advised, in order, with what each waits for."),
            ),
            (later("Bars"), later("Metal off each fret by this way.")),
            (later("Levels"), later("How many more light levels the thinnest fret has in it.")),
        ),
    ),
    "Work": PageHelp(
        {
            "enter": later("the step is done"),
            "back": later("take it back"),
            " ": later("leave it, take it up"),
            "*": later("ink is gone; how it felt"),
            "/": later("ink is there; not counted"),
            ".": later("gone up to here"),
            "+": later("half is off"),
            "0": later("a rocker pass; the gate"),
            **_ALONG,
        },
        (
            (later("Key drawn"), later("Which way and how far, seen from where the nut is.")),
            (later("Tops in order"), later("Which ink the file should take first.")),
            _LINES,
        ),
    ),
    "Prove": PageHelp(
        {
            "digits": later("the number as read"),
            "enter": later("take and go on"),
            "back": later("take back"),
        },
        ((later("Rows"), later("What was promised, what was measured, and whether it was kept.")),),
    ),
    "My tools": PageHelp(
        {"enter": later("keep")},
        ((later("Errors"), later("How far a tool may be off, as you know it.")),),
    ),
    "String room": PageHelp(
        {
            "left": later("a note back"),
            "right": later("a note on"),
            **_COMPARE,
            "+": later("harder touch"),
            "-": later("lighter touch"),
            "*": later("it buzzes"),
            "/": later("it is clean"),
            ".": later("the rest is clean"),
            "back": later("take back"),
            "enter": later("back to Map"),
        },
        (
            (
                later("Numbers"),
                later("Room of the string over the fret it would touch first. Minus is a buzz."),
            ),
        ),
    ),
    "Filing": PageHelp(
        {
            **_COMPARE,
            **_ALONG,
            "+": later("strings higher"),
            "-": later("strings lower"),
            "*": later("leave this fret alone"),
            "enter": later("agree on this"),
            "back": later("take back"),
        },
        ((later("Curve"), later("Metal against action; every way is a mark on it.")),),
    ),
    "New wire": PageHelp(
        {
            "digits": later("1 to 4: its faces"),
            **_ALONG,
            **_COMPARE,
            "+": later("more"),
            "-": later("less"),
            "*": later("this corner; this wire"),
            "enter": later("agree on this"),
            "back": later("take back"),
        },
        ((later("Three lanes"), later("The wood before, and as it is to be.")),),
    ),
    "Prices": PageHelp(
        {"enter": later("back to the neck")},
        ((later("Tax"), later("None, in the price, or on top.")),),
    ),
    "Owner": PageHelp(
        {
            "digits": later("1 to 4: its faces"),
            **_COMPARE,
            "*": later("yes to this"),
            "-": later("no to this"),
            "/": later("yes to all"),
            "+": later("freeze a quote"),
            "back": later("take back"),
        },
        (
            (
                later("Things"),
                later("Each thing a way asks of the owner, and whether the answer is there."),
            ),
        ),
    ),
    "Owners": PageHelp({**_COMPARE, "+": later("another owner"), "enter": later("their necks")}),
    "Kept safe": PageHelp(
        {},
        (
            (
                later("Copies"),
                later("Made by themselves. Nothing is put back before you have looked."),
            ),
        ),
    ),
    "History": PageHelp(
        {
            "left": later("the later visit"),
            "right": later("the later visit"),
            "up": later("the earlier visit"),
            "down": later("the earlier visit"),
            ".": later("metal of every fret"),
            "*": later("a look every half year"),
            "enter": later("back to Map"),
        },
        (_DOUBT, _LINES),
    ),
    "Honesty": PageHelp(
        {}, ((later("Bars"), later("How often the stated ranges held; 90 % sure is meant.")),)
    ),
    "Guide": PageHelp(
        {
            **_COMPARE,
            "left": later("a page back"),
            "right": later("a page on"),
            "enter": later("open it"),
            "back": later("back to work"),
        },
        ((later("On the left"), later("The chapters, or where the words stand that you typed.")),),
    ),
    "Practice": PageHelp(
        {
            **_COMPARE,
            "left": later("other column"),
            "right": later("other column"),
            "enter": later("begin the lesson"),
            "digits": later("1–4 a neck, 5–9 a form"),
            "/": later("the neck of a word"),
        },
        (
            (later("Ring"), later("Filled: solved. Struck: tried.")),
            (later("Curve"), later("Points of what you played.")),
        ),
    ),
    "Bench": PageHelp(
        {
            "digits": later("a tool, its figure"),
            "0": later("tools or hands"),
            "+": later("more"),
            "-": later("less"),
            "*": later("the other kind"),
            "/": later("write down"),
            ".": later("move the ends"),
            "enter": later("do it"),
            "back": later("put it down"),
            **_ALONG,
            "up": later("a lane across"),
            "down": later("a lane across"),
        },
        (
            (
                later("Picture"),
                later("What the eye sees of the tool. Nothing gives a number but what has one."),
            ),
            (later("Time"), later("Minutes of hands so far.")),
        ),
    ),
    "Reveal": PageHelp(
        {"enter": later("let the truth come out"), "digits": later("1–5: the buttons below")},
        (
            (later("Line"), later("The truth.")),
            (later("Ring, square"), later("Your map; a square where the truth lies outside.")),
        ),
    ),
}
