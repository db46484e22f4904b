"""Rows as another program wants them: its own headings in its own order, its forms of dates and times."""

from __future__ import annotations

import codecs
import re
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime
from difflib import get_close_matches

from nomarium.core.columns import ROW_FIELDS, Headings
from nomarium.core.kinds import EVENT_SHEET
from nomarium.core.problems import DataRefused, Place, Way, WrongCall, error
from nomarium.core.tables import guarded

PARTS = ("start_date", "start_time", "end_date", "end_time", "weekday")
"""What a row can hold beside ROW_FIELDS: halves of its start and end."""

_DELIMITERS = {"comma": ",", "semicolon": ";", "tab": "\t", "pipe": "|"}
_DATE_LETTERS, _TIME_LETTERS = "dmYyBbAaj", "HIMSp"


@dataclass(frozen=True, slots=True)
class RowStyle:
    """How rows are to look."""

    columns: Sequence[tuple[str, str]] = ()
    """(heading, field) in their order, "" for an empty column; none for ROW_FIELDS as they are."""
    dates: str = "%Y-%m-%d"
    times: str = "%H:%M"
    delimiter: str = ","
    encoding: str = "utf-8-sig"

    @property
    def is_usual(self) -> bool:
        """Whether rows look as usual."""
        return self == RowStyle()

    @property
    def headings(self) -> list[str]:
        """The headings, in order."""
        return [heading for heading, _ in self.columns] or list(ROW_FIELDS)

    def rows(self, rows: Iterable[Sequence[str]]) -> Iterator[list[str]]:
        """Yield rows of ROW_FIELDS as this style has them."""
        wanted = [field for _, field in self.columns] or list(ROW_FIELDS)
        for row in rows:
            cells = dict(zip(ROW_FIELDS, row, strict=False))
            start, end = self._halves(cells["start"]), self._halves(cells["end"])
            cells |= {"start_date": start[0], "start_time": start[1], "end_date": end[0], "end_time": end[1]}
            cells |= {"start": " ".join(filter(None, start)), "end": " ".join(filter(None, end))}
            cells["weekday"] = f"{date.fromisoformat(row[2][:10]):%A}"
            yield [cells.get(field, "") for field in wanted]

    def _halves(self, cell: str) -> tuple[str, str]:
        if not cell:
            return "", ""
        moment = datetime.fromisoformat(cell)
        return moment.strftime(self.dates), moment.strftime(self.times) if "T" in cell else ""

    def csv(self, rows: Iterable[Sequence[str]], file: str) -> Iterator[bytes]:
        """Render rows as delimited text. Raises DataRefused where the encoding lacks a letter."""
        import csv
        import io

        text = io.StringIO(newline="")
        writer = csv.writer(text, delimiter=self.delimiter, lineterminator="\r\n")
        writer.writerows([guarded(cell) for cell in row] for row in [self.headings, *rows])
        try:
            yield text.getvalue().encode(self.encoding)
        except UnicodeEncodeError as fault:
            raise DataRefused(
                error(
                    "unencodable",
                    Place(file),
                    f"The encoding {self.encoding} has no “{fault.object[fault.start]}”.",
                    advice=(Way("encoding", "Choose another with {}", "utf-8"),),
                )
            ) from None


def row_style(
    headings: Sequence[str] = (), dates: str = "", times: str = "", delimiter: str = "", encoding: str = ""
) -> RowStyle:
    """Return the style that these texts state; "" for the usual. Raises WrongCall for what says nothing."""
    style = RowStyle(tuple(map(_column, headings)))
    if dates:
        style = replace(style, dates=_pattern(dates, _DATE_LETTERS, "%d/%m/%Y"))
    if times:
        style = replace(style, times=_pattern(times, _TIME_LETTERS, "%H:%M or %I:%M %p"))
    if delimiter:
        sign = _DELIMITERS.get(delimiter.casefold(), delimiter)
        if sign not in _DELIMITERS.values():
            raise WrongCall(f"“{delimiter}” is no delimiter.", f"There are: {', '.join(_DELIMITERS)}.")
        style = replace(style, delimiter=sign)
    if encoding:
        try:
            codecs.lookup(encoding)
            "".encode(encoding)
        except LookupError:
            raise WrongCall(f"There is no encoding “{encoding}”.", "Usual ones are utf-8, utf-16 and cp1252.") from None
        style = replace(style, encoding=encoding)
    return style


def _column(text: str) -> tuple[str, str]:
    """Read "Subject", a heading that is known, or "Subject=summary"."""
    heading, equals, field = (part.strip() for part in text.partition("="))
    known = (*ROW_FIELDS, *PARTS)
    if equals:
        if field and field not in known:
            near = get_close_matches(field, known, 1)
            meant = f"Did you mean {near[0]}? " if near else ""
            raise WrongCall(f"There is no field “{field}”.", f"{meant}There are: {', '.join(known)}.")
        return heading, field
    meaning = Headings(EVENT_SHEET)(heading)
    if meaning not in known:
        raise WrongCall(f"“{heading}” is no heading that is known.", f"Write “{heading}=FIELD”: {', '.join(known)}.")
    return heading, meaning or ""


def _pattern(text: str, letters: str, example: str) -> str:
    """Return a pattern of strftime that names nothing but parts of a date, or of a time."""
    named = re.findall(r"%(.?)", text)
    if not named or any(letter not in letters + "%" or not letter for letter in named):
        raise WrongCall(f"“{text}” is no form such as {example}.", f"It may hold %{', %'.join(letters)}.")
    return text
