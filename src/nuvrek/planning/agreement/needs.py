"""What the owner has to say to a way before its steps are done: each thing by its name, and which
step waits for it.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import Literal

from msgspec import Struct

from nuvrek import meaning
from nuvrek.meaning import Saying, Shown, Word, means, written
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.agreement.limits import limits_of
from nuvrek.planning.steps.step import Step
from nuvrek.planning.ways.kinds import of_family, way_title
from nuvrek.readings.entries import Agreed, NewWire
from nuvrek.readings.owner.entries import Arrived, Matter, Term

# Which step waits: the first that changes anything, the file, the pulling of frets, the plane;
# nothing where it is only shown.
Before = Literal["work", "file", "pull", "wood", ""]
# Ways that change nothing on the instrument, so that nobody has to agree to them.
UNASKED = ("leave", "read", "hardware", "rod-back")
# What may be done without a word: looking, pressing with a finger, strings down and up.
_HARMLESS = ("measure", "slack", "pitch", "jig", "press")
_HARMLESS_KEYS = ("prove", "look-again", "before", "tape", "retune")
# A crown or wire that differs by less than this is the same (common practice, no source).
SAME_MM = 0.02

Length = Callable[[float], Shown]


class Need(Struct, frozen=True):
    """One thing to be agreed, and before which step."""

    matter: Matter
    about: str
    said: Saying
    before: Before

    @property
    def key(self) -> tuple[Matter, str]:
        """What is looked up in what was said."""
        return self.matter, self.about[:200]

    @property
    def term(self) -> Term:
        """The thing as it is written down when it is agreed, in the words it is shown in."""
        return Term(matter=self.matter, about=self.about[:200], words=written(self.said)[:200])


class Plans(Struct, frozen=True):
    """What the needs of a way hang on. ``length`` and ``height`` put mm into words."""

    neck: NeckDescription
    agreed: Agreed
    new_wire: NewWire
    arrived: Arrived | None
    length: Length
    height: Length


def needs_of(kind: str, plans: Plans) -> tuple[Need, ...]:
    """All that an owner has to say to a way; nothing where it changes nothing."""
    if kind in UNASKED:
        return ()
    needs = [Need("way", f"way:{kind}", way_title(kind), "work"), *_limits(kind)]
    if of_family(kind, "planned") or of_family(kind, "levels"):
        needs += _filing(plans)
    if of_family(kind, "new wire"):
        needs += _wire(kind, plans)
    if kind == "new-neck":
        needs.append(Need("originals", "old neck", means("needs.old-neck-comes-back-you"), ""))
    return (*needs, *_wishes(plans), *_outside(plans))


def _limits(kind: str) -> list[Need]:
    return [
        Need("limits", f"limits:{kind}:{n}", saying, "work")
        for n, saying in enumerate(limits_of(kind))
    ]


def _wishes(plans: Plans) -> list[Need]:
    """The figures the owner wants: shown, and nothing waits for them."""
    neck, needs = plans.neck, list[Need]()
    low, high = neck.height_low_mm, neck.height_high_mm
    if low is not None and high is not None:
        sentence = means(
            "needs.string-height-fret-bass-side",
            fret=neck.height_fret,
            height=plans.height(low),
            high=plans.height(high),
        )
        needs.append(Need("heights", f"heights:{low:.2f}/{high:.2f}", sentence, ""))
    if not neck.bare:
        relief = neck.relief_wanted_mm("bass"), neck.relief_wanted_mm("treble")
        same = abs(relief[0] - relief[1]) < SAME_MM / 2
        both: Saying = plans.length(relief[0])
        if not same:
            both = means("needs.bass-side-treble-side", both=both, length=plans.length(relief[1]))
        about = f"relief:{relief[0]:.2f}/{relief[1]:.2f}"
        needs.append(Need("relief", about, means("needs.relief-strings-pitch", both=both), ""))
    return needs


def _filing(plans: Plans) -> list[Need]:
    """What the file leaves, by agreement, that it could take."""
    agreed, neck, needs = plans.agreed, plans.neck, list[Need]()
    if agreed.grooves_stay:
        sentence = means("needs.shallow-grooves-stay-so-frets")
        needs.append(Need("grooves", "grooves stay", sentence, "file"))
    least = agreed.least_crown_mm
    if least is not None and least < neck.least_crown_mm - SAME_MM:
        sentence = means(
            "needs.crowns-down-under-usual", length=plans.length(least), usual=_usual(plans)
        )
        needs.append(Need("least crown", f"least:{least:.2f}", sentence, "file"))
    if agreed.untouched:
        alone = tuple(sorted(agreed.untouched))
        sentence = means("needs.are-left", frets=meaning.frets(alone), number=len(alone))
        needs.append(Need("left alone", f"alone:{_row(alone)}", sentence, "file"))
    return needs


def _usual(plans: Plans) -> Shown:
    return plans.length(plans.neck.least_crown_mm)


def _row(numbers: Sequence[int]) -> str:
    return ",".join(map(str, numbers))


def _wire(kind: str, plans: Plans) -> list[Need]:
    """New wire: another than before, corners, finish, and what becomes of the old."""
    neck, terms, needs = plans.neck, plans.new_wire, list[Need]()
    if kind == "first-frets":
        return needs
    wire = terms.wire
    if wire is not None:
        wide, high = wire.width_mm - neck.wire_width_mm, wire.crown_mm - neck.wire_height_mm
        if max(abs(wide), abs(high)) > SAME_MM:
            sentence = means(
                "needs.wide-high-before",
                name=Word(wire.name),
                length=plans.length(wire.width_mm),
                crown=plans.length(wire.crown_mm),
                wire_width=plans.length(neck.wire_width_mm),
                wire_height=plans.length(neck.wire_height_mm),
            )
            needs.append(Need("wire", f"wire:{wire.name}", sentence, "pull"))
    if terms.corners and kind in ("refret-true", "refret-angle"):
        frets = tuple(sorted({fret for fret, _ in terms.corners}))
        sentence = means("needs.boards-corners-stay-worn", frets=meaning.frets(frets))
        needs.append(Need("corners", f"corners:{_row(frets)}", sentence, "wood"))
    if neck.lacquered or neck.bound:
        needs.append(Need("finish", f"finish:{kind}", _finish_words(neck), "pull"))
    sentence = means("needs.old-frets-come-back-you")
    return [*needs, Need("originals", "old frets", sentence, "")]


def _finish_words(neck: NeckDescription) -> Saying:
    done = means("needs.edges-binding-may-show-where")
    if neck.lacquered:
        done = means("needs.lacquer-cut-along-each-fret")
    return means("needs.patina-stays-nothing-new-toned", done=done)


def _outside(plans: Plans) -> list[Need]:
    """Faults beside the job: told, so that nobody thinks they came from it."""
    arrived = plans.arrived
    if arrived is None or not arrived.outside.strip():
        return []
    sentence = means("needs.found-came", detail=" ".join(arrived.outside.split()))
    return [Need("outside", f"outside:{arrived.outside}", sentence, "")]


def waits_for(step: Step, needs: Sequence[Need]) -> tuple[Need, ...]:
    """Those of the needs that a step waits for."""
    before: set[Before] = set()
    if step.action not in _HARMLESS and step.key not in _HARMLESS_KEYS:
        before.add("work")
    if step.action == "file" or step.key in ("crown-worn", "short"):
        before.add("file")
    if step.sweep == "pull":
        before.add("pull")
    if step.action == "wood":
        before.add("wood")
    return tuple(need for need in needs if need.before in before)
