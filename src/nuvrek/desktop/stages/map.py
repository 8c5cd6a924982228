"""Map: what the readings say, what to read next, and the neck seen in several ways."""

from __future__ import annotations

from collections.abc import Callable
from typing import TYPE_CHECKING

from PyQt6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from nuvrek.bench.pages.reading_picker import ReadingPicker
from nuvrek.bench.solved import Solved
from nuvrek.bench.strips.map import difference_strip, light_strip, map_at, room_strip, shade_strip
from nuvrek.bench.strips.strips import AnyStrip, Dots, crown_strip, tops_strip, wood_strip
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Stage, button, heading, scrolling
from nuvrek.desktop.stages.extras import Extras
from nuvrek.desktop.stages.map_views import MapViews
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.cards import Card
from nuvrek.desktop.widgets.photo import PhotoView
from nuvrek.estimate.findings.finding import Finding
from nuvrek.neck.crown import WORTH_FILING_MM
from nuvrek.readings.entries import State, Strings
from nuvrek.readings.stations import Suggestion, prompt
from nuvrek.units import format_length, format_number
from nuvrek.wording import speech as words
from nuvrek.wording.help.known.findings import known_finding, known_fret
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.reading_line import reading_line
from nuvrek.wording.speech import say, say_all, tr, upper_first

if TYPE_CHECKING:
    from nuvrek.bench.session import Session
    from nuvrek.bench.strips.map import Moment
    from nuvrek.estimate.heightmap import HeightMap


class MapStage(Stage):
    """Lanes of the neck with the findings beside them and the next readings below."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.sheet = SheetView(app.theme)
        self.sheet.fret_chosen.connect(self._choose)
        self.cards: list[Card] = []
        self.next_cards: list[Card] = []
        self.matter_cards: list[Card] = []
        self.finding: Finding | None = None
        self.picker: ReadingPicker | None = None
        self._before: tuple[object, HeightMap | None] = (None, None)
        self.extras = Extras(self, lambda: self.picker.number if self.picker else None)
        self.views = MapViews(app, self.refresh, self.extras, self.sheet)
        left = QVBoxLayout()
        left.setSpacing(4)
        left.addWidget(self.views)
        left.addWidget(self.sheet, 1)
        row = QHBoxLayout(self)
        row.setContentsMargins(18, 6, 18, 6)
        row.addLayout(left, 1)
        row.addWidget(self._side())

    def _side(self) -> QWidget:
        self.list, self.next_list, self.matter_list = QVBoxLayout(), QVBoxLayout(), QVBoxLayout()
        for column in (self.list, self.next_list, self.matter_list):
            column.setSpacing(6)
        self.title = heading(tr("What the readings say"))
        self.next_title = heading(tr("Read next"))
        self.scroller = scrolling(self.list)
        self.panel = QWidget()
        side = QVBoxLayout(self.panel)
        side.setContentsMargins(14, 2, 0, 0)
        side.addLayout(self.matter_list)
        side.addWidget(self.title)
        side.addWidget(self.scroller, 1)
        side.addWidget(self.next_title)
        side.addLayout(self.next_list)
        side.addLayout(self._notes_row())
        return self.panel

    def _notes_row(self) -> QHBoxLayout:
        """Words and pictures for the reading that is picked."""
        self.note, self.photo, self.see = (
            button(tr("Note")),
            button(tr("Photo")),
            button(tr("See photo")),
        )
        self.years = button(tr("History"))
        self.years.clicked.connect(lambda: self.app.stage_wanted.emit("History"))
        self.note.clicked.connect(self.extras.ask_note)
        self.photo.clicked.connect(self.extras.ask_photo)
        self.see.clicked.connect(self._see_photo)
        row = QHBoxLayout()
        row.setSpacing(8)
        for push_button in (self.note, self.photo, self.see, self.years):
            row.addWidget(push_button)
        return row

    def _see_photo(self) -> None:
        photo = self.picker.photo if self.picker else None
        window = self.window()
        if photo and window is not None:
            PhotoView(window, photo)

    # --- choosing -------------------------------------------------------------

    def enter(self) -> None:
        self.finding = None
        self.panel.setVisible(not self.app.silent)
        if self.picker is not None and self.picker.session is not self.app.session:
            self.picker, self.app.fret = None, None
        self.views.fill()
        super().enter()

    def _choose(self, fret: int, _lane: str) -> None:
        self.bar.notice = ""
        self.finding = None
        self.app.fret = fret
        if self.app.session is not None:
            self.picker = ReadingPicker(self.app.session, fret)
        else:
            self.picker = None
        self.refresh()

    def key(self, name: str) -> bool:
        session = self.app.session
        if session is None:
            return False
        if name in ("left", "right"):
            neck = session.neck_state.neck
            step = 1
            if (name == "right") == neck.nut_on_right:
                step = -1
            self._choose(max(1, min(neck.frets, (self.app.fret or 0) + step)), "")
        elif name in ("up", "down", "back", "enter") and self.picker is not None:
            self._pick(self.picker, name)
        elif name == "0":
            self.app.stage_wanted.emit("String room")
        elif name in ("1", "2", "3"):
            self._read_next(int(name) - 1)
        elif name == ".":
            self.app.known_wanted.emit()
        elif name in ("+", "-", "*", "/"):
            self.views.key(name)
        else:
            return False
        return True

    def known(self) -> tuple[Known, ...]:
        """The finding in front first, then those of the fret in front, then all others."""
        solved, s = self.app.solved, self.app.settings
        if solved is None or self.app.silent:
            return ()
        front = self.finding
        order = sorted(
            solved.findings,
            key=lambda finding: (
                finding is not front,
                self.app.fret is None or finding.fret != self.app.fret,
            ),
        )
        taken = solved.neck_state.taken
        knowns = tuple(known_finding(finding, taken, s.unit, s.height_unit) for finding in order)
        if self.picker is None or front is not None:
            return knowns
        here = self.picker.readings
        return (
            known_fret(self.picker.fret, [reading for _, reading in here], s.unit, s.height_unit),
            *knowns,
        )

    def _read_next(self, place: int) -> None:
        suggested = self._suggested()
        if place < len(suggested):
            self.app.reading_wanted.emit(suggested[place])

    def _suggested(self) -> tuple[Suggestion, ...]:
        solved = self.app.solved
        if solved is None or solved.next is None or self.app.silent:
            return ()
        return solved.next.suggestions

    def _pick(self, picker: ReadingPicker, name: str) -> None:
        """Up and down pick a reading of this fret, Backspace strikes it out and Enter takes that
        back; else Enter asks for it again.
        """
        text = ""
        if name in ("up", "down"):
            picker.move(1 if name == "down" else -1)
        elif name == "back":
            if picker.index is not None and self.app.write(picker.strike):
                text = tr("Struck out; it stays in the journal. Enter takes that back.")
        elif picker.struck:
            if self.app.write(picker.take_back):
                text = tr("It counts again.")
        elif (number := picker.number) is not None:
            self.app.retake_wanted.emit(number)
            return
        self.finding = None
        self.refresh()
        if text:
            self.bar.say(text)

    def _go_to(self, card: Card) -> None:
        """A finding was pressed: its fret, and the readings for and against it; an odd one is
        picked.
        """
        solved = self.app.solved
        finding = None
        if solved and card.place < len(solved.findings):
            finding = solved.findings[card.place]
        if card.fret is not None:
            self._choose(card.fret, "")
        if finding is not None and finding.kind == "odd" and self.picker is not None:
            numbers = [number for number, _ in self.picker.readings]
            if finding.speaks_for and finding.speaks_for[0] in numbers:
                self.picker.index = numbers.index(finding.speaks_for[0])
        self.finding = finding
        self.fill_bar()

    # --- showing ----------------------------------------------------------------

    def refresh(self) -> None:
        session, solved = self.app.session, self.app.solved
        if session is None:
            return
        self.panel.setFixedWidth(min(self.app.theme.px(336), 440))
        self.views.restyle()
        if solved is None:
            self.sheet.show_neck(session.neck_state.neck, (), Dots())
        else:
            tops = tops_strip(solved, self.app.settings.unit)
            rocks = frozenset(
                (f, k) for f, k in tops.named if solved.map.deviation_mm[f - 1].max() > 0
            )
            lanes = self._lanes(solved)
            self.sheet.show_neck(session.neck_state.neck, lanes, Dots(rocks=rocks), self.app.fret)
            self._matter(solved)
            self._findings(solved)
            self._next(solved)
        self.fill_bar()

    def _lanes(self, solved: Solved) -> tuple[AnyStrip, ...]:
        unit, v = self.app.settings.unit, self.views
        strings: Strings = v.strings
        lanes: list[AnyStrip] = []
        if v.shows("light"):
            fret = self.app.fret or solved.map.neck.joint_fret // 2
            lanes.append(
                light_strip(
                    solved,
                    v.edge,
                    v.lane,
                    strings=strings,
                    fret=fret,
                    unit=unit,
                    exaggeration=v.exaggeration,
                )
            )
        if v.shows("above"):
            lanes.append(shade_strip(solved, strings, unit))
        if v.shows("wood"):
            lanes.append(wood_strip(solved, strings, unit, v.exaggeration))
        if v.shows("tops"):
            lanes.append(tops_strip(solved, unit, v.exaggeration))
        if v.shows("crown"):
            lanes.append(crown_strip(solved, unit))
        if v.shows("room"):
            lanes.append(room_strip(solved, unit))
        if v.shows("change") and v.moment is not None and self.app.session is not None:
            before = self._map_then(self.app.session, v.moment)
            lanes.append(difference_strip(solved, before, v.moment, unit))
        return tuple(lanes)

    def _map_then(self, session: Session, moment: Moment) -> HeightMap:
        """The map as it was at a moment, kept while that moment is in view."""
        key, known = self._before
        if known is None or key != (moment, session):
            known = map_at(session, moment)
            self._before = (moment, session), known
        return known

    def _findings(self, solved: Solved) -> None:
        lines: list[tuple[str, str, str, str, int | None]] = []
        from nuvrek.estimate.findings.kinds import FINDINGS

        for finding in solved.findings:
            good = finding.verdict == "good"
            record = FINDINGS[finding.kind]
            sign, colour = record.sign or "◆", record.colour or ("slate" if good else "copper")
            lines.append((sign, colour, say(finding.headline), say(finding.text), finding.fret))
        if not lines:
            taken = bool(solved.neck_state.taken)
            if taken:
                text = tr("No fret stands out by these readings.")
            else:
                text = tr("Take the round in Measure; the map grows with every reading.")
            lines.append(("◇", "muted", tr("Nothing found"), text, None))
        self._fill_cards(self.cards, self.list, lines, self._go_to)

    def _matter(self, solved: Solved) -> None:
        """The likeliest cause, and what speaks for it; a press shows all of it."""
        plan = solved.plan
        lines: list[tuple[str, str, str, str, int | None]] = []
        if plan is not None and plan.causes:
            cause = plan.causes[0]
            head = tr("{title}, {percent} %", title=cause.title, percent=round(100 * cause.chance))
            why = [say(each.says) for each in cause.speaks_for[:2]]
            lines.append(("?", "copper", head, " · ".join(why), None))
        self._fill_cards(
            self.matter_cards,
            self.matter_list,
            lines,
            lambda _card: self.app.stage_wanted.emit("Choose"),
        )

    def _next(self, solved: Solved) -> None:
        """Up to three readings worth taking, each numbered for the keypad."""
        if solved.next is None:
            return
        lines: list[tuple[str, str, str, str, int | None]] = [
            (
                str(n),
                "brass",
                say(prompt(s.station, 0, s.strings)),
                tr("It {reason}.", reason=s.reason),
                s.station.fret,
            )
            for n, s in enumerate(solved.next.suggestions, 1)
        ]
        # Large text leaves room for the first one only; all three keep their keys.
        lines = lines[: 3 if self.app.theme.percent <= 100 else 1]
        if solved.next.enough:
            lines = [
                ("✓", "slate", tr("Sure enough"), upper_first(solved.next.words.value("why")), None)
            ]
        self.next_title.setVisible(bool(lines))
        self._fill_cards(
            self.next_cards, self.next_list, lines, lambda card: self._read_next(card.place)
        )

    def _fill_cards(
        self,
        cards: list[Card],
        column: QVBoxLayout,
        lines: list[tuple[str, str, str, str, int | None]],
        pressed: Callable[[Card], None],
    ) -> None:
        while len(cards) < len(lines):
            card = Card()
            card.clicked.connect(lambda _on, card=card: pressed(card))
            cards.append(card)
            column.addWidget(card)
        for card in cards[len(lines) :]:
            card.hide()
            card.deleteLater()
        del cards[len(lines) :]
        for place, (card, (sign, colour, headline, text, fret)) in enumerate(
            zip(cards, lines, strict=True)
        ):
            card.fret, card.place = fret, place
            card.say(
                self.app.theme,
                sign,
                colour,
                headline=headline,
                text=text,
                width=self.panel.width() - 42,
            )

    def fill_bar(self) -> None:
        """The chosen fret in figures, and the readings that speak of it, or of the finding that
        was pressed.
        """
        picked = self.picker is not None and self.picker.number is not None
        for push_button in (self.note, self.photo):
            push_button.setVisible(picked)
        self.see.setVisible(picked and self.picker is not None and self.picker.photo is not None)
        session, solved, fret = self.app.session, self.app.solved, self.app.fret
        if session is None:
            return
        state = session.neck_state.state
        if solved is None:
            self.bar.show_words(
                tr("Putting the readings together"), message=self.app.waiting, state=state
            )
        elif self.finding is not None:
            self._finding_bar(solved, self.finding, state)
        elif fret is None or fret > solved.map.neck.frets:
            count = len(solved.neck_state.taken)
            self.bar.show_words(
                tr("{how_many} on this neck", how_many=words.count(count, "reading", "readings")),
                message=tr(
                    "Arrows choose a fret. 1 to 3 take the next reading. + and - "
                    "heights, * strings, / light gap, 0 clearance."
                ),
                state=state,
                right_title=tr("last readings"),
                right=self.recent_lines(),
            )
        else:
            self._fret_bar(solved, fret, state)

    def _finding_bar(self, solved: Solved, finding: Finding, state: State) -> None:
        """A finding with the readings for and against it."""
        s = self.app.settings
        readings = {taken.number: taken.reading for taken in solved.neck_state.taken}

        def lines(numbers: tuple[int, ...], sign: str) -> list[str]:
            return [
                (f"{sign} {reading_line(readings[n], s.unit, s.height_unit)}")
                for n in numbers
                if n in readings
            ]

        right = [
            *lines(finding.speaks_for, tr("for")),
            *lines(finding.speaks_against, tr("against")),
        ][:5]
        again = ""
        if finding.kind == "odd":
            again = tr("Enter takes it again, Backspace strikes it out.")
        self.bar.show_words(
            say(finding.headline),
            message=f"{say(finding.text)} {again}".strip(),
            state=state,
            right_title=tr("what speaks for it, and against") if right else "",
            right=tuple(right),
        )

    def _fret_bar(self, solved: Solved, fret: int, state: State) -> None:
        s, m = self.app.settings, solved.map
        known = [k for k in range(3) if m.known[k]] or [1]
        k = max(known, key=lambda lane: abs(float(m.deviation_mm[fret - 1, lane])))
        side = (tr("bass side"), tr("middle"), tr("treble side"))[k]
        rise, doubt = float(m.deviation_mm[fret - 1, k]), float(m.deviation_doubt_mm[fret - 1, k])
        crown = float(m.crown_mm[fret - 1].min())
        if not m.crown_measured:
            crown_words = tr("Crown about")
        else:
            crown_words = tr("Crown")
        found = None if self.app.silent else solved.plan
        off = 0.0
        if found:
            off = float(found.way("spot-level").off_mm[fret - 1].max())
        plan = ""
        if off > WORTH_FILING_MM:
            plan = tr("Spot work takes {off}.", off=format_length(off, s.unit))
        if (
            self.picker is None
            or self.picker.fret != fret
            or self.picker.session is not self.app.session
        ):
            if self.app.session is not None:
                self.picker = ReadingPicker(self.app.session, fret)
            else:
                self.picker = None
        count = len(self.picker.readings) if self.picker else 0
        self.bar.show_words(
            tr("Fret {fret}, {side}", fret=fret, side=side),
            number=say(format_number(rise, s.unit, sign=True)),
            unit=tr(
                "{detail} off the smooth neck, give or take {doubt}",
                detail=s.unit.value,
                doubt=format_number(doubt, s.unit),
            ),
            message=tr(
                "{crown_words} {crown} at its thinnest. {plan}",
                crown_words=crown_words,
                crown=format_length(crown, s.unit),
                plan=plan,
            ),
            state=state,
            right_title=tr("{count} readings here, up and down pick one", count=count)
            if count != 1
            else tr("one reading here"),
            right=say_all(self.picker.lines(s.unit, s.height_unit)) if self.picker else (),
        )
        if self.picker is not None and self.picker.note_words:
            text = self.bar.notice or self.picker.note_words
            self.bar.show_message(text, alert=bool(self.bar.notice))
