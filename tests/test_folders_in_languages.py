"""The same small school, as schools of many countries would write it: headings, weekdays and captions in their words."""

from datetime import date

import pytest

from test_folders import WEEKDAYS, Folder, assert_comes_out_true

WORDS = {
    "German": """%d.%m.%Y | {}:{:02} | Montag Dienstag Mittwoch Donnerstag Freitag | Mo Di Mi Do Fr | Mathematik/Deutsch/Kunst/Sport
Schulhalbjahr | Halbjahr;Erster Schultag;Letzter Schultag | 1. Halbjahr | Ferien und freie Tage | Bezeichnung;von;bis | Herbstferien;Reformationstag
Stundenraster | Stunde;Beginn;Ende | Unterrichtsplan | Klasse;Fach;Lehrkraft;Raum;Wochentag;Stunde | Unterrichtszeiten | Klasse;Fach;Lehrkraft;Raum;Tag;von;bis | Stundenplan der Klasse {} | {}. Stunde | Uhrzeit""",
    "French": """%d/%m/%Y | {}h{:02} | lundi mardi mercredi jeudi vendredi | lun mar mer jeu ven | Mathématiques/Français/Arts plastiques/EPS
Trimestres | Période;Début;Fin | 1er trimestre | Vacances et jours fériés | Motif;Du;Au | Vacances de la Toussaint;Armistice
Horaires des cours | Heure;Début;Fin | Services | Classe;Matière;Professeur;Salle;Jour;Heure | Emploi du temps | Classe;Matière;Enseignant;Salle;Jour;De;À | Emploi du temps de la {} | H{} | Horaire""",
    "Spanish": """%d/%m/%Y | {}:{:02} | lunes martes miércoles jueves viernes | L M X J V | Matemáticas/Lengua/Plástica/Educación física
Trimestres | Evaluación;Inicio;Final | 1ª evaluación | Días no lectivos | Motivo;Desde;Hasta | Puente de octubre;Fiesta local
Sesiones | Sesión;Comienza;Termina | Horario general | Grupo;Asignatura;Profesor/a;Aula;Día;Sesión | Horarios | Grupo;Materia;Docente;Aula;Día;Hora inicio;Hora fin | Horario de {} | {}ª hora | Horario""",
    "Italian": """%d/%m/%Y | {}:{:02} | lunedì martedì mercoledì giovedì venerdì | Lun Mar Mer Gio Ven | Matematica/Italiano/Arte e immagine/Scienze motorie
Quadrimestri | Periodo;Inizio;Fine | Primo quadrimestre | Sospensione delle lezioni | Festività;Dal;Al | Ponte di Ognissanti;Santo patrono
Scansione oraria | Ora;Inizio;Fine | Orario docenti | Classe;Materia;Docente;Aula;Giorno;Ora | Orario | Classe;Disciplina;Insegnante;Aula;Giorno;Dalle;Alle | Orario della classe {} | {}ª ora | Orario""",
    "Portuguese": """%d/%m/%Y | {}:{:02} | segunda-feira terça-feira quarta-feira quinta-feira sexta-feira | 2ª 3ª 4ª 5ª 6ª | Matemática/Português/Educação Visual/Educação Física
Períodos letivos | Período;Início;Fim | 1.º Período | Interrupções letivas | Interrupção;De;Até | Interrupção de novembro;Feriado municipal
Tempos letivos | Tempo;Entrada;Saída | Distribuição de serviço | Turma;Disciplina;Professor;Sala;Dia;Tempo | Horários | Turma;Disciplina;Docente;Sala;Dia da semana;Início;Fim | Horário da turma {} | {}.º tempo | Horário""",
    "Dutch": """%d-%m-%Y | {}:{:02} | maandag dinsdag woensdag donderdag vrijdag | ma di wo do vr | Wiskunde/Nederlands/Tekenen/Gym
Periodes | Periode;Eerste lesdag;Laatste lesdag | Periode 1 | Lesvrije dagen | Omschrijving;Van;T/m | Herfstvakantie;Studiedag
Lestijden | Uur;Aanvang;Einde | Lesrooster | Klas;Vak;Docent;Lokaal;Dag;Uur | Rooster | Groep;Vak;Docent;Lokaal;Dag;Begintijd;Eindtijd | Rooster klas {} | {}e uur | Tijd""",
    "Swedish": """%Y-%m-%d | {:02}.{:02} | måndag tisdag onsdag torsdag fredag | mån tis ons tors fre | Matematik/Svenska/Bild/Idrott
Läsårstider | Termin;Start;Slut | Hösttermin | Lovdagar | Lov;Från;Till | Höstlov;Studiedag
Lektionstider | Lektion;Börjar;Slutar | Tjänstefördelning | Klass;Ämne;Lärare;Sal;Dag;Lektion | Schema | Klass;Ämne;Lärare;Sal;Dag;Starttid;Sluttid | Schema för klass {} | Lektion {} | Tid""",
    "Norwegian": """%d.%m.%Y | {}:{:02} | mandag tirsdag onsdag torsdag fredag | man tir ons tor fre | Matematikk/Norsk/Kunst og håndverk/Kroppsøving
Skoleåret | Termin;Første skoledag;Siste skoledag | Høsttermin | Fridager | Fri;Fra;Til | Høstferie;Planleggingsdag
Timetider | Time;Start;Slutt | Fagfordeling | Klasse;Fag;Lærer;Rom;Dag;Time | Timeplan | Klasse;Fag;Lærer;Rom;Ukedag;Fra kl.;Til kl. | Timeplan for {} | {}. time | Klokkeslett""",
    "Danish": """%d-%m-%Y | {:02}.{:02} | mandag tirsdag onsdag torsdag fredag | ma ti on to fr | Matematik/Dansk/Billedkunst/Idræt
Skoleår | Periode;Første skoledag;Sidste skoledag | Efterår | Ferieplan | Ferie;Første feriedag;Sidste feriedag | Efterårsferie;Pædagogisk dag
Ringetider | Lektion;Fra;Til | Skemaliste | Klasse;Fag;Lærer;Lokale;Ugedag;Lektion | Skema | Hold;Fag;Underviser;Lokale;Ugedag;Starttidspunkt;Sluttidspunkt | Skema for {} | {}. lektion | Kl.""",
    "Finnish": """%d.%m.%Y | {}.{:02} | maanantai tiistai keskiviikko torstai perjantai | ma ti ke to pe | Matematiikka/Äidinkieli/Kuvataide/Liikunta
Lukukaudet | Lukukausi;Alkaa;Päättyy | Syyslukukausi | Lomat | Loma;Alkaa;Päättyy | Syysloma;Suunnittelupäivä
Tuntiajat | Tunti;Alkaa;Päättyy | Opetus | Luokka;Aine;Opettaja;Tila;Päivä;Tunti | Lukujärjestys | Luokka;Aine;Opettaja;Tila;Viikonpäivä;Alkaa;Päättyy | Lukujärjestys {} | {}. tunti | Klo""",
    "Polish": """%d.%m.%Y | {}:{:02} | poniedziałek wtorek środa czwartek piątek | pn wt śr czw pt | Matematyka/Język polski/Plastyka/Wychowanie fizyczne
Semestry | Semestr;Początek;Koniec | I semestr | Dni wolne | Nazwa;Od;Do | Wszystkich Świętych;Dzień dyrektorski
Dzwonki | Lekcja;Od;Do | Przydział | Klasa;Przedmiot;Nauczyciel;Sala;Dzień;Lekcja | Plan zajęć | Klasa;Przedmiot;Nauczyciel;Sala;Dzień tygodnia;Godzina od;Godzina do | Plan lekcji klasy {} | {}. lekcja | Godziny""",
    "Czech": """%d.%m.%Y | {}:{:02} | pondělí úterý středa čtvrtek pátek | Po Út St Čt Pá | Matematika/Český jazyk/Výtvarná výchova/Tělocvik
Pololetí | Pololetí;Začátek;Konec | 1. pololetí | Prázdniny a volna | Název;Od;Do | Podzimní prázdniny;Ředitelské volno
Zvonění | Hodina;Začátek;Konec | Úvazky | Třída;Předmět;Vyučující;Učebna;Den;Hodina | Rozvrh | Třída;Předmět;Učitel;Místnost;Den;Od;Do | Rozvrh třídy {} | {}. hodina | Čas""",
    "Slovak": """%d.%m.%Y | {}:{:02} | pondelok utorok streda štvrtok piatok | Po Ut St Št Pi | Matematika/Slovenský jazyk/Výtvarná výchova/Telesná výchova
Polroky | Polrok;Začiatok;Koniec | 1. polrok | Prázdniny | Prázdniny;Od;Do | Jesenné prázdniny;Riaditeľské voľno
Zvonenie | Hodina;Začiatok;Koniec | Úväzky | Trieda;Predmet;Učiteľ;Učebňa;Deň;Hodina | Rozvrh hodín | Trieda;Predmet;Vyučujúci;Miestnosť;Deň;Od;Do | Rozvrh hodín {} | {}. hodina | Čas""",
    "Hungarian": """%Y.%m.%d. | {}:{:02} | hétfő kedd szerda csütörtök péntek | H K Sze Cs P | Matematika/Magyar irodalom/Rajz/Testnevelés
Félévek | Félév;Első tanítási nap;Utolsó tanítási nap | I. félév | Szünetek | Megnevezés;Kezdete;Vége | Őszi szünet;Tanítás nélküli munkanap
Csengetési rend | Óra;Becsengetés;Kicsengetés | Tantárgyfelosztás | Osztály;Tantárgy;Tanár;Terem;Nap;Óra | Órarend | Osztály;Tantárgy;Tanár;Terem;Nap;Kezdés;Befejezés | A {} osztály órarendje | {}. óra | Időpont""",
    "Romanian": """%d.%m.%Y | {}:{:02} | luni marți miercuri joi vineri | Lu Ma Mi Jo Vi | Matematică/Limba română/Desen/Educație fizică
Module | Modul;Început;Sfârșit | Modulul 1 | Vacanțe și zile libere | Denumire;De la;Până la | Vacanța de toamnă;Ziua școlii
Program sonerie | Ora;Început;Sfârșit | Încadrare | Clasa;Disciplina;Profesor;Sala;Ziua;Ora | Orar | Clasa;Materia;Profesor;Sala;Ziua;De la;Până la | Orarul clasei {} | Ora {} | Interval orar""",
    "Croatian": """%d.%m.%Y. | {}:{:02} | ponedjeljak utorak srijeda četvrtak petak | pon uto sri čet pet | Matematika/Hrvatski jezik/Likovna kultura/Tjelesni
Polugodišta | Polugodište;Početak;Završetak | Prvo polugodište | Praznici | Naziv;Od;Do | Jesenski odmor;Dan škole
Zvona | Sat;Početak;Kraj | Zaduženja | Razred;Predmet;Nastavnik;Učionica;Dan;Sat | Raspored | Razred;Predmet;Nastavnik;Učionica;Dan;Od;Do | Raspored sati {} | {}. sat | Vrijeme""",
    "Slovenian": """%d.%m.%Y | {}:{:02} | ponedeljek torek sreda četrtek petek | pon tor sre čet pet | Matematika/Slovenščina/Likovna umetnost/Šport
Ocenjevalna obdobja | Obdobje;Začetek;Konec | 1. ocenjevalno obdobje | Počitnice | Naziv;Od;Do | Jesenske počitnice;Pouka prost dan
Zvonjenje | Ura;Začetek;Konec | Pouk | Razred;Predmet;Učitelj;Učilnica;Dan;Ura | Urnik | Razred;Predmet;Učitelj;Učilnica;Dan;Od;Do | Urnik razreda {} | {}. ura | Ura""",
    "Greek": """%d/%m/%Y | {}:{:02} | Δευτέρα Τρίτη Τετάρτη Πέμπτη Παρασκευή | Δε Τρ Τε Πε Πα | Μαθηματικά/Γλώσσα/Καλλιτεχνικά/Φυσική αγωγή
Τετράμηνα | Τετράμηνο;Έναρξη;Λήξη | Α΄ τετράμηνο | Αργίες | Αργία;Από;Έως | Σχολική εκδρομή και αργίες;Εθνική εορτή
Κουδούνι | Ώρα;Έναρξη;Λήξη | Αναθέσεις | Τμήμα;Μάθημα;Καθηγητής;Αίθουσα;Ημέρα;Ώρα | Πρόγραμμα | Τμήμα;Μάθημα;Καθηγητής;Αίθουσα;Ημέρα;Από;Έως | Ωρολόγιο πρόγραμμα {} | {}η ώρα | Ώρες""",
    "Turkish": """%d.%m.%Y | {}:{:02} | Pazartesi Salı Çarşamba Perşembe Cuma | Pzt Sal Çar Per Cum | Matematik/Türkçe/Görsel sanatlar/Beden eğitimi
Dönemler | Dönem;Başlangıç;Bitiş | 1. Dönem | Tatiller | Tatil;Başlangıç;Bitiş | Ara tatil;Cumhuriyet Bayramı
Ders saatleri | Ders;Başlangıç;Bitiş | Ders dağılımı | Sınıf;Ders;Öğretmen;Derslik;Gün;Saat | Ders programı | Sınıf;Ders;Öğretmen;Derslik;Gün;Başlangıç saati;Bitiş saati | {} sınıfı ders programı | {}. ders | Saat""",
    "Russian": """%d.%m.%Y | {}:{:02} | понедельник вторник среда четверг пятница | Пн Вт Ср Чт Пт | Математика/Русский язык/ИЗО/Физкультура
Четверти | Четверть;Начало;Окончание | I полугодие | Каникулы | Название;С;По | Осенние каникулы;День школы
Звонки | Урок;Начало;Конец | Нагрузка | Класс;Предмет;Учитель;Кабинет;День;Урок | Расписание | Класс;Предмет;Учитель;Кабинет;День недели;Начало;Конец | Расписание уроков {} | {} урок | Время""",
    "Ukrainian": """%d.%m.%Y | {}:{:02} | понеділок вівторок середа четвер п’ятниця | Пн Вт Ср Чт Пт | Математика/Українська мова/Мистецтво/Фізкультура
Семестри | Семестр;Початок;Кінець | І семестр | Канікули | Назва;З;По | Осінні канікули;День школи
Дзвінки | Урок;Початок;Кінець | Навантаження | Клас;Предмет;Учитель;Кабінет;День;Урок | Розклад | Клас;Предмет;Вчитель;Кабінет;День;Початок;Кінець | Розклад уроків {} | {} урок | Час""",
    "Bulgarian": """%d.%m.%Y | {}:{:02} | понеделник вторник сряда четвъртък петък | Пн Вт Ср Чт Пт | Математика/Български език/Изкуство/Физкултура
Срокове | Срок;Начало;Край | Първи срок | Ваканции | Ваканция;От;До | Есенна ваканция;Патронен празник
Звънец | Час;Начало;Край | Часове | Клас;Предмет;Учител;Кабинет;Ден;Час | Разписание | Клас;Предмет;Учител;Стая;Ден;От;До | Седмично разписание {} | {} час | Време""",
    "Estonian": """%d.%m.%Y | {}:{:02} | esmaspäev teisipäev kolmapäev neljapäev reede | E T K N R | Matemaatika/Eesti keel/Kunst/Kehaline
Poolaastad | Poolaasta;Algus;Lõpp | I poolaasta | Vaheajad | Vaheaeg;Algus;Lõpp | Sügisvaheaeg;Õpetajate päev
Tunniajad | Tund;Algus;Lõpp | Tunnijaotus | Klass;Aine;Õpetaja;Ruum;Päev;Tund | Tunniplaan | Klass;Aine;Õpetaja;Ruum;Nädalapäev;Algus;Lõpp | {} klassi tunniplaan | {}. tund | Kellaaeg""",
    "Latvian": """%d.%m.%Y | {}:{:02} | pirmdiena otrdiena trešdiena ceturtdiena piektdiena | P O T C Pk | Matemātika/Latviešu valoda/Vizuālā māksla/Sports
Semestri | Semestris;Sākums;Beigas | 1. semestris | Brīvdienas | Nosaukums;No;Līdz | Rudens brīvdienas;Skolas diena
Zvani | Stunda;Sākums;Beigas | Slodzes | Klase;Priekšmets;Skolotājs;Telpa;Diena;Stunda | Stundu saraksts | Klase;Priekšmets;Skolotājs;Kabinets;Diena;No;Līdz | {} klases stundu saraksts | {}. stunda | Laiks""",
    "Lithuanian": """%Y-%m-%d | {}:{:02} | pirmadienis antradienis trečiadienis ketvirtadienis penktadienis | Pr An Tr Kt Pn | Matematika/Lietuvių kalba/Dailė/Fizinis ugdymas
Pusmečiai | Pusmetis;Pradžia;Pabaiga | I pusmetis | Atostogos | Atostogos;Nuo;Iki | Rudens atostogos;Mokytojų diena
Skambučiai | Pamoka;Pradžia;Pabaiga | Krūviai | Klasė;Dalykas;Mokytojas;Kabinetas;Diena;Pamoka | Tvarkaraštis | Klasė;Dalykas;Mokytojas;Kabinetas;Savaitės diena;Pradžia;Pabaiga | {} klasės tvarkaraštis | {} pamoka | Laikas""",
    "Catalan": """%d/%m/%Y | {}:{:02} | dilluns dimarts dimecres dijous divendres | Dl Dt Dc Dj Dv | Matemàtiques/Català/Plàstica/Educació física
Trimestres | Trimestre;Inici;Final | 1r trimestre | Festius | Festa;Des de;Fins a | Pont d'octubre;Festa local
Marc horari | Hora;Inici;Fi | Distribució | Grup;Matèria;Professor;Aula;Dia;Hora | Horari | Grup;Matèria;Docent;Aula;Dia;Inici;Fi | Horari de {} | {}a hora | Horari""",
    "Icelandic": """%d.%m.%Y | {}:{:02} | mánudagur þriðjudagur miðvikudagur fimmtudagur föstudagur | mán þri mið fim fös | Stærðfræði/Íslenska/Myndmennt/Íþróttir
Annir | Önn;Hefst;Lýkur | Haustönn | Frídagar | Frí;Frá;Til | Vetrarfrí;Starfsdagur
Kennslustundir | Tími;Hefst;Lýkur | Kennsla | Bekkur;Fag;Kennari;Stofa;Dagur;Tími | Stundaskrá | Bekkur;Námsgrein;Kennari;Stofa;Vikudagur;Frá;Til | Stundaskrá {} | {}. tími | Klukkan""",
    "Japanese": """%Y/%m/%d | {}:{:02} | 月曜日 火曜日 水曜日 木曜日 金曜日 | 月 火 水 木 金 | 数学/国語/美術/体育
学期 | 学期;開始日;終了日 | 1学期 | 休業日 | 名称;開始;終了 | 秋休み;創立記念日
時程 | 時限;開始;終了 | 担当表 | クラス;科目;教員;教室;曜日;時限 | 時間割 | クラス;科目;担当;教室;曜日;開始時刻;終了時刻 | {} 時間割 | {}限 | 時間""",
    "Chinese": """%Y-%m-%d | {}:{:02} | 星期一 星期二 星期三 星期四 星期五 | 周一 周二 周三 周四 周五 | 数学/语文/美术/体育
学期 | 学期;开始日期;结束日期 | 第一学期 | 假期 | 名称;开始;结束 | 秋假;校庆日
作息时间 | 节次;开始;结束 | 任课表 | 班级;课程;教师;教室;星期;节次 | 课程表 | 班级;科目;老师;教室;星期;开始时间;结束时间 | {}课程表 | 第{}节 | 时间""",
    "Korean": """%Y-%m-%d | {}:{:02} | 월요일 화요일 수요일 목요일 금요일 | 월 화 수 목 금 | 수학/국어/미술/체육
학기 | 학기;시작일;종료일 | 1학기 | 휴업일 | 명칭;시작;종료 | 가을방학;개교기념일
시정표 | 교시;시작;종료 | 수업배정 | 학급;과목;교사;교실;요일;교시 | 시간표 | 학급;과목;교사;교실;요일;시작시간;종료시간 | {} 시간표 | {}교시 | 시간""",
    "Indonesian": """%d/%m/%Y | {}:{:02} | Senin Selasa Rabu Kamis Jumat | Sen Sel Rab Kam Jum | Matematika/Bahasa Indonesia/Seni budaya/Olahraga
Semester | Semester;Mulai;Selesai | Semester 1 | Libur | Keterangan;Mulai;Sampai | Libur tengah semester;Hari jadi sekolah
Jam pelajaran | Jam ke;Mulai;Selesai | Jadwal guru | Kelas;Mata pelajaran;Guru;Ruang;Hari;Jam ke | Jadwal | Kelas;Mata pelajaran;Guru;Ruang;Hari;Mulai;Selesai | Jadwal pelajaran kelas {} | Jam {} | Waktu""",
    "Vietnamese": """%d/%m/%Y | {}:{:02} | Thứ~hai Thứ~ba Thứ~tư Thứ~năm Thứ~sáu | T2 T3 T4 T5 T6 | Toán/Ngữ văn/Mỹ thuật/Thể dục
Học kỳ | Học kỳ;Bắt đầu;Kết thúc | Học kỳ I | Ngày nghỉ | Tên;Từ ngày;Đến ngày | Nghỉ giữa kỳ;Ngày hội trường
Giờ học | Tiết;Bắt đầu;Kết thúc | Phân công | Lớp;Môn;Giáo viên;Phòng;Thứ;Tiết | Thời khóa biểu | Lớp;Môn học;Giáo viên;Phòng;Thứ;Từ;Đến | Thời khóa biểu lớp {} | Tiết {} | Thời gian""",
    "Welsh": """%d/%m/%Y | {}:{:02} | Dydd~Llun Dydd~Mawrth Dydd~Mercher Dydd~Iau Dydd~Gwener | Llun Maw Mer Iau Gwe | Mathemateg/Cymraeg/Celf/Addysg gorfforol
Tymhorau | Tymor;Dechrau;Diwedd | Tymor yr Hydref | Gwyliau | Gwyliau;O;Hyd | Hanner tymor;Diwrnod HMS
Amserau gwersi | Gwers;Dechrau;Diwedd | Dysgu | Dosbarth;Pwnc;Athro;Ystafell;Diwrnod;Gwers | Amserlen | Dosbarth;Pwnc;Athro;Ystafell;Diwrnod;Dechrau;Diwedd | Amserlen {} | Gwers {} | Amser""",
    "Basque": """%Y/%m/%d | {}:{:02} | astelehena asteartea asteazkena osteguna ostirala | Al Ar Az Og Or | Matematika/Euskara/Plastika/Gorputz hezkuntza
Hiruhilekoak | Hiruhilekoa;Hasiera;Amaiera | 1. hiruhilekoa | Jaiegunak | Jaia;Noiztik;Noiz arte | Urriko zubia;Herriko jaia
Saioak | Saioa;Hasiera;Amaiera | Banaketa | Taldea;Ikasgaia;Irakaslea;Gela;Eguna;Saioa | Ordutegia | Taldea;Ikasgaia;Irakaslea;Gela;Eguna;Hasiera;Amaiera | {} taldearen ordutegia | {}. saioa | Ordua""",
    "Brazilian": """%d/%m/%Y | {}h{:02} | Segunda Terça Quarta Quinta Sexta | Seg Ter Qua Qui Sex | Matemática/Português/Artes/Educação Física
Bimestres | Bimestre;Início;Término | 3º e 4º bimestre | Feriados e recessos | Feriado;Início;Término | Recesso escolar;Aniversário da cidade
Horário das aulas | Aula;Início;Término | Grade | Turma;Disciplina;Professor;Sala;Dia;Aula | Grade horária | Turma;Matéria;Professora;Sala;Dia;Das;Às | Horário da {} | {}ª aula | Horário""",
    "Mexican": """%d/%m/%Y | {}:{:02} | Lunes Martes Miércoles Jueves Viernes | Lun Mar Mié Jue Vie | Matemáticas/Español/Artes/Deportes
Semestre | Semestre;Fecha de inicio;Fecha de término | Semestre agosto-diciembre | Días inhábiles | Descripción;Del;Al | Suspensión de labores;Día de la institución
Módulos | Módulo;Entrada;Salida | Carga académica | Grupo;Asignatura;Maestro;Salón;Día;Módulo | Horarios de clase | Grupo;Materia;Catedrático;Salón;Día;Hora de entrada;Hora de salida | Horario del grupo {} | Módulo {} | Horario""",
    "Hebrew": """%d/%m/%Y | {}:{:02} | שני שלישי רביעי חמישי שישי | ב׳ ג׳ ד׳ ה׳ ו׳ | מתמטיקה/עברית/אמנות/ספורט
מחציות | מחצית;התחלה;סיום | מחצית א | חופשות | חופשה;מתאריך;עד תאריך | חופשת סתיו;יום בית הספר
צלצולים | שיעור;התחלה;סיום | שיבוץ | כיתה;מקצוע;מורה;חדר;יום;שיעור | מערכת שעות | כיתה;מקצוע;מורה;חדר;יום;משעה;עד שעה | מערכת שעות {} | שיעור {} | שעות""",
    "Arabic": """%d/%m/%Y | {}:{:02} | الاثنين الثلاثاء الأربعاء الخميس الجمعة | الاثنين الثلاثاء الأربعاء الخميس الجمعة | رياضيات/لغة عربية/فنون/رياضة
الفصول الدراسية | الفصل;البداية;النهاية | الفصل الأول | العطل | المناسبة;من;إلى | عطلة الخريف;عيد المدرسة
مواعيد الحصص | الحصة;البداية;النهاية | توزيع | الصف;المادة;المعلم;القاعة;اليوم;الحصة | الجدول | الصف;المادة;المعلم;القاعة;اليوم;من;إلى | جدول الصف {} | الحصة {} | الوقت""",
}
"""Dates, clock, weekdays and their short forms, subjects; terms and closures; bells, list of lessons by period and by
time, caption of a grid, its periods, and what heads times: each a sheet's name and its headings."""

BELLS = ((8, 0, 8, 45), (8, 50, 9, 35), (9, 55, 10, 40), (10, 45, 11, 30))
PEOPLE = ("Orla Penn", "Ivo Marsh", "Ada Quill", "Tom Reyes")
LESSONS = ("7a 0 1 0", "7a 0 2 1", "7a 1 3 2", "7a 2 1 0", "7a 3 4 3", "8b 0 2 0", "8b 1 1 1", "8b 2 4 3", "8b 4 3 3")
"""Class, weekday, period, and which of the subjects, rooms and people."""


class School:
    """What the words of a language make of the school."""

    def __init__(self, words):
        days, year, week = (tuple(part.strip() for part in line.split("|")) for line in words.splitlines())
        self.form, self.clock, long, short, subjects = days
        self.short, self.subjects = short.split(), subjects.split("/")
        self.long = [day.replace("~", " ") for day in long.split()]
        self.terms, self.term_headings, self.term, self.closures, self.closure_headings, self.why = year
        self.bells, self.bell_headings, self.list, self.list_headings, self.timed, self.timed_headings = week[:6]
        self.caption, self.period, self.times = week[6:]
        self.lessons = [(name, *map(int, rest)) for name, *rest in map(str.split, LESSONS)]

    def day(self, text):
        return date.fromisoformat(text).strftime(self.form)

    def span(self, period, dash="–"):
        starts, ends = BELLS[period - 1][:2], BELLS[period - 1][2:]
        return f"{self.clock.format(*starts)}{dash}{self.clock.format(*ends)}"

    def cell(self, name, day, period, joint):
        which = next((w for *at, w in self.lessons if at == [name, day, period]), None)
        return "" if which is None else joint.join((self.subjects[which], PEOPLE[which], f"R{which + 1}"))

    def year(self):
        why = self.why.split(";")
        closed = [(why[0], "2026-09-21", "2026-09-22"), (why[1], "2026-09-30", "2026-09-30")]
        return {
            self.terms: [self.term_headings, f"{self.term};{self.day('2026-09-07')};{self.day('2026-12-18')}"],
            self.closures: [self.closure_headings, *(f"{a};{self.day(b)};{self.day(c)}" for a, b, c in closed)],
        }

    def rung(self):
        return {self.bells: [self.bell_headings, *(f"{n};{self.span(n, ';')}" for n in range(1, 5))]}

    def by_period(self):
        rows = (f"{n};{self.subjects[w]};{PEOPLE[w]};R{w + 1};{self.long[d]};{p}" for n, d, p, w in self.lessons)
        return {**self.rung(), self.list: [self.list_headings, *rows]}

    def by_time(self):
        rows = (
            f"{n};{self.subjects[w]};{PEOPLE[w]};R{w + 1};{self.short[d]};{self.span(p, ';')}"
            for n, d, p, w in self.lessons
        )
        return {self.timed: [self.timed_headings, *rows]}

    def grids(self, *, down=False):
        days, periods = [(day, n) for n, day in enumerate(self.long)], [(self.period.format(n), n) for n in range(1, 5)]
        side, across = (days, periods) if down else (periods, days)
        found = {}
        for name in ("7a", "8b"):
            rows = [";".join(["", *(head for head, _ in across)])]
            for head, one in side:
                at = [(one, other) if down else (other, one) for _, other in across]
                rows.append(";".join([head, *('"' + self.cell(name, *each, "\n") + '"' for each in at)]))
            found[name] = [self.caption.format(name), *rows]
        return {**self.rung(), **found}

    def names_and_times(self):
        rows = [
            ";".join([name if p == 1 else "", self.span(p), *(self.cell(name, d, p, ", ") for d in range(5))])
            for name in ("7a", "8b")
            for p in range(1, 5)
        ]
        return {self.timed: [";".join([self.list_headings.split(";")[0], self.times, *self.short]), *rows]}

    def truth(self):
        return tuple(
            f"{name}|{WEEKDAYS[day]}|{h:02}:{m:02}|{x:02}:{y:02}|R{which + 1}"
            for name, day, period, which in self.lessons
            for h, m, x, y in [BELLS[period - 1]]
        )


LAYOUTS = {
    "by period": School.by_period,
    "by time": School.by_time,
    "grids": School.grids,
    "days down": lambda school: school.grids(down=True),
    "names and times": School.names_and_times,
}
CASES = [(name, layout) for n, name in enumerate(WORDS) for k, layout in enumerate(LAYOUTS) if (n + k) % 5 < 3]


@pytest.mark.parametrize(("language", "layout"), CASES)
def test_a_school_comes_out_true_in_its_own_words(tmp_path, language, layout):
    school = School(WORDS[language])
    sheets = {**school.year(), **LAYOUTS[layout](school)}
    files = {f"{name}.csv": "\n".join(rows) + "\n" for name, rows in sheets.items()}
    closed = ("2026-09-21..2026-09-22", "2026-09-30")
    assert_comes_out_true(tmp_path, Folder(files, "2026-09-07", "2026-12-18", closed, school.truth()))
