"""What no way can promise, in words for the owner (common practice, no source)."""

from __future__ import annotations

from nuvrek.language import tr
from nuvrek.planning.ways.kinds import of_family

_BY_KIND: dict[str, tuple[str, ...]] = {
    "rod": (tr("The rod may turn out to be at its end; then nothing is forced."),),
    "rod-nut": (tr("The nut of the rod may be past freeing."),),
    "heat": (
        tr("Heat may not hold: the bow may come back, and then it is a matter of rod or neck."),
    ),
    "refret-tangs": (
        tr(
            "The back bow that fat tangs give may be nil; it is read before the frets are levelled."
        ),
    ),
    "refret-some": (
        tr("New frets beside old ones may be told apart, by look and by feel, and wear otherwise."),
    ),
    "lift-fret": (tr("The slot may chip when the fret is lifted; it is mended."),),
    "new-neck": (tr("Another neck plays and sounds a little otherwise."),),
    "refer": (tr("Another hand says what it costs and how long it takes."),),
}


def limits_of(kind: str) -> tuple[str, ...]:
    """What could go wrong with a way, or can't be promised, one sentence each."""
    said = list(_BY_KIND.get(kind, ()))
    if of_family(kind, "new wire"):
        said.append(tr("The board may chip where old frets are drawn; chips are mended."))
    if of_family(kind, "seats"):
        said.append(tr("A fret that was pressed home may rise again; the later look tells."))
    if of_family(kind, "planned") or (of_family(kind, "levels") and not said):
        said.append(tr("Metal that is filed off does not come back; a second pass may be needed."))
    return tuple(said)
