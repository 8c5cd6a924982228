"""The pages of one neck, in the order its work goes."""

from __future__ import annotations

from nuvrek.desktop.pages.page import Page
from nuvrek.desktop.pages.said_often import (
    ALONG,
    COMPARE,
    DOUBT,
    HOURS,
    HOW_SURE,
    LINES,
    LOWEST,
    METAL,
    PRICE,
    RELIEF,
)
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import later

NECK_PAGES: dict[str, Page] = {
    "Take in": Page(
        later("Take in"),
        view="take_in:TakeInStage",
        keys={"enter": later("keep the description")},
        sees=(
            (
                later("Fields"),
                later(
                    "Scale length, frets and body joint are enough. Lengths take any "
                    "unit of a bench."
                ),
            ),
            (
                later("Chips"),
                later(
                    "What the complaint comes to: what, where, when. Each can be set and taken "
                    "away under Complaint and look over."
                ),
            ),
        ),
        known=(
            Known(
                later("Usual values"),
                later(
                    "What is not said has the value common on such necks; it counts as not known "
                    "well."
                ),
            ),
            Known(
                later("Tension"),
                later(
                    "Mass a metre times the square of twice the scale times the pitch. Plain "
                    "strings "
                    "are solid steel, wound ones 0.87 of that, unless their mass is told."
                ),
            ),
        ),
    ),
    "Measure": Page(
        later("Measure"),
        view="measure:MeasureStage",
        keys={
            "digits": later("the number as read"),
            "+": later("the blade slides"),
            "-": later("it drags"),
            "/": later("it won't go; still"),
            "*": later("rocks; a support"),
            "enter": later("take and go on"),
            "back": later("take back the last"),
            **ALONG,
            "up": later("the station before"),
            "down": later("the station after"),
            " ": later("another unit"),
        },
        sees=(
            (later("Copper ring"), later("The place that is asked for.")),
            (later("Marks on the fretboard"), later("Read, rocking, or not spoken of yet.")),
        ),
        known=(
            Known(
                later("A reading"),
                later(
                    "Kept as it was taken: place, tool, supports, strings, posture, rod. Two "
                    "feeler "
                    "blades are a bracket; a mark says that it rocks, no more."
                ),
            ),
        ),
    ),
    "Map": Page(
        later("Map"),
        view="map:MapStage",
        keys={
            **ALONG,
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
        sees=(
            DOUBT,
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
        known=(
            RELIEF,
            Known(
                later("Tops"),
                later(
                    "Each top less the even line of its neighbours. Strings and edges are laid "
                    "on what "
                    "stands highest, as they lie in truth; all readings are held together at once."
                ),
            ),
            Known(
                later("Crown"),
                later(
                    "Metal over the wood: as read, else by top less wood; filing since is taken "
                    "off."
                ),
            ),
            HOW_SURE,
            Known(
                later("Read this next"),
                later(
                    "Of all readings that could be taken, those that lower the doubt of the open "
                    "questions most."
                ),
            ),
        ),
    ),
    "Choose": Page(
        later("Choose"),
        view="choose:ChooseStage",
        keys={
            **COMPARE,
            "enter": later("take this way"),
            "/": later("what can't be gone, and why"),
            ".": later("all figures, costs, picture"),
            "+": later("to the owner"),
            "-": later("the test, in Measure"),
            "digits": later("1, 3: the test says yes, no"),
            "0": later("filing, or new wire"),
            "*": later("how is this known"),
            "back": later("take back"),
        },
        sees=(
            (
                later("Bars of causes"),
                later("How likely each is, with what speaks for it and against it."),
            ),
            (
                later("Dots"),
                later(
                    "Necks drawn from what the readings allow: a full one ends with every note "
                    "clean at the string height that is said."
                ),
            ),
            (
                later("Course on top"),
                later("The ways that are advised, in order, with what each waits for."),
            ),
            (later("Bars"), later("Metal off each fret by this way.")),
            (later("Levels"), later("How many more light levels the thinnest fret has in it.")),
        ),
        known=(
            Known(
                later("How likely a cause is"),
                later(
                    "By the map's own doubt where it has a figure, by common practice where not; "
                    "what the owner complains of counts for it or against it."
                ),
            ),
            METAL,
            Known(
                later("Thinnest fret, levels left"),
                later(
                    "The lowest crown after the way; what it has over the least kept, in tenths "
                    "of a "
                    "mm."
                ),
            ),
            RELIEF,
            LOWEST,
            HOURS,
            PRICE,
            Known(
                later("Years"),
                later(
                    "Crown over the least, over wear and levels a year: this neck's own where "
                    "visits "
                    "tell."
                ),
            ),
        ),
    ),
    "Work": Page(
        later("Work"),
        view="work:WorkStage",
        keys={
            "enter": later("the step is done"),
            "back": later("take it back"),
            " ": later("leave it, take it up"),
            "*": later("ink is gone; how it felt"),
            "/": later("ink is there; not counted"),
            ".": later("gone up to here"),
            "+": later("half is off"),
            "0": later("a rocker pass; the gate"),
            "digits": later("7: found something"),
            **ALONG,
        },
        sees=(
            (later("Key drawn"), later("Which way and how far, seen from where the nut is.")),
            (later("Tops in order"), later("Which ink the file should take first.")),
            LINES,
        ),
        known=(
            Known(
                later("The next move of the rod"),
                later(
                    "Relief lacking over what this rod does a turn, by its own answers; a "
                    "quarter turn "
                    "at most, less what wood goes on to do within a week."
                ),
            ),
            Known(
                later("Order of the ink"),
                later(
                    "A stiff tool bears on the two highest tops around its load; metal goes in "
                    "proportion to load, stroke by stroke, on the map's own doubt."
                ),
            ),
            Known(
                later("Width of a flat"),
                later("Metal off a round crown of this width and height leaves a flat so wide."),
            ),
            HOURS,
        ),
    ),
    "Prove": Page(
        later("Prove"),
        view="prove:ProveStage",
        keys={
            "digits": later("the number as read"),
            "enter": later("take and go on"),
            "back": later("take back"),
        },
        sees=(
            (
                later("Rows"),
                later("What was promised, what was measured, and whether it was kept."),
            ),
        ),
        known=(
            Known(
                later("Kept, not kept"),
                later(
                    "The closing reading within the promised range, its own error allowed for. "
                    "Without "
                    "a reading since the work it is not measured, whatever the map says."
                ),
            ),
        ),
    ),
    "String room": Page(
        later("Clearance"),
        view="string_room:RoomStage",
        keys={
            "left": later("a note back"),
            "right": later("a note on"),
            **COMPARE,
            "+": later("harder touch"),
            "-": later("lighter touch"),
            "*": later("it buzzes"),
            "/": later("it is clean"),
            ".": later("the rest is clean"),
            "back": later("take back"),
            "enter": later("back to Map"),
        },
        sees=(
            (
                later("Numbers"),
                later("Room of the string over the fret it would touch first. Minus is a buzz."),
            ),
        ),
        known=(
            LOWEST,
            Known(
                later("Room of a note"),
                later(
                    "From the fret pressed to the saddle the string is a line; over each fret "
                    "ahead "
                    "that line, less its swing, less the top. The least of these is the note's "
                    "room."
                ),
            ),
            Known(
                later("Touch"),
                later(
                    "Three forces as shares of the tension; notes marked by ear find the hand's "
                    "own."
                ),
            ),
        ),
    ),
    "Filing": Page(
        later("Filing"),
        view="filing:FilingStage",
        keys={
            **COMPARE,
            **ALONG,
            "+": later("strings higher"),
            "-": later("strings lower"),
            "*": later("leave this fret alone"),
            "enter": later("agree on this"),
            "back": later("take back"),
        },
        sees=((later("Curve"), later("Metal against action; every way is a mark on it.")),),
        known=(
            METAL,
            Known(
                later("The curve"),
                later("The same program at each action; it can only rise as strings go lower."),
            ),
        ),
    ),
    "New wire": Page(
        later("New wire"),
        view="new_wire.page:NewWireStage",
        keys={
            "digits": later("1 to 4: its faces"),
            **ALONG,
            **COMPARE,
            "+": later("more"),
            "-": later("less"),
            "*": later("this corner; this wire"),
            "enter": later("agree on this"),
            "back": later("take back"),
        },
        sees=((later("Three lanes"), later("The wood before, and as it is to be.")),),
        known=(
            Known(
                later("Wood off"),
                later(
                    "The least wood that leaves the wanted shape, with slots and fretboard thick "
                    "enough: a linear program over three lanes."
                ),
            ),
            Known(
                later("Bow of the tangs"),
                later(
                    "Each tang wider than its slot bends the neck back a little; how much of it is "
                    "passed on is learnt from this neck after a few frets."
                ),
            ),
            Known(
                later("Wire cut"),
                later(
                    "The arc of the fretboard's radius and two mm over at each end; the fewest "
                    "sticks."
                ),
            ),
        ),
    ),
    "Owner": Page(
        later("Owner"),
        view="owner.page:OwnerStage",
        keys={
            "digits": later("1 to 4: its faces"),
            **COMPARE,
            "*": later("yes to this"),
            "-": later("no to this"),
            "/": later("yes to all"),
            "+": later("freeze a quote"),
            "back": later("take back"),
        },
        sees=(
            (
                later("Things"),
                later("Each thing a way asks of the owner, and whether the answer is there."),
            ),
        ),
        known=(
            PRICE,
            HOURS,
            Known(
                later("What must be said"),
                later(
                    "Each thing a way changes for good, or can't promise, that nobody has "
                    "answered yet."
                ),
            ),
        ),
    ),
    "History": Page(
        later("History"),
        view="history:HistoryStage",
        keys={
            "left": later("the later visit"),
            "right": later("the later visit"),
            "up": later("the earlier visit"),
            "down": later("the earlier visit"),
            ".": later("metal of every fret"),
            "*": later("a look every half year"),
            "enter": later("back to Map"),
        },
        sees=(DOUBT, LINES),
        known=(
            Known(
                later("Wear a year"),
                later(
                    "Crowns read at two visits, less what was filed between them, over the years."
                ),
            ),
            RELIEF,
            HOW_SURE,
        ),
    ),
}
