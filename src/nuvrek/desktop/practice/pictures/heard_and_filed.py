"""A note as it dies away; ink on the tops; what the hands have done."""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from PyQt6.QtCore import QLineF, QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen

from nuvrek.bench.practice.pad import BenchPad
from nuvrek.bench.practice.tools.reading import PluckTool
from nuvrek.desktop.theme import Theme
from nuvrek.neck.description import LANE_WORDS, LANES
from nuvrek.practice.at_work import sounds
from nuvrek.practice.at_work.actions import Pluck
from nuvrek.wording.speech import later, say, tr

# Width of one bar of a note's picture.
BAR_PX = 3.0
_SAID = {
    "clean": later("rings clean"),
    "buzzes": later("buzzes"),
    "dead": later("dies at once"),
    "slips off": later("slips off"),
    "rattles": later("rattles"),
}


def note(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """How the note swings and dies, and what each note of this string did."""
    tool = pad.tool
    assert isinstance(tool, PluckTool)
    c = theme.colours
    if isinstance(pad.done, Pluck) and pad.felt is not None:
        hz = sounds.note_hz(pad.neck, pad.done.string, pad.done.fret)
        _wave(
            painter,
            theme,
            QRectF(rect.left(), rect.top() + 40, rect.width(), 0.5 * rect.height()),
            hz,
            say(pad.felt.key),
        )
        painter.setFont(theme.font(20, bold=True))
        painter.setPen(c["ink" if pad.felt.key == "clean" else "copper"])
        painter.drawText(
            QRectF(rect.left(), rect.top() + 6, rect.width(), 30),
            Qt.AlignmentFlag.AlignCenter,
            f"{(tr('open') if pad.done.fret == 0 else pad.done.fret)}: {say(_SAID[pad.felt.key])}",
        )
    _row(painter, theme, rect, tool, pad)


def _wave(painter: QPainter, theme: Theme, rect: QRectF, hz: float, sound: str) -> None:
    middle, half = rect.center().y(), 0.46 * rect.height()
    low, high = _swings(round(hz, 2), sound, int(rect.width() / BAR_PX))
    bars = []
    for n, (down, up) in enumerate(zip(low, high, strict=True)):
        x = rect.left() + (n + 0.5) * BAR_PX
        bars.append(QLineF(x, middle - half * up, x, middle - half * down))
    painter.save()
    # Upright bars need no smoothing, and are drawn in one go.
    painter.setRenderHint(QPainter.RenderHint.Antialiasing, False)
    painter.setPen(QPen(theme.colours["copper"], 2))
    painter.drawLines(bars[0], *bars[1:])
    painter.restore()


@lru_cache(maxsize=64)
def _swings(hz: float, sound: str, columns: int) -> tuple[list[float], list[float]]:
    """How far the note swings to either side in each column of its picture, of its largest."""
    # A picture needs no more than shows in its columns.
    made = sounds.note(hz, sound, sounds.RATE // 4)
    cut = made[: len(made) // columns * columns].reshape(columns, -1)
    top = max(float(np.abs(made).max(initial=0.0)), 1e-9)
    return (cut.min(axis=1) / top).tolist(), (cut.max(axis=1) / top).tolist()


def _row(painter: QPainter, theme: Theme, rect: QRectF, tool: PluckTool, pad: BenchPad) -> None:
    """The notes of this string: a ring is clean, a filled square is not."""
    c, frets = theme.colours, pad.neck.frets
    step = rect.width() / (frets + 1)
    y = rect.bottom() - 52
    painter.setFont(theme.font(14))
    for fret in range(frets):
        x = rect.left() + (fret + 0.5) * step
        said = tool.heard.get((tool.string, fret))
        painter.setPen(QPen(c["copper" if said not in (None, "clean") else "muted"], 2))
        painter.setBrush(c["copper"] if said not in (None, "clean") else Qt.BrushStyle.NoBrush)
        if said == "clean":
            painter.drawEllipse(QPointF(x, y), 9, 9)
        elif said is not None:
            painter.drawRect(QRectF(x - 9, y - 9, 18, 18))
        else:
            painter.drawPoint(QPointF(x, y))
        if fret == tool.fret:
            painter.setPen(QPen(c["ink"], 2))
            painter.drawLine(QPointF(x - 11, y + 16), QPointF(x + 11, y + 16))
        painter.setPen(c["muted"])
        box = QRectF(x - step / 2, y + 18, step, 22)
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, tr("open") if fret == 0 else str(fret))


def ink(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """Every top with its ink, or bright where the file has been; frets that are out as gaps."""
    c, living = theme.colours, pad.table.desk.neck
    frets = pad.neck.frets
    step = (rect.width() - 110) / frets
    row = min((rect.height() - 90) / 3, 64.0)
    top = rect.center().y() - 1.5 * row
    for k, lane in enumerate(LANES):
        y = top + (2 - k) * row
        painter.setFont(theme.font(14))
        painter.setPen(c["muted"])
        side = QRectF(rect.left(), y, 100, row - 8)
        painter.drawText(side, Qt.AlignmentFlag.AlignVCenter, say(LANE_WORDS[lane]))
        for fret in range(1, frets + 1):
            x = rect.left() + 106 + (fret - 0.5) * step
            box = QRectF(x - 0.28 * step, y, 0.56 * step, row - 10)
            if living.out[fret]:
                painter.setPen(QPen(c["line"], 1, Qt.PenStyle.DashLine))
                painter.setBrush(Qt.BrushStyle.NoBrush)
            else:
                painter.setPen(QPen(c["muted"], 1))
                painter.setBrush(c["slate"] if living.ink[fret, k] else c["wire"])
            painter.drawRoundedRect(box, 4, 4)
            if not living.out[fret] and not living.ink[fret, k] and living.filed_mm[fret, k] > 0.0:
                painter.setPen(QPen(c["copper"], 2))
                painter.drawLine(box.topLeft() + QPointF(2, 4), box.topRight() + QPointF(-2, 4))
    painter.setPen(c["muted"])
    for fret in range(1, frets + 1):
        x = rect.left() + 106 + (fret - 0.5) * step
        box = QRectF(x - step / 2, top + 3 * row - 4, step, 22)
        bold = fret == pad.place.fret
        painter.setFont(theme.font(14, bold=bold))
        painter.setPen(c["copper" if bold else "muted"])
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, str(fret))
    painter.setFont(theme.font(14))
    painter.setPen(c["muted"])
    words = tr("dark: ink · bright: no ink · a line: the file has been there and it is flat")
    painter.drawText(
        QRectF(rect.left(), rect.bottom() - 30, rect.width(), 24),
        Qt.AlignmentFlag.AlignCenter,
        words,
    )


def nothing(painter: QPainter, theme: Theme, rect: QRectF, pad: BenchPad) -> None:
    """What one has come for, while no tool is in the hand."""
    c, exercise = theme.colours, pad.table.exercise
    if exercise is None:
        return
    painter.setPen(c["ink"])
    painter.setFont(theme.font(22, bold=True))
    box = QRectF(rect.left() + 40, rect.top() + 14, rect.width() - 80, 40)
    painter.drawText(box, Qt.AlignmentFlag.AlignLeft, say(exercise.title))
    painter.setFont(theme.font(18))
    body = QRectF(rect.left() + 40, rect.top() + 60, rect.width() - 80, rect.height() - 70)
    text = say(exercise.task)
    complaint = pad.neck.complaint
    if complaint:
        text += f"\n\n“{complaint}”"
    flags = int(Qt.TextFlag.TextWordWrap) | int(Qt.AlignmentFlag.AlignLeft)
    painter.drawText(body, flags, text)
