"""``wire``: the shelf of fret wire, in and out as a table."""

from __future__ import annotations

import argparse
from collections.abc import Mapping
from pathlib import Path

import msgspec

from nuvrek.bench.shop_settings import read_settings, write_settings
from nuvrek.cli.terminal import FINE, Command, complain, print_values, takes_shop, tell, this_hour
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.neck.wire import Wire
from nuvrek.wording.speech import say, tr


def add_commands(command: Command) -> None:
    wire = command("wire", _wire, tr("the shelf of fret wire"))
    wire.add_argument("--json", action="store_true", help=tr("print JSON instead of a list"))
    wire.add_argument("--export", type=Path, metavar="FILE", help=tr("write the shelf as .csv"))
    wire.add_argument("--import", dest="take", type=Path, metavar="FILE", help=tr("take in a .csv"))
    wire.add_argument("--remove", metavar="NAME", help=tr("take a wire off the shelf"))
    wire.add_argument(
        "--stock", nargs=2, metavar=("NAME", "METRES"), help=tr("what lies there now")
    )
    takes_shop(wire)


def _wire(options: argparse.Namespace) -> int:
    from nuvrek.exchange.wire_shelf import write_shelf

    settings = read_settings(options.settings, options.logbook).settings
    wires = _changed({wire.name: wire for wire in settings.wires}, options)
    if wires != settings.wires:
        changed = msgspec.structs.replace(settings, wires=wires)
        trouble = write_settings(options.settings, options.logbook, settings, changed, this_hour())
        if trouble:
            return complain([trouble])
    if options.export is not None:
        write_whole(options.export, write_shelf(wires).encode())
    if options.json:
        print_values(wires)
        return FINE
    for wire in wires:
        _tell_wire(wire)
    if not wires:
        tell(tr("No wire on the shelf."))
    return FINE


def _changed(shelf: Mapping[str, Wire], options: argparse.Namespace) -> tuple[Wire, ...]:
    """The shelf after what was asked. Raises JobFaults where a wire named is not on it."""
    wires = dict(shelf)
    if options.take is not None:
        wires |= {wire.name: wire for wire in _taken(options.take)}
    if options.remove is not None:
        _on_shelf(wires, options.remove)
        del wires[options.remove]
    if options.stock is not None:
        name, metres = options.stock
        wires[name] = _stocked(_on_shelf(wires, name), metres)
    return tuple(wires.values())


def _on_shelf(wires: Mapping[str, Wire], name: str) -> Wire:
    if name not in wires:
        raise JobFaults([tr("there is no wire '{name}' on the shelf.", name=name[:60])])
    return wires[name]


def _taken(path: Path) -> tuple[Wire, ...]:
    from nuvrek.exchange.wire_shelf import read_shelf

    raw = jobfile.read_bytes(path)
    try:
        return read_shelf(raw.decode("utf-8-sig"))
    except UnicodeDecodeError:
        raise JobFaults([tr("{name}: not a text file in UTF-8.", name=path.name)]) from None
    except JobFaults as error:
        raise JobFaults([f"{path.name}: {say(fault)}" for fault in error.faults]) from None


def _stocked(wire: Wire, metres: str) -> Wire:
    try:
        value = float(metres.replace(",", "."))
    except ValueError:
        value = -1.0
    if not 0.0 <= value <= 1000.0:
        raise JobFaults([tr("metres on the shelf should be a number from 0 to 1000.")])
    return msgspec.structs.replace(wire, stock_mm=round(1000.0 * value, 1))


def _tell_wire(wire: Wire) -> None:
    tell(
        tr(
            "{name}: crown {crown:g} x {width:g} mm, tang {tang:g}, {hardness}, {stock:.2f} m",
            name=wire.name,
            crown=wire.crown_mm,
            width=wire.width_mm,
            tang=wire.tang_mm,
            hardness=wire.hardness,
            stock=wire.stock_mm / 1000,
        )
    )
