"""The folder of pages of a build: an index, and for each calendar its page and its file."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from hashlib import blake2b
from pathlib import Path, PurePosixPath
from typing import TYPE_CHECKING

from nomarium import __version__
from nomarium.core.agenda import DayFacts, Showing, cycles_of
from nomarium.core.marks import carries_mark
from nomarium.core.privacy import Privacy, calendar_for_others, for_others
from nomarium.core.problems import Place, Problem, error, note
from nomarium.core.values import counted, day_words
from nomarium.views.pages.calendar_page import PageLinks, calendar_page, page_assets
from nomarium.views.pages.index_page import IndexEntry, index_page

if TYPE_CHECKING:
    from nomarium.core.building import Build, Part

INDEX = "index.html"


def pages_folder(build: Build) -> Path | None:
    """Return where the pages of a plan go; None where it wants none."""
    plan = build.plan
    return plan.folder / plan.plan.pages.folder if plan and plan.plan.pages.folder else None


def page_files(build: Build, folder: Path, *, whole: bool) -> Iterator[tuple[str, bytes | None]]:
    """Yield each file of the folder by its path below it, None for a page that is made of the same already.

    The calendar files must be written. Without ``whole`` only some of the plan's calendars are built, and the index
    stays as it is.
    """
    plan = build.plan
    if plan is None:
        return
    keys, zone, privacy = plan.plan.pages, plan.plan.school.zone or "UTC", plan.plan.output.private
    known: dict[tuple[str, ...], DayFacts] = {}
    entries = []
    for part in build.calendars.parts:
        year = build.school.year
        cycles = tuple(cycles_of(part, year)) if year else ()
        facts = known.setdefault(cycles, DayFacts(year, cycles))
        page, whole_file = _page_of(part), (build.folder / part.file).read_bytes()
        data = calendar_for_others(whole_file, privacy)
        made_of = _digest(data, facts, zone)
        yield part.file, data
        yield (
            page,
            None if made_of.encode() in _start(folder / page) else _page(part, facts, zone, made_of, privacy).encode(),
        )
        entries.append(IndexEntry(part.kind, part.name, page, part.file, _about(part)))
    if whole:
        title = keys.title or plan.plan.school.name
        entries.sort(key=lambda entry: (entry.kind, entry.name.casefold()))
        yield INDEX, index_page(title, entries, keys.address or "").encode()


def _digest(data: bytes, facts: DayFacts, zone: str) -> str:
    """Return what a page is known by: its calendar file, the days of the year, and the program's own part of it."""
    days = "".join(facts.of(day.date).words + str(facts.of(day.date).has_school) for day in facts.days())
    own = f"{__version__}{zone}{facts.first_weekday}{page_assets()}{days}"
    return blake2b(data + own.encode(), digest_size=16).hexdigest()


def _page_of(part: Part) -> str:
    page = str(PurePosixPath(part.file).with_suffix(".html"))
    return page if page != INDEX else "index-calendar.html"


def _page(part: Part, facts: DayFacts, zone: str, made_of: str, privacy: Privacy) -> str:
    showing = Showing(zone=zone, year=facts.year)
    calendar = part.calendar()
    showing.add(part.name, *for_others(calendar.series, calendar.uids, privacy))
    showing.sort()
    above = "../" * part.file.count("/")
    links = PageLinks(PurePosixPath(part.file).name, f"{above}{INDEX}", made_of)
    return calendar_page(showing, facts, links=links)


def _about(part: Part) -> str:
    span = part.span()
    days = f", {day_words(span[0])} to {day_words(span[1])}" if span else ""
    return f"{counted(part.events, 'event')}{days}"


def foreign_pages(build: Build, folder: Path) -> list[Problem]:
    """Report files that stand where pages go, and are none of ours: they are not written over."""
    names = [INDEX, *map(_page_of, build.calendars.parts)]
    foreign = [name for name in names if (folder / name).is_file() and not carries_mark(folder / name)]
    return [_foreign(folder / name) for name in foreign]


def pages_left(build: Build, folder: Path) -> list[Problem]:
    """Name the pages of an earlier build whose calendars the plan makes no more."""
    made = {INDEX, *map(_page_of, build.calendars.parts)}
    pages = sorted(path.relative_to(folder).as_posix() for path in folder.rglob("*.html")) if folder.is_dir() else []
    left = [page for page in pages if page not in made and carries_mark(folder / page)]
    return [_left(folder, left)] if left else []


def _left(folder: Path, pages: Sequence[str]) -> Problem:
    listed = ", ".join(pages[:5]) + (f" and {len(pages) - 5} more" if len(pages) > 5 else "")
    return note(
        "no-longer-built",
        Place(str(folder)),
        f"The index leads to {counted(len(pages), 'page')} of an earlier build no more: {listed}.",
        advice="Take what nobody needs from the folder and from the web.",
    )


def _start(path: Path) -> bytes:
    try:
        with path.open("rb") as file:
            return file.read(4_000)
    except OSError:
        return b""


def _foreign(path: Path) -> Problem:
    return error(
        "foreign-file",
        Place(str(path)),
        "A page would be written over this file, which is none that this program wrote.",
        advice="Name another folder under [pages], take the file away, or build with --force.",
    )
