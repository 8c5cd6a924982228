"""What is agreed on a refret: sliders that follow the hand, and the schools, chosen once a job."""

from __future__ import annotations

from collections.abc import Mapping
from typing import Any

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QGridLayout, QLabel, QSlider, QWidget

from nuvrek.desktop.stages.base import Picks, sliding
from nuvrek.meaning import Saying
from nuvrek.readings.entries import NewWire
from nuvrek.units import Unit, format_length
from nuvrek.wording.speech import later, say, say_values, tr

# Name, words of the row, what can be chosen.
PICKS: dict[str, tuple[Saying, Mapping[Any, Saying]]] = {
    "wood": (later("Fretboard"), {"clean": later("only cleaned"), "true": later("trued")}),
    "shape": (
        later("Shape"),
        {
            "cylinder": later("as its radius is"),
            "cone": later("radius growing to the end"),
            "compound": later("two blocks blended"),
        },
    ),
    "held": (
        later("Held by"),
        {
            "rod": later("truss rod"),
            "jig": later("neck jig"),
            "hand behind": later("hand behind the crest"),
        },
    ),
    "spread": (
        later("Fatter tangs"),
        {"even": later("all alike"), "most in the middle": later("most in the middle")},
    ),
    "heat": (later("Pulled with"), {"iron": later("iron"), "solvent": later("solvent")}),
    "fitting": (
        later("Driven by"),
        {
            "double press": later("press, two cauls"),
            "single press": later("press, one caul"),
            "jaws": later("jaws"),
            "hammer": later("hammer"),
        },
    ),
    "glue": (
        later("Glue"),
        {
            "before": later("before, clamped"),
            "after": later("after, then the trim"),
            "after the trim": later("trim first, then glue"),
        },
    ),
    "adhesive": (
        later("Which glue"),
        {
            "thin": later("thin glue"),
            "wood glue": later("wood glue"),
            "hide glue": later("hide glue"),
        },
    ),
    "undercut": (
        later("Undercut"),
        {"bound boards only": later("bound fretboards only"), "always": later("always")},
    ),
}
# Which rows belong to which face.
ROWS: dict[str, tuple[str, ...]] = {
    "wood": ("wood", "shape", "held"),
    "slots": ("spread", "heat", "fitting", "glue", "adhesive"),
    "wire": ("fitting", "glue", "adhesive"),
    "cut": ("undercut",),
}
_SLIDES = {"wood": ("angle_mm", "least_board_mm"), "slots": ("back_bow_mm", "block_mm")}
_STEP: dict[str, float] = {
    "angle_mm": 0.02,
    "least_board_mm": 0.1,
    "back_bow_mm": 0.01,
    "block_mm": 5.0,
}


class Panel(QWidget):
    """Sliders and picks of the face in front."""

    changed = pyqtSignal(str, object, bool)  # field, value, whether the hand still moves

    def __init__(self) -> None:
        super().__init__()
        self._filling = False
        self.sliders: dict[str, QSlider] = {
            "angle_mm": sliding(tr("More wood off at the nut"), -40, 40),
            "least_board_mm": sliding(tr("Least fretboard to keep"), 5, 50),
            "back_bow_mm": sliding(tr("Back bow the tangs are to bend in"), 0, 40),
            "block_mm": sliding(tr("Length of the clamping block"), 6, 60),
        }
        self.words = {name: QLabel("") for name in self.sliders}
        self.labels = {name: QLabel(say(words)) for name, (words, _) in PICKS.items()}
        self.picks = {
            name: Picks(say(words), say_values(values)) for name, (words, values) in PICKS.items()
        }
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setVerticalSpacing(3)
        grid.setColumnStretch(1, 1)
        for row, (name, slider) in enumerate(self.sliders.items()):
            grid.addWidget(self.words[name], row, 0)
            grid.addWidget(slider, row, 1)
            slider.valueChanged.connect(lambda value, name=name: self._slid(name, value))
        for row, (name, pick) in enumerate(self.picks.items(), len(self.sliders)):
            grid.addWidget(self.labels[name], row, 0)
            grid.addWidget(pick, row, 1)
            pick.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            pick.activated.connect(lambda _at, name=name: self._picked(name))

    def show_terms(self, terms: NewWire, face: str, unit: Unit) -> None:
        """Fill in what is agreed, for a face."""
        self._filling = True
        for name, slider in self.sliders.items():
            slider.setValue(round(getattr(terms, name) / _STEP[name]))
        for name, pick in self.picks.items():
            pick.setCurrentIndex(pick.findData(getattr(terms, name)))
        self._filling = False
        self.say(terms, unit)
        trued = terms.wood == "true"
        slides = set(_SLIDES.get(face, ()))
        if not trued:
            slides -= {"angle_mm", "least_board_mm"}
        for name in self.sliders:
            self.sliders[name].setVisible(name in slides)
            self.words[name].setVisible(name in slides)
        for name in self.picks:
            shown = name in ROWS.get(face, ())
            shown = shown and (trued or name != "shape")
            shown = shown and (terms.back_bow_mm > 0.0 or name != "spread")
            self.picks[name].setVisible(shown)
            self.labels[name].setVisible(shown)

    def say(self, terms: NewWire, unit: Unit) -> None:
        """The figures beside the sliders."""
        self.words["angle_mm"].setText(
            tr("Off at the nut {angle_mm}", angle_mm=format_length(terms.angle_mm, unit))
        )
        self.words["least_board_mm"].setText(
            tr(
                "Keep {least_board_mm} of fretboard",
                least_board_mm=format_length(terms.least_board_mm, unit),
            )
        )
        self.words["back_bow_mm"].setText(
            tr("Bend back {back_bow_mm}", back_bow_mm=format_length(terms.back_bow_mm, unit))
        )
        self.words["block_mm"].setText(tr("Block {block_mm:.0f} mm", block_mm=terms.block_mm))

    def _slid(self, name: str, value: int) -> None:
        if not self._filling:
            moving = self.sliders[name].isSliderDown()
            self.changed.emit(name, round(value * _STEP[name], 3), moving)

    def _picked(self, name: str) -> None:
        if not self._filling:
            self.changed.emit(name, self.picks[name].currentData(), False)
