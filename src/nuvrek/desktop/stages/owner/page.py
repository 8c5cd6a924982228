"""Owner: what was agreed, what it is worth to whom, how it came in and left, the papers."""

from __future__ import annotations

from collections.abc import Sequence

import msgspec
from PyQt6.QtCore import QLocale
from PyQt6.QtWidgets import QHBoxLayout, QLabel, QStackedWidget, QVBoxLayout, QWidget

from nuvrek.bench.forms.owner import (
    AMOUNTS,
    ARRIVED,
    HANDED_BACK,
    SOUNDS,
    amount_text,
    extras_text,
    read_arrived,
    read_extras,
    read_handed_back,
    read_worth,
)
from nuvrek.bench.owner.draft import OWNER_FACES, OwnerDraft, OwnerFace
from nuvrek.bench.owner.worth import worth_words
from nuvrek.desktop.app_state import AppState
from nuvrek.desktop.stages.base import Picks, Stage, button, chooser, fit_tabs, heading, scrolling
from nuvrek.desktop.stages.extras import Extras as Pictures
from nuvrek.desktop.stages.owner.agreement_face import AgreementFace
from nuvrek.desktop.stages.owner.forms import WordsForm
from nuvrek.desktop.stages.owner.papers_face import PapersFace
from nuvrek.desktop.widgets.bench_bar import BenchBar
from nuvrek.logbook.store import LogbookError
from nuvrek.meaning import Said, Saying
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.owner.entries import Arrived, Extras, HandedBack
from nuvrek.wording.speech import later, say, say_all, say_values, tr

_WORTH, _IN, _OUT = later("What it is worth to whom"), later("On arrival"), later("On leaving")
_ALONG = later("Done along with it")
_TURN = later("1 to 4: another face")
_KEYS: dict[OwnerFace, tuple[Saying, ...]] = {
    "agreement": (
        later("/: all agreed"),
        later("* yes, - no, + quote"),
        later("up and down: a thing"),
        _TURN,
    ),
    "worth": (later("Tab: from field to field"), _TURN, later("Enter: back to Choose")),
    "in-out": (later("Tab: from field to field"), _TURN, later("Enter: back to Choose")),
    "papers": (later("an empty line parts paragraphs"), later("[...] stands for a table"), _TURN),
}


class OwnerStage(Stage):
    """Four faces of one neck's dealings with its owner."""

    def __init__(self, app: AppState, bar: BenchBar) -> None:
        super().__init__(app, bar)
        self.face: OwnerFace = "agreement"
        self.draft: OwnerDraft | None = None
        self.extras = Pictures(self, lambda: None)
        self.agreement = AgreementFace(app, self._write)
        self.agreement.meant.connect(self._mean)
        self.worth = WordsForm(
            app,
            {
                _WORTH: {
                    **say_values(AMOUNTS),
                    "means": tr("What it means to them, in their words"),
                },
                _ALONG: {"extras": tr("One a line: what, minutes, price")},
            },
        )
        self.sound = Picks(tr("Body and neck"), say_values(SOUNDS))
        self.worth.add_choice(_WORTH, tr("Body and neck"), self.sound)
        self.in_out = WordsForm(app, {_IN: say_values(ARRIVED), _OUT: say_values(HANDED_BACK)})
        self.photo = button(tr("A photo of how it is"))
        self.photo.clicked.connect(self.extras.ask_photo)
        self.in_out.add_row(_IN, self.photo)
        self.papers = PapersFace(app, self._write, self.extras)
        for part in (self.agreement, self.papers):
            part.said.connect(self.say)
        for form in (self.worth, self.in_out):
            form.kept.connect(self._keep)
            form.full.connect(self.say)
        self.told = QLabel("")
        self.told.setWordWrap(True)
        self.told.setAccessibleName(tr("Price beside worth"))
        self.front = QStackedWidget()
        for widget in (self.agreement, self._beside(), self.in_out, self.papers):
            self.front.addWidget(widget)
        page = QVBoxLayout(self)
        page.setContentsMargins(18, 6, 18, 6)
        page.addLayout(self._tabs())
        page.addWidget(self.front, 1)

    def _beside(self) -> QWidget:
        """The fields of worth, and what they say beside the price."""
        column = QVBoxLayout()
        column.addWidget(heading(tr("Beside the price")))
        column.addWidget(self.told)
        holder = QWidget()
        row = QHBoxLayout(holder)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(30)
        row.addWidget(self.worth, 1)
        row.addWidget(scrolling(column), 1)
        return holder

    def _tabs(self) -> QHBoxLayout:
        self.tabs = {
            face: chooser(f"{n} {say(words)}")
            for n, (face, words) in enumerate(OWNER_FACES.items(), 1)
        }
        self.who = QLabel("")
        self.who.setAccessibleDescription(tr("Owner"))
        self.about = button(tr("About the owner"))
        self.about.clicked.connect(lambda: self.app.stage_wanted.emit("Owners"))
        row = QHBoxLayout()
        for face, tab in self.tabs.items():
            tab.chosen.connect(lambda face=face: self.turn(face))
            row.addWidget(tab)
        row.addStretch(1)
        row.addWidget(self.who)
        row.addWidget(self.about)
        return row

    def restyle(self) -> None:
        super().restyle()
        t = self.app.theme
        self.agreement.restyle()
        fit_tabs(t, *self.tabs.values(), *self.papers.kinds.values())
        self.told.setStyleSheet(f"font-size: {min(t.px(17), 24)}px;")
        self.who.setStyleSheet(f"font-size: {min(t.px(15), 22)}px;")

    # --- filling -------------------------------------------------------------------------

    def enter(self) -> None:
        if self.draft is not None and self.draft.session is not self.app.session:
            self.face = "agreement"
        self.draft = None
        super().enter()

    def leave(self) -> None:
        self.worth.keep()
        self.in_out.keep()

    def turn(self, face: OwnerFace) -> None:
        """Bring a face to the front."""
        self.leave()
        self.face = face
        self.setFocus()
        self.refresh()

    def refresh(self) -> None:
        session, solved = self.app.session, self.app.solved
        if session is None:
            return
        self._fill_forms()
        for face, tab in self.tabs.items():
            tab.setChecked(face == self.face)
        self.front.setCurrentIndex(list(OWNER_FACES).index(self.face))
        neck = session.neck_state.neck
        self.who.setText(neck.owner or tr("no owner named"))
        fresh = self.app.fresh
        if solved is None or fresh is None or fresh.plan is None:
            self.front.setEnabled(self.face in ("worth", "in-out"))
            self.bar.show_words(tr("Weighing the ways"), message=self.app.waiting)
            return
        self.front.setEnabled(True)
        stands = self.draft is not None and self.draft.solved is fresh
        if not stands:
            self.draft = self._made()
        self._show()

    def _made(self) -> OwnerDraft | None:
        session, fresh = self.app.session, self.app.fresh
        if session is None or fresh is None:
            return None
        owner = None
        try:
            owner = self.app.book.owner(session.neck_state.neck.owner.strip())
        except LogbookError as error:
            self.say(str(error))
        return OwnerDraft(
            fresh,
            session,
            self.app.settings,
            pace=self.app.pace,
            owner=owner,
            day=self.app.clock()[:10],
            system=QLocale.system().name(),
            kind=self.app.meant,
        )

    def _show(self) -> None:
        draft, session = self.draft, self.app.session
        if draft is None or session is None:
            return
        if self.face == "agreement":
            self.agreement.show_draft(draft)
        elif self.face == "papers":
            self.papers.show_draft(draft)
        else:
            self.told.setText("\n\n".join(say_all(worth_words(draft.facts))))
        messages = {
            "agreement": draft.how_it_stands(),
            "worth": tr("Figures and their words; nothing here is a verdict."),
            "in-out": tr("What came with it, what was found, and what goes back with it."),
            "papers": tr("Change the words as you like; the page follows."),
        }
        self.bar.show_words(
            say(draft.head() if self.face == "agreement" else OWNER_FACES[self.face]),
            message=say(messages[self.face]),
            state=None,
            right_title=tr("keys"),
            right=say_all(_KEYS[self.face]),
        )

    def _fill_forms(self) -> None:
        session = self.app.session
        if session is None:
            return
        dealings = session.neck_state.dealings
        worth = dealings.worth
        texts = {name: amount_text(getattr(worth, name)) for name in AMOUNTS}
        self.worth.fill(_WORTH, {**texts, "means": worth.means})
        if not self.worth.changing(_WORTH):
            self.sound.setCurrentIndex(self.sound.findData(worth.sound))
        self.worth.fill(_ALONG, {"extras": extras_text(dealings.extras)})
        came, left = dealings.arrived or Arrived(), dealings.handed_back or HandedBack()
        self.in_out.fill(_IN, {name: getattr(came, name) for name in ARRIVED})
        self.in_out.fill(_OUT, {name: getattr(left, name) for name in HANDED_BACK})

    # --- writing -------------------------------------------------------------------------

    def _mean(self, kind: object) -> None:
        self.app.meant = kind if isinstance(kind, str) else None
        self.draft = None
        self.setFocus()
        self.refresh()

    def _write(self, entries: Sequence[AnyEntry], text: str) -> None:
        session = self.app.session
        if session is not None and self.app.write(lambda: session.append(*entries)):
            self.setFocus()
            self.refresh()
            self.say(text)

    def _keep(self, title: Saying) -> None:
        """What was typed into a column, if it reads and says something new."""
        session = self.app.session
        if session is None:
            return
        dealings = session.neck_state.dealings
        entry: AnyEntry
        before: AnyEntry
        if title == _WORTH:
            texts = {**self.worth.texts(title), "sound": str(self.sound.currentData())}
            found = read_worth(texts, self.app.settings.prices.currency)
            if isinstance(found, (str, Said)):
                self.say(tr("{detail} Not kept yet.", detail=found))
                return
            entry, before = found, dealings.worth
        elif title == _ALONG:
            extras = read_extras(self.worth.texts(title).get("extras", ""))
            if isinstance(extras, (str, Said)):
                self.say(tr("{detail} Not kept yet.", detail=extras))
                return
            entry, before = extras, Extras(lines=dealings.extras)
        elif title == _IN:
            entry = read_arrived(self.in_out.texts(title))
            before = dealings.arrived or Arrived()
        else:
            entry = read_handed_back(self.in_out.texts(title))
            before = dealings.handed_back or HandedBack()
        if entry != msgspec.structs.replace(before, at="", page="", joined=False) and (
            self.app.write(lambda: session.append(entry))
        ):
            self.say(tr("Kept."))

    def key(self, name: str) -> bool:
        faces = list(OWNER_FACES)
        if name in ("1", "2", "3", "4"):
            self.turn(faces[int(name) - 1])
            return True
        if self.face == "agreement" and self.agreement.key(name):
            return True
        if name == "back":
            self.app.undo()
            self.refresh()
            return True
        if name in ("enter", "0"):
            self.app.stage_wanted.emit("Choose")
            return True
        return False
