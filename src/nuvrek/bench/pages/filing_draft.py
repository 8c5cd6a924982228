"""The filing as it is planned: by which school, what is kept, what may stay, and what that
costs. Nothing here knows a window.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from functools import partial
from typing import TYPE_CHECKING

from msgspec import structs

from nuvrek import meaning
from nuvrek.bench.session import Session
from nuvrek.meaning import Saying, means
from nuvrek.planning.ways.kinds import WAYS
from nuvrek.readings.entries import Agreed, AnyEntry, Describe, WayKind
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.bench.solved import Solved
    from nuvrek.planning.case.case import Case
    from nuvrek.planning.case.way import Draft, Way
    from nuvrek.planning.case.weighing import Weighing
    from nuvrek.planning.filing.clean_program import MetalCurve
    from nuvrek.planning.filing.rehearsal import Rehearsal, TopPlace

# So many drafts are kept while a hand plays with them.
_MOST_KEPT = 60


@dataclass(frozen=True)
class FilingTold:
    """A way of filing with its doubt, and the order in which the tool takes the ink."""

    way: Way
    rehearsal: Rehearsal


def told_of(weighing: Weighing, draft: Draft) -> FilingTold:
    """Doubt and rehearsal of a way on its case: tens of milliseconds."""
    from nuvrek.planning.filing.rehearse_way import rehearse_way
    from nuvrek.planning.plan import whole

    way = whole(weighing, (draft,))[0]
    return FilingTold(way, rehearse_way(weighing.case.neck_map, way))


class FilingDraft:
    """One way of filing over one solved neck, with what is agreed so far as a draft."""

    def __init__(self, solved: Solved, unit: Unit) -> None:
        self.solved, self.unit = solved, unit
        self.agreed: Agreed = solved.neck_state.agreed
        plan = solved.plan
        if plan is not None:
            there = {way.kind for way in plan.ways}
        else:
            there = set()
        if plan is not None and plan.curve is not None:
            there.add("play-clean")
        self.kinds = tuple(
            kind for kind, record in WAYS.items() if "planned" in record.families and kind in there
        )
        advised = plan.advice if plan is not None else "level"
        self.kind: WayKind = advised if advised in self.kinds else "level"
        self.fret: int | None = None
        # How far over what a full level allows the strings are to lie, where they are to play just
        # clean.
        self.lifted = False
        self.up_mm = self._wanted_up()
        self._made: dict[tuple[WayKind, Agreed, float], tuple[Weighing, Draft, Way]] = {}
        self._case: tuple[Agreed, Case] | None = None

    def follow(self, before: FilingDraft) -> None:
        """Go on with the choices of an earlier draft of the same neck."""
        self.kind = before.kind if before.kind in self.kinds else self.kind
        self.fret = before.fret
        if before.lifted:
            self.lift(before.up_mm)
        if before.solved.neck_state.agreed == self.solved.neck_state.agreed:
            self.agreed = before.agreed

    # --- what is played with -------------------------------------------------

    def change(self, **values: object) -> None:
        """Another draft."""
        self.agreed = structs.replace(self.agreed, **values)

    @property
    def draft(self) -> bool:
        """Whether something here is not written down yet."""
        return self.agreed != self.solved.neck_state.agreed

    @property
    def least_mm(self) -> float:
        """Least crown to keep."""
        agreed = self.agreed.least_crown_mm
        if agreed is not None:
            return agreed
        return self.solved.map.neck.least_crown_mm

    @property
    def fall_mm(self) -> float:
        """Fall-away at the last fret."""
        agreed = self.agreed.fall_away_mm
        if agreed is not None:
            return agreed
        return self.solved.map.neck.fall_away_mm

    @property
    def fall_from(self) -> int:
        """Where it begins."""
        return self.agreed.fall_from or self.solved.map.neck.joint_fret

    def leave_alone(self) -> None:
        """The chosen fret is to lose nothing, or may again."""
        if self.fret is None:
            return
        alone = set(self.agreed.untouched) ^ {self.fret}
        self.change(untouched=tuple(sorted(alone)))

    @property
    def bend_up_mm(self) -> float | None:
        """Where most string room is gained for the metal; None where the curve has no bend."""
        curve = self._curve
        if curve is None or curve.bend is None:
            return None
        return curve.bend.up_mm

    def lift(self, up_mm: float) -> None:
        """Just clean with all strings so far over what a full level allows."""
        self.up_mm, self.lifted = up_mm, True

    def _wanted_up(self) -> float:
        heights, curve = self.strings_mm(), self._curve
        if heights is None or curve is None:
            return 0.0
        return float((heights - curve.base_mm).max())

    @property
    def _curve(self) -> MetalCurve | None:
        if self.solved.plan is None:
            return None
        return self.solved.plan.curve

    # --- what it comes to ----------------------------------------------------

    @property
    def case(self) -> Case:
        """The neck with the draft's agreement."""
        from nuvrek.planning.filing.tops import neck_tops_of
        from nuvrek.planning.plan import case_of

        if self._case is None:
            self._case = self.agreed, case_of(self.solved.map, self.solved.findings, self.unit)
        before, case = self._case
        if before != self.agreed or case.agreed != self.agreed:
            neck_state = structs.replace(self.solved.map.neck_state, agreed=self.agreed)
            neck_map = replace(self.solved.map, neck_state=neck_state)
            case = replace(case, neck_map=neck_map, neck_tops=neck_tops_of(neck_map))
            self._case = self.agreed, case
        return case

    def way(self) -> Way:
        """The way in view, by the draft; its doubt is told apart, for it takes longer."""
        return self._weighed()[2]

    def _weighed(self) -> tuple[Weighing, Draft, Way]:
        lifted = self.lifted and self.kind == "play-clean"
        key = self.kind, self.agreed, self.up_mm if lifted else -1.0
        if key not in self._made:
            if len(self._made) > _MOST_KEPT:
                self._made.clear()
            self._made[key] = self._weigh()
        return self._made[key]

    def _weigh(self) -> tuple[Weighing, Draft, Way]:
        from nuvrek.planning.case.weighing import Weighing
        from nuvrek.planning.plan import whole

        weighing = Weighing(self.case)
        draft = self._draft(weighing)
        return weighing, draft, whole(weighing, (draft,), doubted=False)[0]

    def _draft(self, weighing: Weighing) -> Draft:
        from nuvrek.planning.plan import drafted
        from nuvrek.planning.ways.just_clean import clean_at
        from nuvrek.planning.ways.kinds import way_record
        from nuvrek.planning.ways.level_schools import level_draft

        curve, heights = self._curve, self.strings_mm()
        if self.kind == "play-clean" and curve is not None and heights is not None:
            return clean_at(weighing, curve, heights)
        # A way whose reason is gone (its last groove left alone, say) is shown as the full level.
        return drafted(way_record(self.kind), weighing) or level_draft(weighing, "level")

    @property
    def key(self) -> tuple[object, ...]:
        """What the way in view depends on: while it is the same, so are its doubt and its ink."""
        return self.solved.identity, self.kind, self.agreed, self.up_mm if self.lifted else None

    def to_tell(self) -> Callable[[], FilingTold]:
        """What there is to say of the way in view, ready to be worked out on any thread."""
        weighing, draft, _ = self._weighed()
        return partial(told_of, weighing, draft)

    def strings_mm(self) -> NDArray[np.float64] | None:
        """The string heights just clean is for, bass side first: as wished for, unless another
        height was asked for here.
        """
        from nuvrek.planning.ways.just_clean import heights_wanted

        curve = self._curve
        if curve is None:
            return None
        if self.lifted:
            return curve.base_mm + self.up_mm
        return heights_wanted(self.solved.map.neck, curve.base_mm)

    def head(self) -> Saying:
        """The way in view in a line."""
        viewed = self.way()
        if not viewed.possible:
            return means("pages.not-now", title=viewed.title)
        n = self.unit
        thin = format_number(float(viewed.left_mm.min()), n)
        levels = means("pages.left", how_many=means("pages.levels", number=viewed.levels_left))
        metal = format_length(viewed.metal_mm, n)
        return means(
            "pages.off-all-thinnest", title=viewed.title, metal=metal, thin=thin, levels=levels
        )

    # --- written down --------------------------------------------------------

    def agreement(self) -> tuple[AnyEntry, ...]:
        """The draft as entries, with the string heights if others were asked for; none if
        nothing changed.
        """
        entries: list[AnyEntry] = [structs.replace(self.agreed, at="")] if self.draft else []
        heights = None
        if self.kind == "play-clean" and self.lifted:
            heights = self.strings_mm()
        if heights is not None:
            low, high = (round(float(mm), 2) for mm in (heights[0], heights[-1]))
            described = self.solved.neck_state.neck
            neck = structs.replace(described, height_low_mm=low, height_high_mm=high)
            if neck != described:
                entries.append(Describe(neck=neck))
        return tuple(entries)

    def agree(self, session: Session) -> bool:
        """Write the draft down. False when nothing changed. Raises LogbookError."""
        entries = self.agreement()
        if entries:
            session.append(*entries, on=self.solved.identity)
        return bool(entries)

    def take(self, session: Session) -> None:
        """Write the draft and the way in view down in one go. Raises LogbookError."""
        from nuvrek.bench.working.job import chosen_entry

        chosen = chosen_entry(self.solved, self.way(), self.case.neck_map)
        session.append(*self.agreement(), chosen, on=self.solved.identity)


# A tool that takes so much more than the plan, left to itself, is to be led.
_MUCH_MORE = 1.12


def watch_words(rehearsal: Rehearsal, way: Way, unit: Unit) -> Saying:
    """The filing in one glance, with what the rehearsal warns of."""
    sentences: list[Saying] = [watch_order(rehearsal.order, way.left_mm, rehearsal.every, unit)]
    took = float(rehearsal.took_mm.mean(axis=1).sum())
    if rehearsal.every and not rehearsal.kept and took > _MUCH_MORE * way.metal_mm:
        more = format_length(took - way.metal_mm, unit)
        sentences.append(means("pages.so-worked-tool-takes-more", more=more))
    if rehearsal.kept:
        frets = meaning.listed(dict.fromkeys(fret for fret, _ in rehearsal.kept))
        sentences.append(means("pages.so-worked-would-keep-ink", frets=frets))
    if rehearsal.also:
        frets = meaning.listed(rehearsal.also)
        sentences.append(means("pages.tool-brushes-well-shorter-stone", frets=frets))
    if rehearsal.every and rehearsal.left_high_mm >= 0.015:
        sentences.append(
            means(
                "pages.middle-gives-way-under-hand",
                left_high_mm=format_length(rehearsal.left_high_mm, unit),
            )
        )
    return meaning.listed(sentences, by="sentences")


def watch_order(
    order: tuple[TopPlace, ...], left_mm: NDArray[np.float64], every: bool, unit: Unit
) -> Saying:
    """Three frets to watch: which goes first, which runs thinnest, which goes last, and when to
    stop.
    """
    from nuvrek.neck.description import LANE_WORDS
    from nuvrek.planning.filing.rehearsal import to_watch

    watch = to_watch(order, left_mm)
    if watch is None:
        return means("pages.nothing-loses-ink")
    first, last = (
        means("pages.fret-lane", fret=fret, lane=LANE_WORDS[lane])
        for fret, lane in (watch.first, watch.last)
    )
    return means(
        "pages.watch-three-fret-goes-first-ink-gone-stop"
        if every
        else "pages.watch-three-fret-goes-first-then-rocker-stop",
        first=first,
        thinnest=watch.thinnest[0],
        other_thinnest=format_length(watch.thinnest[1], unit),
        last=last,
    )
