"""Meetings on their dates: timetables, bell times and the school year put together."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.meetings.blocks import Timetabling
    from nomarium.core.meetings.expansion import Expansion, expand
    from nomarium.core.meetings.held import About, Held
    from nomarium.core.meetings.identity import assign_stems
    from nomarium.core.meetings.runs import Joining

__all__ = ["About", "Expansion", "Held", "Joining", "Timetabling", "assign_stems", "expand"]

__getattr__ = on_demand(__name__)
