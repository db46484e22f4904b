"""What is said when meetings and bell times do not go together."""

from __future__ import annotations

from datetime import date

from nomarium.core.problems import Place, Problem, error, note, warning
from nomarium.core.values import counted, day_words


def no_bell_times(place: Place) -> Problem:
    """Periods without any bell times in the plan."""
    return error(
        "no-bell-times",
        place,
        "The timetable goes by periods, but the plan has no bell times.",
        expected='A sheet of periods, starts and ends under [bells]: sheets = "bells.csv".',
        advice="“nomarium sheet bells -o bells.xlsx” writes a blank one.",
    )


def period_without_bells(place: Place, period: str, whom: str, days: list[date], known: str) -> Problem:
    """A period that has no bell times on ordinary days."""
    more = f" and {len(days) - 1:,} more" if len(days) > 1 else ""
    return error(
        "period-without-bells",
        place,
        f"Period {period} of “{whom}” has no bell times on {day_words(days[0])}{more}.",
        found=period,
        expected=f"A period that is rung then: {known or 'none is'}.",
        advice="Correct the period, add its bell times, or say in a sheet of other names what is rung for it.",
    )


def not_rung(place: Place, special: str, meetings: int, periods: str) -> Problem:
    """Meetings that a special day leaves no time for."""
    return note(
        "not-rung",
        place,
        f"On special days “{special}” {counted(meetings, 'meeting')} did not take place: "
        + (f"their bell times leave out {periods}." if periods else "there is no school at their hours."),
    )


def silent(place: Place, period: str, meetings: int) -> Problem:
    """Meetings of a period whose cell stands empty in the bell times of their days."""
    return note(
        "not-rung",
        place,
        f"Period {period} does not ring on some days, as its cell there is empty: "
        f"{counted(meetings, 'meeting')} did not take place.",
    )


def cut_short(place: Place, special: str, meetings: int) -> Problem:
    """Meetings that a day of which only a part is school shortens."""
    verb = "is" if meetings == 1 else "are"
    return note("cut-short", place, f"On “{special}” {counted(meetings, 'meeting')} {verb} shorter than usual.")


def own_times_kept(place: Place, special: str, meetings: int) -> Problem:
    """Meetings with times of their own on a day that is rung later or shorter."""
    return warning(
        "own-times-kept",
        place,
        f"“{special}” is rung otherwise, but {counted(meetings, 'meeting')} on it keep the times that they state.",
        advice="Where they move too, name each in a sheet of changes.",
    )


def no_special_bells(place: Place, special: str, days: int) -> Problem:
    """A special day without bell times of its own."""
    return note(
        "usual-bells",
        place,
        f"“{special}” has no bell times of its own: the usual ones hold on its {counted(days, 'day')}.",
        advice="Add rows for it to the bell times if it is rung otherwise.",
    )


def fewer_meetings(place: Place, class_name: str, count: int, there: int) -> Problem:
    """A row that meets less often than it says."""
    return warning(
        "fewer-meetings",
        place,
        f"“{class_name}” is to meet {count} times, but the year has only {there} such days with school from then on.",
        advice="Lengthen the terms, or correct the number.",
    )


def never_met(place: Place, class_name: str, when: str) -> Problem:
    """A slot that no date of the year is."""
    return warning(
        "never-meets",
        place,
        f"“{class_name}” never meets: no school day of its weeks and terms is {when}.",
        advice="Look at its days, terms and dates.",
    )
