"""The picture of a year: every month a block, every date with its labels, on one page."""

from __future__ import annotations

import textwrap
from collections.abc import Sequence
from typing import TYPE_CHECKING

from nomarium.core.problems import WrongCall
from nomarium.core.values import day_words
from nomarium.views.page import FAINT, GREY, INK, RULE, SCREEN, SIZES, Box, Page, draw_pages
from nomarium.views.year_layout import (
    LEGEND_LINE,
    MARGIN,
    MOST_CYCLES,
    DateBox,
    Kind,
    MonthBlock,
    WeekBox,
    YearLayout,
    closure_words,
    date_words,
    label_words,
    lay_out,
    special_words,
)

if TYPE_CHECKING:
    from nomarium.core.year import SchoolYear

_REST, _CLOSED, _PARTLY = "#eceff1", "#5b6670", "#c3cad0"
_TERM_BANDS = (("#c9ddf0", ""), ("#f3e3b5", "///"), ("#d3e6cf", "..."), ("#e7d3e8", "xx"), ("#d9d9d9", "||"))
"""The tint and the pattern of each term's band; the pattern tells them apart without colour."""


def draw_year(year: SchoolYear, cycles: Sequence[str], name: str, form: str, paper: str) -> tuple[bytes, str]:
    """Draw a year as ``png`` (1280x800), ``pdf`` (one page of the paper) or ``svg``.

    Returns the file, and the characters that no font here has. Raises WrongCall for more cycles than have room.
    """
    if len(cycles) > MOST_CYCLES:
        raise WrongCall(f"A picture has room for {MOST_CYCLES} cycles.", "Name those wanted with --cycle.")
    size = SIZES[paper] if form == "pdf" else SCREEN

    def draw(page: Page) -> None:
        lines = _legend_lines(year, cycles, size[0])
        layout = lay_out(year, cycles, size[0] / size[1], len(lines) + 1)
        _draw_title(page, year, cycles, name)
        for month in layout.months:
            _draw_month(page, month)
        _draw_legend(page, layout, lines)

    return draw_pages([draw], size, form)


def _draw_title(page: Page, year: SchoolYear, cycles: Sequence[str], name: str) -> None:
    span = f"{day_words(year.rules.first)} to {day_words(year.rules.last)}"
    about = f"{span}  ·  labels of {', '.join(cycles)}" if cycles else span
    page.bold(MARGIN, 0.965, textwrap.shorten(name, _LONGEST_NAME, placeholder=" …"), 15, "left")
    page.text(1 - MARGIN, 0.965, textwrap.shorten(about, _LONGEST_ABOUT, placeholder=" …"), 9, at="right")


_LONGEST_NAME, _LONGEST_ABOUT = 50, 85
"""Characters that have room beside one another above the months."""


def _draw_month(page: Page, month: MonthBlock) -> None:
    title = month.title
    size = min(11.0, page.points(title.height) * 0.55)
    page.bold(title.x, title.y + title.height / 2, month.name, size, "left")
    for box, initials in month.weekdays:
        size = page.fitting(box, initials, 0.6)
        page.text(box.x + box.width / 2, box.y + box.height * 0.4, initials, size, colour=FAINT)
    for week in month.weeks:
        _draw_week(page, week)
    for day in month.dates:
        _draw_date(page, day)


def _draw_week(page: Page, week: WeekBox) -> None:
    fill, hatch = _TERM_BANDS[week.term % len(_TERM_BANDS)]
    box = week.box._replace(width=week.box.width * 0.86)
    page.box(box, fill, RULE, hatch, 0.3)
    if week.text:
        size = page.fitting(box, max(week.text, "12B", key=len), 0.36)
        inside = Box(box.x + box.width * 0.14, box.y + box.height * 0.25, box.width * 0.72, box.height * 0.5)
        page.box(inside, fill)
        page.text(box.x + box.width / 2, box.y + box.height / 2, week.text, size)


def _draw_date(page: Page, day: DateBox) -> None:
    box = day.box
    middle = box.x + box.width / 2, box.y + box.height / 2
    if day.kind is Kind.OUTSIDE:
        page.text(*middle, str(day.number), page.fitting(box, "30", 0.28), colour=RULE)
        return
    _draw_ground(page, day)
    colour = {Kind.CLOSED: "white", Kind.REST: FAINT}.get(day.kind, INK)
    if day.labels:
        number_size = page.fitting(box, "3000", 0.27)
        lines = len(day.labels)
        label_size = page.fitting(box, max(*day.labels, "000", key=len), 0.4 if lines == 1 else 0.6 / lines)
        page.text(box.x + box.width * 0.1, box.y + box.height * 0.78, str(day.number), number_size, GREY, "left")
        for number, label in enumerate(day.labels):
            share = 0.36 if lines == 1 else 0.66 * (lines - number - 0.5) / lines + 0.04
            page.bold(middle[0], box.y + box.height * share, label, label_size)
    else:
        page.text(*middle, str(day.number), page.fitting(box, "30", 0.28), colour)
    if day.special:
        page.box(_inside(box, 0.06), "none", INK, "", 1.2)


def _draw_ground(page: Page, day: DateBox) -> None:
    """Draw what lies under a date's texts: white, the hatching of a closure, the grey of a rest day."""
    if day.kind is Kind.REST:
        page.box(day.box, _REST, "white")
    elif day.kind is Kind.CLOSED:
        page.box(day.box, _CLOSED, "white", "////")
        page.box(_inside(day.box, 0.2), _CLOSED)
    else:
        page.box(day.box, "white", RULE)
    if day.kind is Kind.PARTLY:
        page.triangle(day.box, _PARTLY)


def _inside(box: Box, share: float) -> Box:
    """Return a box within a box, smaller by a share of it on every side."""
    across, down = box.width * share, box.height * share
    return Box(box.x + across, box.y + down, box.width - 2 * across, box.height - 2 * down)


_MOST_LINES = 10


def _legend_lines(year: SchoolYear, cycles: Sequence[str], width: float) -> list[str]:
    """Return what the legend says of closures and special days, wrapped to the page's width in inches."""
    letters = int(width * (1 - 2 * MARGIN) * 72 / 3.7)
    lines = []
    heads = (("", label_words(year, cycles)), ("Closed: ", closure_words(year)), ("Special: ", special_words(year)))
    for head, words in heads:
        if words:
            lines += textwrap.wrap(
                head + "  · ".join(word.replace(" ", "\u00a0") for word in words), letters, subsequent_indent="   "
            )
    if len(lines) > _MOST_LINES:
        lines = [*lines[: _MOST_LINES - 1], f"   … and {len(lines) - _MOST_LINES + 1} more lines of closures and days"]
    return lines


def _draw_legend(page: Page, layout: YearLayout, lines: Sequence[str]) -> None:
    top = layout.legend.y + layout.legend.height - LEGEND_LINE / 2
    _draw_key(page, layout, top)
    for number, line in enumerate(lines, 1):
        page.text(layout.legend.x, top - number * LEGEND_LINE, line, 7.5, at="left")


def _draw_key(page: Page, layout: YearLayout, y: float) -> None:
    """Draw what the boxes mean, from left to right."""
    box = Box(layout.legend.x, y - LEGEND_LINE * 0.4, 0.02, LEGEND_LINE * 0.8)
    with_dates = len(layout.terms) <= _TERMS_WITH_DATES
    for number, term in enumerate(layout.terms):
        fill, hatch = _TERM_BANDS[number % len(_TERM_BANDS)]
        page.box(box, fill, RULE, hatch, 0.3)
        words = f"{term.name}, {date_words(term.first)} – {date_words(term.last)}" if with_dates else term.name
        box = _name_box(page, box, words)
    for kind, words in ((Kind.CLOSED, "closed"), (Kind.PARTLY, "closed for some"), (Kind.REST, "rest day")):
        _draw_ground(page, DateBox(box, 0, kind, (), False, -1))
        box = _name_box(page, box, words)
    page.box(box, "white", INK, "", 1.2)
    _name_box(page, box, "special day")


_TERMS_WITH_DATES = 4


def _name_box(page: Page, box: Box, words: str) -> Box:
    """Write what a box of the key means behind it, and return where the next one stands."""
    page.text(box.x + box.width + 0.005, box.y + box.height / 2, words, 7.5, at="left")
    return box._replace(x=box.x + box.width + 0.022 + len(words) * 0.0053)
