"""What the bench bar says while the rod is worked on."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.bench.keypad.view import view_of
from nuvrek.bench.work.rod_loop import FEELS, RodLoop
from nuvrek.language import named, tr
from nuvrek.neck.description import LANE_WORDS
from nuvrek.readings.words import turns_words
from nuvrek.units import Unit, format_length, format_number
from nuvrek.words import upper_first

if TYPE_CHECKING:
    from nuvrek.bench.solved import Solved
    from nuvrek.planning.rod.move import RodPlan


class LoopWords(Struct, frozen=True):
    """Words of the bench bar; ``over`` when the loop has nothing more to ask."""

    prompt: str
    message: str
    number: str = ""
    unit: str = ""
    aside: str = ""
    alert: bool = False
    over: bool = False


def loop_words(loop: RodLoop, solved: Solved | None, unit: Unit) -> LoopWords | None:
    """The words of this phase; None while the plan is being weighed."""
    match loop.phase(solved):
        case "tune":
            first = (
                tr("Tune to pitch")
                if loop.session.neck_state.rod_moves
                else tr("Tune to pitch first")
            )
            told = tr("Relief is read with the strings at pitch. Enter when it is so.")
            if loop.session.neck_state.state.strings == "slack" and loop.slack_tells(solved):
                told += tr(" 0: stay slack, a leaf under the edge means the relief wanted.")
            return LoopWords(first, told)
        case "read":
            return _reading(loop, solved)
        case "stop":
            stops = solved.plan.stops if solved is not None and solved.plan is not None else ()
            words = " ".join(stop.words for stop in stops)
            back = loop.back(solved)
            prompt = (
                tr("Turn it back: {turns_words}", turns_words=turns_words(back[0][1]))
                if back
                else tr("Stop turning")
            )
            return LoopWords(
                prompt,
                tr("{words} Choose weighs what is left.", words=words),
                alert=True,
                over=True,
            )
        case "turn":
            plan = solved.plan.rod if solved is not None and solved.plan is not None else None
            return None if plan is None else _turning(loop, plan, unit)
        case "rest":
            return _resting(solved, unit)
        case _:
            return None


def _reading(loop: RodLoop, solved: Solved | None) -> LoopWords:
    loop.ask_due(solved)
    view = view_of(loop.pad)
    moved = tr("Retuned? ") if loop.session.neck_state.rod_moves else ""
    said = view.question or view.message or loop.message
    return LoopWords(
        f"{moved}{view.prompt}",
        f"{said} {view.hint}".strip() if not view.question else f"{view.question} {view.hint}",
        view.number,
        view.unit,
        view.aside,
        alert=bool(view.question),
    )


def _turning(loop: RodLoop, plan: RodPlan, unit: Unit) -> LoopWords:
    feel = named(FEELS[loop.feel])
    keys = tr(
        "Enter: turned. Left, right: another turn. /: not counted. -: leave it so. *: how it feels"
    )
    felt = f" ({feel})." if feel else "."
    if loop.other is not None and loop.other != plan.turns:
        prompt = tr("{turns_words}, your own", turns_words=upper_first(turns_words(loop.other)))
        told = tr("Advised is {turns_words}.", turns_words=turns_words(plan.turns))
    else:
        prompt = plan.words.split(" (")[0]
        prompt += tr(". Strings slack first") if plan.slacken_first else ""
        told = _promise(plan, unit)
    return LoopWords(prompt, f"{told} {keys}{felt}")


def _promise(plan: RodPlan, unit: Unit) -> str:
    if not plan.known:
        return tr("How much relief there is isn't known yet.")
    parts = []
    for one in plan.forecasts:
        side = "" if one.lane == "middle" else f", {LANE_WORDS[one.lane]},"
        low, high = one.after_mm - one.doubt_mm, one.after_mm + one.doubt_mm
        later = ""
        if abs(one.settled_mm - one.after_mm) >= 0.008:
            later = tr(
                "; {settled_mm} once settled", settled_mm=format_number(one.settled_mm, unit)
            )
        parts.append(
            tr(
                "Relief{side} from {now_mm} to about {after_mm}, between {low} and {high}{later}.",
                side=side,
                now_mm=format_number(one.now_mm, unit),
                after_mm=format_length(one.after_mm, unit),
                low=format_number(low, unit),
                high=format_number(high, unit),
                later=later,
            )
        )
    return " ".join(parts)


def _resting(solved: Solved | None, unit: Unit) -> LoopWords:
    from nuvrek.planning.rod.relief import wanted_relief

    wanted = wanted_relief(solved.map) if solved is not None else None
    if wanted is None or not wanted.as_figure:
        return LoopWords(
            tr("The relief isn't known well enough"),
            tr("Take a string gap on both sides in Measure."),
            over=True,
        )
    now = tr(
        "Relief {mm}, give or take {doubt_mm}",
        mm=format_length(wanted.now.mm, unit),
        doubt_mm=format_length(wanted.now.doubt_mm, unit),
    )
    said = tr(
        "{now}; {target_mm} is wanted. Read it again in a week or two: wood goes on a little.",
        now=now,
        target_mm=format_length(wanted.target_mm, unit),
    )
    return LoopWords(tr("The rod can rest"), said, over=True)
