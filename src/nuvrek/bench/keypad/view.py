"""What the bench bar shows at the keypad: the question asked, the keys that matter."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.question import Question
from nuvrek.bench.keypad.repeats import spread_words
from nuvrek.language import tr
from nuvrek.readings.stations import prompt, title_of
from nuvrek.units import format_length, unit_word
from nuvrek.words import upper_first


class View(Struct, frozen=True):
    """Everything the bench bar shows."""

    prompt: str
    number: str
    unit: str
    aside: str
    question: str
    message: str
    hint: str
    done: int
    total: int
    finished: bool


def question_hint(asked: Question) -> str:
    """The ways out of a question about an unlikely value."""
    typed, meaning = asked.typed, asked.meaning
    if meaning is None:
        if asked.possible:
            return tr("Enter keeps it, Backspace types it again.")
        return tr("Backspace types it again.")
    taken = format_length(meaning.length.mm, meaning.length.unit)
    keep = tr(" / keeps {mm},", mm=format_length(typed.mm, typed.unit)) if asked.possible else ""
    return tr("Enter takes {taken},{keep} Backspace types it again.", taken=taken, keep=keep)


def view_of(pad: Keypad) -> View:
    """The bench bar's words for a keypad at this moment."""
    keys = pad.keys_here
    picking = pad.one and pad.finished
    typing = keys.numbers or picking
    unit = unit_word(pad.unit)
    posts = pad.posts()
    return View(
        prompt=_prompt(pad, posts),
        number=f"{pad.text}▏" if typing else "",
        unit=unit if keys.numbers and keys.lengths else "",
        aside=keys.aside,
        question=pad.asking.words if pad.asking else "",
        message=pad.message,
        hint=question_hint(pad.asking) if pad.asking else _hint(pad),
        done=sum(done for done, _now in posts),
        total=len(posts) or len(pad.round.stations),
        finished=pad.finished,
    )


def _hint(pad: Keypad) -> str:
    if pad.one and pad.finished:
        return tr("Its number and Enter, or press it. Enter alone comes back here from a reading.")
    before = spread_words(pad.readings_here(), pad.unit)
    return f"{upper_first(before)}. {pad.keys_here.words}" if before else pad.keys_here.words


def _prompt(pad: Keypad, posts: tuple[tuple[bool, bool], ...]) -> str:
    if pad.station is not None:
        return prompt(pad.station, pad.cursor, pad.session.neck_state.state.strings)
    if pad.one:
        return tr("Which reading?")
    left = sum(not done for done, _now in posts)
    return (
        tr("Round done.")
        if not left
        else tr("End of the round. {left} left open: Up goes back.", left=left)
    )


def menu_of(pad: Keypad) -> tuple[str, ...]:
    """The kinds of single readings to pick from; empty while one is being taken, or in a round."""
    return tuple(title_of(s) for s in pad.round.stations) if pad.one and pad.finished else ()
