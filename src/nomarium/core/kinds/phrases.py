"""What offices, exports and clubs write in whole phrases, by kind of sheet and field: beside the words that kinds share."""

from __future__ import annotations

from dataclasses import replace

from nomarium.core.columns import Kind, SheetKind

_PHRASES: dict[Kind, dict[str, str]] = {
    Kind.BELLS: {
        "period": "bell period code|period short name|period abbreviation|lesson or break|part of the day|name of lesson|unterrichtsblock|stundenbezeichnung|nom de la séance|numéro de séance|nombre del tramo|número de hora|ora n.",
        "start": "period start time|bell start|bell in|period begin time|bell goes|starts ringing|in at|stundenbeginn|début de séance|comienzo|inizio ora",
        "end": "period end time|bell end|bell out|period finish time|bell goes again|stops|out at|stundenende|fin de séance|terminación|fine ora",
        "hours": "bell hours|period times|from when to when|time on the clock|clock|plage horaire|franja de horas",
        "division": "applies to school|building code|grade level group|for which school|upper or lower|house or school|gilt für stufe|pour le niveau",
        "day": "applies on days|valid days|schedule day|on which days|weekdays it rings|gilt an",
        "term": "applies in term|only in|when in the year|gilt im halbjahr",
        "special": "schedule variant|sort of day",
    },
    Kind.PERIOD_NAMES: {
        "written": "displayed period|period on schedule|local period name|printed as|alias|we call it|on the timetable it says|what we write|our name for it|known to us as|schreibweise im plan|steht im plan als|écrit comme|nom affiché|escrito como|aparece como|scritto come|geschreven als",
        "period": "master period|bell schedule period|underlying period|rung period|maps to|rings with|same as period|really period|goes with bell|it is really|entspricht stunde|läutet als|correspond à l’heure|sonne comme|equivale a la hora|suena como|corrisponde a ora|komt overeen met uur",
        "division": "applies to division|school building|for the division|which school has it|für abteilung|pour la division|para el nivel",
        "group": "applies to group|applies to section|grade group|for the class|only for|for whom it is so|für klasse|pour la classe|para el grupo|per la classe|voor klas",
    },
    Kind.CHANGES: {
        "start_date": "substitution date|absence date|which day it was|day it should be|meant for the|datum der stunde|vertretungsdatum|date du cours|fecha de la clase",
        "class": "section affected|course section affected|which class is hit|class it hits|betroffene klasse|classe concernée|grupo afectado",
        "change": "change action|adjustment type|what becomes of it|what we do|art der vertretung|type de changement|tipo de modificación",
        "new_date": "replacement meeting date|goes to the|put off to|made up on|verlegt auf den|reporté au|aplazado al",
        "new_period": "replacement period|rescheduled period|goes to lesson|in which lesson then",
        "new_start": "rescheduled start time|replacement start|starts then at|then from|neuer anfang",
        "new_end": "rescheduled end time|replacement end|then until|over then at",
        "new_room": "substitute room|goes to room|sits then in|room instead|salle de remplacement|aula nueva",
        "new_teacher": "covering teacher|who steps in|taken instead by|vertretende lehrkraft|professeur remplaçant|profesor sustituto",
        "period": "lesson it hits|betroffene stunde|heure concernée|hora afectada",
    },
    Kind.LIST: {
        "teacher": "teacher display name|instructor full name|who takes it|who teaches|lehrkraftname|nom du professeur|nombre del profesor",
        "class": "class that meets|klassenname|nom de la classe|nombre del grupo",
        "course": "what is taught|what they do|kursbezeichnung|fachname|nom de la matière|nombre de la asignatura",
        "room": "where it is|raumbezeichnung|numéro de salle|número de aula",
        "day": "days of the week|on which days|jours de la semaine|días de la semana|giorni della settimana|dagen van de week",
        "period": "in lesson|heure de cours n°|tramo n.º",
        "start": "begins at the clock|unterrichtsbeginn",
        "end": "goes on until|unterrichtsende",
        "hours": "from when to when",
        "week": "weeks a or b",
        "from": "runs from the|gültig ab dem",
        "until": "runs until the|gültig bis zum",
        "status": "still running",
    },
    Kind.TERMS: {
        "summary": "grading term|name of term|part of the year|term or half term|schulabschnitt|semesterbezeichnung|période scolaire|periodo lectivo|periodo scolastico|período letivo|lesperiode",
        "start_date": "period start date|term start date|first instructional day|starts on the|we start|pupils return|back to school|school opens|doors open|unterrichtsbeginn|erster schultag|rentrée|début des cours|inicio de clases|primer día lectivo|inizio lezioni|início das aulas|eerste schooldag",
        "end_date": "period end date|term end date|last instructional day|we finish|pupils leave|school finishes|break up|breaks up on|last school day|unterrichtsende|letzter schultag|fin des cours|fin de clases|último día lectivo|termine lezioni|término das aulas|laatste schooldag",
    },
    Kind.SPECIAL_DAYS: {
        "summary": "schedule exception name|schedule override|day schedule name|bell schedule override|alternate schedule|modified day name|what sort of day|kind of day|special timetable|ring as|besonderer stundenplan|stundenraster am tag|journée particulière|horaire du jour|horario del día|tipo de jornada|orario del giorno|soort dag",
        "start_date": "exception date|override date|schedule date|exception begin|override from|the special day|day in question|datum des sondertags|date de la journée|fecha de la jornada|data del giorno|datum van de dag",
        "end_date": "exception end|override until|runs until the|last such day|bis einschließlich|jusqu’au jour",
        "division": "affected school|for which school|for which house|gilt für abteilung|pour quel niveau|para qué nivel",
        "follows": "follow schedule of|runs schedule of|substitute weekday|like a|as if it were a|timetable taken from|stundenplan wie|emploi du temps du|se trabaja como",
        "school": "is school day|instructional day|is there school|school that day|unterricht findet statt|jour travaillé|día lectivo",
        "cycle_day": "rotation day override|cycle day override|cycle day on it|letter that day",
    },
    Kind.CLOSURES: {
        "summary": "calendar event name|non-instructional day|no-school reason|exception name|what we are closed for|why closed|day off for|we are closed because|name of the break|shut for|ferienbezeichnung|name der ferien|schließgrund|nom des vacances|motif de fermeture|nombre del festivo|motivo de cierre|nome della festività|nome do feriado|naam vakantie",
        "start_date": "closure start date|closure begin|holiday start|non-school from|shut from|shut on|no school from|no school on|off from|schulfrei ab|ferienbeginn|fermé du|cerrado desde|chiuso dal|fechado de|gesloten van",
        "end_date": "closure end date|closure finish|holiday end|non-school until|shut until|no school until|off until|back on (day before)|schulfrei bis|ferienende|fermé jusqu’au|cerrado hasta|chiuso al|fechado até|gesloten tot",
        "division": "affected schools|applies to sites|for which part|who is off",
        "kind": "closure kind|closure type code|day type code|whole or half day",
        "effect": "rotation effect|cycle treatment|does the cycle wait|letter day waits",
    },
    Kind.DAYS: {
        "start_date": "calendar date value|attendance date|instructional date|school day date|membership date|which day of the month|date of school day|school on|diary date|kalendertag|schultag am|date du calendrier|date d’école|fecha del calendario|fecha escolar|data del calendario|data do calendário|kalenderdatum",
        "summary": "day rotation code|rotation letter|cycle letter|day rotation|bell day|schedule letter|which number|what day it is|today is day|colour of the day|letter for the day|zyklusbuchstabe|rotationstag|tag im zyklus|numéro du jour|jour cycle|lettre du jour|letra del día|número de día|giorno di rotazione|lettera del giorno|dia do ciclo letivo|roosterdag",
        "weekday": "weekday abbreviation|name of weekday|calendar weekday|day in the week|name of the day|name des wochentags|nom du jour|nombre del día",
    },
    Kind.SLOTS: {
        "code": "duty slot code|roster slot code|shift identifier|timeslot code|our code|letters|short for|watch code|dienstkürzel|schichtkürzel|code du créneau|code de garde|código de turno|codice turno|dienstcode",
        "start_date": "slot begin date|duty date|shift date|slot date|day of the watch|watch on|schichtdatum|dienstdatum|date de garde|date du créneau|fecha del turno|data del turno",
        "start_time": "slot begin time|shift begin time|duty start time|watch begins|on at|starts the clock|dienstbeginn|schichtbeginn|début de garde|inicio del turno|inizio turno",
        "end_time": "slot finish time|shift finish time|duty end time|watch ends|off at|over at|dienstende|schichtende|fin de garde|fin del turno|fine turno",
        "hours": "shift time range|duty hours|from when to when|watch hours|dienstzeit",
        "end_date": "slot finish date|shift end date|ends on the day|until the day",
        "weekday": "duty weekday|slot weekday|day in the week",
    },
    Kind.CODES: {
        "code": "code letter|assignment code|my code|which code|code on the list|letters and number|short for it|kürzel im plan|dienstkürzel|code du créneau|código de turno|codice turno",
        "title": "code description|code meaning|assignment title|assigned duty|duty name|what it is for me|what i do|what i teach|what it means|means for me|i have then|bedeutung|steht für|aufgabe|signification|tâche|significado|tarea|significato|compito|betekenis",
        "room": "duty location|duty place|where i am|where i go|dienstort|lieu de la tâche|lugar de la tarea|luogo del compito",
        "teacher": "assigned to|employee name|duty person|whose code|for whom|whose it is|name der person|nom de la personne|nombre de la persona|nome della persona",
        "description": "duty notes|code comment|what else|bring along|please note|anmerkung dazu",
    },
    Kind.ROSTER: {
        "class": "enrolled section|section enrolment code|class roster code|their class|goes to class|class they are in|put into|belegter kurs|klasse des schülers|classe de l’élève|groupe suivi|grupo del alumno|curso del alumno|classe dell’alunno|turma do aluno|klas van leerling|elevens hold",
        "student": "student full name|student display name|learner full name|pupil display name|member full name|child’s name|name of the child|who is in it|member of the class|name des schülers|schülername, vorname|kursteilnehmer|nom de l’élève|nom et prénom|nombre del alumno|apellidos y nombre|nome dell’alunno|cognome e nome|nome do aluno|naam leerling|elevens navn|elevens namn",
        "team": "team name assigned|homeroom group|their crew|rows in crew|sails with",
        "teacher": "taught by whom|their teacher|kursleiter",
        "group": "which half of class|their group",
    },
    Kind.CLASSES: {
        "class": "section master id|name of class|class we teach|klassenname|klassenbezeichnung|nom de la classe|nom du groupe|nombre del grupo|nome della classe|naam van de klas",
        "course": "course catalog name|what they learn|what it is about|name of subject|kursbezeichnung|fachname|nom de la matière|nombre de la asignatura|nome della materia",
        "teacher": "teacher display name|who takes it|who teaches|klassenleitung|kursleitung|nom du professeur|professeur principal|nombre del profesor|tutor del grupo|nome do professor",
        "division": "school site name|part of school|schulzweig",
        "group": "lab section|split into",
        "team": "homeroom team|house team|which house team",
        "room": "where they sit|taught in|klassenraum|stammraum|numéro de salle|número de aula",
    },
    Kind.PEOPLE: {
        "code": "employee short code|staff short name|teacher identifier code|person key|login name|short for|letters|on the timetable as|known by|lehrerkürzel code|namenskürzel|code du professeur|código del profesor|codice docente|docentcode",
        "name": "employee display name|person full name|employee name|preferred full name|who it is|name in full|whole name|name der lehrkraft|vor- und nachname|nom et prénom|nombre y apellidos|nome e cognome|volledige naam",
        "first_name": "employee given name|legal first name|staff forename|called|first names|rufname|prénom usuel|nombre propio|nome proprio",
        "last_name": "employee family name|legal last name|staff surname|family’s name|second name|zuname|nom d’usage|primer apellido",
        "address": "work e-mail address|school e-mail address|write to|reach by mail|their e-mail|dienstliche e-mail|adresse de courriel|correo del centro|posta del docente|werkmail",
        "link": "profile page|staff web page|page about them",
    },
    Kind.PLACES: {
        "code": "facility short code|space code|building room key|site code|short for|on the door|we write|letters|raumkürzel|raumcode|code de salle|código de aula|codice aula|lokaalcode",
        "name": "room long name|room description|what it is called|whole name|name in full|name of the room|raumbezeichnung lang|name des raums|nom de la salle|nom complet du lieu|nombre del aula|nombre del lugar|nome dell’aula|naam van het lokaal",
        "address": "site street address|building address|mailing address|location address|facility address|where it stands|in which street|how to find it|street and number|whereabouts|straße und hausnummer|anschrift des gebäudes|adresse du lieu|adresse postale|dirección del lugar|calle y número|indirizzo del luogo|adres van het gebouw",
        "link": "map link|directions page|floor plan link|on the map|picture of the way|lageplan|plan d’accès",
    },
    Kind.EVENTS: {
        "summary": "event heading|what’s on|happening|naam activiteit",
        "all_day": "whole-day flag|ganztägig",
        "location": "venue room|whereabouts|at which hall|veranstaltungsort|lieu de rendez-vous|recinto|locatie",
        "description": "long description|please note|erläuterung|précisions",
        "categories": "kind of event|sort of event",
        "url": "web page address|read more",
        "status": "booking state|go-ahead",
        "visibility": "public/private",
        "organizer": "responsible person|run by|in charge",
        "attendees": "invited people|who comes",
        "reminders": "alert before",
        "repeat": "repeats how",
        "until": "repeat ends on",
        "except": "not held on",
        "start_date": "the day|on the day|termin|fecha del evento",
        "start_time": "kick-off time|gates open|startuhrzeit|début à|hora de comienzo|aanvang|tidspunkt",
        "end_time": "home time|over by|enduhrzeit|fin à",
        "duration": "runs how long|time taken|lasts how long",
    },
}


def with_phrases(kind: SheetKind) -> SheetKind:
    """Return a kind whose fields know the phrases for them, too."""
    phrases = _PHRASES.get(kind.kind, {})
    fields = (
        field._replace(shared="|".join(filter(None, (field.shared, phrases.get(field.name, "")))))
        for field in kind.fields
    )
    return replace(kind, fields=tuple(fields))
