"""The string list of a neck: reading it from a form, its tension, and what another set or tuning
would change.
"""

from __future__ import annotations

from collections.abc import Sequence

import msgspec
from msgspec import Struct, structs

from nuvrek.meaning import Refusal, Saying, means, told_by, written
from nuvrek.mechanics.strings import retuned, set_tension_n, tension_n
from nuvrek.neck.strings import StringSet, StringSpec, Wrap, note_name, semitones_from_a4
from nuvrek.units import LengthError, Unit, format_length, likely_meaning, parse_length

# Gauges there are, in mm (common practice, no source).
THINNEST_MM, THICKEST_MM = 0.15, 3.6
TUNINGS = {
    0: means("forms.tuned"),
    -1: means("forms.semitone-lower"),
    -2: means("forms.tone-lower"),
    -3: means("forms.three-semitones-lower"),
    -4: means("forms.two-tones-lower"),
    1: means("forms.semitone-higher"),
    2: means("forms.tone-higher"),
}


class StringRow(Struct, frozen=True):
    """One line of the form as typed."""

    note: str = ""
    gauge: str = ""
    wound: bool = False
    each: str = "1"
    mass: str = ""
    wrap: Wrap = ""

    @property
    def empty(self) -> bool:
        """Whether nothing was typed."""
        return not self.note.strip() and not self.gauge.strip()


class StringPull(Struct, frozen=True):
    """Tension of one line, or of all, in N, with its doubt (one standard deviation)."""

    newtons: float
    spread: float

    @property
    def words(self) -> str:
        """``73 N``, with the doubt where there is one."""
        doubt = ""
        if self.spread >= 0.5:
            doubt = f" ± {self.spread:.0f}"
        return f"{self.newtons:.0f}{doubt} N"


def row_of(spec: StringSpec, inch: bool) -> StringRow:
    """A line of the form for a string."""
    gauge = written(format_length(spec.gauge_mm, Unit.THOU if inch else Unit.MM))
    mass = ""
    if spec.grams_per_m is not None:
        mass = f"{spec.grams_per_m:g}"
    return StringRow(spec.note, gauge, spec.wound, each=str(spec.each), mass=mass, wrap=spec.wrap)


def read_strings(rows: Sequence[StringRow]) -> tuple[StringSet | None, dict[int, Saying]]:
    """The list as strings, empty lines left out, or None and a sentence for each faulty line."""
    faults: dict[int, Saying] = {}
    strings = []
    for number, row in enumerate(rows):
        if row.empty:
            continue
        try:
            strings.append(_read(row))
        except ValueError as error:
            faults[number] = means("forms.line", number=number + 1, error=error)
    if faults:
        return None, faults
    return tuple(strings), {}


def _read(row: StringRow) -> StringSpec:
    """Raises ValueError with a sentence."""
    try:
        typed = parse_length(row.gauge, Unit.THOU)
    except LengthError as error:
        raise Refusal(told_by(error)) from None
    meant = likely_meaning(row.gauge, typed, THINNEST_MM, THICKEST_MM)
    mm = typed.mm if meant is None else meant.length.mm
    if not THINNEST_MM <= mm <= THICKEST_MM:
        raise Refusal(means("forms.no-gauge-try-46-046", gauge=row.gauge.strip()))
    note = note_name(semitones_from_a4(row.note))
    each = row.each.strip() or "1"
    if each not in ("1", "2", "3"):
        raise Refusal(means("forms.course-has-1-2-or"))
    grams = None
    if row.mass.strip():
        try:
            grams = msgspec.convert(float(row.mass.replace(",", ".")), float)
        except ValueError:
            raise Refusal(means("forms.no-mass-grams-metre", mass=row.mass.strip())) from None
        if not 0.0 < grams <= 80.0:
            raise Refusal(means("forms.string-has-up-80-grams"))
    wrap = row.wrap if row.wound else ""
    return StringSpec(note, round(mm, 4), row.wound, grams_per_m=grams, each=int(each), wrap=wrap)


def set_in(text: str, today: StringSet) -> StringSet | Saying | None:
    """Another set by its gauges, as typed: one for each string that is on, from either side, ``w``
    behind what is wound. Nothing for an empty field, or a sentence that says what is wrong.
    """
    words = text.replace(",", " ").replace(";", " ").split()
    if not words:
        return None
    if len(words) != len(today):
        return means("forms.set-wants-gauges", number=len(today))
    found, any_wound = [], any(word.lower().endswith("w") for word in words)
    for word, spec in zip(words, today, strict=True):
        wound = word.lower().endswith("w") if any_wound else spec.wound
        try:
            row = StringRow(spec.note, word.lower().rstrip("w"), wound, each=str(spec.each))
            found.append(structs.replace(_read(row), wrap=spec.wrap if wound else ""))
        except ValueError as error:
            return told_by(error)
    gauges = [spec.gauge_mm for spec in found]
    if gauges[0] < gauges[-1]:
        return set_in(" ".join(reversed(words)), today)
    return tuple(found)


def set_text(specs: StringSet, inch: bool) -> str:
    """A set as it is typed."""
    return " ".join(
        f"{spec.gauge_mm / 0.0254:.0f}{'w' * spec.wound}"
        if inch
        else f"{spec.gauge_mm:.2f}{'w' * spec.wound}"
        for spec in specs
    )


def pulls(specs: StringSet, scale_mm: float) -> tuple[StringPull, ...]:
    """Tension of each line, courses counted whole."""
    found = ((spec.each, *tension_n(spec, scale_mm)) for spec in specs)
    return tuple(StringPull(n * newtons, n * spread) for n, newtons, spread in found)


def whole(specs: StringSet, scale_mm: float) -> StringPull:
    """Tension in all."""
    return StringPull(*set_tension_n(specs, scale_mm))


def change_words(pull: StringPull, then: StringPull) -> str:
    """``66 N, -9 %``."""
    return f"{then.newtons:.0f} N, {100.0 * (then.newtons / max(pull.newtons, 1e-9) - 1.0):+.0f} %"


def other_set(specs: StringSet, semitones: int, kept: StringSet | None) -> StringSet:
    """The strings to compare with: a kept set, tuned up or down by semitones."""
    return retuned(kept if kept is not None else specs, semitones)


def sounding(specs: StringSet, capo: int) -> tuple[str, ...]:
    """The open notes with a capo on; it leaves the pull as it is."""
    return tuple(note_name(semitones_from_a4(spec.note) + capo) for spec in specs)
