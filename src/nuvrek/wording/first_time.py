"""What a new user is told at the keypad, each thing where it is first needed and never again; and
the two things they are asked: which side the nut lies on, and which leaves they have.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import NamedTuple

from nuvrek.bench.keypad.pad import Pad
from nuvrek.wording.speech import tr


class Tip(NamedTuple):
    """A name by which it is remembered, the keys it is about, and what they do."""

    name: str
    keys: str
    words: str


class AskedOnce(NamedTuple):
    """A question: its name, the words, and what each key answers."""

    name: str
    question: str
    answers: Mapping[str, str]

    @property
    def hint(self) -> str:
        """The keys with their answers."""
        faces = {"left": "◂", "right": "▸"}
        said = "   ".join(f"{faces.get(key, key)}  {words}" for key, words in self.answers.items())
        return tr("{detail}   Asked once.", detail=said)


SIDE = AskedOnce(
    "side",
    tr("On which side does the nut lie, as you look at the neck?"),
    {"left": tr("to my left"), "right": tr("to my right")},
)
LEAVES = AskedOnce(
    "leaves",
    tr("Which leaves do you have?"),
    {
        "1": tr("in mm, 0.03 to 0.80"),
        "2": tr("in thou, 1.5 to 30"),
        "3": tr("others: in My tools"),
    },
)
_ENTER = Tip(
    "enter",
    tr("Enter"),
    tr("Takes what was typed and goes on. Alone: nothing is read here, go on."),
)
_BACK = Tip("back", tr("Back"), tr("The last digit; with nothing typed, what was done last."))
_STATIONS = Tip("stations", "▴ ▾", tr("The station before and after: nothing has to go in order."))
_UNIT = Tip("unit", tr("Space"), tr("Another unit for this field, kept from then on."))
# What is told at each kind of station, in this order.
TIPS: dict[str, tuple[Tip, ...]] = {
    "state": (
        Tip(
            "state",
            "*",
            tr("The strings are as asked: every reading keeps it. Enter alone says nothing."),
        ),
    ),
    "string-gap": (
        Tip("leaves-say", "+ −", tr(".2 + it slides, .25 − it drags: kept as between the two.")),
        _ENTER,
        Tip(
            "wont-go",
            "/",
            tr("The leaf just typed won't go. A number and Enter is the gap itself."),
        ),
        Tip("support", "*", tr("A fret and *: the string or edge is held there instead.")),
        _UNIT,
    ),
    "sweep": (
        Tip("rocks", "*", tr("A fret and *: it rocks there. Again takes the mark back.")),
        Tip(
            "all-still",
            "/",
            tr("Alone: all the others are still. Enter alone says nothing of them."),
        ),
    ),
    "press": (
        Tip(
            "moves",
            "* − +",
            tr("A fret and *: it moves. −: at its bass end, +: at its treble end."),
        ),
        Tip("all-firm", "/", tr("Alone: all the others are firm. Enter alone says nothing.")),
    ),
    "ends": (Tip("sharp", "* + −", tr("A fret and the key for what the finger feels there.")),),
    "edge-lie": (
        Tip("lies", "* + −", tr("A fret and *: the edge rocks there. + along all, − on its ends.")),
    ),
    "crown-height": (
        Tip("crown", "◂ ▸", tr("Another fret; a height sends the hand on by itself.")),
    ),
    "string-height": (_ENTER, Tip("capo", "*", tr("A fret and *: a capo sits there."))),
    "rod-feel": (Tip("feel", "1-7", tr("How the nut feels, by its number; then Enter.")),),
    "size": (_ENTER, _UNIT),
}
_ANYWHERE = (_BACK, _STATIONS)


class FirstTime:
    """Keeps to one tip until something was done with it."""

    def __init__(self, told: tuple[str, ...]) -> None:
        self.told = told
        self._shown: tuple[Tip, int, str] | None = None

    def asks(self, pad: Pad) -> AskedOnce | None:
        """The question that is due, if one is."""
        if pad.station is None:
            return None
        if SIDE.name not in self.told:
            return SIDE
        due = pad.station.kind == "string-gap" and LEAVES.name not in self.told
        return LEAVES if due and not pad.kit.leaves_mm else None

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
            due = next((one for one in fresh if one.name not in self.told), None)
            self._shown = None if due is None else (due, *here)
        return None if self._shown is None else self._shown[0]

    def put_away(self, name: str) -> None:
        """It was told, and never is again."""
        if name not in self.told:
            self.told = (*self.told, name)
