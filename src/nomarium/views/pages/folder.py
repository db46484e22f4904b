"""The folder of pages of a build: an index, and for each calendar its page and its file."""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import Path, PurePosixPath

from nomarium.core.agenda import DayFacts, Showing, cycles_of
from nomarium.core.building import Build, Part
from nomarium.core.problems import Place, Problem, error
from nomarium.core.values import counted, day_words
from nomarium.views.pages.calendar_page import MARK, calendar_page
from nomarium.views.pages.index_page import IndexEntry, index_page

INDEX = "index.html"


def pages_folder(build: Build) -> Path | None:
    """Return where the pages of a plan go; None where it wants none."""
    plan = build.plan
    return plan.folder / plan.plan.pages.folder if plan and plan.plan.pages.folder else None


def page_files(build: Build, *, whole: bool) -> Iterator[tuple[str, bytes]]:
    """Yield each file of the folder by its path below it; the calendar files must be written already.

    Without ``whole`` only some of the plan's calendars are built, and the index stays as it is.
    """
    plan = build.plan
    if plan is None:
        return
    keys, zone = plan.plan.pages, plan.plan.school.zone or "UTC"
    entries = []
    for part in build.calendars.parts:
        page = _page_of(part)
        yield part.file, (build.folder / part.file).read_bytes()
        yield page, _page(build, part, zone).encode()
        entries.append(IndexEntry(part.kind, part.name, page, part.file, _about(part)))
    if whole:
        title = keys.title or plan.plan.school.name
        entries.sort(key=lambda entry: (entry.kind, entry.name.casefold()))
        yield INDEX, index_page(title, entries, keys.address or "").encode()


def _page_of(part: Part) -> str:
    page = str(PurePosixPath(part.file).with_suffix(".html"))
    return page if page != INDEX else "index-calendar.html"


def _page(build: Build, part: Part, zone: str) -> str:
    year = build.school.year
    showing = Showing(zone=zone, year=year)
    calendar = part.calendar()
    showing.add(part.name, calendar.series, calendar.uids)
    showing.sort()
    facts = DayFacts(year, cycles_of(part, year) if year else ())
    above = "../" * part.file.count("/")
    return calendar_page(showing, facts, download=PurePosixPath(part.file).name, index=f"{above}{INDEX}")


def _about(part: Part) -> str:
    span = part.span()
    days = f", {day_words(span[0])} to {day_words(span[1])}" if span else ""
    return f"{counted(part.events, 'event')}{days}"


def foreign_pages(build: Build, folder: Path) -> list[Problem]:
    """Report files that stand where pages go, and are none of ours: they are not written over."""
    names = [INDEX, *map(_page_of, build.calendars.parts)]
    foreign = [name for name in names if (folder / name).is_file() and MARK.encode() not in _start(folder / name)]
    return [_foreign(folder / name) for name in foreign]


def _start(path: Path) -> bytes:
    with path.open("rb") as file:
        return file.read(4_000)


def _foreign(path: Path) -> Problem:
    return error(
        "foreign-file",
        Place(str(path)),
        "A page would be written over this file, which is none that this program wrote.",
        advice="Name another folder under [pages], take the file away, or build with --force.",
    )
