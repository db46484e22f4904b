"""Sheets of dated events: a title and a date are all that a row needs."""

from __future__ import annotations

from datetime import date, time

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Evidence,
    Field,
    Holds,
    Kind,
    SheetKind,
    Verdict,
    any_of,
    dated,
    has_one_of,
    heading_key,
    holds_repeats,
    holds_weekdays,
    holds_weeks_of_month,
    may_be_the_day,
    mixes_dates_and_repeats,
    says_how_often,
    says_how_often_and_when,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import LAUNCH, YES_NO
from nomarium.core.kinds.weeks import WEEK_OF

EVENT_FIELDS: tuple[Field, ...] = (
    Field(
        "summary",
        "the title; required",
        "summary|title|event|holiday|public holiday|event name|event title|name|name of event|what|subject|description of event|"
        "activity|activity name|occasion|meeting|appointment|topic|item|details of event|function|programme|"
        "program|club|titel|titre|título|titulo|titolo|betreff|evento|événement|evenement|veranstaltung|onderwerp|"
        "asunto|objet",
        last_word="title",
        shared=f"{words.NAME}|{words.PERFORMANCE}|paper|exam paper|unit|module|vessel|equipment|resource|machine|ship|boat|flight|train|duty|task|job|workshop|lesson|course|class|fixture|match|game|rehearsal|performance|training|"
        "practice|tour|trip|excursion|outing|visit|purpose|zweck|anlass|ausflug|exkursion|sortie|excursión|gita|uitstap|"
        "udflugt|utflykt|utflukt|exam|test|assessment|talk|lecture|seminar|show|concert|film|booking|service|aufgabe|dienst|prüfung|"
        "fach|prüfungsfach|matière|matéria|disciplina|materia|asignatura|vak|ämne|fag|przedmiot|předmět|predmet|oppiaine|tantárgy|"
        f"probe|kurs|cours|examen|répétition|tarea|curso|ensayo|compito|corso|prova|taak|les|opgave|prøve|{words.SUBJECTS}",
        blank=Blank("Title", "What the event is called. Required.", LAUNCH, width=32),
    ),
    Field(
        "start_date",
        "the day it happens, or its first day; a date or a range of dates; required",
        "start date|date|dates|first|begin date|beginning date|from date|date from|first day|event date|"
        "date of event|starting date|date start|start day|on|when date|due date|due|scheduled date|"
        "calendar date|day and date|date begins|begins on|starts on|date(s)|opening date|datum|fecha|data|"
        "dato|startdatum|date de début|fecha de inicio|data inizio",
        Holds.DATE,
        shared=f"{words.FIRST_DAY}|{words.DATE}",
        blank=Blank("Date", "The day, or the first of several. Required.", date(2026, 10, 23)),
    ),
    Field(
        "start_time",
        "the time it starts; a time or a span of times",
        "start time|time|begin time|beginning time|from time|time from|starting time|time start|event time|"
        "time of event|start hour|doors|at|time begins|time of start|kick off|ko|push back|pushback|tip off|throw in|bully off|face off|faceoff|puck drop|first pitch|first race|first gun|tee off|tee time|times|hour|uhrzeit|zeit|heure|"
        "hora|ora|tijd|tid|klokkeslett|beginnzeit|kl|klo|kello|godzina|čas|idő|időpont|saat|время|час|ώρα|שעה|الوقت|"
        "時間|时间|時刻|시간",
        Holds.TIME,
        dated="start",
        shared=words.START_TIME,
        blank=Blank("Start time", "Leave it empty for an event of whole days.", time(13, 0)),
    ),
    Field(
        "end_date",
        "its last day, included",
        "end date|to date|date to|last day|finish date|until date|ending date|date end|end day|return date|"
        "date ends|ends on|through date|closing date|enddatum|date de fin|fecha de fin|data fine",
        Holds.DATE,
        shared=words.LAST_DAY,
        blank=Blank("End date", "The last day, included; empty for the same day."),
    ),
    Field(
        "end_time",
        "the time it ends",
        "end time|to time|time to|finish time|ending time|time end|finishing time|until time|time until|"
        "end hour|time ends|time of end|close time|closing time|endzeit|heure de fin|hora de fin",
        Holds.TIME,
        dated="end",
        shared=words.END_TIME,
        blank=Blank("End time", "If it is empty, the event takes an hour.", time(16, 30)),
    ),
    Field(
        "start",
        "when it starts: a date and time in one cell, or either of them",
        "start|starts|begin|begins|from|starting|beginning|start date time|start date and time|"
        "begin date time|start datetime|starts at|begins at|dtstart|start date/time|date time|date and time|"
        "datetime|date & time|start date & time|commences|commencing|beginn|anfang|début|inicio|inizio",
        Holds.MOMENT,
        shared=words.BEGINS,
    ),
    Field(
        "end",
        "when it ends: a date and time in one cell, or either of them",
        "end|ends|finish|finishes|to|until|till|ending|finishing|end date time|end date and time|"
        "end datetime|ends at|dtend|end date/time|end date & time|through|concludes|ende|fin|fine|einde|slut",
        Holds.MOMENT,
        shared=words.ENDS,
    ),
    Field(
        "when",
        "all of it in one cell: “Tue 8 Sep 9:00–10:30”",
        "when|wann|quand|quando|cuándo|wanneer|när|hvornår|når|kdy|kiedy|mikor|milloin|day and time|date and hours|schedule|session",
        Holds.MOMENT,
    ),
    Field(
        "hours",
        "its times in one cell: “9:00–10:30”",
        "hours|shift hours|time span|time range|time slot|timeslot|slot|from to|start end|times from to|opening hours",
        Holds.HOURS,
        shared=words.HOURS,
    ),
    Field(
        "duration",
        "how long it takes: “1h”, “90 min”, “1:30”, “2 days”",
        "duration|event length|time needed|running time|run time|playing time|time in minutes|duration minutes|duration hours|"
        "length of event",
        Holds.LENGTH,
        shared=words.LENGTH,
    ),
    Field(
        "week_of",
        "the first day of its week, where no other column has dates: the weekday beside it says the day",
        "|".join(heading for heading in WEEK_OF.split("|") if heading != "monday"),
        Holds.DATE,
    ),
    Field(
        "weekday",
        "the weekday of the date: proof of how the date is read",
        "weekday|week day|day of week|day of the week|dow|day name",
        Holds.DAYS,
        shared=words.WEEKDAY,
    ),
    Field(
        "period",
        "the period that it is in, by the plan’s bell times; periods in a row are “1-2”",
        "period|periods|class period|school period|lesson period",
    ),
    Field(
        "all_day",
        "yes where it has no times",
        "all day|allday|whole day|full day|all day event|is all day|whole day event|full day event",
        Holds.YES_NO,
        blank=Blank("All day", "yes for an event of whole days.", "no", YES_NO),
    ),
    Field(
        "location",
        "where it is",
        "location|place|where|venue|room|site|address|building|room location|event location|location room|"
        "hall|spot|meeting place|campus|ground|pitch|court|rink|arena|stadium|ort|raum|lieu|salle|lugar|sala|luogo|plaats|sted|plats",
        Holds.PLACE,
        shared=words.PLACE,
        blank=Blank("Location", "Where it is.", "Town slip", width=24),
        joint=", ",
    ),
    Field(
        "description",
        "more about it",
        "description|notes|note|details|detail|comments|comment|remarks|remark|info|information|"
        "event description|further information|additional information|memo|body|more|agenda|event details|"
        "more information|extra information|message|beschreibung|notizen|bemerkung|bemerkungen|remarques|"
        "descripción|descripcion|notas|descrizione|beschrijving",
        shared=words.NOTES,
        blank=Blank("Description", "Anything more.", "High water at ten past two", width=40),
        joint="\n",
    ),
    Field(
        "categories",
        "one or more kinds, separated by ; or ,",
        "categories|category|type|kind|event type|tags|tag|label|labels|type of event|class of event|"
        "calendar type|event category|kategorie|art|catégorie|categoría|categoria",
        Holds.NAMES,
        shared="country|region|country or region|rubrik|rubrique|tipo de evento|soort",
        blank=Blank("Category", "One or more, separated by “;”.", "Launch", ("School", "Staff", "Visitors", "Closure")),
        joint="; ",
    ),
    Field(
        "status",
        "confirmed, tentative or cancelled",
        "status|state|event status|confirmed|booking status|cancelled|canceled|tentative|provisional",
        Holds.CHOICE,
        blank=Blank("Status", "Empty means nothing is said.", "confirmed", ("confirmed", "tentative", "cancelled")),
    ),
    Field(
        "visibility",
        "public, private or confidential",
        "visibility|private|privacy|access|classification|confidential|public|sensitivity|public or private",
        Holds.CHOICE,
        blank=Blank("Private", "yes keeps the details from others.", "no", YES_NO),
    ),
    Field(
        "url",
        "a web address",
        "url|link|web|website|web address|web page|webpage|web link|web site|online|registration link|"
        "event link|meeting link|join link",
        blank=Blank("Link", "A web address.", "https://orrinsound.example.org", width=28),
    ),
    Field(
        "busy",
        "whether it takes up the time: busy or free",
        "busy|free|free busy|busy free|availability|show as|transparency|show time as|shown as",
        Holds.CHOICE,
    ),
    Field(
        "organizer",
        "who calls it: a name with an address, or an address",
        "organizer|organiser|organised by|organized by|host|hosted by|lead|contact|convenor|convener|"
        "organizer email|organiser email|chair|contact person|person responsible|owner|booked by|reserved by|"
        "requested by|reserviert von|gebucht von|réservé par|reservado por|prenotato da|gereserveerd door",
        Holds.PEOPLE,
    ),
    Field(
        "attendees",
        "who takes part, separated by ;",
        "attendees|attendee|participants|guests|invitees|invited|people|attending|members|required attendees|"
        "who|staff|invite|invitation list",
        Holds.PEOPLE,
        joint="; ",
    ),
    Field(
        "optional_attendees",
        "who may take part, but need not",
        "optional attendees|optional participants|optional|cc|optional people",
        Holds.PEOPLE,
    ),
    Field(
        "informed",
        "who is only told of it",
        "for information|informed|fyi|information only|non participants|copied to",
        Holds.PEOPLE,
    ),
    Field("chair", "who leads the meeting, as one of those who take part", "chaired by|meeting chair", Holds.PEOPLE),
    Field("accepted", "who has said yes", "accepted|accepted by|attending yes|said yes", Holds.PEOPLE),
    Field("declined", "who has said no", "declined|declined by|regrets|apologies|said no", Holds.PEOPLE),
    Field("undecided", "who may come", "tentatively accepted|maybe|undecided", Holds.PEOPLE),
    Field(
        "rsvp",
        "whether those who take part are asked to reply: yes or no",
        "rsvp|please reply|reply wanted|reply requested|response requested|request responses",
        Holds.YES_NO,
    ),
    Field("reminder_date", "the day to remind on", "reminder date|remind on|alarm date|alert date", Holds.DATE),
    Field("reminder_time", "the time of day to remind at", "remind at|alarm time|alert time", Holds.TIME),
    Field(
        "reminder_on",
        "whether to remind at all: yes or no",
        "reminder on/off|reminder on|reminder set|has reminder",
        Holds.YES_NO,
    ),
    Field("color", "its colour, by its name in CSS: “teal”", "color|colour|event color|event colour|farbe|couleur"),
    Field("priority", "high, medium or low, or a number from 1 to 9", "priority|importance|urgency|priorität|priorité"),
    Field(
        "geo", "latitude and longitude: “57.48; -4.22”", "geo|coordinates|gps|lat long|latitude longitude|gps position"
    ),
    Field("image", "the web address of a picture", "image|picture|poster|image url|picture url|photo|banner"),
    Field(
        "conference",
        "the web address of a meeting on the line",
        "conference|conference link|conference url|video link|video call|video conference|call link|online meeting|"
        "dial in link",
    ),
    Field(
        "reminders",
        "how long before it to remind: “1 day; 15 min”",
        "reminders|reminder|alarm|alarms|alert|alerts|remind|remind me|notify|notification|reminder time",
        blank=Blank("Reminders", "How long before: “1 day; 15 min”.", "1 day"),
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
        "pattern|recurrence pattern|meeting pattern|meets on|when it meets|wiederholung|wiederholt sich|rhythmus|turnus|häufigkeit|regelmäßigkeit|frequentie|frekvens|hyppighed|cadence|rythme|périodicité|periodicidad|częstotliwość|toistuvuus|gyakoriság|répétition|récurrence|fréquence|repetición|repite|se repite|frecuencia|repete|repetição|"
        "frequência|ripetizione|ripete|frequenza|herhaling|herhaalt|upprepas|upprepning|gentages|gentagelse|gjentas|gjentakelse",
    ),
    Field(
        "until",
        "the last day on which it may repeat; “end of term” and “end of year” with a plan",
        "repeat until|repeats until|repeat end|last repeat|recurrence end|recurs until|until date of repeat",
        Holds.DATE,
    ),
    Field(
        "times",
        "how many times it happens",
        "number of times|occurrences|how many times|repeat count|number of occurrences|repeat times",
        Holds.NUMBER,
    ),
    Field(
        "except",
        "dates on which it does not happen, separated by ;",
        "except|except on|exceptions|excluding|not on|skip dates|excluded dates|exception dates|exdate",
        shared=words.NOT_HELD,
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
        "id|uid|event id|event no|event ref no|event number|ref|reference|identifier|unique id|booking id|booking no|"
        "booking number|event ref",
        blank=Blank(
            "Id", "Your own number of the event. With it, a corrected title or date keeps its identity.", "E-1"
        ),
    ),
)


def _repeated(seen: Evidence) -> Verdict:
    """Its cells say how often something is, as a list of duties or lessons without dates does."""
    columns = seen.table.columns if seen.table else []
    named = seen.named.get("repeat")
    if any(map(holds_weeks_of_month, columns)) and any(map(holds_weekdays, columns)):
        return Verdict("")
    headed = [one for one in columns if one.heading]
    says_so = (says_how_often, says_how_often_and_when, mixes_dates_and_repeats)
    found = any(says(one) for one in headed for says in says_so) or (named is not None and holds_repeats(named))
    return Verdict("" if found else "no column of dates")


def _dates_of_something(seen: Evidence) -> Verdict:
    """One column of dates says in its last word that it is that: "Appointment date"."""
    dated = [column for column in seen.table.columns if may_be_the_day(column)] if seen.table else []
    called = len(dated) == 1 and heading_key(dated[0].heading.split()[-1] if dated[0].heading else "") in _DATE_WORDS
    return Verdict("" if called else "no column headed as some date")


_DATE_WORDS = frozenset(map(heading_key, words.DATE.split("|")))


EVENT_SHEET = with_phrases(
    SheetKind(
        Kind.EVENTS,
        "events",
        EVENT_FIELDS,
        proof=(
            any_of(dated, _repeated),
            any_of(
                has_one_of(
                    "summary", "start_date", "start", "when", "repeat", "start_time", "hours", "location", "week_of"
                ),
                _dates_of_something,
            ),
        ),
        telling=("summary", "start_date", "start", "when", "start_time", "repeat"),
        spans=(("start_date", "end_date"), ("start_time", "end_time"), ("start", "end")),
        blank=BlankSheet(
            "Events",
            (
                "One event a row, below the headings. The sample row is never imported; you may delete it.",
                "A title and a date are all that an event needs. Columns that you do not need may stay empty or be deleted.",
                "Dates and times: type them as your spreadsheet program expects them; it then shows them as such.",
                "Rows may stand in any order, and blank rows do no harm.",
                "Then: nomarium inspect FILE shows how it is read, nomarium convert FILE -o events.ics makes the calendar.",
            ),
            "nomarium convert {file} -o {stem}.ics",
        ),
    )
)
