"""The words that say what becomes of a meeting."""

from __future__ import annotations

import re

from nomarium.lazily import regex

CANCELLED = frozenset(
    "cancelled|canceled|cancel|off|dropped|no class|does not run|not running|free|no lesson|called off|entfällt|"
    "ausfall|fällt aus|annulé|supprimé|cancelado|cancelada|suspendido|annullato|annullata|cancelada|geannuleerd|"
    "vervalt|uitval|aflyst|avlyst|inställt|inställd|cancellation|entfall|fällt weg|ausgefallen|gestrichen|freistunde|"
    "annulée|supprimée|pas cours|anulado|anulada|se suspende|soppresso|soppressa|sospeso|sospesa|non si tiene|"
    "não há aula|geen les|lesuitval|bortfaller|falder bort|odwołane|odwołana|odpadá|peruttu|elmarad".split("|")
)
KINDS = frozenset(
    "|moved|move|room|new room|room change|change of room|teacher|new teacher|change of teacher|teacher change|cover|"
    "substitute|substitution|change|changed|time|new time|time change|rescheduled|postponed|vertretung|raum|raumänderung|"
    "raumwechsel|lehrerwechsel|verlegt|verlegung|verschoben|betreuung|tausch|änderung|remplacement|remplacé|remplacée|"
    "salle|changement de salle|déplacé|déplacée|reporté|reportée|changement|sustitución|suplencia|cambio|cambio de aula|"
    "aula|trasladado|trasladada|aplazado|aplazada|supplenza|cambio aula|spostato|spostata|rinviato|rinviata|"
    "substituição|troca de sala|adiado|adiada|vervanging|lokaalwijziging|lokaal|verplaatst|uitgesteld|vikar|"
    "lokaleændring|flyttet|rombytte|vikarie|salsbyte|flyttad|ändring|zastępstwo|suplování|sijainen|helyettesítés".split(
        "|"
    )
)
"""Words that name what changes; the columns of new values say how."""
MOVED = regex(
    r"(?:moved?|moves|shifted|shift|postponed|brought forward|rescheduled)(?:\s+to)?\s*(?P<to>.*)", re.IGNORECASE
)
ROOM = regex(r"(?:(?:moved? to |in |to |now in )?(?:room|rm)\.?\s*:?\s*|(?:now )?in\s+)(?P<room>\S.*)", re.IGNORECASE)
TEACHER = regex(
    r"(?:teacher|cover(?:ed)?(?: by)?|taught by|taken by|substitute|with)\s*:?\s+(?P<teacher>\S.*)", re.IGNORECASE
)
_APART = regex(r"\s*(?:[,;/+&]|\band\b)\s*", re.IGNORECASE)


def change_key(text: str) -> str:
    """Return the words of a change without case and the marks around them."""
    return " ".join(text.split()).casefold().strip(" .!")


def named_changes(text: str) -> list[str] | None:
    """Return the keys of words that only name what changes ("moved, room"); None where a text says anything else."""
    keys = [change_key(part) for part in _APART.split(text)]
    return keys if all(key in KINDS | CANCELLED for key in keys) else None


def tells_change(text: str) -> bool:
    """Tell whether words say what becomes of a meeting: “cancelled”, “moved to period 5”, “room 12”, “cover: …”."""
    named = named_changes(text)
    if named is not None:
        return any(named)
    return any(said.fullmatch(text.strip()) for said in (ROOM, TEACHER, MOVED))
