"""``map``, ``plan``, ``check`` and ``schema``: what a job file says of its neck."""

from __future__ import annotations

import argparse
import json
from pathlib import Path
from typing import TYPE_CHECKING

from nuvrek.bench.shop_settings import read_settings
from nuvrek.cli.prices import with_costs
from nuvrek.cli.terminal import FINE, Command, print_json, takes_job, tell
from nuvrek.exchange import jobfile
from nuvrek.exchange.jobfile import Job
from nuvrek.wording.speech import named, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.estimate.findings.finding import Finding
    from nuvrek.estimate.heightmap import HeightMap
    from nuvrek.planning.case.way import Plan, Way


def add_commands(command: Command) -> None:
    takes_job(command("map", _map, tr("the height map and findings of a job")))
    plan = command("plan", _plan, tr("the ways forward and the advice for a job"))
    takes_job(plan)
    plan.add_argument("--settings", type=Path, help=tr("another settings file than your own"))
    plan.add_argument("--logbook", type=Path, help=tr("the logbook that teaches the pace"))
    takes_job(command("check", _check, tr("whether a job file is sound")))
    command("schema", _schema, tr("the JSON Schema of a job file"))


def mapped(job: Job) -> tuple[HeightMap, tuple[Finding, ...]]:
    """The height map of a job and what it shows."""
    from nuvrek.estimate.findings.find import find
    from nuvrek.estimate.heightmap import map_neck
    from nuvrek.readings.journal import fold

    neck_map = map_neck(fold(job.neck, job.journal))
    return neck_map, find(neck_map)


def _map(options: argparse.Namespace) -> int:
    from nuvrek.exchange.answers import map_answer

    neck_map, findings = mapped(jobfile.read(options.job))
    if options.json:
        print_json(map_answer(neck_map, findings))
        return FINE
    strings = {"pitch": tr("at pitch"), "slack": tr("slack")}
    for relief in neck_map.relief:
        tell(
            tr(
                "relief {strings}, {lane}: {mm:.2f} mm, give or take {doubt:.2f}",
                strings=strings[relief.strings],
                lane=named(relief.lane),
                mm=relief.mm,
                doubt=relief.doubt_mm,
            )
        )
    for finding in findings:
        tell(f"- {say(finding.headline)}. {say(finding.text)}")
    if not findings:
        tell(tr("Nothing found by these readings."))
    return FINE


def _plan(options: argparse.Namespace) -> int:
    from nuvrek.exchange.answers import plan_answer
    from nuvrek.planning.plan import make_plan

    neck_map, findings = mapped(jobfile.read(options.job))
    settings = read_settings(options.settings, options.logbook).settings
    plan = make_plan(neck_map, findings, prices=settings.prices)
    if options.json:
        answer = plan_answer(plan, neck_map)
        print_json(with_costs(answer, plan, neck_map.neck_state, options.settings, options.logbook))
        return FINE
    _tell_plan(plan)
    return FINE


def _tell_plan(plan: Plan) -> None:
    tell(tr("Advised: {title}", title=plan.way(plan.advice).title))
    for reason in plan.reasons:
        tell(f"  {say(reason)}")
    for way in plan.ways:
        _tell_way(way)
    for number, step in enumerate(plan.way(plan.advice).steps, 1):
        tell(f"{number}. {say(step.title)}. {say(step.text)}")
        for caution in step.cautions:
            tell(f"   ! {say(caution)}")


def _tell_way(way: Way) -> None:
    from nuvrek.planning.forecast.doubt import doubt_words
    from nuvrek.units import Unit

    if way.possible:
        state = tr("{metal:.2f} mm off in all", metal=way.metal_mm)
    else:
        # What hangs on a reading has no reason against it: then the reading is the reason.
        state = tr("not now: {why}", why=" ".join(say_all(way.why_not or way.not_known)))
    tell(f"- {say(way.title)}: {say(way.gist)} ({state})")
    if way.possible and way.doubt is not None:
        doubt = doubt_words(way.doubt, Unit.MM, Unit.MM)
        if doubt:
            tell(f"  {say(doubt)}")


def _check(options: argparse.Namespace) -> int:
    job = jobfile.read(options.job)
    if options.json:
        print_json({"fine": True, "entries": len(job.journal)})
        return FINE
    tell(
        tr(
            "{name}: fine, {journal_count} entries.",
            name=options.job.name,
            journal_count=len(job.journal),
        )
    )
    return FINE


def _schema(_options: argparse.Namespace) -> int:
    print(json.dumps(jobfile.schema(), indent=2))
    return FINE
