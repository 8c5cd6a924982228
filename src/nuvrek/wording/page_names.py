"""The pages by the names they are known by inside, and what stands on the screen for each."""

from __future__ import annotations

from nuvrek.meaning import Saying
from nuvrek.wording.speech import later

PAGE_NAMES: dict[str, Saying] = {
    "Shelf": later("Shelf"),
    "New neck": later("New neck"),
    "Take in": later("Take in"),
    "Measure": later("Measure"),
    "Map": later("Map"),
    "Choose": later("Choose"),
    "Work": later("Work"),
    "Prove": later("Prove"),
    "My tools": later("My tools"),
    "String room": later("Clearance"),
    "Filing": later("Filing"),
    "New wire": later("New wire"),
    "Prices": later("Prices"),
    "Owner": later("Owner"),
    "Owners": later("Owners"),
    "Kept safe": later("Kept safe"),
    "History": later("History"),
    "Honesty": later("Honesty"),
    "Practice": later("Practice"),
    "Bench": later("Bench"),
    "Reveal": later("Reveal"),
    "Guide": later("Guide"),
}
