"""Meetings put together: what is said of one class on one kind of day."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.meetings.runs import Group, Joining, Written

if TYPE_CHECKING:
    from nomarium.core.bells import BellTimes, OtherNames
    from nomarium.core.problems import Place
    from nomarium.core.slots import Periods
    from nomarium.core.timetable import Meeting, Values, When
    from nomarium.core.year import SchoolYear


@dataclass(frozen=True, slots=True)
class Timetabling:
    """What dates are worked out from: the year, its bell times, and how periods are joined."""

    year: SchoolYear
    bells: BellTimes | None
    names: OtherNames
    zone: str
    joining: Joining = field(default_factory=Joining)


@dataclass(slots=True)
class Block:
    """What a timetable says of one class on one kind of day: its periods, or its clock times."""

    source: str
    values: Values
    when: When
    division: str
    groups: tuple[Group, ...]
    place: Place

    @property
    def class_name(self) -> str:
        """The class, or the course where no class is named."""
        return ", ".join(self.values.get("class") or self.values.get("course") or ())


class _BlockKey(NamedTuple):
    values: tuple[tuple[str, tuple[str, ...]], ...]
    when: When


def blocks_of(source: str, meetings: Iterable[Meeting], names: OtherNames) -> list[Block]:
    """Put together what is said of one class on one kind of day."""
    blocks: dict[_BlockKey, Block] = {}
    keys: dict[int, tuple[tuple[str, tuple[str, ...]], ...]] = {}
    rung: dict[tuple[Periods, tuple[str, ...]], Group] = {}
    for meeting in meetings:
        values = keys.get(id(meeting.values))
        if values is None:
            values = keys[id(meeting.values)] = tuple(sorted(meeting.values.items()))
        when = meeting.when
        key = _BlockKey(values, when if when.clock else when._replace(periods=()))
        block = blocks.get(key)
        if block is None:
            division = next(iter(meeting.of("division")), "")
            block = blocks[key] = Block(source, meeting.values, key.when, division, (), meeting.place)
        if not when.clock:
            whom = (*meeting.of("class"), *meeting.of("group"), *meeting.of("team"), *meeting.of("division"))
            group = rung.get((when.periods, whom))
            if group is None:
                group = tuple(Written(name, names.of(name, whom)) for name in when.periods)
                rung[when.periods, whom] = group
            block.groups = (*block.groups, group)
    return list(blocks.values())
