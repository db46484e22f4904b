"""What a heading means: by the table of known headings, else by its likeness to one of them."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from functools import cache
from typing import NamedTuple

from nomarium.core.columns.fields import Holds, SheetKind, heading_key, without_brackets
from nomarium.core.values import without_not_on
from nomarium.lazily import regex

_WORD = regex(r"[^\W_]+")
_YEAR = regex(r"\b20\d\d(?:\s?[-–/]\s?(?:20)?\d\d)?\b")
_CAMEL = regex(r"(?<=[a-z])(?=[A-Z])")
_QUALIFIERS = frozenset(
    "assigned scheduled primary main lead original affected current official full section course class meeting lesson "
    "session event catalog which the our teaching instruction lecture tuition school".split()
)
"""Words in front of a heading that only say of which thing it is."""
_FORMS = frozenset(
    "name names code codes number no nr id identifier title label key text description full long display".split()
)
"""Words behind a heading that only say in which form it stands."""
_CODES = frozenset("code codes number no nr id identifier key".split())
"""Forms that no text is written in."""
_MOMENTS = (Holds.DATE, Holds.TIME, Holds.MOMENT, Holds.HOURS, Holds.LENGTH)
_MEANINGLESS = frozenset({"event", "events", "the", "of", "our", "please"})

ONE_SLIP_FROM, TWO_SLIPS_FROM = 6, 10
"""A heading of so many letters may differ from a known one by one slip of the finger, or by two."""


class Likeness(NamedTuple):
    """The field that a heading probably means, and the known heading that it is like."""

    field: str
    heading: str


_EDGES = frozenset("first last start begin end opening closing birth every each per".split())
"""Words before a last word that say which of several is meant, and name nothing."""


_COMPOUND = regex(
    r"\w{3,}(?P<last>raum|zimmer|saal|halle|lehrer|lehrerin|leiter|leiterin|leitung|lokaal|zaal|docent|lokale|"
    r"lærer|lärare|opettaja)"
)
"""A noun of several in one, as German, Dutch and the northern languages make them; its last says what it is."""
_PARTS = 2
_BETWEEN_PARTS = regex(r"/|\||\n|\s[-–—·]\s")
_TITLES = ("course", "class", "summary")


class Headings:
    """The known headings of sheets of one kind; call it with a heading for the field that it surely means."""

    def __init__(self, sheet: SheetKind) -> None:
        self.sheet = sheet
        self._fields, self._own, self._headings, self._by_words, self._asked = _vocabulary(sheet)

    def __call__(self, heading: str) -> str | None:
        """Return the field that a heading surely means, or None: as it is, without brackets, or without qualifiers."""
        if heading not in self._asked:
            several = heading.replace("(s)", "s").replace("(S)", "S")
            keys = map(heading_key, (heading, several, without_brackets(heading), _YEAR.sub("", heading)))
            exact = next(filter(None, map(self._fields.get, keys)), None)
            found = exact or self._without_qualifiers(heading) or self._by_last_word(heading)
            self._asked[heading] = found or self._by_part(heading)
        return self._asked[heading]

    def _by_part(self, heading: str) -> str | None:
        """Return what both of two parts mean, "Day / Jour"; or one, the other nothing or less: "Level/Subject"."""
        parts = _BETWEEN_PARTS.split(heading)
        if len(parts) != _PARTS or not all(len(part.strip()) > 1 for part in parts):
            return None
        known = [name for part in parts if (name := self._fields.get(heading_key(part)))]
        if len(known) == _PARTS and known[0] == known[1]:  # said in two languages
            return known[0]
        if "/" not in heading:
            return None
        titles = [name for name in known if name in _TITLES]
        chosen = known if len(known) == 1 else titles
        field = self.sheet.field(chosen[0]) if len(chosen) == 1 else None
        return None if field is None or field.holds in _MOMENTS else field.name

    def _by_last_word(self, heading: str) -> str | None:
        """Return what "Loft day" means, a name and the word that says what is named; or "Werkstattraum", in one."""
        words = _WORD.findall(without_brackets(heading).casefold())
        if len(words) == 1 and (compound := _COMPOUND.fullmatch(words[0])):
            return self._fields.get(compound["last"])
        if len(words) != 2 or words[0] in _EDGES:
            return None
        return next((field.name for field in self.sheet.fields if field.last_word == words[1]), None)

    def _without_qualifiers(self, heading: str) -> str | None:
        """Return what a heading means without words that only say whose or in which form: "Assigned Room Code"."""
        words = _WORD.findall(_CAMEL.sub(" ", without_brackets(heading)).casefold())
        forms: list[str] = []
        while words[1:] and words[-1] in _FORMS:
            forms.append(words.pop())
            if name := self._known(words, forms):
                return name
        while words[1:] and words[0] in _QUALIFIERS:
            words = words[1:]
            if name := self._known(words, forms):
                return name
        return None

    def _known(self, words: Sequence[str], forms: Sequence[str]) -> str | None:
        """Return the field of some words, unless the form taken off says that the cells hold something else."""
        name = self._fields.get("".join(words))
        field = self.sheet.field(name) if name else None
        if field is None or (forms and field.holds in _MOMENTS):
            return None
        if field.holds is Holds.TEXT and not _CODES.isdisjoint(forms):
            return None
        return None if field.holds is Holds.PEOPLE and not set(forms) <= {"name", "names"} else name

    def field_of(self, name: str) -> str:
        """Return the field that a user names, by its name or by a heading ("title" is summary); else what it says."""
        return name if not name or name in self.sheet.names else self(name) or name

    def is_own(self, heading: str) -> bool:
        """Tell whether a heading is one that the kind itself has for a field, and not one that kinds share."""
        return not {heading_key(heading), heading_key(without_brackets(heading))}.isdisjoint(self._own)

    def likeness(self, heading: str) -> Likeness | None:
        """Return what a heading probably means: the same words in another order, or a slip of the finger."""
        heading = without_brackets(heading)
        words = _words(heading)
        if without_not_on(heading) is not None:
            return None  # “No class” says when there is none; “Class no” has its words the other way round
        if words in self._by_words:
            return self._by_words[words]
        return self._misspelt("".join(words))

    def _misspelt(self, key: str) -> Likeness | None:
        if len(key) < ONE_SLIP_FROM:
            return None
        from rapidfuzz.distance import OSA

        slips = 2 if len(key) >= TWO_SLIPS_FROM else 1
        near = [(OSA.distance(key, known, score_cutoff=slips), known) for known in self._headings]
        distance, known = min(near, key=lambda found: found[0])
        if distance > slips:
            return None
        return Likeness(self._fields[known], self._headings[known])


_Written = tuple[str, str, tuple[str, ...]]
"""A heading's key, the heading, and its words."""


class _Vocabulary(NamedTuple):
    """The headings of one kind of sheet, as they are looked up."""

    fields: dict[str, str]
    """The field of each heading, by its key."""
    own: frozenset[str]
    """The keys of headings that are the kind's own, and not shared."""
    headings: dict[str, str]
    """Each heading as it is written, by its key."""
    by_words: dict[tuple[str, ...], Likeness]
    asked: dict[str, str | None]
    """What headings were found to mean."""

    def take_likeness(self, written: Iterable[_Written], name: str) -> None:
        """Take in headings of a field for what is like them; the first field that has one keeps it."""
        for key, heading, words in written:
            self.headings.setdefault(key, heading)
            self.by_words.setdefault(words, Likeness(name, heading))


# Kinds have thousands of headings, and each sheet is held against every kind: they are sorted in once.
@cache
def _vocabulary(sheet: SheetKind) -> _Vocabulary:
    known = _Vocabulary({heading_key(field.name): field.name for field in sheet.fields}, frozenset(), {}, {}, {})
    for field in sheet.fields:
        written = _written(field.headings)
        known.fields.update((key, field.name) for key, _, _ in written)
        known.take_likeness(written, field.name)
    own = frozenset(known.fields)
    for field in sheet.fields:  # what several kinds share stands behind what is a kind's own
        mine = [one for one in _written(field.shared) if known.fields.setdefault(one[0], field.name) == field.name]
        known.take_likeness(mine, field.name)
    return known._replace(own=own)


@cache
def _written(headings: str) -> list[_Written]:
    """Return each of some headings with its key and its words: many fields have the same."""
    return [(heading_key(one), one, _words(one)) for one in headings.split("|")] if headings else []


def _words(heading: str) -> tuple[str, ...]:
    """Return the words of a heading that say something, in alphabetical order."""
    if heading.islower() and heading.replace(" ", "").isalnum():  # as most known headings are
        words = heading.casefold().split()
    else:
        words = _WORD.findall(_CAMEL.sub(" ", heading).casefold())
    if len(words) == 1:
        return (words[0],)
    return tuple(sorted(word for word in words if word not in _MEANINGLESS)) or tuple(words)
