"""How the figures of each page are known, in words."""

from __future__ import annotations

from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import tr

_RELIEF = Known(
    tr("Relief"),
    tr(
        "The dip of the wood half-way between fret 1 and the joint, below the line from one to the "
        "other. Where only slack readings are there, what the strings pull is added, with its "
        "doubt."
    ),
)
_DOUBT = Known(
    tr("Plus or minus, and whiskers"),
    tr(
        "The height lies in between nine times in ten. It grows with the error of each tool and "
        "the distance to the next reading; over all necks Honesty says whether that is so."
    ),
)
_HOURS = Known(
    tr("Hours"),
    tr(
        "Each step's usual time, times this shop's own pace, which is learnt from its ticks by "
        "step and kind of neck. Waits are not counted. The range holds nine times in ten."
    ),
)
_LOWEST = Known(
    tr("Lowest clean height"),
    tr(
        "The lowest strings over fret 12 at which every fretted note keeps room over every fret "
        "ahead of it, at this player's touch. The string swings within two triangles from where it "
        "is plucked; a stiff one swings further just ahead of the fret."
    ),
)
_METAL = Known(
    tr("Metal"),
    tr(
        "The least that can be filed so that the way keeps what it promises and no crown goes "
        "below the least that is kept: a linear program over all tops. What the tops' doubt adds "
        "is in its range."
    ),
)
_PRICE = Known(
    tr("Price"),
    tr(
        "The fixed price of the way where the list has one, else likely hours at the rate, in "
        "whole minutes; what comes on top once; then tax. Exact to the cent."
    ),
)
NOTHING_RECKONED = Known(
    tr("Nothing is reckoned here"), tr("What stands on this page was written by somebody.")
)
FIGURES: dict[str, tuple[Known, ...]] = {
    "Shelf": (
        Known(
            tr("Ready by"),
            tr(
                "The hours left on all necks in their order, over the hours a week at this bench, "
                "with waits as they are; the day that holds nine times in ten."
            ),
        ),
        _HOURS,
    ),
    "New neck": (),
    "Take in": (
        Known(
            tr("Usual values"),
            tr("What is not said has the value common on such necks; it counts as not known well."),
        ),
        Known(
            tr("Tension"),
            tr(
                "Mass a metre times the square of twice the scale times the pitch. Plain strings "
                "are solid steel, wound ones 0.87 of that, unless their mass is told."
            ),
        ),
    ),
    "Measure": (
        Known(
            tr("A reading"),
            tr(
                "Kept as it was taken: place, tool, supports, strings, posture, rod. Two leaves "
                "are a bracket; a mark says that it rocks, no more."
            ),
        ),
    ),
    "Map": (
        _RELIEF,
        Known(
            tr("Tops"),
            tr(
                "Each top less the even line of its neighbours. Strings and edges are laid on what "
                "stands highest, as they lie in truth; all readings are held together at once."
            ),
        ),
        Known(
            tr("Crown"),
            tr("Metal over the wood: as read, else by top less wood; filing since is taken off."),
        ),
        _DOUBT,
        Known(
            tr("Read this next"),
            tr(
                "Of all readings that could be taken, those that lower the doubt of the open "
                "questions most."
            ),
        ),
    ),
    "Choose": (
        _METAL,
        Known(
            tr("Thinnest fret, levels left"),
            tr(
                "The lowest crown after the way; what it has over the least kept, in tenths of a "
                "mm."
            ),
        ),
        _RELIEF,
        _LOWEST,
        _HOURS,
        _PRICE,
        Known(
            tr("Years"),
            tr(
                "Crown over the least, over wear and levels a year: this neck's own where visits "
                "tell."
            ),
        ),
    ),
    "Work": (
        Known(
            tr("The next move of the rod"),
            tr(
                "Relief lacking over what this rod does a turn, by its own answers; a quarter turn "
                "at most, less what wood goes on to do within a week."
            ),
        ),
        Known(
            tr("Order of the ink"),
            tr(
                "A stiff tool bears on the two highest tops around its load; metal goes in "
                "proportion to load, stroke by stroke, on the map's own doubt."
            ),
        ),
        Known(
            tr("Width of a flat"),
            tr("Metal off a round crown of this width and height leaves a flat so wide."),
        ),
        _HOURS,
    ),
    "Prove": (
        Known(
            tr("Kept, not kept"),
            tr(
                "The closing reading within the promised range, its own error allowed for. Without "
                "a reading since the work it is not measured, whatever the map says."
            ),
        ),
    ),
    "My tools": (
        Known(
            tr("Usual errors"),
            tr("What such tools repeat by in a steady hand: one standard deviation."),
        ),
    ),
    "String room": (
        _LOWEST,
        Known(
            tr("Room of a note"),
            tr(
                "From the fret pressed to the saddle the string is a line; over each fret ahead "
                "that line, less its swing, less the top. The least of these is the note's room."
            ),
        ),
        Known(
            tr("Touch"),
            tr("Three forces as shares of the tension; notes marked by ear find the hand's own."),
        ),
    ),
    "Filing": (
        _METAL,
        Known(
            tr("The curve"),
            tr("The same program at each string height; it can only rise as strings go lower."),
        ),
    ),
    "New wire": (
        Known(
            tr("Wood off"),
            tr(
                "The least wood that leaves the wanted shape, with slots and board thick enough: a "
                "linear program over three lanes."
            ),
        ),
        Known(
            tr("Bow of the tangs"),
            tr(
                "Each tang wider than its slot bends the neck back a little; how much of it is "
                "passed on is learnt from this neck after a few frets."
            ),
        ),
        Known(
            tr("Wire cut"),
            tr("The arc of the board's radius and two mm over at each end; the fewest sticks."),
        ),
    ),
    "Prices": (_PRICE,),
    "Owner": (
        _PRICE,
        _HOURS,
        Known(
            tr("What must be said"),
            tr(
                "Each thing a way changes for good, or can't promise, that nobody has answered yet."
            ),
        ),
    ),
    "Owners": (),
    "Kept safe": (
        Known(
            tr("A sound copy"),
            tr(
                "Copied at one moment, also while it is written to; it appears only once it is "
                "whole."
            ),
        ),
    ),
    "History": (
        Known(
            tr("Wear a year"),
            tr("Crowns read at two visits, less what was filed between them, over the years."),
        ),
        _RELIEF,
        _DOUBT,
    ),
    "Honesty": (
        Known(
            tr("Held"),
            tr(
                "For each promise that was measured later: did the reading lie in the stated "
                "range? Nine in ten should."
            ),
        ),
    ),
    "Guide": (),
    "Practice": (
        Known(
            tr("Points"), tr("Your map and your work held against the hidden truth; see Reveal.")
        ),
    ),
    "Bench": (
        Known(tr("What is felt"), tr("By the hidden truth, as a hand or an eye would have it.")),
    ),
    "Reveal": (
        Known(
            tr("Points"),
            tr(
                "Of a hundred: 45 for notes won, 20 for metal against the least that would have "
                "done, 15 for ranges that hold, 12 for the first action, 8 for no fret left loose "
                "or flat."
            ),
        ),
    ),
}
