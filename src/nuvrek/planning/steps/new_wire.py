"""Job steps of new wire, and of a fret that is lifted."""

from __future__ import annotations

from nuvrek.language import tr
from nuvrek.neck.description import NeckDescription
from nuvrek.planning.refret.batches import batches, read_after
from nuvrek.planning.steps import cautions
from nuvrek.planning.steps.common import (
    prove_step,
    seating_steps,
    slacken_step,
    string_up_step,
    wait_step,
)
from nuvrek.planning.steps.filing import listed_frets
from nuvrek.planning.steps.step import Doing, Step
from nuvrek.readings.entries import NewWire

Steps = tuple[Step, ...]

# Hide glue and its like in clamps; thin glue wicked in (common practice, no source).
CLAMPED_MIN, WICKED_MIN = 210, 30
_GLUE_DRIES = tr("Leave the glue its time")


def steps(neck: NeckDescription, doing: Doing) -> Steps:
    """New wire from the last readings to tops that can be levelled, in bench order. The level and
    all that follows it is a way of its own: it is weighed on the new tops.
    """
    terms, every = doing.new_wire, tuple(range(1, neck.frets + 1))
    frets = doing.frets or every
    whole = len(frets) == neck.frets
    made = batches(neck, frets, terms.block_mm, terms.back_bow_mm > 0.0)
    return (
        *_ready(neck, doing, whole),
        *_strip(neck, terms, frets),
        *(_wood(terms, neck) if whole else ()),
        _slots_step(neck, terms, frets),
        *_bend(neck, terms, frets),
        *_fit(neck, terms, made),
        *_checked(neck, terms, frets),
        *_first_pull(neck, doing),
        Step(
            "new-tops",
            tr("Read the new tops"),
            tr(
                "The round After fitting: every fret pressed, rocker in three lanes, back bow, "
                "crowns. What was read of the old wire says nothing of them; the level is weighed "
                "anew."
            ),
            12,
            "measure",
            frets,
        ),
        Step(
            "old-frets",
            tr("Old frets and nut to the owner"),
            tr("Bagged in order and labelled, the nut and its shims with them."),
            3,
        ),
    )


def _ready(neck: NeckDescription, doing: Doing, whole: bool) -> Steps:
    read = tr(
        "The round Before stripping: relief of wood and tops at pitch and slack, where the bend "
        "sits, radius at several frets, thickness of the board, edge run on to the bridge."
    )
    if not whole:
        read = tr("Width and height of the old wire on several frets; how its neighbours stand.")
    text = f"{doing.detail} {read}"
    held = _held_step(neck, doing.new_wire) if whole else ()
    # The dial is zeroed under tension, so the jig comes before the strings go.
    strip = () if neck.bare or held else (slacken_step(),)
    return (Step("before", tr("Read before stripping"), text, 30, "measure"), *held, *strip)


def _held_step(neck: NeckDescription, terms: NewWire) -> Steps:
    if terms.held != "jig" or neck.bare:
        return ()
    text = tr(
        "Dial to zero under tension, strings off, supports raised until the dial reads zero "
        "again. In the bar the neck then counts as held in its jig."
    )
    return (Step("jig", tr("Set the neck in its jig"), text, 25, "jig", (), (cautions.PRESS,)),)


def _strip(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Steps:
    lacquer = tr("Cut along each fret through the lacquer first. ") if neck.lacquered else ""
    binding = tr("As short as possible near the binding. ") if neck.bound else ""
    warm = tr("Warm each fret with a narrow iron, never the board at large. ")
    warn: tuple[str, ...] = (cautions.HEAT, cautions.DUST, cautions.STRINGS)
    if terms.heat == "solvent":
        warm = tr("Thin glue was used: a drop of its solvent along the fret, and time. ")
        warn = (cautions.SOLVENT, cautions.DUST, cautions.STRINGS)
    text = tr(
        "{lacquer}{warm}{binding}Pullers ground flat, from one end, a little at a time; a thin "
        "strip slid along where chips start. Frets kept in order.",
        lacquer=lacquer,
        warm=warm,
        binding=binding,
    )
    mend = tr(
        "Plastic that glue won't take in the slot, dust of the same wood packed in, thin glue, "
        "again until full; filed flush, 240. A chip the new bead covers may stay."
    )
    return (
        Step("nut-out", tr("Nut out"), tr("Tapped out from the side; shims under it noted."), 10),
        Step(
            "pull",
            tr("Pull {listed_frets}", listed_frets=listed_frets(frets)),
            text,
            4 * len(frets),
            "frets",
            frets,
            warn,
            "pull",
        ),
        Step("mend", tr("Mend chips"), mend, 20, cautions=(cautions.GLUE, cautions.DUST)),
    )


def _wood(terms: NewWire, neck: NeckDescription) -> Steps:
    if terms.wood != "true":
        face = (
            tr("Lacquered: the face is left alone.")
            if neck.lacquered
            else tr("Dirt off with fine paper, 800, dry; a straight board is not planed.")
        )
        return (Step("wood", tr("Clean the board"), face, 15, "wood", cautions=(cautions.DUST,)),)
    held = {
        "rod": tr("rod to the setting that New wire names"),
        "jig": tr("held in its jig"),
        "hand behind": tr("a hand behind the crest, held snug and never squeezed"),
    }[terms.held]
    text = tr(
        "Neck as the wood stands best: {held}. Pencil all over, edge laid unpressed on three "
        "lines and the radius gauge every few strokes; along the centre line, the ends get less "
        "travel, so mind the middle. Coarse paper (36 to 80) only to move wood, then finer to 600 "
        "now: the wire is in the way afterwards. Stop at the slots' depth and at the laminate; "
        "break the sharp edges of the board.",
        held=held,
    )
    bare = tr(
        "The round Bare board: edge on three lanes, radius, low corners. New wire shows what is "
        "left to take."
    )
    return (
        Step("bare", tr("Read the bare board"), bare, 10, "measure"),
        Step(
            "wood",
            tr("True the board"),
            text,
            90,
            "wood",
            cautions=(cautions.DUST, cautions.SPECIES),
        ),
        Step(
            "bare-again",
            tr("Read the trued board"),
            tr("Edge and gauge once more, unpressed: what is left shows in New wire."),
            6,
            "measure",
        ),
    )


def _slots_step(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Step:
    stop = tr("only up to the binding") if neck.bound else tr("to the edge")
    deep = tr("as deep as the tang and a hair more")
    if terms.wire is not None:
        deep = tr(
            "{tang_mm:.1f} mm deep, the tang and a hair more", tang_mm=terms.wire.tang_mm + 0.2
        )
    text = tr(
        "Scraped clean, first stroke backwards; sawn {deep}, {stop}; top edges chamfered. A piece "
        "of this run tried in each: * shallow, + tight, - loose. Loose ones get a fatter tang "
        "before anything is bent.",
        deep=deep,
        stop=stop,
    )
    return Step(
        "slots", tr("Slots against the tang"), text, 60, "frets", frets, (cautions.DUST,), "slot"
    )


def _bend(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Steps:
    nip = tr("by the binding's width") if neck.bound else tr("by about a millimetre")
    undercut = neck.bound or terms.undercut == "always"
    nipped = (
        tr("Tang ends nipped {nip}, burrs off. ", nip=nip) if undercut else tr("Tangs left whole. ")
    )
    cut = tr(
        "Crimp or mushroom the tangs that need it first: bending opens again what is crimped "
        "afterwards. Bent a little tighter than the board, cut a little long by the cut list, "
        "into the numbered holder. {nipped}",
        nipped=nipped,
    )
    trial = tr(
        "One trial fret driven and judged: light in its middle, it is bent too tight; light at "
        "its ends, too flat. Then each piece tried in its slot."
    )
    return (
        Step("cut", tr("Crimp, bend and cut"), cut, 45, "cut", cautions=(cautions.STRINGS,)),
        Step("try", tr("Trial fret, then each piece"), trial, 15, "frets", frets, (), "try"),
    )


def _fit(neck: NeckDescription, terms: NewWire, made: tuple[tuple[int, ...], ...]) -> Steps:
    found: list[Step] = []
    reads = read_after(made) if terms.back_bow_mm > 0.0 else ()
    for n, batch in enumerate(made):
        found.append(_batch_step(neck, terms, n, batch, first=n == 0))
        if terms.glue == "before":
            found.append(wait_step(f"glue-{n + 1}", _GLUE_DRIES, CLAMPED_MIN))
        if n in reads:
            text = tr(
                "Edge on the wood or over the new tops, slack, on both sides: how far has it come "
                "back? New wire then says how fat the next tangs should be."
            )
            found.append(Step(f"bow-{n + 1}", tr("Read the bow so far"), text, 6, "measure"))
    if terms.glue == "after":
        wick = tr(
            "Thin glue from one side until it shows at the other, then from there; nothing on the "
            "face. Scrape what comes up."
        )
        found.append(Step("wick", tr("Glue in"), wick, 20, cautions=(cautions.GLUE,)))
        found.append(wait_step("glue", _GLUE_DRIES, WICKED_MIN))
    return tuple(found)


_DRIVEN = {
    "double press": tr(
        "A caul one step tighter first, ends down, then the true one over its middle."
    ),
    "single press": tr("The true caul, until its stop is felt."),
    "jaws": tr("Jaws, a little at a time from end to end."),
    "hammer": tr("Hammer: ends first, then the middle, light blows."),
}


def _batch_step(
    neck: NeckDescription, terms: NewWire, n: int, batch: tuple[int, ...], first: bool
) -> Step:
    wet = tr("Wet cloths ready, glue in the slots. ") if terms.glue == "before" else ""
    again = tr(" All once, then all again.") if terms.fitting == "double press" else ""
    free = tr(" Less force at the free ends.") if {1, neck.frets} & {*batch} else ""
    text = tr(
        "{wet}{driven}{again} Support right under the fret.{free} One that starts "
        "sideways is taken out again: + says so; * stands off, - went too deep. "
        "/ alone: these sit.",
        wet=wet,
        driven=_DRIVEN[terms.fitting],
        again=again,
        free=free,
    )
    clamp = tr(" and clamp") if terms.glue == "before" else ""
    title = tr("Fit{clamp} {listed_frets}", clamp=clamp, listed_frets=listed_frets(batch))
    warn = (cautions.PRESS, cautions.GLUE) if first or terms.glue == "before" else (cautions.PRESS,)
    return Step(f"fit-{n + 1}", title, text, 5 * len(batch), "frets", batch, warn, "fit")


def _checked(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Steps:
    fill = "" if neck.bound else tr(" Fill the tang holes at the ends.")
    trim = tr(
        "Flush without touching the finish, then about 30 degrees by the bevelling file; ends "
        "sealed.{fill}",
        fill=fill,
    )
    press = tr(
        "Every fret pressed, light along its edge: * moves, + stands off. What stands off is "
        "seated again, not filed."
    )
    return (
        Step("seat-check", tr("Does every fret sit?"), press, 12, "frets", frets, (), "seat"),
        Step(
            "trim",
            tr("Trim and bevel the ends"),
            trim,
            40,
            "frets",
            frets,
            (cautions.DUST, cautions.STRINGS),
            "trim",
        ),
    )


def _first_pull(neck: NeckDescription, doing: Doing) -> Steps:
    """Without a rod the relief is known only once strings have pulled at it."""
    if neck.bare or not (doing.no_rod or neck.rod == "none"):
        return ()
    text = tr(
        "A shim under the nut, zero fret left out; to pitch, then read the relief on both sides. "
        "It decides what dip the level leaves."
    )
    return (
        Step(
            "string-first",
            tr("String up before the level"),
            text,
            30,
            "pitch",
            (),
            (cautions.STRINGS,),
        ),
        Step(
            "strung-relief",
            tr("Read the relief strung up"),
            tr("In Measure, both sides."),
            5,
            "measure",
        ),
        Step(
            "slack-first",
            tr("Strings off again"),
            tr("Loosen them evenly."),
            5,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
    )


def after_new_wire(neck: NeckDescription, terms: NewWire) -> Steps:
    """What follows the polish of new frets before the strings go on: zero fret, nut, oil."""
    if terms.wire is None:
        return ()
    zero: Steps = ()
    if neck.zero_fret:
        text = tr("In last, about 0.13 mm (5 thou) over the others; never filed with them.")
        zero = (Step("zero-fret", tr("Zero fret in"), text, 20, cautions=(cautions.PRESS,)),)
    nut = tr(
        "Slots follow the new height: press at 3, look at 1. A temporary shim out, the nut back "
        "with a drop of glue only; saddle as New wire says."
    )
    oil = tr("Thin, ten minutes, wiped off; overnight before the strings.")
    bare = (
        ()
        if neck.lacquered
        else (
            Step("oil", tr("Oil the board"), oil, 10, cautions=(cautions.OIL,)),
            Step(
                "oil-dry",
                tr("Leave the oil its night"),
                tr("At the earliest tomorrow."),
                0,
                wait=12 * 60,
            ),
        )
    )
    return (*zero, Step("nut-new", tr("Nut and saddle to the new tops"), nut, 40), *bare)


def lift_steps(_neck: NeckDescription, doing: Doing) -> Steps:
    """One fret lifted and glued at the right height."""
    lift = Step(
        "lift",
        tr("Lift {listed_frets}", listed_frets=listed_frets(doing.frets)),
        tr(
            "{detail} Warm it, ease it up from both ends, clean the slot; glue it against a "
            "straight edge over its neighbours.",
            detail=doing.detail,
        ),
        30,
        cautions=(cautions.HEAT, cautions.GLUE),
    )
    again = seating_steps(doing.frets)[-1]
    return (slacken_step(), lift, again, string_up_step(), prove_step())
