"""Where a record lies on a sheet that is no list: names along one side, days along the other."""

from nomarium.core.shapes.crossing import Crossing, find_crossing
from nomarium.core.shapes.key import Key, read_key
from nomarium.core.shapes.sheets_of_file import explains, unfolded_of
from nomarium.core.shapes.unfolding import Unfolded, unfold

__all__ = [
    "Crossing",
    "Key",
    "Unfolded",
    "explains",
    "find_crossing",
    "read_key",
    "unfold",
    "unfolded_of",
]
