"""The lines of a grid's cells: which names a class, which a room, which a teacher."""

from __future__ import annotations

import re
from collections import Counter
from collections.abc import Collection, Mapping, Sequence
from typing import TYPE_CHECKING

from nomarium.core.timetable.meeting import Values, clean
from nomarium.core.values import (
    CLASS_FORM,
    ROOM_FORM,
    TEACHER_FORM,
    TITLED_FORM,
    TITLED_WITHIN,
    is_place_word,
    looks_like_place,
    split_list,
)
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.sheets import Known

_LABELS = {
    "class": "class|section|group|form|set",
    "course": "course|subject|lesson",
    "room": "room|rm|location|place|in|at|venue|raum|salle|aula",
    "teacher": "teacher|instructor|tutor|taught by|with|staff|lehrer|prof(?=\\s*:)",
}
_LABELLED = regex("|".join(rf"(?P<{name}>(?:{words})\b\s*[.:]?\s*)" for name, words in _LABELS.items()), re.IGNORECASE)
_BRACKETS = regex(r"(?P<first>[^()]+?)\s*\((?P<second>[^()]+)\)")
_BRACKETS_WITHIN = regex(r"(?P<first>[^()]+?)\s*\((?P<second>[^()]+)\)\s*(?P<third>[^()]+)?")
_FIELD = regex(r"\{(\w+)\}")
_SEPARATORS = regex(r"\s*(?:\n|\s/\s|\|)\s*")
_ROOM_IN_BRACKETS = regex(
    r"\s*\(((?:room|rm|raum|salle|aula|sala|lokaal|rom|sal)\b[.:]?\s*[^()]+)\)\s*$", re.IGNORECASE
)


class CellPattern:
    """A pattern of cells, such as "{class} / {room}", one line for each line of the cell."""

    def __init__(self, pattern: str) -> None:
        self.pattern = pattern
        self.fields = _FIELD.findall(pattern)
        parts = re.split(r"\{(\w+)\}", pattern.replace("\\n", "\n"))
        built = "".join(f"(?P<{part}>[^\\n]+?)" if index % 2 else _separator(part) for index, part in enumerate(parts))
        self._regex = re.compile(built, re.DOTALL)

    def read(self, text: str) -> Values | None:
        """Return what a cell says; None where it does not fit. Missing lines at the end are empty."""
        match = self._regex.fullmatch(text.strip())
        if match:
            return clean({name: tuple(split_list(value)) for name, value in match.groupdict().items() if value})
        shorter = self.pattern.replace("\\n", "\n").rsplit("\n", 1)[0]
        if "\n" in self.pattern.replace("\\n", "\n") and shorter:
            return CellPattern(shorter).read(text)
        return None


def _separator(text: str) -> str:
    """Return the expression for what stands between two fields: spaces around its signs do not matter."""
    if "\n" in text:
        return r"\s*\n\s*"
    signs = text.strip()
    return rf"\s*{re.escape(signs)}\s*" if signs else r"\s+" if text else ""


def lines_of_cell(text: str) -> list[str]:
    """Return the parts of a cell: its lines, or what " / ", "|" and a bracket that names a room part."""
    return [part.strip() for part in _SEPARATORS.split(_ROOM_IN_BRACKETS.sub(r"\n\1", text.strip())) if part.strip()]


class CellReader:
    """Tells what the lines of a source's cells mean, from labels, from what other sheets prove, or from one another."""

    def __init__(self, cells: Sequence[str], owner: str, known: Known) -> None:
        self._owner = owner
        self._known = known
        self.by_form: dict[int, tuple[str, ...]] = {}
        """The fields of the lines of cells with so many lines, where only their form tells."""
        lines = [_unlabelled(lines_of_cell(text)) for text in cells]
        self._mark = self._mark_within(lines)
        """What parts cells of one line, "" for nothing."""
        last = {_split(several[0], " ")[-1] for several in lines if len(several) == 1 and " " in several[0]}
        roomy = len(last) > 1 and all(_has_form("room", ROOM_FORM, text) for text in last)
        self.may_have_rooms = roomy and not self._mark and owner != "room"
        """Whether all cells of several words end in what has the form of a room."""
        bracketed = [_split(several[0], "(")[1:] for several in lines if len(several) == 1]
        named = {texts[0] for texts in bracketed if texts and not self._known.kinds(texts[0])}
        self.has_open_brackets = (
            not self._mark and len(named) > 1 and len(list(filter(None, bracketed))) * 5 >= len(lines) * 4
        )
        """Whether nearly all cells end in brackets with something that no list names."""
        labelled = [{label[0] for line in lines_of_cell(text) if (label := _label(line))} for text in cells]
        self._roles = self._settle([self._parted(several) for several in lines], labelled)

    def read(self, text: str) -> Values | str:
        """Return what a cell says; or, where its lines cannot be told apart, why not."""
        values: Values = {}
        rest = []
        for line in lines_of_cell(text):
            label = _label(line)
            if label:
                values[label[0]] = (*values.get(label[0], ()), *split_list(label[1]))
            else:
                rest.append(line)
        rest = self._unbracketed(self._parted(rest))
        roles = self._roles.get(len(rest))
        if rest and roles is None:
            return f"{len(rest)} lines without labels, and no list names what stands in them"
        for role, line in zip(roles or (), rest, strict=False):
            values[role] = (*values.get(role, ()), *(split_list(line) if role in ("room", "teacher") else (line,)))
        return clean(values)

    def parts(self, text: str) -> list[str]:
        """Return the lines of a cell that have no label, or the parts of its only one."""
        return self._parted(_unlabelled(lines_of_cell(text)))

    def _parted(self, lines: list[str]) -> list[str]:
        """Part the only line of a cell at the mark that parts all such cells: "7A R1", "Maths, R1"."""
        return _split(lines[0], self._mark) if len(lines) == 1 and self._mark else lines

    def _mark_within(self, cells: Sequence[list[str]]) -> str:
        """Return what parts cells of one line, where their parts can then be told apart; "" where nothing does."""
        single = list(dict.fromkeys(lines[0] for lines in cells if len(lines) == 1))
        if len(single) < _FEWEST_ALIKE or any(len(lines) > 1 for lines in cells):
            return ""
        numbered = any(map(_ROOM_BEHIND.fullmatch, single))
        for mark in _MARKS if numbered else _MARKS[1:]:
            split = [_split(text, mark) for text in single]
            counts = Counter(map(len, split))
            count, alike = counts.most_common(1)[0]
            if count not in (2, 3) or alike * 5 < len(single) * 4:
                continue
            columns = list(zip(*(parts for parts in split if len(parts) == count), strict=True))
            roles = self._roles_of(columns) if all(self._proved(set(column)) for column in columns[1:]) else None
            surely = mark not in (" ", _WORDS) or _all_of_form(columns[0], CLASS_FORM) or (mark == _WORDS and count > 2)
            if roles or (self._roles_by_form(columns) and surely):
                return mark
        return ""

    def _unbracketed(self, lines: list[str]) -> list[str]:
        """Part "Lofting (Keel Room)" where what stands in the brackets is known."""
        if len(lines) == 1 and (match := _BRACKETS.fullmatch(lines[0])):
            kinds = self._known.kinds(match["second"]) - {self._owner}
            if len(kinds) == 1 and 2 in self._roles:
                return [match["first"], match["second"]]
        return lines

    def _settle(self, cells: Sequence[list[str]], labelled: Sequence[set[str]]) -> Mapping[int, tuple[str, ...]]:
        """Return the fields of the lines, by their number; ``labelled`` are those that labels in each cell name."""
        split = [
            [match["first"], match["second"]]
            if len(lines) == 1 and (match := _BRACKETS.fullmatch(lines[0])) and self._known.kinds(match["second"])
            else lines
            for lines in cells
        ]
        settled: dict[int, tuple[str, ...]] = {}
        for count in sorted({len(lines) for lines in split if lines}):
            alike = [(lines, said) for lines, said in zip(split, labelled, strict=True) if len(lines) == count]
            columns = list(zip(*(lines for lines, _ in alike), strict=True))
            said_of_all = set.intersection(*(said for _, said in alike))
            roles = self._roles_of(columns)
            if roles is None and (roles := self._roles_by_form(columns, said_of_all)) and self._mark != _ROOM:
                self.by_form[count] = roles
            if roles is not None:
                settled[count] = roles
        return settled

    def _roles_of(self, columns: Sequence[Sequence[str]]) -> tuple[str, ...] | None:
        roles: list[str] = [self._proved(set(column)) for column in columns]
        open_places = [index for index, role in enumerate(roles) if not role]
        if len(open_places) > 1 or len(set(filter(None, roles))) < len(roles) - len(open_places):
            return None
        main = "course" if self._owner == "class" else "class"
        if open_places:
            if main in roles:
                return None
            roles[open_places[0]] = main
        return tuple(roles)

    def _roles_by_form(
        self, columns: Sequence[Sequence[str]], labelled: Collection[str] = ()
    ) -> tuple[str, ...] | None:
        """Tell lines by their form: one has rooms, one may have people or classes, what is left is the course.

        Of a class's cells the first line left is the course, the second who teaches it.
        """
        roles = [self._proved(set(column)) for column in columns]
        for role, form in _FORMS.items():
            if role == self._owner or role in roles or role in labelled:
                continue
            like = [
                index
                for index, column in enumerate(columns)
                if not roles[index] and (_mostly(role, form, set(column)) or _mostly(role, form, column))
            ]
            numbered = [index for index in like if _all_of_form(columns[index], form)]
            if len(like) == 1 or len(numbered) == 1:  # “Gym” above “R4” is what is taught there
                roles[(numbered or like)[0]] = role
        open_places = [index for index, role in enumerate(roles) if not role]
        wanted = ("course", "teacher") if self._owner == "class" else ("class", "course")
        lacking = [role for role in wanted if role not in (*roles, *labelled)]
        if self._owner != "class" and "class" not in roles:
            return ("class", "room") if roles == ["", "room"] else None
        of_people = columns[roles.index("teacher")] if "teacher" in roles else ()
        titled = len(open_places) <= 1 and bool(of_people) and _all_of_form(of_people, TITLED_FORM)
        sure = titled or "room" in (*roles, *labelled, self._owner)
        if not self._owner or not sure or len(open_places) > len(lacking):
            return None
        for index, role in zip(open_places, lacking, strict=False):
            roles[index] = role
        return tuple(roles) if len(set(roles)) == len(roles) else None

    def _proved(self, texts: set[str]) -> str:
        """Return the one field of which at least half of the texts are known values; "" for none."""
        counts = {
            name: sum(text.casefold() in known for text in texts)
            for name, known in self._known.names.items()
            if name != self._owner and name in _LABELS
        }
        proved = [name for name, count in counts.items() if count * 2 >= len(texts) and count]
        return proved[0] if len(proved) == 1 else ""


_FORMS = {"class": CLASS_FORM, "room": ROOM_FORM, "teacher": TEACHER_FORM}
"""The forms of what stands in cells, in the order in which they are believed."""


_WORDS, _TITLED, _ROOM = "words", "titled", "room"
"""Parts a cell at every space; around the name of somebody with a title; or before the word and number of a room."""
_MARKS = (_ROOM, "(", ", ", "; ", " · ", " – ", " - ", ": ", _TITLED, _WORDS, " ")
_ROOM_BEHIND = regex(
    r"(?P<first>.*\S)\s+(?P<second>(?:room|rm|raum|salle|aula|sala|lokal|lokaal|lok(?=\.)|rom|sal|učebna|uč(?=\.)|luokka|"
    r"terem|s(?=\.))\.?\s?[A-Z]{0,2}\d\w*)",
    re.IGNORECASE,
)
_FEWEST_ALIKE = 2


def _split(text: str, mark: str) -> list[str]:
    """Part a text at a mark; at a space only before its last word."""
    if mark == "(":
        match = _BRACKETS_WITHIN.fullmatch(text)
        return [part.strip() for part in match.groups() if part] if match else [text]
    if mark == _ROOM:
        match = _ROOM_BEHIND.fullmatch(text)
        if match is None and " " in text and not text.endswith(")") and is_place_word(text.rsplit(maxsplit=1)[1]):
            parts = text.rsplit(maxsplit=1)  # beside numbered rooms: “PE hall”
        else:
            parts = [match["first"], match["second"]] if match else [text]
        who = _BRACKETS.fullmatch(parts[0])
        return [who["first"], who["second"], *parts[1:]] if who and TEACHER_FORM.fullmatch(who["second"]) else parts
    if mark == _TITLED:
        match = TITLED_WITHIN.fullmatch(text)
        return [part for part in match.group("ahead", "name", "behind") if part] if match else [text]
    if mark == _WORDS:
        return text.split()
    parts = text.rsplit(mark, 1) if mark == " " else text.split(mark)
    return [part.strip() for part in parts if part.strip()]


def _all_of_form(texts: Sequence[str], form: re.Pattern[str]) -> bool:
    return all(form.fullmatch(text) for text in texts)


def _mostly(role: str, form: re.Pattern[str], texts: Collection[str]) -> bool:
    """Tell whether more than half of some texts have the form of a role's values."""
    return sum(_has_form(role, form, text) for text in texts) * 2 > len(texts)


def _has_form(role: str, form: re.Pattern[str], text: str) -> bool:
    """Tell whether a text has the form of a role's values; places go by their words, too."""
    return bool(form.fullmatch(text)) or (role == "room" and looks_like_place(text))


_WITHOUT_MARK = regex(r"(?:(?i:room|rm|raum|salle|aula)\b|(?:in|at|with|taught by)\b)")
"""Words that label without a colon; "in", "at" and "with" only where they are small."""


def _label(line: str) -> tuple[str, str] | None:
    """Return the field and the value of a line with a label; "Room 12" and "Aula 3" are called so, label and all."""
    match = _LABELLED.match(line)
    if not match or not match.lastgroup or match.end() == len(line):
        return None
    has_mark = match[0].rstrip().endswith((":", "."))
    if not has_mark and not _WITHOUT_MARK.match(line):
        return None
    whole = not has_mark and match[0].split()[0].casefold() in _NAME_ROOMS
    return match.lastgroup, line if whole else line[match.end() :].strip()


_NAME_ROOMS = ("room", "rm", "raum", "salle", "aula")
"""Words that are a part of a room's name where no colon stands behind them."""


def _unlabelled(lines: Sequence[str]) -> list[str]:
    return [line for line in lines if not _label(line)]
