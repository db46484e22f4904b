"""Writes the names of months and weekdays in all languages, as CLDR has them: src/nomarium/core/values/*_names.json.

``python docs/make_calendar_names.py``; it needs Babel, which brings the CLDR. The names of the usual languages stand in
a file of their own: few sheets need another.
"""

import json
from collections.abc import Iterator, Mapping
from pathlib import Path

import babel
from babel import Locale
from babel.localedata import locale_identifiers

from nomarium.core.values.languages import USUAL
from nomarium.core.values.words import normalised, without_accents

FOLDER = Path(__file__).parent.parent / "src" / "nomarium" / "core" / "values"
SHORTEST_BEGINNING = 3
DAYS_OF_A_WEEK = 7
ALSO_WRITTEN = {
    "de": {"mrz": 3, "jänner": 1, "jän": 1, "feber": 2},  # as Austria says
    "es": {"setiembre": 9},
}
ALSO_SHORT = {"pl": "pn wt śr cz pt sb nd", "pt": "2ª 3ª 4ª 5ª 6ª"}
"""What people write besides, from Monday on: not in CLDR."""

Forms = Mapping[str, Mapping[str, Mapping[int, str]]]


def names(forms: Forms) -> dict[str, int]:
    """Number the names of months or weekdays, in full and abbreviated, and their beginnings that tell them apart."""
    numbers: dict[str, int] = {}
    wide: dict[str, int] = {}
    for width, number, word in words(forms):
        if " " not in word:
            numbers[word] = number
            numbers.setdefault(without_accents(word), number)
            wide |= {word: number} if width == "wide" else {}
        elif len(forms["format"][width]) == DAYS_OF_A_WEEK:  # “Thứ hai”, “יום שני”: the whole name alone
            numbers.setdefault(word, number)
    for word, number in wide.items():
        for length in range(SHORTEST_BEGINNING, len(word)):
            beginning = word[:length]
            if {other for name, other in wide.items() if name.startswith(beginning)} == {number}:
                numbers.setdefault(beginning, number)
                numbers.setdefault(without_accents(beginning), number)
    return numbers


def words(forms: Forms) -> Iterator[tuple[str, int, str]]:
    """Yield the width, the number and the word of each name without digits."""
    for context in ("format", "stand-alone"):
        for width in ("wide", "abbreviated"):
            for number, name in forms[context][width].items():
                word = normalised(name).strip(". ")
                if word and not any(map(str.isdigit, word)):
                    yield width, number, word


def short_names(identifier: str, days: Mapping[str, Mapping[int, str]]) -> dict[str, int]:
    """Number the shortest names of weekdays: CLDR's, two letters, single letters, last words, if all differ."""
    two_letters = {number: normalised(name)[:2] for number, name in days["wide"].items()}
    parted = {number: normalised(name).split() for number, name in days["wide"].items()}
    last_words = {number: parts[-1] for number, parts in parted.items() if len(parts) > 1}
    found: dict[str, int] = {}
    for forms in (days["short"], two_letters, days["narrow"], last_words):
        named = {normalised(name).strip(". "): number for number, name in forms.items()}
        if named and len(named) == len(forms):
            bare = {without_accents(word): number for word, number in named.items()}
            found = {**{form: number for form, number in {**bare, **named}.items() if form}, **found}
    return {**found, **{normalised(form): number for number, form in enumerate(ALSO_SHORT.get(identifier, "").split())}}


def described(identifier: str) -> dict[str, object]:
    """Return what is kept of a language."""
    locale = Locale.parse(identifier)
    days = locale.days["stand-alone"]
    return {
        "language": locale.english_name or identifier,
        "months": {**names(locale.months), **ALSO_WRITTEN.get(identifier, {})},
        "weekdays": names(locale.days),
        "short": short_names(identifier, days),
        "letters": "".join(normalised(days["narrow"][number])[:1] for number in range(7)),
    }


def write(file: str, identifiers: list[str]) -> None:
    """Write the names of some languages, a line each."""
    lines = [json.dumps(one) + ": " + json.dumps(described(one), ensure_ascii=False) for one in identifiers]
    text = "{\n" + ",\n".join(lines) + "\n}\n"
    (FOLDER / file).write_text(text, "utf-8")
    print(f"{file}: {len(identifiers)} languages, {len(text.encode()):,} octets, by Babel {babel.__version__}")


if __name__ == "__main__":
    write("usual_names.json", list(USUAL))
    others = [name for name in locale_identifiers() if "_" not in name and name not in USUAL and name != "en"]
    write("other_names.json", others)
