"""Ready for you: one page to take home. What was wrong and what was done for it in the player's
words, before and after as pictures and figures, care, the next look, what it cost.
"""

from __future__ import annotations

from nuvrek.bench.papers.facts import Facts
from nuvrek.clearance.string_heights import heights_of
from nuvrek.planning.rod.relief import relief_now
from nuvrek.readings.owner.entries import HandedBack, Letter, NeckPicture, Table
from nuvrek.wording import speech as words
from nuvrek.wording.papers.greeting import farewell, greeting
from nuvrek.wording.papers.picture import picture_of, tops_picture
from nuvrek.wording.papers.plain import cure_words
from nuvrek.wording.papers.work_report import care_words, done_words, look_again
from nuvrek.wording.speech import say, tr


def ready_for_you(facts: Facts) -> Letter:
    """The page as it is proposed."""
    back = facts.dealings.handed_back or HandedBack()
    before = facts.before
    text = [
        greeting(facts),
        _opening(facts),
        tr("What we did"),
        " ".join((back.done.strip() or done_words(facts)).split()),
        tr("What you will notice"),
        _notice(facts),
    ]
    if before is not None:
        text += ["[before]", "[after]"]
    else:
        text.append("[neck]")
    text += [f"[{name}]" for name, _ in facts.photos]
    text += ["[changes]", tr("How to keep it"), care_words(facts, back)]
    text += [tr("When to look again"), look_again(facts, back), *_cost(facts), *farewell(facts)]
    return Letter(
        paper="ready",
        text="\n\n".join(part for part in text if part),
        tables={"changes": changes(facts)},
        picture=picture_of(facts.solved),
        before=NeckPicture() if before is None else tops_picture(before),
    )


def _opening(facts: Facts) -> str:
    ready = tr("Your instrument, {title}, is ready for you.", title=facts.neck.title)
    complaint = " ".join(facts.neck.complaint.split())
    if complaint:
        told = tr("You told us: “{complaint}”", complaint=complaint)
        return words.sentences(ready, told)
    return ready


def _notice(facts: Facts) -> str:
    """What each way that was gone cures, in the player's words."""
    cured = dict.fromkeys(cure_words(kind) for kind in facts.done)
    said = [cure for cure in cured if cure]
    if said:
        return " ".join(said)
    if facts.neck_state.work or facts.neck_state.shifts:
        return tr("Play it in for a day or two, and tell us if anything feels other than you wish.")
    return tr("Nothing was changed that you would feel: it was measured and is in order.")


def changes(facts: Facts) -> Table:
    """Action, relief and the lowest fret, as it came in and as it is now; what was not measured is
    called so.
    """
    f, unread = facts.figures, tr("not measured")
    before, now = facts.before, facts.solved.map
    maps = [one for one in (before, now) if one is not None]
    rows = [("", *((tr("before"), tr("now")) if before is not None else (tr("now"),)))]
    for words_said, side in ((tr("Action, bass side"), 0), (tr("Action, treble side"), 1)):
        cells = []
        for one in maps:
            mm = heights_of(one.neck_state).sides[side].now_mm
            cells.append(unread if mm is None else say(f.height(mm)))
        rows.append((words_said, *cells))
    cells = []
    for one in maps:
        relief = None if one.neck.bare else relief_now(one)
        cells.append(unread if relief is None else say(f.length(relief.mm)))
    rows.append((tr("Neck relief"), *cells))
    cells = [
        say(f.length(float(one.crown_mm.min()))) if one.crown_measured else unread for one in maps
    ]
    rows.append((tr("Lowest fret"), *cells))
    told = [rows[0]] + [row for row in rows[1:] if any(cell != unread for cell in row[1:])]
    return tuple(tuple(row) for row in told)


def _cost(facts: Facts) -> list[str]:
    """What was agreed, and the line that says so."""
    accepted, f = facts.accepted, facts.figures
    if accepted is None:
        return []
    return [
        tr(
            "What it costs: {money}, as agreed on {day}.",
            money=f.money(accepted.total, accepted.currency),
            day=f.day(accepted.at),
        )
    ]
