"""Events as they were given out, and sheaves of them: what one slot said in one calendar, small enough to keep."""

from __future__ import annotations

import json
import zlib
from collections.abc import Collection, Iterable, Iterator, Sequence
from dataclasses import replace
from datetime import datetime
from functools import cache
from hashlib import blake2b
from typing import TYPE_CHECKING, Any, NamedTuple

from nomarium.core.ics import rule_lines
from nomarium.core.values import read_zone
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sources import Occurrence, Series

TEXT_FIELDS = (
    "summary",
    "location",
    "description",
    "categories",
    "url",
    "status",
    "visibility",
    "busy",
    "organizer",
    "attendees",
    "reminders",
    "extra",
)
"""The fields of an event that are kept as texts, in their order."""


class Entry(NamedTuple):
    """One event as it was given out."""

    uid: str
    start: str
    """Local time of the zone, "2026-09-08T09:00:00"; all-day ones too, at midnight."""
    end: str
    all_day: bool
    zone: str
    texts: tuple[str, ...]

    @property
    def title(self) -> str:
        """The event's title."""
        return self.texts[0]

    def text(self, name: str) -> str:
        """Return what a field says."""
        return self.texts[TEXT_FIELDS.index(name)]

    @property
    def moment(self) -> tuple[str, str, bool, str]:
        """When it is."""
        return self.start, self.end, self.all_day, self.zone

    def starts(self) -> datetime:
        """Return the start as a local time."""
        return datetime.fromisoformat(self.start)

    def ends(self) -> datetime:
        """Return the end as a local time."""
        return datetime.fromisoformat(self.end)


_MEETING = regex(r"[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}-\d{8}")


def is_meeting(uid: str) -> bool:
    """Tell whether a UID is that of a class meeting, known by class, date and period: another date is another one."""
    return bool(_MEETING.match(uid))


class Sheaf(NamedTuple):
    """Events that say the same but for their dates, packed, and what they are known by."""

    digest: bytes
    body: bytes

    def entries(self) -> list[Entry]:
        """Return the events of it."""
        return unpacked(self.body)


def texts_of(series: Series) -> tuple[str, ...]:
    """Return what an event says as texts, one for each field."""
    organizer = str(tuple(series.organizer)) if series.organizer else ""
    return (
        series.summary,
        series.location,
        series.description,
        ";".join(series.categories),
        series.url,
        series.status,
        series.visibility,
        series.busy,
        organizer,
        ";".join(str(tuple(person)) for person in series.attendees),
        ";".join(str(int(reminder.total_seconds())) for reminder in series.reminders),
        "\n".join((*series.extra, *_rule(series))),
    )


def _rule(series: Series) -> Iterator[str]:
    """Yield the lines that say how an event repeats."""
    if series.recurrence is not None:
        yield from rule_lines(series.recurrence, series.occurrences[0])


def entries_of(series: Series, uids: Sequence[str]) -> Iterator[Entry]:
    """Yield the events of a series, with their UIDs."""
    texts = texts_of(series)
    for occurrence, uid in zip(series.occurrences, uids, strict=True):
        yield Entry(uid, *_moment(occurrence), texts)


class Packer:
    """Packs series into sheaves; the moments that many share are put into words once."""

    def __init__(self) -> None:
        self._spans: dict[int, str] = {}

    def sheaf(self, series: Series, names: Sequence[str], stem: str = "") -> Sheaf:
        """Return the sheaf of a series. ``names`` are the UIDs of its events, or what follows ``stem`` in each."""
        spans = ",".join(map(self._span, series.occurrences))
        kinds = {(occurrence.all_day, occurrence.zone) for occurrence in series.occurrences}
        alike = kinds.pop() if len(kinds) == 1 else [(o.all_day, o.zone) for o in series.occurrences]
        head = json.dumps({"texts": texts_of(series), "stem": stem, "kind": alike}, ensure_ascii=False)
        listed = '","'.join(names) if stem else json.dumps(list(names), ensure_ascii=False)[2:-2]
        plain = f'{head[:-1]},"names":["{listed}"],"spans":[{spans}]}}'.encode("utf-8", "surrogatepass")
        return Sheaf(blake2b(plain, digest_size=16).digest(), zlib.compress(plain, 1))

    def joint_sheaf(self, several: Sequence[tuple[Series, Sequence[str]]], stem: str) -> Sheaf:
        """Return one sheaf of series that share a stem and differ in what they say: the meetings of a slot."""
        said: dict[tuple[str, ...], int] = {}
        number_of = [said.setdefault(texts_of(series), len(said)) for series, _ in several]
        occurrences = [occurrence for series, _ in several for occurrence in series.occurrences]
        head = json.dumps(
            {
                "texts": list(said),
                "of": [
                    number for number, (series, _) in zip(number_of, several, strict=True) for _ in series.occurrences
                ],
                "stem": stem,
                "kind": [(one.all_day, one.zone) for one in occurrences],
                "names": [name for _, names in several for name in names],
            },
            ensure_ascii=False,
        )
        spans = ",".join(map(self._span, occurrences))
        plain = f'{head[:-1]},"spans":[{spans}]}}'.encode("utf-8", "surrogatepass")
        return Sheaf(blake2b(plain, digest_size=16).digest(), zlib.compress(plain, 1))

    def _span(self, occurrence: Occurrence) -> str:
        """Return when something is, as JSON."""
        known = self._spans.get(id(occurrence))
        if known is None:
            known = self._spans[id(occurrence)] = f'"{occurrence.start.isoformat()}/{occurrence.end.isoformat()}"'
        return known


def unpacked(body: bytes) -> list[Entry]:
    """Return the events of a packed sheaf."""
    held = json.loads(zlib.decompress(body))
    if "of" in held:
        several = [unpacked_texts(texts) for texts in held["texts"]]
        found = _entries({**held, "texts": several[0]})
        return [entry._replace(texts=several[number]) for entry, number in zip(found, held["of"], strict=True)]
    return _entries({**held, "texts": unpacked_texts(held["texts"])})


def unpacked_texts(texts: Sequence[object]) -> tuple[str, ...]:
    """Return what a packed event says. Raises ValueError for what no build has written."""
    if len(texts) != len(TEXT_FIELDS) or not all(isinstance(text, str) for text in texts):
        raise ValueError("its events have odd texts")
    return tuple(map(str, texts))


def _entries(held: dict[str, Any]) -> list[Entry]:
    texts, names, spans, kind = held["texts"], held["names"], held["spans"], held["kind"]
    kinds = kind if kind and isinstance(kind[0], list) else [kind] * len(names)
    stem = f"{held['stem']}-" if held["stem"] else ""
    if not all(map(_SPAN.fullmatch, set(spans))) or not all(isinstance(day, bool) and _is_zone(z) for day, z in kinds):
        raise ValueError("its events have odd times")
    if not all(isinstance(name, str) for name in names):
        raise ValueError("its events have odd names")
    return [
        Entry(f"{stem}{name}", *_ends(span), all_day, zone, texts)
        for name, span, (all_day, zone) in zip(names, spans, kinds, strict=True)
    ]


_MOMENT = r"\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d"
_SPAN = regex(f"{_MOMENT}/{_MOMENT}")


@cache
def _is_zone(name: object) -> bool:
    return name == "" or (isinstance(name, str) and read_zone(name) is not None)


def _ends(span: str) -> tuple[str, str]:
    start, _, end = span.partition("/")
    return start, end


def _moment(occurrence: Occurrence) -> tuple[str, str, bool, str]:
    return occurrence.start.isoformat(), occurrence.end.isoformat(), occurrence.all_day, occurrence.zone


def by_uid(entries: Iterable[Entry]) -> dict[str, Entry]:
    """Return entries by their UIDs; of several with one, the last."""
    return {entry.uid: entry for entry in entries}


def only_uids(made: Iterable[tuple[Series, list[str]]], wanted: Collection[str]) -> tuple[list[Series], list[str]]:
    """Return of events with their UIDs the occurrences that are wanted, with theirs."""
    found: list[Series] = []
    names: list[str] = []
    for series, uids in made:
        kept = [(occurrence, uid) for occurrence, uid in zip(series.occurrences, uids, strict=True) if uid in wanted]
        if kept:
            found.append(replace(series, occurrences=tuple(occurrence for occurrence, _ in kept)))
            names += [uid for _, uid in kept]
    return found, names
