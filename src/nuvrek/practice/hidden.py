"""A neck whose truth is hidden, with the heights its owner wants."""

from __future__ import annotations

from dataclasses import dataclass, replace

from msgspec import structs

from nuvrek.practice.seed_words import number_of
from nuvrek.simulator.measuring import Bench
from nuvrek.simulator.strangers import KINDS, Stranger, stranger
from nuvrek.simulator.truth import Truth

# Heights wanted over fret 12, low and high side; of a long neck (common practice, no source).
HEIGHTS_MM, LONG_HEIGHTS_MM, LONG_MM = (2.1, 1.8), (2.6, 2.2), 760.0
# Bare necks have nothing that rings: the kinds go round without them.
_ROUND = tuple(n for n, kind in enumerate(KINDS) if kind != "bare")


@dataclass(frozen=True)
class Hidden:
    """A made-up neck, its word, and what really is the matter with it."""

    word: str
    matter: str
    truth: Truth
    bench: Bench

    def with_truth(self, truth: Truth) -> Hidden:
        """The same neck after something was done to it."""
        return replace(self, truth=truth, bench=replace(self.bench, truth=truth))


def hidden_neck(word: str) -> Hidden:
    """The neck of a word, its strings as high as wanted. Raises ValueError for what is no word."""
    return strung(stranger(_seed(number_of(word))), word.strip().lower())


def strung(one: Stranger, word: str = "") -> Hidden:
    """A stranger with its strings as high as they are wanted."""
    wished = LONG_HEIGHTS_MM if one.truth.neck.scale_mm >= LONG_MM else HEIGHTS_MM
    neck = structs.replace(
        one.truth.neck,
        title=f"practice neck {word}".strip(),
        height_low_mm=wished[0],
        height_high_mm=wished[1],
        complaint="It buzzes.",
    )
    truth = replace(one.truth, neck=neck, string_height_12_mm=wished)
    return Hidden(word, one.kind, truth, replace(one.bench, truth=truth))


def _seed(number: int) -> int:
    times, kind = divmod(number, len(_ROUND))
    return times * len(KINDS) + _ROUND[kind]
