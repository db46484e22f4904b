"""What 150 lessons for each of 600 classes add to a build, in one run.

``python benchmarks/lessons.py``: the school of benchmarks/build.py, once as it is, once with a list of 90,000 lessons,
each class with its own and all texts different, and once with a list for each of its 40 courses, 6,000 lessons that
parallel classes share. CPU seconds, medians of some runs, and the ratios to the build without lessons.
"""

import gc
import shutil
import statistics
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from build import SECTIONS, ours, slots_of, write_sheets

RUNS, LESSONS = 3, 150
HEADINGS = "Class,Number,Unit,Lesson,Text,Homework\n"


def lessons_of(whose: str) -> str:
    """Return the rows of one list, no two of them alike."""
    return "".join(
        f'"{whose}",{n},Unit {n // 12},"{whose}: lesson {n}, “the {n * 7 % 53}th plank”",'
        f'"Read, then draw no. {n}; {whose}",Page {n * 3}\n'
        for n in range(1, LESSONS + 1)
    )


def write_lessons(folder: Path, rows: str) -> None:
    """Put a list of lessons into the plan of a folder."""
    (folder / "lessons.csv").write_text(HEADINGS + rows)
    with (folder / "nomarium.toml").open("a") as plan:
        plan.write('[lessons.all]\nsheets = "lessons.csv"\n')


def cpu_seconds(work: Callable[[], object], folder: Path) -> float:
    """Return the median of some runs; what they wrote is taken away before each."""
    times = []
    for _ in range(RUNS):
        shutil.rmtree(folder / "ours", ignore_errors=True)
        begin = time.process_time()
        work()
        times.append(time.process_time() - begin)
    return statistics.median(times)


def main() -> None:
    """Print the times and their ratios."""
    gc.disable()
    sections = slots_of(0)
    kinds = {
        "no lessons": "",
        "a list for each class": "".join(lessons_of(section) for section, *_ in sections),
        "a list for each course": "".join(
            lessons_of("; ".join(section for section, name, *_ in sections if name == course))
            for course in dict.fromkeys(course for _, course, *_ in sections)
        ),
    }
    plain = 0.0
    for kind, rows in kinds.items():
        with tempfile.TemporaryDirectory() as name:
            folder = Path(name)
            write_sheets(folder, 1)
            if rows:
                write_lessons(folder, rows)
            own = cpu_seconds(lambda folder=folder: ours(folder), folder)  # type: ignore[misc]
        plain = plain or own
        print(f"{SECTIONS} classes, {kind}, {rows.count(chr(10)):,} rows: {own:.2f} s, {own / plain:.2f} of it without")


if __name__ == "__main__":
    main()
