"""Pictures of calendars: pages of weeks and months, and timetables for the wall."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from datetime import date, timedelta

from nomarium.core.agenda import (
    DayFacts,
    MonthWeek,
    Showing,
    Shown,
    WallCell,
    WallGrid,
    lay_out_month,
    lay_out_week,
    letter_of,
    titled,
)
from nomarium.core.values import MONTH_NAMES, WEEKDAY_NAMES, clock_words, day_words, minute_words
from nomarium.views.calendar_layout import (
    FOOT,
    HEAD,
    MARGIN,
    Hours,
    MonthCell,
    MonthPage,
    month_page,
    wall_cells,
    week_page,
)
from nomarium.views.page import FAINT, GREY, INK, RULE, Box, Drawing, Page, measure, shortened

_TINTS = ("#dbe8f4", "#f6e6c4", "#dcecd6", "#f0dde9", "#e3e3e3", "#d6ecec", "#f5dccf", "#e4def2")
_EDGES = ("#2f6ea5", "#a87414", "#4a8a3c", "#a34b82", "#555555", "#2b8787", "#b0552a", "#6b55a8")
"""The ground and the edge of each calendar's events; a letter tells them apart without colour."""
_CLOSED = "#eceff1"
_FROM_LEFT = "\u200e"
"""What keeps a time on the left of a title that runs from right to left (Unicode, UAX 9)."""
_TITLE, _SMALL = 15.0, 8.0
_USUAL_HEIGHT = 0.7
"""The height that the hours of a week take on the page, about."""


def week_drawing(showing: Showing, facts: DayFacts, days: Sequence[date]) -> Drawing:
    """Return what draws a week, or some of its days."""

    def draw(page: Page) -> None:
        events = showing.between(days[0], days[-1])
        least = Hours.of(lay_out_week(events, days), _USUAL_HEIGHT).least_minutes
        layout = lay_out_week(events, days, least)
        place = week_page(layout)
        _head(page, showing, f"{day_words(days[0])} to {day_words(days[-1])}" if len(days) > 1 else day_words(days[0]))
        for day, head, column in zip(layout.days, place.heads, place.columns, strict=True):
            fact = facts.of(day)
            ground = "white" if fact.has_school else _CLOSED
            page.box(Box(column.x, column.y, column.width, head.y + head.height - column.y), ground, RULE)
            words = ", ".join(filter(None, (fact.label, fact.week)))
            name = f"{WEEKDAY_NAMES[day.weekday()]} {day.day} {MONTH_NAMES[day.month - 1][:3]}"
            said = " · ".join(filter(None, (words, fact.closure, fact.special)))
            page.paragraph(head.inside(0.004, 0.003), [(name, "bold"), (said, "faint")], 9, 5)
        for minute, y in place.hours:
            page.rule(MARGIN + 0.045, y, 1 - 2 * MARGIN - 0.045)
            page.text(MARGIN + 0.042, y, f"{minute // 60}:00", 7, GREY, "right")
        for box, bar in place.bars:
            _event_box(page, showing, bar.event, box, [(titled(bar.event), "bold")])
        for box, block in place.blocks:
            times = f"{minute_words(block.start)}–{minute_words(block.end)}"
            pieces = [(titled(block.event), "bold"), (times, "faint"), (block.event.place.split("\n")[0], "faint")]
            _event_box(page, showing, block.event, box, pieces)
        more = f"{place.hidden_bars} more events of whole days" if place.hidden_bars else ""
        _foot(page, showing, "nothing is on" if layout.is_empty else more)

    return draw


def _event_box(page: Page, showing: Showing, event: Shown, box: Box, pieces: Sequence[tuple[str, str]]) -> None:
    """Draw an event: its ground, its edge with the calendar's letter, its texts."""
    calendar = event.calendars[0] % len(_TINTS)
    page.box(box, _TINTS[calendar] if not event.cancelled else "white", _EDGES[calendar], line=0.6)
    edge = min(page.of_points_across(4), box.width * 0.2)
    page.box(box._replace(width=edge), _EDGES[calendar])
    letters = showing.letters(event)
    low = min(page.of_points(1.5), box.height * 0.04)
    text = Box(box.x + edge, box.y, box.width - edge, box.height).inside(page.of_points_across(2), low)
    if letters and pieces:
        pieces = [(f"{letters} {pieces[0][0]}", pieces[0][1]), *pieces[1:]]
    page.paragraph(text, [piece for piece in pieces if piece[0]], _SMALL, 4.5, whole=6.0)


def month_drawing(showing: Showing, facts: DayFacts, month: date) -> Drawing:
    """Return what draws a month."""

    def draw(page: Page) -> None:
        layout = lay_out_month(showing.events, month, facts.first_weekday)
        place = month_page(layout, page.of_points(9.5))
        _head(page, showing, f"{MONTH_NAMES[month.month - 1]} {month.year}")
        for head, held in zip(place.heads, layout.weeks[0].days, strict=True):
            page.bold(head.x + head.width / 2, head.y + head.height / 2, WEEKDAY_NAMES[held.day.weekday()], 9)
        for cell in place.cells:
            _month_cell(page, facts, layout.weeks[cell.week], cell, place)
        for number, week in enumerate(layout.weeks):
            row = [cell for cell in place.cells if cell.week == number]
            _month_events(page, showing, week, row, place)
        _foot(page, showing, "")

    return draw


def _month_cell(page: Page, facts: DayFacts, week: MonthWeek, cell: MonthCell, place: MonthPage) -> None:
    held = week.days[cell.place]
    fact = facts.of(held.day)
    ground = _CLOSED if not fact.has_school or held.outside else "white"
    page.box(cell.box, ground, RULE)
    y = cell.box.y + cell.box.height - place.number / 2
    left, right = cell.box.x + 0.005, cell.box.x + cell.box.width - 0.004
    if held.outside:
        page.text(left, y, str(held.day.day), 8, FAINT, "left")
    else:
        page.bold(left, y, str(held.day.day), 8.5, "left")
    room = page.points_across(cell.box.width) - 20
    words = fact.closure or fact.special or ", ".join(filter(None, (fact.label, fact.week)))
    page.text(right, y, shortened(words, room / 6), 6, GREY, "right")


def _month_events(page: Page, showing: Showing, week: MonthWeek, row: Sequence[MonthCell], place: MonthPage) -> None:
    shown = place.lines if week.lines() <= place.lines else place.lines - 1

    def line_box(first: int, last: int, line: int) -> Box:
        left, right = row[first].box, row[last].box
        y = left.y + left.height - place.number - (line + 1) * place.line
        return Box(left.x + 0.003, y + place.line * 0.06, right.x + right.width - left.x - 0.006, place.line * 0.88)

    for bar in week.bars:
        if bar.line < shown:
            title = f"{'' if bar.begins else '‹ '}{titled(bar.event)}{'' if bar.ends else ' ›'}"
            _event_line(page, showing, bar.event, line_box(bar.first, bar.last, bar.line), title, filled=True)
    for held, cell in zip(week.days, row, strict=True):
        for line, part in held.parts:
            if line < shown:
                time = "" if part.whole_day else f"{clock_words(part.start)} "
                box = line_box(cell.place, cell.place, line)
                title = f"{time}{titled(part.event)}"
                _event_line(page, showing, part.event, box, title, filled=part.whole_day)
        more = week.hidden(cell.place, shown)
        if more:
            box = line_box(cell.place, cell.place, shown)
            page.text(box.x + 0.004, box.y + box.height / 2, f"+{more} more", 6.5, GREY, "left")


def _event_line(page: Page, showing: Showing, event: Shown, box: Box, title: str, *, filled: bool) -> None:
    calendar = event.calendars[0] % len(_TINTS)
    if filled:
        page.box(box, _TINTS[calendar], _EDGES[calendar], line=0.4)
    edge = page.of_points_across(3)
    page.box(box._replace(width=edge), _EDGES[calendar])
    letters = showing.letters(event)
    words = f"{_FROM_LEFT}{letters} {title}" if letters else f"{_FROM_LEFT}{title}"
    size = 7.0
    room = (page.points_across(box.width - edge) - 4) / size
    x = box.x + edge + page.of_points_across(2)
    page.text(x, box.y + box.height / 2, shortened(words, room), size, INK, "left")


def wall_drawing(grid: WallGrid, about: str) -> Drawing:
    """Return what draws a timetable for the wall."""

    def draw(page: Page) -> None:
        notes = "; ".join(grid.beside)
        foot = 0.035 if notes else 0.0
        _title(page, grid.name, about)
        heads, rows, cells = wall_cells(len(grid.days), len(grid.periods), foot)
        for head, day in zip(heads, grid.days, strict=True):
            page.box(head, "#dfe5ea", RULE)
            words = day if day in WEEKDAY_NAMES else f"Day {day}"
            page.bold(head.x + head.width / 2, head.y + head.height / 2, words, 11)
        for row, period in zip(rows, grid.periods, strict=True):
            page.box(row, "#eef1f4", RULE)
            words = f"Period {period}" if len(period) < 4 else period
            pieces = [(words, "bold"), (grid.times.get(period, ""), "faint")]
            page.paragraph(row.inside(0.006, row.height * 0.18), [one for one in pieces if one[0]], 9.5, 5)
        for place, day in enumerate(grid.days):
            column = [boxes[place] for boxes in cells]
            for first, last, held in _stretches([grid.cells.get((day, period), []) for period in grid.periods]):
                box = column[last]._replace(height=column[first].y + column[first].height - column[last].y)
                page.box(box, _TINTS[0] if held else "white", RULE)
                pieces = [piece for one in held for piece in ((one.title, "bold"), (one.place, "")) if piece[0]]
                page.paragraph(box.inside(0.005, column[last].height * 0.08), pieces, 10, 4.5)
        if not grid.periods:
            page.text(0.5, 0.5, "nothing meets by periods", 12, GREY)
        if notes:
            below = Box(MARGIN, MARGIN, 1 - 2 * MARGIN, FOOT + foot - 0.005)
            page.paragraph(below, [(f"Besides: {notes}", "")], 7.5, 5)

    return draw


def _stretches(cells: Sequence[list[WallCell]]) -> Iterator[tuple[int, int, list[WallCell]]]:
    """Yield (first, last, what meets) of each stretch of periods in which the same meets; free ones stay single."""
    first = 0
    for place, held in enumerate(cells):
        if place + 1 == len(cells) or cells[place + 1] != held or not held:
            yield first, place, held
            first = place + 1


def _head(page: Page, showing: Showing, about: str) -> None:
    names = [
        f"{letter_of(place)} {name}" if len(showing.calendars) > 1 else name
        for place, name in enumerate(showing.calendars)
    ]
    _title(page, "  ·  ".join(names), about)


def _title(page: Page, name: str, about: str) -> None:
    y = 1 - MARGIN - HEAD * 0.45
    aside = page.points_across(1 - 2 * MARGIN) - measure(about) * 10 - 20
    page.bold(MARGIN, y, shortened(name, aside / _TITLE, bold=True), _TITLE, "left")
    page.text(1 - MARGIN, y, about, 10, GREY, "right")


def _foot(page: Page, showing: Showing, words: str) -> None:
    page.text(1 - MARGIN, MARGIN + FOOT * 0.3, f"times of {showing.zone}", 6.5, FAINT, "right")
    page.text(MARGIN, MARGIN + FOOT * 0.3, words, 8, GREY, "left")


def weeks_between(first: date, last: date, first_weekday: int) -> list[date]:
    """Return the first days of the weeks that have any day from one to another."""
    start = first - timedelta(days=(first.weekday() - first_weekday) % 7)
    return [start + timedelta(days=7 * number) for number in range((last - start).days // 7 + 1)]
