"""Two histories of one neck made one, act by act: nothing lost, nothing doubled.

Acts are known by what they say, when and where; entries that point to earlier ones are known by
what they point to. Each side's own order stands; where the two leave it open, time decides, then
the act's name. So both sides come to the same journal, however often they meet.
"""

from __future__ import annotations

import hashlib
import heapq
from collections.abc import Sequence
from itertools import pairwise

import msgspec
from msgspec import Struct, structs

from nuvrek.language import tr
from nuvrek.readings.entries import AnyEntry, Chosen, Describe, Note, Strike
from nuvrek.readings.journal import MOST_ENTRIES
from nuvrek.readings.owner.entries import Answered

# An act: its digest, and which of several alike it is.
Name = tuple[str, int]
# A place within the acts: the act (None: the same one), and which of its entries.
_Place = tuple[Name | None, int]


class Merged(Struct, frozen=True):
    """One journal of two, and a sentence for each thing both sides changed in their own way."""

    entries: tuple[AnyEntry, ...]
    conflicts: tuple[str, ...]


class _Act(Struct, frozen=True):
    """An act with its name, the time it began, and what its entries point to."""

    name: Name
    at: str
    entries: tuple[AnyEntry, ...]
    points: tuple[_Place | None, ...]


def merged(ours: Sequence[AnyEntry], theirs: Sequence[AnyEntry]) -> Merged:
    """Both journals in one. Raises ValueError where that would be longer than a journal can be."""
    first, second = _acts(ours), _acts(theirs)
    acts = {act.name: act for act in (*first, *second)}
    if sum(len(act.entries) for act in acts.values()) > MOST_ENTRIES:
        raise ValueError(
            tr("together they have more than {most_entries:,} entries", most_entries=MOST_ENTRIES)
        )
    order = _ordered([[a.name for a in first], [a.name for a in second]], acts)
    only = (
        ({a.name for a in first} - {a.name for a in second}),
        ({a.name for a in second} - {a.name for a in first}),
    )
    return Merged(_numbered(order, acts), _conflicts(only, acts))


def _acts(entries: Sequence[AnyEntry]) -> list[_Act]:
    """A journal as acts; what an entry points to is named, not numbered."""
    found: list[_Act] = []
    places: dict[int, _Place] = {}
    seen: dict[str, int] = {}
    for start, end in _groups(entries):
        group = tuple(entries[start:end])
        points = tuple(_pointed(entry, places, start) for entry in group)
        digest = _digest(group, points)
        name = digest, seen.get(digest, 0)
        seen[digest] = name[1] + 1
        found.append(_Act(name, group[0].at, group, points))
        for n in range(len(group)):
            places[start + n + 1] = name, n
    return found


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
    return (None, number - 1 - start) if number > start else places.get(number)


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
    said = msgspec.json.encode([plain, points])
    return hashlib.sha256(said).hexdigest()


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
            meant = None if place is None else numbers.get((place[0] or name, place[1]))
            entries.append(entry if meant is None else _to(entry, meant))
    return tuple(entries)


def _conflicts(only: tuple[set[Name], set[Name]], acts: dict[Name, _Act]) -> tuple[str, ...]:
    """What both sides changed since they parted: the later word stands, and is said."""
    told = []
    for kind, said in (
        (Describe, tr("the neck was described anew")),
        (Chosen, tr("a way was taken")),
    ):
        sides = [
            [act for name in side for act in (acts[name],) if _holds(act, kind)] for side in only
        ]
        if all(sides):
            last = max(act.at for side in sides for act in side)
            told.append(
                tr(
                    "On both sides {said}; the one of {replace} stands.",
                    said=said,
                    replace=last[:16].replace("T", " "),
                )
            )
    return tuple(told)


def _holds(act: _Act, kind: type) -> bool:
    return any(isinstance(entry, kind) for entry in act.entries)
