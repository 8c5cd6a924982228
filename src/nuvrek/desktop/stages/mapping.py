"""Map: what the readings say."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout, QWidget

from nuvrek.bench.lanes import Dots, crown_lane, tops_lane, wood_lane
from nuvrek.bench.picker import ReadingPicker
from nuvrek.desktop.benchbar import BenchBar
from nuvrek.desktop.desk import Desk
from nuvrek.desktop.photo import PhotoView
from nuvrek.desktop.sheetview import SheetView
from nuvrek.desktop.stages.base import Stage, button, heading, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.theme import Theme
from nuvrek.readings.kinds import State, Strings
from nuvrek.units import format_length, format_number

_SIGNS = {
    "proud": ("▲", "copper"),
    "rocks": ("△", "copper"),
    "end-up": ("◤", "copper"),
    "low": ("▽", "slate"),
    "thin-crown": ("▁", "plum"),
    "loose": ("◠", "copper"),
    "fret-ends": ("◢", "copper"),
    "grooves": ("∪", "slate"),
    "rod-stop": ("■", "plum"),
    "odd": ("≠", "plum"),
    "hump": ("∩", "copper"),
    "tongue": ("↗", "copper"),
    "fall-away": ("↘", "slate"),
    "s-shape": ("∿", "copper"),
    "uneven-sides": ("⟂", "copper"),
    "uneven-crowns": ("≷", "copper"),
    "middle-up": ("◠", "copper"),
    "nut-high": ("▲", "copper"),
    "nut-low": ("▽", "slate"),
    "pull": ("◇", "muted"),
}


class FindingCard(QPushButton):
    """One finding: a sign, a headline and what speaks for it; a click goes to its fret."""

    def __init__(self) -> None:
        super().__init__()
        self.fret: int | None = None
        self._said: tuple[object, ...] = ()
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self._row = QHBoxLayout(self)
        self._row.setContentsMargins(10, 7, 8, 7)
        self._mark, self._head, self._body = QLabel(), QLabel(), QLabel()
        words = QVBoxLayout()
        words.setSpacing(3)
        for label in (self._head, self._body):
            label.setWordWrap(True)
            label.setAttribute(Qt.WidgetAttribute.WA_TransparentForMouseEvents)
            words.addWidget(label)
        self._row.addWidget(self._mark, 0, Qt.AlignmentFlag.AlignTop)
        self._row.addLayout(words, 1)

    def say(self, theme: Theme, sign: str, colour: str, headline: str, text: str, width: int) -> None:
        """Fill the card and take the height its words need at ``width``; the same words again cost nothing."""
        said = (theme.dark, theme.percent, sign, colour, headline, text, width)
        if said == self._said:
            return
        self._said = said
        self.setAccessibleName(f"{headline}. {text}")
        for label, words in ((self._mark, sign), (self._head, headline), (self._body, text)):
            label.setText(words)
        c, tint = theme.colours, getattr(theme.colours, colour)
        self.setStyleSheet(
            f"FindingCard {{ text-align: left; padding: 0; background: {c.card}; border: 1px solid {c.line}; border-left: 4px solid {tint}; }}"
            f"FindingCard:hover, FindingCard:focus {{ border: 2px solid {c.copper}; border-left: 4px solid {tint}; }}"
        )
        self._mark.setStyleSheet(f"font-size: {theme.px(17)}px; color: {tint};")
        self._mark.setFixedWidth(theme.px(22))
        self._head.setStyleSheet(f"font-size: {theme.px(16)}px; font-weight: bold;")
        self._body.setStyleSheet(f"font-size: {theme.px(14)}px; color: {c.muted};")
        for label in (self._mark, self._head, self._body):
            label.ensurePolished()
        self._row.invalidate()
        self.setFixedHeight(max(self._row.heightForWidth(width) + 4, 44))


class MapStage(Stage):
    """Wood, tops and crown lanes with the findings beside them."""

    def __init__(self, desk: Desk, bar: BenchBar) -> None:
        super().__init__(desk, bar)
        self.sheet = SheetView(desk.theme)
        self.sheet.fret_chosen.connect(self._choose)
        self.cards: list[FindingCard] = []
        self.picker: ReadingPicker | None = None
        self.list = QVBoxLayout()
        self.list.setSpacing(7)
        self.title = heading("What the readings say")
        self.slack = button("Wood: strings at pitch")
        self.slack.setCheckable(True)
        self.slack.clicked.connect(self.refresh)
        self.scroller = scrolling(self.list)
        self.panel = QWidget()
        side = QVBoxLayout(self.panel)
        side.setContentsMargins(14, 2, 0, 0)
        side.addWidget(self.title)
        side.addWidget(self.scroller, 1)
        side.addWidget(self.slack)
        side.addLayout(self._notes_row())
        row = QHBoxLayout(self)
        row.setContentsMargins(18, 8, 18, 8)
        row.addWidget(self.sheet, 1)
        row.addWidget(self.panel)

    def _notes_row(self) -> QHBoxLayout:
        """Words and pictures for the reading that is picked."""
        self.extras = Extras(self, lambda: self.picker.number if self.picker else None)
        self.note, self.photo, self.see = button("Note"), button("Photo"), button("See photo")
        self.note.clicked.connect(self.extras.ask_note)
        self.photo.clicked.connect(self.extras.ask_photo)
        self.see.clicked.connect(self._see_photo)
        row = QHBoxLayout()
        row.setSpacing(8)
        for made in (self.note, self.photo, self.see):
            row.addWidget(made)
        return row

    def _see_photo(self) -> None:
        photo = self.picker.photo if self.picker else None
        window = self.window()
        if photo and window is not None:
            PhotoView(window, photo)

    def _choose(self, fret: int, _lane: str) -> None:
        self.desk.fret = fret
        self.picker = ReadingPicker(self.desk.session, fret) if self.desk.session is not None else None
        self.refresh()

    def key(self, name: str) -> bool:
        session = self.desk.session
        if session is None:
            return False
        if name in ("left", "right"):
            neck = session.present.neck
            step = 1 if (name == "right") != neck.nut_on_right else -1
            self._choose(max(1, min(neck.frets, (self.desk.fret or 0) + step)), "")
            return True
        if name in ("up", "down", "back", "enter") and self.picker is not None:
            self._pick(self.picker, name)
            return True
        return False

    def _pick(self, picker: ReadingPicker, name: str) -> None:
        """Up and down pick a reading of this fret, Backspace strikes it out and Enter takes that back; else Enter asks for it again."""
        said = ""
        if name in ("up", "down"):
            picker.move(1 if name == "down" else -1)
        elif name == "back":
            if picker.index is not None and self.desk.write(picker.strike):
                said = "Struck out; it stays in the journal. Enter takes that back."
        elif picker.struck:
            if self.desk.write(picker.take_back):
                said = "It counts again."
        elif (number := picker.number) is not None:
            self.desk.retake_wanted.emit(number)
            return
        self.refresh()
        if said:
            self.bar.message.setText(said)

    def refresh(self) -> None:
        session, picture, s = self.desk.session, self.desk.picture, self.desk.settings
        if session is None:
            return
        self.panel.setFixedWidth(min(self.desk.theme.px(336), 440))
        self.slack.setText("Wood: strings slack" if self.slack.isChecked() else "Wood: strings at pitch")
        if picture is None:
            self.sheet.show_neck(session.present.neck, (), Dots())
        else:
            strings: Strings = "slack" if self.slack.isChecked() else "pitch"
            lanes = (
                wood_lane(picture, strings, s.unit),
                tops_lane(picture, s.unit),
                crown_lane(picture, s.unit),
            )
            rocks = frozenset(
                (f, lane) for f, lane in lanes[1].named if picture.map.deviation_mm[f - 1].max() > 0
            )
            self.sheet.show_neck(session.present.neck, lanes, Dots(rocks=rocks), self.desk.fret)
            self._findings()
        self.fill_bar()

    def _findings(self) -> None:
        picture = self.desk.picture
        if picture is None:
            return
        lines: list[tuple[str, str, str, str, int | None]] = []
        for finding in picture.findings:
            good = finding.verdict == "good"
            sign, colour = _SIGNS.get(finding.kind, ("◆", "slate" if good else "copper"))
            lines.append((sign, colour, finding.headline, finding.text, finding.fret))
        if not lines:
            taken = bool(picture.present.taken)
            text = (
                "No fret stands out by these readings."
                if taken
                else "Take the round in Measure; the map grows with every reading."
            )
            lines.append(("◇", "muted", "Nothing found", text, None))
        self._fill_cards(lines)

    def _go_to(self, card: FindingCard) -> None:
        if card.fret is not None:
            self._choose(card.fret, "")

    def _fill_cards(self, lines: list[tuple[str, str, str, str, int | None]]) -> None:
        while len(self.cards) < len(lines):
            card = FindingCard()
            card.clicked.connect(lambda _on, card=card: self._go_to(card))
            self.cards.append(card)
            self.list.addWidget(card)
        for card in self.cards[len(lines) :]:
            card.hide()
            card.deleteLater()
        del self.cards[len(lines) :]
        for card, (sign, colour, headline, text, fret) in zip(self.cards, lines, strict=True):
            card.fret = fret
            card.say(self.desk.theme, sign, colour, headline, text, self.panel.width() - 34)

    def fill_bar(self) -> None:
        """The chosen fret in figures, and the readings that speak of it."""
        picked = self.picker is not None and self.picker.number is not None
        for made in (self.note, self.photo):
            made.setVisible(picked)
        self.see.setVisible(picked and self.picker is not None and self.picker.photo is not None)
        session, picture, fret = self.desk.session, self.desk.picture, self.desk.fret
        if session is None:
            return
        state = session.present.state
        if picture is None:
            self.bar.show_words("Putting the readings together", message="One moment.", state=state)
            return
        if fret is None or fret > picture.map.neck.frets:
            count = len(picture.present.taken)
            self.bar.show_words(
                f"{count} reading{'s' if count != 1 else ''} on this neck",
                message="Arrows left and right choose a fret; a click does too.",
                state=state,
                right_title="last readings",
                right=self.recent_lines(),
            )
            return
        self._fret_bar(fret, state)

    def _fret_bar(self, fret: int, state: State) -> None:
        picture, s = self.desk.picture, self.desk.settings
        if picture is None:
            return
        m = picture.map
        known = [k for k in range(3) if m.known[k]] or [1]
        k = max(known, key=lambda lane: abs(float(m.deviation_mm[fret - 1, lane])))
        side = ("low side", "middle", "high side")[k]
        rise, doubt = float(m.deviation_mm[fret - 1, k]), float(m.deviation_doubt_mm[fret - 1, k])
        crown = float(m.crown_mm[fret - 1].min())
        crown_words = "Crown about" if not m.crown_measured else "Crown"
        off = float(picture.plan.way("spot-level").off_mm[fret - 1].max()) if picture.plan else 0.0
        plan = f" Spot work takes {format_length(off, s.unit)}." if off > 0.004 else ""
        if self.picker is None or self.picker.fret != fret or self.picker.session is not self.desk.session:
            self.picker = ReadingPicker(self.desk.session, fret) if self.desk.session is not None else None
        count = len(self.picker.readings) if self.picker else 0
        self.bar.show_words(
            f"Fret {fret}, {side}",
            number=format_number(rise, s.unit, sign=True),
            unit=f"{s.unit.value} off the smooth neck, give or take {format_number(doubt, s.unit)}",
            message=f"{crown_words} {format_length(crown, s.unit)} at its thinnest.{plan}",
            state=state,
            right_title=f"{count} readings here, up and down pick one" if count != 1 else "one reading here",
            right=self.picker.lines(s.unit, s.height_unit) if self.picker else (),
        )
        if self.picker is not None and self.picker.note_words:
            self.bar.message.setText(self.picker.note_words)
