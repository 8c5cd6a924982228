"""The help of every page."""

from __future__ import annotations

from nuvrek.bench.help.page_help import PageHelp

_COMPARE = {"up": "one before", "down": "one after"}
_ALONG = {"left": "a fret back", "right": "a fret on"}
_DOUBT = ("Whisker", "The height lies between its ends nine times in ten.")
_LINES = ("Dashed, solid", "Dashed is a forecast or an estimate, solid was measured.")

HELP: dict[str, PageHelp] = {
    "Shelf": PageHelp(
        {
            **_COMPARE,
            "enter": "open the neck",
            "+": "take in another",
            "/": "find a neck",
            "*": "promise its day",
            "-": "take the promise back",
            "0": "it waits for a part",
            ".": "what fits now",
        },
        (
            ("Band on top", "The hours and days ahead: each neck where it can be ready."),
            ("Words under a neck", "What it needs next, or what it waits for."),
        ),
    ),
    "Take in": PageHelp(
        {"enter": "keep the description"},
        (
            (
                "Fields",
                "Scale length, frets and joint are enough. Lengths take any unit of a bench.",
            ),
        ),
    ),
    "Measure": PageHelp(
        {
            "digits": "the number as read",
            "+": "the leaf slides",
            "-": "it drags",
            "/": "it won't go; still",
            "*": "rocks; a support",
            "enter": "take and go on",
            "back": "take back the last",
            **_ALONG,
            "up": "the station before",
            "down": "the station after",
            " ": "another unit",
        },
        (
            ("Copper ring", "The place that is asked for."),
            ("Marks on the board", "Read, rocking, or not spoken of yet."),
        ),
    ),
    "Map": PageHelp(
        {
            **_ALONG,
            "up": "a reading of this fret",
            "down": "the next reading",
            "enter": "take it again",
            "back": "strike it out",
            "digits": "1 to 3: read this next",
            "/": "lay an edge",
            "*": "at pitch or slack",
            "+": "heights larger",
            "-": "heights smaller",
            "0": "String room",
        },
        (
            _DOUBT,
            ("Copper, rising", "Stands high. Slate, hollow: lies low."),
            ("Wood", "The board alone; relief is its dip below fret 1 and the joint."),
            ("Crown left", "Height of the metal; the dashed rule is the least to keep."),
        ),
    ),
    "Choose": PageHelp(
        {
            **_COMPARE,
            "enter": "take this way",
            "/": "what can't be gone, and why",
            ".": "figures, costs, picture",
            "+": "to the owner",
            "0": "filing, or new wire",
            "back": "take back",
        },
        (
            ("Course on top", "The ways that are advised, in order, with what each waits for."),
            ("Bars", "Metal off each fret by this way."),
            ("Levels", "How many more light levels the thinnest fret has in it."),
        ),
    ),
    "Work": PageHelp(
        {
            "enter": "the step is done",
            "back": "take it back",
            " ": "leave it, take it up",
            "*": "ink is gone; how it felt",
            "/": "ink is there; not counted",
            ".": "gone up to here",
            "+": "half is off",
            "0": "a rocker pass; the gate",
            **_ALONG,
        },
        (
            ("Key drawn", "Which way and how far, seen from where the nut is."),
            ("Tops in order", "Which ink the file should take first."),
            _LINES,
        ),
    ),
    "Prove": PageHelp(
        {"digits": "the number as read", "enter": "take and go on", "back": "take back"},
        (("Rows", "What was promised, what was measured, and whether it was kept."),),
    ),
    "My tools": PageHelp(
        {"enter": "keep"}, (("Errors", "How far a tool may be off, as you know it."),)
    ),
    "String room": PageHelp(
        {
            "left": "a note back",
            "right": "a note on",
            **_COMPARE,
            "+": "harder touch",
            "-": "lighter touch",
            "*": "it buzzes",
            "/": "it is clean",
            ".": "the rest is clean",
            "back": "take back",
            "enter": "back to Map",
        },
        (("Numbers", "Room of the string over the fret it would touch first. Minus is a buzz."),),
    ),
    "Filing": PageHelp(
        {
            **_COMPARE,
            **_ALONG,
            "+": "strings higher",
            "-": "strings lower",
            "*": "leave this fret alone",
            "enter": "agree on this",
            "back": "take back",
        },
        (("Curve", "Metal against string height; every way is a mark on it."),),
    ),
    "New wire": PageHelp(
        {
            "digits": "1 to 4: its faces",
            **_ALONG,
            **_COMPARE,
            "+": "more",
            "-": "less",
            "*": "this corner; this wire",
            "enter": "agree on this",
            "back": "take back",
        },
        (("Three lanes", "The wood before, and as it is to be."),),
    ),
    "Prices": PageHelp({"enter": "back to the neck"}, (("Tax", "None, in the price, or on top."),)),
    "Owner": PageHelp(
        {
            "digits": "1 to 4: its faces",
            **_COMPARE,
            "*": "yes to this",
            "-": "no to this",
            "enter": "yes to all",
            "+": "freeze a quote",
            "back": "take back",
        },
        (("Things", "Each thing a way asks of the owner, and whether the answer is there."),),
    ),
    "Owners": PageHelp({**_COMPARE, "+": "another owner", "enter": "their necks"}),
    "Kept safe": PageHelp(
        {}, (("Copies", "Made by themselves. Nothing is put back before you have looked."),)
    ),
    "History": PageHelp(
        {
            "left": "the later visit",
            "right": "the later visit",
            "up": "the earlier visit",
            "down": "the earlier visit",
            ".": "metal of every fret",
            "*": "a look every half year",
            "enter": "back to Map",
        },
        (_DOUBT, _LINES),
    ),
    "Honesty": PageHelp(
        {}, (("Bars", "How often the stated ranges held; nine times in ten is meant."),)
    ),
    "Practice": PageHelp(
        {
            **_COMPARE,
            "left": "other column",
            "right": "other column",
            "enter": "begin the lesson",
            "digits": "1–4 a neck, 5–9 a form",
            "/": "the neck of a word",
        },
        (("Ring", "Filled: solved. Struck: tried."), ("Curve", "Points of what you played.")),
    ),
    "Bench": PageHelp(
        {
            "digits": "a tool, its figure",
            "0": "tools or hands",
            "+": "more",
            "-": "less",
            "*": "the other kind",
            "/": "write down",
            ".": "move the ends",
            "enter": "do it",
            "back": "put it down",
            **_ALONG,
            "up": "a lane across",
            "down": "a lane across",
        },
        (
            ("Picture", "What the eye sees of the tool. Nothing gives a number but what has one."),
            ("Time", "Minutes of hands so far."),
        ),
    ),
    "Reveal": PageHelp(
        {"enter": "let the truth come out", "digits": "1–5: the buttons below"},
        (
            ("Line", "The truth."),
            ("Ring, square", "Your map; a square where the truth lies outside."),
        ),
    ),
}
