"""Taking in a neck by three figures, one after the other at the keypad: enough to begin measuring.

All else has its usual value until somebody says otherwise in Take in.
"""

from __future__ import annotations

from typing import NamedTuple

from nuvrek.bench.forms.neck import WHOLE, read_form
from nuvrek.meaning import Saying, means, told_by
from nuvrek.neck.description import MAX_FRETS, NeckDescription, ReliefSchool
from nuvrek.units import LengthError, Unit, likely_meaning, parse_length

_LONGEST = 14
# Scale lengths of fretted instruments, mm: outside them a bare number was meant in inches.
_SCALES_MM = (300.0, 1400.0)
# What stands for figures that were not said yet: as many frets, and as early a joint, as there are.
_TO_COME = ("648", str(MAX_FRETS), "4")


class Asked(NamedTuple):
    """One figure: the field it fills, its question, where to look for it, and its unit."""

    name: str
    question: Saying
    where: Saying
    unit: str


ASKED = (
    Asked("scale_mm", means("forms.how-long-scale"), means("forms.nut-fret-12-twice-number"), "mm"),
    Asked("frets", means("forms.how-many-frets"), means("forms.without-zero-fret"), ""),
    Asked(
        "joint_fret",
        means("forms.which-fret-does-body-join"),
        means("forms.last-fret-before-wood-under"),
        "",
    ),
)


class ThreeFigures:
    """The questions at the keypad; nothing here knows a window."""

    def __init__(
        self, title: str, school: ReliefSchool = "usual", *, nut_on_right: bool = False
    ) -> None:
        self.usual = {"title": title, "relief_school": school, "nut_on_right": nut_on_right}
        self.typed: list[str] = []
        self.text = ""
        self.message: Saying = ""
        self.neck: NeckDescription | None = None

    @property
    def asked(self) -> Asked:
        """The question that is open."""
        return ASKED[min(len(self.typed), len(ASKED) - 1)]

    @property
    def as_known(self) -> NeckDescription | None:
        """The neck by what is known so far, to be drawn: usual frets until they are said."""
        shown = (*self.typed, *("648", "22", "14")[len(self.typed) :])
        if self.typed:
            return self._faults(shown)[0]
        return None

    def press(self, key: str) -> None:
        """A key by its name: signs of a length are typed, Enter takes, Back goes back."""
        self.message = ""
        if key == "enter":
            self._take()
        elif key == "back":
            self.text = self.text[:-1] if self.text else self.typed.pop() if self.typed else ""
        elif len(key) == 1 and key.isprintable() and len(self.text) < _LONGEST:
            self.text += key

    def _take(self) -> None:
        if not self.text.strip():
            self.message = means("forms.one-figure-needed-rest-can")
            return
        try:
            if self.asked.name == "scale_mm":
                text = self._scale()
            else:
                text = self.text.strip()
        except LengthError as error:
            self.message = told_by(error)
            return
        so_far = [*self.typed, text]
        # A figure is held against those before it; those to come are such as allow any.
        neck, fault = self._faults((*so_far, *_TO_COME[len(so_far) :]))
        if neck is None:
            self.message = fault
            return
        self.typed, self.text = so_far, ""
        if len(so_far) == len(ASKED):
            self.neck = neck

    def _scale(self) -> str:
        """The scale length in mm. Raises LengthError."""
        typed = parse_length(self.text, Unit.MM)
        meant = likely_meaning(self.text, typed, *_SCALES_MM)
        if meant is None or meant.length.unit is not Unit.INCH:
            mm = typed.mm
        else:
            mm = meant.length.mm
        return f"{mm:.1f}"

    def _faults(self, said: tuple[str, ...]) -> tuple[NeckDescription | None, Saying]:
        texts = {one.name: text for one, text in zip(ASKED, said, strict=True)}
        texts |= {name: "" for name, _ in WHOLE if name not in texts}
        neck, faults = read_form(texts, self.usual)
        return neck, next(iter(faults.values()), "")
