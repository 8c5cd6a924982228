"""What Work shows of the filing and crowning in hand: lanes, marks and words, as plain values."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nuvrek import meaning
from nuvrek.bench.strips.filing import metal_strip, section_strip
from nuvrek.bench.strips.strips import AnyStrip, Dots, crown_strip
from nuvrek.bench.working.course_walk import Gate
from nuvrek.bench.working.ink_order import InkWalk, ink_gone
from nuvrek.bench.working.job import filed_mm, left_to_file, steps_ahead, still_to_file
from nuvrek.meaning import Saying, lower_first, means, sentences
from nuvrek.neck.description import LANES, Lane
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import Seated
from nuvrek.readings.journal import NeckState
from nuvrek.readings.words import move_words
from nuvrek.units import Unit, format_length

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.bench.solved import Solved
    from nuvrek.planning.crowns.recrown_table import Recrown

# So many frets are named one by one.
_FEW = 8


def planned(neck_state: NeckState, left: bool = False) -> NDArray[np.float64]:
    """Metal of the chosen way, (frets, 3); with ``left`` what of it is still to go."""
    import numpy as np

    off = np.zeros((neck_state.neck.frets, 3))
    if left:
        places = left_to_file(neck_state)
    else:
        places = {}
        if neck_state.chosen:
            places = {(f, lane): mm for f, lane, mm in neck_state.chosen.off}
    for (fret, lane), mm in places.items():
        if fret <= neck_state.neck.frets:
            off[fret - 1, LANES.index(lane)] = mm
    return off


def table_of(solved: Solved) -> Recrown:
    """The re-crown table of the job in hand: by what was filed, or is to be."""
    from nuvrek.planning.crowns.recrown_table import recrown, widths_read
    from nuvrek.planning.filing.tops import neck_tops_of

    neck_state = solved.neck_state
    done, off = filed_mm(neck_state), planned(neck_state)
    before = solved.map.crown_mm.copy()
    for (fret, lane), mm in done.items():
        if fret <= neck_state.neck.frets:
            before[fret - 1, LANES.index(lane)] += mm
    least = neck_tops_of(solved.map).least_crown_mm
    return recrown(neck_state.neck, before, off, least, widths_read(neck_state))


def strip_for(step: Step | None, solved: Solved, unit: Unit) -> AnyStrip:
    """The lane under the board for a step."""
    neck_state = solved.neck_state
    if step is not None and step.action == "file" and neck_state.chosen is not None:
        left = planned(neck_state, left=True)
        order = tuple(dict.fromkeys(fret for fret, _ in neck_state.chosen.order))
        thin = None
        if left.any():
            thin = int((solved.map.crown_mm - left).min(axis=1).argmin()) + 1
        return metal_strip(
            left,
            unit,
            order,
            thin=thin,
            left=frozenset(neck_state.agreed.untouched),
            title=means("pages.still-go"),
        )
    if step is not None and step.key == "crown":
        return section_strip(table_of(solved), neck_state.neck.wire_width_mm, unit)
    return crown_strip(solved, unit, still_to_file(neck_state))


def dots_for(step: Step | None, neck_state: NeckState, walk: InkWalk | None) -> Dots:
    """Marks on the board for a step: frets to be filed, and the ink still on them."""
    left = {fret for fret, _ in left_to_file(neck_state)}
    frets = frozenset(
        f for f in (step.frets if step else ()) if step and (step.action != "file" or f in left)
    )
    ink: frozenset[tuple[int, Lane]] = frozenset()
    if step is not None and step.action == "file" and walk is not None:
        ink = frozenset(walk.order) - frozenset(ink_gone(neck_state))
    alone = frozenset(neck_state.agreed.untouched)
    return Dots(filed=frets, ink=ink, alone=alone, out=neck_state.out)


def metal_words(
    step: Step, neck_state: NeckState, unit: Unit, stroke_mm: float | None = None
) -> Saying:
    """The most metal of a filing step in words; in strokes as well where the user knows their
    own.
    """
    if step.action != "file" or neck_state.chosen is None:
        return ""
    most = still_to_file(neck_state)
    if not most:
        return means("pages.all-plan-off")
    if len(most) > _FEW:
        deepest = sorted(most, key=lambda f: -most[f])[:3]
        return means(
            "pages.most-off",
            deepest=meaning.listed(
                (means("pages.f-most", f=f, most=format_length(most[f], unit)) for f in deepest),
                by=",",
            ),
        )
    named = meaning.listed(
        (
            means("pages.fret-with-f-mm", f=f, mm=format_length(mm, unit))
            for f, mm in sorted(most.items())
        ),
        by=",",
    )
    strokes: Saying = ""
    if stroke_mm is not None:
        counted = ", ".join(
            f"{f}: {max(round(mm / stroke_mm), 1)}" for f, mm in sorted(most.items())
        )
        strokes = means("pages.your-strokes-about-rocker-decides", counted=counted)
    return means("pages.off-most", named=named, strokes=strokes)


def file_words(solved: Solved, walk: InkWalk, unit: Unit) -> Saying:
    """The filing in one glance, or what the ink says so far, or what the rocker says of the
    rest.
    """
    from nuvrek.bench.pages.filing_draft import watch_order
    from nuvrek.planning.ways.kinds import of_family

    neck_state = solved.neck_state
    verdict = walk.verdict()
    rest = _rest_words(solved, unit)
    if verdict or rest:
        return meaning.listed((part for part in (verdict, rest) if part), by="sentences")
    left = solved.map.crown_mm - planned(neck_state, left=True)
    chosen = neck_state.chosen
    return watch_order(walk.order, left, chosen is not None and of_family(chosen.way, "even"), unit)


def _rest_words(solved: Solved, unit: Unit) -> Saying:
    """After part of it is filed: what the map would still take, beside what the plan has left."""
    neck_state, plan = solved.neck_state, solved.plan
    if neck_state.chosen is None or plan is None or not filed_mm(neck_state):
        return ""
    now = next((way for way in plan.ways if way.kind == neck_state.chosen.way), None)
    if now is None:
        return ""
    by_plan = float(planned(neck_state, left=True).mean(axis=1).sum())
    return means(
        "pages.still-go-plan-map-now",
        by_plan=format_length(by_plan, unit),
        metal_mm=format_length(now.metal_mm, unit),
    )


def no_way_words(solved: Solved | None) -> Saying:
    """The way onward where no way is in hand, and what is advised if that is known."""
    sentence = means("pages.enter-choose-where-ways-weighed")
    plan = None if solved is None else solved.plan
    if plan is None:
        return sentence
    return means(
        "pages.advised-with-detail-title",
        detail=sentence,
        title=lower_first(plan.way(plan.advice).title),
    )


def to_go_words(neck_state: NeckState) -> Saying:
    """How long the steps that are left take at the bench."""
    ahead = steps_ahead(neck_state)
    minutes = sum(step.minutes for step in ahead if step.key != "look-again")
    if minutes < 90:
        return means("pages.about-minutes-go", minutes=minutes)
    return means("pages.about-hours-go", minutes=minutes / 60)


def more_words(
    step: Step,
    neck_state: NeckState,
    solved: Solved | None,
    unit: Unit,
    stroke_mm: float | None = None,
) -> Saying:
    """What the plan says of a filing or crowning step."""
    if step.key == "crown" and solved is not None:
        from nuvrek.planning.crowns.recrown_table import recrown_words

        return recrown_words(table_of(solved), neck_state.neck, unit)
    return metal_words(step, neck_state, unit, stroke_mm)


def moved_words(neck_state: NeckState) -> tuple[Saying, ...]:
    """The last rod moves in words, newest first."""
    moves = neck_state.rod_moves[-4:]
    return tuple(sentences(move_words(move), move.feel) for _, move in reversed(moves))


def seated_words(seated: Seated) -> Saying:
    """What a fret that was pressed home asks for next."""
    low: Saying = ""
    if seated.stopped == "gone too far":
        low = means("pages.gone-too-far-low-one")
    return means("pages.fret-written-down-take-rocker", fret=seated.fret, how=seated.how, low=low)


def ended_words(gate: Gate | None, any_steps: bool) -> tuple[Saying, Saying]:
    """Title and text once all steps of a way are ticked, or where none is in hand."""
    if gate is not None and gate.way is not None:
        waits: Saying = ""
        if gate.waits:
            waits = means("pages.first", waits=gate.waits)
        return means("pages.next", title=gate.way.title), sentences(gate.changed or gate.why, waits)
    if any_steps:
        title = means("pages.all-steps-ticked")
    else:
        title = means("pages.no-way-hand")
    prove = means("pages.prove-holds-promise-result-side")
    if gate is not None:
        return title, sentences(gate.changed, prove)
    return title, prove if any_steps else means("pages.take-one-choose-steps-appear")
