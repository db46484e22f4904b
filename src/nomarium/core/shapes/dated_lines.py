"""Lines of a date and words without headings, "Mon 11 January – Swimming starts" → a list of events."""

from __future__ import annotations

from nomarium.core.columns import Kind
from nomarium.core.shapes.unfolded import Unfolded
from nomarium.core.tables import Cell, Grid, GridView, Spot
from nomarium.core.values import EDGES_OF_LINES, date_left_in, line_scanner, split_line

_MOST_ROWS, _MOST_WIDTH, _MOST_ABOVE = 500, 2, 4
_FEWEST_LINES, _LONGEST_LINE = 2, 300


def dated_lines(grid: Grid) -> Unfolded | None:
    """Return the events that lines name, each with one date and words, below titles at most; None for other sheets."""
    view = GridView(grid)
    if len(view.rows) > _MOST_ROWS or view.width > _MOST_WIDTH:
        return None
    lines = {row: " – ".join(text for _, text in view.filled(row)) for row in range(len(view.rows))}
    lines = {row: text for row, text in lines.items() if text.strip(EDGES_OF_LINES)}
    if any(len(text) > _LONGEST_LINE for text in lines.values()):
        return None
    scanner = line_scanner(list(lines.values()))
    if scanner is None:
        return None
    parted = {row: split_line(text, scanner) for row, text in lines.items()}
    first = next((row for row, (dates, _) in parted.items() if dates), None)
    above = [row for row in parted if first is not None and row < first]
    cells = [len(dict(view.filled(row))) for row in parted]
    headed = bool(above) and max(cells[: len(above)]) > 1 and min(cells[len(above) :]) > 1
    if first is None or headed or len(above) > _MOST_ABOVE:
        return None
    below = {row: both for row, both in parted.items() if row >= first}
    whole = all(dates and any(map(str.isalpha, words)) for dates, words in below.values())
    if len(below) < _FEWEST_LINES or not whole or any(date_left_in(words, scanner) for _, words in below.values()):
        return None
    listed: list[list[Cell]] = [[lines[row]] for row in above]
    listed.append(["Date", "Event"])
    listed += [[dates, words] for dates, words in below.values()]
    origins: list[list[Spot]] = [[view.spot(row, 0)] for row in above]
    origins += [[view.spot(first, 0)] * 2, *([view.spot(row, 0)] * 2 for row in below)]
    return Unfolded(grid.as_list(listed, origins), Kind.EVENTS, "", "each of its lines is a date and words")
