"""What the bench bar shows at the keypad: the question asked, the keys that matter."""

from __future__ import annotations

from msgspec import Struct

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.question import OFFER_KEYS, Question
from nuvrek.bench.keypad.repeats import spread_words
from nuvrek.language import tr
from nuvrek.readings.stations import prompt, title_of
from nuvrek.units import Length, LikelyLength, Unit, format_length, unit_word
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


def question_hint(asked: Question, other_unit: Length | None) -> str:
    """The ways out of a question about an unlikely value."""
    keys = {"enter": tr("Enter"), "*": "*", "+": "+"}
    said = [
        tr("{key} takes {length}", key=keys[key], length=_with_unit(offer))
        for key, offer in zip(OFFER_KEYS, asked.offers, strict=False)
    ]
    if asked.possible:
        kept = format_length(asked.typed.mm, asked.typed.unit)
        key = "/" if asked.offers else keys["enter"]
        said.append(tr("{key} keeps {length}", key=key, length=kept))
    if other_unit is not None:
        unit = unit_word(other_unit.unit)
        said.append(tr("Space: {unit} from now on", unit=unit))
    said.append(tr("digits type it again"))
    return f"{upper_first(', '.join(said))}."


def _with_unit(offer: LikelyLength) -> str:
    """An offer as it would be taken, with millimetres beside another unit."""
    shown = format_length(offer.length.mm, offer.length.unit)
    if offer.length.unit is Unit.MM:
        return shown
    return f"{shown} ({format_length(offer.length.mm, Unit.MM)})"


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
        hint=question_hint(pad.asking, pad.other_unit(pad.asking)) if pad.asking else _hint(pad),
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
