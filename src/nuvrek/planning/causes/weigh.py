"""Causes weighed on one neck: each by what readings and complaint say, against all others."""

from __future__ import annotations

import math

from msgspec import structs

from nuvrek.meaning import Saying, means
from nuvrek.planning.causes.cause import Cause
from nuvrek.planning.causes.kinds import CAUSES
from nuvrek.planning.causes.quick_tests import TESTS, tests_for
from nuvrek.planning.causes.weighed import Diagnosis, Evidence, WeighedCause
from nuvrek.planning.judgement.grounds import Grounds
from nuvrek.recognise.complaint_chips import CHIPS, WHATS

# What a cause loses for each thing complained of that it would not bring about, and the log odds
# that it is something nobody thinks of: with a complaint, and without (common practice, no source).
UNEXPLAINED, OTHER, NOTHING = -1.5, -1.8, 0.5
# What a quick test says of the cause it looks for, and a yes of all others (right nine times in
# ten; common practice, no source).
TESTED, TESTED_OTHER = 2.2, -1.0
# Less likely causes are not named.
LEAST_CHANCE, MOST_NAMED = 0.02, 8
# A reading shows a cause from these log odds on.
SEEN_LOG_ODDS = 0.4


def diagnose(grounds: Grounds) -> Diagnosis:
    """What is the matter with a neck, and which tests would tell."""
    complains = bool(grounds.complaint_shape.what or grounds.heard_faults)
    weighed = [_weighed(cause, grounds) for cause in CAUSES.values() if cause.there(grounds)]
    scored = [
        (score, cause)
        for score, cause in weighed
        if cause.seen or (complains and not CAUSES[cause.kind].only_seen)
    ]
    other = math.exp(OTHER if complains else NOTHING)
    whole = sum(math.exp(score) for score, _ in scored) + other
    causes = [
        structs.replace(cause, chance=math.exp(score) / whole)
        for score, cause in sorted(scored, key=lambda pair: -pair[0])
    ]
    kept = tuple(
        cause
        for n, cause in enumerate(causes)
        if cause.chance >= LEAST_CHANCE or (cause.seen and n < MOST_NAMED)
    )[:MOST_NAMED]
    rest = 1.0 - sum(cause.chance for cause in kept)
    found = Diagnosis(kept, other=rest, complaint=complains)
    return structs.replace(found, tests=tests_for(found, grounds))


def _weighed(cause: Cause, grounds: Grounds) -> tuple[float, WeighedCause]:
    told = [*cause.weighs(grounds), *_tested(cause, grounds)]
    figured = [each for each in told if each.figured]
    said = [*_said(cause, grounds)]
    start = 0.0 if figured else cause.usual
    # Two looks at one thing are no two things: the weightiest figure counts whole, others half.
    figured.sort(key=lambda each: -abs(each.log_odds))
    by_map = sum(each.log_odds * (1.0 if n == 0 else 0.3) for n, each in enumerate(figured))
    rest = sum(each.log_odds for each in (*told, *said) if not each.figured)
    evidence = tuple(sorted((*told, *said), key=lambda each: -abs(each.log_odds)))
    seen = any(each.figured and each.log_odds >= SEEN_LOG_ODDS for each in told)
    title = _titled(cause, grounds)
    weighed = WeighedCause(
        cause.kind,
        title,
        chance=0.0,
        evidence=evidence,
        cures=cause.cures,
        test=cause.test,
        seen=seen,
    )
    return start + by_map + rest, weighed


def _titled(cause: Cause, grounds: Grounds) -> Saying:
    """What a cause is called: of single frets how many."""
    counted = _COUNTED.get(cause.kind)
    if counted is None:
        return cause.title
    frets = grounds.case.named(*counted)
    return means(f"causes.{cause.kind}", number=max(len(frets), 1))


# The findings that are counted in a cause's title.
_COUNTED: dict[str, tuple[str, ...]] = {
    "proud": ("proud", "rocks"),
    "low-neighbour": ("low",),
    "end-up": ("end-up", "end-high"),
    "loose-fret": ("loose",),
    "middle-sprung": ("middle-up",),
}


def _tested(cause: Cause, grounds: Grounds) -> list[Evidence]:
    """What quick tests that were made say of a cause."""
    found = []
    for test, says in grounds.case.neck_map.neck_state.tests.items():
        if test not in TESTS:
            continue
        _, shown = TESTS[test]
        what = means(f"causes.test-{test}")
        if cause.kind in shown:
            key, odds = (
                ("causes.tested-yes", TESTED) if says == "yes" else ("causes.tested-no", -TESTED)
            )
            found.append(Evidence(means(key, test=what), odds))
        elif says == "yes":
            found.append(Evidence(means("causes.tested-otherwise", test=what), TESTED_OTHER))
    return found


def _said(cause: Cause, grounds: Grounds) -> list[Evidence]:
    """What the complaint makes of a cause."""
    found = []
    for chip in grounds.complaint_shape.chips:
        odds = cause.said.get(chip, UNEXPLAINED if chip in WHATS else 0.0)
        if odds:
            key = "causes.owner-says-unlike" if odds < 0.0 else "causes.owner-says"
            found.append(Evidence(means(key, chip=CHIPS[chip]), odds))
    return found
