"""The sample school: the Orrin Sound Boatbuilding School, its facts and its sheets."""

from nomarium.demo.school import SCHOOL, School
from nomarium.demo.sheets import write_sheets

__all__ = ["SCHOOL", "School", "write_sheets"]
