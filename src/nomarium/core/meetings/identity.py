"""The stems of meetings' UIDs: from the school, the class and the first period, so that each meeting keeps its own."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from typing import TYPE_CHECKING

from nomarium.core.calendars import stable_uuid

if TYPE_CHECKING:
    from nomarium.core.meetings.held import Held

_FURTHER = ("group", "teacher", "room", "course")
"""What tells meetings apart that share class, first period and date; the nearest first."""


def assign_stems(held: Iterable[Held], school: str) -> list[tuple[Held, Held]]:
    """Give meetings the stems of their UIDs; return pairs of meetings of one class that are at the same slot twice."""
    alike: dict[tuple[str, ...], list[Held]] = {}
    for one in held:
        alike.setdefault(one.identity, []).append(one)
    doubled: list[tuple[Held, Held]] = []
    for identity, several in alike.items():
        doubled += _assign(several, identity, school)
    return doubled


def _assign(several: Sequence[Held], identity: tuple[str, ...], school: str) -> list[tuple[Held, Held]]:
    names: list[tuple[str, ...]] = [identity] * len(several)
    clash = _clash(several, names) if len(several) > 1 else None
    pairs = [clash] if clash and clash[0].of("group") == clash[1].of("group") else []
    for name in _FURTHER:
        if clash is None:
            break
        names = [(*known, name, *one.of(name)) for known, one in zip(names, several, strict=True)]
        clash = _clash(several, names)
    if clash is not None:
        names = [(*known, str(number)) for number, known in enumerate(names)]
    for known, one in zip(names, several, strict=True):
        one.stem = stable_uuid("\x1f".join((school, "meeting", *known)))
    return pairs


def _clash(several: Sequence[Held], names: Sequence[tuple[str, ...]]) -> tuple[Held, Held] | None:
    """Return two that would have a UID in common."""
    taken: dict[tuple[tuple[str, ...], str], Held] = {}
    for one, name in zip(several, names, strict=True):
        for known_on in one.known_on:
            other = taken.setdefault((name, known_on), one)
            if other is not one:
                return other, one
    return None
