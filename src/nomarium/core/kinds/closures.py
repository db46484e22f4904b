"""Lists of closures: what closes the school, and when; for whom, and what that does to a cycle."""

from __future__ import annotations

from datetime import date

from nomarium.core.columns import (
    Blank,
    BlankSheet,
    Field,
    Holds,
    Kind,
    SheetKind,
    any_of,
    called,
    dated,
    has,
    headed,
)
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.dated_fields import FOR_WHOM, WEEKDAY, first_day, last_day
from nomarium.core.kinds.events import EVENT_SHEET
from nomarium.core.kinds.phrases import with_phrases
from nomarium.core.kinds.samples import SHEET_RULES, STORM

_SURE = (
    "closure|closures|holiday|holidays|storm day|storm days|snow day|snow days|weather day|break|vacation|day off|"
    "no school|feiertag|ferien|vacances|holiday name|name of holiday|closed for|reason for closure|school closed|"
    "no lessons|no training|no practice|no rehearsal|no sessions|ice closed|pool closed|closed dates|closed days|inset|inset day|"
    "inset days|pd day|pd days|training day|training days|reading week|half terms|school holiday|school holidays|"
    "closing|closure name|closure reason|public holiday|bank holiday|recess|non-school day|no classes|"
    "schließtag|schulfrei|unterrichtsfrei|ferienname|congé|congés|jour férié|fermeture|fiesta|fiestas|día de fiesta|festivo|festivos|vacaciones|"
    "sospensione|sospensioni|sospensione lezioni|sospensione attività didattica|interruzione|interruption|interruptions|"
    "suspension des cours|suspensión|suspensión de clases|suspensões|unterbrechung|unterbrechungen|lesvrij|lesvrije dag|"
    "geen training|geen trainingen|geen les|geen lessen|kein training|keine kurse|kein kurs|kein unterricht|"
    "pas de cours|pas d'entraînement|sin clase|sin clases|sin entrenamiento|senza lezioni|niente lezioni|ingen træning|"
    "ingen trening|ingen träning|ingen undervisning|sem aula|sem aulas|sem treino|"
    "undervisningsfri|feriedage|ferieperiode|skoleferie|skolelov|loven|lovdagar|studiedag|studiedagen|planlægningsdag|"
    "休日|祝日|休業日|休校日|休み|假期|节假日|节日|節日|假日|放假|nghỉ|nghỉ lễ|kỳ nghỉ|ngày lễ|휴일|공휴일|día festivo|días no lectivos|cierre|chiusura|vacanza|vacanze|festività|feriado|feriados|férias|encerramento|"
    "vakantie|vrije dag|sluiting|feestdag|ferie|fridag|helligdag|lukket|stengt|lov|helgdag|stängt|ledig|"
    "tatil|tatiller|resmi tatil|dzień wolny|dni wolne|święto|święta|przerwa świąteczna|prázdniny|svátek|svátky|volno|sviatok|szünet|"
    "munkaszüneti nap|vacanță|vacanța|zi liberă|zile libere|zi liberă legală|sărbătoare|sărbători|loma|lomat|vapaa|vapaat|vapaapäivä|vapaapäivät|αργία|αργίες|διακοπές|praznik|praznici|"
    "blagdan|blagdani|каникулы|праздник|праздники|выходной|канікули|свято|vaheaeg|koolivaheaeg|brīvdiena|atostogos|"
    "pa day|pa days|libur|hari libur|ngày nghỉ|festiu|festius|חופשה|חופשות|العطلة|عطلة|العطل|عطل|إجازة|إجازات|ei vuoroja|ei harjoituksia|"
    "lukkedag|lukkedage|lukkedager|helligdage|fridage|röda dagar|helgdagar|lediga dagar|interrupção|interrupções|interrupción|"
    "interrupciones|pausa letiva|pausas letivas|szünetek|ünnepnap|ünnepnapok|tanítás nélküli munkanap|przerwa|przerwy|"
    "dni wolne od zajęć|dni wolne od nauki|volné dny|ředitelské volno|vacanțe|sărbători legale|neradni dani|pouka prosti dnevi|"
    "koolivaheajad|brīvdienas|праздничные дни|выходные дни|вихідні дні|"
    "ei tunteja|ei treenejä|suljettu|zavřeno|zamknięte|zárva|kapalı|закрыто|зачинено|κλειστά|zatvoreno|zaprto|suletud|slēgts|brak zajęć|nie ma zajęć"
)

CLOSURE_SHEET = with_phrases(
    SheetKind(
        Kind.CLOSURES,
        "closures",
        (
            Field(
                "summary",
                "what closes the school",
                "closure|name|holiday|reason|event|what|title|occasion|closures|holidays|holiday name|break|vacation|"
                "storm day|storm days|snow day|snow days|weather day|description|name of holiday|day off|no school|"
                "feiertag|ferien|vacances|congé|festivo|vakantie",
                shared=f"{_SURE}|{words.NAME}|motivo|grund|motif|raison|orsak|årsag|reden|syy|důvod|dôvod|powód|indok|sebep|neden|"
                "razlog|motiv|причина|αιτία|λόγος|põhjus|iemesls|priežastis|السبب|סיבה|理由|原因|사유",
                dated="start_date",
                last_word="closed",
                blank=Blank("Closure", "What closes the school.", STORM, width=30),
            ),
            first_day(
                "the day, its first day, or a range of days; required",
                "closed from|closes on|school closed from|closed on|vecka|vecka eller datum|vecka/datum|datum/vecka|datum eller vecka|"
                "uge|uge eller dato|dato/uge|uke|uke/dato|kw|kalenderwoche|kw oder datum|viikko|week or date|date or week",
                Blank("First day", "The day, or the first of several. Required.", date(2027, 1, 12)),
            ),
            last_day(
                "closed until|closed to|closed through|school closed until|reopens after",
                Blank("Last day", "The last of several, included; empty for one day.", date(2027, 1, 12)),
            ),
            WEEKDAY,
            FOR_WHOM,
            Field(
                "part",
                "what part of the day is closed: “afternoon”, “from 12:00”, “periods 5–8”; empty for all of it",
                "part of day|part of the day|closed part|portion|extent|dismissal|dismissal time|closing time|school ends|"
                "ends at|closes at|half|time of day|am/pm|am or pm|hours|times|time|tageszeit|zeit|heure|hora|moment",
            ),
            Field(
                "effect",
                "what it does to a cycle: hold (the label waits) or skip (the label is used up)",
                "effect|cycle|hold or skip|hold/skip|cycle effect|effect on cycle|cycle does|rotation|label",
                Holds.CHOICE,
                blank=Blank(
                    "Cycle",
                    "hold: the day’s label waits for the next day. skip: it is used up. Empty: as the plan says.",
                    "hold",
                    ("hold", "skip"),
                ),
            ),
            Field(
                "kind",
                "closed, or half day",
                "kind|type|status|category|closed|open or closed|school closed|classes|half day",
                Holds.CHOICE,
                titled="summary",
                blank=Blank("Kind", "half day: school is in. Empty means closed.", "closed", ("closed", "half day")),
            ),
        ),
        needs=("date",),
        proof=(
            dated,
            has("start_date"),
            any_of(has("summary"), headed("start_date", _SURE)),
            any_of(
                headed("start_date", _SURE),
                headed("summary", _SURE),
                has("effect"),
                called(
                    f"{_SURE.replace('|', ' ')} closed holidays vacations breaks closures days",
                    EVENT_SHEET,
                ),
            ),
        ),
        telling=("summary", "start_date", "end_date", "division", "effect"),
        spans=(("start_date", "end_date"),),
        whole=("division",),
        blank=BlankSheet(
            "Closures",
            ("One closure a row.", *SHEET_RULES),
            'name it under [year] in nomarium.toml: closures = "{file}"; then: nomarium days',
        ),
    )
)
