"""How the time to work out and print a school year grows with divisions and years.

``python benchmarks/year.py``: medians in milliseconds, and their ratio to one division and one year. A bare loop that
counts days by a set of closed dates stands beside it as the floor.
"""

import statistics
import time
from collections.abc import Callable
from datetime import date, timedelta

from nomarium.core.rows import day_fields, day_rows, render_csv
from nomarium.core.year import Closure, CycleRule, SchoolYear, Term, WeekRules, YearRules

RUNS = 7


def rules_of(divisions: int, years: int) -> YearRules:
    """Return a school of so many divisions, each with a cycle of its own, over so many years."""
    names = tuple(f"Division {n}" for n in range(divisions))
    terms: list[Term] = []
    closures: list[Closure] = []
    for n in range(years):
        for m, (begin, end) in enumerate((((9, 7), (12, 18)), ((1, 4), (3, 26)), ((4, 6), (6, 25)))):
            year = 2026 + n + (m > 0)
            terms.append(Term(f"Term {n}.{m}", date(year, *begin), date(year, *end)))
        closures += [Closure("c", day := date(2026 + n, 9, 9) + timedelta(days=17 * k), day) for k in range(15)]
        closures += [
            Closure("d", day := date(2027 + n, 1, 5) + timedelta(days=3 * k), day, divisions=frozenset({name}))
            for k, name in enumerate(names)
        ]
    cycles = tuple(CycleRule(name, tuple("ABCDEF"), divisions=frozenset({name})) for name in names)
    weeks = WeekRules(letters=("A", "B"))
    return YearRules(tuple(terms), closures=tuple(closures), weeks=weeks, divisions=names, cycles=cycles)


def reckon_and_print(rules: YearRules) -> int:
    """Work a year out and render it as CSV."""
    year = SchoolYear(rules)
    names = list(year.cycles)
    return sum(map(len, render_csv(day_fields(names), day_rows(year.days(), range(len(names))))))


def bare_loop(rules: YearRules) -> int:
    """Count each division's days with nothing else reckoned."""
    shut = {day for closure in rules.closures for day in closure.days()}
    lines = []
    for term in rules.terms:
        place = 0
        for day in term.days():
            if day.weekday() < 5 and day not in shut:
                lines.append(",".join([day.isoformat(), *("ABCDEF"[place % 6] for _ in rules.cycles)]))
                place += 1
    return len("\n".join(lines))


def median(function: Callable[[YearRules], int], rules: YearRules) -> float:
    """Return the median time of some runs, in milliseconds."""
    times = []
    for _ in range(RUNS):
        begin = time.perf_counter()
        function(rules)
        times.append((time.perf_counter() - begin) * 1000)
    return statistics.median(times)


def main() -> None:
    """Print a line for each size."""
    base = median(reckon_and_print, rules_of(1, 1))
    print(f"{'divisions':>9} {'years':>6} {'ms':>8} {'ratio':>7} {'to a bare loop':>15}")
    for divisions, years in ((1, 1), (2, 1), (10, 1), (30, 1), (1, 5), (10, 5), (10, 20)):
        rules = rules_of(divisions, years)
        taken, floor = median(reckon_and_print, rules), median(bare_loop, rules)
        print(f"{divisions:>9} {years:>6} {taken:>8.1f} {taken / base:>7.1f} {taken / floor:>15.1f}")


if __name__ == "__main__":
    main()
