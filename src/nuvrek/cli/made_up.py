"""``simulate``, ``template`` and ``gauge``: necks and gauges that do not exist, and an edge that is
yet to be cut.
"""

from __future__ import annotations

import argparse
import json
import sys
from collections.abc import Callable
from pathlib import Path

from nuvrek.cli.terminal import FINE, Command, complain, tell
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import Job
from nuvrek.wording.speech import tr


def add_commands(command: Command) -> None:
    simulate = command("simulate", _simulate, tr("write a job measured on a made-up neck"))
    simulate.add_argument("--seed", type=_seed, required=True)
    simulate.add_argument("--frets", type=whole_number("frets", 10, 36), default=22)
    simulate.add_argument("--scale-mm", type=_scale, default=648.0)
    simulate.add_argument("-o", dest="out", type=Path, required=True, metavar="JOB")
    simulate.add_argument(
        "--truth", type=Path, metavar="FILE", help=tr("write the neck's true heights too")
    )
    template = command(
        "template",
        _template,
        tr("a notched straight edge at true scale (.pdf, .svg, .dxf), or rocker lengths (.csv)"),
    )
    template.add_argument("--scale-mm", type=_scale, required=True)
    template.add_argument("--frets", type=whole_number("frets", 5, 36), default=22)
    template.add_argument("-o", dest="out", type=Path, required=True, metavar="FILE")
    gauge = command(
        "gauge", _gauge, tr("play an indicator over a made-up neck on a pseudo-terminal")
    )
    gauge.add_argument("--seed", type=_seed, default=1)
    gauge.add_argument("--lane", choices=("bass", "middle", "treble"), default="middle")


def whole_number(name: str, low: int, high: int) -> Callable[[str], int]:
    """Reads such a number of an option; raises ArgumentTypeError with what it should be."""

    def read(text: str) -> int:
        if not text.isascii() or not text.isdigit() or not low <= int(text[:12]) <= high:
            raise argparse.ArgumentTypeError(
                tr(
                    "{name} should be a whole number from {low} to {high}",
                    name=name,
                    low=low,
                    high=high,
                )
            )
        return int(text)

    return read


def _seed(text: str) -> int:
    return int(whole_number("seed", 0, 2**32 - 1)(text))


def _scale(text: str) -> float:
    try:
        value = float(text)
    except ValueError:
        value = float("nan")
    if not 200.0 <= value <= 1400.0:
        raise argparse.ArgumentTypeError(tr("scale length should be 200 to 1400 mm"))
    return value


def _simulate(options: argparse.Namespace) -> int:
    from nuvrek.simulator.simulated_job import simulated_job

    entries, truth, document = simulated_job(options.seed, options.frets, options.scale_mm)
    write_whole(options.out, jobfile.dump(Job(neck=truth.neck, journal=tuple(entries))))
    if options.truth is not None:
        write_whole(options.truth, (json.dumps(document, indent=1) + "\n").encode())
    return FINE


def _template(options: argparse.Namespace) -> int:
    from nuvrek.exchange.template import notched_edge, rocker_table, write

    if options.out.suffix.lower() == ".csv":
        write_whole(options.out, rocker_table(options.scale_mm, options.frets).encode())
        return FINE
    try:
        write(notched_edge(options.scale_mm, options.frets), options.out)
    except ValueError as error:
        return complain([f"{error}."])
    return FINE


def _gauge(options: argparse.Namespace) -> int:
    from nuvrek.neck.description import LANES
    from nuvrek.simulator.measuring import default_rng
    from nuvrek.simulator.simulated_job import simulated_neck
    from nuvrek.simulator.stand_in_gauge import StandIn, indicator_run

    truth, _ = simulated_neck(options.seed)
    readings = indicator_run(truth, LANES.index(options.lane), default_rng(options.seed))
    gauge = StandIn()
    tell(
        (
            tr(
                "The gauge is on {path}. Enter sends the next fret, d sends it twice, g sends "
                "garbage, q unplugs.",
                path=gauge.path,
            )
        ),
        flush=True,
    )
    for line in sys.stdin:
        match line.strip():
            case "q":
                break
            case "g":
                gauge.garbage()
            case wish:
                mm = next(readings, None)
                if mm is None:
                    break
                (gauge.double if wish == "d" else gauge.send)(mm)
    gauge.unplug()
    return FINE
