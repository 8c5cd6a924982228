"""Job steps of fret ends, tape and polish."""

from __future__ import annotations

from nuvrek.language import tr
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.step import Step
from nuvrek.readings.entries import EndFault

_FILING = (cautions.DUST, cautions.PICKUPS)
# Papers and pads to be had; each takes out the marks of one at most twice as coarse (common
# practice, no source).
GRITS = (220, 320, 400, 600, 800, 1000, 1200, 1500, 2000, 2500, 3000, 4000, 6000, 8000, 12000)
COARSER = 2.0


def grit_schedule(mark: int, finish: int) -> tuple[int, ...]:
    """Grits from the coarsest mark made to the wanted finish, as few as take out each other's
    marks.
    """
    start = max((g for g in GRITS if g <= mark), default=GRITS[0])
    found = [start]
    while found[-1] < finish:
        reach = [g for g in GRITS if found[-1] < g <= min(COARSER * found[-1], finish)]
        following = max(reach, default=next((g for g in GRITS if g > found[-1]), found[-1]))
        if following == found[-1]:
            break
        found.append(following)
    return tuple(found)


def tape_step(neck: NeckDescription) -> Step:
    """Taping the board, bare or lacquered, and covering what filings spoil."""
    if neck.lacquered:
        face = tr(
            "Lacquered face: low-tack tape, two layers, pressed down along each fret; peel it "
            "flat and slowly."
        )
    else:
        face = tr(
            "Bare face: any tape that leaves no glue; along each fret first, then between them."
        )
    warn = (cautions.PICKUPS, cautions.LACQUER) if neck.lacquered else (cautions.PICKUPS,)
    base = tr("A low-tack base strip under stronger tape keeps the glue off the wood. ")
    text = tr(
        "{face} {base}Leave only the frets bare; cover pickups and the top.", face=face, base=base
    )
    return Step("tape", tr("Tape the board and cover pickups"), text, 15, cautions=warn)


def end_steps(ends: tuple[EndFault, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Putting right what is wrong with fret ends, in bench order."""
    steps = []
    if "sprouting" in ends and not (neck.bound or neck.lacquered):
        text = tr(
            "Early and little: between the frets, with a scraper or fine paper, before the ends "
            "are touched, so that the hand runs over wood and wire alike."
        )
        steps.append(
            Step("end-roll", tr("Roll the edge of the board"), text, 10, cautions=(cautions.DUST,))
        )
    if "sprouting" in ends:
        bound = tr(" Stop at the binding: it is softer than the wire.") if neck.bound else ""
        text = tr(
            "A flat file along the edge until no end stands past it, and no further.{bound}",
            bound=bound,
        )
        steps.append(
            Step("end-flush", tr("Bring the ends back to the edge"), text, 15, cautions=_FILING)
        )
    if {"proud-bevel", "sprouting"} & {*ends}:
        text = tr("About 30 degrees along the whole edge, until a finger feels nothing proud.")
        steps.append(Step("end-bevel", tr("Bevel the ends"), text, 15, cautions=_FILING))
    if {"sharp", "proud-bevel", "sprouting"} & {*ends}:
        text = tr(
            "Each corner by a hair only: rounded too much, the outer strings slip off the "
            "edge. Keep 2.5 mm or more from the "
            "middle of an outer string to where the rounding begins."
        )
        steps.append(Step("end-round", tr("Round the ends by a hair"), text, 25, cautions=_FILING))
    if "tape-lip" in ends:
        text = tr("Peel the tape, then one light pass of the file over each end with a lip.")
        steps.append(Step("end-lip", tr("Take off the lips"), text, 5, cautions=(cautions.DUST,)))
    return tuple(steps)


def polish_steps(mark: int, finish: int) -> tuple[Step, ...]:
    """From the coarsest mark the file or paper left to the finish that is wanted, then the tape."""
    grits = grit_schedule(mark, finish)
    papers = [str(g) for g in grits if g <= 3000]
    pads = [str(g) for g in grits if g > 3000]
    finer = tr(", then pads {pads}", pads=", ".join(pads)) if pads else ""
    text = tr(
        "Paper {papers}{finer}: along the fret, then across it, until the "
        "marks of the one before are gone; the ends through the same grits. "
        "Skip none; what stays in now stays for good.",
        papers=", ".join(papers),
        finer=finer,
    )
    return (
        Step(
            "polish",
            tr("Polish from {grits} to {grits_2}", grits=grits[0], grits_2=grits[-1]),
            text,
            6 * len(grits),
            cautions=_FILING,
        ),
        Step(
            "peel",
            tr("Peel the tape, one light pass at the ends"),
            tr(
                "Tape leaves a lip at the fret ends: one light pass each with a fine file, "
                "then the finest paper again."
            ),
            10,
            cautions=_FILING,
        ),
    )
