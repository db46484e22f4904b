"""Why a date is what it is: the whole derivation, in plain sentences that name the rows behind it."""

from __future__ import annotations

from bisect import bisect_left
from collections.abc import Iterator, Sequence
from datetime import date
from typing import TYPE_CHECKING

from nomarium.core.values import WEEKDAY_NAMES, day_words
from nomarium.core.year.cycle import CycleDays, SetBy, Setting, Standing, Step, effect_of
from nomarium.core.year.rules import NOWHERE, Advance, Closure, CycleRule, Span
from nomarium.core.year.wording import days_words, listed_words

if TYPE_CHECKING:
    from nomarium.core.year.school_year import SchoolYear


def explain(year: SchoolYear, day: date, cycles: Sequence[str]) -> list[str]:
    """Return the sentences that derive what a date is, for the cycles named."""
    return [*_about_the_date(year, day), *(line for name in cycles for line in _about_the_cycle(year, name, day))]


def _about_the_date(year: SchoolYear, day: date) -> Iterator[str]:
    attendance, rules = year.attendance, year.rules
    found = year.day(day)
    if found.term is None:
        yield f"{day_words(day)} lies {_between_terms(year, day)}: there is no school, and nothing counts."
        return
    yield f"{day_words(day)} lies in the term “{found.term.name}”, {days_words(found.term)}{_source(found.term)}."
    if found.week is not None:
        yield f"It is in week {found.week} of that term{f', with the letter {found.letter}' if found.letter else ''}."
    else:
        letter = f"; its letter is {found.letter}" if found.letter else ""
        yield f"Its week has no number{_why_no_number(year, day)}{letter}."
    weekday = WEEKDAY_NAMES[day.weekday()]
    if day in rules.extra_school_days:
        yield f"{weekday} is a rest day, but this date was made a school day."
    elif not attendance.is_school_weekday(day):
        yield f"{weekday} is no school day of the week: nothing counts."
    else:
        yield f"{weekday} is a school day of the week."
    for closure in found.closures:
        whole = "The school is closed" if closure.for_all else f"Closed for {_for_whom(closure)}"
        yield f"{whole}: “{closure.name}”{_dates_if_long(closure)}{_source(closure)}."
    for special in found.specials:
        named = f"It is a special day: “{special.name}”{_source(special)}." if special.name else ""
        followed = (
            f"It follows the timetable of {WEEKDAY_NAMES[special.follows]}{_source(special)}."
            if special.follows is not None
            else ""
        )
        yield " ".join(filter(None, (named, followed)))


def _between_terms(year: SchoolYear, day: date) -> str:
    before = [term for term in year.rules.terms if term.last < day]
    after = [term for term in year.rules.terms if term.first > day]
    if before and after:
        last, following = max(before, key=lambda t: t.last), min(after, key=lambda t: t.first)
        return f"between the terms “{last.name}” and “{following.name}”"
    return "before the first term" if after else "after the last term"


def _why_no_number(year: SchoolYear, day: date) -> str:
    if not year.weeks.has_school(year.weeks.week(day)):
        return ", as there is no school in it"
    return ", as the term begins late in it, and short first weeks do not count"


def _for_whom(closure: Closure) -> str:
    return listed_words([f"“{name}”" for name in sorted(closure.divisions | closure.cycles)])


def _dates_if_long(span: Span) -> str:
    return "" if span.first == span.last else f", {days_words(span)}"


def _source(span: Span) -> str:
    if span.place == NOWHERE:
        return ""
    return f" ({'public holiday, ' if isinstance(span, Closure) and span.public else ''}{span.place})"


def _about_the_cycle(year: SchoolYear, name: str, day: date) -> Iterator[str]:
    days = year.cycles[name]
    step = days.steps.get(day)
    if step is None:
        if year.attendance.term(day) is not None:
            yield f"Cycle “{name}”: no day, as it is no school day of the week."
        return
    yield f"Cycle “{name}”: {_verdict(days.rule, step)}."
    if step.pin is not None and step.label:
        listed = "It is listed" if days.rule.listed is not None else "It is pinned for this date alone"
        yield f"{listed} ({step.pin.place})."
        return
    if days.rule.advance is Advance.DAYS_OF_WEEKS and not step.because:
        letter = year.letter(day)
        of_week = f"the {WEEKDAY_NAMES[day.weekday()]} of a week {letter}" if letter else "in a week without a letter"
        yield f"It is {of_week}; the labels are the school days of the lettered weeks in turn."
    if step.setting is not None:
        yield f"It was set to “{days.rule.labels[step.setting.place]}” {_set_by(step.setting, days.rule)}."
        if not days.rule.advance.by_weeks:
            yield from _count(days, step.setting, day)
        else:
            yield _weeks_count(year, days, step.setting, day)
    yield from _neighbours(days, day)


def _verdict(rule: CycleRule, step: Step) -> str:
    because = _reasons(step.because)
    match step.standing:
        case Standing.RUNS:
            return f"“{step.label}”" if step.label else "no label, as its week does not count"
        case Standing.HOLDS:
            return f"no day, and its label waits: {because} ({_why_effect(rule, step)})"
        case Standing.USED_UP:
            return f"no day, but a label is used up: {because} ({_why_effect(rule, step)})"
        case Standing.PAUSES:
            listed = "no day is listed" if rule.listed is not None else "no day"
            return f"no day: {because}" if because else listed
        case Standing.NOT_BEGUN:
            begin = f", it starts on {day_words(rule.start)} ({rule.at('start')})" if rule.start else ""
            return f"not begun yet{begin}"


def _reasons(because: Sequence[Span]) -> str:
    return listed_words([f"“{span.name}”{_source(span)}" for span in because])


def _why_effect(rule: CycleRule, step: Step) -> str:
    stated = [span for span in step.because if getattr(span, "effect", None) is not None]
    if stated:
        return f"it says {effect_of(rule, step.because)}"
    return f"the cycle advances by {rule.advance}"


def _set_by(setting: Setting, rule: CycleRule) -> str:
    on = f"on {day_words(setting.day)}"
    match setting.by:
        case SetBy.START:
            return f"{on}, where it starts{f' ({rule.at(_start_key(rule))})' if rule.start or rule.start_label else ''}"
        case SetBy.TERM:
            return f"{on}, as it begins anew with the term “{setting.term.name if setting.term else ''}”"
        case SetBy.RESTART:
            return f"{on}, where it begins anew ({rule.at('restart')})"
        case SetBy.PIN:
            return f"{on} by a pin ({setting.pin.place if setting.pin else ''}), from which it goes on"


def _start_key(rule: CycleRule) -> str:
    return "start" if rule.start else "start_label"


def _count(days: CycleDays, setting: Setting, day: date) -> Iterator[str]:
    """Say how the count got from the last setting to a date: days that counted, held, and were used up."""
    before = [(other, step) for other, step in days.steps.items() if setting.day <= other < day]
    ran = [step for _, step in before if step.standing is Standing.RUNS]
    used = [step for _, step in before if step.standing is Standing.USED_UP]
    held = [step for _, step in before if step.standing is Standing.HOLDS]
    if before:
        advanced = len(ran) + len(used)
        parts = [f"{_days(len(ran))} with a label"]
        parts += [f"{_days(len(used))} that used one up ({_names(used)})"] if used else []
        waited = f"; {_days(len(held))} did not count ({_names(held)})" if held else ""
        times = "once" if advanced == 1 else f"{advanced} times"
        yield f"Since then it moved on {times}: {' and '.join(parts)}{waited}."


def _days(number: int) -> str:
    return "1 day" if number == 1 else f"{number} days"


def _names(steps: Sequence[Step]) -> str:
    names = list(dict.fromkeys(span.name for step in steps for span in step.because))
    return ", ".join(names[:4]) + (f" and {len(names) - 4} more" if len(names) > 4 else "")


def _weeks_count(year: SchoolYear, days: CycleDays, setting: Setting, day: date) -> str:
    school = days.rule.advance is Advance.SCHOOL_WEEKS
    weeks = year.weeks.between(year.weeks.week(setting.day), year.weeks.week(day), school_weeks=school) or 0
    kind = "week with school" if school else "week of the calendar"
    return f"Since then {weeks} {kind.replace('week', 'weeks', 1) if weeks != 1 else kind} began."


def _neighbours(days: CycleDays, day: date) -> Iterator[str]:
    labels = days.labels()
    dates = list(labels)
    at = bisect_left(dates, day)
    parts = []
    if at > 0:
        parts.append(f"the day before it in the cycle is {day_words(dates[at - 1])}, “{labels[dates[at - 1]]}”")
    after = dates[at + 1 :] if at < len(dates) and dates[at] == day else dates[at:]
    if after:
        parts.append(f"the next is {day_words(after[0])}, “{labels[after[0]]}”")
    if parts:
        text = ", ".join(parts)
        yield f"{text[0].upper()}{text[1:]}."
