"""When several people are all free: on each day, and on the same day of a cycle all year."""

from nomarium.core.free_time.free import Asked, FreeDay, Window, free_days, free_on_cycle_days

__all__ = ["Asked", "FreeDay", "Window", "free_days", "free_on_cycle_days"]
