"""Private and confidential events in what others read: as busy times alone, as they are, or not at all."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import replace
from typing import TYPE_CHECKING, Literal

if TYPE_CHECKING:
    from nomarium.core.sources import Series

Privacy = Literal["busy", "show", "leave out"]
BUSY = "Busy"
"""What a private event is called where only its times are shown."""
_HIDDEN = frozenset({"PRIVATE", "CONFIDENTIAL"})


def is_hidden(visibility: str) -> bool:
    """Tell whether an event's CLASS (RFC 5545, 3.8.1.3) keeps its details from others."""
    return visibility in _HIDDEN


def for_others(series: Sequence[Series], uids: Sequence[str], privacy: Privacy) -> tuple[list[Series], list[str]]:
    """Return events as others may read them, with the UIDs of their occurrences."""
    names = iter(uids)
    kept: list[Series] = []
    kept_uids: list[str] = []
    for one in series:
        own = [next(names) for _ in one.occurrences]
        if is_hidden(one.visibility) and privacy == "leave out":
            continue
        kept.append(_as_busy(one) if is_hidden(one.visibility) and privacy == "busy" else one)
        kept_uids += own
    return kept, kept_uids


def _as_busy(series: Series) -> Series:
    return replace(
        series,
        summary=BUSY,
        location="",
        description="",
        categories=(),
        url="",
        organizer=None,
        attendees=(),
        reminders=(),
        extra=(),
    )


_TIMES = frozenset(
    "UID DTSTAMP LAST-MODIFIED CREATED SEQUENCE DTSTART DTEND DURATION RRULE RDATE EXDATE RECURRENCE-ID CLASS STATUS "
    "TRANSP".split()
)
"""What stays of a private event: when it is, which one, and that it is private."""
_BEGIN, _END = "BEGIN:VEVENT\r\n", "END:VEVENT\r\n"


def calendar_for_others(data: bytes, privacy: Privacy) -> bytes:
    """Return a calendar file that this program has written as others may read it."""
    if privacy == "show" or not any(f"CLASS:{word}\r\n".encode() in data for word in _HIDDEN):
        return data
    head, *events = data.decode("utf-8").split(_BEGIN)
    return "".join([head, *(_event_for_others(event, privacy) for event in events)]).encode()


def _event_for_others(text: str, privacy: Privacy) -> str:
    event, _, rest = text.partition(_END)
    if not any(f"CLASS:{word}\r\n" in event for word in _HIDDEN):
        return f"{_BEGIN}{text}"
    if privacy == "leave out":
        return rest
    return f"{_BEGIN}SUMMARY:{BUSY}\r\n{''.join(_times_of(event.splitlines(keepends=True)))}{_END}{rest}"


def _times_of(lines: Iterable[str]) -> Iterator[str]:
    """Yield the lines of an event that say when it is, folded ones whole; those of its alarms not."""
    inside, wanted = 0, False
    for line in lines:
        if line[:1] in (" ", "\t"):
            if wanted:
                yield line
            continue
        name = line.replace(";", ":", 1).partition(":")[0].upper()
        inside += (name == "BEGIN") - (name == "END")
        wanted = not inside and name in _TIMES
        if wanted:
            yield line
