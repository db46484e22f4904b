"""The year worked out, held against a second, naive reckoning: a plain loop over days, written from the rules."""

from datetime import date, timedelta

import pytest
from hypothesis import example, given, settings
from hypothesis import strategies as st

from nomarium.core.problems import Place
from nomarium.core.year import (
    Advance,
    Closure,
    CycleRule,
    Effect,
    Listed,
    NoCycleDays,
    Pin,
    SchoolYear,
    Term,
    WeekRules,
    YearRules,
    check_rules,
    compare,
    explain,
    what_if,
)

ONE_DAY = timedelta(days=1)
START = date(2026, 9, 1)
DIVISIONS = ("Yard", "Loft", "Shore")


def week_start(day, first_weekday=0):
    while day.weekday() != first_weekday:
        day -= ONE_DAY
    return day


def all_days(first, last):
    while first <= last:
        yield first
        first += ONE_DAY


def in_term(rules, day):
    return any(term.first <= day <= term.last for term in rules.terms)


def school_weekday(rules, day):
    return day.weekday() in rules.weekdays or day in rules.extra_school_days


def shut(rules, cycle, day):
    """The closures that shut a cycle on a day: for all, for it, or for all divisions that follow it together."""
    on = [c for c in rules.closures if c.first <= day <= c.last]
    whole = [c for c in on if (not c.divisions and not c.cycles) or cycle.name in c.cycles]
    if whole:
        return whole
    followers = set(cycle.divisions or rules.divisions)
    parts = [c for c in on if c.divisions & followers]
    return parts if followers and followers <= set().union(*(c.divisions for c in parts)) else []


def any_school(rules, day):
    if not (in_term(rules, day) and school_weekday(rules, day)):
        return False
    closed = set()
    for c in rules.closures:
        if c.first <= day <= c.last:
            if not c.divisions and not c.cycles:
                return False
            closed |= c.divisions
    return not rules.divisions or not set(rules.divisions) <= closed


def naive_labels(rules, cycle):
    """What each date's label is, day by day."""
    if cycle.advance is Advance.DAYS_OF_WEEKS:
        return naive_days_of_weeks(rules, cycle)
    first, last = min(t.first for t in rules.terms), max(t.last for t in rules.terms)
    labels, place, begun, due = {}, 0, False, False
    anchor_week, anchor_place = None, 0
    by_weeks = cycle.advance in (Advance.CALENDAR_WEEKS, Advance.SCHOOL_WEEKS)
    begin = cycle.start or first
    term_due = None
    for day in all_days(first, last):
        if begun or day < begin:
            if day in cycle.restarts and begun:
                due, term_due = True, None
            for term in rules.terms if cycle.restart_each_term and begun else ():
                if term.first == day:
                    due, term_due = True, day
        if not in_term(rules, day) or not school_weekday(rules, day):
            continue
        if not begun and day >= begin:
            begun, due = True, False
            place = cycle.labels.index(cycle.start_label) if cycle.start_label else 0
            anchor_week, anchor_place = week_start(first if cycle.start is None else day), place
        elif begun and due:
            place, due = 0, False
            anchor_week, anchor_place = week_start(term_due or day), 0
        pin = cycle.pins.get(day)
        if pin and pin.goes_on:
            place = cycle.labels.index(pin.label)
            anchor_week, anchor_place = week_start(day), place
            begun = True
        stops = [*shut(rules, cycle, day), *(n for n in cycle.without if n.first <= day <= n.last)]
        if stops:
            stated = [s.effect for s in stops if s.effect]
            uses_up = stated[0] is Effect.SKIP if stated else cycle.advance is Advance.WORKING_DAYS
            if begun and uses_up:
                place += 1
            continue
        if begun and by_weeks:
            weeks = [week_start(d) for d in all_days(anchor_week, day)]
            if cycle.advance is Advance.SCHOOL_WEEKS:
                with_school = {week_start(d) for d in all_days(first, last) if any_school(rules, d)}
                weeks = [week for week in weeks if week in with_school]
                passed = len(set(weeks)) - 1 if week_start(day) in with_school else None
            else:
                passed = len(set(weeks)) - 1
            if passed is not None:
                labels[day] = cycle.labels[(anchor_place + passed) % len(cycle.labels)]
        elif begun:
            labels[day] = cycle.labels[place % len(cycle.labels)]
            place += 1
        if pin and not pin.goes_on:
            labels[day] = pin.label
    return labels


def naive_days_of_weeks(rules, cycle):
    """Labels given out to the school weekdays of week A, of week B, and so on; then each date looked up in its week."""
    letter = {week_start(day): letter for day, letter in rules.weeks.listed.items()}
    given, labels = {}, list(cycle.labels)
    for week in sorted(set(letter.values())):
        for weekday in range(7):
            if weekday in rules.weekdays and labels:
                given[week, weekday] = labels.pop(0)
    found = {}
    for term in rules.terms:
        for day in all_days(term.first, term.last):
            off = shut(rules, cycle, day) or any(n.first <= day <= n.last for n in cycle.without)
            label = given.get((letter.get(week_start(day)), day.weekday()))
            if day in cycle.pins:
                label = cycle.pins[day].label
            if label and not off and school_weekday(rules, day):
                found[day] = label
    return found


def naive_week_numbers(rules):
    """The number of each date's week within the innermost term, or None."""
    numbers = {}
    for term in sorted(rules.terms, key=lambda t: t.last - t.first, reverse=True):
        number, seen = 0, {}
        for day in all_days(week_start(term.first), term.last):
            week = week_start(day)
            if week not in seen:
                days = list(all_days(week, week + 6 * ONE_DAY))
                first_school = next((d for d in days if school_weekday(rules, d)), week)
                short = week <= term.first <= week + 6 * ONE_DAY and term.first > first_school
                counts = rules.weeks.number_breaks or any(any_school(rules, d) for d in days)
                if counts and (rules.weeks.number_short_first or not short):
                    number += 1
                    seen[week] = number
                else:
                    seen[week] = None
            if day >= term.first:
                numbers[day] = seen[week]
    return numbers


days = st.integers(0, 120).map(lambda n: START + n * ONE_DAY)
effects = st.sampled_from([None, Effect.HOLD, Effect.SKIP])


@st.composite
def years(draw):
    """Random years of up to three terms, one of them perhaps with a term inside."""
    marks = sorted(draw(st.sets(st.integers(0, 120), min_size=2, max_size=6)))[: draw(st.sampled_from([2, 4, 6]))]
    marks = marks[: len(marks) // 2 * 2]
    terms = [
        Term(f"T{n}", START + a * ONE_DAY, START + b * ONE_DAY)
        for n, (a, b) in enumerate(zip(marks[::2], marks[1::2], strict=True))
    ]
    if draw(st.booleans()) and terms[0].last - terms[0].first > timedelta(days=8):
        terms.append(Term("inner", terms[0].first + 3 * ONE_DAY, terms[0].last - ONE_DAY))
    closures = [
        Closure("c", first, first + length * ONE_DAY, divisions=frozenset(who), effect=effect)
        for first, length, who, effect in draw(
            st.lists(st.tuples(days, st.integers(0, 9), st.sets(st.sampled_from(DIVISIONS)), effects), max_size=5)
        )
    ]
    weekdays = draw(st.frozensets(st.integers(0, 6), min_size=1))
    letters = draw(st.lists(st.sampled_from(["A", "B", None]), max_size=18))
    listed = {START + 7 * n * ONE_DAY: letter for n, letter in enumerate(letters) if letter}
    rules = YearRules(
        tuple(terms),
        weekdays,
        draw(st.frozensets(days, max_size=2)),
        tuple(closures),
        weeks=WeekRules(number_short_first=draw(st.booleans()), number_breaks=draw(st.booleans()), listed=listed),
        divisions=DIVISIONS,
    )
    of_weeks = len(set(listed.values())) * len(weekdays)
    advance = draw(st.sampled_from([one for one in Advance if of_weeks or one is not Advance.DAYS_OF_WEEKS]))
    counts = advance is not Advance.DAYS_OF_WEEKS
    size = draw(st.integers(1, 6)) if counts else of_weeks
    cycle = CycleRule(
        "C",
        tuple("ABCDEFGHIJKLMN"[:size]),
        advance,
        draw(st.frozensets(st.sampled_from(DIVISIONS), max_size=2)),
        restart_each_term=counts and draw(st.booleans()),
        restarts=tuple(sorted(day for day in draw(st.sets(days, max_size=2)) if counts and day <= rules.last)),
        without=tuple(
            NoCycleDays("n", day, day + ONE_DAY, effect=effect)
            for day, effect in draw(st.lists(st.tuples(days, effects), max_size=2))
        ),
    )
    start = draw(st.none() | days) if counts else None
    if start and in_term(rules, start):
        cycle = changed(cycle, start=start, start_label=draw(st.sampled_from([None, *cycle.labels])))
    pins = {
        day: Pin(draw(st.sampled_from(cycle.labels)), goes_on and counts)
        for day, goes_on in draw(st.dictionaries(days, st.booleans(), max_size=2)).items()
        if in_term(rules, day)
        and school_weekday(rules, day)
        and not shut(rules, cycle, day)
        and not any(n.first <= day <= n.last for n in cycle.without)
        and not (start and day < start)
    }
    return changed(rules, cycles=(changed(cycle, pins=pins),))


def changed(thing, **values):
    from dataclasses import replace

    return replace(thing, **values)


def has_errors(rules):
    return [
        p
        for p in check_rules(rules, lambda key: Place("plan"))
        if p.severity == "error" and p.code != "hold-against-skip"
    ]


@settings(max_examples=400, deadline=None)
@given(years())
def test_labels_and_weeks_agree_with_a_plain_loop_over_days(rules):
    assert not has_errors(rules)
    year = SchoolYear(rules)
    cycle = rules.cycles[0]
    assert year.cycles["C"].labels() == naive_labels(rules, cycle)
    numbers = naive_week_numbers(rules)
    assert {day.date: day.week for day in year.days() if day.term} == numbers
    assert all(day.has_school == any_school(rules, day.date) for day in year.days())
    assert all(explain(year, day.date, ["C"]) for day in list(year.days())[::7])


def a_year(*closures, terms=((1, 60),), **cycle):
    """A year of Monday to Friday from Tuesday 1 September 2026, days counted from there."""
    return YearRules(
        tuple(Term(f"T{n}", START + a * ONE_DAY, START + b * ONE_DAY) for n, (a, b) in enumerate(terms, 1)),
        closures=closures,
        divisions=DIVISIONS,
        cycles=(CycleRule("C", **{"labels": ("1", "2", "3"), **cycle}),),
    )


def closed(day, **more):
    return Closure("c", START + day * ONE_DAY, START + day * ONE_DAY, **more)


def told(rules, first, number):
    """The labels of so many working days from a date, "-" for none."""
    year = SchoolYear(rules)
    working = [day for day in year.attendance.working_days if day >= START + first * ONE_DAY][:number]
    return "".join(year.cycles["C"].label(day) or "-" for day in working)


# Day 0 is Tuesday 1 September; days 4 and 5 are a weekend. Each line: what is the rule, and six school days from day 0.
RULES = [
    ("a closure holds the label of school days", a_year(closed(2), terms=((0, 60),)), "12-312"),
    (
        "and uses up the label of working days",
        a_year(closed(2), terms=((0, 60),), advance=Advance.WORKING_DAYS),
        "12-123",
    ),
    (
        "unless its row says hold",
        a_year(closed(2, effect=Effect.HOLD), terms=((0, 60),), advance=Advance.WORKING_DAYS),
        "12-312",
    ),
    ("or skip", a_year(closed(2, effect=Effect.SKIP), terms=((0, 60),)), "12-123"),
    (
        "one division closed leaves a shared cycle running",
        a_year(closed(2, divisions=frozenset({"Yard"})), terms=((0, 60),)),
        "123123",
    ),
    (
        "unless only that division follows it",
        a_year(closed(2, divisions=frozenset({"Yard"})), terms=((0, 60),), divisions=frozenset({"Yard"})),
        "12-312",
    ),
    (
        "or all that follow are closed by their own rows",
        a_year(
            closed(2, divisions=frozenset({"Yard"})),
            closed(2, divisions=frozenset({"Loft"})),
            terms=((0, 60),),
            divisions=frozenset({"Yard", "Loft"}),
        ),
        "12-312",
    ),
    ("a delayed start", a_year(terms=((0, 60),), start=START + 2 * ONE_DAY), "--1231"),
    (
        "delays the first start only",
        a_year(terms=((0, 1), (2, 60)), start=START + ONE_DAY, restart_each_term=True),
        "-11231",
    ),
    (
        "a start label holds for the first start only",
        a_year(terms=((0, 1), (2, 60)), start_label="3", restart_each_term=True),
        "311231",
    ),
    ("a restart waits for a school weekday", a_year(terms=((0, 60),), restarts=(START + 4 * ONE_DAY,)), "123112"),
    (
        "a restart on a closure: the next day is the first",
        a_year(closed(3), terms=((0, 60),), restarts=(START + 3 * ONE_DAY,)),
        "123-12",
    ),
    (
        "a pin for one day leaves the count alone",
        a_year(terms=((0, 60),), pins={START + ONE_DAY: Pin("3", False)}),
        "133123",
    ),
    ("a pin from there on moves it", a_year(terms=((0, 60),), pins={START + ONE_DAY: Pin("3", True)}), "131231"),
    (
        "no cycle day holds",
        a_year(terms=((0, 60),), without=(NoCycleDays("n", START + ONE_DAY, START + ONE_DAY),)),
        "1-2312",
    ),
    (
        "or is used up",
        a_year(
            terms=((0, 60),),
            advance=Advance.WORKING_DAYS,
            without=(NoCycleDays("n", START + ONE_DAY, START + ONE_DAY),),
        ),
        "1-3123",
    ),
    ("nothing counts between terms", a_year(terms=((0, 1), (8, 60)), advance=Advance.WORKING_DAYS), "123123"),
    ("weeks", a_year(terms=((0, 60),), advance=Advance.CALENDAR_WEEKS), "111122"),
    (
        "days of weeks",
        changed(
            a_year(closed(2), terms=((0, 60),), labels=tuple("1234567890"), advance=Advance.DAYS_OF_WEEKS),
            weeks=WeekRules(listed={START: "B", START + 7 * ONE_DAY: "A"}),
        ),
        "78-012",
    ),
    ("a listed cycle", a_year(terms=((0, 60),), labels=(), listed={START: Pin("X", True)}), "X-----"),
]


@pytest.mark.parametrize(("why", "rules", "labels"), RULES, ids=[why for why, _, _ in RULES])
def test_the_rules_of_cycles(why, rules, labels):
    assert told(rules, 0, 6) == labels


def test_calendar_weeks_count_vacations_and_school_weeks_do_not():
    vacation = Closure("v", date(2026, 9, 7), date(2026, 9, 13))
    by_calendar = a_year(vacation, terms=((0, 60),), advance=Advance.CALENDAR_WEEKS, labels=("A", "B"))
    by_school = a_year(vacation, terms=((0, 60),), advance=Advance.SCHOOL_WEEKS, labels=("A", "B"))
    assert told(by_calendar, 13, 6) == "AAAAAB"
    assert told(by_school, 13, 6) == "BBBBBA"


BAD = [
    ("overlapping-terms", a_year(terms=((0, 20), (10, 40)))),
    ("no-labels", a_year(labels=())),
    ("doubled-label", a_year(labels=("1", "2", "1"))),
    ("unknown-label", a_year(start_label="9")),
    ("unknown-label", a_year(pins={START + 2 * ONE_DAY: Pin("9", True)})),
    ("pin-without-school", a_year(closed(2), pins={START + 2 * ONE_DAY: Pin("1", True)})),
    ("pin-without-school", a_year(pins={START + 4 * ONE_DAY: Pin("1", True)})),
    ("pin-without-school", a_year(pins={date(2027, 8, 1): Pin("1", False)})),
    ("pin-before-start", a_year(start=START + 8 * ONE_DAY, pins={START + 2 * ONE_DAY: Pin("1", True)})),
    ("start-outside-terms", a_year(start=date(2027, 8, 1))),
    ("restart-outside-terms", a_year(restarts=(date(2027, 8, 1),))),
    ("restart-before-start", a_year(start=START + 8 * ONE_DAY, restarts=(START + 2 * ONE_DAY,))),
    ("closure-outside-terms", a_year(closed(300))),
    ("closed-twice", a_year(closed(3), closed(3))),
    ("hold-against-skip", a_year(closed(3, effect=Effect.HOLD), closed(3, effect=Effect.SKIP))),
    ("hold-or-skip-by-weeks", a_year(closed(3, effect=Effect.HOLD), advance=Advance.SCHOOL_WEEKS)),
    ("unknown-division", a_year(closed(3, divisions=frozenset({"Yrad"})))),
    ("labels-of-weeks", a_year(advance=Advance.DAYS_OF_WEEKS)),
    (
        "weeks-set-labels",
        changed(
            a_year(advance=Advance.DAYS_OF_WEEKS, labels=tuple("12345"), restart_each_term=True),
            weeks=WeekRules(letters=("A",)),
        ),
    ),
    ("listed-without-school", a_year(closed(3), labels=(), listed={START + 3 * ONE_DAY: Pin("1", True)})),
    ("no-cycle-outside-terms", a_year(without=(NoCycleDays("n", date(2027, 8, 1), date(2027, 8, 1)),))),
]


@pytest.mark.parametrize(("code", "rules"), BAD, ids=[f"{n} {code}" for n, (code, _) in enumerate(BAD)])
def test_rules_that_cannot_be_or_are_odd(code, rules):
    assert [problem.code for problem in check_rules(rules, lambda key: Place("nomarium.toml"))] == [code]


def test_a_term_may_hold_another_and_the_innermost_counts():
    rules = a_year(terms=((0, 60), (0, 20), (21, 60)))
    assert not check_rules(rules, lambda key: Place("plan"))
    assert [SchoolYear(rules).day(START + n * ONE_DAY).term.name for n in (0, 20, 21)] == ["T2", "T2", "T3"]


CAUSES = [
    ({"closures": (closed(9),)}, "one closure more, on Thu 10 Sep 2026"),
    ({"closures": (closed(9, effect=Effect.SKIP),)}, "one closure more, on Thu 10 Sep 2026 that uses up the label"),
    ({"cycles": {"start_label": "2"}}, "a start at “2”"),
    ({"cycles": {"start": START + 6 * ONE_DAY}}, "a start on Mon 7 Sep 2026"),
    ({"cycles": {"restart_each_term": True}}, "a new beginning each term"),
    ({"cycles": {"advance": Advance.WORKING_DAYS}}, "advancing by working days"),
]


@pytest.mark.parametrize(("change", "words"), CAUSES, ids=[words for _, words in CAUSES])
def test_the_cause_of_a_difference_is_found(change, words):
    rules = a_year(closed(16), closed(21), terms=((0, 23), (30, 60)))
    closures = (*rules.closures, *change.get("closures", ()))
    cycle = changed(rules.cycles[0], **change.get("cycles", {}))
    published = SchoolYear(changed(rules, closures=closures, cycles=(cycle,))).cycles["C"].labels()
    listed = Listed({day: Pin(label, True) for day, label in published.items()}, frozenset())
    found = compare(SchoolYear(rules), "C", listed)
    assert found.differences
    assert any(cause.startswith(words) for cause in found.causes), found.causes
    assert compare(SchoolYear(changed(rules, closures=closures, cycles=(cycle,))), "C", listed).agrees


@settings(max_examples=200, deadline=None)
@given(years(), days)
@example(a_year(), START + 4 * ONE_DAY)
def test_what_if_is_the_year_with_one_more_closure(rules, day):
    closure = Closure("--close", day, day)
    year = SchoolYear(rules)
    change = what_if(year, [closure])
    after = naive_labels(changed(rules, closures=(*rules.closures, closure)), rules.cycles[0])
    before = year.cycles["C"].labels()
    expected = {d for d in before.keys() | after.keys() if before.get(d) != after.get(d)}
    pinned = rules.cycles[0].pins.keys()
    if day not in pinned:
        assert {moved.date for moved in change.changes[0].moved} == expected
        assert bool(change.without_school) == (not any_school(rules, day))
