"""A school year → all-day events: what each day or week is, and terms and closures by their names."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Iterator, Sequence
from dataclasses import dataclass
from datetime import date, datetime, time, timedelta
from string import Formatter
from typing import TYPE_CHECKING

from nomarium.core.problems import WrongCall
from nomarium.core.sources.series import Occurrence, Series
from nomarium.core.values import WEEKDAY_NAMES

if TYPE_CHECKING:
    from nomarium.core.year import Day, SchoolYear

ADDITIONS = ("terms", "closures", "special")
"""What events there may be beside those of days and weeks."""

_MISSING = "–"


@dataclass(frozen=True, slots=True)
class YearEvents:
    """Which events are wanted of a year."""

    title: str
    """With {day}, {term}, {week}, {letter}, {weekday}, {date} and the names of cycles filled in."""
    cycles: Sequence[str]
    each_week: bool = False
    """Whether only the first school day of each week has one."""
    additions: Collection[str] = ()
    first: date | None = None
    last: date | None = None


def usual_title(cycles: Sequence[str], *, each_week: bool) -> str:
    """Return the title of a day's or week's event where none is stated."""
    if each_week or not cycles:
        return "{term}, week {week}{letter}"
    return "Day {day}" if len(cycles) == 1 else ", ".join(f"{name} {{{name}}}" for name in cycles)


def year_events(year: SchoolYear, wanted: YearEvents) -> list[Series]:
    """Return the events wanted. Raises WrongCall where the title has a place that nothing fills."""
    title = _Title(wanted.title, wanted.cycles, list(year.cycles))
    series = [
        _event(f"{'week' if wanted.each_week else 'day'} {day.date}", text, day.date, day.date)
        for day in _days(year, wanted)
        if (text := title.of(day))
    ]
    return [*series, *_additions(year, wanted)]


def _days(year: SchoolYear, wanted: YearEvents) -> Iterator[Day]:
    weeks = set()
    for day in year.days(wanted.first, wanted.last):
        if day.has_school:
            week = year.weeks.week(day.date)
            if wanted.each_week and week in weeks:
                continue
            weeks.add(week)
            yield day


class _Title:
    """The pattern of titles, its places checked once."""

    def __init__(self, pattern: str, cycles: Sequence[str], known: Sequence[str]) -> None:
        self._pattern = pattern
        self._labels = {name: known.index(name) for name in cycles}
        try:
            self._names = [name for _, name, _, _ in Formatter().parse(pattern) if name is not None]
        except ValueError:
            raise WrongCall(f"“{pattern}” has a brace that does not close.", "Places look like {day}.") from None
        places = ["day", "term", "week", "letter", "weekday", "date", *cycles]
        for name in self._names:
            if name not in places:
                raise WrongCall(f"Nothing fills {{{name}}} in a title.", f"There are: {_braced(places)}.")
            if name == "day" and len(cycles) != 1:
                which = f"Name one cycle, or use {_braced(cycles)}." if cycles else "The plan has no cycle."
                raise WrongCall("{day} could be of several cycles." if cycles else "{day} is of no cycle.", which)

    def of(self, day: Day) -> str:
        """Return the title of a date, "" where it has no label or number that the pattern asks for."""
        labels = {name: day.labels[place] for name, place in self._labels.items()}
        asked = [labels[name] for name in self._names if name in labels]
        asked += list(labels.values()) if "day" in self._names else []
        if (asked and not any(asked)) or ("week" in self._names and day.week is None):
            return ""
        values = {name: label or _MISSING for name, label in labels.items()}
        values |= {
            "term": day.term.name if day.term else "",
            "week": str(day.week),
            "letter": day.letter,
            "weekday": WEEKDAY_NAMES[day.date.weekday()],
            "date": day.date.isoformat(),
        }
        if "day" in self._names:
            values["day"] = next(iter(labels.values()))
        return " ".join(Formatter().vformat(self._pattern, (), values).split())


def _braced(names: Iterable[str]) -> str:
    return ", ".join(f"{{{name}}}" for name in names)


def _additions(year: SchoolYear, wanted: YearEvents) -> Iterator[Series]:
    first, last = wanted.first or year.rules.first, wanted.last or year.rules.last
    found: list[Series] = []
    if "terms" in wanted.additions:
        for term in year.rules.terms:
            found.append(_event(f"first day {term.name}", f"{term.name}: first day", term.first, term.first))
            found.append(_event(f"last day {term.name}", f"{term.name}: last day", term.last, term.last))
    if "closures" in wanted.additions:
        for closure in year.rules.closures:
            whom = "" if closure.for_all else f" ({', '.join(sorted(closure.divisions | closure.cycles))})"
            name = f"{closure.name}{whom}"
            found.append(_event(f"closure {name} {closure.first}", name, closure.first, closure.last))
    if "special" in wanted.additions:
        for special in year.rules.specials:
            if special.name:
                found.append(
                    _event(f"special {special.name} {special.first}", special.name, special.first, special.last)
                )
    for one in found:
        occurrence = one.occurrences[0]
        if occurrence.start.date() <= last and occurrence.end.date() > first:
            yield one


def _event(identity: str, title: str, first: date, last: date) -> Series:
    """Return an all-day event that takes up nobody's time, and that keeps its identity when its title changes."""
    start, end = datetime.combine(first, time()), datetime.combine(last + timedelta(days=1), time())
    return Series(title, (Occurrence(start, end, True, "UTC"),), busy="FREE", id=identity)
