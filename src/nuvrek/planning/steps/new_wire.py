"""Job steps of new wire, and of a fret that is lifted."""

from __future__ import annotations

from nuvrek.meaning import Saying, means, sentences
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
from nuvrek.readings.refret.entries import Adhesive

Steps = tuple[Step, ...]

# Minutes a glue stays open, minutes it dries in clamps, and how many frets are driven on it at once
# (common practice, no source).
GLUES: dict[Adhesive, tuple[float, int, int]] = {
    "thin": (0.5, 30, 3),
    "wood glue": (5.0, 60, 6),
    "hide glue": (1.5, 210, 4),
}
# Thin glue wicked in (common practice, no source).
WICKED_MIN = 30
_GLUE_DRIES = means("steps.leave-glue-time")


def steps(neck: NeckDescription, doing: Doing) -> Steps:
    """New wire from the last readings to tops that can be levelled, in bench order. The level and
    all that follows it is a way of its own: it is weighed on the new tops.
    """
    terms, every = doing.new_wire, tuple(range(1, neck.frets + 1))
    frets = doing.frets or every
    whole = len(frets) == neck.frets
    made = _batches(neck, terms, frets)
    return (
        *_ready(neck, doing, whole),
        *_strip(neck, terms, frets),
        *(_wood(terms, neck) if whole else ()),
        _slots_step(neck, terms, frets),
        *_bend(neck, terms, frets),
        *_fit(neck, terms, made),
        *_checked(neck, terms, frets),
        *_first_pull(neck, doing),
        _read_tops(frets),
        Step(
            "old-frets",
            means("steps.old-frets-nut-owner"),
            means("steps.bagged-order-labelled-nut-shims"),
            3,
        ),
    )


def first_steps(neck: NeckDescription, doing: Doing) -> Steps:
    """First frets on a slotted board: nothing is pulled, warmed, mended or given back."""
    terms, frets = doing.new_wire, tuple(range(1, neck.frets + 1))
    made = _batches(neck, terms, frets)
    read = Step(
        "before",
        means("steps.read-new-board"),
        sentences(doing.detail, means("steps.plain-edge-on-wood-slots-radius")),
        20,
        "measure",
    )
    strip = () if neck.bare else (slacken_step(),)
    return (
        read,
        *strip,
        *_wood(terms, neck),
        _slots_step(neck, terms, frets),
        *_bend(neck, terms, frets),
        *_fit(neck, terms, made),
        *_checked(neck, terms, frets),
        _read_tops(frets),
    )


def _read_tops(frets: tuple[int, ...]) -> Step:
    """The round on new tops: what was read of the old wire says nothing of them."""
    return Step(
        "new-tops",
        means("steps.read-new-tops"),
        means("steps.round-after-fitting-every-fret"),
        minutes=12,
        action="measure",
        frets=frets,
    )


def _batches(
    neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]
) -> tuple[tuple[int, ...], ...]:
    """As many frets at once as the block spans, and as the glue stays open for."""
    made = batches(neck, frets, terms.block_mm, terms.back_bow_mm > 0.0)
    if terms.glue != "before":
        return made
    most = GLUES[terms.adhesive][2]
    return tuple(batch[at : at + most] for batch in made for at in range(0, len(batch), most))


def _ready(neck: NeckDescription, doing: Doing, whole: bool) -> Steps:
    read = means("steps.round-before-stripping-relief-wood")
    if not whole:
        read = means("steps.width-height-old-wire-several")
    text = sentences(doing.detail, read)
    held: tuple[Step, ...] = ()
    if whole:
        held = _held_step(neck, doing.new_wire)
    # The dial is zeroed under tension, so the jig comes before the strings go.
    strip = () if neck.bare or held else (slacken_step(),)
    return (
        Step("before", means("steps.read-before-stripping"), text, 30, "measure"),
        *held,
        *strip,
    )


def _held_step(neck: NeckDescription, terms: NewWire) -> Steps:
    if terms.held != "jig" or neck.bare:
        return ()
    text = means("steps.dial-zero-under-tension-strings")
    return (
        Step(
            "jig",
            means("steps.set-neck-jig"),
            text,
            minutes=25,
            action="jig",
            frets=(),
            cautions=(cautions.PRESS,),
        ),
    )


def _strip(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Steps:
    lacquer: Saying = ""
    if neck.lacquered:
        lacquer = means("steps.cut-along-each-fret-through")
    binding: Saying = ""
    if neck.bound:
        binding = means("steps.short-possible-near-binding")
    warm = means("steps.warm-each-fret-narrow-iron")
    warn: tuple[Saying, ...] = (cautions.HEAT, cautions.DUST, cautions.EYES)
    if terms.heat == "solvent":
        warm = means("steps.thin-glue-used-drop-solvent")
        warn = (cautions.SOLVENT, cautions.DUST, cautions.EYES)
    text: Saying
    text = means("steps.pullers-ground-flat-from-one", lacquer=lacquer, warm=warm, binding=binding)
    if neck.zero_fret and len(frets) == neck.frets:
        text = sentences(text, means("steps.zero-fret-out-with-them"))
    mend = means("steps.plastic-glue-wont-take-slot")
    return (
        Step(
            "nut-out", means("steps.nut-out"), means("steps.tapped-out-from-side-shims-under"), 10
        ),
        Step(
            "pull",
            means("steps.pull", listed_frets=listed_frets(frets)),
            text,
            minutes=4 * len(frets),
            action="frets",
            frets=frets,
            cautions=warn,
            sweep="pull",
        ),
        Step("mend", means("steps.mend-chips"), mend, 20, cautions=(cautions.GLUE, cautions.DUST)),
    )


def _wood(terms: NewWire, neck: NeckDescription) -> Steps:
    if terms.wood != "true":
        if neck.lacquered:
            face = means("steps.lacquered-face-left-alone")
        else:
            face = means("steps.dirt-off-fine-paper-800")
        return (
            Step("wood", means("steps.clean-board"), face, 15, "wood", cautions=(cautions.DUST,)),
        )
    held = {
        "rod": means("steps.rod-setting-new-wire-names"),
        "jig": means("steps.held-jig"),
        "hand behind": means("steps.hand-behind-crest-held-snug"),
    }[terms.held]
    text = means("steps.neck-wood-stands-best-pencil", held=held)
    bare = means("steps.round-bare-board-edge-three")
    return (
        Step("bare", means("steps.read-bare-board"), bare, 10, "measure"),
        Step(
            "wood",
            means("steps.true-board"),
            text,
            90,
            "wood",
            cautions=(cautions.DUST, cautions.SPECIES),
        ),
        Step(
            "bare-again",
            means("steps.read-trued-board"),
            means("steps.edge-gauge-once-more-unpressed"),
            6,
            "measure",
        ),
    )


def _slots_step(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Step:
    deep = means("steps.deep-tang-hair-more")
    if terms.wire is not None:
        deep = means("steps.mm-deep-tang-hair-more", tang_mm=terms.wire.tang_mm + 0.2)
    text = means(
        "steps.scraped-clean-first-stroke-backwards-only-up-binding"
        if neck.bound
        else "steps.scraped-clean-first-stroke-backwards-edge",
        deep=deep,
    )
    return Step(
        "slots",
        means("steps.slots-against-tang"),
        text,
        minutes=60,
        action="frets",
        frets=frets,
        cautions=(cautions.DUST,),
        sweep="slot",
    )


def _bend(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Steps:
    undercut = neck.bound or terms.undercut == "always"
    if undercut:
        nipped = means(
            "steps.tang-ends-nipped-burrs-off-bindings-width"
            if neck.bound
            else "steps.tang-ends-nipped-burrs-off-about-millimetre"
        )
    else:
        nipped = means("steps.tangs-left-whole")
    cut = means("steps.crimp-or-mushroom-tangs-need", nipped=nipped)
    trial = means("steps.one-trial-fret-driven-judged")
    return (
        Step("cut", means("steps.crimp-bend-cut"), cut, 45, "cut", cautions=(cautions.EYES,)),
        Step(
            "try",
            means("steps.trial-fret-then-each-piece"),
            trial,
            minutes=15,
            action="frets",
            frets=frets,
            cautions=(),
            sweep="try",
        ),
    )


def _fit(neck: NeckDescription, terms: NewWire, made: tuple[tuple[int, ...], ...]) -> Steps:
    found: list[Step] = []
    reads: tuple[int, ...] = ()
    if terms.back_bow_mm > 0.0:
        reads = read_after(made)
    for n, batch in enumerate(made):
        found.append(_batch_step(neck, terms, n, batch, first=n == 0))
        if terms.glue == "before":
            found.append(wait_step(f"glue-{n + 1}", _GLUE_DRIES, GLUES[terms.adhesive][1]))
        if n in reads:
            text = means("steps.edge-wood-or-over-new")
            found.append(Step(f"bow-{n + 1}", means("steps.read-bow-so-far"), text, 6, "measure"))
    return tuple(found)


def _wicked(terms: NewWire) -> Steps:
    """Thin glue let in once every fret sits."""
    if terms.glue == "before":
        return ()
    wick = means("steps.thin-glue-from-one-side")
    return (
        Step("wick", means("steps.glue"), wick, 20, cautions=(cautions.GLUE,)),
        wait_step("glue", _GLUE_DRIES, WICKED_MIN),
    )


_DRIVEN = {
    "double press": means("steps.caul-one-step-tighter-first"),
    "single press": means("steps.true-caul-until-stop-felt"),
    "jaws": means("steps.jaws-little-time-from-end"),
    "hammer": means("steps.hammer-ends-first-then-middle"),
}


def _batch_step(
    neck: NeckDescription, terms: NewWire, n: int, batch: tuple[int, ...], first: bool
) -> Step:
    wet: Saying = ""
    if terms.glue == "before":
        wet = sentences(
            means("steps.wet-cloths-ready-glue-slots"),
            means("steps.glue-open-wipe-before-skins", minutes=GLUES[terms.adhesive][0]),
        )
    again: Saying = ""
    if terms.fitting == "double press":
        again = means("steps.all-once-then-all-again")
    free: Saying = ""
    if {1, neck.frets} & {*batch}:
        free = means("steps.less-force-free-ends")
    text = means(
        "steps.support-right-under-fret-one",
        wet=wet,
        driven=_DRIVEN[terms.fitting],
        again=again,
        free=free,
    )
    clamp: Saying = ""
    if terms.glue == "before":
        clamp = means("steps.clamp")
    title = means(
        "steps.fit-with-clamp-listed-frets", clamp=clamp, listed_frets=listed_frets(batch)
    )
    warn = [cautions.PRESS]
    if first or terms.glue == "before":
        warn.append(cautions.GLUE)
    return Step(
        f"fit-{n + 1}",
        title,
        text,
        minutes=5 * len(batch),
        action="frets",
        frets=batch,
        cautions=tuple(warn),
        sweep="fit",
    )


def _checked(neck: NeckDescription, terms: NewWire, frets: tuple[int, ...]) -> Steps:
    fill: Saying
    if neck.bound:
        fill = ""
    else:
        fill = means("steps.fill-tang-holes-ends")
    trim = means("steps.flush-without-touching-finish-then", fill=fill)
    press = means("steps.every-fret-pressed-light-along")
    # Two schools: glue before the ends are trimmed, or after.
    first, last = _wicked(terms), ()
    if terms.glue == "after the trim":
        first, last = last, first
    return (
        Step(
            "seat-check",
            means("steps.does-every-fret-sit"),
            press,
            minutes=12,
            action="frets",
            frets=frets,
            cautions=(),
            sweep="seat",
        ),
        *first,
        Step(
            "trim",
            means("steps.trim-bevel-ends"),
            trim,
            minutes=40,
            action="frets",
            frets=frets,
            cautions=(cautions.DUST, cautions.EYES),
            sweep="trim",
        ),
        *last,
    )


def _first_pull(neck: NeckDescription, doing: Doing) -> Steps:
    """Without a rod the relief is known only once strings have pulled at it."""
    if neck.bare or not (doing.no_rod or neck.rod == "none"):
        return ()
    text = means("steps.shim-under-nut-zero-fret")
    return (
        Step(
            "string-first",
            means("steps.string-up-before-level"),
            text,
            minutes=30,
            action="pitch",
            frets=(),
            cautions=(cautions.STRINGS,),
        ),
        Step(
            "strung-relief",
            means("steps.read-relief-strung-up"),
            means("steps.measure-both-sides"),
            5,
            "measure",
        ),
        Step(
            "slack-first",
            means("steps.strings-off-again"),
            means("steps.loosen-them-evenly"),
            5,
            "slack",
            cautions=(cautions.STRINGS,),
        ),
    )


def after_new_wire(neck: NeckDescription, terms: NewWire, nut: Saying = "") -> Steps:
    """What follows the polish of new frets before the strings go on: zero fret, nut (with its
    figure), oil.
    """
    if terms.wire is None:
        return ()
    zero: Steps = ()
    if neck.zero_fret:
        text = means("steps.last-about-0-13-mm")
        zero = (Step("zero-fret", means("steps.zero-fret"), text, 20, cautions=(cautions.PRESS,)),)
    slots = sentences(nut, means("steps.slots-follow-new-height-press"))
    oil = means("steps.thin-ten-minutes-wiped-off")
    steps = [*zero, Step("nut-new", means("steps.nut-saddle-new-tops"), slots, 40)]
    if neck.lacquered:
        return tuple(steps)
    night = 12 * 60
    return (
        *steps,
        Step("oil", means("steps.oil-board"), oil, 10, cautions=(cautions.OIL,)),
        Step(
            "oil-dry",
            means("steps.leave-oil-night"),
            means("steps.earliest-tomorrow"),
            0,
            wait=night,
        ),
    )


def lift_steps(_neck: NeckDescription, doing: Doing) -> Steps:
    """One fret lifted and glued at the right height."""
    lift = Step(
        "lift",
        means("steps.lift", listed_frets=listed_frets(doing.frets)),
        means("steps.warm-ease-up-from-both", detail=doing.detail),
        30,
        cautions=(cautions.HEAT, cautions.GLUE),
    )
    again = seating_steps(doing.frets)[-1]
    return (slacken_step(), lift, again, string_up_step(), prove_step())
