"""What the bench bar shows at the keypad: the question asked, the keys that matter."""

from __future__ import annotations

from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.bench.keypad.question import OFFER_KEYS, Question
from nuvrek.bench.keypad.repeats import spread_words
from nuvrek.meaning import Saying, means
from nuvrek.readings.stations import prompt, title_of
from nuvrek.units import Length, LikelyLength, Unit, format_length, unit_word


class View(Struct, frozen=True):
    """Everything the bench bar shows."""

    prompt: Saying
    number: str
    unit: str
    beside_number: Saying
    question: Saying
    message: Saying
    hint: Saying
    done: int
    total: int
    finished: bool


def question_hint(asked: Question, other_unit: Length | None) -> Saying:
    """The ways out of a question about an unlikely value."""
    keys = {"enter": means("keypad.enter"), "*": "*", "+": "+"}
    meanings = [
        means("keypad.takes", key=keys[key], length=_with_unit(offer))
        for key, offer in zip(OFFER_KEYS, asked.offers, strict=False)
    ]
    if asked.possible:
        kept = format_length(asked.typed.mm, asked.typed.unit)
        key = "/" if asked.offers else keys["enter"]
        meanings.append(means("keypad.keeps", key=key, length=kept))
    if other_unit is not None:
        unit = unit_word(other_unit.unit)
        meanings.append(means("keypad.space-from-now", unit=unit))
    meanings.append(means("keypad.digits-type-again"))
    return means("keypad.ways-out", ways=meaning.listed(meanings, by=","))


def _with_unit(offer: LikelyLength) -> Saying:
    """An offer as it would be taken, with millimetres beside another unit."""
    shown = format_length(offer.length.mm, offer.length.unit)
    if offer.length.unit is Unit.MM:
        return shown
    return means("keypad.shown-and-mm", shown=shown, mm=format_length(offer.length.mm, Unit.MM))


def view_of(pad: Keypad) -> View:
    """The bench bar's words for a keypad at this moment."""
    keys = pad.keys_here
    picking = pad.by_picking and pad.finished
    typing = keys.numbers or picking
    unit = unit_word(pad.unit)
    posts = pad.posts()
    return View(
        prompt=_prompt(pad, posts),
        number=f"{pad.text}▏" if typing else "",
        unit=unit if keys.numbers and keys.lengths else "",
        beside_number=keys.beside_number,
        question=pad.asking.words if pad.asking else "",
        message=pad.message,
        hint=question_hint(pad.asking, pad.other_unit(pad.asking)) if pad.asking else _hint(pad),
        done=sum(done for done, _now in posts),
        total=len(posts) or len(pad.round.stations),
        finished=pad.finished,
    )


def _hint(pad: Keypad) -> Saying:
    if pad.by_picking and pad.finished:
        return means("keypad.number-enter-or-press-enter")
    before = spread_words(pad.readings_here(), pad.unit)
    if not before:
        return pad.keys_here.words
    return meaning.sentences(means("keypad.readings-before", before=before), pad.keys_here.words)


def _prompt(pad: Keypad, posts: tuple[tuple[bool, bool], ...]) -> Saying:
    if pad.station is not None:
        return prompt(pad.station, pad.cursor, pad.session.neck_state.state.strings)
    if pad.by_picking:
        return means("keypad.which-reading")
    left = sum(not done for done, _now in posts)
    if not left:
        return means("keypad.round-done")
    return means("keypad.end-round-left-open-up", left=left)


def menu_of(pad: Keypad) -> tuple[Saying, ...]:
    """The kinds of single readings to pick from; empty while one is being taken, or in a round."""
    if pad.by_picking and pad.finished:
        return tuple(title_of(s) for s in pad.round.stations)
    return ()
