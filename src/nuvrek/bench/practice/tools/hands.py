"""The hand: strings, files and blocks, presses and glue, crowns and ends, nut, saddle, heat, new
wire. What it takes stays gone.
"""

from __future__ import annotations

from nuvrek.bench.practice.tools.tool import Tool
from nuvrek.meaning import Figure, Saying, means
from nuvrek.neck.description import LANE_WORDS
from nuvrek.practice.at_work import actions as do
from nuvrek.simulator.living.neck import Pressure
from nuvrek.simulator.living.working import Force, Where

DUST = means("practice_bench.metal-dust-extraction-mask-wash")
_STROKES = means("practice_bench.strokes")
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

    name, title = "string", means("practice_bench.strings")
    caution = means("practice_bench.strings-under-tension-whip-slacken")

    @property
    def keys(self) -> dict[str, Saying]:
        return {"+": means("practice_bench.pitch"), "-": means("practice_bench.slack")}

    @property
    def prompt(self) -> Saying:
        return means("practice_bench.strings-pitch-slack")

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
    def unit(self) -> Saying:
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

    name, title = "file", means("practice_bench.file-one-fret")
    trap = means("practice_bench.fret-not-seated-ducks-under")
    amount, least, most = 3.0, 1.0, 60.0
    pressure, whole = 1, True

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.more"),
            "-": means("practice_bench.fewer"),
            "*": means("practice_bench.all-across-or-here"),
            "/": means("practice_bench.hand"),
            "enter": means("practice_bench.file"),
        }

    @property
    def prompt(self) -> Saying:
        where: Saying
        if self.whole:
            where = means("practice_bench.all-across")
        else:
            where = LANE_WORDS[self.place.lane]
        return means(
            "practice_bench.file-fret",
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

    name, title = "block", means("practice_bench.block-or-beam")
    trap = means("practice_bench.brings-every-top-down-lowest")
    amount, least, most, step_by = 20.0, 1.0, 400.0, 10.0
    _LENGTHS_MM = (60.0, 90.0, 150.0, 300.0, 450.0)
    length = 4

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.more"),
            "-": means("practice_bench.fewer"),
            "*": means("practice_bench.another-length"),
            "/": means("practice_bench.hand"),
            "enter": means("practice_bench.stroke"),
        }

    @property
    def prompt(self) -> Saying:
        p = self.place
        words = means(
            "practice_bench.block-mm",
            lengths_mm=self._LENGTHS_MM[self.length],
            low=p.low,
            high=p.high,
        )
        return means("practice_bench.by", detail=words, pressures=PRESSURES[self.pressure])

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

    name, title = "press", means("practice_bench.press-home")
    caution = means("practice_bench.support-right-under-fret-crushed")
    trap = means("practice_bench.until-stop-felt-no-further")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.whole, self.force = True, 1

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.harder"),
            "-": means("practice_bench.lighter"),
            "*": means("practice_bench.all-across-or-here"),
            "enter": means("practice_bench.press"),
        }

    @property
    def prompt(self) -> Saying:
        where: Saying
        if self.whole:
            where = means("practice_bench.all-across")
        else:
            where = LANE_WORDS[self.place.lane]
        return means(
            "practice_bench.press-fret",
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

    name, title = "glue", means("practice_bench.glue-wait")
    caution = means("practice_bench.thin-glue-fumes-bonds-skin")
    trap = means("practice_bench.four-hours-clamp-file-or")
    amount, least, most, step_by = 240.0, 10.0, 20_160.0, 60.0

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.longer"),
            "-": means("practice_bench.shorter"),
            "*": means("practice_bench.glue-fret"),
            "enter": means("practice_bench.wait"),
        }

    @property
    def prompt(self) -> Saying:
        return means("practice_bench.glue-under-fret-wait-enter", fret=self.place.fret)

    @property
    def number(self) -> str:
        if self.amount >= 60.0:
            return f"{self.amount / 60.0:.0f}"
        return f"{self.amount:.0f}"

    @property
    def unit(self) -> Saying:
        if self.amount >= 60.0:
            return means("practice_bench.hours")
        return means("practice_bench.minutes")

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

    name, title, caution = "crown", means("practice_bench.crown-mark-ink"), DUST
    trap = means("practice_bench.no-crown-before-relief-back")

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "*": means("practice_bench.ink-all-tops"),
            "/": means("practice_bench.all-from-low-high"),
            "enter": means("practice_bench.crown"),
        }

    @property
    def prompt(self) -> Saying:
        return means(
            "practice_bench.crown-fret-all",
            fret=self.place.fret,
            low=self.place.low,
            high=self.place.high,
        )

    def press(self, key: str) -> bool:
        if key == "*":
            self.pad.carry_out(do.InkTops())
        elif key == "/":
            frets = tuple(range(max(self.place.low, 1), self.place.high + 1))
            self.pad.carry_out(do.CrownTops(frets=frets))
        else:
            return False
        return True

    def action(self) -> do.AnyAction:
        return do.CrownTops(frets=(self.place.fret,))


class EndsTool(HandTool):
    """Fret ends rounded over along one side."""

    name, title, caution = "ends", means("practice_bench.round-ends"), DUST
    trap = means("practice_bench.hair-only-too-much-outer")
    amount, least, most = 3.0, 1.0, 20.0

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.more"),
            "-": means("practice_bench.fewer"),
            "*": means("practice_bench.other-side"),
            "enter": means("practice_bench.all-side"),
        }

    @property
    def prompt(self) -> Saying:
        return means(
            "practice_bench.ends",
            lane_words=LANE_WORDS[self.place.side],
            low=self.place.low,
            high=self.place.high,
        )

    @property
    def number(self) -> str:
        return f"{self.amount:.0f}"

    @property
    def unit(self) -> Saying:
        return means("practice_bench.strokes-each")

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

    name, title = "nut", means("practice_bench.nut-saddle-rod-nut")
    trap = means("practice_bench.low-nut-looks-like-back")
    amount, least, most, step_by = 0.1, 0.02, 2.0, 0.02

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.what, self.up = 0, True

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.up"),
            "-": means("practice_bench.down"),
            "*": means("practice_bench.which"),
            "enter": means("practice_bench.do"),
        }

    @property
    def prompt(self) -> Saying:
        side = LANE_WORDS[self.place.side]
        if self.what == 2:
            return means("practice_bench.rods-nut-cleared-greased")
        if self.what == 3:
            return means("practice_bench.rods-nut-renewed")
        thing = (means("practice_bench.nut-slot"), means("practice_bench.saddle"))[self.what]
        return means(
            "practice_bench.of-the-up" if self.up else "practice_bench.of-the-down",
            thing=thing,
            side=side,
        )

    @property
    def number(self) -> Saying:
        if self.what < 2:
            return Figure(f"{self.amount:.2f}")
        return ""

    @property
    def unit(self) -> str:
        if self.what < 2:
            return "mm"
        return ""

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

    name, title = "wire", means("practice_bench.wood-wire-heat")
    caution = means("practice_bench.snipped-wire-flies-glasses-hot")
    trap = means("practice_bench.slot-tang-measured-before-first")
    amount, least, most, step_by = 1.2, 0.05, 400.0, 0.01
    _DOES = (
        (means("practice_bench.pull-fret"), "", 0.0),
        (means("practice_bench.pull-every-fret-from-low"), "", 0.0),
        (means("practice_bench.sand-wood-from-low-high"), _STROKES, 10.0),
        (means("practice_bench.saw-empty-slots-deeper"), "mm", 0.3),
        (means("practice_bench.fit-wire-empty-slots-so"), "mm", 1.2),
        (means("practice_bench.tape-wood"), "", 0.0),
        (means("practice_bench.tape-off"), "", 0.0),
        (means("practice_bench.heat-clamped-past-straight"), "mm", 0.3),
    )
    # What is done between both ends.
    _BETWEEN = (1, 2)

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.what = 0

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.more"),
            "-": means("practice_bench.less"),
            "*": means("practice_bench.which"),
            "enter": means("practice_bench.do"),
        }

    @property
    def prompt(self) -> Saying:
        p, words = self.place, self._DOES[self.what][0]
        ends: Saying = ""
        if self.what in self._BETWEEN:
            ends = means("practice_bench.to-with-low-high", low=p.low, high=p.high)
        if self.what:
            return means("practice_bench.detail-ends", detail=words, ends=ends)
        return means("practice_bench.pull-fret-with-fret", fret=p.fret)

    @property
    def number(self) -> Saying:
        unit = self._DOES[self.what][1]
        if not unit:
            return ""
        if unit == _STROKES:
            return f"{self.amount:.0f}"
        return Figure(f"{self.amount:.2f}")

    @property
    def unit(self) -> Saying:
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
            do.PullFrets(frets=(p.fret,)),
            do.PullFrets(frets=reach),
            do.TrueWood(low=p.low, high=p.high, strokes=max(int(amount), 1)),
            do.Saw(mm=min(amount, 2.0)),
            do.Fit(height_mm=min(max(amount, 0.5), 2.5)),
            do.Tape(on=True),
            do.Tape(on=False),
            do.Heat(over_mm=min(amount, 3.0)),
        )
        return made[self.what]
