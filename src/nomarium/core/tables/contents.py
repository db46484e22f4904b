"""What a file is, told from its bytes: endings lie, and many systems export under a wrong one."""

from __future__ import annotations

import re
import zipfile
import zlib
from collections.abc import Callable
from enum import StrEnum
from io import BytesIO

from nomarium.lazily import regex

DAMAGED_ZIP = (
    zipfile.BadZipFile,
    EOFError,
    OSError,
    ValueError,
    NotImplementedError,
    RuntimeError,
    zlib.error,
)
"""What reading a damaged, cut or locked zip archive raises."""


class Kind(StrEnum):
    """The kinds of file that can be told apart; the value is how a message names it."""

    TEXT = "text"
    XLSX = "an Excel workbook (xlsx)"
    XLSB = "a binary Excel workbook (xlsb)"
    XLS = "an old Excel workbook (xls)"
    ODS = "an OpenDocument spreadsheet (ods)"
    CALENDAR = "a calendar file"
    HTML = "a web page without a table"
    EMPTY = "an empty file"
    PDF = "a PDF document"
    WORD = "a word processor’s document"
    SLIDES = "a presentation"
    PICTURE = "a picture"
    ENCRYPTED = "a workbook locked with a password"
    ARCHIVE = "a zip archive that is no workbook"
    BROKEN_ZIP = "a damaged or incomplete workbook or zip archive"
    BINARY = "neither text nor a workbook"


WORKBOOKS = frozenset({Kind.XLSX, Kind.XLSB, Kind.XLS, Kind.ODS})

_ZIP_MEMBERS: tuple[tuple[str, Kind], ...] = (
    ("xl/workbook.xml", Kind.XLSX),
    ("xl/workbook.bin", Kind.XLSB),
    ("word/document.xml", Kind.WORD),
    ("ppt/presentation.xml", Kind.SLIDES),
)
_OPEN_DOCUMENTS: tuple[tuple[bytes, Kind], ...] = (
    (b"opendocument.spreadsheet", Kind.ODS),
    (b"opendocument.text", Kind.WORD),
    (b"opendocument.presentation", Kind.SLIDES),
)
_HTML = regex(
    rb"(?:\xef\xbb\xbf)?\s*(?:<\?xml[^>]*>\s*)?<(?:!doctype html|html|head|meta|table|style|body|div|!--)",
    re.IGNORECASE,
)
_CALENDAR = regex(rb"(?:\xef\xbb\xbf)?\s*BEGIN:VCALENDAR", re.IGNORECASE)
_SHORT_TEXT = 500
"""Bytes of a text in which a few control characters are no sign of anything."""
_UTF16_MARKS = (b"\xff\xfe", b"\xfe\xff")


def kind_of(data: bytes) -> Kind:
    """Return what a whole file's bytes are."""
    if not data.strip(b"\x00 \t\r\n\xef\xbb\xbf"):
        return Kind.EMPTY
    for start, told in _STARTS:
        if data.startswith(start):
            return told(data) if callable(told) else told
    if _CALENDAR.match(data[:2000]):
        return Kind.CALENDAR
    if _HTML.match(data[:3000]):
        return Kind.HTML
    return Kind.TEXT if _looks_like_text(data) else Kind.BINARY


def _kind_of_zip(data: bytes) -> Kind:
    try:
        with zipfile.ZipFile(BytesIO(data)) as archive:
            names = set(archive.namelist())
            mimetype = archive.open("mimetype").read(200) if "mimetype" in names else b""
            encrypted = "META-INF/manifest.xml" in names and b"encryption-data" in archive.open(
                "META-INF/manifest.xml"
            ).read(100_000)
    except DAMAGED_ZIP:
        return Kind.BROKEN_ZIP
    if encrypted:
        return Kind.ENCRYPTED
    by_member = (kind for member, kind in _ZIP_MEMBERS if member in names)
    by_mimetype = (kind for word, kind in _OPEN_DOCUMENTS if word in mimetype)
    return next(by_member, None) or next(by_mimetype, Kind.ARCHIVE)


def _kind_of_compound_file(data: bytes) -> Kind:
    """Tell the kinds that share the compound file format (MS-CFB) by the names of their streams."""
    if "EncryptedPackage".encode("utf-16-le") in data:
        return Kind.ENCRYPTED
    if "WordDocument".encode("utf-16-le") in data:
        return Kind.WORD
    if "PowerPoint Document".encode("utf-16-le") in data:
        return Kind.SLIDES
    return Kind.XLS


def _looks_like_text(data: bytes) -> bool:
    """Control characters are rare in text; NULs stand in UTF-16 only."""
    sample = data[:20_000]
    if sample.startswith(_UTF16_MARKS) or _is_bare_utf16(sample):
        return True
    if b"\x00" in data:
        return False
    controls = sum(sample.count(bytes([code])) for code in range(1, 32) if code not in b"\t\n\v\f\r\x1a\x1b")
    return controls * 100 <= max(len(sample), _SHORT_TEXT)


def _is_bare_utf16(sample: bytes) -> bool:
    """Latin text in UTF-16 without a mark has a NUL as every second byte."""
    return bare_utf16(sample) is not None


def bare_utf16(sample: bytes) -> str | None:
    """Return the encoding of UTF-16 text without a byte order mark, or None where it is something else."""
    half = len(sample) // 2
    if half < 4:
        return None
    if sample[1::2].count(0) > 0.7 * half and sample[::2].count(0) == 0:
        return "utf-16-le"
    if sample[::2].count(0) > 0.7 * half and sample[1::2].count(0) == 0:
        return "utf-16-be"
    return None


_STARTS: tuple[tuple[bytes, Kind | Callable[[bytes], Kind]], ...] = (
    (b"PK", _kind_of_zip),
    (b"\xd0\xcf\x11\xe0\xa1\xb1\x1a\xe1", _kind_of_compound_file),
    (b"%PDF", Kind.PDF),
    (b"{\\rtf", Kind.WORD),
    (b"\x89PNG", Kind.PICTURE),
    (b"\xff\xd8\xff", Kind.PICTURE),
    (b"GIF8", Kind.PICTURE),
)
"""The first bytes of files, and what they are or who looks further."""
