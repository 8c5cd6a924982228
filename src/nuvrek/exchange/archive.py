"""Everything of a logbook in one open archive: a job file a neck, owners, what the shop has set,
and a table of necks.
"""

from __future__ import annotations

import io
import json
import struct
import zipfile
import zlib
from collections.abc import Sequence
from typing import Annotated, Any

import msgspec
from msgspec import Meta, Struct

from nuvrek import patience
from nuvrek.exchange.jobfile import LARGEST_BYTES, Job, JobFaults, dump, parse
from nuvrek.exchange.tables import write_csv
from nuvrek.meaning import means
from nuvrek.neck.owner import Owner

FORMAT = "nuvrek-archive"
MOST_NECKS, MOST_BYTES = 50_000, 1024**3
# Journals pack to a twentieth or a fiftieth; what packs better than this is no logbook.
_MOST_RATIO, _FREE_BYTES = 250, 4 * 1024**2
_INDEX, _OWNERS, _SHOP, _GONE = "index.json", "owners.json", "shop.json", "gone.json"
_TABLE = "necks.csv"
_COLUMNS = ("file", "title", "owner", "scale_mm", "frets", "rod", "entries", "created")
# What a damaged or hostile zip raises, whichever of its parts is at fault.
_BROKEN = (
    zipfile.BadZipFile,
    zipfile.LargeZipFile,
    zlib.error,
    struct.error,
    EOFError,
    OSError,
    NotImplementedError,
    RuntimeError,
    OverflowError,
    IndexError,
    ValueError,
)


class ArchivedNeck(Struct, frozen=True):
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


class ArchivedOwner(Struct, frozen=True):
    """What was known of an owner from a time on; ``uid`` is by what they are known."""

    at: Annotated[str, Meta(max_length=60)]
    owner: Owner
    uid: Annotated[str, Meta(max_length=60)] = ""


class ArchivedShop(Struct, frozen=True):
    """What the shop has set under a name, as it is kept, and when."""

    name: Annotated[str, Meta(max_length=60)]
    body: Annotated[str, Meta(max_length=4_000_000)]
    at: Annotated[str, Meta(max_length=60)]


# By which marks that is known which was taken out: neck, what it was, what stays.
_Mark = Annotated[str, Meta(max_length=80)]
GoneRow = tuple[_Mark, _Mark, _Mark]


class Contents(Struct, frozen=True):
    """All that an archive holds."""

    items: tuple[ArchivedNeck, ...] = ()
    owners: tuple[ArchivedOwner, ...] = ()
    shop: tuple[ArchivedShop, ...] = ()
    gone: tuple[GoneRow, ...] = ()


def pack(contents: Contents) -> bytes:
    """The archive as a zip."""
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        lines = []
        for number, item in enumerate(contents.items, 1):
            patience.ask()
            name = f"necks/{number}.json"
            archive.writestr(_stamped(name), dump(item.job))
            lines.append({"uid": item.uid, "created": item.created, "file": name})
        archive.writestr(_stamped(_INDEX), _json({"format": FORMAT, "necks": lines}))
        for name, rows in (
            (_OWNERS, contents.owners),
            (_SHOP, contents.shop),
            (_GONE, contents.gone),
        ):
            archive.writestr(_stamped(name), _json(msgspec.to_builtins(rows)))
        archive.writestr(_stamped(_TABLE), _table(contents.items))
    return out.getvalue()


def _stamped(name: str) -> zipfile.ZipInfo:
    """A member with a time of its own: the same logbook gives the same archive."""
    info = zipfile.ZipInfo(name, (1980, 1, 1, 0, 0, 0))
    info.compress_type = zipfile.ZIP_DEFLATED
    return info


def _json(value: Any) -> bytes:
    return (json.dumps(value, ensure_ascii=False, indent=1) + "\n").encode()


def _table(items: Sequence[ArchivedNeck]) -> bytes:
    rows = list[tuple[object, ...]]()
    for number, item in enumerate(items, 1):
        neck = item.job.neck
        described = (neck.title, neck.owner, neck.scale_mm, neck.frets, neck.rod)
        rows.append((number, *described, len(item.job.journal), item.created))
    return write_csv(_COLUMNS, rows).encode()


def unpack(raw: bytes) -> Contents:
    """All that an archive holds, or nothing of it. Raises JobFaults."""
    try:
        with zipfile.ZipFile(io.BytesIO(raw)) as archive:
            _check_bounds(archive, len(raw))
            index = msgspec.json.decode(_member(archive, _INDEX), type=_Index)
            _check_once(index)
            return Contents(
                tuple(_item(archive, line) for line in index.necks),
                msgspec.json.decode(_member(archive, _OWNERS), type=tuple[ArchivedOwner, ...]),
                _rows(archive, _SHOP, tuple[ArchivedShop, ...]),
                _rows(archive, _GONE, tuple[GoneRow, ...]),
            )
    except JobFaults:
        raise
    except (msgspec.MsgspecError, UnicodeDecodeError, RecursionError) as error:
        text = str(error).splitlines()[0][:160]
        raise JobFaults([means("exchange.archives-list-cant-read", detail=text)]) from None
    except _BROKEN:
        raise JobFaults([means("exchange.not-whole-archive")]) from None


def lengths(raw: bytes) -> dict[str, int] | None:
    """How many entries an archive holds of each neck, by uid; None where it is none."""
    try:
        return {item.uid: len(item.job.journal) for item in unpack(raw).items}
    except JobFaults:
        return None


def _rows(archive: zipfile.ZipFile, name: str, kind: Any) -> Any:
    """Rows that archives have since version 4 of the logbook; none in older ones."""
    if name not in archive.namelist():
        return ()
    return msgspec.json.decode(_member(archive, name), type=kind)


def _check_bounds(archive: zipfile.ZipFile, size: int) -> None:
    """Raises JobFaults where unpacking would take more than any logbook does."""
    members = archive.infolist()
    names = [info.filename for info in members]
    if len(set(names)) < len(names):
        raise JobFaults([means("exchange.name-stands-archive-twice")])
    total = sum(info.file_size for info in members)
    if total > MOST_BYTES or total > _FREE_BYTES + _MOST_RATIO * size:
        raise JobFaults([means("exchange.archive-larger-than-any-logbook")])


def _check_once(index: _Index) -> None:
    files, uids = [line.file for line in index.necks], [line.uid for line in index.necks]
    if len(set(files)) < len(files) or len(set(uids)) < len(uids):
        raise JobFaults([means("exchange.neck-stands-archive-twice")])


def _member(archive: zipfile.ZipFile, name: str) -> bytes:
    """One file of the archive, by its name within it; never written anywhere."""
    patience.ask()
    try:
        info = archive.getinfo(name)
    except KeyError:
        raise JobFaults([means("exchange.missing-archive", name=name)]) from None
    # What is there unpacked is never more than it says: the rest is not read.
    most = min(info.file_size, LARGEST_BYTES)
    if info.file_size > LARGEST_BYTES:
        raise JobFaults([means("exchange.too-large", name=name)])
    with archive.open(info) as member:
        data = member.read(most + 1)
    if len(data) > most:
        raise JobFaults([means("exchange.larger-than-says", name=name)])
    return data


def _item(archive: zipfile.ZipFile, line: _Line) -> ArchivedNeck:
    try:
        return ArchivedNeck(line.uid, line.created, parse(_member(archive, line.file)))
    except JobFaults as error:
        raise JobFaults(
            [means("exchange.file-faults", file=line.file, faults=error.faults[0])]
        ) from None
