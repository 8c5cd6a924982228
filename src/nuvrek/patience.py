"""A long calculation asks now and then whether it is still wanted.

Who started it says so: a window that is being closed, or a user who will not wait, ends it at the
next question. Outside ``while_wanted`` everything is wanted.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from contextlib import contextmanager
from contextvars import ContextVar


class NoLongerWanted(Exception):
    """Raised by ``ask`` where a calculation should end."""


_wanted: ContextVar[Callable[[], bool] | None] = ContextVar("wanted", default=None)


@contextmanager
def while_wanted(wanted: Callable[[], bool]) -> Iterator[None]:
    """What is worked out within goes on for as long as ``wanted`` says so."""
    token = _wanted.set(wanted)
    try:
        yield
    finally:
        _wanted.reset(token)


def ask() -> None:
    """Raises NoLongerWanted where nobody waits for the result any more."""
    wanted = _wanted.get()
    if wanted is not None and not wanted():
        raise NoLongerWanted
