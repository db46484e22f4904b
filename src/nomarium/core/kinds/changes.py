"""One-off changes of meetings."""

from __future__ import annotations

import re
from datetime import date

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
    dated,
    has,
    has_one_of,
    headed,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.change_words import tells_change
from nomarium.core.kinds.class_fields import (
    CLASS_HEADINGS,
    DIVISION_HEADINGS,
    PERIOD_HEADINGS,
)
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import CLASS, SHEET_RULES
from nomarium.lazily import regex


def _all_change(seen: Evidence) -> Verdict:
    """Each cell says a change, in a sheet that has no column besides those of changes."""
    texts = seen.texts("change")
    known = Headings(seen.kind)
    whole = seen.table is not None and all(known(column.heading) for column in seen.table.columns)
    told = bool(texts) and whole and all(map(tells_change, texts))
    return Verdict("" if told else "not all its cells say what changes")


def _says_new(seen: Evidence) -> Verdict:
    new = [name for name, column in seen.named.items() if name.startswith("new_") and _NEW.search(column.heading)]
    return Verdict("" if new else "no column such as “New date” or “New room”")


_NEW = regex(
    r"\b(?:new|cover\w*|substitut\w*|neu\w*|nouve\w*|nuev\w*|nuov\w*|nov[ao]s?|nieuw\w*|ny|nye|nytt|vertret\w*|"
    r"remplaç\w*|sustitut\w*|supplent\w*|vervang\w*|vikar\w*|zastęp\w*|suplu\w*)\b",
    re.IGNORECASE,
)


CHANGE_SHEET = with_phrases(
    SheetKind(
        Kind.CHANGES,
        "changes",
        (
            Field(
                "start_date",
                "the day of the meeting as the timetable has it; required",
                "date|day|on|when|dates|original date|meeting date|datum|fecha",
                Holds.DATE,
                f"{words.DATE}|lesson date|affected date|day of lesson|old date|from date",
                Blank("Date", "The day of the meeting, as the timetable has it. Required.", date(2026, 10, 14)),
            ),
            Field(
                "class",
                "the class, or “all”",
                f"{CLASS_HEADINGS}|who|which|meeting|for",
                Holds.NAMES,
                f"{words.CLASS}|{words.COURSE}|affected class",
                Blank("Class", "The class, or “all”.", CLASS, width=22),
            ),
            Field(
                "period",
                "the period as its class writes it; empty for the only one of the day",
                PERIOD_HEADINGS,
                Holds.PERIODS,
                f"{words.PERIOD}|old period|original period",
                Blank("Period", "Its period, where it meets twice that day. Write it as text.", ""),
            ),
            Field(
                "change",
                "cancelled, moved, room or teacher: what changes",
                "change|what|action|what changes|kind|type|status|note|instruction",
                Holds.CHOICE,
                "change type|type of change|kind of change|what happens|änderung|art der änderung|vertretungsart|changement|"
                "modification|cambio|tipo de cambio|variazione|alteração|wijziging|ændring|endring|ändring|art|typ|tipo|"
                "soort|slags|zmiana|změna|muutos|változás",
                Blank(
                    "Change",
                    "“cancelled”, or empty where a new date, time, room or teacher says it.",
                    "cancelled",
                    ("cancelled",),
                ),
            ),
            Field(
                "new_date",
                "the day that it moves to",
                "new date|to date|moved to|move to|to|new day|to day",
                Holds.DATE,
                "makeup date|make-up date|rescheduled to|rescheduled date|replacement date|neues datum|verlegt auf|"
                "nouvelle date|nueva fecha|nuova data|nova data|nieuwe datum|ny dato|nytt datum",
                Blank("New date", "The day that it moves to."),
            ),
            Field(
                "new_period",
                "the period that it moves to",
                "new period|to period",
                Holds.PERIODS,
                "new block|new lesson|neue stunde|nouvelle heure de cours|nuevo periodo|nieuw lesuur",
                Blank("New period", "The period that it moves to."),
            ),
            Field(
                "new_start",
                "the time that it moves to",
                "new start|new time|to time|new start time|start|from",
                Holds.TIME,
                "new begin|new from|new hours|neue zeit|neuer beginn|nouvel horaire|nueva hora|nuovo orario|nieuwe tijd",
                Blank("New start", "Or the time that it moves to.", ""),
            ),
            Field(
                "new_end",
                "when it ends then",
                "new end|new end time|end|until",
                Holds.TIME,
                "new finish|new to|neues ende|nouvelle fin|nuevo fin",
            ),
            Field(
                "new_room",
                "the room that it moves to",
                "new room|room|to room|where|new place|new location",
                Holds.PLACE,
                f"{words.PLACE}|replacement room|temporary room|room now|neuer raum|raum neu|vertretungsraum|nouvelle salle|"
                "nueva aula|nuova aula|nova sala|nieuw lokaal|nyt lokale|nytt rom|ny sal",
                Blank("New room", "The room that it moves to.", ""),
            ),
            Field(
                "new_teacher",
                "who takes it",
                "new teacher|teacher|cover|covered by|substitute|taken by|replacement",
                Holds.PEOPLE,
                f"{words.PEOPLE}|cover teacher|substitute teacher|supply teacher|relief teacher|sub|cover staff|"
                "replacement teacher|lehrer neu|neue lehrkraft|vertretungslehrer|vertretungskraft|vertreten durch|"
                "remplaçante|sustituta|vertretung|vertreter|remplaçant|sustituto|supplente|substituto|vervanger|vikar",
                Blank("New teacher", "Who takes it.", ""),
            ),
            Field("division", "only meetings of this division", DIVISION_HEADINGS, Holds.NAMES, words.DIVISION),
            Field(
                "weekday",
                "the weekday of the date: proof of how it is read",
                "weekday|day of week|dow",
                Holds.DAYS,
                words.WEEKDAY,
            ),
        ),
        needs=("date",),
        proof=(
            dated,
            has("start_date"),
            has_one_of("class", "period"),
            any_of(
                _says_new,
                all_of(
                    has("change"), headed("change", "change|changes|what changes|action|change type|type of change")
                ),
                all_of(has("change"), _all_change),
            ),
        ),
        telling=("start_date", "class", "period", "change", "new_date", "new_room", "new_teacher"),
        blank=BlankSheet(
            "Changes",
            (
                "One change a row. All dates and periods are those of the timetable before any change.",
                *SHEET_RULES,
            ),
            'name it under [classes] in nomarium.toml: changes = "{file}"; then: nomarium check',
        ),
        whole=("division", "class"),
    )
)
