"""The marks by which files say that this program made them: calendars, pages, pictures, workbooks of rows."""

from __future__ import annotations

import zipfile
from pathlib import Path
from typing import NamedTuple

MAKER = "Nomarium"
PRODID = f"-//{MAKER}//{MAKER} 1//EN"
"""What calendars name as their maker (RFC 5545, 3.7.3)."""
PAGE_MARK = f'<meta name="generator" content="{MAKER}">'


class _Mark(NamedTuple):
    """How files of a form begin, what those of ours then hold, and within how many bytes."""

    begin: bytes
    mark: bytes
    within: int = 4096


_MARKS = (
    _Mark(b"BEGIN:VCALENDAR", f"PRODID:{PRODID}".encode(), 400),
    _Mark(b"<!", PAGE_MARK.encode()),
    _Mark(b"<?xml", f"<dc:title>{MAKER}<".encode()),
    _Mark(b"\x89PNG", f"Software\0{MAKER}".encode()),
)
_PDF, _ZIP = b"%PDF", b"PK"
_NO_WORKBOOK = (KeyError, zipfile.BadZipFile, ValueError, RuntimeError, NotImplementedError)
"""What reading an archive raises that is no workbook, or a damaged or locked one."""


def has_place_for_mark(head: bytes) -> bool:
    """Tell by its beginning whether a file is of a form in which ours carry a mark; delimited text is none."""
    return head.startswith((*(form.begin for form in _MARKS), _PDF, _ZIP))


def carries_mark(path: Path) -> bool:
    """Tell whether a file says that this program made it; one that cannot be read does not."""
    try:
        if not path.is_file():
            return False
        with path.open("rb") as stream:
            head = stream.read(max(form.within for form in _MARKS))
            if head.startswith(_PDF):  # what made it stands behind its pages
                return f"/Creator ({MAKER})".encode() in head + stream.read()
        if head.startswith(_ZIP):
            with zipfile.ZipFile(path) as archive:
                return f"<cp:lastModifiedBy>{MAKER}<".encode() in archive.read("docProps/core.xml")
    except (OSError, *_NO_WORKBOOK):
        return False
    return any(head.startswith(form.begin) and form.mark in head[: form.within] for form in _MARKS)
