"""When several people are all free: on each day, and on the same day of a cycle all year."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.free_time.free import Asked, FreeDay, Window, free_days, free_on_cycle_days

__all__ = ["Asked", "FreeDay", "Window", "free_days", "free_on_cycle_days"]

__getattr__ = on_demand(__name__)
