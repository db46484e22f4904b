"""What one text beside a table says of all its rows, what cells say together, and the twins that say nothing of it."""

import json
from datetime import date

import pytest

from conftest import events_in, told
from made_schools import drafted, laid_out
from nomarium.core.columns import Headings, parted_place, places_apart
from nomarium.core.datesheets import edge_of
from nomarium.core.datesheets.row_names import leaves_school_open
from nomarium.core.kinds import TIMETABLE_SHEET, week_numbers_in
from nomarium.core.recognition import any_days, families
from nomarium.core.shapes.day_titles import is_of_other_days
from nomarium.core.shapes.duty_spells import spell_in
from nomarium.core.shapes.named_weekdays import day_of_week, weekdays_of_names
from nomarium.core.shapes.patterns import codes_of_pattern
from nomarium.core.sheets.said_in_notes import (
    dates_without,
    half_of_day,
    holding_bound,
    holding_span,
    place_said,
    says_when,
    sentences_of,
    start_said,
    times_of_parts,
)
from nomarium.core.slots import UnknownDay
from nomarium.core.tables import Grid
from nomarium.core.timetable.grid_shape import find_blocks
from nomarium.core.values import (
    MomentScanner,
    NameReader,
    dated_parts,
    is_place_name,
    likeliest_words,
    several_times,
    weekday_beside_date,
    weekday_in_any,
    weekdays_in_turn,
    words_behind_spans,
    year_in_titles,
)
from nomarium.core.values.spans_within import hours_of_part


def head_said(text):
    """What a grid takes for the period and the times in front of a line."""
    rows = [["", "Mon", "Tue"], [text, "Maths", "Art"], ["IX 13:00-13:50", "Art", ""]]
    line = find_blocks(Grid("g.csv", None, rows, ""), any_days(), families())[0].lines[0]
    return f"{'–'.join(line.periods)} {line.hours}".strip()


def days_read(days):
    """The weekdays of a cell, Monday as 0; "-" for none."""
    return "-" if isinstance(days, UnknownDay) else "".join(str(day.weekday) for day in days)


READERS = {
    "head": head_said,
    "heading": lambda text: (found := Headings(TIMETABLE_SHEET).likeness(text)) and found.field,
    "when not": dates_without,
    "start": lambda text: (found := start_said(text)) and text[found.start : found.end],
    "place": place_said,
    "parts": lambda text: " ".join(f"{part}={hours}" for part, hours in times_of_parts(text).items()),
    "times": lambda text: " ".join(several_times(text)),
    "hours": hours_of_part,
    "half": half_of_day,
    "weekdays": lambda text: " ".join(map(str, weekdays_in_turn(tuple(text.split())))),
    "span": lambda text: (found := holding_span(text)) and f"{found.first}..{found.last}",
    "span in": lambda text: (
        (found := holding_span(text.partition("|")[2], None, year_in_titles([text.partition("|")[0]])))
        and f"{found.first}..{found.last}"
    ),
    "year": lambda text: (found := year_in_titles(text.split("|"))) and f"{found.first}..{found.last}",
    "sentences": lambda text: " | ".join(sentences_of(text)),
    "spell": lambda text: (found := spell_in(text)) and f"{found.weekday} {found.start} {found.length}",
    "weekend": lambda text: str(
        day_of_week(date.fromisoformat(text[:10]), int(text[11]), frozenset(map(int, text[11:])))
    ),
    "names": lambda text: " ".join(map(str, weekdays_of_names(text.split(", ")).values())),
    "line": lambda text: " / ".join(
        " | ".join(part) for part in dated_parts(text, MomentScanner(likeliest_words([text])))
    ),
    "weeks": lambda text: week_numbers_in(text.split(", ")),
    "open": leaves_school_open,
    "place name": is_place_name,
    "people": lambda text: "; ".join(NameReader().read(text)),
    "pattern": lambda text: "".join(codes_of_pattern(text)),
    "bound": lambda text: (found := holding_bound(text)) and f"{found.name} {found.day}",
    "title bound": lambda text: (found := holding_bound(text, titled=True)) and f"{found.name} {found.day}",
    "says when": says_when,
    "other days": is_of_other_days,
    "place behind": lambda text: " | ".join(parted_place(text) or ()),
    "places": lambda text: "; ".join(" | ".join(one) for one in places_apart(text)),
    "behind": words_behind_spans,
    "days": lambda text: days_read(any_days().read(text, families())),
    "weekday": lambda text: f"{weekday_in_any(text)} {weekday_beside_date(text)}",
    "edge": lambda text: (edge := edge_of(text)) and edge.of_school and edge.side.value,
}


@pytest.mark.parametrize(("reader", "text", "said"), [
    ("when not", "Studio closed 29 March - 9 April 2027", "29 March - 9 April 2027"),
    ("when not", "Half term: 26-30 October", "26-30 October"),
    ("when not", "Geschlossen vom 24.12. bis 6.1.", "24.12. bis 6.1"),
    ("when not", "Fermé du 20 décembre au 3 janvier", "20 décembre au 3 janvier"),
    ("when not", "We are closed on Monday 5 April", "Monday 5 April"),
    ("when not", "The pool is closed from 5 to 9 April.", "5 to 9 April"),
    ("when not", "No classes 5 April, 3 May", "5 April, 3 May"),
    ("when not", "No clubs in half term (26-30 October).", "26-30 October"),
    ("when not", "Keine AGs in den Herbstferien (17.10.-31.10.2026)", "17.10.-31.10.2026"),
    ("when not", "Pas de cours pendant les vacances: 17 octobre au 2 novembre", "17 octobre au 2 novembre"),
    ("when not", "No clubs in the first week", ""),
    ("when not", "Bookings closed 5 Sept", ""),
    ("when not", "Last class before the break 18 December", ""),
    ("when not", "Office closed 5 April", ""),
    ("when not", "Pool closed from 25 January 2027", ""),
    ("when not", "No lessons until 5 February 2027", ""),
    ("when not", "Closed from 5 April, 3 May", "5 April, 3 May"),
    ("when not", "Holiday camp 5 April", ""),
    ("when not", "Holidays 5 April: Sea day", ""),
    ("when not", "Closed every evening at 9", ""),
    ("year", "Events 2026", "2026-01-01..2026-12-31"),
    ("year", "Events 2026/27", "2026-08-01..2027-07-31"),
    ("year", "Entry of 2026 for 2026-27", "2026-08-01..2027-07-31"),
    ("year", "Entry of 2025 for 2026-27", None),
    ("year", "2026 and 2028", None),
    ("year", "Tides|Updated 2025|Events 2026", "2026-01-01..2026-12-31"),
    ("sentences", "Runs to 4 December. No clubs on 2 Nov.", "Runs to 4 December | No clubs on 2 Nov."),
    ("sentences", "With Mrs. Hale on Mon. Tue. and 14. September", "With Mrs. Hale on Mon. Tue. and 14. September"),
    ("span in", "Autumn 2026|Clubs run from Monday 14 September to Friday 4 December. No clubs 2 November.",
     "2026-09-14..2026-12-04"),
    ("span in", "2026/27|Kurse laufen vom 14.09. bis 12.03.", "2026-09-14..2027-03-12"),
    ("span in", "2026|Sessions from September 14 until December 4 in the hall", "2026-09-14..2026-12-04"),
    ("span in", "Winter 2026|Term 7 December to 12 March", None),
    ("span in", "2026|No clubs in half term, 26 October to 30 October", None),
    ("span in", "2026|Times 9.30 to 10.30", None),
    ("start", "All at 19:00 in the Council Chamber", "19:00"),
    ("start", "Rehearsals begin at 7.30 pm", "7.30 pm"),
    ("start", "Alle Proben um 19.30 Uhr", "19.30 Uhr"),
    ("start", "All at 19:00, doors 18:30", None),
    ("start", "Morning papers begin at 9:00", None),
    ("start", "Tel. 19:00", None),
    ("place", "All lessons in the Annex unless noted", "Annex"),
    ("place", "Alle Kurse in der Aula", "Aula"),
    ("place", "Lessons. Every session at Quay House.", "Quay House"),
    ("place", "All 12 lessons in the Annex", ""),
    ("place", "Some lessons in the Annex", ""),
    ("parts", "Morning papers begin at 9:00; afternoon papers begin at 13:30", "am=9:00 pm=13:30"),
    ("parts", "AM 9:00-12:00, PM 13:00-16:00", "am=9:00-12:00 pm=13:00-16:00"),
    ("parts", "Vormittags 8:30, nachmittags 14:00, abends 19:00", "am=8:30 pm=14:00 evening=19:00"),
    ("parts", "Morning papers begin at 9:00", ""),
    ("parts", "Doors 9 am, talk 2 pm", ""),
    ("times", "10:30, 14:00", "10:30 14:00"),
    ("times", "9:00-10:00; 11:00-12:00", "9:00-10:00 11:00-12:00"),
    ("times", "2 & 4 pm", "2 pm 4 pm"),
    ("times", "10 & 2 pm", ""),
    ("times", "10:30", ""),
    ("times", "10:30, 14:00-15:00", ""),
    ("times", "10:30, Hall", ""),
    ("hours", "Morning (9-12)", "9:00–12:00"),
    ("hours", "Noche (22-8)", "22:00–8:00"),
    ("hours", "Early 7:00-15:00", "7:00-15:00"),
    ("hours", "Grade (6-8)", ""),
    ("hours", "Hall 9:00-10:00", ""),
    ("half", "Vormittag", "am"),
    ("half", "P.M.", "pm"),
    ("half", "noon", ""),
    ("weekdays", "Po Út St Čt Pá", "0 1 2 3 4"),
    ("weekdays", "M T W T F", "0 1 2 3 4"),
    ("weekdays", "So Mo Di Mi", "6 0 1 2"),
    ("weekdays", "Po St Čt", ""),
    ("weekdays", "Po Út", ""),
    ("edge", "Erster Schultag", "begins"),
    ("edge", "Último día de clase", "ends"),
    ("edge", "Erster Elternabend", None),
    ("edge", "Last day of classes before winter break", False),
    ("edge", "Last day before winter break", False),
    ("span", "Fall 2026: September 8 - December 19", "2026-09-08..2026-12-19"),
    ("span", "Season 2026: October 5 - March 20", "2026-10-05..2027-03-20"),
    ("span", "Spring 2027 (11 Jan – 7 May)", "2027-01-11..2027-05-07"),
    ("span", "Registration 2026: September 8 - September 19", None),
    ("span", "Room 2026: 3 to 5 May", None),
    ("spell", "Weekend on call – Friday 17:00 to Monday 08:00", "4 17:00 63 h"),
    ("spell", "Bereitschaft: Fr 16:30 Uhr bis Mo 7:00 Uhr", "4 16:30 3750 min"),
    ("spell", "Sat 5 pm - Sun 11.30 am", "5 5 pm 1110 min"),
    ("spell", "Friday 5 to Monday 8", None),
    ("spell", "Friday 17:00 to Friday 19:00", None),
    ("head", "III 11:00-11:50", "III 11:00-11:50"),
    ("head", "IV\n11:50-12:40", "IV 11:50-12:40"),
    ("head", "H 10:15-11:00", "H 10:15-11:00"),
    ("head", "1 9:00-9:50", "1 9:00-9:50"),
    ("head", "P2 (10:05–10:50)", "2 10:05–10:50"),
    ("heading", "No class", None),
    ("heading", "Number class", "class"),
    ("names", "First on call, Second on call", ""),
    ("names", "Sat vigil, Sun 8 am", "5 6"),
    ("names", "Do 19 Uhr, Fr 19 Uhr", "3 4"),
    ("weekend", "2026-09-06 56", "2026-09-05"),
    ("weekend", "2026-09-06 23", "2026-09-09"),
    ("weekend", "2026-09-06 52", "None"),
    ("weekend", "2026-09-05 65", "2026-09-06"),
    ("weekend", "2026-09-05 45", "2026-09-04"),
    ("weekend", "2026-09-07 50", "2026-09-12"),
    ("weekend", "2026-09-08 3", "None"),
    ("names", "Sat Vigil 5:00 PM, Sun 8:00 AM", "5 6"),
    ("names", "Sat Vigil, Hall", ""),
    ("names", "Sat Vigil", ""),
    ("line", "Toussaint;du samedi 17 octobre 2026;au lundi 2 novembre 2026 (reprise)", "du samedi 17 octobre 2026 au lundi 2 novembre 2026 | Toussaint (reprise)"),
    ("line", "INSET days: 3 September 2026, 5 January and 12 April 2027", "3 September 2026 | INSET days / 5 January | INSET days / 12 April 2027 | INSET days"),
    ("line", "“Spring term: 5 January – 25 March 2027 (half term 15–19 February)”", "5 January – 25 March 2027 | Spring term / 15–19 February 2027 | half term"),
    ("line", "Winter break, 21/12/2026, 04/01/2027", "21/12/2026 to 04/01/2027 | Winter break"),
    ("line", "Winter break (no school) Dec 21 - Jan 1", "Dec 21 - Jan 1 | Winter break (no school)"),
    ("weeks", "1, 2, Reading week, 3", [1, 2, None, 3]),
    ("weeks", "Week 1, Week 2, Week 3", [1, 2, 3]),
    ("weeks", "1, 2, 1, 2", None),
    ("weeks", "1, 2, 4", None),
    ("weeks", "1, 2", None),
    ("open", "Last day to withdraw", True),
    ("open", "Concert (no school)", False),
    ("open", "Parents’ evening", False),
    ("place name", "Veld 1", True),
    ("place name", "Main hall", True),
    ("place name", "Ice times", False),
    ("place name", "Court bookings 2026", False),
    ("people", "N.N.; A. Pell; TBA; vacant", "A. Pell"),
    ("pattern", "N.N.N.", ""),
    ("pattern", "D.D.N.N", ""),
    ("pattern", "DDNN----", "DDNN----"),
    ("bound", "Kursplan ab 11.01.2027", "from 2027-01-11"),
    ("bound", "Timetable effective from 25 January 2027", "from 2027-01-25"),
    ("bound", "Timetable (valid until 12 February 2027)", "until 2027-02-12"),
    ("bound", "Emploi du temps à partir du 25 janvier 2027", "from 2027-01-25"),
    ("bound", "Valid from 02/03/2027", None),
    ("bound", "Trip from 25 January 2027", None),
    ("bound", "Timetable not valid until 12 February 2027", None),
    ("title bound", "Pool closed from 25 January 2027", None),
    ("title bound", "No training until 5 February 2027", None),
    ("title bound", "Registration until 5 February 2027", None),
    ("bound", "7A (from 25.01.2027)", None),
    ("title bound", "7A (from 25.01.2027)", "from 2027-01-25"),
    ("says when", "Timetable from 25 January 2027", True),
    ("says when", "Timetable 2026-27", False),
    ("other days", "No sessions on Friday 5 February 2027", True),
    ("other days", "Updated 5 January 2027", True),
    ("other days", "Camp week 2: July 12 - July 16, 2027", False),
    ("place behind", "Mon 17:30–18:30 Field 2", "Mon 17:30–18:30 | Field 2"),
    ("place behind", "10:00 @ Quay", "10:00 | Quay"),
    ("place behind", "17:30–18:30 bring shoes", ""),
    ("place behind", "10:00 (doors 9.30)", ""),
    ("places", "Mon, Wed 5-6pm Field 2; Fri 6-7pm Gym", "Mon, Wed 5-6pm | Field 2; Fri 6-7pm | Gym"),
    ("places", "Mon 5-6pm, Wed 6-7pm", ""),
    ("behind", "Mon 5-6pm bring shoes", "bring shoes"),
    ("behind", "5-6pm Mon", ""),
    ("days", "daily except Sunday", "012345"),
    ("days", "daily except Wednesdays", "0134"),
    ("days", "Mo–Fr außer Mittwoch", "0134"),
    ("days", "Mon-Thu (not Tue)", "023"),
    ("days", "Fri and Wed only", "42"),
    ("days", "Mon except 5 May", "-"),
    ("weekday", "木曜日", "3 3"),
    ("weekday", "星期日", "6 6"),
    ("weekday", "목", "None 3"),
    ("weekday", "月", "None 0"),
    ("weekday", "本", "None None"),
])  # fmt: skip
def test_what_a_text_says(reader, text, said):
    assert READERS[reader](text) == said


@pytest.mark.parametrize(("sheet", "events"), [
    ("“Mondays 18:30-20:00”\nDate,Activity\n7 Sep 2026,Knots\n14 Sep 2026,Maps\n", ["Knots 2026-09-07 18:30–20:00", "Maps 2026-09-14 18:30–20:00"]),
    ("“Mondays 18:30-20:00”\nDate,Activity\n7 Sep 2026,Knots\n12 Sep 2026,Fair\n", ["Knots 2026-09-07 18:30–20:00", "Fair 2026-09-12..2026-09-13"]),
    ("Title,Date,Times,Minutes\nTour,5 Sep 2026,\"10:30, 14:00\",60\n", ["Tour 2026-09-05 10:30–11:30", "Tour 2026-09-05 14:00–15:00"]),
    ("Title,Date,Start,End\nTour,5 Sep 2026,\"10:30, 14:00\",\"11:00, 15:30\"\n", ["Tour 2026-09-05 10:30–11:00", "Tour 2026-09-05 14:00–15:30"]),
    ("Rota October 2026\nName,Date,Start\nFay,01/10/2026,9:00\nOde,02/10/2026,9:00\n", ["Fay 2026-10-01 09:00–10:00", "Ode 2026-10-02 09:00–10:00"]),
    ("What's on – October 2026\nDate,Event\nThu 1st,Story\nSat 3rd,Chess\n", ["Story 2026-10-01..2026-10-02", "Chess 2026-10-03..2026-10-04"]),
    ("Event,Date,Reminder 1,Reminder 2\nFair,2026-09-20,2026-09-01,2026-09-10\nGala,2026-10-20,2026-10-01,2026-10-10\n", ["Fair 2026-09-20..2026-09-21", "Gala 2026-10-20..2026-10-21"]),
    ("Meeting,When,Start,End,Remarks\nCouncil,first Monday of the month from 5 July 2027 until 1 Sep 2027,19:00,20:00,No meeting in August\nPanel,every Tuesday from 6 July 2027 until 14 July 2027,9:00,10:00,Bring plans\n", ["Council 2027-07-05 19:00–20:00", "Panel 2027-07-06 09:00–10:00", "Panel 2027-07-13 09:00–10:00"]),
    ("Title,Date,Start\nRun,Sat 5 Sep 2026,10 am (bring lunch)\nWalk,Mon-Tue Sep 7-8 2026,\n", ["Run 2026-09-05 10:00–11:00", "Walk 2026-09-07..2026-09-09"]),
    ("Exam,Year,Date,Start\nSea,1º,lunes 18/01/2027,12:00 h (2 h)\nTides,2º,martes 19/01/2027,9:00 h\n", ["Sea 2027-01-18 12:00–14:00", "Tides 2027-01-19 09:00–10:00"]),
    ("Day,Start,End,Session,Speaker\nThursday 5 November 2026,09:00,10:00,Keynote,A. Pell\n,10:30,11:15,Hulls,B. Orr\n,10:30,11:15,Sails,C. Tan\nFriday 6 November 2026,09:30,10:30,Ropes,D. Yu\n", ["Keynote 2026-11-05 09:00–10:00", "Hulls 2026-11-05 10:30–11:15", "Sails 2026-11-05 10:30–11:15", "Ropes 2026-11-06 09:30–10:30"]),
    ("Collection,Dates 2026\nGlass,\"7 Oct, 4 Nov\"\nGarden,14 Oct\n", ["Glass 2026-10-07..2026-10-08", "Glass 2026-11-04..2026-11-05", "Garden 2026-10-14..2026-10-15"]),
    ("Trip,Class,Departs,Back\nMuseum,7A,Tue 6 Oct 2026 9:00,15:30\nFarm,3B,Thu 8 Oct 2026 8:45,16:00\n", ["Museum 2026-10-06 09:00–15:30", "Farm 2026-10-08 08:45–16:00"]),
    ("Patient,Appt date,Appt time,Length\nR.L.,06-10-2026,09:20,20 min\nS.T.,23-10-2026,11:40,40 min\n", ["R.L. 2026-10-06 09:20–09:40", "S.T. 2026-10-23 11:40–12:20"]),
    ("Vehicle,Pick-up,Return,Purpose\nVan 1,02/10/2026 08:00,02/10/2026 17:00,Timber\nVan 2,15/10/2026 07:30,15/10/2026 18:00,Regatta\n", ["Timber 2026-10-02 08:00–17:00", "Regatta 2026-10-15 07:30–18:00"]),
    ("Datum;Tid;Hemma;Borta\n2026-10-04;13.00;Måsen;Sälen\n2026-10-11;14.30;Sälen;Uttern\n", ["Måsen – Sälen 2026-10-04 13:00–14:00", "Sälen – Uttern 2026-10-11 14:30–15:30"]),
    ("Navio;Chegada;Hora chegada;Partida;Hora partida\nCosta;14/09/2026;08:00;14/09/2026;20:00\nMaré;15/09/2026;06:30;15/09/2026;18:00\n", ["Costa 2026-09-14 08:00–20:00", "Maré 2026-09-15 06:30–18:00"]),
    ("Home,Away,Date,Time\nGulls,Terns,2026-10-03,18:00\nHerons,BYE,2026-10-03,\n", ["Gulls – Terns 2026-10-03 18:00–19:00"]),
    ("Date,Time,Match\n2026-10-03,18:00,Gulls v Terns\n2026-10-10,,Bye\n", ["Gulls v Terns 2026-10-03 18:00–19:00"]),
    ("Week,From,To,On call\n5,01/02/2027,07/02/2027,Ari\n6,08/02/2027,14/02/2027,Bex\n", ["Ari 2027-02-01..2027-02-08", "Bex 2027-02-08..2027-02-15"]),
    ("Week commencing,Day,Start,End,Title\n05/10/2026,Tue,9:00,10:00,Review\n12/10/2026,Mon,9:00,10:00,Audit\n", ["Review 2026-10-06 09:00–10:00", "Audit 2026-10-12 09:00–10:00"]),
    ("Week commencing,On call\n05/10/2026,Ari\n12/10/2026,Bex\n", ["Ari 2026-10-05..2026-10-12", "Bex 2026-10-12..2026-10-19"]),
    ("Week starting,Primary,Backup\n1 Feb 2027,Ari,Cam\n8 Feb 2027,Cam,\n", ["Primary: Ari 2027-02-01..2027-02-08", "Primary: Cam 2027-02-08..2027-02-15", "Backup: Cam 2027-02-01..2027-02-08"]),
    ("Date,What,When & where\n8 Sep 2026,Practice,\"7.30-9.30pm, Long Hall\"\n12 Dec 2026,Carols,6pm-7pm Chapel\n", ["Practice 2026-09-08 19:30–21:30", "Carols 2026-12-12 18:00–19:00"]),
    ("Asset,Task,Placed,Due\nPump,Oil,01/03/2027,15/03/2027\n", ["Oil 2027-03-15..2027-03-16"]),
    ("Termin;Wann;Wo\nElternabend 5b;Di., 09.03.2027, 19:30 Uhr;Aula\nSchulfest;Sa., 12.06.2027, 10–16 Uhr;Hof\n", ["Elternabend 5b 2027-03-09 19:30–20:30", "Schulfest 2027-06-12 10:00–16:00"]),
    ("Akce;Termín;Čas\nPles;pátek 12. 3. 2027;19:00\nVýlet;st 17.3.2027;8:00 - 15:00\n", ["Ples 2027-03-12 19:00–20:00", "Výlet 2027-03-17 08:00–15:00"]),
    ("Supplier,Window,Date\nOak,07:00 – 09:00,2027-03-08\nRope,between 10 and 12,2027-03-09\n", ["Oak 2027-03-08 07:00–09:00", "Rope 2027-03-09 10:00–12:00"]),
    ("Stevne;Dato;Oppmøte;Slutt\nVår;lørdag 13. mars 2027;08.15;15.00\n", ["Vår 2027-03-13 08:15–15:00"]),
    ("Trip,Year,Out,Back,Leader\nLighthouse,Y4,Tue 9 Mar 2027 08:45,Tue 9 Mar 2027 15:15,Hale\nPier,Y6,Mon 15 Mar 2027 09:00,Mon 15 Mar 2027 14:00,Orr\n", ["Lighthouse 2027-03-09 08:45–15:15", "Pier 2027-03-15 09:00–14:00"]),
    ("Jornada 1 – sábado 6 de marzo de 2027;;;\nHora;Pista;Local;Visitante\n10:00;1;Focas;Orcas\n11:30;2;Nutrias;Gaviotas\n", ["Focas – Orcas 2027-03-06 10:00–11:00", "Nutrias – Gaviotas 2027-03-06 11:30–12:30"]),
    ("\"Rota spring 2027, 10.30-11.30\"\nDate,Infants,Juniors,Seniors\n3 Jan 2027,Ann,Bob,Cat\n10 Jan 2027,NO SUNDAY SCHOOL,,\n17 Jan 2027,Bob,Ann,Dee\n", [f"{what} 2027-01-{day} 10:30–11:30" for what, day in (("Infants: Ann", "03"), ("Infants: Bob", "17"), ("Juniors: Bob", "03"), ("Juniors: Ann", "17"), ("Seniors: Cat", "03"), ("Seniors: Dee", "17"))]),
    ("Week,w/b,Monday,Wednesday,Thursday\n1,11 Jan 2027,INSET,Meeting 15:45-16:45,\n2,18 Jan 2027,,Meeting 15:45-16:45,\n", ["INSET 2027-01-11..2027-01-12", "Meeting 2027-01-13 15:45–16:45", "Meeting 2027-01-20 15:45–16:45"]),
    ("\"Camp Week 2: July 12 - July 13, 2027\",,\nTime,Puffins,Terns\n9:00-10:00,Sailing,Swim\n1:00-2:30,Games,Hike\n", [f"{what} 2027-07-{day} {hours}" for what, hours in (("Sailing", "09:00–10:00"), ("Games", "13:00–14:30"), ("Swim", "09:00–10:00"), ("Hike", "13:00–14:30")) for day in (12, 13)]),
    ("Week of,Start,Title\n05/10/2026,18:00,Choir\n12/10/2026,18:00,Choir\n", ["Choir 2026-10-05 18:00–19:00", "Choir 2026-10-12 18:00–19:00"]),
    ("Date,Time,Reader 1,Reader 2\n3 Oct 2026,18:30,M. Daly,P. Roe\n4 Oct 2026,9:30,A. Quinn,\n", ["M. Daly: Reader 1 2026-10-03 18:30–19:30", "A. Quinn: Reader 1 2026-10-04 09:30–10:30", "P. Roe: Reader 2 2026-10-03 18:30–19:30"]),
    ("Mon 8 March 2027\n14:00-14:30,Vogt,Room 3\n14:30-15:15,Reh,Room 3\nTue 9 March 2027\n15:00-15:30,Kurz,Room 5\n", ["Vogt 2027-03-08 14:00–14:30", "Reh 2027-03-08 14:30–15:15", "Kurz 2027-03-09 15:00–15:30"]),
    ("Date,Title\n2026-10-03,Exempt\n2026-10-10,Regatta\n", ["Exempt 2026-10-03..2026-10-04", "Regatta 2026-10-10..2026-10-11"]),
])  # fmt: skip
def test_what_stands_elsewhere_is_of_the_rows(desk, sheet, events):
    assert [told(event) for event in desk.events(sheet)] == events


@pytest.mark.parametrize(("sheet", "code", "cell"), [
    ("Title,Date,Start\nTour,5 Sep 2026,\"10:30, 14:00\"\n", "unreadable-time", "C2"),
    ("Title,Date,Start,End\nTour,5 Sep 2026,\"10:30, 14:00\",15:00\n", "unreadable-time", "C2"),
    ("Rota 2026\nName,Date,Start\nFay,01/10/2026,9:00\nOde,02/10/2026,9:00\n", "unproved-dates", "B3"),
    ("Title,Date,Start\nRun,5 Sep 2026,10 am (cancelled)\n", "unreadable-time", "C2"),
    ("Title,Date,Start\nRun,5 Sep 2026,10:00 (UTC)\n", "unreadable-time", "C2"),
    ("Title,Date,Start\nRun,5 Sep 2026,10:00 (Paris time)\n", "unreadable-time", "C2"),
    ("Title,Date,Start\nRun,5 Sep 2026,23:00 (2 h)\n", "unreadable-time", "C2"),
    ("Title,Date\nWalk,Wed-Thu Sep 7-8 2026\n", "wrong-weekday", "B2"),
    ("What's on – October 2026\nDate,Event\n30,Story\n3,Chess\n", "unreadable-date", "A3"),
])  # fmt: skip
def test_its_twin_is_refused(desk, sheet, code, cell):
    run = desk.convert(sheet)
    assert run.status == 1
    assert (code, cell) in run.codes


@pytest.mark.parametrize(("files", "about", "kinds"), [
    ({"bells.csv": "Period,Start,End\n1,8:00,9:00\n", "ev.csv": "Title,Date\nFair,2026-09-10\n"}, ["bells.csv"], "bell times, events"),
    ({"closed.csv": "Holiday,From,To\nHalf term,2026-10-26,2026-10-30\n"}, [], "events"),
    ({"closed.csv": "Holiday,Date\nFounders,2026-10-26\n", "ev.csv": "Title,Date\nFair,2026-09-10\n"}, [], "closures, events"),
    ({"pool.csv": "Day,Session,From,To\nMon,Lanes,6:30,8:30\nSat,Fun,14:00,16:00\n"}, ["terms"], "timetable, a list"),
    ({"pool.csv": "Day,Session,From,To\nMon,1,6:30,8:30\nSat,2,14:00,16:00\n"}, ["pool.csv"], "bell times"),
])  # fmt: skip
def test_what_no_timetable_uses_is_told(tmp_path, files, about, kinds):
    _, draft = drafted(tmp_path, laid_out(tmp_path, files))
    assert [decision.about for decision in draft.undecided] == about
    assert ", ".join(str(sheet.kind) for sheet in draft.sheets) == kinds


IN_DOUBT = {"morning-assumed", "evening-assumed"}


@pytest.mark.parametrize(("sheet", "hours", "starts", "codes"), [
    ("Date,Opponent,Time\n9/14/26,Central,7:00\n9/21/26,West,7:30\n", None, "07:00 07:30", ["morning-assumed"]),
    ("Date,Opponent,Time\n9/14/26,Central,7:00\n9/21/26,West,7:30\n", "9-21", "19:00 19:30", []),
    ("Date,Opponent,Time\n9/14/26,Central,7:00\n9/21/26,West,19:30\n", None, "07:00 19:30", []),
    ("Date,Opponent,Time\n9/14/26,Central,1:00\n9/21/26,West,9:30\n", None, "13:00 09:30", []),
    ("Date,Training,Time\n9/14/26,Bread,7:00\n9/21/26,Cake,7:30\n", None, "07:00 07:30", []),
    # Five to nine, one hour after the other, are no mornings and afternoons by turns.
    ("Date,Class,Time\n9/14/26,Bread,6:30\n9/21/26,Cake,7:30\n", None, "18:30 19:30", ["evening-assumed"]),
    ("Date,Class,Time\n9/14/26,Bread,6:30\n9/21/26,Cake,7:30\n", "7-19", "18:30 07:30", []),
    ("Date,Class,Time\n9/14/26,Bread,6:30\n9/21/26,Cake,9:30\n", None, "18:30 09:30", []),
    ("Date,Class,Time\n9/14/26,Bread,6:30\n9/21/26,Cake,7:30\n9/28/26,Tea,3:30\n", None, "18:30 07:30 15:30", []),
])  # fmt: skip
def test_halves_of_the_day_in_doubt_are_told(desk, sheet, hours, starts, codes):
    run = desk.convert(sheet, *(["--hours", hours] if hours else []))
    assert [f"{event.start:%H:%M}" for event in events_in(desk.folder / "out.ics")] == starts.split()
    assert [code for code, _ in run.codes if code in IN_DOUBT] == codes


CALLED_OFF = {
    "CANCELLED: Run||": ("CANCELLED", "called-off"),
    "Run (postponed)||": ("CANCELLED", "called-off"),
    "Run – abgesagt||": ("CANCELLED", "called-off"),
    "Run|Postponed to the spring|": ("CANCELLED", "called-off"),
    "Run|POSTPONED|confirmed": ("CONFIRMED", ""),
    "Run||postponed": ("CANCELLED", ""),
    "Run|Postponed once before|": ("", ""),
    "Run|Postponed from 6 Feb|": ("", ""),
    "Cancelled stamps fair||": ("", ""),
    "Run|new date 27/02/2027|": ("", "moved-by-remark"),
}


@pytest.mark.parametrize("row", CALLED_OFF)
def test_words_that_call_an_event_off_are_heeded(desk, row):
    title, remark, status = row.split("|")
    desk.put("s.csv", f"Title,Date,Notes,Status\n{title},2027-02-13,{remark},{status}\n")
    run = desk.run("convert", "s.csv", "-o", "s.ics", "--json", zone="UTC")
    (event,) = events_in(desk.folder / "s.ics")
    expected, code = CALLED_OFF[row]
    assert str(event.get("STATUS", "")) == expected
    assert {problem["code"] for problem in json.loads(run.out)["problems"]} == ({code} if code else set())


@pytest.mark.parametrize(("rows", "warned"), [
    ("9 Mar 2027,3:00 PM,A,Hall\n9 Mar 2027,3:15 PM,B,Hall\n", [("assumed-overlap", "15min")]),
    ("9 Mar 2027,3:00 PM,A,Hall\n9 Mar 2027,4:00 PM,B,Hall\n", []),
    ("9 Mar 2027,3:00 PM,A,Hall\n9 Mar 2027,3:15 PM,B,Gym\n", []),
])  # fmt: skip
def test_hours_that_would_overlap_are_warned_of(desk, rows, warned):
    desk.put("s.csv", f"Date,Start,Title,Place\n{rows}")
    run = desk.run("convert", "s.csv", "-o", "s.ics", "--json", zone="UTC")
    problems = json.loads(run.out)["problems"]
    assert [(one["code"], "15min") for one in problems if "--length 15min" in one["advice"]] == warned
    assert len(problems) == len(warned)


@pytest.mark.parametrize(("sheet", "codes"), [
    ("Programme 2027\nTitle,Date\nRun,2016-07-12\n", ["other-year"]),
    ("Programme 2026/27\nTitle,Date\nRun,2027-08-12\n", []),
    ("Title,From,To\nLease,2026-01-01,2027-01-01\n", ["lasts-long"]),
    ("Title,From,To\nShow,2026-01-01,2026-09-30\n", []),
])  # fmt: skip
def test_what_looks_wrong_is_warned_of(desk, sheet, codes):
    run = desk.convert(sheet)
    assert run.status == 0
    assert [code for code, _ in run.codes if code in ("other-year", "lasts-long")] == codes
