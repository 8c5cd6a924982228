"""How the figures of each page are known, in words."""

from __future__ import annotations

from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import later

_RELIEF = Known(
    later("Relief"),
    later(
        "The dip of the wood half-way between fret 1 and the body joint, below the "
        "line from one to the other. Where only slack readings are there, what the "
        "strings pull is added, with its doubt."
    ),
)
_DOUBT = Known(
    later("Plus or minus, and whiskers"),
    later(
        "The height lies in between 90 % sure. It grows with the error of each tool "
        "and the distance to the next reading; over all necks Honesty says whether "
        "that is so."
    ),
)
_HOURS = Known(
    later("Hours"),
    later(
        "Each step's usual time, times this shop's own pace, which is learnt from "
        "its ticks by step and kind of neck. Waits are not counted. The range holds "
        "90 % sure."
    ),
)
_LOWEST = Known(
    later("Lowest clean height"),
    later(
        "The lowest strings over fret 12 at which every fretted note keeps room over every fret "
        "ahead of it, at this player's touch. The string swings within two triangles from where it "
        "is plucked; a stiff one swings further just ahead of the fret."
    ),
)
_METAL = Known(
    later("Metal"),
    later(
        "The least that can be filed so that the way keeps what it promises and no crown goes "
        "below the least that is kept: a linear program over all tops. What the tops' doubt adds "
        "is in its range."
    ),
)
_PRICE = Known(
    later("Price"),
    later(
        "The fixed price of the way where the list has one, else likely hours at the rate, in "
        "whole minutes; what comes on top once; then tax. Exact to the cent."
    ),
)
NOTHING_RECKONED = Known(
    later("Nothing is reckoned here"), later("What stands on this page was written by somebody.")
)
FIGURES: dict[str, tuple[Known, ...]] = {
    "Shelf": (
        Known(
            later("Ready by"),
            later(
                "The hours left on all necks in their order, over the hours a week at this "
                "bench, with waits as they are; the day that holds 90 % sure."
            ),
        ),
        _HOURS,
    ),
    "New neck": (),
    "Take in": (
        Known(
            later("Usual values"),
            later(
                "What is not said has the value common on such necks; it counts as not known well."
            ),
        ),
        Known(
            later("Tension"),
            later(
                "Mass a metre times the square of twice the scale times the pitch. Plain strings "
                "are solid steel, wound ones 0.87 of that, unless their mass is told."
            ),
        ),
    ),
    "Measure": (
        Known(
            later("A reading"),
            later(
                "Kept as it was taken: place, tool, supports, strings, posture, rod. Two feeler "
                "blades are a bracket; a mark says that it rocks, no more."
            ),
        ),
    ),
    "Map": (
        _RELIEF,
        Known(
            later("Tops"),
            later(
                "Each top less the even line of its neighbours. Strings and edges are laid on what "
                "stands highest, as they lie in truth; all readings are held together at once."
            ),
        ),
        Known(
            later("Crown"),
            later(
                "Metal over the wood: as read, else by top less wood; filing since is taken off."
            ),
        ),
        _DOUBT,
        Known(
            later("Read this next"),
            later(
                "Of all readings that could be taken, those that lower the doubt of the open "
                "questions most."
            ),
        ),
    ),
    "Choose": (
        _METAL,
        Known(
            later("Thinnest fret, levels left"),
            later(
                "The lowest crown after the way; what it has over the least kept, in tenths of a "
                "mm."
            ),
        ),
        _RELIEF,
        _LOWEST,
        _HOURS,
        _PRICE,
        Known(
            later("Years"),
            later(
                "Crown over the least, over wear and levels a year: this neck's own where visits "
                "tell."
            ),
        ),
    ),
    "Work": (
        Known(
            later("The next move of the rod"),
            later(
                "Relief lacking over what this rod does a turn, by its own answers; a quarter turn "
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
        _HOURS,
    ),
    "Prove": (
        Known(
            later("Kept, not kept"),
            later(
                "The closing reading within the promised range, its own error allowed for. Without "
                "a reading since the work it is not measured, whatever the map says."
            ),
        ),
    ),
    "My tools": (
        Known(
            later("Usual errors"),
            later("What such tools repeat by in a steady hand: one standard deviation."),
        ),
    ),
    "String room": (
        _LOWEST,
        Known(
            later("Room of a note"),
            later(
                "From the fret pressed to the saddle the string is a line; over each fret ahead "
                "that line, less its swing, less the top. The least of these is the note's room."
            ),
        ),
        Known(
            later("Touch"),
            later(
                "Three forces as shares of the tension; notes marked by ear find the hand's own."
            ),
        ),
    ),
    "Filing": (
        _METAL,
        Known(
            later("The curve"),
            later("The same program at each action; it can only rise as strings go lower."),
        ),
    ),
    "New wire": (
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
                "The arc of the fretboard's radius and two mm over at each end; the fewest sticks."
            ),
        ),
    ),
    "Prices": (_PRICE,),
    "Owner": (
        _PRICE,
        _HOURS,
        Known(
            later("What must be said"),
            later(
                "Each thing a way changes for good, or can't promise, that nobody has answered yet."
            ),
        ),
    ),
    "Owners": (),
    "Kept safe": (
        Known(
            later("A sound copy"),
            later(
                "Copied at one moment, also while it is written to; it appears only once it is "
                "whole."
            ),
        ),
    ),
    "History": (
        Known(
            later("Wear a year"),
            later("Crowns read at two visits, less what was filed between them, over the years."),
        ),
        _RELIEF,
        _DOUBT,
    ),
    "Honesty": (
        Known(
            later("Held"),
            later(
                "For each promise that was measured later: did the reading lie in the stated "
                "range? Nine in ten should."
            ),
        ),
    ),
    "Guide": (),
    "Practice": (
        Known(
            later("Points"),
            later("Your map and your work held against the hidden truth; see Reveal."),
        ),
    ),
    "Bench": (
        Known(
            later("What is felt"), later("By the hidden truth, as a hand or an eye would have it.")
        ),
    ),
    "Reveal": (
        Known(
            later("Points"),
            later(
                "Of a hundred: 45 for notes won, 20 for metal against the least that would have "
                "done, 15 for ranges that hold, 12 for the first action, 8 for no fret left loose "
                "or flat."
            ),
        ),
    ),
}
