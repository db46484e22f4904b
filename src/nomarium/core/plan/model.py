"""What a plan file may say: its tables, keys and values, each with the sentence that explains it."""

from __future__ import annotations

import re
from collections.abc import Callable
from datetime import date
from typing import Annotated, Literal

from pydantic import AfterValidator, BaseModel, BeforeValidator, ConfigDict, Field

from nomarium.core.output import is_calendar_below
from nomarium.core.values import WEEKDAY_NAMES, in_reach, read_shift, weekday_in_any
from nomarium.lazily import regex
from nomarium.settings import SETTINGS


class Keys(BaseModel):
    """A table of a plan: no key but those that it knows."""

    model_config = ConfigDict(extra="forbid", strict=True, frozen=True)


def _as_date(value: object) -> object:
    """Let a date be written with or without quotation marks."""
    if isinstance(value, str):
        try:
            return date.fromisoformat(value.strip())
        except ValueError:
            raise ValueError("a date such as 2026-09-08 is expected") from None
    return value


def _as_label(value: object) -> object:
    """Let a label that is a number be written without quotation marks."""
    return str(value) if isinstance(value, int) and not isinstance(value, bool) else value


def _trimmed(text: str) -> str:
    if not text.strip():
        raise ValueError("a text that is not empty is expected")
    return " ".join(text.split())


def _stated(name: str) -> Callable[[str], str]:
    """Return what refuses a text that a setting cannot have, as the option of the same name does."""

    def check(text: str) -> str:
        SETTINGS[name].parse(text)
        return text

    return check


def _meaning(name: str) -> str:
    """Return what a setting means, as a key's description."""
    meaning = SETTINGS[name].meaning.rstrip(".")
    return meaning[:1].lower() + meaning[1:]


def _known_zone(text: str) -> str:
    return str(SETTINGS["zone"].parse(text))


def _weekday_name(text: str) -> str:
    weekday = weekday_in_any(text)
    if weekday is None:
        raise ValueError("a weekday such as “Monday” or “Mon” is expected")
    return WEEKDAY_NAMES[weekday]


_SPAN = regex(r"(\d{4}-\d{2}-\d{2})\s*(?:\.\.\s*(\d{4}-\d{2}-\d{2}))?")


def _as_span(value: object) -> object:
    """Read 2026-09-08 and "2026-09-08..2026-09-11" as a pair of dates."""
    if isinstance(value, date):
        return (value, value)
    match = _SPAN.fullmatch(value.strip()) if isinstance(value, str) else None
    try:
        first = date.fromisoformat(match[1]) if match else None
        last = date.fromisoformat(match[2] or match[1]) if match else None
    except ValueError:
        first = last = None
    if first is None or last is None or last < first:
        raise ValueError("a date such as 2026-09-08, or two such as “2026-09-08..2026-09-11”, is expected")
    return (first, last)


_RANGE = regex(r"(\w+)\s*(?:-|–|\.\.)\s*(\w+)")


def _as_labels(value: object) -> object:
    """Read "1-6", "A-H" and "A, B, C" as lists of labels."""
    if not isinstance(value, str):
        return value
    match = _RANGE.fullmatch(value.strip())
    if not match and not re.search(r"\w[-–]\w", value):
        return [part.strip() for part in value.split(",") if part.strip()]
    first, last = match.groups() if match else ("", "")
    if first.isdecimal() and last.isdecimal() and 0 <= int(last) - int(first) < 100:
        return [str(number) for number in range(int(first), int(last) + 1)]
    if len(first) == len(last) == 1 and first.isalpha() and last.isalpha() and 0 <= ord(last) - ord(first) < 30:
        return [chr(code) for code in range(ord(first), ord(last) + 1)]
    raise ValueError("a range of labels such as “1-6” or “A-H”, or a list of them, is expected")


def _as_weekdays(value: object) -> object:
    """Read "Mon-Fri" and "Sun, Mon, Tue" as lists of weekdays."""
    if not isinstance(value, str):
        return value
    ends = re.split(r"\s*(?:-|–|\bto\b)\s*", value.strip())
    numbers = [weekday_in_any(end) for end in ends]
    if len(numbers) == 2 and None not in numbers:
        first, last = (number or 0 for number in numbers)
        return [WEEKDAY_NAMES[(first + step) % 7] for step in range((last - first) % 7 + 1)]
    return [part.strip() for part in value.split(",") if part.strip()]


def _as_headings(value: object) -> object:
    """Let headings be written as one text, separated by commas."""
    return [part.strip() for part in value.split(",")] if isinstance(value, str) else value


def _as_list(value: object) -> object:
    """Let a list of one be written without brackets."""
    return value if isinstance(value, list) else [value]


Text = Annotated[str, AfterValidator(_trimmed)]


def _reached(value: date) -> date:
    if not in_reach(value):
        raise ValueError("a date from the years 1000 to 8999 is expected")
    return value


Day = Annotated[date, BeforeValidator(_as_date), AfterValidator(_reached)]
DaySpan = Annotated[tuple[Day, Day], BeforeValidator(_as_span, json_schema_input_type=date | str)]
Label = Annotated[str, BeforeValidator(_as_label, json_schema_input_type=str | int), AfterValidator(_trimmed)]
Labels = Annotated[list[Label], BeforeValidator(_as_labels, json_schema_input_type=str | list[str | int])]
Weekday = Annotated[str, AfterValidator(_weekday_name)]
Weekdays = Annotated[list[Weekday], BeforeValidator(_as_weekdays, json_schema_input_type=str | list[str])]


class ReadingKeys(Keys):
    """How sheets are read, where their cells do not prove it."""

    dates: Literal["dmy", "mdy", "ymd"] | None = Field(None, description=_meaning("dates"))
    within: Annotated[str, AfterValidator(_stated("within"))] | None = Field(
        None,
        description=_meaning("within"),
    )
    typed_dates: Literal["keep", "swap"] | None = Field(None, description=_meaning("typed_dates"))
    hours: Annotated[str, AfterValidator(_stated("hours"))] | None = Field(None, description=_meaning("hours"))
    commas: Literal["within", "between"] | None = Field(None, description=_meaning("commas"))


def _as_conditions(value: object) -> object:
    """Let one value be written without brackets."""
    if not isinstance(value, dict):
        return value
    return {name: [said] if isinstance(said, str) else said for name, said in value.items()}


Conditions = Annotated[
    dict[str, list[str]],
    BeforeValidator(_as_conditions, json_schema_input_type=dict[str, str | list[str]]),
]


class SheetKeys(ReadingKeys):
    """A sheet, where its file’s name alone does not say enough."""

    file: Text = Field(description="the file, beside the plan or by its path")
    sheet: Text | None = Field(None, description="the sheet of a workbook")
    range: Text | None = Field(None, description=_meaning("range"))
    columns: dict[str, str] = Field(
        default_factory=dict, description="fields by headings; an empty field leaves the column alone"
    )
    visible: bool = Field(False, description=_meaning("visible"))
    values: dict[str, dict[str, str]] = Field(
        default_factory=dict, description="what a sheet’s own codes stand for: { “Show as” = { 3 = “free” } }"
    )
    only: Conditions = Field(
        default_factory=dict, description="only rows that say so: { Type = “Safety” }; “” is empty"
    )
    without: Conditions = Field(default_factory=dict, description="not the rows that say so: { Status = “cancelled” }")
    division: Text | None = Field(None, description="the division that all of it is for")
    term: Text | None = Field(None, description="the term that all of it holds in")
    special: Text | None = Field(
        None, description="the special day that all of its bell times, or all of its dates, are for"
    )
    day: Text | None = Field(None, description="the days that all of it holds on: labels or weekdays")
    week: Text | None = Field(None, description="the letters of the weeks that all of it holds in")
    class_: Text | None = Field(None, alias="class", description="the class that all of it is about")
    course: Text | None = Field(None, description="the course that all of it is about")
    teacher: Text | None = Field(None, description="the teacher, or the person of a sheet of codes, whose all of it is")
    room: Text | None = Field(None, description="the room that all of it is in")
    student: Text | None = Field(None, description="the student whose all of it is")
    team: Text | None = Field(None, description="the team that all of it is about")
    group: Text | None = Field(None, description="the group that all of it is about")

    @property
    def whole(self) -> dict[str, str]:
        """What holds for all of the sheet: values by fields."""
        return {name.rstrip("_"): value for name in WHOLE_KEYS if (value := getattr(self, name))}


WHOLE_KEYS = tuple("division term special day week class_ course teacher room student team group".split())
"""Keys of what holds for a whole sheet; an underscore keeps one from being a word of Python."""


def _as_sheet(value: object) -> object:
    return {"file": value} if isinstance(value, str) else value


Sheet = Annotated[SheetKeys, BeforeValidator(_as_sheet, json_schema_input_type=str | SheetKeys)]
Sheets = Annotated[
    list[Sheet], BeforeValidator(_as_list, json_schema_input_type=str | SheetKeys | list[str | SheetKeys])
]


class SchoolKeys(Keys):
    """The school or office."""

    name: Text = Field("School", description="its name")
    zone: Annotated[str, AfterValidator(_known_zone)] | None = Field(
        None, description="the time zone of all its times, such as “America/Halifax”"
    )
    divisions: list[Text] = Field(default_factory=list, description="its divisions, where closures or cycles differ")


class WeekKeys(Keys):
    """Numbers and letters of weeks."""

    first_day: Weekday = Field("Monday", description="the weekday that a week begins with")
    letters: Labels = Field(default_factory=list, description="the letters of weeks in their order, such as “A-B”")
    listed: Sheets = Field(
        default_factory=list, description="the list of weeks with their letters, where they follow no rule"
    )
    letters_by: Literal["school weeks", "weeks"] = Field(
        "school weeks", description="what moves the letters on: weeks with school, or all weeks of the calendar"
    )
    letters_restart: Literal["never", "each term"] = Field("never", description="when the letters begin anew")
    number_short_first: bool = Field(
        True, description="whether a term’s first week has a number when the term begins after its first school day"
    )
    number_breaks: bool = Field(False, description="whether weeks without school have a number")


class YearKeys(Keys):
    """Terms, closures and special days."""

    terms: Sheets = Field(default_factory=list, description="the sheets of terms: name, first day, last day")
    spans: Annotated[list[DaySpan], BeforeValidator(_as_list)] = Field(
        default_factory=list,
        description="the terms by their first and last days, where no sheet says them: “2026-09-08..2027-06-24”",
    )
    school_days: Weekdays = Field(
        default_factory=lambda: WEEKDAY_NAMES[:5], description="the weekdays with school, such as “Mon-Fri”"
    )
    extra_school_days: list[Day] = Field(default_factory=list, description="rest days that are school days too")
    closures: Sheets = Field(default_factory=list, description="the lists of closures: sheets, or plain text")
    calendars: Sheets = Field(
        default_factory=list,
        description="calendars of the year, in which only rows that say so close the school (“Fall break”, “no "
        "school”), and the first and last days of school or a term are its terms",
    )
    public_holidays: Text | None = Field(
        None, description="the country and region whose public holidays close the school, such as “CA-NS”"
    )
    public_holidays_open: list[Text] = Field(
        default_factory=list, description="public holidays, by name, on which the school is open"
    )
    public_holidays_on_rest_days: bool = Field(
        False, description="whether public holidays that fall on rest days are listed too"
    )
    special_days: Sheets = Field(default_factory=list, description="the sheets of special days")
    special: dict[Day, Text] = Field(
        default_factory=dict, description="special days by date: 2026-12-16 = “Early dismissal”"
    )
    follows: dict[Day, Weekday] = Field(
        default_factory=dict, description="dates that follow another weekday’s timetable: 2026-10-17 = “Friday”"
    )
    weeks: WeekKeys = Field(WeekKeys(), description="numbers and letters of weeks")

    @property
    def states_terms(self) -> bool:
        """Whether it says when the terms are, or names sheets that may."""
        return bool(self.terms or self.calendars or self.spans)


class CycleKeys(Keys):
    """A cycle of days or weeks."""

    labels: Labels = Field(default_factory=list, description="its labels in their order: “1-6”, “A-H” or a list")
    same_label_twice: bool = Field(False, description="whether a label may stand twice among them")
    advance: Literal["school days", "working days", "weeks", "school weeks", "days of weeks"] = Field(
        "school days",
        description="what moves it on: school days (a closure holds the label), working days (a closure uses it up), "
        "weeks, weeks with school; or the labels are the school days of week A, then those of week B: days of weeks",
    )
    divisions: list[Text] = Field(default_factory=list, description="the divisions that follow it; none means all")
    start: Day | None = Field(None, description="its first day, where it begins later than the first term")
    start_label: Label | None = Field(None, description="the label that it starts with, where it is not the first")
    restart: Literal["never", "each term"] | list[Day] = Field(
        "never", description="when it begins anew: each term, or a list of dates"
    )
    pin_day: dict[Day, Label] = Field(
        default_factory=dict, description="labels of single dates; the next day goes on as if they had not been"
    )
    pin_from: dict[Day, Label] = Field(default_factory=dict, description="labels of dates from which the cycle goes on")
    without: list[DaySpan] = Field(
        default_factory=list, description="school days without a cycle day: dates, or “2027-06-14..2027-06-18”"
    )
    listed: Sheets = Field(
        default_factory=list,
        description="a sheet of dates and labels: of all dates where there are no labels here, else of some",
    )


_RESERVED = ("date", "weekday", "term", "week", "letter", "closure", "special", "day")


def _not_reserved(cycles: dict[str, CycleKeys]) -> dict[str, CycleKeys]:
    """Refuse names of cycles that mean something else where dates are listed."""
    for name in cycles:
        if not name.strip() or name.casefold() in _RESERVED:
            raise ValueError(f"a name for each cycle that is none of {', '.join(_RESERVED)} is expected")
    return cycles


Length = Annotated[str, AfterValidator(_stated("length"))]


class BellKeys(Keys):
    """Bell times."""

    sheets: Sheets = Field(default_factory=list, description="the sheets of periods with their start and end")
    other_names: Sheets = Field(
        default_factory=list, description="the sheets that say which period is rung for one of another name"
    )
    double_periods: Literal["one event", "two events"] = Field(
        "one event", description="what neighbouring periods of one class become"
    )
    passing: int = Field(
        10, ge=0, le=120, description="how many minutes may lie between neighbouring periods; more is a break"
    )


class ClassKeys(Keys):
    """What is known about classes."""

    lists: Sheets = Field(
        default_factory=list, description="the class lists: the division, course, teacher or room of each class"
    )
    rosters: Sheets = Field(default_factory=list, description="the rosters: who is in which class")
    changes: Sheets = Field(default_factory=list, description="the sheets of one-off changes")
    notes: Sheets = Field(default_factory=list, description="the sheets of notes for single meetings")
    expect: dict[str, int] = Field(
        default_factory=dict, description="how many meetings a class or code must have in the year: { “1A” = 88 }"
    )


def _length_either_way(text: str) -> str:
    """Refuse what is no length, forwards or back."""
    if read_shift(text)[0] is None:
        raise ValueError("a length such as 14d, -7d, 2 weeks or 14d 1h is expected")
    return text


class LessonKeys(Keys):
    """A list of lessons, laid onto the meetings of classes."""

    sheets: Sheets = Field(default_factory=list, description="its sheets; required")
    classes: Annotated[list[Text], BeforeValidator(_as_list, json_schema_input_type=str | list[str])] = Field(
        default_factory=list,
        description="the classes, courses, students or teams that it is for, where no column or tab says it",
    )
    course: Text | None = Field(
        None,
        description="the course of these classes that it is for, where they have several and no column or name says "
        "it; “all” for lessons of whatever they have",
    )
    start: Day | None = Field(None, description="the first day on which a lesson is laid")
    first: str | None = Field(None, description="the lesson to begin with, by its number or title")
    again: Literal["never", "each term"] = Field("never", description="whether the list begins anew with each term")
    doubles: Literal["one", "two"] = Field(
        "one", description="how many lessons a meeting of several periods has room for: one, or one each"
    )
    show: Literal["in meetings", "as events", "both"] = Field(
        "in meetings",
        description="where lessons stand: in the titles and texts of their meetings, or as events of their own, which "
        "calendars take in by the list’s name among their sources",
    )


class SourceKeys(Keys):
    """A source of events."""

    sheets: Sheets = Field(default_factory=list, description="its sheets; required")
    kind: Literal["events", "timetable", "month pages", "codes", "year", "holidays"] | None = Field(
        None,
        description="what they hold, where it cannot be found out; “year” and “holidays” need no sheets",
    )
    add: list[Literal["terms", "closures", "special", "cycle days"]] = Field(
        default_factory=list, description="which events a source of the year has"
    )
    title: Text | None = Field(None, description="the titles of cycle days in a source of the year: “Day {day}”")
    holidays: list[Text] = Field(
        default_factory=list, description="the countries and regions of a source of public holidays: [“US”, “GB-SCT”]"
    )
    language: Text | None = Field(None, description="the language that public holidays are named in: “fr”")
    division: Text | None = Field(None, description="the division of its classes, where no list says it")
    cycle: Text | None = Field(None, description=_meaning("cycle"))
    day_numbers: Literal["labels", "weekdays"] = Field(
        "labels", description="what numbers of days are: labels of a cycle, or weekdays, Monday as 1"
    )
    each: Literal["teacher", "class", "room", "student"] | None = Field(
        None, description="whose timetable each of its grids is"
    )
    cell: str | None = Field(None, description="the pattern of a grid’s cells, such as “{class}\\n{room}”")
    codes: Sheets = Field(
        default_factory=list,
        description="what codes in cells mean: of a master list, of a rota’s shifts, of a grid’s blocks",
    )
    length: Length | None = Field(None, description=_meaning("length"))
    each_day: bool = Field(False, description=_meaning("each_day"))
    hours: Annotated[str, AfterValidator(_stated("hours"))] | None = Field(None, description=_meaning("hours"))
    set: dict[str, str] = Field(
        default_factory=dict, description="values for each of its events: { location = “Office” }"
    )
    only: Conditions = Field(
        default_factory=dict, description="only rows that say so: { Type = “Safety” }; “” is empty"
    )
    without: Conditions = Field(default_factory=dict, description="not the rows that say so: { Status = “cancelled” }")
    prefix: str | None = Field(None, description="text in front of each title, such as “{Type}: ”")
    identity: str | None = Field(
        None,
        description="what tells its events from like ones of other sources; else its name, “” as convert has it",
    )
    places: Sheet | None = Field(None, description=_meaning("places"))
    people: Sheet | None = Field(None, description=_meaning("people"))
    subjects: Sheet | None = Field(
        None, description="a sheet from the codes of subjects, as a timetable has them, to names"
    )
    if_closed: Literal["drop", "keep", "next", "previous", "push"] = Field("drop", description=_meaning("if_closed"))
    start: Day | None = Field(
        None, description="the day that a programme (“Week 3, Tuesday”) counts from, or on which a dated list begins"
    )
    end: Day | None = Field(None, description="the day by which a programme ends: it is dated backwards")
    groups: Sheets = Field(default_factory=list, description="the groups of a programme, each with its start or end")
    on_days: Weekdays = Field(
        default_factory=list, description="the weekdays of a programme’s sessions: [“Tue”, “Thu”]"
    )
    rest: Weekdays = Field(default_factory=list, description="weekdays without anything, as if they were closed")
    keep_weekdays: bool = Field(False, description="whether a dated list is moved by whole weeks")
    shift: Annotated[str, AfterValidator(_length_either_way)] | None = Field(
        None, description="how far a dated list is moved: “14d”, “-7d”, “14d 1h”"
    )


def _below_the_folder(text: str) -> str:
    """Refuse a file that would lie outside the folder of the output."""
    if not is_calendar_below(text):
        raise ValueError("a file below the output folder, ending in .ics, is expected")
    return text


class CalendarKeys(Keys):
    """Calendars to build."""

    sources: Annotated[list[Text], BeforeValidator(_as_list, json_schema_input_type=str | list[str])] = Field(
        default_factory=list, description="the sources that fill it; none means all"
    )
    for_all: Annotated[list[Text], BeforeValidator(_as_list, json_schema_input_type=str | list[str])] = Field(
        default_factory=list, description="sources whose events are in each of the calendars of a split"
    )
    split: Annotated[list[Text], BeforeValidator(_as_list, json_schema_input_type=str | list[str])] = Field(
        default_factory=list,
        description="one calendar for each “teacher”, “class”, “room”, “student”, “team” or value of any column; of "
        "several, one for each pair",
    )
    file: Annotated[str, AfterValidator(_below_the_folder)] | None = Field(
        None, description="its file below the output folder, such as “teachers/{teacher}.ics”"
    )
    name: Text | None = Field(None, description="the calendar’s name, such as “{teacher}, 2026–27”")
    title: Text | None = Field(None, description="the titles of meetings, such as “{course} ({class})”")
    location: str | None = Field(None, description="where they are, such as “{room}”")
    description: str | None = Field(None, description="more about them, such as “Day {day}, period {period}”")
    categories: str | None = Field(None, description="their categories, such as “{course}; {division}”")
    color: str | None = Field(
        None, description="their colour by its CSS name (RFC 7986), or a pattern that names one, such as “{Colour}”"
    )
    status: str | None = Field(None, description="confirmed, tentative or cancelled, or a pattern that says one")
    reminders: Annotated[list[Length], BeforeValidator(_as_list, json_schema_input_type=str | list[str])] = Field(
        default_factory=list, description="how long before to remind: “10m”"
    )
    visibility: Literal["public", "private", "confidential"] | None = Field(None, description="who may see them")
    busy: Literal["busy", "free"] | None = Field(None, description="whether they take up the time")


class OutputKeys(Keys):
    """Where what is built goes."""

    guard: int = Field(
        20, ge=0, le=100, description="the share of all events, in percent, that a build may take away without --accept"
    )
    folder: Text = Field("calendars", description="the folder for calendars, beside the plan or by its path")
    private: Literal["busy", "show", "leave out"] = Field(
        "busy",
        description="what pages, their calendars, pictures and notices hold of private and confidential events: their "
        "times as “busy”, all of them, or nothing",
    )


def _web_address(text: str) -> str:
    """Refuse what is no address of the web."""
    if not re.fullmatch(r"https?://[^\s<>\"']+", text):
        raise ValueError("an address of the web is expected, such as https://school.example.org/calendars")
    return text


class PageKeys(Keys):
    """Pages of the calendars, for a web space or an intranet."""

    folder: str = Field("", description="the folder for pages, beside the plan or by its path; none without it")
    title: Text | None = Field(None, description="what the index is called; else the school’s name")
    address: Annotated[str, AfterValidator(_web_address)] | None = Field(
        None, description="where the folder stands on the web, so that programs can subscribe to its calendars"
    )


class RowKeys(Keys):
    """How rows look that are written for another program."""

    headings: Annotated[list[Text], BeforeValidator(_as_headings, json_schema_input_type=str | list[str])] = Field(
        default_factory=list, description="the headings in their order; “Subject=summary” names the field of one"
    )
    dates: str = Field("", description="the form of dates, such as “%d/%m/%Y”")
    times: str = Field("", description="the form of times, such as “%H:%M”")
    delimiter: str = Field("", description="comma, semicolon, tab or pipe")
    encoding: str = Field("", description="the encoding of delimited text, such as “utf-8” or “cp1252”")


class Plan(Keys):
    """A plan: how a school’s or office’s sheets become calendars."""

    school: SchoolKeys = Field(SchoolKeys(), description="the school or office")
    sheets: ReadingKeys = Field(ReadingKeys(), description="how all its sheets are read")
    year: YearKeys = Field(YearKeys(), description="terms, closures and special days")
    cycles: Annotated[dict[str, CycleKeys], AfterValidator(_not_reserved)] = Field(
        default_factory=dict, description="the cycles, each under its name"
    )
    bells: BellKeys = Field(BellKeys(), description="bell times")
    classes: ClassKeys = Field(ClassKeys(), description="what is known about classes")
    sources: dict[str, SourceKeys] = Field(
        default_factory=dict, description="the sources of events and meetings, each under its name"
    )
    lessons: dict[str, LessonKeys] = Field(
        default_factory=dict, description="the lists of lessons, each under its name"
    )
    calendars: dict[str, CalendarKeys] = Field(
        default_factory=dict, description="the calendars to build, each kind under its name"
    )
    undecided: dict[str, str] = Field(
        default_factory=dict,
        description="what is still open about sheets or the year, with the reason: nothing is built while one stands",
    )
    output: OutputKeys = Field(OutputKeys(), description="where what is built goes")
    pages: PageKeys = Field(PageKeys(), description="pages of the calendars, for a web space or an intranet")
    rows: RowKeys = Field(RowKeys(), description="how rows look that are written for another program")
