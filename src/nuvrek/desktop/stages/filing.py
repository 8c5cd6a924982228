"""Filing: what is kept and what may stay, metal against string height, and the order in which
the ink will go.
"""

from __future__ import annotations

from typing import TYPE_CHECKING

from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QSlider, QVBoxLayout, QWidget

from nuvrek.bench.pages.filing_draft import FilingDraft, FilingTold, watch_words
from nuvrek.bench.strips.filing import metal_strip
from nuvrek.bench.strips.strips import Dots
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.metal_curve import CurveMark, CurveView
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Choices, Picks, Stage, button, scrolling, sliding
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.planning.ways.kinds import way_title
from nuvrek.units import format_length
from nuvrek.wording.speech import later, lower_first, say, say_all, say_values, tr

if TYPE_CHECKING:
    from nuvrek.planning.case.way import Way

_STEP_MM = 0.01
_REST_MS = 150
_PANEL_WIDE = 430
_BLOCKS = {
    None: later("usual for this way"),
    90.0: later("short stone, 90 mm"),
    150.0: later("150 mm"),
    200.0: later("200 mm"),
    300.0: later("300 mm"),
}
_PRESSURES = {
    "own weight": later("own weight"),
    "fingertips": later("fingertips"),
    "pressed, neck backed": later("pressed, neck backed"),
}
_AIMS = {
    "least metal": later("least metal in all"),
    "thinnest fret": later("least off the thinnest"),
}
_GROOVES = {False: later("come out entirely"), True: later("shallow ones may stay")}
_ROCKS = {
    None: later("none is felt"),
    0.03: later("0.03 mm may stay"),
    0.05: later("0.05 mm may stay"),
    0.08: later("0.08 mm may stay"),
}


class FilingStage(Stage):
    """The neck sheet above, the curve on the left, what is agreed on the right."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.filing: FilingDraft | None = None
        self.sheet = SheetView(app.theme)
        self.sheet.fret_chosen.connect(self._pointed)
        self.curve = CurveView(app.theme)
        self.curve.height_wanted.connect(self._wanted)
        self.kinds = Choices()
        self.kinds.setAccessibleName(tr("Way of filing"))
        self.kinds.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.kinds.activated.connect(self._other_way)
        self.least = sliding(tr("Minimum fret height to keep"), 30, 150)
        self.fall = sliding(tr("Fall-away at the last fret"), 0, 40)
        self.start = sliding(tr("Fall-away begins at fret"), 5, 36)
        self.dressed = sliding(tr("Relief filed into the tops"), 0, 50)
        self.lift = sliding(tr("Strings over what a full level allows"), -5, 200)
        self.words = {name: QLabel("") for name in ("least", "fall", "start", "dressed", "height")}
        self._make_picks()
        self.told = QLabel("")
        self.told.setWordWrap(True)
        self.told.setAccessibleName(tr("What the plan rests on"))
        self.alone = button("")
        self.alone.clicked.connect(self._leave_alone)
        self.bend = button(tr("At the bend"))
        self.bend.setAccessibleName(tr("Most clearance for the metal: the bend of the curve"))
        self.bend.clicked.connect(self._at_bend)
        self.agree = button(tr("Agree on this"))
        self.agree.clicked.connect(self._agree)
        self.take = button(tr("Take this way"), main=True)
        self.take.clicked.connect(self._take)
        self._filling = False
        self._told: tuple[object, FilingTold] | None = None
        self.rest = QTimer(self)
        self.rest.setSingleShot(True)
        self.rest.setInterval(_REST_MS)
        self.rest.timeout.connect(self._tell)
        for slider in (self.least, self.fall, self.start, self.dressed, self.lift):
            slider.valueChanged.connect(self._slid)
        lower = QHBoxLayout()
        lower.addWidget(self.curve, 1)
        lower.addWidget(self._panel())
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 6, 18, 6)
        page.addWidget(self.sheet, 5)
        page.addLayout(lower, 8)

    def _make_picks(self) -> None:
        self.picks = {
            "aim": Picks(tr("What the level spares"), say_values(_AIMS)),
            "grooves_stay": Picks(tr("Grooves"), say_values(_GROOVES)),
            "still_mm": Picks(tr("Rocks that may stay"), say_values(_ROCKS)),
            "pressure": Picks(tr("Pressure"), say_values(_PRESSURES)),
            "block_mm": Picks(tr("Beam or stone"), say_values(_BLOCKS)),
        }
        for name, pick in self.picks.items():
            pick.setFocusPolicy(Qt.FocusPolicy.TabFocus)
            pick.activated.connect(lambda _at, name=name: self._picked(name))

    def _sliders(self) -> dict[str, QSlider]:
        return {
            "height": self.lift,
            "least": self.least,
            "fall": self.fall,
            "start": self.start,
            "dressed": self.dressed,
        }

    def _panel(self) -> QWidget:
        grid = QGridLayout()
        grid.setVerticalSpacing(3)
        grid.setHorizontalSpacing(10)
        grid.setColumnStretch(1, 1)
        grid.addWidget(self.kinds, 0, 0, 1, 2)
        sliders = self._sliders()
        for row, (name, slider) in enumerate(sliders.items(), 2):
            grid.addWidget(self.words[name], row, 0)
            grid.addWidget(slider, row, 1)
        labels = {
            "aim": tr("Spare"),
            "grooves_stay": tr("Grooves"),
            "still_mm": tr("Rocks"),
            "block_mm": tr("Tool"),
            "pressure": tr("Pressure"),
        }
        self.labels = {name: QLabel(words) for name, words in labels.items()}
        for row, name in enumerate(labels, 7):
            grid.addWidget(self.labels[name], row, 0)
            grid.addWidget(self.picks[name], row, 1)
        ends = QHBoxLayout()
        for viewed in (self.take, self.agree, self.bend, self.alone):
            ends.addWidget(viewed)
        ends.addStretch(1)
        grid.addLayout(ends, 1, 0, 1, 2)
        grid.addWidget(self.told, 12, 0, 1, 2)
        self.panel = scrolling(grid)
        return self.panel

    def restyle(self) -> None:
        super().restyle()
        self.panel.setFixedWidth(min(self.app.theme.px(_PANEL_WIDE), 560))
        self.told.setStyleSheet(f"font-size: {min(self.app.theme.px(14), 18)}px;")

    # --- filling --------------------------------------------------------------------

    def enter(self) -> None:
        self.filing = None
        super().enter()

    def refresh(self) -> None:
        session, solved = self.app.session, self.app.solved
        if session is None:
            return
        if solved is None or solved.plan is None:
            self.sheet.show_neck(session.neck_state.neck, (), Dots())
            self.curve.show_curve(
                (), (), self.app.settings.unit, self.app.settings.height_unit, self.app.waiting
            )
            self.bar.show_words(tr("Weighing the ways"), message=self.app.waiting)
            return
        if (
            self.filing is None
            or self.filing.solved is not solved
            or self.filing.unit is not self.app.settings.unit
        ):
            before, self.filing = self.filing, FilingDraft(solved, self.app.settings.unit)
            if before is not None:
                self.filing.follow(before)
            self._fill()
        self._settle()

    def _fill(self) -> None:
        filing = self.filing
        if filing is None:
            return
        self._filling = True
        self.kinds.clear()
        for kind in filing.kinds:
            self.kinds.addItem(say(way_title(kind)), kind)
        self.kinds.setCurrentIndex(max(self.kinds.findData(filing.kind), 0))
        neck = filing.solved.map.neck
        self.least.setMaximum(max(round(neck.wire_height_mm / _STEP_MM), 40))
        self.least.setValue(round(filing.least_mm / _STEP_MM))
        self.fall.setValue(round(filing.fall_mm / _STEP_MM))
        self.start.setMaximum(neck.frets - 1)
        self.start.setValue(filing.fall_from)
        self.dressed.setValue(round(filing.agreed.dressed_mm / _STEP_MM))
        self.lift.setValue(round(filing.up_mm / _STEP_MM))
        for name, pick in self.picks.items():
            value = getattr(filing.agreed, name)
            at = pick.findData(value)
            if at < 0:
                pick.addItem(
                    tr("{detail:g} mm", detail=value) if isinstance(value, float) else str(value),
                    value,
                )
                at = pick.count() - 1
            pick.setCurrentIndex(at)
        self._filling = False

    def _show(self) -> None:
        """Metal and curve anew; doubt and order follow when the hand rests."""
        filing, session, unit = self.filing, self.app.session, self.app.settings.unit
        if filing is None or session is None:
            return
        viewed = filing.way()
        self._labels(filing)
        self.told.setText("")
        self._sheet(viewed, (), None)
        self._curve(filing, viewed)
        self.bar.show_words(
            say(filing.head()),
            message=say(viewed.gist if viewed.possible else " ".join(say_all(viewed.why_not))),
            state=session.neck_state.state,
            right_title=tr("keys"),
            right=(
                tr("up and down: way"),
                tr("+ and -: action"),
                tr("left, right: fret, * alone"),
                tr("Enter: back to Choose"),
            ),
        )
        self.take.setEnabled(viewed.possible)
        self.agree.setEnabled(filing.draft or (filing.kind == "play-clean" and filing.lifted))
        self.bend.setVisible(filing.kind == "play-clean" and filing.bend_up_mm is not None)
        self.alone.setVisible(filing.fret is not None)
        if filing.fret is not None:
            free = filing.fret in filing.agreed.untouched
            self.alone.setText(
                tr("Fret {fret} may be filed", fret=filing.fret)
                if free
                else tr("Leave fret {fret} alone", fret=filing.fret)
            )
        self._unit = unit
        self.rest.start()

    def _labels(self, filing: FilingDraft) -> None:
        unit = self.app.settings.unit
        neck = filing.solved.map.neck
        levels = filing.kind not in ("spot-level", "play-clean", "crown-few")
        strings = filing.strings_mm()
        self.words["least"].setText(
            tr("Keep {least_mm}", least_mm=format_length(filing.least_mm, unit))
        )
        self.words["fall"].setText(
            tr("Fall-away {fall_mm}", fall_mm=format_length(filing.fall_mm, unit))
        )
        self.words["start"].setText(tr("from fret {fall_from}", fall_from=filing.fall_from))
        self.words["dressed"].setText(
            tr("Dressed in {dressed_mm}", dressed_mm=format_length(filing.agreed.dressed_mm, unit))
        )
        over = ""
        if strings is not None:
            over = tr(
                "Low string at {float}",
                float=format_length(float(strings[0]), self.app.settings.height_unit),
            )
        self.words["height"].setText(over)
        shown = {
            "least": True,
            "fall": levels,
            "start": levels and filing.fall_mm > 0,
            "dressed": levels and filing.kind != "level-lies" and not filing.case.rodless,
            "height": filing.kind == "play-clean",
        }
        for name, slider in self._sliders().items():
            slider.setVisible(shown[name])
            self.words[name].setVisible(shown[name])
        from nuvrek.planning.filing.tops import groove_map

        wanted = {
            "aim": levels,
            "grooves_stay": levels and bool(groove_map(filing.solved.map).any()),
            "still_mm": filing.kind == "spot-level",
            "pressure": filing.kind != "crown-few",
            "block_mm": filing.kind != "crown-few",
        }
        for name, on in wanted.items():
            self.picks[name].setVisible(on)
            self.labels[name].setVisible(on)
        self.start.setMinimum(min(neck.joint_fret, 5))

    def _sheet(self, viewed: Way, order: tuple[int, ...], thin: int | None) -> None:
        filing, session = self.filing, self.app.session
        if filing is None or session is None:
            return
        alone = frozenset(filing.agreed.untouched)
        strip = metal_strip(viewed.off_mm, self.app.settings.unit, order, thin, alone)
        filed = frozenset(
            int(f) + 1 for f in (viewed.off_mm.max(axis=1) > WORTH_FILING_MM).nonzero()[0]
        )
        self.sheet.show_neck(
            session.neck_state.neck, (strip,), Dots(filed=filed, alone=alone), filing.fret
        )

    def _curve(self, filing: FilingDraft, viewed: Way) -> None:
        plan = filing.solved.plan
        curve = plan.curve if plan is not None else None
        if plan is None or curve is None or not len(curve.up_mm):
            if curve is None:
                why = tr("Metal against action: once the relief at pitch is known")
            else:
                why = tr(
                    "Nothing to gain by filing: the strings can lie as low as after a full level."
                )
            self.curve.show_curve((), (), filing.unit, self.app.settings.height_unit, why)
            return
        base = float(curve.base_mm[0])
        points = tuple(
            (float(m), base + float(u)) for u, m in zip(curve.up_mm, curve.metal_mm, strict=True)
        )
        marks = [CurveMark(tr("as it is"), 0.0, base + curve.now_up_mm, "dot")]
        marks.append(CurveMark(tr("full level"), curve.level_metal_mm, base, "square"))
        if curve.bend is not None:
            marks.append(
                CurveMark(tr("the bend"), curve.bend.metal_mm, base + curve.bend.up_mm, "corner")
            )
        for way in plan.ways:
            if (
                way.kind in ("spot-level", "crown-first")
                and way.possible
                and way.lowest_mm
                and way.kind != viewed.kind
            ):
                marks.append(
                    CurveMark(
                        lower_first(way.title),
                        way.metal_mm,
                        self._height(way, base, curve.base_mm),
                        "dot",
                    )
                )
        if viewed.kind == "play-clean" and viewed.possible:
            # The height in hand lies on the curve, between whichever points were drawn.
            points = tuple(
                sorted((*points, (viewed.metal_mm, base + filing.up_mm)), key=lambda p: p[1])
            )
        if viewed.lowest_mm and viewed.possible:
            if viewed.kind == "play-clean":
                height = base + filing.up_mm
            else:
                height = self._height(viewed, base, curve.base_mm)
            marks.append(
                CurveMark(lower_first(viewed.title), viewed.metal_mm, height, "dot", chosen=True)
            )
        self.curve.show_curve(points, tuple(marks), filing.unit, self.app.settings.height_unit)

    @staticmethod
    def _height(way: Way, base: float, heights: object) -> float:
        """The low string, where all strings are raised alike until the tightest is clean, nine
        times in ten.

        Tops that were all brought to one line are as even as the file, whatever the map knew of
        them.
        """
        import numpy as np

        from nuvrek.estimate.heightmap import NINE_IN_TEN
        from nuvrek.planning.ways.just_clean import CLEAN_SD

        told = np.array(way.lowest_mm)
        doubt = told[:, 1] * CLEAN_SD / NINE_IN_TEN
        if "levels" in way.record.families:
            doubt = np.zeros_like(doubt)
        return base + float(np.max(told[:, 0] + doubt - np.asarray(heights)))

    def _tell(self) -> None:
        """Doubt, order and what to watch, once the hand rests."""
        filing, session = self.filing, self.app.session
        if filing is None or session is None or not self.isVisible():
            return
        viewed = filing.way()
        if not viewed.possible or viewed.metal_mm <= WORTH_FILING_MM:
            return
        if self._told is not None and self._told[0] == filing.key:
            self._say_told(self._told[1])
            return
        key = filing.key
        self.app.reckon(filing.to_tell(), lambda told: self._on_told(key, told))

    def _on_told(self, key: object, told: object) -> None:
        """Doubt and order have arrived, perhaps late: only for the way still in view."""
        if not isinstance(told, FilingTold):
            return
        self._told = key, told
        filing = self.filing
        if filing is not None and filing.key == key and self.isVisible():
            self._say_told(told)

    def _say_told(self, filing_told: FilingTold) -> None:
        filing = self.filing
        if filing is None:
            return
        from nuvrek.planning.forecast.doubt import doubt_words

        viewed, rehearsal, doubt = filing_told.way, filing_told.rehearsal, filing_told.way.doubt
        filed = sorted({fret for fret, _ in rehearsal.order})
        thin = min(filed, key=lambda f: float(viewed.left_mm[f - 1].min()), default=None)
        self._sheet(viewed, rehearsal.frets, thin)
        said = (
            viewed.gist,
            doubt_words(doubt, filing.unit, self.app.settings.height_unit)
            if doubt is not None
            else "",
        )
        self.told.setText(" ".join(say_all(part for part in said if part)))
        # In a grid that scrolls a label takes the height of the words before.
        self.told.setMinimumHeight(self.told.heightForWidth(self.told.width()))
        watched = watch_words(rehearsal, viewed, filing.unit)
        self.bar.show_message(say(self.bar.notice or watched), alert=bool(self.bar.notice))

    def _settle(self) -> None:
        self._show()
        self.rest.stop()
        self._tell()

    # --- hands ------------------------------------------------------------------------

    def _other_way(self, _at: int) -> None:
        kind = self.kinds.currentData()
        if self.filing is not None and kind:
            self.filing.kind = kind
            self.setFocus()
            self._settle()

    def _slid(self, _value: int) -> None:
        filing = self.filing
        if filing is None or self._filling:
            return
        least, fall = self.least.value() * _STEP_MM, self.fall.value() * _STEP_MM
        neck = filing.solved.map.neck
        filing.change(
            least_crown_mm=None
            if abs(least - neck.least_crown_mm) < 0.5 * _STEP_MM
            else round(least, 2),
            fall_away_mm=None if abs(fall - neck.fall_away_mm) < 0.5 * _STEP_MM else round(fall, 2),
            dressed_mm=round(self.dressed.value() * _STEP_MM, 2),
            fall_from=None if self.start.value() == neck.joint_fret else self.start.value(),
        )
        if self.sender() is self.lift:
            filing.lift(self.lift.value() * _STEP_MM)
        self._show()

    def _picked(self, name: str) -> None:
        if self.filing is not None and not self._filling:
            self.filing.change(**{name: self.picks[name].currentData()})
            self.setFocus()
            self._settle()

    def _wanted(self, height_mm: float) -> None:
        """A height pressed on the curve: just clean at that."""
        filing = self.filing
        if filing is not None:
            plan = filing.solved.plan
        else:
            plan = None
        if filing is None or plan is None or plan.curve is None or "play-clean" not in filing.kinds:
            return
        filing.kind = "play-clean"
        self.kinds.setCurrentIndex(self.kinds.findData("play-clean"))
        self.lift.setValue(round((height_mm - float(plan.curve.base_mm[0])) / _STEP_MM))
        self._show()

    def _at_bend(self) -> None:
        if self.filing is not None and self.filing.bend_up_mm is not None:
            self.lift.setValue(round(self.filing.bend_up_mm / _STEP_MM))
            self.setFocus()
            self._settle()

    def _pointed(self, fret: int, _lane: str) -> None:
        self.bar.notice = ""
        if self.filing is not None:
            self.filing.fret = fret
            self.setFocus()
            self._settle()

    def _leave_alone(self) -> None:
        if self.filing is not None:
            self.filing.leave_alone()
            self.setFocus()
            self._settle()

    def _agree(self) -> None:
        filing, session = self.filing, self.app.session
        if (
            filing is not None
            and session is not None
            and self.app.write(lambda: filing.agree(session))
        ):
            self.setFocus()
            self.bar.say(tr("Written down. All ways are weighed by it from now on."))

    def _take(self) -> None:
        filing, session = self.filing, self.app.session
        if filing is None or session is None:
            return
        viewed = filing.way()
        if not viewed.possible:
            self.bar.say(" ".join(say_all(viewed.why_not)))
            return
        if self.app.write(lambda: filing.take(session)):
            self.app.stage_wanted.emit("Work")

    def key(self, name: str) -> bool:
        filing = self.filing
        if filing is None or self.app.session is None:
            return False
        frets = filing.solved.map.neck.frets
        if name in ("up", "down"):
            at = self.kinds.currentIndex() + (1 if name == "down" else -1)
            self.kinds.setCurrentIndex(max(0, min(self.kinds.count() - 1, at)))
            self._other_way(0)
        elif name in ("+", "-"):
            self.lift.setValue(self.lift.value() + (5 if name == "+" else -5))
            self._settle()
        elif name in ("left", "right"):
            step = 1
            if (name == "right") == self.app.session.neck_state.neck.nut_on_right:
                step = -1
            self._pointed(max(1, min(frets, (filing.fret or 0) + step)), "")
        elif name == "*":
            self._leave_alone()
        elif name == "back":
            self.app.undo()
        elif name == "enter":
            self.app.stage_wanted.emit("Choose")
        else:
            return False
        return True
