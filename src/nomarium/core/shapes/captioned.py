"""Captions among the rows of a list, "Juniors", "Class 7B", "Courtroom 2" → a column that says it in each row."""

from __future__ import annotations

from dataclasses import replace
from typing import TYPE_CHECKING

from nomarium.core.columns import (
    Headings,
    Kind,
    holds_dates,
    holds_days_and_times,
    holds_times,
    holds_weekdays,
    is_caption,
)
from nomarium.core.kinds import EVENT_SHEET, TIMETABLE_SHEET
from nomarium.core.shapes import wording
from nomarium.core.shapes.headless import small_view
from nomarium.core.shapes.unfolded import ListRows, Unfolded
from nomarium.core.tables import Column, Grid, GridView, is_data
from nomarium.core.values import CLASS_FORM, TITLED_FORM, is_date, looks_like_place, span_in, weekday_in_any

if TYPE_CHECKING:
    from collections.abc import Mapping, Sequence

_MOST_ABOVE, _FEWEST_HEADINGS, _FEWEST_CAPTIONS, _FEWEST_CELLS = 6, 3, 2, 2
_LONGEST = 60
_TIMES = ("start_time", "start", "hours", "when", "period", "slot")
_KINDS = {  # what a list calls the day of each row
    Kind.LIST: (TIMETABLE_SHEET, ("day", "slot"), lambda days: holds_weekdays(days) or holds_days_and_times(days)),
    Kind.EVENTS: (EVENT_SHEET, ("start_date", "start", "when"), holds_dates),
}


def captioned_list(grid: Grid) -> Unfolded | None:
    """Return the list whose rows stand in groups, each below a caption of its own; None for any other sheet."""
    view = small_view(grid)
    head, kind = _headings(view) if view is not None else (0, None)
    if view is None or kind is None:
        return None
    headings = dict(view.filled(head))
    captions: dict[int, str] = {}
    below: dict[int, int | None] = {}
    now = head - 1 if head and _is_caption(view, head - 1) else None
    last = max((row for row in range(len(view.rows)) if len(list(view.filled(row))) >= _FEWEST_CELLS), default=0)
    for row in range(head + 1, len(view.rows)):
        texts = dict(view.filled(row))
        if texts and row > last:
            below[row] = None  # a note, or a row that is refused where it is read
        elif _is_caption(view, row):
            if now is not None and now > head and now not in captions:
                return None  # of two in turn nothing says what each is
            now = row
        elif texts and texts != headings:
            if now is None:
                return None
            captions[now], below[row] = next(iter(dict(view.filled(now)).values())), now
    different = len(set(captions.values()))
    close = [row for row in captions if not _stands_apart(view, row, head)]
    if different < max(_FEWEST_CAPTIONS, len(captions)) or min(captions) in close:
        return None
    if close and not _are_whole(view, [row for row, caption in below.items() if caption is not None]):
        return None
    found = _list(view, head, kind, captions, below)
    said = [wording.heads_rows_below(view.place(row, next(view.filled(row))[0]), captions[row]) for row in close]
    return replace(found, problems=[*found.problems, *said])


def _are_whole(view: GridView, rows: Sequence[int]) -> bool:
    """Tell whether all rows of a list fill the same columns, most of them at least: none has its date missing."""
    filled = [{column for column, _ in view.filled(row)} for row in rows]
    return len(set.intersection(*filled)) >= _FEWEST_HEADINGS if filled else False


def _headings(view: GridView) -> tuple[int, Kind | None]:
    """Return the row of headings of a list, and its kind; None as that where no row heads days and times."""
    for row in range(min(_MOST_ABOVE, len(view.rows))):
        texts = dict(view.filled(row))
        if len(texts) < _FEWEST_HEADINGS:
            continue
        for kind, (sheet, days, holds) in _KINDS.items():
            fields = {Headings(sheet)(text): column for column, text in texts.items()}
            dated = [_days_below(view, row, fields[name]) for name in days if name in fields]
            if any(map(holds, dated)) and not fields.keys().isdisjoint(_TIMES):
                return row, kind
    return 0, None


def _days_below(view: GridView, head: int, column: int) -> Column:
    """Return what stands below a heading in the rows that are neither captions nor the headings again."""
    again = dict(view.filled(head))
    rows = [row for row in range(head + 1, len(view.rows)) if not _is_caption(view, row)]
    return Column("", column, [view.cell(row, column) for row in rows if dict(view.filled(row)) != again])


def _is_caption(view: GridView, row: int) -> bool:
    """Tell whether the only cell of a row is a name: no day, no time, no part of the year, no sentence."""
    filled = list(view.filled(row))
    if len(filled) != 1:
        return False
    column, text = filled[0]
    says_when = is_date(text) or weekday_in_any(text.rstrip(":")) is not None or span_in(text) is not None
    called = any(map(str.isalpha, text)) and len(text) <= _LONGEST and not text.endswith((".", "!", ":"))
    return called and not is_data(view.cell(row, column)) and not says_when and not is_caption(text, Kind.EVENTS)


def _stands_apart(view: GridView, row: int, head: int) -> bool:
    """Tell whether a name heads the rows below, and is no row whose date is missing.

    It stands where the rows have a day or a time, beside a blank row or the headings, or in capitals.
    """
    column, text = next(view.filled(row))
    below = _days_below(view, head, column)
    beside = [dict(view.filled(other)) for other in (row - 1, row + 1) if 0 <= other < len(view.rows)]
    return (
        holds_dates(below)
        or holds_weekdays(below)
        or holds_times(below)
        or text.isupper()
        or any(not texts or texts == dict(view.filled(head)) for texts in beside)
    )


def _list(
    view: GridView, head: int, kind: Kind, captions: Mapping[int, str], below: Mapping[int, int | None]
) -> Unfolded:
    heading, names = _named(list(captions.values()), kind)
    called = dict(zip(captions, names, strict=True))
    first = min(captions)
    columns = range(view.width)
    titles = _title_column(view, head, kind) if heading == "Group" else None
    listed = ListRows(view, min(head, first))
    listed.add(head, columns, (heading, (first, 0)))
    for row, caption in below.items():
        column = 0 if caption is None else next(view.filled(caption))[0]
        said = "" if caption is None else called[caption]
        listed.add(row, columns, (said, (row if caption is None else caption, column)))
        if titles is not None and column == titles and said:
            listed.entitle(titles, f"{said}: {view.text(row, titles)}")
    shown = ", ".join(list(captions.values())[:2])
    return listed.unfolded(kind, heading, f"its rows stand in groups, each below its caption ({shown}, …)")


def _title_column(view: GridView, head: int, kind: Kind) -> int | None:
    """Return the column that says what is on; None where no heading says which it is."""
    known = Headings(_KINDS[kind][0])
    return next((at for at, text in view.filled(head) if known(text) in ("class", "course", "summary")), None)


def _named(captions: list[str], kind: Kind) -> tuple[str, list[str]]:
    """Return how captions are headed in a list, and what they say below that heading."""
    known = Headings(_KINDS[kind][0])
    words = {caption.split()[0].rstrip(":.") for caption in captions}
    word = words.pop() if len(words) == 1 else ""
    if known(word) in ("class", "group", "team", "teacher", "student") and all(" " in one for one in captions):
        return word, [caption.split(maxsplit=1)[1] for caption in captions]
    if all(map(looks_like_place, captions)):
        return ("Place" if kind is Kind.EVENTS else "Room"), captions
    if kind is Kind.LIST and all(map(CLASS_FORM.fullmatch, captions)):
        return "Class", captions
    if all(map(TITLED_FORM.fullmatch, captions)):
        return ("Person" if kind is Kind.EVENTS else "Teacher"), captions
    return "Group", captions
