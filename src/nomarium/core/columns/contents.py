"""What a column holds, told from its cells where its heading says nothing."""

from __future__ import annotations

import re
from collections.abc import Callable, Collection, Iterator, Sequence
from datetime import date, datetime, time
from itertools import islice

from nomarium.core.columns.fields import DAY_HEADINGS, SheetKind, heading_key
from nomarium.core.tables import Cell, Column, is_data, plain_text, without_lead_in
from nomarium.core.values import (
    MARKS,
    ORDERS,
    PERSON_FORM,
    YES,
    MomentScanner,
    Order,
    behind_its_week,
    calendar_words,
    date_in,
    is_date,
    is_to_come,
    is_weekday,
    leading_weekdays,
    month_of,
    most_are,
    parted_dates,
    read_length,
    scan_span,
    scan_weeks,
    short_weekdays,
    span_of_dates,
    spans_with_days,
    without_not_on,
)
from nomarium.lazily import regex

_NUMBER = regex(r"\d+(?:[.,]\d+)?(?:\s*[-–]\s*\d+(?:[.,]\d+)?)?")
_HALF = regex(r"[ap]\.?\s?m\.?", re.IGNORECASE)
_CODE = regex(r"(?=.*\d)[^\W_]{1,8}(?:[ ./_-][^\W_]{1,6}){0,3}")
_LOOKED_AT = 300
_LONGEST = 200
"""Characters of a cell that says when; a longer one is text."""
_NOT_THE_DAY = (
    "created modified updated changed birth dob born invoice paid payment submitted timestamp registered reminder "
    "remind alarm observed registration approved printed entered booked recorded sent received expires expiry deadline"
).split()
"""Words of headings whose dates are not those of the event."""


def _filled(column: Column) -> Iterator[Cell]:
    """Return the first distinct cells that say anything, and not that it is to come; most columns need no more."""
    return islice((cell for cell in column.distinct if cell != "" and not is_to_come(cell)), _LOOKED_AT)


def holds_dates(column: Column) -> bool:
    """Tell whether all filled cells of a column look like dates, with or without times."""
    cells = list(_filled(column))
    dates = [cell for cell in cells if _is_date(cell)]
    weeks = all(isinstance(cell, str) and scan_weeks(cell) for cell in cells if cell not in dates)
    return bool(dates) and weeks and not _are_shares(dates)


def reads_as_dates(column: Column) -> bool:
    """Tell whether most cells of a column headed as dates are read so: “Friday the 12th at 7pm”, “8.3.”, 46454.375."""
    texts = [plain_text(cell) for cell in islice(dict.fromkeys(_filled(column)), _SAMPLE)]
    if texts and all(map(_DAY_NUMBER.fullmatch, texts)):
        return True
    words = calendar_words(texts)
    if isinstance(words, list):
        return False
    shapes = map(MomentScanner(words).scan, (" ".join(text.split()) for text in texts))
    return sum(shape is not None and shape.first is not None for shape in shapes) * 2 > len(texts)


_DAY_NUMBER = regex(r"[345]\d{4}(?:\.\d+)?")
"""A day from 1982 to 2064, as workbooks count them."""
_SHARE = regex(r"(\d{1,2})/(\d{1,2})")


def _are_shares(cells: Sequence[Cell]) -> bool:
    """Tell whether all cells are one number of another, 31/35, that no order of day and month makes dates."""
    found = [_SHARE.fullmatch(plain_text(cell).strip()) for cell in cells]
    pairs = [(int(share[1]), int(share[2])) for share in found if share]
    return 0 < len(pairs) == len(found) and not any(
        all(pair[month] <= _MONTHS_OF_A_YEAR for pair in pairs) for month in (0, 1)
    )


_MONTHS_OF_A_YEAR = 12


def holds_days_alone(column: Column) -> bool:
    """Tell whether all filled cells of a column look like dates, and none has a time beside it."""
    texts = [plain_text(cell) for cell in _filled(column)]
    return holds_dates(column) and not any(map(_BESIDE_A_DATE.search, texts))


_BESIDE_A_DATE = regex(r"\d:\d\d|\d\s*[ap]\.?m\b|\d[hu](?:\d\d)?\b|\buhr\b", re.IGNORECASE)
"""What is a time wherever it stands."""


def _is_date(cell: Cell) -> bool:
    if not isinstance(cell, str):
        return isinstance(cell, date)
    text = behind_its_week(cell.strip())
    several = len(cell) <= _LONGEST and (_DAYS_OF_MONTH.fullmatch(text) or _are_dates_listed(text))
    if several or (is_data(text) and scan_span(text) is None) or _is_span_of_dates(text):
        return True
    if not any(map(str.isdigit, text)):
        return False
    if len(text) <= _LONGEST_DATE and any(map(str.isalpha, text)) and is_date(text):
        return True
    parted = parted_dates(leading_weekdays(text)[2]) if len(cell) <= _LONGEST else []
    return len(parted) > 1 and all(map(is_date, parted))


_LONGEST_DATE = 40


def _is_span_of_dates(text: str) -> bool:
    """Tell whether a text is a span of dates and nothing else: "du 17 octobre au 1er novembre 2026"."""
    return text[-1:].isdigit() and _spans_only(text)


def _spans_only(text: str, order: Order | None = None) -> bool:
    span = span_of_dates(text, order)
    return span is not None and not f"{span.before}{span.behind}"


def holds_spans_of_dates(column: Column) -> bool:
    """Tell whether all filled cells of a column are spans of dates: "01/11/2027-05/07/2027"."""
    texts = [plain_text(cell).strip() for cell in _filled(column)]
    return bool(texts) and all(map(_is_span_in_any_order, texts))


def is_date_or_span(text: str) -> bool:
    """Tell whether a text is a date or a span of dates: "01/11/2027-05/07/2027", "14 September"."""
    return is_date(text.strip()) or _is_span_in_any_order(text.strip())


def _is_span_in_any_order(text: str) -> bool:
    return any(_spans_only(text, order) for order in ORDERS)


def _are_dates_listed(text: str) -> bool:
    """Tell whether a text names several days, the last of them with its month: "12, 13 and 14 Nov 2026"."""
    last = _DAYS_LISTED.fullmatch(text)
    return last is not None and month_of(last["month"]) is not None


_DAYS_LISTED = regex(
    r"(?:(?:[^\W\d_]{2,10}\.?\s+)?\d{1,2}(?:st|nd|rd|th|er|\.)?(?:\s+(?:de\s+)?[^\W\d_]{3,12}\.?)?(?:\s+\d{4})?"
    r"\s*(?:[,;&+]|\b(?:and|und|et|y|e|en|och|og)\b)\s*)+"
    r"(?:[^\W\d_]{2,10}\.?\s+)?\d{1,2}(?:st|nd|rd|th|er|\.)?\s+(?:de\s+)?(?P<month>[^\W\d_]{3,12})\.?(?:\s+(?:de\s+)?\d{4})?",
    re.IGNORECASE,
)
_DAYS_OF_MONTH = regex(
    r"(?:[^\W\d_]{2,9}\.?\s+)?\d{1,2}(?:st|nd|rd|th|er|\.)?\s*(?:[-–—]|to|bis|au?|al|t/m)\s*(?:[^\W\d_]{2,9}\.?\s+)?"
    r"\d{1,2}(?:st|nd|rd|th|er|\.)?\s+(?:de\s+)?[^\W\d_]{3,12}\.?(?:\s+\d{4})?",
    re.IGNORECASE,
)
"""Several days of one month, such as “26–31 Oct 2026”."""


def holds_times(column: Column) -> bool:
    """Tell whether all filled cells of a column are times or spans of times; numbers such as 9 and 8.50 are none."""
    cells = list(_filled(column))
    return bool(cells) and all(map(_says_time, cells))


_NO_TIMES = regex(
    r"\b(?:ratio|score|scores|result|results|price|cost|fee|odds|scale|version|ergebnis|resultat|résultat|resultado|"
    r"risultato|uitslag|punkte|verse|verses|chapter|psalm|aspect|share|rate|ages?|age group|alter|âges?|"
    r"edad(?:es)?|età|leeftijd|ålder|alder|grades?|levels?|capacity|seats|pages?)\b",
    re.IGNORECASE,
)
_ONE_DIGIT = regex(r"\d+:\d\b")


def may_be_times(column: Column) -> bool:
    """Tell whether a column whose heading says nothing holds times: no scores (3:2), ratios (1:10) or verses."""
    texts = [cell for cell in _filled(column) if isinstance(cell, str)]
    clear = not texts or any(map(_CLEAR_TIME.search, texts))  # “Van 1” may be “from one o’clock”, and is not
    return (
        clear
        and holds_times(column)
        and not _NO_TIMES.search(column.heading)
        and not any(map(_ONE_DIGIT.search, texts))
    )


_CLEAR_TIME = regex(
    r"\d[:.hu]\d\d|\d\s*[ap]\.?m?\b|\d\s*(?:h|uhr|uur|o'clock)\b|noon|midday|midnight|\b\d{4}\b", re.IGNORECASE
)


_CLOCK = regex(r"(\d{1,2})[.:hu](\d{2})(?::00)?(?:\s?(?:uhr|uur|u|h|hrs))?", re.IGNORECASE)


def _minutes(cell: Cell) -> int | None:
    """Return the minute of the day that a cell says on a clock, "9.30" and "6 pm" included; None for anything else."""
    if isinstance(cell, time):
        return cell.hour * 60 + cell.minute
    text = plain_text(cell).strip()
    if (half := _HALF_OF_DAY.fullmatch(text)) is not None:
        afternoon = 12 if half["half"] in "pP" else 0
        return (int(half["hour"]) % 12 + afternoon) * 60 + int(half["minute"] or 0)
    found = _CLOCK.fullmatch(text)
    return int(found[1]) * 60 + int(found[2]) if found and int(found[1]) <= 24 and int(found[2]) < 60 else None


_HALF_OF_DAY = regex(r"(?P<hour>0?[1-9]|1[0-2])(?:[:.h](?P<minute>[0-5]\d))?\s?(?P<half>[ap])\.?m\.?", re.IGNORECASE)
"""“6:30 PM”, “6pm”."""


def are_clock_times(column: Column) -> bool:
    """Tell whether all filled cells of a column are times on a clock, “9.30” included."""
    cells = list(_filled(column))
    return bool(cells) and all(_minutes(cell) is not None for cell in cells)


def are_starts_and_ends(first: Column, last: Column) -> bool:
    """Tell whether two neighbouring columns are clock times, those of the second never before those of the first.

    Some may go on past midnight.
    Minutes that are no fives and tens, headings that speak of prices, results and the like, speak against it.
    """
    if last.index != first.index + 1 or _NO_TIMES.search(first.heading) or _NO_TIMES.search(last.heading):
        return False
    filled = [pair for pair in zip(first.cells, last.cells, strict=True) if pair != ("", "")]
    spans = [(_minutes(one), _minutes(other)) for one, other in filled]
    whole = [(one, other) for one, other in spans if one is not None and other is not None]
    return (
        bool(whole)
        and len(whole) == len(spans)
        and all(_says_half(one) == _says_half(other) for one, other in filled)
        and all(not one % 5 and not other % 5 for one, other in whole)
        and all(one < other or (one >= _NOON and other <= _NOON) for one, other in whole)
        and any(one < other for one, other in whole)
    )


def may_be_dotted_times(column: Column) -> bool:
    """Tell whether a column of numbers such as “12.30” may be times, as its heading speaks of no price, result or so.

    All have minutes that are fives and tens, and some differ.
    """
    minutes = {_minutes(cell) for cell in _filled(column)}
    dotted = all("." in plain_text(cell) for cell in _filled(column))
    fives = all(minute is not None and not minute % 5 for minute in minutes)
    return len(minutes) > 1 and dotted and fives and not _NO_TIMES.search(column.heading)


_NOON = 12 * 60


def _says_half(cell: Cell) -> bool:
    return _HALF_OF_DAY.fullmatch(plain_text(cell).strip()) is not None


def ring_in_turn(starts: Column, ends: Column) -> bool:
    """Tell whether each row of two columns of clock times begins when that above it is over, a few of them at least."""
    rows = [pair for pair in zip(starts.cells, ends.cells, strict=True) if pair != ("", "")]
    ends_of = [_minutes(last) for _, last in rows]
    starts_of = [_minutes(first) for first, _ in rows]
    rising = all(
        end is not None and start is not None and end <= start
        for end, start in zip(ends_of, starts_of[1:], strict=False)
    )
    return len(rows) >= _FEWEST_COUNTED and rising


def are_first_and_last_days(first: Column, last: Column) -> bool:
    """Tell whether two columns are dates, in some order of day and month those of the second never before the first's.

    The last days may stand blank; headings that speak of something else speak against it.
    """
    if not (may_be_the_day(first) and may_be_the_day(last)):
        return False
    pairs = [pair for pair in zip(first.cells, last.cells, strict=True) if "" not in pair]
    return bool(pairs) and any(all(_in_order(*pair, order) for pair in pairs) for order in ORDERS)


def span_weeks(first: Column, last: Column) -> bool:
    """Tell whether most rows of first and last days reach over more than a week, in some order of day and month."""
    pairs = [pair for pair in zip(first.cells, last.cells, strict=True) if "" not in pair]
    return any(sum(_weeks_apart(*pair, order) for pair in pairs) * 2 > len(pairs) for order in ORDERS)


def holds_spans_of_weeks(column: Column) -> bool:
    """Tell whether most cells are spans of dates of a week or longer, in some order of day and month."""
    texts = [plain_text(cell).strip() for cell in _filled(column)]
    return any(sum(_is_over_weeks(text, order) for text in texts) * 2 > len(texts) for order in (None, *ORDERS))


def _is_over_weeks(text: str, order: Order | None) -> bool:
    span = span_of_dates(text, order)
    return span is not None and (span.last - span.first).days >= _DAYS_OF_A_WEEK


def _weeks_apart(first: Cell, last: Cell, order: Order) -> bool:
    days = [date_of_cell(cell, order) for cell in (first, last)]
    return days[0] is not None and days[1] is not None and (days[1] - days[0]).days > _DAYS_OF_A_WEEK


_DAYS_OF_A_WEEK = 7


def _in_order(first: Cell, last: Cell, order: Order) -> bool:
    days = [date_of_cell(cell, order) for cell in (first, last)]
    return None in days or days[0] <= days[1]  # type: ignore[operator]


def date_of_cell(cell: Cell, order: Order) -> date | None:
    """Return the date that a cell is where its parts stand in an order; None for any other cell."""
    if isinstance(cell, datetime):
        return cell.date()
    return cell if isinstance(cell, date) else date_in(plain_text(cell), order)


def counts_up(column: Column) -> bool:
    """Tell whether the numbers in a column count up from 0 or 1, as periods do, with no more than breaks between."""
    cells = [plain_text(cell).strip(" .") for cell in _filled(column)]
    found = [match for cell in cells if (match := _COUNTED.fullmatch(_ORDINAL.sub("", cell)))]
    numbers = [int(match["number"]) for match in found]
    first = numbers[0] if numbers else 0
    counted = first in (0, 1) and numbers == list(range(first, first + len(numbers)))
    fewest = _FEWEST_COUNTED if any(cell.isdecimal() for cell in cells) else _FEWEST_COUNTED - 1
    return counted and len(numbers) >= fewest and len(numbers) * 2 > len(cells)


_FEWEST_COUNTED = 3
_COUNTED = regex(r"(?P<number>\d{1,3})(?:(?:[ªº°.]|st|nd|rd|th|re|e|er|ère|ème)?\s+[^\W\d]{3,})?", re.IGNORECASE)
"""“3”, “1ª hora”."""
_ORDINAL = regex(r"(?<=\d)(?:ª|º|°|st|nd|rd|th|e|er|re|ère|ème|\.)$", re.IGNORECASE)


def holds_ordinals(column: Column) -> bool:
    """Tell whether all filled cells of a column are small ordinals: "1ª", "2nd", "3."."""
    cells = [plain_text(cell).strip() for cell in _filled(column)]
    numbers = [_ORDINAL.sub("", cell) for cell in cells]
    return bool(cells) and all(a != b and b.isdecimal() and len(b) < 3 for a, b in zip(cells, numbers, strict=True))


def numbers_periods(column: Column) -> bool:
    """Tell whether all filled cells of a column are small whole numbers, 1 or 2 among them, as hours hardly are.

    One and the same word may stand around all of them, that is none of clocks or lengths: "1ª ora", "H1".
    """
    found = [_WITH_WORD.fullmatch(plain_text(cell).strip()) for cell in _filled(column)]
    words = {(match["before"], match["behind"]) if match else None for match in found}
    around = words.pop() if len(words) == 1 else None
    if around is None:
        return False
    numbers = {int(match["number"]) for match in found if match}
    before, behind = around
    of_clocks = (behind or f"{before}…").strip().casefold() in _OF_CLOCKS
    return 0 < min(numbers) <= 2 and max(numbers) <= _MOST_PERIODS and not of_clocks


_WITH_WORD = regex(r"(?P<before>[^\d:–-]{0,15})(?P<number>\d{1,2})(?P<behind>[^\d:–-]{0,15})")
_OF_CLOCKS = frozenset(
    "am pm a.m. p.m. h hr hrs hour hours uhr u min mins minutes minuten stunden heures horas ore uren timer timmar "
    "tuntia godz. godz godzin hodin óra saat ч ч. часа часов ώρες kl… kl.… klo… at… um…".split()
)
"""Words behind the numbers of clock times and lengths, and with an ellipsis those in front."""
_MOST_PERIODS = 14


def holds_weeks_of_month(column: Column) -> bool:
    """Tell whether all filled cells say in which weeks of a month something is, or in all: "1st & 3rd", "every"."""
    cells = [plain_text(cell).strip() for cell in _filled(column)]
    nth = [cell for cell in cells if _NTH.fullmatch(cell)]
    of_weeks = _OF_WEEKS.search(column.heading) or any(cell not in nth or len(cell.split()) > 1 for cell in cells)
    return bool(nth) and bool(of_weeks) and all(cell in nth or _EVERY.fullmatch(cell) for cell in cells)


_OF_WEEKS = regex(r"week|when|often|woche|wann|semaine|semana|settiman|weken|vecka|veckor|uge|uke|týden|tydzień", re.I)
_ONE_NTH = (
    r"(?:[1-5](?:st|nd|rd|th|ª|º|e|er|re|ère|ème|\.)|first|second|third|fourth|fifth|last|letzte[rn]?|dernier|último|"
    r"ultimo|laatste)"
)
_NTH = regex(rf"{_ONE_NTH}(?:\s*(?:[,&/+]|\b(?:and|und|et|y|e|en|och|og)\b)\s*{_ONE_NTH})*", re.IGNORECASE)
_EVERY = regex(
    r"every|each|all|weekly|every week|each week|jede[rn]?|alle|chaque|toutes|cada|todas|ogni|tutte|elke|varje|hver",
    re.IGNORECASE,
)


def names_no_time(column: Column) -> bool:
    """Tell whether a column has cells, and none of them is a time, a number, or a date; “1: Pirates” is a name."""
    cells = [_NUMBERED.sub("", cell) if isinstance(cell, str) else cell for cell in _filled(column)]
    return bool(cells) and not any(
        is_data(cell) or any(map(str.isdigit, plain_text(cell))) or _is_time(plain_text(cell)) for cell in cells
    )


_NUMBERED = regex(r"^\d{1,2}\s?[:.)–-]\s+(?=[^\W\d]{2})")


def holds_amounts(column: Column) -> bool:
    """Tell whether all filled cells of a column are bare numbers, whole or not: 2, 1.25."""
    cells = [plain_text(cell) for cell in _filled(column)]
    return bool(cells) and all(map(_AMOUNT.fullmatch, cells))


_AMOUNT = regex(r"\d{1,3}(?:[.,]\d{1,2})?")


def holds_mostly_times(column: Column) -> bool:
    """Tell whether most filled cells of a column are times, and the others short words such as "TBC"."""
    cells = list(_filled(column))
    timed = list(filter(_says_time, cells))
    others = [plain_text(cell) for cell in cells if cell not in timed]
    short = all(len(text) <= _SHORT_WORD for text in others)
    return len(timed) * 2 > len(cells) and short and not _NO_TIMES.search(column.heading)


_SHORT_WORD = 6


def holds_times_among_others(column: Column) -> bool:
    """Tell whether half of the filled cells of a column, or more, are times, whatever the others are."""
    cells = list(_filled(column))
    timed = sum(map(_says_time, cells))
    return timed * 2 >= len(cells) and timed > 0 and not _NO_TIMES.search(column.heading)


def _says_time(cell: Cell) -> bool:
    return isinstance(cell, time) or (isinstance(cell, str) and _is_time(cell))


def _is_time(text: str) -> bool:
    return not (_NUMBER.fullmatch(text) or _HOUR_OR_CLASS.fullmatch(text)) and scan_span(text) is not None


_HOUR_OR_CLASS = regex(r"\d{1,2}\s?[ap]", re.IGNORECASE)
"""“4a” is a class where no heading says that it is an hour."""


def holds_lengths(column: Column) -> bool:
    """Tell whether all filled cells of a column are lengths of time that name their unit: "2h", "half an hour"."""
    cells = [plain_text(cell) for cell in _filled(column)]
    return bool(cells) and all(any(map(str.isalpha, cell)) and read_length(cell) for cell in cells)


def holds_numbers(column: Column) -> bool:
    """Tell whether all filled cells of a column are whole numbers."""
    cells = list(_filled(column))
    return bool(cells) and all(plain_text(cell).isdecimal() for cell in cells)


def means_weekday(column: Column, kind: SheetKind) -> bool:
    """Tell whether a column of days is the weekday of another's dates, where a kind of sheet has such a field."""
    return kind.field("weekday") is not None and holds_weekdays(column)


def named_field(column: Column, kind: SheetKind, known: Callable[[str], str | None], lead: str) -> str | None:
    """Return the field that a column's heading surely means, as it is or without the lead-in of all headings.

    ``known`` tells what a heading means; below "Day" the cells decide whether it is the weekday of another's dates.
    """
    if heading_key(column.heading) in DAY_HEADINGS and means_weekday(column, kind):
        return "weekday"
    name = (known(column.heading) if column.heading else None) or known(without_lead_in(column.heading, lead))
    field = kind.field(name) if name else None
    if field is not None and field.dated and holds_dates(column):
        return field.dated
    if field is not None and field.timed and are_clock_times(column):
        return field.timed
    if field is not None and field.titled and holds_titles(column) and _are_phrases(column):
        return field.titled
    return name


def _are_phrases(column: Column) -> bool:
    """Tell whether most cells of a column have several words: they are no choices."""
    cells = [plain_text(cell) for cell in column.cells if cell != ""]
    return sum(" " in cell.strip() for cell in cells) * 2 > len(cells)


def marks_rows(column: Column) -> bool:
    """Tell whether a column marks some rows with a cross or a yes, and leaves the others blank."""
    filled = [cell for cell in column.distinct if cell != ""]
    marked = all(plain_text(cell).strip().casefold() in YES for cell in filled)
    return bool(filled) and marked and len(filled) < len(column.distinct)


def what_meets(periods: Sequence[Column], others: Sequence[Column]) -> Column | None:
    """Return the column that says what meets, where no heading does: long texts for periods, else the only words.

    Of several columns of words it is the first of the sheet, where its texts differ: a row is called by it.
    """
    cells = (plain_text(cell) for column in periods for cell in column.cells if cell != "")
    if any(len(cell) <= _LONGEST_PERIOD for cell in cells):
        return None
    left = list(periods) or [column for column in others if holds_titles(column)]
    first = left[0] if left else None
    calls_rows = first is not None and first.index == 0 and len(set(first.cells)) == len(first.cells)
    return first if len(left) == 1 or (first is not None and calls_rows and not holds_codes(first)) else None


_LONGEST_PERIOD = 3


def holds_numbered_weeks(column: Column) -> bool:
    """Tell whether all filled cells of a column are weeks by number, and say so: “v. 36–50”, “KW 40–45”."""
    texts = [plain_text(cell).strip() for cell in _filled(column)]
    return bool(texts) and all(map(_NUMBERED_WEEKS.match, texts)) and not holds_days_and_periods(column)


_NUMBERED_WEEKS = regex(
    r"(?:v|vecka|veckor|kw|kalenderwochen?|wochen?|wk|weeks?|semaines?|semanas?|settiman[ae]|weken|uge|uger|uke|uker)"
    r"\.?\s*\d{1,2}(?!\d)",
    re.IGNORECASE,
)


def holds_repeats(column: Column) -> bool:
    """Tell whether the cells of a column are words, and most of them say how often: "every Friday"."""
    cells = list(_filled(column))
    if not cells or not all(isinstance(cell, str) and len(cell) <= _LONGEST and not is_data(cell) for cell in cells):
        return False
    return _mostly([cell for cell in cells if isinstance(cell, str)], is_repeat)


def _mostly(texts: Sequence[str], fits: Callable[[str], bool]) -> bool:
    """Tell whether more than half of some texts fit; the rest is not looked at once half of them do not."""
    misses = 0
    for text in texts:
        misses += not fits(text)
        if misses * 2 >= len(texts):
            return False
    return bool(texts)


def is_repeat(text: str) -> bool:
    """Tell whether a text says how often something is, and not just on which days of a cycle."""
    from nomarium.core.repeats import NotUnderstood, read_words

    try:
        return not read_words(text, date(2000, 1, 3)).labels or text.casefold().startswith(("every ", "each "))
    except NotUnderstood as refused:
        return refused.surely


def holds_days_and_times(column: Column) -> bool:
    """Tell whether most cells of a column name weekdays and, behind them, times: "Mo 10:00-12:00, Mi 9:00-10:00"."""
    sample = islice(dict.fromkeys(_filled(column)), _SAMPLE)
    days = [word for cell in sample if isinstance(cell, str) for word in _words_ahead_of_times(cell)]
    letters = {word.casefold() for word in days if len(word) == 1}
    known = letters if any(letters <= names.keys() for names in short_weekdays()) else frozenset[str]()
    return _most_are(column, lambda text: _is_days_and_times(text, known))


def holds_days_and_periods(column: Column) -> bool:
    """Tell whether most cells of a column name weekdays, each with its period: "Mon P1, Thu P3", "TueB 2"."""
    return _most_are(column, _is_days_and_periods)


def _most_are(column: Column, fits: Callable[[str], bool]) -> bool:
    texts = [cell for cell in dict.fromkeys(_filled(column)) if isinstance(cell, str) and len(cell) <= _LONGEST]
    return _mostly(texts, fits)


def _is_days_and_periods(text: str) -> bool:
    parts = [_DAY_AND_PERIOD.fullmatch(part.strip()) for part in re.split(r"[,;\n]", text) if part.strip()]
    days = [part["day"] if part else "" for part in parts]
    return bool(days) and all(any(map(is_weekday, (day, day[:-1], _LETTER_AHEAD.sub("", day)))) for day in days)


_LETTER_AHEAD = regex(r"^[A-D](?=[A-Z][a-z])")
"""The letter of a week, glued to its weekday: “AMon”."""


_OF_WEEK = r"(?:(?:week|wk|w)\.?\s?)?\d"
_DAY_AND_PERIOD = regex(
    rf"(?:(?:{_OF_WEEK}[-.:/\s]?|(?:(?:week|wk)\s?)?[A-D][-.:/\s]))?(?P<day>[^\W\d_]{{2,12}}?)\.?"
    rf"(?:\s+[A-D]|[-.:/\s]?{_OF_WEEK}(?=\D))?"
    r"[-.:/\s]{0,2}(?:p|pd|per|period|std|stunde|h|l)?\.?\s*\d{1,2}\.?",
    re.IGNORECASE,
)


def _is_days_and_times(text: str, letters: Collection[str]) -> bool:
    words = _words_ahead_of_times(text)
    known = (word.casefold() in letters or is_weekday(word) or is_weekday(word.rstrip("s")) for word in words if word)
    return bool(words) and all(words) and all(known)


def _words_ahead_of_times(text: str) -> list[str]:
    """Return the words between the times of a text; "" where nothing stands ahead of one."""
    ahead = [days for days, _ in spans_with_days(text)] if len(text) <= _LONGEST else []
    return [word for days in ahead for word in _BETWEEN_DAYS.split(days)]


_SAMPLE = 200
"""So many cells show whether days are letters."""
_BETWEEN_DAYS = regex(r"\s*[,;/&+]\s*|\s+(?:and|und|et|y|e|en|och|og)\s+|\s*[-–]\s*")


def mixes_dates_and_repeats(column: Column) -> bool:
    """Tell whether each cell of a column is a date, or says how often something is; and some are each.

    Runs of courses, “Di, 12.01. – 16.02.2027, 6x”, are both: all may be that.
    """
    from nomarium.core.repeats import run_in

    cells = [cell for cell in dict.fromkeys(_filled(column)) if not isinstance(cell, str) or len(cell) <= _LONGEST]
    texts = [cell for cell in cells if isinstance(cell, str) and _HOW_OFTEN.search(cell)]
    repeats = [text for text in texts if not _is_date(text) or run_in(text)]
    if not repeats or (len(repeats) == len(cells) and not all(map(run_in, texts))):
        return False
    others = [cell for cell in cells if cell not in repeats]
    return all(map(_is_date, others)) and all(is_repeat(cell) for cell in repeats)


def says_how_often(column: Column, *, in_words: bool = False) -> bool:
    """Tell whether a column's cells are repeats that say more than a weekday: "every Friday", "8 Tuesdays from …".

    ``in_words`` asks for a word that says so in each: where titles stand, a number alone is no sign of a repeat.
    """
    sign = _WORD_OF_REPEATS if in_words else _HOW_OFTEN
    cells = [cell for cell in _filled(column) if isinstance(cell, str)]
    signs = _mostly(cells, lambda cell: bool(sign.search(cell))) or (not in_words and _some_of_month(cells))
    return signs and holds_repeats(column)


def _some_of_month(cells: Sequence[str]) -> bool:
    """Tell whether texts that are all repeats name days of a month, too: "Sunday", "First Friday"."""
    return any(map(_OF_MONTH.match, cells)) and all(map(is_repeat, dict.fromkeys(cells)))


_OF_MONTH = regex(r"(?:first|second|third|fourth|last|1st|2nd|3rd|4th)\s+[^\W\d_]{3,}", re.IGNORECASE)


_REPEAT_WORDS = (
    r"\b(?:every|each|daily|weekly|fortnight\w*|monthly|yearly|annually|alternate|of the month|from|until|sessions|"
    r"times|weeks|except)\b"
)
_WORD_OF_REPEATS = regex(_REPEAT_WORDS, re.IGNORECASE)
_HOW_OFTEN = regex(rf"{_REPEAT_WORDS}|\d", re.IGNORECASE)


def holds_halves_of_the_day(column: Column) -> bool:
    """Tell whether all filled cells of a column are am or pm, standing apart from their times."""
    cells = list(_filled(column))
    return bool(cells) and all(isinstance(cell, str) and _HALF.fullmatch(cell) for cell in cells)


def may_be_the_day(column: Column) -> bool:
    """Tell whether a column's dates can be those of the events, and not when a row was entered or someone born."""
    return holds_dates(column) and not is_about_the_row(column)


def is_deadline(column: Column) -> bool:
    """Tell whether a column holds the dates by which something is due."""
    return holds_dates(column) and "deadline" in heading_key(column.heading)


def is_about_the_row(column: Column) -> bool:
    """Tell whether a heading says that the column is about the entry, a person or a payment, not about the event."""
    key = heading_key(column.heading)
    return any(word in key for word in _NOT_THE_DAY)


_RUN = regex(r"(?:M|Tu|Th|T|W|R|F|Sa|Su|S|U){2,7}")


def holds_weekdays(column: Column) -> bool:
    """Tell whether all filled cells of a column name weekdays: “Mon”, “Tue & Thu”, “MWF”, “TTS”.

    A lone letter does beside a run of them: “R” among “MWF” and “TR”.
    """
    cells = [cell.strip() if isinstance(cell, str) else "" for cell in _filled(column)]
    alone = _LONE_LETTERS if any(map(_RUN.fullmatch, cells)) else frozenset[str]()
    return bool(cells) and all(cell in alone or _names_weekdays(cell) for cell in cells)


_LONE_LETTERS = frozenset("MTWRFSU")


def names_several_weekdays(column: Column) -> bool:
    """Tell whether each filled cell of a column names more than one weekday: “Thu–Sat”, “Mon, Wed”."""
    return holds_weekdays(column) and not any(is_weekday(str(cell).strip()) for cell in _filled(column))


def days_by_cells(name: str, column: Column) -> str:
    """Return the field of a column headed as hours, periods or lessons by its cells, "slot" or "day"; "" for others."""
    if name in ("hours", "period") and holds_days_and_times(column):
        return "slot"
    if name == "count" and holds_days_and_periods(column):  # “Lessons” need not be their number
        return "slot"
    return "day" if name == "period" and holds_weekdays(column) else ""


def holds_spans(column: Column) -> bool:
    """Tell whether all filled cells of a column are spans of times: "16:00–17:30"."""
    cells = list(_filled(column))
    spans = [scan_span(cell) if isinstance(cell, str) else None for cell in cells]
    return (
        bool(cells)
        and all(span is not None and span.end is not None for span in spans)
        and not all(isinstance(cell, str) and _BARE_NUMBERS.fullmatch(cell) for cell in cells)
    )


_BARE_NUMBERS = regex(r"\s*\d{1,2}\s*[-–]\s*\d{1,2}\s*")
"""“1–2” are periods."""


def says_when_not(column: Column) -> bool:
    """Tell whether all filled cells of a column say on which dates something is not: “No class 28 October”."""
    said = [without_not_on(cell) if isinstance(cell, str) else None for cell in _filled(column)]
    return bool(said) and all(text is not None and any(map(str.isdigit, text)) for text in said)


def _names_weekdays(text: str) -> bool:
    if is_weekday(text) or _RUN.fullmatch(text):
        return True
    parts = _DAYS_APART.split(text.strip()) if len(text) <= _LONGEST else []
    return len(parts) > 1 and all(is_weekday(part) for part in parts)


_DAYS_APART = regex(r"\s*(?:[,;/&+–-]|\b(?:and|to|und|et|y|e|en|och|og|bis)\b)\s*", re.IGNORECASE)


def holds_codes(column: Column) -> bool:
    """Tell whether most cells of a column are codes: short, with a digit: "CHEM 110-02"."""
    cells = [plain_text(cell) for cell in _filled(column)]
    return sum(bool(_CODE.fullmatch(cell)) for cell in cells) * 2 > len(cells)


def _has_words(text: str) -> bool:
    """Tell whether a text has words that are no date or time; a time may lead them: “19.30 Uhr Elternabend”."""
    led = _LED_BY_TIME.fullmatch(text.strip())
    words = led["rest"] if led else text
    return any(map(str.isalpha, words)) and not is_data(words)


_LED_BY_TIME = regex(
    r"\d{1,2}[:.h]\d{2}(?:\s*[-–—]\s*\d{1,2}[:.h]\d{2})?(?:\s*(?:uhr|uur|h|[ap]\.?m\.?))?[\s:,–—-]+(?P<rest>[^\W\d].*)",
    re.IGNORECASE,
)


def holds_people(column: Column) -> bool:
    """Tell whether most of the names in a column have the form of people's."""
    return most_are(list(dict.fromkeys(plain_text(cell).strip() for cell in _filled(column))), PERSON_FORM)


def is_person(text: str) -> bool:
    """Tell whether a text is the name of a person by its form alone, or of several: "Mr Hale", "A. Cole; B. Dunn"."""
    return all(_PERSON.fullmatch(part.strip()) for part in re.split(r"[;\n|&]", text))


def names_people(column: Column) -> bool:
    """Tell whether all texts of a column are people's names by their form alone."""
    texts = {" ".join(plain_text(cell).split()) for cell in _filled(column)}
    return bool(texts) and all(map(is_person, texts))


_PERSON = regex(
    r"(?:(?:Mr|Mrs|Ms|Miss|Mx|Dr|Prof|Sir|Fr|Rev|Revd|Br|Nurse|Sister|Coach|Herr|Frau|"
    r"M|Mme|Mlle|Sr|Sra|Señor|Señora|Sig|Dhr|Mevr)\b\.? \S.*"
    r"|(?:[^\W\d_]\.[ -]?)+[^\W\d_][\w’'-]+|[^\W\d_][\w’'-]+, ?[^\W\d_]\.(?: ?[^\W\d_]\.)*|[\w.+-]+@[\w.-]+\.\w+)"
)


def holds_titles(column: Column) -> bool:
    """Tell whether a column's cells could be titles: words in at least half of the rows, and no marks."""
    cells = [cell for cell in column.cells if cell != ""]
    if all(isinstance(cell, str) and cell.strip().casefold() in MARKS for cell in cells):
        return False
    words = [cell for cell in cells if isinstance(cell, str) and _has_words(cell)]
    return len(words) * 2 > len(column.cells) and len(words) * 10 >= len(cells) * 9
