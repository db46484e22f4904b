"""What is gone for good between what was given out and what is now, and how much of it stops a run."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from nomarium.core.history.entries import Entry

USUAL_GUARD = 20
"""Percent of the events before that a build may take away."""


def lost_of(gone: Iterable[Entry], come: Iterable[Entry]) -> list[Entry]:
    """Return what is gone for good: a class that meets on other days now is not lost."""
    titles = Counter(entry.title for entry in come)
    lost = []
    for entry in gone:
        if titles[entry.title]:
            titles[entry.title] -= 1
        else:
            lost.append(entry)
    return lost
