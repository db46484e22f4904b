"""Which new event is an old one, corrected: the best pairing of those that went with those that came."""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass
from datetime import timedelta
from typing import TYPE_CHECKING

from nomarium.core.history.assignment import best_assignment

if TYPE_CHECKING:
    from nomarium.core.history.entries import Entry

_FARTHEST = timedelta(days=60)
"""An event of the same title that is farther away is another one."""
_LIKE = 60
"""Titles at the same time that are less alike than this (of 100) are those of strangers."""
_SURELY = 85
_LARGEST = 300
"""Events of one group of candidates that are paired by the best assignment; a larger one in the order of time."""
_NEVER = 1e9


@dataclass(frozen=True, slots=True)
class Pair:
    """An event that went, and the one that came in its place."""

    old: Entry
    new: Entry
    certain: bool


def pair(gone: Sequence[Entry], come: Sequence[Entry]) -> list[Pair]:
    """Return the best pairing of events that went with events that came; strangers stay unpaired.

    The same time and a like title is an edit; the same title at another time, not too far, is a move.
    """
    pairs: list[Pair] = []
    for look in (_exactly, _but_for_texts, _in_order):
        found = look(gone, come)
        pairs += found
        gone, come = _left(gone, (one.old for one in found)), _left(come, (one.new for one in found))
    costs = _candidates(gone, come) if gone and come else {}
    for rows, columns in _groups(costs):
        if max(len(rows), len(columns)) > _LARGEST:
            continue
        matrix = [[costs.get((row, column), _NEVER) for column in columns] for row in rows]
        for row, column in best_assignment(matrix):
            cost = matrix[row][column]
            if cost < _NEVER:
                old, new = gone[rows[row]], come[columns[column]]
                pairs.append(Pair(old, new, certain=_stands_out(matrix, row, column) and _is_sure(old, new)))
    return pairs


def _left(entries: Sequence[Entry], taken: Iterable[Entry]) -> Sequence[Entry]:
    known = set(map(id, taken))
    return [entry for entry in entries if id(entry) not in known] if known else entries


def _exactly(gone: Sequence[Entry], come: Sequence[Entry]) -> list[Pair]:
    """Return events that say the same in all, under another UID."""
    return _alike(gone, come, lambda entry: entry[1:])


def _but_for_texts(gone: Sequence[Entry], come: Sequence[Entry]) -> list[Pair]:
    """Return events that have their time and their title in common."""
    return _alike(gone, come, lambda entry: (entry.moment, _key(entry.title)))


def _alike(gone: Sequence[Entry], come: Sequence[Entry], key: Callable[[Entry], object]) -> list[Pair]:
    """Return events with the same key, in their order, where as many went as came."""
    olds, news = _grouped(gone, key), _grouped(come, key)
    return [
        Pair(*both, certain=True)
        for one in olds
        if one in news and len(olds[one]) == len(news[one])
        for both in zip(olds[one], news[one], strict=True)
    ]


def _grouped(entries: Iterable[Entry], key: Callable[[Entry], object]) -> dict[object, list[Entry]]:
    found: dict[object, list[Entry]] = {}
    for entry in entries:
        found.setdefault(key(entry), []).append(entry)
    return found


def _in_order(gone: Sequence[Entry], come: Sequence[Entry]) -> list[Pair]:
    """Pair the events of a title in the order of their times where they are too many for the best assignment.

    Where as many went as came, each is surely the one at its place.
    """
    olds, news = _grouped(gone, lambda entry: _key(entry.title)), _grouped(come, lambda entry: _key(entry.title))
    pairs: list[Pair] = []
    for title in olds:
        if title in news and max(len(olds[title]), len(news[title])) > _LARGEST:
            pairs += _one_by_one(*(sorted(side, key=lambda entry: entry.start) for side in (olds[title], news[title])))
    return pairs


def _one_by_one(olds: Sequence[Entry], news: Sequence[Entry]) -> Iterator[Pair]:
    """Yield each event of the shorter side with the nearest of the longer that leaves enough for the others."""
    turned = len(olds) > len(news)
    few, many = (news, olds) if turned else (olds, news)
    starts = [entry.starts() for entry in many]
    free = 0
    for number, entry in enumerate(few):
        start, last = entry.starts(), len(many) - len(few) + number
        place = min(max(bisect_left(starts, start), free), last)
        if free < place and start - starts[place - 1] < starts[place] - start:
            place -= 1
        free = place + 1
        if abs(starts[place] - start) <= _FARTHEST:
            old, new = (many[place], entry) if turned else (entry, many[place])
            yield Pair(old, new, certain=len(few) == len(many))


def _stands_out(matrix: Sequence[Sequence[float]], row: int, column: int) -> bool:
    """Tell whether a pairing is far better than any other of either event."""
    others = [cost for place, cost in enumerate(matrix[row]) if place != column]
    others += [line[column] for place, line in enumerate(matrix) if place != row]
    return all(matrix[row][column] * 2 < cost for cost in others)


def _candidates(gone: Sequence[Entry], come: Sequence[Entry]) -> dict[tuple[int, int], float]:
    """Return the cost of each pairing that may be."""
    at: dict[tuple[str, str, bool, str], list[int]] = {}
    titled: dict[str, list[int]] = {}
    for place, entry in enumerate(come):
        at.setdefault(entry.moment, []).append(place)
        titled.setdefault(_key(entry.title), []).append(place)
    costs: dict[tuple[int, int], float] = {}
    for row, old in enumerate(gone):
        for column in at.get(old.moment, ()):
            likeness = _likeness(old.title, come[column].title)
            if likeness >= _LIKE or _is_longer(old.title, come[column].title):
                costs[row, column] = 1 - likeness / 100
        for column in titled.get(_key(old.title), ()):
            distance = abs(come[column].starts() - old.starts())
            if distance <= _FARTHEST:
                cost = distance / _FARTHEST + 0.2 * (come[column].text("location") != old.text("location"))
                costs[row, column] = min(cost, costs.get((row, column), _NEVER))
    return costs


def _key(title: str) -> str:
    return " ".join(title.casefold().split())


def _likeness(one: str, other: str) -> float:
    from rapidfuzz import fuzz

    return fuzz.token_sort_ratio(_key(one), _key(other))


def _is_longer(one: str, other: str) -> bool:
    """Tell whether one title is the other with more words."""
    words = [set(_key(title).split()) for title in (one, other)]
    return words[0] <= words[1] or words[1] <= words[0]


def _is_sure(old: Entry, new: Entry) -> bool:
    if old.moment == new.moment:
        return _likeness(old.title, new.title) >= _SURELY
    return _key(old.title) == _key(new.title)


def _groups(costs: dict[tuple[int, int], float]) -> list[tuple[list[int], list[int]]]:
    """Return the rows and columns that hang together, group by group."""
    of_row: dict[int, list[int]] = {}
    of_column: dict[int, list[int]] = {}
    for row, column in costs:
        of_row.setdefault(row, []).append(column)
        of_column.setdefault(column, []).append(row)
    groups, seen = [], set[int]()
    for first in of_row:
        if first in seen:
            continue
        rows, columns, waiting = {first}, set[int](), [first]
        while waiting:
            for column in of_row[waiting.pop()]:
                if column not in columns:
                    columns.add(column)
                    further = [row for row in of_column[column] if row not in rows]
                    rows.update(further)
                    waiting += further
        seen |= rows
        groups.append((sorted(rows), sorted(columns)))
    return groups
