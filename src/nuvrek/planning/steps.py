"""Job steps of each way forward, in bench order, with their cautions."""

from __future__ import annotations

from nuvrek.neck.description import NeckDescription
from nuvrek.planning import cautions
from nuvrek.planning.curesteps import Step, cure_steps, heat_steps, refer_step
from nuvrek.readings.kinds import EndFault, WayKind


def steps_of(
    kind: WayKind,
    neck: NeckDescription,
    frets: tuple[int, ...],
    rod_words: str,
    rod_needed: bool,
    ends: tuple[EndFault, ...] = (),
    detail: str = "",
) -> tuple[Step, ...]:
    """The steps of a way.

    ``frets`` are the ones filed or seated; ``rod_words`` says which way the rod goes; ``ends`` are the
    faults of fret ends that are put right along the way; ``detail`` says what a cheap cure does on this neck.
    """
    rod = _rod(rod_words) if rod_needed else ()
    after_filing = (
        *_crown(frets),
        *end_steps(ends, neck),
        _polish(),
        _string_up(),
        *rod,
        _prove(),
        _look_again(),
    )
    match kind:
        case "leave":
            return (_look_again(),)
        case "rod":
            return (*_rod(rod_words), _prove(), _look_again())
        case "seat":
            return (_slacken(), *_seating(frets), *end_steps(ends, neck), _prove(), _look_again())
        case "ends":
            return (_slacken(), _tape(neck), *end_steps(ends, neck), _string_up(), _prove())
        case "spot-level" | "play-clean":
            return (_slacken(), _tape(neck), *_spot(frets), *after_filing)
        case "level":
            return (_slacken(), _set_straight(neck), _tape(neck), *_level(frets), *after_filing)
        case "heat":
            return (*heat_steps(detail), *_ending())
        case "refer":
            return (refer_step(detail),)
        case _:
            return (*cure_steps(kind, detail), *_ending())


def _ending() -> tuple[Step, ...]:
    return (_prove(), _look_again())


def _slacken() -> Step:
    return Step(
        "slacken",
        "Slacken the strings",
        "Loosen them evenly; take them off or tie them aside.",
        5,
        "slack",
        (),
        (cautions.STRINGS,),
    )


def _string_up() -> Step:
    return Step(
        "string-up",
        "String up and tune",
        "To pitch, then let the neck settle for a while.",
        15,
        "pitch",
        (),
        (cautions.STRINGS,),
    )


def _tape(neck: NeckDescription) -> Step:
    warn = (cautions.PICKUPS, cautions.LACQUER) if neck.lacquered else (cautions.PICKUPS,)
    return Step(
        "tape",
        "Tape the board and cover pickups",
        "Leave only the frets bare. The tape leaves a lip at the fret ends: one light pass after peeling.",
        15,
        cautions=warn,
    )


def _rod(words: str) -> tuple[Step, ...]:
    return (
        Step(
            "rod",
            "Turn the rod",
            f"To begin with: {words[:1].lower()}{words[1:]} A quarter turn or less at once, retune, measure again. Stop if it resists, if it is at its end, or if two moves bring no answer.",
            10,
            "rod",
            (),
            (cautions.ROD,),
        ),
    )


def _seating(frets: tuple[int, ...]) -> tuple[Step, ...]:
    press = tuple(
        Step(
            f"seat-{fret}",
            f"Press fret {fret} home",
            "An end that is up: push and glue that end. The middle up: press the whole fret. Stop when the light under it is gone; pressed too far it becomes the low one.",
            15,
            "seat",
            (fret,),
            (cautions.PRESS, cautions.GLUE),
        )
        for fret in frets
    )
    again = Step(
        "rocker-again",
        "Rocker over the seated frets",
        "A fret glued anew sits at a new height. Take its rocker reading again before any filing is planned.",
        3,
        "measure",
        frets,
    )
    return (*press, again)


def _set_straight(neck: NeckDescription) -> Step:
    if neck.rod == "none":
        text = "No rod: support the neck as it lies, slack, and don't bend it while filing."
        return Step("set", "Lay the neck for filing", text, 5)
    text = "Strings off, turn the rod until the notched edge shows no light on the wood, or as near as the plan asks."
    return Step("set", "Set the neck straight", text, 10, "rod", (), (cautions.ROD,))


def _spot(frets: tuple[int, ...]) -> tuple[Step, ...]:
    return (
        Step("mark", "Mark the tops", f"Ink on {_list(frets)} and their neighbours.", 3, frets=frets),
        Step(
            "file",
            f"File {_list(frets)}",
            "Short stone along the string line, light hand. Rocker every few strokes. Stop when the rocker is still and the ink just gone; check unloaded.",
            6 * max(len(frets), 1),
            "file",
            frets,
            (cautions.DUST, cautions.PICKUPS),
        ),
    )


def _level(frets: tuple[int, ...]) -> tuple[Step, ...]:
    return (
        Step(
            "mark", "Mark all fret tops", "Ink along every crown: the last ink to go shows the lowest top.", 5
        ),
        Step(
            "file",
            "Level all frets",
            "Long beam, paper 320 to 400, along the string lines, the block's own weight. Stop when each top is touched, the file runs smooth and the rocker is still.",
            45,
            "file",
            frets,
            (cautions.DUST, cautions.PICKUPS),
        ),
    )


def _crown(frets: tuple[int, ...]) -> tuple[Step, ...]:
    return (
        Step(
            "crown",
            f"Crown {_list(frets)}",
            "Round the flats until a thin line of ink is left on top.",
            4 * max(len(frets), 1),
            frets=frets,
            cautions=(cautions.DUST,),
        ),
    )


def _polish() -> Step:
    return Step(
        "ends",
        "Ends and polish",
        "Peel the tape, one light pass at the ends, then paper from 400 upwards to the finish wanted.",
        30,
        cautions=(cautions.DUST, cautions.PICKUPS),
    )


def end_steps(ends: tuple[EndFault, ...], neck: NeckDescription) -> tuple[Step, ...]:
    """Putting right what is wrong with fret ends, in bench order."""
    steps = []
    if "sprouting" in ends:
        bound = " Stop at the binding: it is softer than the wire." if neck.bound else ""
        text = f"A flat file along the edge until no end stands past it, and no further.{bound}"
        steps.append(Step("end-flush", "Bring the ends back to the edge", text, 15, cautions=_FILING))
    if {"proud-bevel", "sprouting"} & {*ends}:
        text = "About 30 degrees along the whole edge, until a finger feels nothing proud."
        steps.append(Step("end-bevel", "Bevel the ends", text, 15, cautions=_FILING))
    if {"sharp", "proud-bevel", "sprouting"} & {*ends}:
        text = "Each corner by a hair only: rounded too much, the outer strings slip off the edge."
        steps.append(Step("end-round", "Round the ends by a hair", text, 25, cautions=_FILING))
    if "sprouting" in ends and not (neck.bound or neck.lacquered):
        text = (
            "Between the frets, with a scraper or fine paper, so that the hand runs over wood and wire alike."
        )
        steps.append(Step("end-roll", "Roll the edge of the board", text, 15, cautions=(cautions.DUST,)))
    if "tape-lip" in ends:
        text = "Peel the tape, then one light pass of the file over each end with a lip."
        steps.append(Step("end-lip", "Take off the lips", text, 5, cautions=(cautions.DUST,)))
    return tuple(steps)


_FILING = (cautions.DUST, cautions.PICKUPS)


def _prove() -> Step:
    return Step(
        "prove",
        "Take the closing readings",
        "In Prove: what was promised beside what came out. Play every note.",
        10,
        "measure",
    )


def _look_again() -> Step:
    return Step(
        "look-again",
        "Look again after one to two weeks",
        "Wood creeps, most of all after rod work or heat.",
        5,
    )


def _list(frets: tuple[int, ...]) -> str:
    if not frets:
        return "the frets"
    if len(frets) == 1:
        return f"fret {frets[0]}"
    if len(frets) > 8:
        return f"{len(frets)} frets"
    return "frets " + ", ".join(str(f) for f in frets[:-1]) + f" and {frets[-1]}"
