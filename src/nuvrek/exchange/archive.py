"""Everything of a logbook in one open archive: a job file a neck, owners, and a table of necks."""

from __future__ import annotations

import csv
import io
import json
import zipfile
from collections.abc import Sequence
from typing import Annotated, Any

import msgspec
from msgspec import Meta, Struct

from nuvrek.exchange.jobfile import LARGEST_BYTES, Job, JobFaults, dump, parse
from nuvrek.language import tr
from nuvrek.neck.owner import Owner

FORMAT = "nuvrek-archive"
MOST_NECKS, MOST_BYTES = 50_000, 4 * 1024**3
_INDEX, _OWNERS, _TABLE = "index.json", "owners.json", "necks.csv"


class Item(Struct, frozen=True):
    """A neck in an archive: by what it is known, when it was started, its job."""

    uid: str
    created: str
    job: Job


class _Line(Struct, frozen=True):
    uid: Annotated[str, Meta(pattern="^[0-9a-f]{32}$")]
    created: Annotated[str, Meta(max_length=60)]
    file: Annotated[str, Meta(pattern=r"^necks/\d+\.json$")]


class _Index(Struct, frozen=True):
    format: Annotated[str, Meta(pattern="^nuvrek-archive$")]
    necks: Annotated[list[_Line], Meta(max_length=MOST_NECKS)]


class _Known(Struct, frozen=True):
    at: Annotated[str, Meta(max_length=60)]
    owner: Owner


def pack(items: Sequence[Item], owners: Sequence[tuple[str, Owner]]) -> bytes:
    """The archive as a zip."""
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        lines = []
        for number, item in enumerate(items, 1):
            name = f"necks/{number}.json"
            archive.writestr(_stamped(name), dump(item.job))
            lines.append({"uid": item.uid, "created": item.created, "file": name})
        archive.writestr(_stamped(_INDEX), _json({"format": FORMAT, "necks": lines}))
        known = [{"at": at, "owner": msgspec.to_builtins(owner)} for at, owner in owners]
        archive.writestr(_stamped(_OWNERS), _json(known))
        archive.writestr(_stamped(_TABLE), _table(items))
    return out.getvalue()


def _stamped(name: str) -> zipfile.ZipInfo:
    """A member with a time of its own: the same logbook gives the same archive."""
    info = zipfile.ZipInfo(name, (1980, 1, 1, 0, 0, 0))
    info.compress_type = zipfile.ZIP_DEFLATED
    return info


def _json(value: Any) -> bytes:
    return (json.dumps(value, ensure_ascii=False, indent=1) + "\n").encode()


def _table(items: Sequence[Item]) -> bytes:
    out = io.StringIO()
    table = csv.writer(out, lineterminator="\n")
    table.writerow(("file", "title", "owner", "scale_mm", "frets", "rod", "entries", "created"))
    for number, item in enumerate(items, 1):
        neck = item.job.neck
        told = (neck.title, neck.owner, neck.scale_mm, neck.frets, neck.rod)
        table.writerow((number, *told, len(item.job.journal), item.created))
    return out.getvalue().encode()


def unpack(raw: bytes) -> tuple[list[Item], list[tuple[str, Owner]]]:
    """Necks and owners of an archive, all or none. Raises JobFaults."""
    try:
        with zipfile.ZipFile(io.BytesIO(raw)) as archive:
            if sum(info.file_size for info in archive.infolist()) > MOST_BYTES:
                raise JobFaults([tr("the archive is larger than any logbook.")])
            index = msgspec.json.decode(_member(archive, _INDEX), type=_Index)
            known = msgspec.json.decode(_member(archive, _OWNERS), type=list[_Known])
            items = [_item(archive, line) for line in index.necks]
    except (zipfile.BadZipFile, zipfile.LargeZipFile, EOFError, OSError, NotImplementedError):
        raise JobFaults([tr("not a whole archive.")]) from None
    except (msgspec.MsgspecError, UnicodeDecodeError, RecursionError) as error:
        said = str(error).splitlines()[0][:160]
        raise JobFaults([tr("the archive's list can't be read ({said}).", said=said)]) from None
    return items, [(one.at, one.owner) for one in known]


def _member(archive: zipfile.ZipFile, name: str) -> bytes:
    """One file of the archive, by its name within it; never written anywhere."""
    try:
        info = archive.getinfo(name)
    except KeyError:
        raise JobFaults([tr("{name} is missing in the archive.", name=name)]) from None
    if info.file_size > LARGEST_BYTES:
        raise JobFaults([tr("{name} is too large.", name=name)])
    with archive.open(info) as member:
        data = member.read(LARGEST_BYTES + 1)
    if len(data) > LARGEST_BYTES:
        raise JobFaults([tr("{name} is larger than it says.", name=name)])
    return data


def _item(archive: zipfile.ZipFile, line: _Line) -> Item:
    try:
        return Item(line.uid, line.created, parse(_member(archive, line.file)))
    except JobFaults as error:
        raise JobFaults([f"{line.file}: {error.faults[0]}"]) from None
