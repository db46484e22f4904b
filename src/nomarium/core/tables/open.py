"""The way in: a path → the one table that is meant."""

from __future__ import annotations

from pathlib import Path

from nomarium.core.problems import DataRefused, Place, Problem
from nomarium.core.tables import wording
from nomarium.core.tables.contents import WORKBOOKS, Kind, kind_of
from nomarium.core.tables.delimited import read_delimited
from nomarium.core.tables.find import find_table
from nomarium.core.tables.table import Grid, Table
from nomarium.core.tables.workbook import Workbook

MOST_BYTES = 250_000_000
"""The largest file that is read: far beyond any school's sheet, and bounded in memory."""


def read_table(path: Path, sheet: str | None = None) -> tuple[Table, list[Problem]]:
    """Read the table of a file: of its only or first visible sheet, or of the sheet named.

    Raises DataRefused where the file holds no table that can be read.
    """
    return find_table(_grid(path, sheet))


def _grid(path: Path, sheet: str | None) -> Grid:
    file = path.name
    data = _bytes(path)
    kind = kind_of(data)
    if kind in WORKBOOKS:
        workbook = Workbook(data, kind, file)
        return workbook.grid(_chosen_sheet(workbook, sheet))
    if kind is not Kind.TEXT:
        raise DataRefused(wording.unreadable_kind(Place(file), kind))
    if sheet is not None:
        raise DataRefused(wording.no_such_sheet(Place(file), sheet, []))
    return read_delimited(data, file)


def _bytes(path: Path) -> bytes:
    """Read a file, saying plainly what the operating system objects to."""
    place = Place(path.name)
    try:
        size = path.stat().st_size
        if size > MOST_BYTES:
            raise DataRefused(wording.too_large(place, size, MOST_BYTES))
        return path.read_bytes()
    except OSError as fault:
        reason = (fault.strerror or str(fault)).lower()
        raise DataRefused(wording.unreadable_file(place, reason)) from None


def _chosen_sheet(workbook: Workbook, wanted: str | None) -> str:
    place = Place(workbook.file)
    if wanted is None:
        if not workbook.sheets:
            raise DataRefused(wording.no_sheets(place))
        return workbook.sheets[0]
    everything = workbook.sheets + workbook.hidden
    found = [name for name in everything if name.strip().casefold() == wanted.strip().casefold()]
    if not found:
        raise DataRefused(wording.no_such_sheet(place, wanted, everything))
    return found[0]
