"""Lists, rotas and grids of dates as clubs, halls, wards and offices of the European mainland keep them; read by test_folders_as_kept."""

KEPT = {
    "Warsaw: Msze": r"""
        Europe/Warsaw
        == Msze.csv
        Data,Godzina,Celebrans,Intencja
        06.09.2026,7:00,ks. Jan Lis,Za parafian
        06.09.2026,9:00,ks. Adam Mazur,O zdrowie
        06.09.2026,11:30,ks. Jan Lis,Dziękczynna
        13.09.2026,7:00,ks. Adam Mazur,Za parafian
        == is refused
        == with
        undecided Msze.csv
    """,
    "Lisbon: Escala, Legenda": r"""
        Europe/Lisbon
        == Escala.csv
        Equipa;Padrão;Início
        A;MMTTNNFF;01/02/2027
        B;MMTTNNFF;03/02/2027
        == Legenda.csv
        Código;Turno;Horário
        M;Manhã;07:00-15:00
        T;Tarde;15:00-23:00
        N;Noite;23:00-07:00
        F;Folga;
        == is refused
        == with
        undecided Escala.csv
        undecided Legenda.csv
    """,
    "Paris: Planning vacances": r"""
        Europe/Paris
        == Planning vacances.csv
        Planning des activités – semaine du 19 octobre 2026;;;;;
        ;Lundi;Mardi;Mercredi;Jeudi;Vendredi
        Matin (9h-12h);Piscine;Peinture;Piscine;Cuisine;Jeux
        Après-midi (14h-17h);Cinéma;Foot;Musée;Foot;Goûter
        == comes out as
        2026-10-19 2026-10-21 09:00–12:00 | Piscine
        2026-10-20 09:00–12:00 | Peinture
        2026-10-22 09:00–12:00 | Cuisine
        2026-10-23 09:00–12:00 | Jeux
        2026-10-19 14:00–17:00 | Cinéma
        2026-10-20 2026-10-22 14:00–17:00 | Foot
        2026-10-21 14:00–17:00 | Musée
        2026-10-23 14:00–17:00 | Goûter
        == in calendars
        Planning vacances 10
        == with
        notes weekdays-from-title
    """,
    "Berlin: Ferienkalender": r"""
        Europe/Berlin
        == Ferienkalender.csv
        Ferien;Beginn;Ende
        Herbstferien;12.10.2026;24.10.2026
        Weihnachtsferien;23.12.2026;06.01.2027
        == comes out as
        2026-10-12 13 days | Herbstferien
        2026-12-23 15 days | Weihnachtsferien
        == in calendars
        Ferienkalender 2
        == with
        notes unsure-column
    """,
    "Amsterdam: Diensten week 41": r"""
        Europe/Amsterdam
        == Diensten week 41.csv
        Datum;Medewerker;Dienst;Van;Tot;Locatie
        ma 05-10-2026;Sanne de Wit;Balie;08:30;17:00;Hoofdgebouw
        ma 05-10-2026;Tim Bos;Avond;16:30;22:00;Hoofdgebouw
        di 06-10-2026;Sanne de Wit;Avond;16:30;22:00;Bijgebouw
        == comes out as
        2026-10-05 08:30–17:00 | Balie | Hoofdgebouw | Medewerker: Sanne de Wit
        2026-10-05 16:30–22:00 | Avond | Hoofdgebouw | Medewerker: Tim Bos
        2026-10-06 16:30–22:00 | Avond | Bijgebouw | Medewerker: Sanne de Wit
        == in calendars
        Diensten week 41 3, Sanne de Wit 2, Tim Bos 1
        == with
        notes people-in-text
    """,
    "Vienna: Wochenplan KW 42 2026": r"""
        Europe/Vienna
        == Wochenplan KW 42 2026.csv
        Wochenplan KW 42/2026;;;
        Mitarbeiter;Mo 12.10.;Di 13.10.;Mi 14.10.
        Eva Horn;8:00-16:00;8:00-16:00;frei
        Uwe Kern;12:00-20:00;frei;12:00-20:00
        == comes out as
        2026-10-12 2026-10-13 08:00–16:00 | Eva Horn
        2026-10-12 2026-10-14 12:00–20:00 | Uwe Kern
        == in calendars
        Eva Horn 2, Uwe Kern 2
    """,
    "Paris: Réservations": r"""
        Europe/Paris
        == Réservations.csv
        Salle;Demandeur;Objet;Quand
        Salle bleue;Club photo;Atelier;du 05/10/2026 18:00 au 05/10/2026 20:00
        Grande salle;Mairie;Vœux;le 08/01/2027 de 18h30 à 21h00
        Salle bleue;Chorale;Répétition;13/10/2026 19h-21h
        == comes out as
        2026-10-05 18:00–20:00 | Atelier | Salle bleue
        2027-01-08 18:30–21:00 | Vœux | Grande salle
        2026-10-13 19:00–21:00 | Répétition | Salle bleue
        == in calendars
        Réservations 3
    """,
    "Paris: Stages": r"""
        Europe/Paris
        == Stages.csv
        Stage;Dates;Horaires;Lieu;Animateur
        Voile;du lundi 19 au vendredi 23 octobre 2026;9h30-12h;Base nautique;Luc
        Poterie;26, 28 et 30 octobre 2026;14h-16h30;Atelier;Inès
        == comes out as
        2026-10-19..2026-10-30 without 2026-10-26 2026-10-27 2026-10-28 2026-10-29 2026-10-30
        Mon Tue Wed Thu Fri 09:30–12:00 | Voile | Base nautique | Animateur: Luc
        2026-10-26 2026-10-28 2026-10-30 14:00–16:30 | Poterie | Atelier | Animateur: Inès
        == in calendars
        Stages 8
        == with
        notes on-each-day people-in-text unsure-column
    """,
    "Zurich: Pikett 2027": r"""
        Europe/Zurich
        == Pikett 2027.csv
        Pikettdienst 2027;;
        von;bis;Dienst
        Mo 04.01.2027;So 10.01.2027;A. Frei
        Mo 11.01.2027;So 17.01.2027;B. Kunz
        Mo 18.01.2027;So 24.01.2027;A. Frei
        == comes out as
        2027-01-04 2027-01-18 7 days | A. Frei
        2027-01-11 7 days | B. Kunz
        == in calendars
        Pikett 2027 3
    """,
    "Amsterdam: Cursusdata": r"""
        Europe/Amsterdam
        == Cursusdata.csv
        Cursus;Docent;Data;Tijd;Locatie
        EHBO;Mw. Smit;5, 12 en 19 oktober 2026;19:30 - 22:00;Zaal 1
        Reanimatie;Dhr. Kok;zaterdag 7 november 2026;9:00-13:00;Zaal 2
        == comes out as
        2026-10-05 2026-10-12 2026-10-19 19:30–22:00 | EHBO | Zaal 1 | Docent: Mw. Smit
        2026-11-07 09:00–13:00 | Reanimatie | Zaal 2 | Docent: Dhr. Kok
        == in calendars
        Cursusdata 4
        == with
        notes people-in-text unsure-column
    """,
    "Vienna: Kindergartenjahr, Schliesstage, Tagesablauf": r"""
        Europe/Vienna
        == Kindergartenjahr.csv
        Kindergartenjahr;Beginn;Ende
        2026/27;07.09.2026;22.01.2027
        == Schliesstage.csv
        Schließtag;Datum
        Nationalfeiertag;26.10.2026
        Teamtag;13.11.2026
        Weihnachten;24.12.2026 - 06.01.2027
        == Tagesablauf.csv
        Tagesablauf Gruppe Delfin;
        07:00–08:30;Ankommen
        08:30–09:00;Frühstück
        09:00–11:30;Spielen und Ausflug
        11:30–12:15;Mittagessen
        12:15–14:00;Ruhezeit
        == is refused
        == with
        undecided Kindergartenjahr.csv
        undecided Tagesablauf.csv
    """,
    "Vienna: Führungen Mai 2027": r"""
        Europe/Vienna
        == Führungen Mai 2027.csv
        Datum;Führung;Beginn;Dauer;Treffpunkt;Guide
        Sa, 1.5.;Werft und Hafen;11:00;90 Min.;Kassa;L. Fux
        So, 2.5.;Familienführung;14:30;60 Min.;Kassa;M. Ott
        Sa, 8.5.;Werft und Hafen;11:00;90 Min.;Kassa;M. Ott
        == comes out as
        2027-05-01 11:00–12:30 | Werft und Hafen | Kassa | Guide: L. Fux
        2027-05-02 14:30–15:30 | Familienführung | Kassa | Guide: M. Ott
        2027-05-08 11:00–12:30 | Werft und Hafen | Kassa | Guide: M. Ott
        == in calendars
        Führungen Mai 2027 3, L. Fux 1, M. Ott 2
        == with
        notes people-in-text unsure-column year-of-title
    """,
    "Oslo: Koder, Vakter": r"""
        Europe/Oslo
        == Koder.csv
        Kode;Vakt;Start;Slutt
        D;Dag;07:00;19:00
        N;Natt;19:00;07:00
        == Vakter.csv
        Lag;Mønster;Fra;Til
        Lag 1;DDNN----;04.01.2027;31.01.2027
        Lag 2;DDNN----;08.01.2027;31.01.2027
        == comes out as
        2027-01-04 2027-01-05 2027-01-08 2027-01-09 2027-01-12 2027-01-13 2027-01-16 2027-01-17 2027-01-20 2027-01-21 2027-01-24 2027-01-25 2027-01-28 2027-01-29 07:00–19:00 | D
        2027-01-06 2027-01-07 2027-01-10 2027-01-11 2027-01-14 2027-01-15 2027-01-18 2027-01-19 2027-01-22 2027-01-23 2027-01-26 2027-01-27 2027-01-30 2027-01-31 19:00–07:00 | N
        == in calendars
        Lag 1 16, Lag 2 12
        == with
        notes ends-next-day
    """,
    "Paris: Programme": r"""
        Europe/Paris
        == Programme.xlsx / Jeudi 4 mars 2027
        ,Salle A,Salle B
        09:00-10:30,Ouverture,Atelier voiles
        11:00-12:00,Coques,Cordages
        == Programme.xlsx / Vendredi 5 mars 2027
        ,Salle A,Salle B
        09:30-11:00,Bois,Moteurs
        11:30-12:30,Clôture,
        == comes out as
        2027-03-04 09:00–10:30 | Ouverture | Salle A
        2027-03-04 11:00–12:00 | Coques | Salle A
        2027-03-05 09:30–11:00 | Bois | Salle A
        2027-03-05 11:30–12:30 | Clôture | Salle A
        2027-03-04 09:00–10:30 | Atelier voiles | Salle B
        2027-03-04 11:00–12:00 | Cordages | Salle B
        2027-03-05 09:30–11:00 | Moteurs | Salle B
        == in calendars
        Salle A 4, Salle B 3
    """,
    "Zurich: Dienstplan März 2027": r"""
        Europe/Zurich
        == Dienstplan März 2027.csv
        Dienstplan März 2027;;
        Datum;Frühdienst (7-15 Uhr);Spätdienst (14-22 Uhr)
        Mo 1.3.;Frei, A.;Graf, B.
        Di 2.3.;Graf, B.;Huber, C.
        Mi 3.3.;Huber, C.;Frei, A.
        == comes out as
        2027-03-01 07:00–15:00 | Frei, A.
        2027-03-02 07:00–15:00 | Graf, B.
        2027-03-03 07:00–15:00 | Huber, C.
        2027-03-01 14:00–22:00 | Graf, B.
        2027-03-02 14:00–22:00 | Huber, C.
        2027-03-03 14:00–22:00 | Frei, A.
        == in calendars
        Frühdienst ( Uhr 3, Spätdienst ( Uhr 3
    """,
    "Berlin: Kursprogramm": r"""
        Europe/Berlin
        == Kursprogramm.csv
        Kursnr.;Titel;Kursleitung;Termine;Uhrzeit;Ort;Gebühr;UE
        F101;Knoten und Spleiße;Sommer;Di, 12.01. - 16.02.2027, 6x;18:30-20:00;Werkstatt;48 €;12
        F102;Segelnähen;Wald;Sa, 23.01. und 30.01.2027;10:00-15:00;Segelboden;60 €;12
        F103;Seekarten;Kern;Do, 14.01.2027;19:00-21:00;Saal;8 €;2
        == comes out as
        2027-01-12..2027-02-16
        Tue 18:30–20:00 | Knoten und Spleiße | Werkstatt | Kursleitung: Sommer
        2027-01-14 19:00–21:00 | Seekarten | Saal | Kursleitung: Kern
        2027-01-23 2027-01-30 10:00–15:00 | Segelnähen | Segelboden | Kursleitung: Wald
        == in calendars
        Kursprogramm 9
        == with
        notes people-in-text unsure-column
    """,
    "Paris: Planning semaine du 8 au 12 mars 2027": r"""
        Europe/Paris
        == Planning semaine du 8 au 12 mars 2027.csv
        Planning semaine du 8 au 12 mars 2027;;;;;
        ;Lundi 8;Mardi 9;Mercredi 10;Jeudi 11;Vendredi 12
        Léa;8h-16h;8h-16h;repos;10h-18h;8h-16h
        Marc;10h-18h;repos;8h-16h;8h-16h;10h-18h
        == comes out as
        2027-03-08 2027-03-09 2027-03-12 08:00–16:00 | Léa
        2027-03-11 10:00–18:00 | Léa
        2027-03-08 2027-03-12 10:00–18:00 | Marc
        2027-03-10 2027-03-11 08:00–16:00 | Marc
        == in calendars
        Léa 4, Marc 4
    """,
    "Lisbon: Escala fev, Legenda": r"""
        Europe/Lisbon
        == Escala fev.csv
        Escala de serviço – fevereiro 2027;;;;;;;;;;;;;;;;;;;;;;;;;;;;
        Piloto;1;2;3;4;5;6;7;8;9;10;11;12;13;14;15;16;17;18;19;20;21;22;23;24;25;26;27;28
        Rui;M;M;T;T;N;N;F;F;M;M;T;T;N;N;F;F;M;M;T;T;N;N;F;F;M;M;T;T
        Ana;T;T;N;N;F;F;M;M;T;T;N;N;F;F;M;M;T;T;N;N;F;F;M;M;T;T;N;N
        == Legenda.csv
        Código;Turno;Início;Fim
        M;Manhã;06:00;14:00
        T;Tarde;14:00;22:00
        N;Noite;22:00;06:00
        F;Folga;;
        == comes out as
        2027-02-01..2027-02-04 2027-02-09..2027-02-12 2027-02-17..2027-02-20 2027-02-25..2027-02-28 14:00–22:00 | Tarde
        2027-02-03..2027-02-06 2027-02-11..2027-02-14 2027-02-19..2027-02-22 2027-02-27 2027-02-28 22:00–06:00 | Noite
        2027-02-01..2027-02-15/7 2027-02-02..2027-02-23/7 2027-02-07 2027-02-10..2027-02-24/7 2027-02-18 2027-02-25 2027-02-26 06:00–14:00 | Manhã
        == in calendars
        Ana 22, Rui 22
        == with
        notes ends-next-day
    """,
    "Paris: Court 1 semaine du 8 mars 2027": r"""
        Europe/Paris
        == Court 1 semaine du 8 mars 2027.csv
        Court 1;lun 8 mars 2027;mar 9 mars 2027;mer 10 mars 2027
        9h-10h;Dupuis;;Lenoir
        10h-11h;;Garnier;
        18h-19h;Club ados;Lenoir;Club ados
        == comes out as
        2027-03-08 09:00–10:00 | Dupuis
        2027-03-10 09:00–10:00 | Lenoir
        2027-03-09 10:00–11:00 | Garnier
        2027-03-08 2027-03-10 18:00–19:00 | Club ados
        2027-03-09 18:00–19:00 | Lenoir
        == in calendars
        Court 1 semaine du 8 mars 2027 6
    """,
    "Berlin: Kurse": r"""
        Europe/Berlin
        == Kurse.csv
        Kurs;Ort;Termin 1;Termin 2;Termin 3;Uhrzeit
        Knoten;Raum 1;12.01.2027;19.01.2027;26.01.2027;18:00-19:30
        Segel nähen;Werkstatt;14.01.2027;28.01.2027;;17:00-20:00
        == comes out as
        2027-01-12..2027-01-26/7 18:00–19:30 | Knoten | Raum 1
        2027-01-14 2027-01-28 17:00–20:00 | Segel nähen | Werkstatt
        == in calendars
        Kurse 5
    """,
    "Rome: exam it": r"""
        Europe/Rome
        == sheet.csv
        Esame;Data;Ora;Aula;Docente
        Analisi I;lunedì 18 gennaio 2027;9.00-12.00;A1;Prof. Neri
        Fisica;mercoledì 20 gennaio 2027;14.30-16.30;B2;Prof. Bo
        == comes out as
        2027-01-18 09:00–12:00 | Analisi I | A1 | Docente: Prof. Neri
        2027-01-20 14:30–16:30 | Fisica | B2 | Docente: Prof. Bo
        == in calendars
        sheet 2
        == with
        notes people-in-text unsure-column
    """,
    "Madrid: moon": r"""
        Europe/Madrid
        == sheet.csv
        Event;Fecha;Hora
        Reunión;8-mar-27;18:30 h
        Taller;12-mar-27;10:00 a 13:00 h
        == comes out as
        2027-03-08 18:30–19:30 | Reunión
        2027-03-12 10:00–13:00 | Taller
        == in calendars
        sheet 2
    """,
    "Berlin: de termine": r"""
        Europe/Berlin
        == sheet.csv
        Termin;Wann;Wo
        Elternabend 5b;Di., 09.03.2027, 19:30 Uhr;Aula
        Schulfest;Sa., 12.06.2027, 10–16 Uhr;Schulhof
        Zeugnisse;23.06.2027;
        == comes out as
        2027-03-09 19:30–20:30 | Elternabend 5b | Aula
        2027-06-12 10:00–16:00 | Schulfest | Schulhof
        2027-06-23 all day | Zeugnisse
        == in calendars
        sheet 3
        == with
        warning no-time sheet.csv, B4
        notes unsure-column
    """,
    "Oslo: no sim": r"""
        Europe/Oslo
        == sheet.csv
        Stevne;Dato;Sted;Oppmøte;Slutt
        Vårstevne;lørdag 13. mars 2027;Badet;08.15;15.00
        Kretsmesterskap;20.-21. mars 2027;Svømmehallen;08.00;17.00
        == comes out as
        2027-03-13 08:15–15:00 | Vårstevne | Badet
        2027-03-20 2027-03-21 08:00–17:00 | Kretsmesterskap | Svømmehallen
        == in calendars
        sheet 3
        == with
        notes on-each-day unsure-column
    """,
    "Prague: cz akce": r"""
        Europe/Prague
        == sheet.csv
        Akce;Termín;Čas;Místo
        Školní ples;pátek 12. 3. 2027;19:00;Sokolovna
        Výlet;st 17.3.2027;8:00 - 15:00;Hrad
        == comes out as
        2027-03-12 19:00–20:00 | Školní ples | Sokolovna
        2027-03-17 08:00–15:00 | Výlet | Hrad
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "Madrid: Liga": r"""
        Europe/Madrid
        == Liga.csv
        Jornada 1 – sábado 6 de marzo de 2027;;;
        Hora;Pista;Local;Visitante
        10:00;1;Gaviotas;Focas
        11:30;2;Nutrias;Orcas
        Jornada 2 – sábado 13 de marzo de 2027;;;
        Hora;Pista;Local;Visitante
        10:00;1;Focas;Nutrias
        11:30;2;Orcas;Gaviotas
        == comes out as
        2027-03-06 10:00–11:00 | Gaviotas – Focas | 1
        2027-03-06 11:30–12:30 | Nutrias – Orcas | 2
        2027-03-13 10:00–11:00 | Focas – Nutrias | 1
        2027-03-13 11:30–12:30 | Orcas – Gaviotas | 2
        == in calendars
        Liga 4
        == with
        notes unsure-column
    """,
    "Copenhagen: Vagtplan uge 10 2027": r"""
        Europe/Copenhagen
        == Vagtplan uge 10 2027.csv
        Navn;Mandag;Tirsdag;Onsdag
        Ida;7-15;15-23;
        Bo;15-23;;7-15
        == comes out as
        2027-03-08 15:00–23:00 | Bo
        2027-03-10 07:00–15:00 | Bo
        2027-03-08 07:00–15:00 | Ida
        2027-03-09 15:00–23:00 | Ida
        == in calendars
        Bo 2, Ida 2
        == with
        notes weekdays-from-title
    """,
    "Berlin: yearless title": r"""
        Europe/Berlin
        == sheet.csv
        Termine 2027;;
        Datum;Was;Uhrzeit
        8.3.;Probe;19 Uhr
        20.3.;Konzert;18-20 Uhr
        == comes out as
        2027-03-08 19:00–20:00 | Probe
        2027-03-20 18:00–20:00 | Konzert
        == in calendars
        sheet 2
        == with
        notes unsure-column year-of-title
    """,
    "Warsaw: pl lista": r"""
        Europe/Warsaw
        == sheet.csv
        Wydarzenie;Data;Godzina;Miejsce
        Zebranie;poniedziałek, 8 marca 2027;17:00;sala 12
        Piknik;sobota, 13 marca 2027;10:00-14:00;boisko
        == comes out as
        2027-03-08 17:00–18:00 | Zebranie | sala 12
        2027-03-13 10:00–14:00 | Piknik | boisko
        == in calendars
        sheet 2
    """,
    "Bucharest: ro": r"""
        Europe/Bucharest
        == sheet.csv
        Eveniment;Data;Ora
        Ședință;luni, 8 martie 2027;18:00
        Serbare;vineri, 12 martie 2027;10:00-12:00
        == comes out as
        2027-03-08 18:00–19:00 | Ședință
        2027-03-12 10:00–12:00 | Serbare
        == in calendars
        sheet 2
    """,
    "Paris: school fr": r"""
        Europe/Paris
        == sheet.csv
        Évènement,Classe,Date,De,À
        Sortie musée,CM1,lundi 8 mars 2027,9h00,16h00
        Conseil,CM2,ven. 12 mars 2027,17h30,18h30
        == comes out as
        2027-03-08 09:00–16:00 | Sortie musée
        2027-03-12 17:30–18:30 | Conseil
        == in calendars
        sheet 2
        == with
        notes unsure-column
    """,
    "Amsterdam: Jaarkalender": r"""
        Europe/Amsterdam
        == Jaarkalender.csv
        Datum;Wat;Groep;Tijd
        ma 11 januari 2027;Start na kerstvakantie;alle;
        di 19 januari 2027;Rekentoets;groep 6-8;
        wo 27 januari 2027;Studiedag, kinderen vrij;alle;
        do 4 februari 2027;Rapportgesprekken;alle;15:30-20:00
        vr 12 februari 2027;Carnaval;1 t/m 4;13.00 - 14.30 uur
        == comes out as
        2027-01-11 all day | Start na kerstvakantie
        2027-01-19 all day | Rekentoets
        2027-01-27 all day | Studiedag, kinderen vrij
        2027-02-04 15:30–20:00 | Rapportgesprekken
        2027-02-12 13:00–14:30 | Carnaval
        == in calendars
        Jaarkalender 5
        == with
        warning no-time Jaarkalender.csv, A2
        warning no-time Jaarkalender.csv, A3
        warning no-time Jaarkalender.csv, A4
        notes unsure-column
    """,
    "Berlin: Dienstplan KW 3 2027": r"""
        Europe/Berlin
        == Dienstplan KW 3 2027.csv
        Name;Mo von;Mo bis;Di von;Di bis;Mi von;Mi bis
        Anna;07:00;14:30;07:00;14:30;frei;
        Bernd;09:00;17:00;frei;;07:00;14:30
        == comes out as
        2027-01-18 2027-01-19 07:00–14:30 | Anna
        2027-01-18 09:00–17:00 | Bernd
        2027-01-20 07:00–14:30 | Bernd
        == in calendars
        Anna 2, Bernd 2
        == with
        notes weekdays-from-title
    """,
    "Oslo: Ukeplan uke 4": r"""
        Europe/Oslo
        == Ukeplan uke 4.csv
        Ukeplan uke 4 2027;;;
        Tid;Mandag;Tirsdag;Onsdag
        09:00-10:00;Samling;Tur;Samling
        10:00-11:30;Maling;Tur;Gymsal
        12:00-13:00;Lek ute;Lek ute;Lek ute
        == comes out as
        2027-01-25 2027-01-27 09:00–10:00 | Samling
        2027-01-26 09:00–10:00 | Tur
        2027-01-25 10:00–11:30 | Maling
        2027-01-26 10:00–11:30 | Tur
        2027-01-27 10:00–11:30 | Gymsal
        2027-01-25..2027-01-27 12:00–13:00 | Lek ute
        == in calendars
        Ukeplan uke 4 9
        == with
        notes weekdays-from-title
    """,
    "Zurich: Kursliste": r"""
        Europe/Zurich
        == Kursliste.csv
        Kurs;Kursdaten;Zeit;Raum;Leitung
        Schweissen Grundkurs;01.03.2027 - 03.03.2027;08.15-11.45 / 13.15-16.30;Werkstatt 2;Huber
        Segel nähen;08.03.2027;13.15-16.30;Atelier;Frei
        Motorenkunde;10.03.2027, 17.03.2027;18.30-21.00;Raum 4;Huber
        == comes out as
        2027-03-01 2027-03-02 2027-03-03 08:15–11:45 | Schweissen Grundkurs | Werkstatt 2 | Leitung: Huber
        2027-03-01 2027-03-02 2027-03-03 13:15–16:30 | Schweissen Grundkurs | Werkstatt 2 | Leitung: Huber
        2027-03-08 13:15–16:30 | Segel nähen | Atelier | Leitung: Frei
        2027-03-10 2027-03-17 18:30–21:00 | Motorenkunde | Raum 4 | Leitung: Huber
        == in calendars
        Kursliste 9, Frei 1, Huber 8
        == with
        notes on-each-day people-in-text unsure-column
    """,
    "Lisbon: Exames": r"""
        Europe/Lisbon
        == Exames.csv
        Unidade curricular;Data;Hora;Duração;Sala
        Hidrostática;14/06/2027;09h30;2h30;A1
        Cálculo II;16/06/2027;14h00;2h;Anfiteatro
        == comes out as
        2027-06-14 09:30–12:00 | Hidrostática | A1
        2027-06-16 14:00–16:00 | Cálculo II | Anfiteatro
        == in calendars
        Exames 2
        == with
        notes unsure-column
    """,
    "Paris: Permanences": r"""
        Europe/Paris
        == Permanences.csv
        Permanences de l'association
        Samedi 9 janvier 2027 10h-12h : Dupont, Martin
        Mercredi 13 janvier 2027 14h30-17h : Leroy
        Samedi 16 janvier 2027 10h-12h : Petit
        == comes out as
        2027-01-09 10:00–12:00 | Dupont – Martin
        2027-01-13 14:30–17:00 | Leroy
        2027-01-16 10:00–12:00 | Petit
        == in calendars
        Permanences 3
        == with
        notes times-of-titles
    """,
    "Oslo: Årsplan 2027": r"""
        Europe/Oslo
        == Årsplan 2027.csv
        Uke;Tema;Aktivitet
        2;Vinter;Skitur
        3;Is;Skøyter
        4;Snø;Akedag
        == is refused
        == with
        undecided Årsplan 2027.csv
    """,
    "Amsterdam: Vergaderschema": r"""
        Europe/Amsterdam
        == Vergaderschema.csv
        Overleg;Wanneer;Tijd;Locatie
        Teamoverleg;elke dinsdag vanaf 12-01-2027 t/m 23-03-2027;09:00-10:00;Kamer 2
        MR;14-01-2027;19:30-21:30;Aula
        Studiedag;05-02-2027;;
        == comes out as
        2027-01-12..2027-03-23
        Tue 09:00–10:00 | Teamoverleg | Kamer 2
        2027-01-14 19:30–21:30 | MR | Aula
        2027-02-05 all day | Studiedag
        == in calendars
        Vergaderschema 13
        == with
        warning no-time Vergaderschema.csv, B4
        notes unsure-column
    """,
    "Copenhagen: Hold": r"""
        Europe/Copenhagen
        == Hold.csv
        Hold;Dag;Tid;Sted;Start;Slut;Ingen undervisning
        Yoga;tirsdag;17.00-18.00;Sal 1;05-01-2027;16-03-2027;16-02-2027
        Keramik;lørdag;10.00-13.00;Værksted;09-01-2027;20-03-2027;20-02-2027
        == comes out as
        2027-01-05..2027-03-20 without 2027-02-16 2027-02-20
        Tue 17:00–18:00 | Yoga | Sal 1
        Sat 10:00–13:00 | Keramik | Værksted
        == in calendars
        Hold 20
        == with
        notes unsure-column
    """,
    "Lisbon: Escala março 2027, Legenda": r"""
        Europe/Lisbon
        == Escala março 2027.csv
        Escala de março 2027;;;;;
        Nome;1;2;3;4;5
        Ana;M;M;T;F;N
        Rui;T;N;F;M;M
        == Legenda.csv
        Código;Turno;Início;Fim
        M;Manhã;08:00;14:00
        T;Tarde;14:00;20:00
        N;Noite;20:00;08:00
        F;Folga;;
        == comes out as
        2027-03-01..2027-03-05
        Mon Tue Thu Fri 08:00–14:00 | Manhã
        2027-03-01 2027-03-03 14:00–20:00 | Tarde
        2027-03-02 2027-03-05 20:00–08:00 | Noite
        == in calendars
        Ana 4, Rui 4
        == with
        notes ends-next-day
    """,
    "Oslo: Turnus uke 1-2, Vakter": r"""
        Europe/Oslo
        == Turnus uke 1-2.csv
        Navn;Man 04.01.2027;Tir 05.01.2027;Ons 06.01.2027;Tor 07.01.2027;Fre 08.01.2027;Lør 09.01.2027;Søn 10.01.2027
        Hanne;D;D;A;;N;N;
        Jonas;A;N;;D;D;;A
        == Vakter.csv
        Kode;Navn;Fra;Til
        D;Dagvakt;07:00;15:00
        A;Aftenvakt;14:30;22:00
        N;Nattevakt;21:45;07:15
        == comes out as
        2027-01-04..2027-01-10
        Mon Tue Thu Fri 07:00–15:00 | Dagvakt
        2027-01-04 2027-01-06 2027-01-10 14:30–22:00 | Aftenvakt
        2027-01-05 2027-01-08 2027-01-09 21:45–07:15 | Nattevakt
        == in calendars
        Hanne 5, Jonas 5
        == with
        notes ends-next-day
    """,
    "Prague: Program březen 2027": r"""
        Europe/Prague
        == Program březen 2027.csv
        Den;Datum;Čas;Představení;Sál
        Pá;5. 3. 2027;19:00;Racek;Velký
        So;6. 3. 2027;15:00;Kvak a Žbluňk;Malý
        So;6. 3. 2027;19:00;Racek;Velký
        == comes out as
        2027-03-05 2027-03-06 19:00–20:00 | Racek | Velký
        2027-03-06 15:00–16:00 | Kvak a Žbluňk | Malý
        == in calendars
        Program březen 2027 3
    """,
    "Helsinki: Koeaikataulu": r"""
        Europe/Helsinki
        == Koeaikataulu.csv
        ﻿Päivä;Alkaa;Kesto;Aine;Tila;Valvoja
        maanantai 02.11.2026;9.00;90 min;Matematiikka;R1;Orla Penn
        keskiviikko 04.11.2026;9.00;120 min;Äidinkieli;R2;Ivo Marsh
        perjantai 06.11.2026;10.30;60 min;Kuvataide;R3;Ada Quill
        maanantai 09.11.2026;9.00;90 min;Liikunta;R4;Tom Reyes
        == comes out as
        2026-11-02 09:00–10:30 | Matematiikka | R1
        2026-11-04 09:00–11:00 | Äidinkieli | R2
        2026-11-06 10:30–11:30 | Kuvataide | R3
        2026-11-09 09:00–10:30 | Liikunta | R4
        == in calendars
        Koeaikataulu 4
        == with
        notes unsure-column
    """,
    "Berlin: Belegung": r"""
        Europe/Berlin
        == Belegung.csv
        Nutzer;Wochentag;Uhrzeit;Rhythmus;Beginn;Ende;Raum
        Chor;Montag;19:30 - 21:00;wöchentlich;07.09.2026;05.10.2026;Saal
        Imker;Dienstag;19:00 - 21:30;jeden 2. Dienstag im Monat;08.09.2026;08.12.2026;Saal
        Skat;Freitag;18:00 - 22:00;letzter Fr. im Monat;25.09.2026;27.11.2026;Stube
        == comes out as
        2026-09-07..2026-12-08 without 2026-09-15 2026-09-22 2026-09-29 2026-10-06 2026-10-12 2026-10-19 2026-10-20 2026-10-26 2026-10-27 2026-11-02 2026-11-03 2026-11-09 2026-11-16 2026-11-17 2026-11-23 2026-11-24 2026-11-30 2026-12-01 2026-12-07
        Mon 19:30–21:00 | Chor | Saal
        Tue 19:00–21:30 | Imker | Saal
        2026-09-25 2026-10-30 2026-11-27 18:00–22:00 | Skat | Stube
        == in calendars
        Belegung 12
        == with
        notes repeat-bounded unsure-column
    """,
    "Paris: Salle des fêtes": r"""
        Europe/Paris
        == Salle des fêtes.csv
        Association;Jour;De;À;Fréquence;Du;Au
        Chorale;mardi;20h;22h;hebdomadaire;08/09/2026;06/10/2026
        Cinéclub;vendredi;20h30;23h;1er vendredi du mois;04/09/2026;04/12/2026
        Échecs;samedi;14h;17h30;tous les 15 jours;05/09/2026;03/10/2026
        == comes out as
        2026-09-04..2026-12-04 without 2026-09-11 2026-09-18 2026-09-25 2026-10-09 2026-10-13 2026-10-16 2026-10-20 2026-10-23 2026-10-27 2026-10-30 2026-11-03 2026-11-10 2026-11-13 2026-11-17 2026-11-20 2026-11-24 2026-11-27 2026-12-01
        Fri 20:30–23:00 | Cinéclub
        2026-09-05 2026-09-19 2026-10-03 14:00–17:30 | Échecs
        Tue 20:00–22:00 | Chorale
        == in calendars
        Salle des fêtes 12
        == with
        notes repeat-bounded unsure-column
    """,
    "Berlin: Terminplan 2026-27": r"""
        Europe/Berlin
        == Terminplan 2026-27.csv
        Monat;Datum;Termin;Uhrzeit
        September;Do, 3.;Schulbeginn;
        ;Fr, 11.;Elternabend Kl. 7;19:00–20:30
        Oktober;Di, 6.;Impfung;9:00–12:00
        Januar;Mo, 4.;Konferenz;
        == comes out as
        2026-09-03 all day | Schulbeginn
        2026-09-11 19:00–20:30 | Elternabend Kl. 7
        2026-10-06 09:00–12:00 | Impfung
        2027-01-04 all day | Konferenz
        == in calendars
        Terminplan 2026-27 4
        == with
        warning no-time Terminplan 2026-27.csv, B2
        warning no-time Terminplan 2026-27.csv, B5
        notes dates-under-captions unsure-column year-of-title
    """,
    "Berlin: Training": r"""
        Europe/Berlin
        == Training.csv
        Training Winter 2026/27: 5.10.2026 bis 18.12.2026 (nicht in den Herbstferien 19.10.–30.10.)
        Gruppe;Tag;Zeit;Halle
        Minis;Mo;16:15-17:00;Ost
        Jugend;Di + Do;17:00-18:30;West
        == comes out as
        2026-10-05..2026-12-17 without 2026-10-19 2026-10-20 2026-10-22 2026-10-26 2026-10-27 2026-10-29
        Mon 16:15–17:00 | Minis | Ost
        Tue Thu 17:00–18:30 | Jugend | West
        == in calendars
        Jugend 18, Minis 9, Ost 9, West 18
        == with
        notes note-used unsure-column
    """,
    "Berlin: Dienstplan": r"""
        Europe/Berlin
        == Dienstplan.csv
        KW 41 (5.10.–11.10.2026);Mo;Di;Mi;Do;Fr
        Früh 6-14;Ann;Bob;Ann;;
        Spät 14-22;Bob;Cat;Bob;;
        KW 42 (12.10.–18.10.2026);Mo;Di;Mi;Do;Fr
        Früh 6-14;Cat;Bob;Cat;;
        Spät 14-22;Ann;Ann;Bob
        == comes out as
        2026-10-05 2026-10-07 06:00–14:00 | Ann
        2026-10-05 2026-10-07 2026-10-14 14:00–22:00 | Bob
        2026-10-06 14:00–22:00 | Cat
        2026-10-06 2026-10-13 06:00–14:00 | Bob
        2026-10-12 2026-10-13 14:00–22:00 | Ann
        2026-10-12 2026-10-14 06:00–14:00 | Cat
        == in calendars
        Dienstplan 12
        == with
        notes weekdays-from-title
    """,
    "Berlin: Dienste": r"""
        Europe/Berlin
        == Dienste.csv
        Mitarbeiter;Funktion;Datum;von;bis
        Dana Kohl;Aufsicht;13.10.2026;06:00;14:30
        Eli Moos;Kasse;13.10.2026;14:00;22:30
        == comes out as
        2026-10-13 06:00–14:30 | Aufsicht – Dana Kohl
        2026-10-13 14:00–22:30 | Kasse – Eli Moos
        == in calendars
        Dienste 2
        == with
        notes unsure-column
    """,
    "Berlin: Geschlossen, Kursplan ab 02.11.2026, Kursplan ab 07.09.2026, Saison": r"""
        Europe/Berlin
        == Kursplan ab 07.09.2026.csv
        Kurs;Tag;Zeit;Raum
        Yoga;Mo;18:00-19:00;1
        Pilates;Di;18:00-19:00;2
        == Kursplan ab 02.11.2026.csv
        Kurs;Tag;Zeit;Raum
        Yoga;Mi;18:00-19:00;1
        Pilates;Di;19:00-20:00;2
        == Saison.csv
        Saison;Von;Bis
        Herbst;07.09.2026;18.12.2026
        == Geschlossen.csv
        Datum;Grund
        03.10.2026;Feiertag
        24.11.2026;Wartung
        == comes out as
        2026-09-07..2026-12-16 without 2026-09-09 2026-09-16 2026-09-23 2026-09-30 2026-10-07 2026-10-14 2026-10-21 2026-10-28 2026-11-02 2026-11-09 2026-11-16 2026-11-23 2026-11-24 2026-11-30 2026-12-07 2026-12-14
        Mon Wed 18:00–19:00 | Yoga | 1
        2026-09-08 2026-09-15 2026-09-22 2026-09-29 2026-10-06 2026-10-13 2026-10-20 2026-10-27 18:00–19:00 | Pilates | 2
        2026-11-03 2026-11-10 2026-11-17 2026-12-01 2026-12-08 2026-12-15 19:00–20:00 | Pilates | 2
        == in calendars
        Pilates 14, Yoga 15, 1 15, 2 14
        == with
        notes holds-for-dates superseded
    """,
    "Brussels: Salles": r"""
        Europe/Brussels
        == Salles.csv
        ,Salle Escaut,Salle Meuse
        Lundi 7 septembre 2026,,
        9h00–10h30,Accueil,Atelier drones
        11h–12h30,Table ronde,
        Mardi 8 septembre 2026,,
        9h00–10h30,Atelier voile,Atelier cartes
        14h–16h,,Clôture
        == comes out as
        2026-09-07 09:00–10:30 | Accueil | Salle Escaut
        2026-09-07 09:00–10:30 | Atelier drones | Salle Meuse
        2026-09-07 11:00–12:30 | Table ronde | Salle Escaut
        2026-09-08 09:00–10:30 | Atelier cartes | Salle Meuse
        2026-09-08 09:00–10:30 | Atelier voile | Salle Escaut
        2026-09-08 14:00–16:00 | Clôture | Salle Meuse
        == in calendars
        Salle Escaut 3, Salle Meuse 3
    """,
    "Amsterdam: Zaalrooster": r"""
        Europe/Amsterdam
        == Zaalrooster.csv
        Zaalrooster De Kolk seizoen 2026-2027 (7 sept t/m 18 dec)
        ;Maandag;Dinsdag;Woensdag
        17.00-18.00;Gym mini's;;Judo jeugd
        18.00-19.30;Volleybal A;Badminton;Judo jeugd
        19.30-21.00;Volleybal B;Badminton;
        Herfstvakantie: 19 t/m 23 oktober geen training
        == comes out as
        2026-09-07..2026-12-16 without 2026-10-19 2026-10-20 2026-10-21
        Mon 17:00–18:00 | Gym mini's
        Mon 18:00–19:30 | Volleybal A
        Mon 19:30–21:00 | Volleybal B
        Tue 18:00–19:30 | Badminton
        Tue 19:30–21:00 | Badminton
        Wed 17:00–18:00 | Judo jeugd
        Wed 18:00–19:30 | Judo jeugd
        == in calendars
        Badminton 28, Gym mini's 14, Judo jeugd 28, Volleybal A 14, Volleybal B 14
        == with
        notes cells-meet holds-for-dates note-used
    """,
    "Stockholm: Sammanträden 2027": r"""
        Europe/Stockholm
        == Sammanträden 2027.csv
        Nämnd,Jan,Feb,Mar,Apr
        Kommunstyrelsen,13,10,10,14
        Barnnämnden,20,,17,
        Hamnstyrelsen,,24,,28
        Alla sammanträden börjar kl. 13.15 i Stora salen.
        == comes out as
        2027-01-13..2027-04-28 without 2027-01-20 2027-01-27 2027-02-03 2027-02-17 2027-02-24 2027-03-03 2027-03-17 2027-03-24 2027-03-31 2027-04-07 2027-04-21 2027-04-28
        Wed 13:15–14:15 | Kommunstyrelsen | Stora salen
        2027-01-20 2027-03-17 13:15–14:15 | Barnnämnden | Stora salen
        2027-02-24 2027-04-28 13:15–14:15 | Hamnstyrelsen | Stora salen
        == in calendars
        Sammanträden 2027 8
        == with
        notes note-used unsure-column year-of-title
    """,
    "Lisbon: Aulas de grupo, Aulas de grupo": r"""
        Europe/Lisbon
        == Aulas de grupo.xlsx / Mapa
        Mapa de aulas - janeiro a março de 2027,,,,
        Aula,Dias,Horas,Professor,Estúdio
        Pilates,2ª e 4ª,18h30-19h15,Rita,1
        Cycling,3ª e 5ª,19h00-19h45,Nuno,2
        Yoga,sábado,10h00-11h15,Rita,1
        == Aulas de grupo.xlsx / Encerramentos
        Dia,Motivo
        09/02/2027,Carnaval
        26/03/2027,Sexta-feira Santa
        == comes out as
        2027-01-02..2027-03-31 without 2027-02-09
        Sat 10:00–11:15 | Yoga | 1
        Mon Wed 18:30–19:15 | Pilates | 1
        Tue Thu 19:00–19:45 | Cycling | 2
        == in calendars
        Nuno 24, Rita 39, Cycling 24, Pilates 26, Yoga 13, 1 39, 2 24
        == with
        notes note-used short-days unsure-column
    """,
    "Helsinki: Jäävuorot": r"""
        Europe/Helsinki
        == Jäävuorot.csv
        Jäävuorot kevät 2027 (4.1.–28.3.2027)
        Klo;Ma;Ti;Ke;To;Pe
        16.00–17.00;Luistelukoulu;Juniorit;Luistelukoulu;Juniorit;
        17.00–18.30;U12;U15;U12;U15;Naiset
        18.30–20.00;U15;Naiset;;U12;Miehet
        Ei vuoroja talvilomaviikolla 22.–26.2.2027
        == comes out as
        2027-01-04..2027-03-26 without 2027-02-22 2027-02-23 2027-02-24 2027-02-25 2027-02-26
        Mon 18:30–20:00 | U15
        Mon Wed 16:00–17:00 | Luistelukoulu
        Mon Wed 17:00–18:30 | U12
        Tue 18:30–20:00 | Naiset
        Tue Thu 16:00–17:00 | Juniorit
        Tue Thu 17:00–18:30 | U15
        Thu 18:30–20:00 | U12
        Fri 17:00–18:30 | Naiset
        Fri 18:30–20:00 | Miehet
        == in calendars
        Juniorit 22, Luistelukoulu 22, Miehet 11, Naiset 22, U12 33, U15 33
        == with
        notes cells-meet holds-for-dates note-used
    """,
    "Vienna: Führungen": r"""
        Europe/Vienna
        == Führungen.csv
        Führung;Wann;Treffpunkt
        Schiffsbau kompakt;Samstags 11 Uhr, 5. Juni bis 28. August 2027;Kassa
        Hafenrundgang;jeden 1. Sonntag im Monat, 14:00-15:30, Juni bis August 2027;Steg 2
        Nachtführung;Freitag, 18.6.2027, 21:00-22:30 Uhr;Kassa
        == comes out as
        2027-06-05..2027-08-28
        Sat 11:00–12:00 | Schiffsbau kompakt | Kassa
        2027-06-06 2027-07-04 2027-08-01 14:00–15:30 | Hafenrundgang | Steg 2
        2027-06-18 21:00–22:30 | Nachtführung | Kassa
        == in calendars
        Führungen 17
        == with
        notes unsure-column
    """,
    "Amsterdam: Dienstrooster": r"""
        Europe/Amsterdam
        == Dienstrooster.csv
        Datum;Dag;Ploeg;Dienst
        01-03-2027;ma;Blauw;07:00-07:00
        02-03-2027;di;Rood;07:00-07:00
        03-03-2027;wo;Groen;07:00-07:00
        == comes out as
        2027-03-01 07:00–07:00 | Blauw
        2027-03-02 07:00–07:00 | Rood
        2027-03-03 07:00–07:00 | Groen
        == in calendars
        Dienstrooster 3
        == with
        notes ends-next-day unsure-column
    """,
    "Stockholm: Kurser, Lov": r"""
        Europe/Stockholm
        == Kurser.csv
        Kurs;Ledare;Dagar;Tid;Start;Antal ggr;Lokal
        Keramik;Eva Lund;måndagar;18.00-20.30;2027-01-18;8;Ateljén
        Svenska A1;Olle Berg;tisdagar och torsdagar;17.30-19.00;2027-01-19;20;Sal 2
        == Lov.csv
        Lov;Från;Till
        Sportlov;2027-02-22;2027-02-26
        == comes out as
        2027-01-18..2027-04-01 without 2027-02-22 2027-02-23 2027-02-25 2027-03-22 2027-03-29
        Mon 18:00–20:30 | Keramik | Ateljén
        Tue Thu 17:30–19:00 | Svenska A1 | Sal 2
        == in calendars
        Eva Lund 8, Olle Berg 20, Keramik 8, Svenska A1 20, Ateljén 8, Sal 2 20
        == with
        notes unsure-column
    """,
    "Paris: Programme (2)": r"""
        Europe/Paris
        == Programme.csv
        Film;Durée;mer 13/01;jeu 14/01;ven 15/01;sam 16/01;dim 17/01
        Les Marées;1h45;14h00;18h30;21h00;14h00 / 18h30;16h00
        Voiles;1h30;20h30;;18h00;21h00;11h00
        Du 13 au 17 janvier 2027;;;;;;
        == comes out as
        2027-01-13 2027-01-16 14:00–15:45 | Les Marées
        2027-01-13 20:30–22:00 | Voiles
        2027-01-14 2027-01-16 18:30–20:15 | Les Marées
        2027-01-15 18:00–19:30 | Voiles
        2027-01-15 21:00–22:45 | Les Marées
        2027-01-16 21:00–22:30 | Voiles
        2027-01-17 11:00–12:30 | Voiles
        2027-01-17 16:00–17:45 | Les Marées
        == in calendars
        Les Marées 6, Voiles 4
        == with
        warning notes-not-used Programme.csv, A4
    """,
    "Vienna: Skikurse": r"""
        Europe/Vienna
        == Skikurse.csv
        Woche;Gruppe;Lehrer;Uhrzeit;Treffpunkt
        KW 1 (4.–8. Jänner 2027);Zwerge;Toni;10–12 Uhr;Übungslift
        KW 1 (4.–8. Jänner 2027);Fortgeschrittene;Resi;13–15:30 Uhr;Talstation
        KW 2 (11.–15. Jänner 2027);Zwerge;Resi;10–12 Uhr;Übungslift
        == comes out as
        2027-01-04..2027-01-15
        2027-01-04 2027-01-05 2027-01-06 2027-01-07 2027-01-08 10:00–12:00 | Zwerge | Übungslift | Lehrer: Toni
        2027-01-04 2027-01-05 2027-01-06 2027-01-07 2027-01-08 13:00–15:30 | Fortgeschrittene | Talstation | Lehrer: Resi
        2027-01-11 2027-01-12 2027-01-13 2027-01-14 2027-01-15 10:00–12:00 | Zwerge | Übungslift | Lehrer: Resi
        == in calendars
        Skikurse 15, Resi 10, Toni 5
        == with
        notes on-each-day people-in-text unsure-column
    """,
}
