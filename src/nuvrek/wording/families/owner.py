"""Owner, cost and worth."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "owner.times-ten": "{chance} times in ten",
    "owner.almost-surely": "almost surely",
    "owner.hours-nine-times-ten": "{likely:.1f} hours, 90 % sure {least:.1f} to {most:.1f}.",
    "owner.frets": ("fret", "frets"),
    "owner.keeps-neck-days": "It keeps the neck {days} days.",
    "owner.look-after-one-two-weeks": "A look after one to two weeks.",
    "owner.hours": "By hours {money_words} ({low} to {high}).",
    "owner.in-it": "In it: {listed}.",
    "owner.second-pass-most": "the upper figure allows for a second pass ({chance_words})",
    "owner.may-end-too-thin-then": (
        "{what} {named} may end too thin and then want new wire, which is not"
    ),
    "owner.agreement": "Agreement",
    "owner.worth": "Worth",
    "owner.out": "In and out",
    "owner.papers": "Papers",
    "owner.before-any-work": "before any work",
    "owner.before-frets-drawn": "before frets are drawn",
    "owner.before-plane": "before the plane",
    "owner.before-file": "before the file",
    "owner.nothing-waits-these": "nothing waits for these",
    "owner.all-needs-owners-word-agreed": "All that needs the owner's word is agreed.",
    "owner.for": "{day}: {money} for {named}",
    "owner.rested": "{detail} It rested on {rests_on}",
    "owner.houses-own-instrument-or-nobodys": (
        "The house's own instrument, or nobody's: nobody has to be asked."
    ),
    "owner.nothing-quoted-yet": "Nothing was quoted yet.",
    "owner.between": ", between {low} and {high}",
    "owner.not-answered-yet-stands-until": "Not answered yet; it stands until {day}.",
    "owner.rests": "{detail}. {stands} It rests on {rests_on}",
    "owner.todays-list-would-quote-stands": (
        "By today's list it would be {money}; the quote stands as given."
    ),
    "owner.no-neck-here-now": "no neck here now",
    "owner.more": "{named}, and {more} more",
    "owner.no-price-yet-prices-takes": "No price yet: Prices takes an hour's, or a fixed one.",
    "owner.over-years-wear-year": "Over {number} years of wear that is {money} a year.",
    "owner.exactly": "exactly it",
    "owner.budget": "The budget is {money}: {same}.",
    "owner.would-sell-more-than-now": "It would sell for {money} more than now.",
    "owner.another-neck": "Another neck",
    "owner.another-instrument": "Another instrument",
    "owner.over-owners-budget": "{over} over the owner's budget",
    "owner.another-neck-with-again": "another neck",
    "owner.another-kind": "another of its kind",
    "owner.costs": "{what} costs {money}.",
    "owner.costs-with-what-money-words": "{what} costs {money_words}",
    "owner.ways-not-weighed-yet": "the ways are not weighed yet",
    "owner.hours-most": "{likely:.1f} ≤{most:.0f}",
    "owner.parts": "{parts:start}.",
    "owner.named-money": "{named:start}: {money}.",
    "owner.title-money": "{title}, {money}",
    "owner.detail-says-day-figure-other": "{detail}. {says:start} {day} {figure}. {other}",
    "owner.no-price-by-list": "No price: Prices takes an hour's, or a fixed one for this way.",
    "owner.tax-included": "incl. {percent} tax",
    "owner.tax-added": "plus {percent} tax",
    "owner.rests-on-readings": (
        "{number} reading up to entry {length}",
        "{number} readings up to entry {length}",
    ),
    "owner.rests-on-rate": "an hour at {rate}",
    "owner.rests-on-fixed": "{way:within} at a fixed {amount}",
    "owner.rests-on-all": "{grounds:start}.",
    "owner.fixed-price-stands-over": "The fixed price stands {money_words} over it.",
    "owner.fixed-price-stands-under": "The fixed price stands {money_words} under it.",
    "owner.it-over": "{money} over it",
    "owner.it-within": "{money} within it",
}
