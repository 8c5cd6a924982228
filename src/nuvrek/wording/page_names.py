"""The pages by the names they are known by inside, and what stands on the screen for each."""

from __future__ import annotations

from nuvrek.wording.speech import tr

PAGE_NAMES: dict[str, str] = {
    "Shelf": tr("Shelf"),
    "New neck": tr("New neck"),
    "Take in": tr("Take in"),
    "Measure": tr("Measure"),
    "Map": tr("Map"),
    "Choose": tr("Choose"),
    "Work": tr("Work"),
    "Prove": tr("Prove"),
    "My tools": tr("My tools"),
    "String room": tr("String room"),
    "Filing": tr("Filing"),
    "New wire": tr("New wire"),
    "Prices": tr("Prices"),
    "Owner": tr("Owner"),
    "Owners": tr("Owners"),
    "Kept safe": tr("Kept safe"),
    "History": tr("History"),
    "Honesty": tr("Honesty"),
    "Practice": tr("Practice"),
    "Bench": tr("Bench"),
    "Reveal": tr("Reveal"),
    "Guide": tr("Guide"),
}
