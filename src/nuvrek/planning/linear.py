"""Linear programs by HiGHS: ``cost @ x`` least with ``rows @ x <= limits`` and bounds.

HiGHS: Huangfu and Hall, Mathematical Programming Computation 10, 2018.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from highspy import Highs, HighsLp, HighsModelStatus, HighsVarType, MatrixFormat, kHighsInf
from numpy.typing import NDArray

from nuvrek import patience

Array = NDArray[np.float64]
Bounds = Sequence[tuple[float | None, float | None]]


@dataclass(frozen=True, slots=True)
class Optimum:
    """Where a program is least, (n,), and what its cost grows by with each limit, (rows,)."""

    x: Array
    worth: Array


class LinearProgram:
    """A program whose rows, limits, costs and bounds may be changed: solved anew it goes on from
    where it was.
    """

    def __init__(self, cost: Array, bounds: Bounds, whole: bool = False) -> None:
        """Without rows yet; the unknowns are ``whole`` numbers if so said."""
        self._size = len(cost)
        self._highs = Highs()  # type: ignore[no-untyped-call]
        self._highs.setOptionValue("output_flag", False)
        self._highs.setOptionValue("threads", 1)
        if not whole:
            # What is as small as these is solved before it is made smaller.
            self._highs.setOptionValue("presolve", "off")
        lp = HighsLp()
        lp.num_col_ = self._size
        lp.col_cost_ = np.asarray(cost, dtype=np.float64)
        lp.col_lower_, lp.col_upper_ = _both(bounds)
        lp.a_matrix_.format_ = MatrixFormat.kColwise
        lp.a_matrix_.start_ = np.zeros(self._size + 1, dtype=np.int32)
        if whole:
            lp.integrality_ = [HighsVarType.kInteger] * self._size
        self._highs.passModel(lp)

    def add(self, rows: Array, limits: Array, least: Array | None = None) -> None:
        """``least <= rows @ x <= limits``."""
        inside = rows != 0.0
        begin = np.concatenate(([0], np.cumsum(inside.sum(axis=1))[:-1])).astype(np.int32)
        columns = np.nonzero(inside)[1].astype(np.int32)
        lower = np.full(len(rows), -kHighsInf) if least is None else least
        self._highs.addRows(
            len(rows), lower, np.asarray(limits), len(columns), begin, columns, rows[inside]
        )

    def limit(self, limits: Array) -> None:
        """Other limits for all rows."""
        for row, limit in enumerate(limits):
            self._highs.changeRowBounds(row, -kHighsInf, float(limit))

    def price(self, cost: Array, bounds: Bounds) -> None:
        """Other costs and bounds of the unknowns."""
        every = np.arange(self._size, dtype=np.int32)
        self._highs.changeColsCost(self._size, every, np.asarray(cost))
        self._highs.changeColsBounds(self._size, every, *_both(bounds))

    def within(self, seconds: float) -> None:
        """No longer than this is searched."""
        self._highs.setOptionValue("time_limit", seconds)

    def solve(self) -> Optimum | None:
        """The optimum, or None where there is none (or none was found in time)."""
        patience.ask()
        self._highs.run()
        if self._highs.getModelStatus() != HighsModelStatus.kOptimal:
            return None
        solution = self._highs.getSolution()
        return Optimum(np.array(solution.col_value), np.array(solution.row_dual))

    @property
    def impossible(self) -> bool:
        """Whether the last search proved that nothing satisfies all rows."""
        return bool(self._highs.getModelStatus() == HighsModelStatus.kInfeasible)


def least(cost: Array, rows: Array, limits: Array, bounds: Bounds) -> Optimum | None:
    """The optimum of a program that is solved once."""
    program = LinearProgram(cost, bounds)
    program.add(rows, limits)
    return program.solve()


def _both(bounds: Bounds) -> tuple[Array, Array]:
    low = [-kHighsInf if one is None else one for one, _ in bounds]
    high = [kHighsInf if one is None else one for _, one in bounds]
    return np.array(low, dtype=np.float64), np.array(high, dtype=np.float64)
