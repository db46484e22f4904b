"""Lists of meetings: what meets on which days, at which periods or hours."""

from __future__ import annotations

import re
from collections.abc import Iterable

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Evidence,
    Field,
    Headings,
    Holds,
    Kind,
    SheetKind,
    Verdict,
    all_of,
    any_of,
    has,
    has_one_of,
    holds_dates,
    holds_repeats,
    holds_weekdays,
    holds_weeks_of_month,
    no_dates_in,
    says_levels,
    what_meets,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.class_fields import (
    PERIOD_HEADINGS,
    STUDENT_WORDS,
    STUDENTS_OF_CLASS,
    WHO,
)
from nomarium.core.kinds.events import EVENT_SHEET
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import SHEET_RULES
from nomarium.core.tables import Column, plain_text
from nomarium.core.values import ORDERS, Order, are_dates, date_in, is_date, may_be_weekday, parted_dates
from nomarium.lazily import regex

_DAY = (
    "day|days|cycle day|cycle days|rotation day|label|day letter|letter day|weekday|weekdays|day of week|on|"
    "meets on|meeting days|day number|workshop day|tag|jour|día|timetable day"
)
_WEEK = (
    "week|weeks|week letter|letter|a/b|week a/b|ab week|week type|week numbers|week number|week no|weeks of term|term weeks|"
    "teaching weeks|teaching week|weeks of the term|calendar weeks|calendar week|kw|kalenderwoche|kalenderwochen|wochen|woche|"
    "v|vecka|veckor|uge|uger|uke|uker|semaine|semaines|semana|semanas|settimana|settimane|wk|wks"
)
_PERIODS = "“3”; “3–4” for a double period, “1, 4” for two. In a workbook, write “3–4” as text."


def _named_otherwise(seen: Evidence) -> Verdict:
    """A day and clock times say when, and one column of words that no heading explains says what meets."""
    timed = seen.table is not None and not seen.named.keys().isdisjoint({"start", "hours"})
    if timed and "student" in seen.named and not seen.named.keys().isdisjoint({"day", "slot"}):
        return Verdict("", f"whose lessons stand below “{seen.named['student'].heading}” and by ")
    groups = [seen.named[name] for name in ("group", "team") if name in seen.named]
    if len(groups) == 1 and "day" in seen.named and (timed or "period" in seen.named):
        return Verdict("", f"what stands below “{groups[0].heading}” and by ")
    if seen.table is None or not timed or "day" not in seen.named:
        return Verdict("no column such as “class” or “course”")
    used = {column.index for column in seen.named.values()}
    periods = [seen.named["period"]] if "period" in seen.named else []
    found = what_meets(periods, [column for column in seen.table.columns if column.index not in used])
    levels = seen.named.get("division")
    if found is None and levels is not None and says_levels(levels):
        found = levels
    if found is not None:
        return Verdict("", f"what stands below “{found.heading}” and by ")
    # What is on is then said once, by a title or by the sheet's name.
    beside = next((seen.named[name] for name in ("room", "teacher") if name in seen.named), None)
    if beside is None or _IS_OPEN.search(" ".join(seen.table.titles)):
        return Verdict("no column such as “class” or “course”")
    return Verdict("", f"what stands below “{beside.heading}” and by ")


_IS_OPEN = regex(
    r"avail|\bopen(?:ing)?\b|\bfree\b|office hours|verfügbar|öffnung|sprechzeit|disponib|ouverture|apertura|abertura|beschikbaar|"
    r"openingstijd|öppet|åbning|åpning|ledig",
    re.IGNORECASE,
)
"""Words of titles over times at which something is open or free, and nothing is on."""


def _on_its_weekdays(seen: Evidence) -> Verdict:
    """Against it: another column has a date in each row, whose weekday is the one beside it: each row is on its date."""
    day = seen.named.get("day")
    bounds = [seen.named.get(name) for name in ("from", "until")]
    for column in seen.table.columns if seen.table and day is not None else ():
        if day is None or column in bounds or not holds_dates(column):
            continue
        pairs = [(plain_text(date), plain_text(word)) for date, word in zip(column.cells, day.cells, strict=True)]
        if any(all(_falls_on(date, word, order) for date, word in pairs) for order in ORDERS):
            return Verdict(f"each row has its date below “{column.heading}”")
    return Verdict("")


def on_its_dates(seen: Evidence) -> Verdict:
    """Against it: a column lists the dates of each row, of some several: “8, 15 and 22 Sept 2026”."""
    bounds = [seen.named.get(name) for name in ("from", "until", "except")]
    for column in seen.table.columns if seen.table else ():
        filled = [cell for cell in column.cells if cell != ""]
        texts = (plain_text(cell).strip() for cell in filled)
        if column not in bounds and all(_WITH_YEAR.search(text) and are_dates(text) for text in texts):
            several = [cell for cell in filled if len(parted_dates(plain_text(cell))) > 1]
            if len(several) * 2 > len(filled):
                return Verdict(f"each row has its dates below “{column.heading}”")
    return Verdict("")


def on_its_date(seen: Evidence) -> Verdict:
    """Against it: a column headed as dates has days and months alone, “9/4”, “5 Oct”, or days, beside the weekdays."""
    known = Headings(EVENT_SHEET)
    bounds = [seen.named.get(name) for name in ("from", "until")]
    for column in seen.table.columns if seen.table else ():
        if column not in bounds and known(column.heading) == "start_date":
            texts = [plain_text(cell).strip() for cell in column.cells if cell != ""]
            if texts and all(map(_names_no_year, texts)):
                return Verdict(f"each row has its date below “{column.heading}”")
    return Verdict("")


def _names_no_year(text: str) -> bool:
    return bool(_DAY_AND_MONTH.fullmatch(text)) or (is_date(text) and not _WITH_YEAR.search(text))


_DAY_AND_MONTH = regex(r"\d{1,2}(?:[/.-]\d{1,2}\.?|st|nd|rd|th|\.)?")


def _in_its_week(seen: Evidence) -> Verdict:
    """Against it: a column has the first day of the week that each row is in."""
    known = Headings(EVENT_SHEET)
    weeks = [one for one in (seen.table.columns if seen.table else ()) if known(one.heading) == "week_of"]
    found = next((column for column in weeks if holds_dates(column)), None)
    return Verdict(f"each row has its week below “{found.heading}”" if found else "")


def _no_dates_for_slots(seen: Evidence) -> Verdict:
    """Against it: below “When” stand dates with their years, which “Mon 1-2” has not."""
    when, texts = seen.named.get("slot"), seen.texts("slot")
    dated = when is not None and holds_dates(when) and all(map(_WITH_YEAR.search, texts))
    return Verdict(f"column “{when.heading}” holds dates" if when is not None and dated else "")


_WITH_YEAR = regex(r"(?<!\d)(?:19|20)\d\d(?!\d)|\d[/.-](?:\d{1,2}|[^\W\d_]{3,})[/.-]\d\d(?!\d)")


def _on_days_of_months(seen: Evidence) -> Verdict:
    """Against it: some rows are on the second Tuesday of each month, which no week of a timetable has."""
    texts = seen.texts("day") or seen.texts("slot")
    monthly = next((text for text in texts if _OF_MONTH.search(text)), "")
    return Verdict(f"“{monthly}” is a day of each month" if monthly else "")


_OF_MONTH = regex(
    r"\b(?:[1-4](?:st|nd|rd|th)|first|second|third|fourth|last|[1-4]\.|erste[rn]?|zweite[rn]?|dritte[rn]?|letzte[rn]?)\b.*?"
    r"\b(?:mon|tue|wed|thu|fri|sat|sun|mo|di|mi|do|fr|sa|so)[^\W\d_]*\b",
    re.IGNORECASE,
)


def _on_weeks_of_months(seen: Evidence) -> Verdict:
    """Against it: a column says in which weeks of the month each row is."""
    columns = seen.table.columns if seen.table else ()
    found = next((column for column in columns if holds_weeks_of_month(column)), None)
    return Verdict(f"“{found.heading}” says which weeks of the month" if found is not None else "")


def _weekly(seen: Evidence) -> Verdict:
    """Against it: a column says how often each row is, and some not every week."""
    columns = seen.table.columns if seen.table else ()
    counts = seen.named.get("count")
    heading, often = not_every_week([one for one in columns if one is counts or one not in seen.named.values()])
    return Verdict(f"“{heading}” says how often it is: “{often}”" if often else "")


def not_every_week(columns: Iterable[Column]) -> tuple[str, str]:
    """Return the heading of a column that says how often each row is, and what it says of one that is not each week."""
    of_events = Headings(EVENT_SHEET)
    for column in columns:
        if of_events(column.heading) == "repeat" or (holds_repeats(column) and not holds_weekdays(column)):
            texts = {plain_text(cell).strip().casefold() for cell in column.cells if cell != ""}
            if other := next((text for text in sorted(texts) if text not in _EVERY_WEEK), ""):
                return column.heading, other
    return "", ""


_EVERY_WEEK = frozenset(
    "weekly|every week|each week|wöchentlich|jede woche|hebdomadaire|chaque semaine|semanal|cada semana|settimanale|"
    "wekelijks|elke week|ugentlig|ugentligt|ukentlig|veckovis|varje vecka".split("|")
)


def _falls_on(date: str, word: str, order: Order) -> bool:
    found = date_in(date, order)
    return found is not None and may_be_weekday(word, found.weekday())


def _every_day(seen: Evidence) -> Verdict:
    """Periods by number, or said to be such, and whose or where they are, without days: each meets every school day."""
    lacks = Verdict("no column such as “day”")
    if "period" not in seen.named or seen.named.keys().isdisjoint(("teacher", "room")):
        return lacks
    bounds = [seen.named.get(name) for name in ("from", "until")]
    if any(holds_dates(column) and column not in bounds for column in (seen.table.columns if seen.table else ())):
        return lacks  # each row is on its date
    periods = seen.texts("period")
    numbered = sum(any(map(str.isdigit, text)) and len(text) <= _LONGEST_PERIOD for text in periods)
    sure = "period" in seen.stated or len(periods) < numbered * 2
    return Verdict() if periods and sure and "day" not in seen.named else lacks


_LONGEST_PERIOD = 9

_OF_DAYS = frozenset("from|until|to|through|till|desde|hasta|da|a|van|tot|fra|til|från|bis|de".split("|"))
"""Words for both ends of a span that are first of all those of days."""
_BEGINS, _ENDS = (
    "|".join(word for word in both.split("|") if word not in _OF_DAYS) for both in (words.BEGINS, words.ENDS)
)

TIMETABLE_SHEET = with_phrases(
    SheetKind(
        Kind.LIST,
        "meetings",
        (
            *WHO[:4],
            WHO[4]._replace(blank=None),
            *WHO[5:],
            Field("student", "a student, for a timetable of one", STUDENTS_OF_CLASS, Holds.PEOPLE, STUDENT_WORDS),
            Field(
                "day",
                "labels of the cycle, or weekdays: “A, C”, “1–3”, “Mon/Wed”, “Mon A”",
                _DAY,
                Holds.DAYS,
                words.DAY,
                Blank("Day", "Labels of the cycle (“A, C”, “1–3”), or weekdays (“Mon/Wed”). Required.", "1, 4"),
            ),
            Field(
                "period",
                "“3”, “3–4” for a double, “1, 4” for two",
                f"{PERIOD_HEADINGS}|meets|meeting period",
                Holds.PERIODS,
                words.PERIOD,
                Blank("Period", _PERIODS, "3–4"),
            ),
            Field(
                "slot",
                "day and period in one: “A1 C4”",
                "slots|when|wann|quand|cuándo|wanneer|när|hvornår|når|lesson day|meeting pattern|meeting times|day and period|day/period|day period|meets at|pattern|"
                "schedule|expression|timeslots|block code|slot code",
                Holds.DAYS,
            ),
            Field(
                "start",
                "when it begins, where it has clock times of its own",
                "start|starts|begin|begins|start time|from time|time from|beginn|opens|departs|departure|depart|leaves",
                Holds.TIME,
                f"{words.START_TIME}|begin time|von|début|inicio|inizio|início|anfang|{_BEGINS}",
                dated="from",
            ),
            Field(
                "end",
                "when it ends, where it has clock times of its own",
                "end|ends|finish|end time|to time|time to|ende|closes|arrives|arrival|arrive|returns",
                Holds.TIME,
                f"{words.END_TIME}|finishes|bis|fin|fine|fim|slut|slutt|término|termino|termina|final|einde|eindigt|koniec|konec|"
                f"vége|päättyy|loppuu|slutar|endet|finit|se termine|finisce|acaba|{_ENDS}",
                dated="until",
            ),
            Field(
                "hours",
                "both in one cell: “8:15–9:10”",
                "hours|shift hours|times|time|clock times|time of day",
                Holds.HOURS,
                words.HOURS,
                Blank("Times", "In place of periods: “8:15–9:10”.", ""),
            ),
            Field(
                "duration",
                "how long it takes, where it has no end: “45 min”",
                "length|lesson length|length of lesson",
                Holds.LENGTH,
                words.LENGTH,
            ),
            Field(
                "week",
                "the weeks in which it is: their letters, or numbers such as “1–5, 7” or “KW 36”",
                _WEEK,
                Holds.NAMES,
                words.WEEK,
                Blank("Week", "The letters of the weeks in which it meets, where not in all."),
            ),
            Field(
                "term",
                "the terms in which it is",
                "term|terms|semester|quarter|trimester|session|block of year",
                Holds.NAMES,
                words.TERM,
                Blank("Term", "The terms in which it meets, where not in all."),
            ),
            Field(
                "from",
                "its first day, where it does not run all year",
                "from|from date|start date|start week|starting week|first week|week from|first day|first date|begins on|starts on|effective|effective from|valid from",
                Holds.DATE,
                f"{words.FIRST_DAY}|desde|de|da|od|van|fra|från",
                timed="start",
            ),
            Field(
                "until",
                "its last day",
                "until|until date|to date|end date|last day|last date|ends on|through|to|effective to|valid to",
                Holds.DATE,
                f"{words.LAST_DAY}|till|hasta|a|tot|til|till datum",
                timed="end",
            ),
            Field(
                "count",
                "how often it meets in all: “8”, “10 sessions”",
                "sessions|number of sessions|no of sessions|meetings|number of meetings|lessons|number of lessons|"
                "no of lessons|occurrences|evenings|number of evenings|nights|abende|anzahl abende|kursabende|kurstage|"
                "einheiten|treffen|anzahl treffen|soirées|nombre de soirées|veladas|tardes|serate|avonden|aantal avonden|"
                "kvällar|antal kvällar|aftener|antal aftener|kvelder|antal kvelder|how often|how many|total sessions|number of classes|number of dates|"
                "aantal keren|aantal bijeenkomsten|antal lektioner|antal tillfällen|antall ganger|liczba zajęć|počet lekcí|"
                "numero lezioni|número de clases|nombre de cours|anzahl kurstage|anzahl einheiten|anzahl termine|termine|anzahl stunden|séances|nombre de séances|sesiones|número de sesiones|"
                "numero incontri|aantal lessen|antal gange|antal gånger|of sessions|of classes|of lessons|of meetings|"
                "no of classes|total classes|total lessons|classes in total|sessions in total|times it meets|cantidad de clases|"
                "numero di lezioni|numero di incontri|número de aulas|n de aulas|n de clases|nb de séances|nb séances|nbre de séances|"
                "nombre de leçons|anzahl lektionen|anzahl kurse|kurseinheiten|anzahl proben|tapaamiskertoja|kertoja|lekcí|"
                "počet lekcií|alkalmak száma|ders sayısı",
            ),
            Field(
                "weeks",
                "how many weeks it runs, from its first day: “8”, “10 weeks”",
                "number of weeks|no of weeks|weeks in all|of weeks|how many weeks|weeks long|length in weeks|duration in weeks|course weeks|"
                "anzahl wochen|anzahl der wochen|dauer in wochen|nombre de semaines|durée en semaines|número de semanas|"
                "semanas de duración|numero di settimane|aantal weken|antal veckor|antal uger|antall uker",
            ),
            Field(
                "except",
                "dates on which it does not meet, separated by “;”",
                "not on|except|except on|exceptions|excluding|no lesson on|no class on|no lessons on|no classes on|not meeting on|"
                "skip|skips|skipped|away|absent on|ohne|außer|nicht am|sauf|excepto|eccetto|behalve|niet op|utom|undtagen|ikke",
                shared=words.NOT_HELD,
            ),
            Field(
                "status",
                "whether it runs: rows that say dropped or cancelled are left out",
                "status|state",
                Holds.CHOICE,
                words.STATUS,
            ),
        ),
        needs=("class",),
        proof=(
            any_of(has_one_of("class", "course"), _named_otherwise),
            any_of(has("slot"), all_of(has("day"), has_one_of("period", "start", "hours")), _every_day),
            no_dates_in("day"),
            _no_dates_for_slots,
            _on_days_of_months,
            _on_weeks_of_months,
            _weekly,
            _on_its_weekdays,
            on_its_dates,
            _in_its_week,
            on_its_date,
        ),
        telling=("class", "course", "teacher", "room", "day", "period", "slot", "hours"),
        spans=(("start", "end"), ("from", "until")),
        blank=BlankSheet(
            "Timetable",
            ("One class at one period a row; several days in one cell.", *SHEET_RULES),
            'name it in nomarium.toml: [sources.timetable] sheets = "{file}"; then: nomarium check',
        ),
        whole=("division", "term", "week", "day", "class", "teacher", "room", "student", "team", "group"),
    )
)
