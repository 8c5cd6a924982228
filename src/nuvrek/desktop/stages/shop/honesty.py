"""Honesty: over all jobs, how often the stated ranges held, and how well the tools repeat."""

from __future__ import annotations

from collections.abc import Callable
from contextlib import closing

import msgspec
from PyQt6.QtWidgets import QLabel, QPushButton, QVBoxLayout

from nuvrek.bench.shop.honesty import AIM, Honesty, SettingOffer, honesty, with_offer
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.drawings.held import HeldView
from nuvrek.desktop.stages.base import Stage, button, clear, heading, scrolling
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.units import format_length
from nuvrek.wording import speech as words
from nuvrek.wording.speech import say, tr


class HonestyStage(Stage):
    """The beads above, the tools to be set otherwise below."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.found: Honesty | None = None
        self.view = HeldView(app.theme)
        self.tools = QVBoxLayout()
        column = QVBoxLayout()
        column.addWidget(heading(tr("How the promises held")))
        column.addWidget(self.view)
        column.addWidget(heading(tr("How the tools repeat")))
        column.addLayout(self.tools)
        page = QVBoxLayout(self)
        page.setContentsMargins(24, 10, 24, 10)
        page.addWidget(scrolling(column))

    def enter(self) -> None:
        super().enter()
        self._go_through()

    def _go_through(self) -> None:
        """All necks, beside the window."""
        again, kit = self.app.book.again, self.app.settings.kit
        if self.app.background.busy:
            self.say(tr("One thing after the other: something is still being read."))
            return

        def job(tell: Callable[[str], None]) -> Honesty:
            with closing(again()) as book:
                return honesty(book, kit, lambda words: tell(say(words)))

        self.app.background.run(job, self._arrived, lambda error: self.say(str(error)))

    def _arrived(self, found: object) -> None:
        if isinstance(found, Honesty):
            self.found = found
            self.refresh()

    def refresh(self) -> None:
        found = self.found
        clear(self.tools)
        if found is None:
            self.bar.show_words(tr("Honesty"), message=tr("All jobs are being gone through."))
            return
        self.view.show_rows(found.held)
        for offer in found.offers:
            self._offer(offer)
        if not found.offers:
            self.tools.addWidget(QLabel(tr("Nothing read twice speaks against a setting.")))
        if found.usual:
            unit = self.app.settings.unit
            self.tools.addWidget(heading(tr("What this bench leaves a neck with")))
            for usual in found.usual:
                necks = words.count(usual.of, "closing", "closings")
                text = tr(
                    "{kind}: {matter} {mm}, by {necks}",
                    kind=usual.kind,
                    matter=usual.matter,
                    mm=format_length(usual.mm, unit),
                    necks=necks,
                )
                self.tools.addWidget(QLabel(text))
        self.restyle()
        ranges = [one for one in found.held if one.of]
        held, of = sum(one.held for one in ranges), sum(one.of for one in ranges)
        text = tr(
            "{held} of {detail} held; a stated range is to hold {aim:.0%} of the time.",
            held=held,
            detail=of,
            aim=AIM,
        )
        self.bar.show_words(
            tr("How the promises held"),
            message=text if of else tr("No job was finished and measured yet."),
            right_title="keys",
            right=(tr("Home: the shelf"),),
        )

    def _offer(self, offer: SettingOffer) -> None:
        unit = self.app.settings.unit
        label = QLabel(say(offer.sentence(lambda mm: say(format_length(mm, unit, decimals=3)))))
        label.setWordWrap(True)
        push: QPushButton = button(tr("Set the {tool} to what it does", tool=offer.tool))
        push.clicked.connect(lambda _on, offer=offer: self.take(offer))
        self.tools.addWidget(label)
        self.tools.addWidget(push)

    def take(self, offer: SettingOffer) -> None:
        """Set a tool as it repeats."""
        kit = with_offer(self.app.settings.kit, offer)
        self.app.change_quietly(msgspec.structs.replace(self.app.settings, kit=kit))
        self.say(tr("Set. Readings from now on are trusted so far; My tools shows it."))
        self._go_through()
