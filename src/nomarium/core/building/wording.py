"""What is said about sources and calendars of a plan, and about what does not go together."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from datetime import datetime
from difflib import get_close_matches

from nomarium.core.problems import Place, Problem, Way, WrongCall, error, note, warning
from nomarium.core.sheets import wrong_columns
from nomarium.core.timetable.wording import listed, near_words, no_timetable
from nomarium.core.values import counted, day_words

__all__ = ["near_words", "no_timetable", "wrong_columns"]


def _listed(names: Iterable[str]) -> str:
    return ", ".join(f"“{name}”" for name in names) or "none"


def no_sheets(place: Place, name: str) -> Problem:
    """A source without sheets."""
    return error(
        "source-without-sheets",
        place,
        f"The source “{name}” names no sheets.",
        advice='Name its files: sheets = "timetable.xlsx".',
    )


def no_code_sheets(place: Place, name: str) -> Problem:
    """A master list without anything that says what its codes are."""
    return error(
        "source-without-codes",
        place,
        f"The source “{name}” is a list of coded slots, but nothing says what its codes are.",
        advice='Name the sheets of codes, one for each person: codes = ["vasquel.csv"].',
    )


_TERMS = (
    'Name the sheet of terms: terms = "terms.csv" under [year]; or write the first and the last day: '
    'spans = "2026-09-08..2027-06-24".'
)


def needs_year(place: Place, what: str) -> Problem:
    """Something that goes by the days of a school year, in a plan without one."""
    return error(
        "year-needed",
        place,
        f"{what} need a school year, but the plan names no terms.",
        advice=_TERMS,
    )


def unknown_name(place: Place, text: str, what: str, known: Iterable[str]) -> Problem:
    """A name that the plan does not have."""
    names = list(known)
    return error(
        f"unknown-{what}",
        place,
        f"The plan has no {what} of this name.",
        found=text,
        advice=f"{near_words(text, names)}It has: {_listed(names)}.",
    )


def no_month_page(place: Place) -> Problem:
    """A sheet that is not drawn as a month."""
    return error(
        "no-month-page",
        place,
        "No month is drawn here.",
        expected="A row of weekdays, and below it rows of days with their numbers.",
        advice="Name the sheet that has it, or leave it out.",
    )


def unknown_split(place: Place, text: str, known: Iterable[str]) -> Problem:
    """A split by something that no meeting has."""
    names = sorted(known)
    near = get_close_matches(text, names, 1)
    meant = f"Did you mean “{near[0]}”? " if near else ""
    return error(
        "unknown-split",
        place,
        "No meeting or event has a value of this name.",
        found=text,
        advice=f"{meant}There are: {_listed(names)}.",
    )


def unfilled(place: Place, wrong: WrongCall) -> Problem:
    """A pattern with a place that nothing fills."""
    return error("unfilled-place", place, wrong.message, advice=wrong.hint)


def file_without_split(place: Place, file: str, split: str) -> Problem:
    """A file's name that would be the same for all calendars of a split."""
    return error(
        "file-without-split",
        place,
        f"All calendars of this split would have the same file: it lacks {{{split}}}.",
        found=file,
        advice=f"Write a name such as “{{{split}}}.ics”.",
    )


def zone_unstated(place: Place, zone: str) -> Problem:
    """A plan without a time zone."""
    return warning(
        "zone-unstated",
        place,
        f"The plan states no time zone: that of this machine is taken, {zone}.",
        advice='State it under [school]: zone = "America/Halifax".',
    )


def unmet_roster(place: Place, classes: Sequence[str], near: str) -> Problem:
    """Classes of a roster that no timetable has."""
    return warning(
        "class-not-met",
        place,
        f"No timetable has a meeting of {counted(len(classes), 'class', 'classes')} named here: {listed(classes, 8)}.",
        advice=f"{near}Correct the names, or take the rows out.",
    )


def rung_by_number(place: Place, rung: Mapping[str, str]) -> Problem:
    """Periods that were taken for those of the bell times with the same numbers."""
    periods = ", ".join(f"“{name}” {period}" for name, period in list(rung.items())[:4])
    more = f" and {len(rung) - 4} more" if len(rung) > 4 else ""
    return warning(
        "period-by-number",
        place,
        f"Periods were taken for those of the bell times by their numbers: {periods}{more}.",
        advice="If they are others, say in a sheet of other names what is rung for each.",
    )


def without_value(place: Place, kind: str, split: str, meetings: int, classes: Sequence[str]) -> Problem:
    """Meetings that no calendar of a split holds."""
    return warning(
        "without-value",
        place,
        f"{counted(meetings, 'meeting')} of {listed(classes, 6)} {'has' if meetings == 1 else 'have'} no {split}: "
        f"no calendar of “{kind}” holds "
        f"{'it' if meetings == 1 else 'them'}.",
        advice=f"Write the {split} in the timetable or in a class list.",
    )


def class_without(place: Place, name: str, classes: Sequence[str]) -> Problem:
    """Classes that no teacher or room is said for, though one is for others."""
    return warning(
        "class-without",
        place,
        f"{counted(len(classes), 'class', 'classes')} {'has' if len(classes) == 1 else 'have'} no {name}: "
        f"{listed(classes, 6)}.",
        advice=f"Write the {name} in the timetable or in a class list, where there is one.",
    )


def doubled_id(place: Place, found: str, other: Place) -> Problem:
    """Two events of the plan's sources with one id."""
    return error(
        "doubled-id",
        place,
        f"This id stands in {other} too.",
        found=found,
        advice='Give each event its own, or leave the column alone: columns = { "Id" = "" }.',
    )


def identical_events(place: Place, summary: str, other: Place) -> Problem:
    """Two rows that make the same event."""
    return warning(
        "identical-events",
        place,
        f"The row says the same as {other}: both events are kept.",
        found=summary,
        advice="Delete one of the rows if it is one event.",
    )


def empty_calendars(place: Place, kind: str) -> Problem:
    """A kind of calendar that holds nothing."""
    return warning(
        "empty-calendar", place, f"The calendars “{kind}” would be empty.", advice="Look at its sources and its split."
    )


def same_slot(place: Place, class_name: str, when: str, other: Place) -> Problem:
    """A class that meets twice at once, by two rows."""
    where = "the same row" if other == place else str(other)
    return warning(
        "same-slot",
        place,
        f"“{class_name}” meets twice on {when}: here, and by {where}. Both are kept.",
        advice="Take one out, or tell the halves of the class apart in a column “Group”.",
    )


def unexpected_count(place: Place, name: str, expected: int, found: int) -> Problem:
    """A class with more or fewer meetings than the plan says."""
    return error(
        "unexpected-count",
        place,
        f"“{name}” has {counted(found, 'meeting')}, but the plan expects {expected:,}.",
        advice="Look for a lost row or day, or correct the number in the plan.",
    )


def no_division(place: Place, closure: str, classes: Sequence[str]) -> Problem:
    """Classes of no division, where closures differ by division."""
    return warning(
        "no-division",
        place,
        f"{listed(classes, 4)} {'has' if len(classes) == 1 else 'have'} no division: closures of one division, "
        f"such as “{closure}”, do not touch "
        f"{'it' if len(classes) == 1 else 'them'}.",
        advice="Give classes their division in a column, a class list, or for the whole source in the plan.",
    )


def division_by_grade(place: Place, division: str, classes: Sequence[str]) -> Problem:
    """Note: classes were taken for a division that is called by their grade."""
    return note(
        "division-by-grade",
        Place(place.file, place.sheet),
        f"{_listed(classes)} {'was' if len(classes) == 1 else 'were'} taken for the division “{division}”: "
        "by the grade that the name begins with.",
        advice="Write the division in a class list where that is not so.",
    )


def foreign_file(path: str) -> Problem:
    """A file in the way that we did not write."""
    return error(
        "foreign-file",
        Place(path),
        "A file that this program did not write stands where a calendar would go. Nothing was written.",
        advice=(
            "Move it away, choose another folder under [output]",
            Way("force", "use {} to write over it"),
        ),
    )


def no_longer_built(place: Place, files: Sequence[str]) -> Problem:
    """Calendars of an earlier build that the plan makes no more."""
    changed = ", ".join(files[:5]) + (f" and {len(files) - 5} more" if len(files) > 5 else "")
    return note(
        "no-longer-built",
        place,
        f"{counted(len(files), 'calendar')} of an earlier build {'is' if len(files) == 1 else 'are'} no longer built, "
        "and left as "
        f"{'it was' if len(files) == 1 else 'they were'}: {changed}.",
        advice="Delete them if nobody needs them any more.",
    )


def nothing_to_build(place: Place) -> Problem:
    """A plan without sources."""
    return error(
        "no-sources",
        place,
        "The plan names no sources, so that there is nothing to build.",
        expected='A table such as [sources.timetable] with sheets = "timetable.csv".',
        advice="“nomarium new . *.csv *.xlsx” drafts a plan from the sheets that you have.",
    )


def entries(count: int) -> str:
    """How many entries a look-up sheet has."""
    return counted(count, "entry", "entries")


def key_of_other_kind(place: Place, key: str, kind: str, kinds: Sequence[str]) -> Problem:
    """A key of a source that means nothing for what its sheets hold."""
    return error(
        "key-without-effect",
        place,
        f"The key “{key}” has no effect here: the source was read as {kind}.",
        found=key,
        advice=f"Take it out; it has one for: {', '.join(kinds)}.",
    )


def key_without_effect(place: Place, key: str, what: str) -> Problem:
    """A key of a sheet that means nothing for what the sheet is."""
    return error(
        "key-without-effect",
        place,
        f"The key “{key}” has no effect here: the sheet was read as {what}.",
        found=key,
        advice="Take it out; it has one for lists, with a row of headings.",
    )


def holidays_lack(place: Place, what: str) -> Problem:
    """A source of public holidays without countries, or without the days that are meant."""
    if what == "countries":
        advice = 'Name them: holidays = ["US", "GB-SCT"].'
    else:
        advice = 'State the days under [sheets]: within = "2026-09-01..2027-08-31"; or name the sheet of terms.'
    return error("holidays-lack", place, f"The public holidays lack their {what}.", advice=advice)


def undecided(place: Place, name: str, reason: str) -> Problem:
    """Something that the plan's draft left open, though it could change the year or its meetings."""
    return error(
        "undecided",
        place,
        f"“{name}” is still open: {reason}",
        advice="Settle it where it belongs and take this line out; without this line the plan is built as it stands.",
    )


_Laid = Mapping[tuple[str, str], Mapping[str, Sequence[str]]]
"""By list and class the starts of each lesson, as ISO 8601."""


def lesson_moves(before: _Laid, now: _Laid) -> list[str]:
    """Say which lessons are on other days than before, class by class."""
    lines = []
    for key, lessons in now.items():
        known = before.get(key)
        if known is None:
            continue
        whose = key[1]
        moved = [
            (starts[0], title, known[title][0])
            for title, starts in lessons.items()
            if title in known and known[title] != starts
        ]
        if moved:
            start, title, was = min(moved)
            more = f", and {len(moved) - 1} after it" if len(moved) > 1 else ""
            lines.append(f"{whose}: {title} moves from {_from_to(was, start)}{more}")
        new = [title for title in lessons if title not in known]
        lines += [f"{whose}: {_some(new)} {'is' if len(new) == 1 else 'are'} new"] if new else []
        gone = [title for title in known if title not in lessons]
        lines += [f"{whose}: {_some(gone)} {'is' if len(gone) == 1 else 'are'} no longer laid"] if gone else []
    return lines


def _some(titles: Sequence[str]) -> str:
    shown = ", ".join(titles[:3])
    return f"{shown} and {len(titles) - 3} more" if len(titles) > 3 else shown


def _from_to(was: str, start: str) -> str:
    """Return "Tue 12 to Thu 14 Jan", with the months and times that both need."""
    one, other = datetime.fromisoformat(was), datetime.fromisoformat(start)
    first, second = (day_words(day.date()).rsplit(" ", 1)[0] for day in (one, other))  # the year goes without saying
    if first == second:
        return f"{one:%H:%M} to {other:%H:%M} on {second}"
    return f"{first.rsplit(' ', 1)[0] if one.month == other.month else first} to {second}"
