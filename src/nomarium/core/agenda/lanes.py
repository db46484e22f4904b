"""Things that overlap → lanes side by side, each thing in the first that is free."""

from __future__ import annotations

from collections.abc import Sequence


def lanes_of(spans: Sequence[tuple[int, int]]) -> list[tuple[int, int]]:
    """Return (lane, lanes) of each span: its lane from 0, and how many lanes those have that hang together with it.

    A span runs from its start up to, and without, its end, and takes at least 1. Spans that only touch share a lane; of
    those that begin together, the longer comes first.
    """
    whole = [(start, max(end, start + 1)) for start, end in spans]
    order = sorted(range(len(whole)), key=lambda place: (whole[place][0], -whole[place][1]))
    found = [(0, 1)] * len(whole)
    group: list[tuple[int, int]] = []
    ends: list[int] = []
    for place in order:
        start, end = whole[place]
        if ends and max(ends) <= start:
            _close(group, len(ends), found)
            group, ends = [], []
        lane = next((lane for lane, until in enumerate(ends) if until <= start), len(ends))
        ends[lane:] = [end, *ends[lane + 1 :]]
        group.append((place, lane))
    _close(group, len(ends), found)
    return found


def _close(group: Sequence[tuple[int, int]], lanes: int, found: list[tuple[int, int]]) -> None:
    for place, lane in group:
        found[place] = lane, lanes
