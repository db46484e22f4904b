"""The settings that calls and plans share: each with its option, its key, what it means and how its text is read.

A call's option, a plan's key, what is saved of a call as a plan, and the docs all come from here.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Collection
from dataclasses import dataclass
from datetime import date, timedelta
from typing import TYPE_CHECKING, Any, NamedTuple

from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.problems import Advice, Way


@dataclass(frozen=True, slots=True)
class Setting:
    """Something that may be stated, in a call or in a plan."""

    name: str
    option: str = ""
    """How a call states it: "--dates"; "" where only a plan can."""
    metavar: str = ""
    meaning: str = ""
    key: str = ""
    """How a plan states it: "dates"; "" where only a call can."""
    where: str = ""
    """In which part of a plan the key stands, in words."""
    parse: Callable[[str], Any] = str
    """Reads a stated text. Raises ValueError with what is expected where it cannot."""
    is_flag: bool = False
    """Whether it says yes or nothing."""

    def in_call(self, value: str) -> str:
        """Return the option with a value."""
        if not value:
            return self.option
        return f'{self.option} "{value}"' if self.name in ("column", "value") else f"{self.option} {value}"

    def in_plan(self, value: str) -> str:
        """Return the key with a value, and where it stands."""
        if self.name == "column":
            heading, _, field = value.rpartition("=")
            return f'columns = {{ "{heading}" = "{field}" }}{self.where}'
        if self.name == "value":
            heading, _, pair = value.partition(": ")
            code, _, word = pair.rpartition("=")
            return f'{self.key} = {{ "{heading}" = {{ "{code}" = "{word}" }} }}{self.where}'
        if self.is_flag:
            return f"{self.key} = true{self.where}"
        return f'{self.key} = "{value}"{self.where}' if value else f"{self.key}{self.where}"


def _order(text: str) -> str:
    if text.strip().lower() not in ("dmy", "mdy", "ymd"):
        raise ValueError(f"“{text}” is none of dmy, mdy and ymd.")
    return text.strip().lower()


def _day(text: str) -> date:
    from nomarium.core.values import in_reach

    try:
        day = date.fromisoformat(text.strip())
    except ValueError:
        raise ValueError(f"“{text}” is no date of the form 2026-09-08.") from None
    if not in_reach(day):
        raise ValueError(f"“{text}” lies beyond the years 1000 to 8999.")
    return day


def _span(text: str) -> tuple[date, date]:
    first, dots, last = text.partition("..")
    if not dots:
        raise ValueError(f"“{text}” is not of the form 2026-09-01..2027-06-30.")
    span = _day(first), _day(last)
    if span[1] < span[0]:
        raise ValueError(f"“{text}” ends before it starts.")
    return span


def _hours(text: str) -> int:
    """Return the hour from which times without am or pm are read: "8-20" → 8."""
    match = re.fullmatch(r"(\d{1,2})(?::00)?\s*[-–]\s*(\d{1,2})(?::00)?", text.strip())
    if not match or not 0 <= int(match[1]) <= 12 or int(match[2]) - int(match[1]) != 12:
        raise ValueError(f"“{text}” is no span of twelve hours such as 7-19 or 8-20.")
    return int(match[1])


def _typed(text: str) -> str:
    if text not in ("keep", "swap"):
        raise ValueError(f"“{text}” is neither keep nor swap.")
    return text


def _commas(text: str) -> str:
    if text not in ("within", "between"):
        raise ValueError(f"“{text}” is neither within nor between.")
    return text


def _length(text: str) -> timedelta:
    from nomarium.core.values import read_length

    length = read_length(text)
    if not length:
        raise ValueError(f"“{text}” is no length such as 45m, 1h or 1h30m.")
    return timedelta(days=length.days) + length.elapsed


def _zone(text: str) -> str:
    from nomarium.core.values import near_zones, read_zone

    name = read_zone(text)
    if name is None:
        near = near_zones(text)
        hint = f"Did you mean {' or '.join(near)}?" if near else "It has the form Area/City, such as America/Halifax."
        raise ValueError(f"“{text}” is no time zone. {hint}")
    return name


def _closing(text: str) -> str:
    if text.strip().casefold() not in ("drop", "keep", "next", "previous", "push"):
        raise ValueError(f"“{text}” is none of drop, keep, next, previous, push.")
    return text.strip().casefold()


IN_SHEETS = " under [sheets]"
"""Where keys stand of how all sheets are read."""
IN_SHEET = " in the sheet’s table"
IN_SOURCE = " under its source"

SETTINGS: dict[str, Setting] = {
    setting.name: setting
    for setting in (
        Setting(
            "sheet", "--sheet", "NAME", "The sheet of a workbook; else the one that holds events.", "sheet", IN_SHEET
        ),
        Setting(
            "range",
            "--range",
            "B4:H90",
            "The part of the sheet that is meant, or a name given to it.",
            "range",
            IN_SHEET,
        ),
        Setting(
            "visible",
            "--visible",
            "",
            "Leave out rows that are hidden or crossed out.",
            "visible",
            IN_SHEET,
            is_flag=True,
        ),
        Setting(
            "value",
            "--value",
            "HEADING: CODE=WORD",
            "What a code of the sheet’s own stands for, as in “Show as: 3=free”. Repeatable.",
            "values",
            IN_SHEET,
        ),
        Setting(
            "column",
            "--column",
            "HEADING=FIELD",
            "What a column holds; “Heading=” leaves it alone. Repeatable.",
            "columns",
            IN_SHEET,
        ),
        Setting(
            "dates",
            "--dates",
            "dmy|mdy|ymd",
            "The order of day, month and year, where cells don’t prove it.",
            "dates",
            IN_SHEETS,
            _order,
        ),
        Setting(
            "within",
            "--within",
            "FROM..TO",
            "The span the sheet is about: gives missing years and proves orders.",
            "within",
            IN_SHEETS,
            _span,
        ),
        Setting(
            "typed_dates",
            "--typed-dates",
            "keep|swap",
            "For a workbook’s dates whose day and month seem exchanged.",
            "typed_dates",
            IN_SHEETS,
            _typed,
        ),
        Setting(
            "hours",
            "--hours",
            "7-19",
            "The hours of the working day, for times without am or pm.",
            "hours",
            IN_SHEETS,
            _hours,
        ),
        Setting(
            "commas",
            "--commas",
            "within|between",
            "Whether a comma stands within a person’s name or between two, where cells don’t prove it.",
            "commas",
            IN_SHEETS,
            _commas,
        ),
        Setting(
            "zone",
            "--zone",
            "AREA/CITY",
            "The time zone of the times; else the machine’s.",
            "zone",
            " under [school]",
            _zone,
        ),
        Setting(
            "length",
            "--length",
            "LENGTH",
            "How long an event without an end takes, such as 45m or 1h30m.",
            "length",
            IN_SOURCE,
            _length,
        ),
        Setting(
            "each_day",
            "--each-day",
            meaning="Times beside several days hold on each of them, not from the first to the last.",
            key="each_day",
            where=IN_SOURCE,
            is_flag=True,
        ),
        Setting(
            "places",
            "--places",
            "FILE",
            "A sheet from codes to names, addresses and links of places.",
            "places",
            IN_SOURCE,
        ),
        Setting(
            "people",
            "--people",
            "FILE",
            "A sheet from names or initials to names and mail addresses.",
            "people",
            IN_SOURCE,
        ),
        Setting(
            "if_closed",
            "--if-closed",
            "drop|keep|next|previous|push",
            "What a closure does to a date of a repeat or programme: dropped, kept, moved to an open day; *push* moves "
            "all that follows in a programme, too.",
            "if_closed",
            IN_SOURCE,
            _closing,
        ),
        Setting(
            "cycle", "--cycle", "NAME", "The cycle whose labels its days are, as in “every Day 3”.", "cycle", IN_SOURCE
        ),
        Setting("start", "--start", "DATE", "The first day.", "start", IN_SOURCE),
        Setting("groups", "--groups", "FILE", "The groups of a programme.", "groups", IN_SOURCE),
        Setting("on_days", "--on-days", "Tue,Thu", "The weekdays of sessions.", "on_days", IN_SOURCE),
        Setting("keep_going", "--keep-going", meaning="Write what can be read, and save the refused rows."),
        Setting("force", "--force", meaning="Write over a file that is there already."),
        Setting("expect", "--expect", "N", "How many events there must be."),
        Setting("first", "--from", "DATE", "Only what has a part on or after this day."),
        Setting("last", "--to", "DATE", "Only what has a part on or before this day."),
        Setting("to_zone", "--to-zone", "AREA/CITY", "The time zone to tell all times in."),
        Setting("plan", "--plan", "PLAN", "The plan whose year repeats go by."),
        Setting("limit", "--limit", "N", "How many dates a repeat may make."),
        Setting("accept", "--accept", meaning="Build although much would be taken away."),
        Setting("encoding", "--encoding", "NAME", "The encoding of delimited text.", "encoding", " under [rows]"),
        Setting("kind", key="kind", where=IN_SOURCE),
        Setting("bells", key="sheets", where=" under [bells]"),
    )
}
"""All settings, by their names."""


class Asker(NamedTuple):
    """Who asked: the options that it has ("--dates"), and whether it reads sheets as a plan says."""

    options: Collection[str] = ()
    by_plan: bool = True


BY_PLAN = Asker()
"""A plan without any command: its keys are named."""


_KEY = regex(r"[a-z_]+ = ")
"""How a key of a plan begins: it is written as it stands, even where a sentence begins with it."""


def advice_words(advice: Advice, asker: Asker) -> str:
    """Return what to do in words that who asked can follow: ways that are not open to it are left out."""
    if isinstance(advice, str):
        return advice
    said = ""
    for way in advice:
        clause, joint = (way, ", or ") if isinstance(way, str) else (_clause(way, asker), way.joint)
        if clause:
            verbatim = clause.startswith("--") or _KEY.match(clause)
            start = clause if verbatim else clause[:1].upper() + clause[1:]
            said = f"{said}{joint}{clause[:1].lower()}{clause[1:]}" if said else start
    return said if not said or said[-1] in ".:;!?" else f"{said}."


def _clause(way: Way, asker: Asker) -> str:
    """Return a way in words, "" where it is not open to who asked."""
    setting = SETTINGS[way.setting]
    if asker.by_plan and setting.key:
        return way.text.format(setting.in_plan(way.value))
    return way.text.format(setting.in_call(way.value)) if setting.option in asker.options else ""
