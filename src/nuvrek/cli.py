"""The command line: the same core without a window.

Exit status 0 when fine, 2 on bad input with one line per fault.
"""

from __future__ import annotations

import argparse
import io
import json
import os
import sys
import traceback
from collections.abc import Callable, Mapping, Sequence
from contextlib import closing
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING, Any

from nuvrek import __version__, cli_keeping, cli_money, cli_owner, cli_practice, cli_refret
from nuvrek.cli_money import with_costs
from nuvrek.exchange import jobfile
from nuvrek.exchange.files import write_whole
from nuvrek.exchange.jobfile import Job, JobFaults
from nuvrek.logbook.opening import open_logbook, read_logbook
from nuvrek.logbook.places import logbook_path
from nuvrek.logbook.store import Logbook, LogbookError, NeckRow
from nuvrek.readings.acts import joined
from nuvrek.wording import speech as words
from nuvrek.wording.answers import answer_in_words
from nuvrek.wording.catalogue import LANGUAGES, speak_code, system_language
from nuvrek.wording.speech import named, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.estimate.findings.finding import Finding
    from nuvrek.estimate.heightmap import HeightMap

BAD_INPUT, STOPPED = 2, 130


class _Parser(argparse.ArgumentParser):
    def error(self, message: str) -> Any:
        print(tr("nuvrek: {message}", message=message), file=sys.stderr)
        raise SystemExit(BAD_INPUT)


def main(arguments: Sequence[str]) -> int:
    """Run one command; returns the exit status: 0 fine, 2 bad input, 130 stopped by hand."""
    # What a terminal has no letters for is written out, not raised.
    for stream in (sys.stdout, sys.stderr):
        if isinstance(stream, io.TextIOWrapper):
            stream.reconfigure(errors="backslashreplace")
    speak_code(_language(arguments))
    options = _parser().parse_args(arguments)
    try:
        status = int(options.run(options) or 0)
        sys.stdout.flush()
        return status
    except JobFaults as error:
        return _complain(say_all(error.faults))
    except LogbookError as error:
        return _complain([str(error)])
    except BrokenPipeError:
        return _reader_left()
    except OSError as error:
        where = f"{error.filename}: " if error.filename else ""
        return _complain([f"{where}{(error.strerror or 'failed').lower()}."])
    except KeyboardInterrupt:
        return STOPPED
    except Exception as error:
        # The last catch: a fault of ours is one sentence, with the place for whoever mends it.
        return _complain([_own_fault(error)])


def _language(arguments: Sequence[str]) -> str:
    """The language asked for, else that of this place; the words of the commands are in it too."""
    for word, after in zip(arguments, (*arguments[1:], ""), strict=False):
        if word == "--language":
            return after
        if word.startswith("--language="):
            return word.partition("=")[2]
    return system_language()


def _reader_left() -> int:
    """Who read our answer has left, ``head`` for one: no complaint, no trace."""
    sys.stdout = open(os.devnull, "w")  # noqa: SIM115
    return 0


def _own_fault(error: Exception) -> str:
    last = traceback.extract_tb(error.__traceback__)[-1]
    place = f"{Path(last.filename).name}:{last.lineno}"
    return tr(
        "a fault of ours ({name} at {place}). Nothing was changed.",
        name=type(error).__name__,
        place=place,
    )


def _complain(lines: Sequence[str]) -> int:
    """One line a fault. Control characters are shown, never sent to the terminal."""
    for line in lines:
        print(tr("nuvrek: {shown}", shown=_shown(line)), file=sys.stderr)
    return BAD_INPUT


def _tell(*parts: object, flush: bool = False) -> None:
    """A line of an answer; what a file brought along is shown, not obeyed by the terminal."""
    print(*(_shown(str(part)) for part in parts), flush=flush)


def _shown(text: str) -> str:
    return "".join(
        character if character.isprintable() else character.encode("unicode_escape").decode()
        for character in text
    )


def _parser() -> _Parser:
    parser = _Parser(
        prog="nuvrek", description=tr("Fretwork: from readings to a work plan, without a window.")
    )
    parser.add_argument(
        "--version", action="version", version=tr("nuvrek {version}", version=__version__)
    )
    spoken: dict[str, Any] = {
        "choices": tuple(LANGUAGES),
        "help": tr("the language of the answer"),
    }
    parser.add_argument("--language", **spoken)
    commands = parser.add_subparsers(title="commands", required=True, parser_class=_Parser)

    def command(name: str, run: Any, help_text: str) -> argparse.ArgumentParser:
        sub = commands.add_parser(name, help=help_text, description=help_text)
        sub.add_argument("--language", **spoken)
        sub.set_defaults(run=run)
        return sub

    for name, run, help_text in (
        ("map", _map, tr("the height map and findings of a job")),
        ("plan", _plan, tr("the ways forward and the advice for a job")),
        ("check", _check, tr("whether a job file is sound")),
    ):
        sub = command(name, run, help_text)
        sub.add_argument("job", type=Path, metavar="JOB", help=tr("a job file"))
        sub.add_argument("--json", action="store_true", help=tr("print JSON instead of sentences"))
        if name == "plan":
            sub.add_argument(
                "--settings", type=Path, help=tr("another settings file than your own")
            )
            sub.add_argument("--logbook", type=Path, help=tr("the logbook that teaches the pace"))
    command("schema", _schema, tr("the JSON Schema of a job file"))
    _made_up(command)
    _in_and_out(command)
    cli_refret.add_commands(command, _tell)
    cli_money.add_commands(command, _tell)
    cli_owner.add_commands(command, _tell)
    cli_keeping.add_commands(command, _tell)
    cli_practice.add_commands(command, _tell)
    return parser


Command = Callable[[str, Any, str], argparse.ArgumentParser]


def _made_up(command: Command) -> None:
    """Necks and gauges that do not exist, and an edge that is yet to be cut."""
    simulate = command("simulate", _simulate, tr("write a job measured on a made-up neck"))
    simulate.add_argument("--seed", type=_seed, required=True)
    simulate.add_argument("--frets", type=_whole("frets", 10, 36), default=22)
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
    template.add_argument("--frets", type=_whole("frets", 5, 36), default=22)
    template.add_argument("-o", dest="out", type=Path, required=True, metavar="FILE")
    gauge = command(
        "gauge", _gauge, tr("play an indicator over a made-up neck on a pseudo-terminal")
    )
    gauge.add_argument("--seed", type=_seed, default=1)
    gauge.add_argument("--lane", choices=("bass", "middle", "treble"), default="middle")


def _in_and_out(command: Command) -> None:
    """Between the logbook and files."""
    number, another = _whole("neck", 1, 10**9), tr("another logbook file than your own")
    export = command(
        "export", _export, tr("write a neck of the logbook as a job file, or its readings as .csv")
    )
    export.add_argument("neck", type=number, metavar="NECK", help=tr("its number on the shelf"))
    export.add_argument("out", type=Path, metavar="FILE")
    export.add_argument("--force", action="store_true", help=tr("also over a file that holds more"))
    take = command(
        "import",
        _import,
        tr("put a job file's neck into the logbook, or a .csv of readings into a neck"),
    )
    take.add_argument("job", type=Path, metavar="FILE")
    take.add_argument("--neck", type=number, help=tr("the neck a .csv of readings belongs to"))
    rescue = command(
        "salvage", _salvage, tr("take what can be read of a damaged logbook into a new one")
    )
    rescue.add_argument("old", type=Path, metavar="DAMAGED")
    rescue.add_argument("out", type=Path, metavar="NEW")
    for sub in (export, take):
        sub.add_argument("--logbook", default=None, help=another)


def _whole(name: str, low: int, high: int) -> Any:
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
    return int(_whole("seed", 0, 2**32 - 1)(text))


def _scale(text: str) -> float:
    try:
        value = float(text)
    except ValueError:
        value = float("nan")
    if not 200.0 <= value <= 1400.0:
        raise argparse.ArgumentTypeError(tr("scale length should be 200 to 1400 mm"))
    return value


# --- what the commands do -------------------------------------------------


def _mapped(job: Job) -> tuple[HeightMap, tuple[Finding, ...]]:
    from nuvrek.estimate.findings.find import find
    from nuvrek.estimate.heightmap import map_neck
    from nuvrek.readings.journal import fold

    neck_map = map_neck(fold(job.neck, job.journal))
    return neck_map, find(neck_map)


def _print_json(answer: Mapping[str, Any]) -> None:
    print(json.dumps(answer_in_words(answer), ensure_ascii=False, allow_nan=False))


def _map(options: argparse.Namespace) -> int:
    from nuvrek.exchange.answers import map_answer

    neck_map, findings = _mapped(jobfile.read(options.job))
    if options.json:
        _print_json(map_answer(neck_map, findings))
        return 0
    for relief in neck_map.relief:
        strings = tr("at pitch") if relief.strings == "pitch" else tr("slack")
        _tell(
            tr(
                "relief {strings}, {lane}: {mm:.2f} mm, give or take {doubt:.2f}",
                strings=strings,
                lane=named(relief.lane),
                mm=relief.mm,
                doubt=relief.doubt_mm,
            )
        )
    for finding in findings:
        _tell(f"- {say(finding.headline)}. {say(finding.text)}")
    if not findings:
        _tell(tr("Nothing found by these readings."))
    return 0


def _plan(options: argparse.Namespace) -> int:
    from nuvrek.exchange.answers import plan_answer
    from nuvrek.planning.forecast.doubt import doubt_words
    from nuvrek.planning.plan import make_plan
    from nuvrek.units import Unit

    neck_map, findings = _mapped(jobfile.read(options.job))
    plan = make_plan(neck_map, findings)
    if options.json:
        answer = plan_answer(plan, neck_map)
        now = neck_map.neck_state
        _print_json(with_costs(answer, plan, now, options.settings, options.logbook))
        return 0
    _tell(tr("Advised: {title}", title=plan.way(plan.advice).title))
    for reason in plan.reasons:
        _tell(f"  {say(reason)}")
    for way in plan.ways:
        if way.possible:
            state = tr("{metal:.2f} mm off in all", metal=way.metal_mm)
        else:
            # What hangs on a reading has no reason against it: then the reading is the reason.
            state = tr("not now: {why}", why=" ".join(say_all(way.why_not or way.not_known)))
        _tell(f"- {say(way.title)}: {say(way.gist)} ({state})")
        if (
            way.doubt is not None
            and way.possible
            and (said := doubt_words(way.doubt, Unit.MM, Unit.MM))
        ):
            _tell(f"  {say(said)}")
    for number, step in enumerate(plan.way(plan.advice).steps, 1):
        _tell(f"{number}. {say(step.title)}. {say(step.text)}")
        for caution in step.cautions:
            _tell(f"   ! {say(caution)}")
    return 0


def _check(options: argparse.Namespace) -> int:
    job = jobfile.read(options.job)
    if options.json:
        _print_json({"fine": True, "entries": len(job.journal)})
    else:
        _tell(
            tr(
                "{name}: fine, {journal_count} entries.",
                name=options.job.name,
                journal_count=len(job.journal),
            )
        )
    return 0


def _schema(_options: argparse.Namespace) -> int:
    print(json.dumps(jobfile.schema(), indent=2))
    return 0


def _simulate(options: argparse.Namespace) -> int:
    from nuvrek.simulator.simulated_job import simulated_job

    entries, truth, document = simulated_job(options.seed, options.frets, options.scale_mm)
    write_whole(options.out, jobfile.dump(Job(neck=truth.neck, journal=tuple(entries))))
    if options.truth is not None:
        write_whole(options.truth, (json.dumps(document, indent=1) + "\n").encode())
    return 0


def _template(options: argparse.Namespace) -> int:
    from nuvrek.exchange.template import notched_edge, rocker_table, write

    if options.out.suffix.lower() == ".csv":
        write_whole(options.out, rocker_table(options.scale_mm, options.frets).encode())
        return 0
    try:
        write(notched_edge(options.scale_mm, options.frets), options.out)
    except ValueError as error:
        return _complain([f"{error}."])
    return 0


def _gauge(options: argparse.Namespace) -> int:
    from nuvrek.neck.description import LANES
    from nuvrek.simulator.measuring import default_rng
    from nuvrek.simulator.simulated_job import simulated_neck
    from nuvrek.simulator.stand_in_gauge import StandIn, indicator_run

    truth, _ = simulated_neck(options.seed)
    readings = indicator_run(truth, LANES.index(options.lane), default_rng(options.seed))
    gauge = StandIn()
    _tell(
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
    return 0


def _open(options: argparse.Namespace, make: bool = False) -> Logbook:
    return open_logbook(options.logbook or logbook_path(), make=make)


def _row(book: Logbook, number: int) -> NeckRow:
    row = next((row for row in book.necks() if row.id == number), None)
    if row is None:
        raise LogbookError(tr("There is no neck {number} on the shelf.", number=number))
    return row


def _export(options: argparse.Namespace) -> int:
    with closing(read_logbook(options.logbook or logbook_path())) as book:
        row = _row(book, options.neck)
        entries = book.entries(row.id)
    if options.out.suffix.lower() == ".csv":
        from nuvrek.exchange.readings_csv import write_table
        from nuvrek.readings.journal import fold

        table = write_table(one.reading for one in fold(row.neck, entries).taken)
        write_whole(options.out, table.encode())
    else:
        job = Job(neck=row.neck, journal=tuple(entries))
        why = "" if options.force else jobfile.less_than_there(options.out, job)
        if why:
            return _complain(
                [tr("{why} Nothing was written; --force writes it all the same.", why=why)]
            )
        write_whole(options.out, jobfile.dump(job))
    return 0


def _salvage(options: argparse.Namespace) -> int:
    from nuvrek.logbook.on_disk.salvage import salvage

    if not options.old.is_file():
        return _complain([tr("{old}: there is no such file.", old=options.old)])
    result = salvage(options.old, options.out)
    for sentence in result.lost:
        _tell(f"- {say(sentence)}")
    necks = words.count(result.necks, "neck", "necks")
    entries = words.count(result.entries, "entry", "entries")
    _tell(
        tr(
            "{necks} with {entries} are in {name}; {detail} stays as it is.",
            necks=necks,
            entries=entries,
            name=options.out.name,
            detail=options.old.name,
        )
    )
    return 0


def _import(options: argparse.Namespace) -> int:
    if options.job.suffix.lower() == ".csv":
        return _import_readings(options)
    job = jobfile.read(options.job)
    with closing(_open(options, make=True)) as book:
        number = book.start(job.neck, _now(), job.journal)
    _tell(tr("{title} is neck {number} on the shelf.", title=job.neck.title, number=number))
    return 0


def _import_readings(options: argparse.Namespace) -> int:
    from nuvrek.exchange.readings_csv import read_table
    from nuvrek.readings.journal import fold

    if options.neck is None:
        return _complain(
            [
                tr(
                    "{name}: say which neck these readings belong to, with --neck NUMBER.",
                    name=options.job.name,
                )
            ]
        )
    raw = jobfile.read_bytes(options.job)
    with closing(_open(options)) as book:
        row = _row(book, options.neck)
        journal = book.whole(row.id)
        try:
            readings = read_table(raw.decode("utf-8-sig"), fold(row.neck, journal.entries).neck)
        except UnicodeDecodeError:
            raise JobFaults(
                [tr("{name}: not a text file in UTF-8.", name=options.job.name)]
            ) from None
        except JobFaults as error:
            raise JobFaults(
                [f"{options.job.name}: {say(fault)}" for fault in error.faults]
            ) from None
        # A table taken in is one act, as it is at the window.
        book.append(journal.stand, *joined(readings, "Measure", ""))
    _tell(
        tr(
            "{readings_count} readings added to {title}.",
            readings_count=len(readings),
            title=row.neck.title,
        )
    )
    return 0


def _now() -> str:
    return datetime.now().astimezone().isoformat(timespec="seconds")
