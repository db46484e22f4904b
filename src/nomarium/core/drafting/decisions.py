"""What all dates of a year hang on: told from the sheets, or left open until somebody says it."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from typing import NamedTuple

from nomarium.core.columns import Kind
from nomarium.core.drafting.sheets import DraftCycle, FoundSheet, weekdays_of
from nomarium.core.drafting.toml import toml_key, toml_text
from nomarium.core.recognition import NUMBER_FAMILY
from nomarium.core.year import listed_words

_HANGS_ON_THE_YEAR = (Kind.LIST, Kind.GRID, Kind.BELLS, Kind.CLOSURES, Kind.SPECIAL_DAYS, Kind.DAYS, Kind.WEEKS)
_UNIVERSAL_TIME = ("UTC", "Etc/UTC", "Etc/UCT", "Etc/GMT", "GMT", "Universal", "Zulu")


class Decision(NamedTuple):
    """Something that could shift every event and that no sheet settles: what it is about, and what to write."""

    about: str
    what: str


def of_programme(name: str, file: str) -> Decision:
    """A programme whose start no sheet says."""
    source = f"[sources.{toml_key(name)}]"
    return Decision(name, f"{file} counts from a start that no sheet says. Write start = 2027-03-01 under {source}.")


def of_unreadable(file: str, why: str) -> Decision:
    """A file that cannot be read: nobody knows what it says."""
    return Decision(file, f"It is not used: {why}. Save it anew, or take this line out to do without it.")


def of_names_and_dates(file: str) -> Decision:
    """A sheet that may be of closures or of events, beside a timetable."""
    return Decision(
        file,
        "It has names and dates without times: closures, on which no class meets, or events? If closures, name it "
        f"under [year]: closures = {toml_text(file)}, and take its source and calendar out; if events, take this line "
        "out.",
    )


def of_silent_lines(file: str, lines: Sequence[str]) -> Decision:
    """A plain list of names and dates, of which no word says that they are closures."""
    shown = ", ".join(f"“{line}”" for line in lines[:3])
    more = ", …" if len(lines) > 3 else ""
    return Decision(
        file,
        f"Its lines have names and dates ({shown}{more}), and no word says that the school is closed on them. "
        "If it is, take this line out; if not, take its line under [year] out, too.",
    )


def of_changes(file: str) -> Decision:
    """A sheet that is called as changes of a timetable are, and was not known as one."""
    return Decision(
        file,
        "Its name says that it has changes of the timetable, but no column says what changes: what is cancelled in it "
        f"would stay. Name it under [classes]: changes = {toml_text(file)}, with its columns; if it has events, "
        "take this line out.",
    )


def of_silent_rows(file: str, names: Sequence[str]) -> Decision:
    """Rows of a calendar of the year that may close the school, and do not say so."""
    shown = listed_words([f"“{name}”" for name in names[:5]])
    more = f" (and {len(names) - 5} more)" if len(names) > 5 else ""
    return Decision(
        file,
        f"These rows do not say whether the school is closed: {shown}{more}. Write “(no school)” behind those that "
        "close it; then, or if none does, take this line out.",
    )


def of_unused(name: str, is_of_days: bool, path: str) -> Decision:
    """A sheet of codes or of days that nothing uses."""
    if is_of_days:
        what = f"Whose days are these? Name it under the cycle that they are of: listed = {path}."
    else:
        what = f"Which sheet has these codes in its cells? Name it under that source: codes = {path}."
    return Decision(name, f"It is not used. {what} Or take this line out to do without it.")


def of_blocks(name: str, source: str) -> Decision:
    """A grid of blocks of which no sheet says what they are."""
    return Decision(
        name,
        "Its cells are short codes that come again, and no sheet says what they stand for. Name the key under "
        f'[sources.{toml_key(source)}]: codes = "key.csv"; or take this line out: they are called as they are written.',
    )


def of_unknown(name: str, why: str, nearest: str) -> Decision:
    """A sheet with days or times that is none of a known kind; ``nearest`` is what comes nearest and what it lacks."""
    return Decision(
        name,
        f"It holds days or times, but is not used: {nearest or why}. Name it where it belongs, with columns = "
        '{ "HEADING" = "field" } in its table, or see “nomarium inspect” for what it lacks.',
    )


def of_zone(zone: str, *, stated: bool) -> Iterator[Decision]:
    """A time zone that nobody said, where the machine's is the universal time."""
    if not stated and zone in _UNIVERSAL_TIME:
        yield Decision(
            "time zone",
            f"Nobody said it, and this machine goes by {zone}. Write the school’s under [school]: "
            'zone = "America/Halifax"; or draft anew with --zone.',
        )


def of_terms(sheets: Sequence[FoundSheet]) -> Decision:
    """Sheets that hang on a school year, at least one of them, where none says when it is."""
    kinds = [sheet.kind for sheet in sheets]
    there = [f"“{kind}”" for kind in _HANGS_ON_THE_YEAR if kind in kinds]
    return Decision(
        "terms",
        f"There are sheets of {listed_words(there)}, but none says when the terms begin and end. Name it under "
        '[year]: terms = "terms.csv"; or write the first and the last day: spans = "2026-09-08..2027-06-24".',
    )


def of_idle_closures(file: str) -> Decision:
    """Closures beside what repeats, where no sheet says when the year is: they would have no effect."""
    return Decision(
        file,
        "It says when it is closed, but no sheet says from when until when the year runs, so that nothing is closed. "
        'Write under [year] spans = "2026-09-08..2027-06-24" and '
        f"closures = {toml_text(file)}; or take this line out: what repeats does so on those days, too.",
    )


def of_idle(file: str, kind: str) -> Decision:
    """A sheet that serves timetables, where no sheet is one."""
    return Decision(
        file,
        f"It was taken for {kind}, but there is no timetable that would go by it. Give “nomarium new” the timetable, "
        "too; if this sheet is one, “nomarium inspect” says why it was not taken for it; or take this line out to do "
        "without it.",
    )


def of_closures(sheets: Sequence[FoundSheet], left_out: Sequence[FoundSheet]) -> Iterator[Decision]:
    """Meetings in a year that nothing interrupts."""
    kinds = {kind for sheet in sheets for kind in (sheet.kind, *sheet.recognised.also)}
    if {Kind.LIST, Kind.GRID} & kinds and Kind.CLOSURES not in kinds:
        if any(sheet.kind is Kind.CLOSURES for sheet in left_out):
            return  # the sheet itself is named as open
        yield Decision(
            "closures",
            "No sheet says when the school is closed: classes would meet on every holiday. Name it under [year]: "
            'closures = "closures.csv"; and if public holidays close it, with your own country or region: '
            'public_holidays = "CA-NS". If it is never closed, take this line out.',
        )


def of_cycle(cycle: DraftCycle, first: str, *, start: str, advance: str) -> Iterator[Decision]:
    """A cycle whose days no list proves: its start, and what a closure does; ``first`` is a date to begin with."""
    missing = [label for label in cycle.all_labels() if label not in cycle.labels]
    if cycle.exact or cycle.weeks_of is not None or ((start or cycle.listed) and advance and not missing):
        return
    lacking = [] if start or cycle.listed else [f"which date is its first day (start = {first})"]
    lacking += [] if advance else [
        'whether a closure holds the day (advance = "school days") or uses it up (advance = "working days")'
    ]  # fmt: skip
    lacking += [f"whether it has {listed_words(missing)} (labels = “{cycle.range()}”)"] if missing else []
    sheets = listed_words(list(dict.fromkeys(cycle.said_by)))
    numbered = cycle.family == NUMBER_FAMILY and set(cycle.labels) <= set("1234567") and not cycle.listed
    weekdays = (
        ' If the numbers are weekdays, Monday as 1, write day_numbers = "weekdays" under their sources instead.'
        if numbered
        else ""
    )
    yield Decision(
        f"cycle {cycle.name}",
        f"Its days stand in {sheets}, but no sheet says {listed_words(lacking)}. Write "
        f'it under [cycles.{toml_key(cycle.name)}], or name a list of dates and their days: listed = "days.csv".'
        f"{weekdays}",
    )


def of_letters(letters: Sequence[str], listed: Sequence[FoundSheet]) -> Iterator[Decision]:
    """Weeks that go by letters, and none says which."""
    if letters and not listed:
        yield Decision(
            "letters of weeks",
            f"Weeks {listed_words(letters)} are named, but no sheet says which week is which: they would begin with "
            f"{letters[0]} in the first week of the first term, and weeks without school would not count. State it "
            'under [year.weeks] (letters_by, letters_restart), or name a list of weeks: listed = "weeks.csv".',
        )


def school_days(sheets: Sequence[FoundSheet]) -> tuple[str, str]:
    """Return the weekdays of school as a plan writes them, and the file that proves them.

    ("", file) where they are the usual Monday to Friday, ("", "") where no sheet shows it.
    """
    named: dict[int, str] = {}
    for sheet in sheets:
        if sheet.kind in (Kind.LIST, Kind.GRID, Kind.DAYS):
            named |= {day: sheet.path.name for day in weekdays_of(sheet) if day not in named}
    weekend = [day for day in (5, 6) if day in named]
    if not weekend:
        return "", named[max(named)] if len(named) > 2 else ""
    if 6 in named and 4 not in named:  # Friday is the day of rest
        days = "Sat-Thu" if 5 in named else "Sun-Thu"
    else:
        days = "Mon-Sun" if 6 in named else "Mon-Sat"
    return days, named[weekend[-1]]
