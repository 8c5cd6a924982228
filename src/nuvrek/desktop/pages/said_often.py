"""Keys, drawings and figures that several pages have."""

from __future__ import annotations

from nuvrek.meaning import Saying
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import later

COMPARE: dict[str, Saying] = {"up": later("one before"), "down": later("one after")}
ALONG: dict[str, Saying] = {"left": later("a fret back"), "right": later("a fret on")}
DOUBT = (later("Whisker"), later("The height lies between its ends 90 % sure."))
LINES = (later("Dashed, solid"), later("Dashed is a forecast or an estimate, solid was measured."))

RELIEF = Known(
    later("Relief"),
    later(
        "The dip of the wood half-way between fret 1 and the body joint, below the "
        "line from one to the other. Where only slack readings are there, what the "
        "strings pull is added, with its doubt."
    ),
)
HOW_SURE = Known(
    later("Plus or minus, and whiskers"),
    later(
        "The height lies in between 90 % sure. It grows with the error of each tool "
        "and the distance to the next reading; over all necks Honesty says whether "
        "that is so."
    ),
)
HOURS = Known(
    later("Hours"),
    later(
        "Each step's usual time, times this shop's own pace, which is learnt from "
        "its ticks by step and kind of neck. Waits are not counted. The range holds "
        "90 % sure."
    ),
)
LOWEST = Known(
    later("Lowest clean height"),
    later(
        "The lowest strings over fret 12 at which every fretted note keeps room over every fret "
        "ahead of it, at this player's touch. The string swings within two triangles from where it "
        "is plucked; a stiff one swings further just ahead of the fret."
    ),
)
METAL = Known(
    later("Metal"),
    later(
        "The least that can be filed so that the way keeps what it promises and no crown goes "
        "below the least that is kept: a linear program over all tops. What the tops' doubt adds "
        "is in its range."
    ),
)
PRICE = Known(
    later("Price"),
    later(
        "The fixed price of the way where the list has one, else likely hours at the rate, in "
        "whole minutes; what comes on top once; then tax. Exact to the cent."
    ),
)
