"""The commands of the refret: its plan, its prints, and the shelf of wire."""

from __future__ import annotations

import argparse
import json
import sys
from collections.abc import Callable
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING, Any

import msgspec

from nuvrek.bench.settings import Settings
from nuvrek.bench.shop_settings import read_settings, write_settings
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import JobFaults
from nuvrek.wording import speech as words
from nuvrek.wording.answers import answer_in_words
from nuvrek.wording.speech import named, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.planning.refret.plan import RefretPlan

Command = Callable[[str, Any, str], argparse.ArgumentParser]
Tell = Callable[..., None]


def add_commands(command: Command, tell: Tell) -> None:
    """``refret`` and ``wire``; ``tell`` prints a line safely."""
    sub = command("refret", lambda options: _refret(options, tell), tr("the refret of a job"))
    sub.add_argument("job", type=Path, metavar="JOB", help=tr("a job file"))
    sub.add_argument("--json", action="store_true", help=tr("print JSON instead of sentences"))
    sub.add_argument(
        "--wood", choices=("clean", "true"), help=tr("clean the fretboard, or true it")
    )
    sub.add_argument(
        "-o", dest="out", type=Path, metavar="FILE", help=tr("write the prints (.pdf)")
    )
    sub.add_argument("--settings", type=Path, help=tr("a settings file instead of your logbook"))
    wire = command("wire", lambda options: _wire(options, tell), tr("the shelf of fret wire"))
    wire.add_argument("--json", action="store_true", help=tr("print JSON instead of a list"))
    wire.add_argument("--export", type=Path, metavar="FILE", help=tr("write the shelf as .csv"))
    wire.add_argument("--import", dest="take", type=Path, metavar="FILE", help=tr("take in a .csv"))
    wire.add_argument("--remove", metavar="NAME", help=tr("take a wire off the shelf"))
    wire.add_argument(
        "--stock", nargs=2, metavar=("NAME", "METRES"), help=tr("what lies there now")
    )
    wire.add_argument("--settings", type=Path, help=tr("a settings file instead of your logbook"))
    wire.add_argument("--logbook", type=Path, help=tr("another logbook than your own"))


def _settings(options: argparse.Namespace) -> Settings:
    return read_settings(options.settings, getattr(options, "logbook", None)).settings


def _refret(options: argparse.Namespace, tell: Tell) -> int:
    from nuvrek.estimate.findings.find import find
    from nuvrek.estimate.heightmap import map_neck
    from nuvrek.exchange.refret_answer import refret_answer
    from nuvrek.planning.case.weighing import Weighing
    from nuvrek.planning.plan import case_of
    from nuvrek.planning.refret.plan import plan_refret
    from nuvrek.readings.journal import fold

    job = jobfile.read(options.job)
    neck_map = map_neck(fold(job.neck, job.journal))
    weighing = Weighing(case_of(neck_map, find(neck_map)))
    terms = weighing.case.agreed_wire
    if options.wood:
        terms = msgspec.structs.replace(terms, wood=options.wood)
    plan = plan_refret(weighing, terms, _settings(options).wires)
    if options.out is not None:
        from nuvrek.exchange.refret_prints import prints

        write_whole(options.out, prints(neck_map.neck, plan))
    if options.json:
        answer = answer_in_words(refret_answer(plan))
        print(json.dumps(answer, ensure_ascii=False, allow_nan=False))
        return 0
    _tell_plan(plan, tell)
    return 0


def _tell_plan(plan: RefretPlan, tell: Tell) -> None:
    for reason in plan.reasons:
        tell(tr("because {says}", says=reason.says))
    if not plan.reasons:
        tell(tr("Nothing read so far asks for new wire."))
    for fault in plan.faults:
        tell(f"! {say(fault)}")
    if plan.wood is not None:
        truing = plan.wood.truing
        tell(
            tr(
                "wood: {wood:.2f} mm on the whole, most {most:.2f} mm",
                wood=truing.wood_mm,
                most=truing.most_mm,
            )
        )
    for slot in plan.slots:
        if slot.says in ("tight", "loose", "shallow"):
            tell(tr("slot {fret}: {says}", fret=slot.fret, says=slot.says))
    for one in plan.choices:
        what = " ".join(say_all(one.why_not)) or tr(
            "{crown:.2f} mm after its level, {years:.0f} years", crown=one.crown_mm, years=one.years
        )
        tell(f"- {named(one.wire.name)}: {what}")
    if plan.cutting is not None:
        tell(
            tr(
                "{sticks_count}, {waste:.0f} mm left over",
                sticks_count=words.count(len(plan.cutting.sticks), "stick", "sticks"),
                waste=plan.cutting.waste_mm,
            )
        )


def _wire(options: argparse.Namespace, tell: Tell) -> int:
    from nuvrek.exchange.wire_shelf import read_shelf, write_shelf

    settings = _settings(options)
    wires = {wire.name: wire for wire in settings.wires}
    if options.take is not None:
        raw = jobfile.read_bytes(options.take)
        try:
            taken = read_shelf(raw.decode("utf-8-sig"))
        except UnicodeDecodeError:
            raise JobFaults(
                [tr("{name}: not a text file in UTF-8.", name=options.take.name)]
            ) from None
        except JobFaults as error:
            faults = [f"{options.take.name}: {say(fault)}" for fault in error.faults]
            raise JobFaults(faults) from None
        wires |= {wire.name: wire for wire in taken}
    for name in [options.remove, (options.stock or [None])[0]]:
        if name is not None and name not in wires:
            raise JobFaults([tr("there is no wire '{name}' on the shelf.", name=name[:60])])
    if options.remove is not None:
        del wires[options.remove]
    if options.stock is not None:
        wires[options.stock[0]] = _stocked(wires[options.stock[0]], options.stock[1])
    if options.take or options.remove or options.stock:
        changed = msgspec.structs.replace(settings, wires=tuple(wires.values()))
        now = datetime.now().astimezone().isoformat(timespec="seconds")
        trouble = write_settings(options.settings, options.logbook, settings, changed, now)
        if trouble:
            print(tr("nuvrek: {trouble}", trouble=trouble), file=sys.stderr)
            return 2
    if options.export is not None:
        write_whole(options.export, write_shelf([*wires.values()]).encode())
    if options.json:
        print(json.dumps(msgspec.to_builtins([*wires.values()]), ensure_ascii=False))
        return 0
    for wire in wires.values():
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
    if not wires:
        tell(tr("No wire on the shelf."))
    return 0


def _stocked(wire: Any, metres: str) -> Any:
    try:
        value = float(metres.replace(",", "."))
    except ValueError:
        value = -1.0
    if not 0.0 <= value <= 1000.0:
        raise JobFaults([tr("metres on the shelf should be a number from 0 to 1000.")])
    return msgspec.structs.replace(wire, stock_mm=round(1000.0 * value, 1))
