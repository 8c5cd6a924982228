"""Job files: one neck and its journal as JSON. A file from elsewhere is not trusted."""

from __future__ import annotations

import json
import re
from collections.abc import Sequence
from pathlib import Path
from typing import Annotated, Any, get_args

import msgspec
from msgspec import Meta, Struct

from nuvrek.meaning import Refusal, Saying, listed, means, reason_of
from nuvrek.neck.description import Lane, NeckDescription, RodKind, description_faults
from nuvrek.planning.ways.kinds import WAYS
from nuvrek.readings.check import entry_faults
from nuvrek.readings.entries import (
    AnyEntry,
    By,
    Chosen,
    Describe,
    EndFault,
    Feel,
    Filed,
    Posture,
    Side,
    Strings,
)
from nuvrek.readings.journal import MOST_ENTRIES
from nuvrek.readings.sizes import What

FORMAT = "nuvrek-job"
VERSION = 1
LARGEST_BYTES = 32 * 1024 * 1024
_MOST_FAULTS = 20


class JobFaults(Refusal):
    """A job file that can't be taken. ``faults`` has one sentence for each fault."""

    def __init__(self, faults: Sequence[Saying]) -> None:
        self.faults = tuple(faults)
        super().__init__(listed(self.faults, by="\n"))


class Job(Struct, frozen=True, kw_only=True, forbid_unknown_fields=True):
    """The content of a job file: the neck as first described and its journal, oldest entry
    first.
    """

    format: Annotated[str, Meta(pattern="^nuvrek-job$")] = FORMAT
    version: Annotated[int, Meta(ge=1, le=VERSION)] = VERSION
    neck: NeckDescription
    journal: Annotated[tuple[AnyEntry, ...], Meta(max_length=MOST_ENTRIES)] = ()


class _Outline(Struct):
    """First pass over a file: the parts stay raw so that each gets its own fault line."""

    format: Any = None
    version: Any = None
    neck: msgspec.Raw = msgspec.Raw()
    journal: list[msgspec.Raw] = []


def schema() -> dict[str, Any]:
    """The JSON Schema of a job file."""
    return msgspec.json.schema(Job)


def dump(job: Job) -> bytes:
    """The job as indented UTF-8 JSON, one line per journal entry; defaults are written out."""
    neck = json.dumps(msgspec.to_builtins(job.neck), ensure_ascii=False, indent=1)
    entries = ",\n".join("  " + msgspec.json.encode(entry).decode() for entry in job.journal)
    body = f"[\n{entries}\n ]" if job.journal else "[]"
    text = (
        f'{{\n "format": "{FORMAT}",\n "version": {VERSION},\n "neck": {neck},\n "journal": '
        f"{body}\n}}\n"
    )
    return text.encode()


def less_than_there(path: Path, job: Job) -> Saying:
    """Why a job must not take the place of the file that is there: that one holds more, or is
    something else. Nothing where it may.
    """
    if not path.is_file():
        return ""
    try:
        had = read(path)
    except JobFaults:
        return means("exchange.there-already-no-job", name=path.name)
    if had.journal[: len(job.journal)] == job.journal and len(had.journal) > len(job.journal):
        return means("exchange.there-already-journal-longer", name=path.name)
    if had.journal != job.journal[: len(had.journal)]:
        return means("exchange.there-already-another-journal", name=path.name)
    return ""


def read(path: Path) -> Job:
    """Read and check a job file. Raises JobFaults with every fault found."""
    raw = read_bytes(path)
    try:
        return parse(raw)
    except JobFaults as error:
        raise JobFaults(
            [means("exchange.name-fault", name=path.name, fault=fault) for fault in error.faults]
        ) from None


def read_bytes(path: Path) -> bytes:
    """The bytes of a file from elsewhere, if it is not too large. Raises JobFaults."""
    try:
        if path.exists() and not path.is_file():
            # A pipe or a device may never end.
            raise JobFaults([means("exchange.not-plain-file", name=path.name)])
        if path.stat().st_size > LARGEST_BYTES:
            raise JobFaults(
                [
                    means(
                        "exchange.file-over-mb-too-large",
                        name=path.name,
                        largest_bytes=LARGEST_BYTES // 2**20,
                    )
                ]
            )
        return path.read_bytes()
    except OSError as error:
        raise JobFaults(
            [means("exchange.cant-read", name=path.name, strerror=reason_of(error))]
        ) from error


def parse(raw: bytes) -> Job:
    """Check the bytes of a job file. Raises JobFaults with every fault found."""
    outline = _outline(raw)
    if outline.format != FORMAT:
        raise JobFaults([means("exchange.not-nuvrek-job-format-should", format=FORMAT)])
    if (
        not isinstance(outline.version, int)
        or isinstance(outline.version, bool)
        or outline.version < 1
    ):
        raise JobFaults([means("exchange.version-should", version=VERSION)])
    if outline.version > VERSION:
        raise JobFaults(
            [
                means(
                    "exchange.written-newer-nuvrek-version-one",
                    version=outline.version,
                    other_version=VERSION,
                )
            ]
        )
    if not bytes(outline.neck):
        raise JobFaults([means("exchange.neck-missing-scale-mm-frets")])
    if len(outline.journal) > MOST_ENTRIES:
        raise JobFaults([means("exchange.more-than-journal-entries", most_entries=MOST_ENTRIES)])
    neck = _neck(outline.neck)
    return Job(neck=neck, journal=_journal(neck, outline.journal))


def _outline(raw: bytes) -> _Outline:
    if not raw.strip():
        raise JobFaults([means("exchange.file-empty")])
    try:
        return msgspec.json.decode(raw, type=_Outline)
    except RecursionError:
        raise JobFaults([means("exchange.nested-too-deeply-job")]) from None
    except msgspec.ValidationError as error:
        raise JobFaults([plain_fault(str(error))]) from None
    except (msgspec.DecodeError, UnicodeDecodeError) as error:
        raise JobFaults([means("exchange.not-whole-or-not-json", error=error)]) from None


def _neck(raw: msgspec.Raw) -> NeckDescription:
    try:
        neck = msgspec.json.decode(raw, type=NeckDescription)
    except RecursionError:
        raise JobFaults([means("exchange.neck-nested-too-deeply")]) from None
    except (msgspec.MsgspecError, UnicodeDecodeError) as error:
        raise JobFaults([means("exchange.neck-with-why", why=_why(error))]) from None
    faults = description_faults(neck)
    if faults:
        raise JobFaults([means("exchange.neck", fault=fault) for fault in faults])
    return neck


def _journal(neck: NeckDescription, raws: list[msgspec.Raw]) -> tuple[AnyEntry, ...]:
    entries: list[AnyEntry] = []
    faults: list[Saying] = []
    decoder = msgspec.json.Decoder(AnyEntry)
    for number, raw in enumerate(raws, 1):
        try:
            entry = decoder.decode(raw)
        except RecursionError:
            faults.append(means("exchange.entry-nested-too-deeply", number=number))
        except (msgspec.MsgspecError, UnicodeDecodeError) as error:
            faults.append(means("exchange.entry", number=number, why=_why(error)))
        else:
            if isinstance(entry, Describe):
                neck = entry.neck
            entries.append(entry)
            sayings = [*_way_faults(entry), *entry_faults(entry, neck, number)]
            faults.extend(
                means("exchange.entry-with-number-fault", number=number, fault=fault)
                for fault in sayings
            )
        if len(faults) >= _MOST_FAULTS:
            faults.append(means("exchange.further-faults-not-listed"))
            break
    if faults:
        raise JobFaults(faults)
    return tuple(entries)


def _way_faults(entry: AnyEntry) -> list[Saying]:
    """A way forward that this program does not know."""
    if isinstance(entry, Chosen | Filed) and entry.way not in WAYS:
        return [means("exchange.way-not-known-should-one", way=entry.way, ways=", ".join(WAYS))]
    return []


def _why(error: msgspec.MsgspecError | UnicodeDecodeError) -> Saying:
    if isinstance(error, UnicodeDecodeError):
        return means("exchange.holds-bytes-no-utf-8")
    return plain_fault(str(error))


_TYPES = {
    "float": means("exchange.number"),
    "int": means("exchange.whole-number"),
    "str": means("exchange.text"),
    "object": means("exchange.object"),
    "array": means("exchange.list"),
    "null": means("exchange.nothing"),
    "bool": means("exchange.true-or-false"),
}
_CHOICES = {
    "lane": get_args(Lane),
    "side": get_args(Side),
    "strings": get_args(Strings),
    "posture": get_args(Posture),
    "says": ("rocks", "still", "all along", "buzzes", "badly", "clean"),
    "by": get_args(By),
    "what": get_args(What),
    "fault": get_args(EndFault),
    "feel": get_args(Feel),
    "moves": ("moves", "firm", "not tried"),
    "rod": get_args(RodKind),
    "kind": tuple(str(kind.__struct_config__.tag) for kind in get_args(AnyEntry)),
}


def plain_fault(message: str) -> Saying:
    """A decoder's message as a sentence that says where, what, and what would be right."""
    text, _, place = message.replace("Object ", "").partition(" - at `$")
    place = place.rstrip("`").lstrip(".")
    key = place.rsplit(".", 1)[-1]
    wrong = re.fullmatch(r"Expected `(\w+)`, got `(\w+)`", text)
    bound = re.fullmatch(r"Expected `\w+` ([<>]=) (\S+)", text)
    value = re.fullmatch(r"Invalid (?:enum )?value '(.*)'", text, re.S)
    if wrong is not None:
        what: Saying = means(
            "exchange.should-not",
            wrong=_TYPES.get(wrong[1], wrong[1]),
            types=_TYPES.get(wrong[2], wrong[2]),
        )
    elif bound is not None:
        what = means(
            "exchange.should-or-less" if bound[1] == "<=" else "exchange.should-or-more",
            bound=bound[2],
        )
    elif value is not None and key in _CHOICES:
        what = means(
            "exchange.not-known-should-one", detail=value[1][:40], choices=", ".join(_CHOICES[key])
        )
    else:
        what = f"{text[0].lower()}{text[1:]}"
    if place:
        return means("exchange.fault-at", place=place, what=what)
    return means("exchange.fault", what=what)
