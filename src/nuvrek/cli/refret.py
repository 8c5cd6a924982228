"""``refret``: the plan of new wire for a job, and its prints."""

from __future__ import annotations

import argparse
from pathlib import Path
from typing import TYPE_CHECKING

import msgspec

from nuvrek.bench.shop_settings import read_settings
from nuvrek.cli.necks import mapped
from nuvrek.cli.terminal import FINE, Command, print_json, takes_job, tell
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.wording import speech as words
from nuvrek.wording.speech import named, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.planning.refret.plan import RefretPlan


def add_commands(command: Command) -> None:
    sub = command("refret", _refret, tr("the refret of a job"))
    takes_job(sub)
    sub.add_argument(
        "--wood", choices=("clean", "true"), help=tr("clean the fretboard, or true it")
    )
    sub.add_argument(
        "-o", dest="out", type=Path, metavar="FILE", help=tr("write the prints (.pdf)")
    )
    sub.add_argument("--settings", type=Path, help=tr("a settings file instead of your logbook"))


def _refret(options: argparse.Namespace) -> int:
    from nuvrek.exchange.refret_answer import refret_answer
    from nuvrek.planning.case.weighing import Weighing
    from nuvrek.planning.plan import case_of
    from nuvrek.planning.refret.plan import plan_refret

    neck_map, findings = mapped(jobfile.read(options.job))
    weighing = Weighing(case_of(neck_map, findings))
    terms = weighing.case.agreed_wire
    if options.wood:
        terms = msgspec.structs.replace(terms, wood=options.wood)
    plan = plan_refret(weighing, terms, read_settings(options.settings, None).settings.wires)
    if options.out is not None:
        from nuvrek.exchange.refret_prints import prints

        write_whole(options.out, prints(neck_map.neck, plan))
    if options.json:
        print_json(refret_answer(plan))
        return FINE
    _tell_plan(plan)
    return FINE


def _tell_plan(plan: RefretPlan) -> None:
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
    for choice in plan.choices:
        what = " ".join(say_all(choice.why_not)) or tr(
            "{crown:.2f} mm after its level, {years:.0f} years",
            crown=choice.crown_mm,
            years=choice.years,
        )
        tell(f"- {named(choice.wire.name)}: {what}")
    if plan.cutting is not None:
        tell(
            tr(
                "{sticks_count}, {waste:.0f} mm left over",
                sticks_count=words.count(len(plan.cutting.sticks), "stick", "sticks"),
                waste=plan.cutting.waste_mm,
            )
        )
