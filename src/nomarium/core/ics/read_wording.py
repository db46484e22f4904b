"""What is said about calendar files: each problem with its line, and the title and UID of the event."""

from __future__ import annotations

from typing import TYPE_CHECKING

from nomarium.core.problems import Place, Problem, Way, error, note, warning

if TYPE_CHECKING:
    from nomarium.core.ics.content_lines import Sloppiness


def unsound_calendar(place: Place, line: str) -> Problem:
    """What begins and ends in a calendar does not fit: nothing can be taken out of it."""
    return error(
        "unsound-calendar",
        place,
        "What begins and ends in this calendar does not fit together from here on: a part is cut off, or stands twice.",
        found=line,
        advice="Export the calendar anew; “nomarium convert” reads what is whole in it.",
    )


def at_line(file: str, line: int) -> Place:
    """Return the place of a line."""
    return Place(file, None, f"line {line}", line)


def sloppy(file: str, found: Sloppiness) -> list[Problem]:
    """Say what a file does that the standard does not allow, each kind once."""
    problems = []
    if found.bare_breaks:
        problems.append(note("bare-line-breaks", Place(file), "The lines end without CR: read all the same."))
    if found.rejoined:
        line, text = found.rejoined[0]
        problems.append(
            warning(
                "badly-folded",
                at_line(file, line),
                f"{_lines(len(found.rejoined), 'begin')} like no property: taken for the rest of the line above.",
                found=text,
                advice="Check the events there.",
            )
        )
    if found.stray:
        line, text = found.stray[0]
        problems.append(
            warning(
                "stray-lines",
                at_line(file, line),
                f"{_lines(len(found.stray), 'belong')} to nothing: left out.",
                found=text,
                advice="Check the events there.",
            )
        )
    return problems


def _lines(count: int, verb: str) -> str:
    return f"1 line {verb}s" if count == 1 else f"{count:,} lines {verb}"


def harmful(file: str, line: int, text: str) -> Problem:
    """An alarm that runs or mails something, or an address that is no link."""
    return warning(
        "harmful-part",
        at_line(file, line),
        "It could run, mail or open something by itself, or brings a file along, and was left out.",
        found=text,
        advice="Alarms that show or sound, and links to pages, mail, numbers and places, stay.",
    )


def truncated(file: str, line: int, name: str) -> Problem:
    """A component that begins and never ends."""
    return error(
        "truncated-calendar",
        at_line(file, line),
        f"The file ends within the {name} that begins here: something is cut off.",
        advice=("Get the whole file", Way("keep_going", "{} saves the events that are whole", joint="; ")),
    )


def no_calendar(file: str) -> Problem:
    """A text that begins as a calendar and holds none."""
    return error("no-calendar", Place(file), "The file holds no calendar.", expected="BEGIN:VCALENDAR … END:VCALENDAR")


def passed_over(file: str, counts: dict[str, int]) -> Problem:
    """Components that are no events."""
    listed = ", ".join(f"{count} {name}" for name, count in counts.items())
    return note("no-events", Place(file), f"Left out, as they are no events: {listed}.")


class EventWords:
    """Words about one event, with its line, title and UID."""

    def __init__(self, file: str, line: int, title: str, uid: str) -> None:
        self._place = at_line(file, line)
        self._found = title or uid
        self._who = f" (UID {uid})" if uid else ""

    def bad_value(self, name: str, value: str) -> Problem:
        """A date, time, length or rule that cannot be read."""
        return error(
            "bad-value", self._place, f"Its {name} can't be read: “{value}”{self._who}.", found=self._found,
            advice=("Correct it", Way("keep_going", "leave the event out with {}")),
        )  # fmt: skip

    def bad_rule(self, reason: str) -> Problem:
        """A recurrence rule that the standard forbids."""
        return error(
            "bad-rule", self._place, f"Its repeat can't be read: {reason}{self._who}.", found=self._found,
            advice=("Correct it", Way("keep_going", "leave the event out with {}")),
        )  # fmt: skip

    def no_start(self) -> Problem:
        """An event without DTSTART."""
        return error("no-date", self._place, f"The event has no start{self._who}.", found=self._found)

    def end_before_start(self) -> Problem:
        """An event that ends before it starts."""
        return error("end-before-start", self._place, f"The event ends before it starts{self._who}.", found=self._found)

    def endless(self) -> Problem:
        """A repeat without an end, where dated events are wanted."""
        return error(
            "endless-repeat", self._place, f"The event repeats without an end{self._who}.", found=self._found,
            advice=(Way("last", "State the last day, such as {}", "2027-06-30"),),
        )  # fmt: skip

    def too_many(self, limit: int) -> Problem:
        """A repeat that makes more events than anyone can mean."""
        return error(
            "too-many-occurrences", self._place,
            f"The event repeats more than {limit:,} times{self._who}.", found=self._found,
            advice=(Way("first", "State a shorter span with {}"), Way("last", "{}", joint=" and ")),
        )  # fmt: skip

    def skipped(self, count: int, first: object, zone: str) -> Problem:
        """Occurrences at times that the clock skips."""
        times = "1 occurrence falls" if count == 1 else f"{count} occurrences fall"
        return warning(
            "skipped-occurrence", self._place,
            f"{times} on a time that the clock in {zone} skips, first on {first}: left out, as RFC 5545 says.",
            found=self._found,
        )  # fmt: skip

    def moved_over_gap(self, zone: str) -> Problem:
        """A single event at a time that the clock skips."""
        return note(
            "moved-over-gap", self._place,
            f"“{self._found}” starts or ends at a time that the clock in {zone} skips: taken an hour later.",
        )  # fmt: skip

    def unknown_zone(self, tzid: str) -> Problem:
        """A TZID that nothing explains."""
        return error(
            "unknown-zone", self._place, f"No time zone is known as “{tzid}”, and the file does not say what it is.",
            found=self._found, advice="Correct the name in the file.",
        )  # fmt: skip

    def doubled(self, kept: str) -> Problem:
        """Two events with the same UID."""
        return warning(
            "doubled-uid",
            self._place,
            f"Another event has the same UID{self._who}: {kept} was kept.",
            found=self._found,
        )

    def lonely_change(self) -> Problem:
        """A changed occurrence whose event is not in the file."""
        return note(
            "lonely-change", self._place,
            f"“{self._found}” changes one date of an event that the file does not hold: taken for itself.",
        )  # fmt: skip


def zone_renamed(file: str, tzid: str, name: str, why: str) -> Problem:
    """A zone of another name that is a known one."""
    return note("zone-renamed", Place(file), f"The time zone “{tzid}” was taken for {name}: {why}.")


def zone_differs(file: str, tzid: str) -> Problem:
    """A known zone whose definition in the file says something else."""
    return warning(
        "zone-differs",
        Place(file),
        f"The file defines {tzid} otherwise than the world’s time zones do; the world’s are used.",
        found=tzid,
        advice="Check the times of the events.",
    )


def own_zone(file: str, tzid: str) -> Problem:
    """A zone by rules of its own."""
    return warning(
        "own-zone",
        Place(file),
        "No known time zone has the rules that the file gives this one: its times are written in UTC.",
        found=tzid,
        advice=(Way("to_zone", "{} writes them in another"),),
    )
