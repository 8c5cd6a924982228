"""The bench sheet, to lie beside the neck: what is agreed, the metal fret by fret, the steps."""

from __future__ import annotations

from nuvrek.bench.pages.work import planned
from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.working.agreement import standings
from nuvrek.bench.working.job import steps_in_hand
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.neck.description import ROD_WORDS
from nuvrek.planning.steps.cautions import FIRST
from nuvrek.planning.steps.step import Step
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.owner.entries import Letter, Table
from nuvrek.wording import speech as words
from nuvrek.wording.papers.picture import picture_of, straightened
from nuvrek.wording.speech import day_words, lower_first, named, say, say_all, tr


def bench_sheet(facts: Facts) -> Letter:
    """The sheet of the way in hand, or of those advised."""
    parts = [_what(facts), "[neck]", tr("Agreed"), _agreed(facts), tr("Fret by fret"), "[frets]"]
    parts += [tr("Steps"), "[steps]", tr("Mind"), _cautions(facts)]
    return Letter(
        paper="bench",
        text="\n\n".join(part for part in parts if part),
        tables={"frets": frets_table(facts), "steps": steps_table(facts)},
        picture=picture_of(facts.solved, _frets(facts)),
    )


def _kinds(facts: Facts) -> tuple[str, ...]:
    chosen = facts.neck_state.chosen
    if chosen is not None:
        return (chosen.way,)
    return tuple(way.kind for way in facts.ways)


def _frets(facts: Facts) -> tuple[int, ...]:
    chosen = facts.neck_state.chosen
    if chosen is not None:
        frets = chosen.frets
    else:
        frets = facts.ways[0].frets
    if len(frets) < 12:
        return frets
    return ()


def _what(facts: Facts) -> str:
    neck, f = facts.neck, facts.figures
    named = words.listed(lower_first(way_title(kind)) for kind in _kinds(facts))
    if neck.radius_mm is None:
        radius = tr("flat or not known")
    else:
        radius = tr("{number} mm", number=f.number(neck.radius_mm, 0))
    return tr(
        "{title}: {number} mm, {frets} frets, joins at "
        "{joint_fret}, radius {radius}, {rod_words}, "
        "{how_many}. To be done: {named}.",
        title=neck.title,
        number=f.number(neck.scale_mm),
        frets=neck.frets,
        joint_fret=neck.joint_fret,
        radius=radius,
        rod_words=ROD_WORDS[neck.rod],
        how_many=words.count(neck.strings, "string", "strings"),
        named=named,
    )


def _agreed(facts: Facts) -> str:
    rows = standings(facts.neck_state, _kinds(facts), facts.plans)
    if facts.owner is not None and not facts.owner.asked:
        return tr("The house's own: nobody is asked.")
    agreed = [say(standing.need.said) for standing in rows if standing.settled]
    open_still = [say(standing.need.said).rstrip(".") for standing in rows if not standing.settled]
    texts = [f"{one.rstrip('.')}." for one in agreed]
    if open_still:
        texts.append(tr("NOT AGREED YET: {open_still}.", open_still="; ".join(open_still)))
    return " ".join(texts)


def frets_table(facts: Facts) -> Table:
    """Crown now and metal to go, by fret and lane."""
    f, solved = facts.figures, facts.solved
    crowns = solved.map.crown_mm
    chosen = facts.neck_state.chosen
    if chosen is not None:
        off = planned(facts.neck_state, left=True)
    else:
        off = facts.ways[0].off_mm
    tops = straightened(solved.map.tops_mm, facts.neck)
    head = (
        named("fret"),
        tr("top low"),
        tr("middle"),
        tr("high"),
        tr("crown"),
        tr("off low"),
        tr("middle"),
        tr("high"),
    )
    rows: list[tuple[str, ...]] = [head]
    for n in range(facts.neck.frets):
        metal = [f.bare(mm) if mm > WORTH_FILING_MM else "" for mm in off[n]]
        heights = [f.bare(mm, sign=True) for mm in tops[n]]
        rows.append(say_all((str(n + 1), *heights, f.bare(float(crowns[n].min())), *metal)))
    return tuple(rows)


def _steps_of(facts: Facts) -> tuple[Step, ...]:
    if facts.neck_state.chosen is not None:
        return steps_in_hand(facts.neck_state)
    return tuple(step for way in facts.ways for step in way.at_bench)


def steps_table(facts: Facts) -> Table:
    """The steps in bench order with their usual minutes; those ticked say when."""
    done = {}
    if facts.neck_state.chosen is not None:
        done = facts.neck_state.steps_done
    rows: list[tuple[str, ...]] = [("", tr("step"), tr("minutes"), tr("done"))]
    for n, step in enumerate(_steps_of(facts), 1):
        minutes = str(step.minutes) if step.minutes else named("waits") if step.wait else ""
        rows.append((str(n), say(step.title), minutes, day_words(done.get(step.key, "")[:10])))
    return tuple(rows)


def _cautions(facts: Facts) -> str:
    cautions = dict.fromkeys(saying for step in _steps_of(facts) for saying in step.cautions)
    if cautions:
        return " ".join(say_all((*cautions, FIRST)))
    return ""
