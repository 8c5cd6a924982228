"""The rod: its nut first, its direction, what slack means, and the relief."""

from __future__ import annotations

from collections.abc import Iterator

from nuvrek.estimate.findings.relief import BACK_BOW_MM
from nuvrek.language import tr
from nuvrek.planning.case.course import Leg
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.planning.judgement.rule import Rule
from nuvrek.readings.told.observed import rod_feel
from nuvrek.readings.told.rod_answers import went_other_way

READ_AGAIN = tr("The relief is read again after every move.")


def _nut_first(g: Grounds) -> Iterator[Leg]:
    if "rod-nut" not in g.ways or not (g.nut_waits or g.stopped("whole-turn")):
        return
    if not g.relief_off and g.relief is not None and g.relief.as_figure:
        return
    yield Leg(
        "rod-nut",
        g.ways["rod-nut"].gist,
        unless=tr("It stays named until the nut is mended, whatever is felt since."),
    )
    if g.relief_off:
        yield Leg(
            "rod",
            tr("Then the relief, with a rod that can be judged."),
            gate=tr("The nut mended and turning freely; the relief read again."),
        )


def _other_way(g: Grounds) -> Iterator[Leg]:
    answer = went_other_way(g.case.neck_map.neck_state)
    if answer is None or "rod-back" not in g.ways or not g.stopped("other-way"):
        return
    said = tr(
        "{length} became {length_2}",
        length=g.case.length(answer.before_mm),
        length_2=g.case.length(answer.after_mm),
    )
    yield Leg(
        "rod-back",
        tr(
            "The relief went the other way: {said}. The rod works; find its direction first.",
            said=said,
        ),
        unless=tr("Two moves that answer alike settle which way it turns."),
        speaks_for=(answer.last_move,),
    )
    yield Leg(
        "rod", tr("Then the relief, the right way round."), gate=tr("Turned back and read again.")
    )


def _set(g: Grounds) -> Iterator[Leg]:
    if not g.relief_off or g.case.stops or g.neck.rod == "none" or not g.possible("rod"):
        return
    over = tr("more") if g.relief_over else tr("less")
    if g.relief is not None and g.relief.now.mm < BACK_BOW_MM:
        why = tr("Back bow under string tension: loosen, never tighten.")
    else:
        why = tr("There is {over} relief than wanted: the rod comes before the file.", over=over)
    moved = g.case.neck_map.neck_state.rod_moves
    unless = tr("Strings that ring clean with a content owner would leave it.")
    if _slack(g) and g.neck.rod in ("two-way", "unknown", "twin") and moved:
        why += tr(" It is slack: turn on until it bites, that is how a two-way rod is found out.")
    yield g.leg("rod", why, "relief", "back-bow", unless=unless)


def _slack(g: Grounds) -> bool:
    return rod_feel(g.case.neck_map.neck_state) == "slack"


def _nothing_left(g: Grounds) -> Iterator[Leg]:
    """One-way, slack, and still less relief than wanted: not spent, there is nothing to let out."""
    if not g.stopped("nothing-left"):
        return
    why = g.stop_words()
    lies = tr("It is left as it lies where every note rings clean.")
    if g.complaint and g.possible("strings"):
        yield Leg("strings", f"{why} {g.ways['strings'].gist}", unless=lies)
    else:
        unless = tr(
            "A note that buzzes there would ask for heavier strings, or for relief in the frets."
        )
        yield Leg("leave", f"{why} {lies}", unless=unless)


NUT_FIRST = Rule(
    "rod-nut-first",
    tr("A chewed, gummed or unreachable rod nut comes first and stays named until it is mended."),
    _nut_first,
    excludes=("heat", "refer", "level", "rod-back"),
)
OTHER_WAY = Rule(
    "other-way",
    tr("A rod that moves the relief the other way is a rod that works: turn back, learn its sign."),
    _other_way,
    excludes=("heat", "refer", "level"),
)
SET = Rule(
    "rod",
    tr("Relief off and frets even: the rod, by quarter turns at most; no rod turns under a stop."),
    _set,
)
NOTHING_LEFT = Rule(
    "slack-is-not-spent",
    tr("A one-way rod turned out until slack has nothing left to let out; it is not spent."),
    _nothing_left,
    excludes=("heat", "refer", "level", "level-lies"),
)
