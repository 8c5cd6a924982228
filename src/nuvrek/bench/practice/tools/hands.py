"""The hand: strings, files and blocks, presses and glue, crowns and ends, nut, saddle, heat, new
wire. What it takes stays gone.
"""

from __future__ import annotations

from nuvrek.bench.practice.tools.tool import Tool
from nuvrek.language import figure, tr
from nuvrek.neck.description import LANE_WORDS
from nuvrek.practice.at_work import actions as do
from nuvrek.simulator.living.neck import Pressure
from nuvrek.simulator.living.working import Force, Where

DUST = tr("Metal dust: extraction and a mask; wash hands.")
_STROKES = tr("strokes")
PRESSURES: tuple[Pressure, ...] = ("own weight", "fingertips", "pressed")
FORCES: tuple[Force, ...] = ("light", "firm", "hard")


class HandTool(Tool):
    """A tool that changes the neck; ``amount`` is what digits set."""

    amount = 0.0
    least, most, step_by = 0.0, 1.0, 1.0

    def typed(self, number: float) -> bool:
        self.amount = min(max(number, self.least), self.most)
        return True

    def _changed(self, key: str) -> bool:
        if key not in ("+", "-"):
            return False
        self.typed(self.amount + (self.step_by if key == "+" else -self.step_by))
        return True

    def press(self, key: str) -> bool:
        return self._changed(key)


class StringsTool(HandTool):
    """Strings let down or brought to pitch."""

    name, title = "string", tr("Strings")
    caution = tr("Strings under tension whip: slacken before cutting, glasses on.")

    @property
    def keys(self) -> dict[str, str]:
        return {"+": tr("to pitch"), "-": tr("slack")}

    @property
    def prompt(self) -> str:
        return tr("Strings: + to pitch, - slack.")

    def press(self, key: str) -> bool:
        if key not in ("+", "-"):
            return False
        self.pad.carry_out(do.Tune(to="pitch" if key == "+" else "slack"))
        return True


class StrokeTool(HandTool):
    """Strokes, so many, by some pressure of the hand."""

    caution = DUST
    pressure = 0

    @property
    def number(self) -> str:
        return f"{self.amount:.0f}"

    @property
    def unit(self) -> str:
        return _STROKES

    def press(self, key: str) -> bool:
        if key == "*":
            self.other()
        elif key == "/":
            self.pressure = (self.pressure + 1) % len(PRESSURES)
        else:
            return self._changed(key)
        return True

    def other(self) -> None:
        """The other kind of it."""


class FileTool(StrokeTool):
    """A file along one fret: all across, or one place of it."""

    name, title = "file", tr("File one fret")
    trap = tr("A fret that is not seated ducks under it.")
    amount, least, most = 3.0, 1.0, 60.0
    pressure, whole = 1, True

    @property
    def keys(self) -> dict[str, str]:
        return {
            "+": tr("more"),
            "-": tr("fewer"),
            "*": tr("all across or here"),
            "/": tr("hand"),
            "enter": tr("file"),
        }

    @property
    def prompt(self) -> str:
        where = tr("all across") if self.whole else LANE_WORDS[self.place.lane]
        return tr(
            "File on fret {fret}, {where}, by {pressures}.",
            fret=self.place.fret,
            where=where,
            pressures=PRESSURES[self.pressure],
        )

    def other(self) -> None:
        self.whole = not self.whole

    def action(self) -> do.AnyAction:
        return do.FileFret(
            fret=self.place.fret,
            where="whole" if self.whole else self.place.lane,
            strokes=int(self.amount),
            pressure=PRESSURES[self.pressure],
        )


class BlockTool(StrokeTool):
    """A straight block or beam between two frets."""

    name, title = "block", tr("Block or beam")
    trap = tr("It brings every top down to the lowest it meets, also for one that only ducks.")
    amount, least, most, step_by = 20.0, 1.0, 400.0, 10.0
    _LENGTHS_MM = (60.0, 90.0, 150.0, 300.0, 450.0)
    length = 4

    @property
    def keys(self) -> dict[str, str]:
        return {
            "+": tr("more"),
            "-": tr("fewer"),
            "*": tr("another length"),
            "/": tr("hand"),
            "enter": tr("stroke"),
        }

    @property
    def prompt(self) -> str:
        p = self.place
        words = tr(
            "Block of {lengths_mm:.0f} mm, {low} to {high}",
            lengths_mm=self._LENGTHS_MM[self.length],
            low=p.low,
            high=p.high,
        )
        return tr("{words}, by {pressures}.", words=words, pressures=PRESSURES[self.pressure])

    def other(self) -> None:
        self.length = (self.length + 1) % len(self._LENGTHS_MM)

    def action(self) -> do.AnyAction:
        return do.Block(
            low=self.place.low,
            high=self.place.high,
            strokes=int(self.amount),
            pressure=PRESSURES[self.pressure],
            length_mm=self._LENGTHS_MM[self.length],
        )


class PressTool(HandTool):
    """A caul pressed on a fret, or one end of it."""

    name, title = "press", tr("Press home")
    caution = tr("Support right under the fret; crushed wood and split necks are for good.")
    trap = tr("Until the stop is felt, and no further. Without glue it comes up again.")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.whole, self.force = True, 1

    @property
    def keys(self) -> dict[str, str]:
        return {
            "+": tr("harder"),
            "-": tr("lighter"),
            "*": tr("all across or here"),
            "enter": tr("press"),
        }

    @property
    def prompt(self) -> str:
        where = tr("all across") if self.whole else LANE_WORDS[self.place.lane]
        return tr(
            "Press fret {fret}, {where}, {forces}.",
            fret=self.place.fret,
            where=where,
            forces=FORCES[self.force],
        )

    def press(self, key: str) -> bool:
        if key == "*":
            self.whole = not self.whole
        elif key in ("+", "-"):
            self.force = min(max(self.force + (1 if key == "+" else -1), 0), len(FORCES) - 1)
        else:
            return False
        return True

    def action(self) -> do.AnyAction:
        where: Where = "whole" if self.whole else self.place.lane
        return do.Press(fret=self.place.fret, where=where, force=FORCES[self.force])


class GlueTool(HandTool):
    """Glue under a fret, a clamp on it; and time for it."""

    name, title = "glue", tr("Glue, and wait")
    caution = tr("Thin glue: fumes, and it bonds skin. Open the window; no cotton wads.")
    trap = tr("Four hours in the clamp. A file or a string before that lifts it.")
    amount, least, most, step_by = 240.0, 10.0, 20_160.0, 60.0

    @property
    def keys(self) -> dict[str, str]:
        return {
            "+": tr("longer"),
            "-": tr("shorter"),
            "*": tr("glue this fret"),
            "enter": tr("wait"),
        }

    @property
    def prompt(self) -> str:
        return tr("Glue under fret {fret} with *, wait with Enter.", fret=self.place.fret)

    @property
    def number(self) -> str:
        return f"{self.amount / 60.0:.0f}" if self.amount >= 60.0 else f"{self.amount:.0f}"

    @property
    def unit(self) -> str:
        return tr("hours") if self.amount >= 60.0 else tr("minutes")

    def typed(self, number: float) -> bool:
        # Digits are hours.
        self.amount = min(max(number * 60.0, self.least), self.most)
        return True

    def press(self, key: str) -> bool:
        if key == "*":
            self.pad.carry_out(do.Glue(fret=self.place.fret))
            return True
        if key in ("+", "-"):
            self.typed((self.amount + (60.0 if key == "+" else -60.0)) / 60.0)
            return True
        return False

    def action(self) -> do.AnyAction:
        return do.Wait(minutes=self.amount)


class CrownTool(HandTool):
    """Tops made round again: this one, or all that the file has touched."""

    name, title, caution = "crown", tr("Crown, mark with ink"), DUST
    trap = tr("No crown before relief and back bow are known.")

    @property
    def keys(self) -> dict[str, str]:
        return {
            "*": tr("ink on all tops"),
            "/": tr("all from low to high"),
            "enter": tr("crown this"),
        }

    @property
    def prompt(self) -> str:
        return tr(
            "Crown fret {fret}; all of {low} to {high} with /.",
            fret=self.place.fret,
            low=self.place.low,
            high=self.place.high,
        )

    def press(self, key: str) -> bool:
        if key == "*":
            self.pad.carry_out(do.Mark())
        elif key == "/":
            frets = tuple(range(max(self.place.low, 1), self.place.high + 1))
            self.pad.carry_out(do.Crown(frets=frets))
        else:
            return False
        return True

    def action(self) -> do.AnyAction:
        return do.Crown(frets=(self.place.fret,))


class EndsTool(HandTool):
    """Fret ends rounded over along one side."""

    name, title, caution = "ends", tr("Round the ends"), DUST
    trap = tr("By a hair only: too much, and the outer strings slip off.")
    amount, least, most = 3.0, 1.0, 20.0

    @property
    def keys(self) -> dict[str, str]:
        return {
            "+": tr("more"),
            "-": tr("fewer"),
            "*": tr("other side"),
            "enter": tr("all of this side"),
        }

    @property
    def prompt(self) -> str:
        return tr(
            "Ends of the {lane_words}, {low} to {high}.",
            lane_words=LANE_WORDS[self.place.side],
            low=self.place.low,
            high=self.place.high,
        )

    @property
    def number(self) -> str:
        return f"{self.amount:.0f}"

    @property
    def unit(self) -> str:
        return tr("strokes each")

    def press(self, key: str) -> bool:
        if key == "*":
            self.other_side()
            return True
        return self._changed(key)

    def action(self) -> do.AnyAction:
        frets = tuple(range(max(self.place.low, 1), self.place.high + 1))
        return do.RoundEnd(frets=frets, side=self.place.side, strokes=int(self.amount))


class NutTool(HandTool):
    """Nut slot and saddle of a side, up or down; and the rod's own nut."""

    name, title = "nut", tr("Nut, saddle, rod nut")
    trap = tr("A low nut looks like a back bow of its side.")
    amount, least, most, step_by = 0.1, 0.02, 2.0, 0.02

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.what, self.up = 0, True

    @property
    def keys(self) -> dict[str, str]:
        return {"+": tr("up"), "-": tr("down"), "*": tr("which"), "enter": tr("do it")}

    @property
    def prompt(self) -> str:
        side = LANE_WORDS[self.place.side]
        if self.what == 2:
            return tr("The rod's nut: cleared and greased.")
        if self.what == 3:
            return tr("The rod's nut: renewed.")
        thing = (tr("Nut slot"), tr("Saddle"))[self.what]
        return tr(
            "{thing} of the {side}, {it}.",
            thing=thing,
            side=side,
            it=tr("up") if self.up else tr("down"),
        )

    @property
    def number(self) -> str:
        return figure(f"{self.amount:.2f}") if self.what < 2 else ""

    @property
    def unit(self) -> str:
        return "mm" if self.what < 2 else ""

    def press(self, key: str) -> bool:
        if key == "*":
            self.what = (self.what + 1) % 4
        elif key in ("+", "-"):
            self.up = key == "+"
        else:
            return False
        return True

    def action(self) -> do.AnyAction:
        mm = self.amount if self.up else -self.amount
        match self.what:
            case 0:
                return do.NutSlot(side=self.place.side, mm=min(max(mm, -1.0), 1.0))
            case 1:
                return do.Saddle(side=self.place.side, mm=mm)
            case 2:
                return do.MendNut(how="clear")
            case _:
                return do.MendNut(how="renew")


class WireTool(HandTool):
    """What a refret needs: frets out, wood, slots, new wire, tape, heat."""

    name, title = "wire", tr("Wood, wire, heat")
    caution = tr(
        "Snipped wire flies: glasses. Hot tools burn and lift finishes; dust of dark woods."
    )
    trap = tr("Slot and tang are measured before the first fret goes in.")
    amount, least, most, step_by = 1.2, 0.05, 400.0, 0.01
    _DOES = (
        (tr("Pull this fret"), "", 0.0),
        (tr("Pull every fret from low to high"), "", 0.0),
        (tr("Sand the wood from low to high"), _STROKES, 10.0),
        (tr("Saw the empty slots deeper"), "mm", 0.3),
        (tr("Fit wire in the empty slots, so high"), "mm", 1.2),
        (tr("Tape on the wood"), "", 0.0),
        (tr("Tape off"), "", 0.0),
        (tr("Heat, clamped past straight by"), "mm", 0.3),
    )
    # What is done between both ends.
    _BETWEEN = (1, 2)

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.what = 0

    @property
    def keys(self) -> dict[str, str]:
        return {"+": tr("more"), "-": tr("less"), "*": tr("which"), "enter": tr("do it")}

    @property
    def prompt(self) -> str:
        p, words = self.place, self._DOES[self.what][0]
        ends = (
            tr(" ({low} to {high})", low=p.low, high=p.high) if self.what in self._BETWEEN else ""
        )
        return f"{words}{ends}." if self.what else tr("Pull fret {fret}.", fret=p.fret)

    @property
    def number(self) -> str:
        unit = self._DOES[self.what][1]
        return (
            ""
            if not unit
            else f"{self.amount:.0f}"
            if unit == _STROKES
            else figure(f"{self.amount:.2f}")
        )

    @property
    def unit(self) -> str:
        return self._DOES[self.what][1]

    def press(self, key: str) -> bool:
        if key == "*":
            self.what = (self.what + 1) % len(self._DOES)
            self.amount = self._DOES[self.what][2]
            self.step_by = 5.0 if self.unit == _STROKES else 0.01
            return True
        return self._changed(key)

    def action(self) -> do.AnyAction:
        p, amount = self.place, self.amount
        reach = tuple(range(max(p.low, 1), p.high + 1))
        made: tuple[do.AnyAction, ...] = (
            do.Pull(frets=(p.fret,)),
            do.Pull(frets=reach),
            do.TrueWood(low=p.low, high=p.high, strokes=max(int(amount), 1)),
            do.Saw(mm=min(amount, 2.0)),
            do.Fit(height_mm=min(max(amount, 0.5), 2.5)),
            do.Tape(on=True),
            do.Tape(on=False),
            do.Heat(over_mm=min(amount, 3.0)),
        )
        return made[self.what]
