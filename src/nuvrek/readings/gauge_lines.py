"""What a digital gauge sends: lines with a number, read tolerantly; anything else is reported,
never swallowed.
"""

from __future__ import annotations

import re

from msgspec import Struct

from nuvrek.meaning import Saying, means

LONGEST_LINE = 200
LARGEST_MM = 50.0

_LINE = re.compile(
    rb'\s*(?P<sign>[+-]?)\s*(?P<number>\d+(?:[.,]\d*)?|[.,]\d+)\s*(?P<unit>mm|in|inch|"|)\s*', re.I
)


class Sent(Struct, frozen=True):
    """A reading as the gauge sent it, in words that a length field takes: ``0.312 mm``."""

    text: str


class Noise(Struct, frozen=True):
    """A line that is no reading, with what to say about it."""

    sentence: Saying


def read_line(line: bytes) -> Sent | Noise | None:
    """One line without its end: a reading, noise, or None for an empty line.

    Understood are an optional sign, a decimal point or comma, and mm, in or no unit (then mm).
    """
    if not line.strip():
        return None
    match = _LINE.fullmatch(line)
    if match is None:
        shown = line[:30].decode("ascii", "replace").strip()
        return Noise(means("stations.gauge-sent-which-no-reading", shown=shown))
    if match["unit"].lower() in (b"in", b"inch", b'"'):
        unit = "in"
    else:
        unit = "mm"
    number = match["number"].replace(b",", b".").decode()
    if float(number) * (25.4 if unit == "in" else 1.0) > LARGEST_MM:
        return Noise(means("stations.gauge-sent-more-than-any", number=number, unit=unit))
    sign = "-" if match["sign"] == b"-" else ""
    return Sent(f"{sign}{number} {unit}")


class GaugeLines:
    """Cuts a stream of bytes into lines; a line may arrive in pieces and end in CR, LF or both."""

    def __init__(self) -> None:
        self._rest = b""

    def feed(self, data: bytes) -> list[Sent | Noise]:
        """What the bytes that just arrived complete, in order."""
        *lines, self._rest = re.split(rb"[\r\n]+", self._rest + data)
        found = [result for result in map(read_line, lines) if result is not None]
        if len(self._rest) > LONGEST_LINE:
            self._rest = b""
            found.append(Noise(means("stations.gauge-sends-without-ever-ending")))
        return found
