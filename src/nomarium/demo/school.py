"""The facts of the sample school, all invented, in one place; its sheets lie in the folder ``data``."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date


@dataclass(frozen=True, slots=True)
class School:
    """A school and what is true of all its sheets."""

    name: str
    zone: str
    web: str
    divisions: tuple[str, ...]
    cycle: tuple[str, ...]
    first_day: date
    last_day: date


SCHOOL = School(
    name="Orrin Sound Boatbuilding School",
    zone="America/Halifax",
    web="https://orrinsound.example.org",
    divisions=("Yard", "Loft"),
    cycle=("1", "2", "3", "4", "5", "6"),
    first_day=date(2026, 9, 8),
    last_day=date(2027, 6, 25),
)
