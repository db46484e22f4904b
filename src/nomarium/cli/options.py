"""The options that several commands share, each declared once, and what their texts mean."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from pathlib import Path
from typing import TYPE_CHECKING, Annotated, Any

import typer

from nomarium.settings import SETTINGS

if TYPE_CHECKING:
    from datetime import date, timedelta

    from nomarium.core.repeats import OnClosure
    from nomarium.core.values import Length
    from nomarium.core.year import Closure

Files = Annotated[
    list[Path],
    typer.Argument(
        metavar="FILE", show_default=False, help="The sheets: CSV or other delimited text, xlsx, xlsb, xls, ods."
    ),
]
Calendars = Annotated[
    list[Path],
    typer.Argument(metavar="CALENDAR", show_default=False, help="Calendar files, sheets, or a plan or its folder."),
]


def option_of(name: str) -> Any:  # noqa: ANN401 -- as typer.Option itself
    """Return the option of a setting."""
    setting = SETTINGS[name]
    return typer.Option(setting.option, metavar=setting.metavar or None, help=setting.meaning)


Sheet = Annotated[str | None, option_of("sheet")]
Range = Annotated[str | None, option_of("range")]
Columns = Annotated[list[str] | None, option_of("column")]
Visible = Annotated[bool, option_of("visible")]
Values = Annotated[list[str] | None, option_of("value")]
Dates = Annotated[str | None, option_of("dates")]
Within = Annotated[str | None, option_of("within")]
Hours = Annotated[str | None, option_of("hours")]
TypedDates = Annotated[str | None, option_of("typed_dates")]
Commas = Annotated[str | None, option_of("commas")]
Zone = Annotated[str | None, option_of("zone")]
EventLength = Annotated[str, option_of("length")]
EachDay = Annotated[bool, option_of("each_day")]
Places = Annotated[Path | None, option_of("places")]
People = Annotated[Path | None, option_of("people")]
ShownZone = Annotated[
    str | None,
    typer.Option(
        "--zone",
        metavar="AREA/CITY",
        help="The time zone that times are told in; else the plan’s, the calendars’ own, or the machine’s.",
    ),
]
PlanFile = Annotated[
    Path, typer.Argument(metavar="PLAN", show_default=False, help="The plan; else nomarium.toml in this folder.")
]
PlanFiles = Annotated[
    list[Path] | None,
    typer.Argument(metavar="PLAN", show_default=False, help="The plan, or several; else nomarium.toml in this folder."),
]
Jobs = Annotated[
    int | None,
    typer.Option("--jobs", metavar="NUMBER", min=1, help="How many of several plans at once; else one a core."),
]
Force = Annotated[bool, typer.Option("--force", help="Write over files that this program did not write, too.")]
Json = Annotated[bool, typer.Option("--json", help="Print the report as JSON, for programs.")]
Quiet = Annotated[bool, typer.Option("-q", "--quiet", help="Print errors only.")]


def existing(files: Iterable[Path]) -> list[Path]:
    """Return the files, refusing the call where one is missing."""
    from difflib import get_close_matches

    from nomarium.core.standing import is_folder, is_there

    found = [Path("/dev/stdin") if str(path) == "-" else path for path in files]
    for path in found:
        if not is_there(path):
            neighbours = [other.name for other in path.parent.iterdir()] if is_folder(path.parent) else []
            near = get_close_matches(path.name, neighbours, 1)
            hint = f" Did you mean “{path.with_name(near[0])}”?" if near else ""
            raise typer.BadParameter(f"There is no file “{path}”.{hint}")
    return found


def sheets_or_folders(named: Iterable[Path]) -> list[Path]:
    """Return files and folders of plans, refusing the call where a file is missing."""
    return [path if path.is_dir() else existing([path])[0] for path in named]


def column_fields(stated: Iterable[str] | None) -> dict[str, str]:
    """Return the fields stated for headings: ["Booked by=", "What=summary"] → {"Booked by": "", "What": "summary"}."""
    fields = {}
    for item in stated or ():
        heading, equals, field = item.rpartition("=")
        if not equals or not heading.strip():
            raise typer.BadParameter(f"“{item}” is not of the form “Heading=field”.", param_hint="--column")
        fields[heading.strip()] = field.strip().lower()
    return fields


def own_values(stated: Iterable[str] | None) -> dict[str, dict[str, str]]:
    """Return what codes are stated to stand for: ["Show as: 3=free"] → {"Show as": {"3": "free"}}."""
    values: dict[str, dict[str, str]] = {}
    for item in stated or ():
        heading, colon, pair = item.partition(":")
        code, equals, word = pair.partition("=")
        if not colon or not equals or not heading.strip() or not code.strip():
            raise typer.BadParameter(f"“{item}” is not of the form “Heading: code=word”.", param_hint="--value")
        values.setdefault(heading.strip(), {})[code.strip()] = word.strip()
    return values


def stated(name: str, text: str | None) -> Any:  # noqa: ANN401 -- each setting has a type of its own
    """Return what the option of a setting states, None where it is not given; refusing a value that says nothing."""
    if text is None:
        return None
    setting = SETTINGS[name]
    try:
        return setting.parse(text)
    except ValueError as fault:
        raise typer.BadParameter(str(fault), param_hint=setting.option) from None


def iso_date(text: str, option: str) -> date:
    """Return a date given as an option: only the ISO form, which can mean one thing."""
    from datetime import date

    from nomarium.core.values import in_reach

    try:
        day = date.fromisoformat(text.strip())
    except ValueError:
        raise typer.BadParameter(f"“{text}” is no date of the form 2026-09-08.", param_hint=option) from None
    if not in_reach(day):
        raise typer.BadParameter(f"“{text}” lies beyond the years 1000 to 8999.", param_hint=option)
    return day


def day_span(first: str | None, last: str | None) -> tuple[date | None, date | None]:
    """Return the days that ``--from`` and ``--to`` state."""
    return iso_date(first, "--from") if first else None, iso_date(last, "--to") if last else None


def zone_name(text: str | None) -> str:
    """Return the time zone stated, or the machine's own."""
    return machine_zone() if text is None else str(stated("zone", text))


def machine_zone() -> str:
    """Return the name of this machine's time zone; UTC where it has none that is known."""
    from zoneinfo import ZoneInfoNotFoundError

    from tzlocal import get_localzone_name

    from nomarium.core.values import read_zone

    try:
        name = get_localzone_name()
    except (ZoneInfoNotFoundError, OSError, ValueError, LookupError):
        return "UTC"
    return read_zone(name or "") or "UTC"


def pairs(stated: Iterable[str] | None, option: str, *, may_be_empty: bool = False) -> list[tuple[str, str]]:
    """Return the halves of options of the form ``name=value``."""
    found = []
    for item in stated or ():
        name, equals, value = item.partition("=")
        if not equals or not name.strip() or not (may_be_empty or value.strip()):
            raise typer.BadParameter(f"“{item}” is not of the form “field=value”.", param_hint=option)
        found.append((name.strip(), value.strip()))
    return found


def conditions(stated: Iterable[str] | None, option: str) -> list[tuple[str, tuple[str, ...]]]:
    """Return what ``--only`` or ``--without`` asks: names, each with the values separated by commas."""
    return [(name, _by_comma(value)) for name, value in pairs(stated, option)]


def _by_comma(value: str) -> tuple[str, ...]:
    return tuple(part.strip() for part in value.split(","))


def row_conditions(stated: Iterable[str] | None, option: str) -> list[tuple[str, tuple[str, ...]]]:
    """Return what rows are chosen by: names, each with the text itself, as a name may hold a comma, and its parts.

    "Room=" is an empty cell.
    """
    found = [(name, _by_comma(value)) for name, value in pairs(stated, option, may_be_empty=True)]
    return [(name, tuple(dict.fromkeys((", ".join(values), *values)))) for name, values in found]


def shift_days(text: str | None) -> tuple[Length | None, bool]:
    """Return the length of ``--shift`` ("14d", "-2 weeks", "14d 1h"), and whether it goes back."""
    from nomarium.core.values import read_shift

    if text is None:
        return None, False
    length, back = read_shift(text)
    if length is None or length.days > _FARTHEST:
        raise typer.BadParameter(f"“{text}” is no length such as 14d, -7d, 2 weeks or 14d 1h.", param_hint="--shift")
    return length, back


_FARTHEST = 100_000
"""Days that a list may be moved by."""


def reminders(stated: Iterable[str] | None) -> tuple[timedelta, ...]:
    """Return how long before each event to remind."""
    from nomarium.core.sources import read_reminders

    found: list[timedelta] = []
    for text in stated or ():
        read = read_reminders(text)
        if not read:
            raise typer.BadParameter(f"“{text}” is no length such as 1d, 15min or 1h30m.", param_hint="--remind")
        found += read
    return tuple(found)


def plan_path(path: Path) -> Path:
    """Return a plan's path: itself, or the plan in a folder; refusing the call where there is none."""
    from nomarium.core.plan import PLAN_NAME

    if path.is_dir():
        path = path / PLAN_NAME
    if not path.exists() and path == Path(PLAN_NAME):
        raise typer.BadParameter("There is no nomarium.toml in this folder. Name the plan.", param_hint="PLAN")
    return existing([path])[0]


def plan_paths(paths: Iterable[Path] | None) -> list[Path]:
    """Return the paths of plans, each once: those named, or that in this folder; refusing a call that lacks one."""
    return list(dict.fromkeys(map(plan_path, paths or [Path("nomarium.toml")])))


def of_one_plan(plans: Iterable[Path], options: Mapping[str, object]) -> None:
    """Refuse a call of several plans with an option that speaks of what one plan makes."""
    for option, value in options.items() if len(list(plans)) > 1 else ():
        if value:
            raise wrong(option, "It is for one plan; name only that.")


def as_words(options: Mapping[str, object]) -> list[str]:
    """Return options as the words of a call: those that say anything."""
    return [
        word for name, value in options.items() if value for word in ([name] if value is True else [name, str(value)])
    ]


def one_of(text: str, known: tuple[str, ...], option: str) -> str:
    """Return a word that an option knows, refusing others."""
    for word in known:
        if text.strip().casefold() == word.casefold():
            return word
    raise typer.BadParameter(f"“{text}” is none of {', '.join(known)}.", param_hint=option)


def kinds(text: str | None, option: str) -> tuple[str, ...]:
    """Return the kinds of events that ``--add`` names, separated by commas."""
    from nomarium.core.sources import ADDITIONS

    return tuple(one_of(part, ADDITIONS, option) for part in (text or "").split(",") if part.strip())


def closures(stated: Iterable[str] | None) -> tuple[Closure, ...]:
    """Return the closures that ``--close`` states: "2027-01-12" or "2027-01-12=skip"."""
    from nomarium.core.year import CLOSE_OPTION, Closure, Effect

    found = []
    for text in stated or ():
        day_text, equals, word = text.partition("=")
        day = iso_date(day_text, "--close")
        effect = Effect(one_of(word, ("hold", "skip"), "--close")) if equals else None
        found.append(Closure("--close", day, day, CLOSE_OPTION, effect=effect))
    return tuple(found)


def on_closure(text: str) -> OnClosure:
    """Return what ``--if-closed`` states for repeats; all that follows can be pushed in programmes only."""
    known: tuple[OnClosure, ...] = ("drop", "keep", "next", "previous")
    word = one_of(text, (*known, "push"), "--if-closed")
    return next((one for one in known if one == word), "next")


def weekdays(text: str | None, option: str) -> frozenset[int]:
    """Return the weekdays that an option names ("Tue,Thu"), Monday is 0."""
    from nomarium.core.values import weekday_in_any

    names = [part for part in (text or "").replace(";", ",").split(",") if part.strip()]
    found = [weekday_in_any(name.strip()) for name in names]
    if None in found:
        raise wrong(option, f"“{names[found.index(None)].strip()}” is no weekday.")
    return frozenset(day for day in found if day is not None)


def wrong(option: str, message: str) -> typer.BadParameter:
    """Return the complaint about an option's value."""
    return typer.BadParameter(message, param_hint=option)
