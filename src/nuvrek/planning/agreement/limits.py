"""What no way can promise, in words for the owner (common practice, no source)."""

from __future__ import annotations

from nuvrek.planning.ways.kinds import of_family

_BY_KIND: dict[str, tuple[str, ...]] = {
    "rod": ("The rod may turn out to be at its end; then nothing is forced.",),
    "rod-nut": ("The nut of the rod may be past freeing.",),
    "heat": ("Heat may not hold: the bow may come back, and then it is a matter of rod or neck.",),
    "refret-tangs": (
        "The back bow that fat tangs give may be nil; it is read before the frets are levelled.",
    ),
    "refret-some": (
        "New frets beside old ones may be told apart, by look and by feel, and wear otherwise.",
    ),
    "lift-fret": ("The slot may chip when the fret is lifted; it is mended.",),
    "new-neck": ("Another neck plays and sounds a little otherwise.",),
    "refer": ("Another hand says what it costs and how long it takes.",),
}


def limits_of(kind: str) -> tuple[str, ...]:
    """What could go wrong with a way, or can't be promised, one sentence each."""
    said = list(_BY_KIND.get(kind, ()))
    if of_family(kind, "new wire"):
        said.append("The board may chip where old frets are drawn; chips are mended.")
    if of_family(kind, "seats"):
        said.append("A fret that was pressed home may rise again; the later look tells.")
    if of_family(kind, "planned") or (of_family(kind, "levels") and not said):
        said.append("Metal that is filed off does not come back; a second pass may be needed.")
    return tuple(said)
