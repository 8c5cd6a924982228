"""The demo shelf: necks of a harbour town's library and two of its readers', all made up."""

from __future__ import annotations

from decimal import Decimal
from importlib.resources import files

from nuvrek.exchange.jobfile import Job, parse
from nuvrek.neck.owner import Owner
from nuvrek.neck.strings import StringSet, StringSpec
from nuvrek.neck.wire import Wire
from nuvrek.planning.money.prices import PriceList
from nuvrek.planning.money.shop import Shop
from nuvrek.readings.tool_kit import METRIC_LEAVES_MM, Kit


def demo_kit() -> Kit:
    """What lies on the library's bench."""
    return Kit(
        leaves_mm=METRIC_LEAVES_MM,
        rockers_mm=(28.0, 40.0, 55.0, 75.0),
        edges_mm=(300.0, 600.0),
        notched_mm=(584.0, 864.0),
        cauls_mm=(241.3, 304.8, 406.4),
    )


def demo_jobs() -> list[Job]:
    """The demo jobs in shelf order."""
    folder = files("nuvrek.demo")
    named = [item.name for item in folder.iterdir() if item.name.endswith(".json")]
    names = sorted(named, key=lambda name: int(name.split("-")[0]))
    return [parse((folder / name).read_bytes()) for name in names]


def demo_wires() -> tuple[Wire, ...]:
    """The fret wire in the library's drawer."""
    return (
        Wire(
            name="medium, 18 %",
            crown_mm=1.2,
            width_mm=2.4,
            tang_mm=1.5,
            barbs_mm=0.76,
            alloy="nickel silver, 18 %",
            hardness="hard",
            stock_mm=5400.0,
            price=7.5,
        ),
        Wire(
            name="narrow and tall",
            crown_mm=1.15,
            width_mm=2.0,
            tang_mm=1.5,
            barbs_mm=0.72,
            alloy="nickel silver",
            stock_mm=1900.0,
            price=6.0,
        ),
        Wire(
            name="old narrow",
            crown_mm=0.85,
            width_mm=1.85,
            tang_mm=1.6,
            barbs_mm=0.66,
            alloy="brass",
            hardness="soft",
            stock_mm=2700.0,
            price=4.0,
        ),
        Wire(
            name="wide, off the coil",
            crown_mm=1.35,
            width_mm=2.75,
            tang_mm=1.7,
            barbs_mm=0.86,
            alloy="stainless",
            hardness="stainless",
            form="coil",
            stock_mm=1000.0,
            price=12.0,
        ),
    )


HOUSE = "Harbour Library, lending shelf"


def demo_owners() -> tuple[Owner, ...]:
    """Whose instruments they are."""
    return (
        Owner(
            name=HOUSE,
            address="Harbour Library\nThe Long Quay 3",
            note="Lends them out; the desk tells readers when one is back.",
            asked=False,
        ),
        Owner(
            name="Orla Finsterwick",
            address="Ferry Cottage\nUpper Slip 11",
            telephone="on the ferry, bell 2",
            usually="present",
            note="Ferry pilot; ashore on Tuesdays.",
        ),
        Owner(
            name="Ísak Þórlund-Ördög",
            address="Net loft over the chandler's\nFish Steps 4",
            usually="by letter",
            note="Net maker; reads no screens.",
        ),
    )


def demo_prices() -> PriceList:
    """What the library's bench charges readers who bring their own."""
    return PriceList(
        currency="EUR",
        rate=Decimal("42"),
        tax="included",
        tax_percent=Decimal("20"),
        fixed={
            "rod": Decimal("25"),
            "level": Decimal("140"),
            "crown-first": Decimal("180"),
            "refret": Decimal("420"),
        },
        bound=Decimal("90"),
        lacquered=Decimal("60"),
        extra_string=Decimal("6"),
        nut=Decimal("28"),
        strings=Decimal("9.50"),
        paper=Decimal("4"),
    )


def demo_shop() -> Shop:
    """What stands at the top of its papers."""
    return Shop(
        name="The fretwork bench of the Harbour Library",
        words="The Long Quay 3, by the tide clock. Tuesdays and Fridays, ten to five.",
        closing="With kind regards from the bench.",
    )


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
