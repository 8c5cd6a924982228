"""What the shop has set and what belongs to its data: tools, string lists, wire, prices, how it
names itself. It is kept in the logbook, by field, and goes with copies and archives; what concerns
the window alone stays in the settings file.
"""

from __future__ import annotations

from contextlib import closing
from pathlib import Path
from typing import Any, get_type_hints

import msgspec

from nuvrek import meaning
from nuvrek.bench.settings import Loaded, Settings, load, save
from nuvrek.bench.three_way import both_changes
from nuvrek.logbook.places import logbook_path, settings_path
from nuvrek.logbook.store import Logbook
from nuvrek.meaning import Saying, means
from nuvrek.planning.money.prices import price_faults

SHOP_FIELDS = ("kit", "sets", "wires", "cut", "prices", "shop", "week_hours", "relief_school")


def with_shop(settings: Settings, rows: dict[str, bytes]) -> Loaded:
    """Settings with what a logbook holds of the shop's; a field that can't be read is as it was,
    and it is said.
    """
    kinds = get_type_hints(Settings, include_extras=True)
    taken: dict[str, Any] = {}
    lost = []
    for name in SHOP_FIELDS:
        if name not in rows:
            continue
        try:
            taken[name] = msgspec.json.decode(rows[name], type=kinds[name])
            if name == "prices" and price_faults(taken[name]):
                raise ValueError("no prices")
        except (msgspec.MsgspecError, ValueError, RecursionError):
            taken.pop(name, None)
            lost.append(name)
    words = {
        "kit": means("shop.tools"),
        "sets": means("shop.string-lists"),
        "wires": means("shop.wire"),
        "cut": means("shop.wire-cut"),
        "prices": means("shop.prices"),
        "shop": means("shop.shops-name"),
        "week_hours": means("shop.hours-week"),
        "relief_school": means("shop.relief"),
    }
    trouble = meaning.listed(
        (means("shop.what-logbook-holds-cant-read", what=words[name]) for name in lost),
        by="sentences",
    )
    return Loaded(msgspec.structs.replace(settings, **taken), trouble)


def window_only(settings: Settings) -> Settings:
    """Settings without the shop's."""
    usual = Settings()
    return msgspec.structs.replace(settings, **{name: getattr(usual, name) for name in SHOP_FIELDS})


def shop_changed(before: Settings, after: Settings) -> bool:
    """Whether anything is other that belongs into the logbook."""
    return any(getattr(before, name) != getattr(after, name) for name in SHOP_FIELDS)


def keep_shop(book: Logbook, before: Settings, after: Settings, at: str) -> Settings:
    """Keep in the logbook what was changed of the shop's; what another window changed meanwhile
    stays. Returns the settings with both. Raises LogbookError.
    """
    with book.setting_shop() as shop:
        fields = {}
        for name in SHOP_FIELDS:
            had, has = (_plain(getattr(settings, name)) for settings in (before, after))
            if had == has:
                continue
            if name in shop.rows:
                theirs = msgspec.json.decode(shop.rows[name])
            else:
                theirs = had
            body = msgspec.json.encode(both_changes(had, has, theirs))
            shop.set(name, body, at)
            fields[name] = body
    return with_shop(after, fields).settings


def _plain(value: Any) -> Any:
    return msgspec.json.decode(msgspec.json.encode(value))


def moved_in(book: Logbook, settings: Settings, at: str) -> Loaded:
    """The settings with what the logbook holds of the shop's; what an older program kept in the
    settings file moves into a logbook that holds nothing of it yet. Raises LogbookError.
    """
    rows = book.shop()
    if not rows and not book.look_only and shop_changed(Settings(), settings):
        settings = msgspec.structs.replace(settings, cut=_by_uid(book, settings.cut))
        keep_shop(book, Settings(), settings, at)
        return Loaded(settings)
    return with_shop(settings, rows)


def _by_uid(book: Logbook, cut: dict[str, tuple[str, float]]) -> dict[str, tuple[str, float]]:
    """Wire that was cut, by the neck's uid: an older program kept its number on the shelf."""
    numbers = {key for key in cut if key.isdecimal() and len(key) < 10}
    return {book.uid(int(key)) if key in numbers else key: cut[key] for key in cut}


def read_settings(path: Path | None, logbook: Path | None) -> Loaded:
    """Settings as the command line uses them: those of a file that is named, else the user's own
    with what the logbook holds of the shop's. Raises LogbookError.
    """
    if path is not None:
        return load(path)
    loaded, book = load(settings_path()), logbook or logbook_path()
    if not book.is_file():
        return loaded
    with closing(Logbook.to_read(book)) as source:
        rows = source.shop()
    if rows:
        return with_shop(loaded.settings, rows)
    return loaded


def write_settings(
    path: Path | None, logbook: Path | None, before: Settings, after: Settings, at: str
) -> Saying:
    """Keep what was changed of the shop's where ``read_settings`` read it. Returns a sentence where
    that failed, else nothing. Raises LogbookError.
    """
    if path is not None:
        return save(path, after, before)
    with closing(Logbook.make(logbook or logbook_path())) as book:
        if not book.shop() and shop_changed(Settings(), before):
            before = Settings()
        keep_shop(book, before, after, at)
    return ""
