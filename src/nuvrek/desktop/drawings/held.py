"""Promises kept and not, drawn as rows of beads: a glance tells where the ranges don't hold."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, QSize, Qt
from PyQt6.QtGui import QPaintEvent, QPen
from PyQt6.QtWidgets import QSizePolicy, QWidget

from nuvrek.bench.shop.honesty import AIM, Held
from nuvrek.desktop.sheet.strip_painter import write
from nuvrek.desktop.theme import Theme
from nuvrek.desktop.widgets.painting import painting
from nuvrek.wording.speech import say, tr

_ROW, _NAME, _SAID = 44, 220, 150
# More than so many are drawn as a share of so many.
_MOST = 40


class HeldView(QWidget):
    """A row a matter: full beads held, open ones with a cross did not."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.rows: tuple[Held, ...] = ()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr("How the promises held"))

    def show_rows(self, rows: tuple[Held, ...]) -> None:
        """Draw these matters."""
        self.rows = rows
        self.setAccessibleDescription("; ".join(f"{say(r.matter)}: {say(r.words)}" for r in rows))
        self.setFixedHeight(self._t.px(_ROW) * max(len(rows), 1) + 10)
        self.update()

    @property
    def _t(self) -> Theme:
        return Theme(self.theme.dark, min(self.theme.percent, 150))

    def sizeHint(self) -> QSize:
        return QSize(800, self._t.px(_ROW) * max(len(self.rows), 1) + 10)

    def paintEvent(self, _event: QPaintEvent | None) -> None:
        with painting(self) as painter:
            t, c = self._t, self.theme.colours
            left = Qt.AlignmentFlag.AlignLeft
            for n, row in enumerate(self.rows):
                y = t.px(_ROW) * n + t.px(_ROW) / 2
                name = QRectF(8, y - t.px(14), t.px(_NAME), t.px(28))
                write(
                    painter,
                    t,
                    name,
                    text=say(row.matter),
                    size=16,
                    colour="ink",
                    bold=True,
                    align=left,
                )
                start = t.px(_NAME) + 12
                wide = self.width() - start - t.px(_SAID)
                shown = min(row.of, _MOST)
                held = round(row.held / row.of * shown)
                step = min(wide / max(shown, 1), t.px(24))
                for bead in range(shown):
                    at = QPointF(start + step * (bead + 0.5), y)
                    r = min(step * 0.38, t.px(8))
                    kept = bead < held
                    painter.setPen(QPen(c["copper" if kept else "plum"], 2))
                    painter.setBrush(c["copper" if kept else "paper"])
                    painter.drawEllipse(at, r, r)
                    if not kept:
                        painter.drawLine(
                            QPointF(at.x() - r, at.y() + r), QPointF(at.x() + r, at.y() - r)
                        )
                low = row.of >= 10 and row.held / row.of < AIM - 0.1
                box = QRectF(self.width() - t.px(_SAID), y - t.px(14), t.px(_SAID) - 6, t.px(28))
                colour = "plum" if low else "ink"
                write(
                    painter,
                    t,
                    box,
                    text=tr("{detail} held", detail=row.words),
                    size=15,
                    colour=colour,
                    bold=low,
                )
