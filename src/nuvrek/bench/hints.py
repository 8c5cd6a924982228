"""What the bench bar shows at the keypad: the question asked, the keys that matter."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.readings.rounds import Station
from nuvrek.units import Length, Meaning, format_length

# Outside this nothing can be a reading, whatever the station; the journal's own bounds.
LEAST_MM, MOST_MM = -5.0, 20.0


class Question(Struct, frozen=True):
    """An unlikely value waiting for a yes: the key that asked, what was typed and what may be meant."""

    key: str
    typed: Length
    meaning: Meaning | None
    words: str


class View(Struct, frozen=True):
    """Everything the bench bar shows."""

    prompt: str
    number: str
    unit: str
    slides: str
    question: str
    message: str
    hint: str
    done: int
    total: int
    finished: bool


def question_hint(typed: Length, meaning: Meaning | None) -> str:
    """The ways out of a question about an unlikely value."""
    possible = LEAST_MM <= typed.mm <= MOST_MM
    if meaning is None:
        return "Enter keeps it, Backspace types it again." if possible else "Backspace types it again."
    taken = meaning.words.split(" is ")[0]
    keep = f" / keeps {format_length(typed.mm, typed.unit)}," if possible else ""
    return f"Enter takes {taken},{keep} Backspace types it again."


def station_hint(station: Station | None) -> str:
    """The keys that matter at a station; None is the end of the round."""
    if station is None:
        return "Map shows what the readings say."
    match station.kind:
        case "string-gap":
            return "Leaf that slides, +. Leaf that drags, -. Or the gap itself, Enter."
        case "sweep":
            return "Fret number and * where it rocks. Enter: all the others are still."
        case "dial":
            return "One press a fret; the fret moves on. Arrows go to another, - turns the sign, Enter leaves the run."
        case "state":
            return "Enter when it is so."
        case _:
            return "Type the height, Enter. Enter alone passes on."
