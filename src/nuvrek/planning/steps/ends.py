"""Job steps of fret ends, tape and polish."""

from __future__ import annotations

from nuvrek.meaning import Saying, means
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
    frets = [start]
    while frets[-1] < finish:
        reach = [g for g in GRITS if frets[-1] < g <= min(COARSER * frets[-1], finish)]
        following = max(reach, default=next((g for g in GRITS if g > frets[-1]), frets[-1]))
        if following == frets[-1]:
            break
        frets.append(following)
    return tuple(frets)


def tape_step(neck: NeckDescription) -> Step:
    """Taping the board, bare or lacquered, and covering what filings spoil."""
    if neck.lacquered:
        face = means("steps.lacquered-face-low-tack-tape")
    else:
        face = means("steps.bare-face-any-tape-leaves")
    warn = [cautions.PICKUPS]
    if neck.lacquered:
        warn.append(cautions.LACQUER)
    base = means("steps.low-tack-base-strip-under")
    text = means("steps.leave-only-frets-bare-cover", face=face, base=base)
    return Step("tape", means("steps.tape-board-cover-pickups"), text, 15, cautions=tuple(warn))


def end_steps(ends: tuple[EndFault, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Putting right what is wrong with fret ends, in bench order."""
    steps = []
    if "sprouting" in ends and not (neck.bound or neck.lacquered):
        text = means("steps.early-little-between-frets-scraper")
        steps.append(
            Step("end-roll", means("steps.roll-edge-board"), text, 10, cautions=(cautions.DUST,))
        )
    if "sprouting" in ends:
        bound: Saying = ""
        if neck.bound:
            bound = means("steps.stop-binding-softer-than-wire")
        text = means("steps.flat-file-along-edge-until", bound=bound)
        steps.append(
            Step("end-flush", means("steps.bring-ends-back-edge"), text, 15, cautions=_FILING)
        )
    if {"proud-bevel", "sprouting"} & {*ends}:
        text = means("steps.about-30-degrees-along-whole")
        steps.append(Step("end-bevel", means("steps.bevel-ends"), text, 15, cautions=_FILING))
    if {"sharp", "proud-bevel", "sprouting"} & {*ends}:
        text = means("steps.each-corner-hair-only-rounded")
        steps.append(Step("end-round", means("steps.round-ends-hair"), text, 25, cautions=_FILING))
    if "tape-lip" in ends:
        text = means("steps.peel-tape-then-one-light")
        steps.append(
            Step("end-lip", means("steps.take-off-lips"), text, 5, cautions=(cautions.DUST,))
        )
    return tuple(steps)


def few_tape_step(neck: NeckDescription) -> Step:
    """Masking beside the few frets that are filed, and nothing else."""
    warn = [cautions.PICKUPS]
    if neck.lacquered:
        warn.append(cautions.LACQUER)
    text = means("steps.strip-each-side-rest-untouched")
    return Step("tape", means("steps.mask-beside-these-frets"), text, 5, cautions=tuple(warn))


def clean_step(neck: NeckDescription) -> Step:
    """Dirt, filings and the last of the tape off the board while the strings are off."""
    warn: tuple[Saying, ...] = (cautions.OIL,)
    text = means("steps.wiped-thin-oil-on-dry-dark-wood")
    if neck.lacquered:
        text, warn = means("steps.damp-cloth-dry-cloth-no-oil"), ()
    return Step("clean", means("steps.clean-fretboard"), text, 10, cautions=warn)


def polish_steps(mark: int, finish: int, share: float = 1.0) -> tuple[Step, ...]:
    """From the coarsest mark the file or paper left to the finish that is wanted, then the tape;
    ``share`` is how much of the whole neck's frets that is.
    """
    grits = grit_schedule(mark, finish)
    papers = [str(g) for g in grits if g <= 3000]
    pads = [str(g) for g in grits if g > 3000]
    finer: Saying = ""
    if pads:
        finer = means("steps.then-pads", pads=", ".join(pads))
    text = means("steps.paper-along-fret-then-across", papers=", ".join(papers), finer=finer)
    return (
        Step(
            "polish",
            means("steps.polish-from", grits=grits[0], other_grits=grits[-1]),
            text,
            max(round(6 * len(grits) * share), len(grits)),
            cautions=_FILING,
        ),
        Step(
            "peel",
            means("steps.peel-tape-one-light-pass"),
            means("steps.tape-leaves-lip-fret-ends"),
            10 if share == 1.0 else 5,
            cautions=_FILING,
        ),
    )
