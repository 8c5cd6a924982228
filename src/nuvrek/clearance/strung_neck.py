"""The strings as they run over a mapped neck: from heights, nut, gauges and touch, saying what
had to be assumed.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from typing import Literal

import numpy as np
from numpy.typing import NDArray
from scipy.special import ndtr

from nuvrek.clearance.even_relief import even_relief_mm, sharp_cents
from nuvrek.clearance.room import Strung
from nuvrek.clearance.string_heights import heights_of
from nuvrek.clearance.string_lines import lane_weights, string_lines
from nuvrek.estimate.heightmap import NINE_IN_TEN, HeightMap
from nuvrek.estimate.measurer import Measurer
from nuvrek.estimate.model.solver import Solution
from nuvrek.meaning import Meaning, Saying, means
from nuvrek.mechanics.angle import at_height_fret_mm
from nuvrek.mechanics.beam import bend_profile
from nuvrek.mechanics.strings import LONG_SCALE_MM, stiff_mm, tension_n, usual_tension_n
from nuvrek.neck.board import middle_fret
from nuvrek.neck.description import LANE_WORDS, NeckDescription
from nuvrek.neck.scale import place_row_mm
from nuvrek.readings import tool_errors
from nuvrek.readings.entries import StringGap
from nuvrek.readings.told.open_heights import heights_by_string
from nuvrek.units import Unit, format_length

Array = NDArray[np.float64]

# What is taken where nobody measured or said it (common practice, no source): heights over fret 12
# bass and treble side, the gap over fret 1 of a string pressed at 3, a gauge and how stiff it is.
HEIGHTS_MM, LONG_SCALE_HEIGHTS_MM = (1.9, 1.5), (2.4, 2.0)
OVER_FIRST_MM = 0.05
GAUGE_MM, STIFF_MM = 0.4, 4.0
# A note is said to buzz, or to be clean, from this sure on; between lies the edge.
BUZZ_SURE = 0.8
NoteSays = Literal["likely clean", "on the edge", "will buzz"]


@dataclass(frozen=True)
class Rooms:
    """Room of every note at one touch, (strings, notes); the last fret is left out, nothing lies
    ahead of it.

    ``first``: the fret it touches first; ``buzz``: how sure it is to touch; doubts hold nine times
    in ten.
    """

    room_mm: Array
    doubt_mm: Array
    first: NDArray[np.intp]
    buzz: Array

    def word(self, string: int, note: int) -> NoteSays:
        """What is likely of a note."""
        sure = float(self.buzz[string, note])
        if sure >= BUZZ_SURE:
            return "will buzz"
        if sure <= 1.0 - BUZZ_SURE:
            return "likely clean"
        return "on the edge"


_HEIGHT_NAMES = ("low_height", "high_height")


@dataclass(frozen=True)
class Assumed:
    """Something taken as usual because nobody read it; its heights are put into its
    sentence in the unit they are wanted in.
    """

    sentence: Meaning
    heights_mm: tuple[float, ...] = ()

    def words(self, height_unit: Unit) -> Saying:
        """The sentence with its heights in a unit."""
        if not self.heights_mm:
            return self.sentence
        heights = (format_length(mm, height_unit) for mm in self.heights_mm)
        named = dict(zip(_HEIGHT_NAMES, heights, strict=False))
        return means(self.sentence.key, **dict(self.sentence.values), **named)


@dataclass(frozen=True)
class OnNeck:
    """A strung neck with the rows of its tops over the unknowns, (strings, frets + 1, n), and
    what was assumed.
    """

    neck: NeckDescription
    strung: Strung
    rows: Array
    solution: Solution
    height_sd_mm: float
    assumed: tuple[Assumed, ...]
    relief_mm: tuple[float, float, float]

    @property
    def fret_12(self) -> int:
        """The fret string heights are spoken of at."""
        return self.neck.height_fret

    @property
    def heights_mm(self) -> Array:
        """Open-string heights over fret 12, (strings,)."""
        return self.strung.height_mm(self.strung.saddle_mm, self.fret_12)

    def rooms(self, touch: float, strung: Strung | None = None) -> Rooms:
        """Rooms at a touch, for these strings or others over the same unknowns (another height,
        tops after filing).
        """
        over = strung or self.strung
        room, first = over.note_rooms(touch)
        room, first = room[:, :-1], first[:, :-1]
        sd = self._sd(over, first)
        return Rooms(room, NINE_IN_TEN * sd, first, np.asarray(ndtr(-room / sd)))

    @cached_property
    def room_sd_mm(self) -> Array:
        """Standard deviation of the room of each note over each fret by the doubt of the tops,
        (strings, notes, frets).

        At a given string height over fret 12; the height itself is set, not guessed.
        """
        lean, x = self.strung.lean, self.strung.x_mm
        share = x[self.fret_12] / self.strung.scale_mm
        root = self.solution.root
        found = []
        for rows in self.rows @ root:
            saddle = (rows[self.fret_12] - rows[0] * (1.0 - share)) / share
            made = (
                rows[:, None, :] * (1.0 - lean)[:, :, None]
                + saddle * lean[:, :, None]
                - rows[None, :, :]
            )
            found.append(np.sqrt(np.einsum("nmk,nmk->nm", made, made)))
        return np.array(found)

    def _sd(self, strung: Strung, first: NDArray[np.intp]) -> Array:
        """Standard deviation of each note's least room: of the tops it hangs on, and of the
        string height.
        """
        count, notes = first.shape
        note = np.broadcast_to(np.arange(notes), first.shape)
        lean = strung.lean[note, first]
        share = strung.x_mm[self.fret_12] / strung.scale_mm
        string = np.arange(count)[:, None]
        saddle = (self.rows[:, self.fret_12] - self.rows[:, 0] * (1.0 - share)) / share
        rows = (
            self.rows[string, note] * (1.0 - lean)[:, :, None]
            + saddle[:, None, :] * lean[:, :, None]
            - self.rows[string, first]
        )
        flat = rows.reshape(count * notes, -1)
        variance = np.einsum("ij,ij->i", flat @ self.solution.covariance, flat).reshape(
            count, notes
        )
        return np.asarray(
            np.sqrt(np.maximum(variance + (self.height_sd_mm * lean / share) ** 2, 1e-8))
        )

    def lowest_clean_mm(self, touch: float, strung: Strung | None = None) -> tuple[Array, Array]:
        """Lowest clean height over fret 12 of each string with its doubt, (strings,) each."""
        over = strung or self.strung
        lowest = over.lowest_clean_mm(touch, self.fret_12)
        # The doubt is that of the room of the tightest note there, brought to fret 12.
        tight = over.with_height(lowest, self.fret_12)
        room, first = tight.note_rooms(touch)
        sd = self._sd(tight, first[:, :-1])
        note = room[:, 1:-1].argmin(axis=1) + 1
        string = np.arange(len(note))
        lean = over.lean[note, first[string, note]]
        share = over.x_mm[self.fret_12] / over.scale_mm
        bare = np.sqrt(
            np.maximum(sd[string, note] ** 2 - (self.height_sd_mm * lean / share) ** 2, 1e-8)
        )
        return lowest, np.asarray(NINE_IN_TEN * bare * share / lean)

    def even_relief_mm(
        self,
        touch: float,
        strung: Strung | None = None,
        relief_mm: tuple[float, float] | None = None,
    ) -> tuple[float, float]:
        """Relief of bass side and treble side that lets their outer strings lie lowest.

        ``strung`` and its ``relief_mm`` by side may be those after some work.
        """
        low, high = relief_mm or (self.relief_mm[0], self.relief_mm[2])
        bend = bend_profile(self.neck)
        return (
            even_relief_mm(self.one_string(0, strung), bend, low, touch)[0],
            even_relief_mm(self.one_string(-1, strung), bend, high, touch)[0],
        )

    def tops_relief_mm(self, off_mm: Array) -> float:
        """Relief of the tops after filing ``off_mm`` (frets, 3), mean of the outer strings: what a
        string shows over them. Where the first frets are worn it is less than that of the wood.
        """
        x, joint, middle = self.strung.x_mm, self.neck.joint_fret, middle_fret(self.neck)
        tops = self.after(off_mm, 0.0).tops_mm[[0, -1]]
        share = (x[middle] - x[1]) / (x[joint] - x[1])
        line = tops[:, 1] * (1.0 - share) + tops[:, joint] * share
        return float(np.mean(line - tops[:, middle]))

    def after(self, off_mm: Array, less_relief_mm: float) -> Strung:
        """The strings after filing ``off_mm`` (frets, 3) and taking so much relief out, at the
        same height over fret 12.
        """
        off = np.concatenate((np.zeros((1, 3)), off_mm))
        filed = np.einsum("sfk,fk->sf", lane_weights(self.neck), off)
        return self.strung.with_tops(
            self.strung.tops_mm - filed + less_relief_mm * bend_profile(self.neck), self.fret_12
        )

    def one_string(self, string: int, strung: Strung | None = None) -> Strung:
        """One string by itself."""
        at = slice(string, string + 1 or None)
        s = strung or self.strung
        stiff: Array | float = s.stiff_mm
        if isinstance(s.stiff_mm, float):
            stiff = s.stiff_mm
        else:
            stiff = s.stiff_mm[at]
        return Strung(
            s.scale_mm,
            s.x_mm,
            s.tops_mm[at],
            saddle_mm=s.saddle_mm[at],
            tension_n=s.tension_n[at],
            stiff_mm=stiff,
        )

    def cents(self) -> Array:
        """How many cents each note goes sharp by being fretted, (strings, notes)."""
        specs = self.neck.string_set
        count = len(self.strung.saddle_mm)
        if specs:
            gauge = np.array([spec.gauge_mm for spec in specs])
        else:
            gauge = np.full(count, GAUGE_MM)
        if specs:
            wound = np.array([spec.wound for spec in specs])
        else:
            wound = np.zeros(count, dtype=bool)
        return sharp_cents(self.strung, gauge, wound)


def string_up(neck_map: HeightMap) -> OnNeck:
    """The strings over the mapped neck at pitch; what nobody measured is assumed and said."""
    neck, measurer = neck_map.neck, Measurer(neck_map)
    made, constants = measurer.heights("tops", "pitch")
    weights = lane_weights(neck)
    rows = np.einsum("sfk,fkn->sfn", weights, made)
    tops = np.einsum("sfk,fk->sf", weights, made @ neck_map.solution.z + constants)
    rows, tops = _above_line(neck, rows, tops)
    assumed: list[Assumed] = []
    rows, tops = _nut(neck_map, rows, tops, assumed)
    if not all(neck_map.known):
        assumed.append(Assumed(means("clearance.not-every-lane-read-tops")))
    tension = _tension(neck, assumed)
    saddle, stiff = np.zeros(len(tops)), _stiff(neck, len(tops))
    strung = Strung(
        neck.scale_mm, measurer.x, tops, saddle_mm=saddle, tension_n=tension, stiff_mm=stiff
    )
    heights, sd = _heights(neck_map, len(tops), assumed)
    reliefs = [neck_map.relief_at(lane, "pitch").mm for lane in ("bass", "middle", "treble")]
    return OnNeck(
        neck,
        strung.with_height(heights, neck.height_fret),
        rows,
        solution=neck_map.solution,
        height_sd_mm=sd,
        assumed=tuple(assumed),
        relief_mm=(reliefs[0], reliefs[1], reliefs[2]),
    )


def _above_line(neck: NeckDescription, rows: Array, tops: Array) -> tuple[Array, Array]:
    """Heights of nut and frets over each string's line through fret 1 and the joint."""
    first, joint = 1, neck.joint_fret
    x = place_row_mm(neck)
    along = (x - x[first]) / (x[joint] - x[first])
    line = tops[:, [first]] * (1.0 - along) + tops[:, [joint]] * along
    line_rows = (
        rows[:, [first]] * (1.0 - along)[None, :, None] + rows[:, [joint]] * along[None, :, None]
    )
    return rows - line_rows, tops - line


def _nut(
    neck_map: HeightMap, rows: Array, tops: Array, assumed: list[Assumed]
) -> tuple[Array, Array]:
    """The nut as read; where nobody pressed at 3 and looked at 1, as it should be."""
    # A nut that nobody looked at must not decide which notes buzz.
    looked = any(
        isinstance(taken.reading, StringGap)
        and taken.reading.low_support == 0
        and neck_map.neck_state.stands(taken.number, 1)
        for taken in neck_map.neck_state.taken
    )
    if looked or neck_map.neck.zero_fret:
        return rows, tops
    x = neck_map.gathering.x
    share = x[1] / x[3]
    tops, rows = tops.copy(), rows.copy()
    tops[:, 0] = (tops[:, 1] + OVER_FIRST_MM - tops[:, 3] * share) / (1.0 - share)
    rows[:, 0] = (rows[:, 1] - rows[:, 3] * share) / (1.0 - share)
    assumed.append(Assumed(means("clearance.nut-taken-right-over-fret"), (OVER_FIRST_MM,)))
    return rows, tops


def _tension(neck: NeckDescription, assumed: list[Assumed]) -> Array:
    if neck.string_set:
        return np.array([tension_n(spec, neck.scale_mm)[0] for spec in neck.string_set])
    newtons = usual_tension_n(neck.scale_mm)
    assumed.append(Assumed(means("clearance.gauges-not-listed-n-string", newtons=newtons)))
    return np.full(string_lines(neck), newtons)


def _stiff(neck: NeckDescription, count: int) -> Array:
    if neck.string_set:
        return np.array([stiff_mm(spec, neck.scale_mm) for spec in neck.string_set])
    return np.full(count, STIFF_MM)


def _heights(neck_map: HeightMap, count: int, assumed: list[Assumed]) -> tuple[Array, float]:
    """Heights over fret 12, (strings,), and their standard deviation: between the strings that were
    read they run straight.
    """
    heights = heights_of(neck_map.neck_state)
    if neck_map.neck.scale_mm >= LONG_SCALE_MM:
        usual = LONG_SCALE_HEIGHTS_MM
    else:
        usual = HEIGHTS_MM
    usual = (at_height_fret_mm(neck_map.neck, usual[0]), at_height_fret_mm(neck_map.neck, usual[1]))
    apart = usual[0] - usual[1]
    sides = [side.now_mm for side in heights.sides]
    match sides:
        case [None, None]:
            low, high = usual
            assumed.append(
                Assumed(
                    means("clearance.string-heights-not-read-over", fret=neck_map.neck.height_fret),
                    usual,
                )
            )
        case [float(low), None]:
            high = low - apart
            assumed.append(
                Assumed(
                    means("clearance.no-height-read-taken", lane_words=LANE_WORDS["treble"]),
                    (high,),
                )
            )
        case [None, float(high)]:
            low = high + apart
            assumed.append(
                Assumed(
                    means("clearance.no-height-read-taken", lane_words=LANE_WORDS["bass"]), (low,)
                )
            )
        case [float(low), float(high)]:
            pass
        case _:
            low, high = usual
    if None not in sides:
        sd = tool_errors.STRING_RULE_ERROR_MM
    else:
        sd = 2.0 * tool_errors.STRING_RULE_ERROR_MM
    straight = np.linspace(low, high, count)
    if count != neck_map.neck.strings:
        return straight, sd
    known = {count - string: mm for string, mm in heights_by_string(neck_map.neck_state).items()}
    known = {0: low, count - 1: high} | {n: mm for n, mm in known.items() if 0 <= n < count}
    places = sorted(known)
    return np.interp(np.arange(count), places, [known[n] for n in places]), sd
