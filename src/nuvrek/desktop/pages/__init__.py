"""All pages, one record each, by the name they are known by."""

from nuvrek.desktop.pages.neck_pages import NECK_PAGES
from nuvrek.desktop.pages.page import Page
from nuvrek.desktop.pages.practice_pages import PRACTICE_PAGES
from nuvrek.desktop.pages.shop_pages import SHOP_PAGES

__all__ = ["NECK_PAGES", "PAGES", "PRACTICE_PAGES", "SHOP_PAGES", "Page"]

PAGES: dict[str, Page] = {**SHOP_PAGES, **NECK_PAGES, **PRACTICE_PAGES}
