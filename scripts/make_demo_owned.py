"""The demo necks that readers of the library own: what was quoted, refused and agreed."""

from __future__ import annotations

from decimal import Decimal

from make_demo_refret import Driver, strings

from nuvrek.bench.owner.draft import OwnerDraft
from nuvrek.bench.settings import Settings
from nuvrek.demo import demo_owners, demo_prices, demo_shop
from nuvrek.exchange.jobfile import Job
from nuvrek.neck.description import LANES, NeckDescription
from nuvrek.neck.owner import How
from nuvrek.planning.money.pace import pace_of
from nuvrek.readings.entries import Agreed, OthersFirm, OthersStill, Size
from nuvrek.readings.owner.entries import Arrived, Worth
from nuvrek.simulator.truth import Condition
from nuvrek.wording.papers.make import proposed

ORLA, ISAK = "Orla Finsterwick", "Ísak Þórlund-Ördög"
_SIX = strings(
    ("E2", 1.19, True),
    ("A2", 0.94, True),
    ("D3", 0.69, True),
    ("G3", 0.53, True),
    ("B3", 0.36, False),
    ("E4", 0.28, False),
)


def draft_of(made: Driver, kind: str | None = None) -> OwnerDraft:
    """The page Owner of this moment, by the prices of the demo."""
    settings = Settings(prices=demo_prices(), shop=demo_shop())
    owners = {owner.name: owner for owner in demo_owners()}
    owner = owners[made.neck.owner]
    return OwnerDraft(
        made.solved, made.session, settings, pace_of(()), owner, made.day, "en_GB", kind
    )


def answer(made: Driver, kind: str, yes: bool, how: How, said: str) -> None:
    """A quote of one way, given and answered."""
    made.session.page = "Owner"
    made.session.append(draft_of(made, kind).quoted())
    made.session.append(*draft_of(made, kind).answered(yes, how, said))


def grooves_left() -> Job:
    """The ferry pilot's guitar: level and worn, shallow grooves stay by agreement, half done."""
    neck = NeckDescription(
        title="ferry guitar",
        owner=ORLA,
        scale_mm=645,
        frets=20,
        joint_fret=14,
        tuning="E A D G B E",
        string_set=_SIX,
        nut_width_mm=44,
        end_width_mm=56,
        radius_mm=406.4,
        rod="two-way",
        rod_access="sound hole",
        rod_key="5 mm",
        joint="glued",
        height_low_mm=2.2,
        height_high_mm=1.8,
        wire_height_mm=1.15,
        relief_target_mm=0.15,
        complaint="First frets feel like a washboard. Played in the wheelhouse every night.",
    )
    condition = Condition(proud=0, low=0, slack_dip_mm=0.03, pull_mm=0.12, rough_mm=0.01)
    made = Driver(neck, condition, 307, "2026-02-27")
    session = made.session
    session.page = "Owner"
    session.append(
        Arrived(
            condition="Clean. Lacquer worn through behind frets 1 to 5. Bridge sound.",
            came_with="Hard case, strap with a knot, spare third string",
            strings_on="light steel, green with salt",
            last_work="frets dressed once, some ten years ago",
            outside="End pin loose; socket of the pickup crackles",
        )
    )
    session.append(
        Worth(
            fetches=Decimal(350),
            fetches_after=Decimal(450),
            instead=Decimal(600),
            budget=Decimal(250),
            means="“It was on the ferry before I was.”",
            sound="sound",
            currency="EUR",
        )
    )
    frets = tuple(range(1, neck.frets + 1))
    session.page = "Measure"
    session.append(
        OthersFirm(frets=frets),
        *(OthersStill(lane=lane, frets=frets[1:-1]) for lane in LANES),
        *(Size(what="groove", fret=f, string=2, mm=0.12 + 0.01 * (f % 3)) for f in range(1, 9)),
    )
    session.page = "Filing"
    session.append(Agreed(grooves_stay=True, least_crown_mm=0.75, note="Orla: tall frets first"))
    session.page = "Owner"
    session.append(proposed("letter", draft_of(made, "crown-first").facts))
    answer(made, "crown-first", True, "present", "Do it, and leave the grooves you can't feel.")
    agreed = draft_of(made, "crown-first").all_agreed("present", "on the slip, off watch")
    session.append(*agreed)
    session.page = "Choose"
    made.take("crown-first")
    session.page = "Work"
    made.until("file")
    return made.job()


def refused() -> Job:
    """The net maker's bolt-on guitar: new wire was quoted and refused; nothing is agreed yet."""
    neck = NeckDescription(
        title="net loft guitar",
        owner=ISAK,
        scale_mm=648,
        frets=22,
        joint_fret=16,
        tuning="E A D G B E",
        string_set=_SIX,
        nut_width_mm=42,
        end_width_mm=56,
        radius_mm=304.8,
        rod="two-way",
        rod_access="head",
        joint="bolted",
        wire_height_mm=0.78,
        least_crown_mm=0.75,
        relief_target_mm=0.15,
        complaint="Buzzes all over the first position; frets are low.",
    )
    condition = Condition(proud=3, low=0, slack_dip_mm=0.05, pull_mm=0.12)
    made = Driver(neck, condition, 311, "2026-03-02")
    session = made.session
    session.page = "Owner"
    session.append(
        Arrived(
            condition="Played hard. Body dented, neck straight.",
            came_with="A sail bag; no case",
            missing="one of four neck screws, two of the back plate",
            strings_on="rusty, third string missing",
        )
    )
    session.append(
        Worth(
            fetches=Decimal(110),
            fetches_after=Decimal(160),
            new_neck=Decimal(95),
            instead=Decimal(150),
            budget=Decimal(120),
            means="“My brother won it at the regatta.”",
            sound="sound",
            currency="EUR",
        )
    )
    answer(made, "refret", False, "by letter", "More than the regatta's whole purse. What else?")
    return made.job()


OWNED = {"14-ferry-guitar": grooves_left, "15-net-loft-guitar": refused}
