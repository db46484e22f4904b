"""Timetables that take the place of one another: "from 7 September 2026", then "from 2 November 2026"."""

from __future__ import annotations

from collections.abc import Collection
from datetime import date, timedelta
from itertools import pairwise
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.timetable import wording

if TYPE_CHECKING:
    from nomarium.core.problems import Problem
    from nomarium.core.sheets import Validity
    from nomarium.core.timetable.meeting import Meeting


class Edition(NamedTuple):
    """A whole timetable that says from when it holds, and not until when: until the next one of the same."""

    of: str
    """What it is a timetable of, case folded: two editions of the same say the same."""
    first: date
    said_by: str
    """The sheet that says it, as messages call it."""


def mark_editions(meetings: Collection[Meeting], held: Validity | None, said_by: str) -> None:
    """Say of the meetings of a list which edition they are of, where its name says from when it holds and no more."""
    if held is None or held.first is None or held.last is not None:
        return
    edition = Edition(held.what.casefold(), held.first, said_by)
    for meeting in meetings:
        if meeting.when.first == held.first and meeting.when.last is None:
            meeting.edition = edition


def supersede(meetings: Collection[Meeting]) -> list[Problem]:
    """End the meetings of each edition on the day before the next of the same begins, and say so once for each."""
    firsts: dict[str, dict[date, Edition]] = {}
    for meeting in meetings:
        if meeting.edition is not None:
            firsts.setdefault(meeting.edition.of, {}).setdefault(meeting.edition.first, meeting.edition)
    after = {(of, one): editions[other] for of, editions in firsts.items() for one, other in pairwise(sorted(editions))}
    problems: dict[Edition, Problem] = {}
    for meeting in meetings:
        edition = meeting.edition
        following = after.get((edition.of, edition.first)) if edition else None
        if edition is None or following is None:
            continue
        last = following.first - timedelta(days=1)
        meeting.when = meeting.when._replace(last=last)
        if edition not in problems:
            problems[edition] = wording.superseded(meeting.place, last, following)
    return list(problems.values())
