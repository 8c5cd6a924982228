"""The demo shelf: five necks of a harbour town's library, all made up."""

from __future__ import annotations

from importlib.resources import files

from nuvrek.exchange.jobfile import Job, parse


def demo_jobs() -> list[Job]:
    """The five demo jobs in shelf order."""
    folder = files("nuvrek.demo")
    names = sorted(item.name for item in folder.iterdir() if item.name.endswith(".json"))
    return [parse((folder / name).read_bytes()) for name in names]
