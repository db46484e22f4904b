"""How a sheet is read, shown beforehand: of any kind, with its columns, what was made of them, and its first things."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.inspection.any_kind import Glance, look
    from nomarium.core.inspection.events import CalendarView, ColumnView, SheetView, view_calendar, view_sheet

__all__ = ["CalendarView", "ColumnView", "Glance", "SheetView", "look", "view_calendar", "view_sheet"]

__getattr__ = on_demand(__name__)
