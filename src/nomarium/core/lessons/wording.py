"""What is said about lists of lessons, how they are laid, and notes for meetings."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date

from nomarium.core.problems import Place, Problem, error, note, warning
from nomarium.core.values import counted, day_words


def no_title(place: Place) -> Problem:
    """A row of a lesson without its title."""
    return error(
        "lesson-without-title",
        place,
        "The lesson has no title.",
        advice="Write what is taught, or clear the row.",
    )


def two_pins(place: Place) -> Problem:
    """A lesson with two fixed days."""
    return error(
        "two-pins",
        place,
        "The lesson has two fixed days: one in “On”, and one on the last meeting before this day.",
        advice="Leave one of them.",
    )


def unknown_length(place: Place, found: str) -> Problem:
    """A length that is no number of meetings."""
    return error(
        "unknown-lesson-length",
        place,
        "This is no number of meetings.",
        found=found,
        expected="1, 2, 1.5, “half” or “double”; up to 40.",
        advice="Say how many meetings the lesson takes; empty is one.",
    )


def not_one_day(place: Place, found: str) -> Problem:
    """A cell that must say a day, and says something else."""
    return error("not-one-day", place, "One day is expected here.", found=found, advice="Write one date.")


def not_all_numbered(place: Place, title: str) -> Problem:
    """A list in which some lessons have a number and others not."""
    return warning(
        "lesson-without-number",
        place,
        f"“{title}” has no number, and others have one: the order of the rows counts.",
        advice="Number all lessons of the list, or none.",
    )


def number_twice(place: Place, number: str, first: Place) -> Problem:
    """Two lessons with one number."""
    return warning(
        "lesson-number-twice",
        place,
        f"{first.cell} has the same number: these two are in the order of their rows.",
        found=number,
        advice="Number one of them anew.",
    )


def numbers_lack(place: Place, first: int, last: int) -> Problem:
    """An order with a gap."""
    which = f"number {first} is" if first == last else f"numbers {first} to {last} are"
    return warning(
        "lesson-number-missing",
        place,
        f"Before this lesson {which} missing: a row may be lost.",
        advice="Add the row, or number the lessons through.",
    )


def no_meetings(place: Place, whose: str, lessons: int, near: Sequence[str]) -> Problem:
    """A list for a class that does not meet."""
    like = f" Did you mean {' or '.join(f'“{one}”' for one in near)}?" if near else ""
    return warning(
        "lessons-without-class",
        place,
        f"No class, course, student or team “{whose}” meets: {counted(lessons, 'lesson')} of it "
        f"{'is' if lessons == 1 else 'are'} laid nowhere.{like}",
        advice="Write the name as the timetable does.",
    )


def for_nobody(place: Place, name: str) -> Problem:
    """A list that says of no class that it is its own."""
    return error(
        "lessons-for-nobody",
        place,
        f"Nothing says whose lessons these are (“{name}”).",
        expected="A column “Class”, a tab named by the class, or “classes” in the plan.",
        advice=f'Write classes = ["…"] under [lessons.{name}].',
    )


def several_courses(place: Place, name: str, whose: str, courses: Sequence[str]) -> Problem:
    """A list for a class that has several courses, and nothing says of which it is."""
    shown = ", ".join(f"“{one}”" for one in courses[:5]) + (f" and {len(courses) - 5} more" if len(courses) > 5 else "")
    return error(
        "lessons-of-several",
        place,
        f"“{whose}” meets for {shown}, and nothing says which of them these lessons are for.",
        advice=f'Write course = "…" under [lessons.{name}], or a column “Course”; course = "all" lays them onto all.',
    )


def course_by_name(place: Place, name: str, whose: str, course: str) -> Problem:
    """A list that was taken for one course of its class, because its name has it."""
    message = f"These lessons are laid onto {course} of {whose} alone: the list, its tab or its file is called so."
    return note("lessons-of-course", place, message, advice=f'course = "{course}" under [lessons.{name}] confirms it.')


def left_over(place: Place, whose: str, lessons: int, meetings: int, last: date | None, left: Sequence[str]) -> Problem:
    """More lessons than meetings."""
    until = f" until {day_words(last)}" if last else ""
    named = ", ".join(f"“{title}”" for title in left[:4]) + (f" and {len(left) - 4} more" if len(left) > 4 else "")
    return warning(
        "lessons-left",
        place,
        f"{whose}: {counted(lessons, 'lesson')} for {counted(meetings, 'meeting')}{until}: {named} "
        f"{'is' if len(left) == 1 else 'are'} left.",
        advice="Shorten the list, put two into one meeting (length “half”), or take a meeting more.",
    )


def meetings_free(place: Place, whose: str, free: int, last: str) -> Problem:
    """More meetings than lessons."""
    return note(
        "meetings-free",
        place,
        f"{whose}: {counted(free, 'meeting')} behind “{last}” {'has' if free == 1 else 'have'} no lesson.",
    )


def no_meeting_then(place: Place, whose: str, title: str, day: date, *, before: bool) -> Problem:
    """A pin on a day without a meeting."""
    words = f"before {day_words(day)} there is no meeting" if before else f"there is no meeting on {day_words(day)}"
    return warning(
        "pin-without-meeting",
        place,
        f"{whose}: {words} with room for “{title}”: it is laid in its place in the order.",
        advice="Write a day on which the class meets.",
    )


def done_late(place: Place, whose: str, title: str, by: date, day: date) -> Problem:
    """A lesson after the day by which it must be done."""
    return warning(
        "lesson-late",
        place,
        f"{whose}: “{title}” is on {day_words(day)}, and should be done by {day_words(by)}.",
        advice="Put it earlier in the order, or fix its day.",
    )


def waits(place: Place, whose: str, title: str, meetings: int) -> Problem:
    """Meetings left free since the next lesson may not be earlier."""
    return note(
        "lesson-waits",
        place,
        f"{whose}: {counted(meetings, 'meeting')} before “{title}” {'stays' if meetings == 1 else 'stay'} free, as it "
        "may not be earlier.",
    )


def no_such_lesson(place: Place, found: str) -> Problem:
    """A lesson to begin with that the list does not have."""
    return error(
        "no-such-lesson",
        place,
        "The list has no such lesson to begin with.",
        found=found,
        advice="Write its number or its title as the list does.",
    )


def incomplete_note(place: Place) -> Problem:
    """A row of notes without its date or its text."""
    return warning(
        "incomplete-note",
        place,
        "A note needs a date and a text: the row is left out.",
        advice="Write what is missing, or clear the row.",
    )


def note_without_meeting(place: Place, day: date, whose: str) -> Problem:
    """A note for a day on which nobody that it names meets."""
    return warning(
        "note-without-meeting",
        place,
        f"No meeting{f' of {whose}' if whose else ''} is on {day_words(day)}: the note stands nowhere.",
        advice="Correct the day or the class.",
    )
