"""Leaves, edges, rockers, a finger: what is felt and seen, and nothing of a number."""

from __future__ import annotations

from typing import Literal

from nuvrek.bench.practice.tools.tool import Tool
from nuvrek.meaning import Figure, Saying, means
from nuvrek.neck.description import Lane
from nuvrek.practice.at_work import actions as do
from nuvrek.practice.at_work.doing import Felt
from nuvrek.readings.entries import (
    AnyEntry,
    EdgeLie,
    OthersFirm,
    OthersStill,
    Rock,
    StandOff,
    StringGap,
)
from nuvrek.readings.tool_kit import METRIC_LEAVES_MM
from nuvrek.simulator.living.tools import LightSeen

_UNDER: tuple[do.LeafUnder, ...] = ("string", "edge", "notched", "rocker")
_UNDER_WORDS = {
    "string": means("practice_bench.under-string"),
    "edge": means("practice_bench.under-edge"),
    "notched": means("practice_bench.under-notched-edge"),
    "rocker": means("practice_bench.under-rocker"),
}


class LeafTool(Tool):
    """A leaf, chosen by its thickness and pushed in."""

    name, title = "leaf", means("practice_bench.leaf")
    trap = means("practice_bench.string-yields-what-drags-little")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        form = self.pad.form
        self.leaves = METRIC_LEAVES_MM if form is None or not form.leaves_mm else form.leaves_mm
        self.at = min(8, len(self.leaves) - 1)
        self.under: do.LeafUnder = "string"
        self.slides: float | None = None
        self.stops: float | None = None
        self._of: tuple[object, ...] = ()

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.thicker"),
            "-": means("practice_bench.thinner"),
            "*": means("practice_bench.under"),
            "/": means("practice_bench.write"),
            "enter": means("practice_bench.push"),
        }

    @property
    def prompt(self) -> Saying:
        p = self.place
        if self.under == "rocker":
            return means("practice_bench.leaf-under-rocker", where=self.where, fret=p.fret)
        low: Saying
        if p.low:
            low = str(p.low)
        else:
            low = means("practice_bench.nut")
        return means(
            "practice_bench.leaf-with-where-held-hold"
            if self.under == "string"
            else "practice_bench.leaf-with-where-held-edge-from",
            where=self.where,
            low=low,
            high=p.high,
            under_words=_UNDER_WORDS[self.under],
            fret=p.fret,
        )

    @property
    def number(self) -> Saying:
        return Figure(f"{self.leaves[self.at]:.2f}")

    @property
    def unit(self) -> Saying:
        return means("practice_bench.mm-leaf")

    def press(self, key: str) -> bool:
        if key == "*":
            self.under = _UNDER[(_UNDER.index(self.under) + 1) % len(_UNDER)]
        elif key in ("+", "-"):
            self.at = min(max(self.at + (1 if key == "+" else -1), 0), len(self.leaves) - 1)
        else:
            return False
        return True

    def typed(self, number: float) -> bool:
        # "30" and "0.30" are the same leaf to a hand.
        mm = number if number < 2.0 else number / 100.0
        self.at = min(range(len(self.leaves)), key=lambda n: abs(self.leaves[n] - mm))
        return False

    def action(self) -> do.AnyAction:
        p = self.place
        return do.Leaf(
            lane=p.lane,
            low=p.low,
            high=p.high,
            at=p.fret,
            leaf_mm=self.leaves[self.at],
            under=self.under,
        )

    def felt(self, action: do.AnyAction, felt: Felt) -> None:
        assert isinstance(action, do.Leaf)
        of = (action.lane, action.low, action.high, action.at, action.under, self.state)
        if of != self._of:
            self._of, self.slides, self.stops = of, None, None
        if felt.key == "slides":
            self.slides = max(self.slides or 0.0, action.leaf_mm)
            if self.stops is not None and self.stops <= self.slides:
                self.stops = None
        else:
            self.stops = min(self.stops or 99.0, action.leaf_mm)
            if self.slides is not None and self.slides >= self.stops:
                self.slides = None

    def to_write(self) -> tuple[AnyEntry, ...]:
        if self.slides is None and self.stops is None:
            return ()
        p = self.place
        if self.under == "rocker":
            return (
                Rock(
                    lane=p.lane,
                    fret=p.fret,
                    says="rocks",
                    slides_mm=self.slides,
                    drags_mm=self.stops,
                    state=self.state,
                ),
            )
        by: dict[str, Literal["string", "edge", "notched"]] = {
            "string": "string",
            "edge": "edge",
            "notched": "notched",
        }
        return (
            StringGap(
                lane=p.lane,
                low_support=p.low,
                high_support=p.high,
                fret=p.fret,
                by=by[self.under],
                slides_mm=self.slides,
                drags_mm=self.stops,
                state=self.state,
            ),
        )

    def wrote(self) -> None:
        self.slides = self.stops = None
        self._of = ()


class EdgeTool(Tool):
    """A straight edge on the tops, or a notched one on the wood, laid from fret to fret."""

    name, title = "edge", means("practice_bench.edge")
    trap = means("practice_bench.edge-pressed-down-bends-neck")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.kind = 0
        self.pressed = False
        self.light: LightSeen | None = None

    # The edges on this bench: on the tops, notched for the neck's scale, notched for another.
    @property
    def _edges(self) -> tuple[tuple[Saying, float | None], ...]:
        scale = self.pad.neck.scale_mm
        other = 628.0 if abs(scale - 628.0) > 1.0 else 648.0
        return (
            (means("practice_bench.straight-edge-tops"), None),
            (means("practice_bench.notched-edge-wood", scale=scale), scale),
            (means("practice_bench.notched-edge-wood-with-other", other=other), other),
        )

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.pressed-or-not"),
            "*": means("practice_bench.another-edge"),
            "/": means("practice_bench.write"),
            "enter": means("practice_bench.lay"),
        }

    @property
    def prompt(self) -> Saying:
        p, words = self.place, self._edges[self.kind][0]
        hand: Saying = ""
        if self.pressed:
            hand = means("practice_bench.pressed-down")
        return means(
            "practice_bench.to", where=self.where, detail=words, low=p.low, high=p.high, hand=hand
        )

    def press(self, key: str) -> bool:
        if key == "*":
            self.kind = (self.kind + 1) % len(self._edges)
        elif key in ("+", "-"):
            self.pressed = not self.pressed
        else:
            return False
        self.light = None
        return True

    def action(self) -> do.AnyAction:
        p, notched = self.place, self._edges[self.kind][1]
        return do.LayEdge(
            lane=p.lane,
            low=max(p.low, 1),
            high=p.high,
            on="frets" if notched is None else "wood",
            pressed=self.pressed,
            notched_mm=notched,
        )

    def felt(self, action: do.AnyAction, felt: Felt) -> None:
        self.light = felt.seen if isinstance(felt.seen, LightSeen) else None

    def to_write(self) -> tuple[AnyEntry, ...]:
        if self.light is None:
            return ()
        lit = float(self.light.light_mm.max(initial=0.0)) > 0.0
        says: Literal["rocks", "all along", "on its ends"] = "on its ends" if lit else "all along"
        fret = None
        if self.light.rocks:
            # About which fret is for the eye to say: the one the hand points at.
            says, fret = "rocks", self.place.fret
        return (
            EdgeLie(
                lane=self.place.lane,
                says=says,
                fret=fret,
                by="edge" if self.kind == 0 else "notched",
                reach=(max(self.place.low, 1), self.place.high),
                state=self.state,
            ),
        )

    def wrote(self) -> None:
        self.light = None


class RockerTool(Tool):
    """A short edge set over one fret after the other; what was tried is written down at once."""

    name, title = "rocker", means("practice_bench.rocker")
    trap = means("practice_bench.up-neck-long-one-stands")
    _EDGES_MM = (25.0, 30.0, 36.0, 45.0, 55.0, 65.0, 75.0)

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.at = 4
        self.tried: dict[tuple[str, int], bool] = {}

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "+": means("practice_bench.longer-edge"),
            "-": means("practice_bench.shorter-edge"),
            "/": means("practice_bench.write-all-tried"),
            "enter": means("practice_bench.set-next"),
        }

    @property
    def prompt(self) -> Saying:
        return means("practice_bench.rocker-over", where=self.where, fret=self.place.fret)

    @property
    def number(self) -> str:
        return f"{self._EDGES_MM[self.at]:.0f}"

    @property
    def unit(self) -> Saying:
        return means("practice_bench.mm-edge")

    def press(self, key: str) -> bool:
        if key in ("+", "-"):
            self.at = min(max(self.at + (1 if key == "+" else -1), 0), len(self._EDGES_MM) - 1)
            return True
        return False

    def action(self) -> do.AnyAction:
        p = self.place
        return do.Rocker(lane=p.lane, fret=p.fret, edge_mm=self._EDGES_MM[self.at])

    def felt(self, action: do.AnyAction, felt: Felt) -> None:
        assert isinstance(action, do.Rocker)
        if 1 < action.fret < self.pad.neck.frets:
            self.tried[action.lane, action.fret] = felt.key == "rocks"
        self.step(1)

    def to_write(self) -> tuple[AnyEntry, ...]:
        lane = self.place.lane
        mine = {fret: rocks for (at, fret), rocks in self.tried.items() if at == lane}
        rocks = [
            Rock(lane=lane, fret=fret, says="rocks", state=self.state)
            for fret, rocked in sorted(mine.items())
            if rocked
        ]
        still = tuple(fret for fret, rocked in sorted(mine.items()) if not rocked)
        if not still:
            return tuple(rocks)
        return (*rocks, OthersStill(lane=lane, frets=still, state=self.state))

    def wrote(self) -> None:
        lane = self.place.lane
        self.tried = {place: rocks for place, rocks in self.tried.items() if place[0] != lane}


class FingerTool(Tool):
    """Frets pressed one after the other."""

    name, title = "finger", means("practice_bench.finger")
    trap = means("practice_bench.fret-may-fast-middle-loose")

    def __init__(self, pad: object) -> None:
        super().__init__(pad)  # type: ignore[arg-type]
        self.tried: dict[int, dict[Lane, bool]] = {}

    @property
    def keys(self) -> dict[str, Saying]:
        return {
            "/": means("practice_bench.write-all-tried"),
            "enter": means("practice_bench.press-next"),
        }

    @property
    def prompt(self) -> Saying:
        return means("practice_bench.finger-fret", where=self.where, fret=self.place.fret)

    def action(self) -> do.AnyAction:
        return do.Finger(fret=self.place.fret, lane=self.place.lane)

    def felt(self, action: do.AnyAction, felt: Felt) -> None:
        assert isinstance(action, do.Finger)
        self.tried.setdefault(action.fret, {})[action.lane] = felt.key == "moves"
        self.step(1)

    def to_write(self) -> tuple[AnyEntry, ...]:
        entries: list[AnyEntry] = []
        firm = []
        for fret, felt in sorted(self.tried.items()):
            moves = [lane for lane, moved in felt.items() if moved]
            at: list[Lane | None] = [None] if len(moves) == 3 else [*moves]
            entries += [
                StandOff(fret=fret, lane=lane, moves="moves", state=self.state) for lane in at
            ]
            if not moves:
                firm.append(fret)
        if firm:
            entries.append(OthersFirm(frets=tuple(firm), state=self.state))
        return tuple(entries)

    def wrote(self) -> None:
        self.tried = {}
