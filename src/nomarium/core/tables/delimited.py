"""Delimited text (CSV and its kin) → Grid."""

from __future__ import annotations

import csv
import re
from collections import Counter
from collections.abc import Iterator
from io import BytesIO, TextIOWrapper
from itertools import islice

from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.tables import wording
from nomarium.core.tables.cells import MOST_COLUMNS, MOST_ROWS, Cell, plain_text, unguarded
from nomarium.core.tables.contents import bare_utf16
from nomarium.core.tables.table import Grid
from nomarium.lazily import regex

DELIMITERS = {",": "comma", ";": "semicolon", "\t": "tab", "|": "pipe"}
_ENCODING_NAMES = {
    "utf-8-sig": "UTF-8",
    "utf-16": "UTF-16",
    "utf-16-le": "UTF-16",
    "utf-16-be": "UTF-16",
    "cp1252": "Windows-1252",
}

_MAYBE_GUARDED = regex(rb"'\x00?[=+\-@\t\r]|=\x00?\"")
_MOST_LINES = 0.7
"""The share of lines that must split alike for a sheet to be taken for one of unsplit lines."""

_ENOUGH_LETTERS = 20
"""So many letters beyond ASCII are needed to tell an encoding other than Windows-1252 by."""

_STRAY = regex("[\udc80-\udcff]")
"""A byte that is no UTF-8, as Python's ``surrogateescape`` keeps it."""
_BEYOND_ASCII = regex("[^\x00-\x7f\udc80-\udcff]")
_MOSTLY = 2
"""So many letters in UTF-8 for each stray byte make a text one in UTF-8."""
_WORD_ENDS = regex(r'[\s,;|"]+')

LONGEST_LINE = 4_000_000
"""Characters of a line: no row of a sheet comes near it."""

_SAMPLE_LINES = 300
_RULE = regex(r"(?::?-{2,}:?)?")
"""What a line holds that parts headings from rows in a table drawn with signs: | --- | --- |."""


def read_delimited(data: bytes, file: str) -> tuple[Grid, list[Problem]]:
    """Read delimited text: its bytes, and the file's name for messages.

    Raises DataRefused where the text cannot be decoded, or where quotes do not close.
    """
    data, encoding, problems = in_one_encoding(data, file)
    delimiter, skip = _delimiter_of(data, encoding)
    rows = _rows(data, encoding, delimiter, skip, file)
    if delimiter == "|":
        rows = [[] if any(row) and all(_RULE.fullmatch(str(cell)) for cell in row) else row for row in rows]
    if rows and max(map(len, islice(rows, _SAMPLE_LINES))) > MOST_COLUMNS:
        raise DataRefused(wording.too_many_columns(Place(file), max(map(len, rows))))
    form = f"{DELIMITERS[delimiter]}-separated text, {encoding_name(encoding)}"
    return Grid(file, None, rows, form), problems


def encoding_name(encoding: str) -> str:
    """Return how reports name an encoding."""
    return _ENCODING_NAMES.get(encoding, encoding)


def in_one_encoding(data: bytes, file: str) -> tuple[bytes, str, list[Problem]]:
    """Return a text's bytes and their encoding, with a note where it had to be told from the letters themselves.

    Text with a byte order mark, UTF-16, and what is valid UTF-8 say what they are. Text that is UTF-8 but for a few
    bytes comes back as UTF-8, those read as Windows-1252, with a warning. Raises DataRefused where nothing fits.
    """
    marked = "utf-16" if data.startswith((b"\xff\xfe", b"\xfe\xff")) else bare_utf16(data[:20_000])
    for encoding in (marked, "utf-8-sig"):
        if encoding and _decodes(data, encoding):
            return data, encoding, []
    if (mended := _mended_utf8(data, file)) is not None:
        return mended
    guessed = _guess(data)
    if guessed is None:
        raise DataRefused(wording.undecodable(Place(file)))
    sample = _odd_words(data, guessed)
    return data, guessed, [wording.encoding_guessed(Place(file), encoding_name(guessed), sample)]


def _mended_utf8(data: bytes, file: str) -> tuple[bytes, str, list[Problem]] | None:
    """Mend a text that is UTF-8 for the most part: other bytes are Windows-1252; None for any other text."""
    text = data.decode("utf-8", "surrogateescape")
    strays = _STRAY.findall(text)
    if not 0 < len(strays) * _MOSTLY <= len(_BEYOND_ASCII.findall(text)):
        return None
    try:
        western = {ord(stray): bytes([ord(stray) - 0xDC00]).decode("cp1252") for stray in set(strays)}
    except UnicodeDecodeError:
        return None
    found = [
        (number, word.translate(western))
        for number, line in enumerate(text.split("\n"), 1)
        if _STRAY.search(line)
        for word in _WORD_ENDS.split(line)
        if _STRAY.search(word)
    ]
    problem = wording.mixed_encodings(Place(file, row=found[0][0]), found)
    return text.translate(western).encode(), "utf-8-sig", [problem]


def _decodes(data: bytes, encoding: str) -> bool:
    try:
        data.decode(encoding)
    except UnicodeDecodeError:
        return False
    return True


def _guess(data: bytes) -> str | None:
    """Return the likeliest encoding: Windows-1252, unless hardly a letter is ASCII, as in Greek or Russian text."""
    odd = b"\n".join(islice((line for line in data.split(b"\n") if not line.isascii()), 2_000))
    if not _decodes(data, "cp1252") or _is_all_foreign(odd):
        from charset_normalizer import from_bytes

        best = from_bytes(odd, cp_exclusion=["utf_7"]).best()
        if best is not None and _decodes(data, best.encoding):
            return best.encoding
    return "cp1252" if _decodes(data, "cp1252") else None


def _is_all_foreign(odd: bytes) -> bool:
    """Tell whether lines have more letters beyond ASCII than within; other scripts have them from 0xC0 on."""
    foreign = [byte for byte in odd if byte >= 0x80]
    letters = sum(1 for byte in odd if byte < 0x80 and chr(byte).isalpha())
    return (
        len(foreign) >= max(_ENOUGH_LETTERS, letters) and sum(byte >= 0xC0 for byte in foreign) * 5 >= len(foreign) * 3
    )


def _odd_words(data: bytes, encoding: str) -> str:
    """Return a few words with letters beyond ASCII, for a person to judge the encoding by."""
    words = (word for line in data.split(b"\n") if not line.isascii() for word in re.split(rb"[\s,;|\"]+", line))
    return " ".join(islice((word.decode(encoding, "replace") for word in words if not word.isascii()), 3))


def _open(data: bytes, encoding: str) -> TextIOWrapper:
    """Decode while reading: the text as a whole would stand in memory once more."""
    return TextIOWrapper(BytesIO(data), encoding=encoding, newline="")


def _delimiter_of(data: bytes, encoding: str) -> tuple[str, int]:
    """Return the delimiter and how many lines to skip: a first line "sep=;" states it and is no row."""
    lines = list(islice(_Lines(_open(data, encoding)), _SAMPLE_LINES))
    stated = lines[0].strip().lower() if lines else ""
    if stated.startswith("sep=") and stated[4:] in DELIMITERS:
        return stated[4:], 1
    if lines and lines[0].rstrip("\r\n") == "sep=\t":
        return "\t", 1
    return max(DELIMITERS, key=lambda delimiter: _consistency(lines, delimiter)), 0


def _consistency(lines: list[str], delimiter: str) -> tuple[float, int]:
    """How well a delimiter explains the lines: the share of rows with the commonest count of cells, and that count."""
    try:
        widths = Counter(len(row) for row in csv.reader(lines, delimiter=delimiter) if row)
    except csv.Error:
        return 0.0, 0
    split = {width: count for width, count in widths.items() if width > 1}
    if not split:
        return 0.0, 0
    width, count = max(split.items(), key=lambda item: (item[1], item[0]))
    return count / widths.total(), width


class _Lines:
    """The lines of a text, knowing whether all have been taken: csv reports an open quote only at the end."""

    def __init__(self, stream: TextIOWrapper) -> None:
        self._stream = stream
        self.ended = False
        self.last = ""

    def __iter__(self) -> Iterator[str]:
        for line in self._stream:
            self.last = line
            if len(line) > LONGEST_LINE:
                return
            yield line
        self.ended = True


def _rows(data: bytes, encoding: str, delimiter: str, skip: int, file: str) -> list[list[Cell]]:
    lines = _Lines(_open(data, encoding))
    reader = csv.reader(islice(lines, skip, None), delimiter=delimiter, strict=True)
    rows: list[list[Cell]] = []
    try:
        rows.extend([*map(str.strip, row)] for row in islice(reader, MOST_ROWS))
    except csv.Error:
        raise DataRefused(_fault(lines, len(rows) + 1, reader.line_num + skip, file)) from None
    if not lines.ended and len(rows) < MOST_ROWS:
        raise DataRefused(wording.huge_cell(Place(file, cell=f"row {len(rows) + 1}", row=len(rows) + 1)))
    if next(reader, None) is not None:
        raise DataRefused(wording.too_many_rows(Place(file)))
    if _MAYBE_GUARDED.search(data):
        rows[:] = [[*map(unguarded, map(plain_text, row))] for row in rows]
    return rows


def _fault(lines: _Lines, row: int, line: int, file: str) -> Problem:
    """Tell what stopped the reading in a row: the end of the file, a cell of enormous length, or a stray quote."""
    place = Place(file, cell=f"row {row}", row=row)
    if lines.ended:
        return wording.open_quote(place)
    if len(lines.last) > csv.field_size_limit():
        return wording.huge_cell(place)
    return wording.stray_quote(place, line)


def split_first_column(grid: Grid) -> Problem | None:
    """Split a sheet whose lines all stand unsplit in column A, as when the wrong delimiter was chosen; say so.

    Addresses then are those that the sheet has once it is split.
    """
    if any(any(row[1:]) for row in grid.rows):
        return None
    filled = [row[0] for row in grid.rows if any(row)]
    lines = [line for line in filled if isinstance(line, str)]
    if len(lines) < 2 or len(lines) < len(filled):
        return None
    delimiter = max(DELIMITERS, key=lambda candidate: _consistency(lines[:_SAMPLE_LINES], candidate))
    share, width = _consistency(lines[:_SAMPLE_LINES], delimiter)
    if share < _MOST_LINES or width < 2:
        return None
    try:
        grid.rows = [
            [*map(str.strip, next(csv.reader([plain_text(row[0])], delimiter=delimiter, strict=True)))]
            if any(row)
            else []
            for row in grid.rows
        ]
    except (csv.Error, StopIteration):
        return None
    return wording.was_unsplit(grid.place, DELIMITERS[delimiter])
