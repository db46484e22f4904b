"""Calendar files as they were given out: each event as it stands there, and what was given out before and is gone."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping, Sequence, Set
from dataclasses import dataclass, field
from datetime import UTC, datetime
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.calendars import Calendar, assign_uids
from nomarium.core.history import wording
from nomarium.core.history.cancellations import retraction
from nomarium.core.history.entries import Entry, entries_of
from nomarium.core.ics import CalendarChoices, escape, fold, read_calendar, render_calendar, unescaped
from nomarium.core.marks import carries_mark
from nomarium.core.problems import DataRefused, Place, has_errors
from nomarium.core.tables import read_text
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sources import Series

GONE = "X-NOMARIUM-GONE"
"""The line of a calendar's head that keeps the SEQUENCE of an event that is no longer in it."""
KEPT = "X-NOMARIUM-KEPT"
"""The line of a calendar's head that keeps which UID a corrected event has, in place of its own."""
_BEGIN, _END = "BEGIN:VEVENT\r\n", "END:VEVENT\r\n"
_CHANGED = regex(r"^(?:DTSTAMP|LAST-MODIFIED|SEQUENCE)[:;][^\r]*\r\n", re.MULTILINE)
"""The lines that say when an event was changed, not what it is."""
_SEQUENCE = regex(r"^SEQUENCE:(\d{1,9})\r", re.MULTILINE)
_REPLACES = regex(r"^RECURRENCE-ID[^\r]*", re.MULTILINE)
_GONE_LINE = regex(rf"^{GONE};X-SEQUENCE=(\d{{1,9}});X-AT=(\d{{8}}T\d{{6}}Z):([^\r]*)\r", re.MULTILINE)
_KEPT_LINE = regex(rf"^{KEPT}:((?:[^,\r\\]|\\.)*),([^\r]*)\r", re.MULTILINE)
_AT = regex(r":(\d{8}T\d{6}Z)\r")
_CANCELLED = "\nSTATUS:CANCELLED\r"
_OUR_UID = regex(r"[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-a[0-9a-f]{3}-[0-9a-f]{12}(?:-\d{8})?(?:/.*)?")


class Version(NamedTuple):
    """An event as it stands in a calendar."""

    body: str
    """Its lines, unfolded, but those that say when it was changed."""
    sequence: int
    stamp: str
    """Those that do, as they stand there."""

    @property
    def is_cancelled(self) -> bool:
        """Whether it says that the event does not take place."""
        return _CANCELLED in self.body

    @property
    def at(self) -> str:
        """When it was given out, as a UTC stamp of iCalendar."""
        found = _AT.search(self.stamp)
        return found[1] if found else "19700101T000000Z"


@dataclass(slots=True)
class GivenFile:
    """A calendar file that was given out, or exported from where it was imported."""

    path: Path
    ours: bool = True
    """Whether it stands as it was written; else a calendar program wrote it, with whatever else is in there."""
    versions: dict[str, Version] = field(default_factory=dict)
    """The events by their keys: the UID, and the line of the occurrence that is replaced behind it."""
    kept: dict[str, str] = field(default_factory=dict)
    """The UIDs that corrected events keep, by those that come from what they are now."""
    gone: dict[str, tuple[int, str]] = field(default_factory=dict)
    """The UIDs of events that were given out and taken away: the SEQUENCE that they went with, and when."""
    series: list[Series] = field(default_factory=list)
    """What was read of a file that is not ours."""
    entries: dict[str, Entry] = field(default_factory=dict)
    """Its events by their keys, to be compared by what they say."""

    def knows(self, uid: str) -> bool:
        """Tell whether a UID of the file was given out by this program, so that it may be taken away."""
        return self.ours or bool(_OUR_UID.fullmatch(uid))

    def read(self, uids: Set[str]) -> list[Series]:
        """Return events of some UIDs as they stand in the file, repeating ones as such, with changed occurrences."""
        if not self.ours:
            return [one for one in self.series if one.id in uids]
        bodies = [version.body for key, version in self.versions.items() if uid_of(key) in uids] if uids else []
        return (
            read_calendar(_calendar_text(bodies), self.path.name, CalendarChoices(rules=True)).series if bodies else []
        )


def uid_of(key: str) -> str:
    """Return the UID of an event's key."""
    return key.partition("\n")[0]


def read_given(path: Path, zone: str) -> GivenFile:
    """Read a calendar file that was given out, or was exported. Raises DataRefused where it cannot be read whole.

    ``zone`` is where the times of a calendar program are told that names none.
    """
    text = _own_text(path)
    if text is None:
        return _read_exported(path, zone)
    found = GivenFile(path)
    head, _, _ = text.partition(_BEGIN)
    found.gone = {_plain(uid): (int(number), at) for number, at, uid in _GONE_LINE.findall(head)}
    found.kept = {_plain(natural): _plain(uid) for natural, uid in _KEPT_LINE.findall(head)}
    found.versions = dict(_versions(text))
    return found


def _own_text(path: Path) -> str | None:
    """Return the text of a file of ours, unfolded; None where it is another's, or is not as it was written."""
    if not carries_mark(path):
        return None
    try:
        text = path.read_bytes().decode("utf-8")
    except (OSError, UnicodeDecodeError):
        return None
    whole = text.endswith("END:VCALENDAR\r\n") and text.count("\n") == text.count("\r\n")
    return text.replace("\r\n ", "") if whole and text.count(_BEGIN) == text.count(_END) else None


def _read_exported(path: Path, zone: str) -> GivenFile:
    source = read_text(path)
    if source is None or not source.is_calendar:
        raise DataRefused(wording.not_given_out(Place(str(path)), "it is no calendar file"))
    read = read_calendar(source.text, path.name, CalendarChoices("", zone, rules=True))
    if has_errors(read.problems):
        first = next(problem for problem in read.problems if problem.severity == "error")
        raise DataRefused(wording.not_given_out(first.place, first.message.rstrip(".")))
    named = [one for one in read.series if one.id]
    uids = assign_uids("", named)
    text = b"".join(render_calendar(Calendar("", named, uids), datetime.fromtimestamp(0, UTC))).decode()
    found = GivenFile(path, ours=False, series=named)
    names = iter(uids)
    entries = (entry for one in named for entry in entries_of(one, [next(names) for _ in one.occurrences]))
    for (key, version), entry in zip(_versions(text.replace("\r\n ", "")), entries, strict=True):
        found.versions[key], found.entries[key] = version, entry
    return found


def _versions(text: str) -> Iterator[tuple[str, Version]]:
    """Yield the events of an unfolded calendar of ours, each with its key."""
    for block in text.split(_BEGIN)[1:]:
        yield version_of(block[: block.rindex(_END)])


def version_of(lines: str) -> tuple[str, Version]:
    """Return the key of an event, and its version, from its unfolded lines, the UID first."""
    body = _CHANGED.sub("", lines)
    uid = _plain(body[len("UID:") : body.index("\r\n")])
    replaces = _REPLACES.search(body) if "\nRECURRENCE-ID" in body else None
    key = f"{uid}\n{replaces[0]}" if replaces else uid
    stamp = "".join(_CHANGED.findall(lines))
    return key, Version(body, max(map(int, _SEQUENCE.findall(stamp)), default=0), stamp)


def _plain(text: str) -> str:
    return unescaped(text) if "\\" in text else text


def head_lines(gone: Mapping[str, tuple[int, str]], kept: Mapping[str, str]) -> list[str]:
    """Return the lines of a calendar's head that keep what its events don't say; unfolded."""
    return [
        *(f"{GONE};X-SEQUENCE={number};X-AT={at}:{escape(uid)}" for uid, (number, at) in sorted(gone.items())),
        *(f"{KEPT}:{escape(natural)},{escape(uid)}" for natural, uid in sorted(kept.items())),
    ]


def entries_of_bodies(bodies: Sequence[tuple[str, str]]) -> list[Entry | None]:
    """Return events from their keys and bodies, in their order; None for one at the edge of what can be read."""
    text = _calendar_text([_numbered(place, body) for place, (_, body) in enumerate(bodies)])
    found: dict[int, Entry] = {}
    for one in read_calendar(text, "", CalendarChoices(rules=True)).series if bodies else ():
        found[int(one.id)] = next(entries_of(one, [one.id]))
    return [found[place]._replace(uid=uid_of(key)) if place in found else None for place, (key, _) in enumerate(bodies)]


def _calendar_text(bodies: Sequence[str]) -> str:
    events = "".join(f"{_BEGIN}{body}{_END}" for body in bodies)
    return f"BEGIN:VCALENDAR\r\nVERSION:2.0\r\n{events}END:VCALENDAR\r\n"


def _numbered(place: int, body: str) -> str:
    rest = _REPLACES.sub("X-REPLACES:", body[body.index("\r\n") + 2 :])
    return f"UID:{place}\r\n{rest}"


def retracted_file(path: Path, at: str, method: str = "") -> tuple[bytes, int]:
    """Return the calendar that takes back what a file of ours holds, and how many events that are.

    ``at`` is when, as ISO 8601; ``method`` the METHOD of a message, "" for none. Raises DataRefused where the file
    can't be read.
    """
    given = read_given(path, "UTC")
    bodies = [(key, one.body) for key, one in given.versions.items() if key == uid_of(key) and not one.is_cancelled]
    entries = list(filter(None, entries_of_bodies(bodies)))
    revisions: dict[str, tuple[int, str]] = {}
    for key, version in given.versions.items():
        known = revisions.get(uid_of(key), (0, ""))
        revisions[uid_of(key)] = (max(known[0], version.sequence), "")
    data, _ = retraction(path.stem, entries, revisions, at, method)
    return data, len(entries)


def cancelled_file(path: Path, at: datetime) -> tuple[bytes, int] | None:
    """Return a calendar file of ours with each event cancelled that was not, and how many these are; None for none."""
    if not carries_mark(path):
        return None
    stamp = f"{at.astimezone(UTC):%Y%m%dT%H%M%SZ}"
    head, *blocks = path.read_bytes().decode("utf-8").split(_BEGIN)
    cancelled = [_cancelled_block(block, stamp) for block in blocks]
    count = sum(now != then for now, then in zip(cancelled, blocks, strict=True))
    return (_BEGIN.join([head, *cancelled]).encode(), count) if count else None


def _cancelled_block(block: str, at: str) -> str:
    lines, end, rest = block.rpartition(_END)
    _, version = version_of(lines.replace("\r\n ", ""))
    if version.is_cancelled:
        return block
    uid, *said = version.body.split("\r\n")[:-1]
    stamp = [f"DTSTAMP:{at}", f"LAST-MODIFIED:{at}", f"SEQUENCE:{version.sequence + 1}", "STATUS:CANCELLED"]
    kept = [fold(line) for line in said if not line.startswith("STATUS:")]
    return "\r\n".join([fold(uid), *stamp, *kept, end + rest])
