"""Bench: the hidden neck, the tool in the hand, and what it shows."""

from __future__ import annotations

from PyQt6.QtWidgets import QHBoxLayout, QLabel, QPushButton, QVBoxLayout

from nuvrek.bench.practice.pad import BenchPad
from nuvrek.bench.practice.tools.feeling import FingerTool, RockerTool
from nuvrek.bench.strips.strips import Dots
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.practice.sound import Sounds
from nuvrek.desktop.practice.tool_view import ToolView
from nuvrek.desktop.sheet.view import SheetView
from nuvrek.desktop.stages.base import Stage, button
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.desktop.widgets.painting import styled
from nuvrek.desktop.widgets.tiles import Tiles
from nuvrek.meaning import Word
from nuvrek.neck.description import LANES, Lane
from nuvrek.wording.speech import later, say, say_all, say_values, tr

_FACES = (
    ("+", "+"),
    ("-", "−"),
    ("*", "*"),
    ("/", "/"),
    (".", "."),
    ("enter", later("Enter")),
    ("left", "◂"),
    ("right", "▸"),
    ("up", "▴"),
    ("down", "▾"),
    ("back", later("Back")),
)
_STEADY = {
    ".": later("ends"),
    "left": Word("fret"),
    "right": Word("fret"),
    "up": later("side"),
    "down": later("side"),
    "back": later("put down"),
}


class BenchStage(Stage):
    """Tools by digit; the neck above, what the eye sees below it."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.pad: BenchPad | None = None
        self.sounds = Sounds(self)
        self.sheet = SheetView(app.theme)
        self.sheet.setFixedHeight(148)
        self.sheet.fret_chosen.connect(self._pointed)
        self.view = ToolView(app.theme)
        self.tiles = Tiles(app.theme, self._picked)
        self.time = QLabel("")
        self.time.setProperty("role", "quiet")
        self.sound = button("")
        self.sound.clicked.connect(self._other_sound)
        self.keys: dict[str, QPushButton] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(18, 6, 18, 6)
        column.setSpacing(6)
        column.addWidget(self.sheet)
        column.addWidget(self.view, 1)
        column.addWidget(self.tiles)
        column.addLayout(self._key_row())

    def _key_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(6)
        for key, face in _FACES:
            push = button(say(face))
            push.clicked.connect(lambda _on, key=key: self._clicked(key))
            self.keys[key] = push
            row.addWidget(push)
        row.addWidget(self.time)
        row.addWidget(self.sound)
        return row

    def fresh(self) -> None:
        """Another neck lies on the bench."""
        self.pad = None

    def enter(self) -> None:
        table = self.app.practice
        if self.pad is None and table is not None and table.exercise is not None:
            self.pad = BenchPad(table)
        super().enter()

    def leave(self) -> None:
        """What was felt and not written down is not lost with the page."""
        self.sounds.close()

    # --- keys and pointing ------------------------------------------------------------

    def _other_sound(self) -> None:
        self.sounds.on = not self.sounds.on and bool(self.sounds.player)
        if not self.sounds.player:
            self.say(tr("This machine has no player for sounds: it is seen instead."))
        self.refresh()
        self.setFocus()

    def _clicked(self, key: str) -> None:
        self.setFocus()
        self.bar.notice = ""
        self.key(key)

    def _picked(self, place: int) -> None:
        self._clicked(str((place + 1) % 10))

    def _pointed(self, fret: int, lane: str) -> None:
        if self.pad is not None:
            self.pad.place.fret = fret
            if lane in LANES:
                self.pad.place.lane = lane
            self.pad.felt = None
        self.setFocus()
        self.refresh()

    def key(self, name: str) -> bool:
        pad = self.pad
        if pad is None:
            return False
        before = len(pad.table.desk.actions)
        pad.press(name)
        if len(pad.table.desk.actions) > before and pad.done is not None and pad.felt is not None:
            self.sounds.felt(pad.done, pad.felt, pad.neck)
        if pad.table.kept.trouble:
            self.bar.say(say(pad.table.kept.trouble))
            pad.table.kept.trouble = ""
        self.refresh()
        return True

    # --- showing ----------------------------------------------------------------------

    def refresh(self) -> None:
        pad = self.pad
        if pad is None:
            return
        self.sheet.setFixedHeight(148 if self.app.theme.percent <= 125 else 112)
        self.sheet.show_neck(pad.neck, (), _dots(pad), pad.place.fret)
        self.view.show_pad(pad)
        self.tiles.fill(_tiles(pad))
        self.time.setText(_time(pad))
        styled(self.time, f"font-size: {min(self.app.theme.px(14), 18)}px;")
        self.sound.setText(tr("sound on") if self.sounds.on else tr("no sound"))
        styled(self.sound, f"font-size: {min(self.app.theme.px(14), 18)}px; padding: 6px 3px;")
        self.sound.setAccessibleName(tr("Sound: press to turn on or off"))
        self._fill_keys(pad)
        self.fill_bar()

    def _fill_keys(self, pad: BenchPad) -> None:
        hidden = () if pad.tool else tuple(key for key in _STEADY if key not in ("left", "right"))
        words = {key: say(text) for key, text in _STEADY.items() if key not in hidden}
        if pad.tool is not None:
            words |= say_values(pad.tool.keys)
        for key, face in _FACES:
            push, text = self.keys[key], words.get(key, "")
            push.setVisible(key in words)
            push.setText(f"{say(face)}  {text}".strip())
            push.setAccessibleName(f"{say(text or face)} ({say(face)})")
            size = min(self.app.theme.px(14), 18)
            styled(push, f"font-size: {size}px; padding: 6px 3px;")

    def fill_bar(self) -> None:
        """Prompt, figure, and what was felt last."""
        pad, session = self.pad, self.app.session
        if pad is None or session is None:
            return
        number, unit = pad.number
        saying = pad.message or (pad.felt.words if pad.felt is not None else "")
        hint = ""
        if pad.tool is None:
            hint = tr("1 to 9 a tool, 0 the hands.")
        self.bar.show_words(
            say(pad.prompt),
            number=say(number),
            unit=say(unit),
            message=say(saying or pad.table.over or hint),
            alert=bool(saying),
            state=session.neck_state.state,
            right_title=tr("felt last"),
            right=tuple(say_all(pad.said[:4])),
        )

    def say(self, sentence: str) -> None:
        self.bar.say(sentence)


def _tiles(pad: BenchPad) -> tuple[str, ...]:
    """The tools to pick from, while none is in the hand."""
    if pad.tool is not None:
        return ()
    if pad.hands_out:
        last = tr("Tools again")
    else:
        last = tr("Hands and files")
    return (*(say(kind.title) for kind in pad.choice), last)


def _dots(pad: BenchPad) -> Dots:
    """Where the hand is, what was tried, what has ink."""
    tool, p, living = pad.tool, pad.place, pad.table.desk.neck
    read: set[tuple[int, Lane]] = set()
    rocks: set[tuple[int, Lane]] = set()
    if isinstance(tool, RockerTool):
        for (lane, fret), rocked in tool.tried.items():
            (rocks if rocked else read).add((fret, lane))  # type: ignore[arg-type]
    if isinstance(tool, FingerTool):
        for fret, felt in tool.tried.items():
            for lane, moved in felt.items():
                (rocks if moved else read).add((fret, lane))
    supports = tool is not None and tool.name in ("leaf", "edge", "block", "ends", "crown")
    ink = {
        (fret, lane)
        for fret in range(1, pad.neck.frets + 1)
        for k, lane in enumerate(LANES)
        if living.ink[fret, k]
    }
    return Dots(
        read=frozenset(read),
        rocks=frozenset(rocks),
        supports=(p.low, p.high) if supports else (),
        asked=(p.fret, p.lane),
        lane_now=p.lane,
        ink=frozenset(ink),
        out=frozenset(f for f in range(1, pad.neck.frets + 1) if living.out[f]),
    )


def _time(pad: BenchPad) -> str:
    """Minutes of hands so far, and what of a limit is left."""
    form, seconds = pad.form, pad.table.seconds
    if form is not None and form.seconds is not None:
        return tr("{seconds:.0f} s left", seconds=max(form.seconds - seconds, 0.0))
    minutes = seconds / 60.0
    if minutes >= 90.0:
        hours = tr("{hours:.1f} h", hours=minutes / 60.0)
    else:
        hours = tr("{minutes:.0f} min", minutes=minutes)
    return tr("{hours} at the bench", hours=hours)
