"""Where a record lies on a sheet that is no list: names along one side, days along the other."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.shapes.captioned import captioned_list
    from nomarium.core.shapes.cell_texts import is_free, without_length
    from nomarium.core.shapes.crossing import Crossing, crossing_by_key, crossing_of_hours, find_crossing
    from nomarium.core.shapes.dated_lines import dated_lines
    from nomarium.core.shapes.dates_across import dates_across
    from nomarium.core.shapes.drawn_days import drawn_days, listed_in
    from nomarium.core.shapes.key import Key, headed_by_values, meanings_in, read_key
    from nomarium.core.shapes.months import DrawnDay, MonthBlock, month_blocks
    from nomarium.core.shapes.patterns import Patterns, find_patterns
    from nomarium.core.shapes.sheets_of_file import explains, unfolded_of
    from nomarium.core.shapes.unfolded import Unfolded
    from nomarium.core.shapes.unfolding import unfold
    from nomarium.core.shapes.wording import unclear_weeks

__all__ = [
    "Crossing",
    "DrawnDay",
    "Key",
    "MonthBlock",
    "Patterns",
    "Unfolded",
    "captioned_list",
    "crossing_by_key",
    "crossing_of_hours",
    "dated_lines",
    "dates_across",
    "drawn_days",
    "explains",
    "find_crossing",
    "find_patterns",
    "headed_by_values",
    "is_free",
    "listed_in",
    "meanings_in",
    "month_blocks",
    "read_key",
    "unclear_weeks",
    "unfold",
    "unfolded_of",
    "without_length",
]

__getattr__ = on_demand(__name__)
