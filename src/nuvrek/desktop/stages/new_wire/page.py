"""New wire: the wood before and as planned, the slots and what they are to hold, the wires of the
shelf, the cutting.
"""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

import msgspec
from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QStackedWidget, QVBoxLayout, QWidget

from nuvrek.bench.pages.new_wire_draft import FACES, Face, NewWireDraft
from nuvrek.bench.strips.strips import AnyStrip, Dots
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Stage, button, chooser, fit_tabs, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.stages.new_wire.cut_face import CutFace, Stick
from nuvrek.desktop.stages.new_wire.panel import Panel
from nuvrek.desktop.stages.new_wire.wire_face import Section, WireFace
from nuvrek.desktop.stages.new_wire.wire_form import WireForm
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.meaning import Saying
from nuvrek.neck.description import LANES
from nuvrek.neck.wire import Wire
from nuvrek.planning.ways.kinds import way_title
from nuvrek.wording.speech import later, named, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.planning.refret.plan import RefretPlan

_REST_MS = 150
_PANEL_WIDE = 404
_HEADS = (
    later("wire"),
    later("crown x width"),
    later("after level"),
    later("years"),
    later("shelf"),
)
_FACE_KEYS = later("1 to 4: wood, slots, wire, cutting")
_BACK = later("Enter: back to Choose")
_KEYS: dict[Face, tuple[Saying, ...]] = {
    "wood": (_FACE_KEYS, later("arrows: a place, * it stays"), later("+ and -: angle"), _BACK),
    "slots": (_FACE_KEYS, later("+ and -: back bow"), _BACK),
    "wire": (_FACE_KEYS, later("up and down: wire"), later("* this wire"), _BACK),
    "cut": (_FACE_KEYS, _BACK),
}


class NewWireStage(Stage):
    """The neck sheet above, the face in front below it, what is agreed on the right."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.draft: NewWireDraft | None = None
        self.extras = Extras(self)
        self.sheet = SheetView(app.theme)
        self.sheet.fret_chosen.connect(self._pointed)
        self.wires, self.cut = WireFace(app.theme), CutFace(app.theme)
        self.wires.picked.connect(self._pick)
        self.form = WireForm()
        self.form.kept.connect(self._keep_wire)
        self.form.left.connect(self._leave_form)
        self.form.wrong.connect(self.say)
        self.told = QLabel("")
        self.told.setWordWrap(True)
        self.told.setAccessibleName(tr("What this face says"))
        self.front = QStackedWidget()
        words = QVBoxLayout()
        words.addWidget(self.told)
        self.text = scrolling(words)
        for part in (self.text, self.wires, self.cut, self.form):
            self.front.addWidget(part)
        self.panel = Panel()
        self.panel.changed.connect(self._changed)
        lower = QHBoxLayout()
        lower.setSpacing(16)
        lower.addWidget(self.front, 1)
        lower.addWidget(self._right())
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 6, 18, 6)
        page.addLayout(self._tabs())
        page.addWidget(self.sheet, 5)
        page.addLayout(lower, 5)
        self.rest = QTimer(self)
        self.rest.setSingleShot(True)
        self.rest.setInterval(_REST_MS)
        self.rest.timeout.connect(self._work_out)

    def _tabs(self) -> QHBoxLayout:
        self.tabs = {
            face: chooser(f"{n} {say(words)}") for n, (face, words) in enumerate(FACES.items(), 1)
        }
        row = QHBoxLayout()
        for face, tab in self.tabs.items():
            tab.chosen.connect(lambda face=face: self._turn(face))
            row.addWidget(tab)
        row.addStretch(1)
        return row

    def _right(self) -> QWidget:
        self.agree, self.take = button(tr("Agree on this")), button(tr("Take this way"), main=True)
        self.add, self.edit = button(tr("Take in a wire")), button(tr("Change it"))
        self.choose, self.printing = button(tr("This wire")), button(tr("Print the lists"))
        self.corner = button("")
        self.agree.clicked.connect(self._agree)
        self.take.clicked.connect(self._take)
        self.add.clicked.connect(lambda: self._begin_form(None))
        self.edit.clicked.connect(self._change_wire)
        self.choose.clicked.connect(self._this_wire)
        self.corner.clicked.connect(self._corner)
        self.printing.clicked.connect(self._ask_print)
        column = QVBoxLayout()
        for pair in ((self.take, self.agree), (self.choose, self.add), (self.edit, self.printing)):
            row = QHBoxLayout()
            for push in pair:
                row.addWidget(push)
            row.addStretch(1)
            column.addLayout(row)
        column.addWidget(self.corner)
        column.addWidget(self.panel)
        self.side = scrolling(column)
        return self.side

    def restyle(self) -> None:
        super().restyle()
        fit_tabs(self.app.theme, *self.tabs.values())
        self.side.setFixedWidth(min(self.app.theme.px(_PANEL_WIDE), 520))
        t = self.app.theme
        self.told.setStyleSheet(f"font-size: {min(t.px(17), 24)}px;")

    # --- filling ---------------------------------------------------------------------

    def enter(self) -> None:
        self.draft = None
        super().enter()

    def refresh(self) -> None:
        session, solved = self.app.session, self.app.solved
        if session is None:
            return
        if solved is None or solved.plan is None:
            self.sheet.show_neck(session.neck_state.neck, (), Dots())
            self.bar.show_words(tr("Weighing the ways"), message=self.app.waiting)
            return
        s = self.app.settings
        stands = self.draft is not None and self.draft.solved is solved
        if not stands or (self.draft and self.draft.unit is not s.unit):
            before = self.draft
            self.draft = NewWireDraft(solved, s.unit, s.height_unit, s.wires)
            if before is not None and before.solved.identity.neck == solved.identity.neck:
                self.draft.follow(before)
        self._show()

    def _show(self, moving: bool = False) -> None:
        draft, session = self.draft, self.app.session
        if draft is None or session is None:
            return
        neck = session.neck_state.neck
        lanes: tuple[AnyStrip, ...] = ()
        if draft.face == "wood" and (wood := draft.wood_strip()) is not None:
            lanes = (wood,)
        if draft.face == "slots" and (slots := draft.slots_strip()) is not None:
            lanes = (slots,)
        if draft.terms.wood == "true":
            corners = frozenset(draft.terms.corners)
        else:
            corners = frozenset()
        asked = None
        if draft.face == "wood":
            asked = (draft.fret, draft.lane)
        dots = Dots(out=session.neck_state.out, corners=corners, asked=asked)
        self.sheet.show_neck(neck, lanes, dots, draft.fret if draft.face == "wood" else None)
        short = draft.face in ("wire", "cut") or not lanes
        self.sheet.setMaximumHeight(self.app.theme.px(130) if short else 16777215)
        for face, tab in self.tabs.items():
            tab.setChecked(face == draft.face)
        if not moving:
            self.panel.show_terms(draft.terms, draft.face, draft.unit)
        else:
            self.panel.say(draft.terms, draft.unit)
        self._buttons(draft)
        self._front(draft)
        self.told.setText(say(draft.in_words() if not moving else self._moving_words(draft)))
        self.bar.show_words(
            say(draft.head()),
            message=say(draft.in_words() if draft.face in ("wire", "cut") else draft.why()),
            state=session.neck_state.state,
            right_title=tr("keys"),
            right=say_all(_KEYS[draft.face]),
        )
        # While a hand moves a slider only the wood follows it.
        if moving:
            self.rest.start()
        else:
            self.rest.stop()
            self._work_out()

    def _moving_words(self, draft: NewWireDraft) -> str:
        """What follows the hand: the wood alone."""
        found = draft.wood_now()
        if not isinstance(found, tuple):
            return say(found)
        truing = found[2]
        return tr(
            "{length} of wood on the whole, most {most}.",
            length=draft.length(truing.wood_mm),
            most=draft.length(truing.most_mm),
        )

    def _buttons(self, draft: NewWireDraft) -> None:
        way = self._way(draft)
        self.take.setEnabled(way is not None)
        self.take.setToolTip(say("" if way is None else way_title(way)))
        self.agree.setEnabled(draft.draft)
        wires = draft.face == "wire"
        for push in (self.choose, self.add, self.edit):
            push.setVisible(wires)
        plan = draft.plan()
        there = plan is not None and bool(plan.choices)
        self.choose.setEnabled(there)
        self.edit.setEnabled(there)
        self.printing.setVisible(draft.face == "cut")
        trued = draft.face == "wood" and draft.terms.wood == "true"
        self.corner.setVisible(trued)
        kept = (draft.fret, draft.lane) in draft.terms.corners
        self.corner.setText(
            tr("Fret {fret} here is trued again", fret=draft.fret)
            if kept
            else tr("Fret {fret} here stays", fret=draft.fret)
        )

    def _way(self, draft: NewWireDraft) -> str | None:
        """The way these terms belong to."""
        plan = draft.solved.plan
        if plan is None:
            return None
        kinds = ["refret", "refret-true"]
        if draft.terms.frets:
            kinds = ["refret-some"]
        elif draft.terms.angle_mm:
            kinds = ["refret-angle"]
        elif draft.terms.back_bow_mm:
            kinds = ["refret-tangs"]
        elif draft.terms.wood == "true":
            kinds = ["refret-true"]
        there = {way.kind: way for way in plan.ways if way.possible and way.new is not None}
        # Taken is what was weighed: another draft is agreed on first.
        for kind in kinds:
            way = there.get(kind)
            if way is not None and way.new is not None and way.new.terms == draft.terms:
                return kind
        return None

    def _front(self, draft: NewWireDraft) -> None:
        if self.front.currentWidget() is self.form:
            return
        plan = draft.plan()
        if draft.face == "wire":
            self.front.setCurrentWidget(self.wires)
            self._show_wires(draft, plan)
        elif draft.face == "cut":
            self.front.setCurrentWidget(self.cut)
            self._show_cut(draft, plan)
        else:
            self.front.setCurrentWidget(self.text)

    def _show_wires(self, draft: NewWireDraft, plan: RefretPlan | None) -> None:
        neck = draft.solved.map.neck
        if plan is None:
            return
        chosen = ""
        if plan.terms.wire is not None:
            chosen = plan.terms.wire.name
        drawn = tuple(
            Section(
                named(choice.wire.name),
                say_all(draft.wire_row(choice)[1:]),
                choice.wire.crown_mm,
                width_mm=choice.wire.width_mm,
                tang_mm=choice.wire.tang_mm,
                blade_mm=choice.wire.blade_mm,
                barbs_mm=choice.wire.barbs_mm,
                left_mm=choice.crown_mm,
                out=" ".join(say_all(choice.why_not)),
                remark="; ".join(say_all(choice.remarks)),
                chosen=choice.wire.name == chosen,
            )
            for choice in plan.choices
        )
        widths = [mm for mm in plan.read.slot_width_mm if mm is not None]
        depths = [mm for mm in plan.read.slot_depth_mm if mm is not None]
        slot = (widths[len(widths) // 2] if widths else 0.5, min(depths) if depths else 1.9)
        self.wires.show_wires(
            drawn, (neck.wire_height_mm, neck.wire_width_mm), slot, draft.pick, say_all(_HEADS)
        )

    def _show_cut(self, draft: NewWireDraft, plan: RefretPlan | None) -> None:
        if plan is None or plan.cutting is None:
            self.cut.show_cut((), ())
            return
        long = {piece.fret: piece.cut_mm for piece in plan.cut}
        if plan.wire.form == "sticks":
            stick = plan.wire.stick_mm
        else:
            stick = plan.cutting.needed_mm
        sticks = []
        for frets in plan.cutting.sticks:
            pieces = tuple((fret, long[fret]) for fret in frets)
            sticks.append(Stick(stick, pieces))
        self.cut.show_cut(tuple(sticks), tuple(say_all(row) for row in draft.cut_rows()))

    def _work_out(self) -> None:
        """The whole plan, once the hand rests."""
        draft = self.draft
        if draft is None or not self.isVisible() or draft.plan() is not None:
            return
        terms = draft.terms

        def arrived(plan: object) -> None:
            from nuvrek.planning.refret.plan import RefretPlan

            if isinstance(plan, RefretPlan) and self.draft is draft:
                draft.keep(terms, plan)
                if draft.terms == terms:
                    self._show()

        self.app.reckon(draft.to_plan(), arrived)

    # --- hands --------------------------------------------------------------------------

    def _turn(self, face: Face) -> None:
        if self.draft is not None:
            self.draft.face = face
            self.front.setCurrentWidget(self.text)
            self.setFocus()
            self._show()

    def _changed(self, name: str, value: object, moving: bool) -> None:
        if self.draft is not None:
            self.draft.change(**{name: value})
            self._show(moving)

    def _pointed(self, fret: int, lane: str) -> None:
        if self.draft is not None:
            self.draft.fret = fret
            self.draft.lane = next((one for one in LANES if one == lane), self.draft.lane)
            self.setFocus()
            self._show()

    def _corner(self) -> None:
        if self.draft is not None and self.draft.terms.wood == "true":
            self.draft.corner()
            self.setFocus()
            self._show()

    def _pick(self, row: int) -> None:
        if self.draft is not None:
            self.draft.pick = row
            self.setFocus()
            self._show()

    def _in_hand(self) -> Wire | None:
        if self.draft is not None:
            plan = self.draft.plan()
        else:
            plan = None
        if self.draft is None or plan is None or not plan.choices:
            return None
        return plan.choices[min(self.draft.pick, len(plan.choices) - 1)].wire

    def _this_wire(self) -> None:
        wire = self._in_hand()
        if self.draft is not None and wire is not None:
            self.draft.change(wire=wire)
            self._show()

    def _begin_form(self, wire: Wire | None) -> None:
        self.form.begin(wire, self.app.settings.unit)
        self.front.setCurrentWidget(self.form)

    def _change_wire(self) -> None:
        self._begin_form(self._in_hand())

    def _leave_form(self) -> None:
        self.front.setCurrentWidget(self.wires)
        self.setFocus()
        self._show()

    def _keep_wire(self, wire: object, before: str) -> None:
        if not isinstance(wire, Wire):
            return
        kept = tuple(w for w in self.app.settings.wires if w.name not in (before, wire.name))
        settings = msgspec.structs.replace(self.app.settings, wires=(*kept, wire))
        self.app.change_quietly(settings)
        self.draft = None
        self.front.setCurrentWidget(self.wires)
        self.setFocus()
        self.refresh()
        if self.draft is not None:
            self._turn("wire")

    def _agree(self) -> None:
        draft, session = self.draft, self.app.session
        if draft is None or session is None:
            return
        if self.app.write(lambda: draft.agree(session)):
            self.setFocus()
            self.bar.say(tr("Written down. All ways are weighed by it from now on."))

    def _take(self) -> None:
        from nuvrek.bench.working.job import choose

        draft, session, solved = self.draft, self.app.session, self.app.fresh
        if draft is None or session is None or solved is None or solved.plan is None:
            return
        kind = self._way(draft)
        if kind is None:
            self.bar.say(tr("Agree on it first; then the way is weighed by it."))
            return
        way = solved.plan.way(kind)
        if self.app.write(lambda: choose(session, solved, way)):
            self.app.stage_wanted.emit("Work")

    def _ask_print(self) -> None:
        self.extras.ask_where("new-wire.pdf", tr("To print (*.pdf)"), self.print_to)

    def print_to(self, path: Path) -> None:
        """Holder strip, cut list and bending card as one PDF."""
        from nuvrek.bench.owner.draft import uses_letter
        from nuvrek.exchange.refret_prints import prints

        draft = self.draft
        plan = draft.plan() if draft is not None else None
        if draft is None or plan is None:
            return
        letter = uses_letter(self.app.settings)
        self.extras.save(path, prints(draft.solved.map.neck, plan, us_letter=letter))

    def key(self, name: str) -> bool:
        draft = self.draft
        if draft is None or self.app.session is None:
            return False
        faces = [*FACES]
        if name in ("1", "2", "3", "4"):
            self._turn(faces[int(name) - 1])
        elif name in ("left", "right"):
            step = 1
            if (name == "right") == self.app.session.neck_state.neck.nut_on_right:
                step = -1
            self._pointed(max(1, min(draft.solved.map.neck.frets, draft.fret + step)), draft.lane)
        elif name in ("up", "down"):
            self._up_down(draft, 1 if name == "down" else -1)
        elif name in ("+", "-"):
            self._more(draft, 1 if name == "+" else -1)
        elif name == "*":
            (self._this_wire if draft.face == "wire" else self._corner)()
        elif name == "back":
            self.app.undo()
        elif name == "enter":
            self.app.stage_wanted.emit("Choose")
        else:
            return False
        return True

    def _up_down(self, draft: NewWireDraft, step: int) -> None:
        plan = draft.plan()
        if draft.face == "wire":
            most = len(plan.choices) - 1 if plan is not None else 0
            self._pick(max(0, min(most, draft.pick + step)))
            return
        at = LANES.index(draft.lane) + step
        self._pointed(draft.fret, LANES[max(0, min(2, at))])

    def _more(self, draft: NewWireDraft, sign: int) -> None:
        """A step of what the face in front is about."""
        terms = draft.terms
        if draft.face == "wood" and terms.wood == "true":
            draft.change(angle_mm=round(max(-0.8, min(0.8, terms.angle_mm + 0.05 * sign)), 3))
        elif draft.face == "slots":
            draft.change(back_bow_mm=round(max(0.0, min(0.4, terms.back_bow_mm + 0.02 * sign)), 3))
        self._show()
