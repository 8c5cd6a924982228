"""A refret as it is planned on its page: what is agreed as a draft, the four faces of it (wood,
slots, wire, cutting), and what each says. Nothing here knows a window.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from functools import partial
from typing import TYPE_CHECKING, Literal

from msgspec import structs

from nuvrek import meaning
from nuvrek.bench.session import Session
from nuvrek.bench.strips.refret import SlotStrip, TruingStrip, slot_strip, truing_strip
from nuvrek.meaning import Figure, Saying, Word, means, sentences, told_by
from nuvrek.neck.description import LANE_WORDS, Lane
from nuvrek.neck.wire import HARDNESS_WORDS, Wire
from nuvrek.readings.entries import NewWire
from nuvrek.units import Unit, format_length, format_number

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

    from nuvrek.bench.solved import Solved
    from nuvrek.planning.case.weighing import Weighing
    from nuvrek.planning.refret.plan import Check, RefretPlan
    from nuvrek.planning.refret.truing import Board, TrueTo, Truing
    from nuvrek.planning.refret.wire_choice import Choice

Face = Literal["wood", "slots", "wire", "cut"]
FACES: dict[Face, Saying] = {
    "wood": means("pages.wood"),
    "slots": means("pages.slots"),
    "wire": means("pages.wire"),
    "cut": means("pages.cutting"),
}


class NewWireDraft:
    """One neck's refret with its terms as a draft, and the wires of the shelf."""

    def __init__(
        self, solved: Solved, unit: Unit, height_unit: Unit, shelf: Sequence[Wire]
    ) -> None:
        self.solved, self.unit, self.height_unit = solved, unit, height_unit
        self.shelf = tuple(shelf)
        self.terms: NewWire = _begun(solved)
        self.face: Face = "wood"
        self.fret = 1
        self.lane: Lane = "bass"
        self.pick = 0
        self._plans: dict[NewWire, RefretPlan] = {}
        self._weighing: Weighing | None = None

    @property
    def key(self) -> NewWire:
        """What a plan stands on beside the neck."""
        return self.terms

    @property
    def draft(self) -> bool:
        """Whether something here is not written down yet."""
        return self.terms != self.solved.neck_state.new_wire

    def change(self, **values: object) -> None:
        """Another draft."""
        self.terms = structs.replace(self.terms, **values)

    def follow(self, before: NewWireDraft) -> None:
        """Go on with the choices of an earlier draft of the same neck."""
        self.face, self.fret, self.lane, self.pick = (
            before.face,
            before.fret,
            before.lane,
            before.pick,
        )
        if before.solved.neck_state.new_wire == self.solved.neck_state.new_wire:
            self.terms = before.terms

    def corner(self) -> None:
        """The place in hand keeps its pencil, or gives it up."""
        place = (self.fret, self.lane)
        kept = set(self.terms.corners) ^ {place}
        self.change(corners=tuple(sorted(kept)))

    # --- working it out --------------------------------------------------------

    @property
    def weighing(self) -> Weighing:
        """The neck as the ways weigh it."""
        if self._weighing is None:
            from nuvrek.planning.case.weighing import Weighing
            from nuvrek.planning.plan import case_of

            solved = self.solved
            self._weighing = Weighing(
                case_of(solved.map, solved.findings, self.unit, self.height_unit)
            )
        return self._weighing

    def plan(self) -> RefretPlan | None:
        """The plan for these terms, where it was worked out."""
        return self._plans.get(self.terms)

    def to_plan(self) -> Callable[[], RefretPlan]:
        """What works it out, to be run off the interface thread."""
        from nuvrek.planning.refret.plan import plan_refret

        return partial(plan_refret, self.weighing, self.terms, self.shelf)

    def keep(self, terms: NewWire, plan: RefretPlan) -> None:
        """A plan has arrived."""
        if len(self._plans) > 30:
            self._plans.clear()
        self._plans[terms] = plan

    def wood_now(self) -> tuple[Board, TrueTo, Truing] | Saying:
        """The truing alone, quick enough to follow the hand, or why there is none."""
        from nuvrek.planning.refret.new_tops import plan_truing, usual_wire

        if self.terms.wood != "true":
            return means("pages.board-only-cleaned-no-wood")
        wire = self.terms.wire or usual_wire(self.solved.map.neck)
        try:
            return plan_truing(self.solved.map, self.terms, wire)
        except ValueError as error:
            return told_by(error)

    # --- showing -----------------------------------------------------------------

    def wood_strip(self) -> TruingStrip | None:
        """The wood under the board."""
        found = self.wood_now()
        if not isinstance(found, tuple):
            return None
        board, to, truing = found
        plan = self.plan()
        wood = plan.wood if plan is not None else None
        left = frozenset(self.terms.corners)
        if wood is None:
            return truing_strip(board, to, truing, self.unit, left)
        return truing_strip(
            board,
            to,
            truing,
            unit=self.unit,
            left=left,
            lingers=wood.lingers,
            order=wood.order.frets,
        )

    def slots_strip(self) -> SlotStrip | None:
        """The slots under the board."""
        plan = self.plan()
        if plan is None or not plan.slots:
            return None
        return slot_strip(plan.slots, plan.wire.barbs_mm, plan.grips, self.unit)

    def length(self, mm: float) -> Saying:
        """A length in the unit of the sentences."""
        return format_length(mm, self.unit)

    def head(self) -> Saying:
        """What the page is about, in a line."""
        terms, every = self.terms, self.solved.map.neck.frets
        which: Saying
        if terms.frets:
            which = meaning.frets(terms.frets)
        else:
            which = means("pages.all-frets", every=every)
        parts: list[Saying] = [means("pages.new-wire-with-which", which=which)]
        parts.append(
            means("pages.board-trued") if terms.wood == "true" else means("pages.board-cleaned")
        )
        if terms.angle_mm:
            parts.append(means("pages.angle", length=self.length(terms.angle_mm)))
        if terms.back_bow_mm:
            parts.append(means("pages.tangs-bend-back", length=self.length(terms.back_bow_mm)))
        return meaning.listed(parts, by=",")

    def in_words(self) -> Saying:
        """What the face in front says."""
        plan = self.plan()
        if plan is None:
            return means("pages.being-worked-out")
        saying = {
            "wood": self._wood_words,
            "slots": self._slot_words,
            "wire": self._wire_words,
            "cut": self._cut_words,
        }[self.face](plan)
        return meaning.sentences(*plan.faults, saying)

    def why(self) -> Saying:
        """The reasons added up."""
        plan = self.plan()
        if plan is None:
            return ""
        if not plan.reasons:
            return means("pages.nothing-read-so-far-asks")
        reasons = meaning.listed(reason.says for reason in plan.reasons)
        return means("pages.because", reasons=reasons)

    def _wood_words(self, plan: RefretPlan) -> Saying:
        wood, new = plan.wood, plan.new
        if wood is None or new is None:
            if new is None:
                return ""
            return means("pages.cleaned-only-dirt-off-fine", length=self.length(new.level.metal_mm))
        truing = wood.truing
        parts: list[Saying] = [
            means(
                "pages.wood-whole-likely-most",
                length=self.length(truing.wood_mm),
                wood_likely=self.length(new.wood_likely_mm),
                most=self.length(truing.most_mm),
            )
        ]
        if abs(truing.rod_dip_mm) >= 0.01:
            parts.append(
                means(
                    "pages.rod-first-than-now-more-dip"
                    if truing.rod_dip_mm > 0
                    else "pages.rod-first-than-now-less-dip",
                    length=self.length(abs(truing.rod_dip_mm)),
                )
            )
        first = meaning.frets(wood.order.frets[:3])
        last = wood.order.frets[-1:] or (0,)
        parts.append(means("pages.pencil-goes-first-last-fret", first=first, last=last[0]))
        if wood.lingers:
            parts.append(means("pages.dont-linger", frets=meaning.frets(wood.lingers)))
        deeper = tuple(fret for fret, mm in enumerate(truing.saw_mm, 1) if mm > 0.005)
        if deeper:
            parts.append(means("pages.slots-sawn-deeper-after", frets=meaning.frets(deeper)))
        parts += (self._check_words(check) for check in wood.checks[:2])
        gauge = self._gauge_words(wood.to.radius_mm)
        parts.append(means("pages.end-no-light-three-lines", gauge=gauge))
        return meaning.listed(parts, by="sentences")

    def _gauge_words(self, radius_mm: NDArray[np.float64]) -> Saying:
        """What the radius gauge must say at both ends."""
        nut, end = float(radius_mm[0]), float(radius_mm[-1])
        if nut == float("inf"):
            return means("pages.flat-across")
        if abs(nut - end) < 1.0:
            return means("pages.gauge-all-along", inches=inches(nut))
        first, last = inches(nut), inches(end)
        return means("pages.gauge-fret-1-last", first=first, last=last)

    def _check_words(self, check: Check) -> Saying:
        lane, fret, mm = max(check.light_mm, key=lambda one: one[2])
        return means(
            "pages.edge-shows-most-fret-now"
            if check.share == 0.0
            else "pages.edge-shows-most-fret-half-way",
            length=self.length(mm),
            lane_words=LANE_WORDS[lane],
            fret=fret,
        )

    def _slot_words(self, plan: RefretPlan) -> Saying:
        by: dict[str, list[int]] = {}
        for slot in plan.slots:
            by.setdefault(slot.says, []).append(slot.fret)
        parts: list[Saying] = []
        for says, does in (
            ("loose", "pages.loose-crimp-or-mushroom-tang"),
            ("tight", "pages.tight-file-barbs-or-open"),
            ("shallow", "pages.too-shallow-saw-tang-hair"),
            ("not read", "pages.not-read-trial-piece-tells"),
        ):
            if says in by:
                parts.append(means(does, frets=meaning.frets(tuple(by[says]))))
        if not parts:
            parts.append(means("pages.every-slot-holds-tang"))
        return meaning.sentences(*parts, self._grip_words(plan))

    def _grip_words(self, plan: RefretPlan) -> Saying:
        grips = plan.grips
        if grips is None:
            return ""
        sentence = means(
            "pages.bow-wanted-so-driven-comes",
            length=self.length(plan.terms.back_bow_mm),
            bow=self.length(grips.bow_mm),
            doubt=self.length(grips.doubt_mm),
        )
        if plan.reads:
            read = plan.reads[-1]
            done = int(read.fitted.sum())
            then = means(
                "pages.after-out-go-so" if grips.possible else "pages.after-out-tighter-does-not",
                how_many=means("pages.frets", number=done),
                length=self.length(read.gained_mm),
            )
        else:
            then = means("pages.nothing-learnt-yet-fit-first")
        short: Saying = ""
        if not grips.possible:
            short = means(
                "pages.even-tightest-tangs-lack-level", length=self.length(grips.short_mm)
            )
        return meaning.sentences(sentence, then, short)

    def _wire_words(self, plan: RefretPlan) -> Saying:
        if not plan.choices:
            return means("pages.no-wire-shelf-yet-takes")
        choice = plan.choices[min(self.pick, len(plan.choices) - 1)]
        return self.choice_words(plan, choice)

    def choice_words(self, plan: RefretPlan, choice: Choice) -> Saying:
        """What one wire comes to on this neck."""
        if not choice.fits:
            return means(
                "pages.wire-not-because",
                wire=Word(choice.wire.name),
                why=meaning.listed(choice.why_not, by="sentences"),
            )
        parts: list[Saying] = [
            means(
                "pages.after-first-level-light-levels",
                name=Word(choice.wire.name),
                hardness_words=HARDNESS_WORDS[choice.wire.hardness],
                length=self.length(choice.crown_mm),
                levels=choice.levels,
                years=choice.years,
            )
        ]
        if choice.loose:
            parts.append(means("pages.loose", frets=meaning.frets(choice.loose)))
        if choice.tight:
            parts.append(means("pages.tight", frets=meaning.frets(choice.tight)))
        if choice.remarks:
            parts += (means("pages.remark", remark=remark) for remark in choice.remarks)
        if choice.short_mm > 0.0:
            parts.append(means("pages.m-short-shelf", short_mm=choice.short_mm / 1000))
        parts.append(self._set_up_words(plan))
        return meaning.listed((part for part in parts if part), by="sentences")

    def _set_up_words(self, plan: RefretPlan) -> Saying:
        if plan.new is None or plan.terms.wire is None:
            return ""
        change = plan.new.set_up
        saddle = sum(change.saddle_mm) / 2.0
        return means(
            (
                "pages.wire-hand-nut-slots-saddle-up-up"
                if saddle >= 0
                else "pages.wire-hand-nut-slots-saddle-up-down"
            )
            if change.nut_mm >= 0
            else (
                "pages.wire-hand-nut-slots-saddle-down-up"
                if saddle >= 0
                else "pages.wire-hand-nut-slots-saddle-down-down"
            ),
            length=self.length(abs(change.nut_mm)),
            saddle=format_length(abs(saddle), self.height_unit),
        )

    def _cut_words(self, plan: RefretPlan) -> Saying:
        cutting = plan.cutting
        if cutting is None:
            return ""
        form = plan.wire.form
        if form == "coil":
            out = means("pages.m-off-coil-nothing-left", needed_mm=cutting.needed_mm / 1000)
        else:
            sticks = means("pages.sticks", number=len(cutting.sticks))
            out = means(
                "pages.mm-mm-left-over-fewer-will-not"
                if cutting.proved
                else "pages.mm-mm-left-over-fewer-were-not",
                sticks=sticks,
                stick_mm=plan.wire.stick_mm,
                waste_mm=cutting.waste_mm,
            )
        bends = [mm for mm in plan.bends_mm if mm is not None]
        bend: Saying = ""
        if bends:
            bend = means(
                "pages.bend-mm-radius-springs-back-trial-piece"
                if plan.wire.ratio is not None
                else "pages.bend-mm-radius-springs-back-strength",
                bends=min(bends),
                other_bends=max(bends),
            )
        return sentences(out, bend, self._caul_words(plan))

    def _caul_words(self, plan: RefretPlan) -> Saying:
        """Which cauls of the bench press which frets."""
        from nuvrek.planning.refret.cauls import cauls_for

        owned = self.solved.wanted.terms.kit.cauls_mm
        if not owned:
            return ""
        radius = [piece.radius_mm for piece in plan.cut]
        by_fret: list[float | None] = [None] * self.solved.map.neck.frets
        for piece, mm in zip(plan.cut, radius, strict=True):
            if piece.fret:
                by_fret[piece.fret - 1] = mm
        cauls, none = cauls_for(by_fret, plan.frets, owned)
        meanings = [
            means("pages.for", inches=inches(caul.radius_mm), frets=meaning.frets(caul.true_for))
            for caul in cauls
            if caul.true_for
        ]
        lacks: Saying = ""
        if none:
            lacks = means("pages.no-true-one", frets=meaning.frets(none))
        return means(
            "pages.cauls", listed=meaning.listed(meanings) or means("pages.none-true"), lacks=lacks
        )

    def cut_rows(self) -> tuple[tuple[Saying, ...], ...]:
        """The cut list: fret, length to cut, tang, radius to bend to."""
        plan = self.plan()
        if plan is None:
            return ()
        rows: list[tuple[Saying, ...]] = []
        for piece, bend in zip(plan.cut, plan.bends_mm, strict=True):
            to: Saying
            if bend is None:
                to = means("pages.flat")
            else:
                to = f"{bend:.0f}"
            rows.append(
                (str(piece.fret), Figure(f"{piece.cut_mm:.1f}"), Figure(f"{piece.tang_mm:.1f}"), to)
            )
        return tuple(rows)

    def wire_row(self, choice: Choice) -> tuple[Saying, ...]:
        """One wire of the table: crown, width, after the level, years, stock."""
        unit = self.unit
        return (
            Word(choice.wire.name),
            means(
                "pages.x",
                crown=format_number(choice.wire.crown_mm, unit),
                width=format_number(choice.wire.width_mm, unit),
            ),
            format_number(choice.crown_mm, unit) if choice.fits else "—",
            f"{choice.years:.0f}" if choice.fits else "—",
            means("pages.m", stock=choice.wire.stock_mm / 1000),
        )

    # --- writing down ---------------------------------------------------------------

    def agree(self, session: Session) -> None:
        """Write the terms down. Raises LogbookError."""
        session.append(self.terms, on=self.solved.identity)


def inches(mm: float) -> Saying:
    """A radius as gauges and cauls are named."""
    return means("pages.in", mm=mm / 25.4)


def _begun(solved: Solved) -> NewWire:
    """What is agreed; as long as nothing is, what the advised way would."""
    agreed = solved.neck_state.new_wire
    if agreed != NewWire(at=agreed.at, page=agreed.page, joined=agreed.joined):
        return structs.replace(agreed, at="", page="", joined=False)
    plan = solved.plan
    if plan is None:
        return NewWire()
    kinds = (leg.way for leg in plan.course)
    kind = next((kind for kind in kinds if kind.startswith("refret")), None)
    way = next((way for way in plan.ways if way.kind == kind), None)
    if way is None or way.new is None:
        return NewWire(held="hand behind" if solved.map.neck.rod == "none" else "rod")
    return way.new.terms
