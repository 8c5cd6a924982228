"""What the core hands on are values; words are made from them in one room, whole, in each language.

``NUVREK_NECKS=200`` runs the full count of made-up necks.
"""

import json
import os
import re
import unittest
from collections.abc import Iterable, Iterator
from datetime import date

import msgspec
from scripts import translations
from scripts.translations import messages

from nuvrek.bench.owner.quoting import NoPrice
from nuvrek.bench.shop.shelf import standing
from nuvrek.bench.solved import Solved, see, wanted_alone, weigh
from nuvrek.demo import demo_jobs, demo_wires
from nuvrek.meaning import (
    Day,
    Figure,
    Frets,
    Kept,
    Money,
    Named,
    Saying,
    Shown,
    Word,
    as_data,
    brief,
    frets,
    keys_in,
    listed,
    means,
    sentences,
    upper_first,
)
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.ways.kinds import WAYS
from nuvrek.practice.lessons.shelf import LESSONS
from nuvrek.readings.entries import AnyEntry
from nuvrek.readings.journal import fold
from nuvrek.readings.owner.entries import PAPERS
from nuvrek.readings.stations import prompt
from nuvrek.readings.words import place_words, value_words
from nuvrek.simulator.simulated_job import simulated_job
from nuvrek.units import Unit
from nuvrek.wording.answers import answer_in_words
from nuvrek.wording.catalogue import Spoken, speak, speak_code
from nuvrek.wording.names import STEP_TITLES
from nuvrek.wording.papers.make import proposed
from nuvrek.wording.speech import entry_of, say
from tests.support import EVERY
from tests.test_papers import facts_of

NECKS = int(os.environ.get("NUVREK_NECKS", "2"))
# A word of the data is marked only where the catalogue has it.
WORDS = {message.text for message in messages() if message.context == "word"}
_PLACE = re.compile(r"\{[^{}]*\}")


def _marked(text: str) -> str:
    """The words of a sentence in marks, what is put into its places outside of them."""
    return f"‹{_PLACE.sub(lambda found: f'›{found[0]}‹', text)}›"


MARKED = Spoken(
    "xx",
    lambda context, text: "" if context == "word" and text not in WORDS else _marked(text),
    lambda _context, one, many, number: _marked(one if number == 1 else many),
)
# Units, and signs of instruments, are the same in every language.
SAME = re.compile(r"\b(mm|thou|in|EUR|N|g|m|x)\b")
# Places of tables and drawings in a paper, and months as its own place writes them.
_NO_WORDS = re.compile(
    r"\[\w+\]|\b(January|February|March|April|May|June|July|August|September|October|November|December)\b"
)
Job = tuple[NeckDescription, tuple[AnyEntry, ...]]


def jobs() -> Iterator[Job]:
    """The demo's necks, those begun among them, and made-up ones."""
    # Every other one, where not all are asked for.
    for job in demo_jobs()[:: 1 if EVERY else 2]:
        yield job.neck, job.journal
        yield job.neck, job.journal[:6]
    for seed in range(NECKS):
        journal, truth, _ = simulated_job(seed, (20, 22, 24)[seed % 3], (584.0, 648.0)[seed % 2])
        yield truth.neck, tuple(journal)


def solved_of(job: Job) -> Solved:
    return weigh(see(wanted_alone(fold(*job), Unit.MM)))


def sayings_of(solved: Solved) -> Iterator[Saying]:
    """All that the core concludes of a neck, and what its journal says."""
    plan = solved.plan
    assert plan is not None
    for finding in solved.findings:
        yield from (finding.headline, finding.text)
    for leg in plan.course:
        yield from (leg.why, leg.gate, leg.unless)
    yield from plan.reasons
    yield from (stop.words for stop in plan.stops)
    for way in plan.ways:
        yield from (way.title, way.gist, *way.why_not, *way.not_known)
        for step in way.at_bench:
            yield from (step.title, step.text, *step.cautions)
    for one in () if solved.next is None else solved.next.suggestions:
        yield from (prompt(one.station, 0, one.strings), one.reason)
    yield standing(solved.neck_state)
    for taken in solved.neck_state.taken:
        yield from (place_words(taken.reading), value_words(taken.reading, Unit.MM, Unit.MM))


def without(text: str, own: Iterable[str]) -> str:
    """A text without what the neck's own people wrote into it."""
    for words in sorted(filter(None, own), key=len, reverse=True):
        text = re.sub(rf"(?<!\w){re.escape(words)}(?!\w)", " ", text, flags=re.IGNORECASE)
    return text


def unmarked(text: str) -> str:
    """What of a text in the marked language went through no catalogue."""
    left = text
    while (less := re.sub("‹[^‹›]*›", " ", left)) != left:
        left = less
    return " ".join(re.findall("[A-Za-z]{3,}", SAME.sub(" ", left)))


class Values(unittest.TestCase):
    def test_a_value_has_no_words_of_its_own(self) -> None:
        lone = means("ways.leave")
        for spoil in (str, lambda one: f"{one}", lambda one: "x".join([one])):
            with self.assertRaises(TypeError):
                spoil(lone)
        with self.assertRaises(TypeError):
            means("ways.leave", what=object())

    def test_what_is_kept_is_read_back_as_it_was(self) -> None:
        whole = means(
            "needs.are-left",
            frets=frets((3, 4)),
            number=2,
            row=listed((Word("slack"), Figure("1.5"), Day("2026-03-03")), by=";"),
            length=Shown(0.25, "mm"),
            money=Money("12.50", "EUR"),
            way=upper_first(Named("way", "leave")),
            small=brief(Shown(0.1, "mm")),
        )
        for kept in (msgspec.json, msgspec.msgpack):
            self.assertEqual(kept.decode(kept.encode(whole), type=Kept), whole)
        self.assertEqual(hash(whole), hash(means(whole.key, **dict(whole.values))))

    def test_values_are_written_in_one_place_by_language(self) -> None:
        self.addCleanup(speak, Spoken())
        told = means("lengths.is", mm=Shown(0.25, "mm"), other_mm=Shown(0.25, "thou"))
        self.assertEqual(say(told), "0.25 mm is 9.8 thou")
        self.assertEqual(say(Money("1234.5", "EUR")), "1 234.50 EUR")
        self.assertEqual(say(frets((3, 4, 7))), "frets 3, 4 and 7")
        self.assertEqual(say(frets(range(1, 21))), "20 frets")
        speak_code("de")
        self.assertEqual(say(Shown(0.25, "mm")), "0,25 mm")
        self.assertEqual(say(Money("1234.5", "EUR")), "1 234,50 EUR")
        self.assertEqual(say(frets((3, 4, 7))), "Bund 3, 4 und 7")
        self.assertEqual(say(Day("2026-03-05")), date(2026, 3, 5).strftime("%d.%m.%Y"))

    def test_what_is_not_there_leaves_no_gap(self) -> None:
        self.assertEqual(sentences("", ""), "")
        self.assertEqual(say(sentences("One.", "", "Two.")), "One. Two.")
        self.assertEqual(say(Frets(())), "no fret")

    def test_an_answer_has_its_sentences_and_beside_each_what_it_means(self) -> None:
        why = (means("ways.leave"), means("lengths.is", mm=Shown(1.0, "mm"), other_mm="x"))
        made = json.loads(json.dumps(answer_in_words({"why": why, "way": {"title": why[0]}})))
        self.assertEqual(made["version"], 2)
        self.assertEqual(made["why"], [say(one) for one in why])
        self.assertEqual(made["why_means"][1]["values"]["mm"], {"mm": 1.0})
        self.assertEqual(made["way"]["title_means"], as_data(why[0]))
        self.assertEqual(keys_in(sentences(*why)), ("ways.leave", "lengths.is"))


class Words(unittest.TestCase):
    def setUp(self) -> None:
        self.addCleanup(speak, Spoken())

    def test_nothing_the_core_concludes_is_hard_wired(self) -> None:
        speak(MARKED)
        for number, job in enumerate(jobs()):
            neck = job[0]
            own = (
                *(neck.title, neck.owner, neck.complaint),
                *(neck.wood, neck.neck_wood, neck.wire_wish),
                *(wire.name for wire in demo_wires()),
            )
            for saying in sayings_of(solved_of(job)):
                self.assertEqual(unmarked(without(say(saying), own)), "", (number, saying))

    def test_nothing_of_the_lessons_is_hard_wired(self) -> None:
        speak(MARKED)
        for lesson in LESSONS:
            costs = (cost.words for cost in lesson.costs)
            for saying in (lesson.title, lesson.stake, lesson.afterwards, *costs):
                self.assertEqual(unmarked(say(saying)), "", lesson.key)

    def test_nothing_of_the_papers_is_hard_wired(self) -> None:
        speak(MARKED)
        for number in range(0, len(demo_jobs()), 3):
            facts = facts_of(number)
            neck = facts.neck
            own = [neck.title, neck.owner, *neck.complaint.split(), facts.shop.name]
            own += [*facts.shop.words.split(), *facts.shop.closing.split()]
            own += [wire.name for wire in demo_wires()]
            for kind in PAPERS:
                try:
                    made = proposed(kind, facts)
                except NoPrice:
                    continue
                cells = [cell for rows in made.tables.values() for row in rows for cell in row]
                for text in (*made.text.split("\n"), *cells):
                    left = _NO_WORDS.sub(" ", without(text, own))
                    self.assertEqual(unmarked(left), "", (number, kind))

    def test_the_same_is_concluded_in_every_language(self) -> None:
        for job in jobs():
            speak_code("en")
            english = [*sayings_of(solved_of(job))]
            speak_code("de")
            self.assertEqual([*sayings_of(solved_of(job))], english)

    def test_every_sentence_can_be_filled_with_the_places_it_names(self) -> None:
        """In English and in German, by its plural forms too."""
        for path in sorted(translations.KEPT.glob("*.po")):
            for message, forms in translations.read(path).items():
                for text in (message.text, message.many, *forms):
                    names = translations.places(text)
                    self.assertNotRegex(" ".join(names), r"\d$", text)

    def test_every_way_and_step_has_a_name(self) -> None:
        for kind, way in WAYS.items():
            self.assertEqual(say(Named("way", kind)), say(way.title))
        for key, title in STEP_TITLES.items():
            self.assertEqual(say(Named("step", f"{key}-2")), say(means(title)))
            self.assertNotIn("{", str(entry_of(title)))
        self.assertEqual(say(Named("step", "not-of-ours")), "not of ours")


if __name__ == "__main__":
    unittest.main()
