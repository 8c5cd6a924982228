"""How the things of a page are known, laid over it: to be read, then any key goes back to work."""

from __future__ import annotations

from html import escape

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QTextBrowser, QVBoxLayout, QWidget

from nuvrek.desktop.stages.base import key_name
from nuvrek.desktop.theme import Theme
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import say, tr


class KnownView(QWidget):
    """Up and down move the text."""

    def __init__(self, parent: QWidget, theme: Theme) -> None:
        super().__init__(parent)
        self.theme = theme
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.text = QTextBrowser()
        self.text.setOpenLinks(False)
        self.text.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        column = QVBoxLayout(self)
        column.setContentsMargins(60, 12, 60, 12)
        column.addWidget(self.text)
        self.hide()

    def show_known(self, things: tuple[Known, ...]) -> None:
        """Fill the page's room with these."""
        parent, t = self.parentWidget(), self.theme
        if parent is not None:
            self.setGeometry(parent.rect())
        c = t.colours
        self.setStyleSheet(
            f"KnownView {{ background: {c.paper}; }} QTextBrowser {{ background: {c.card}; "
            f"color: {c.ink}; border: 1px solid {c.line}; font-size: {t.px(16)}px; }}"
        )
        title, on = tr("How is this known?"), tr("Up and down: read on. Any other key: back.")
        self.text.setHtml(
            f"<h2>{escape(title)}</h2>{''.join(self._one(known) for known in things)}"
            f"<p style='color:{c.muted}'>{escape(on)}</p>"
        )
        self.setAccessibleName(title)
        self.setAccessibleDescription(self.text.toPlainText())
        self.show()
        self.raise_()
        self.setFocus()

    def _one(self, known: Known) -> str:
        """A thing with its rule, its readings and its reckoning."""
        c = self.theme.colours
        head = f"<h3 style='color:{c.copper}; margin-bottom:2px'>{escape(say(known.title))}</h3>"
        rows = [(tr("Rule"), known.rule), (tr("Reckoned"), known.reckoned)]
        if known.of_readings:
            rows.append((tr("Readings for it"), "; ".join(known.by) or tr("none: not measured")))
        if known.against:
            rows.append((tr("Against it"), "; ".join(known.against)))
        text = "".join(
            f"<tr><td style='padding-right:14px; color:{c.muted}'>{escape(name)}</td>"
            f"<td>{escape(say(words))}</td></tr>"
            for name, words in rows
            if words
        )
        return f"{head}<table cellpadding='2'>{text}</table>"

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is None:
            return
        name, bar = key_name(event), self.text.verticalScrollBar()
        if name in ("up", "down") and bar is not None:
            bar.setValue(bar.value() + (1 if name == "down" else -1) * self.theme.px(80))
        else:
            self.hide()
            parent = self.parentWidget()
            if parent is not None:
                parent.setFocus()
        event.accept()
