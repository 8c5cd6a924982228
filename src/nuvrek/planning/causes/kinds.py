"""The causes, one record each, and what a complaint makes of them.

The log odds of a complaint's chips are common practice without a source: 2 and more where a
technician would name the cause at once, 1 where it is thought of, less than nothing where the
complaint would be odd.
"""

from __future__ import annotations

from nuvrek.meaning import means
from nuvrek.planning.causes import evidence as by
from nuvrek.planning.causes.cause import Cause
from nuvrek.planning.judgement.grounds import Grounds

_FILING = ("spot-level", "play-clean", "level")
_LEVELS = ("level", "level-straight", "level-held", "level-lies", "crown-first")
_NEW_WIRE = ("refret", "refret-true", "refret-tangs", "refret-angle", "refret-some")
_NOT_FRETTED = {"open": -3.0, "stiff": -2.0, "high": -2.0, "sharp": -1.5, "rattle": -1.0}
_SINGLE = {"buzz": 1.0, "choke": 0.8, "dead": 0.5, "one note": 1.0, "fretted": 0.5, **_NOT_FRETTED}


def _strung(grounds: Grounds) -> bool:
    return not grounds.neck.bare


def _has_rod(grounds: Grounds) -> bool:
    return grounds.neck.rod != "none"


def _nut(grounds: Grounds) -> bool:
    return _strung(grounds) and not grounds.neck.zero_fret


def _zero(grounds: Grounds) -> bool:
    return grounds.neck.zero_fret


def _cause(kind: str, *args: object, **more: object) -> Cause:
    return Cause(kind, means(f"causes.{kind}"), *args, **more)  # type: ignore[arg-type]


_CAUSES = (
    # --- single frets ---
    _cause(
        "proud",
        by.found("proud", "rocks", looked=by.tops_looked),
        {**_SINGLE, "choke": 1.0, "bends": 0.3},
        ("spot-level", "play-clean", "level", *_LEVELS, *_NEW_WIRE),
        "leaf-beside",
    ),
    _cause(
        "low-neighbour",
        by.found("low", looked=by.tops_looked),
        {**_SINGLE, "bends": 0.2},
        ("lift-fret", "spot-level", "play-clean", *_LEVELS, *_NEW_WIRE),
        "leaf-beside",
        usual=-2.5,
    ),
    _cause(
        "end-up",
        by.found("end-up", "end-high", looked=by.tops_looked),
        {**_SINGLE, "low strings": 0.4, "high strings": 0.4, "ends": 0.7},
        ("seat", *_FILING, *_LEVELS, *_NEW_WIRE),
        "press",
        usual=-2.5,
    ),
    _cause(
        "loose-fret",
        by.both(by.found("loose", looked=by.pressed_looked)),
        {**_SINGLE, "dead": 2.0, "one note": 1.0, "buzz": 0.4},
        ("seat", "lift-fret", *_NEW_WIRE),
        "press",
    ),
    _cause(
        "middle-sprung",
        by.found("middle-up", looked=by.pressed_looked),
        {**_SINGLE, "dead": 1.0, "one note": 0.5},
        ("seat", "lift-fret", *_NEW_WIRE),
        "press",
        usual=-3.0,
    ),
    # --- wear ---
    _cause(
        "grooves",
        by.found("grooves", looked=by.wear_looked),
        {
            "buzz": 0.8, "dead": 0.5, "scratch": 1.5, "first frets": 1.0, "bends": 0.4, "sharp": 0.0,
            "out of tune": 0.3, "open": -3.0, "stiff": -2.0, "high": -2.0, "rattle": -1.0,
        },
        ("crown-few", "crown-first", "level", *_LEVELS, *_NEW_WIRE),
        "grooves",
    ),
    _cause(
        "flats",
        by.found("flats", looked=by.wear_looked),
        {
            "out of tune": 1.0, "sharp": 0.4, "buzz": 0.4, "dead": 0.4, "scratch": 0.2, "open": -3.0,
            "stiff": -2.0, "high": -2.0,
        },
        ("crown-few", "crown-first", "level", *_LEVELS, *_NEW_WIRE),
        "grooves",
        usual=-3.0,
    ),
    _cause(
        "worn-under-strings",
        by.worn_narrow,
        {
            "uneven": 1.2, "one string": 1.5, "buzz": 0.6, "scratch": 0.8, "dead": 0.3, "open": -3.0,
            "stiff": -2.0, "high": -2.0,
        },
        ("crown-few", "crown-first", "level", *_LEVELS, *_NEW_WIRE),
        "grooves",
        usual=-3.5,
        only_seen=True,
    ),
    _cause(
        "wire-low",
        by.both(by.crowns(-1), by.found("thin-crown", looked=by.never)),
        {"stiff": 0.5, "choke": 0.5, "bends": 1.0, "dead": 0.3, "buzz": 0.0, "open": -3.0},
        _NEW_WIRE,
        "grooves",
        usual=-3.0,
    ),
    _cause(
        "wire-tall",
        by.both(by.crowns(1), by.hand),
        {"sharp": 1.5, "out of tune": 0.8, "first frets": 0.5, "open": -2.0, "buzz": -2.5},
        ("leave", "strings", "level", *_LEVELS),
        "softly",
        usual=-3.0,
        there=_strung,
    ),
    _cause(
        "ends",
        by.found("fret-ends", looked=by.ends_looked),
        {"ends": 3.0, "scratch": 0.3, "cold months": 0.3},
        ("ends",),
        "press",
        usual=-3.0,
    ),
    # --- relief and wood ---
    _cause(
        "relief-much",
        by.relief(1),
        {
            "stiff": 1.2, "high": 1.2, "everywhere": 0.3, "first frets": -0.8, "buzz": -0.3,
            "choke": -0.2, "high frets": 0.3, "warm months": 0.5, "since a change": 0.3, "sharp": 0.2,
            "open": -2.0, "one note": -2.0, "low": -2.0,
        },
        ("rod", "strings", "heat", "refer", "new-neck", *_LEVELS, *_NEW_WIRE),
        "relief",
        there=_strung,
    ),
    _cause(
        "relief-little",
        by.relief(-1),
        {
            "buzz": 1.2, "choke": 0.6, "dead": 0.3, "first frets": 0.8, "everywhere": 0.4,
            "low strings": 0.3, "cold months": 1.0, "hard": 0.4, "low": 0.8, "open": -0.8,
            "high frets": -0.6, "stiff": -2.0, "high": -2.0, "one note": -2.0, "sharp": -2.0,
        },
        ("rod", "strings", "refer", "new-neck", *_LEVELS, *_NEW_WIRE),
        "relief",
        there=_strung,
    ),
    _cause(
        "relief-by-side",
        by.sides_apart,
        {
            "buzz": 0.8, "uneven": 1.0, "low strings": 0.8, "high strings": 0.8, "choke": 0.5,
            "stiff": 0.0, "high": 0.0, "open": -2.0, "one note": -2.0,
        },
        ("rod", *_LEVELS, *_NEW_WIRE),
        "relief",
        usual=-3.0,
        only_seen=True,
        there=lambda grounds: grounds.neck.rod == "twin",
    ),
    _cause(
        "twist",
        by.both(by.sides_apart, by.found("uneven-sides", looked=by.never)),
        {
            "buzz": 0.8, "uneven": 1.0, "low strings": 0.8, "high strings": 0.8, "choke": 0.5,
            "stiff": 0.0, "high": 0.0, "open": -2.0, "one note": -2.0,
        },
        ("level", *_LEVELS, "refret-true", "refret-angle", "refer", "saddle"),
        "edge-wood",
        usual=-3.5,
        only_seen=True,
        there=lambda grounds: grounds.neck.rod != "twin",
    ),
    _cause(
        "hump",
        by.found("hump", looked=by.wood_looked),
        {
            "choke": 1.2, "buzz": 0.8, "high frets": 1.0, "bends": 0.5, "dead": 0.3, "open": -3.0,
            "stiff": -1.0, "high": 0.0, "first frets": -1.0,
        },
        ("level", *_LEVELS, "refret-true", "refret-angle"),
        "edge-wood",
        usual=-2.5,
    ),
    _cause(
        "hollow",
        by.found("s-shape", looked=by.wood_looked),
        {"buzz": 0.6, "choke": 0.6, "dead": 0.2, "open": -3.0, "stiff": -1.0, "high": -0.5},
        ("level", *_LEVELS, "refret-true"),
        "edge-wood",
        usual=-3.0,
    ),
    _cause(
        "tongue",
        by.found("tongue", looked=by.wood_looked),
        {
            "choke": 1.2, "buzz": 0.8, "high frets": 1.5, "bends": 0.5, "high": 0.3, "open": -3.0,
            "first frets": -2.0, "stiff": -0.5,
        },
        ("level", *_LEVELS, "shim", "refer", "refret-angle", "refret-true"),
        "edge-wood",
        usual=-2.5,
    ),
    _cause(
        "fall-away",
        by.found("fall-away", looked=by.never),
        {"choke": 1.0, "buzz": 0.4, "high frets": 1.0, "bends": 1.0, "open": -3.0},
        (*_LEVELS, "refret-true"),
        "bend",
        usual=-3.5,
    ),
    # --- nut ---
    _cause(
        "nut-low",
        by.found("nut-low", looked=by.nut_looked),
        {
            "open": 3.0, "buzz": 1.0, "rattle": 0.3, "dead": 0.3, "low strings": 0.2,
            "one string": 0.5, "hard": 0.2, "fretted": -3.0, "everywhere": -1.0, "high frets": -2.0,
            "one note": -2.0, "bends": -1.5, "first frets": -0.5,
        },
        ("nut",),
        "nut",
        there=_nut,
    ),
    _cause(
        "nut-high",
        by.found("nut-high", looked=by.nut_looked),
        {
            "sharp": 2.0, "out of tune": 0.7, "stiff": 0.9, "high": 0.5, "first frets": 1.5,
            "everywhere": -0.7, "high frets": -2.0, "buzz": -2.5, "open": -1.0, "one string": 0.2,
        },
        ("nut",),
        "nut",
        there=_nut,
    ),
    _cause(
        "nut-tight",
        by.nothing,
        {"out of tune": 1.0, "open": 0.7, "bends": 0.7, "since new strings": 1.0, "rattle": -0.5,
         "buzz": 0.0},
        ("nut",),
        "nut",
        usual=-3.0,
        there=_nut,
    ),
    _cause(
        "zero-fret",
        by.found("nut-low", "nut-high", looked=by.nut_looked),
        {
            "open": 2.5, "buzz": 0.8, "sharp": 1.5, "stiff": 0.8, "first frets": 0.8,
            "low strings": 0.2, "high frets": -2.0, "one note": -2.0,
        },
        ("zero-fret",),
        "nut",
        there=_zero,
    ),
    # --- saddle, angle, hand ---
    _cause(
        "saddle-low",
        by.heights(-1),
        {
            "buzz": 1.0, "hard": 2.0, "choke": 0.6, "everywhere": 0.8, "low": 2.5, "bends": 0.3,
            "dead": 0.2, "rattle": 0.0, "open": -0.5, "stiff": -3.0, "high": -3.0, "one note": -2.0,
            "sharp": -2.0,
        },
        ("saddle",),
        "height",
        there=_strung,
    ),
    _cause(
        "saddle-high",
        by.heights(1),
        {
            "stiff": 1.3, "high": 1.6, "everywhere": 0.8, "high frets": 0.5, "first frets": -1.0,
            "sharp": 0.3, "since a change": 0.2, "buzz": -3.0, "choke": -3.0, "open": -1.0,
        },
        ("saddle", "shim", "strings", "refer", "refret-angle"),
        "height",
        there=_strung,
    ),
    _cause(
        "saddle-feet",
        by.odd_inner_string,
        {"uneven": 1.0, "one string": 0.8, "buzz": 0.2, "rattle": 0.2},
        ("saddle",),
        "height",
        usual=-3.5,
        there=_strung,
    ),
    _cause(
        "neck-angle",
        by.lacking,
        {"high": 1.0, "stiff": 0.7, "high frets": 0.8, "first frets": -1.0, "buzz": -2.5},
        ("shim", "refer", "refret-angle", "new-neck"),
        "height",
        usual=-3.0,
        there=_strung,
    ),
    _cause(
        "radius-small",
        by.both(by.board_round, by.bends_said),
        {"bends": 2.5, "choke": 1.2, "buzz": 0.3, "high frets": 0.8, "dead": 0.3, "open": -3.0},
        ("saddle", *_LEVELS, "refret-true"),
        "bend",
        usual=-2.0,
        there=_strung,
    ),
    _cause(
        "hand-hard",
        by.hand,
        {
            "hard": 2.5, "buzz": 0.6, "sharp": 1.2, "choke": 0.3, "first frets": 0.2, "open": -0.5,
            "soft": -3.0, "stiff": -1.0, "one note": -1.5,
        },
        ("saddle", "strings", "leave"),
        "softly",
        usual=-2.8,
        there=_strung,
    ),
    # --- strings ---
    _cause(
        "strings-old",
        by.named("old strings"),
        {
            "dead": 1.0, "out of tune": 1.2, "uneven": 0.5, "everywhere": 0.7, "one string": 0.7,
            "sharp": 0.2, "buzz": -0.5, "since new strings": -3.0, "one note": -2.0,
        },
        ("strings", "leave"),
        "new-string",
        usual=-2.5,
        there=_strung,
    ),
    _cause(
        "strings-wrong",
        by.nothing,
        {"uneven": 1.5, "one string": 0.7, "out of tune": 0.6, "since new strings": 1.0},
        ("strings",),
        "new-string",
        usual=-3.2,
        there=_strung,
    ),
    _cause(
        "strings-heavy",
        by.named("heavier strings"),
        {"stiff": 1.0, "high": 0.7, "since new strings": 1.0, "buzz": -2.0},
        ("strings", "rod", "saddle"),
        "relief",
        usual=-3.5,
        there=_strung,
    ),
    _cause(
        "strings-light",
        by.named("lighter strings"),
        {"buzz": 0.8, "hard": 0.5, "since new strings": 1.0, "low": 0.5, "stiff": -3.0},
        ("strings", "rod", "saddle"),
        "relief",
        usual=-3.5,
        there=_strung,
    ),
    # --- air ---
    _cause(
        "air-dry",
        by.both(by.air(-1), by.sprouting),
        {"cold months": 2.0, "ends": 1.5, "buzz": 0.4, "low": 0.3, "warm months": -3.0, "stiff": -0.5},
        ("rod", "ends", "leave", "saddle"),
        "air",
        usual=-3.0,
    ),
    _cause(
        "air-damp",
        by.air(1),
        {"warm months": 2.5, "high": 0.7, "stiff": 0.5, "cold months": -3.0, "buzz": -0.5},
        ("rod", "leave", "saddle"),
        "air",
        usual=-3.5,
    ),
    # --- the rod ---
    _cause(
        "rod-loose",
        by.slack_rod,
        {"rattle": 1.3, "buzz": 0.2, "open": 0.2, "everywhere": 0.2, "choke": -2.0, "stiff": -3.0,
         "fretted": -0.5},
        ("rod", "hardware"),
        "damp",
        usual=-2.5,
        there=_has_rod,
    ),
    _cause(
        "rod-reversed",
        by.rod_answered_other_way,
        {"stiff": 0.0, "high": 0.0, "buzz": 0.0, "choke": 0.0},
        ("rod-back", "rod"),
        "relief",
        usual=-5.0,
        only_seen=True,
        there=_has_rod,
    ),
    _cause(
        "rod-slack",
        by.stopped("nothing-left", "slack-back-bow"),
        {"stiff": 0.0, "high": 0.0, "buzz": 0.3, "choke": 0.0},
        ("strings", "leave", "level-lies", "refer", "new-neck", *_LEVELS, *_NEW_WIRE),
        "relief",
        usual=-5.0,
        only_seen=True,
        there=_has_rod,
    ),
    _cause(
        "rod-spent",
        by.stopped("no-answer", "at-end"),
        {"stiff": 0.3, "high": 0.3, "buzz": 0.0, "choke": 0.0},
        ("heat", "refer", "strings", "new-neck", "rod-nut", *_LEVELS, *_NEW_WIRE),
        "relief",
        usual=-5.0,
        only_seen=True,
        there=_has_rod,
    ),
    _cause(
        "rod-stuck",
        by.stopped("resists", "glued", "key-slips", "out-of-reach"),
        {"stiff": 0.0, "high": 0.0, "buzz": 0.0, "choke": 0.0},
        ("rod-nut", "refer"),
        "relief",
        usual=-5.0,
        only_seen=True,
        there=_has_rod,
    ),
    # --- soundness ---
    _cause(
        "crack",
        by.not_sound("crack", "joint", "board", "rod"),
        {"high": 0.3, "rattle": 0.5, "buzz": 0.3, "stiff": 0.0, "dead": 0.0},
        ("refer",),
        "tongue",
        usual=-6.0,
        only_seen=True,
    ),
    _cause(
        "tongue-loose",
        by.not_sound("tongue"),
        {"buzz": 0.3, "choke": 0.3, "dead": 0.5, "rattle": 0.5, "high frets": 1.0, "high": 0.0},
        ("refer",),
        "tongue",
        usual=-6.0,
        only_seen=True,
    ),
    # --- not of the frets ---
    _cause(
        "hardware",
        by.heard_fretted,
        {
            "rattle": 2.0, "buzz": 0.5, "open": 1.2, "everywhere": 0.4, "one note": -0.3,
            "fretted": -1.0, "choke": -2.5, "bends": -2.0, "dead": -1.0, "high frets": -0.7,
            "hard": -1.0,
        },
        ("hardware",),
        "damp",
        usual=-1.5,
        there=_strung,
    ),
    _cause(
        "resonance",
        by.heard,
        {
            "dead": 1.6, "one note": 2.0, "one string": 0.3, "everywhere": -3.0, "buzz": -2.0,
            "open": -2.0,
        },
        ("leave", "hardware"),
        "weight",
        usual=-2.5,
        there=_strung,
    ),
    _cause(
        "intonation",
        by.nothing,
        {
            "out of tune": 2.0, "sharp": 0.8, "flat": 1.5, "high frets": 1.0, "everywhere": 0.3,
            "first frets": -2.0, "buzz": -3.0,
        },
        ("intonation", "saddle"),
        "tuner",
        usual=-2.5,
        there=_strung,
    ),
    _cause(
        "pickups",
        by.named("pickups"),
        {
            "out of tune": 0.8, "sharp": 0.3, "buzz": 0.2, "high frets": 0.6, "low strings": 0.6,
            "dead": 0.2, "open": -1.0,
        },
        ("pickups",),
        "pickups",
        usual=-4.5,
        there=_strung,
    ),
    _cause(
        "bridge-moved",
        by.named("floating bridge"),
        {"high": 0.8, "low": 0.8, "since new strings": 1.0, "since a change": 0.5, "out of tune": 0.3,
         "buzz": 0.0, "stiff": 0.3},
        ("bridge", "saddle"),
        "bridge",
        usual=-4.5,
        there=_strung,
    ),
)
CAUSES: dict[str, Cause] = {cause.kind: cause for cause in _CAUSES}
