"""Sheets that a school has → a plan that builds."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.drafting.draft import Draft, DraftChoices, draft_plan
    from nomarium.core.drafting.saved import SavedCall, saved_plan
    from nomarium.core.drafting.sheets import FoundSheet, look_at, whole_files
    from nomarium.core.drafting.starter import STARTER_SHEETS, starter_plan
    from nomarium.core.drafting.update import OFFERED, beyond, files_named, offered, without_offer

__all__ = [
    "OFFERED",
    "STARTER_SHEETS",
    "Draft",
    "DraftChoices",
    "FoundSheet",
    "SavedCall",
    "beyond",
    "draft_plan",
    "files_named",
    "look_at",
    "offered",
    "saved_plan",
    "starter_plan",
    "whole_files",
    "without_offer",
]

__getattr__ = on_demand(__name__)
