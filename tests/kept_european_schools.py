"""Folders as schools, colleges and clubs of the European mainland keep them, that have a year; read by test_folders_as_kept."""

KEPT = {
    "Madrid: Calendario, Festivos, Horario academia": r"""
        Europe/Madrid
        == Calendario.csv
        Concepto,Desde,Hasta
        Primer trimestre,14/09/2026,18/12/2026
        == Festivos.csv
        Festivo,Fecha
        Fiesta Nacional,12/10/2026
        Todos los Santos (trasladado),02/11/2026
        Inmaculada,08/12/2026
        == Horario academia.csv
        Hora,Lunes,Martes,Miércoles,Jueves
        16:00-17:00,Inglés A2 (Carmen),Francés A1 (Luc),Inglés A2 (Carmen),Francés A1 (Luc)
        17:00-18:30,Inglés B1 (Pilar),,Inglés B1 (Pilar),Alemán A1 (Heike)
        == comes out as
        2026-09-14..2026-12-17 without 2026-10-12 2026-11-02 2026-12-08
        Thu 17:00–18:30 | Alemán A1 (Heike)
        Tue Thu 16:00–17:00 | Francés A1 (Luc)
        Mon Wed 16:00–17:00 | Inglés A2 (Carmen)
        Mon Wed 17:00–18:30 | Inglés B1 (Pilar)
        == in calendars
        Alemán A1 (Heike) 14, Francés A1 (Luc) 27, Inglés A2 (Carmen) 26, Inglés B1 (Pilar) 26
        == with
        notes cells-meet open-brackets unsure-column
    """,
    "Rome: Calendario, Orario lezioni, Sospensioni": r"""
        Europe/Rome
        == Calendario.csv
        Periodo;Inizio;Fine
        I semestre;21/09/2026;18/12/2026
        == Orario lezioni.csv
        Insegnamento;Docente;Giorno;Ora;Aula
        Analisi I;Prof. Bruni;lun;9-11;Aula 3
        Analisi I;Prof. Bruni;mer;11-13;Aula 3
        Fisica;Prof.ssa Conti;mar, gio;14-16;Aula B
        == Sospensioni.csv
        Sospensione;Dal;Al
        Ponte;7/12/2026;8/12/2026
        == comes out as
        2026-09-21..2026-12-17 without 2026-12-07 2026-12-08
        Mon 09:00–11:00 | Analisi I | Aula 3
        Wed 11:00–13:00 | Analisi I | Aula 3
        Tue Thu 14:00–16:00 | Fisica | Aula B
        == in calendars
        Prof. Bruni 25, Prof.ssa Conti 25, Analisi I 25, Fisica 25, Aula 3 25, Aula B 25
    """,
    "Berlin: Theorie": r"""
        Europe/Berlin
        == Theorie.csv
        Kurs;Tage;Uhrzeit;Beginn;Abende;Raum
        Klasse B Herbst;Mo + Mi;18:30-20:00;07.09.2026;6;Schulung 1
        Klasse A;Fr;17:00-18:30;11.09.2026;3;Schulung 2
        == comes out as
        2026-09-07..2026-09-25
        2026-09-11..2026-09-25/7 17:00–18:30 | Klasse A | Schulung 2
        Mon Wed 18:30–20:00 | Klasse B Herbst | Schulung 1
        == in calendars
        Klasse A 3, Klasse B Herbst 6, Schulung 1 6, Schulung 2 3
    """,
    "Warsaw: Dni wolne, Plan lekcji 4b, Rok szkolny": r"""
        Europe/Warsaw
        == Dni wolne.csv
        Dzień wolny;Od;Do
        Święto Niepodległości;11.11.2026;
        Przerwa świąteczna;23.12.2026;31.12.2026
        Nowy Rok;1.01.2027;
        Trzech Króli;6.01.2027;
        == Plan lekcji 4b.csv
        Lp;Godzina;Poniedziałek;Wtorek;Środa;Czwartek;Piątek
        1;8:00-8:45;matematyka s.12;j. polski s.7;matematyka s.12;przyroda s.3;j. polski s.7
        2;8:55-9:40;j. polski s.7;plastyka s.5;wf;matematyka s.12;religia s.7
        == Rok szkolny.csv
        Okres;Od;Do
        I półrocze;1.09.2026;29.01.2027
        == comes out as
        2026-09-01..2027-01-29 without 2026-11-11 2026-12-23 2026-12-24 2026-12-25 2026-12-28 2026-12-29 2026-12-30 2026-12-31 2027-01-01 2027-01-06
        Tue 08:55–09:40 | plastyka (4b) | s.5
        Tue Fri 08:00–08:45 | j. polski (4b) | s.7
        Mon Wed 08:00–08:45 | matematyka (4b) | s.12
        Wed 08:55–09:40 | wf (4b)
        Thu 08:00–08:45 | przyroda (4b) | s.3
        Thu 08:55–09:40 | matematyka (4b) | s.12
        Fri 08:55–09:40 | religia (4b) | s.7
        Mon 08:55–09:40 | j. polski (4b) | s.7
        == in calendars
        4b 198, s.12 58, s.3 20, s.5 21, s.7 81
        == with
        warning without-value Plan lekcji 4b.csv, E3
    """,
    "Stockholm: Lov, Läsår, Simskola ht 2026": r"""
        Europe/Stockholm
        == Lov.csv
        Lov;Från;Till
        Höstlov;2026-10-26;2026-10-30
        == Läsår.csv
        Termin;Start;Slut
        HT 2026;2026-08-31;2026-12-11
        == Simskola ht 2026.csv
        Grupp;Dag;Tid;Veckor;Bassäng
        Baddaren;Måndag;16:00-16:45;v. 36-43;Lilla
        Sköldpaddan;Torsdag;17:00-17:45;v. 36-43, 45-49;Stora
        == comes out as
        2026-08-31..2026-12-03 without 2026-10-26..2026-11-30/7 2026-10-29
        Mon 16:00–16:45 | Baddaren | Lilla
        Thu 17:00–17:45 | Sköldpaddan | Stora
        == in calendars
        Baddaren 8, Sköldpaddan 13, Lilla 8, Stora 13
        == with
        notes holds-for-all unsure-column
    """,
    "Budapest: Szünetek, Tanév, Órarend 5.a": r"""
        Europe/Budapest
        == Szünetek.csv
        Szünet;Első nap;Utolsó nap
        Őszi szünet;2026.10.23.;2026.11.01.
        Téli szünet;2026.12.21.;2027.01.03.
        == Tanév.csv
        Félév;Kezdete;Vége
        1. félév;2026.09.01.;2027.01.22.
        == Órarend 5.a.csv
        Óra;Idő;Hétfő;Kedd;Szerda;Csütörtök;Péntek
        1.;8:00-8:45;matek;magyar;matek;ének;matek
        2.;8:55-9:40;magyar;matek;tesi;magyar;rajz
        == comes out as
        2026-09-01..2027-01-22 without 2026-10-23 2026-10-26..2026-10-30 2026-12-21..2026-12-25 2026-12-28..2027-01-01
        Mon Wed Fri 08:00–08:45 | matek (5.a)
        Tue 08:00–08:45 | magyar (5.a)
        Thu 08:00–08:45 | ének (5.a)
        Mon Thu 08:55–09:40 | magyar (5.a)
        Tue 08:55–09:40 | matek (5.a)
        Wed 08:55–09:40 | tesi (5.a)
        Fri 08:55–09:40 | rajz (5.a)
        == in calendars
        5.a 176
    """,
    "Istanbul: Ders programı 9-A, Dönem, Tatiller": r"""
        Europe/Istanbul
        == Ders programı 9-A.csv
        Ders saati;Saat;Pazartesi;Salı;Çarşamba;Perşembe;Cuma
        1. ders;08:30-09:10;Matematik;Türkçe;Fizik;Matematik;Tarih
        2. ders;09:20-10:00;Türkçe;Matematik;Kimya;Fizik;Beden
        == Dönem.csv
        Dönem;Başlangıç;Bitiş
        1. dönem;14.09.2026;22.01.2027
        == Tatiller.csv
        Tatil;Başlangıç;Bitiş
        Cumhuriyet Bayramı;29.10.2026;
        Ara tatil;16.11.2026;20.11.2026
        == comes out as
        2026-09-14..2027-01-22 without 2026-10-29 2026-11-16..2026-11-20
        Mon Thu 08:30–09:10 | Matematik (9-A)
        Mon 09:20–10:00 | Türkçe (9-A)
        Tue 08:30–09:10 | Türkçe (9-A)
        Tue 09:20–10:00 | Matematik (9-A)
        Wed 08:30–09:10 | Fizik (9-A)
        Wed 09:20–10:00 | Kimya (9-A)
        Thu 09:20–10:00 | Fizik (9-A)
        Fri 08:30–09:10 | Tarih (9-A)
        Fri 09:20–10:00 | Beden (9-A)
        == in calendars
        9-A 178
    """,
    "Madrid: Horario 1ESO": r"""
        Europe/Madrid
        == Horario 1ESO.xlsx / Horario
        1º ESO A
        ,Lunes,Martes,Miércoles,Jueves,Viernes
        8:15-9:10,"LEN
        MGP
        A12","MAT
        RSL
        A12","LEN
        MGP
        A12","ING
        TBC
        A12","MAT
        RSL
        A12"
        9:10-10:05,"MAT
        RSL
        A12","ING
        TBC
        A12","EF
        JPD
        GIM","LEN
        MGP
        A12","ING
        TBC
        A12"
        == Horario 1ESO.xlsx / Profesorado
        Siglas,Nombre
        MGP,María García Pons
        RSL,Raúl Sanz Luna
        TBC,Teresa Blanco Cid
        JPD,Jorge Prat Díez
        == Horario 1ESO.xlsx / Materias
        Código,Materia
        LEN,Lengua
        MAT,Matemáticas
        ING,Inglés
        EF,Educación Física
        == Horario 1ESO.xlsx / Calendario
        Trimestre,Inicio,Fin
        1º,2026-09-14,2026-12-22
        == Horario 1ESO.xlsx / Festivos
        Festivo,Fecha
        Pilar,2026-10-12
        Inmaculada,2026-12-08
        == comes out as
        2026-09-14..2026-12-22 without 2026-10-12 2026-12-08
        Wed 09:10–10:05 | Educación Física (1º ESO A) | GIM
        Mon Wed 08:15–09:10 | Lengua (1º ESO A) | A12
        Thu 09:10–10:05 | Lengua (1º ESO A) | A12
        Tue Fri 08:15–09:10 | Matemáticas (1º ESO A) | A12
        Mon 09:10–10:05 | Matemáticas (1º ESO A) | A12
        Thu 08:15–09:10 | Inglés (1º ESO A) | A12
        Tue Fri 09:10–10:05 | Inglés (1º ESO A) | A12
        == in calendars
        Jorge Prat Díez 14, María García Pons 42, Raúl Sanz Luna 42, Teresa Blanco Cid 42, 1º ESO A 140, A12 126, GIM 14
        == with
        warning told-by-form Horario 1ESO.xlsx, sheet “Horario”, B3
    """,
    "Rome: Chiusure, Corsi autunno": r"""
        Europe/Rome
        == Chiusure.csv
        Chiusura;Data
        Ognissanti (ponte);02/11/2026
        Immacolata;08/12/2026
        == Corsi autunno.csv
        Corso;Livello;Insegnante;Giorni;Orario;Aula;Dal;Al
        Inglese;B1;Anna Russo;lun/mer;18.30-20.00;2;05/10/2026;16/12/2026
        Tedesco;A1;Karl Weber;mar/gio;19.00-20.30;3;06/10/2026;17/12/2026
        == comes out as
        2026-10-05..2026-12-17 without 2026-11-02 2026-12-08
        Mon Wed 18:30–20:00 | Inglese | 2
        Tue Thu 19:00–20:30 | Tedesco | 3
        == in calendars
        Anna Russo 21, Karl Weber 21, Inglese 21, Tedesco 21, 2 21, 3 21
    """,
    "Helsinki: Lomat, Lukujärjestys 3B, Lukuvuosi": r"""
        Europe/Helsinki
        == Lomat.csv
        Loma;Alkaa;Päättyy
        Syysloma;12.10.2026;16.10.2026
        == Lukujärjestys 3B.csv
        Klo;Maanantai;Tiistai;Keskiviikko;Torstai;Perjantai
        8.15-9.00;Matematiikka;Äidinkieli;Matematiikka;Liikunta;Englanti
        9.15-10.00;Äidinkieli;Matematiikka;Musiikki;Liikunta;Kuvataide
        == Lukuvuosi.csv
        Jakso;Alkaa;Päättyy
        Syyslukukausi;11.8.2026;22.12.2026
        == comes out as
        2026-08-11..2026-12-22 without 2026-10-12..2026-10-16
        Mon Wed 08:15–09:00 | Matematiikka (3B)
        Tue 08:15–09:00 | Äidinkieli (3B)
        Thu 08:15–09:00 | Liikunta (3B)
        Fri 08:15–09:00 | Englanti (3B)
        Mon 09:15–10:00 | Äidinkieli (3B)
        Tue 09:15–10:00 | Matematiikka (3B)
        Wed 09:15–10:00 | Musiikki (3B)
        Thu 09:15–10:00 | Liikunta (3B)
        Fri 09:15–10:00 | Kuvataide (3B)
        == in calendars
        3B 182
    """,
    "Paris: Calendrier, Emploi du temps 5eB, Vacances": r"""
        Europe/Paris
        == Calendrier.csv
        Période;Début;Fin
        1er trimestre;01/09/2026;27/11/2026
        == Emploi du temps 5eB.csv
        Emploi du temps – 5eB;;;;
        Horaire;Lundi;Mardi;Jeudi;Vendredi
        8h00-8h55;Maths – M. Roy – S12;Français – Mme Lys – S4;Maths – M. Roy – S12;EPS – M. Cap – Gymnase
        9h00-9h55;Français – Mme Lys – S4;Anglais – Mme Day – S7;Français – Mme Lys – S4;SVT – M. Bio – Labo 1
        == Vacances.csv
        Vacances;Début;Fin
        Toussaint;17/10/2026;01/11/2026
        Armistice;11/11/2026;
        == comes out as
        2026-09-01..2026-11-27 without 2026-10-19 2026-10-20 2026-10-22 2026-10-23 2026-10-26 2026-10-27 2026-10-29 2026-10-30
        Fri 09:00–09:55 | SVT (5eB) | Labo 1
        Fri 08:00–08:55 | EPS (5eB) | Gymnase
        Mon Thu 08:00–08:55 | Maths (5eB) | S12
        Tue 09:00–09:55 | Anglais (5eB) | S7
        Tue 08:00–08:55 | Français (5eB) | S4
        Mon Thu 09:00–09:55 | Français (5eB) | S4
        == in calendars
        M. Bio 11, M. Cap 11, M. Roy 21, Mme Day 11, Mme Lys 32, 5eB 86, Gymnase 11, Labo 1 11, S12 21, S4 32, S7 11
        == with
        warning told-by-form Emploi du temps 5eB.csv, B3
    """,
    "Copenhagen: Ferieplan, Skema 6.b, Skoleår": r"""
        Europe/Copenhagen
        == Ferieplan.csv
        Ferie;Fra;Til
        Efterårsferie;12.10.2026;16.10.2026
        == Skema 6.b.csv
        Lektion;Mandag;Tirsdag;Onsdag;Torsdag;Fredag
        1. 8:00-8:45;Dansk (KM) lok. 12;Mat (JH) lok. 14;Dansk (KM) lok. 12;Idræt (PL) hal;Mat (JH) lok. 14
        2. 8:50-9:35;Mat (JH) lok. 14;Dansk (KM) lok. 12;Engelsk (AN) lok. 9;Idræt (PL) hal;Dansk (KM) lok. 12
        == Skoleår.csv
        Skoleår;Start;Slut
        2026;10.08.2026;18.12.2026
        == comes out as
        2026-08-10..2026-12-18 without 2026-10-12 2026-10-13 2026-10-14 2026-10-15 2026-10-16
        Mon 08:50–09:35 | Mat (6.b) | lok. 14
        Mon Wed 08:00–08:45 | Dansk (6.b) | lok. 12
        Tue Fri 08:00–08:45 | Mat (6.b) | lok. 14
        Tue Fri 08:50–09:35 | Dansk (6.b) | lok. 12
        Wed 08:50–09:35 | Engelsk (6.b) | lok. 9
        Thu 08:00–08:45 | Idræt (6.b) | hal
        Thu 08:50–09:35 | Idræt (6.b) | hal
        == in calendars
        AN 18, JH 54, KM 72, PL 36, 6.b 180, hal 36, lok. 12 72, lok. 14 54, lok. 9 18
    """,
    "Lisbon: Horário 7B": r"""
        Europe/Lisbon
        == Horário 7B.xlsx / Horário
        Horário da turma 7.º B
        Tempos,2ª,3ª,4ª,5ª,6ª
        8:30-9:20,Português,Matemática,Inglês,História,Ed. Física
        9:25-10:15,Matemática,Português,Ciências,Inglês,Ed. Física
        == Horário 7B.xlsx / Calendário
        Período,Início,Fim
        1º período,2026-09-14,2026-12-16
        == Horário 7B.xlsx / Feriados
        Feriado,Data
        Implantação da República,2026-10-05
        Restauração,2026-12-01
        Imaculada,2026-12-08
        == comes out as
        2026-09-14..2026-12-16 without 2026-10-05 2026-12-01 2026-12-08
        Mon 08:30–09:20 | Português (7.º B)
        Tue 08:30–09:20 | Matemática (7.º B)
        Wed 08:30–09:20 | Inglês (7.º B)
        Thu 08:30–09:20 | História (7.º B)
        Fri 08:30–09:20 | Ed. Física (7.º B)
        Mon 09:25–10:15 | Matemática (7.º B)
        Tue 09:25–10:15 | Português (7.º B)
        Wed 09:25–10:15 | Ciências (7.º B)
        Thu 09:25–10:15 | Inglês (7.º B)
        Fri 09:25–10:15 | Ed. Física (7.º B)
        == in calendars
        7.º B 130
    """,
    "Vienna: Frei, Schuljahr, Stundenplan 2a und 2b": r"""
        Europe/Vienna
        == Frei.csv
        Schulfrei;Datum
        Ausflug;22.09.2026
        == Schuljahr.csv
        Semester;von;bis
        WS;14.09.2026;23.10.2026
        == Stundenplan 2a und 2b.csv
        2a;Mo;Di;Mi;;2b;Mo;Di;Mi
        8:00-8:50;D;M;E;;8:00-8:50;M;D;M
        8:55-9:45;M;D;BSP;;8:55-9:45;D;E;BSP
        == comes out as
        2026-09-14..2026-10-21 without 2026-09-22
        Mon 08:00–08:50 | D (2a)
        Tue 08:00–08:50 | M (2a)
        Wed 08:00–08:50 | E (2a)
        Mon 08:55–09:45 | M (2a)
        Tue 08:55–09:45 | D (2a)
        Wed 08:55–09:45 | BSP (2a)
        Mon Wed 08:00–08:50 | M (2b)
        Tue 08:00–08:50 | D (2b)
        Mon 08:55–09:45 | D (2b)
        Tue 08:55–09:45 | E (2b)
        Wed 08:55–09:45 | BSP (2b)
        == in calendars
        2a 34, 2b 34
    """,
    "Stockholm: Lov, Läsår, Schema 8A": r"""
        Europe/Stockholm
        == Lov.csv
        Lov;Från;Till
        Höstlov;2026-10-26;2026-10-30
        Studiedag;2026-09-25;
        == Läsår.csv
        Termin;Startar;Slutar
        HT26;2026-08-18;2026-12-18
        == Schema 8A.csv
        Tid;Måndag;Tisdag;Onsdag;Torsdag;Fredag
        08:10-09:00;Ma (KS) sal 12;Sv (LB) sal 4;Ma (KS) sal 12;En (PH) sal 7;Idh (TT) hallen
        09:10-10:00;Sv (LB) sal 4;Ma (KS) sal 12;No (AE) labb;En (PH) sal 7;Sv (LB) sal 4
        == comes out as
        2026-08-18..2026-12-18 without 2026-09-25 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30
        Tue 08:10–09:00 | Sv (8A) | sal 4
        Tue 09:10–10:00 | Ma (8A) | sal 12
        Mon Wed 08:10–09:00 | Ma (8A) | sal 12
        Wed 09:10–10:00 | No (AE) labb (8A)
        Thu 08:10–09:00 | En (8A) | sal 7
        Thu 09:10–10:00 | En (8A) | sal 7
        Fri 08:10–09:00 | Idh (8A) | hallen
        Mon Fri 09:10–10:00 | Sv (8A) | sal 4
        == in calendars
        KS 50, LB 49, PH 34, TT 16, 8A 166, hallen 16, sal 12 50, sal 4 49, sal 7 34
        == with
        warning without-value Schema 8A.csv, D3
    """,
    "Amsterdam: Trainingsschema": r"""
        Europe/Amsterdam
        == Trainingsschema.xlsx / Veld 1
        Veld 1,,,,
        Tijd,Maandag,Dinsdag,Woensdag,Donderdag
        17:00-18:00,JO9-1,JO11-1,JO9-1,JO11-1
        18:00-19:15,JO13-1,MO15,JO13-1,MO15
        19:15-20:45,1e elftal,JO17,,1e elftal
        == Trainingsschema.xlsx / Veld 2
        Veld 2,,,,
        Tijd,Maandag,Dinsdag,Woensdag,Donderdag
        17:00-18:00,JO9-2,,JO9-2,
        18:00-19:15,,JO15-1,,JO15-1
        == Trainingsschema.xlsx / Info
        Seizoen,Start,Einde
        Najaar,2026-08-31,2026-11-27
        ,,
        Geen training,Datum,
        Herfstvakantie,12 t/m 16 oktober 2026,
        == comes out as
        2026-08-31..2026-11-26 without 2026-10-12..2026-10-15
        Mon Thu 19:15–20:45 | 1e elftal | Veld 1
        Tue Thu 17:00–18:00 | JO11-1 | Veld 1
        Mon Wed 18:00–19:15 | JO13-1 | Veld 1
        Tue Thu 18:00–19:15 | JO15-1 | Veld 2
        Tue 19:15–20:45 | JO17 | Veld 1
        Mon Wed 17:00–18:00 | JO9-1 | Veld 1
        Mon Wed 17:00–18:00 | JO9-2 | Veld 2
        Tue Thu 18:00–19:15 | MO15 | Veld 1
        == in calendars
        1e elftal 24, JO11-1 24, JO13-1 24, JO15-1 24, JO17 12, JO9-1 24, JO9-2 24, MO15 24, Veld 1 132, Veld 2 48
    """,
    "Helsinki: Lomat, Lukukausi, Soittotunnit": r"""
        Europe/Helsinki
        == Lomat.csv
        Loma;Alkaa;Päättyy
        Syysloma;12.10.2026;16.10.2026
        Itsenäisyyspäivä;6.12.2026;
        == Lukukausi.csv
        Lukukausi;Alkaa;Päättyy
        Syksy 2026;17.8.2026;11.12.2026
        == Soittotunnit.csv
        Soitin;Oppilas;Opettaja;Viikonpäivä;Alkaa;Kesto (min);Tila
        Viulu;Aino Lahti;K. Salo;ma;15:00;30;Luokka 2
        Piano;Eero Niemi;K. Salo;ma;15.30;45;Luokka 2
        Sello;Iida Vuori;T. Harju;ke;16:15;30;Luokka 5
        Huilu;Onni Mäki;T. Harju;to;17:00;45;Luokka 5
        == comes out as
        2026-08-17..2026-12-10 without 2026-10-12 2026-10-14 2026-10-15
        Mon 15:00–15:30 | Viulu | Luokka 2
        Mon 15:30–16:15 | Piano | Luokka 2
        Wed 16:15–16:45 | Sello | Luokka 5
        Thu 17:00–17:45 | Huilu | Luokka 5
        == in calendars
        K. Salo 32, T. Harju 32, Huilu 16, Piano 16, Sello 16, Viulu 16, Luokka 2 32, Luokka 5 32, Aino Lahti 16, Eero Niemi 16, Iida Vuori 16, Onni Mäki 16
    """,
    "Warsaw: Kalendarz, Plan lekcji": r"""
        Europe/Warsaw
        == Kalendarz.xlsx / Semestr
        Semestr,Początek,Koniec
        I,2026-09-01,2027-01-15
        == Kalendarz.xlsx / Dni wolne
        Dzień wolny,Od,Do
        Dzień Edukacji Narodowej,2026-10-14,
        Święto Niepodległości,2026-11-11,
        Przerwa świąteczna,2026-12-23,2026-12-31
        == Plan lekcji.xlsx / 4a
        Nr,Godz.,Poniedziałek,Wtorek,Środa,Czwartek,Piątek
        '1,8:00-8:45,polski,matematyka,polski,wf,religia
        '2,8:55-9:40,matematyka,polski,angielski,matematyka,wf
        '3,9:50-10:35,przyroda,,historia,polski,
        == Plan lekcji.xlsx / 4b
        Nr,Godz.,Poniedziałek,Wtorek,Środa,Czwartek,Piątek
        '1,8:00-8:45,wf,polski,matematyka,polski,angielski
        '2,8:55-9:40,polski,historia,,matematyka,przyroda
        == comes out as
        2026-09-01..2027-01-15 without 2026-10-14 2026-11-11 2026-12-23..2026-12-25 2026-12-28..2026-12-31
        Mon Wed 08:00–08:45 | polski (4a)
        Tue 08:00–08:45 | matematyka (4a)
        Thu 08:00–08:45 | wf (4a)
        Fri 08:00–08:45 | religia (4a)
        Mon Thu 08:55–09:40 | matematyka (4a)
        Tue 08:55–09:40 | polski (4a)
        Wed 08:55–09:40 | angielski (4a)
        Fri 08:55–09:40 | wf (4a)
        Mon 09:50–10:35 | przyroda (4a)
        Wed 09:50–10:35 | historia (4a)
        Thu 09:50–10:35 | polski (4a)
        Mon 08:00–08:45 | wf (4b)
        Tue Thu 08:00–08:45 | polski (4b)
        Wed 08:00–08:45 | matematyka (4b)
        Fri 08:00–08:45 | angielski (4b)
        Mon 08:55–09:40 | polski (4b)
        Tue 08:55–09:40 | historia (4b)
        Thu 08:55–09:40 | matematyka (4b)
        Fri 08:55–09:40 | przyroda (4b)
        == in calendars
        4a 232, 4b 164
    """,
    "Amsterdam: Rooster najaar 2026": r"""
        Europe/Amsterdam
        == Rooster najaar 2026.csv
        Vak;Docent;Lokaal;Dag;Begin;Eind;Weken
        Fotografie;D. Bos;F1;dinsdag;13:00;15:30;36-41, 43-46
        Ontwerp;S. Vis;A2;donderdag;09:15;11:45;36-41
        Druktechniek;S. Vis;Werkplaats;donderdag;09:15;11:45;43-50
        == is refused
        == with
        undecided closures
    """,
    "Helsinki: Jaavuorot": r"""
        Europe/Helsinki
        == Jaavuorot.xlsx / Vuorot / B2:B3 / C2:C4 / D2:D3 / B4:B6 / C5:C6 / D4:D5
        Slot,Monday,Wednesday,Saturday
        16:00-16:30,Minis,Juniors,Public
        16:30-17:00,,,
        17:00-17:30,Figure,,Public
        17:30-18:00,,Seniors,
        18:00-18:30,,,
        == Jaavuorot.xlsx / Kausi
        Kausi,Alku,Loppu
        Syksy,2026-09-07,2026-10-31
        == Jaavuorot.xlsx / Suljettu
        Suljettu,Päivä
        Huolto,2026-09-23
        == comes out as
        2026-09-07..2026-10-31 without 2026-09-23
        Mon 17:00–18:30 | Figure
        Wed 16:00–17:30 | Juniors
        Mon 16:00–17:00 | Minis
        Sat 16:00–17:00 | Public
        Sat 17:00–18:00 | Public
        Wed 17:30–18:30 | Seniors
        == in calendars
        Figure 8, Juniors 7, Minis 8, Public 16, Seniors 7
        == with
        notes cells-meet unsure-column
    """,
    "Madrid: Festivos, Grupos": r"""
        Europe/Madrid
        == Festivos.csv
        Festivo;Fecha
        Fiesta Nacional;12/10/2026
        Todos los Santos (traslado);02/11/2026
        == Grupos.csv
        Grupo;Idioma;Profesor;Días;Hora;Fecha de inicio;Sesiones;Aula
        G1;Inglés B1;Ana Ruiz;lunes y miércoles;18:00-19:30;05/10/2026;10;3
        G2;Alemán A1;Jens Ott;viernes;17:00-20:00;09/10/2026;6;1
        == comes out as
        2026-10-05..2026-11-13 without 2026-10-12 2026-11-02
        Mon Wed 18:00–19:30 | G1 | 3
        Fri 17:00–20:00 | G2 | 1
        == in calendars
        Ana Ruiz 10, Jens Ott 6, G1 10, G2 6, 1 6, 3 10
        == with
        notes unsure-column
    """,
    "Zurich: Einzelunterricht, Ferien, Semester": r"""
        Europe/Zurich
        == Einzelunterricht.csv
        Schüler/in;Instrument;Lehrperson;Wochentag;Zeit;Dauer;Raum
        Lia Frei;Geige;U. Hess;Montag;15.30;30';M1
        Nico Graf;Trompete;P. Lutz;Mittwoch;13.45;40';M3
        Eva Kunz;Klavier;U. Hess;Freitag;16.00;30';M1
        == Ferien.csv
        Ferien;von;bis
        Herbstferien;05.10.2026;17.10.2026
        Weihnachtsferien;21.12.2026;02.01.2027
        == Semester.csv
        Semester;Beginn;Ende
        Herbst;17.08.2026;22.01.2027
        == comes out as
        2026-08-17..2027-01-22 without 2026-10-05 2026-10-07 2026-10-09 2026-10-12 2026-10-14 2026-10-16 2026-12-21 2026-12-23 2026-12-25 2026-12-28 2026-12-30 2027-01-01
        Wed 13:45–14:25 | Trompete | M3
        Mon 15:30–16:00 | Geige | M1
        Fri 16:00–16:30 | Klavier | M1
        == in calendars
        P. Lutz 19, U. Hess 38, Geige 19, Klavier 19, Trompete 19, M1 38, M3 19, Eva Kunz 19, Lia Frei 19, Nico Graf 19
    """,
    "Amsterdam: Gesloten, Lesrooster, Seizoen": r"""
        Europe/Amsterdam
        == Gesloten.csv
        Gesloten;Datum
        Verbouwing;14-10-2026
        == Lesrooster.csv
        Alle lessen duren 60 minuten
        ;maandag;dinsdag;woensdag;donderdag;vrijdag
        7:00;Flow (Ina);;Flow (Tess);;Flow (Ina)
        12:15;Lunch yoga (Tess);Pilates (Uma);Lunch yoga (Tess);Pilates (Uma);
        18:30;Yin (Uma);Flow (Ina);Yin (Uma);Beginners (Tess);
        == Seizoen.csv
        Seizoen;Van;Tot en met
        Najaar;07-09-2026;18-12-2026
        == comes out as
        2026-09-07..2026-12-18 without 2026-10-14
        Thu 18:30–19:30 | Beginners (Tess)
        Mon Fri 07:00–08:00 | Flow (Ina)
        Tue 18:30–19:30 | Flow (Ina)
        Wed 07:00–08:00 | Flow (Tess)
        Mon Wed 12:15–13:15 | Lunch yoga (Tess)
        Tue Thu 12:15–13:15 | Pilates (Uma)
        Mon Wed 18:30–19:30 | Yin (Uma)
        == in calendars
        Beginners (Tess) 15, Flow (Ina) 45, Flow (Tess) 14, Lunch yoga (Tess) 29, Pilates (Uma) 30, Yin (Uma) 29
        == with
        notes cells-meet note-used open-brackets unsure-column
    """,
    "Prague: Holidays, Labs, Semester": r"""
        Europe/Prague
        == Holidays.csv
        Holiday,Date
        Independence Day,2026-10-28
        Freedom Day,2026-11-17
        == Labs.csv
        Course,Group,Day,Start,End,Weeks,Room
        Optics lab,G1,Mon,10:00,13:00,odd,P1
        Optics lab,G2,Mon,10:00,13:00,even,P1
        Seminar,all,Thu,14:00,15:30,every,S3
        == Semester.csv
        Semester,Start,End
        Winter,2026-09-28,2026-12-18
        == is refused
        == with
        undecided Labs.csv
    """,
    "Istanbul: Ders programı, Dönem, Tatiller": r"""
        Europe/Istanbul
        == Ders programı.csv
        Saat;Pazartesi;Salı;Çarşamba;Perşembe;Cuma
        09:00-09:40;Matematik;Türkçe;Matematik;Fizik;Türkçe
        09:50-10:30;Türkçe;Matematik;Kimya;Türkçe;
        == Dönem.csv
        Dönem;Başlangıç;Bitiş
        1. dönem;14.09.2026;22.01.2027
        == Tatiller.csv
        Tatil;Başlangıç;Bitiş
        Cumhuriyet Bayramı;29.10.2026;
        Ara tatil;16.11.2026;20.11.2026
        == comes out as
        2026-09-14..2027-01-22 without 2026-10-29 2026-11-16..2026-11-20
        Thu 09:00–09:40 | Fizik
        Wed 09:50–10:30 | Kimya
        Mon Wed 09:00–09:40 | Matematik
        Tue 09:50–10:30 | Matematik
        Tue Fri 09:00–09:40 | Türkçe
        Mon Thu 09:50–10:30 | Türkçe
        == in calendars
        Fizik 17, Kimya 18, Matematik 54, Türkçe 71
        == with
        notes cells-meet
    """,
    "Bucharest: Modul, Orar 6A, Zile libere": r"""
        Europe/Bucharest
        == Modul.csv
        Modul,Început,Sfârșit
        1,07.09.2026,23.10.2026
        == Orar 6A.csv
        Ora,Luni,Marți,Miercuri,Joi,Vineri
        8-9,"Română
        Pop
        12","Mate
        Ion
        14","Mate
        Ion
        14","Istorie
        Dan
        10","Sport
        Luca
        Sala"
        9-10,"Mate
        Ion
        14","Română
        Pop
        12","Fizică
        Rus
        Lab","Română
        Pop
        12",
        == Zile libere.csv
        Zi liberă,Data
        Ziua educației,05.10.2026
        == comes out as
        2026-09-07..2026-10-23 without 2026-10-05
        Thu 08:00–09:00 | Istorie (6A) | 10
        Tue Wed 08:00–09:00 | Mate (6A) | 14
        Mon 09:00–10:00 | Mate (6A) | 14
        Fri 08:00–09:00 | Sport (6A) | Sala
        Mon 08:00–09:00 | Română (6A) | 12
        Tue Thu 09:00–10:00 | Română (6A) | 12
        Wed 09:00–10:00 | Fizică (6A) | Lab
        == in calendars
        Dan 7, Ion 20, Luca 7, Pop 20, Rus 7, 6A 61, 10 7, 12 20, 14 20, Lab 7, Sala 7
        == with
        warning told-by-form Orar 6A.csv, B2
    """,
    "Berlin: Ferien, Halbjahr, Unterricht": r"""
        Europe/Berlin
        == Ferien.csv
        Ferien;von;bis
        Herbstferien;17.10.2026;31.10.2026
        Weihnachtsferien;23.12.2026;06.01.2027
        == Halbjahr.csv
        Halbjahr;Beginn;Ende
        1. Halbjahr 2026/27;02.09.2026;29.01.2027
        == Unterricht.csv
        Schüler/in;Fach;Lehrkraft;Tag;Uhrzeit;Dauer (Min.);Raum
        Lena B.;Klavier;Fr. Sommer;Mo;14:00;45;1
        Tim K.;Geige;Hr. Wald;Mo;14:45;30;2
        Ole S.;Klavier;Fr. Sommer;Di;15:30;45;1
        Mia T.;Flöte;Fr. Kern;Do;16:00;30;3
        == comes out as
        2026-09-03..2027-01-28 without 2026-10-19 2026-10-20 2026-10-22 2026-10-26 2026-10-27 2026-10-29 2026-12-24 2026-12-28 2026-12-29 2026-12-31 2027-01-04 2027-01-05
        Thu 16:00–16:30 | Flöte | 3
        Mon 14:00–14:45 | Klavier | 1
        Tue 15:30–16:15 | Klavier | 1
        Mon 14:45–15:15 | Geige | 2
        == in calendars
        Fr. Kern 18, Fr. Sommer 34, Hr. Wald 17, Flöte 18, Geige 17, Klavier 34, 1 34, 2 17, 3 18, Lena B. 17, Mia T. 18, Ole S. 17, Tim K. 17
    """,
    "Madrid: Festivos, Grupos (2)": r"""
        Europe/Madrid
        == Festivos.csv
        Festivo;Fecha
        Fiesta Nacional;12/10/2026
        Puente;07/12/2026
        Inmaculada;08/12/2026
        == Grupos.csv
        Grupo;Nivel;Horario;Aula;Profesor/a;Inicio;Fin
        A1-1;A1;L y X 18:00-19:30;2;Vega;05/10/2026;18/12/2026
        B2-1;B2;M y J 19:45-21:15;3;Soler;06/10/2026;17/12/2026
        Niños;;sábados 10:00-12:00;1;Vega;10/10/2026;19/12/2026
        == comes out as
        2026-10-05..2026-12-19 without 2026-10-12 2026-12-07 2026-12-08
        Tue Thu 19:45–21:15 | B2-1 | 3
        Mon Wed 18:00–19:30 | A1-1 | 2
        Sat 10:00–12:00 | Niños | 1
        == in calendars
        Soler 21, Vega 31, A1-1 20, B2-1 21, Niños 11, 1 11, 2 20, 3 21
        == with
        notes short-days unsure-column
    """,
    "Stockholm: Lov, Läsår, Schema": r"""
        Europe/Stockholm
        == Lov.csv
        Lov;Vecka/datum
        Studiedag;21 september 2026
        Höstlov;v. 44
        == Läsår.csv
        Termin;Start;Slut
        Höstterminen 2026;2026-08-19;2026-12-18
        == Schema.csv
        Ämne;Klass;Dag;Start;Slut;Sal;Lärare
        Matematik;7A;mån;8.10;9.10;12;Lind
        Svenska;7A;tis;8.10;9.00;14;Berg
        Idrott;7A;tors;13.00;14.20;Hallen;Ek
        Matematik;7B;ons;9.20;10.20;12;Lind
        == comes out as
        2026-08-19..2026-12-17 without 2026-09-21 2026-10-26..2026-10-29
        Tue 08:10–09:00 | Svenska (7A) | 14
        Thu 13:00–14:20 | Idrott (7A) | Hallen
        Mon 08:10–09:10 | Matematik (7A) | 12
        Wed 09:20–10:20 | Matematik (7B) | 12
        == in calendars
        Berg 16, Ek 17, Lind 32, 7A 48, 7B 17, 12 32, 14 16, Hallen 17
    """,
    "Oslo: Lærere, Skolerute 2026-27, Timeplaner": r"""
        Europe/Oslo
        == Lærere.csv
        Initialer;Navn
        KL;Kari Lund
        PE;Per Eide
        TO;Tone Ødegård
        SN;Siv Nes
        == Skolerute 2026-27.csv
        Hva;Når
        Første skoledag;17. august 2026
        Høstferie;uke 41
        Planleggingsdag;20. november 2026
        Juleferie;21. desember – 1. januar
        Siste skoledag;18. juni 2027
        == Timeplaner.xlsx / 4A
        Tid,Mandag,Tirsdag,Onsdag,Torsdag,Fredag
        08.30–09.15,Norsk / KL,Matte / PE,Engelsk / KL,Norsk / KL,Gym / TO
        09.20–10.05,Matte / PE,Norsk / KL,KRLE / PE,Matte / PE,Norsk / KL
        10.35–11.20,Musikk / TO,Naturfag / PE,Norsk / KL,,K&H / KL
        == Timeplaner.xlsx / 4B
        Tid,Mandag,Tirsdag,Onsdag,Torsdag,Fredag
        08.30–09.15,Matte / PE,Norsk / SN,Norsk / SN,Gym / TO,Matte / PE
        09.20–10.05,Norsk / SN,Engelsk / SN,Matte / PE,Norsk / SN,
        10.35–11.20,Naturfag / SN,Musikk / TO,,KRLE / SN,Norsk / SN
        == comes out as
        2026-08-17..2027-06-18 without 2026-10-05..2026-10-09 2026-11-20 2026-12-21..2026-12-25 2026-12-28..2027-01-01
        Mon Thu 08:30–09:15 | Norsk (4A)
        Wed 08:30–09:15 | Engelsk (4A)
        Tue Fri 09:20–10:05 | Norsk (4A)
        Wed 10:35–11:20 | Norsk (4A)
        Fri 10:35–11:20 | K&H (4A)
        Tue 08:30–09:15 | Matte (4A)
        Mon Thu 09:20–10:05 | Matte (4A)
        Wed 09:20–10:05 | KRLE (4A)
        Tue 10:35–11:20 | Naturfag (4A)
        Mon Fri 08:30–09:15 | Matte (4B)
        Wed 09:20–10:05 | Matte (4B)
        Tue Wed 08:30–09:15 | Norsk (4B)
        Mon Thu 09:20–10:05 | Norsk (4B)
        Tue 09:20–10:05 | Engelsk (4B)
        Mon 10:35–11:20 | Naturfag (4B)
        Thu 10:35–11:20 | KRLE (4B)
        Fri 10:35–11:20 | Norsk (4B)
        Fri 08:30–09:15 | Gym (4A)
        Mon 10:35–11:20 | Musikk (4A)
        Thu 08:30–09:15 | Gym (4B)
        Tue 10:35–11:20 | Musikk (4B)
        == in calendars
        Kari Lund 285, Per Eide 327, Siv Nes 327, Tone Ødegård 163, 4A 571, 4B 531
        == with
        notes title-line year-of-title
    """,
    "Paris: Emploi du temps 2nde 3, Période, Semaines, Vacances": r"""
        Europe/Paris
        == Emploi du temps 2nde 3.csv
        ;Lundi;Mardi;Mercredi;Jeudi;Vendredi
        8h-9h;Maths;Français;"SVT (sem A)
        Physique (sem B)";Anglais;EPS
        9h-10h;Français;Maths;"SVT (sem A)
        Physique (sem B)";Histoire;EPS
        10h15-11h15;Anglais;;Maths;Français (sem B);
        == Période.csv
        Période;Début;Fin
        1;07/09/2026;16/10/2026
        == Semaines.csv
        Semaine du;Semaine
        07/09/2026;A
        14/09/2026;B
        21/09/2026;A
        28/09/2026;B
        05/10/2026;A
        12/10/2026;B
        == Vacances.csv
        Vacances;Du;Au
        Toussaint;17/10/2026;01/11/2026
        == comes out as
        2026-09-07..2026-10-16
        Mon 08:00–09:00 | Maths (2nde 3)
        Tue 08:00–09:00 | Français (2nde 3)
        2026-09-09..2026-10-07/14 08:00–09:00 | SVT (2nde 3)
        2026-09-16..2026-10-14/14 08:00–09:00 | Physique (2nde 3)
        Thu 08:00–09:00 | Anglais (2nde 3)
        Fri 08:00–09:00 | EPS (2nde 3)
        Mon 09:00–10:00 | Français (2nde 3)
        Tue 09:00–10:00 | Maths (2nde 3)
        2026-09-09..2026-10-07/14 09:00–10:00 | SVT (2nde 3)
        2026-09-16..2026-10-14/14 09:00–10:00 | Physique (2nde 3)
        Thu 09:00–10:00 | Histoire (2nde 3)
        Fri 09:00–10:00 | EPS (2nde 3)
        Mon 10:15–11:15 | Anglais (2nde 3)
        Wed 10:15–11:15 | Maths (2nde 3)
        2026-09-17..2026-10-15/14 10:15–11:15 | Français (2nde 3)
        == in calendars
        2nde 3 75
        == with
        warning closure-outside-terms Vacances.csv, A2:C2
    """,
    "Copenhagen: Ferier, Skema, Skoleår": r"""
        Europe/Copenhagen
        == Ferier.csv
        Ferie;Fra;Til
        Efterårsferie;10.10.2026;18.10.2026
        == Skema.csv
        Hold;Fag;Lærer;Ugedag;Tid;Lokale;Uger
        9X;Dansk;MH;mandag;8.15-9.45;A1;33-50
        9X;Matematik;JP;tirsdag;8.15-9.45;A2;33-50
        9Y;Dansk;MH;onsdag;10.00-11.30;A1;33-41, 43-50
        Alle;Morgensang;;fredag;8.00-8.15;Salen;33-50
        == Skoleår.csv
        Halvår;Start;Slut
        Efterår;10.08.2026;18.12.2026
        == comes out as
        2026-08-10..2026-12-11 without 2026-10-12..2026-10-14 2026-10-16
        Tue 08:15–09:45 | Matematik (9X) | A2
        Mon 08:15–09:45 | Dansk (9X) | A1
        Wed 10:00–11:30 | Dansk (9Y) | A1
        Fri 08:00–08:15 | Morgensang (Alle) | Salen
        == in calendars
        JP 17, MH 34, 9X 34, 9Y 17, Alle 17, A1 34, A2 17, Salen 17
        == with
        warning without-value Skema.csv, A5:G5
        notes unsure-column
    """,
    "Athens: Αργίες, Πρόγραμμα Α1, Τετράμηνο": r"""
        Europe/Athens
        == Αργίες.csv
        Αργία;Από;Έως
        28η Οκτωβρίου;28/10/2026;
        Πολυτεχνείο;17/11/2026;
        Χριστούγεννα;24/12/2026;07/01/2027
        == Πρόγραμμα Α1.csv
        Ώρα;Δευτέρα;Τρίτη;Τετάρτη;Πέμπτη;Παρασκευή
        8:15-9:00;Μαθηματικά;Γλώσσα;Φυσική;Γλώσσα;Ιστορία
        9:05-9:50;Γλώσσα;Μαθηματικά;Γλώσσα;Μαθηματικά;Γυμναστική
        == Τετράμηνο.csv
        Τετράμηνο;Έναρξη;Λήξη
        Α;11/09/2026;20/01/2027
        == comes out as
        2026-09-11..2027-01-20 without 2026-10-28 2026-11-17 2026-12-24..2027-01-07/7 2026-12-25 2026-12-28..2026-12-30 2027-01-01 2027-01-04..2027-01-06
        Mon Wed 09:05–09:50 | Γλώσσα
        Tue Thu 08:15–09:00 | Γλώσσα
        Fri 09:05–09:50 | Γυμναστική
        Fri 08:15–09:00 | Ιστορία
        Mon 08:15–09:00 | Μαθηματικά
        Tue Thu 09:05–09:50 | Μαθηματικά
        Wed 08:15–09:00 | Φυσική
        == in calendars
        Γλώσσα 64, Γυμναστική 17, Ιστορία 17, Μαθηματικά 48, Φυσική 16
        == with
        notes cells-meet
    """,
    "Madrid: Festivos, Horario, Trimestres": r"""
        Europe/Madrid
        == Festivos.csv
        Día festivo;Fecha
        Fiesta Nacional;12/10/2026
        Todos los Santos;02/11/2026
        Constitución;07/12/2026
        Inmaculada;08/12/2026
        == Horario.xlsx / 1º A / B3:B4 / F3:F4
        1º A - Curso 2026/27,,,,,
        Hora,Lunes,Martes,Miércoles,Jueves,Viernes
        9:00-10:00,Voz,Cuerpo,Voz,Historia,Taller
        10:00-11:00,,Cuerpo 2,Canto,Historia del arte,
        == Trimestres.csv
        Trimestre;Comienza;Termina
        1º;14/09/2026;22/12/2026
        == comes out as
        2026-09-14..2026-12-22 without 2026-10-12 2026-11-02 2026-12-07 2026-12-08
        Mon 09:00–11:00 | Voz (1º A)
        Tue 09:00–10:00 | Cuerpo (1º A)
        Wed 09:00–10:00 | Voz (1º A)
        Thu 09:00–10:00 | Historia (1º A)
        Fri 09:00–11:00 | Taller (1º A)
        Tue 10:00–11:00 | Cuerpo 2 (1º A)
        Wed 10:00–11:00 | Canto (1º A)
        Thu 10:00–11:00 | Historia del arte (1º A)
        == in calendars
        1º A 110
    """,
    "Lisbon: Aulas, Interrupções, Períodos": r"""
        Europe/Lisbon
        == Aulas.csv
        Aluno;Instrumento;Professor;Dia da semana;Das;Às;Sala
        Rita;Piano;Nunes;segunda-feira;14h30;15h15;3
        Tiago;Violino;Lopes;quarta-feira;16h00;16h45;5
        == Interrupções.csv
        Interrupção / feriado;Data
        Implantação da República;05/10/2026
        Restauração;01/12/2026
        Imaculada;08/12/2026
        == Períodos.csv
        Período;Início;Fim
        1.º;14/09/2026;18/12/2026
        == comes out as
        2026-09-14..2026-12-16 without 2026-10-05
        Mon 14:30–15:15 | Piano | 3
        Wed 16:00–16:45 | Violino | 5
        == in calendars
        Lopes 14, Nunes 13, Piano 13, Violino 14, 3 13, 5 14, Rita 13, Tiago 14
    """,
    "Bucharest: Grupe, Zile libere": r"""
        Europe/Bucharest
        == Grupe.csv
        Grupa,Nivel,Program,Sala,Profesor,Data început,Data sfârșit
        EN1,A1,"Luni, Miercuri 18:00-19:30",2,Pop,05.10.2026,18.12.2026
        FR1,B1,Sâmbătă 10:00-12:00,1,Ion,10.10.2026,19.12.2026
        == Zile libere.csv
        Zi liberă,Data
        Sf. Andrei,30.11.2026
        Ziua Națională,01.12.2026
        == comes out as
        2026-10-05..2026-12-19 without 2026-11-30
        Sat 10:00–12:00 | FR1 | 1
        Mon Wed 18:00–19:30 | EN1 | 2
        == in calendars
        Ion 11, Pop 21, EN1 21, FR1 11, 1 11, 2 21
        == with
        notes unsure-column
    """,
    "Vienna: 3b, Frei, Schuljahr": r"""
        Europe/Vienna
        == 3b.csv
        Stundenplan 3b;;;;;
        ;Mo;Di;Mi;Do;Fr
        1;M;D;E;M;BSP
        7:50-8:40;HUB;MOS;LAN;HUB;GRU
        ;R12;R12;R14;R12;TS
        2;D;M;D;E;BU
        8:45-9:35;MOS;HUB;MOS;LAN;WEB
        ;R12;R12;R12;R14;BU1
        == Frei.csv
        Frei;Von;Bis
        Herbstferien;27.10.2026;31.10.2026
        Weihnachtsferien;24.12.2026;06.01.2027
        Nationalfeiertag;26.10.2026;
        == Schuljahr.csv
        Semester;Beginn;Ende
        1. Semester;07.09.2026;05.02.2027
        == comes out as
        2026-09-07..2027-02-05 without 2026-10-26..2026-10-30 2026-12-24 2026-12-25 2026-12-28..2027-01-01 2027-01-04..2027-01-06
        Fri 07:50–08:40 | BSP (3b) | TS
        Mon Thu 07:50–08:40 | M (3b) | R12
        Tue 08:45–09:35 | M (3b) | R12
        Wed 07:50–08:40 | E (3b) | R14
        Thu 08:45–09:35 | E (3b) | R14
        Tue 07:50–08:40 | D (3b) | R12
        Mon Wed 08:45–09:35 | D (3b) | R12
        Fri 08:45–09:35 | BU (3b) | BU1
        == in calendars
        GRU 19, HUB 57, LAN 38, MOS 57, WEB 19, 3b 190, BU1 19, R12 114, R14 38, TS 19
        == with
        warning told-by-form 3b.csv, B3
        notes unsure-column
    """,
    "Madrid: Festivos, Grupos 2026-27": r"""
        Europe/Madrid
        == Festivos.csv
        Festivo;Fecha
        Fiesta Nacional;12/10/2026
        Todos los Santos;02/11/2026
        Constitución;07/12/2026
        Inmaculada;08/12/2026
        == Grupos 2026-27.csv
        Grupo;Nivel;Días;Horario;Profesor;Aula;Inicio;Fin
        G1;A2;L-X;17:00-18:30;Marta;1;01/10/2026;17/12/2026
        G2;B1;M-J;18:30-20:00;Pablo;2;01/10/2026;17/12/2026
        G3;B2;V;17:00 - 20:00;Marta;1;02/10/2026;18/12/2026
        == comes out as
        2026-10-01..2026-12-18 without 2026-10-12 2026-11-02 2026-12-07 2026-12-08
        Mon Wed 17:00–18:30 | G1 | 1
        Fri 17:00–20:00 | G3 | 1
        Tue Thu 18:30–20:00 | G2 | 2
        == in calendars
        Marta 31, Pablo 22, G1 19, G2 22, G3 12, 1 31, 2 22
        == with
        warning paired-days Grupos 2026-27.csv, C1
        notes short-days unsure-column
    """,
    "Berlin: Ferien, Halbjahr, Lindner": r"""
        Europe/Berlin
        == Ferien.csv
        Ferien;von;bis
        Herbst;05.10.2026;17.10.2026
        Weihnachten;21.12.2026;02.01.2027
        == Halbjahr.csv
        Halbjahr;von;bis
        1. Halbjahr;01.09.2026;30.01.2027
        == Lindner.csv
        Unterrichtsplan Frau Lindner – Klavier;;
        Montag;;
        14:00-14:30;Emma Vogt;Raum 3
        14:30-15:15;Paul Reh;Raum 3
        Dienstag;;
        15:00-15:30;Lea Kurz;Raum 5
        15:30-16:15;Tim Alt / Ida Alt;Raum 5
        Freitag;;
        13:30-14:15;Ben Horn;Raum 3
        == comes out as
        2026-09-01..2027-01-29 without 2026-10-05 2026-10-06 2026-10-09 2026-10-12 2026-10-13 2026-10-16 2026-12-21 2026-12-22 2026-12-25 2026-12-28 2026-12-29 2027-01-01
        Fri 13:30–14:15 | Ben Horn | Raum 3
        Mon 14:00–14:30 | Emma Vogt | Raum 3
        Tue 15:00–15:30 | Lea Kurz | Raum 5
        Mon 14:30–15:15 | Paul Reh | Raum 3
        Tue 15:30–16:15 | Tim Alt / Ida Alt | Raum 5
        == in calendars
        Ben Horn 18, Emma Vogt 17, Lea Kurz 18, Paul Reh 17, Tim Alt / Ida Alt 18, Raum 3 52, Raum 5 36
        == with
        notes columns-by-cells
    """,
    "Amsterdam: Gymrooster, Periode, Vakanties": r"""
        Europe/Amsterdam
        == Gymrooster.csv
        Gymrooster 2026-2027;;;
        Tijd;Dinsdag;Donderdag;Leerkracht
        8.45 - 9.30;groep 3;groep 5;juf Els
        9.30 - 10.15;groep 4;groep 6;juf Els
        10.30 - 11.15;groep 7;groep 8;meester Jan
        == Periode.csv
        Periode;Van;Tot en met
        Eerste helft;31-08-2026;29-01-2027
        == Vakanties.csv
        Vakantie;Eerste dag;Laatste dag
        Herfstvakantie;17-10-2026;25-10-2026
        Kerstvakantie;19-12-2026;03-01-2027
        == comes out as
        2026-09-01..2027-01-28 without 2026-10-20 2026-10-22 2026-12-22 2026-12-24 2026-12-29 2026-12-31
        Tue 08:45–09:30 | groep 3
        Tue 09:30–10:15 | groep 4
        Thu 08:45–09:30 | groep 5
        Thu 09:30–10:15 | groep 6
        Tue 10:30–11:15 | groep 7
        Thu 10:30–11:15 | groep 8
        == in calendars
        groep 3 19, groep 4 19, groep 5 19, groep 6 19, groep 7 19, groep 8 19
        == with
        warning stray-cell Gymrooster.csv, D3
        notes cells-meet may-end-in-rooms
    """,
    "Oslo: Sesong, Sommerruter 2027": r"""
        Europe/Oslo
        == Sesong.csv
        Sesong;Fra;Til
        Sommer;21.06.2027;15.08.2027
        == Sommerruter 2027.csv
        Rute;Avgang;Ankomst;Fra;Til;Man;Tir;Ons;Tor;Fre;Lør;Søn
        1;07:15;08:05;Vika;Ytre;x;x;x;x;x;;
        2;10:30;11:20;Ytre;Vika;x;x;x;x;x;x;
        3;16:45;17:35;Vika;Ytre;x;x;x;x;x;;x
        == is refused
        == with
        undecided closures
        notes unsure-column
    """,
    "Rome: Calendario scolastico, Orario 3B": r"""
        Europe/Rome
        == Calendario scolastico.csv
        Inizio lezioni;14/09/2026
        Ponte Ognissanti;02/11/2026
        Immacolata;07/12/2026 - 08/12/2026
        Vacanze di Natale;dal 23/12/2026 al 06/01/2027
        Fine quadrimestre;30/01/2027
        == Orario 3B.csv
        CLASSE 3B;;;;;;
        ORA;LUN;MAR;MER;GIO;VEN;SAB
        8.10 - 9.10;Latino;Storia;Fisica;Latino;Inglese;Arte
        9.10 - 10.10;Fisica;Latino;Storia;Inglese;Arte;Scienze
        10.20 - 11.15;Inglese;Fisica;Scienze;Arte;Latino;
        == comes out as
        2026-09-14..2027-01-30 without 2026-11-02 2026-12-07 2026-12-08 2026-12-23..2027-01-06/7 2026-12-24..2026-12-26 2026-12-28 2026-12-29 2026-12-31..2027-01-02 2027-01-04 2027-01-05
        Mon Thu 08:10–09:10 | Latino (3B)
        Tue 08:10–09:10 | Storia (3B)
        Wed 08:10–09:10 | Fisica (3B)
        Fri 08:10–09:10 | Inglese (3B)
        Sat 08:10–09:10 | Arte (3B)
        Mon 09:10–10:10 | Fisica (3B)
        Tue 09:10–10:10 | Latino (3B)
        Wed 09:10–10:10 | Storia (3B)
        Thu 09:10–10:10 | Inglese (3B)
        Fri 09:10–10:10 | Arte (3B)
        Sat 09:10–10:10 | Scienze (3B)
        Mon 10:20–11:15 | Inglese (3B)
        Tue 10:20–11:15 | Fisica (3B)
        Wed 10:20–11:15 | Scienze (3B)
        Thu 10:20–11:15 | Arte (3B)
        Fri 10:20–11:15 | Latino (3B)
        == in calendars
        3B 294
    """,
    "Berlin: Sprechzeiten, Urlaub, Zeitraum": r"""
        Europe/Berlin
        == Sprechzeiten.csv
        Arzt;Montag;Dienstag;Mittwoch;Donnerstag;Freitag
        Dr. Vogt;8-12 u. 15-18 Uhr;8-12 Uhr;8-12 Uhr;15-18 Uhr;8-12 Uhr
        Dr. Reh;;8-12 u. 14-17 Uhr;;8-12 Uhr;
        == Urlaub.csv
        Praxis geschlossen;von;bis
        Betriebsferien;01.02.2027;05.02.2027
        == Zeitraum.csv
        Quartal;Beginn;Ende
        Q1 2027;04.01.2027;31.03.2027
        == comes out as
        2027-01-04..2027-03-31 without 2027-02-01..2027-02-05
        Tue Thu 08:00–12:00 | Dr. Reh
        Tue 14:00–17:00 | Dr. Reh
        Mon Tue Wed Fri 08:00–12:00 | Dr. Vogt
        Mon Thu 15:00–18:00 | Dr. Vogt
        == in calendars
        Dr. Reh 35, Dr. Vogt 70, Dr. Reh 35, Dr. Vogt 70
        == with
        notes unsure-column
    """,
    "Copenhagen: Skema 5A": r"""
        Europe/Copenhagen
        == Skema 5A.xlsx / Skema
        Skema 5.A,,,,,
        Lektion,Mandag,Tirsdag,Onsdag,Torsdag,Fredag
        1. 8.00-8.45,"Dansk
        KM
        12","Matematik
        PL
        12","Engelsk
        KM
        12","Dansk
        KM
        12","Idræt
        PL
        Hal"
        2. 8.45-9.30,"Matematik
        PL
        12","Dansk
        KM
        12","Natur
        PL
        12","Matematik
        PL
        12","Musik
        SO
        M1"
        3. 9.50-10.35,"Engelsk
        KM
        12","Billedkunst
        SO
        B1","Matematik
        PL
        12","Engelsk
        KM
        12","Dansk
        KM
        12"
        == Skema 5A.xlsx / Ferier
        Ferie,Fra,Til og med
        Efterårsferie,2026-10-12,2026-10-16
        Juleferie,2026-12-21,2027-01-01
        == Skema 5A.xlsx / Halvår
        Halvår,Første skoledag,Sidste skoledag
        1. halvår,2026-08-10,2027-01-29
        == comes out as
        2026-08-10..2027-01-29 without 2026-10-12..2026-10-16 2026-12-21..2026-12-25 2026-12-28..2027-01-01
        Mon Thu 08:00–08:45 | Dansk (5.A) | 12
        Wed 08:00–08:45 | Engelsk (5.A) | 12
        Tue 08:45–09:30 | Dansk (5.A) | 12
        Mon Thu 09:50–10:35 | Engelsk (5.A) | 12
        Fri 09:50–10:35 | Dansk (5.A) | 12
        Tue 08:00–08:45 | Matematik (5.A) | 12
        Fri 08:00–08:45 | Idræt (5.A) | Hal
        Mon Thu 08:45–09:30 | Matematik (5.A) | 12
        Wed 08:45–09:30 | Natur (5.A) | 12
        Wed 09:50–10:35 | Matematik (5.A) | 12
        Fri 08:45–09:30 | Musik (5.A) | M1
        Tue 09:50–10:35 | Billedkunst (5.A) | B1
        == in calendars
        KM 154, PL 132, SO 44, 5.A 330, 12 264, B1 22, Hal 22, M1 22
        == with
        warning told-by-form Skema 5A.xlsx, sheet “Skema”, B3
        notes unsure-column
    """,
    "Istanbul: 6-A, Dönem, Tatiller": r"""
        Europe/Istanbul
        == 6-A.csv
        6-A Ders Programı;;;;;
        Saat;Pazartesi;Salı;Çarşamba;Perşembe;Cuma
        08:30-09:10;Matematik;Türkçe;Fen;Matematik;Beden
        09:20-10:00;Türkçe;Matematik;İngilizce;Fen;Müzik
        10:10-10:50;Fen;İngilizce;Türkçe;;Matematik
        == Dönem.csv
        Dönem;Başlangıç;Bitiş
        1. Dönem;07.09.2026;22.01.2027
        == Tatiller.csv
        Tatil;Başlangıç;Bitiş
        Cumhuriyet Bayramı;28.10.2026;29.10.2026
        Ara tatil;16.11.2026;20.11.2026
        == comes out as
        2026-09-07..2027-01-22 without 2026-10-28 2026-10-29 2026-11-16..2026-11-20
        Mon Thu 08:30–09:10 | Matematik (6-A)
        Tue 08:30–09:10 | Türkçe (6-A)
        Wed 08:30–09:10 | Fen (6-A)
        Fri 08:30–09:10 | Beden (6-A)
        Mon 09:20–10:00 | Türkçe (6-A)
        Tue 09:20–10:00 | Matematik (6-A)
        Wed 09:20–10:00 | İngilizce (6-A)
        Thu 09:20–10:00 | Fen (6-A)
        Fri 09:20–10:00 | Müzik (6-A)
        Mon 10:10–10:50 | Fen (6-A)
        Tue 10:10–10:50 | İngilizce (6-A)
        Wed 10:10–10:50 | Türkçe (6-A)
        Fri 10:10–10:50 | Matematik (6-A)
        == in calendars
        6-A 261
    """,
    "Warsaw: Plan 5a": r"""
        Europe/Warsaw
        == Plan 5a.xlsx / 5a
        Plan lekcji klasy 5a
        Nr,Godz,Poniedziałek,Wtorek,Środa,Czwartek,Piątek
        1,8:00-8:45,j. polski,matematyka,wf,historia,matematyka
        2,8:55-9:40,matematyka,j. polski,wf,j. angielski,biologia
        3,9:50-10:35,j. angielski,biologia,j. polski,,
        == Plan 5a.xlsx / Dni wolne
        Dzień wolny,Od,Do
        Święto Niepodległości,2026-11-11,
        Ferie świąteczne,2026-12-23,2027-01-01
        Trzech Króli,2027-01-06,
        == Plan 5a.xlsx / Semestr
        Semestr,Początek,Koniec
        I,2026-09-01,2027-01-15
        == comes out as
        2026-09-01..2027-01-15 without 2026-11-11 2026-12-23..2027-01-06/7 2026-12-24 2026-12-25 2026-12-28 2026-12-29 2026-12-31 2027-01-01
        Mon 08:00–08:45 | j. polski (5a)
        Tue Fri 08:00–08:45 | matematyka (5a)
        Wed 08:00–08:45 | wf (5a)
        Thu 08:00–08:45 | historia (5a)
        Mon 08:55–09:40 | matematyka (5a)
        Tue 08:55–09:40 | j. polski (5a)
        Wed 08:55–09:40 | wf (5a)
        Thu 08:55–09:40 | j. angielski (5a)
        Fri 08:55–09:40 | biologia (5a)
        Mon 09:50–10:35 | j. angielski (5a)
        Tue 09:50–10:35 | biologia (5a)
        Wed 09:50–10:35 | j. polski (5a)
        == in calendars
        5a 231
    """,
    "Helsinki: Jaksot, Lukujärjestys, Vapaat": r"""
        Europe/Helsinki
        == Jaksot.csv
        Jakso;Alkaa;Päättyy
        1. jakso;10.8.2026;30.9.2026
        == Lukujärjestys.csv
        Kurssi;Päivä;Klo;Luokka;Opettaja
        MAA1;ma;9.00-10.15;204;Virtanen
        MAA1;ke;10.30-11.45;204;Virtanen
        ENA2;ti;9.00-10.15;112;Laine
        ENA2;to;12.30-13.45;112;Laine
        == Vapaat.csv
        Vapaa;Päivä
        Opettajien koulutuspäivä;4.9.2026
        Retkipäivä;15.9.2026
        == comes out as
        2026-08-10..2026-09-30 without 2026-09-15
        Tue 09:00–10:15 | ENA2 | 112
        Thu 12:30–13:45 | ENA2 | 112
        Mon 09:00–10:15 | MAA1 | 204
        Wed 10:30–11:45 | MAA1 | 204
        == in calendars
        Laine 14, Virtanen 16, ENA2 14, MAA1 16, 112 14, 204 16
        == with
        notes title-line
    """,
    "Zurich: 6. Klasse, Ferien, Fächer, Lehrpersonen, Semester": r"""
        Europe/Zurich
        == 6. Klasse.csv
        Stundenplan 6. Klasse;;;;;
        Zeit;Mo;Di;Mi;Do;Fr
        07.30 – 08.15;D (Me);M (Ru);F (Ba);D (Me);TU (Ru)
        08.20 – 09.05;M (Ru);D (Me);NMG (Me);M (Ru);F (Ba)
        13.30 – 14.15;BG (Ba);;;MU (Ba);
        == Ferien.csv
        Ferien;Erster Ferientag;Letzter Ferientag
        Herbst;05.10.2026;17.10.2026
        Weihnachten;24.12.2026;02.01.2027
        == Fächer.csv
        Kürzel;Fach
        D;Deutsch
        M;Mathematik
        F;Französisch
        TU;Turnen
        NMG;Natur
        BG;Gestalten
        MU;Musik
        == Lehrpersonen.csv
        Kürzel;Lehrperson
        Me;A. Meier
        Ru;B. Ruf
        Ba;C. Baur
        == Semester.csv
        Semester;Beginn;Schluss
        1. Semester;17.08.2026;29.01.2027
        == comes out as
        2026-08-17..2027-01-29 without 2026-10-05..2026-10-09 2026-10-12..2026-10-16 2026-12-24 2026-12-25 2026-12-28..2027-01-01
        Mon Thu 07:30–08:15 | Deutsch (6. Klasse)
        Tue 08:20–09:05 | Deutsch (6. Klasse)
        Wed 08:20–09:05 | Natur (6. Klasse)
        Mon Thu 08:20–09:05 | Mathematik (6. Klasse)
        Tue 07:30–08:15 | Mathematik (6. Klasse)
        Fri 07:30–08:15 | Turnen (6. Klasse)
        Mon 13:30–14:15 | Gestalten (6. Klasse)
        Wed 07:30–08:15 | Französisch (6. Klasse)
        Thu 13:30–14:15 | Musik (6. Klasse)
        Fri 08:20–09:05 | Französisch (6. Klasse)
        == in calendars
        A. Meier 83, B. Ruf 82, C. Baur 82, 6. Klasse 247
    """,
    "Athens: Αργίες, Περίοδος, Πρόγραμμα": r"""
        Europe/Athens
        == Αργίες.csv
        Αργία,Από,Έως
        28η Οκτωβρίου,28/10/2026,28/10/2026
        Χριστούγεννα,24/12/2026,06/01/2027
        == Περίοδος.csv
        Περίοδος,Έναρξη,Λήξη
        Α' εξάμηνο,14/09/2026,29/01/2027
        == Πρόγραμμα.csv
        Τμήμα,Μάθημα,Ημέρα,Ώρα,Αίθουσα,Καθηγητής
        Α1,Μαθηματικά,Δευτέρα,17:00-18:30,1,Παππάς
        Α1,Φυσική,Τετάρτη,18:30-20:00,2,Λάμπρου
        Β2,Χημεία,Παρασκευή,17:00-18:30,1,Παππάς
        == comes out as
        2026-09-14..2027-01-29 without 2026-10-28 2026-12-25 2026-12-28 2026-12-30 2027-01-01 2027-01-04 2027-01-06
        Wed 18:30–20:00 | Φυσική (Α1) | 2
        Mon 17:00–18:30 | Μαθηματικά (Α1) | 1
        Fri 17:00–18:30 | Χημεία (Β2) | 1
        == in calendars
        Λάμπρου 17, Παππάς 36, Α1 35, Β2 18, 1 36, 2 17
        == with
        notes unsure-column
    """,
    "Oslo: Fri, Periode, Vakter": r"""
        Europe/Oslo
        == Fri.csv
        Fri;Fra;Til
        Vinterferie;22.02.2027;26.02.2027
        == Periode.csv
        Periode;Fra;Til
        Vår;04.01.2027;26.03.2027
        == Vakter.csv
        Vaktplan;;;;;
        Navn;Man;Tir;Ons;Tor;Fre
        Kari;T;M;S;T;M
        Ola;S;T;M;S;T
        ;;;;;
        T = Tidlig 07:00-14:30;;;;;
        M = Mellom 08:00-15:30;;;;;
        S = Sein 09:15-16:45;;;;;
        == comes out as
        2027-01-04..2027-03-26 without 2027-02-22..2027-02-26
        Mon Thu 07:00–14:30 | Tidlig (Kari)
        Tue Fri 08:00–15:30 | Mellom (Kari)
        Wed 09:15–16:45 | Sein (Kari)
        Mon Thu 09:15–16:45 | Sein (Ola)
        Tue Fri 07:00–14:30 | Tidlig (Ola)
        Wed 08:00–15:30 | Mellom (Ola)
        == in calendars
        Kari 55, Ola 55
        == with
        notes unsure-column
    """,
    "Stockholm: Schema, Termin": r"""
        Europe/Stockholm
        == Schema.csv
        Kurs;Dag;Tid;Sal;Lärare;Veckor
        Segling 1;mån;08.15-09.45;B12;Lind;v. 2-12 ej v. 9
        Segling 1;tor;13.00-14.30;B12;Lind;v. 2-12 ej v. 9
        == Termin.csv
        Termin;Start;Slut
        VT 2027;2027-01-11;2027-03-26
        == is refused
        == with
        undecided closures
    """,
    "Lisbon: Calendário escolar, Horário 8B": r"""
        Europe/Lisbon
        == Calendário escolar.txt
        Calendário escolar 2026/2027
        2.º período: 4 de janeiro de 2027 a 19 de março de 2027
        Carnaval: 8 a 10 de fevereiro de 2027
        == Horário 8B.csv
        Disciplina;Dia;Hora;Sala
        Matemática;2ª feira;8h30-10h00;12
        Português;4ª feira;10h15-11h45;12
        Inglês;6ª feira;8h30-10h00;14
        == comes out as
        2027-01-04..2027-03-19 without 2027-02-08 2027-02-10
        Mon 08:30–10:00 | Matemática | 12
        Wed 10:15–11:45 | Português | 12
        Fri 08:30–10:00 | Inglês | 14
        == in calendars
        Inglês 11, Matemática 10, Português 10, 12 20, 14 11
        == with
        notes title-line
    """,
    "Paris: Calendrier, EDT 2nde 4, Vacances": r"""
        Europe/Paris
        == Calendrier.csv
        Période;Début;Fin
        Trimestre 2;30/11/2026;05/03/2027
        == EDT 2nde 4.csv
        Emploi du temps 2nde 4;;;
        ;Lundi;Mardi;Jeudi
        8h00-8h55;Français M. Ruel S12;Maths Mme Roy S4;SVT Mme Kern Labo 2
        9h00-9h55;Anglais Mme Diot S7;EPS M. Bel Gymnase;
        == Vacances.csv
        Vacances;Du;Au
        Noël;21/12/2026;01/01/2027
        Hiver;08/02/2027;19/02/2027
        == comes out as
        2026-11-30..2027-03-04 without 2026-12-21 2026-12-22 2026-12-24 2026-12-28 2026-12-29 2026-12-31 2027-02-08 2027-02-09 2027-02-11 2027-02-15 2027-02-16 2027-02-18
        Tue 09:00–09:55 | EPS (2nde 4) | Gymnase
        Mon 08:00–08:55 | Français (2nde 4) | S12
        Mon 09:00–09:55 | Anglais (2nde 4) | S7
        Thu 08:00–08:55 | SVT (2nde 4) | Labo 2
        Tue 08:00–08:55 | Maths (2nde 4) | S4
        == in calendars
        M. Bel 10, M. Ruel 10, Mme Diot 10, Mme Kern 10, Mme Roy 10, 2nde 4 50, Gymnase 10, Labo 2 10, S12 10, S4 10, S7 10
        == with
        warning told-by-form EDT 2nde 4.csv, B3
    """,
    "Berlin: Geschlossen, Studio plan, Zeitraum": r"""
        Europe/Berlin
        == Geschlossen.csv
        Geschlossen;Datum
        Rosenmontag;08.02.2027
        == Studio plan.csv
        Kursplan ab 11.01.2027;;;
        Montag;;;
        09:00–10:00;Yoga;Lena;Saal 1
        18:00–18:45;Spinning;Tom;Saal 2
        Dienstag;;;
        17:30–18:30;Pilates;Lena;Saal 1
        == Zeitraum.csv
        Kursperiode;Von;Bis
        Winter;11.01.2027;26.03.2027
        == comes out as
        2027-01-11..2027-03-23 without 2027-02-08
        Tue 17:30–18:30 | Pilates | Saal 1
        Mon 18:00–18:45 | Spinning | Saal 2
        Mon 09:00–10:00 | Yoga | Saal 1
        == in calendars
        Pilates 11, Spinning 10, Yoga 10, Saal 1 21, Saal 2 10
        == with
        notes columns-by-cells note-used unsure-column
    """,
    "Warsaw: Dni wolne, Plan 5b, Semestr": r"""
        Europe/Warsaw
        == Dni wolne.csv
        Dzień wolny;Od;Do
        Wszystkich Świętych;02.11.2026;
        Święta;23.12.2026;31.12.2026
        == Plan 5b.csv
        Plan lekcji klasy 5b;;;
        Nr;Godz.;Poniedziałek;Wtorek
        1;8:00-8:45;matematyka s.12;j. polski s.7
        2;8:55-9:40;j. polski s.7;przyroda s.3
        3;9:50-10:35;wf sala gim.;
        == Semestr.csv
        Semestr;Od;Do
        I;01.09.2026;29.01.2027
        == comes out as
        2026-09-01..2027-01-26 without 2026-11-02 2026-12-28 2026-12-29
        Mon 08:00–08:45 | matematyka s.12 (5b)
        Tue 08:00–08:45 | j. polski s.7 (5b)
        Mon 08:55–09:40 | j. polski s.7 (5b)
        Tue 08:55–09:40 | przyroda s.3 (5b)
        Mon 09:50–10:35 | wf sala gim. (5b)
        == in calendars
        5b 99
    """,
    "Rome: Anno, Campanelle, Orario 2A, Vacanze": r"""
        Europe/Rome
        == Anno.csv
        Quadrimestre;Inizio;Fine
        2°;01/02/2027;08/06/2027
        == Campanelle.csv
        Ora;Inizio;Fine
        1ª;8:10;9:10
        2ª;9:10;10:10
        == Orario 2A.csv
        Ora;Lun;Mar;Mer
        1ª;Italiano (Rossi);Storia (Rossi);Matematica (Verdi)
        2ª;Matematica (Verdi);Italiano (Rossi);Musica (Bini)
        == Vacanze.csv
        Vacanza;Dal;Al
        Pasqua;25/03/2027;30/03/2027
        Ponte;25/04/2027;
        == comes out as
        2027-02-01..2027-06-08 without 2027-03-29 2027-03-30
        Mon 08:10–09:10 | Italiano (Rossi) (2A) |  | Period 1
        Tue 08:10–09:10 | Storia (Rossi) (2A) |  | Period 1
        Wed 08:10–09:10 | Matematica (Verdi) (2A) |  | Period 1
        Mon 09:10–10:10 | Matematica (Verdi) (2A) |  | Period 2
        Tue 09:10–10:10 | Italiano (Rossi) (2A) |  | Period 2
        Wed 09:10–10:10 | Musica (Bini) (2A) |  | Period 2
        == in calendars
        2A 108
        == with
        notes open-brackets
    """,
    "Madrid: Alumnos, Curso, Festivos": r"""
        Europe/Madrid
        == Alumnos.csv
        Alumno;Instrumento;Profesor;Día;Hora;Duración;Aula
        Ada Luz;Piano;C. Ruiz;Lunes;16:30;30';3
        Bea Paz;Violín;M. Sanz;Martes y Jueves;17:00;45';5
        == Curso.csv
        Trimestre;Inicio;Fin
        Segundo;11/01/2027;19/03/2027
        == Festivos.csv
        Festivo;Fecha
        Carnaval;15/02/2027
        == comes out as
        2027-01-11..2027-03-18 without 2027-02-15
        Mon 16:30–17:00 | Piano | 3
        Tue Thu 17:00–17:45 | Violín | 5
        == in calendars
        C. Ruiz 9, M. Sanz 20, Piano 9, Violín 20, 3 9, 5 20, Ada Luz 9, Bea Paz 20
    """,
    "Stockholm: Lov, Läsår, Schema 6B": r"""
        Europe/Stockholm
        == Lov.csv
        Lov;Vecka/datum
        Sportlov;v. 9
        Påsklov;v. 13
        Studiedag;2027-05-07
        == Läsår.csv
        Termin;Start;Slut
        Vårterminen 2027;2027-01-11;2027-06-11
        == Schema 6B.csv
        ;Måndag;Torsdag
        08:15-09:15;Ma;Sv
        09:30-10:30;Sv;Idrott
        == comes out as
        2027-01-11..2027-06-10 without 2027-03-01 2027-03-04 2027-03-29 2027-04-01
        Mon 08:15–09:15 | Ma (6B)
        Thu 08:15–09:15 | Sv (6B)
        Mon 09:30–10:30 | Sv (6B)
        Thu 09:30–10:30 | Idrott (6B)
        == in calendars
        6B 80
    """,
    "Lisbon: Feriados, Turmas, Época": r"""
        Europe/Lisbon
        == Feriados.csv
        Feriado;Data
        Carnaval;09/02/2027
        == Turmas.csv
        Turma;Nível;Dias;Hora;Professor
        A1;Iniciação;2ª e 4ª;18h00-18h45;Rita
        A2;Avançado;3ª e 5ª;19h00-20h00;Nuno
        B1;Bebés;Sábado;10h00-10h30;Rita
        == Época.csv
        Época;Início;Fim
        2º período;04/01/2027;26/03/2027
        == comes out as
        2027-01-04..2027-03-25 without 2027-02-09
        Tue Thu 19:00–20:00 | A2
        Mon Wed 18:00–18:45 | A1
        Sat 10:00–10:30 | B1
        == in calendars
        Nuno 23, Rita 35, A1 24, A2 23, B1 11
        == with
        notes short-days unsure-column
    """,
    "Helsinki: Lomat, Lukujärjestys 8A, Lukukausi": r"""
        Europe/Helsinki
        == Lomat.csv
        Loma;Alkaa;Päättyy
        Talviloma;22.2.2027;26.2.2027
        Pääsiäinen;26.3.2027;29.3.2027
        Helatorstai;6.5.2027;
        == Lukujärjestys 8A.csv
        Klo;ma;ti;ke
        8.15–9.00;matematiikka (LAI) 203;englanti (SAL) 110;liikunta (KOS) sali
        9.15–10.00;englanti (SAL) 110;matematiikka (LAI) 203;historia (NIE) 105
        == Lukukausi.csv
        Lukukausi;Alkaa;Päättyy
        Kevät;7.1.2027;5.6.2027
        == comes out as
        2027-01-11..2027-06-02 without 2027-02-22 2027-02-23 2027-02-24 2027-03-29
        Mon 08:15–09:00 | matematiikka (8A) | 203
        Mon 09:15–10:00 | englanti (8A) | 110
        Tue 08:15–09:00 | englanti (8A) | 110
        Tue 09:15–10:00 | matematiikka (8A) | 203
        Wed 08:15–09:00 | liikunta (8A) | sali
        Wed 09:15–10:00 | historia (8A) | 105
        == in calendars
        KOS 20, LAI 39, NIE 20, SAL 39, 8A 118, 105 20, 110 39, 203 39, sali 20
        == with
        warning told-by-form Lukujärjestys 8A.csv, B2
    """,
    "Warsaw: Dni wolne, Plan lekcji, Semestr": r"""
        Europe/Warsaw
        == Dni wolne.csv
        Dzień wolny;Od;Do
        Ferie zimowe;18.01.2027;31.01.2027
        Wielkanoc;25.03.2027;30.03.2027
        == Plan lekcji.xlsx / 1A
        Nr,Godz.,Poniedziałek,Wtorek,Środa,Czwartek,Piątek
        1,8:00-8:45,matematyka,j. polski,fizyka,matematyka,wf
        2,8:55-9:40,j. polski,matematyka,wf,historia,
        == Plan lekcji.xlsx / 1B
        Nr,Godz.,Poniedziałek,Wtorek,Środa,Czwartek,Piątek
        1,8:00-8:45,wf,fizyka,matematyka,j. polski,historia
        2,8:55-9:40,fizyka,wf,j. polski,,matematyka
        == Semestr.csv
        Semestr;Początek;Koniec
        II;11.01.2027;23.04.2027
        == comes out as
        2027-01-11..2027-04-23 without 2027-01-18..2027-01-22 2027-01-25..2027-01-29 2027-03-25 2027-03-26 2027-03-29 2027-03-30
        Mon Thu 08:00–08:45 | matematyka (1A)
        Tue 08:00–08:45 | j. polski (1A)
        Wed 08:00–08:45 | fizyka (1A)
        Fri 08:00–08:45 | wf (1A)
        Mon 08:55–09:40 | j. polski (1A)
        Tue 08:55–09:40 | matematyka (1A)
        Wed 08:55–09:40 | wf (1A)
        Thu 08:55–09:40 | historia (1A)
        Mon 08:00–08:45 | wf (1B)
        Tue 08:00–08:45 | fizyka (1B)
        Wed 08:00–08:45 | matematyka (1B)
        Thu 08:00–08:45 | j. polski (1B)
        Fri 08:00–08:45 | historia (1B)
        Mon 08:55–09:40 | fizyka (1B)
        Tue 08:55–09:40 | wf (1B)
        Wed 08:55–09:40 | j. polski (1B)
        Fri 08:55–09:40 | matematyka (1B)
        == in calendars
        1A 110, 1B 110
    """,
    "Berlin: Ferien, Schulhalbjahr, Stundenpläne Lehrkräfte": r"""
        Europe/Berlin
        == Ferien.csv
        Ferien;von;bis
        Osterferien;29.03.2027;09.04.2027
        Pfingsten;17.05.2027;21.05.2027
        == Schulhalbjahr.csv
        Abschnitt;Beginn;Ende
        2. Halbjahr;01.02.2027;30.06.2027
        == Stundenpläne Lehrkräfte.xlsx / Frau Adler
        Montag,Dienstag,Donnerstag
        14:00-14:30 Mia K.,15:00-15:45 Jonas B.,14:00-14:30 Ela T.
        14:30-15:15 Paul R.,,14:30-15:00 Nick W.
        == Stundenpläne Lehrkräfte.xlsx / Herr Busch
        Montag,Dienstag,Donnerstag
        16:00-16:30 Tom F.,,15:30-16:15 Lina S.
        == comes out as
        2027-02-01..2027-06-29 without 2027-03-29 2027-03-30 2027-04-01 2027-04-05 2027-04-06 2027-04-08 2027-05-17 2027-05-18 2027-05-20
        Mon 14:00–14:30 | Mia K.
        Tue 15:00–15:45 | Jonas B.
        Thu 14:00–14:30 | Ela T.
        Mon 14:30–15:15 | Paul R.
        Thu 14:30–15:00 | Nick W.
        Mon 16:00–16:30 | Tom F.
        Thu 15:30–16:15 | Lina S.
        == in calendars
        Frau Adler 93, Herr Busch 37, Ela T. 18, Jonas B. 19, Lina S. 18, Mia K. 19, Nick W. 18, Paul R. 19, Tom F. 19
        == with
        notes holds-for-all unsure-column
    """,
    "Paris: EDT 4B, Fermetures, Période, Semaines": r"""
        Europe/Paris
        == EDT 4B.csv
        Emploi du temps 4e B;;;
        Heure;Lundi;Mardi;Jeudi
        8h00-8h55;Maths;SVT (sem. A) / Physique (sem. B);Français
        9h00-9h55;EPS;Maths;Anglais (sem. A)
        == Fermetures.csv
        Fermeture;Date
        Journée pédagogique;21/01/2027
        == Période.csv
        Période;Début;Fin
        Hiver;04/01/2027;05/02/2027
        == Semaines.csv
        Semaine du;Semaine
        04/01/2027;A
        11/01/2027;B
        18/01/2027;A
        25/01/2027;B
        01/02/2027;A
        == comes out as
        2027-01-04..2027-02-04 without 2027-01-21
        Mon 08:00–08:55 | Maths (4e B)
        2027-01-05..2027-02-02/14 08:00–08:55 | SVT (4e B)
        2027-01-12 2027-01-26 08:00–08:55 | Physique (4e B)
        Thu 08:00–08:55 | Français (4e B)
        Mon 09:00–09:55 | EPS (4e B)
        Tue 09:00–09:55 | Maths (4e B)
        2027-01-07 2027-02-04 09:00–09:55 | Anglais (4e B)
        == in calendars
        4e B 26
    """,
    "Madrid: Horario 2C, No lectivos": r"""
        Europe/Madrid
        == Horario 2C.csv
        Asignatura;Grupo;Día;Hora inicio;Hora fin;Aula;Fecha inicio;Fecha fin
        Álgebra;G1;Lunes;09:00;11:00;A-12;01/02/2027;14/05/2027
        Física;G1;Martes;11:30;13:30;Lab 3;02/02/2027;11/05/2027
        Álgebra;G2;Jueves;16:00;18:00;A-14;04/02/2027;13/05/2027
        == No lectivos.csv
        Motivo;Desde;Hasta
        Semana Santa;22/03/2027;29/03/2027
        Día del patrón;28/04/2027;
        == comes out as
        2027-02-01..2027-05-13 without 2027-03-22 2027-03-23 2027-03-25 2027-03-29
        Mon 09:00–11:00 | Álgebra (G1) | A-12
        Tue 11:30–13:30 | Física (G1) | Lab 3
        Thu 16:00–18:00 | Álgebra (G2) | A-14
        == in calendars
        Física 14, Álgebra 27, A-12 13, A-14 14, Lab 3 14
    """,
    "Copenhagen: Ferieplan, Skema 6B, Skoleår": r"""
        Europe/Copenhagen
        == Ferieplan.csv
        Ferie;Første fridag;Sidste fridag
        Vinterferie;13.02.2027;21.02.2027
        Påskeferie;20.03.2027;29.03.2027
        Bededag;23.04.2027;23.04.2027
        == Skema 6B.csv
        Lektion;Tid;Mandag;Tirsdag;Onsdag
        1;08.00-08.45;Dansk;Matematik;Engelsk
        2;08.45-09.30;Dansk;Idræt;Natur/teknologi
        3;09.50-10.35;Matematik;Idræt;Dansk
        == Skoleår.csv
        Skoleår;Første skoledag;Sidste skoledag
        2026/27;10.08.2026;25.06.2027
        == comes out as
        2026-08-10..2027-06-23 without 2027-02-15..2027-02-17 2027-03-22..2027-03-24 2027-03-29
        Mon 08:00–08:45 | Dansk (6B)
        Mon 08:45–09:30 | Dansk (6B)
        Mon 09:50–10:35 | Matematik (6B)
        Tue 08:00–08:45 | Matematik (6B)
        Tue 08:45–09:30 | Idræt (6B)
        Tue 09:50–10:35 | Idræt (6B)
        Wed 08:00–08:45 | Engelsk (6B)
        Wed 08:45–09:30 | Natur/teknologi (6B)
        Wed 09:50–10:35 | Dansk (6B)
        == in calendars
        6B 393
        == with
        notes unsure-column
    """,
    "Istanbul: 6A ders programı, Dönem, Tatiller": r"""
        Europe/Istanbul
        == 6A ders programı.csv
        Ders;Saat;Pazartesi;Salı;Çarşamba
        1;08:30-09:10;Matematik;Türkçe;Fen
        2;09:20-10:00;Türkçe;Matematik;Matematik
        == Dönem.csv
        Dönem;Başlangıç;Bitiş
        2. dönem;01.02.2027;18.06.2027
        == Tatiller.csv
        Tatil;Başlangıç;Bitiş
        Ara tatil;05.04.2027;09.04.2027
        Ulusal Egemenlik;23.04.2027;23.04.2027
        == comes out as
        2027-02-01..2027-06-16 without 2027-04-05..2027-04-07
        Mon 08:30–09:10 | Matematik (6A)
        Tue 08:30–09:10 | Türkçe (6A)
        Wed 08:30–09:10 | Fen (6A)
        Mon 09:20–10:00 | Türkçe (6A)
        Tue Wed 09:20–10:00 | Matematik (6A)
        == in calendars
        6A 114
    """,
    "Berlin: Ferien, Frau Adler, Halbjahr": r"""
        Europe/Berlin
        == Ferien.csv
        Ferien;von;bis
        Osterferien;29.03.2027;09.04.2027
        == Frau Adler.csv
        Montag;14:00-14:30 Mia K.;14:30-15:15 Paul R.
        Dienstag;15:00-15:45 Jonas B.;
        == Halbjahr.csv
        Abschnitt;Beginn;Ende
        2. Halbjahr;01.02.2027;30.06.2027
        == comes out as
        2027-02-01..2027-06-29 without 2027-03-29 2027-03-30 2027-04-05 2027-04-06
        Mon 14:00–14:30 | Mia K.
        Tue 15:00–15:45 | Jonas B.
        Mon 14:30–15:15 | Paul R.
        == in calendars
        Frau Adler 60, Jonas B. 20, Mia K. 20, Paul R. 20
        == with
        notes holds-for-all unsure-column
    """,
    "Rome: 2B, Festività, Quadrimestri": r"""
        Europe/Rome
        == 2B.xlsx / Orario 2B
        Ora,Lunedì,Martedì,Giovedì,Sabato
        8:10-9:05,"Italiano
        Rossi","Matematica
        Bianchi","Inglese
        Verdi","Italiano
        Rossi"
        9:05-10:00,"Matematica
        Bianchi","Italiano
        Rossi",,"Scienze
        Neri"
        == Festività.csv
        Festività;Dal;Al
        Pasqua;25/03/2027;30/03/2027
        Liberazione;25/04/2027;25/04/2027
        Repubblica;02/06/2027;02/06/2027
        == Quadrimestri.csv
        Quadrimestre;Inizio;Fine
        II;01/02/2027;05/06/2027
        == is refused
        == with
        undecided 2B.xlsx
    """,
    "Berlin: Gesperrt, Hallenplan, Saison": r"""
        Europe/Berlin
        == Gesperrt.csv
        Halle gesperrt;Datum
        Reinigung;12.02.2027
        == Hallenplan.csv
        Hallenbelegungsplan, gültig ab 01.02.2027;;;
        Halle;Montag;Mittwoch;Freitag
        Halle A;16:00-17:30 Turnen;17:00-18:30 Judo;
        Halle B;;16:30-18:00 Handball;18:00-20:00 Volleyball
        == Saison.csv
        Saison;Von;Bis
        Winter;11.01.2027;26.03.2027
        == comes out as
        2027-02-01..2027-03-26 without 2027-02-12
        Wed 16:30–18:00 | Handball | Halle B
        Wed 17:00–18:30 | Judo | Halle A
        Mon 16:00–17:30 | Turnen | Halle A
        Fri 18:00–20:00 | Volleyball | Halle B
        == in calendars
        Handball 8, Judo 8, Turnen 8, Volleyball 7, Halle A 16, Halle B 15
        == with
        notes note-used unsure-column
    """,
    "Helsinki: Jakso, Lomat, Tunnit": r"""
        Europe/Helsinki
        == Jakso.csv
        Jakso;Alkaa;Päättyy
        4;11.1.2027;12.3.2027
        == Lomat.csv
        Loma;Alkaa;Päättyy
        Talviloma;22.2.2027;26.2.2027
        == Tunnit.csv
        Kurssi;Viikonpäivä;Alkaa;Päättyy;Luokka;Opettaja
        MAA5;ma;8.15;9.30;203;LAI
        ENA3;ti;9.45;11.00;110;SAL
        == comes out as
        2027-01-11..2027-03-09 without 2027-02-22 2027-02-23
        Mon 08:15–09:30 | MAA5 | 203
        Tue 09:45–11:00 | ENA3 | 110
        == in calendars
        LAI 8, SAL 8, ENA3 8, MAA5 8, 110 8, 203 8
    """,
    "Warsaw: Dni wolne, Kalendarz, Plan lekcji": r"""
        Europe/Warsaw
        == Dni wolne.csv
        Dni wolne;Od;Do
        Ferie zimowe;18.01.2027;31.01.2027
        Przerwa wielkanocna;25.03.2027;30.03.2027
        == Kalendarz.csv
        Semestr;Od;Do
        II semestr;04.01.2027;25.06.2027
        == Plan lekcji.xlsx / 7a
        Plan lekcji – klasa 7a
        Nr,Godz.,Poniedziałek,Wtorek,Środa,Czwartek,Piątek
        1,8:00-8:45,matematyka,polski,matematyka,historia,w-f
        2,8:55-9:40,polski,angielski,polski,matematyka,
        3,9:50-10:35,w-f,biologia,angielski,polski,plastyka
        == Plan lekcji.xlsx / 7b
        Plan lekcji – klasa 7b
        Nr,Godz.,Poniedziałek,Wtorek,Środa,Czwartek,Piątek
        1,8:00-8:45,polski,matematyka,w-f,angielski,historia
        2,8:55-9:40,matematyka,,biologia,polski,polski
        == comes out as
        2027-01-04..2027-06-25 without 2027-01-18..2027-01-22 2027-01-25..2027-01-29 2027-03-25 2027-03-26 2027-03-29 2027-03-30
        Mon Wed 08:00–08:45 | matematyka (7a)
        Mon Wed 08:55–09:40 | polski (7a)
        Mon 09:50–10:35 | w-f (7a)
        Tue 08:00–08:45 | polski (7a)
        Tue 08:55–09:40 | angielski (7a)
        Tue 09:50–10:35 | biologia (7a)
        Wed 09:50–10:35 | angielski (7a)
        Thu 08:00–08:45 | historia (7a)
        Thu 08:55–09:40 | matematyka (7a)
        Thu 09:50–10:35 | polski (7a)
        Fri 08:00–08:45 | w-f (7a)
        Fri 09:50–10:35 | plastyka (7a)
        Mon 08:00–08:45 | polski (7b)
        Mon 08:55–09:40 | matematyka (7b)
        Tue 08:00–08:45 | matematyka (7b)
        Wed 08:00–08:45 | w-f (7b)
        Wed 08:55–09:40 | biologia (7b)
        Thu 08:00–08:45 | angielski (7b)
        Thu Fri 08:55–09:40 | polski (7b)
        Fri 08:00–08:45 | historia (7b)
        == in calendars
        7a 311, 7b 200
    """,
    "Amsterdam: Lestijden, Periodes, Rooster 2A, Vakanties, Verkort rooster": r"""
        Europe/Amsterdam
        == Lestijden.csv
        Uur;Normaal begin;Normaal eind;Verkort begin;Verkort eind
        1;08:30;09:20;08:30;09:00
        2;09:20;10:10;09:00;09:30
        3;10:30;11:20;09:45;10:15
        == Periodes.csv
        Periode;Begin;Einde
        Periode 3;01-02-2027;26-03-2027
        == Rooster 2A.csv
        2A;ma;di;wo;do;vr
        1;wi;en;;wi;gs
        2;en;;wi;ne;
        3;ne;gs;ne;en;lo
        == Vakanties.csv
        Vakantie;Van;Tot en met
        Voorjaarsvakantie;22-02-2027;26-02-2027
        == Verkort rooster.csv
        Datum;Rooster
        11-03-2027;Verkort
        == comes out as
        2027-02-01..2027-03-26 without 2027-02-22..2027-02-26
        Mon Thu but 2027-03-11 08:30–09:20 | wi (2A) |  | Period 1
        Mon 09:20–10:10 | en (2A) |  | Period 2
        Mon Wed 10:30–11:20 | ne (2A) |  | Period 3
        Tue 08:30–09:20 | en (2A) |  | Period 1
        Tue 10:30–11:20 | gs (2A) |  | Period 3
        Wed 09:20–10:10 | wi (2A) |  | Period 2
        2027-03-11 08:30–09:00 | wi (2A) |  | Period 1
        2027-02-04..2027-02-18/7 2027-03-04 2027-03-18 2027-03-25 09:20–10:10 | ne (2A) |  | Period 2
        2027-03-11 09:00–09:30 | ne (2A) |  | Period 2
        2027-02-04..2027-02-18/7 2027-03-04 2027-03-18 2027-03-25 10:30–11:20 | en (2A) |  | Period 3
        2027-03-11 09:45–10:15 | en (2A) |  | Period 3
        Fri 08:30–09:20 | gs (2A) |  | Period 1
        Fri 10:30–11:20 | lo (2A) |  | Period 3
        == in calendars
        2A 84
    """,
    "Madrid: Curso, Festivos, Grupos": r"""
        Europe/Madrid
        == Curso.csv
        Curso;Inicio;Fin
        Segundo trimestre;11/01/2027;26/03/2027
        == Festivos.csv
        Festivo;Fecha
        Carnaval;08/02/2027
        San José;19/03/2027
        == Grupos.csv
        Grupo;Nivel;Días;Horario;Aula;Profesor
        A1-mañana;A1;lunes y miércoles;9:30-11:00;2;Lucía
        B2-tarde;B2;martes y jueves;18:00 a 19:30;4;Iván
        C1;C1;viernes;17:00-20:00;4;Lucía
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-08 2027-03-19
        Tue Thu 18:00–19:30 | B2-tarde | 4
        Mon Wed 09:30–11:00 | A1-mañana | 2
        Fri 17:00–20:00 | C1 | 4
        == in calendars
        Iván 22, Lucía 31, A1-mañana 21, B2-tarde 22, C1 10, 2 21, 4 32
        == with
        notes unsure-column
    """,
    "Vienna: Ferien, Semester, Stunden": r"""
        Europe/Vienna
        == Ferien.csv
        Ferien;von;bis
        Osterferien;20.03.2027;29.03.2027
        Pfingsten;15.05.2027;17.05.2027
        Christi Himmelfahrt;06.05.2027;06.05.2027
        Fronleichnam;27.05.2027;27.05.2027
        == Semester.csv
        Semester;Beginn;Ende
        Sommersemester;15.02.2027;02.07.2027
        == Stunden.csv
        Schüler;Lehrkraft;Fach;Tag;Beginn;Dauer;Raum
        Emil H.;Frau Kogler;Geige;Di;14:00;30 min;12
        Anna P.;Frau Kogler;Geige;Di;14:30;50 min;12
        Leo S.;Herr Brandl;Trompete;Do;16:20;50 min;3
        == comes out as
        2027-02-16..2027-07-01 without 2027-03-23 2027-03-25 2027-05-06 2027-05-27
        Tue 14:00–14:30 | Geige | 12
        Tue 14:30–15:20 | Geige | 12
        Thu 16:20–17:10 | Trompete | 3
        == in calendars
        Frau Kogler 38, Herr Brandl 17, Geige 38, Trompete 17, 12 38, 3 17, Anna P. 19, Emil H. 19, Leo S. 17
    """,
    "Zurich: Kurse, Schulferien": r"""
        Europe/Zurich
        == Kurse.csv
        Kurs;Tag;Zeit;Rhythmus;Start;Ende;Raum
        Yoga;Mo;18:00-19:00;wöchentlich;11.01.2027;29.03.2027;A
        Salsa;Do;19:00-20:30;14-täglich;14.01.2027;25.03.2027;B
        == Schulferien.csv
        Ferien;Von;Bis
        Sportferien;08.02.2027;19.02.2027
        == comes out as
        2027-01-11..2027-03-29 without 2027-02-08 2027-02-15
        Mon 18:00–19:00 | Yoga | A
        2027-01-14 2027-01-28 2027-02-25..2027-03-25/14 19:00–20:30 | Salsa | B
        == in calendars
        Kurse 15
        == with
        notes repeat-bounded
    """,
    "Oslo: Closed, Ice times, Season": r"""
        Europe/Oslo
        == Closed.csv
        Closed,Date
        Maintenance,2027-02-08
        == Ice times.xlsx / Ice / B3:B4 / D3:D4 / C4:C6 / B5:B6 / D5:D6 / E4:E5
        Ice time week pattern,,,,
        Time,Monday,Tuesday,Wednesday,Thursday
        16:00-16:30,Learn to skate,,Learn to skate,
        16:30-17:00,,Figure club,,Public
        17:00-17:30,Junior hockey,,Junior hockey,Public
        17:30-18:00,,,,
        == Season.csv
        Season,First day,Last day
        Winter,2027-01-04,2027-03-26
        == comes out as
        2027-01-04..2027-03-25 without 2027-02-08
        Tue 16:30–18:00 | Figure club
        Mon Wed 17:00–18:00 | Junior hockey
        Mon Wed 16:00–17:00 | Learn to skate
        Thu 16:30–17:30 | Public
        == in calendars
        Figure club 12, Junior hockey 23, Learn to skate 23, Public 12
        == with
        notes cells-meet
    """,
    "Athens: Holidays, Schedule, Term": r"""
        Europe/Athens
        == Holidays.csv
        Holiday,Date
        Bank holiday,13/02/2027
        == Schedule.csv
        Level,Mon & Wed,Tue & Thu,Sat
        A1,18:00-19:30 Room 1,,10:00-13:00 Room 1
        A2,,18:00-19:30 Room 2,
        B1,19:45-21:15 Room 1,19:45-21:15 Room 2,
        == Term.csv
        Term,Start,End
        Spring,11/01/2027,27/03/2027
        == comes out as
        2027-01-11..2027-03-27 without 2027-02-13
        Mon Wed 18:00–19:30 | A1 | Room 1
        Sat 10:00–13:00 | A1 | Room 1
        Tue Thu 18:00–19:30 | A2 | Room 2
        Mon Wed 19:45–21:15 | B1 | Room 1
        Tue Thu 19:45–21:15 | B1 | Room 2
        == in calendars
        A1 32, A2 22, B1 44, Room 1 54, Room 2 44
    """,
    "Berlin: Ferien, Halbjahr, Klasse 8c, Stundenzeiten": r"""
        Europe/Berlin
        == Ferien.csv
        Ferien;von;bis
        Osterferien;29.03.2027;09.04.2027
        Pfingsten;18.05.2027;28.05.2027
        == Halbjahr.csv
        Halbjahr;Beginn;Ende
        2. Halbjahr;08.02.2027;23.07.2027
        == Klasse 8c.csv
        Klasse 8c;Mo;Di;Mi;Do;Fr
        1. Std;Ma KRA 204;De HOF 204;En WIL 204;Ma KRA 204;Bio LEN B1
        2. Std;Ma KRA 204;De HOF 204;Sp BRA TH;En WIL 204;Bio LEN B1
        3. Std;En WIL 204;Ku SIM K2;Sp BRA TH;De HOF 204;Ge HOF 204
        == Stundenzeiten.csv
        Stunde;von;bis
        1;7:50;8:35
        2;8:35;9:20
        3;9:40;10:25
        == comes out as
        2027-02-08..2027-07-23 without 2027-03-29..2027-04-02 2027-04-05..2027-04-09 2027-05-18..2027-05-21 2027-05-24..2027-05-28
        Wed 08:35–09:20 | Sp (8c) | TH | Period 2
        Wed 09:40–10:25 | Sp (8c) | TH | Period 3
        Tue 07:50–09:20 | De (8c) | 204 | Period 1–2
        Thu 09:40–10:25 | De (8c) | 204 | Period 3
        Fri 09:40–10:25 | Ge (8c) | 204 | Period 3
        Mon 07:50–09:20 | Ma (8c) | 204 | Period 1–2
        Thu 07:50–08:35 | Ma (8c) | 204 | Period 1
        Fri 07:50–09:20 | Bio (8c) | B1 | Period 1–2
        Tue 09:40–10:25 | Ku (8c) | K2 | Period 3
        Mon 09:40–10:25 | En (8c) | 204 | Period 3
        Wed 07:50–08:35 | En (8c) | 204 | Period 1
        Thu 08:35–09:20 | En (8c) | 204 | Period 2
        == in calendars
        BRA 40, HOF 60, KRA 41, LEN 20, SIM 20, WIL 61, 8c 242, 204 162, B1 20, K2 20, TH 40
        == with
        warning told-by-form Klasse 8c.csv, B2
    """,
    "Paris: Créneaux, Période, Vacances": r"""
        Europe/Paris
        == Créneaux.csv
        Créneau;Lundi;Mardi;Jeudi
        9h-10h;Bébés nageurs;Aquagym;Bébés nageurs
        12h15-13h15;Nage libre;Nage libre;Nage libre
        18h30-20h;Club;;Club
        == Période.csv
        Période;Début;Fin
        Hiver;04/01/2027;26/03/2027
        == Vacances.csv
        Fermeture;Du;Au
        Vidange;01/03/2027;07/03/2027
        == comes out as
        2027-01-04..2027-03-25 without 2027-03-01 2027-03-02 2027-03-04
        Tue 09:00–10:00 | Aquagym
        Mon Thu 09:00–10:00 | Bébés nageurs
        Mon Thu 18:30–20:00 | Club
        Mon Tue Thu 12:15–13:15 | Nage libre
        == in calendars
        Aquagym 11, Bébés nageurs 22, Club 22, Nage libre 33
        == with
        notes cells-meet
    """,
    "Budapest: Csengetési rend, Tanév rendje, Órarend 6a": r"""
        Europe/Budapest
        == Csengetési rend.csv
        Óra;Kezdete;Vége
        1.;8:00;8:45
        2.;8:55;9:40
        3.;10:00;10:45
        == Tanév rendje.csv
        Esemény;Kezdete;Vége
        2. félév;2027.01.25.;2027.06.15.
        Tavaszi szünet;2027.03.25.;2027.03.30.
        Nemzeti ünnep;2027.03.15.;2027.03.15.
        == Órarend 6a.csv
        Órarend 6.a;;;;;
        Óra;Hétfő;Kedd;Szerda;Csütörtök;Péntek
        1.;matek;magyar;angol;matek;tesi
        2.;magyar;matek;töri;angol;rajz
        3.;angol;;matek;magyar;tesi
        == comes out as
        2027-01-25..2027-06-15 without 2027-03-15 2027-03-25 2027-03-26 2027-03-29 2027-03-30
        Mon 08:55–09:40 | magyar (6.a) |  | Period 2
        Mon 10:00–10:45 | angol (6.a) |  | Period 3
        Mon Thu 08:00–08:45 | matek (6.a) |  | Period 1
        Tue 08:00–08:45 | magyar (6.a) |  | Period 1
        Tue 08:55–09:40 | matek (6.a) |  | Period 2
        Wed 08:00–08:45 | angol (6.a) |  | Period 1
        Wed 08:55–09:40 | töri (6.a) |  | Period 2
        Wed 10:00–10:45 | matek (6.a) |  | Period 3
        Thu 08:55–09:40 | angol (6.a) |  | Period 2
        Thu 10:00–10:45 | magyar (6.a) |  | Period 3
        Fri 08:00–08:45 | tesi (6.a) |  | Period 1
        Fri 08:55–09:40 | rajz (6.a) |  | Period 2
        Fri 10:00–10:45 | tesi (6.a) |  | Period 3
        == in calendars
        6.a 271
    """,
    "Bucharest: Module, Orar, Vacanțe": r"""
        Europe/Bucharest
        == Module.csv
        Modul;Început;Sfârșit
        Modulul 3;11.01.2027;19.02.2027
        == Orar.csv
        Clasa;Disciplina;Profesor;Ziua;Ora;Sala
        9A;Matematică;Ionescu;Luni;8-9;12
        9A;Fizică;Popa;Marți;9-10;Lab 2
        9B;Matematică;Ionescu;Joi;10-11;12
        == Vacanțe.csv
        Vacanță;De la;Până la
        Zi liberă;25.01.2027;25.01.2027
        == comes out as
        2027-01-11..2027-02-18 without 2027-01-25
        Mon 08:00–09:00 | Matematică (9A) | 12
        Thu 10:00–11:00 | Matematică (9B) | 12
        Tue 09:00–10:00 | Fizică (9A) | Lab 2
        == in calendars
        Ionescu 11, Popa 6, 9A 11, 9B 6, 12 11, Lab 2 6
        == with
        notes short-days unsure-column
    """,
    "Stockholm: Lov, Schema NA22, Termin": r"""
        Europe/Stockholm
        == Lov.csv
        Lov;Från;Till
        Sportlov;2027-03-01;2027-03-05
        == Schema NA22.csv
        Kurs;Lärare;Sal;Dag;Tid;Veckor
        Fysik 2;AKN;L4;måndag;08:20-09:40;v. 2-8, 10-12
        Kemi 1;BSO;L2;onsdag;13:00-14:20;v. 3-12
        == Termin.csv
        Termin;Start;Slut
        VT27;2027-01-11;2027-06-11
        == comes out as
        2027-01-11..2027-03-24 without 2027-01-13 2027-03-01 2027-03-03
        Mon 08:20–09:40 | Fysik 2 | L4
        Wed 13:00–14:20 | Kemi 1 | L2
        == in calendars
        AKN 10, BSO 9, Fysik 2 10, Kemi 1 9, L2 9, L4 10
    """,
    "Rome: Chiusure, Corsi nuoto": r"""
        Europe/Rome
        == Chiusure.csv
        Chiusura;Data
        Manutenzione;15/02/2027
        Gara;26/02/2027
        == Corsi nuoto.csv
        Corso;Giorni;Orario;Vasca;Dal;Al;Istruttore
        Bimbi 1;lun e gio;16:30-17:15;piccola;11/01/2027;25/03/2027;Sara
        Adulti;mar, ven;20:00-21:00;grande;12/01/2027;26/03/2027;Elio
        == comes out as
        2027-01-11..2027-03-26 without 2027-02-15 2027-02-26
        Tue Fri 20:00–21:00 | Adulti | grande
        Mon Thu 16:30–17:15 | Bimbi 1 | piccola
        == in calendars
        Adulti 21, Bimbi 1 21, grande 21, piccola 21
    """,
    "Athens: Αργίες, Πρόγραμμα Γ1, Τρίμηνο": r"""
        Europe/Athens
        == Αργίες.csv
        Αργία;Ημερομηνία
        Καθαρά Δευτέρα;15/03/2027
        == Πρόγραμμα Γ1.csv
        Τμήμα Γ1;;;;
        Ημέρα;1η (8:15-9:00);2η (9:05-9:50);3η (10:00-10:45);
        Δευτέρα;Μαθηματικά;Γλώσσα;Φυσική;
        Τρίτη;Γλώσσα;Αγγλικά;Ιστορία;
        Τετάρτη;Φυσική;Μαθηματικά;Γλώσσα;
        == Τρίμηνο.csv
        Τρίμηνο;Από;Έως
        Β τρίμηνο;11/01/2027;26/03/2027
        == comes out as
        2027-01-11..2027-03-24 without 2027-03-15
        Tue 09:05–09:50 | Αγγλικά
        Mon 09:05–09:50 | Γλώσσα
        Tue 08:15–09:00 | Γλώσσα
        Wed 10:00–10:45 | Γλώσσα
        Tue 10:00–10:45 | Ιστορία
        Mon 08:15–09:00 | Μαθηματικά
        Wed 09:05–09:50 | Μαθηματικά
        Mon 10:00–10:45 | Φυσική
        Wed 08:15–09:00 | Φυσική
        == in calendars
        Αγγλικά 11, Γλώσσα 32, Ιστορία 11, Μαθηματικά 21, Φυσική 21
        == with
        notes cells-meet
    """,
    "Copenhagen: Lukket, Periode, Vagtplan": r"""
        Europe/Copenhagen
        == Lukket.csv
        Lukkedag;Dato
        Vinterlukket;16-02-2027
        == Periode.csv
        Periode;Fra;Til
        Forår;04-01-2027;26-03-2027
        == Vagtplan.csv
        Lige uger;;;
        Navn;Mandag;Tirsdag;Onsdag
        Anna;06:30-12:00;12:00-17:00;
        Bo;12:00-17:00;;06:30-12:00
        ;;;
        Ulige uger;;;
        Navn;Mandag;Tirsdag;Onsdag
        Anna;12:00-17:00;;06:30-12:00
        Bo;06:30-12:00;12:00-17:00;
        == comes out as
        2027-01-04..2027-03-15/14 2027-01-12..2027-03-23/14 12:00–17:00 | Anna
        2027-01-06..2027-03-17/14 2027-01-11..2027-03-22/14 06:30–12:00 | Anna
        2027-01-04..2027-03-15/14 2027-01-13..2027-03-24/14 06:30–12:00 | Bo
        2027-01-05..2027-02-02/14 2027-01-11..2027-03-22/14 2027-03-02 2027-03-16 12:00–17:00 | Bo
        == in calendars
        Anna 24, Bo 23
        == with
        notes holds-for-block
    """,
    "Amsterdam: Ada Quill, Ivo Marsh, Lestijden, Lesvrije dagen, Orla Penn, Periodes, Tom Reyes": r"""
        Europe/Amsterdam
        == Ada Quill.csv
        ﻿Rooster Ada Quill;;;;;
        ;maandag;dinsdag;woensdag;donderdag;vrijdag
        1e uur;;;;;
        2e uur;;;;"8b
        Tekenen
        R3";
        3e uur;;"7a
        Tekenen
        R3";;;
        4e uur;;;;;
        == Ivo Marsh.csv
        ﻿Rooster Ivo Marsh;;;;;
        ;maandag;dinsdag;woensdag;donderdag;vrijdag
        1e uur;;"8b
        Nederlands
        R2";;;
        2e uur;"7a
        Nederlands
        R2";;;;"7a
        Nederlands
        R2"
        3e uur;;;;;
        4e uur;;;;;
        == Lestijden.csv
        ﻿Uur;Aanvang;Einde
        1;8:00;8:45
        2;8:50;9:35
        3;9:55;10:40
        4;10:45;11:30
        == Lesvrije dagen.csv
        ﻿Omschrijving;Van;T/m
        Herfstvakantie;26-10-2026;30-10-2026
        Studiedag;11-11-2026;11-11-2026
        == Orla Penn.csv
        ﻿Rooster Orla Penn;;;;;
        ;maandag;dinsdag;woensdag;donderdag;vrijdag
        1e uur;"7a
        Wiskunde
        R1";;"7a
        Wiskunde
        R1";;"8b
        Wiskunde
        R1"
        2e uur;"8b
        Wiskunde
        R1";;;;
        3e uur;;;;;
        4e uur;;;;;
        == Periodes.csv
        ﻿Periode;Eerste lesdag;Laatste lesdag
        Periode 1;01-09-2026;18-12-2026
        == Tom Reyes.csv
        ﻿Rooster Tom Reyes;;;;;
        ;maandag;dinsdag;woensdag;donderdag;vrijdag
        1e uur;;;;;
        2e uur;;;;;
        3e uur;;;;;"8b
        Gym
        R4"
        4e uur;;;"8b
        Gym
        R4";"7a
        Gym
        R4";
        == comes out as
        2026-09-01..2026-12-18 without 2026-10-26..2026-10-30 2026-11-11
        Tue 09:55–10:40 | Tekenen (7a) | R3 | Period 3
        Thu 08:50–09:35 | Tekenen (8b) | R3 | Period 2
        Tue 08:00–08:45 | Nederlands (8b) | R2 | Period 1
        Mon Fri 08:50–09:35 | Nederlands (7a) | R2 | Period 2
        Mon Wed 08:00–08:45 | Wiskunde (7a) | R1 | Period 1
        Fri 08:00–08:45 | Wiskunde (8b) | R1 | Period 1
        Mon 08:50–09:35 | Wiskunde (8b) | R1 | Period 2
        Wed 10:45–11:30 | Gym (8b) | R4 | Period 4
        Thu 10:45–11:30 | Gym (7a) | R4 | Period 4
        Fri 09:55–10:40 | Gym (8b) | R4 | Period 3
        == in calendars
        Ada Quill 30, Ivo Marsh 44, Orla Penn 57, Tom Reyes 44, 7a 87, 8b 88, R1 57, R2 44, R3 30, R4 44
        == with
        warning told-by-form Ada Quill.csv, E4
        warning told-by-form Ivo Marsh.csv, C3
        warning told-by-form Orla Penn.csv, B3
        warning told-by-form Tom Reyes.csv, F5
        notes teacher-by-cells
    """,
    "Zagreb: Polugodišta, Praznici, Tjedni, Zaduženja, Zvona": r"""
        Europe/Zagreb
        == Polugodišta.csv
        ﻿Polugodište;Početak;Završetak
        Prvo polugodište;01.09.2026.;18.12.2026.
        == Praznici.csv
        ﻿Naziv;Od;Do
        Jesenski odmor;26.10.2026.;30.10.2026.
        Dan škole;11.11.2026.;11.11.2026.
        == Tjedni.csv
        ﻿Tjedan od;Tjedan
        31.08.2026.;A
        07.09.2026.;B
        14.09.2026.;A
        21.09.2026.;B
        28.09.2026.;A
        05.10.2026.;B
        12.10.2026.;A
        19.10.2026.;B
        02.11.2026.;A
        09.11.2026.;B
        16.11.2026.;A
        23.11.2026.;B
        30.11.2026.;A
        07.12.2026.;B
        14.12.2026.;A
        == Zaduženja.csv
        ﻿Razred;Predmet;Učionica;Dan;Sat;Tjedan
        7a;Matematika;R1;ponedjeljak;1;B
        7a;Hrvatski jezik;R2;ponedjeljak;2;
        7a;Likovna kultura;R3;utorak;3;B
        7a;Matematika;R1;srijeda;1;A
        7a;Tjelesni;R4;četvrtak;4;B
        7a;Hrvatski jezik;R2;petak;2;A
        8b;Matematika;R1;ponedjeljak;2;
        8b;Hrvatski jezik;R2;utorak;1;
        8b;Tjelesni;R4;srijeda;4;A
        8b;Likovna kultura;R3;četvrtak;2;
        8b;Matematika;R1;petak;1;
        8b;Tjelesni;R4;petak;3;B
        == Zvona.csv
        ﻿Sat;Početak;Kraj
        1;8:00;8:45
        2;8:50;9:35
        3;9:55;10:40
        4;10:45;11:30
        == comes out as
        2026-09-01..2026-12-18 without 2026-09-09..2026-10-21/14 2026-10-26..2026-10-30 2026-11-11..2026-12-09/14
        2026-09-02..2026-10-14/14 2026-09-07..2026-10-19/14 2026-11-04..2026-12-16/14 2026-11-09..2026-12-07/14 08:00–08:45 | Matematika (7a) | R1 | Period 1
        2026-09-04..2026-10-16/14 2026-09-07..2026-10-19/7 2026-11-02..2026-12-14/7 2026-11-06..2026-12-18/14 08:50–09:35 | Hrvatski jezik (7a) | R2 | Period 2
        2026-09-08..2026-10-20/14 2026-11-10..2026-12-08/14 09:55–10:40 | Likovna kultura (7a) | R3 | Period 3
        2026-09-10..2026-10-22/14 2026-11-12..2026-12-10/14 10:45–11:30 | Tjelesni (7a) | R4 | Period 4
        Tue 08:00–08:45 | Hrvatski jezik (8b) | R2 | Period 1
        Wed 10:45–11:30 | Tjelesni (8b) | R4 | Period 4
        Thu 08:50–09:35 | Likovna kultura (8b) | R3 | Period 2
        Fri 08:00–08:45 | Matematika (8b) | R1 | Period 1
        Mon 08:50–09:35 | Matematika (8b) | R1 | Period 2
        2026-09-11..2026-10-23/14 2026-11-13..2026-12-11/14 09:55–10:40 | Tjelesni (8b) | R4 | Period 3
        == in calendars
        7a 51, 8b 74, R1 44, R2 37, R3 22, R4 22
        == with
        notes unsure-column
    """,
    "Bucharest: Module, Training, Vacanțe și zile libere": r"""
        Europe/Bucharest
        == Module.csv
        ﻿Modul;Început;Sfârșit
        Modulul 1;01.09.2026;18.12.2026
        == Training.csv
        ﻿Echipa;Lu;Ma;Mi;Jo;Vi
        U10;16:00-17:30 Teren 1;;16:00-17:30 Teren 1;;16:00-17:30 Teren 1
        U12;;17:00-18:30 Sala mare;;17:00-18:30 Sala mare;
        U14;18:00-19:30 Teren 1;;18:00-19:30 Teren 1;;18:00-19:30 Teren 1
        == Vacanțe și zile libere.csv
        ﻿Denumire;De la;Până la
        Vacanța de toamnă;26.10.2026;30.10.2026
        Ziua școlii;11.11.2026;11.11.2026
        == comes out as
        2026-09-01..2026-12-18 without 2026-10-26..2026-10-30 2026-11-11
        Mon Wed Fri 16:00–17:30 | U10 | Teren 1
        Tue Thu 17:00–18:30 | U12 | Sala mare
        Mon Wed Fri 18:00–19:30 | U14 | Teren 1
        == in calendars
        U10 43, U12 30, U14 43, Sala mare 30, Teren 1 86
        == with
        notes unsure-column
    """,
    "Athens: Όμιλοι, Αργίες": r"""
        Europe/Athens
        == Όμιλοι.csv
        ﻿Μάθημα;Ημέρα;Ώρα;Έναρξη;Αριθμός μαθημάτων;Αίθουσα
        Μαθηματικά;Δευτέρα;18:00-19:30;14/09/2026;8;R1
        Γλώσσα;Τετάρτη;18:00-19:30;16/09/2026;6;R2
        Καλλιτεχνικά;Πέμπτη;18:00-19:30;01/10/2026;9;R3
        == Αργίες.csv
        ﻿Αργία;Από;Έως
        Σχολική εκδρομή και αργίες;26/10/2026;30/10/2026
        Εθνική εορτή;11/11/2026;11/11/2026
        == comes out as
        2026-09-14..2026-12-03 without 2026-09-17 2026-09-24 2026-10-26 2026-10-28..2026-12-02/7 2026-10-29 2026-11-16..2026-11-30/7
        Wed 18:00–19:30 | Γλώσσα | R2
        Thu 18:00–19:30 | Καλλιτεχνικά | R3
        Mon 18:00–19:30 | Μαθηματικά | R1
        == in calendars
        Γλώσσα 6, Καλλιτεχνικά 9, Μαθηματικά 8, R1 8, R2 6, R3 9
        == with
        notes unsure-column
    """,
    "Lisbon: Interrupções letivas, Períodos letivos, Training": r"""
        Europe/Lisbon
        == Interrupções letivas.csv
        ﻿Interrupção;De;Até
        Interrupção de novembro;26/10/2026;30/10/2026
        Feriado municipal;11/11/2026;11/11/2026
        == Períodos letivos.csv
        ﻿Período;Início;Fim
        1.º Período;01/09/2026;18/12/2026
        == Training.csv
        ﻿Equipa;Treinador;Pavilhão;Dia;Das;Às
        U10;Orla Penn;Pavilhão;segunda-feira;16:00;17:00
        U12;Ivo Marsh;Campo 2;terça-feira;17:00;18:30
        U14;Orla Penn;Pavilhão;quinta-feira;18:30;20:00
        U12;Ivo Marsh;Campo 2;sexta-feira;16:30;18:00
        == comes out as
        2026-09-01..2026-12-18 without 2026-10-26 2026-10-27 2026-10-29 2026-10-30
        Tue 17:00–18:30 | U12 | Campo 2
        Fri 16:30–18:00 | U12 | Campo 2
        Thu 18:30–20:00 | U14 | Pavilhão
        Mon 16:00–17:00 | U10 | Pavilhão
        == in calendars
        Ivo Marsh 30, Orla Penn 29, U10 14, U12 30, U14 15, Campo 2 30, Pavilhão 29
        == with
        notes unsure-column
    """,
    "Paris: Horaires des cours, Services, Trimestres, Vacances et jours fériés": r"""
        Europe/Paris
        == Horaires des cours.csv
        ﻿Heure;Début;Fin
        1;8h00;8h45
        2;8h50;9h35
        3;9h55;10h40
        4;10h45;11h30
        == Services.csv
        ﻿Classe;Matière;Professeur;Salle;Jour;Heure
        7a;Mathématiques;Orla Penn;R1;lun;H1
        7a;Français;Ivo Marsh;R2;lun;H2
        7a;Arts plastiques;Ada Quill;R3;mar;H3
        7a;Mathématiques;Orla Penn;R1;mer;H1
        7a;EPS;Tom Reyes;R4;jeu;H4
        7a;Français;Ivo Marsh;R2;ven;H2
        8b;Mathématiques;Orla Penn;R1;lun;H2
        8b;Français;Ivo Marsh;R2;mar;H1
        8b;EPS;Tom Reyes;R4;mer;H4
        8b;Arts plastiques;Ada Quill;R3;jeu;H2
        8b;Mathématiques;Orla Penn;R1;ven;H1
        8b;EPS;Tom Reyes;R4;ven;H3
        == Trimestres.csv
        ﻿Période;Début;Fin
        1er trimestre;01/09/2026;18/12/2026
        == Vacances et jours fériés.csv
        ﻿Motif;Dates
        Vacances de la Toussaint;26/10/2026 – 30/10/2026
        Armistice;11/11/2026
        == comes out as
        2026-09-01..2026-12-18 without 2026-10-26..2026-10-30 2026-11-11
        Tue 09:55–10:40 | Arts plastiques (7a) | R3 | Period H3
        Thu 08:50–09:35 | Arts plastiques (8b) | R3 | Period H2
        Tue 08:00–08:45 | Français (8b) | R2 | Period H1
        Mon Fri 08:50–09:35 | Français (7a) | R2 | Period H2
        Mon Wed 08:00–08:45 | Mathématiques (7a) | R1 | Period H1
        Fri 08:00–08:45 | Mathématiques (8b) | R1 | Period H1
        Mon 08:50–09:35 | Mathématiques (8b) | R1 | Period H2
        Wed 10:45–11:30 | EPS (8b) | R4 | Period H4
        Thu 10:45–11:30 | EPS (7a) | R4 | Period H4
        Fri 09:55–10:40 | EPS (8b) | R4 | Period H3
        == in calendars
        Ada Quill 30, Ivo Marsh 44, Orla Penn 57, Tom Reyes 44, 7a 87, 8b 88, R1 57, R2 44, R3 30, R4 44
        == with
        warning period-by-number Services.csv, A12:F12
    """,
    "Paris: Année, Emploi du temps profs, Jours fériés": r"""
        Europe/Paris
        == Emploi du temps profs.csv
        ;Lundi;Mardi;Mercredi;Jeudi;Vendredi
        M. Petit;;;;;
        8h-9h;2A Maths s.101;;1B Maths s.101;;2A Maths s.103
        9h-10h;1B Maths s.101;2A Maths s.101;;;
        Mme Roux;;;;;
        8h-9h;;2A Anglais s.12;2A Anglais s.12;1B Anglais s.14;
        10h-11h;1B Anglais s.14;;;;2A Anglais s.12
        == Année.csv
        Période;Début;Fin
        Période 1;01/09/2026;16/10/2026
        Période 2;02/11/2026;18/12/2026
        == Jours fériés.csv
        Date;Motif
        11/11/2026;Armistice
        == comes out as
        2026-09-01..2026-12-18 without 2026-10-19 2026-10-20 2026-10-21 2026-10-22 2026-10-23 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30 2026-11-11
        Tue 09:00–10:00 | 2A Maths | s.101
        Tue Wed 08:00–09:00 | 2A Anglais | s.12
        Wed 08:00–09:00 | 1B Maths | s.101
        Thu 08:00–09:00 | 1B Anglais | s.14
        Fri 08:00–09:00 | 2A Maths | s.103
        Fri 10:00–11:00 | 2A Anglais | s.12
        Mon 08:00–09:00 | 2A Maths | s.101
        Mon 09:00–10:00 | 1B Maths | s.101
        Mon 10:00–11:00 | 1B Anglais | s.14
        == in calendars
        M. Petit 67, Mme Roux 68, 1B Anglais 27, 1B Maths 26, 2A Anglais 41, 2A Maths 41, s.101 53, s.103 14, s.12 41, s.14 27
    """,
    "Berlin: Ferien, Halbjahr, Klasse 7a": r"""
        Europe/Berlin
        == Klasse 7a.csv
        Klasse 7a gültig ab 07.09.2026;;;;;
        Stunde;Mo;Di;Mi;Do;Fr
        8:00-8:45;Mathe;Deutsch;Mathe;Deutsch;Kunst
        8:50-9:35;Deutsch;Mathe;Deutsch;Mathe;Sport
        ;;;;;
        Klasse 7a gültig ab 02.11.2026;;;;;
        Stunde;Mo;Di;Mi;Do;Fr
        8:00-8:45;Deutsch;Mathe;Deutsch;Mathe;Kunst
        8:50-9:35;Mathe;Deutsch;Mathe;Deutsch;Sport
        == Halbjahr.csv
        Halbjahr;Von;Bis
        1;07.09.2026;18.12.2026
        == Ferien.csv
        Ferien;Von;Bis
        Herbst;19.10.2026;30.10.2026
        == comes out as
        2026-09-07..2026-12-18 without 2026-10-19 2026-10-20 2026-10-21 2026-10-22 2026-10-23 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30
        2026-09-07 2026-09-09 2026-09-14 2026-09-16 2026-09-21 2026-09-23 2026-09-28 2026-09-30 2026-10-05 2026-10-07 2026-10-12 2026-10-14 2026-11-03 2026-11-05 2026-11-10 2026-11-12 2026-11-17 2026-11-19 2026-11-24 2026-11-26 2026-12-01 2026-12-03 2026-12-08 2026-12-10 2026-12-15 2026-12-17 08:00–08:45 | Mathe (7a)
        2026-09-07 2026-09-09 2026-09-14 2026-09-16 2026-09-21 2026-09-23 2026-09-28 2026-09-30 2026-10-05 2026-10-07 2026-10-12 2026-10-14 2026-11-03 2026-11-05 2026-11-10 2026-11-12 2026-11-17 2026-11-19 2026-11-24 2026-11-26 2026-12-01 2026-12-03 2026-12-08 2026-12-10 2026-12-15 2026-12-17 08:50–09:35 | Deutsch (7a)
        2026-09-08 2026-09-10 2026-09-15 2026-09-17 2026-09-22 2026-09-24 2026-09-29 2026-10-01 2026-10-06 2026-10-08 2026-10-13 2026-10-15 2026-11-02 2026-11-04 2026-11-09 2026-11-11 2026-11-16 2026-11-18 2026-11-23 2026-11-25 2026-11-30 2026-12-02 2026-12-07 2026-12-09 2026-12-14 2026-12-16 08:00–08:45 | Deutsch (7a)
        2026-09-08 2026-09-10 2026-09-15 2026-09-17 2026-09-22 2026-09-24 2026-09-29 2026-10-01 2026-10-06 2026-10-08 2026-10-13 2026-10-15 2026-11-02 2026-11-04 2026-11-09 2026-11-11 2026-11-16 2026-11-18 2026-11-23 2026-11-25 2026-11-30 2026-12-02 2026-12-07 2026-12-09 2026-12-14 2026-12-16 08:50–09:35 | Mathe (7a)
        Fri 08:00–08:45 | Kunst (7a)
        Fri 08:50–09:35 | Sport (7a)
        == in calendars
        7a 130
        == with
        notes holds-for-dates superseded
    """,
    "Warsaw: Kalendarz, Plan lekcji 6b": r"""
        Europe/Warsaw
        == Plan lekcji 6b.csv
        Plan lekcji – klasa 6b,,,,,
        Nr,Godz.,Poniedziałek,Wtorek,Środa,Czwartek
        1,8:00-8:45,matematyka s. 12,j. polski s. 5,historia s. 7,matematyka s. 12
        2,8:55-9:40,j. polski s. 5,przyroda s. 9,matematyka s. 12,wf hala
        3,9:50-10:35,wf hala,matematyka s. 12,j. polski s. 5,muzyka s. 3
        == Kalendarz.csv
        Wydarzenie,Od,Do
        Rozpoczęcie zajęć,1.09.2026,
        Przerwa świąteczna,23.12.2026,31.12.2026
        Ferie zimowe,18.01.2027,31.01.2027
        Zakończenie roku szkolnego,25.06.2027,
        Święto Niepodległości,11.11.2026,
        == comes out as
        2026-09-01..2027-06-24 without 2026-11-11 2026-12-23 2026-12-24 2026-12-28 2026-12-29 2026-12-30 2026-12-31 2027-01-18 2027-01-19 2027-01-20 2027-01-21 2027-01-25 2027-01-26 2027-01-27 2027-01-28
        Tue 08:00–08:45 | j. polski (6b) | s. 5
        Tue 08:55–09:40 | przyroda (6b) | s. 9
        Tue 09:50–10:35 | matematyka (6b) | s. 12
        Wed 08:00–08:45 | historia (6b) | s. 7
        Wed 08:55–09:40 | matematyka (6b) | s. 12
        Wed 09:50–10:35 | j. polski (6b) | s. 5
        Mon Thu 08:00–08:45 | matematyka (6b) | s. 12
        Thu 08:55–09:40 | wf (6b) | hala
        Thu 09:50–10:35 | muzyka (6b) | s. 3
        Mon 08:55–09:40 | j. polski (6b) | s. 5
        Mon 09:50–10:35 | wf (6b) | hala
        == in calendars
        6b 468, hala 78, s. 12 156, s. 3 39, s. 5 117, s. 7 38, s. 9 40
    """,
    "Paris: Emploi du temps 5B, Fériés, Semestre, Vacances": r"""
        Europe/Paris
        == Emploi du temps 5B.xlsx / 5B
        Emploi du temps 5ème B – semestre 1,,,,,
        Horaire,Lundi,Mardi,Mercredi,Jeudi,Vendredi
        8h30 - 9h25,Français (Mme Roy) S12,Maths (M. Blot) S4,EPS (Mme Kern) Gymnase,SVT (M. Aulan) Labo 1,Anglais (Mme Diaz) S9
        9h30 - 10h25,Maths (M. Blot) S4,Français (Mme Roy) S12,EPS (Mme Kern) Gymnase,Maths (M. Blot) S4,Français (Mme Roy) S12
        10h40 - 11h35,Anglais (Mme Diaz) S9,Histoire (M. Piot) S7,,Français (Mme Roy) S12,Musique (Mme Lam) S2
        == Vacances.csv
        Vacances;Début;Fin
        Toussaint;17/10/2026;01/11/2026
        Noël;19/12/2026;03/01/2027
        == Semestre.csv
        Semestre;Du;Au
        Semestre 1;01/09/2026;29/01/2027
        == Fériés.csv
        Jour férié;Date
        Armistice;11/11/2026
        == comes out as
        2026-09-01..2027-01-29 without 2026-10-19 2026-10-20 2026-10-21 2026-10-22 2026-10-23 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30 2026-11-11 2026-12-21 2026-12-22 2026-12-23 2026-12-24 2026-12-25 2026-12-28 2026-12-29 2026-12-30 2026-12-31 2027-01-01
        Tue 08:30–09:25 | Maths (5ème B) | S4
        Tue 10:40–11:35 | Histoire (5ème B) | S7
        Tue Fri 09:30–10:25 | Français (5ème B) | S12
        Wed 08:30–09:25 | EPS (5ème B) | Gymnase
        Wed 09:30–10:25 | EPS (5ème B) | Gymnase
        Mon Thu 09:30–10:25 | Maths (5ème B) | S4
        Thu 08:30–09:25 | SVT (5ème B) | Labo 1
        Thu 10:40–11:35 | Français (5ème B) | S12
        Fri 08:30–09:25 | Anglais (5ème B) | S9
        Fri 10:40–11:35 | Musique (5ème B) | S2
        Mon 08:30–09:25 | Français (5ème B) | S12
        Mon 10:40–11:35 | Anglais (5ème B) | S9
        == in calendars
        M. Aulan 18, M. Blot 53, M. Piot 18, Mme Diaz 35, Mme Kern 34, Mme Lam 18, Mme Roy 71, 5ème B 247, Gymnase 34, Labo 1 18, S12 71, S2 18, S4 53, S7 18, S9 35
        == with
        warning told-by-form Emploi du temps 5B.xlsx, sheet “5B”, B3
        notes holds-for-all
    """,
    "Berlin: Ferien, Halbjahr, Unterricht, Unterricht": r"""
        Europe/Berlin
        == Unterricht.xlsx / Frau Lenz
        Montag,,Raum 3,
        14:00,14:30,Mia Sander,Blockflöte
        14:30,15:15,Tom Wiek,Klarinette
        Mittwoch,,Raum 5,
        15:00,15:45,Lea Horn,Klarinette
        == Unterricht.xlsx / Herr Dorn
        Dienstag,,Raum 1,
        16:00,16:30,Jan Kost,Trompete
        16:30,17:15,Ida Fels,Posaune
        == Halbjahr.csv
        Halbjahr;Beginn;Ende
        2. Halbjahr;08.02.2027;02.07.2027
        == Ferien.csv
        Ferien;Erster Tag;Letzter Tag
        Osterferien;22.03.2027;02.04.2027
        == comes out as
        2027-02-08..2027-06-30 without 2027-03-22 2027-03-23 2027-03-24 2027-03-29 2027-03-30 2027-03-31
        Mon 14:00–14:30 | Blockflöte | Raum 3
        Mon 14:30–15:15 | Klarinette | Raum 3
        Tue 16:00–16:30 | Trompete | Raum 1
        Tue 16:30–17:15 | Posaune | Raum 1
        Wed 15:00–15:45 | Klarinette | Raum 5
        == in calendars
        Frau Lenz 57, Herr Dorn 38, Blockflöte 19, Klarinette 38, Posaune 19, Trompete 19, Raum 1 38, Raum 3 38, Raum 5 19, Ida Fels 19, Jan Kost 19, Lea Horn 19, Mia Sander 19, Tom Wiek 19
        == with
        notes columns-by-cells holds-for-all
    """,
    "Rome: Calendario scolastico, Orario 1A, Ore": r"""
        Europe/Rome
        == Orario 1A.csv
        Classe 1A;Lun;Mar;Mer;Gio;Ven;Sab
        1ª;Italiano (Rossi);Matematica (Bianchi);Latino (Rossi);Fisica (Neri);Storia (Verdi);Arte (Gallo)
        2ª;Italiano (Rossi);Inglese (Greco);Matematica (Bianchi);Latino (Rossi);Inglese (Greco);Matematica (Bianchi)
        3ª;Matematica (Bianchi);Storia (Verdi);Inglese (Greco);Italiano (Rossi);Fisica (Neri);
        == Ore.csv
        Ora;Inizio;Fine
        1ª;8.10;9.10
        2ª;9.10;10.10
        3ª;10.20;11.20
        == Calendario scolastico.csv
        Evento;Dal;Al
        Lezioni (secondo quadrimestre);01/02/2027;08/05/2027
        Vacanze di Pasqua;25/03/2027;30/03/2027
        Anniversario della Liberazione;25/04/2027;
        Festa del Lavoro;01/05/2027;
        == comes out as
        2027-02-01..2027-05-08 without 2027-03-25 2027-03-26 2027-03-27 2027-03-29 2027-03-30 2027-05-01
        Mon 08:10–10:10 | Italiano (Rossi) (1A) |  | Period 1–2
        Mon 10:20–11:20 | Matematica (Bianchi) (1A) |  | Period 3
        Tue 08:10–09:10 | Matematica (Bianchi) (1A) |  | Period 1
        Tue 10:20–11:20 | Storia (Verdi) (1A) |  | Period 3
        Tue Fri 09:10–10:10 | Inglese (Greco) (1A) |  | Period 2
        Wed 08:10–09:10 | Latino (Rossi) (1A) |  | Period 1
        Wed 10:20–11:20 | Inglese (Greco) (1A) |  | Period 3
        Wed Sat 09:10–10:10 | Matematica (Bianchi) (1A) |  | Period 2
        Thu 08:10–09:10 | Fisica (Neri) (1A) |  | Period 1
        Thu 09:10–10:10 | Latino (Rossi) (1A) |  | Period 2
        Thu 10:20–11:20 | Italiano (Rossi) (1A) |  | Period 3
        Fri 08:10–09:10 | Storia (Verdi) (1A) |  | Period 1
        Fri 10:20–11:20 | Fisica (Neri) (1A) |  | Period 3
        Sat 08:10–09:10 | Arte (Gallo) (1A) |  | Period 1
        == in calendars
        1A 209
        == with
        notes open-brackets unsure-column
    """,
    "Amsterdam: Periode, Rooster, Vrije dagen": r"""
        Europe/Amsterdam
        == Rooster.csv
        Vak;Docent;Dag;Begintijd;Eindtijd;Lokaal;Weken
        Boekhouden;Smit;ma;09:00;10:30;B12;2 t/m 6
        Marketing;Kok;di;13:00;14:30;B14;2-4, 6
        Excel;Smit;do;11:00;12:30;PC3;3 t/m 5
        == Periode.csv
        Periode;Van;Tot en met
        Blok 3;11-01-2027;12-02-2027
        == Vrije dagen.csv
        Omschrijving;Datum
        Studiedag;28-01-2027
        == comes out as
        2027-01-11..2027-02-09 without 2027-02-02
        Mon 09:00–10:30 | Boekhouden | B12
        Tue 13:00–14:30 | Marketing | B14
        2027-01-21 2027-02-04 11:00–12:30 | Excel | PC3
        == in calendars
        Kok 4, Smit 7, Boekhouden 5, Excel 2, Marketing 4, B12 5, B14 4, PC3 2
    """,
    "Copenhagen: Ferieplan, Skema": r"""
        Europe/Copenhagen
        == Skema.csv
        Elev;Instrument;Lærer;Ugedag;Kl.;Varighed;Lokale
        Ida Holm;Klaver;Mette Friis;mandag;15.00;25 min;Sal 1
        Emil Dam;Klaver;Mette Friis;mandag;15.25;25 min;Sal 1
        Asta Lund;Violin;Jon Berg;onsdag;16.30;40 min;Sal 2
        == Ferieplan.csv
        Ferie;Fra;Til
        Sæsonstart;4. januar 2027;
        Vinterferie;Uge 7;
        Påskeferie;20. marts 2027;29. marts 2027
        Sidste undervisningsdag;9. april 2027;
        == comes out as
        2027-01-04..2027-04-07 without 2027-02-15 2027-02-17 2027-03-22 2027-03-24 2027-03-29
        Mon 15:00–15:25 | Klaver | Sal 1
        Mon 15:25–15:50 | Klaver | Sal 1
        Wed 16:30–17:10 | Violin | Sal 2
        == in calendars
        Jon Berg 12, Mette Friis 22, Klaver 22, Violin 12, Sal 1 22, Sal 2 12, Asta Lund 12, Emil Dam 11, Ida Holm 11
        == with
        notes unsure-column year-of-others
    """,
    "Madrid: Curso, Festivos, Guardias": r"""
        Europe/Madrid
        == Guardias.csv
        Hora,Lunes,Martes,Miércoles,Jueves,Viernes
        8:15-9:10,"García, López",Ruiz,"López, Sanz",García,Ruiz
        9:10-10:05,Sanz,García,Ruiz,"López, Ruiz",Sanz
        == Curso.csv
        Evaluación,Inicio,Fin
        2ª,11/01/2027,19/03/2027
        == Festivos.csv
        Fecha,Festivo
        15/02/2027,Carnaval
        16/02/2027,Carnaval
        == comes out as
        2027-01-11..2027-03-19 without 2027-02-15 2027-02-16
        Mon Fri 09:10–10:05 | Sanz
        Mon Thu 08:15–09:10 | García
        Mon Wed 08:15–09:10 | López
        Tue 09:10–10:05 | García
        Tue Fri 08:15–09:10 | Ruiz
        Wed 08:15–09:10 | Sanz
        Wed Thu 09:10–10:05 | Ruiz
        Thu 09:10–10:05 | López
        == in calendars
        García 28, López 29, Ruiz 39, Sanz 29
        == with
        notes cells-meet cells-name-several unsure-column
    """,
}
