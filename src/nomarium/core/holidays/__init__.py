"""The public holidays of countries and regions: as days, as rows of a sheet, as events."""

from typing import TYPE_CHECKING

from nomarium.lazily import on_demand

if TYPE_CHECKING:
    from nomarium.core.holidays.events import holiday_events
    from nomarium.core.holidays.regions import Holiday, read_holidays
    from nomarium.core.holidays.sheet import HOLIDAY_HEADINGS, holiday_rows

__all__ = ["HOLIDAY_HEADINGS", "Holiday", "holiday_events", "holiday_rows", "read_holidays"]

__getattr__ = on_demand(__name__)
