"""Blank sheets to fill in, made from the descriptions of their kinds."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.blanks.render import BLANKS, BlankForm, blank_form, render_blank_csv, render_blank_xlsx

__all__ = ["BLANKS", "BlankForm", "blank_form", "render_blank_csv", "render_blank_xlsx"]

__getattr__ = on_demand(__name__)
