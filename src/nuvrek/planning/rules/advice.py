"""Which way is advised, and why."""

from __future__ import annotations

from nuvrek import words
from nuvrek.estimate.findings.shapes import PULL_UNKNOWN_MM
from nuvrek.planning.case.case import Case
from nuvrek.planning.case.way import Way
from nuvrek.planning.ways.crown_worn import FEW_SHARE
from nuvrek.planning.ways.filing_words import over_driven_words, unread_words
from nuvrek.readings.entries import WayKind

# Crown to spare above the least before a bow is dressed into the frets (common practice, no
# source).
SPARE_CROWN_MM = 0.05
_ASKED_FOR: tuple[WayKind, ...] = ("shim", "refer")


# Just clean is advised beside a wish for a string height when it takes so much less metal than the
# way advised otherwise.
MUCH_LESS = 0.6


def advise(case: Case, ways: dict[WayKind, Way]) -> tuple[WayKind, list[str]]:
    """The way advised, and why."""
    kind, reasons = _advise(case, ways)
    reasons.extend(over_driven_words(case))
    clean = ways.get("play-clean")
    if clean is None or not clean.possible or kind not in ("spot-level", "level"):
        return kind, reasons
    usual = ways[kind]
    if clean.metal_mm > MUCH_LESS * usual.metal_mm:
        return kind, reasons
    less = f"{case.length(clean.metal_mm)} instead of {case.length(usual.metal_mm)}"
    if case.neck.height_low_mm is None or case.neck.height_high_mm is None:
        low = clean.promise.height_low_mm or 0.0
        reasons.append(f"For clean notes at {case.height(low)} low side, just clean takes {less}.")
        return kind, reasons
    reasons.append(
        f"The string height that is wished for asks for no more than just clean: {less}."
    )
    return "play-clean", reasons


def _advise(case: Case, ways: dict[WayKind, Way]) -> tuple[WayKind, list[str]]:
    reasons = _what_is_known(case)
    proud, sprung, rocking = case.named("proud"), case.unseated, case.named("rocks")
    if case.unread and not sprung:
        reasons.append(unread_words(case))
    few = round(FEW_SHARE * case.neck.frets)
    if sprung:
        loose = case.named("loose")
        if loose == sprung:
            what = words.frets_do(sprung, "moves or stands", "move or stand") + " off the wood"
        else:
            what = words.frets_do(sprung, "looks", "look") + " sprung at one end"
        reasons.append(f"{what}. Seat before filing; it rises again otherwise.")
        return "seat", reasons
    if not proud:
        crowned = ways.get("crown-few")
        if crowned is not None and crowned.possible and not rocking and case.rod is None:
            reasons.append(f"The tops are level; only some are worn. {crowned.gist}")
            return "crown-few", reasons
        if rocking:
            places = words.count(len(rocking), "rocking place was", "rocking places were")
            reasons.append(f"{places} not measured. A leaf under the rocker decides what they are.")
        return _without_proud(case, ways, reasons)
    if ways["spot-level"].possible and len(ways["spot-level"].frets) <= few:
        reasons.append(
            f"{words.count(len(proud), 'proud fret', 'proud frets')}, a quarter of the "
            "neck or fewer: "
            f"file {words.frets(ways['spot-level'].frets)} only."
        )
        return "spot-level", reasons
    if ways["level"].possible:
        reasons.append(
            f"Too many frets to file one by one ({len(ways['spot-level'].frets)}): one "
            "level brings all tops together."
        )
        return "level", reasons
    if ways["spot-level"].possible:
        reasons.append("A full level would leave too little metal; spot work still fits.")
        return "spot-level", reasons
    reasons.append(
        "Not enough metal to file what is proud. New wire for those frets is the honest cure."
    )
    return "leave", reasons


def _without_proud(
    case: Case, ways: dict[WayKind, Way], reasons: list[str]
) -> tuple[WayKind, list[str]]:
    cheap = _cheap(case, ways)
    if cheap is not None:
        reasons.append(f"Cheap cures first: {ways[cheap].gist[:1].lower()}{ways[cheap].gist[1:]}")
        return cheap, reasons
    if case.rod is not None and ways["rod"].possible:
        reasons.append("No fret is proud beyond doubt: the rod comes before the file.")
        return "rod", reasons
    if case.excess_mm is not None and case.rodless:
        return _without_rod(case, ways, reasons)
    if "saddle" in ways and ways["saddle"].possible:
        reasons.append("Relief and tops ask for nothing; the string height does.")
        return "saddle", reasons
    for kind in _ASKED_FOR:
        if kind in ways:
            reasons.append(ways[kind].gist)
            return kind, reasons
    if case.ends:
        reasons.append("The tops ask for nothing; the fret ends do.")
        return "ends", reasons
    if "hardware" in ways:
        reasons.append(ways["hardware"].gist)
        return "hardware", reasons
    if case.named("rocks"):
        reasons.append("Until then nothing is filed: no height measured so far asks for metal.")
    else:
        reasons.append(
            "No height measured so far asks for metal. Strings, nut and saddle first if it "
            "does not play as wished."
        )
    return "leave", reasons


def _cheap(case: Case, ways: dict[WayKind, Way]) -> WayKind | None:
    """The cheap cure to begin with: a nut that stands high, or a rod nut that keeps the rod from
    being judged.
    """
    if "nut" in ways:
        return "nut"
    if "rod-nut" in ways and case.rod is not None:
        return "rod-nut"
    return None


def _without_rod(
    case: Case, ways: dict[WayKind, Way], reasons: list[str]
) -> tuple[WayKind, list[str]]:
    """Relief is off and no rod answers: strings if they suffice, then the frets if they can pay,
    then heat or referral.
    """
    level = ways["level"]
    reasons.extend(stop.words for stop in case.stops)
    if "strings" in ways and ways["strings"].possible:
        reasons.append(ways["strings"].gist)
        return "strings", reasons
    none = "No rod" if case.neck.rod == "none" else "The rod is out of it"
    spare = float(level.left_mm.min()) - case.neck_tops.least_crown_mm
    if level.possible and spare >= SPARE_CROWN_MM:
        if case.neck_map.pull_doubt_mm > PULL_UNKNOWN_MM:
            reasons.append(
                "How far the strings pull this neck isn't known: read it slack too before filing."
            )
        reasons.append(
            f"{none}: dressing the relief into the frets costs "
            f"{case.length(level.metal_mm)} of metal and leaves enough."
        )
        return "level", reasons
    # Without a rod to hold it, heated wood tends to return.
    order: tuple[WayKind, WayKind] = (
        ("refer", "heat") if case.neck.rod == "none" else ("heat", "refer")
    )
    for kind in order:
        if kind in ways and ways[kind].possible:
            reasons.append(
                f"{none}, and the frets can't pay for dressing the bow out. {ways[kind].gist}"
            )
            return kind, reasons
    reasons.append(
        f"{none}, and the frets can't pay for dressing the bow out: leave it, or have the "
        "neck itself seen to."
    )
    return "leave", reasons


def _what_is_known(case: Case) -> list[str]:
    reasons = []
    if case.neck_map.left_out:
        count = len(case.neck_map.left_out)
        what = "reading names frets" if count == 1 else "readings name frets"
        reasons.append(f"{count} {what} this neck, as described, doesn't have: kept, but not used.")
    if case.relief is None:
        reasons.append("Relief at pitch is not known yet.")
    else:
        neck = case.neck
        if case.relief.mm > neck.relief_wanted_mm("middle") + neck.relief_margin_mm:
            state = "more than wanted"
        else:
            state = "less than wanted"
        if case.rod or (
            neck.rod == "none"
            and abs(case.relief.mm - neck.relief_wanted_mm("middle")) > neck.relief_margin_mm
        ):
            state = state
        else:
            state = "as wanted"
        reasons.append(
            f"Relief at pitch {case.length(case.relief.mm)}, give or take "
            f"{case.length(case.relief.doubt_mm)}: {state}."
        )
    if not case.neck_map.crown_measured:
        reasons.append(
            "No crown height was measured: metal left is counted from the wire as described."
        )
    return reasons
