"""Rows of a calendar that say when something begins or ends: "First day of school", "Half term ends"."""

from __future__ import annotations

import re
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta
from enum import StrEnum
from typing import TYPE_CHECKING, NamedTuple

from nomarium.core.datesheets.row_names import closes_school
from nomarium.core.kinds import vocabulary as words
from nomarium.core.values import names_part_of_year
from nomarium.lazily import regex

if TYPE_CHECKING:
    from nomarium.core.datesheets.rows import DatedRow


class Side(StrEnum):
    """Which edge of a span a row names."""

    BEGINS = "begins"
    ENDS = "ends"
    RESUMES = "resumes"
    """School is in again: what was closed ended on the day before."""


class Edge(NamedTuple):
    """One edge of a span, and what begins or ends there."""

    side: Side
    what: str

    @property
    def of_school(self) -> bool:
        """Whether school itself begins or ends, and no holiday."""
        what = self.what
        return bool(_SCHOOL.search(what)) and not _BESIDE_SCHOOL.search(what) and not speaks_of_holiday(what)

    @property
    def of_activity(self) -> bool:
        """Whether something begins or ends that goes on week by week, as clubs do: where no school is, that is it."""
        return bool(_ACTIVITY.search(self.what)) and not speaks_of_holiday(self.what)

    @property
    def without_break(self) -> Edge:
        """The same edge without the break that comes next: “classes before winter break” are classes."""
        return self._replace(what=_BEFORE.sub("", self.what))


_SCHOOL_DECLINED = (
    r"(?:zaj[eę]\w+|nauki|roku? szkoln\w+|roku? akademick\w+|semestr\w*|półrocza|lekcji|školní\w* \w+|školsk\w+ \w+|"
    r"vyučování|vyučovania|výuky|pololetí|polroka|kurz\w*|(?:a )?tanév|(?:a )?tanítás|(?:a )?félév|koulut?|"
    r"lukuvuosi|syyslukukausi|kevätlukukausi|opetus|skolan|skoleåret|skolen|terminen|höstterminen|vårterminen|"
    r"undervisningen|kursen|eğitim\w*|dersler\w*|okul\w*|yarıyıl\w*|dönem\w*|nastave|školske godine|"
    r"šolskega leta|pouka|mokslo metų|mācību gada|õppeaasta|õppetöö|учебного года|занятий|уроков|навчального року|"
    r"занять|cursuril\w+|școal\w+|semestrul)"
)
"""School, its year, terms and lessons, as the words beside them decline them in their languages."""
_SCHOOL = regex(
    r"\b(?:school|classes|class|terms?|semesters?|quarters?|trimesters?|lessons|instruction|students|school year|"
    r"semestre|trimestre|bimestre|cuatrimestre|quadrimestre|halbjahr|schulhalbjahr|termin|session|seasons?|saison|temporada|stagione|seizoen|sæson|sesong|säsong|training|"
    r"teaching|clases|curso|lectivo|rentrée|année|anno|élèves|unterricht|schule|schuljahr|cours|classe|lezioni|scuola|lessen|skole|skola|"
    rf"undervisning|aulas?|letivo|escola|escolar)\b|{_SCHOOL_DECLINED}",
    re.IGNORECASE,
)
_BESIDE_SCHOOL = regex(
    r"\b(?:after[- ]school|clubs?|activit(?:y|ies)|swimming|rehearsals?|practices?|games|matches|fixtures?|tutoring|"
    r"workshops?|services?|clinics?|coaching|photos?|pictures?|trips?|fairs?|plays?|concerts?|registration|enrol\w*|"
    r"applications?|interviews?|advising|orientation|meals|lunch\w*|bus(?:es)?|sports|ags?|ateliers?|talleres|"
    r"inscri\w+|matrícula\w*|iscrizion\w+)\b",
    re.IGNORECASE,
)
"""What begins or ends beside school itself: “After-school clubs”, “School photos”."""
_ACTIVITY = regex(rf"\b(?:{words.ACTIVITIES})\b", re.IGNORECASE)
_HOLIDAY = regex(
    r"\b(?:holidays?|break|vacations?|half[- ]term|recess|reading (?:week|days?)|study (?:week|days?)|inset|"
    r"closures?|closed|no (?:school|class|classes|lessons)|"
    r"ferien|vacances|vacaciones|vacanze|ferie|"
    r"vakantie|lov)\b|ferien\b",
    re.IGNORECASE,
)
_DAY_OF_SCHOOL = (
    r"(?:schul|unterrichts|vorlesungs|kurs|les|school|skol|skole|undervisnings|undervisning|koulu)"
    r"(?:tag|dag|daga?r?|päivä)|schooldag|lesdag|skoldagen|"
    r"(?:clases?|cours|classe|scuola|lezioni?|aulas?|nauki|zajęć|szkoły|vyučování|školy|lektionen?)\b"
)
_FIRST_DAY = "first day|erster tag|premier jour|primer día|primo giorno|eerste dag|första dagen|første dag"
_LAST_DAY = "last day|letzter tag|dernier jour|último día|ultimo giorno|laatste dag|sista dagen|sidste dag|siste dag"
"""What rows below the name of a term are called."""
_SEASON = r"saison|sæson|säsong|sesong|seizoen|semester|kurs|kursus|undervisning"
"""What begins or ends in one word with it: “Sæsonstart”."""
_OPEN_OR_CLOSE = r"schools?|classes|(?:\w+ )?(?:term|semester|trimester|quarter)(?: \w{1,3})?"
_FORMS = (
    (Side.RESUMES, regex(
        r"(?P<what>school|classes|lessons|students|staff and students|teaching|instruction|unterricht|clases|cours)\s+"
        r"(?:re-?opens?|resumes?|returns?|re-?starts?|back|wieder|se reanudan|reprennent)(?: .*)?|"
        r"(?:back to|return to|reprise des|vuelta a|wiederbeginn) (?P<what2>.+)", re.I)),
    (Side.BEGINS, regex(rf"(?:the )?(?P<what>{_OPEN_OR_CLOSE}) opens?", re.I)),
    (Side.ENDS, regex(
        rf"(?:the )?(?P<what>{_OPEN_OR_CLOSE}) (?:closes?|breaks? up)"
        r"(?: for (?:the )?(?:(?:school )?year|summer(?: holidays?)?))?", re.I)),
    (Side.ENDS, regex(
        rf"(?:the )?(?P<what>{_OPEN_OR_CLOSE}) (?:closes?|breaks? up|finish(?:es)?) (?:for|at|until) .+", re.I)),
    (Side.BEGINS, regex(rf"(?P<what>{_FIRST_DAY})", re.I)),
    (Side.ENDS, regex(rf"(?P<what>{_LAST_DAY})", re.I)),
    (Side.BEGINS, regex(
        r"(?:the )?(?:first day|start|beginning|beginn|début|inicio|inizio|início|começo|begin|start) "
        r"(?:(?:of|for|der|des|du|de la|de las|de los|del|delle|dei|de|das|dos|do|da|van|av)\s+)?"
        r"(?:the )?(?P<what>.+)", re.I)),
    (Side.ENDS, regex(
        r"(?:the )?(?:last day|end|ende|fin|fine|fim|final|término|termine|encerramento|einde|slut) "
        r"(?:(?:of|for|der|des|du|de la|de las|de los|del|delle|dei|de|das|dos|do|da|van|av)\s+)"
        r"(?:the )?(?P<what>.+)", re.I)),
    (Side.ENDS, regex(
        r"(?:fine|fin|final|fim|ende|einde|slut) (?:(?:primo|secondo|terzo|[1-4][.º°ª]?|I{1,3}) )?"
        r"(?P<what>(?:lezioni|scuola|anno|quadrimestre|trimestre|semestre|bimestre|clases|curso|cours|aulas|lessen|"
        r"unterricht|schuljahr|halbjahr|termin)\b.*)", re.I)),
    (Side.BEGINS, regex(
        r"(?P<what>.+?)(?:\s*[:–-]\s*|\s+)(?:begins?|starts?|commences?|beginnen|beginnt|begint)", re.I)),
    (Side.ENDS, regex(
        r"(?P<what>.+?)(?:\s*[:–-]\s*|\s+)(?:ends?|finishes|finish|concludes?|enden|endet|eindigt)", re.I)),
    (Side.BEGINS, regex(
        r"(?:la )?(?P<what>rentrée)(?: (?:scolaire|des (?:élèves|classes|étudiants)|universitaire|\d{4}.*))*|"
        r"(?:ouverture|"
        r"début|apertura|comienzo) (?:de l['’]|de |del |des |des?l )?(?P<what2>année.*|curso.*|cours.*|anno.*)", re.I)),
    (Side.ENDS, regex(
        r"(?:fin|clôture|fine|final|sortie) (?:de l['’]|de |del |dell['’]|des |d['’])?"
        r"(?P<what>année.*|curso.*|cours.*|anno.*|élèves)", re.I)),
    (Side.BEGINS, regex(
        r"(?:(?:der )?erste[rn]? |eerste |primer |primo |primeiro |premier |första |første |ensimmäinen |"
        r"pierwszy |první |1\.? ?)"
        rf"(?:(?:giorno|día|dia|jour|dzień|den) (?:di |de |del |d['’])?)?(?P<what>{_DAY_OF_SCHOOL}).*", re.I)),
    (Side.BEGINS, regex(
        rf"(?:(?:uroczyste )?rozpoczęcie|początek|začátek|začiatok|zahájení|zahájenie|početak|začetek|pradžia|"
        rf"sākums|algus|начало|початок) (?P<what>{_SCHOOL_DECLINED}.*)|(?P<what2>{_SCHOOL_DECLINED}(?: \S+)?) "
        r"(?:kezdete|alkaa|alkavat|börjar|starter|begynder|begynner|başlangıcı|başlaması|începe)", re.I)),
    (Side.ENDS, regex(
        rf"(?:zakończenie|koniec|konec|ukončení|ukončenie|kraj|pabaiga|beigas|lõpp|конец|окончание|кінець|закінчення) "
        rf"(?P<what>{_SCHOOL_DECLINED}.*)|(?P<what2>{_SCHOOL_DECLINED}(?: \S+)?) "
        r"(?:vége|päättyy|päättyvät|slutar|slutter|sona ermesi|bitişi|se încheie)", re.I)),
    (Side.ENDS, regex(
        r"(?:(?:der )?letzte[rn]? |laatste |último |ultimo |dernier |sista |siste |sidste |viimeinen |"
        r"ostatni |poslední )"
        rf"(?:(?:giorno|día|dia|jour|dzień|den) (?:di |de |del |d['’])?)?(?P<what>{_DAY_OF_SCHOOL}).*", re.I)),
    (Side.BEGINS, regex(
        rf"(?P<what>unterricht|schul|.*ferien|{_SEASON})s?beginn|(?P<what2>skole|skol|{_SEASON})s?start", re.I)),
    (Side.ENDS, regex(
        rf"(?P<what>unterricht|schul|.*ferien|{_SEASON})s?(?:ende|schluss)|"
        rf"(?P<what2>skole|skol|{_SEASON})s?(?:slutt?|avslutning|afslutning|einde)", re.I)),
)  # fmt: skip
_LAST_BEFORE = regex(
    r"(?:the |der |le |el |l')?(?:last|letzter|dernier|último|ultimo|laatste|sista|siste|sidste) "
    r"(?:day|tag|jour|día|giorno|dia|dag|dagen) "
    r"(?P<before>(?:before|prior to|vor|avant|antes|prima|voor|inför|før) .+)",
    re.IGNORECASE,
)
"""“Last day before winter break”: of school, as all know."""
_CLOSES_FOR = regex(r"\b(?:closes?|breaks? up) for\b", re.IGNORECASE)
"""“Close for Easter”: school, as all know; “closed for Easter” is about that day."""
_PART_OF_WORD = ("schul", "skol", "skole")
_LONGEST = 120
_GENERIC = regex(
    rf"(?:the )?(?:new )?(?:students|instruction|term|{words.ACTIVITIES})"
    r"(?: for (?:all|students|everyone))?",
    re.I,
)


def is_bare_edge(name: str) -> bool:
    """Tell whether a text says an edge alone, and not of what: "First day", as headings do, too."""
    return re.fullmatch(f"{_FIRST_DAY}|{_LAST_DAY}", " ".join(name.split()), re.IGNORECASE) is not None


def edge_of(name: str) -> Edge | None:
    """Return which edge of what a row names; None for a row about a whole span or a single day."""
    if len(name) > _LONGEST:
        return None
    text = re.sub(r"\s*\([^)]*\)\s*$", "", " ".join(name.split())).strip(" .!")
    if (before := _LAST_BEFORE.fullmatch(text)) is not None:
        return Edge(Side.ENDS, f"school {before['before']}")
    if _CLOSES_FOR.match(text):
        return Edge(Side.ENDS, "school")
    for side, form in _FORMS:
        if match := form.fullmatch(text):
            what = next(filter(None, match.groupdict().values()), "").strip(" :–-")
            plain = what.casefold()
            what = (
                "unterricht"
                if is_bare_edge(plain) or plain in _PART_OF_WORD or re.fullmatch(_DAY_OF_SCHOOL, plain)
                else what
            )
            return Edge(side, what)
    return None


def speaks_of_holiday(name: str) -> bool:
    """Tell whether a row is about a holiday or a break: "Vacances de Noël"."""
    return bool(_HOLIDAY.search(name))


_HOLIDAYS = regex(
    r"\b(?:"
    r"christmas|boxing day|new year|easter|good friday|thanksgiving|labou?r day|may day|memorial day|independence|"
    r"veterans|remembrance|armistice|columbus|indigenous peoples|martin luther king|mlk|presidents|juneteenth|"
    r"victoria day|canada day|family day|waitangi|anzac|australia day|king[’']?s birthday|st\.? patrick|ascension|"
    r"whit|pentecost|toussaint|assomption|fête nationale|noël|pâques|pentecôte|jour de l[’']an|fête du travail|"
    r"victoire 1945|weihnacht\w*|ostern|oster\w+|pfingst\w*|himmelfahrt|fronleichnam|allerheiligen|neujahr|"
    r"tag der \w+|reformationstag|navidad|semana santa|reyes|inmaculada|constitución|hispanidad|todos los santos|"
    r"año nuevo|natale|pasqua|pasquetta|ferragosto|liberazione|ognissanti|epifania|natal|páscoa|carnaval|proclamação|"
    r"kerst\w*|pasen|pinksteren|koningsdag|jul|påske?|pinse|kristi|midsommar|grunnlovsd\w*|store bededag|"
    r"tiradentes|corpus christi|independência|aparecida|finados|consciência negra|paixão de cristo|sexta-feira santa|"
    r"\w*bayram\w*|\w*tatil\w*|święt\w*|wielkanoc\w*|boże ciało|trzech króli|wszystkich świętych|vánoc\w*|velikono\w*|"
    r"(?:státní )?svátek|vianoc\w*|karácsony\w*|húsvét\w*|pünkösd\w*|mindenszentek|joulu\w*|pääsiäi\w*|helatorstai|"
    r"itsenäisyyspäivä|juhannus|vappu|loppiainen|bank holiday|midsummer|saint john\w*"
    r")\b",
    re.IGNORECASE,
)


def names_holiday(name: str) -> bool:
    """Tell whether a row's name is that of a public or religious holiday: "Armistice", "Labor Day"."""
    return bool(_HOLIDAYS.search(name))


def names_term(name: str) -> bool:
    """Tell whether a row is called as a school year or one of its parts: "Autumn term", "Année scolaire 2026-27"."""
    text = " ".join(name.split())
    whole = _IN_BRACKETS.fullmatch(text)
    parts = whole.groups() if whole and names_part_of_year(whole["which"]) else (text,)
    called = any(names_part_of_year(part) or _WHOLE_YEAR.fullmatch(part) is not None for part in parts)
    return called and not speaks_of_holiday(text) and not edge_of(text)


_IN_BRACKETS = regex(r"(?P<what>[^()]+?)\s*\((?P<which>[^()]+)\)")
"""“Lezioni (secondo quadrimestre)”."""
_WHOLE_YEAR = regex(
    r"(?:the |all |le |les |el |los |las |i |le )?(?:course|courses|curso|cursos|cours|corso|corsi|kurse?|classes?|"
    r"clases|lessons|lezioni|lessen|teaching|instruction|unterricht|undervisning|session|season|saison|temporada|stagione|"
    r"seizoen|säsong(?:en)?|sæson(?:en)?|sesong(?:en)?|sezon|sezona|kausi|évad|year|jahr|année|año|ano|anno|jaar|året|rok|"
    r"(?:school|teaching|course|program(?:me)?) (?:dates|period)|periodo(?: lectivo| de clases)?|zajęcia|výuka|"
    r"tanítás|opetus)(?: \d{4}(?:\s?[-–/]\s?\d{2,4})?| \d{2}\s?[-–/]\s?\d{2})?",
    re.IGNORECASE,
)
"""What lasts as long as the year of those who write it: “Curso”, “Season 2026/27”."""


def names_term_alone(name: str) -> bool:
    """Tell whether a row is called as a part of the year, and says of no part that the school is closed."""
    return names_term(name) and not closes_school(name)


@dataclass(frozen=True, slots=True)
class Joined:
    """A span that two rows name: its name, first and last day, and the row that it begins in."""

    name: str
    first: date
    last: date
    row: DatedRow
    before: DatedRow | None = None
    """The break on whose eve it ends, where no row says the end itself."""
    ends: DatedRow | None = None
    """The row that says the end, and a time of that day with it: “School closes at 12:00”."""


@dataclass(slots=True)
class Edges:
    """What the rows that name edges come to."""

    spans: list[Joined] = field(default_factory=list)
    open: list[tuple[DatedRow, Edge]] = field(default_factory=list)
    """Rows whose other edge no row names."""
    used: set[int] = field(default_factory=set)
    """The records that a span was made of."""


def join_edges(rows: Iterable[DatedRow], *, of_school: bool) -> Edges:
    """Put rows that name the two edges of a span together: those of school, or those of all else.

    What is closed ends with a row that says so, or on the day before school is in again.
    """
    in_order = sorted(rows, key=lambda row: row.first)
    spans = {row.record for row in in_order if row.first < row.last and _CLOSES_FOR.search(row.name)}  # closures
    edges = [(row, edge) for row in in_order if row.record not in spans and (edge := edge_of(row.name)) is not None]
    edges = _with_the_last_before_a_break(edges)
    if not any(edge.of_school for _, edge in edges):
        edges = [(row, edge._replace(what="school") if edge.of_activity else edge) for row, edge in edges]
    edges = _with_school_begun(edges) if of_school else edges
    found = Edges()
    if of_school and (whole := _until_a_break(in_order, edges)):
        return Edges([whole], used={whole.row.record, in_order[-1].record})
    for index, (row, edge) in enumerate(edges):
        if edge.side is not Side.BEGINS or edge.of_school is not of_school:
            continue
        end = _end_of(edge, edges[index + 1 :], of_school=of_school)
        if end is None:
            found.open.append((row, edge))
            continue
        last, after = end
        day = last.last if after.side is Side.ENDS else last.first - timedelta(days=1)
        early = last if after.side is Side.ENDS and _AT_A_TIME.search(last.name) else None
        found.spans.append(Joined(edge.what, row.first, day, row, ends=early))
        found.used |= {row.record, last.record}
    found.open += [
        (row, edge)
        for row, edge in edges
        if edge.side is Side.ENDS and edge.of_school is of_school and row.record not in found.used
    ]
    return found


def _with_school_begun(edges: list[tuple[DatedRow, Edge]]) -> list[tuple[DatedRow, Edge]]:
    """Let “school re-opens” begin it, where nothing else has begun it before, or another row has ended it."""
    found: list[tuple[DatedRow, Edge]] = []
    in_school = False
    for row, edge in edges:
        begins = edge.of_school and edge.side is Side.RESUMES and not in_school
        found.append((row, edge._replace(side=Side.BEGINS) if begins else edge))
        in_school = edge.side is not Side.ENDS if edge.of_school else in_school
    return found


def _with_the_last_before_a_break(edges: list[tuple[DatedRow, Edge]]) -> list[tuple[DatedRow, Edge]]:
    """Let “last day of classes before break” end school, where it is the last edge, and no other row says the end."""
    if not edges or any(edge.side is Side.ENDS and edge.of_school for _, edge in edges):
        return edges
    row, last = edges[-1]
    bare = last.without_break
    ends = bare != last and bare.side is Side.ENDS and bare.of_school
    return [*edges[:-1], (row, bare)] if ends else edges


def _until_a_break(rows: Sequence[DatedRow], edges: list[tuple[DatedRow, Edge]]) -> Joined | None:
    """Return school from its first day until the eve of the last row: a break with nothing but its first day."""
    of_school = [(row, edge) for row, edge in edges if edge.of_school]
    sides = [edge.side for _, edge in of_school]
    if sides[:1] != [Side.BEGINS] or set(sides[1:]) - {Side.RESUMES}:
        return None
    (row, edge), last = of_school[0], rows[-1]
    if last.first != last.last or last.timed or not _BREAKS.search(last.name) or last.first <= row.first:
        return None
    return Joined(edge.what, row.first, last.first - timedelta(days=1), row, before=last)


_BREAKS = regex(
    r"\b(?:(?:winter|christmas|summer|spring|holiday) break|(?:christmas|summer|winter|easter|school) holidays|"
    r"vacations?|vacances|vacaciones|vacanze|férias|vakantie)\b|ferien\b",
    re.IGNORECASE,
)
"""What lasts more than the one day that a row gives it."""
_BEFORE = regex(
    r"\s+(?:before|prior to|vor|avant|antes d[eo]|prima d(?:i|el(?:la|le)?)|voor|inför|innan|før|przed|před)\b.*", re.I
)


def _end_of(edge: Edge, later: Sequence[tuple[DatedRow, Edge]], *, of_school: bool) -> tuple[DatedRow, Edge] | None:
    """Return the row in which a span ends that a row began."""
    for row, other in later:
        same = _key(other.what) == _key(edge.what)
        if other.side is Side.ENDS and (same or (of_school and other.of_school)):
            return row, other
        if other.side is Side.RESUMES and not of_school:
            return row, other
        if other.side is Side.BEGINS and other.of_school is of_school:
            return None
    return None


_AT_A_TIME = regex(r"\d[:.h]\d\d\b|\d\s?[ap]\.?m\b|\b(?:noon|midday|midi|mediodía|mittags)\b", re.IGNORECASE)


def _key(what: str) -> str:
    return re.sub(r"[^\w]+", "", what.casefold()).rstrip("s")


def term_name(joined: Joined, number: int, of: int) -> str:
    """Return the name of a term of which rows name but the edges; ``number`` of ``of`` where they only say “school”."""
    if not _GENERIC.fullmatch(joined.name):
        return joined.name[0].upper() + joined.name[1:]
    return f"Term {number}" if of > 1 else "School year"
