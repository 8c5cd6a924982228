"""What is the matter, what tells, and what to do: read in five seconds at two metres."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QMouseEvent, QPainter, QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.pages.matter import BesideShown, CauseShown, LegShown, Matter
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.one_line import one_line
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.desktop.widgets.way_row import row_theme
from nuvrek.wording.speech import say, say_all, tr

_MOST_PERCENT = 125
_LEFT_SHARE = 0.6
_HEAD, _LINE, _OTHER, _TEST, _LEG, _BESIDE, _GAP = 34, 21, 34, 64, 74, 76, 8
_DOTS, _TRIAL, _FOLLOWS, _ONE_LINE = 24, 104, 40, 64
# How far in from the left a cause is named: its bar stands before it.
_INDENT = 170


def _high(cause: CauseShown) -> int:
    """How high the card of a cause is: a line for what speaks for it, one for what against."""
    return _OTHER + _LINE * (bool(cause.speaks_for) + bool(cause.speaks_against)) + 8


class MatterView(QWidget):
    """Causes at the left with what speaks for each, the course at the right, other ways below."""

    picked = pyqtSignal(str)
    tested = pyqtSignal(str)

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.app = app
        self.matter: Matter | None = None
        self.selected = ""
        self._pickable: list[tuple[QRectF, str]] = []
        self._answers: list[tuple[QRectF, str]] = []
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setAccessibleName(tr("What is the matter"))

    def show_matter(self, matter: Matter, selected: str) -> None:
        """Draw this; ``selected`` is the way that Enter takes."""
        self.matter, self.selected = matter, selected
        causes = (f"{say(c.title)} {c.percent} %" for c in matter.causes)
        legs = (f"{n}: {say(leg.title)}" for n, leg in enumerate(matter.legs, 1))
        self.setAccessibleDescription("; ".join((*causes, *legs)))
        self.update()

    @property
    def theme(self) -> Theme:
        """The theme, smaller where all of it would not fit."""
        most = row_theme(self.app, _MOST_PERCENT).percent
        matter = self.matter
        if matter is None:
            return Theme(self.app.theme.dark, most)
        causes = sum(_high(cause) + _GAP for cause in matter.causes)
        test = _TEST + _GAP if matter.test is not None else 0
        left = _HEAD * 2 + causes + _OTHER + test + 2 * _GAP
        right = _HEAD * 2 + (_LEG + _GAP) * len(matter.legs) + _TRIAL
        below = _BESIDE + _GAP if matter.beside else 0
        needed = max(left, right) + below
        fits = int(100 * (self.height() - 8) / max(needed, 1))
        return Theme(self.app.theme.dark, max(70, min(most, fits)))

    def sizeHint(self) -> QSize:
        return QSize(800, 500)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        if event is None:
            return
        for box, way in self._pickable:
            if box.contains(event.position()):
                self.picked.emit(way)
        for box, says in self._answers:
            if box.contains(event.position()):
                self.tested.emit(says)

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        matter = self.matter
        if matter is None:
            return
        self._pickable, self._answers = [], []
        t, split = self.theme, round(_LEFT_SHARE * self.width())
        with painting(self) as painter:
            painter.setRenderHint(QPainter.RenderHint.Antialiasing)
            below = t.px(_BESIDE + _GAP) if matter.beside else 0
            top = self._complaint(painter, t, matter)
            left = QRectF(4, top, split - t.px(26), self.height() - top - below)
            right = QRectF(split, top, self.width() - split - 4, self.height() - top - below)
            self._causes(painter, t, left, matter)
            self._course(painter, t, right, matter)
            if matter.beside:
                row = QRectF(4, self.height() - t.px(_BESIDE), self.width() - 8, t.px(_BESIDE) - 2)
                self._besides(painter, t, row, matter.beside)

    # --- the complaint ---------------------------------------------------------

    def _complaint(self, p: QPainter, t: Theme, matter: Matter) -> float:
        """The owner's words and what they come to; how far down it reaches."""
        if not matter.words:
            return 2.0
        high = t.px(_HEAD)
        x = self.width() - 4.0
        for chip in reversed(matter.chips[:5]):
            p.setFont(t.font(14))
            wide = p.fontMetrics().horizontalAdvance(say(chip)) + t.px(20)
            box = QRectF(x - wide, 3, wide, high - 8)
            p.setPen(QPen(t.colours["muted"], 1))
            p.setBrush(t.colours["card"])
            p.drawRoundedRect(box, 4, 4)
            self._line(p, t, box, say(chip), 14, align=Qt.AlignmentFlag.AlignHCenter)
            x -= wide + t.px(8)
        self._line(
            p,
            t,
            QRectF(4, 0, x - 14, high),
            tr("“{complaint}”", complaint=matter.words),
            16,
            colour="muted",
        )
        return float(high)

    # --- causes -----------------------------------------------------------------

    def _causes(self, p: QPainter, t: Theme, box: QRectF, matter: Matter) -> None:
        head = QRectF(box.left(), box.top(), box.width(), t.px(_HEAD))
        self._line(p, t, head, tr("What is the matter"), 20, bold=True)
        top = head.bottom()
        for cause in matter.causes:
            high = t.px(_high(cause))
            self._cause(p, t, QRectF(box.left(), top, box.width(), high), cause)
            top += high + t.px(_GAP)
        other = QRectF(box.left(), top, box.width(), t.px(_OTHER))
        words = tr("Something else") if matter.causes else tr("Nothing was found")
        self._card(p, t, other)
        self._bar(p, t, other, matter.other_percent, "muted")
        self._title(p, t, other, words, matter.other_percent)
        if matter.test is not None:
            test = QRectF(box.left(), other.bottom() + t.px(_GAP), box.width(), t.px(_TEST))
            self._test(p, t, test, matter)

    def _cause(self, p: QPainter, t: Theme, box: QRectF, cause: CauseShown) -> None:
        self._card(p, t, box)
        row = QRectF(box.left(), box.top(), box.width(), t.px(_OTHER))
        self._bar(p, t, row, cause.percent, "copper")
        self._title(p, t, row, say(cause.title), cause.percent)
        x, wide = box.left() + t.px(_INDENT), box.width() - t.px(_INDENT + 10)
        speaks_for = " · ".join(say_all(cause.speaks_for))
        against = " · ".join(say_all(cause.speaks_against))
        told = []
        if speaks_for:
            told.append((tr("for {evidence}", evidence=speaks_for), "ink"))
        if against:
            told.append((tr("against {evidence}", evidence=against), "muted"))
        for n, (words, colour) in enumerate(told):
            at = QRectF(x, row.bottom() - 2 + t.px(_LINE) * n, wide, t.px(_LINE))
            self._line(p, t, at, words, 14, colour=colour)

    def _title(self, p: QPainter, t: Theme, row: QRectF, words: str, percent: int) -> None:
        x = row.left() + t.px(_INDENT)
        wide = row.width() - t.px(_INDENT + 70)
        self._line(p, t, QRectF(x, row.top(), wide, row.height()), words, 17, bold=True)
        right = QRectF(row.right() - t.px(64), row.top(), t.px(54), row.height())
        self._line(p, t, right, f"{percent} %", 16, bold=True, align=Qt.AlignmentFlag.AlignRight)

    def _bar(self, p: QPainter, t: Theme, row: QRectF, percent: int, colour: str) -> None:
        long = max(percent / 100.0 * t.px(_INDENT - 22), 3.0)
        p.setPen(Qt.PenStyle.NoPen)
        p.setBrush(t.colours[colour])
        p.drawRoundedRect(
            QRectF(row.left() + t.px(10), row.center().y() - t.px(7), long, t.px(14)), 2, 2
        )

    def _test(self, p: QPainter, t: Theme, box: QRectF, matter: Matter) -> None:
        test = matter.test
        if test is None:
            return
        p.setPen(QPen(t.colours["copper"], 2))
        p.setBrush(t.colours["card"])
        p.drawRoundedRect(box, 5, 5)
        head = QRectF(box.left() + 12, box.top() + 2, box.width() - 24, box.height() / 2 - 2)
        named = tr("One test tells (half a minute)")
        if test.minutes > 0.5:
            named = tr("One test tells ({minutes:.0f} min)", minutes=test.minutes)
        self._line(p, t, head, named, 15, colour="copper", bold=True)
        keys = tr("−: measure it") if test.by_reading else tr("1: yes  ·  3: no")
        p.setFont(t.font(15))
        wide = p.fontMetrics().horizontalAdvance(keys) + 6
        words = QRectF(head.left(), head.bottom(), head.width() - wide - 10, box.height() / 2 - 4)
        self._line(p, t, words, say(test.text), 15)
        right = QRectF(head.right() - wide, head.bottom(), wide, words.height())
        self._line(p, t, right, keys, 15, colour="copper", align=Qt.AlignmentFlag.AlignRight)
        if test.by_reading:
            self._answers = [(box, "read")]
        else:
            middle = right.center().x()
            self._answers = [
                (QRectF(right.left(), box.top(), middle - right.left(), box.height()), "yes"),
                (QRectF(middle, box.top(), box.right() - middle, box.height()), "no"),
            ]

    # --- the course ---------------------------------------------------------------

    def _course(self, p: QPainter, t: Theme, box: QRectF, matter: Matter) -> None:
        head = QRectF(box.left(), box.top(), box.width(), t.px(_HEAD))
        self._line(p, t, head, tr("What to do"), 20, bold=True)
        top = head.bottom()
        x = box.left() + t.px(16)
        p.setPen(QPen(t.colours["copper"], 2))
        if len(matter.legs) > 1:
            last = top + t.px(_LEG + _GAP) * (len(matter.legs) - 1)
            p.drawLine(QPointF(x, top + t.px(20)), QPointF(x, last + t.px(16)))
        for number, leg in enumerate(matter.legs, 1):
            row = QRectF(box.left(), top, box.width(), t.px(_LEG))
            self._leg(p, t, row, number, leg)
            top += t.px(_LEG + _GAP)
        if matter.trial is not None:
            self._trial(p, t, QRectF(box.left(), top, box.width(), t.px(_TRIAL)), matter)
            top += t.px(_TRIAL + _GAP)
        if matter.follows:
            self._follows(p, t, QRectF(box.left(), top, box.width(), box.bottom() - top), matter)

    def _follows(self, p: QPainter, t: Theme, box: QRectF, matter: Matter) -> None:
        """What follows the metal, line by line as far as there is room; the job stands last."""
        told = [
            (say(one), t.px(_FOLLOWS if len(say(one)) > _ONE_LINE else 22))
            for one in matter.follows
        ]
        room = box.height() - t.px(24)
        while told and sum(high for _, high in told) > room:
            told = told[1:]
        if not told:
            return
        head = QRectF(box.left(), box.top(), box.width(), t.px(24))
        self._line(p, t, head, tr("What follows"), 15, bold=True)
        top = head.bottom()
        for words, high in told:
            self._lines(p, t, QRectF(box.left(), top, box.width(), high), words, "muted")
            top += high

    def _leg(self, p: QPainter, t: Theme, row: QRectF, number: int, leg: LegShown) -> None:
        middle, r = QPointF(row.left() + t.px(16), row.top() + t.px(17)), t.px(14)
        chosen = leg.way == self.selected
        p.setPen(QPen(t.colours["copper"], 2))
        p.setBrush(t.colours["copper" if chosen else "card"])
        p.drawEllipse(middle, r, r)
        figure = QRectF(middle.x() - r, middle.y() - r, 2 * r, 2 * r)
        self._line(
            p,
            t,
            figure,
            str(number),
            15,
            colour="card" if chosen else "copper",
            bold=True,
            align=Qt.AlignmentFlag.AlignHCenter,
        )
        x = row.left() + t.px(42)
        title = QRectF(x, row.top(), row.right() - x, t.px(_HEAD))
        self._line(p, t, title, say(leg.title), 18, bold=True)
        words = say(leg.detail)
        colour = "muted"
        if leg.gate:
            words, colour = tr("First: {gate}", gate=leg.gate), "slate"
        self._lines(p, t, QRectF(x, title.bottom() - 3, row.right() - x, t.px(40)), words, colour)
        self._pickable.append((row, leg.way))

    def _trial(self, p: QPainter, t: Theme, box: QRectF, matter: Matter) -> None:
        trial = matter.trial
        if trial is None:
            return
        head = QRectF(box.left(), box.top(), box.width(), t.px(24))
        drawn = tr("Tried on {number} necks that fit these readings", number=len(trial.cells))
        self._line(p, t, head, drawn, 15, bold=True)
        step = min(box.width() / _DOTS, t.px(19))
        r = 0.32 * step
        # Clean ones first: what counts is how many.
        for n, clean in enumerate(sorted(trial.cells, reverse=True)):
            at = QPointF(
                box.left() + (n % _DOTS + 0.5) * step, head.bottom() + (n // _DOTS + 0.5) * step
            )
            p.setPen(QPen(t.colours["copper" if clean else "slate"], 1.4))
            p.setBrush(t.colours["copper"] if clean else Qt.BrushStyle.NoBrush)
            p.drawEllipse(at, r, r)
            if not clean:
                p.drawLine(QPointF(at.x() - r, at.y() + r), QPointF(at.x() + r, at.y() - r))
        rows = (len(trial.cells) + _DOTS - 1) // _DOTS
        under = QRectF(box.left(), head.bottom() + rows * step, box.width(), t.px(42))
        self._lines(p, t, under, say(matter.trial_words), "muted")

    # --- beside it --------------------------------------------------------------

    def _besides(
        self, p: QPainter, t: Theme, row: QRectF, besides: tuple[BesideShown, ...]
    ) -> None:
        wide = t.px(110)
        self._line(p, t, QRectF(row.left(), row.top(), wide, t.px(28)), tr("Or"), 16, bold=True)
        wide = t.px(60)
        each = (row.width() - wide) / 3.0
        for n, beside in enumerate(besides):
            box = QRectF(row.left() + wide + each * n, row.top(), each - t.px(12), row.height())
            chosen = beside.way == self.selected
            self._card(p, t, box, colour="copper" if chosen else "line")
            clean = tr("{clean} of {drawn}", clean=beside.clean, drawn=beside.drawn)
            p.setFont(t.font(15, bold=True))
            right = p.fontMetrics().horizontalAdvance(clean) + 6
            head = QRectF(box.left() + 12, box.top() + 6, box.width() - right - 30, t.px(26))
            self._line(p, t, head, say(beside.title), 16, bold=True)
            at = QRectF(box.right() - right - 12, head.top(), right, head.height())
            self._line(
                p, t, at, clean, 15, colour="copper", bold=True, align=Qt.AlignmentFlag.AlignRight
            )
            under = QRectF(head.left(), head.bottom(), box.width() - 24, t.px(24))
            self._line(p, t, under, say(beside.costs), 14, colour="muted")
            self._pickable.append((box, beside.way))

    # --- strokes ------------------------------------------------------------------

    def _card(self, p: QPainter, t: Theme, box: QRectF, colour: str = "line") -> None:
        p.setPen(QPen(t.colours[colour], 2 if colour != "line" else 1))
        p.setBrush(t.colours["card"])
        p.drawRoundedRect(box, 4, 4)

    def _line(
        self,
        p: QPainter,
        t: Theme,
        box: QRectF,
        text: str,
        size: float,
        *,
        colour: str = "ink",
        bold: bool = False,
        align: Qt.AlignmentFlag = Qt.AlignmentFlag.AlignLeft,
    ) -> None:
        p.setFont(t.font(size, bold=bold))
        p.setPen(t.colours[colour])
        one_line(p, box, text, align)

    def _lines(self, p: QPainter, t: Theme, box: QRectF, text: str, colour: str) -> None:
        """Words over two lines, what is left is cut."""
        p.setFont(t.font(14))
        p.setPen(t.colours[colour])
        metrics, wide, high = p.fontMetrics(), int(box.width()), t.px(20)
        for n in range(2):
            line = text
            while n == 0 and " " in line and metrics.horizontalAdvance(line) > wide:
                line = line.rpartition(" ")[0]
            one_line(p, QRectF(box.left(), box.top() + n * high, box.width(), high), line)
            text = text[len(line) :].strip()
            if not text:
                return
