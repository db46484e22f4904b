"""The fields of an event, and the headings that people write for each.

Case, spaces, punctuation and line breaks of a heading do not matter: "Start-Date" is "start date".
"""

from __future__ import annotations

import re
from typing import NamedTuple


class Field(NamedTuple):
    """A field: its name (RFC 5545's own where it has one), what it holds, and the headings that mean it."""

    name: str
    meaning: str
    headings: str
    """The headings, separated by ``|``."""


class SheetFields(NamedTuple):
    """The fields that sheets of one kind may have, and how messages speak of their rows."""

    rows: str
    """What the rows are, in the plural: "events"."""
    fields: tuple[Field, ...]
    needs: tuple[str, ...] = ("title", "date")
    """What each row must have."""

    @property
    def names(self) -> tuple[str, ...]:
        """The names of all fields."""
        return tuple(field.name for field in self.fields)


EVENT_FIELDS: tuple[Field, ...] = (
    Field(
        "summary",
        "the title; required",
        "summary|title|event|event name|event title|name|name of event|what|subject|description of event|"
        "activity|activity name|occasion|meeting|appointment|topic|item|details of event|function|programme|"
        "program|club|titel|titre|título|titulo|titolo|betreff|evento|événement|evenement|veranstaltung|onderwerp|"
        "asunto|objet",
    ),
    Field(
        "start_date",
        "the day it happens, or its first day; a date or a range of dates; required",
        "start date|date|dates|begin date|beginning date|from date|date from|first day|event date|"
        "date of event|starting date|date start|start day|on|when date|due date|due|scheduled date|"
        "calendar date|day and date|date begins|begins on|starts on|date(s)|opening date|datum|fecha|data|"
        "dato|startdatum|date de début|fecha de inicio|data inizio",
    ),
    Field(
        "start_time",
        "the time it starts; a time or a span of times",
        "start time|time|begin time|beginning time|from time|time from|starting time|time start|event time|"
        "time of event|start hour|doors|at|time begins|time of start|kick off|times|hour|uhrzeit|zeit|heure|"
        "hora|ora|tijd|tid|klokkeslett|beginnzeit",
    ),
    Field(
        "end_date",
        "its last day, included",
        "end date|to date|date to|last day|finish date|until date|ending date|date end|end day|return date|"
        "date ends|ends on|through date|closing date|enddatum|date de fin|fecha de fin|data fine",
    ),
    Field(
        "end_time",
        "the time it ends",
        "end time|to time|time to|finish time|ending time|time end|finishing time|until time|time until|"
        "end hour|time ends|time of end|close time|closing time|endzeit|heure de fin|hora de fin",
    ),
    Field(
        "start",
        "when it starts: a date and time in one cell, or either of them",
        "start|starts|begin|begins|from|starting|beginning|start date time|start date and time|"
        "begin date time|start datetime|starts at|begins at|dtstart|start date/time|date time|date and time|"
        "datetime|date & time|start date & time|commences|commencing|beginn|anfang|début|inicio|inizio",
    ),
    Field(
        "end",
        "when it ends: a date and time in one cell, or either of them",
        "end|ends|finish|finishes|to|until|till|ending|finishing|end date time|end date and time|"
        "end datetime|ends at|dtend|end date/time|end date & time|through|concludes|ende|fin|fine|einde|slut",
    ),
    Field(
        "when",
        "all of it in one cell: “Tue 8 Sep 9:00–10:30”",
        "when|day and time|date and hours|schedule|session",
    ),
    Field(
        "hours",
        "its times in one cell: “9:00–10:30”",
        "hours|time span|time range|time slot|timeslot|slot|from to|start end|times from to|opening hours",
    ),
    Field(
        "duration",
        "how long it takes: “1h”, “90 min”, “1:30”, “2 days”",
        "duration|length|how long|lasts|event length|time needed|minutes|duration minutes|duration hours|"
        "length of event",
    ),
    Field(
        "weekday",
        "the weekday of the date: proof of how the date is read",
        "weekday|week day|day of week|day of the week|dow|day name",
    ),
    Field(
        "all_day",
        "yes where it has no times",
        "all day|allday|whole day|full day|all day event|is all day|whole day event|full day event",
    ),
    Field(
        "location",
        "where it is",
        "location|place|where|venue|room|site|address|building|room location|event location|location room|"
        "hall|spot|meeting place|campus|ort|raum|lieu|salle|lugar|sala|luogo|plaats|sted|plats",
    ),
    Field(
        "description",
        "more about it",
        "description|notes|note|details|detail|comments|comment|remarks|remark|info|information|"
        "event description|further information|additional information|memo|body|more|agenda|event details|"
        "more information|extra information|message|beschreibung|notizen|bemerkung|bemerkungen|remarques|"
        "descripción|descripcion|notas|descrizione|beschrijving",
    ),
    Field(
        "categories",
        "one or more kinds, separated by ; or ,",
        "categories|category|type|kind|event type|tags|tag|label|labels|type of event|class of event|"
        "calendar type|event category|kategorie|art|catégorie|categoría|categoria",
    ),
    Field(
        "url",
        "a web address",
        "url|link|web|website|web address|web page|webpage|web link|web site|online|registration link|"
        "event link|meeting link|join link",
    ),
    Field(
        "status",
        "confirmed, tentative or cancelled",
        "status|state|event status|confirmed|booking status|cancelled|canceled|tentative|provisional",
    ),
    Field(
        "visibility",
        "public, private or confidential",
        "visibility|private|privacy|access|classification|confidential|public|sensitivity|public or private",
    ),
    Field(
        "busy",
        "whether it takes up the time: busy or free",
        "busy|free|free busy|busy free|availability|show as|transparency|show time as|shown as",
    ),
    Field(
        "organizer",
        "who calls it: a name with an address, or an address",
        "organizer|organiser|organised by|organized by|host|hosted by|lead|contact|convenor|convener|"
        "organizer email|organiser email|chair|contact person|person responsible|owner",
    ),
    Field(
        "attendees",
        "who takes part, separated by ;",
        "attendees|attendee|participants|guests|invitees|invited|people|attending|members|required attendees|"
        "who|staff|invite|invitation list",
    ),
    Field(
        "reminders",
        "how long before it to remind: “1 day; 15 min”",
        "reminders|reminder|alarm|alarms|alert|alerts|remind|remind me|notify|notification|reminder time",
    ),
    Field(
        "zone",
        "its time zone, such as America/Halifax",
        "zone|time zone|timezone|tz|tzid|iana zone",
    ),
    Field(
        "repeat",
        "how it repeats, in plain words or as RRULE: “every Tuesday”, “monthly on the 15th”",
        "repeat|repeats|recurrence|recurs|recurring|frequency|how often|repeat rule|repetition|rrule|occurs|every|"
        "pattern|recurrence pattern|wiederholung|répétition|repetición",
    ),
    Field(
        "until",
        "the last day on which it may repeat; “end of term” and “end of year” with a plan",
        "repeat until|repeats until|repeat end|last repeat|recurrence end|recurs until|until date of repeat",
    ),
    Field(
        "times",
        "how many times it happens",
        "number of times|occurrences|how many times|repeat count|number of occurrences|repeat times",
    ),
    Field(
        "except",
        "dates on which it does not happen, separated by ;",
        "except|except on|exceptions|excluding|not on|skip dates|excluded dates|exception dates|exdate",
    ),
    Field(
        "also",
        "further dates of a repeat, separated by ;",
        "also|also on|further dates|additional dates|rdate",
    ),
    Field(
        "occurrence",
        "the start of the occurrence that this row stands for, in an event with the same id",
        "occurrence|recurrence id|replaces occurrence",
    ),
    Field(
        "on_closure",
        "what a closure does to a repeat: drop, keep, next or previous (open day)",
        "on closure|if closed|when closed|on holidays|if holiday|closures",
    ),
    Field(
        "id",
        "what identifies it, so that it can be corrected later",
        "id|uid|event id|event no|event number|ref|reference|identifier|unique id|booking id|booking no|"
        "booking number|event ref",
    ),
)

EVENT_SHEET = SheetFields("events", EVENT_FIELDS)

FIELD_NAMES: tuple[str, ...] = EVENT_SHEET.names

START_FIELDS = ("start", "start_date", "start_time", "when", "hours")
END_FIELDS = ("end", "end_date", "end_time")
MOMENT_FIELDS = (*START_FIELDS, *END_FIELDS)
TIME_FIELDS = ("start_time", "end_time", "hours")
"""Fields in which "9.30" is a time rather than a date."""


ROW_FIELDS = (
    "id",
    "summary",
    "start",
    "end",
    "all_day",
    "location",
    "description",
    "categories",
    "url",
    "status",
    "visibility",
    "busy",
    "organizer",
    "attendees",
    "reminders",
    "zone",
    "repeat",
)
"""The headings of the rows that calendars are written as; a sheet that has them all is read as such rows."""

RULE_FIELDS = ("except", "also", "occurrence")
"""Three more headings of rows that keep repeats as rules."""

DAY_HEADINGS = frozenset({"day", "days"})
"""Headings that mean a weekday or a date: what stands below decides."""

FILE_WIDE_FIELDS = (
    "location",
    "description",
    "categories",
    "url",
    "status",
    "visibility",
    "busy",
    "organizer",
    "attendees",
)
"""Fields that can be stated for all events of a file at once."""

_BRACKETS = re.compile(r"\([^()]*\)|\[[^\[\]]*\]")


def without_brackets(heading: str) -> str:
    """Return a heading without what stands in brackets: "Date (dd/mm/yyyy)" → "Date"."""
    return _BRACKETS.sub(" ", heading).strip()


def heading_key(heading: str) -> str:
    """Return a heading without all that does not matter: "Start-Date:" → "startdate", "#" stays "#"."""
    return "".join(letter for letter in heading.casefold() if letter.isalnum()) or heading.strip()
