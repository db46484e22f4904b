"""Blank sheets to fill in: headings with notes, drop-down lists, a sample row that is never imported."""

from nomarium.core.blanks.kinds import KINDS
from nomarium.core.blanks.render import render_blank_csv, render_blank_xlsx

__all__ = ["KINDS", "render_blank_csv", "render_blank_xlsx"]
