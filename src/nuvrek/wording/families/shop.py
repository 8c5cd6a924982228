"""The shop, its settings and its shelf."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "shop.delete-goes": (
        "Neck {neck}, {title}, goes for good, with {number} entry.",
        "Neck {neck}, {title}, goes for good, with {number} entries.",
    ),
    "shop.delete-photos": ("{number} photo goes too.", "{number} photos go too."),
    "shop.delete-stays": (
        "Dated copies of the logbook and job files you sent still have it. To keep it out of sight "
        "only, put it away."
    ),
    "shop.struck-out": "Struck out: {act_words}.",
    "shop.backspace-strikes": "Backspace undoes: {entry}",
    "shop.last-thing-written-down-s": "The last thing written down is {page}'s ({what})",
    "shop.nothing-take-back-here": "Nothing to take back here.",
    "shop.stays": "{struck} {elsewhere}; it stays.",
    "shop.weighed-before-what-you-wrote": (
        "Your last entry changed the picture. Nothing was saved; the options are being "
        "recalculated."
    ),
    "shop.nothing-take-back-here-undo": "Nothing to take back here. {elsewhere}: undo it there.",
    "shop.neck-no-longer-logbook-open": (
        "This neck is no longer in the logbook; open another from the shelf."
    ),
    "shop.neck-damaged-logbook-can-looked": (
        "This neck is damaged in the logbook: {damage} It can be looked at; nothing is written "
        "into it."
    ),
    "shop.worked-out-another-neck-nothing": (
        "That was worked out for another neck. Nothing was written down."
    ),
    "shop.journal-holds-entries-most-one": (
        "A journal holds {most_entries:,} entries at most, and this one has {number:,}. Not "
        "written down; describe the neck as a new one to go on."
    ),
    "shop.not-written-down": "Not written down: {faults}",
    "shop.counted-from-where-found-rod": (
        "Counted from where it was found the rod would stand more than 20 turns away; no truss "
        "rod has that much. Not written down: strike out the moves that were not made."
    ),
    "shop.last-page-written-another-bench": (
        "The last of this page was written at another bench or window. Once more strikes it."
    ),
    "shop.settings-were-damaged-set-aside": (
        "The settings were damaged: set aside as {name}, the usual ones hold."
    ),
    "shop.settings-damaged-cant-set-aside": (
        "The settings are damaged and can't be set aside: the usual ones hold."
    ),
    "shop.these-settings-cant-kept-those": (
        "These settings can't be kept ({error}); those before still are."
    ),
    "shop.settings-could-not-kept": "The settings could not be kept ({strerror}).",
    "shop.settings-cant-read-usual-ones": (
        "The settings can't be read ({why}): the usual ones hold."
    ),
    "shop.hours": "Hours",
    "shop.price": "Price",
    "shop.of": "{held} of {detail}",
    "shop.repeats-readings-one-place-set": (
        "The {tool} repeats to {unit_words}, by {how_many} of readings of one place; it is set "
        "to {unit}."
    ),
    "shop.neck": "Neck {number} of {rows_count}",
    "shop.pairs": ("{number} pair", "{number} pairs"),
    "shop.relief": "relief",
    "shop.damaged-looked-only": "Damaged, to be looked at only: {damage} {more}",
    "shop.described-not-measured-yet": "Described, not measured yet.",
    "shop.like": "{how_many} like it.",
    "shop.next": "{title}: next, {other_title:within}.",
    "shop.readings": ("{number} reading", "{number} readings"),
    "shop.taken-no-way-chosen-yet": "{readings} taken, no way chosen yet.",
    "shop.all-steps-done": "{title}: all steps done.",
    "shop.more-faults": ("{number} more fault", "{number} more faults"),
    "shop.not-before": ", not before {due}",
    "shop.tools": "tools",
    "shop.string-lists": "string lists",
    "shop.wire": "wire",
    "shop.wire-cut": "wire that was cut",
    "shop.prices": "prices",
    "shop.shops-name": "the shop's name",
    "shop.hours-week": "hours a week",
    "shop.what-logbook-holds-cant-read": (
        "What the logbook holds of {what} can't be read; the usual holds."
    ),
    "shop.bass-over-12": "Action, bass side",
    "shop.treble-over-12": "Action, treble side",
    "shop.string-height": "Action",
    "shop.string-over-first": "Height over fret 1",
    "shop.clean-from": "Clean from",
    "shop.id-title-sentence": "{id}: {title}. {sentence}",
    "shop.title-detail-wait": "{title}: {detail:within}{wait}.",
}
