"""The index of a folder of pages: every calendar with its page, its file and how to subscribe to it."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import groupby
from urllib.parse import quote

from nomarium.core.marks import PAGE_MARK
from nomarium.views.pages.calendar_page import environment, page_style


@dataclass(frozen=True, slots=True)
class IndexEntry:
    """One calendar of the index."""

    kind: str
    """What it was split by: "teacher"; "" for a calendar of everything."""
    name: str
    page: str
    """Its page, by its path from the index."""
    file: str
    """Its calendar file, likewise."""
    about: str
    """Its events and days in words."""


def index_page(title: str, entries: Sequence[IndexEntry], address: str = "") -> str:
    """Return the index; ``address`` is where the folder stands on the web, for programs that subscribe."""
    script, style, policy = page_style()
    groups = [(kind, list(several)) for kind, several in groupby(entries, key=lambda entry: entry.kind)]
    base = address.rstrip("/")
    return (
        environment()
        .get_template("index.html.jinja")
        .render(
            mark=PAGE_MARK,
            title=title,
            groups=[(_plural(kind), [_row(entry, base) for entry in several]) for kind, several in groups],
            count=len(entries),
            script=script,
            style=style,
            policy=policy,
        )
    )


def _row(entry: IndexEntry, base: str) -> dict[str, str]:
    subscribe = f"webcal://{base.split('://', 1)[-1]}/{quote(entry.file)}" if base else ""
    return {
        "name": entry.name,
        "page": quote(entry.page),
        "file": quote(entry.file),
        "about": entry.about,
        "subscribe": subscribe,
    }


_PLURALS = {"": "Calendars", "class": "Classes", "summary": "Titles"}


def _plural(kind: str) -> str:
    return _PLURALS.get(kind) or f"{kind.capitalize()}s"
