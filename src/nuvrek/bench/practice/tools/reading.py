"""Depth foot, rule, ear, eye and key: what is read, heard and seen."""

from __future__ import annotations

from nuvrek.bench.practice.tools.tool import Tool
from nuvrek.meaning import Figure, Saying, means, upper_first
from nuvrek.neck.description import LANE_WORDS
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work.doing import Felt
from nuvrek.readings.entries import (
    AnyEntry,
    CrownHeight,
    Feel,
    Heard,
    OthersClean,
    RodFeel,
    Side,
    Size,
    StringHeight,
)


class CaliperTool(Tool):
    """A depth foot: the height of a crown over what it stands on, or a groove's depth."""

    name, title = "caliper", means("practice_bench.depth-foot")
    trap = means("practice_bench.stands-whatever-lies-wood")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.groove = False
        self.read: float | None = None

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "*": means("practice_bench.crown-or-groove"),
            "/": means("practice_bench.write"),
            "enter": means("practice_bench.set"),
        }

    @property
    def prompt(self) -> Saying:
        return means(
            "practice_bench.depth-foot-with-where-what-into-groove"
            if self.groove
            else "practice_bench.depth-foot-with-where-what-beside",
            where=self.where,
            fret=self.place.fret,
        )

    @property
    def number(self) -> Saying:
        if self.read is None:
            return ""
        return Figure(f"{self.read:.2f}")

    @property
    def unit(self) -> str:
        if self.read is None:
            return ""
        return "mm"

    def press(self, key: str) -> bool:
        if key != "*":
            return False
        self.groove, self.read = not self.groove, None
        return True

    def step(self, way: int) -> None:
        super().step(way)
        self.read = None

    def turn(self, way: int) -> None:
        super().turn(way)
        self.read = None

    def action(self) -> do.AnyAction:
        return do.Caliper(fret=self.place.fret, lane=self.place.lane, groove=self.groove)

    def felt(self, action: do.AnyAction, felt: Felt) -> None:
        self.read = felt.number

    def to_write(self) -> tuple[AnyEntry, ...]:
        if self.read is None:
            return ()
        p, mm = self.place, max(self.read, 0.0)
        if not self.groove:
            return (CrownHeight(lane=p.lane, fret=p.fret, height_mm=mm, state=self.state),)
        strings = self.pad.neck.strings
        string = {"bass": strings, "treble": 1}.get(p.lane, (strings + 1) // 2)
        return (Size(what="groove", mm=mm, fret=p.fret, string=string, state=self.state),)

    def wrote(self) -> None:
        self.read = None


class RuleTool(Tool):
    """A rule beside an outer string: the eye reads it, and the number is typed."""

    name, title = "rule", means("practice_bench.rule-string")
    trap = means("practice_bench.eye-looks-from-above-reads")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.seen: float | None = None
        self.said: float | None = None
        self.place.fret = min(12, self.pad.neck.frets)

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "*": means("practice_bench.other-side"),
            "enter": means("practice_bench.hold-up-or-type-what"),
            "/": means("practice_bench.write"),
        }

    @property
    def prompt(self) -> Saying:
        side = upper_first(LANE_WORDS[self.place.side])
        return means("practice_bench.rule-fret-what-does-show", side=side, fret=self.place.fret)

    @property
    def number(self) -> Saying:
        if self.said is None:
            return ""
        return Figure(f"{self.said:.2f}")

    @property
    def unit(self) -> str:
        return "mm"

    def press(self, key: str) -> bool:
        if key != "*":
            return False
        self.other_side()
        self.seen = self.said = None
        return True

    def typed(self, number: float) -> bool:
        if self.seen is None or not 0.0 <= number <= 20.0:
            return False
        self.said = number
        return True

    def action(self) -> do.AnyAction:
        return do.HoldRule(side=self.place.side, fret=self.place.fret)

    def felt(self, action: do.AnyAction, felt: Felt) -> None:
        self.seen = felt.seen if isinstance(felt.seen, float) else None
        self.said = None

    def to_write(self) -> tuple[AnyEntry, ...]:
        if self.said is None:
            return ()
        p = self.place
        return (StringHeight(side=p.side, fret=p.fret, height_mm=self.said, state=self.state),)

    def wrote(self) -> None:
        self.seen = self.said = None


class PluckTool(Tool):
    """Notes played one after the other, and what the ear says."""

    name, title = "pluck", means("practice_bench.play")
    trap = means("practice_bench.note-rings-you-may-choke")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.string = 0
        self.fret = 0
        self.heard: dict[tuple[int, int], str] = {}

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "*": means("practice_bench.next-string"),
            "/": means("practice_bench.write-all-heard"),
            "enter": means("practice_bench.play-next"),
        }

    @property
    def prompt(self) -> Saying:
        if self.fret == 0:
            note = means("practice_bench.open")
        else:
            note = means("practice_bench.at", fret=self.fret)
        return means(
            "practice_bench.string", strings=self.pad.neck.strings - self.string, note=note
        )

    def press(self, key: str) -> bool:
        if key != "*":
            return False
        self.string, self.fret = (self.string + 1) % self.pad.neck.strings, 0
        return True

    def step(self, way: int) -> None:
        self.fret = min(max(self.fret + way, 0), self.pad.neck.frets - 1)
        self.place.fret = max(self.fret, 1)

    def turn(self, way: int) -> None:
        self.string = (self.string + way) % self.pad.neck.strings

    def action(self) -> do.AnyAction:
        return do.Pluck(string=self.string, fret=self.fret)

    def felt(self, action: do.AnyAction, felt: Felt) -> None:
        assert isinstance(action, do.Pluck)
        self.heard[action.string, action.fret] = felt.key
        self.step(1)

    def to_write(self) -> tuple[AnyEntry, ...]:
        strings = self.pad.neck.strings
        entries: list[AnyEntry] = [
            Heard(string=strings - string, fret=fret, says="badly" if key == "dead" else "buzzes")
            for (string, fret), key in sorted(self.heard.items())
            if key != "clean"
        ]
        for string in sorted({string for string, _ in self.heard}):
            fine = tuple(
                f for (at, f), key in sorted(self.heard.items()) if at == string and key == "clean"
            )
            if fine:
                entries.append(OthersClean(string=strings - string, frets=fine))
        return tuple(entries)

    def wrote(self) -> None:
        self.heard = {}


class SightTool(Tool):
    """An eye along the tops."""

    name, title = "sight", means("practice_bench.sight-along")
    trap = means("practice_bench.shows-what-large-hundredths-does")

    @property
    def keys(self) -> dict[str, Saying]:
        return {"*": means("practice_bench.other-side"), "enter": means("practice_bench.look")}

    @property
    def prompt(self) -> Saying:
        return means("practice_bench.from-head-body", lane_words=LANE_WORDS[self.place.side])

    def press(self, key: str) -> bool:
        if key != "*":
            return False
        self.other_side()
        return True

    def action(self) -> do.AnyAction:
        return do.Sight(side=self.place.side)


_FEELS: dict[str, Feel] = {
    "chewed": "key slips",
    "gummed": "binding",
    "slack": "slack",
    "fine": "free",
}


class KeyTool(Tool):
    """The key set on the rod's nut, and turned."""

    name, title = "key", means("practice_bench.rod-key")
    trap = means("practice_bench.key-turns-not-yet-rod")
    caution = means("practice_bench.never-force-rod-strings-down")
    _TURNS = (0.125, 0.25, 0.5)

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.at, self.way, self.other = 1, 1.0, False
        self._feel: Feel | None = None

    @property
    def keys(self) -> dict[str, Saying]:
        if self.pad.neck.rod == "twin":
            two = {"*": means("practice_bench.other-rod")}
        else:
            two = {"*": means("practice_bench.more-or-less")}
        return {
            "+": means("practice_bench.tighter"),
            "-": means("practice_bench.looser"),
            **two,
            "/": means("practice_bench.feel-write"),
            "enter": means("practice_bench.turn"),
        }

    @property
    def prompt(self) -> Saying:
        rod: Saying = ""
        if self.pad.neck.rod == "twin":
            if self.other:
                rod = means("practice_bench.rod-treble-side")
            else:
                rod = means("practice_bench.rod-bass-side")
        return means(
            "practice_bench.key-rod-tighter" if self.way > 0 else "practice_bench.key-rod-looser",
            rod=rod,
        )

    @property
    def number(self) -> str:
        return {0.125: "1/8", 0.25: "1/4", 0.5: "1/2"}[self._TURNS[self.at]]

    @property
    def unit(self) -> Saying:
        return means("practice_bench.turn")

    def press(self, key: str) -> bool:
        if key == "*":
            if self.pad.neck.rod == "twin":
                self.other = not self.other
            else:
                self.at = (self.at + 1) % len(self._TURNS)
        elif key in ("+", "-"):
            self.way = 1.0 if key == "+" else -1.0
        elif key == "/":
            felt = self.pad.carry_out(do.FeelKey(side=self._side))
            if felt is not None and felt.key in _FEELS:
                self.pad.keep(RodFeel(feel=_FEELS[felt.key], state=self.state))
        else:
            return False
        return True

    @property
    def _side(self) -> Side | None:
        if self.pad.neck.rod != "twin":
            return None
        if self.other:
            return "treble"
        return "bass"

    def action(self) -> do.AnyAction:
        return do.Turn(turns=self.way * self._TURNS[self.at], side=self._side)
