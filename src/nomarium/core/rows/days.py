"""What each date of a school year is, as a row of texts."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from typing import TYPE_CHECKING

from nomarium.core.values import WEEKDAY_NAMES

if TYPE_CHECKING:
    from nomarium.core.year import Closure, Day, SpecialDay

FIRST_FIELDS = ("date", "weekday", "term", "week", "letter")
LAST_FIELDS = ("closure", "special")


def day_fields(cycles: Iterable[str]) -> list[str]:
    """Return the headings: a column for each cycle between those that every year has."""
    return [*FIRST_FIELDS, *cycles, *LAST_FIELDS]


def day_rows(days: Iterable[Day], places: Sequence[int]) -> Iterator[list[str]]:
    """Yield a row for each date; ``places`` are those of the cycles wanted among a day's labels."""
    for day in days:
        yield [
            day.date.isoformat(),
            WEEKDAY_NAMES[day.date.weekday()],
            day.term.name if day.term else "",
            "" if day.week is None else str(day.week),
            day.letter,
            *(day.labels[place] for place in places),
            closures_words(day),
            specials_words(day),
        ]


def closures_words(day: Day) -> str:
    """Return what is closed on a date: "Ice week", "Sail loft inspection (Loft)"."""
    return "; ".join(dict.fromkeys(map(_closure_words, day.closures)))


def _closure_words(closure: Closure) -> str:
    return _with_names(closure.name, closure.divisions | closure.cycles)


def specials_words(day: Day) -> str:
    """Return what is special about a date: "Early dismissal; follows Friday"."""
    return "; ".join(dict.fromkeys(words for special in day.specials if (words := _special_words(special))))


def _special_words(special: SpecialDay) -> str:
    follows = f"follows {WEEKDAY_NAMES[special.follows]}" if special.follows is not None else ""
    return _with_names("; ".join(filter(None, (special.name, follows))), special.divisions)


def _with_names(words: str, names: Iterable[str]) -> str:
    named = ", ".join(sorted(names))
    return f"{words} ({named})" if named else words
