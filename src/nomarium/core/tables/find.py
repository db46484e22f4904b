"""Grid → Table: where the headings stand, which rows are records, and why the others are not."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass
from itertools import compress, islice, zip_longest

from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.tables import wording
from nomarium.core.tables.cells import Cell, address, plain_text, range_address
from nomarium.core.tables.headings import Vocabulary, find_headings, is_data, known_fields, same_headings
from nomarium.core.tables.table import Column, Grid, LeftOut, Table
from nomarium.lazily import regex

DATE_FIELDS = frozenset({"start", "start_date", "when"})
TITLE_FIELD = "summary"


@dataclass(frozen=True, slots=True)
class Block:
    """Neighbouring columns with headings: (first column, last column), and the fields that they mean."""

    first: int
    last: int
    fields: frozenset[str]

    @property
    def is_whole(self) -> bool:
        """Whether the block alone makes events."""
        return TITLE_FIELD in self.fields and bool(self.fields & DATE_FIELDS)


def look_for_table(grid: Grid, vocabulary: Vocabulary) -> tuple[Table, list[Problem]]:
    """Find the table of a grid that stays as it is; what several vocabularies find alike is cut out of it once.

    Raises as ``find_table`` does.
    """
    return _find(grid.copy(), vocabulary, None if grid.merged else grid.cuts)


def find_table(grid: Grid, vocabulary: Vocabulary) -> tuple[Table, list[Problem]]:
    """Find the table of a grid: its headings below titles and notes, and below them one record a row.

    Raises DataRefused where there are no headings, nothing below them, or more than one table.
    """
    return _find(grid, vocabulary, None)


_Cuts = dict[tuple[object, ...], tuple[Table, list[Problem]]]


def _find(grid: Grid, vocabulary: Vocabulary, cuts: _Cuts | None) -> tuple[Table, list[Problem]]:
    start = find_headings(grid.rows, vocabulary)
    if start is None:
        raise DataRefused(wording.no_headings(grid.place))
    start = _on_second_line(grid, start, vocabulary)
    _name_by_line_above(grid, start)
    _complete_by_line_above(grid, start, vocabulary)
    headings = _headings(grid.rows[start])
    end = _last_filled(grid.rows)
    columns = _columns_of_table(grid, start, end, headings, vocabulary)
    _refuse_table_below(grid, start, end, vocabulary)
    spread = _spread_merged(grid, start, end)
    problems = [wording.spread_cells(grid.place, spread)] if spread else []
    key = (start, end, *columns, *headings)
    if cuts is not None and key in cuts:
        table, told = cuts[key]
        return table.again(), [*problems, *told]
    table, told = _cut(grid, start, end, headings, columns)
    if not len(table):
        raise DataRefused(wording.no_rows(grid.place, table.left_out[LeftOut.SAMPLE]))
    told += [] if grid.typed else _shifted_rows(grid, start, len(headings))
    if cuts is not None:
        cuts[key] = table.again(), told
    return table, [*problems, *told]


def _on_second_line(grid: Grid, start: int, vocabulary: Vocabulary) -> int:
    """Join headings of two lines, “When” over “Start” and “End”, in the second; return the index of their row."""
    if start + 1 >= len(grid.rows):
        return start
    first, second = _headings(grid.rows[start]), _headings(grid.rows[start + 1])
    width = max(len(first), len(second))
    first += [""] * (width - len(first))
    second += [""] * (width - len(second))
    below = [column for column, heading in enumerate(second) if heading]
    opened = any(not first[column] for column in below)
    if len(below) < _LEAST_BELOW or not opened or not all(vocabulary(second[column]) for column in below):
        return start
    if any(map(is_data, grid.rows[start + 1])) or not all(first[: below[0]]):
        return start
    grid.rows[start + 1] = [under or over for over, under in zip(first, second, strict=True)]
    return start + 1


_LEAST_BELOW = 2


def _name_by_line_above(grid: Grid, start: int) -> None:
    """Give headings that stand twice the words of the line above them: “Start” over “Date” and “Time”, then “End”."""
    headings = _headings(grid.rows[start])
    above = _headings(grid.rows[start - 1]) if start else []
    twice = {heading for heading, count in Counter(filter(None, headings)).items() if count > 1}
    if not twice or sum(map(bool, above)) < _LEAST_BELOW or any(map(is_data, grid.rows[start - 1])):
        return
    named, over = [], ""
    for column, heading in enumerate(headings):
        over = above[column] if column < len(above) and above[column] else over
        named.append(f"{over} {heading}".strip() if heading in twice else heading or over)
    if len(set(named)) == len(named):
        grid.rows[start] = [*named]


def _complete_by_line_above(grid: Grid, start: int, vocabulary: Vocabulary) -> None:
    """Give columns without a heading that of the line above, “Event” beside “When” over “Date” and “From”, if known."""
    headings, above = _headings(grid.rows[start]), _headings(grid.rows[start - 1]) if start else []
    width = max(len(headings), len(above))
    headings += [""] * (width - len(headings))
    bare = [column for column, over in enumerate(above) if over and not headings[column]]
    opened = sum(1 for column, over in enumerate(above) if over and headings[column])
    if bare and opened and all(vocabulary(above[column]) for column in bare):
        grid.rows[start] = [
            heading or (above[column] if column in bare else "") for column, heading in enumerate(headings)
        ]


def _headings(row: Sequence[Cell]) -> list[str]:
    """Return the texts of a heading row, its empty end cut off."""
    headings = [" ".join(plain_text(cell).split()) for cell in row]
    while headings and not headings[-1]:
        headings.pop()
    return headings


def _last_filled(rows: Sequence[Sequence[Cell]]) -> int:
    """Return the index behind the last row that holds anything."""
    end = len(rows)
    while end and not any(rows[end - 1]):
        end -= 1
    return end


def _columns_of_table(grid: Grid, start: int, end: int, headings: list[str], vocabulary: Vocabulary) -> tuple[int, int]:
    """Return the first and last column of the table, refusing two tables side by side."""
    blocks = _blocks(headings, vocabulary)
    whole = [block for block in blocks if block.is_whole]
    if len(whole) > 1:
        areas = [range_address(start + 1, block.first, end, block.last) for block in whole]
        raise DataRefused(wording.two_tables(grid.place, areas, "side by side"))
    if len(whole) == 1 and any(block.fields & whole[0].fields for block in blocks if block != whole[0]):
        return whole[0].first, whole[0].last
    return next(i for i, heading in enumerate(headings) if heading), len(headings) - 1


def _blocks(headings: list[str], vocabulary: Vocabulary) -> list[Block]:
    """Split headings where a column has none."""
    blocks: list[Block] = []
    first = None
    for index, heading in enumerate([*headings, ""]):
        if heading and first is None:
            first = index
        elif not heading and first is not None:
            blocks.append(Block(first, index - 1, frozenset(known_fields(headings[first:index], vocabulary))))
            first = None
    return blocks


def _refuse_table_below(grid: Grid, start: int, end: int, vocabulary: Vocabulary) -> None:
    """Refuse a second row of other headings below the first and a blank row: two tables, one below the other."""
    first = _headings(grid.rows[start])
    for index in range(start + 1, min(end, 20_000)):
        row = grid.rows[index]
        if any(grid.rows[index - 1]):
            continue
        head = next((cell for cell in row if cell != ""), "")
        if not isinstance(head, str) or len(head) > 40 or not vocabulary(head) or any(map(is_data, row)):
            continue
        filled = [cell for cell in row if cell != ""]
        fields = set(known_fields(row, vocabulary))
        is_heading_row = len(fields) == len(filled) and fields & DATE_FIELDS and TITLE_FIELD in fields
        if is_heading_row and not same_headings(row, first):
            areas = [
                range_address(start + 1, 0, index, len(first) - 1),
                range_address(index + 1, 0, end, len(_headings(row)) - 1),
            ]
            raise DataRefused(wording.two_tables(grid.place, areas, "one below the other"))


def _spread_merged(grid: Grid, start: int, end: int) -> list[str]:
    """Give every row of a merged area in the table its value, and return the areas' addresses."""
    spread = []
    for top, left, bottom, right in grid.merged:
        if top <= start or top >= end or bottom == top:
            continue
        value = grid.rows[top][left] if left < len(grid.rows[top]) else ""
        if value == "":
            continue
        for row in grid.rows[top + 1 : min(bottom + 1, end)]:
            row.extend([""] * (left + 1 - len(row)))
            row[left] = value
        spread.append(range_address(top + 1, left, bottom + 1, right))
    return spread


def _cut(
    grid: Grid, start: int, end: int, headings: list[str], columns: tuple[int, int]
) -> tuple[Table, list[Problem]]:
    """Cut the records out of the grid, column by column, leaving out the rows that are none."""
    first, last = columns
    whole_width = first == 0 and last == len(headings) - 1
    body = islice(grid.rows, start + 1, end)
    rows = list(body) if whole_width else [row[first : last + 1] for row in body]
    reasons = _reasons(grid, rows, start, headings[first : last + 1])
    kept = [reason is None for reason in reasons]
    records = rows if all(kept) else list(compress(rows, kept))
    numbers = list(compress(range(start + 2, end + 1), kept))
    table = Table(
        grid.file, grid.sheet, grid.form, start + 1, _columns(records, headings[first : last + 1], first), numbers
    )
    table.left_out = Counter(reason for reason in reasons if reason)
    table.captions = _captions(rows, reasons) if table.left_out[LeftOut.CAPTION] else {}
    table.origins, table.first_day = grid.origins, grid.first_day
    above = [" ".join(filter(None, map(plain_text, row))) for row in reversed(grid.rows[:start])]
    table.titles = [*filter(None, above), grid.sheet or "", grid.file, *grid.above]
    table.closing = grid.closing_texts()
    for column in table.columns:
        column.drawn = bool(grid.origins) and grid.origins[start][column.index : column.index + 1] != [
            (start, column.index)
        ]
    samples = [
        wording.sample_row(Place(grid.file, grid.sheet, address(row, first), row), plain_text(rows[row - start - 2][0]))
        for row, reason in enumerate(reasons, start + 2)
        if reason is LeftOut.SAMPLE and not set(OWN_SAMPLES).intersection(rows[row - start - 2])
    ]
    return table, samples


def _captions(rows: list[list[Cell]], reasons: Sequence[LeftOut | None]) -> dict[int, str]:
    """Return the captions left out, by the record that comes next."""
    captions, record = {}, 0
    for row, reason in zip(rows, reasons, strict=True):
        if reason is LeftOut.CAPTION:
            captions[record] = next(plain_text(cell) for cell in row if cell != "")
        record += reason is None
    return captions


INSTRUCTIONS = "How to fill it in"
"""The name of the sheet of instructions in our own blank workbooks: it holds no data."""

OWN_SAMPLES = tuple(
    f"Example: {title}"
    for title in ("Launch of the skiffs", "Autumn", "Northeaster", "Early dismissal", "3", "PLK-1", "W1", "Tides")
)
"""What the sample rows of our own blank sheets say: left out without a word more than the count."""

_TOTAL = regex(
    r"(grand |sub-?)?totals?\b.*|sum|sum:.*|count:.*|"
    r"(?:summe|gesamt(?:summe|zahl|stunden)?|insgesamt|totale?s?|totaux|somme|suma|somma|totaal|i alt|totalt|summa|"
    r"yhteensä|razem|łącznie|celkem|spolu|összesen|toplam|ukupno|skupaj|kokku|итого|всего|разом|σύνολο|合計|총계|总计)\s*:?",
    re.IGNORECASE,
)
_SAMPLE = regex(
    r"(this is )?(an? )?(example|sample)( (event|row|entry|line|lesson|meeting))?(\s*[:–—-].*)?|e\.g\..*|"
    r".*\b(delete|remove|overwrite|replace) (me|this|this (row|line|example))\b.*",
    re.IGNORECASE | re.DOTALL,
)
_SAMPLE_HEADINGS = frozenset({"example", "sample", "example?", "sample?"})
"""A filled cell below one of these marks a sample."""
_MONTH_CAPTION = regex(
    r"(january|february|march|april|may|june|july|august|september|october|november|december)\.?,?(\s+\d{4})?",
    re.IGNORECASE,
)


def _reasons(grid: Grid, rows: list[list[Cell]], start: int, headings: list[str]) -> list[LeftOut | None]:
    """Return for each row below the headings why it is left out, or None for a record."""
    wide = {top for top, left, bottom, right in grid.merged if top > start and right - left >= 2 and bottom == top}
    # Only a row with few cells, or one that begins as the headings or a total do, needs a closer look.
    beginnings = {headings[0][:3].lower(), "tot", "sum", "gra", "sub"}
    few = len(headings) - 2
    reasons: list[LeftOut | None] = [None] * len(rows)
    samples_may_come = True
    marks = [column for column, heading in enumerate(headings) if heading.casefold() in _SAMPLE_HEADINGS]
    texts = {row[0] for row in rows if row and isinstance(row[0], str)}
    begun = {text for text in texts if text[:3].lower() in beginnings}
    closer = (
        index
        for index, row in enumerate(rows)
        if samples_may_come or len(row) <= few or row.count("") >= few or row[0] in begun
    )
    for index in closer:
        row, reason = rows[index], None
        if not any(row):
            reason = LeftOut.UNSEEN if start + 1 + index in grid.unseen else LeftOut.BLANK
        elif samples_may_come and _is_sample(row, marks):
            reason = LeftOut.SAMPLE
        elif row.count("") >= few or row[0] in begun:
            reason = _closer_look(row, headings, start + 1 + index in wide)
        samples_may_come = samples_may_come and reason in (LeftOut.SAMPLE, LeftOut.BLANK)
        reasons[index] = reason
    _take_footer(rows, reasons, len(headings))
    return reasons


def _take_footer(rows: list[list[Cell]], reasons: list[LeftOut | None], width: int) -> None:
    """Leave out the sentences that stand below a list, each the only cell of its row: behind a blank row, or long."""
    index = len(rows) - 1
    while index > 0 and width >= _FEWEST_OF_LIST and (not any(rows[index]) or _is_sentence(rows[index])):
        index -= 1
    below = range(index + 1, len(rows))
    last = rows[-1] if index == len(rows) - 1 and index > 1 and width >= _FEWEST_OF_LIST else []
    remark = last and not any(rows[index - 1]) and _is_sentence(last, _WORDS_BEHIND_BLANK)
    if remark and any(_OF_REMARKS.search(plain_text(cell)) for cell in last):
        below = range(index - 1, len(rows))
    begins = bool(below) and (not any(rows[below[0]]) or _is_sentence(rows[below[0]], _WORDS_OF_NOTE))
    for row in below if begins else ():
        if any(rows[row]) and reasons[row] is None:
            reasons[row] = LeftOut.FOOTER


_FEWEST_OF_LIST = 3
_FEWEST_WORDS, _WORDS_OF_NOTE, _WORDS_BEHIND_BLANK = 4, 6, 2
_OF_REMARKS = regex(
    r"\b(?:subject to|changes?|please|notes?|see|updated?|revised|version|correct|check|contact|questions?|office|tbc|"
    r"draft|confirm\w*|änderung\w*|vorbehalten|stand|sous réserve|salvo|wijzigingen|voorbehoud|förbehåll|forbehold|"
    r"zastrzega\w*|vyhrazen\w*|soggett[oi]|sujet[oa])\b",
    re.IGNORECASE,
)
"""Words of short remarks below a list: “Subject to change”."""


def _is_sentence(row: list[Cell], words: int = _FEWEST_WORDS) -> bool:
    filled = [cell for cell in row if cell != ""]
    text = filled[0] if len(filled) == 1 else None
    return isinstance(text, str) and (":" in text[1:] or len(text.split()) >= words) and not is_data(text)


def _is_sample(row: list[Cell], marks: list[int]) -> bool:
    if any(column < len(row) and plain_text(row[column]).casefold() in _MARKS_OF_SAMPLES for column in marks):
        return True
    return any(isinstance(cell, str) and _SAMPLE.fullmatch(cell) for cell in row)


_MARKS_OF_SAMPLES = frozenset({"x", "yes", "y", "true", "1", "✓", "✔", "example", "sample"})


def _closer_look(row: list[Cell], headings: list[str], merged_wide: bool) -> LeftOut | None:
    return LeftOut.HEADINGS if same_headings(row, headings) else _sparse_reason(row, merged_wide)


def _sparse_reason(row: list[Cell], merged_wide: bool) -> LeftOut | None:
    """Judge a row of hardly any cells: a total, the caption of what follows, or a record after all."""
    filled = [cell for cell in row if cell != ""]
    texts = [cell for cell in filled if isinstance(cell, str)]
    if texts and _TOTAL.fullmatch(texts[0]) and not any(is_data(cell) and not _is_amount(cell) for cell in filled):
        return LeftOut.TOTAL
    if len(filled) == 1 and texts and (merged_wide or _MONTH_CAPTION.fullmatch(texts[0])):
        return LeftOut.CAPTION
    return None


def _is_amount(cell: Cell) -> bool:
    return isinstance(cell, str) and _AMOUNT.fullmatch(cell) is not None


_AMOUNT = regex(r"\d+(?:[.,]\d+)?")


def _columns(records: list[list[Cell]], headings: list[str], first: int) -> list[Column]:
    """Turn records on their side; a column without a heading counts where it holds anything."""
    columns = []
    for index, (heading, cells) in enumerate(zip_longest(headings, zip_longest(*records, fillvalue=""), fillvalue="")):
        if heading or any(cells):
            columns.append(Column(heading, first + index, list(cells) if cells else [""] * len(records)))
    return columns


def _shifted_rows(grid: Grid, start: int, width: int) -> list[Problem]:
    """Report rows of delimited text with cells beyond the last heading: a bare delimiter has moved their cells."""
    problems = []
    for number, row in enumerate(islice(grid.rows, start + 1, None), start + 2):
        if len(row) > width and any(row[width:]):
            place = Place(grid.file, grid.sheet, address(number, width), number)
            problems.append(wording.shifted_row(place, len(row), width, plain_text(row[width])))
    return problems
