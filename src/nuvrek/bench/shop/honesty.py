"""How the shop's promises held, over all its jobs, and how well its tools repeat."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Sequence
from statistics import median

from msgspec import Struct, structs

from nuvrek import patience
from nuvrek.bench.pages.promise_and_result import compare
from nuvrek.bench.working.ticks import Ticked, gone_by, kind_of_neck, ticks_of
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Meaning, Saying, Word, keys_in, means
from nuvrek.neck.description import NeckDescription
from nuvrek.readings.entries import AnyEntry, Chosen, Reading, StringHeight
from nuvrek.readings.journal import fold, live_numbers
from nuvrek.readings.kinds import RECORDS
from nuvrek.readings.kinds.record import Tool
from nuvrek.readings.owner.entries import Answered, Quote
from nuvrek.readings.tool_kit import Kit
from nuvrek.units import Unit

# So many pairs of readings of one place say how well a tool repeats; a setting that is off by less
# than this factor is left alone (common practice, no source).
LEAST_PAIRS, OFF_BY = 10, 1.4
# Stated ranges are to hold so often.
AIM = 0.9
_HOURS, _PRICE = means("shop.hours"), means("shop.price")


class Held(Struct, frozen=True):
    """Of promises about one matter: how many were measured, how many held."""

    matter: Saying
    held: int
    of: int

    @property
    def words(self) -> Saying:
        """The count in words."""
        return means("shop.of", held=self.held, detail=self.of)


class SettingOffer(Struct, frozen=True):
    """A tool that repeats otherwise than its setting says."""

    tool: str
    field: str
    set_mm: float
    found_mm: float
    pairs: int

    def sentence(self, unit_words: Callable[[float], Saying]) -> Saying:
        """What was found, and what it rests on."""
        return means(
            "shop.repeats-readings-one-place-set",
            tool=self.tool,
            unit_words=unit_words(self.found_mm),
            how_many=means("shop.pairs", number=self.pairs),
            unit=unit_words(self.set_mm),
        )


class UsualResult(Struct, frozen=True):
    """What this shop leaves a kind of neck with: the middle of so many."""

    kind: Saying
    matter: Saying
    mm: float
    of: int


class Honesty(Struct, frozen=True):
    """All of it: matters in the order of their number, and tools to be set otherwise."""

    held: tuple[Held, ...]
    offers: tuple[SettingOffer, ...]
    necks: int
    usual: tuple[UsualResult, ...] = ()


def honesty(
    book: Logbook, kit: Kit, tell: Callable[[Saying], None] = lambda words: None
) -> Honesty:
    """Go through every neck of a logbook. It takes its time, and can be left. Raises
    LogbookError.
    """
    rows = book.necks()
    counts: dict[Saying, list[bool]] = {}
    pairs: dict[Tool, list[float]] = {}
    ticks: list[tuple[Ticked, ...]] = []
    left: dict[tuple[Word, Saying], list[float]] = {}
    for number, row in enumerate(rows, 1):
        patience.ask()
        tell(means("shop.neck", number=number, rows_count=len(rows)))
        journal = book.journal(row.id, photos=False)
        if row.damage or journal.damage:
            continue
        for matter, kept in outcomes(row.neck, journal.entries):
            counts.setdefault(matter, []).append(kept)
        for kept in prices_held(row.neck, journal.entries):
            counts.setdefault(_PRICE, []).append(kept)
        for tool, apart in repeats(journal.entries):
            pairs.setdefault(tool, []).append(apart)
        ticks.append(ticks_of(row.neck, journal.entries))
        for matter, mm in left_with(row.neck, journal.entries):
            left.setdefault((Word(kind_of_neck(row.neck) or "usual length"), matter), []).append(mm)
    for kept in hours_held(ticks):
        counts.setdefault(_HOURS, []).append(kept)
    held = [Held(matter, sum(kept), len(kept)) for matter, kept in counts.items()]
    held.sort(key=lambda one: (-one.of, keys_in(one.matter)))
    usual = tuple(
        UsualResult(kind, matter, median(mms), len(mms))
        for (kind, matter), mms in sorted(left.items(), key=_by_kind)
    )
    return Honesty(tuple(held), offers(pairs, kit), len(rows), usual)


def left_with(first: NeckDescription, entries: Sequence[AnyEntry]) -> list[tuple[Saying, float]]:
    """The figures a neck was left with, as the last closing readings have them: relief and string
    heights; nothing where no way was gone and closed.
    """
    from nuvrek.bench.solved import see, wanted_alone
    from nuvrek.planning.rod.relief import relief_now

    neck_state = fold(first, entries)
    closing = [
        taken.reading for taken in neck_state.taken if taken.reading.station.startswith("closing")
    ]
    if neck_state.chosen is None or not closing:
        return []
    found: list[tuple[Saying, float]] = [
        (means("shop.bass-over-12" if one.side == "bass" else "shop.treble-over-12"), one.height_mm)
        for one in closing
        if isinstance(one, StringHeight) and one.fret == 12 and not one.capo and not one.string
    ]
    relief = relief_now(see(wanted_alone(neck_state, Unit.MM)).map)
    if relief is None:
        return found
    return [*found, (means("shop.relief"), relief.mm)]


def outcomes(first: NeckDescription, entries: Sequence[AnyEntry]) -> list[tuple[Saying, bool]]:
    """What was promised of each way that was gone and measured afterwards: the matter, and whether
    it held.
    """
    from nuvrek.bench.solved import see, wanted_alone

    chosen = [n for n in live_numbers(entries) if isinstance(entries[n - 1], Chosen)]
    found: list[tuple[Saying, bool]] = []
    for n, number in enumerate(chosen):
        if n + 1 < len(chosen):
            end = chosen[n + 1] - 1
        else:
            end = len(entries)
        if not any(isinstance(entry, Reading) for entry in entries[number:end]):
            continue
        solved = see(wanted_alone(fold(first, entries[:end]), Unit.MM))
        for row in compare(solved, Unit.MM, Unit.MM):
            if row.kept is not None:
                found.append((_matter(row.matter), row.kept))
    return found


# All strings, or both sides, of a matter are one matter.
_BOTH_SIDES = {
    "pages.string-number-over-fret": "shop.string-height",
    "pages.string-over-first": "shop.string-over-first",
    "pages.clean-from": "shop.clean-from",
}


def _matter(meaning: Meaning) -> Meaning:
    both = _BOTH_SIDES.get(meaning.key)
    if both is None:
        return meaning
    return means(both)


def _by_kind(item: tuple[tuple[Word, Saying], list[float]]) -> tuple[str, tuple[str, ...]]:
    (kind, matter), _ = item
    return kind.text, keys_in(matter)


def hours_held(ticks: Sequence[tuple[Ticked, ...]]) -> list[bool]:
    """Of each neck with ticks whether its hours lay where those of all the others forecast them."""
    from nuvrek.planning.money.pace import Tick, pace_of

    found = []
    for n, mine in enumerate(ticks):
        if len(mine) < 3:
            continue
        others = [Tick(*one) for m, some in enumerate(ticks) if m != n for one in some]
        spell = pace_of(others).of([(name, usual) for name, usual, _, _ in mine], mine[0][3])
        found.append(spell.least <= sum(took for _, _, took, _ in mine) <= spell.most)
    return found


def prices_held(first: NeckDescription, entries: Sequence[AnyEntry]) -> list[bool]:
    """Of each quote that was accepted and worked off whether it held: by the hour a price lies
    between its least and most where its hours do. Work that was not all timed is not counted.
    """
    live, found = live_numbers(entries), []
    gone = [chosen_way for chosen_way in gone_by(first, entries) if chosen_way.ticked]
    for number in live:
        match entries[number - 1]:
            case Answered(quote=quoted, says="accepted") if quoted in live:
                given = entries[quoted - 1]
            case _:
                continue
        since = [chosen_way for chosen_way in gone if chosen_way.number > quoted]
        hours = [chosen_way.hours for chosen_way in since]
        if not isinstance(given, Quote) or given.hours_between is None or None in hours:
            continue
        if {*given.ways} <= {chosen_way.way for chosen_way in since}:
            low, high = given.hours_between
            found.append(low <= sum(hour or 0.0 for hour in hours) <= high)
    return found


def repeats(entries: Sequence[AnyEntry]) -> Iterable[tuple[Tool, float]]:
    """Readings of one place taken twice on one day in one state: the tool, and how far apart."""
    before: dict[object, float] = {}
    for number in live_numbers(entries):
        entry = entries[number - 1]
        if not isinstance(entry, Reading):
            # What is done between two readings may have moved what they read.
            if not getattr(entry, "station", ""):
                before = {}
            continue
        record = RECORDS[type(entry)]
        if record.figure is None:
            figure = None
        else:
            figure = record.figure(entry)
        if record.tool is None:
            tool = None
        else:
            tool = record.tool(entry)
        if figure is None or tool is None:
            continue
        place = _place(entry)
        if place in before:
            yield tool, figure - before[place]
        before[place] = figure


def _place(entry: Reading) -> object:
    plain = {
        name: value
        for name, value in structs.asdict(entry).items()
        if name not in ("at", "page", "joined", "station", "error_mm", "gap_mm", "height_mm")
        and name not in ("reading_mm", "mm", "slides_mm", "drags_mm", "wont_go_mm")
    }
    return type(entry).__name__, entry.at[:10], repr(sorted(plain.items()))


def offers(pairs: dict[Tool, list[float]], kit: Kit) -> tuple[SettingOffer, ...]:
    """Tools that repeat otherwise than they are set: two readings differ by root two of the
    error of one.
    """
    setting_offers = []
    for tool, apart in pairs.items():
        field = f"{tool}_error_mm"
        if len(apart) < LEAST_PAIRS or not hasattr(kit, field):
            continue
        own = math.sqrt(sum(one * one for one in apart) / len(apart) / 2.0)
        own = min(max(round(own, 4), 0.001), 1.0)
        now = float(getattr(kit, field))
        if own > OFF_BY * now or own < now / OFF_BY:
            setting_offers.append(SettingOffer(tool, field, now, own, len(apart)))
    return tuple(setting_offers)


def with_offer(kit: Kit, offer: SettingOffer) -> Kit:
    """The kit with a tool set as it repeats."""
    return structs.replace(kit, **{offer.field: offer.found_mm})
