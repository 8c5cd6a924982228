"""Guide: the chapters on the left, the text on the right, found as one types."""

from __future__ import annotations

from pathlib import Path
from typing import Any

from PyQt6.QtCore import QSize, Qt, QUrl
from PyQt6.QtGui import QImage, QKeyEvent, QResizeEvent, QTextCursor, QTextDocument
from PyQt6.QtWidgets import QHBoxLayout, QListWidget, QListWidgetItem, QTextBrowser, QVBoxLayout

from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.pages import PAGES
from nuvrek.desktop.stages.base import Stage, button, heading, key_name
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.wording.help.guide import GuideChapter, Hit, chapters, docs_folder, read_chapter, search
from nuvrek.wording.speech import count, say, tr

_SNIPPET = 90


class Pages(QTextBrowser):
    """A chapter, with its pictures as wide as there is room."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.setOpenLinks(False)
        self.setAccessibleName(tr("The guide's text"))
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)

    def loadResource(self, kind: int, name: QUrl) -> Any:
        if kind == QTextDocument.ResourceType.ImageResource.value:
            path = docs_folder() / "screenshots" / Path(name.path()).name
            wide = max(self.viewport().width() - 40, 200)  # type: ignore[union-attr]
            return QImage(str(path)).scaledToWidth(
                min(wide, 1000), Qt.TransformationMode.SmoothTransformation
            )
        return None

    def show_text(self, text: str) -> None:
        """A text in Markdown, from its top."""
        document = self.document()
        assert document is not None
        t = self.theme
        document.setDefaultFont(t.font(17))
        document.setDefaultStyleSheet(f"a {{ color: {t.colours.copper}; }}")
        document.setMarkdown(text)
        document.setDocumentMargin(12)
        self._spread(document)
        self.moveCursor(self.textCursor().MoveOperation.Start)

    def _spread(self, document: QTextDocument) -> None:
        """Room between paragraphs; tables stay close."""
        block = document.begin()
        while block.isValid():
            cursor = QTextCursor(block)
            if cursor.currentTable() is None:
                layout = block.blockFormat()
                layout.setTopMargin(self.theme.px(10))
                cursor.setBlockFormat(layout)
            block = block.next()


class GuideStage(Stage):
    """Letters go to the search, arrows up and down choose, left and right turn the page."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.guide: tuple[GuideChapter, ...] = ()
        self.shown: GuideChapter | None = None
        self.hits: tuple[Hit, ...] = ()
        self.asked = ""
        self.list = QListWidget()
        self.list.setWordWrap(True)
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.list.setAccessibleName(tr("Chapters, or what was found"))
        self.list.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.list.itemClicked.connect(lambda _item: self._open_row(self.list.currentRow()))
        self.pages = Pages(app.theme)
        self.pages.anchorClicked.connect(self._follow)
        back = button(tr("Back to work"))
        back.clicked.connect(lambda: app.stage_wanted.emit(self.came_from))
        left = QVBoxLayout()
        left.addWidget(heading(say(PAGES["Guide"].title)))
        left.addWidget(self.list, 1)
        left.addWidget(back)
        row = QHBoxLayout(self)
        row.setContentsMargins(18, 10, 18, 10)
        row.setSpacing(18)
        row.addLayout(left, 1)
        row.addWidget(self.pages, 3)

    def enter(self) -> None:
        if not self.guide:
            self.guide = chapters()
        self.asked = ""
        super().enter()
        if self.shown is None and self.guide:
            self._show(self.guide[0])

    def restyle(self) -> None:
        super().restyle()
        t = self.app.theme
        c = t.colours
        picked = f"background: {c.copper}; color: {c.paper};"
        self.list.setStyleSheet(
            f"QListWidget {{ font-size: {t.px(15)}px; background: {c.card}; border: 1px solid "
            f"{c.line}; }} QListWidget::item {{ padding: {t.px(5)}px; color: {c.ink}; }} "
            f"QListWidget::item:selected {{ {picked} }}"
        )
        self.pages.setStyleSheet(
            f"QTextBrowser {{ background: {c.card}; color: {c.ink}; border: 1px solid {c.line}; "
            f"selection-background-color: {c.copper}; selection-color: {c.paper}; }}"
        )
        if self.shown is not None:
            self._show(self.shown)

    def resizeEvent(self, event: QResizeEvent | None) -> None:
        super().resizeEvent(event)
        if event is not None and event.oldSize() != QSize(-1, -1) and self.shown is not None:
            self._show(self.shown)

    def refresh(self) -> None:
        self.hits = search(self.guide, self.asked)
        self.list.clear()
        if self.asked:
            rows = [
                f"{hit.chapter.title} · {hit.heading}\n{hit.words[:_SNIPPET]}" for hit in self.hits
            ]
        else:
            rows = [chapter.title for chapter in self.guide]
        for words in rows:
            self.list.addItem(QListWidgetItem(words))
        self.list.setCurrentRow(0 if rows else -1)
        self._fill_bar()

    def _fill_bar(self) -> None:
        text = ""
        if self.asked:
            text = count(len(self.hits), "place", "places")
        self.bar.show_words(
            tr("What do you want to know?"),
            number=f"{self.asked}▏",
            aside="",
            unit=text,
            message=tr(
                "Type a word. Up and down choose, Enter opens, left and right turn the page, "
                "Backspace goes back to work."
            ),
        )

    def key(self, name: str) -> bool:
        if name in ("up", "down"):
            rows = self.list.count()
            at = self.list.currentRow() + (1 if name == "down" else -1)
            self.list.setCurrentRow(min(max(at, 0), rows - 1))
            self._open_row(self.list.currentRow())
        elif name in ("left", "right"):
            self._turn(1 if name == "right" else -1)
        elif name == "enter":
            self._open_row(self.list.currentRow())
        elif name == "back" and not self.asked:
            self.app.stage_wanted.emit(self.came_from)
        else:
            self.asked = self.asked[:-1] if name == "back" else f"{self.asked}{name}"[:40]
            self.refresh()
        return True

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        # A question mark is a letter here, as any other.
        if event is not None and key_name(event) == "?":
            self.key("?")
            return
        super().keyPressEvent(event)

    def _turn(self, by: int) -> None:
        bar = self.pages.verticalScrollBar()
        assert bar is not None
        bar.setValue(bar.value() + by * (self.pages.height() - self.app.theme.px(60)))

    def _open_row(self, row: int) -> None:
        if self.asked and 0 <= row < len(self.hits):
            hit = self.hits[row]
            self._show(hit.chapter)
            self.pages.find(hit.words[:30])
        elif not self.asked and 0 <= row < len(self.guide):
            self._show(self.guide[row])

    def _show(self, chapter: GuideChapter) -> None:
        self.shown = chapter
        self.pages.show_text(chapter.text)

    def _follow(self, link: QUrl) -> None:
        """A link leads to another document of ours; nothing outside is opened."""
        if self.shown is not None:
            at = self.shown.path
        else:
            at = docs_folder() / "guide/none.md"
        path = (at.parent / link.path()).resolve()
        if path.is_relative_to(docs_folder().resolve()) and path.suffix == ".md":
            try:
                self._show(read_chapter(path))
            except OSError:
                self.say(tr("That page is not here."))
