"""The work report: what was done, promise beside result, the metal left, when to look again, how to
care for it.
"""

from __future__ import annotations

from nuvrek.bench.pages.promise_and_result import Outcome, compare
from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.working.job import look_again_words, next_step
from nuvrek.meaning import Saying
from nuvrek.planning.wear import wear_of
from nuvrek.readings.entries import Filed, FretWork, Seated
from nuvrek.readings.owner.entries import HandedBack, Letter, Table
from nuvrek.wording import speech as words
from nuvrek.wording.papers.greeting import farewell, greeting
from nuvrek.wording.papers.letter import agreed_words
from nuvrek.wording.papers.picture import picture_of
from nuvrek.wording.papers.plain import way_words
from nuvrek.wording.speech import later, say, tr

# Advice to take home (common practice, no source).
CARE = later(
    "Keep it where the air is neither very dry nor damp, 40 to 60 percent humidity. Never leave it "
    "in a hot car: from 35 °C on glue may open. Wipe the strings and the frets after playing."
)
_KEPT: dict[bool | None, Saying] = {True: later("kept"), False: later("not kept"), None: ""}


def work_report(facts: Facts) -> Letter:
    """The report as it is proposed."""
    back = facts.dealings.handed_back or HandedBack()
    parts = [
        greeting(facts),
        tr("This is what was done on {title}.", title=facts.neck.title),
        tr("What was done"),
    ]
    parts.append(" ".join((back.done.strip() or done_words(facts)).split()))
    parts += [
        "[neck]",
        *(f"[{name}]" for name, _ in facts.photos),
        *_results(facts),
        tr("The metal that is left"),
        _metal(facts),
    ]
    parts += _given_back(facts, back)
    parts += [tr("When to look again"), look_again(facts, back)]
    parts += [tr("How to keep it"), care_words(facts, back)]
    if facts.accepted is not None:
        parts += [tr("What it costs"), *agreed_words(facts, facts.accepted)]
    parts += farewell(facts)
    return Letter(
        paper="work",
        text="\n\n".join(part for part in parts if part),
        tables={"results": results_table(facts)} if _outcomes(facts) else {},
        picture=picture_of(facts.solved),
    )


def done_words(facts: Facts) -> str:
    """The ways that were gone, in words for the owner."""
    done = dict.fromkeys(facts.done)
    if not done:
        texts = _done_beside(facts)
        if texts:
            return words.sentences(*texts)
        return tr("It was measured; nothing was changed.")
    text = " ".join(way_words(kind) for kind in done)
    step = next_step(facts.neck_state)
    if step is not None and step.key not in ("prove", "look-again"):
        left = tr("It is not finished yet; the next step is: {title}.", title=say(step.title))
        return words.sentences(text, left)
    return text


def _done_beside(facts: Facts) -> list[str]:
    """Work that stands in the journal without any step ticked, in words for the owner."""
    neck_state = facts.neck_state
    kinds = {type(work.entry) for work in neck_state.work}
    said = {
        tr("The truss rod was turned."): any(move.turns for _, move in neck_state.rod_moves),
        tr("The neck was straightened with heat."): bool(neck_state.heats),
        tr("Frets were pressed home."): Seated in kinds,
        tr("Frets were filed."): Filed in kinds,
        tr("Frets were replaced."): FretWork in kinds,
        tr("The fretboard was trued."): bool(neck_state.truings),
    }
    return [words_said for words_said, was_done in said.items() if was_done]


def _outcomes(facts: Facts) -> tuple[Outcome, ...]:
    return compare(facts.solved, facts.figures.unit, facts.figures.height_unit)


def _results(facts: Facts) -> list[str]:
    if _outcomes(facts):
        return [tr("Promise and result"), "[results]"]
    return []


def results_table(facts: Facts) -> Table:
    """Each promise beside what the readings say; what was not measured is called so."""
    said = facts.figures.localised
    rows = [(tr("Matter"), tr("Promised"), tr("Result"), "")]
    rows += [
        (
            say(outcome.matter),
            said(say(outcome.promised)),
            said(say(outcome.result)),
            say(_KEPT[outcome.kept]),
        )
        for outcome in _outcomes(facts)
    ]
    return tuple(rows)


def _metal(facts: Facts) -> str:
    f, neck = facts.figures, facts.neck
    crowns = facts.solved.map.crown_mm.min(axis=1)
    thinnest = float(crowns.min())
    fret = int(crowns.argmin()) + 1
    years = wear_of(facts.neck_state).years(thinnest, neck.least_crown_mm)
    text = tr(
        "The lowest fret (no. {fret}) is {length} high. Below {least_crown} it needs replacing.",
        fret=fret,
        length=f.length(thinnest),
        least_crown=f.length(neck.least_crown_mm),
    )
    if years >= 1.0:
        away = tr(
            "With ordinary playing that is about {number} years away.", number=f.number(years, 0)
        )
        return words.sentences(text, away)
    return text


def _given_back(facts: Facts, back: HandedBack) -> list[str]:
    texts = []
    if back.returned.strip():
        texts.append(_ended(tr("Given back: {returned}", returned=back.returned)))
    if back.strings_on.strip():
        texts.append(_ended(tr("On it are now: {strings_on}", strings_on=back.strings_on)))
    arrived = facts.dealings.arrived
    if arrived is not None and arrived.outside.strip():
        texts.append(
            tr("Found beside the job: {detail}.", detail=" ".join(arrived.outside.split())).replace(
                "..", "."
            )
        )
    if texts:
        return [tr("What goes back with it"), " ".join(texts)]
    return []


def care_words(facts: Facts, back: HandedBack) -> str:
    """How to keep it: as the shop wrote, else as usual."""
    return back.care.strip() or say(facts.figures.localised(say(CARE)))


def _ended(text: str) -> str:
    """What somebody typed, as a sentence."""
    whole = " ".join(text.split())
    if whole.endswith((".", "!", "?")):
        return whole
    return f"{whole}."


def look_again(facts: Facts, back: HandedBack) -> str:
    dates = say(look_again_words(facts.neck_state, facts.day)).strip()
    if back.come_back.strip():
        return _ended(tr("Please come back: {come_back}", come_back=back.come_back))
    if dates:
        dates = words.lower_first(facts.figures.localised(dates))
        return tr(
            "Necks keep settling for a while. Please bring it in for a free check: {dates}",
            dates=dates,
        )
    return tr("Please come back if a note starts to buzz or the action changes.")
