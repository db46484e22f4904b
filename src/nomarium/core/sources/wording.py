"""What is said about rows that make no event, and about decisions taken for those that do."""

from __future__ import annotations

from collections.abc import Mapping
from datetime import date, datetime, time, timedelta
from itertools import islice
from typing import Literal, NamedTuple

from nomarium.core.problems import Advice, Place, Problem, Severity, Way, error, note, warning
from nomarium.core.values import ClockTime, counted, day_words

_CORRECT = ("Correct the row", Way("keep_going", "leave it out with {}"))


class Finding(NamedTuple):
    """Something about a row's dates and times, before it is known which rows say just that."""

    severity: Severity
    code: str
    message: str
    advice: Advice = ""
    about: Literal["day", "start", "end"] = "day"
    """Which of the row's cells it is about."""

    @property
    def is_error(self) -> bool:
        """Whether the row makes no event."""
        return self.severity is Severity.ERROR

    def at(self, place: Place, found: str) -> Problem:
        """Return the problem that this is in a row."""
        return Problem(self.severity, self.code, place, self.message, found, "", self.advice)


def morning_assumed(place: Place, text: str, evening: str, count: int) -> Problem:
    """Starts without am or pm, at an hour at which what the sheet is about may be in the morning or in the evening."""
    more = f", and {count - 1} more" if count > 1 else ""
    return warning(
        "morning-assumed",
        place,
        f"It says neither am nor pm, and was read in the morning{more}; the sheet speaks of “{evening}”.",
        found=text,
        advice=("If it is in the evening, write pm", Way("hours", "{} says in which hours such times lie", "9-21")),
    )


def called_off(place: Place, said: Mapping[str, int]) -> Problem:
    """Events that are called off by words in their title or a remark; ``said`` with their counts."""
    events = counted(sum(said.values()), "event")
    return warning(
        "called-off",
        place,
        f"{events} given out as cancelled, as the words say: {_with_counts(said)}.",
        advice="If one is on, say so in a column “Status”: confirmed. A row that you clear is gone from the calendar.",
    )


def moved(place: Place, text: str, count: int) -> Problem:
    """Remarks that name another day than the date of their rows."""
    more = f" So do {count - 1:,} more." if count > 2 else " So does one more." if count > 1 else ""
    return warning(
        "moved-by-remark",
        place,
        f"The remark says that it is moved; it is given out on the day of its date.{more}",
        found=text,
        advice="Correct the date, if it is not the new one yet.",
    )


def hours_overlap(place: Place, count: int, minutes: int) -> Problem:
    """Events of an assumed length that last past the start of the next one."""
    return warning(
        "assumed-overlap",
        place,
        f"{counted(count, 'event')} without an end would last past the start of the next, which begins {minutes} "
        "minutes later.",
        advice=(Way("length", "{} says how long each takes", f"{minutes}min"),),
    )


def other_year(place: Place, title: str, year: int) -> Problem:
    """Events that lie in other years than the titles of their sheet name."""
    return warning(
        "other-year",
        place,
        f"The events begin in {year}, and “{title}” names another year.",
        advice=("Correct the dates", Way("within", "{} says of which days the sheet is", "2026-08-01..2027-07-31")),
    )


def lasts_long(place: Place, days: int, count: int) -> Problem:
    """Events that last most of a year."""
    more = f", and {count - 1:,} more like it" if count > 1 else ""
    return warning(
        "lasts-long",
        place,
        f"The event lasts {days:,} days{more}.",
        advice="If its two dates are two events, or the end of something else, correct the sheet’s headings.",
    )


def nothing_on(place: Place, titles: Mapping[str, int]) -> Problem:
    """Rows whose titles say that nothing is on, or that a team does not play; ``titles`` with their counts."""
    rows = counted(sum(titles.values()), "row")
    return note("nothing-on", place, f"{rows} left out, as the title says that nothing is on: {_with_counts(titles)}.")


def _with_counts(texts: Mapping[str, int]) -> str:
    words = ", ".join(f"“{text}” ({count:,})" for text, count in islice(texts.items(), _SHOWN))
    return words + (f" and {len(texts) - _SHOWN:,} more" if len(texts) > _SHOWN else "")


_SHOWN = 3


def first_day_of_week(place: Place, text: str) -> Problem:
    """Rows with times, of which only the first day of their week is said."""
    return warning(
        "first-day-of-week",
        place,
        "This is the first day of a week, and no weekday stands beside it: it was taken for the day itself.",
        found=text,
        advice="If it is on another day, write the weekday in a column “Weekday”.",
    )


def _clock(moment: datetime) -> str:
    return f"{moment:%H:%M}"


def _spoken(value: date | ClockTime) -> str:
    return day_words(value) if isinstance(value, date) else f"{value.seconds // 3600}:{value.seconds // 60 % 60:02}"


def no_date() -> Finding:
    """A title without a date."""
    return Finding(
        Severity.ERROR, "no-date", "The row has no date.", ("Write the date", Way("keep_going", "leave it out with {}"))
    )


def two_answers(mine: date | ClockTime, other: date | ClockTime) -> Finding:
    """Two columns say different things about the same part."""
    message = f"The row says both {_spoken(mine)} and {_spoken(other)}."
    return Finding(Severity.ERROR, "two-answers", message, _CORRECT)


def last_before_first(first: date, last: date) -> Finding:
    """The last day is before the first."""
    message = f"It ends on {day_words(last)}, before it starts on {day_words(first)}."
    return Finding(Severity.ERROR, "end-before-start", message, _CORRECT)


def end_before_start(start: datetime, end: datetime) -> Finding:
    """The end time is before the start time, and not past midnight."""
    message = f"The event ends at {_clock(end)}, before it starts at {_clock(start)}."
    return Finding(Severity.ERROR, "end-before-start", message, _CORRECT, "end")


def end_without_start() -> Finding:
    """An end time alone."""
    message = "The event has an end time, but no start time."
    return Finding(Severity.ERROR, "no-start-time", message, _CORRECT, "end")


def length_without_start() -> Finding:
    """Some hours long, but from when?"""
    message = "The event has a length in hours, but no start time."
    return Finding(Severity.ERROR, "no-start-time", message, _CORRECT)


def last_day_without_end(last: date) -> Finding:
    """A start time, a later last day, no end time."""
    message = f"The event has a start time and ends on {day_words(last)}, but at what time?"
    return Finding(Severity.ERROR, "no-end-time", message, "Write the end time, or take the start time out.")


def length_against_end(start: datetime, end: datetime) -> Finding:
    """Start, end and length do not fit together."""
    message = f"The length does not fit the times from {_clock(start)} to {_clock(end)}."
    return Finding(Severity.ERROR, "two-answers", message, _CORRECT, "end")


def ends_at_midnight(last: date) -> Finding:
    """An all-day row that ends at 0:00, as calendar programs write the end of the day before."""
    return Finding(
        Severity.NOTE, "ends-at-midnight", f"The row is all-day and ends at 0:00: its last day is {day_words(last)}."
    )


def all_day_with_times() -> Finding:
    """Marked all-day, and times beside it."""
    message = "The row says all-day and has times too: taken as all-day."
    return Finding(Severity.WARNING, "all-day-with-times", message, "Take out the times or the mark.", "start")


def no_time() -> Finding:
    """No time where other rows have one."""
    message = "The row has no time where other rows have one: taken as all-day."
    return Finding(Severity.WARNING, "no-time", message, "Write the time, or “all day” in its place.")


def times_of_titles(place: Place, title: str, count: int) -> Problem:
    """Titles that say when they are, where no column does."""
    told = "title says when it is: its time was" if count == 1 else "titles say when they are: their times were"
    message = f"{count} {told} taken from there, as no column has any (“{title}”)."
    return note("times-of-titles", place, f"{message} Where it is all day, write that into a column “Time”.")


def time_of_remark(place: Place, remark: str) -> Problem:
    """A row whose remark says when it is, where no column does."""
    return note("time-of-remark", place, f"“{remark}” says when this row is, as no column does.")


def time_in_remark(place: Place, remark: str) -> Problem:
    """A row whose remark begins with a time that may be its own, and was not taken."""
    return warning(
        "time-in-remark",
        place,
        "A time stands in front, and was not taken as when this row is.",
        found=remark,
        advice="If it is, write it into a column of times.",
    )


def time_of_heading(place: Place, heading: str, time: str) -> Problem:
    """A heading of dates that says when on each of them something is."""
    message = f"“{heading}” says the time of all dates below it: {time}."
    return note("time-of-heading", place, message, advice="Where a row has another, write the times into a column.")


def time_in_title(place: Place, title: str) -> Problem:
    """An event of the whole day whose title says a time."""
    message = "It is an event of the whole day, but its title says a time."
    return warning("time-in-title", place, message, found=title, advice="Write the time into a column of times.")


def half_of_end(start: time) -> Finding:
    """A start that names no half of the day, beside an end that does."""
    message = f"The start says neither am nor pm: by the end beside it, it is {start:%H:%M}."
    return Finding(Severity.NOTE, "half-of-end", message, "If that is wrong, write am or pm behind it.", "start")


def starts_at_midnight(day: date) -> Finding:
    """A start at midnight, which ends the day of its row."""
    message = f"The event starts at midnight, the end of its day: at 0:00 on {day_words(day)}."
    return Finding(
        Severity.NOTE, "starts-at-midnight", message, "If the beginning of its day is meant, write 0:00.", "start"
    )


def no_bells(place: Place, heading: str) -> Problem:
    """A column of periods where no bell times say when they are."""
    return warning(
        "no-bell-times",
        place,
        f"“{heading}” says in which period events are, but no bell times are known here: they have no times by it.",
        advice=(Way("plan", "Name a plan that has them under [bells], with {}"), Way("bells", "name them: {}")),
    )


def not_rung_then(text: str, day: date) -> Finding:
    """Periods that have no bell times on their date."""
    message = f"Period “{text}” has no bell times on {day_words(day)}: the event has no times."
    advice = "Look at the bell times, or write the times into the row, in a column of their own."
    return Finding(Severity.WARNING, "period-not-rung", message, advice)


def night_start(start: datetime) -> Finding:
    """An event in the night is more often a slip."""
    message = f"The event starts at {_clock(start)}, in the night."
    return Finding(
        Severity.WARNING, "night-start", message, "If the afternoon is meant, write pm or 24-hour times.", "start"
    )


def ends_next_day(start: datetime, end: datetime) -> Finding:
    """Past midnight."""
    message = f"The event runs from {_clock(start)} past midnight to {_clock(end)} on the next day."
    return Finding(Severity.NOTE, "ends-next-day", message, about="end")


def no_length(start: datetime) -> Finding:
    """A start and an end that are the same time."""
    message = f"It begins and ends at {_clock(start)}: an event without a length."
    advice = "If it lasts until the same time on the next day, write its last day, or both times into one cell"
    return Finding(Severity.WARNING, "no-length", message, (advice,), about="end")


def skipped_time(moment: datetime, zone: str) -> Finding:
    """The clock is put forward over this time."""
    message = f"{_clock(moment)} does not exist on {day_words(moment)} in {zone}: the clock is put forward over it."
    return Finding(Severity.ERROR, "skipped-time", message, _CORRECT, "start")


def doubled_time(moment: datetime, zone: str) -> Finding:
    """The clock is put back, and shows this time twice."""
    message = f"{_clock(moment)} comes twice on {day_words(moment)} in {zone}: the first is taken."
    return Finding(Severity.NOTE, "doubled-time", message, about="start")


def taken_for_footer(place: Place, text: str) -> Problem:
    """The only text of a row below the last date."""
    message = f"“{text}” stands alone below all dates: it was taken for a remark, and makes no event."
    return note("footer", place, message, advice="If it is an event, write its date.")


def no_title(place: Place, found: str) -> Problem:
    """A date and more, but no title."""
    return error(
        "no-title",
        place,
        "The row has no title.",
        found=found,
        advice=("Write one", Way("keep_going", "leave it out with {}")),
    )


_CHOICES = {
    "all_day": "neither yes nor no",
    "status": "neither confirmed, tentative nor cancelled",
    "visibility": "neither public, private nor confidential",
    "busy": "neither busy nor free",
    "rsvp": "neither yes nor no",
    "reminder_on": "neither yes nor no",
    "color": "no name of a colour of the standard, such as teal or darkblue",
    "priority": "no priority: high, medium, low, or a number from 1 to 9",
    "geo": "no latitude and longitude, such as 57.48; -4.22",
    "image": "no web address",
    "conference": "no web address",
}


def unknown_word(place: Place, name: str, heading: str, found: str, *, stops: bool = True) -> Problem:
    """A cell that should say one of a few things says another; where that ``stops`` nothing, the event does without."""
    return (error if stops else warning)(
        f"unknown-{name.replace('_', '-')}",
        place,
        f"This is {_CHOICES[name]}{'' if stops else ', and the event says nothing of it'}.",
        found=found,
        advice=(
            "Correct or empty the cell",
            Way("value", "say what it means with {}", f"{heading}: {found}=WORD"),
            Way("column", "leave the column alone with {}", f"{heading}="),
        ),
    )


def reminder_not_read(place: Place, found: str) -> Problem:
    """A reminder whose date or time cannot be read."""
    message = "This is no date or time to remind at, and the event does not remind."
    return warning("reminder-not-read", place, message, found=found, advice="Correct or empty the cell.")


def reminder_after_start(place: Place, found: str) -> Problem:
    """A reminder that would come when the event has begun."""
    message = "The reminder lies after the start of the event, and was left out."
    return warning("reminder-after-start", place, message, found=found, advice="Correct or empty the cell.")


def dates_carried(place: Place, count: int) -> Problem:
    """Rows without a date that take it from the row above."""
    rows = "1 row without a date takes" if count == 1 else f"{count:,} rows without a date take"
    message = f"{rows} that of the row above: the dates stand only where they change."
    return note("dates-carried", place, message, advice="Where that is wrong, write the date.")


def bare_length(place: Place, found: str) -> Problem:
    """A number without a unit: minutes or hours?"""
    return error(
        "unreadable-length",
        place,
        "This is no length of time.",
        found=found,
        expected="A length such as 90 min, 1h, 1:30 or 2 days; a bare number needs its unit in the heading: “Minutes”.",
        advice="Correct the cell, or name the unit in the heading.",
    )


def unit_assumed(place: Place, heading: str, unit: str) -> Problem:
    """Numbers without a unit that can only be minutes, or hours."""
    return note(
        "length-unit-assumed",
        place,
        f"The numbers under “{heading}” name no unit, and were taken for {unit}.",
        advice=f"Write the unit into the heading: “{heading} ({unit})”.",
    )


def no_web_address(place: Place, found: str) -> Problem:
    """Text in the column of links."""
    return warning(
        "no-web-address",
        place,
        "This is no web address: it was put below the description instead.",
        found=found,
        advice="Write the address with https:// in front.",
    )


def doubled_id(place: Place, heading: str, found: str, first: Place) -> Problem:
    """The same identifier twice."""
    return error(
        "doubled-id",
        place,
        f"This id stands in {first.cell} too.",
        found=found,
        advice=("Give each event its own", Way("column", "leave the column alone with {}", f"{heading}=")),
    )


def shared_uid(place: Place, summary: str, first: Place) -> Problem:
    """Two calendar files hold the same event."""
    return note("shared-uid", place, f"“{summary}” has the same UID as an event of {first}: this later one was kept.")


def near_double(place: Place, summary: str, other: str, first: Place) -> Problem:
    """Two events at the same time whose titles are near the same."""
    named = "with the same title" if summary == other else f"called “{other}”"
    return warning(
        "near-double",
        place,
        f"“{summary}” stands twice, it seems: an event at the same time, {named}, is in {first}.",
        advice="Take one of them out if they are the same; “nomarium weed” does so in a calendar file.",
    )


def identical_events(place: Place, summary: str, first: Place) -> Problem:
    """Two rows make the same event."""
    return warning(
        "identical-events",
        place,
        f"The row says the same as row {first.row}: both events are kept.",
        found=summary,
        advice="Delete one of the rows if it is one event.",
    )


def not_looked_up(place: Place, found: str, file: str, near: str | None) -> Problem:
    """A code or name that the look-up sheet does not have."""
    meant = f" The nearest there is “{near}”." if near else ""
    return warning(
        "not-looked-up",
        place,
        f"This is not in {file}: it was taken as it stands.{meant}",
        found=found,
        advice=f"Add it to {file}, or correct the cell.",
    )


def without_address(place: Place, names: list[str]) -> Problem:
    """Names in the column of people, and nothing that says their addresses."""
    listed = ", ".join(names[:5]) + (", …" if len(names) > 5 else "")
    return note(
        "no-address",
        place,
        f"These names have no mail address, so no calendar can invite them: {listed}. They are written as text.",
        advice=(Way("people", "{} gives a sheet of names and addresses", "FILE"),),
    )


def unreadable_reminder(place: Place, found: str) -> Problem:
    """Some text that says no time before the start."""
    return error(
        "unreadable-reminder",
        place,
        "This is no reminder.",
        found=found,
        expected="How long before, such as 1 day or 15 min; several separated by “;”.",
        advice="Correct the cell; a bare number needs its unit in the heading: “Reminder (minutes)”.",
    )


def unknown_zone(place: Place, found: str, near: list[str]) -> Problem:
    """No time zone has this name."""
    return error(
        "unknown-zone",
        place,
        "This is no time zone.",
        found=found,
        expected=f"A name such as {' or '.join(near) if near else 'America/Halifax'}.",
        advice=("Correct the cell", Way("zone", "an empty one means the zone of the file ({})", joint="; ")),
    )


def weekday_beside(said: str, day: date) -> Finding:
    """The column of weekdays contradicts the date."""
    message = f"{day_words(day)} is not the {said} that stands beside it."
    return Finding(Severity.ERROR, "wrong-weekday", message, _CORRECT)


def on_each_day(start: datetime, end: datetime, days: int) -> Finding:
    """Days in one cell, and hours beside them that hold on each."""
    span = f"{day_words(start)} to {day_words(end)}, {_clock(start)} to {_clock(end)}"
    message = f"{span}, was read as {days} events, one each day."
    return Finding(Severity.NOTE, "on-each-day", message, "For one long event, write the days and times of its ends.")


def through_several_days(start: datetime, end: datetime, *, apart: bool) -> Finding:
    """An event of several days, whose times may as well be those of each day.

    Through more than a month it is hardly meant where days and times stand ``apart`` from one another.
    """
    hours = round((end - start).total_seconds() / 3600)
    message = (
        f"It is one event of {hours} hours, from {day_words(start)} {_clock(start)} to {day_words(end)} {_clock(end)}."
    )
    severity = Severity.WARNING if end - start > _A_WEEK else Severity.NOTE
    if apart and end - start > _MOST_DAYS:
        severity = Severity.ERROR
    return Finding(severity, "through-several-days", message, (Way("each_day", "{} makes an event of each day"),))


_A_WEEK = timedelta(days=7)
_MOST_DAYS = timedelta(days=31)


def outside_within(day: date) -> Finding:
    """A date that the sheet is not about."""
    return Finding(
        Severity.WARNING,
        "outside-within",
        f"{day_words(day)} is outside the span that the sheet is about.",
        "Check the year.",
    )


def perhaps_a_sample(start: datetime) -> Finding:
    """A first row months away from the rest: a row that shows how to fill the sheet in."""
    message = f"{day_words(start)} is months away from all other dates, right below the headings: a sample row?"
    return Finding(Severity.WARNING, "perhaps-a-sample", message, "Delete the row if it is one.")


def all_outside_within(place: Place, first: date, last: date, within: tuple[date, date]) -> Problem:
    """A sheet that lies whole in another year than it is said to be about."""
    return error(
        "all-outside-within",
        place,
        f"All dates lie outside {day_words(within[0])} to {day_words(within[1])}, which the sheet is said to be about: "
        f"they run from {day_words(first)} to {day_words(last)}. Is it last year’s file?",
        advice=(Way("within", "Take this year’s file; where this one is meant: {}", f"{first}..{last}"),),
    )


def far_away(start: datetime, middle: datetime) -> Finding:
    """A date years away from the rest of the list."""
    message = f"{day_words(start)} is years away from the other dates, around {middle:%Y}."
    return Finding(Severity.WARNING, "far-away", message, "Check the year.")
