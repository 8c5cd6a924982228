"""What the user has set, with bounds; kept as JSON in the configuration place."""

from __future__ import annotations

import contextlib
import os
from pathlib import Path
from typing import Annotated

import msgspec
from msgspec import Meta, Struct

from nuvrek.neck.description import ReliefSchool
from nuvrek.neck.strings import StringSet
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit

# Bits a second, data bits, parity (none, even, odd) and stop bits of a gauge's line.
LINE_PATTERN = r"^(1200|2400|4800|9600|19200|38400|57600|115200) [78][NEO][12]$"
LINES = (
    "9600 8N1",
    "4800 7E2",
    "4800 8N1",
    "1200 7E2",
    "2400 8N1",
    "9600 7E1",
    "19200 8N1",
    "38400 8N1",
    "57600 8N1",
    "115200 8N1",
)
TEXT_STEPS = (100, 125, 150, 175)


class Settings(Struct, frozen=True, kw_only=True):
    """All settings; a file that holds something else is set aside in favour of these defaults."""

    inch: bool = False
    dark: bool = False
    kit: Kit = Kit()
    # The unit of an entry field where it is another than the bench's.
    units: Annotated[dict[str, Unit], Meta(max_length=40)] = {}
    # String lists kept by name.
    sets: Annotated[
        dict[Annotated[str, Meta(min_length=1, max_length=60)], StringSet], Meta(max_length=60)
    ] = {}
    relief_school: ReliefSchool = "usual"
    gauge_port: Annotated[str, Meta(max_length=200)] = ""
    gauge_line: Annotated[str, Meta(pattern=LINE_PATTERN)] = "9600 8N1"
    text_percent: Annotated[int, Meta(ge=75, le=250)] = 100

    @property
    def unit(self) -> Unit:
        """The unit of gaps, tops and crowns."""
        return Unit.THOU if self.inch else Unit.MM

    @property
    def height_unit(self) -> Unit:
        """The unit of string heights."""
        return Unit.SIXTYFOURTH if self.inch else Unit.MM

    def unit_for(self, field: str) -> Unit:
        """The unit of a bare number in an entry field."""
        if field in self.units:
            return self.units[field]
        if field == "string-height":
            return self.height_unit
        if field == "size-radius":
            return Unit.INCH
        return self.unit

    def with_unit(self, field: str, unit: Unit) -> Settings:
        """These settings with the unit of one entry field remembered."""
        return msgspec.structs.replace(self, units={**self.units, field: unit})


def load(path: Path) -> Settings:
    """The settings in ``path``, or defaults when there are none that can be read."""
    try:
        return msgspec.json.decode(path.read_bytes(), type=Settings)
    except (OSError, msgspec.MsgspecError):
        return Settings()


def save(path: Path, settings: Settings) -> None:
    """Write the settings whole or not at all; a disk that refuses is not worth stopping work for."""
    with contextlib.suppress(OSError):
        path.parent.mkdir(parents=True, exist_ok=True)
        part = path.with_suffix(".part")
        part.write_bytes(msgspec.json.encode(settings))
        os.replace(part, path)
