"""The pages that a build writes beside its calendars."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path

from nomarium.core.building import Build, foreign_files
from nomarium.core.output import Door, write_changed
from nomarium.core.problems import Problem
from nomarium.views.pages import foreign_pages, page_files, pages_folder, pages_left


def check_pages(build: Build) -> list[Problem]:
    """Report what stands in the way of the pages of a build."""
    folder = pages_folder(build)
    if folder is None:
        return []
    return [*foreign_files(folder, build.calendars.parts), *foreign_pages(build, folder)]


def old_pages(build: Build, *, whole: bool) -> list[Problem]:
    """Name the pages that no calendar is behind any more."""
    folder = pages_folder(build)
    return pages_left(build, folder) if folder is not None and whole else []


def write_pages(build: Build, *, whole: bool) -> tuple[Path, int, int] | None:
    """Write the pages of a build that are not the same already; return (folder, files written, files left)."""
    folder = pages_folder(build)
    if folder is None:
        return None
    kept: list[str] = []

    def made() -> Iterator[tuple[Path, bytes]]:
        for name, data in page_files(build, folder, whole=whole):
            if data is None:
                kept.append(name)
            else:
                yield folder / name, data

    written, same = write_changed(made(), Door(inside=folder))
    return folder, len(written), len(same) + len(kept)
