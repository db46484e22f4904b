"""Bell times: when each period begins and ends, by division, day, term and special day."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.bells.bell_shapes import bell_parts, turning_periods
    from nomarium.core.bells.bell_sheets import BellReader, BellSheet, grid_heading
    from nomarium.core.bells.bell_times import Bells, BellTimes
    from nomarium.core.bells.numbered_alike import rung_by_number
    from nomarium.core.bells.other_names import OtherNames, read_other_names
    from nomarium.core.bells.rows import BellRow, Conditions

__all__ = [
    "BellReader",
    "BellRow",
    "BellSheet",
    "BellTimes",
    "Bells",
    "Conditions",
    "OtherNames",
    "bell_parts",
    "grid_heading",
    "read_other_names",
    "rung_by_number",
    "turning_periods",
]

__getattr__ = on_demand(__name__)
