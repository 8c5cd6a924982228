"""Papers made: proposed in words, and set as PDF."""

from __future__ import annotations

from collections.abc import Sequence

from nuvrek.bench.owner.quoting import quote
from nuvrek.bench.papers.facts import Facts
from nuvrek.bench.papers.figures import Figures
from nuvrek.exchange.paper import Paper, Photo, blocks_of
from nuvrek.exchange.paper_pdf import paper_pdf, unset_letters
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import Owner
from nuvrek.planning.money.shop import Shop
from nuvrek.readings.entries import Note
from nuvrek.readings.owner.entries import PAPERS, Letter, PaperKind
from nuvrek.wording import speech as words
from nuvrek.wording.papers.bench_sheet import bench_sheet
from nuvrek.wording.papers.letter import letter
from nuvrek.wording.papers.picture import draw_neck
from nuvrek.wording.papers.quote import quote_letter
from nuvrek.wording.papers.ready import ready_for_you
from nuvrek.wording.papers.work_report import work_report
from nuvrek.wording.speech import say, tr


def proposed(kind: PaperKind, facts: Facts) -> Letter:
    """A paper in the words that are proposed. A quote is that last given, else one as it would be
    given now. Raises NoPrice.
    """
    match kind:
        case "letter":
            return letter(facts)
        case "quote":
            given = facts.dealings.open_quote or facts.dealings.accepted_quote
            return quote_letter(facts, given[1] if given is not None else quote(facts))
        case "work":
            return work_report(facts)
        case "ready":
            return ready_for_you(facts)
        case "bench":
            return bench_sheet(facts)


def laid_out(
    made: Letter,
    neck: NeckDescription,
    owner: Owner | None,
    shop: Shop,
    figures: Figures,
    day: str,
    photos: Sequence[tuple[str, Note]] = (),
) -> Paper:
    """A paper with what stands at its top, and the photos its text calls by name."""
    pictures = {
        name: Photo(note.photo, words_of_photo(name, note))
        for name, note in photos
        if note.photo is not None
    }
    drawings = {
        "neck": draw_neck(neck, made.picture),
        "before": draw_neck(neck, made.before, tr("as it came in")),
        "after": draw_neck(neck, made.picture, tr("as it is now")),
    }
    inside = made.paper == "bench"
    return Paper(
        shop="" if inside else shop.name,
        shop_words="" if inside else shop.words,
        addressee="" if inside else addressee(owner, neck),
        day=figures.day(day),
        title=f"{say(PAPERS[made.paper] if made.paper != 'letter' else tr('Your instrument'))}",
        blocks=blocks_of(made.text, made.tables, drawings, pictures),
        one_page=not inside,
        us_letter=figures.us_letter,
    )


def words_of_photo(name: str, note: Note) -> str:
    """What stands beside a photo."""
    when = tr("as it came in") if name == "photo in" else tr("as it is now")
    text = note.text.strip()
    return f"{words.upper_first(when)}. {text}" if text else words.upper_first(when)


def addressee(owner: Owner | None, neck: NeckDescription) -> str:
    """Who a paper goes to: name and address, as far as they are known."""
    if owner is None:
        return neck.owner
    return "\n".join(part for part in (owner.name, owner.address.strip()) if part)


def pdf_of(paper: Paper) -> bytes:
    """The paper as PDF."""
    return paper_pdf(paper)


def unset(made: Letter, owner: Owner | None, shop: Shop, neck: NeckDescription) -> str:
    """Letters of a paper that no font that ships along has, so that the page would lack them."""
    cells = "".join(cell for rows in made.tables.values() for row in rows for cell in row)
    return unset_letters(f"{made.text}{cells}{addressee(owner, neck)}{shop.name}{shop.words}")
