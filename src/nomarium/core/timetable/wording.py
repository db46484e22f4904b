"""What is said about timetables, codes, rosters and changes that cannot be read."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from datetime import date
from difflib import get_close_matches
from typing import TYPE_CHECKING

from nomarium.core.problems import Place, Problem, Way, error, note, warning
from nomarium.core.sheets import validity_words
from nomarium.core.values import WEEKDAY_NAMES, counted, day_words

if TYPE_CHECKING:
    from nomarium.core.slots import UnknownDay
    from nomarium.core.timetable.editions import Edition


def near_words(text: str, known: Iterable[str]) -> str:
    """Return the nearest of known names as a question, "" where none is near."""
    by_key = {name.casefold(): name for name in known}
    near = get_close_matches(text.casefold(), by_key, 1)
    return f"Did you mean “{by_key[near[0]]}”? " if near else ""


def listed(names: Iterable[str], most: int = 12) -> str:
    """Return names as a list, the rest counted."""
    every = list(names)
    more = f" and {len(every) - most:,} more" if len(every) > most else ""
    return ", ".join(f"“{name}”" for name in every[:most]) + more if every else "none"


def no_timetable(place: Place) -> Problem:
    """A sheet named as a timetable that has neither form."""
    return error(
        "no-timetable",
        place,
        "No timetable was recognised here.",
        expected="A list with a class, a day and a period (or times) in each row; or a grid with periods or times down "
        "and days across, or the other way round.",
        advice='Rename its headings, or state them in the plan: columns = { "Heading" = "period" }. '
        "“nomarium sheet timetable -o timetable.xlsx” writes a blank one.",
    )


def no_class(place: Place) -> Problem:
    """A row of a timetable without class and course."""
    return error(
        "no-class", place, "The row names neither a class nor a course.", advice="Write one, or clear the row."
    )


def cells_meet(place: Place) -> Problem:
    """A single grid that is nobody's: what stands in its cells is what meets."""
    return note(
        "cells-meet",
        place,
        "Nothing says whose grid this is: each cell is taken for what meets.",
        advice='State it in the plan if it is a class’s or a teacher’s: each = "class"; or write “Class …” above it.',
    )


def numbered_sections(place: Place, section: str, course: str) -> Problem:
    """Classes that are numbers of sections, which several courses share."""
    return note(
        "numbered-sections",
        place,
        f"Several courses have a section “{section}”: the classes are called by both, such as “{course} {section}”.",
    )


def no_number(place: Place, text: str) -> Problem:
    """A cell that should say how often a row meets."""
    return error(
        "no-number",
        place,
        "It does not say how often the row meets.",
        found=text,
        expected="A number: “8”, “10 sessions”.",
        advice="Write the number, or clear the cell.",
    )


def weeks_closed(place: Place, text: str, lost: Sequence[date]) -> Problem:
    """A number of weeks in which some are closed on the row's day, and so have no meeting."""
    days = listed(day_words(day) for day in lost)
    return warning(
        "weeks-closed",
        place,
        f"It runs so many weeks, and of these {counted(len(lost), 'day')} {'is' if len(lost) == 1 else 'are'} closed: "
        f"{days}. What is lost is not made up.",
        found=text,
        advice="If it meets as often as that, head the column “Sessions”.",
    )


def every_day(place: Place) -> Problem:
    """A list of meetings with periods and no column of days."""
    return note(
        "every-day",
        place,
        "It has no column of days: each row meets on every school day on which its period rings.",
        advice="Add a column “Day” where that is not so.",
    )


def against_bells(place: Place, periods: str, stated: str, rung: str) -> Problem:
    """Times beside a period that the bell times contradict."""
    return warning(
        "against-bells",
        place,
        f"Beside period {periods} stands {stated}, but the bell times say {rung}: these hold.",
        advice="Correct one of them; where the times are meant, take the period out.",
    )


def no_slot(place: Place, class_name: str, lacks: str) -> Problem:
    """A row of a timetable that does not say when."""
    return error(
        "no-slot",
        place,
        f"The row does not say when “{class_name}” meets: it has no {lacks}.",
        advice="Write its day and its period or times, or clear the row.",
    )


def block_unexplained(place: Place, block: str) -> Problem:
    """A cell of a grid of blocks that its key says nothing of."""
    return warning(
        "block-unexplained",
        place,
        f"“{block}” stands in the grid, and its key says nothing of it: it is taken as it is written.",
        found=block,
        advice="Add it to the key, if it is a block; an assembly or another meeting of all may stay.",
    )


def block_of_nobody(place: Place, block: str) -> Problem:
    """A block that the key of a grid says nothing of: it is free for all."""
    return warning(
        "block-of-nobody",
        place,
        f"“{block}” stands in the grid, and its key says nothing of it: no meeting is made of it.",
        found=block,
        advice="Add it to the key, if somebody has it.",
    )


def ambiguous_weeks(place: Place, text: str) -> Problem:
    """Numbers of weeks that may be those of the calendar or of the term."""
    return error(
        "ambiguous-weeks",
        place,
        "These weeks may be counted by the calendar or by the term: nothing decides.",
        found=text,
        advice="Head the column “Calendar weeks” or “Weeks of term”, or write “KW 36” or “term week 3” in its cells.",
    )


def week_beyond_term(place: Place, text: str, week: int, last: int) -> Problem:
    """A week of the term that no term has."""
    return error(
        "unknown-week",
        place,
        f"No term has a week {week}: the longest has {last}.",
        found=text,
        advice="Correct the number; or write “KW” before it if a week of the calendar is meant.",
    )


def _days_expected(labels: Sequence[str]) -> str:
    weekdays = "weekday, in full or short, or several: “Mon, Wed”, “MWF”, “Mon–Thu”."
    return (
        f"One of the labels {listed(labels)}, several as “A, C” or “1–3”; or a {weekdays}"
        if labels
        else f"A {weekdays}"
    )


def unknown_day(place: Place, text: str, found: UnknownDay, labels: Sequence[str]) -> Problem:
    """A day that is neither a label nor a weekday, or a label of several cycles."""
    if found.several:
        return error(
            "day-of-several-cycles",
            place,
            f"“{found.part}” is a day of several cycles: {', '.join(found.several)}.",
            found=text,
            advice="Give the class its division, in a column or a class list, or the source its cycle in the plan.",
        )
    return error(
        "unknown-day",
        place,
        f"“{found.part}” {found.why}.",
        found=text,
        expected=_days_expected(labels),
        advice="Correct the cell" + (", or the labels of the cycle in the plan." if labels else "."),
    )


def short_days(place: Place, days: Mapping[str, int]) -> Problem:
    """Forms of weekdays that only the whole column proves."""
    shown = ", ".join(f"“{text}” {WEEKDAY_NAMES[day]}" for text, day in sorted(days.items(), key=lambda one: one[1]))
    return note("short-days", place, f"Days are written short: {shown}, as all of the column is.")


def paired_days(place: Place, pairs: Mapping[str, tuple[int, int]]) -> Problem:
    """Days with a dash between that were taken for two days each, not for all from one to the other."""
    shown = ", ".join(
        f"“{text}” {WEEKDAY_NAMES[first]} and {WEEKDAY_NAMES[last]}" for text, (first, last) in pairs.items()
    )
    return warning(
        "paired-days",
        place,
        f"Days with a dash between are taken for two days each: {shown}.",
        advice="If the day between is meant too, write all of them.",
    )


def unknown_week(place: Place, text: str, letters: Iterable[str]) -> Problem:
    """A week that the year has no letter for."""
    return error(
        "unknown-week",
        place,
        f"No weeks of the year go by this letter; there are: {listed(letters)}.",
        found=text,
        advice="Correct the cell, or state the letters under [year.weeks] in the plan.",
    )


def unknown_term(place: Place, text: str, terms: Sequence[str]) -> Problem:
    """A term that the year does not have."""
    return error(
        "unknown-term",
        place,
        "The year has no term of this name.",
        found=text,
        advice=f"{near_words(text, terms)}It has: {listed(terms)}.",
    )


def unknown_division(place: Place, text: str, divisions: Sequence[str]) -> Problem:
    """A division that the plan does not have."""
    return error(
        "unknown-division",
        place,
        "The plan has no division of this name.",
        found=text,
        advice=f"{near_words(text, divisions)}It has: {listed(divisions)}.",
    )


def unreadable_periods(place: Place, text: str) -> Problem:
    """A cell that cannot be periods."""
    return error(
        "unreadable-periods",
        place,
        "This can't be read as periods.",
        found=text,
        expected="“3”, “3–4” for a double period, “1, 4” for two; a spreadsheet program may have made a date of “3-4”: "
        "write it as text.",
        advice="Correct the cell.",
    )


def unreadable_slots(place: Place, text: str, part: str) -> Problem:
    """A cell of slots with a part that is none."""
    return error(
        "unreadable-slots",
        place,
        f"“{part}” is not a day and a period.",
        found=text,
        expected="Days and periods such as “A1 C4”, “Day 2 P3”, “Mon 5”.",
        advice="Correct the cell, or write days and periods in columns of their own.",
    )


def unreadable_clock(place: Place, text: str) -> Problem:
    """Clock times of a meeting that are none."""
    return error(
        "unreadable-times",
        place,
        "This can't be read as the times of a meeting.",
        found=text,
        expected="A start, and an end after it, such as “8:15–9:10”.",
        advice="Correct the cell.",
    )


def unread_behind(place: Place, text: str, behind: str) -> Problem:
    """A cell of days and times, behind which stands something else that says when."""
    return error(
        "unread-bound",
        place,
        f"“{behind}” behind it says when, and can't be read.",
        found=text,
        advice="Write it into columns of its own: “From”, “Until”, “Sessions”, “Weeks” or “Repeat”.",
    )


def unreadable_bound(place: Place, text: str) -> Problem:
    """A first or last day that is none."""
    return error("unreadable-date", place, "This can't be read as a date.", found=text, advice="Correct the cell.")


def backward_bounds(place: Place) -> Problem:
    """A last day before the first."""
    return error("backward-span", place, "The last day is before the first.", advice="Correct one of them.")


def rooms_differ(place: Place, class_name: str, when: str, rooms: Sequence[str], other: Place) -> Problem:
    """One class in two rooms at one slot, in two grids."""
    return error(
        "two-rooms",
        place,
        f"“{class_name}” is in two rooms on {when}: {listed(rooms)}; the other is in {other}.",
        advice="Correct one of the cells; or give the halves of the class names of their own.",
    )


def identical_row(place: Place, class_name: str, other: Place) -> Problem:
    """A row that says the same as an earlier one."""
    return warning(
        "identical-row",
        place,
        f"The row for “{class_name}” says the same as {other}; it counts once.",
        advice="Take one of them out.",
    )


def untold_lines(place: Place, text: str, why: str) -> Problem:
    """A cell of a grid with lines whose meaning nothing proves."""
    return error(
        "untold-lines",
        place,
        f"What the lines of the cells mean can't be told: {why}.",
        found=text,
        expected="Labels in the cells (“Room: 12”), lists that name the classes, rooms or teachers, or a pattern.",
        advice='State the pattern in the plan, one line for each: cell = "{class}\\n{room}".',
    )


def misfit_cell(place: Place, text: str, pattern: str) -> Problem:
    """A cell that does not fit the stated pattern."""
    return error(
        "misfit-cell",
        place,
        "The cell does not fit the pattern of its source.",
        found=text,
        expected=f"The pattern “{pattern}”, line by line.",
        advice="Correct the cell, or the pattern in the plan.",
    )


def two_ways_round(place: Place) -> Problem:
    """A grid whose days could as well be its periods."""
    return error(
        "two-ways-round",
        place,
        "The numbers across and down can both be days or periods.",
        expected="“Period” or “Day” in the corner, or headings such as “Day 1” and “P1”.",
        advice="Write one of them.",
    )


def no_whose(place: Place, caption: str) -> Problem:
    """A grid of which it is not said whose it is."""
    found = f"“{caption}” stands above it, but" if caption else "it has no caption, and"
    return error(
        "untold-grid",
        place,
        f"Whose timetable this is can't be told: {found} whether that is a teacher, a class or a room is not known.",
        advice='State it in the plan, such as each = "teacher"; or write “Teacher: …” above the grid.',
    )


def teacher_by_cells(place: Place, name: str) -> Problem:
    """A grid that was taken for a teacher's, as a name stands above it, and classes in its cells."""
    return note(
        "teacher-by-cells",
        place,
        f"“{name}” was taken for a teacher: it has the form of a name, and the cells name classes.",
        advice='If it is something else, state it in the plan, such as each = "room".',
    )


def stray_cells(place: Place, text: str, cells: int) -> Problem:
    """Cells beside the days of a grid."""
    more = f", and so was {'one more' if cells == 2 else f'{cells - 1:,} more'}" if cells > 1 else ""
    return warning(
        "stray-cell",
        place,
        f"The cell stands beside the days, and was left out{more}.",
        found=text,
        advice="Write the day above its column, if it is a meeting.",
    )


def left_meetings(place: Place, text: str, cells: int) -> Problem:
    """Cells that look like meetings, but belong to no grid."""
    more = f", and so {'does one more' if cells == 2 else f'do {cells - 1:,} more'}" if cells > 1 else ""
    return error(
        "left-meetings",
        place,
        f"The cell looks like a meeting, but belongs to no grid{more}.",
        found=text,
        expected="A day above each column and a period (3, P3, 3–4) or times in front of each line.",
        advice="Write what is missing there, or clear the cells.",
    )


def outside_grids(place: Place, text: str, rows: int) -> Problem:
    """Rows below a grid that belong to no grid."""
    more = f", and so {'was one more' if rows == 2 else f'were {rows - 1:,} more'}" if rows > 1 else ""
    return warning(
        "outside-grids",
        place,
        f"The line stands below a grid and belongs to none: it was left out{more}.",
        found=text,
        advice="If these are meetings: write a period (3, P3, 3–4) or times in front, or days above a further grid.",
    )


def no_codes(place: Place) -> Problem:
    """A sheet of codes without its columns."""
    return error(
        "no-codes",
        place,
        "No codes were recognised here.",
        expected="A column “Code”, and beside it “Title”, “Room” and the like.",
        advice="Write or rename its headings. “nomarium sheet codes -o codes.xlsx” writes a blank one.",
    )


def two_entries(place: Place, code: str, other: Place) -> Problem:
    """One code with two meanings for one person."""
    return error(
        "two-entries",
        place,
        f"The code “{code}” is explained here and in {other}, but differently.",
        found=code,
        advice="Keep one of the rows.",
    )


def code_without_entry(place: Place, code: str, slots: int, whose: str) -> Problem:
    """A code of the master list that a person's sheet does not name."""
    return warning(
        "code-without-entry",
        place,
        f"The code “{code}” has no entry for {whose}: {slots:,} {'slot is' if slots == 1 else 'slots are'} left out.",
        advice="Add a row for the code; leave its title empty where the time is free.",
    )


def entry_without_slot(place: Place, code: str, near: str) -> Problem:
    """A code in a person's sheet that the master list never has."""
    return error(
        "entry-without-slot",
        place,
        "The master list has no slot with this code.",
        found=code,
        advice=f"{near}Correct the code, or take the row out.",
    )


def slot_on_closure(place: Place, code: str, day: str, closure: str) -> Problem:
    """A dated slot on a day without school."""
    return warning(
        "slot-on-closure",
        place,
        f"The slot “{code}” is on {day}, but the school is closed: {closure}. It is kept.",
        advice="Take the slot out if it does not run.",
    )


def no_roster(place: Place) -> Problem:
    """A sheet of members that is neither pairs nor a matrix."""
    return error(
        "no-roster",
        place,
        "No roster was recognised here.",
        expected="Columns “Class” and “Student” (or “Teacher”, “Team”); or a matrix: names down, classes across, "
        "a mark where they meet.",
        advice="Rename its headings. “nomarium sheet roster -o roster.xlsx” writes a blank one.",
    )


def unknown_mark(place: Place, text: str) -> Problem:
    """A cell of a matrix that is no mark."""
    return error(
        "unknown-mark",
        place,
        "This is neither a mark nor blank.",
        found=text,
        expected="x, yes, 1 or ✓ where the one down is in the class across.",
        advice="Correct the cell.",
    )


def half_pair(place: Place, lacks: str) -> Problem:
    """A pair with one side empty."""
    return error("half-pair", place, f"The row lacks {lacks}.", advice="Write it, or clear the row.")


def class_twice(place: Place, class_name: str, name: str, other: Place) -> Problem:
    """Two rows of class lists that differ."""
    return error(
        "class-twice",
        place,
        f"The {name} of “{class_name}” differs from that in {other}.",
        found=class_name,
        advice="Keep one of them.",
    )


def not_running(place: Place, rows: int, said: dict[str, int], heading: str) -> Problem:
    """Rows whose status says that they do not run."""
    listed_words = ", ".join(f"“{text}” ({count:,})" for text, count in said.items())
    return warning(
        "not-running",
        place,
        f"{rows:,} {'row' if rows == 1 else 'rows'} left out that, by status, {'does' if rows == 1 else 'do'} not run: "
        f"{listed_words}.",
        advice=(Way("column", "If they do, leave that column alone: {}", f"{heading}="),),
    )


def letters_are_weeks(place: Place, text: str) -> Problem:
    """Letters alone in the cells of a grid, each of which is a week of the year."""
    return warning(
        "letters-are-weeks",
        place,
        "The letters alone are taken for weeks of the year, here and in the other cells of this grid.",
        found=text,
        advice="If they are groups, write them another way, such as “group A”.",
    )


def nothing_meets_on(place: Place, text: str, dates: str) -> Problem:
    """A line below a grid that says when nothing of it meets."""
    return note("note-used", place, f"Nothing meets on {dates}, as “{text}” says.")


def excepted_by_remark(place: Place, text: str) -> Problem:
    """A remark that says on which dates its row does not meet."""
    return note("excepted-by-remark", place, f"The remark says when it does not meet, and it does not: “{text}”.")


def not_known_yet(place: Place, text: str) -> Problem:
    """A row that says that its day or time is to come."""
    return warning(
        "not-known-yet",
        place,
        "The row does not say yet when it meets: it is left out.",
        found=text,
        advice="Write the day and the times when they are known.",
    )


def unknown_status(place: Place, text: str) -> Problem:
    """A status of a meeting that is not known."""
    return warning(
        "unknown-status",
        place,
        "Whether this runs is not known by its status: it was kept.",
        found=text,
        advice="Write “dropped” or “cancelled” if it does not run.",
    )


def holds_for_dates(place: Place, caption: str, first: date | None, last: date | None) -> Problem:
    """A grid whose caption says from when or until when it holds."""
    return note(
        "holds-for-dates", place, f"It holds {validity_words(first, last)} alone, as “{caption}” above it says."
    )


def superseded(place: Place, last: date, following: Edition) -> Problem:
    """A timetable that says from when it holds, and another of the same from a later day on."""
    return note(
        "superseded",
        place,
        f"What stands here holds until {day_words(last)}: from the next day on, {following.said_by} takes its place.",
        advice="Say until when it holds, in its title or its name, where both go on side by side.",
    )


def starts_alone(place: Place, minutes: int) -> Problem:
    """A grid whose lines say but when they begin."""
    return note(
        "starts-alone",
        place,
        f"The lines say but when they begin: each lasts until the next, and at most {minutes} minutes, as most do.",
        advice="Write both times into them (“9:00–9:50”) where that is not so.",
    )


def half_by_order(place: Place, text: str, first: str, last: str) -> Problem:
    """Times of a grid's lines of which nothing but their order says whether they are of the morning."""
    return warning(
        "half-by-order",
        place,
        f"No line says am or pm: the first was read as {first}, the last as {last}.",
        found=text,
        advice=("Write am or pm into the lines", Way("hours", "{} says in which hours such times lie", "9-21")),
    )


def listed_apart(place: Place, text: str) -> Problem:
    """Cells that name several, each of whom other cells name, too."""
    message = f"Cells such as “{text}” name several, as other cells name each: every one meets by itself."
    return note("cells-name-several", place, message)


def may_end_in_rooms(place: Place) -> Problem:
    """Cells that end in what looks like a room."""
    return note(
        "may-end-in-rooms",
        place,
        "All cells end in what may be a room, and are taken for what meets as they stand.",
        advice='If it is one, state the pattern in the plan: cell = "{class} {room}".',
    )


def open_brackets(place: Place, text: str, owner: str) -> Problem:
    """Cells that end in brackets with names that no list has."""
    what, who = ("course", "teacher") if owner == "class" else ("class", "room")
    return note(
        "open-brackets",
        place,
        f"What stands in brackets stays a part of the title, for no list names it: “{text}”.",
        advice=f'If it is a {who}, state the pattern in the plan: cell = "{{{what}}} ({{{who}}})".',
    )


def told_by_form(place: Place, said: Sequence[str], roles: Sequence[str]) -> Problem:
    """Lines of cells that only their form tells apart."""
    lines = ", ".join(f"“{line}” {role}" for line, role in zip(said, roles, strict=False))
    return warning(
        "told-by-form",
        place,
        f"What the lines of the cells mean was told by their form alone: {lines}.",
        advice='If that is wrong, state the pattern in the plan, line by line: cell = "{course}\\n{teacher}\\n{room}".',
    )
