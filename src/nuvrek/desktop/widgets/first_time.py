"""The row in Measure that tells a new user each key where it is first needed, and asks what must be
known of them.
"""

from __future__ import annotations

import msgspec
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QWidget

from nuvrek.bench.keypad.keypad import Keypad
from nuvrek.desktop.app_state import AppState
from nuvrek.readings.entries import Describe
from nuvrek.readings.tool_kit import INCH_LEAVES_MM, METRIC_LEAVES_MM
from nuvrek.wording.first_time import AskedOnce, FirstTime
from nuvrek.wording.speech import say, tr


class FirstTimeRow(QWidget):
    """Hidden where there is nothing new."""

    def __init__(self, app: AppState) -> None:
        super().__init__()
        self.app = app
        self.asked: AskedOnce | None = None
        self._first: FirstTime | None = None
        self.keys, self.words = QLabel(), QLabel()
        self.words.setWordWrap(True)
        row = QHBoxLayout(self)
        row.setContentsMargins(4, 2, 4, 2)
        row.setSpacing(18)
        row.addWidget(self.keys)
        row.addWidget(self.words, 1)
        self.hide()

    def fill(self, pad: Keypad) -> None:
        """Show what is due at this station; keep what was told meanwhile."""
        told = self.app.settings.told
        if told is None:
            self.asked = None
            self.hide()
            return
        if self._first is None or set(told) - set(self._first.told_before):
            self._first = FirstTime(told)
        self.asked = self._first.asks(pad)
        if self.asked is not None:
            tip = None
        else:
            tip = self._first.tip(pad)
        self._keep(self._first.told_before)
        self.setVisible(tip is not None)
        if tip is not None:
            t = self.app.theme
            self.keys.setText(say(tip.keys))
            self.keys.setStyleSheet(
                f"font-size: {t.px(20)}px; font-weight: bold; color: {t.colours.copper};"
            )
            self.words.setText(say(tip.words))
            self.words.setStyleSheet(f"font-size: {t.px(16)}px; color: {t.colours.ink};")
            self.setAccessibleName(tr("New here: {keys} {detail}", keys=tip.keys, detail=tip.words))

    def answers(self, key: str, pad: Keypad) -> bool:
        """Whether the key answers the question that is open; another key leaves it open."""
        asked = self.asked
        if asked is None or self._first is None:
            return False
        if key not in asked.answers:
            return True
        if asked.name == "side":
            self._take_side(key, pad)
        else:
            self._take_leaves(key)
        self._first.put_away(asked.name)
        self._keep(self._first.told_before)
        self.asked = None
        return True

    def _take_side(self, key: str, pad: Keypad) -> None:
        on_right, neck = key == "right", pad.neck
        settings = msgspec.structs.replace(self.app.settings, nut_on_right=on_right)
        self.app.change_quietly(settings)
        if neck.nut_on_right != on_right:
            describe = Describe(neck=msgspec.structs.replace(neck, nut_on_right=on_right))
            self.app.write(lambda: pad.session.append(describe))

    def _take_leaves(self, key: str) -> None:
        if key == "3":
            self.app.stage_wanted.emit("My tools")
            return
        inch = key == "2"
        settings = self.app.settings
        kit = msgspec.structs.replace(
            settings.kit, leaves_mm=INCH_LEAVES_MM if inch else METRIC_LEAVES_MM
        )
        self.app.change_settings(msgspec.structs.replace(settings, kit=kit, inch=inch))

    def _keep(self, told: tuple[str, ...]) -> None:
        if told != self.app.settings.told:
            self.app.change_quietly(msgspec.structs.replace(self.app.settings, told=told))
