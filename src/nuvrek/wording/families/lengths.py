"""Lengths and amounts as they are typed."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "lengths.no-price-from-0": "{name}: {amount} is no price; from 0 to {most}.",
    "lengths.is": "{mm} is {other_mm}",
    "lengths.nothing-typed-yet": "Nothing typed yet.",
    "lengths.too-long-length": "That is too long for a length.",
    "lengths.not-length-try-12-12": (
        '"{text}" is not a length. Try 12, 12 thou, .012, 0.3 mm or 5/64.'
    ),
    "lengths.longer-than-any-instrument": '"{text}" is longer than any instrument.',
    "lengths.fraction-inch-has-2-4": (
        "A fraction of an inch has 2, 4, 8, 16, 32, 64 or 128 below the line, not {bottom}."
    ),
}
