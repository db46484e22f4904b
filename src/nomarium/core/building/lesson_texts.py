"""What meetings and events say of the lesson that they are about."""

from __future__ import annotations

from collections.abc import Mapping

from nomarium.core.lessons import LESSON_TEXTS

LESSON_FIELDS = ("lesson", "lesson_number", "part", "note", *LESSON_TEXTS)
"""What patterns may say of the lesson of a meeting."""


def lesson_text(values: Mapping[str, str], *, for_teacher: bool = False) -> str:
    """Return what is said of a lesson beside its title, a line each."""
    named = (("Homework", "homework"), ("Material", "material"))
    lines = [values.get("unit", ""), values.get("text", "")]
    lines += [f"{word}: {values[name]}" for word, name in named if values.get(name)]
    lines += [values.get("link", ""), values.get("note", "")]
    if for_teacher:
        lines.append(values.get("teacher_notes", ""))
    return "\n".join(filter(None, lines))
