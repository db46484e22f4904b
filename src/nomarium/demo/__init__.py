"""The sample school: the Orrin Sound Boatbuilding School, its facts and its sheets."""

from nomarium.demo.school import SCHOOL, School
from nomarium.demo.sheets import change_sheets, write_sheets

__all__ = ["SCHOOL", "School", "change_sheets", "write_sheets"]
