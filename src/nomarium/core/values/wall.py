"""Local moments as whole numbers: the seconds of all days before, 86,400 each, and those that the clock shows."""

from __future__ import annotations

from collections.abc import Callable
from datetime import date, datetime, timedelta

DAY_SECONDS = 86_400


def wall_of(moment: datetime) -> int:
    """Return a local time (without tzinfo) as seconds: its day by ``date.toordinal``, 86,400 each, and its clock."""
    return moment.toordinal() * DAY_SECONDS + moment.hour * 3600 + moment.minute * 60 + moment.second


def moment_of(wall: int) -> datetime:
    """Return the local time (without tzinfo) that ``wall_of`` gives a number for."""
    day, seconds = divmod(wall, DAY_SECONDS)
    return datetime.fromordinal(day) + timedelta(seconds=seconds)


def day_of_wall(wall: int) -> date:
    """Return the date of such a number."""
    return date.fromordinal(wall // DAY_SECONDS)


class WallTexts(dict[int, str]):
    """The texts of local moments, each day and each time of day put into words once.

    ``day`` and ``clock`` are forms as ``strftime`` takes them. What is asked for is not kept: moments come once.
    """

    def __init__(self, day: str, clock: str) -> None:
        self.days = _Known(lambda number: date.fromordinal(number).strftime(day))
        self.clocks = _Known(lambda seconds: moment_of(DAY_SECONDS + seconds).strftime(clock))

    def __missing__(self, wall: int) -> str:
        day, seconds = divmod(wall, DAY_SECONDS)
        return self.days[day] + self.clocks[seconds]


class _Known(dict[int, str]):
    def __init__(self, make: Callable[[int], str]) -> None:
        self._make = make

    def __missing__(self, number: int) -> str:
        text = self[number] = self._make(number)
        return text
