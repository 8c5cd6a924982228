"""What the user has set, with bounds; kept as JSON in the configuration place."""

from __future__ import annotations

import contextlib
import os
from pathlib import Path
from typing import Annotated

import msgspec
from msgspec import Meta, Struct

from nuvrek.units import Unit

TEXT_STEPS = (100, 125, 150, 175)


class Settings(Struct, frozen=True, kw_only=True):
    """All settings; a file that holds something else is set aside in favour of these defaults."""

    inch: bool = False
    dark: bool = False
    rockers_mm: Annotated[tuple[Annotated[float, Meta(ge=10, le=400)], ...], Meta(max_length=12)] = ()
    gauge_port: Annotated[str, Meta(max_length=200)] = ""
    text_percent: Annotated[int, Meta(ge=75, le=250)] = 100

    @property
    def unit(self) -> Unit:
        """The unit of gaps, tops and crowns."""
        return Unit.THOU if self.inch else Unit.MM

    @property
    def height_unit(self) -> Unit:
        """The unit of string heights."""
        return Unit.SIXTYFOURTH if self.inch else Unit.MM

    def unit_for(self, kind: str) -> Unit:
        """The unit of a bare number at a station of ``kind``."""
        return self.height_unit if kind == "string-height" else self.unit


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
