"""Blank sheets to fill in: headings with notes, drop-down lists, a sample row that is never imported."""

from nomarium.core.blanks.kinds import KINDS, BlankColumn, BlankSheet
from nomarium.core.blanks.render import render_blank_csv, render_blank_xlsx

__all__ = ["KINDS", "BlankColumn", "BlankSheet", "render_blank_csv", "render_blank_xlsx"]
