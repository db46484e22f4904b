"""What has changed in a calendar, in sentences for the person whose it is, ready to be sent."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta

from nomarium.core.history.entries import TEXT_FIELDS, Entry, is_meeting
from nomarium.core.history.pairing import pair
from nomarium.core.privacy import BUSY, Privacy, is_hidden
from nomarium.core.values import MONTH_NAMES, WEEKDAY_NAMES, counted

_FEW = 3
"""A change that is the same on so many days is told day by day; one of more days is told once."""
_NAMES = {
    "description": "the description has changed",
    "url": "the link has changed",
    "status": "the status has changed",
    "organizer": "another organizer",
    "attendees": "other guests",
}


@dataclass(slots=True)
class _Day:
    """What is not the same on a day: what was there, and what is there now."""

    was: list[Entry] = field(default_factory=list)
    now: list[Entry] = field(default_factory=list)


def notice(
    whose: str,
    about: str,
    before: Mapping[str, Entry],
    after: Mapping[str, Entry],
    days: tuple[date | None, date | None] = (None, None),
) -> str:
    """Return the text of a notice, day by day; "" where nothing has changed on the days from one to another.

    ``about`` says what was compared, such as "build 2 → build 3". What was there and what is there now are held
    against each other as a reader sees them: by their times and titles, not by their identities.
    """
    after = _as_known(before, after)
    first, last = (days[0] or date.min).isoformat(), (days[1] or date.max).isoformat()
    told: dict[str, list[str]] = {}
    for day, change in sorted(_changed_days(before, after).items()):
        if first <= day <= last:
            told[day] = [sentence for sentence in _sentences(day, change, before, after) if sentence]
    counts = Counter(sentence for sentences in told.values() for sentence in sentences)
    often = {sentence for sentence, count in counts.items() if count > _FEW}
    lines = [f"{whose}: what has changed", f"({about})"]
    for sentence in sorted(often, key=lambda one: next(day for day in told if one in told[day])):
        on = [day for day in told if sentence in told[day]]
        lines += ["", f"{counted(len(on), 'time')}, from {_day(on[0])} to {_day(on[-1])}:", f"- {sentence}"]
    for day, sentences in told.items():
        single = [sentence for sentence in sentences if sentence not in often]
        lines += ["", _day(day), *(f"- {sentence}" for sentence in single)] if single else []
    return "\n".join(lines) + "\n" if any(told.values()) else ""


def entries_for_others(entries: Mapping[str, Entry], privacy: Privacy) -> dict[str, Entry]:
    """Return events by their UIDs as others may read them."""
    hidden = {uid for uid, entry in entries.items() if privacy != "show" and is_hidden(entry.text("visibility"))}
    kept = {uid: entry for uid, entry in entries.items() if uid not in hidden or privacy == "busy"}
    return {uid: _as_busy(entry) if uid in hidden else entry for uid, entry in kept.items()}


def _as_busy(entry: Entry) -> Entry:
    said = {"summary": BUSY, **{name: entry.text(name) for name in ("status", "visibility", "busy")}}
    return entry._replace(texts=tuple(said.get(name, "") for name in TEXT_FIELDS))


def _as_known(before: Mapping[str, Entry], after: Mapping[str, Entry]) -> dict[str, Entry]:
    """Return the events of now, those that surely are an earlier one, corrected, under its UID."""
    gone = [entry for uid, entry in before.items() if uid not in after and not is_meeting(uid)]
    come = [entry for uid, entry in after.items() if uid not in before and not is_meeting(uid)]
    known = {one.new.uid: one.old.uid for one in pair(gone, come) if one.certain}
    return {known.get(uid, uid): entry._replace(uid=known.get(uid, uid)) for uid, entry in after.items()}


def _changed_days(before: Mapping[str, Entry], after: Mapping[str, Entry]) -> dict[str, _Day]:
    """Return the days on which something differs; what reads the same on both sides is left out."""
    changed: dict[str, _Day] = {}
    left = Counter(map(_read, after.values()))
    left.subtract(map(_read, before.values()))
    for entry in after.values():
        if left[_read(entry)] > 0:
            left[_read(entry)] -= 1
            changed.setdefault(entry.start[:10], _Day()).now.append(entry)
    for entry in before.values():
        if left[_read(entry)] < 0:
            left[_read(entry)] += 1
            changed.setdefault(entry.start[:10], _Day()).was.append(entry)
    return changed


def _read(entry: Entry) -> tuple[object, ...]:
    """Return what a reader sees of an event. A meeting's description names its slot, which moves with it."""
    further = () if is_meeting(entry.uid) else tuple(entry.text(name) for name in _NAMES)
    return entry.moment, entry.title, entry.text("location"), further


def _sentences(day: str, change: _Day, before: Mapping[str, Entry], after: Mapping[str, Entry]) -> Iterator[str]:
    """Yield what is to be said of a day, in the order of its times."""
    found: list[tuple[str, str]] = []
    gone = sorted(change.was, key=lambda entry: entry.start)
    for new in sorted(change.now, key=lambda entry: entry.start):
        old = _counterpart(new, gone)
        if old is not None:
            gone.remove(old)
            found.append((new.start, _changed(old, new)))
        else:
            moved = before.get(new.uid)
            found.append((new.start, _come(new, moved if moved and moved.start[:10] != day else None)))
    for old in gone:
        moved = after.get(old.uid)
        found.append((old.start, _gone(old, moved if moved and moved.start[:10] != day else None)))
    yield from (sentence for _, sentence in sorted(found))


def _counterpart(new: Entry, gone: Sequence[Entry]) -> Entry | None:
    """Return what stood in the place of an event on its day: the same one, one of its title, one at its time."""
    same = [old for old in gone if old.uid == new.uid and old.title == new.title]
    titled = [old for old in gone if old.title == new.title]
    timed = [old for old in gone if old.moment == new.moment]
    return next(iter([*same, *(old for old in titled if old.moment == new.moment), *timed, *titled]), None)


def _changed(old: Entry, new: Entry) -> str:
    if old.title != new.title:
        return f"{_times(new)}: {_event(new)}, in place of {old.title}."
    said = [f"not {_times(old)}"] if old.moment != new.moment else []
    here, there = new.text("location"), old.text("location")
    if here != there:
        said.append(f"in {here} now{f', not in {there}' if there else ''}" if here else f"not in {there} any more")
    if not is_meeting(new.uid):
        said += [words for name, words in _NAMES.items() if new.text(name) != old.text(name)]
    return f"{_times(new)}: {new.title}, {'; '.join(said) or 'changed'}."


def _come(new: Entry, moved_from: Entry | None) -> str:
    said = f", moved here from {_day(moved_from.start)}" if moved_from else ""
    return f"{_times(new)}: {_event(new)}{said or ' (new)'}."


def _gone(old: Entry, moved_to: Entry | None) -> str:
    if moved_to is None:
        return f"{_times(old)}: no {old.title}."
    return f"{_times(old)}: no {old.title}, moved to {_day(moved_to.start)}, {_times(moved_to)}."


def _event(entry: Entry) -> str:
    place = entry.text("location")
    return entry.title + (f", {place}" if place else "")


def _times(entry: Entry) -> str:
    if entry.all_day:
        last = (entry.ends() - timedelta(days=1)).date().isoformat()
        return "All day" if last == entry.start[:10] else f"Until {_day(last)}"
    end = _clock(entry.end) if entry.end[:10] == entry.start[:10] else f"{_day(entry.end)}, {_clock(entry.end)}"
    return f"{_clock(entry.start)}–{end}"


def _clock(moment: str) -> str:
    return f"{int(moment[11:13])}:{moment[14:16]}"


def _day(moment: str) -> str:
    day = date.fromisoformat(moment[:10])
    return f"{WEEKDAY_NAMES[day.weekday()]} {day.day} {MONTH_NAMES[day.month - 1]}"
