"""What is said about terms, closures and cycles that cannot be, or are odd."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date
from difflib import get_close_matches
from typing import TYPE_CHECKING

from nomarium.core.problems import Place, Problem, error, note, warning
from nomarium.core.values import counted, day_words

if TYPE_CHECKING:
    from nomarium.core.year.rules import Closure, CycleRule, Pin, Span, SpecialDay, Term


def days_words(span: Span) -> str:
    """Return the dates of a span: "Mon 21 Dec 2026 to Fri 1 Jan 2027"."""
    return day_words(span.first) if span.first == span.last else f"{day_words(span.first)} to {day_words(span.last)}"


def listed_words(words: Sequence[str]) -> str:
    """Return words as a list: "1, 2 and 3"."""
    return " and ".join(filter(None, (", ".join(words[:-1]), words[-1]))) if words else ""


def _near(word: str, known: Sequence[str]) -> str:
    folded = {name.casefold(): name for name in known}
    near = get_close_matches(word.casefold(), folded, 1)
    return f"Did you mean “{folded[near[0]]}”? " if near else ""


def no_terms(plan: Place) -> Problem:
    """There is no year without a term."""
    return error(
        "no-terms",
        plan,
        "The plan names no terms, so that no date can be told.",
        expected='A sheet with each term’s name, first and last day, such as terms = "terms.csv" under [year]; or the '
        'days themselves: spans = "2026-09-08..2027-06-24".',
        advice="“nomarium sheet terms -o terms.csv” writes a blank one.",
    )


def endless_terms(plan: Place, first: date, last: date) -> Problem:
    """Terms that lie decades apart."""
    return error(
        "endless-terms",
        plan,
        f"The terms run from {day_words(first)} to {day_words(last)}: more than fifteen years.",
        advice="Look for a slip in a year, or keep each few years in a plan of their own.",
    )


def overlapping_terms(one: Term, other: Term) -> Problem:
    """Two terms share dates without one holding the other."""
    return error(
        "overlapping-terms",
        other.place,
        f"The term overlaps “{one.name}” ({days_words(one)}), which begins before it and ends within it.",
        found=f"{other.name}: {days_words(other)}",
        expected="Terms apart from one another, or one wholly within the other.",
        advice=f"Correct the dates here or in {one.place}.",
    )


def unknown_letter(term: Term, letters: Sequence[str]) -> Problem:
    """A term whose sheet says with which letter its weeks begin, and there is no such letter."""
    known = f"the letters of weeks are {listed_words(letters)}" if letters else "the plan states no letters of weeks"
    return error(
        "unknown-letter",
        term.place,
        f"“{term.name}” begins with week {term.letter}, but {known}.",
        advice='State all of them under [year.weeks]: letters = "A-B"; or correct the cell.',
    )


def closure_outside_terms(closure: Closure) -> Problem:
    """A closure on dates that no term has."""
    return warning(
        "closure-outside-terms",
        closure.place,
        f"No term has {days_words(closure)}, so that the closure changes nothing.",
        found=closure.name,
        advice="Correct its date, or leave it if that is meant.",
    )


def closes_most_of_term(closure: Closure, term: Term, closed: int, whole: int) -> Problem:
    """A closure of more than half of a term: two days apart may have been taken for a first and a last one."""
    return warning(
        "closes-most-of-term",
        closure.place,
        f"{days_words(closure)} closes {closed} of the {whole} days of “{term.name}”.",
        found=closure.name,
        advice="If two days apart are meant, write a row for each.",
    )


def effect_without_meaning(span: Span) -> Problem:
    """Hold or skip, where labels go by weeks."""
    return warning(
        "hold-or-skip-by-weeks",
        span.place,
        "Hold and skip mean nothing to a cycle that goes by weeks: the closure takes no label from it.",
        found=span.name,
        advice="Leave the cell empty.",
    )


def unknown_division(place: Place, name: str, divisions: Sequence[str]) -> Problem:
    """A division that the plan does not list."""
    known = f"The divisions are {listed_words([f'“{d}”' for d in divisions])}." if divisions else "The plan lists none."
    return error(
        "unknown-division",
        place,
        f"The school has no such division or cycle. {known}",
        found=name,
        advice=f"{_near(name, divisions)}Divisions stand under [school], such as divisions = [“Yard”, “Loft”].",
    )


def hold_against_skip(day: date, closure: Closure, other: Closure) -> Problem:
    """One closure holds the cycle and another on the same date uses up its label."""
    return error(
        "hold-against-skip",
        closure.place,
        f"On {day_words(day)} this says {closure.effect}, but “{other.name}” ({other.place}) says {other.effect}.",
        found=closure.name,
        advice="Let both say the same.",
    )


def closed_twice(day: date, closure: Closure, other: Closure) -> Problem:
    """One date under two closures."""
    same = "twice" if closure.name == other.name else f"also as “{other.name}”"
    return warning(
        "closed-twice",
        closure.place,
        f"{day_words(day)} is closed {same} ({other.place}); it counts once.",
        found=closure.name,
        advice="Delete one of them, or correct its date.",
    )


def school_day_outside_terms(place: Place, day: date) -> Problem:
    """An extra school day that no term has."""
    return warning(
        "school-day-outside-terms",
        place,
        f"{day_words(day)} was made a school day, but lies outside the terms: it stays without school.",
        advice="Correct it under extra_school_days, or lengthen the term.",
    )


def school_day_anyway(place: Place, day: date) -> Problem:
    """An extra school day that is a school day of the week anyway."""
    return warning(
        "school-day-anyway",
        place,
        f"{day_words(day)} was made a school day, but is one anyway.",
        advice="Take it out of extra_school_days, or correct its date.",
    )


def special_without_school(special: SpecialDay, *, in_term: bool) -> Problem:
    """A special day without school."""
    where = "there is no school" if in_term else "no term has it"
    return warning(
        "special-without-school",
        special.place,
        f"This special day changes nothing: on {days_words(special)} {where}.",
        found=special.name,
        advice="Correct its date, or delete the row.",
    )


def follows_two(one: SpecialDay, other: SpecialDay) -> Problem:
    """One date with the timetable of two weekdays."""
    return error(
        "two-answers",
        other.place,
        f"Two rows let the same date follow different weekdays: this one and {one.place}.",
        found=other.name,
        advice="Keep one of them.",
    )


def no_labels(rule: CycleRule) -> Problem:
    """A cycle without days."""
    return error(
        "no-labels",
        rule.at("labels"),
        f"The cycle “{rule.name}” has no labels.",
        expected='labels = "1-6", labels = ["A", "B"], or listed = "days.csv" with a label for each date.',
    )


def labels_of_weeks(rule: CycleRule, weekdays: int, letters: Sequence[str]) -> Problem:
    """A cycle whose labels are the days of weeks with letters, and not as many as these have."""
    return error(
        "labels-of-weeks",
        rule.at("labels"),
        f"The labels of “{rule.name}” are to be the school days of the weeks {listed_words(letters)}: "
        f"{weekdays} in each of {len(letters)} weeks are {weekdays * len(letters)}, but there are {len(rule.labels)}."
        if letters
        else f"The labels of “{rule.name}” are to be the school days of weeks with letters, but weeks have none.",
        advice='Name the letters or the list of weeks under [year.weeks] (letters = "A-B" or listed = "weeks.csv"), '
        "and all labels, first those of week A from its first school day on.",
    )


def weeks_set_it(rule: CycleRule, key: str) -> Problem:
    """A key that sets the count of a cycle which goes by weeks and weekdays alone."""
    return error(
        "weeks-set-labels",
        rule.at(key),
        f"“{key}” has no effect on “{rule.name}”: which label a date has follows from its week and weekday alone.",
        advice='Take it out; or let something else move the cycle on: advance = "school days".',
    )


def doubled_label(rule: CycleRule, label: str) -> Problem:
    """A label that stands twice in a cycle."""
    return error(
        "doubled-label",
        rule.at("labels"),
        f"The cycle “{rule.name}” has the label “{label}” twice.",
        found=", ".join(rule.labels),
        advice="Correct the labels; same_label_twice = true says that it is meant.",
    )


def unknown_label(place: Place, label: str, rule: CycleRule) -> Problem:
    """A label that a cycle does not have."""
    return error(
        "unknown-label",
        place,
        f"The cycle “{rule.name}” has no such label.",
        found=label,
        expected=f"One of {', '.join(rule.labels)}.",
        advice=_near(label, rule.labels).strip(),
    )


def start_outside_terms(rule: CycleRule, day: date) -> Problem:
    """A delayed start on no date of the year."""
    return error(
        "start-outside-terms",
        rule.at("start"),
        f"The cycle “{rule.name}” starts on {day_words(day)}, which no term has.",
        found=day.isoformat(),
        advice="Correct start, or the terms.",
    )


def restart_outside_terms(rule: CycleRule, day: date) -> Problem:
    """A restart after the last term."""
    return error(
        "restart-outside-terms",
        rule.at("restart"),
        f"The cycle “{rule.name}” restarts on {day_words(day)}, after the last term.",
        found=day.isoformat(),
        advice="Correct restart, or the terms.",
    )


def restart_before_start(rule: CycleRule, day: date, begin: date) -> Problem:
    """A restart that comes before the cycle has begun."""
    return warning(
        "restart-before-start",
        rule.at("restart"),
        f"The cycle “{rule.name}” begins on {day_words(begin)}: the restart on {day_words(day)} changes nothing.",
        found=day.isoformat(),
        advice="Take it out of restart, or correct it.",
    )


def doubled_pin(pin: Pin, rule: CycleRule) -> Problem:
    """A pin to go on from, at a label that stands twice."""
    return error(
        "doubled-label",
        pin.place,
        f"The cycle “{rule.name}” has this label twice, so that it is open where to go on from.",
        found=pin.label,
        advice="Pin the day before or after it, or use pin_day for this date alone.",
    )


def pin_without_day(pin: Pin, day: date, rule: CycleRule, why: str) -> Problem:
    """A pin on a date that can have no label."""
    return error(
        "pin-without-school",
        pin.place,
        f"{day_words(day)} can have no label in the cycle “{rule.name}”: {why}.",
        found=pin.label,
        advice="Pin the next school day instead, or correct the date.",
    )


def pin_before_start(pin: Pin, day: date, start: date, rule: CycleRule) -> Problem:
    """A pin to go on from, before the stated start."""
    return error(
        "pin-before-start",
        pin.place,
        f"The cycle “{rule.name}” starts on {day_words(start)}, after this pin on {day_words(day)}.",
        found=pin.label,
        advice="Correct the one or the other.",
    )


def listed_without_day(pin: Pin, day: date, rule: CycleRule, why: str) -> Problem:
    """A listed label on a date that can have none."""
    return warning(
        "listed-without-school",
        pin.place,
        f"{day_words(day)} is listed for the cycle “{rule.name}”, but {why}: it gets no label.",
        found=pin.label,
        advice="Correct the list, the terms or the closure.",
    )


def no_cycle_outside_terms(span: Span, rule: CycleRule) -> Problem:
    """Days without a cycle day, where there is no school anyway."""
    return warning(
        "no-cycle-outside-terms",
        span.place,
        f"On {days_words(span)} there is no school anyway: the cycle “{rule.name}” has no day to leave out.",
        found=span.name,
        advice="Correct the date, or take it out.",
    )


def two_pins(day: date, pin: Pin, other: Pin) -> Problem:
    """One date with two pins."""
    return error(
        "two-pins",
        pin.place,
        f"{day_words(day)} is pinned twice; also as “{other.label}” ({other.place}).",
        found=pin.label,
        advice="Keep one of them.",
    )


def weeks_without_letter(place: Place, weeks: Sequence[date]) -> Problem:
    """Weeks with school that the list of weeks leaves out."""
    return warning(
        "weeks-unlisted",
        place,
        f"The list of weeks leaves out {counted(len(weeks), 'week')} with school: {_first_days(weeks)}. "
        "What meets in lettered weeks does not meet then.",
        advice="Add them to the list.",
    )


def days_unlisted(place: Place, rule: CycleRule, days: Sequence[date], named: int, *, worked_out: bool) -> Problem:
    """School days that the list of a cycle's days leaves out."""
    so = "They were worked out by the cycle’s rule." if worked_out else "What meets by its days does not meet then."
    return warning(
        "days-unlisted",
        place,
        f"The list of {counted(named, 'day')} of “{rule.name}” leaves out {counted(len(days), 'school day')}: "
        f"{_first_days(days)}. {so}",
        advice="Add them to the list, or name them under “without” if they have no day of the cycle.",
    )


def _first_days(days: Sequence[date]) -> str:
    more = f" and {len(days) - 3} more" if len(days) > 3 else ""
    return ", ".join(map(day_words, days[:3])) + more


def year_is_listed(place: Place, terms: Sequence[Term], closed: int) -> Problem:
    """A year without a sheet of terms, as a list of its days describes it."""
    spans = ", ".join(days_words(term) for term in terms)
    verb = "is" if closed == 1 else "are"
    left_out = f" {counted(closed, 'weekday')} that it leaves out in between {verb} closed." if closed else ""
    return note(
        "year-is-listed",
        place,
        f"No terms are named: the year is that of the list of days, {spans}.{left_out}",
    )
