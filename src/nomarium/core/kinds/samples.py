"""What the sample rows of blank sheets say, and the rules that all blank sheets come with."""

from __future__ import annotations

from nomarium.core.tables import OWN_SAMPLES

YES_NO = ("yes", "no")
LAUNCH, AUTUMN, STORM, EARLY, DAY, CLASS, CODE, LESSON = OWN_SAMPLES

SHEET_RULES = (
    "The sample row is never read; you may delete it.",
    "Dates: type them as your spreadsheet program expects them; it then shows them as such.",
    "Rows may stand in any order, and blank rows do no harm.",
)
