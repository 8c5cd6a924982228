"""Papers: letter, quote, work report and bench sheet, their words to be changed before they go."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from pathlib import Path

import msgspec
from PyQt6.QtCore import QBuffer, QByteArray, QSize, QTimer, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPixmap
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QSizePolicy, QVBoxLayout, QWidget

from nuvrek.bench.owner.draft import OwnerDraft
from nuvrek.bench.owner.quoting import NoPrice
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Choices, button, chooser, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.widgets.words_field import WordsField
from nuvrek.exchange.paper import Paper
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.owner.entries import PAPERS, Letter, PaperKind
from nuvrek.wording.speech import say, tr

_REST_MS, MOST_LETTERS = 400, 12_000
Write = Callable[[Sequence[AnyEntry], str], None]


class PapersFace(QWidget):
    """The words on the left, the page as it will lie on paper on the right."""

    said = pyqtSignal(str)

    def __init__(self, app: AppState, write: Write, extras: Extras) -> None:
        super().__init__()
        self.app, self._write, self._extras = app, write, extras
        self.draft: OwnerDraft | None = None
        self.kind: PaperKind = "letter"
        self.made: Letter | None = None
        # The page as it was set last: of which neck, in which words.
        self.ready: tuple[tuple[str, Letter], bytes] | None = None
        self._loading = False
        self.text = WordsField(tr("The words of the paper"), MOST_LETTERS)
        self.text.textChanged.connect(self._edited)
        self.text.full.connect(self.said.emit)
        self.page = QLabel()
        self.page.setAccessibleName(tr("The page as it will be printed"))
        self.page.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Ignored)
        self.kept = Choices()
        self.kept.setAccessibleName(tr("Papers kept with this job"))
        self.kept.activated.connect(self._show_kept)
        left = QVBoxLayout()
        left.addLayout(self._kinds())
        left.addWidget(self.text, 1)
        left.addLayout(self._buttons())
        paper = QVBoxLayout()
        paper.addWidget(self.page)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(18)
        row.addLayout(left, 6)
        self.sheet = scrolling(paper)
        row.addWidget(self.sheet, 5)
        self.rest = QTimer(self)
        self.rest.setSingleShot(True)
        self.rest.setInterval(_REST_MS)
        self.rest.timeout.connect(self._set)

    def _kinds(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(6)
        self.kinds = {kind: chooser(say(words)) for kind, words in PAPERS.items()}
        for kind, push in self.kinds.items():
            push.chosen.connect(lambda kind=kind: self.turn(kind))
            row.addWidget(push)
        row.addStretch(1)
        return row

    def _buttons(self) -> QHBoxLayout:
        self.afresh, self.keep_it = button(tr("As proposed")), button(tr("Keep it"))
        self.save_it, self.print_it = button(tr("Write PDF"), main=True), button(tr("Print"))
        self.afresh.clicked.connect(self.propose)
        self.keep_it.clicked.connect(self.keep)
        self.save_it.clicked.connect(self._ask_save)
        self.print_it.clicked.connect(self._ask_print)
        row = QHBoxLayout()
        row.setSpacing(6)
        for push in (self.save_it, self.print_it, self.keep_it, self.afresh):
            row.addWidget(push)
        row.addStretch(1)
        row.addWidget(self.kept)
        return row

    # --- filling -----------------------------------------------------------------------

    def show_draft(self, draft: OwnerDraft) -> None:
        """The papers of a neck; words that were changed and not kept stay while it is the same."""
        before = self.draft
        self.draft = draft
        same = before is not None and before.session is draft.session
        if not same:
            self._forget()
        for kind, push in self.kinds.items():
            push.setChecked(kind == self.kind)
        self._fill_kept(draft)
        if same and self.made is not None and self.text.words() != self.made.text:
            self._set()
        else:
            self.propose()

    def _fill_kept(self, draft: OwnerDraft) -> None:
        self.kept.clear()
        letters = draft.solved.neck_state.dealings.letters
        self.kept.addItem(tr("kept: none yet") if not letters else tr("kept with this job:"), None)
        for number, letter in reversed(letters):
            self.kept.addItem(f"{letter.at[:10]}  {say(PAPERS[letter.paper])}", number)

    def turn(self, kind: PaperKind) -> None:
        """Another kind of paper."""
        self.kind = kind
        for one, push in self.kinds.items():
            push.setChecked(one == kind)
        self.propose()

    def propose(self) -> None:
        """The paper in the words that are proposed."""
        from nuvrek.wording.papers.make import proposed

        if self.draft is None:
            return
        try:
            self._show(proposed(self.kind, self.draft.facts))
        except NoPrice as error:
            self._forget()
            self.said.emit(str(error))

    def _show_kept(self) -> None:
        number = self.kept.currentData()
        if self.draft is None or number is None:
            return
        letter = dict(self.draft.solved.neck_state.dealings.letters)[number]
        self.kind = letter.paper
        for one, push in self.kinds.items():
            push.setChecked(one == letter.paper)
        self._show(letter)

    def _forget(self) -> None:
        """Nothing of another neck, or of other words, can go out."""
        self.made, self.ready = None, None
        self._fill_text("")
        self.page.clear()
        self._enable()

    def _enable(self) -> None:
        for push in (self.save_it, self.print_it):
            push.setEnabled(self.pdf != b"")

    @property
    def pdf(self) -> bytes:
        """The page, if it is that of the neck and the words in front; else nothing."""
        wanted = self._wanted()
        ready = self.ready
        if ready is not None and wanted is not None and ready[0] == wanted:
            return ready[1]
        return b""

    def _wanted(self) -> tuple[str, Letter] | None:
        """Which page belongs in front: of which neck, in which words."""
        draft, letter = self.draft, self.letter()
        if draft is None or letter is None or draft.session is not self.app.session:
            return None
        return draft.session.identity.uid, letter

    def _show(self, letter: Letter) -> None:
        self.made = letter
        self._fill_text(letter.text)
        self._set()

    def _fill_text(self, text: str) -> None:
        self._loading = True
        self.text.setPlainText(text)
        self._loading = False

    def _edited(self) -> None:
        if not self._loading:
            self._enable()
            self.rest.start()

    # --- the page ----------------------------------------------------------------------

    def letter(self) -> Letter | None:
        """The paper with its words as they stand in the field."""
        if self.made is None:
            return None
        return msgspec.structs.replace(self.made, text=self.text.words(), at="", joined=False)

    def _set(self) -> None:
        """Set the page anew, off the interface thread."""
        draft, wanted = self.draft, self._wanted()
        self._enable()
        if draft is None or wanted is None:
            return
        letter = wanted[1]
        day = (self.made.at if self.made is not None else "")[:10] or draft.facts.day

        def job() -> object:
            from nuvrek.wording.papers.make import laid_out, pdf_of, unset

            facts, neck = draft.facts, draft.facts.neck
            paper: Paper = laid_out(
                letter,
                neck,
                facts.owner,
                shop=draft.shop,
                figures=facts.figures,
                day=day,
                photos=facts.photos,
            )
            return wanted, pdf_of(paper), unset(letter, facts.owner, draft.shop, neck)

        self.app.reckon(job, self._arrived)

    def _arrived(self, made: object) -> None:
        if not isinstance(made, tuple) or made[0] != self._wanted():
            return
        wanted, pdf, unset = made
        self.ready = wanted, pdf
        self._enable()
        self._draw()
        if unset:
            self.said.emit(
                tr(
                    "The fonts have no sign for {unset}: the page lacks it.",
                    unset=" ".join(unset[:8]),
                )
            )

    def _draw(self) -> None:
        pages = pages_of(self.pdf, max(self.sheet.width() - 30, 200))
        if not pages:
            return
        high = sum(page.height() + 8 for page in pages)
        whole = QPixmap(pages[0].width(), high)
        whole.fill(self.app.theme.colours["line"])
        painter = QPainter(whole)
        top = 0
        for page in pages:
            painter.drawImage(0, top, page)
            top += page.height() + 8
        painter.end()
        self.page.setPixmap(whole)
        self.page.setFixedSize(whole.size())

    # --- doing -------------------------------------------------------------------------

    def keep(self) -> None:
        """Keep the paper with the job as its words are now."""
        wanted = self._wanted()
        letter = None if wanted is None else wanted[1]
        if letter is not None and not self._is_kept(letter):
            self._write((letter,), tr("{papers} kept with the job.", papers=PAPERS[letter.paper]))

    def _is_kept(self, letter: Letter) -> bool:
        if self.draft:
            letters = self.draft.solved.neck_state.dealings.letters
        else:
            letters = ()
        plain = msgspec.structs.replace(letter, page="")
        return any(
            msgspec.structs.replace(kept, at="", page="", joined=False) == plain
            for _, kept in letters
        )

    def save(self, path: Path) -> None:
        """Write the page as PDF; what goes out is kept."""
        pdf = self.pdf
        if pdf and self._extras.save(path, pdf):
            self.keep()

    def _ask_save(self) -> None:
        if self.draft is None or not self.pdf:
            return
        # No name of an owner or an instrument in a file's name.
        number = self.draft.session.neck_id
        name = f"{self.kind}-neck-{number}-{self.draft.facts.day}.pdf"
        self._extras.ask_where(name, tr("To print (*.pdf)"), self.save)

    def _ask_print(self) -> None:
        """Print by the system's own dialog; what goes out is kept."""
        from PyQt6.QtPrintSupport import QPrintDialog, QPrinter

        pdf = self.pdf
        if not pdf:
            return
        printer = QPrinter(QPrinter.PrinterMode.HighResolution)
        if QPrintDialog(printer, self).exec():
            print_pages(pdf, printer)
            # Another page may have come to the front behind the dialog.
            if pdf == self.pdf:
                self.keep()


def pages_of(pdf: bytes, wide: int) -> list[QImage]:
    """The pages of a PDF as pictures so many dots wide."""
    from PyQt6.QtPdf import QPdfDocument

    buffer = QBuffer()
    buffer.setData(QByteArray(pdf))
    buffer.open(QBuffer.OpenModeFlag.ReadOnly)
    document = QPdfDocument(None)
    document.load(buffer)
    qimages = []
    for number in range(document.pageCount()):
        size = document.pagePointSize(number)
        high = round(wide * size.height() / max(size.width(), 1.0))
        picture = QImage(wide, high, QImage.Format.Format_RGB32)
        picture.fill(0xFFFFFFFF)
        painter = QPainter(picture)
        painter.drawImage(0, 0, document.render(number, QSize(wide, high)))
        painter.end()
        qimages.append(picture)
    document.close()
    return qimages


def print_pages(pdf: bytes, printer: object) -> None:
    """Send the pages of a PDF to a printer, each filling its sheet."""
    from PyQt6.QtPrintSupport import QPrinter

    assert isinstance(printer, QPrinter)
    printer.setFullPage(True)
    sheet = printer.pageRect(QPrinter.Unit.DevicePixel)
    painter = QPainter(printer)
    for number, page in enumerate(pages_of(pdf, min(round(sheet.width()), 2480))):
        if number:
            printer.newPage()
        painter.drawImage(sheet, page)
    painter.end()
