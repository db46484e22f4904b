"""Where a record lies on a sheet that is no list: names along one side, days along the other."""

from nomarium.core.shapes.crossing import Crossing, find_crossing
from nomarium.core.shapes.key import Key, read_key
from nomarium.core.shapes.unfolding import Unfolded, unfold

__all__ = [
    "Crossing",
    "Key",
    "Unfolded",
    "find_crossing",
    "read_key",
    "unfold",
]
