"""What Work does while new wire is in hand: the table of frets by keys, wood and grips by the map
of the moment, clocks, wire booked out of the shelf.
"""

from __future__ import annotations

from nuvrek.bench.pages.refret_work import (
    grips_planned,
    more_words,
    table_strip,
    wood_planned,
    wood_strip,
)
from nuvrek.bench.session import Session
from nuvrek.bench.settings import book_out
from nuvrek.bench.solved import Solved
from nuvrek.bench.strips.strips import AnyStrip
from nuvrek.bench.working.clocks import clock_of
from nuvrek.bench.working.fret_table import FretWalk, keys_words, waiting, wire_needed
from nuvrek.bench.working.job import next_step
from nuvrek.desktop.app_state import AppState
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import Trued
from nuvrek.readings.entry import Removals
from nuvrek.readings.refret.stages import SWEEPS
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say, tr


class AtWork:
    """One neck's refret in Work."""

    def __init__(self, app: AppState, session: Session) -> None:
        self.app, self.session = app, session
        self.walk = FretWalk(session)
        # A wait may be passed, but not by one key.
        self._early = False

    @property
    def step(self) -> Step | None:
        """The step in hand."""
        return next_step(self.session.neck_state)

    # --- keys ---------------------------------------------------------------------

    def press(self, name: str) -> bool:
        """A key over the table of frets, or over the wood; True when it was meant for them."""
        step = self.step
        if step is None:
            return False
        if name == "+" and step.action == "wood":
            return self._half_wood()
        if not step.sweep:
            return False
        if self.session.neck_state.neck.nut_on_right:
            name = {"left": "right", "right": "left"}.get(name, name)
        grips = self.planned(step)[1]
        meant: list[bool] = []
        written = self.app.write(lambda: meant.append(self.walk.press(step, name, grips)))
        return not written or bool(meant and meant[0])

    def _half_wood(self) -> bool:
        """Half of the wood in hand is off: written down, so that the map knows."""
        solved = self.app.fresh
        off = () if solved is None else wood_planned(solved)
        half = tuple((fret, lane, round(mm / 2, 4)) for fret, lane, mm in off)
        if half:
            self.app.write(lambda: self.session.append(Trued(off=half)))
        return True

    # --- ticking ------------------------------------------------------------------

    def too_early(self) -> str:
        """Why the step in hand is not ticked yet. A wait is said once, then it may be passed."""
        if self._hangs_on_the_map() and self.app.fresh is None:
            return tr(
                "The neck is being recalculated, and what is taken follows from it. One moment."
            )
        clock = clock_of(self.session.neck_state, self.app.clock())
        if clock is None or clock.minutes_left <= 0 or self._early:
            return ""
        self._early = True
        return tr("{detail}. Enter once more goes on all the same.", detail=clock.words())

    def _hangs_on_the_map(self) -> bool:
        """Whether ticking the step in hand writes down what the map says of it."""
        step, terms = self.step, self.session.neck_state.new_wire
        if step is None:
            return False
        trues = step.action == "wood" and terms.wood == "true"
        return trues or (step.sweep == "fit" and terms.back_bow_mm > 0.0)

    def planned(self, step: Step) -> tuple[Removals, dict[int, float]]:
        """Wood and grips that a step is to take and drive, by the map as it is."""
        solved = self.app.fresh
        if solved is None or step.action not in ("wood", "frets"):
            return (), {}
        if step.action == "wood":
            return wood_planned(solved), {}
        return (), grips_planned(solved) if step.sweep == "fit" else {}

    def ticked(self, step: Step) -> str:
        """A step was ticked: another is in hand; what there is to say of it."""
        self._early = False
        self.walk.forget()
        if step.action != "cut":
            return ""
        return self._book()

    def _book(self, back: bool = False) -> str:
        """Wire that was cut leaves the shelf, and comes back when that is taken back."""
        wire, mm = wire_needed(self.session.neck_state)
        name = "" if wire is None else wire.name
        neck = self.session.identity.uid
        settings = book_out(self.app.settings, neck, name, 0.0 if back else mm)
        if settings == self.app.settings:
            return ""
        self.app.change_quietly(settings)
        if back or wire is None:
            return ""
        return tr("{mm:.2f} m of {name} booked out.", mm=mm / 1000, name=wire.name)

    def undo(self) -> None:
        """Take back the last act; wire that was cut by it lies on the shelf again."""
        self._early = False
        cut = "cut" in self.session.neck_state.steps_done
        self.app.undo(self.session.neck_state.chosen_number)
        if cut and "cut" not in self.session.neck_state.steps_done:
            self._book(back=True)

    # --- showing -----------------------------------------------------------------

    def lane(self, solved: Solved) -> AnyStrip | None:
        """What lies under the board for the step in hand; None where no refret is in hand."""
        step = self.step
        if step is not None and step.action == "wood":
            wood = wood_strip(solved, self.app.settings.unit)
            if wood is not None:
                return wood
        return table_strip(solved.neck_state, step, self.walk.fret or None)

    def more(self, step: Step) -> str:
        """What clock and plan say of a step beside its own words."""
        clock = clock_of(self.session.neck_state, self.app.clock())
        if clock is not None:
            return f" {say(clock.words())}."
        return say(more_words(step, self.app.fresh, self.app.settings.unit))

    def prompt(self, step: Step) -> str:
        """The step's title, with the fret that is being typed."""
        if self.walk.typed:
            return f"{say(step.title)}   {self.walk.typed}▏"
        return say(step.title)

    def enter_words(self, step: Step) -> str:
        """What goes on from a step, after what a wrong key was told."""
        if not step.sweep:
            return words.sentences(self.walk.message, tr("Enter ticks the step."))
        left = waiting(self.session.neck_state, step)
        rest = tr(
            "all the rest, {frets}: {fine}", frets=words.frets(left), fine=SWEEPS[step.sweep].fine
        )
        if left:
            does = tr("/: {rest}.", rest=rest)
        else:
            does = tr("Enter: on to the next step.")
        return words.sentences(self.walk.message, does)

    def keys(self, step: Step) -> tuple[str, ...]:
        """The keys of a stage, a line each; nothing for another step."""
        return keys_words(step)
