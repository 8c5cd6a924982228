"""Two histories of one neck made one, act by act: nothing lost, nothing doubled.

Acts are known by what they say, when and where; entries that point to earlier ones are known by
what they point to. Each side's own order stands; where the two leave it open, time decides, then
the act's name. So both sides come to the same journal, however often they meet. An act of which
something was taken out is known by the mark it had before.
"""

from __future__ import annotations

import hashlib
import heapq
from collections.abc import Callable, Mapping, Sequence
from datetime import UTC, datetime
from itertools import pairwise
from types import MappingProxyType
from typing import Literal

import msgspec
from msgspec import Struct, structs

from nuvrek.meaning import Refusal, Saying, means
from nuvrek.readings.entries import AnyEntry, Chosen, Describe, Note, Strike
from nuvrek.readings.journal import MOST_ENTRIES
from nuvrek.readings.owner.entries import Answered

# An act: its digest, and which of several alike it is.
Name = tuple[str, int]
# A place within the acts: the act (None: the same one), and which of its entries.
_Place = tuple[Name | None, int]


class Conflict(Struct, frozen=True):
    """Something both sides changed in their own way, and when the word that stands was said."""

    matter: Literal["described", "chosen"]
    stands: str


class Merged(Struct, frozen=True):
    """One journal of two, and what both sides changed since they parted."""

    entries: tuple[AnyEntry, ...]
    conflicts: tuple[Conflict, ...]


class _Act(Struct, frozen=True):
    """An act with its name, the time it began, and what its entries point to."""

    name: Name
    at: tuple[float, str]
    entries: tuple[AnyEntry, ...]
    points: tuple[_Place | None, ...]
    # Whether it says what its name says: not where something has to be taken out of it yet.
    clean: bool = True


def merged(
    ours: Sequence[AnyEntry],
    theirs: Sequence[AnyEntry],
    gone: Mapping[str, str] = MappingProxyType({}),
) -> Merged:
    """Both journals in one. ``gone``: by the mark of an act what it was made into when an owner
    was taken out. Raises ValueError where that would be longer than a journal can be.
    """
    first, second = _acts(ours, gone), _acts(theirs, gone)
    acts: dict[Name, _Act] = {}
    for act in (*first, *second):
        # Of an act that one side still has whole the one that is left of it stays.
        if act.name not in acts or act.clean:
            acts[act.name] = act
    if sum(len(act.entries) for act in acts.values()) > MOST_ENTRIES:
        raise Refusal(means("keeping.together-they-have-more-than", most_entries=MOST_ENTRIES))
    order = _ordered([[a.name for a in first], [a.name for a in second]], acts)
    only = (
        ({a.name for a in first} - {a.name for a in second}),
        ({a.name for a in second} - {a.name for a in first}),
    )
    return Merged(_numbered(order, acts), _conflicts(only, acts))


class Placed(Struct, frozen=True):
    """One of our acts, and as it is to be written after another journal, with the name it has; or
    why it can't be.
    """

    start: int
    name: Name
    was: tuple[AnyEntry, ...]
    entries: tuple[AnyEntry, ...]
    why: Saying = ""


def placed_after(
    theirs: Sequence[AnyEntry],
    ours: Sequence[AnyEntry],
    send: Callable[[Name, int, bool], bool],
    fits: Callable[[list[AnyEntry], tuple[AnyEntry, ...]], Saying],
    gone: Mapping[str, str] = MappingProxyType({}),
) -> list[Placed]:
    """Those of our acts that are to come after their journal, in our order; what they point to is
    numbered anew. ``send`` says which by name, by how many of our entries stand before, and by
    whether their journal holds it; ``fits`` why an act can't come after a journal.
    """
    places: dict[tuple[Name, int], int] = {}
    journal = list(theirs)
    for act in _acts(theirs, gone):
        for n in range(len(act.entries)):
            places[act.name, n] = len(places) + 1
    there = {name for name, _ in places}
    placeds: list[Placed] = []
    begun = 0
    for act in _acts(ours, gone):
        start, begun = begun, begun + len(act.entries)
        if not send(act.name, start, act.name in there):
            continue
        placed = _placed(act, start, len(journal), places)
        if not placed.why:
            placed = structs.replace(placed, why=fits(journal, placed.entries))
        placeds.append(placed)
        if not placed.why:
            for n in range(len(placed.entries)):
                # Ours come last: one that says the same as one of theirs is still another.
                places[act.name, n] = len(journal) + n + 1
            journal += placed.entries
    return placeds


def _placed(act: _Act, start: int, before: int, places: Mapping[tuple[Name, int], int]) -> Placed:
    """One act with what it points to numbered as it is when so many entries stand before it."""
    own = {(act.name, n): before + n + 1 for n in range(len(act.entries))}
    entries = []
    for entry, place in zip(act.entries, act.points, strict=True):
        if place is None:
            entries.append(entry)
            continue
        to = place[0] or act.name, place[1]
        number = own.get(to) or places.get(to)
        if number is None:
            why = means("keeping.what-about-no-longer-there")
            return Placed(start, act.name, act.entries, (), why)
        entries.append(_to(entry, number))
    return Placed(start, act.name, act.entries, tuple(entries))


def digests(entries: Sequence[AnyEntry], clean: Sequence[AnyEntry]) -> dict[str, str]:
    """Of each act that changes when something is taken out: its mark, and that of what is left."""
    changed: dict[str, str] = {}
    places: dict[int, _Place] = {}
    seen: dict[str, int] = {}
    for start, end in _groups(entries):
        points = tuple(_pointed(entry, places, start) for entry in entries[start:end])
        was, stays = (_digest(tuple(one[start:end]), points) for one in (entries, clean))
        if was != stays:
            changed[was] = stays
        name = stays, seen.get(stays, 0)
        seen[stays] = name[1] + 1
        _place(places, name, start, end)
    return changed


def marks_of(
    entries: Sequence[AnyEntry], gone: Mapping[str, str]
) -> list[tuple[str, tuple[AnyEntry, ...]]]:
    """The mark each act has as it stands, whatever was taken out of those it points to."""
    return [(_digest(act.entries, act.points), act.entries) for act in _acts(entries, gone)]


def _acts(entries: Sequence[AnyEntry], gone: Mapping[str, str]) -> list[_Act]:
    """A journal as acts; what an entry points to is named, not numbered."""
    acts: list[_Act] = []
    places: dict[int, _Place] = {}
    seen: dict[str, int] = {}
    for start, end in _groups(entries):
        group = tuple(entries[start:end])
        points = tuple(_pointed(entry, places, start) for entry in group)
        was = _digest(group, points)
        digest = gone.get(was, was)
        name = digest, seen.get(digest, 0)
        seen[digest] = name[1] + 1
        acts.append(_Act(name, time_order(group[0].at), group, points, digest == was))
        _place(places, name, start, end)
    return acts


def _place(places: dict[int, _Place], name: Name, start: int, end: int) -> None:
    for n in range(end - start):
        places[start + n + 1] = name, n


def time_order(at: str) -> tuple[float, str]:
    """A time as all clocks tell it, whatever its zone; one without a zone is taken as it reads in
    UTC, so that all benches agree. What is no time comes first.
    """
    try:
        read = datetime.fromisoformat(at)
        if read.tzinfo is None:
            read = read.replace(tzinfo=UTC)
        return read.timestamp(), at
    except (ValueError, OverflowError):
        return float("-inf"), at


def _groups(entries: Sequence[AnyEntry]) -> list[tuple[int, int]]:
    if not entries:
        return []
    starts = [n for n, entry in enumerate(entries) if n == 0 or not entry.joined]
    return list(zip(starts, [*starts[1:], len(entries)], strict=True))


def _pointer(entry: AnyEntry) -> int | None:
    """The number of the earlier entry that one is about, if it is about one."""
    match entry:
        case Strike(entry=number) | Answered(quote=number):
            return number
        case Note(about=number):
            return number
        case _:
            return None


def _pointed(entry: AnyEntry, places: dict[int, _Place], start: int) -> _Place | None:
    """What an entry points to, by name; ``start`` entries stand before its own act."""
    number = _pointer(entry)
    if number is None:
        return None
    if number > start:
        return (None, number - 1 - start)
    return places.get(number)


def _to(entry: AnyEntry, number: int) -> AnyEntry:
    match entry:
        case Strike():
            return structs.replace(entry, entry=number)
        case Answered():
            return structs.replace(entry, quote=number)
        case Note():
            return structs.replace(entry, about=number)
        case _:
            return entry


def _digest(group: tuple[AnyEntry, ...], points: tuple[_Place | None, ...]) -> str:
    """What an act says, by which it is known: numbers of other entries are no part of it."""
    plain = [
        _to(entry, 1) if place is not None else entry
        for entry, place in zip(group, points, strict=True)
    ]
    data = msgspec.json.encode([plain, points])
    return hashlib.sha256(data).hexdigest()


def _ordered(chains: list[list[Name]], acts: dict[Name, _Act]) -> list[Name]:
    """One order in which each chain keeps its own; of what is free the earliest goes first."""
    after: dict[Name, set[Name]] = {name: set() for name in acts}
    waits: dict[Name, set[Name]] = {name: set() for name in acts}
    for chain in chains:
        for one, two in pairwise(chain):
            after[one].add(two)
            waits[two].add(one)
    for act in acts.values():
        for place in act.points:
            to = None if place is None else place[0]
            if to is not None and to in acts and to != act.name:
                after[to].add(act.name)
                waits[act.name].add(to)
    free = [(acts[name].at, name) for name in acts if not waits[name]]
    heapq.heapify(free)
    order: list[Name] = []
    done: set[Name] = set()
    while len(order) < len(acts):
        if not free:
            # The sides disagree about the order of what they share: the earliest goes on.
            name = min((acts[one].at, one) for one in acts if one not in done)[1]
        else:
            name = heapq.heappop(free)[1]
        if name in done:
            continue
        done.add(name)
        order.append(name)
        for later in after[name]:
            waits[later].discard(name)
            if not waits[later] and later not in done:
                heapq.heappush(free, (acts[later].at, later))
    return order


def _numbered(order: list[Name], acts: dict[Name, _Act]) -> tuple[AnyEntry, ...]:
    """The acts as one journal, pointers as numbers again."""
    numbers: dict[tuple[Name, int], int] = {}
    entries: list[AnyEntry] = []
    for name in order:
        act = acts[name]
        for n, (entry, place) in enumerate(zip(act.entries, act.points, strict=True)):
            numbers[name, n] = len(entries) + 1
            meant = None
            if place is not None:
                meant = numbers.get((place[0] or name, place[1]))
            entries.append(entry if meant is None else _to(entry, meant))
    return tuple(entries)


def _conflicts(only: tuple[set[Name], set[Name]], acts: dict[Name, _Act]) -> tuple[Conflict, ...]:
    """What both sides changed since they parted: the later word stands."""
    conflicts = []
    for kind, matter in _MATTERS.items():
        ours, theirs = (_acts_that_hold(kind, side, acts) for side in only)
        if ours and theirs:
            last = max(act.at for act in (*ours, *theirs))
            conflicts.append(Conflict(matter, last[1]))
    return tuple(conflicts)


def _acts_that_hold(kind: type, names: set[Name], acts: dict[Name, _Act]) -> list[_Act]:
    return [acts[name] for name in names if _holds(acts[name], kind)]


_MATTERS: dict[type, Literal["described", "chosen"]] = {Describe: "described", Chosen: "chosen"}


def _holds(act: _Act, kind: type) -> bool:
    return any(isinstance(entry, kind) for entry in act.entries)
