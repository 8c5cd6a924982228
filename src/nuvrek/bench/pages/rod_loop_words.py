"""What the bench bar says while the rod is worked on."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek import meaning
from nuvrek.bench.keypad.view import view_of
from nuvrek.bench.working.rod_loop import FEELS, RodLoop
from nuvrek.meaning import Saying, Word, means, sentences
from nuvrek.neck.description import LANE_WORDS
from nuvrek.readings.words import turns_words
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.planning.rod.move import RodPlan


class LoopWords(Struct, frozen=True):
    """Words of the bench bar; ``over`` when the loop has nothing more to ask."""

    prompt: Saying
    message: Saying
    number: str = ""
    unit: str = ""
    aside: Saying = ""
    alert: bool = False
    over: bool = False


def loop_words(loop: RodLoop, solved: Solved | None, unit: Unit) -> LoopWords | None:
    """The words of this phase; None while the plan is being weighed."""
    match loop.phase(solved):
        case "tune":
            if loop.session.neck_state.rod_moves:
                first = means("pages.tune-pitch")
            else:
                first = means("pages.tune-pitch-first")
            saying: Saying = means("pages.relief-read-strings-pitch-enter")
            if loop.session.neck_state.state.strings == "slack" and loop.slack_tells(solved):
                saying = sentences(saying, means("pages.0-stay-slack-leaf-under"))
            return LoopWords(first, saying)
        case "read":
            return _reading(loop, solved)
        case "stop":
            if solved is not None and solved.plan is not None:
                stops = solved.plan.stops
            else:
                stops = ()
            words = meaning.listed((stop.words for stop in stops), by="sentences")
            back = loop.back(solved)
            if back:
                prompt = means("pages.turn-back", turns_words=turns_words(back[0][1]))
            else:
                prompt = means("pages.stop-turning")
            return LoopWords(
                prompt, means("pages.choose-weighs-what-left", detail=words), alert=True, over=True
            )
        case "turn":
            if solved is not None and solved.plan is not None:
                plan = solved.plan.rod
            else:
                plan = None
            if plan is None:
                return None
            return _turning(loop, plan, unit)
        case "rest":
            return _resting(solved, unit)
        case _:
            return None


def _reading(loop: RodLoop, solved: Solved | None) -> LoopWords:
    loop.ask_due(solved)
    view = view_of(loop.pad)
    moved: Saying = ""
    if loop.session.neck_state.rod_moves:
        moved = means("pages.retuned")
    saying = view.question or view.message or loop.message
    return LoopWords(
        sentences(moved, view.prompt),
        sentences(saying, view.hint) if not view.question else sentences(view.question, view.hint),
        view.number,
        view.unit,
        view.beside_number,
        alert=bool(view.question),
    )


def _turning(loop: RodLoop, plan: RodPlan, unit: Unit) -> LoopWords:
    feel = Word(FEELS[loop.feel])
    keys = means("pages.enter-turned-left-right-another")
    if loop.other is not None and loop.other != plan.turns:
        prompt: Saying = means("pages.your-own", turns_words=turns_words(loop.other))
        saying: Saying = means("pages.advised", turns_words=turns_words(plan.turns))
    else:
        if plan.slacken_first:
            key = "pages.turn-strings-slack-first"
        else:
            key = "pages.turn"
        prompt = means(key, turning=plan.words.value("turning"))
        saying = _promise(plan, unit)
    if feel:
        keys = means("pages.keys-and-feel", keys=keys, feel=feel)
    return LoopWords(prompt, sentences(saying, keys))


def _promise(plan: RodPlan, unit: Unit) -> Saying:
    if not plan.known:
        return means("pages.how-much-relief-there-isnt")
    parts: list[Saying] = []
    for forecast in plan.forecasts:
        side: Saying
        side = ""
        if forecast.lane != "middle":
            side = means("pages.lane", lane=LANE_WORDS[forecast.lane])
        low, high = forecast.after_mm - forecast.doubt_mm, forecast.after_mm + forecast.doubt_mm
        later: Saying = ""
        if abs(forecast.settled_mm - forecast.after_mm) >= 0.008:
            later = means("pages.once-settled", settled_mm=format_number(forecast.settled_mm, unit))
        parts.append(
            means(
                "pages.relief-from-about-between",
                side=side,
                now_mm=format_number(forecast.now_mm, unit),
                after_mm=format_length(forecast.after_mm, unit),
                low=format_number(low, unit),
                high=format_number(high, unit),
                later=later,
            )
        )
    return meaning.listed(parts, by="sentences")


def _resting(solved: Solved | None, unit: Unit) -> LoopWords:
    from nuvrek.planning.rod.relief import wanted_relief

    wanted = None
    if solved is not None:
        wanted = wanted_relief(solved.map)
    if wanted is None or not wanted.as_figure:
        return LoopWords(
            means("pages.relief-isnt-known-well-enough"),
            means("pages.take-string-gap-both-sides"),
            over=True,
        )
    sentence = means(
        "pages.relief-give-or-take",
        mm=format_length(wanted.relief.mm, unit),
        doubt_mm=format_length(wanted.relief.doubt_mm, unit),
    )
    said = means(
        "pages.wanted-read-again-week-or",
        now=sentence,
        target_mm=format_length(wanted.target_mm, unit),
    )
    return LoopWords(means("pages.rod-can-rest"), said, over=True)
