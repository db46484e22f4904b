"""A caption above one of several blocks of days → for which weeks, from when until when and where that block holds."""

from __future__ import annotations

from collections.abc import Collection
from datetime import date
from typing import NamedTuple

from nomarium.core.sheets import validity_in
from nomarium.core.slots import weeks_of_caption
from nomarium.core.values import Order, looks_like_place


class HeldIn(NamedTuple):
    """What a caption says of its block; nothing where it says none of it."""

    weeks: str = ""
    """As a column of weeks says them: "A", "Lige uger"."""
    first: date | None = None
    last: date | None = None
    place: str = ""


def held_in(caption: str, order: Order | None, rooms: Collection[str]) -> HeldIn:
    """Return what a caption says of its block; ``order`` is that of day and month, ``rooms`` are known names."""
    if weeks := weeks_of_caption(caption):
        return HeldIn(weeks=weeks)
    if (held := validity_in(caption, order)) is not None:
        return HeldIn(first=held.first, last=held.last)
    known = caption.casefold() in {room.casefold() for room in rooms}
    return HeldIn(place=caption) if known or looks_like_place(caption) else HeldIn()
