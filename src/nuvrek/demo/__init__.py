"""The demo shelf: five necks of a harbour town's library, all made up."""

from __future__ import annotations

from importlib.resources import files

from nuvrek.exchange.jobfile import Job, parse
from nuvrek.readings.kit import METRIC_LEAVES_MM, Kit


def demo_kit() -> Kit:
    """What lies on the library's bench."""
    return Kit(
        leaves_mm=METRIC_LEAVES_MM,
        rockers_mm=(28.0, 40.0, 55.0, 75.0),
        edges_mm=(300.0, 600.0),
        notched_mm=(584.0, 864.0),
    )


def demo_jobs() -> list[Job]:
    """The five demo jobs in shelf order."""
    folder = files("nuvrek.demo")
    names = sorted(item.name for item in folder.iterdir() if item.name.endswith(".json"))
    return [parse((folder / name).read_bytes()) for name in names]
