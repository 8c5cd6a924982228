"""What a new user is told at the keypad, each thing where it is first needed and never again; and
the two things they are asked: which side the nut lies on, and which leaves they have.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import NamedTuple

from nuvrek.bench.keypad.pad import Pad
from nuvrek.meaning import Saying
from nuvrek.wording.speech import later, say, tr


class Tip(NamedTuple):
    """A name by which it is remembered, the keys it is about, and what they do."""

    name: str
    keys: Saying
    words: Saying


class AskedOnce(NamedTuple):
    """A question: its name, the words, and what each key answers."""

    name: str
    question: Saying
    answers: Mapping[str, Saying]

    @property
    def hint(self) -> str:
        """The keys with their answers."""
        faces = {"left": "◂", "right": "▸"}
        text = "   ".join(
            f"{faces.get(key, key)}  {say(words)}" for key, words in self.answers.items()
        )
        return tr("{detail}   Asked once.", detail=text)


SIDE = AskedOnce(
    "side",
    later("On which side does the nut lie, as you look at the neck?"),
    {"left": later("to my left"), "right": later("to my right")},
)
LEAVES = AskedOnce(
    "leaves",
    later("Which feeler blades do you have?"),
    {
        "1": later("in mm, 0.03 to 0.80"),
        "2": later("in thou, 1.5 to 30"),
        "3": later("others: in My tools"),
    },
)
_ENTER = Tip(
    "enter",
    later("Enter"),
    later("Takes what was typed and goes on. Alone: nothing is read here, go on."),
)
_BACK = Tip("back", later("Back"), later("The last digit; with nothing typed, what was done last."))
_STATIONS = Tip(
    "stations", "▴ ▾", later("The station before and after: nothing has to go in order.")
)
_UNIT = Tip("unit", later("Space"), later("Another unit for this field, kept from then on."))
# What is told at each kind of station, in this order.
TIPS: dict[str, tuple[Tip, ...]] = {
    "state": (
        Tip(
            "state",
            "*",
            later("The strings are as asked: every reading keeps it. Enter alone says nothing."),
        ),
    ),
    "string-gap": (
        Tip("leaves-say", "+ −", later(".2 + it slides, .25 − it drags: kept as between the two.")),
        _ENTER,
        Tip(
            "wont-go",
            "/",
            later("The blade just typed won't go. A number and Enter is the gap itself."),
        ),
        Tip("support", "*", later("A fret and *: the string or edge is held there instead.")),
        _UNIT,
    ),
    "sweep": (
        Tip("rocks", "*", later("A fret and *: it rocks there. Again takes the mark back.")),
        Tip(
            "all-still",
            "/",
            later("Alone: all the others are still. Enter alone says nothing of them."),
        ),
    ),
    "press": (
        Tip(
            "moves",
            "* − +",
            later("A fret and *: it moves. −: at its bass end, +: at its treble end."),
        ),
        Tip("all-firm", "/", later("Alone: all the others are firm. Enter alone says nothing.")),
    ),
    "ends": (Tip("sharp", "* + −", later("A fret and the key for what the finger feels there.")),),
    "edge-lie": (
        Tip(
            "lies",
            "* + −",
            later("A fret and *: the edge rocks there. + along all, − on its ends."),
        ),
    ),
    "edge-rests": (
        Tip("rests", "*", later("One fret and *, then the other and Enter: it rests on both.")),
    ),
    "crown-height": (
        Tip("crown", "◂ ▸", later("Another fret; a height sends the hand on by itself.")),
    ),
    "string-height": (_ENTER, Tip("capo", "*", later("A fret and *: a capo sits there."))),
    "rod-feel": (Tip("feel", "1-7", later("How the nut feels, by its number; then Enter.")),),
    "size": (_ENTER, _UNIT),
}
_ANYWHERE = (_BACK, _STATIONS)


class FirstTime:
    """Keeps to one tip until something was done with it."""

    def __init__(self, told: tuple[str, ...]) -> None:
        self.told_before = told
        self._shown: tuple[Tip, int, str] | None = None

    def asks(self, pad: Pad) -> AskedOnce | None:
        """The question that is due, if one is."""
        if pad.station is None:
            return None
        if SIDE.name not in self.told_before:
            return SIDE
        due = pad.station.kind == "string-gap" and LEAVES.name not in self.told_before
        if due and not pad.kit.leaves_mm:
            return LEAVES
        return None

    def tip(self, pad: Pad) -> Tip | None:
        """What is told here and now; the one before is put away once a reading was taken or the
        station left.
        """
        station = pad.station
        if station is None:
            return None
        here = len(pad.session.entries), pad.station_key
        if self._shown is not None and self._shown[1:] != here:
            self.put_away(self._shown[0].name)
            self._shown = None
        if self._shown is None:
            fresh = (one for one in (*TIPS.get(station.kind, ()), *_ANYWHERE))
            due = next((one for one in fresh if one.name not in self.told_before), None)
            self._shown = None if due is None else (due, *here)
        if self._shown is None:
            return None
        return self._shown[0]

    def put_away(self, name: str) -> None:
        """It was told, and never is again."""
        if name not in self.told_before:
            self.told_before = (*self.told_before, name)
