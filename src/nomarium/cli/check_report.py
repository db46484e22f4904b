"""Clashes and counts in lines for the terminal and as JSON; the lines know nothing of the command line."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from nomarium.cli.build_report import file_json, footing_json
from nomarium.cli.report import problems_json
from nomarium.core.building import Build, Clash, count_classes, count_labels
from nomarium.core.meetings import Held
from nomarium.core.values import counted

_LABEL = 9
_MOST_CLASHES = 20
_MOST_CLASSES = 40


def clash_lines(clashes: Sequence[Clash]) -> Iterator[str]:
    """Say who is in two places at once, each pair of classes once with its dates."""
    if not clashes:
        yield f"{'Clashes':<{_LABEL}}none: no teacher, room or student is in two places at once"
        return
    yield clash_head(clashes)
    for clash in clashes[:_MOST_CLASHES]:
        one, other = clash.one, clash.other
        both = f"{one.class_name} ({_slot(one)}) and {other.class_name} ({_slot(other)})"
        yield f"{'':<{_LABEL}}{clash.name}: {both}: {clash.words}"
    if len(clashes) > _MOST_CLASHES:
        yield f"{'':<{_LABEL}}… and {len(clashes) - _MOST_CLASHES:,} more (--json lists them all)"


def clash_head(clashes: Sequence[Clash]) -> str:
    """Say how many clashes there are: "Clashes  20 pairs of meetings at the same time (12 of teachers), 51 times"."""
    times = sum(len(clash.dates) for clash in clashes)
    kinds = ", ".join(
        f"{sum(clash.kind == kind for clash in clashes):,} of {kind}s"
        for kind in dict.fromkeys(clash.kind for clash in clashes)
    )
    pairs = counted(len(clashes), "pair")
    return f"{'Clashes':<{_LABEL}}{pairs} of meetings at the same time ({kinds}), {counted(times, 'time')} in all"


def _slot(held: Held) -> str:
    if held.event is not None:
        return "event"
    day = f"Day {held.day.label}" if held.day.label else held.day.name
    period = f"period {'–'.join(held.periods)}" if held.periods else ""
    return " ".join(filter(None, (day, period))) or "dated"


def count_lines(build: Build) -> Iterator[str]:
    """Say how often each class meets, for how many hours, and which stand out."""
    counts = count_classes(build.held)
    if not counts:
        return
    width = max(len(count.name) for count in counts[:_MOST_CLASSES])
    yield ""
    yield f"{'Class':<{width}}  Meetings    Hours"
    shown = counts if len(counts) <= _MOST_CLASSES else [count for count in counts if count.stands_out][:_MOST_CLASSES]
    for count in shown:
        remark = f"  {count.stands_out}" if count.stands_out else ""
        yield f"{count.name:<{width}}  {count.meetings:>8,}  {count.hours:>7,.1f}{remark}"
    if len(counts) > len(shown):
        yield f"… and {len(counts) - len(shown):,} more like one another (--json lists them all)"
    if build.school.year is None:
        return
    for name, labels in count_labels(build.held, build.school.year).items():
        if any(meetings for _, meetings in labels.values()):
            yield ""
            yield f"{name}: " + ", ".join(
                f"Day {label} {counted(days, 'day')}, {counted(meetings, 'meeting')}"
                for label, (days, meetings) in labels.items()
            )


def check_json(build: Build, clashes: Sequence[Clash]) -> dict[str, object]:
    """Return the report for programs."""
    return {
        "read": [file_json(file) for file in build.read.files],
        "year": footing_json(build),
        "events": build.events(),
        "problems": problems_json(build.problems),
        "clashes": [
            {
                "kind": clash.kind,
                "name": clash.name,
                "classes": [clash.one.class_name, clash.other.class_name],
                "places": [str(clash.one.place), str(clash.other.place)],
                "dates": [day.isoformat() for day in clash.dates],
            }
            for clash in clashes
        ],
        "classes": [
            {
                "class": count.name,
                "meetings": count.meetings,
                "hours": round(count.hours, 2),
                "days": dict(count.days),
                "stands_out": count.stands_out,
            }
            for count in count_classes(build.held)
        ],
        "labels": count_labels(build.held, build.school.year) if build.school.year else {},
    }
