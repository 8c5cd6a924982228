"""Agreement: what the owner has to say to the ways meant, the quote, and gates lifted."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QGridLayout, QHBoxLayout, QLabel, QVBoxLayout, QWidget

from nuvrek.bench.owner.draft import OwnerDraft
from nuvrek.bench.owner.quoting import NoPrice
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Choices, Picks, button, heading, scrolling
from nuvrek.desktop.stages.owner.gates import GatesView
from nuvrek.desktop.widgets.field import Field
from nuvrek.neck.owner import HOW_WORDS
from nuvrek.planning.ways.kinds import way_title
from nuvrek.readings.entries import AnyEntry
from nuvrek.wording.speech import say, say_values, tr

_RIGHT = 400
Write = Callable[[Sequence[AnyEntry], str], None]


class AgreementFace(QWidget):
    """The gates on the left; how it was said, the quote and the reason on the right."""

    meant = pyqtSignal(object)  # the way meant, None for the course
    said = pyqtSignal(str)

    def __init__(self, app: AppState, write: Write) -> None:
        super().__init__()
        self.app, self._write = app, write
        self.draft: OwnerDraft | None = None
        self.selected = 0
        self.gates = GatesView(app.theme)
        self.gates.picked.connect(self.select)
        self.which = Choices()
        self.which.setAccessibleName(tr("Which way"))
        self.which.activated.connect(lambda _n: self.meant.emit(self.which.currentData()))
        self.how = Picks(tr("How it was said"), say_values(HOW_WORDS))
        self.words, self.reason = Field(), Field()
        for line, name in ((self.words, tr("Their words")), (self.reason, tr("Reason to go on"))):
            line.setMaxLength(200)
            line.setAccessibleName(name)
        self.quote_words = QLabel("")
        self.quote_words.setWordWrap(True)
        self.quote_words.setAccessibleName(tr("The quote"))
        column = QVBoxLayout()
        column.addWidget(self.gates)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(18)
        row.addWidget(scrolling(column), 1)
        row.addWidget(self._right())

    def _right(self) -> QWidget:
        self.all = button(tr("All of it is agreed"), main=True)
        self.yes, self.no = button(tr("This one: yes")), button(tr("This one: no"))
        self.give, self.accept = button(tr("Quote this")), button(tr("Accepted"))
        self.refuse, self.lift = button(tr("Refused")), button(tr("Go on without a word"))
        self.all.clicked.connect(self.agree_all)
        self.yes.clicked.connect(lambda: self.one(True))
        self.no.clicked.connect(lambda: self.one(False))
        self.give.clicked.connect(self.quote)
        self.accept.clicked.connect(lambda: self.answer(True))
        self.refuse.clicked.connect(lambda: self.answer(False))
        self.lift.clicked.connect(self.lift_gate)
        grid = QGridLayout()
        grid.setVerticalSpacing(6)
        rows: list[tuple[str, QWidget]] = [
            (tr("For"), self.which),
            (tr("Said"), self.how),
            (tr("Their words"), self.words),
        ]
        for n, (label, widget) in enumerate(rows):
            grid.addWidget(QLabel(label), n, 0)
            grid.addWidget(widget, n, 1)
        grid.setColumnStretch(1, 1)
        column = QVBoxLayout()
        column.addLayout(grid)
        column.addWidget(self.all)
        column.addLayout(_pair(self.yes, self.no))
        column.addSpacing(8)
        column.addWidget(heading(tr("The quote")))
        column.addWidget(self.quote_words)
        column.addLayout(_pair(self.give, self.accept, self.refuse))
        column.addSpacing(8)
        column.addWidget(heading(tr("Without the owner's word")))
        column.addWidget(self.reason)
        self.reason.setPlaceholderText(tr("the reason"))
        column.addWidget(self.lift)
        self.side = scrolling(column)
        return self.side

    def restyle(self) -> None:
        """Widths and sizes of the theme."""
        t = self.app.theme
        self.side.setFixedWidth(min(t.px(_RIGHT), 540))
        self.quote_words.setStyleSheet(f"font-size: {min(t.px(15), 22)}px;")

    def show_draft(self, draft: OwnerDraft) -> None:
        """The agreement as it stands."""
        before = self.draft
        self.draft = draft
        rows = draft.rows
        self.selected = max(0, min(self.selected, len(rows) - 1))
        self.gates.show_rows(rows, self.selected)
        self.quote_words.setText(say(draft.quote_words()))
        given = draft.solved.neck_state.dealings.open_quote is not None
        for push in (self.accept, self.refuse):
            push.setVisible(given)
        shut = any(not standing.settled and standing.need.before for standing in rows)
        self.lift.setEnabled(shut)
        self.all.setEnabled(given or not all(standing.settled for standing in rows))
        if before is None or before.session is not draft.session:
            owner = draft.facts.owner
            usual = "present"
            if owner is not None:
                usual = owner.usually
            self.how.setCurrentIndex(self.how.findData(usual))
            self.words.clear()
            self.reason.clear()
        self._fill_which(draft)

    def _fill_which(self, draft: OwnerDraft) -> None:
        self.which.clear()
        chosen = draft.solved.neck_state.chosen
        in_hand = chosen is not None and not draft.over
        self.which.addItem(tr("the way in hand") if in_hand else tr("the course advised"), None)
        for way in draft.facts.plan.ways:
            if way.possible:
                self.which.addItem(say(way_title(way.kind)), way.kind)
        self.which.setCurrentIndex(max(self.which.findData(draft.kind), 0))

    def select(self, number: int) -> None:
        """Bring one thing to the front."""
        if self.draft is not None:
            self.selected = max(0, min(number, len(self.draft.rows) - 1))
            self.gates.show_rows(self.draft.rows, self.selected)

    # --- doing -------------------------------------------------------------------------

    def agree_all(self) -> None:
        """The owner's yes to all that is not settled."""
        draft = self.draft
        if draft is None:
            return
        entries = draft.all_agreed(self.how.currentData(), self.words.text().strip())
        if entries:
            self._write(entries, tr("Written down: all of it is agreed."))
        else:
            self.said.emit(tr("All of it is agreed already."))

    def one(self, yes: bool) -> None:
        """The owner's yes or no to the thing in front."""
        draft = self.draft
        if draft is None or not draft.rows:
            return
        row = draft.rows[self.selected]
        entry = draft.yes_or_no(row, yes, self.how.currentData(), self.words.text().strip())
        self._write((entry,), tr("Written down.") if yes else tr("Written down as refused."))

    def quote(self) -> None:
        """Freeze a quote of the ways meant."""
        if self.draft is None:
            return
        try:
            given = self.draft.quoted()
        except NoPrice as error:
            self.said.emit(str(error))
            return
        self._write((given,), tr("Quoted and frozen; Papers has the page for it."))

    def answer(self, yes: bool) -> None:
        """What the owner said to the quote."""
        if self.draft is None:
            return
        entries = self.draft.answered(yes, self.how.currentData(), self.words.text().strip())
        if entries:
            self._write(
                entries, tr("Accepted, written down.") if yes else tr("Refused, written down.")
            )

    def lift_gate(self) -> None:
        """Go on without a word, for the reason typed."""
        if self.draft is None:
            return
        reason = self.reason.text().strip()
        if len(reason) < 3:
            self.said.emit(tr("A gate is lifted for a reason: type it first."))
            self.reason.setFocus()
            return
        entry = self.draft.lifted(reason)
        if entry is not None:
            self._write((entry,), tr("Lifted, with the reason."))
            self.reason.clear()

    def key(self, name: str) -> bool:
        """Keys of the page while no field is typed into."""
        if name in ("up", "down"):
            self.select(self.selected + (1 if name == "down" else -1))
        elif name == "/":
            self.agree_all()
        elif name in ("*", "-"):
            self.one(name == "*")
        elif name == "+":
            self.quote()
        else:
            return False
        return True


def _pair(*pushes: QWidget) -> QHBoxLayout:
    row = QHBoxLayout()
    for push in pushes:
        row.addWidget(push)
    row.addStretch(1)
    return row
