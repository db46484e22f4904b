"""Calendars of ours that stand where a first build would write: from “convert”, or of a history that is lost."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field
from datetime import UTC, datetime
from typing import TYPE_CHECKING

from nomarium.core.history.entries import Entry, by_uid, entries_of, is_meeting
from nomarium.core.history.given_files import GivenFile, entries_of_bodies, read_given, uid_of
from nomarium.core.history.pairing import Pair, pair
from nomarium.core.marks import carries_mark

if TYPE_CHECKING:
    from nomarium.core.building import Build, Part

Revisions = dict[str, tuple[int, str]]
"""Of each event that was given out: its SEQUENCE, and when that was."""


@dataclass(slots=True)
class Adopted:
    """What the files say that were given out before a history began."""

    kept: dict[str, str] = field(default_factory=dict)
    """The UIDs that corrected events keep, by those that come from what they are now."""
    given: dict[str, GivenFile] = field(default_factory=dict)
    """The files that stand, by their names below the output folder."""

    def pairs(self, parts: Iterable[Part]) -> list[Pair]:
        """Return which events of the build are corrected ones of the files."""
        now = {uid: entry for part in parts if part.file in self.given for uid, entry in entries_of_part(part).items()}
        bodies = {
            uid_of(key): version.body
            for file in self.given.values()
            for key, version in file.versions.items()
            if not version.is_cancelled and not is_meeting(uid_of(key))
        }
        gone = entries_of_bodies([(uid, body) for uid, body in bodies.items() if uid not in now])
        come = [entry for uid, entry in now.items() if uid not in bodies and not is_meeting(uid)]
        return pair([entry for entry in gone if entry], come)

    def revisions(self, part: Part, at: str) -> Revisions:
        """Return the revisions that the events of a calendar go on from: none falls below what was given out."""
        file = self.given.get(part.file)
        if file is None:
            return {}
        now = entries_of_part(part)
        found: Revisions = {uid: (sequence, _iso(stamp)) for uid, (sequence, stamp) in file.gone.items()}
        stood = entries_of_bodies([(key, version.body) for key, version in file.versions.items()])
        for (key, version), entry in zip(file.versions.items(), stood, strict=True):
            uid = uid_of(key)
            same = entry is not None and uid in now and entry[1:] == now[uid][1:]
            revision = (version.sequence, _iso(version.at)) if same else (version.sequence + 1, at)
            found[uid] = max(revision, found.get(uid, revision))
        return found


def adopt(build: Build) -> Adopted:
    """Read the calendars of ours that stand in a build's place. Raises DataRefused where one can't be read."""
    adopted = Adopted()
    for part in build.calendars.parts:
        path = build.folder / part.file
        if carries_mark(path):
            given = adopted.given[part.file] = read_given(path, "UTC")
            adopted.kept.update(given.kept)
    return adopted


def entries_of_part(part: Part) -> dict[str, Entry]:
    """Return the events of a calendar by their UIDs."""
    return by_uid(entry for held in part.held for made in part.texts.series(held) for entry in entries_of(*made))


def _iso(stamp: str) -> str:
    return datetime.strptime(stamp, "%Y%m%dT%H%M%SZ").replace(tzinfo=UTC).isoformat()
