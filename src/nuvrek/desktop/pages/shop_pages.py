"""The pages of the shop: its shelf, what it has set, what it has learnt."""

from __future__ import annotations

from nuvrek.desktop.pages.page import Page
from nuvrek.desktop.pages.said_often import COMPARE, HOURS, PRICE
from nuvrek.wording.help.known.known import Known
from nuvrek.wording.speech import later

SHOP_PAGES: dict[str, Page] = {
    "Shelf": Page(
        later("Shelf"),
        view="shop.shelf:ShelfStage",
        keys={
            **COMPARE,
            "digits": later("a neck by its number"),
            "enter": later("open the neck"),
            "+": later("take in another"),
            "/": later("find a neck"),
            "*": later("promise its day"),
            "-": later("take the promise back"),
            "0": later("it waits for a part"),
            ".": later("what fits now"),
            "right": later("send it, put it away, delete it"),
        },
        sees=(
            (
                later("Band on top"),
                later("The hours and days ahead: each neck where it can be ready."),
            ),
            (later("Words under a neck"), later("What it needs next, or what it waits for.")),
        ),
        known=(
            Known(
                later("Ready by"),
                later(
                    "The hours left on all necks in their order, over the hours a week at this "
                    "bench, with waits as they are; the day that holds 90 % sure."
                ),
            ),
            HOURS,
        ),
    ),
    "New neck": Page(
        later("New neck"),
        view="new_neck:NewNeckStage",
        anytime=True,
        keys={
            "digits": later("the figure"),
            "enter": later("take it"),
            "back": later("the one before"),
        },
        sees=(
            (
                later("Three figures"),
                later("Enough to begin with. The rest is told in Take in, any day."),
            ),
            (later("The fretboard"), later("Drawn as far as it is known.")),
        ),
    ),
    "My tools": Page(
        later("My tools"),
        view="my_tools:KitStage",
        anytime=True,
        keys={"enter": later("keep")},
        sees=((later("Errors"), later("How far a tool may be off, as you know it.")),),
        known=(
            Known(
                later("Usual errors"),
                later("What such tools repeat by in a steady hand: one standard deviation."),
            ),
        ),
    ),
    "Prices": Page(
        later("Prices"),
        view="owner.prices:PricesStage",
        anytime=True,
        keys={"enter": later("back to the neck")},
        sees=((later("Tax"), later("None, in the price, or on top.")),),
        known=(PRICE,),
    ),
    "Owners": Page(
        later("Owners"),
        view="owner.owners:OwnersStage",
        anytime=True,
        keys={**COMPARE, "+": later("another owner"), "enter": later("their necks")},
    ),
    "Kept safe": Page(
        later("Kept safe"),
        view="shop.kept_safe:KeptSafeStage",
        anytime=True,
        keys={},
        sees=(
            (
                later("Copies"),
                later("Made by themselves. Nothing is put back before you have looked."),
            ),
        ),
        known=(
            Known(
                later("A sound copy"),
                later(
                    "Copied at one moment, also while it is written to; it appears only once it is "
                    "whole."
                ),
            ),
        ),
    ),
    "Honesty": Page(
        later("Honesty"),
        view="shop.honesty:HonestyStage",
        anytime=True,
        keys={},
        sees=((later("Bars"), later("How often the stated ranges held; 90 % sure is meant.")),),
        known=(
            Known(
                later("Held"),
                later(
                    "For each promise that was measured later: did the reading lie in the stated "
                    "range? Nine in ten should."
                ),
            ),
        ),
    ),
    "Guide": Page(
        later("Guide"),
        view="guide:GuideStage",
        anytime=True,
        keys={
            **COMPARE,
            "left": later("a page back"),
            "right": later("a page on"),
            "enter": later("open it"),
            "back": later("back to work"),
        },
        sees=(
            (later("On the left"), later("The chapters, or where the words stand that you typed.")),
        ),
    ),
}
