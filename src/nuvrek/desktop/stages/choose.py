"""Choose: the ways forward side by side, metal drawn fret by fret."""

from __future__ import annotations

import textwrap
from typing import TYPE_CHECKING, Literal

from PyQt6.QtCore import QRectF, QSize
from PyQt6.QtGui import QPaintEvent
from PyQt6.QtWidgets import QGridLayout, QPushButton, QSizePolicy, QVBoxLayout, QWidget

from nuvrek.bench.owner.cost import Cost, cost_of, cost_words, course_ways, price_points
from nuvrek.bench.owner.worth import beside_words
from nuvrek.bench.pages.matter import BESIDE, matter_of
from nuvrek.bench.strips.filing import metal_strip
from nuvrek.bench.strips.strips import AnyStrip, Dots, crown_strip
from nuvrek.bench.working.agreement import open_words, standings
from nuvrek.bench.working.found import found_lines
from nuvrek.bench.working.job import choose
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.matter import MatterView
from nuvrek.desktop.drawings.price_and_gain import Point, PriceView
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Stage, button
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.course_view import CourseView
from nuvrek.desktop.widgets.painting import painting
from nuvrek.desktop.widgets.way_row import (
    COST_HEADS,
    HEADS,
    MOST_PERCENT,
    WayRow,
    columns,
    fitting_percent,
    row_theme,
)
from nuvrek.meaning import Saying, keys_in, means
from nuvrek.money import money_words
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.planning.causes.test_station import station_of_test
from nuvrek.readings.entries import Tested, WayKind
from nuvrek.readings.stations import Suggestion
from nuvrek.readings.words import place_words, value_words
from nuvrek.units import Unit, format_length, unit_word
from nuvrek.wording import speech as words
from nuvrek.wording.help.known.course import known_way
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import later, say, say_all, tr

if TYPE_CHECKING:
    from nuvrek.bench.session import Session
    from nuvrek.bench.solved import Solved
    from nuvrek.planning.case.course import Leg
    from nuvrek.planning.case.way import Plan, Way

_LONGEST_HEAD, _WHY_LETTERS = 84, 54
# Ways of these states always have a row.
_OPEN = ("possible", "not known")
MOST_WAYS = 30
Shown = Literal["matter", "metal", "costs", "picture"]
_SHOWS: tuple[Shown, ...] = ("matter", "metal", "costs", "picture")
_NEXT_SHOWN: dict[Shown, Saying] = {
    "matter": later("All figures  (.)"),
    "metal": later("Costs  (.)"),
    "costs": later("Picture  (.)"),
    "picture": later("What is the matter  (.)"),
}
_KEYS = ("up", "down", "enter", "0", "back", "/", ".", "+", "*", "-", "1", "3")


class _Heads(QWidget):
    """Heads over the figures."""

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.app, self.percent, self.costs = app, MOST_PERCENT, False

    def sizeHint(self) -> QSize:
        return QSize(800, row_theme(self.app, self.percent).px(38))

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        s = self.app.settings
        with painting(self) as painter:
            t = row_theme(self.app, self.percent)
            heads = COST_HEADS if self.costs else HEADS
            for (name, under), column in zip(
                heads, columns(t, self.width(), self.height()), strict=True
            ):
                half = QRectF(column.left(), 1, column.width(), column.height() / 2)
                write(painter, t, half, text=say(name), size=13, colour="ink", bold=True)
                below = half.translated(0, column.height() / 2 - 2)
                write(
                    painter,
                    t,
                    below,
                    text=say(under).format(
                        unit=s.unit.value,
                        height=unit_word(s.height_unit),
                        currency=s.prices.currency or tr("in all"),
                    ),
                    size=12,
                    colour="muted",
                )


class ChooseStage(Stage):
    """All ways forward; one of them is selected, one advised, one may be in hand."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.kind: WayKind | None = None
        self.unfolded = False
        self._session: Session | None = None
        self.shows: Shown = "matter"
        self.course = CourseView(app)
        self.course.picked.connect(self._pick)
        self.matter = MatterView(app)
        self.matter.picked.connect(self._pick)
        self.matter.tested.connect(self._tested)
        self.sheet = SheetView(app.theme)
        self.heads = _Heads(app)
        self.heads.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.rows = [WayRow(app) for _ in range(MOST_WAYS)]
        self.picture = PriceView(app.theme)
        self.picture.picked.connect(self._pick)
        self.picture.hide()
        self._make_buttons()
        column = self.column = QVBoxLayout(self)
        column.setContentsMargins(18, 4, 18, 6)
        column.setSpacing(3)
        column.addWidget(self.matter, 200)
        column.addWidget(self.course)
        column.addWidget(self.sheet)
        # The heads stand over the figures of the rows, so they run as wide as those; the buttons
        # lie over their empty part.
        head = QGridLayout()
        head.addWidget(self.heads, 0, 0, 1, 8)
        head.addWidget(self.take, 0, 0)
        head.addWidget(self.filing, 0, 1)
        head.addWidget(self.wire, 0, 2)
        head.addWidget(self.costs, 0, 3)
        head.addWidget(self.prices, 0, 4)
        head.addWidget(self.owner, 0, 5)
        head.addWidget(self.out, 0, 6)
        head.setColumnStretch(7, 1)
        column.addLayout(head)
        for number, row in enumerate(self.rows):
            row.chosen.connect(lambda number=number: self._select(number))
            column.addWidget(row)
        column.addWidget(self.picture, 100)
        column.addStretch(1)

    def _make_buttons(self) -> None:
        self.take = button(tr("Take this way"), main=True)
        self.take.clicked.connect(self._take)
        self.out = button("")
        self.out.setProperty("role", "quiet")
        self.out.clicked.connect(self._unfold)
        self.filing = button(tr("Plan the filing"))
        self.filing.clicked.connect(lambda: self.app.stage_wanted.emit("Filing"))
        self.costs = button(tr("Costs  (.)"))
        self.costs.clicked.connect(self._turn_costs)
        self.owner = button(tr("Owner  (+)"))
        self.owner.clicked.connect(self._to_owner)
        self.prices = button(tr("Prices"))
        self.prices.clicked.connect(lambda: self.app.stage_wanted.emit("Prices"))
        self.wire = button(tr("Plan new wire"))
        self.wire.clicked.connect(lambda: self.app.stage_wanted.emit("New wire"))

    def enter(self) -> None:
        self.kind, self.unfolded = None, False
        # What was looked at last stays while this neck is open.
        if self._session is not self.app.session:
            self._session = self.app.session
            self.shows = "matter"
        # With the advice silent the ways speak for themselves.
        if self.app.silent and self.shows == "matter":
            self.shows = "metal"
        self.heads.costs = self.shows == "costs"
        super().enter()

    def shown(self, plan: Plan) -> list[Way]:
        """The ways that have a row: those that can't be gone now only while they are unfolded."""
        course = {leg.way for leg in plan.course}
        if self.shows == "matter":
            return self._before_the_eye(plan)
        return [
            way
            for way in plan.ways
            if self.unfolded
            or way.status in _OPEN
            or way.over_budget
            or way.kind in course
            or way.kind == self.kind
        ]

    def _before_the_eye(self, plan: Plan) -> list[Way]:
        """The ways of the course, then those that stand beside it."""
        kinds = [leg.way for leg in plan.course]
        kinds += [trial.ways[0] for trial in plan.beside if len(trial.ways) == 1]
        there = {way.kind: way for way in plan.ways}
        eye = [there[kind] for kind in dict.fromkeys(kinds)][: len(plan.course) + BESIDE]
        if self.kind is not None and self.kind in there and there[self.kind] not in eye:
            eye.append(there[self.kind])
        return eye

    def _tested(self, says: str) -> None:
        """The test is made: read in Measure, or its yes or no is written down."""
        plan, session = self.plan, self.app.session
        if plan is None or session is None or not plan.diagnosis.tests or self.app.silent:
            return
        test = plan.diagnosis.tests[0]
        if test.by_reading:
            self._measure(test.kind, test.text)
        elif says in ("yes", "no"):
            entry = Tested(test=test.kind, says="yes" if says == "yes" else "no")
            self.app.write(lambda: session.append(entry))

    def _measure(self, kind: str, text: Saying) -> None:
        """To Measure, where it asks for the reading of a test."""
        session = self.app.session
        if session is None:
            return
        kit = self.app.settings.kit
        station = station_of_test(kind, session.neck_state.neck, kit)
        if station is None:
            # Notes are played, and marked, where they are shown.
            self.app.stage_wanted.emit("String room" if kind == "play" else "Measure")
            return
        strings = station.state.strings
        self.app.reading_wanted.emit(Suggestion(station, strings, text, 0.0))

    def _unfold(self) -> None:
        self.unfolded = not self.unfolded
        self.refresh()

    def _pick(self, kind: str) -> None:
        self.kind = kind
        self.bar.notice = ""
        self.setFocus()
        self.refresh()

    @property
    def plan(self) -> Plan | None:
        """The ways as weighed on the neck as it is now; None while they are being weighed."""
        fresh = self.app.fresh
        if fresh is None:
            return None
        return fresh.plan

    @property
    def index(self) -> int | None:
        """The place of the selected way in the list: that of its kind, however the list has
        changed.
        """
        plan = self.plan
        if plan is None:
            return None
        kinds = [way.kind for way in self.shown(plan)]
        # A silent advice does not point either.
        first = kinds[0] if self.app.silent else plan.advice
        return kinds.index(self.kind if self.kind in kinds else first)

    def _select(self, number: int) -> None:
        self.bar.notice = ""
        plan = self.plan
        if plan is None:
            return
        self.kind = self.shown(plan)[number].kind
        self.setFocus()
        self.refresh()

    def key(self, name: str) -> bool:
        plan, at = self.plan, self.index
        if plan is None or at is None or name not in _KEYS:
            return False
        if name in ("-", "1", "3"):
            if self.shows != "matter":
                return False
            self._tested({"1": "yes", "3": "no"}.get(name, "read"))
            return True
        if name == "/":
            if self.shows == "matter":
                self._turn_costs()
            self._unfold()
            return True
        if name == ".":
            self._turn_costs()
        elif name == "*":
            self.app.known_wanted.emit()
        elif name == "+":
            self._to_owner()
        elif name == "enter":
            self._take()
        elif name == "back":
            self.app.undo()
        elif name == "0":
            new_wire = self.shown(plan)[at].new is not None
            self.app.stage_wanted.emit("New wire" if new_wire else "Filing")
        else:
            step = 1 if name == "down" else -1
            self._select(max(0, min(len(self.shown(plan)) - 1, at + step)))
        return True

    def known(self) -> tuple[Known, ...]:
        """The way in front, then the others of the course."""
        solved, plan, at, s = self.app.fresh, self.plan, self.index, self.app.settings
        if solved is None or plan is None or at is None or self.app.silent:
            return ()
        front = self.shown(plan)[at]
        course = [leg.way for leg in plan.course if leg.way != front.kind]
        ways = [front, *(way for way in plan.ways if way.kind in course)]
        taken = tuple(solved.neck_state.taken)
        return tuple(known_way(plan, way, taken, s.unit, s.height_unit) for way in ways)

    def _turn_costs(self) -> None:
        """From what a way buys to hours, days and price, to the picture of both, and back."""
        self.shows = _SHOWS[(_SHOWS.index(self.shows) + 1) % len(_SHOWS)]
        self.heads.costs = self.shows == "costs"
        self.setFocus()
        self.refresh()

    def _to_owner(self) -> None:
        """To the owner, about the way in front."""
        plan = self.plan
        if plan is not None:
            course = {leg.way for leg in plan.course}
        else:
            course = set()
        self.app.meant = None if self.kind is None or self.kind in course else self.kind
        self.app.stage_wanted.emit("Owner")

    def _cost(self, way: Way, solved: Solved) -> Cost | None:
        if not self.heads.costs:
            return None
        return cost_of(way, solved.neck_state.neck, self.app.pace, self.app.settings.prices)

    def _job_words(self, plan: Plan, solved: Solved) -> Saying:
        """What the whole course takes and costs; nothing while prices are not shown."""
        s, dealings = self.app.settings, solved.neck_state.dealings
        ways = course_ways(plan)
        extras = (*dealings.extras, *found_lines(solved.neck_state))
        cost = cost_of(ways, solved.neck_state.neck, self.app.pace, s.prices, extras)
        hours = cost.spell.likely / 60.0
        if cost.price.total is None:
            return means("matter.one-job", hours=hours)
        money = money_words(cost.price.total, s.prices.currency)
        return means("matter.one-job-price", hours=hours, money=money)

    def _take(self) -> None:
        solved, session, plan, at = self.app.fresh, self.app.session, self.plan, self.index
        if solved is None or session is None or plan is None or at is None:
            self.bar.say(tr("The ways are being recalculated. One moment, then Enter."))
            return
        way = self.shown(plan)[at]
        if not way.possible:
            self.bar.say(" ".join(say_all((*way.why_not, *way.not_known))))
            return
        if self.app.write(lambda: choose(session, solved, way)):
            self.app.stage_wanted.emit("Work")

    def refresh(self) -> None:
        solved, session, s = self.app.fresh, self.app.session, self.app.settings
        plan, at = self.plan, self.index
        if session is None:
            return
        if solved is None or plan is None or at is None:
            for row in self.rows:
                row.hide()
            self.take.setEnabled(False)
            self.bar.show_words(tr("Weighing the ways"), message=self.app.waiting)
            return
        in_hand = None
        if session.neck_state.chosen:
            in_hand = session.neck_state.chosen.way
        shown = self.shown(plan)
        for row in self.rows[len(shown) :]:
            row.hide()
        tabled = self.shows in ("metal", "costs")
        for number, (row, way) in enumerate(zip(self.rows, shown, strict=False)):
            row.setVisible(tabled)
            row.way, row.neck = way, solved.neck_state.neck
            row.cost = self._cost(way, solved)
            row.selected, row.advised, row.taken = (
                number == at,
                way.kind == plan.advice and not self.app.silent,
                way.kind == in_hand,
            )
            row.setAccessibleName(
                _row_name(row, say(way.title), say(way.gist), s.unit, way.metal_mm)
            )
            row.update()
        way = shown[at]
        self.matter.setVisible(self.shows == "matter")
        if self.shows == "matter":
            job = self._job_words(plan, solved)
            told = matter_of(plan, solved.neck_state, s.unit, s.height_unit, job)
            self.matter.show_matter(told, way.kind)
        self._fit(shown, plan, way, solved)
        self._fill_picture(plan, way, solved)
        self._fill_out(plan)
        self.take.setEnabled(way.possible)
        self._show_buttons(plan)
        self.heads.update()
        self._fill_bar(plan, way)

    def _show_buttons(self, plan: Plan) -> None:
        """Only as many as leave the heads free; what `0` opens too goes first."""
        costs = self.shows in ("costs", "picture")
        self.costs.setText(say(_NEXT_SHOWN[self.shows]))
        self.prices.setVisible(costs)
        self.filing.setVisible(not costs)
        self.wire.setVisible(not costs and any(way.new is not None for way in plan.ways))
        self.heads.setVisible(self.shows in ("metal", "costs"))
        theme = row_theme(self.app, self.heads.percent)
        free: float = columns(theme, self.heads.width(), 1)[0].left()
        if self.shows == "matter":
            free = self.width()
        shown = (*self._pushes,)
        for push_button in (self.filing, self.wire):
            if sum(one.sizeHint().width() + 6 for one in shown if not one.isHidden()) > free:
                push_button.setVisible(False)

    @property
    def _pushes(self) -> tuple[QPushButton, ...]:
        """The buttons over the rows, in their order."""
        return (self.take, self.filing, self.wire, self.costs, self.prices, self.owner, self.out)

    def _fill_picture(self, plan: Plan, way: Way, solved: Solved) -> None:
        """Price against what is gained, every way that can be gone a point."""
        self.picture.setVisible(self.shows == "picture")
        if self.shows != "picture":
            return
        s, neck = self.app.settings, solved.neck_state.neck
        points = price_points(plan, neck, self.app.pace, s.prices)
        budget = solved.neck_state.dealings.worth.budget
        self.picture.show_points(
            tuple(Point(point[0], say(point[1]), *point[2:]) for point in points),
            way.kind,
            None if budget is None else float(budget),
            currency=s.prices.currency,
            height_unit=s.height_unit,
            why_not=tr("No price yet: Prices takes an hour's, or fixed ones."),
        )

    def _fill_out(self, plan: Plan) -> None:
        """One line for all ways that can't be gone now."""
        out = [way for way in plan.ways if way.status == "out"]
        waiting = [way for way in plan.ways if way.status == "waits"]
        self.out.setVisible(bool(out or waiting))
        texts = []
        if out:
            texts.append(tr("{how_many} out", how_many=words.count(len(out), "is", "are")))
        if waiting:
            texts.append(
                tr(
                    "{how_many} for another step",
                    how_many=words.count(len(waiting), "waits", "wait"),
                )
            )
        does = tr("hide them") if self.unfolded else tr("why?")
        self.out.setText(f"{', '.join(texts)}: {does}  (/)")

    def _fit(self, shown: list[Way], plan: Plan, way: Way, solved: Solved) -> None:
        """Course, rows and heads at the size at which all fit; the sheet takes what they leave."""
        s, neck_state = self.app.settings, solved.neck_state
        filed = frozenset(
            int(f) + 1 for f in (way.off_mm.max(axis=1) > WORTH_FILING_MM).nonzero()[0]
        )
        room = self.height() - 52 * len(plan.course) - 10
        percent = self.heads.percent = fitting_percent(shown, room)
        course = () if self.app.silent else plan.course
        self.course.show_course(course, way.kind, min(percent, 100))
        t = row_theme(self.app, percent)
        for row in self.rows:
            row.percent = percent
            row.setFixedHeight(row.row_px)
        self.heads.setFixedHeight(t.px(38))
        for push_button in self._pushes:
            push_button.setStyleSheet(
                f"font-size: {t.px(14)}px; padding: {t.px(4)}px {t.px(10)}px;"
            )
            push_button.setFixedHeight(t.px(36))
        used = sum(row.row_px + 3 for row in self.rows[: len(shown)]) + self.course.high + 3
        self.course.setVisible(self.shows != "matter")
        if self.shows in ("picture", "matter"):
            used = self.height()
        left_over = self.height() - used - t.px(52)
        self.sheet.setVisible(left_over > 80)
        self.sheet.setFixedHeight(max(min(left_over, max(250, 2 * self.height() // 5)), 80))
        alone = frozenset(neck_state.agreed.untouched)
        drawn: AnyStrip
        if filed:
            drawn = metal_strip(way.off_mm, s.unit, left=alone)
        else:
            drawn = crown_strip(solved, s.unit)
        lanes = (drawn,) if left_over > 130 else ()
        self.sheet.show_neck(
            neck_state.neck, lanes, Dots(filed=filed, alone=alone, out=neck_state.out)
        )

    def _fill_bar(self, plan: Plan, way: Way) -> None:
        session, s = self.app.session, self.app.settings
        if session is None:
            return
        course = () if self.app.silent else plan.course
        leg = next((leg for leg in course if leg.way == way.kind), None)
        if self.shows == "matter" and course and leg is not None and leg is course[0]:
            self._say_matter(plan, leg)
            return
        if leg is not None:
            # Why stands in the course above; here is what is known, and what would change it.
            known: tuple[Saying, ...] = ()
            if leg is plan.course[0]:
                known = plan.reasons[:-1]
            reasons = (
                *known,
                *([tr("What would change it: {unless}", unless=leg.unless)] if leg.unless else ()),
            )
        else:
            reasons = (*way.why_not, *way.not_known)
        if way.status == "not known":
            standing = tr("not known yet")
        else:
            standing = tr("not now")
        if way.possible:
            head = f"{say(way.title)}: {say(way.gist)}"
        else:
            head = f"{say(way.title)}: {standing}"
        if way.possible and len(head) > _LONGEST_HEAD:
            # What does not fit large is said small.
            head = say(way.title)
            # How the neck is laid for a file is told in Work; a turn or a saddle is told here.
            above = leg is not None and (
                way.files or set(keys_in(way.gist)) <= set(keys_in(leg.why))
            )
            reasons = reasons if above else (way.gist, *reasons)
        if way.doubt is not None and way.possible:
            from nuvrek.planning.forecast.doubt import doubt_words

            reasons = (*reasons, doubt_words(way.doubt, s.unit, s.height_unit))
        solved = self.app.fresh
        if self.shows != "metal" and solved is not None:
            # The figures of the price need the room that the gist would take.
            head = say(way.title)
            cost = cost_of(way, solved.neck_state.neck, self.app.pace, s.prices)
            worth = session.neck_state.dealings.worth
            beside = beside_words(worth, cost.price.total)
            reasons = (cost_words(cost, s.prices.currency), beside)
            if cost.price.total is None:
                reasons = (*reasons, tr("No price: Prices takes an hour's, or a fixed one."))
        if session.asked:
            reasons = (*reasons, open_words(standings(session.neck_state, (way.kind,))))
        self.bar.show_words(
            head,
            message=words.sentences(*reasons)
            or tr("Another way is advised; this one is open to you."),
            state=session.neck_state.state if self.shows == "metal" else None,
            right_title=tr("why this way") if leg is not None else tr("Enter takes this way"),
            right=self._why(leg)
            if leg is not None
            else (tr("up and down: compare"), tr("0: plan it")),
        )

    def _say_matter(self, plan: Plan, leg: Leg) -> None:
        """What, why and what next, a line each."""
        session, s = self.app.session, self.app.settings
        if session is None:
            return
        what, *rest = matter_of(plan, session.neck_state, s.unit, s.height_unit).lines
        keys = [tr("Enter: take step 1"), tr("*: why"), tr(".: all figures")]
        tests = plan.diagnosis.tests
        if tests:
            keys.insert(1, tr("−: the test") if tests[0].by_reading else tr("1, 3: the test"))
        asked = open_words(standings(session.neck_state, (leg.way,))) if session.asked else ""
        self.bar.show_words(
            say(what),
            message="\n".join(say(line) for line in (*rest, asked) if line),
            state=session.neck_state.state,
            right_title=tr("keys"),
            right=tuple(keys),
        )

    def _why(self, leg: Leg) -> tuple[str, ...]:
        """The rule behind a leg, and the readings that speak for and against it."""
        from nuvrek.planning.judgement.kinds import RULES

        solved, s = self.app.fresh, self.app.settings
        rule = RULES.get(leg.rule)
        texts = []
        if rule is not None:
            texts = textwrap.wrap(say(rule.says), _WHY_LETTERS)
        if solved is not None:
            readings = {taken.number: taken.reading for taken in solved.neck_state.taken}
            for sign, numbers in ((tr("for"), leg.speaks_for), (tr("against"), leg.speaks_against)):
                for number in numbers[:2]:
                    if number in readings:
                        reading = readings[number]
                        value = value_words(reading, s.unit, s.height_unit)
                        texts.append(f"{sign} {say(place_words(reading))}: {say(value)}")
        return tuple(texts[:5])


def _row_name(row: WayRow, title: str, gist: str, unit: Unit, metal_mm: float) -> str:
    flags = [
        word
        for word, on in (
            ("advised", row.advised),
            (tr("in hand"), row.taken),
            ("selected", row.selected),
        )
        if on
    ]
    return tr(
        "{title}, {flags}: {gist} {metal_mm} of metal.",
        title=title,
        flags=" ".join(flags),
        gist=gist,
        metal_mm=format_length(metal_mm, unit),
    )
