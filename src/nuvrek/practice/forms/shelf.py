"""The forms there are."""

from __future__ import annotations

from collections.abc import Sequence
from typing import cast

import numpy as np
from msgspec import structs
from numpy.random import Generator

from nuvrek.meaning import Refusal, Saying, listed, means, written
from nuvrek.practice.at_work.actions import Block, CrownTops, FileFret, RoundEnd
from nuvrek.practice.at_work.desk import Desk
from nuvrek.practice.forms.form import Form, Judged
from nuvrek.practice.lessons.plain_neck import as_wanted, plain_neck
from nuvrek.practice.score.account import account
from nuvrek.practice.score.matters import matters
from nuvrek.readings.entries import AnyEntry, Chosen, Rock
from nuvrek.simulator.living.lying import over_line
from nuvrek.simulator.living.neck import LivingNeck

# From here on a rocker rocks for every hand.
_ROCKS_MM = 0.035
PAPER_MM = tuple(round(0.1 * n, 1) for n in range(1, 9))


def _uneven(rng: Generator) -> LivingNeck:
    living = plain_neck(int(rng.integers(1_000)), complaint=means("practice.some-frets-rock"))
    for fret in rng.choice(np.arange(3, 21), 4, replace=False):
        living.crown_mm[fret] += float(rng.uniform(0.06, 0.11))
    as_wanted(living)
    return living


def _one_proud(rng: Generator) -> LivingNeck:
    living = plain_neck(int(rng.integers(1_000)), complaint=means("practice.one-fret-rocks"))
    living.crown_mm[int(rng.integers(5, 18))] += float(rng.uniform(0.07, 0.12))
    as_wanted(living)
    return living


def _anything(rng: Generator) -> LivingNeck:
    relief = float(rng.uniform(0.05, 0.55))
    living = plain_neck(
        int(rng.integers(1_000)), relief_mm=relief, complaint=means("practice.buzzes-with-again")
    )
    for fret in rng.choice(np.arange(2, 21), 3, replace=False):
        living.crown_mm[fret] += float(rng.choice([-1.0, 1.0])) * float(rng.uniform(0.05, 0.1))
    as_wanted(living)
    return living


def _budget(rng: Generator) -> LivingNeck:
    living = plain_neck(int(rng.integers(1_000)), wire_mm=float(rng.choice([0.95, 1.25])))
    worn = np.arange(1, int(rng.integers(5, 10)))
    living.groove_mm[worn] += float(rng.uniform(0.06, 0.18))
    living.neck = structs.replace(
        living.neck, complaint=written(means("practice.lent-out-every-week-worn")), owner=""
    )
    as_wanted(living)
    return living


def _truly_rocks(living: LivingNeck) -> set[int]:
    tops, x = living.tops_mm(), living.x_mm

    def most_over(fret: int) -> float:
        return max(over_line(x, tops[:, k], fret - 1, fret, fret + 1) for k in range(3))

    return {fret for fret in range(2, living.neck.frets) if most_over(fret) > _ROCKS_MM}


def _judge_sweep(desk: Desk, _before: Sequence[AnyEntry], own: Sequence[AnyEntry]) -> Judged:
    true = _truly_rocks(desk.neck)
    marked = {entry.fret for entry in own if isinstance(entry, Rock) and entry.says == "rocks"}
    found, missed, false = len(true & marked), sorted(true - marked), sorted(marked - true)
    points = round(100.0 * max(found - 0.5 * len(false), 0.0) / max(len(true), 1))
    words = [means("practice.rock-marked", detail=found, number=len(true))]
    if missed:
        words.append(means("practice.not-marked", missed=", ".join(map(str, missed))))
    if false:
        words.append(means("practice.marked-nothing-there", false=", ".join(map(str, false))))
    return Judged(points, tuple(words))


def _judge_stroke(desk: Desk, _before: Sequence[AnyEntry], _own: Sequence[AnyEntry]) -> Judged:
    fresh = desk.fresh().neck
    proud = next((m for m in matters(fresh) if m.of == "proud"), None)
    if proud is None:
        return Judged(0, (means("practice.nothing-stood-proud"),))
    took = float(desk.neck.taken_mm[proud.fret].mean())
    tops, x = desk.neck.tops_mm(), desk.neck.x_mm
    left = max(over_line(x, tops[:, k], proud.fret - 1, proud.fret, proud.fret + 1) for k in (0, 2))
    elsewhere = float(desk.neck.taken_mm.mean(axis=1).sum()) - took
    over = max(-left, 0.0)
    points = round(100.0 * np.exp(-((left / 0.03) ** 2)) * np.exp(-elsewhere / 0.1))
    words: list[Saying] = [
        means("practice.fret-lost-mm-stands-mm", fret=proud.fret, took=took, left=left)
    ]
    words.append(means("practice.one-stroke-less-would-have") if over > 0.015 else "")
    if elsewhere > 0.01:
        words.append(means("practice.mm-came-off-other-frets", elsewhere=elsewhere))
    return Judged(points, tuple(word for word in words if word))


def _judge_next(desk: Desk, before: Sequence[AnyEntry], own: Sequence[AnyEntry]) -> Judged:
    """The doubt one's reading took away, against what the best suggestion would have taken."""
    from nuvrek.estimate.heightmap import map_neck
    from nuvrek.estimate.next_reading import next_best
    from nuvrek.practice.advice.technician import Technician
    from nuvrek.readings.entries import Reading
    from nuvrek.readings.journal import fold

    neck = desk.neck.neck
    mine = [entry for entry in own if isinstance(entry, Reading)][:1]
    if not mine:
        return Judged(0, (means("practice.no-reading-taken"),))
    was = map_neck(fold(neck, [*before]))
    doubt = float(np.square(was.tops_doubt_mm).sum())
    got = doubt - float(np.square(map_neck(fold(neck, [*before, *mine])).tops_doubt_mm).sum())
    best, named = got, cast("Saying", "")
    for suggestion in next_best(was).suggestions[:3]:
        read = Technician(desk.fresh()).take(suggestion.station, fold(neck, [*before]).state)
        after = map_neck(fold(neck, [*before, *read])).tops_doubt_mm
        won = doubt - float(np.square(after).sum())
        if won > best:
            best, named = won, suggestion.reason
    share = got / best if best > 0.0 else 1.0
    words = [means("practice.your-reading-took-doubt-away", got=max(got, 0.0) / doubt)]
    words.append(
        means("practice.more-would-have-come", named=named)
        if named
        else means("practice.none-would-have-told-more")
    )
    return Judged(round(100.0 * min(max(share, 0.0), 1.0)), tuple(words))


def _judge_offer(desk: Desk, before: Sequence[AnyEntry], own: Sequence[AnyEntry]) -> Judged:
    """The way one chose against what the judgement of this program comes to."""
    from nuvrek.estimate.findings.find import find
    from nuvrek.estimate.heightmap import map_neck
    from nuvrek.planning.plan import make_plan
    from nuvrek.planning.ways.kinds import way_title
    from nuvrek.readings.journal import fold

    chosen = next((e.way for e in reversed(own) if isinstance(e, Chosen)), None)
    if chosen is None:
        return Judged(0, (means("practice.nothing-offered-way-chosen-choose"),))
    neck_map = map_neck(fold(desk.neck.neck, [*before]))
    plan = make_plan(neck_map, find(neck_map), draw=False)
    course = [leg.way for leg in plan.course] or [plan.advice]
    points = 100 if chosen == course[0] else 60 if chosen in course else 0
    way = next((way for way in plan.ways if way.kind == chosen), None)
    costs: Saying
    costs = ""
    if way is not None:
        costs = means("practice.h-mm-metal", minutes=way.minutes / 60.0, metal_mm=way.metal_mm)
    words: list[Saying] = [
        means("practice.you-offered", way_title=way_title(chosen), costs=costs),
        means(
            "practice.program-would", course=listed((way_title(kind) for kind in course), by=",")
        ),
        *plan.reasons[:2],
    ]
    return Judged(points, tuple(words))


def _judge_home_made(desk: Desk, _before: Sequence[AnyEntry], _own: Sequence[AnyEntry]) -> Judged:
    end, began = account(desk), account(desk.fresh())
    won = began.unclean - end.unclean
    share = 1.0
    if end.unclean:
        share = max(won, 0) / max(began.unclean, 1)
    filed = any(isinstance(a, Block | FileFret | CrownTops | RoundEnd) for a in desk.actions)
    words = [
        means(
            "practice.notes-ring-clean-before-were",
            clean=end.clean,
            notes=end.notes,
            other_clean=began.clean,
        ),
        means("practice.mm-metal", metal_mm=end.metal_mm)
        if filed
        else means("practice.no-metal-taken"),
    ]
    return Judged(round(100.0 * share), tuple(words))


FORMS: tuple[Form, ...] = (
    Form(
        key="two-minute-sweep",
        title=means("practice.two-minute-sweep"),
        task=means("practice.rocker-two-minutes-mark-frets"),
        make=_uneven,
        judge=_judge_sweep,
        tools=("rocker",),
        seconds=120.0,
    ),
    Form(
        key="next-reading",
        title=means("practice.which-reading-next"),
        task=means("practice.neck-begun-take-one-reading"),
        make=_anything,
        judge=_judge_next,
        tools=("leaf", "edge", "rocker", "finger", "caliper", "rule", "string"),
        readings=1,
        surveyed="quick",
    ),
    Form(
        key="right-stroke",
        title=means("practice.stop-right-stroke"),
        task=means("practice.one-fret-proud-file-until"),
        make=_one_proud,
        judge=_judge_stroke,
    ),
    Form(
        key="what-to-offer",
        title=means("practice.what-would-you-offer"),
        task=means("practice.neck-read-purse-small-choose"),
        make=_budget,
        judge=_judge_offer,
        surveyed="full",
    ),
    Form(
        key="home-made-tools",
        title=means("practice.home-made-tools-only"),
        task=means("practice.slips-paper-leaves-cut-edge"),
        make=_anything,
        judge=_judge_home_made,
        tools=("leaf", "edge", "rocker", "finger", "pluck", "sight", "key", "string", "hand"),
        leaves_mm=PAPER_MM,
    ),
)


def form(key: str) -> Form:
    """The form of a key. Raises ValueError where there is none."""
    for one in FORMS:
        if one.key == key:
            return one
    raise Refusal(means("practice.there-no-form", key=key[:40]))
