"""Look-up sheets: what codes of people and of places stand for."""

from __future__ import annotations

from nomarium.core.columns import Field, Holds, Kind, SheetKind, has_one_of, headed, heading_key, undated
from nomarium.core.kinds import vocabulary as words
from nomarium.core.kinds.phrases import with_phrases

_MEAN_PEOPLE = frozenset(
    heading_key(word)
    for word in f"{words.PEOPLE}|{words.STUDENTS}|attendees|guests|invitees|organizer|organiser|people|who|"
    "person|persons|employee|employees|employee name|worker|workers|colleague|nurse|nurses|doctor|doctors|physician|"
    "crew member|operator|officer|officers|agent|agents|assigned to|assignee|responsible|full name|surname and name|"
    "mitarbeiter|mitarbeiterin|mitarbeitende|zuständig|personne|personnes|salarié|persona|personas|empleado|empleados|"
    "dipendente|dipendenti|pessoa|funcionário|medewerker|medewerkers|medarbetare|ansatt|ansatte|medarbejder|pracownik|"
    "zaměstnanec|dolgozó|työntekijä|çalışan|сотрудник".split("|")
)


def means_people(heading: str) -> bool:
    """Tell whether a heading means people, in whatever kind of sheet."""
    return heading_key(heading) in _MEAN_PEOPLE


_CODE = (
    "code|short|abbreviation|abbr|key|id|initials|short name|shortname|short form|shortform|number|no|nr|staff code|"
    "teacher code|staff id|employee id|employee number|user id|kürzel|initiales|iniciales|sigla|siglas|código|codice|"
    "abréviation|sigle|abreviatura|abreviação|abkürzung|kurzform|abbreviazione|iniziali|afkorting|initialer|forkortelse|"
    "förkortning|lyhenne|skrót|kod|kód|zkratka|rövidítés"
)
_LINK = "link|url|map|website|web|web address|page|web page"

PEOPLE_SHEET = with_phrases(
    SheetKind(
        Kind.PEOPLE,
        "people",
        (
            Field("code", "initials or a code", _CODE, Holds.NAMES),
            Field(
                "name",
                "the name",
                "name|full name|fullname|display name|displayname|long name|longname|person|title|description",
                Holds.PEOPLE,
                f"{words.PEOPLE}|staff name|{words.NAME}|name, vorname|nom complet|nombre completo|nome completo",
            ),
            Field(
                "first_name",
                "the first name",
                "first name|firstname|given name|given names|forename|christian name|vorname|prénom|nombre de pila|nome próprio|"
                "voornaam|fornavn|förnamn|preferred name|known as",
            ),
            Field(
                "last_name",
                "the last name",
                "last name|lastname|surname|family name|nachname|familienname|nom de famille|apellido|apellidos|cognome|"
                "sobrenome|apelido|achternaam|efternavn|etternavn|efternamn",
            ),
            Field(
                "title",
                "how they are addressed: Mr, Dr",
                "salutation|honorific|form of address|title prefix|name prefix|anrede|civilité|tratamiento|trattamento|"
                "appellativo|tratamento|aanhef|aanspreekvorm|titulatur|oslovení",
            ),
            Field(
                "address",
                "the mail address",
                "address|mail|email|mailaddress|emailaddress|e-mail|email address",
                shared=words.EMAIL,
            ),
            Field("link", "a web address", _LINK),
        ),
        needs=(),
        proof=(
            has_one_of("code", "name", "last_name"),
            headed("address", "mail|email|mailaddress|emailaddress|e-mail|email address|" + words.EMAIL),
            undated,
        ),
        telling=("code", "name", "first_name", "last_name", "address"),
    )
)

PLACE_SHEET = with_phrases(
    SheetKind(
        Kind.PLACES,
        "places",
        (
            Field(
                "code",
                "the code or short name",
                f"{_CODE}|room code|room|room number|room no|location code|venue code",
                Holds.NAMES,
            ),
            Field(
                "name",
                "the name",
                "name|full name|fullname|place|title|location|building|description|long name|longname|display name|displayname",
                Holds.PLACE,
                f"{words.PLACE}|{words.NAME}|venue name|location name",
            ),
            Field(
                "address",
                "the address",
                "address|street|street address|postal address|where|mail|full address|site address|adresse|anschrift|"
                "dirección|indirizzo|endereço|adres",
            ),
            Field("link", "a web address", _LINK),
        ),
        needs=(),
        proof=(
            has_one_of("code", "name"),
            headed(
                "address", "street|street address|postal address|address|full address|site address|adresse|anschrift"
            ),
            undated,
        ),
        telling=("code", "name", "address"),
    )
)

SUBJECT_SHEET = SheetKind(
    Kind.SUBJECTS,
    "subjects",
    (
        Field("code", "the code or short name", f"{_CODE}|subject code|course code|fachkürzel|vakcode", Holds.NAMES),
        Field(
            "name",
            "the name",
            "name|full name|fullname|subject|title|description|long name|longname|meaning|bedeutung|means|stands for",
            shared=f"{words.COURSE}|{words.NAME}",
        ),
    ),
    needs=(),
    proof=(has_one_of("code", "name"), undated),
    telling=("code", "name"),
)
"""What the codes of subjects stand for. Codes of any kind look so: what proves it is the timetable that has them."""
