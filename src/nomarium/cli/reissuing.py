"""What ``convert`` does about calendars that it gave out before: finds them, carries on, says what changes."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from dataclasses import dataclass, field
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core import history
from nomarium.core.calendars import Calendar
from nomarium.core.marks import carries_mark
from nomarium.core.problems import Place, Problem, has_errors

if TYPE_CHECKING:
    from nomarium.cli.target import Target
    from nomarium.core.conversion import Conversion


@dataclass(frozen=True, slots=True)
class Again:
    """What was said about what was given out before."""

    since: Path | None = None
    """A calendar file, or for a split the folder of several, that the changes are told from; else what stands there."""
    updates: Path | None = None
    """Where the small calendars go that bring an import up to date."""
    accept: bool = False
    fresh: bool = False
    zone: str = "UTC"


@dataclass(slots=True)
class Reissued:
    """The calendars of a run as they go on from those given out before."""

    calendar: Calendar
    at: datetime
    problems: list[Problem] = field(default_factory=list)
    kept: dict[str, str] = field(default_factory=dict)
    """The UIDs that corrected events keep."""
    given: dict[Path, list[history.GivenFile]] = field(default_factory=dict)
    """The earlier files of each file that is written, or was; the one that changes are told from first."""
    files: dict[Path, history.Reissue] = field(default_factory=dict)

    def of(self, path: Path, calendar: Calendar) -> Calendar:
        """Return the calendar of one file, going on from what it was."""
        if not self.given:
            return calendar
        self.files[path] = history.Reissue(calendar, self.given.get(path, []), self.at, self.kept)
        return self.files[path].calendar

    def forsaken(self, written: Iterable[Path]) -> list[tuple[Path, tuple[bytes]]]:
        """Return the files of people who are in the sheets no more, with all in them cancelled; they are told."""
        files: list[tuple[Path, tuple[bytes]]] = []
        for path in sorted(self.given.keys() - set(written)):
            self.of(path, Calendar(path.stem, (), ()))
            cancelled = history.cancelled_file(path, self.at)
            if cancelled is not None:
                files.append((path, (cancelled[0],)))
                self.problems.append(history.nobody_now(Place(str(path)), cancelled[1]))
        return files

    def differences(self) -> history.Differences:
        """Return what changes on the whole: an event that only goes from one file to another has changed."""
        found: dict[str, history.Difference] = {}
        for reissue in self.files.values():
            for one in reissue.differences.found:
                uid = one.entry.uid
                found[uid] = _both(found[uid], one) if uid in found else one
        return history.Differences(list(found.values()), len(set(self.calendar.uids) - found.keys()))

    def updates(self, folder: Path, target: Target) -> Iterator[tuple[Path, tuple[bytes], int]]:
        """Yield the small calendars of those files in which anything has changed: path, bytes, events."""
        for path, reissue in self.files.items():
            if reissue.differences.found:
                data, events = reissue.update()
                yield folder / path.relative_to(target.folder) if target.split else folder, (data,), events


def _both(one: history.Difference, other: history.Difference) -> history.Difference:
    """Return what two files say of one event: gone from one and new in the other, it has changed."""
    if {one.what, other.what} == {history.What.ADDED, history.What.GONE}:
        return history.Difference(history.What.CHANGED, one.before or other.before, one.after or other.after)
    return max(one, other, key=lambda difference: list(history.What).index(difference.what))


def reissued(result: Conversion, target: Target, again: Again, at: datetime, place: Place, scope: str) -> Reissued:
    """Carry on what was given out before. Raises DataRefused where an earlier file can't be read."""
    calendar = result.calendar
    made = Reissued(calendar, at)
    if again.fresh:
        return made
    made.given = _earlier(target, again)
    given = [file for several in made.given.values() for file in several]
    made.calendar = calendar = calendar.one_by_one() if given else calendar
    if target.form == "ics" and (given or any(sheet.matches.column("id") for sheet in result.sheets)):
        series, made.problems = history.put_back(calendar.series, given)
        if series is not calendar.series:
            made.calendar = calendar = Calendar.of(calendar.name, series, scope)
    if not given or has_errors(made.problems):
        return made
    carried = history.carry_uids(calendar, given, place)
    made.calendar, made.kept = carried.calendar, carried.kept
    made.problems += [*carried.problems, *history.foreign_events(given, carried.calendar)]
    stopped = None if again.accept else history.stop_too_much(carried, given, place)
    made.problems += [stopped] if stopped else []
    return made


def _earlier(target: Target, again: Again) -> dict[Path, list[history.GivenFile]]:
    """Return the earlier files of each file that may be written."""
    there = [path for path in target.standing() if path.suffix.lower() == ".ics" and carries_mark(path)]
    found: dict[Path, list[history.GivenFile]] = {path: [history.read_given(path, again.zone)] for path in there}
    if again.since is None:
        return found
    if target.split:
        since = {target.folder / path.relative_to(again.since): path for path in sorted(again.since.rglob("*.ics"))}
    else:
        since = {target.path or Path(): again.since}
    for path, earlier in since.items():
        if not found.get(path) or not earlier.samefile(path):
            found[path] = [history.read_given(earlier, again.zone), *found.get(path, [])]
    return found
