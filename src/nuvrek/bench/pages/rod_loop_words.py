"""What the bench bar says while the rod is worked on."""

from __future__ import annotations

from typing import TYPE_CHECKING

from msgspec import Struct

from nuvrek.bench.keypad.view import view_of
from nuvrek.bench.work.rod_loop import FEELS, RodLoop
from nuvrek.neck.description import LANE_WORDS
from nuvrek.readings.words import turns_words
from nuvrek.units import Unit, format_length, format_number

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
            first = "Tune to pitch" if loop.session.neck_state.rod_moves else "Tune to pitch first"
            told = "Relief is read with the strings at pitch. Enter when it is so."
            if loop.session.neck_state.state.strings == "slack" and loop.slack_tells(solved):
                told += " 0: stay slack, a leaf under the edge means the relief wanted."
            return LoopWords(first, told)
        case "read":
            return _reading(loop, solved)
        case "stop":
            stops = solved.plan.stops if solved is not None and solved.plan is not None else ()
            words = " ".join(stop.words for stop in stops)
            back = loop.back(solved)
            prompt = f"Turn it back: {turns_words(back[0][1])}" if back else "Stop turning"
            return LoopWords(prompt, f"{words} Choose weighs what is left.", alert=True, over=True)
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
    moved = "Retuned? " if loop.session.neck_state.rod_moves else ""
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
    feel = FEELS[loop.feel]
    keys = (
        "Enter: turned. Left, right: another turn. /: not counted. -: leave it so. *: how it feels"
    )
    felt = f" ({feel})." if feel else "."
    if loop.other is not None and loop.other != plan.turns:
        prompt = f"{turns_words(loop.other).capitalize()}, your own"
        told = f"Advised is {turns_words(plan.turns)}."
    else:
        prompt = plan.words.split(" (")[0]
        prompt += ". Strings slack first" if plan.slacken_first else ""
        told = _promise(plan, unit)
    return LoopWords(prompt, f"{told} {keys}{felt}")


def _promise(plan: RodPlan, unit: Unit) -> str:
    if not plan.known:
        return "How much relief there is isn't known yet."
    parts = []
    for one in plan.forecasts:
        side = "" if one.lane == "middle" else f", {LANE_WORDS[one.lane]},"
        low, high = one.after_mm - one.doubt_mm, one.after_mm + one.doubt_mm
        later = ""
        if abs(one.settled_mm - one.after_mm) >= 0.008:
            later = f"; {format_number(one.settled_mm, unit)} once settled"
        parts.append(
            f"Relief{side} from {format_number(one.now_mm, unit)} to about "
            f"{format_length(one.after_mm, unit)}, between "
            f"{format_number(low, unit)} and {format_number(high, unit)}{later}."
        )
    return " ".join(parts)


def _resting(solved: Solved | None, unit: Unit) -> LoopWords:
    from nuvrek.planning.rod.relief import wanted_relief

    wanted = wanted_relief(solved.map) if solved is not None else None
    if wanted is None or not wanted.as_figure:
        return LoopWords(
            "The relief isn't known well enough",
            "Take a string gap on both sides in Measure.",
            over=True,
        )
    now = (
        f"Relief {format_length(wanted.now.mm, unit)}, give or take "
        f"{format_length(wanted.now.doubt_mm, unit)}"
    )
    said = (
        f"{now}; {format_length(wanted.target_mm, unit)} is wanted. Read it again in a week or "
        "two: wood goes on a little."
    )
    return LoopWords("The rod can rest", said, over=True)
