"""What the owner is to agree to."""

from __future__ import annotations

from nuvrek.wording.entry import Entry

SENTENCES: dict[str, Entry] = {
    "needs.rod-may-turn-out-end": "The rod may turn out to be at its end; then nothing is forced.",
    "needs.nut-rod-may-past-freeing": "The nut of the rod may be past freeing.",
    "needs.heat-may-not-hold-bow": (
        "Heat may not hold: the bow may come back, and then it is a matter of rod or neck."
    ),
    "needs.back-bow-fat-tangs-give": (
        "The back bow that fat tangs give may be nil; it is read before the frets are levelled."
    ),
    "needs.new-frets-beside-old-ones": (
        "New frets beside old ones may be told apart, by look and by feel, and wear otherwise."
    ),
    "needs.slot-may-chip-when-fret": "The slot may chip when the fret is lifted; it is mended.",
    "needs.another-neck-plays-sounds-little": "Another neck plays and sounds a little otherwise.",
    "needs.another-hand-says-what-costs": "Another hand says what it costs and how long it takes.",
    "needs.board-may-chip-where-old": (
        "The fretboard may chip where old frets are drawn; chips are mended."
    ),
    "needs.fret-pressed-home-may-rise": (
        "A fret that was pressed home may rise again; the later look tells."
    ),
    "needs.metal-filed-off-does-not": (
        "Metal that is filed off does not come back; a second pass may be needed."
    ),
    "needs.old-frets-come-back-you": "The old frets come back to you, bagged.",
    "needs.edges-binding-may-show-where": (
        "The edges by the binding may show where frets were drawn"
    ),
    "needs.patina-stays-nothing-new-toned": (
        "{done}; patina stays, nothing new is toned unless you say so."
    ),
    "needs.found-came": "Found as it came in: {detail}",
    "needs.string-height-fret-bass-side": (
        "Action at fret {fret}: {height} on the bass side, {high} on the treble side."
    ),
    "needs.shallow-grooves-stay-so-frets": (
        "Shallow grooves stay, so that the frets stay tall enough."
    ),
    "needs.crowns-down-under-usual": "Crowns down to {length}, under the usual {usual}.",
    "needs.boards-corners-stay-worn": "The fretboard's corners at {frets} stay as worn.",
    "needs.lacquer-cut-along-each-fret": "The lacquer is cut along each fret and touched up",
    "needs.bass-side-treble-side": "{both} on the bass side, {length} on the treble side",
    "needs.wide-high-before": (
        "{name}, {length} wide and {crown} high; before it was {wire_width} and {wire_height}."
    ),
    "needs.old-neck-comes-back-you": "The old neck comes back to you.",
    "needs.relief-strings-pitch": "Relief {both}, strings at pitch.",
    "needs.are-left": ("{frets:start} is left as found.", "{frets:start} are left as found."),
}
