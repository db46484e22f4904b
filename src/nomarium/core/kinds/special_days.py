"""Sheets of special days: school is in, but not as usual."""

from __future__ import annotations

from datetime import date

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Field,
    Holds,
    Kind,
    SheetKind,
    all_of,
    any_of,
    called,
    dated,
    has,
    headed,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.dated_fields import FOR_WHOM, WEEKDAY, first_day, last_day
from nomarium.core.kinds.events import EVENT_SHEET
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import EARLY, SHEET_RULES, YES_NO

_SURE = (
    "special day|special|bell schedule|bells|bell times|schedule|day type|special days|special schedule|schedule type|"
    "schedule in force|bell schedule name|modified schedule|sondertag|besonderer tag|stundenraster|"
    "journée spéciale|horaire spécial|día especial|horario especial|giornata speciale|orario speciale|dia especial|"
    "bijzondere dag|særlig dag|specialdag"
)

_USUAL = frozenset(
    (
        "usual|regular|normal|standard|ordinary|default|all|daily|times|time|every day|all days|"
        "regulär|üblich|gewöhnlich|normale|normaler|normales|ordinaire|habituel|régulier|habitual|ordinario|ordinaria|"
        "habituales|regolare|normais|normaal|normale|regulier|gewoon|vanlig|vanliga|ordinarie|ordinær|almindelig|normaali|"
        "tavallinen|normalny|zwykły|standardowy|normální|běžný|obvyklý|normálny|bežný|normál|rendes|szokásos|obișnuit|"
        "обычный|обычное|нормальный|стандартный|звичайний|звичайне|κανονικό|κανονικός|normalno|redovno|običajno|olağan|"
        "tavaline|parastais|įprastas|ordinari|通常|正常|一般"
    ).split("|")
)
_OF_BELLS = frozenset(
    "day days schedule schedules bell bells hours timetable week tag tage plan zeiten jour jours horaire horaires día días "
    "dia dias horario giorno giorni orario horário dag dagen rooster dagar schema dage skema dzień dni den dny".split()
)
"""Words that say no more than that bells are meant: "Normal schedule"."""


def is_usual(name: str) -> bool:
    """Tell whether words such as "Regular" or "Normal day" mean the bells of all days that are not special."""
    if name.casefold() in _USUAL:
        return True
    words = name.casefold().split()
    return not _USUAL.isdisjoint(words) and all(word in _USUAL or word in _OF_BELLS for word in words)


SPECIAL_SHEET = with_phrases(
    SheetKind(
        Kind.SPECIAL_DAYS,
        "special days",
        (
            Field(
                "summary",
                "what the day is called: its bell times go by this name",
                "special day|name|special|schedule|bell times|bells|what|bell schedule|day type|type|kind|title|event|"
                "description|reason",
                shared=f"{_SURE}|{words.NAME}",
                blank=Blank("Special day", "What the day is called; its bell times go by this name.", EARLY, width=30),
            ),
            first_day(
                "the day, its first day, or a range of days; required",
                blank=Blank("First day", "The day, or the first of several. Required.", date(2026, 12, 16)),
            ),
            last_day(blank=Blank("Last day", "The last of several, included; empty for one day.", date(2026, 12, 17))),
            WEEKDAY,
            FOR_WHOM,
            Field(
                "follows",
                "the weekday whose timetable holds on it",
                "follows|timetable of|as on|runs as|follows weekday|weekday timetable|uses timetable of|timetable",
                Holds.DAYS,
                "runs like|treated as|counts as|wie|wie am|stundenplan von|comme un|como un|como|come|zoals|som",
                Blank(
                    "Follows",
                    "The weekday whose timetable holds, where it is not its own.",
                    "",
                    ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"),
                ),
            ),
            Field(
                "part",
                "what of the day is school: “ends at 12:15”, “starts two hours later”, “periods 1–3 only”, “30 min lessons”",
                "part of day|part of the day|closed part|portion|extent|dismissal|dismissal time|closing time|school ends|"
                "ends at|closes at|half|time of day|am/pm|am or pm|hours|times|time|tageszeit|zeit|heure|hora|moment",
            ),
            Field(
                "school",
                "yes makes a rest day a school day",
                "school|school day|is school|school in",
                Holds.YES_NO,
                "in session|classes held|unterricht|schultag|jour d’école|hay clase|c’è lezione",
                Blank("School", "yes makes a rest day a school day.", "", YES_NO),
            ),
            Field(
                "cycle_day",
                "“none” where no day of the cycle runs on it; “none; skip” where it uses up a label",
                "cycle day|cycle|day of cycle|rotation day|cycle days",
                Holds.CHOICE,
                blank=Blank(
                    "Cycle day",
                    "none: no day of the cycle runs on it. “none; skip”: and its label is used up.",
                    "",
                    ("none", "none; hold", "none; skip"),
                ),
            ),
        ),
        needs=("date",),
        proof=(
            dated,
            has("start_date"),
            any_of(
                headed("summary", _SURE),
                has("follows"),
                all_of(has("summary"), called("special specials", EVENT_SHEET)),
            ),
        ),
        telling=("start_date", "summary", "follows", "cycle_day", "division"),
        spans=(("start_date", "end_date"),),
        whole=("division",),
        blank=BlankSheet(
            "Special days",
            ("One special day a row: school is in, but not as usual.", *SHEET_RULES),
            'name it under [year] in nomarium.toml: special_days = "{file}"; then: nomarium days',
        ),
    )
)
