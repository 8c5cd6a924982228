"""Painting how a reading is taken: the neck from the side with the tool on it, at the true fret
places.
"""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainterPath, QPen, QPolygonF

from nuvrek.bench.strips.strips import SideStrip
from nuvrek.desktop.sheet.strip_painter import StripPainter
from nuvrek.neck.board import end_mm
from nuvrek.neck.scale import places_mm
from nuvrek.readings.entry import ON_WOOD
from nuvrek.readings.kinds import STATIONS
from nuvrek.readings.sizes import SIZES
from nuvrek.wording.speech import frets, named, say, tr


class Side(StripPainter):
    """The side view: the neck's dip, the tool on it and where the gap is read, at the true fret
    places.
    """

    def paint(self, strip: SideStrip) -> None:
        """Draw the neck with the tool of the lane's station on it."""
        self.base = self.box.top() + 0.62 * self.box.height()
        self.crown = min(34.0, self.box.height() * 0.15)
        self._neck(places_mm(self.geometry.neck), strip)
        drawn = {
            "edge": self._edge,
            "rocker": self._rocker,
            "rocking": self._rocking,
            "caliper": self._caliper,
            "string": self._rule,
            "dial": self._beam,
            "finger": self._finger,
            "ink": self._beamed,
            "size": self._size,
            "strings": self._strings,
        }
        drawn.get(STATIONS[strip.station.kind].picture, self._words_only)(strip)

    def _edge(self, strip: SideStrip) -> None:
        """A string or edge on named supports, or an edge as it rests."""
        if strip.station.supports and strip.station.by not in ON_WOOD:
            self._gap(strip)
        else:
            self._resting(strip)

    def _rocking(self, strip: SideStrip) -> None:
        """A long edge on a neck that stands up in the middle: one fret carries it."""
        level = self.base - 0.75 * self.crown
        a, b = sorted((self.geometry.fret_x(1), self.geometry.fret_x(self.geometry.neck.frets)))
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("wire"))
        self.p.drawRect(QRectF(a - 14, level - 18, b - a + 28, 18))
        self._headline(tr("On one fret, light at both ends: it rocks."))

    def _strings(self, strip: SideStrip) -> None:
        slack = strip.station.state.strings == "slack"
        self._string(drop=0.0, sag=10.0 if slack else 0.0)
        self._headline(
            tr("Loosen them all evenly, let them hang.")
            if slack
            else tr("Tune all strings, let the neck settle.")
        )

    def _headline(self, text: str) -> None:
        self.words(
            self.box.center().x(), self.box.top() + 22, text, "copper", 16, bold=True, figures=False
        )

    def _words_only(self, strip: SideStrip) -> None:
        """Readings that belong to no fret: the rod, the room."""
        text = strip.note or {
            "temperature": tr("the air beside the neck"),
            "humidity": tr("the air beside the neck"),
        }.get(strip.station.kind, "")
        self._headline(say(text))

    def _finger(self, strip: SideStrip) -> None:
        """A finger on a fret: pressing it, or feeling its end."""
        x, y = self.geometry.fret_x(strip.fret), self.top_y(strip.fret, strip)
        self.p.setPen(QPen(self.colour("copper"), 2))
        self.p.setBrush(self.colour("copper", 60))
        self.p.drawRoundedRect(QRectF(x - 11, y - 44, 22, 42), 11, 11)
        if strip.station.kind == "press":
            does = tr("press")
        else:
            does = tr("feel the end of")
        self._above(x, y - 62, tr("{does} fret {fret}", does=does, fret=strip.fret))

    def _beamed(self, strip: SideStrip) -> None:
        """A flat beam on the marked tops."""
        level = self.base - 0.75 * self.crown
        a, b = sorted((self.geometry.fret_x(1), self.geometry.fret_x(self.geometry.neck.frets)))
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("wire"))
        self.p.drawRect(QRectF(a - 12, level - 24, b - a + 24, 24))
        self._above(
            self.geometry.fret_x(strip.fret), level - 44, tr("first ink gone is the highest top")
        )

    def _size(self, strip: SideStrip) -> None:
        """A caliper, rule or gauge at its place."""
        size = SIZES[strip.station.what]
        if size.place == "side":
            x, place = self.geometry.x(self.geometry.neck.scale_mm), tr("at the bridge")
            x = min(max(x, self.box.left() + 60), self.box.right() - 60)
        else:
            x, place = (
                self.geometry.fret_x(strip.fret),
                tr("at fret {fret}", fret=strip.fret) if strip.fret else tr("at the nut"),
            )
        y = self.base - self.crown
        self.p.setPen(QPen(self.colour("copper"), 2))
        self.p.setBrush(self.colour("wire"))
        for side in (-1, 1):
            self.p.drawRect(QRectF(x + side * 16 - 4, y - 12, 8, 34))
        self.p.drawLine(QPointF(x - 16, y - 12), QPointF(x + 16, y - 12))
        self._above(x, y - 30, f"{say(size.title)} {place}")
        if strip.note:
            self.words(x, self.base + 24, say(strip.note), "string", 14, figures=False)

    def _above(self, x: float, y: float, text: str) -> None:
        self.words(x, max(y, self.box.top() + 14), text, "copper", 16, bold=True, figures=False)

    def _resting(self, strip: SideStrip) -> None:
        """An edge as it rests along the frets, or a notched one on the wood between them."""
        notched = strip.station.by in ON_WOOD
        low, high = strip.station.supports or strip.reach or (1, self.geometry.neck.frets)
        a, b = sorted((self.geometry.fret_x(low), self.geometry.fret_x(high)))
        if notched:
            level = self.base
        else:
            level = self.base - 0.75 * self.crown
        if notched:
            top = self.base - self.crown - 26
        else:
            top = level - 18
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("wire"))
        self.p.drawRect(QRectF(a - 14, top, b - a + 28, level - top))
        if notched:
            self.p.setBrush(self.colour("card"))
            for fret in range(low, high + 1):
                self.p.drawRect(
                    QRectF(
                        self.geometry.fret_x(fret) - 11,
                        self.base - self.crown - 6,
                        22,
                        self.crown + 6,
                    )
                )
        x = self.geometry.fret_x(strip.fret) - (0.5 * self._space(strip.fret) if notched else 0.0)
        self.p.setPen(QPen(self.colour("brass"), 1))
        self.p.setBrush(self.colour("light"))
        depth = max(self._dip(strip.fret, strip), 5.0)
        self.p.drawRect(QRectF(x - (6 if notched else 34), level, 12 if notched else 68, depth))
        if notched:
            under = tr("edge and wood")
        else:
            under = named("edge")
        if notched:
            where = tr("beside fret {fret}", fret=strip.fret)
        else:
            where = tr("and fret {fret}", fret=strip.fret)
        self._above(x, top - 20, tr("blade between {under} {where}", under=under, where=where))
        if strip.note:
            self.words(
                self.box.center().x(), self.base + 30, say(strip.note), "string", 14, figures=False
            )

    def _space(self, fret: int) -> float:
        return self.geometry.fret_x(fret) - self.geometry.fret_x(fret - 1)

    def _dip(self, fret: int, strip: SideStrip) -> float:
        x = places_mm(self.geometry.neck)
        if STATIONS[strip.station.kind].picture == "rocking":
            # A neck that stands up in the middle.
            along = 2.0 * (x[fret] - x[1]) / (x[-1] - x[1]) - 1.0
            return 0.14 * self.box.height() * along * along
        s = (x[fret] - x[1]) / (x[self.geometry.neck.joint_fret] - x[1])
        if STATIONS[strip.station.kind].picture not in ("edge", "string"):
            depth = 0.0
        else:
            depth = 0.14 * self.box.height()
        if s <= 1.0:
            return depth * 4.0 * s * (1.0 - s)
        return 0.0

    def _neck(self, places: tuple[float, ...], strip: SideStrip) -> None:
        floor = self.base + 24 + 0.14 * self.box.height()
        path = QPainterPath(QPointF(self.geometry.x(0.0), floor))
        for fret in range(len(places)):
            path.lineTo(self.geometry.fret_x(fret), self.base + max(self._dip(fret, strip), 0.0))
        end = self.geometry.x(end_mm(self.geometry.neck))
        path.lineTo(end, self.base + max(self._dip(self.geometry.neck.frets, strip), 0.0))
        path.lineTo(end, floor)
        self.p.setPen(Qt.PenStyle.NoPen)
        self.p.setBrush(self.colour("board"))
        self.p.drawPath(path)
        self.p.setBrush(self.colour("wire"))
        self.p.setPen(QPen(self.colour("muted"), 1))
        for fret in range(1, len(places)):
            self._crown_at(fret, strip)

    def _crown_at(self, fret: int, strip: SideStrip, lift: float = 0.0) -> None:
        x, y = self.geometry.fret_x(fret), self.base + max(self._dip(fret, strip), 0.0)
        path = QPainterPath(QPointF(x - 7, y))
        path.cubicTo(
            QPointF(x - 7, y - self.crown - lift),
            QPointF(x + 7, y - self.crown - lift),
            QPointF(x + 7, y),
        )
        self.p.drawPath(path)

    def top_y(self, fret: int, strip: SideStrip) -> float:
        return self.base + max(self._dip(fret, strip), 0.0) - 0.75 * self.crown

    def _string(self, drop: float, sag: float = 0.0) -> None:
        self.p.setPen(QPen(self.colour("ink"), 2))
        start, end = self.geometry.x(0.0), self.geometry.fret_x(self.geometry.neck.frets)
        path = QPainterPath(QPointF(start, self.base - self.crown - 8))
        middle = QPointF(0.5 * (start + end), self.base - self.crown - 18 + drop + sag)
        path.quadTo(middle, QPointF(end, self.base - self.crown - 26))
        self.p.drawPath(path)

    def _gap(self, strip: SideStrip) -> None:
        low, high = strip.station.supports or (1, self.geometry.neck.frets)
        a = QPointF(self.geometry.fret_x(low), self.top_y(low, strip))
        b = QPointF(self.geometry.fret_x(high), self.top_y(high, strip))
        side = 1.0 if b.x() > a.x() else -1.0
        if strip.station.by == "string":
            self.p.setPen(QPen(self.colour("ink"), 2))
            self.p.drawLine(QPointF(a.x() - 40 * side, a.y() - 6), a)
            self.p.drawLine(a, b)
            self.p.drawLine(b, QPointF(b.x() + 120 * side, b.y() - 18))
            self._hand(
                a.x() - 14 * side,
                a.y(),
                tr("hold at {low}", low=low) if low else tr("over the nut"),
            )
            self._hand(b.x() - 14 * side, b.y(), tr("press {high}", high=high))
        else:
            self.p.setPen(QPen(self.colour("muted"), 1))
            self.p.setBrush(self.colour("wire"))
            ends = (a.x(), b.x(), self.geometry.fret_x(strip.fret))
            self.p.drawRect(QRectF(min(ends) - 8, a.y() - 16, max(ends) - min(ends) + 16, 16))
            # On a low lane (large text) there is room for one line of words only.
            if self.box.height() > self.theme.px(110):
                words = tr("straight edge on {low} and {high}", low=low, high=high)
                self.words(0.5 * (a.x() + b.x()), a.y() - 30, words, "ink", 14, figures=False)
        self._also_touches(strip, a.y())
        x = self.geometry.fret_x(strip.fret)
        y = a.y() + 1
        self.p.setPen(QPen(self.colour("brass"), 1))
        self.p.setBrush(self.colour("light"))
        # What it rests on is asked by strips of paper, without a blade.
        on_what = strip.station.kind == "edge-rests"
        if not on_what:
            self.p.drawRect(QRectF(x - 34, y, 68, max(self.top_y(strip.fret, strip) - y - 1, 5)))
        if strip.station.by == "string":
            tool = named("string")
        else:
            tool = tr("edge")
        if tool == "edge":
            y_words = a.y() - 46
        else:
            y_words = self.box.top() + 18
        if on_what:
            asked = tr("paper under each fret: where is it held?")
        else:
            asked = tr("blade between {tool} and fret {fret}", tool=named(tool), fret=strip.fret)
        self.words(
            x, max(y_words, self.box.top() + 14), asked, "copper", 16, bold=True, figures=False
        )

    def _also_touches(self, strip: SideStrip, level: float) -> None:
        """Frets that stand up to the string or edge between its supports: it lies on them too."""
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("copper"))
        for fret in strip.touches:
            self._crown_at(fret, strip, lift=(self.top_y(fret, strip) - level) / 0.75)
        if strip.touches:
            x = sum(self.geometry.fret_x(fret) for fret in strip.touches) / len(strip.touches)
            self.words(
                x,
                self.base + 30,
                tr("it also touches {frets}", frets=frets(strip.touches)),
                "copper",
                14,
                figures=False,
            )

    def _hand(self, x: float, y: float, text: str) -> None:
        self.p.setPen(QPen(self.colour("copper"), 2))
        self.p.setBrush(self.colour("copper", 60))
        self.p.drawPolygon(
            QPolygonF([QPointF(x, y - 1), QPointF(x - 9, y - 22), QPointF(x + 9, y - 22)])
        )
        self.words(x, y - 34, text, "ink", 14, figures=False)

    def _rocker(self, strip: SideStrip) -> None:
        fret = strip.fret
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("copper"))
        self._crown_at(fret, strip, lift=7)
        a, b = self.geometry.fret_x(fret - 1), self.geometry.fret_x(fret + 1)
        y = self.top_y(fret, strip) - 6
        self.p.setBrush(self.colour("wire"))
        margin = 0.18 * abs(b - a)
        path = QPolygonF(
            [
                QPointF(min(a, b) - margin, y - 3),
                QPointF(max(a, b) + margin, y + 3),
                QPointF(max(a, b) + margin, y - 27),
                QPointF(min(a, b) - margin, y - 33),
            ]
        )
        self.p.drawPolygon(path)
        self.words(
            self.geometry.fret_x(fret),
            y - 50 if y - 62 > self.box.top() else y - 15,
            f"{fret - 1} · {fret} · {fret + 1}",
            "copper",
            17,
            bold=True,
        )
        self.words(
            self.geometry.fret_x(fret), self.base + 24, say(strip.note), "string", 14, figures=False
        )

    def _caliper(self, strip: SideStrip) -> None:
        x = self.geometry.fret_x(strip.fret)
        y = self.top_y(strip.fret, strip)
        self.p.setPen(QPen(self.colour("copper"), 2))
        for level, end in ((self.base, 26), (y, 26)):
            self.p.drawLine(QPointF(x - end, level), QPointF(x + end, level))
        self.p.drawLine(QPointF(x + 20, y - 22), QPointF(x + 20, y))
        self.p.drawLine(QPointF(x + 20, self.base + 16), QPointF(x + 20, self.base))
        self.words(
            x,
            y - 36,
            tr("top of fret {fret} to the wood", fret=strip.fret),
            "copper",
            16,
            bold=True,
            figures=False,
        )

    def _beam(self, strip: SideStrip) -> None:
        """The indicator hanging from its beam, the plunger on the top that is read."""
        x, y = self.geometry.fret_x(strip.fret), self.top_y(strip.fret, strip)
        level = max(self.base - self.crown - 58, self.box.top() + 12)
        self.p.setPen(QPen(self.colour("muted"), 1))
        self.p.setBrush(self.colour("wire"))
        left, right = sorted((self.geometry.x(0.0), self.geometry.fret_x(self.geometry.neck.frets)))
        self.p.drawRect(QRectF(left, level - 9, right - left, 9))
        self.p.setPen(QPen(self.colour("copper"), 3))
        self.p.drawLine(QPointF(x, level), QPointF(x, y))
        self.p.setBrush(self.colour("card"))
        radius = min(15.0, 0.4 * (y - level))
        self.p.drawEllipse(QPointF(x, level + radius + 1), radius, radius)
        self.p.drawLine(QPointF(x, level + radius), QPointF(x + 0.5 * radius, level + 0.5 * radius))
        if level - 24 > self.box.top():
            self.words(
                x,
                level - 24,
                tr("dial over fret {fret}", fret=strip.fret),
                "copper",
                16,
                bold=True,
                figures=False,
            )

    def _rule(self, strip: SideStrip) -> None:
        self._string(drop=0.0)
        x = self.geometry.fret_x(strip.fret)
        self.p.setPen(QPen(self.colour("brass"), 1))
        self.p.setBrush(self.colour("light"))
        top = self.base - self.crown - 44
        self.p.drawRect(QRectF(x - 6, top, 12, self.top_y(strip.fret, strip) - top))
        self.p.setPen(QPen(self.colour("ink"), 1))
        for k in range(int((self.top_y(strip.fret, strip) - top) // 5)):
            self.p.drawLine(
                QPointF(x - 6, top + 5 * k), QPointF(x - (0 if k % 2 else 3), top + 5 * k)
            )
        if strip.station.capo:
            held = tr("capo at {capo}", capo=strip.station.capo)
        else:
            held = tr("string open")
        # Where the lane is low the words stand beside the rule instead of over it.
        beside = 170 if top - 14 < self.box.top() + 14 else 0
        self._above(
            x - beside, top - 14, tr("rule on fret {fret}, {held}", fret=strip.fret, held=held)
        )
