"""Sheets that a school has → a plan that builds."""

from nomarium.core.drafting.draft import Draft, DraftChoices, draft_plan
from nomarium.core.drafting.saved import SavedCall, saved_plan
from nomarium.core.drafting.sheets import FoundSheet, look_at
from nomarium.core.drafting.starter import STARTER_SHEETS, starter_plan

__all__ = [
    "STARTER_SHEETS",
    "Draft",
    "DraftChoices",
    "FoundSheet",
    "SavedCall",
    "draft_plan",
    "look_at",
    "saved_plan",
    "starter_plan",
]
