"""Gaps misread by half a millimetre: how many are named, and how many sound ones are.

The necks and the technician share nothing with the estimate. A round in which a reading was called
odd and taken again, right this time, counts as well: then none may be called so.
"""

from __future__ import annotations

import sys
from collections import Counter
from dataclasses import replace

import numpy as np

from nuvrek.estimate.heightmap import map_neck
from nuvrek.readings.entries import AnyEntry, Strike, StringGap, Strings
from nuvrek.readings.journal import fold
from nuvrek.simulator.measuring import measure_round
from nuvrek.simulator.misreading import misread
from nuvrek.simulator.strangers import stranger

FIRST, NECKS = 190_000, 200
BY_MM = 0.5
STRINGS: tuple[Strings, Strings] = ("pitch", "slack")


def one_neck(seed: int, name: str, count: Counter[str]) -> None:
    """A sound round, then the same with one gap misread at pitch and one slack, then corrected."""
    one = stranger(seed)
    if one.kind == "bare":
        return
    neck = one.truth.neck
    entries: list[AnyEntry] = list(measure_round(replace(one.bench, misreads=0.0), name))
    sound = map_neck(fold(neck, entries))
    count["sound"] += sum(isinstance(entry, StringGap) for entry in entries)
    count["sound named"] += len(sound.odd)
    for strings in STRINGS:
        wrong, number = misread(entries, neck, strings, BY_MM, np.random.default_rng(seed))
        found = map_neck(fold(neck, wrong))
        named = [odd.number for odd in found.odd]
        count["misread"] += 1
        count["misread named"] += number in named
        count["others named"] += len([other for other in named if other != number])
        count["pull below nothing"] += found.pull_mm < -found.pull_doubt_mm
        # Struck and taken again, as it was in truth.
        corrected = map_neck(fold(neck, [*wrong, Strike(entry=number), entries[number - 1]]))
        count["corrected"] += sum(isinstance(entry, StringGap) for entry in entries)
        count["corrected named"] += len(corrected.odd)


def main(first: int = FIRST, necks: int = NECKS) -> None:
    for name in ("full", "basic"):
        count: Counter[str] = Counter()
        for seed in range(first, first + necks):
            one_neck(seed, name, count)
        told = count["sound"] + count["corrected"]
        false = count["sound named"] + count["corrected named"]
        print(f"{name}: {count['misread named']} of {count['misread']} gaps misread by {BY_MM} mm")
        print(f"  are named; {false} of {told} sound ones are ({false / told:.4f})")
        print(f"  beside a misread one {count['others named']} others are named")
        print(f"  pull below nothing by more than its doubt: {count['pull below nothing']}")


if __name__ == "__main__":
    main(*(int(word) for word in sys.argv[1:]))
