"""One self-contained page of calendars: all in one file, no request to any network, everything from sheets escaped."""

from __future__ import annotations

import json
from base64 import b64encode
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from functools import cache
from hashlib import sha256
from importlib.resources import files
from typing import TYPE_CHECKING

from nomarium.core.agenda import (
    AgendaDay,
    DayFacts,
    Showing,
    Shown,
    agenda_days,
    lay_out_week,
    letter_of,
    time_words,
    titled,
)
from nomarium.core.marks import PAGE_MARK
from nomarium.core.values import counted, day_words, full_day

if TYPE_CHECKING:
    from jinja2 import Environment


@dataclass(frozen=True, slots=True)
class _AgendaEvent:
    """An event of the agenda that stands in the page for browsers without scripts."""

    time: str
    title: str
    place: str


@dataclass(frozen=True, slots=True)
class PageLinks:
    """What the page of a build links to, and what it was made of."""

    download: str = ""
    """Its calendar file."""
    index: str = ""
    made_of: str = ""
    """A digest: a page that has it need not be made again."""


def calendar_page(
    showing: Showing,
    facts: DayFacts,
    days: tuple[date | None, date | None] = (None, None),
    *,
    links: PageLinks | None = None,
) -> str:
    """Return a page of the events that have part in some days."""
    links = links or PageLinks()
    events = showing.between(*days)
    first = days[0] or min((event.first_day for event in events), default=date.today())
    last = days[1] or max((event.last_day for event in events), default=first)
    held = agenda_days(events, first, last)
    script, style = _asset("calendar.js"), _asset("pages.css")
    return (
        environment()
        .get_template("calendar.html.jinja")
        .render(
            mark=PAGE_MARK,
            name=" · ".join(showing.calendars),
            calendars=[(letter_of(place), name) for place, name in enumerate(showing.calendars)],
            about=f"{counted(len(events), 'event')}, {day_words(first)} to {day_words(last)}",
            zone=showing.zone,
            days=[(full_day(day.day), facts.of(day.day).words, list(_agenda(day))) for day in held],
            data=as_script(_data(showing, events, held, facts, first, last)),
            script=script,
            style=style,
            policy=_policy(script, style),
            links=links,
        )
    )


def _agenda(day: AgendaDay) -> list[_AgendaEvent]:
    return [_AgendaEvent(time_words(part), titled(part.event), part.event.place) for part in day.parts]


def _data(
    showing: Showing, events: Sequence[Shown], held: Sequence[AgendaDay], facts: DayFacts, first: date, last: date
) -> dict[str, object]:
    """Return what the script shows: events, and for each day which of them it has and in which lane."""
    place_of = {id(event): place for place, event in enumerate(events)}
    days = {}
    for day in held:
        layout = lay_out_week([part.event for part in day.parts], [day.day], least=20)
        lanes = {id(block.event): (block.start, block.end, block.lane, block.lanes) for block in layout.blocks[0]}
        days[day.day.isoformat()] = [
            [place_of[id(part.event)], *lanes.get(id(part.event), ())]
            if not part.whole_day
            else [place_of[id(part.event)]]
            for part in day.parts
        ]
    year = facts.year
    known = [day.date for day in year.days()] if year else []
    return {
        "first": first.isoformat(),
        "last": last.isoformat(),
        "weekStart": facts.first_weekday,
        "calendars": showing.calendars,
        "letters": [letter_of(place) for place in range(len(showing.calendars))],
        "events": [_event(event) for event in events],
        "days": days,
        "facts": {day.isoformat(): [facts.of(day).words, facts.of(day).has_school] for day in known},
    }


def _event(event: Shown) -> dict[str, object]:
    said: dict[str, object] = {"t": event.title, "s": event.start.isoformat()[:16], "e": event.end.isoformat()[:16]}
    state = "cancelled" if event.cancelled else "perhaps" if event.tentative else ""
    further = {"p": event.place, "d": event.description, "u": _web(event.url), "x": state, "a": event.all_day}
    said |= {key: value for key, value in further.items() if value}
    return said | ({"c": list(event.calendars)} if event.calendars != (0,) else {})


def _web(url: str) -> str:
    """Return a link that a page may lead to; "" for one that would do something else."""
    return url if url.lower().startswith(("https://", "http://", "mailto:")) else ""


def as_script(data: object) -> str:
    """Return JSON that may stand in a script element: nothing in it can end that (HTML, 4.12.1.3)."""
    text = json.dumps(data, ensure_ascii=False, separators=(",", ":"))
    return text.replace("&", "\\u0026").replace("<", "\\u003c").replace(">", "\\u003e").replace("\u2028", "\\u2028")


@cache
def _asset(name: str) -> str:
    return (files("nomarium.views.pages") / name).read_text("utf-8")


@cache
def page_assets() -> str:
    """Return all that the program itself puts into a page."""
    return "".join(map(_asset, ("calendar.js", "pages.css", "calendar.html.jinja")))


@cache
def _policy(script: str, style: str) -> str:
    """Return the content security policy of a page: its own script and style, and nothing from anywhere."""
    hashes = [b64encode(sha256(text.encode()).digest()).decode() for text in (script, style)]
    own = f"script-src 'sha256-{hashes[0]}'; style-src 'sha256-{hashes[1]}'"
    return f"default-src 'none'; {own}; img-src data:; base-uri 'none'; form-action 'none'"


def page_style() -> tuple[str, str, str]:
    """Return the style and the script of the index, and their policy."""
    script, style = _asset("index.js"), _asset("pages.css")
    return script, style, _policy(script, style)


@cache
def environment() -> Environment:
    """Return what renders the templates: everything that is put into them is escaped."""
    from jinja2 import Environment, PackageLoader, StrictUndefined

    return Environment(
        loader=PackageLoader("nomarium.views.pages", "."), autoescape=True, undefined=StrictUndefined, trim_blocks=True
    )
