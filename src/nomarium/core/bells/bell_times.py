"""Bell rows and a school year → when each period is, on any date, for any division."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass
from datetime import date, time
from itertools import pairwise
from typing import TYPE_CHECKING

from nomarium.core.bells import wording
from nomarium.core.bells.parted import parted
from nomarium.core.bells.rows import BellRow, Conditions
from nomarium.core.problems import Place, Problem
from nomarium.core.slots import bare_period, period_key, read_periods

if TYPE_CHECKING:
    from nomarium.core.year import Day, SchoolYear, SpecialDay


@dataclass(frozen=True, slots=True)
class Bells:
    """The periods of one day, in the order in which they ring."""

    rows: dict[str, BellRow]
    """By the keys of their names."""
    special: str = ""
    """The special day whose bell times they are, "" for the usual ones."""
    silent: frozenset[str] = frozenset()
    """The keys of the periods that do not ring, as their cells are empty."""

    def row(self, period: str) -> BellRow | None:
        """Return when a period is, None where it does not run."""
        return self.rows.get(period_key(period))


_SEVERAL = 2


class BellTimes:
    """The bell times of a school year: the most specific row that fits wins, two that tie are an error."""

    def __init__(self, rows: Sequence[BellRow], year: SchoolYear) -> None:
        self.rows = rows
        self._year = year
        self._named = frozenset(name for row in rows for name in row.conditions.specials)
        self._spans = frozenset(span for row in rows for span in row.conditions.spans)
        self._special_names = {special.name.casefold(): special.name for special in year.rules.specials}
        self._days: dict[tuple[date, str], Bells] = {}
        self._known: dict[Conditions, Bells] = {}
        self._known_parts: dict[tuple[object, ...], Bells] = {}
        self._ties: dict[tuple[str, int, str, int], Problem] = {}
        """By the rows of the two."""

    def on(self, day: date, division: str = "") -> Bells:
        """Return the bell times of a date for a division, "" for those who are of none."""
        key = (day, division)
        found = self._days.get(key)
        if found is None:
            found = self._of(self.setting(self._year.day(day), division))
            parts = [] if found.special else self._parts(day, division)
            found = self._days[key] = self._parted(found, parts) if parts else found
        return found

    def _parts(self, day: date, division: str) -> list[SpecialDay]:
        """Return what makes a day without bell times of its own differ from a usual one."""
        return [s for s in self._year.attendance.specials(day) if s.part and _is_for(s.divisions, division)]

    def _parted(self, usual: Bells, specials: Sequence[SpecialDay]) -> Bells:
        key = (id(usual), *(special.part for special in specials))
        if key not in self._known_parts:
            rows = usual.rows
            for special in specials:
                rows = parted(rows, special.part) if special.part else rows
            self._known_parts[key] = Bells(rows, " and ".join(special.name for special in specials))
        return self._known_parts[key]

    def spans(self, day: date, text: str, divisions: Collection[str] = ()) -> list[tuple[time, time]]:
        """Return from when to when the periods of a text run on a date: "1-2" and "1/2" are one span, "1, 4" are two.

        None at all where one does not run, or not alike for all ``divisions``, those of the school where none are.
        """
        of = divisions or self._year.rules.divisions or ("",)
        neighbours = set(pairwise(self.on(day, min(of)).rows))
        found: list[tuple[time, time]] = []
        before = ""
        for period in (one for together in read_periods(text.strip()) or () for one in together):
            hours, key = self.times(day, period, of), period_key(period)
            if hours is None:
                return []
            if (before, key) in neighbours:
                found[-1] = (found[-1][0], hours[1])
            else:
                found.append(hours)
            before = key
        return found

    def times(self, day: date, period: str, divisions: Collection[str]) -> tuple[time, time] | None:
        """Return from when to when a period runs on a date; None where it does not, or not alike for all divisions."""
        rows = [self.on(day, division).row(bare_period(period)) for division in divisions or ("",)]
        found = {(row.start, row.end) if row else None for row in rows}
        return found.pop() if len(found) == 1 else None

    def contradictions(self) -> list[Problem]:
        """Return what is wrong with the rows by themselves: two of the same days, and sheets that are never rung."""
        first: dict[tuple[str, Conditions], BellRow] = {}
        told: dict[tuple[str, int, str, int], Problem] = {}
        for row in self.rows:
            other = first.setdefault((period_key(row.period), row.conditions), row)
            if (other.start, other.end) != (row.start, row.end):
                key = (row.place.file, row.place.row, other.place.file, other.place.row)
                told.setdefault(key, wording.tie(row, other))
        return [*told.values(), *self._never_rung()]

    def _never_rung(self) -> list[Problem]:
        """Report sheets of usual bell times of which no row holds on any school day, as others go before them."""
        usual = [row for row in self.rows if not row.conditions.specials]
        sheets = dict.fromkeys((row.place.file, row.place.sheet) for row in usual)
        if len(sheets) < _SEVERAL:
            return []
        divisions = self._year.rules.divisions or ("",)
        ringing: set[tuple[str, str | None]] = set()
        for day in self._year.days(None, None):
            for division in divisions if day.has_school else ():
                rows = self.on(day.date, division).rows.values()
                ringing.update((row.place.file, row.place.sheet) for row in rows)
        return [
            wording.never_rung(
                Place(file, sheet), next(row for row in usual if (row.place.file, row.place.sheet) == (file, sheet))
            )
            for file, sheet in sheets
            if (file, sheet) not in ringing
        ]

    @property
    def ties(self) -> list[Problem]:
        """What ties were found on the dates asked for so far."""
        return list(self._ties.values())

    def periods(self) -> dict[str, str]:
        """Return the names of all periods by their keys."""
        return {period_key(row.period): row.period for row in self.rows}

    def setting(self, day: Day, division: str) -> Conditions:
        """Return all that is true of a date for a division, special days without bell times of their own left out."""
        labels = {
            (rule.name, label)
            for rule, label in zip(self._year.rules.cycles, day.labels, strict=True)
            if label and (not division or not rule.divisions or division in rule.divisions)
        }
        attendance = self._year.attendance
        specials = {
            s.name.casefold()
            for s in day.specials
            if _is_for(s.divisions, division) and s.name.casefold() in self._named
        }
        return Conditions(
            frozenset({division} if division else ()),
            frozenset(labels),
            frozenset({attendance.weekday(day.date, division)}),
            attendance.holding_terms(day.term) if day.term else frozenset(),
            frozenset(specials),
            frozenset(span for span in self._spans if span[0] <= day.date <= span[1]),
        )

    def _of(self, setting: Conditions) -> Bells:
        if setting not in self._known:
            self._known[setting] = self._resolve(setting)
        return self._known[setting]

    def _resolve(self, setting: Conditions) -> Bells:
        fitting: dict[str, list[BellRow]] = {}
        for row in self.rows:
            # A special day's bell times are complete: the usual rows do not fill in.
            if bool(row.conditions.specials) == bool(setting.specials) and row.conditions.hold_on(setting):
                fitting.setdefault(period_key(row.period), []).append(row)
        every = [self._most_specific(rows) for rows in fitting.values()]
        chosen = sorted((row for row in every if row.rings), key=lambda row: (row.start, row.end))
        silent = frozenset(period_key(row.period) for row in every if not row.rings)
        special = " and ".join(sorted(self._special_names.get(name, name) for name in setting.specials))
        return Bells({period_key(row.period): row for row in chosen}, special, silent)

    def _most_specific(self, rows: Sequence[BellRow]) -> BellRow:
        best = rows[0]
        for row in rows[1:]:
            if row.conditions != best.conditions and row.conditions.include(best.conditions):
                best = row
        for row in rows:
            same_times = (row.start, row.end) == (best.start, best.end)
            if (
                row is not best
                and not same_times
                and (row.conditions == best.conditions or not best.conditions.include(row.conditions))
            ):
                self._ties.setdefault(
                    (row.place.file, row.place.row, best.place.file, best.place.row), wording.tie(row, best)
                )
        return best


def _is_for(divisions: frozenset[str], division: str) -> bool:
    return not divisions or division in divisions
