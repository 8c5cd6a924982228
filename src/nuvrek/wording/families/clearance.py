"""Room of the strings."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "clearance.touch-thousandths-tension-explains-notes": (
        "A touch of {touch:.1f} thousandths of the tension explains {detail} of {buzzing} "
        "notes that buzz."
    ),
    "clearance.not-explained-heights-loose-fret": (
        "{detail} Not explained by heights: {named}. Loose fret? Nut? Hardware?"
    ),
    "clearance.string": "string {string} {fret}",
    "clearance.fret": "fret {fret}",
    "clearance.open": "open",
    "clearance.nut-taken-right-over-fret": (
        "Nut taken as right: {low_height} over fret 1 when pressed at 3."
    ),
    "clearance.gauges-not-listed-n-string": "Gauges not listed: {newtons:.0f} N a string.",
    "clearance.not-every-lane-read-tops": (
        "Not every lane was read: tops there are taken from the others."
    ),
    "clearance.string-heights-not-read-over": (
        "Action not read: {low_height} and {high_height} over fret {fret}."
    ),
    "clearance.no-height-read-taken": "No height read on the {lane_words}: {low_height} taken.",
}
