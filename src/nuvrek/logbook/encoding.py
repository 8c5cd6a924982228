"""What is written down, as it is kept, once it is sure that it can be read back."""

from __future__ import annotations

from collections.abc import Callable

import msgspec

from nuvrek.logbook.errors import LogbookError
from nuvrek.logbook.reading_back import decoder
from nuvrek.meaning import means
from nuvrek.neck.description import NeckDescription
from nuvrek.neck.owner import Owner
from nuvrek.readings.entries import AnyEntry


def entry_body(entry: AnyEntry) -> str:
    """An entry as it is kept. Raises LogbookError."""
    return _body(entry, decoder().decode)


def described_body(neck: NeckDescription) -> str:
    """A description as it is kept. Raises LogbookError."""
    return _body(neck, lambda body: msgspec.json.decode(body, type=NeckDescription))


def owner_body(owner: Owner) -> str:
    """What is known of an owner, as it is kept. Raises LogbookError."""
    return _body(owner, lambda body: msgspec.json.decode(body, type=Owner))


def _body(value: object, read_back: Callable[[bytes], object]) -> str:
    body = msgspec.json.encode(value)
    try:
        read_back(body)
    except msgspec.MsgspecError as error:
        raise LogbookError(
            means("keeping.cant-written-down-nothing-changed", error=error)
        ) from error
    return body.decode()
