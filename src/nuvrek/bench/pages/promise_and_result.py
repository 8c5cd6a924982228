"""Promise beside result."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING

from nuvrek import meaning
from nuvrek.meaning import Meaning, Saying, means
from nuvrek.neck.crown import STILL_MM
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.readings.entries import (
    SIDES,
    CrownHeight,
    Filed,
    OthersStill,
    Rock,
    StringGap,
    StringHeight,
    StringPromise,
)
from nuvrek.readings.journal import Later
from nuvrek.units import Unit, format_length

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved


@dataclass(frozen=True, slots=True)
class Outcome:
    """One line of the comparison; ``kept`` is None while nothing can be said."""

    matter: Meaning
    promised: Saying
    result: Saying
    kept: bool | None
    remark: Saying


# A slot this near to what was promised is as promised (a blade's step; common practice, no source).
FIRST_KEPT_MM = 0.04
_HEIGHT_WAYS = ("nut", "saddle", "shim", "play-clean")


def compare(solved: Solved, unit: Unit, height_unit: Unit) -> tuple[Outcome, ...]:
    """Promise of the chosen way beside what the readings say now; empty when nothing was chosen."""
    chosen = solved.neck_state.chosen
    if chosen is None:
        return ()
    rows = (
        _relief(solved, unit),
        _rock(solved, unit),
        _metal(solved, unit),
        _thinnest(solved, unit),
        *_strings(solved, unit, height_unit),
        *_clean(solved, height_unit),
        _notes(solved),
        *_new_wire(solved, unit),
        _later(solved, unit),
    )
    return tuple(row for row in rows if row)


def _closed(solved: Solved, prefix: str) -> bool:
    """Whether a closing reading of that kind was taken since the way was chosen."""
    return any(
        taken.number > solved.neck_state.chosen_number and taken.reading.station.startswith(prefix)
        for taken in solved.neck_state.taken
    )


def _relief(solved: Solved, unit: Unit) -> Outcome | None:
    from nuvrek.planning.rod.relief import relief_now

    if solved.neck_state.chosen:
        promise = solved.neck_state.chosen.promise
    else:
        promise = None
    if promise is None or promise.relief_mm is None:
        return None
    sentence = means(
        "pages.relief-relief-doubt",
        relief=format_length(promise.relief_mm, unit),
        relief_doubt=format_length(promise.relief_doubt_mm or 0.0, unit),
    )
    relief = relief_now(solved.map)
    if relief is None or not _closed(solved, "closing-gap"):
        return Outcome(
            means("pages.relief-pitch"),
            sentence,
            means("pages.not-measured"),
            None,
            means("pages.take-closing-readings"),
        )
    result = means(
        "pages.mm-doubt",
        mm=format_length(relief.mm, unit),
        doubt=format_length(relief.doubt_mm, unit),
    )
    off_by = abs(relief.mm - promise.relief_mm)
    kept = off_by <= (promise.relief_doubt_mm or 0.0) + relief.doubt_mm
    if kept:
        remark = means("pages.promised")
    else:
        remark = means("pages.away-turn-rod-again-quarter", off_by=format_length(off_by, unit))
    return Outcome(means("pages.relief-pitch"), sentence, result, kept, remark)


def _rock(solved: Solved, unit: Unit) -> Outcome | None:
    if solved.neck_state.chosen:
        promise = solved.neck_state.chosen.promise
    else:
        promise = None
    if promise is None or promise.largest_rock_mm is None:
        return None
    sentence = means(
        "pages.none-over",
        largest_rock_mm=format_length(max(promise.largest_rock_mm, STILL_MM), unit),
    )
    if not _swept_since_filed(solved):
        return Outcome(
            means("pages.rocker"),
            sentence,
            means("pages.not-measured"),
            None,
            means("pages.sweep-rocker-once-more"),
        )
    rocking = _rocking_since(solved)
    if not rocking:
        return Outcome(
            means("pages.rocker"),
            sentence,
            means("pages.still-all-along"),
            True,
            means("pages.promised"),
        )
    worst = max(rocking, key=lambda f: rocking[f])
    where = means("pages.rocks", listed=meaning.listed(sorted(rocking)))
    if rocking[worst] <= 0.0:
        # A mark without a leaf says that it rocks, not by how little.
        return Outcome(
            means("pages.rocker"),
            sentence,
            means("pages.not-measured-with-where", where=where),
            None,
            means("pages.leaf-under-tells-or-file"),
        )
    kept = rocking[worst] <= max(promise.largest_rock_mm, STILL_MM)
    if kept:
        remark = means("pages.trace-no-more-than-promised")
    else:
        remark = means("pages.file-fret-until-still", worst=worst)
    result = means("pages.up-or-more", where=where, rocking=format_length(rocking[worst], unit))
    return Outcome(means("pages.rocker"), sentence, result, kept, remark)


def _last_filed(solved: Solved) -> int:
    """The number of the last filing since the way was chosen, or of the choice."""
    filed = [w.number for w in solved.neck_state.work if isinstance(w.entry, Filed)]
    return max([solved.neck_state.chosen_number, *filed])


def _swept_since_filed(solved: Solved) -> bool:
    """Whether the rocker went over all three lanes since the last filing."""
    since = _last_filed(solved)
    lanes = {
        taken.reading.lane
        for taken in solved.neck_state.taken
        if isinstance(taken.reading, OthersStill) and taken.number > since
    }
    return len(lanes) == len(LANES)


def _rocking_since(solved: Solved) -> dict[int, float]:
    """Frets that rocked since the way was chosen, with the least height (mm) each reading
    proves.
    """
    found: dict[int, float] = {}
    for taken in solved.neck_state.taken:
        rock = taken.reading
        if taken.number > _last_filed(solved) and isinstance(rock, Rock) and rock.says == "rocks":
            if rock.gap_mm is not None:
                proved = rock.gap_mm
            else:
                proved = rock.slides_mm or 0.0
            found[rock.fret] = max(found.get(rock.fret, 0.0), proved)
    return found


def _metal(solved: Solved, unit: Unit) -> Outcome | None:
    chosen = solved.neck_state.chosen
    if chosen is None:
        return None
    logged = sum(
        mm / 3.0
        for work in solved.neck_state.work
        if work.number > solved.neck_state.chosen_number and isinstance(work.entry, Filed)
        for _, _, mm in work.entry.off
    )
    length = format_length(chosen.promise.metal_off_mm, unit)
    if logged:
        remark = means("pages.logged-work")
    elif chosen.promise.metal_off_mm > 0.002:
        remark = means("pages.nothing-filed-yet")
    else:
        remark = means("pages.nothing-file")
    if not logged and chosen.promise.metal_off_mm > 0.002:
        kept = None
    else:
        kept = logged <= chosen.promise.metal_off_mm + 0.01
    return Outcome(
        means("pages.metal-off-all-frets"), length, format_length(logged, unit), kept, remark
    )


# A crown this much lower than promised is as promised (two readings of a caliper; common practice,
# no source).
CROWN_KEPT_MM = 0.04


def _thinnest_now(solved: Solved) -> tuple[float, float]:
    """The lowest crown as mapped, and how far it may stand off one promised by a map as doubtful,
    mm.
    """
    crowns = solved.map.crown_mm
    at = int(crowns.argmin())
    doubt = 2.0**0.5 * float(solved.map.crown_doubt_mm.flat[at])
    return float(crowns.flat[at]), doubt


def _thinnest(solved: Solved, unit: Unit) -> Outcome | None:
    if solved.neck_state.chosen:
        promise = solved.neck_state.chosen.promise
    else:
        promise = None
    if promise is None or promise.thinnest_mm is None:
        return None
    length = format_length(promise.thinnest_mm, unit)
    since = _last_filed(solved)
    taken = solved.neck_state.taken
    if not any(isinstance(t.reading, CrownHeight) and t.number > since for t in taken):
        return Outcome(
            means("pages.thinnest-crown"),
            length,
            means("pages.not-measured"),
            None,
            means("pages.one-crown-height-tells"),
        )
    now, doubt = _thinnest_now(solved)
    kept = now >= promise.thinnest_mm - max(CROWN_KEPT_MM, doubt)
    if kept:
        remark = means("pages.promised")
    else:
        remark = means("pages.thinner-than-promised")
    return Outcome(means("pages.thinnest-crown"), length, format_length(now, unit), kept, remark)


def _strings(solved: Solved, unit: Unit, heights: Unit) -> tuple[Outcome, ...]:
    """Every string, the lowest first: its gap over fret 1 and its height, where promised."""
    chosen = solved.neck_state.chosen
    if chosen is None:
        return ()
    promised = tuple(reversed(chosen.promise.strings)) or _sides_of(solved)
    nut = tuple(row for one in promised if (row := _first(solved, one, unit)) is not None)
    over = tuple(row for one in promised if (row := _height(solved, one, heights)) is not None)
    return nut + over


def _sides_of(solved: Solved) -> tuple[StringPromise, ...]:
    """The outer strings alone, as older journals promise them where the way was to change them."""
    chosen, neck = solved.neck_state.chosen, solved.neck_state.neck
    if chosen is None or chosen.way not in _HEIGHT_WAYS:
        return ()
    promise = chosen.promise
    return (
        StringPromise(string=neck.strings, height_mm=promise.height_low_mm),
        StringPromise(string=1, height_mm=promise.height_high_mm),
    )


def _first(solved: Solved, one: StringPromise, unit: Unit) -> Outcome | None:
    """The gap over fret 1 of one string pressed at 3; inner ones only where they were read."""
    if one.first_mm is None:
        return None
    read = _first_read(solved, one.string)
    if read is None and 1 < one.string < solved.neck_state.neck.strings:
        return None
    name = means("pages.string-over-first", string=one.string)
    promised = format_length(one.first_mm, unit)
    if read is None:
        return Outcome(
            name, promised, means("pages.not-measured"), None, means("pages.take-closing-readings")
        )
    off_by = read - one.first_mm
    kept = abs(off_by) <= max(one.first_doubt_mm, FIRST_KEPT_MM)
    key = "pages.slot-still-high" if off_by > 0 else "pages.slot-too-low"
    remark = means("pages.promised") if kept else means(key, off_by=format_length(off_by, unit))
    return Outcome(name, promised, format_length(read, unit), kept, remark)


def _first_read(solved: Solved, string: int) -> float | None:
    """The gap over fret 1 of a string pressed at 3, read since the way was chosen: by its number,
    or of the outer ones by their side.
    """
    neck_state, found = solved.neck_state, None
    outer = {neck_state.neck.strings: "bass", 1: "treble"}
    for taken in neck_state.taken:
        gap = taken.reading
        if taken.number <= neck_state.chosen_number or not isinstance(gap, StringGap):
            continue
        if gap.low_support != 0 or gap.fret != 1:
            continue
        mine = gap.string == string or (gap.string is None and gap.lane == outer.get(string))
        if mine and neck_state.stands(taken.number, 1):
            found = _gap_mm(gap)
    return found


def _gap_mm(gap: StringGap) -> float:
    """A gap as its blades have it: half-way from the one that slides to the one that won't go."""
    if gap.gap_mm is not None:
        return gap.gap_mm
    if gap.drags_mm is not None:
        return gap.drags_mm
    low = gap.slides_mm or 0.0
    return low if gap.wont_go_mm is None else 0.5 * (low + gap.wont_go_mm)


def _height(solved: Solved, one: StringPromise, unit: Unit) -> Outcome | None:
    """The height of one open string over the fret heights are spoken of at."""
    from nuvrek.clearance.string_heights import AS_WANTED_MM
    from nuvrek.readings.told.open_heights import heights_by_string

    if one.height_mm is None:
        return None
    since = solved.neck_state.chosen_number
    closing = [
        taken
        for taken in solved.neck_state.taken
        if taken.number > since and isinstance(taken.reading, StringHeight)
    ]
    read = None
    if any(_is_of(solved, taken.reading, one.string) for taken in closing):
        read = heights_by_string(solved.neck_state).get(one.string)
    inner = 1 < one.string < solved.neck_state.neck.strings
    if read is None and inner:
        return None
    name = means(
        "pages.string-number-over-fret", string=one.string, fret=solved.neck_state.neck.height_fret
    )
    promised = format_length(one.height_mm, unit)
    if read is None:
        return Outcome(
            name, promised, means("pages.not-measured"), None, means("pages.take-closing-readings")
        )
    off_by = abs(read - one.height_mm)
    chosen = solved.neck_state.chosen
    is_set = chosen is not None and (chosen.saddle or chosen.way in _HEIGHT_WAYS) and not inner
    allowed = max(AS_WANTED_MM, 0.0 if is_set else one.height_doubt_mm)
    remark = means("pages.away-set-again", off_by=format_length(off_by, unit))
    if off_by <= allowed:
        remark = means("pages.promised")
    return Outcome(name, promised, format_length(read, unit), off_by <= allowed, remark)


def _is_of(solved: Solved, reading: object, string: int) -> bool:
    if not isinstance(reading, StringHeight):
        return False
    outer = 1 if reading.side == "treble" else solved.neck_state.neck.strings
    return (reading.string or outer) == string


def _clean(solved: Solved, unit: Unit) -> tuple[Outcome, ...]:
    """Lowest clean height of the outer strings, where frets were worked on: by the tops as they
    are read now.
    """
    chosen = solved.neck_state.chosen
    if chosen is not None:
        promise = chosen.promise
    else:
        promise = None
    if chosen is None or promise is None or not chosen.off or promise.clean_doubt_mm is None:
        return ()
    ready = _swept_since_filed(solved) and _closed(solved, "closing-gap")
    now = _lowest_now(solved) if ready else None
    rows = []
    for side, said in zip(SIDES, (promise.clean_low_mm, promise.clean_high_mm), strict=True):
        name = means("pages.clean-from", lane_words=LANE_WORDS[side])
        promised = format_length(said or 0.0, unit)
        doubted = format_length(promise.clean_doubt_mm, unit)
        sentence = means("pages.promised-doubted", promised=promised, doubted=doubted)
        if said is None or now is None:
            rows.append(
                Outcome(
                    name,
                    sentence,
                    means("pages.not-measured"),
                    None,
                    means("pages.rocker-relief-tell"),
                )
            )
            continue
        mm, doubt = now[0] if side == "bass" else now[1]
        kept = mm <= said + promise.clean_doubt_mm + doubt
        result = means(
            "pages.mm-doubt", mm=format_length(mm, unit), doubt=format_length(doubt, unit)
        )
        rows.append(
            Outcome(
                name,
                sentence,
                result,
                kept,
                means("pages.promised") if kept else means("pages.string-room-names-notes"),
            )
        )
    return tuple(rows)


def _lowest_now(solved: Solved) -> tuple[tuple[float, float], tuple[float, float]]:
    from nuvrek.clearance.strung_neck import string_up
    from nuvrek.neck.touch import TOUCHES

    lowest, doubt = string_up(solved.map).lowest_clean_mm(TOUCHES[solved.map.neck.touch])
    return (float(lowest[0]), float(doubt[0])), (float(lowest[-1]), float(doubt[-1]))


def _notes(solved: Solved) -> Outcome | None:
    """Every note by ear, where the way was to be heard."""
    from nuvrek.planning.ways.kinds import of_family
    from nuvrek.readings.told.what_was_read import heard_clean, heard_faults

    chosen = solved.neck_state.chosen
    if chosen is None or of_family(chosen.way, "not heard"):
        return None
    faults = heard_faults(solved.neck_state)
    if faults:
        named = meaning.listed(
            means("pages.string-fret", string=string, fret=fret) for string, fret in faults[:3]
        )
        return Outcome(
            means("pages.every-note"),
            means("pages.clean"),
            means("pages.not", named=named),
            False,
            means("pages.string-room-names-frets"),
        )
    if heard_clean(solved.neck_state):
        return Outcome(
            means("pages.every-note"),
            means("pages.clean"),
            means("pages.heard-clean"),
            True,
            means("pages.promised"),
        )
    return Outcome(
        means("pages.every-note"),
        means("pages.clean"),
        means("pages.not-measured"),
        None,
        means("pages.play-every-note-string-room"),
    )


def _new_wire(solved: Solved, unit: Unit) -> tuple[Outcome, ...]:
    """What new wire promised before anything was pulled, beside the crown it has after its first
    level and the bow its tangs bent in.
    """
    from nuvrek.planning.refret.plan import bows_read

    promise = solved.neck_state.new_wire_promise
    if promise is None:
        return ()
    rows = []
    if promise.thinnest_mm is not None:
        sentence = means("pages.after-level", thinnest_mm=format_length(promise.thinnest_mm, unit))
        since = _last_filed(solved)
        taken = solved.neck_state.taken
        if any(isinstance(t.reading, CrownHeight) and t.number > since for t in taken):
            now, doubt = _thinnest_now(solved)
            kept = now >= promise.thinnest_mm - max(CROWN_KEPT_MM, doubt)
            if kept:
                remark = means("pages.promised")
            else:
                remark = means("pages.thinner-than-promised")
            rows.append(
                Outcome(
                    means("pages.new-wire-with-again"),
                    sentence,
                    format_length(now, unit),
                    kept,
                    remark,
                )
            )
        else:
            rows.append(
                Outcome(
                    means("pages.new-wire-with-again"),
                    sentence,
                    means("pages.not-measured"),
                    None,
                    means("pages.one-crown-height-tells"),
                )
            )
    wanted = solved.neck_state.new_wire.back_bow_mm
    if wanted > 0.0:
        sentence, reads = (
            means("pages.bent-back", wanted=format_length(wanted, unit)),
            bows_read(solved.map),
        )
        if reads:
            got, sd = reads[-1].gained_mm, reads[-1].sd_mm
            kept = abs(got - wanted) <= 0.04 + 1.6449 * sd
            result = means(
                "pages.got-sd", got=format_length(got, unit), sd=format_length(1.6449 * sd, unit)
            )
            rows.append(
                Outcome(
                    means("pages.bow-tangs"), sentence, result, kept, means("pages.learnt-next")
                )
            )
        else:
            rows.append(
                Outcome(
                    means("pages.bow-tangs"),
                    sentence,
                    means("pages.not-measured"),
                    None,
                    means("pages.edge-slack-tells"),
                )
            )
    return tuple(rows)


# Relief that has moved by less than this and its doubt has held (common practice, no source).
HELD_MM = 0.03


def _later(solved: Solved, unit: Unit) -> Outcome | None:
    """The look after one to two weeks: held, crept on the way the work went, or moved."""
    from nuvrek.planning.rod.relief import relief_over_moves

    neck_state = solved.neck_state
    waits = [n for n, (_, shift) in enumerate(neck_state.shifts) if isinstance(shift, Later)]
    since = [n for n in waits if neck_state.shifts[n][0] > neck_state.chosen_number]
    if neck_state.chosen is None or not since or not _closed(solved, ""):
        return None
    over = relief_over_moves(solved.map, SIDES)
    (before, _), (after, doubt) = over[since[0]], over[since[0] + 1]
    change = after - before
    sentence = means(
        "pages.then-now", before=format_length(before, unit), after=format_length(after, unit)
    )
    if abs(change) <= max(HELD_MM, doubt):
        return Outcome(means("pages.after-one-two-weeks"), "held", sentence, True, "held")
    tightened = sum(move.turns for _, move in neck_state.rod_moves) > 0.0
    crept = (change < 0.0) == tightened
    remark = means(
        "pages.by-crept-way-turned" if crept else "pages.by-moved-back",
        change=format_length(abs(change), unit),
    )
    return Outcome(means("pages.after-one-two-weeks"), "held", sentence, False, remark)
