"""The demo shelf: nine necks of a harbour town's library, all made up."""

from __future__ import annotations

from importlib.resources import files

from nuvrek.exchange.jobfile import Job, parse
from nuvrek.neck.strings import StringSet, StringSpec
from nuvrek.readings.tool_kit import METRIC_LEAVES_MM, Kit


def demo_kit() -> Kit:
    """What lies on the library's bench."""
    return Kit(
        leaves_mm=METRIC_LEAVES_MM,
        rockers_mm=(28.0, 40.0, 55.0, 75.0),
        edges_mm=(300.0, 600.0),
        notched_mm=(584.0, 864.0),
    )


def demo_jobs() -> list[Job]:
    """The nine demo jobs in shelf order."""
    folder = files("nuvrek.demo")
    names = sorted(item.name for item in folder.iterdir() if item.name.endswith(".json"))
    return [parse((folder / name).read_bytes()) for name in names]


def demo_sets() -> dict[str, StringSet]:
    """The string sets kept in the library's drawer."""
    return {
        job.neck.title.split(",")[0]: job.neck.string_set
        for job in demo_jobs()
        if job.neck.string_set
    } | {
        "light steel": tuple(
            StringSpec(note, gauge, wound)
            for note, gauge, wound in (
                ("E2", 1.19, True),
                ("A2", 0.94, True),
                ("D3", 0.69, True),
                ("G3", 0.53, True),
                ("B3", 0.36, False),
                ("E4", 0.28, False),
            )
        )
    }
