"""Colours, fonts and sizes of the two bench themes."""

from __future__ import annotations

from functools import lru_cache
from pathlib import Path

from msgspec import Struct
from PyQt6.QtGui import QColor, QFont, QFontDatabase

PLAIN = "Atkinson Hyperlegible Next"
FALLBACK = "DejaVu Sans"


@lru_cache(maxsize=64)
def _colour(name: str) -> QColor:
    """A colour by its six digits, read once."""
    return QColor(name)


class Colours(Struct, frozen=True):
    """One theme. Copper stands high, slate low, brass is metal off, plum a limit."""

    paper: str
    card: str
    ink: str
    muted: str
    line: str
    copper: str
    slate: str
    brass: str
    plum: str
    board: str
    wire: str
    string: str
    light: str
    bar: str
    bar_ink: str
    bar_muted: str
    bar_accent: str

    def __getitem__(self, name: str) -> QColor:
        """The colour called ``name``."""
        # A copy: whoever gets it may change it.
        return QColor(_colour(getattr(self, name)))


LIGHT = Colours(
    paper="#EDE7DA",
    card="#F9F5EC",
    ink="#231F1C",
    muted="#655D52",
    line="#C9BFAC",
    copper="#A6450F",
    slate="#33527A",
    brass="#7C5A05",
    plum="#693A7A",
    board="#4B3A30",
    wire="#D5D2CC",
    string="#B9AE9C",
    light="#FCE4A0",
    bar="#2A2622",
    bar_ink="#F6F0E3",
    bar_muted="#BDB2A1",
    bar_accent="#F4A264",
)

DARK = Colours(
    paper="#1D1B19",
    card="#282522",
    ink="#F0E9DB",
    muted="#B0A697",
    line="#4B453D",
    copper="#F3965A",
    slate="#95B7E6",
    brass="#DDB64F",
    plum="#CFA5E0",
    board="#4E3E34",
    wire="#C4C0B8",
    string="#8F8577",
    light="#6B5A24",
    bar="#100F0D",
    bar_ink="#F6F0E3",
    bar_muted="#B3A999",
    bar_accent="#F4A264",
)


@lru_cache(maxsize=128)
def _font(px: int, bold: bool, figures: bool) -> QFont:
    """The program's font, made once for each size: a page draws hundreds of words."""
    font = QFont()
    font.setFamilies([PLAIN, FALLBACK])
    if figures:
        font.setFeature(QFont.Tag(b"tnum"), 1)
    font.setPixelSize(px)
    font.setBold(bold)
    return font


class Theme:
    """A set of colours and a text size."""

    def __init__(self, dark: bool = False, percent: int = 100) -> None:
        self.dark = dark
        self.percent = percent
        self.colours = DARK if dark else LIGHT

    def px(self, size: float) -> int:
        """``size`` pixels at 100 % text."""
        return max(1, round(size * self.percent / 100.0))

    def font(self, size: float, *, bold: bool = False, figures: bool = False) -> QFont:
        """A font of ``size`` pixels at 100 % text; the digits of figures are all of one width."""
        # A copy: whoever gets it may change it.
        return QFont(_font(self.px(size), bold, figures))

    def sheet(self) -> str:
        """The style sheet for ordinary widgets."""
        c, px = self.colours, self.px
        return f"""
        QWidget {{ background: {c.paper}; color: {c.ink}; font-family: "{PLAIN}", "{FALLBACK}";
            font-size: {px(15)}px; }}
        QLabel {{ background: transparent; }}
        QLabel[role="told"] {{ font-weight: bold; }}
        QLabel[role="standing"] {{ background: {c.plum}; color: {c.paper};
            padding: {px(6)}px {px(24)}px; }}
        QLineEdit, QComboBox, QSpinBox, QPlainTextEdit {{ background: {c.card};
            border: 1px solid {c.muted};
            border-radius: 4px; padding: {px(5)}px {px(8)}px; min-height: {px(22)}px;
                selection-background-color: {c.copper}; selection-color: {c.paper}; }}
        QLineEdit:focus, QComboBox:focus, QPlainTextEdit:focus {{ border: 2px solid {c.copper};
            padding: {px(5) - 1}px {px(8) - 1}px; }}
        QLineEdit[wrong="true"] {{ border: 2px solid {c.plum};
            padding: {px(5) - 1}px {px(8) - 1}px; }}
        QComboBox::drop-down {{ border: none; width: {px(24)}px; }}
        QComboBox::down-arrow {{ image: none; }}
        QComboBox QAbstractItemView {{ background: {c.card}; color: {c.ink};
            selection-background-color: {c.copper}; selection-color: {c.paper}; }}
        QPushButton {{ background: {c.card}; border: 1px solid {c.muted}; border-radius: 5px;
            padding: {px(7)}px {px(14)}px; min-height: {px(24)}px; }}
        QPushButton:hover, QPushButton:focus {{ border: 2px solid {c.copper};
            padding: {px(6)}px {px(13)}px; }}
        QPushButton:disabled {{ color: {c.muted}; border-style: dashed; }}
        QPushButton[main="true"] {{ background: {c.copper}; color: {c.paper};
            border-color: {c.copper}; font-weight: bold; }}
        QPushButton[main="true"]:disabled {{ background: {c.card}; color: {c.muted};
            border-color: {c.muted}; }}
        QPushButton[flat="true"] {{ background: transparent; border: 1px solid transparent; }}
        QPushButton[flat="true"]:focus, QPushButton[flat="true"]:hover {{
            border: 1px solid {c.copper}; padding: {px(7)}px {px(14)}px; }}
        QScrollArea {{ border: none; background: transparent; }}
        QScrollBar:vertical {{ background: {c.paper}; width: {px(12)}px; }}
        QScrollBar::handle:vertical {{ background: {c.line}; border-radius: {px(5)}px;
            min-height: {px(30)}px; }}
        QScrollBar::add-line, QScrollBar::sub-line {{ height: 0; }}
        QPushButton:checked {{ border: 2px solid {c.copper}; font-weight: bold; }}
        QPushButton[role="chip"]:checked {{ border: 2px solid {c.copper}; font-weight: normal; }}
        QSlider {{ min-height: {px(26)}px; }}
        QSlider::groove:horizontal {{ background: {c.line}; height: {px(4)}px; border-radius: 2px;
            }}
        QSlider::sub-page:horizontal {{ background: {c.copper}; border-radius: 2px; }}
        QSlider::handle:horizontal {{ background: {c.copper}; width: {px(18)}px;
            margin: -{px(7)}px 0; border-radius: {px(8)}px; }}
        QSlider::handle:horizontal:focus {{ border: 2px solid {c.ink}; }}
        QMenu {{ background: {c.card}; border: 1px solid {c.muted}; padding: {px(4)}px; }}
        QMenu::item {{ padding: {px(9)}px {px(22)}px; }}
        QMenu::item:selected {{ background: {c.copper}; color: {c.paper}; }}
        QMenu::separator {{ height: 1px; background: {c.line}; margin: {px(4)}px {px(10)}px; }}
        QPushButton::menu-indicator {{ width: 0; }}
        QToolTip {{ background: {c.card}; color: {c.ink}; border: 1px solid {c.muted}; }}
        """


def load_fonts() -> None:
    """Register the shipped fonts with Qt."""
    for path in sorted(Path(__file__).with_name("fonts").glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(path))
