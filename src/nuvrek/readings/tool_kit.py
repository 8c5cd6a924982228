"""The tools a user owns, each with its error, and the way they read relief.

Errors are one standard deviation in mm.
"""

from __future__ import annotations

import math
from typing import Annotated, assert_never

from msgspec import Meta, Struct

from nuvrek.meaning import Saying, means
from nuvrek.neck.description import MAX_FRETS, NeckDescription
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import AnyReading
from nuvrek.readings.kinds import record_of
from nuvrek.readings.kinds.record import Tool

Error = Annotated[float, Meta(ge=0.0005, le=1)]
LeafMm = Annotated[float, Meta(ge=0.01, le=5)]

# Usual sets; common practice, no source.
METRIC_LEAVES_MM = (
    0.03,
    0.04,
    0.05,
    0.06,
    0.07,
    0.08,
    0.09,
    0.10,
    0.15,
    0.20,
    0.25,
    0.30,
    0.35,
    0.40,
    0.50,
    0.60,
    0.80,
)
INCH_LEAVES_MM = tuple(
    round(thou * 0.0254, 4)
    for thou in (1.5, 2, 3, 4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 25, 30)
)
# A notched edge clears the frets while its notches and the frets part by less than this at the
# worst.
NOTCH_ROOM_MM = 1.0


class Kit(Struct, frozen=True, kw_only=True):
    """What is on the bench. Empty lists mean that nothing was said, and nothing is warned of."""

    leaves_mm: Annotated[tuple[LeafMm, ...], Meta(max_length=60)] = ()
    rockers_mm: Annotated[
        tuple[Annotated[float, Meta(ge=10, le=400)], ...], Meta(max_length=12)
    ] = ()
    edges_mm: Annotated[
        tuple[Annotated[float, Meta(ge=50, le=1500)], ...], Meta(max_length=12)
    ] = ()
    notched_mm: Annotated[
        tuple[Annotated[float, Meta(ge=200, le=1400)], ...], Meta(max_length=12)
    ] = ()
    # Radii of the cauls frets are pressed with.
    cauls_mm: Annotated[
        tuple[Annotated[float, Meta(ge=50, le=2000)], ...], Meta(max_length=20)
    ] = ()
    indicator: bool = False
    indicator_step_mm: Annotated[float, Meta(ge=0.0005, le=0.1)] = 0.001
    leaf_error_mm: Error = tool_errors.LEAF_ERROR_MM
    edge_error_mm: Error = tool_errors.GAP_NUMBER_ERROR_MM
    rocker_error_mm: Error = tool_errors.ROCK_GAP_ERROR_MM
    caliper_error_mm: Error = tool_errors.CROWN_ERROR_MM
    rule_error_mm: Error = tool_errors.STRING_RULE_ERROR_MM
    indicator_error_mm: Error = tool_errors.DIAL_ERROR_MM
    # What one stroke of this user's file takes off a fret, where they have found out.
    stroke_mm: Annotated[float, Meta(ge=0.0005, le=0.1)] | None = None
    # How relief is read: the fret held (0 is the nut), the fret pressed (0: where the body joins),
    # the fret looked at (0: half-way).
    relief_hold: Annotated[int, Meta(ge=0, le=5)] = 1
    relief_press: Annotated[int, Meta(ge=0, le=MAX_FRETS)] = 0
    relief_over: Annotated[int, Meta(ge=0, le=MAX_FRETS)] = 0

    def error_of(self, reading: AnyReading) -> float | None:
        """The error of the tool behind a reading where it is not the usual one, else None."""
        tool_of = record_of(reading).tool
        tool = None if tool_of is None else tool_of(reading)
        if tool is None:
            return None
        error, usual = self._errors(tool)
        if math.isclose(error, usual, rel_tol=1e-6):
            return None
        return round(error, 5)

    def _errors(self, tool: Tool) -> tuple[float, float]:
        """The error of this bench's tool, and the usual one."""
        match tool:
            case "rocker":
                return self.rocker_error_mm, tool_errors.ROCK_GAP_ERROR_MM
            case "edge":
                return self.edge_error_mm, tool_errors.GAP_NUMBER_ERROR_MM
            case "leaf":
                return self.leaf_error_mm, tool_errors.LEAF_ERROR_MM
            case "caliper":
                return self.caliper_error_mm, tool_errors.CROWN_ERROR_MM
            case "rule":
                return self.rule_error_mm, tool_errors.STRING_RULE_ERROR_MM
            case "indicator":
                # A dial that steps adds an even spread of one step: variance step^2 / 12 (JCGM
                # 100:2008, F.2.2.1).
                step = 0.0
                if self.indicator_step_mm > 0.001:
                    step = self.indicator_step_mm
                own = math.hypot(self.indicator_error_mm, step / math.sqrt(12))
                return own, tool_errors.DIAL_ERROR_MM
            case _:
                assert_never(tool)

    def leaf_words(self, mm: float) -> Saying:
        """A remark when no leaf owned, nor two together, make this thickness; else nothing."""
        if not self.leaves_mm:
            return ""
        single = (0.0, *self.leaves_mm)
        made = min(abs(mm - a - b) for i, a in enumerate(single) for b in single[i:])
        if made < 0.006:
            return ""
        return means("stations.no-leaf-yours-nor-two")

    def relief_supports(self, neck: NeckDescription) -> tuple[int, int]:
        """The frets held and pressed when this user reads relief on ``neck``."""
        if self.relief_press < 4:
            press = neck.joint_fret
        else:
            press = min(self.relief_press, neck.frets)
        return min(self.relief_hold, press - 2), press


def notched_fit(neck: NeckDescription, notched_mm: tuple[float, ...]) -> float | None:
    """The notched edge (its scale length) that fits this neck, or None. Frets may stand off the
    notches a little.

    From the nut the frets of two scales part by the difference of the scales times the share of the
    last fret; the edge can be shifted to halve that.
    """
    share = 1.0 - 2.0 ** (-neck.frets / 12.0)
    fitting = [mm for mm in notched_mm if 0.5 * abs(mm - neck.scale_mm) * share <= NOTCH_ROOM_MM]
    return min(fitting, key=lambda mm: abs(mm - neck.scale_mm), default=None)
