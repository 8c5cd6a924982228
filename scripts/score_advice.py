"""Lets the advice play the hundred necks that practice holds a player against.

Run: ./run python scripts/score_advice.py
"""

from __future__ import annotations

import json
from concurrent.futures import ProcessPoolExecutor
from pathlib import Path

from nuvrek.bench.practice.hall import hundred
from nuvrek.practice.advice.playing import play
from nuvrek.practice.hidden import hidden_neck

PLACE = Path(__file__).resolve().parents[1] / "src/nuvrek/practice/advice/advice_scores.json"


def scored(word: str) -> dict[str, object]:
    """The advice's score on one neck, as it is kept."""
    score = play(hidden_neck(word), "advice")
    return {
        "clean": score.notes[0],
        "notes": score.notes[1],
        "told": score.told,
        "metal_mm": score.metal_mm,
        "readings": score.readings,
        "minutes": score.minutes,
        "ways": score.ways,
    }


def main() -> None:
    words = hundred()
    with ProcessPoolExecutor() as pool:
        scores = dict(zip(words, pool.map(scored, words), strict=True))
    lines = ",\n".join(f" {json.dumps(word)}: {json.dumps(one)}" for word, one in scores.items())
    PLACE.write_text(f"{{\n{lines}\n}}\n")
    clean = sum(one["clean"] == one["notes"] for one in scores.values())
    told = sum(bool(one["told"]) for one in scores.values() if one["clean"] != one["notes"])
    print(f"{len(scores)} necks: {clean} clean, {told} more said so beforehand")


if __name__ == "__main__":
    main()
