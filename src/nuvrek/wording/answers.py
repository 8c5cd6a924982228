"""Answers that programs read: the sentences, and beside each what it means."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from typing import Any

from nuvrek.meaning import Said, as_data
from nuvrek.wording.speech import say

# Version 2: beside a sentence ``text`` stands ``text_means``, its key with its values.
VERSION = 2


def answer_in_words(answer: Mapping[str, Any]) -> dict[str, Any]:
    """An answer with its version, each value of the core in words, and beside every name that
    holds words what they mean: ``{"key": ..., "values": {...}}``, or a list of these.
    """
    return {"version": VERSION, **_of_mapping(answer)}


def _of_mapping(answer: Mapping[str, Any]) -> dict[str, Any]:
    made: dict[str, Any] = {}
    for name, value in answer.items():
        made[name] = _in_words(value)
        if isinstance(value, Said) or _has_sayings(value):
            made[f"{name}_means"] = (
                as_data(value) if isinstance(value, Said) else [as_data(one) for one in value]
            )
    return made


def _in_words(value: Any) -> Any:
    if isinstance(value, Said):
        return say(value)
    if isinstance(value, Mapping):
        return _of_mapping(value)
    if isinstance(value, Sequence) and not isinstance(value, str):
        return [_in_words(one) for one in value]
    return value


def _has_sayings(value: Any) -> bool:
    return (
        isinstance(value, Sequence)
        and not isinstance(value, str)
        and any(isinstance(one, Said) for one in value)
    )
