"""What is said about files and tables that cannot be read as they are."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from typing import TYPE_CHECKING

from nomarium.core.problems import Place, Problem, Way, error, note, warning
from nomarium.core.tables.contents import Kind

if TYPE_CHECKING:
    from nomarium.core.tables.table import Grid

TWO_TABLES = "two-tables"
NO_ROWS = "no-rows"
NO_HEADINGS = "no-headings"

_SAVE_AS = "Save the sheet as CSV (UTF-8) or xlsx and give that file."


def unreadable_kind(place: Place, kind: Kind) -> Problem:
    """The file is something else than a sheet."""
    if kind is Kind.EMPTY:
        return error("empty-file", place, "The file is empty.", advice="Save the sheet again and give that file.")
    if kind is Kind.ENCRYPTED:
        return error(
            "locked-workbook",
            place,
            "The workbook is locked with a password.",
            advice="Open it, save it without a password, and give that file.",
        )
    return error(
        "not-a-sheet",
        place,
        f"This is {kind.value}.",
        expected="A sheet: CSV or other delimited text, xlsx, xlsb, xls or ods.",
        advice=_SAVE_AS,
    )


def unreadable_file(place: Place, reason: str) -> Problem:
    """The operating system does not give the file's bytes."""
    return error(
        "unreadable-file", place, f"The file can't be read: {reason}.", advice="Check the name and the rights."
    )


def too_large(place: Place, size: int, most: int) -> Problem:
    """The file is larger than any sheet of events."""
    return error(
        "too-large",
        place,
        f"The file has {size // 1_000_000:,} MB; at most {most // 1_000_000:,} MB are read.",
        advice="Split the sheet, or leave out what is not needed.",
    )


def not_utf8(place: Place) -> Problem:
    """A file of the standard for class lists that is not in UTF-8."""
    return error(
        "encoding", place, "The text is not UTF-8, as the standard for class lists asks.", advice="Export it anew."
    )


def inactive_rows(place: Place, counts: Mapping[str, int]) -> Problem:
    """Rows of class lists that their system has marked as gone."""
    shown = ", ".join(f"{count:,} of {name}.csv" for name, count in counts.items())
    return note("inactive-rows", place, f"Rows that are not active were left out: {shown}.")


def session_ends(place: Place, *, behind: bool) -> Problem:
    """How the ends of sessions were read."""
    if behind:
        return note(
            "session-ends",
            place,
            "The end of a session is taken for the day after its last, as the standard has it: one begins where "
            "another ends.",
        )
    return note(
        "session-ends",
        place,
        "The end of a session is taken for its last day, as most exports have it.",
        advice="Where it is the day after, give the terms in a sheet of their own.",
    )


def keys_lead_nowhere(place: Place, count: int) -> Problem:
    """Enrolments in classes, or of users, that no row has."""
    more = f", and so are {count - 1:,} more" if count > 1 else ""
    return warning(
        "keys-lead-nowhere",
        place,
        f"The enrolment is of a class or a user that is not among the active ones, and was left out{more}.",
        advice="Export classes, users and enrolments together.",
    )


def undecodable(place: Place) -> Problem:
    """The text is in no encoding that could be told."""
    return error(
        "encoding", place, "The text is in no encoding that could be told.", advice="Save the sheet as CSV (UTF-8)."
    )


def open_quote(place: Place) -> Problem:
    """A quoted cell swallows all the rest of the file."""
    return error(
        "open-quote",
        place,
        "A quotation mark opens in this row and never closes, so the rows below can't be told apart.",
        advice="Close the quotation mark, or take it out.",
    )


def stray_quote(place: Place, line: int) -> Problem:
    """Text follows a closed quote."""
    return error(
        "stray-quote",
        place,
        f"In line {line} of the file, text follows a closing quotation mark within the same cell.",
        expected="A quotation mark within a quoted cell is written twice.",
        advice="Write it twice, or take it out.",
    )


def huge_cell(place: Place) -> Problem:
    """A cell longer than any text that people write."""
    return error(
        "huge-cell",
        place,
        "A cell or line is longer than any in a sheet: perhaps a quotation mark never closes, or this is no sheet.",
        advice="Close the quotation mark, or take the cell out.",
    )


def no_regular_file(place: Place) -> Problem:
    """A device, or a pipe that stands in a folder."""
    return error(
        "no-regular-file",
        place,
        "This is no file, but a device or a pipe of another program.",
        advice="Name a file, or pipe it in: - or /dev/stdin.",
    )


def nobody_writes(place: Place, seconds: int) -> Problem:
    """A pipe through which nothing comes."""
    return error(
        "silent-pipe",
        place,
        f"For {seconds} seconds nothing has come through this pipe.",
        advice="See that the other program writes into it, or name a file.",
    )


def too_many_rows(place: Place) -> Problem:
    """More rows than any spreadsheet has."""
    return error(
        "too-many-rows",
        place,
        "The file has more than 1,048,576 rows, which is the most that a sheet has.",
        advice="Split it, or leave out what is not needed.",
    )


def too_many_columns(place: Place, columns: int) -> Problem:
    """More columns than any spreadsheet has."""
    return error(
        "too-many-columns",
        place,
        f"A row has {columns:,} cells; a sheet has at most 16,384.",
        advice="Check that this file is a sheet of events.",
    )


def damaged_workbook(place: Place) -> Problem:
    """The workbook is truncated or otherwise broken."""
    return error(
        "damaged-workbook",
        place,
        "The workbook is damaged or incomplete.",
        advice="Open it in a spreadsheet program, save it again, and give that file.",
    )


def unfolds_too_far(place: Place) -> Problem:
    """A zip bomb, or a workbook of that size."""
    return error(
        "too-large",
        place,
        "The workbook unpacks to more than 1,500 MB.",
        advice="Save only the sheet with the events.",
    )


def takes_reader_down(place: Place, seconds: int, octets: int) -> Problem:
    """A workbook of the old form that cannot be read within bounds."""
    return error(
        "too-large",
        place,
        f"It cannot be read within {seconds} seconds and {octets // 1_000_000:,} MB: "
        "most often a forgotten cell lies far from all others.",
        advice="Delete what lies far below and to the right of the table, and save it anew, best as xlsx.",
    )


def stray_far_cell(place: Place, rows: int, columns: int) -> Problem:
    """One forgotten cell far out makes the sheet a huge rectangle."""
    return error(
        "stray-far-cell",
        place,
        f"A sheet's filled cells span {rows:,} rows and up to {columns:,} columns: a stray cell stands far out.",
        advice="Delete the rows below and the columns beside the table, or save the table as CSV.",
    )


def no_sheets(place: Place) -> Problem:
    """A workbook of charts, or with every sheet hidden."""
    return error(
        "no-sheets", place, "The workbook has no visible sheet with cells.", advice="Unhide the sheet with the events."
    )


def no_such_sheet(place: Place, wanted: str, sheets: list[str]) -> Problem:
    """``--sheet`` names none of the sheets."""
    listed = ", ".join(f"“{sheet}”" for sheet in sheets) or "none"
    return error(
        "no-such-sheet", place, f"There is no sheet “{wanted}”; the sheets are: {listed}.", advice="Name one of these."
    )


def no_headings(place: Place) -> Problem:
    """No row says what the columns are."""
    return error(
        NO_HEADINGS,
        place,
        "No row of headings was found.",
        expected="A row with a heading for each column, such as “Title”, “Date”, “Start time”.",
        advice="Write headings above the first event.",
    )


def no_rows(place: Place, samples: int) -> Problem:
    """Headings and nothing below, or only the example of a blank sheet."""
    message = "There is nothing below the headings" + (" but an example." if samples else ".")
    return error(NO_ROWS, place, message, advice="Fill the sheet in, or give the one with the events.")


def shifted_row(place: Place, cells: int, headings: int, extra: str) -> Problem:
    """A row of delimited text has more filled cells than there are headings: its text holds a bare delimiter."""
    return error(
        "too-many-cells",
        place,
        f"The row has {cells} cells, but there are {headings} headings.",
        found=extra,
        expected="A cell that holds a delimiter within its text stands in quotation marks.",
        advice="Quote that cell, or give the last column a heading.",
    )


def two_tables(place: Place, areas: list[str], how: str) -> Problem:
    """Two tables on one sheet: which is meant?"""
    return error(
        TWO_TABLES,
        Place(place.file, place.sheet, areas[0]),
        f"The sheet has two tables {how}: {' and '.join(areas)}.",
        advice=(Way("range", "Say which one is meant, such as {}", areas[0]), "convert one after the other"),
    )


def spread_cells(place: Place, areas: list[str]) -> Problem:
    """Merged cells of a list hold for all their rows."""
    shown = ", ".join(areas[:6]) + (", …" if len(areas) > 6 else "")
    return note("merged-cells", place, f"What a merged cell says was taken for each of its rows: {shown}.")


def sample_row(place: Place, found: str) -> Problem:
    """The example of a blank sheet, left in."""
    return warning(
        "sample-row",
        place,
        "This row is an example, and was left out.",
        found=found,
        advice="If it is a real event, take the word in front out.",
    )


def hidden_sheets(place: Place, sheets: list[str]) -> Problem:
    """Sheets that the workbook does not show."""
    listed = ", ".join(f"“{sheet}”" for sheet in sheets)
    return note(
        "hidden-sheets",
        place,
        f"Hidden sheets were left alone: {listed}.",
        advice=(Way("sheet", "{} reads one", "NAME"),),
    )


def unseen_rows(grid: Grid) -> list[Problem]:
    """Rows that the sheet hides or crosses out, which are read all the same."""
    way = (Way("visible", "{} leaves out what is hidden or crossed out"),)
    crossed = grid.crossed_out - grid.hidden
    problems = []
    if grid.hidden:
        problems.append(warning("hidden-rows", grid.place, _rows_that(grid.hidden, "hidden"), advice=way))
    if crossed:
        problems.append(warning("crossed-out-rows", grid.place, _rows_that(crossed, "crossed out"), advice=way))
    return problems


def _rows_that(rows: Collection[int], how: str) -> str:
    numbers = sorted(row + 1 for row in rows)
    what, read = ("row", "is") if len(numbers) == 1 else ("rows", "are")
    return f"{len(numbers):,} {what} of the sheet {read} {how}, and read all the same: {what} {_spans_of(numbers)}."


def _spans_of(numbers: list[int]) -> str:
    """Return row numbers with neighbours as spans, the first few: "4, 7–9"."""
    spans: list[list[int]] = []
    for number in numbers:
        if spans and number == spans[-1][-1] + 1:
            spans[-1] = [spans[-1][0], number]
        else:
            spans.append([number, number])
    shown = [str(first) if first == last else f"{first}–{last}" for first, last in spans[:MOST_SPANS]]
    return ", ".join(shown) + (" …" if len(spans) > MOST_SPANS else "")


MOST_SPANS = 8


def encoding_guessed(place: Place, name: str, sample: str) -> Problem:
    """The text is not UTF-8: it was read as another encoding."""
    shown = f", so that it says “{sample}”" if sample else ""
    return note(
        "encoding-guessed",
        place,
        f"The text is not UTF-8; it was read as {name}{shown}.",
        advice="If letters came out wrong, save the sheet as CSV (UTF-8).",
    )


def mixed_encodings(place: Place, words: Sequence[tuple[int, str]]) -> Problem:
    """A text in UTF-8 with words in another encoding: each with its line."""
    shown = ", ".join(f"“{word}” in line {line:,}" for line, word in words[:3])
    more = f", and {len(words) - 3:,} more" if len(words) > 3 else ""
    return warning(
        "mixed-encodings",
        place,
        f"The text is UTF-8 but for a few words, which were read as Windows-1252: {shown}{more}.",
        advice="If one came out wrong, correct it, and save the sheet as CSV (UTF-8).",
    )


def never_calculated(place: Place) -> Problem:
    """Formulas without their results."""
    return warning(
        "never-calculated",
        place,
        "The workbook has formulas whose results were not saved: their cells count as empty.",
        advice="Open it in a spreadsheet program, save it, and try again.",
    )


def no_such_range(place: Place, wanted: str, names: list[str]) -> Problem:
    """``--range`` is no address and no name of the workbook."""
    known = f"; the workbook’s names are: {', '.join(names)}" if names else ""
    return error(
        "no-such-range",
        place,
        f"“{wanted}” is no range such as B4:H90, and no name in the workbook{known}.",
        advice="Give an address, or one of the names.",
    )


def was_unsplit(place: Place, delimiter: str) -> Problem:
    """Whole lines in column A."""
    message = (
        f"Whole lines stood in column A: they were split at each {delimiter}, and addresses count the columns so made."
    )
    return note("unsplit-lines", place, message)
