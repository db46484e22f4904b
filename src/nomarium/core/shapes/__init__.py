"""Where a record lies on a sheet that is no list: names along one side, days along the other."""

from nomarium.core.shapes.crossing import Crossing, find_crossing
from nomarium.core.shapes.drawn_days import drawn_days, listed_in
from nomarium.core.shapes.key import Key, read_key
from nomarium.core.shapes.months import DrawnDay, MonthBlock, month_blocks
from nomarium.core.shapes.sheets_of_file import explains, unfolded_of
from nomarium.core.shapes.unfolding import Unfolded, unfold

__all__ = [
    "Crossing",
    "DrawnDay",
    "Key",
    "MonthBlock",
    "Unfolded",
    "drawn_days",
    "explains",
    "find_crossing",
    "listed_in",
    "month_blocks",
    "read_key",
    "unfold",
    "unfolded_of",
]
