"""What the user has set, with bounds; kept as JSON in the configuration place."""

from __future__ import annotations

import fcntl
import os
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path
from typing import Annotated, Literal, NamedTuple

import msgspec
from msgspec import Meta, Struct

from nuvrek.bench.three_way import both_changes
from nuvrek.exchange.files import write_whole
from nuvrek.meaning import Saying, means, reason_of
from nuvrek.neck.description import ReliefSchool
from nuvrek.neck.strings import StringSet
from nuvrek.neck.wire import Wire
from nuvrek.planning.money.prices import PriceList, price_faults
from nuvrek.planning.money.shop import Shop
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
_HEIGHT_UNITS = {"mm": Unit.MM, "64ths": Unit.SIXTYFOURTH, "thou": Unit.THOU}


class Settings(Struct, frozen=True, kw_only=True):
    """All settings; a file that holds something else is set aside in favour of these defaults.

    ``inch`` is the one setting for lengths, ``string_heights`` the one for string heights; empty,
    the latter follows the former (64ths of an inch beside thou).
    """

    inch: bool = False
    string_heights: Literal["", "mm", "64ths", "thou"] = ""
    dark: bool = False
    # The language of the window from its next start on; empty: that of this place.
    language: Literal["", "en", "de"] = ""
    kit: Kit = Kit()
    # The unit of an entry field where it is another than the bench's.
    units: Annotated[dict[str, Unit], Meta(max_length=40)] = {}
    # String lists kept by name.
    sets: Annotated[
        dict[Annotated[str, Meta(min_length=1, max_length=60)], StringSet], Meta(max_length=60)
    ] = {}
    # Fret wire on the shelf, and what of it was cut for which neck: name and mm.
    wires: Annotated[tuple[Wire, ...], Meta(max_length=200)] = ()
    cut: Annotated[dict[str, tuple[str, float]], Meta(max_length=20_000)] = {}
    prices: PriceList = PriceList()
    shop: Shop = Shop()
    # What a clock does when it is over; hours a week at this bench, by which days are promised.
    ring_sound: bool = True
    ring_notice: bool = True
    week_hours: Annotated[float, Meta(ge=1, le=100)] = 12.0
    relief_school: ReliefSchool = "usual"
    # The side the nut of a new neck lies on.
    nut_on_right: bool = False
    # What a new user was told and asked so far; None: nothing of it is needed any more.
    told: Annotated[tuple[str, ...], Meta(max_length=100)] | None = None
    gauge_port: Annotated[str, Meta(max_length=200)] = ""
    gauge_line: Annotated[str, Meta(pattern=LINE_PATTERN)] = "9600 8N1"
    text_percent: Annotated[int, Meta(ge=75, le=250)] = 100
    # Where the window stood last and how large it was inside its frame: x, y, width, height.
    window_place: tuple[int, int, int, int] | None = None

    @property
    def unit(self) -> Unit:
        """The unit of gaps, tops and crowns."""
        if self.inch:
            return Unit.THOU
        return Unit.MM

    @property
    def height_unit(self) -> Unit:
        """The unit of string heights."""
        if self.string_heights:
            return _HEIGHT_UNITS[self.string_heights]
        if self.inch:
            return Unit.SIXTYFOURTH
        return Unit.MM

    def unit_for(self, field: str) -> Unit:
        """The unit of a bare number in an entry field."""
        if field == "string-height":
            return self.height_unit
        if field in self.units:
            return self.units[field]
        if field == "size-radius":
            return Unit.INCH
        return self.unit

    def with_unit(self, field: str, unit: Unit) -> Settings:
        """These settings with the unit of one entry field remembered; string heights are one
        setting.
        """
        if field == "string-height":
            named = {kept: name for name, kept in _HEIGHT_UNITS.items()}
            return msgspec.structs.replace(self, string_heights=named[unit])
        return msgspec.structs.replace(self, units={**self.units, field: unit})


def book_out(settings: Settings, neck: str, wire: str, mm: float) -> Settings:
    """Wire cut for a neck leaves the shelf; what was booked for it before comes back first. Nothing
    (0 mm) only brings it back.
    """
    before, had = settings.cut.get(neck, ("", 0.0))
    wires = tuple(_less(_less(one, before, -had), wire, mm) for one in settings.wires)
    cut = {key: said for key, said in settings.cut.items() if key != neck}
    if mm > 0.0:
        cut[neck] = (wire, mm)
    return msgspec.structs.replace(settings, wires=wires, cut=cut)


def _less(wire: Wire, name: str, mm: float) -> Wire:
    if wire.name != name:
        return wire
    return msgspec.structs.replace(wire, stock_mm=round(max(wire.stock_mm - mm, 0.0), 1))


class Loaded(NamedTuple):
    """Settings as read, and a sentence about what was wrong with the file; empty where nothing
    was.
    """

    settings: Settings
    trouble: Saying = ""


def load(path: Path) -> Loaded:
    """The settings in ``path``, or those of a new user when there are none; a file that can't be
    read is set aside.
    """
    try:
        raw = path.read_bytes()
    except FileNotFoundError:
        return Loaded(Settings(told=()))
    except OSError as error:
        why = reason_of(error)
        return Loaded(Settings(), means("shop.settings-cant-read-usual-ones", why=why))
    try:
        settings = msgspec.json.decode(raw, type=Settings)
        if price_faults(settings.prices):
            return Loaded(Settings(), _set_aside(path))
        return Loaded(settings)
    except (msgspec.MsgspecError, ValueError, RecursionError):
        return Loaded(Settings(), _set_aside(path))


def _set_aside(path: Path) -> Saying:
    """Move a damaged settings file out of the way of the next save, under a name of its own."""
    for number in range(1, 1000):
        aside = path.with_name(f"{path.stem}-damaged-{number}{path.suffix}")
        if not aside.exists():
            break
    try:
        os.replace(path, aside)
    except OSError:
        return means("shop.settings-damaged-cant-set-aside")
    return means("shop.settings-were-damaged-set-aside", name=aside.name)


def save(path: Path, settings: Settings, before: Settings | None = None) -> Saying:
    """Write the settings whole or not at all; with ``before`` only what was changed since, so that
    another window's changes stay. Returns a sentence where that failed, else nothing.

    Settings that could not be read back are not written.
    """
    try:
        msgspec.json.decode(msgspec.json.encode(settings), type=Settings)
    except (msgspec.MsgspecError, ValueError) as error:
        return means("shop.these-settings-cant-kept-those", error=error)
    try:
        path.parent.mkdir(parents=True, exist_ok=True)
        with _alone(path):
            write_whole(path, _with_others(path, settings, before))
    except OSError as error:
        return means("shop.settings-could-not-kept", strerror=reason_of(error))
    return ""


def _with_others(path: Path, settings: Settings, before: Settings | None) -> bytes:
    """The settings as they are to be kept, with what another window wrote meanwhile."""
    body = msgspec.json.encode(settings)
    if before is None or not path.is_file():
        return body
    try:
        theirs = msgspec.json.decode(path.read_bytes(), type=Settings)
        plain = [
            msgspec.json.decode(msgspec.json.encode(one)) for one in (before, settings, theirs)
        ]
        both = msgspec.json.encode(both_changes(*plain))
        msgspec.json.decode(both, type=Settings)
    except (msgspec.MsgspecError, ValueError, RecursionError):
        # What is there can't be read, or not be joined: this window's own are kept.
        return body
    return both


@contextmanager
def _alone(path: Path) -> Iterator[None]:
    """No other window reads and writes the settings meanwhile."""
    folder = os.open(path.parent, os.O_RDONLY)
    try:
        # A folder that knows no locks is no reason to keep nothing.
        with suppress(OSError):
            fcntl.flock(folder, fcntl.LOCK_EX)
        yield
    finally:
        os.close(folder)
