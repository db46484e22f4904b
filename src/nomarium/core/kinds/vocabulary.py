"""The words that headings are made of, once for all kinds of sheets: what means a date, a time, a person, a place.

A kind of sheet lists the words that are its own, and takes from here what it shares with others. Both ends of a span
come from one list of pairs, so that none is known without the other. A school's own words (terms, closures,
bells, lessons, grids) are known in some forty languages; offices' and clubs' in those of western Europe most of all.
"""

from __future__ import annotations


def _ends(pairs: str) -> tuple[str, str]:
    """Return the first and the second words of pairs, each as headings separated by ``|``."""
    both = [tuple(part.strip() for part in pair.split("…")) for line in pairs.splitlines() for pair in line.split("|")]
    known = [pair for pair in both if len(pair) == 2]
    first, last = (list(dict.fromkeys(pair[end] for pair in known)) for end in (0, 1))
    return "|".join(first), "|".join(last)


FIRST_DAY, LAST_DAY = _ends(
    """start date … end date|begin date … end date|beginning date … ending date|starting date … ending date
first day … last day|opening day … closing day|first date … last date|from date … to date|date from … date to|date from … date until
date start … date end|date begins … date ends|begins on … ends on|starts on … ends on|start day … end day
effective from … effective to|effective date … expiry date|effective … effective until|valid from … valid to
valid from … valid until|in force from … in force until|runs from … runs until|meets from … meets until
opening date … closing date|teaching starts … teaching ends|teaching begins … teaching ends|classes begin … classes end
classes start … classes end|lessons begin … lessons end|lessons start … lessons end|commences on … concludes on|commencement date … completion date
from day … to day|start dt … end dt|date of start … date of end|first session … last session
first meeting … last meeting|first lesson … last lesson|first class … last class|first rehearsal … last rehearsal
first visit … last visit|first shift … last shift|first duty … last duty|first match … last match|first game … last game
first tour … last tour|first service … last service|first performance … last performance|first show … last show
first workshop … last workshop|first clinic … last clinic|first appointment … last appointment|first round … last round
first event … last event|first occurrence … last occurrence|first evening … last evening|first night … last night
first trip … last trip|first sailing … last sailing|first booking … last booking|first lecture … last lecture
first seminar … last seminar|first tutorial … last tutorial|first delivery … last delivery|first collection … last collection
first market … last market|first walk … last walk|first ride … last ride|first tasting … last tasting|first seance … last seance
first training … last training|first practice … last practice|first week … last week|1st class … last class
erste stunde … letzte stunde|erster termin … letzter termin|erster kurstag … letzter kurstag|erste probe … letzte probe
premier cours … dernier cours|première séance … dernière séance|1er cours … dernier cours|1re séance … dernière séance
primera clase … última clase|primera sesión … última sesión|prima lezione … ultima lezione|primo incontro … ultimo incontro
primeira aula … última aula|eerste les … laatste les|eerste keer … laatste keer|första lektion … sista lektion
första gången … sista gången|första tillfället … sista tillfället|første gang … sidste gang|første time … siste time
første lektion … sidste lektion|ensimmäinen kerta … viimeinen kerta|pierwsze zajęcia … ostatnie zajęcia
první lekce … poslední lekce|prvá lekcia … posledná lekcia|első alkalom … utolsó alkalom|ilk ders … son ders
startdatum … enddatum|beginn dat … ende dat|von dat … bis dat|anfangsdatum … enddatum|beginndatum … enddatum|erster tag … letzter tag
gültig ab … gültig bis|gültig von … gültig bis|datum von … datum bis|von datum … bis datum
date de début … date de fin|date début … date fin|date debut … date fin|premier jour … dernier jour
valable du … valable au|à partir du … jusqu’au|du … au
fecha de inicio … fecha de fin|fecha inicio … fecha fin|fecha inicial … fecha final|primer día … último día
fecha desde … fecha hasta|válido desde … válido hasta
data inizio … data fine|data di inizio … data di fine|primo giorno … ultimo giorno|valido dal … valido al|dal … al
data de início … data de fim|data início … data fim|data inicial … data final|primeiro dia … último dia
begindatum … einddatum|eerste dag … laatste dag|geldig vanaf … geldig tot|datum van … datum tot
erster schultag … letzter schultag|erster unterrichtstag … letzter unterrichtstag|unterrichtsbeginn … unterrichtsende
premier jour de classe … dernier jour de classe|rentrée … fin des cours|primer día de clase … último día de clase
primo giorno di lezione … ultimo giorno di lezione|inizio lezioni … fine lezioni|primeiro dia de aulas … último dia de aulas
eerste lesdag … laatste lesdag|eerste schooldag … laatste schooldag|första skoldagen … sista skoldagen
första skoldag … sista skoldag|første skoledag … sidste skoledag|første skoledag … siste skoledag
first lesson day … last lesson day|first class day … last class day|first school day … last school day|opens … closes
開始日 … 終了日|başlangıç tarihi … bitiş tarihi|başlama tarihi … bitiş tarihi|ilk gün … son gün|data rozpoczęcia … data zakończenia|pierwszy dzień … ostatni dzień|datum zahájení … datum ukončení|první den … poslední den|prvý deň … posledný deň|kezdő dátum … záró dátum|első nap … utolsó nap|data începerii … data încheierii|prima zi … ultima zi|alkamispäivä … päättymispäivä|ensimmäinen päivä … viimeinen päivä|ημερομηνία έναρξης … ημερομηνία λήξης|prvi dan … zadnji dan|prvi dan … posljednji dan|дата начала … дата окончания|первый день … последний день|дата початку … дата закінчення|תאריך התחלה … תאריך סיום|data d’inici … data de fi|開始 … 終了|开始日期 … 结束日期|시작일 … 종료일|startdato … slutdato|startdato … sluttdato|første dag … sidste dag|første dag … siste dag|fra dato … til dato
تاريخ البداية … تاريخ النهاية|البداية … النهاية|بداية … نهاية|من … إلى|התחלה … סיום|מתאריך … עד תאריך|начало … окончание|початок … кінець|початок … закінчення
αρχή … τέλος|έναρξη … λήξη|početak … kraj|začetek … konec|začátek … konec|začiatok … koniec|początek … koniec|kezdete … vége|început … sfârșit|alku … loppu|algus … lõpp
startdatum … slutdatum|första dag … sista dag|första dagen … sista dagen|från datum … till datum
első tanítási nap … utolsó tanítási nap|kezdés dátuma … befejezés dátuma|kezdés napja … befejezés napja
første feriedag … sidste feriedag|første fridag … siste fridag|första lovdag … sista lovdag|erster ferientag … letzter ferientag
eerste vakantiedag … laatste vakantiedag|premier jour de congé … dernier jour de congé|oppstart … siste gang
fecha de inicio … fecha de término|fecha inicio … fecha término|data de início … data de término
datum početka … datum završetka|datum začetka … datum konca
начална дата … крайна дата|първи учебен ден … последен учебен ден|дата початку … дата завершення|перший день … останній день
alguskuupäev … lõppkuupäev|esimene päev … viimane päev|sākuma datums … beigu datums|pirmā diena … pēdējā diena
pradžios data … pabaigos data|pirma diena … paskutinė diena|upphafsdagur … lokadagur|fyrsti dagur … síðasti dagur
tanggal mulai … tanggal selesai|tarikh mula … tarikh tamat|ngày đầu … ngày cuối|dyddiad dechrau … dyddiad gorffen
diwrnod cyntaf … diwrnod olaf|hasiera data … amaiera data|lehen eguna … azken eguna|primer dia … últim dia
dáta tosaithe … dáta críochnaithe|datum fillimi … datum mbarimi|data e fillimit … data e mbarimit|תאריך פתיחה … תאריך סיום
تاريخ البدء … تاريخ الانتهاء|تاریخ شروع … تاریخ پایان|개강일 … 종강일|開講日 … 終了日|開校日 … 閉校日|วันเริ่มต้น … วันสิ้นสุด"""
)

START_TIME, END_TIME = _ends(
    """start time … end time|begin time … end time|beginning time … ending time|starting time … ending time
starting time … finishing time|start time … finish time|from time … to time|time from … time to|time from … time until
time in … time out|start hour … end hour|time start … time end|time begins … time ends|time of start … time of end
clock in … clock out|shift start … shift end|doors … close time|opening time … closing time|meeting start … meeting end
call … wrap|call … call end|oppmøte … slutt|fremmøde … slut|samling … slut|call time … call end|kick off … full time|kick-off … full time|ko … ft|curtain up … curtain down
class start … class end|starts at … ends at|begins at … ends at|start at … end at|period start … period end
rings at … ends at|commences at … concludes at|open time … close time
startzeit … endzeit|beginn uhr … ende uhr|von uhr … bis uhr|beginn zeit … ende zeit|beginnzeit … endzeit|anfangszeit … endzeit|uhrzeit von … uhrzeit bis|zeit von … zeit bis
heure de début … heure de fin|heure début … heure fin|heure debut … heure fin|début heure … fin heure
hora de inicio … hora de fin|hora inicio … hora fin|hora inicial … hora final|hora de entrada … hora de salida
ora inizio … ora fine|ora di inizio … ora di fine|orario inizio … orario fine
hora de início … hora de fim|hora início … hora fim|hora de início … hora de término
begintijd … eindtijd|starttijd … eindtijd|aanvangstijd … eindtijd|starttid … sluttid|starttidspunkt … sluttidspunkt
arrival time … departure time|ankunftszeit … abfahrtszeit|heure d'arrivée … heure de départ
hora de llegada … hora de salida|hora llegada … hora salida|hora de chegada … hora de partida
hora chegada … hora partida|ora arrivo … ora partenza|ora di arrivo … ora di partenza|aankomsttijd … vertrektijd
ankomsttid … afgangstid|ankomsttid … avgangstid|ankomsttid … avgångstid
kl. fra … kl. til|fra kl. … til kl.|h. début … h. fin|sign in … sign out|drop off … pick up|doors … curfew
godzina rozpoczęcia … godzina zakończenia|čas od … čas do|godzina od … godzina do|od godziny … do godziny
vrijeme od … vrijeme do|vreme od … vreme do|başlangıç saati … bitiş saati|başlama saati … bitiş saati|время начала … время окончания
час початку … час закінчення|ora de început … ora de sfârșit|ora început … ora sfârșit|alkamisaika … päättymisaika|ώρα έναρξης … ώρα λήξης
kezdés ideje … befejezés ideje|hora inici … hora fi|kl. start … kl. slut|čas zahájení … čas ukončení|开始时间 … 结束时间|開始時間 … 終了時間|開始時刻 … 終了時刻
שעת התחלה … שעת סיום|משעה … עד שעה|시작시간 … 종료시간|시작시각 … 종료시각|시작 시간 … 종료 시간|上课时间 … 下课时间|上课 … 下课
kezdési idő … befejezési idő|becsengetés … kicsengetés|entrada … salida|entrada … saída|vstup … odchod|начален час … краен час
algusaeg … lõppaeg|sākuma laiks … beigu laiks|pradžios laikas … pabaigos laikas|byrjar kl. … endar kl.|jam mulai … jam selesai
waktu mulai … waktu selesai|masa mula … masa tamat|giờ bắt đầu … giờ kết thúc|amser dechrau … amser gorffen|hasiera ordua … amaiera ordua
hora d'inici … hora de fi|hora de començament … hora d'acabament|ora e fillimit … ora e mbarimit|وقت البداية … وقت النهاية
ساعت شروع … ساعت پایان|ώρα έναρξης … ώρα λήξης|från kl. … till kl.|frå kl. … til kl.|klo alkaa … klo päättyy|von (uhr) … bis (uhr)"""
)

BEGINS, ENDS = _ends(
    """start … end|starts … ends|begin … end|begins … finishes|begin … finish|starting … ending|beginning … finishing
from … to|from … until|from … till|opens … closes|arrives … departs|arrival … departure|arrive … leave|arrive … depart|arrive … return|back from … back by|leaving … returning|leaves … returns|departing … returning
departs … returns|departure … return|leave … return|leaving … back|abfahrt … rückkehr|abreise … rückkehr|départ … retour
salida … regreso|salida … vuelta|partenza … ritorno|partida … regresso|vertrek … terugkomst|vertrek … terug
ankunft … abfahrt|ankunft … abreise|anreise … abreise|anlaufen … auslaufen|arrivée … départ|llegada … salida
chegada … partida|chegada … saída|arrivo … partenza|aankomst … vertrek|ankomst … afgang|ankomst … avgang
ankomst … avgång|saapuminen … lähtö|przyjazd … odjazd|příjezd … odjezd|érkezés … indulás|varış … kalkış
avresa … hemkomst|avfärd … hemkomst|afgang … hjemkomst|avreise … hjemkomst|eta … etd|commences … concludes|commencing … through
beginn … ende|anfang … ende|von … bis|début … fin|debut … fin|comienzo … final|comienza … termina|inicio … fin|desde … hasta|inizio … fine|da … a
beginnt … endet|anfang … schluss|commence … se termine|commence … finit|de … à|empieza … termina|empieza … acaba
inizia … finisce|dalle … alle|das … às|startar … slutar|starter … slutter|begint … eindigt|aanvang … einde
từ ngày … đến ngày|từ … đến|ngày bắt đầu … ngày kết thúc|alkaa … päättyy|początek … koniec|od … do|de la … până la|de la … pana la|başlangıç … bitiş|başlar … biter|rozpoczęcie … zakończenie|kezdete … vége|kezdés … befejezés|început … sfârșit|alku … loppu|έναρξη … λήξη|početak … kraj|početak … završetak|začetek … konec|початок … кінець|начало … край|开始 … 结束|開始 … 終了|시작 … 종료|התחלה … סיום|algus … lõpp|sākums … beigas|pradžia … pabaiga|mulai … selesai|bắt đầu … kết thúc|inici … final|začátek … konec|začiatok … koniec|kezdés … vége|начало … окончание|начало … конец
van … tot en met|vanaf … tot en met|van … t/m|fra og med … til og med|fra … til og med|från och med … till och med
from … until incl|from … to incl|from … to inclusive|from … up to and including|starting … until|starting … until incl
von … bis einschl|ab … bis einschl|von … bis inkl|ab … bis inkl|ab … bis inklusive|du … au inclus|de … a inclusive|van … t/m incl
från … till och med|fr.o.m. … t.o.m.|von … bis einschließlich|ab … bis einschließlich|ab … bis|vom … bis zum|desde el … hasta el
da … ad|alkaen … asti|od … do (włącznie)|início … fim|início … término|inicio … término|começo … fim|começa … termina|de … até|begin … einde|begin … eind|start … eind|van … eind|start … einde|van … tot|start … slut|fra … til|från … till|start … slutt
από … έως|από … μέχρι|από … ως|от … до|с … по|з … по|з … до|с … до|nuo … iki|frá … til|hefst … lýkur|byrjar … endar|börjar … slutar
begynner … slutter|begynder … slutter|dechrau … diwedd|dechrau … gorffen|hasiera … amaiera|noiztik … noiz arte|hasi … bukatu
zahájení … ukončení|zahájenie … ukončenie|začiatok … ukončenie|inicia … termina|oppstart … slutt
inici … fi|des de … fins a|comença … acaba|del … al|mulai … sampai|dari … sampai|dari … hingga|mula … tamat|tosú … críochnú|ó … go dtí
fillimi … mbarimi|nga … deri|شروع … پایان|از … تا|부터 … 까지|から … まで|自 … 至|起 … 止|alates … kuni|alku … päätös|pocetak … kraj
od … to|začíná … končí|začína … končí|zaczyna się … kończy się|kezdődik … végződik|tól … ig|počinje … završava|začne … konča"""
)
"""Ends of a span of which only the cells say whether they are days or times."""

DATE = (
    "date|dates|day of event|calendar date|school date|on date|datum|fecha|data|dato|tag der veranstaltung|"
    "jour et date|giorno e data|meeting date|session date|lesson date|date of lesson|date of session|"
    "pvm|päivämäärä|dátum|tarih|kuupäev|datums|ngày|дата|ημερομηνία|תאריך|التاريخ|日付|日期|日にち|날짜"
)

HOURS = (
    "hours|times|timing|timings|class timings|batch timings|clock times|time of day|time span|time range|time slot|timeslot|from to|start end|start and end|"
    "start to end|meeting times|meeting time|class times|class time|lesson times|lesson time|session time|shift hours|"
    "shift times|uhrzeit|uhrzeiten|zeiten|zeit|unterrichtszeit|horaire|horaires|heures|horario|horarios|hora|horas|"
    "orario|orari|ora|horário|horários|tijd|tijden|lestijd|tid|tider|klokkeslett|klokkeslæt"
    "|saat|saatler|ders saatleri|godzina|godziny|godz|orar|klockslag|tidspunkt|ura|godziny zajęć|čas|časy|idő|időpont|időpontok|ore|orele"
    "|interval orar|kello|kellonaika|klo|aika|ajat|ώρες|vrijeme|vreme|время|час|время занятий|години|時間|時刻|时间|時間帯"
    "|시간|שעה|שעות|الوقت|aeg|kellaaeg|laiks|laikas|jam|waktu|giờ|horari|horaris|heure|heure de cours|tímasetning|klukkan|kl|ordua|orduak|amser|amseroedd|thời gian|masa|koha|التوقيت|الساعة|ساعت|زمان|czas|hora de clase"
)

PEOPLE = (
    "driver|drivers|leader|leaders|guide|guides|skipper|volunteer|volunteers|teacher|teachers|instructor|instructors|staff|staff name|staff member|staff members|taught by|tutor|tutors|"
    "lecturer|lecturers|faculty|faculty name|faculty member|teacher name|teacher names|instructor name|teacher of record|"
    "instructor of record|primary teacher|primary instructor|lead teacher|lead instructor|assigned teacher|"
    "assigned staff|course leader|class teacher|subject teacher|trainer|coach|leader|led by|professor|prof|"
    "teaching staff|teacher code|staff code|staff id|staff initials|teacher initials|initials|instructor code|"
    "staff e-mail|staff email|teacher email|teacher e-mail|instructor email|faculty email|supervisor|supervisors|"
    "on duty|duty staff|lp|lehrperson kürzel|lehrer|lehrerin|lehrkraft|lehrkräfte|lehrperson|dozent|dozentin|lehrerkürzel|kürzel|"
    "professeur|professeurs|enseignant|enseignante|enseignants|intervenant|profesor|profesora|profesores|docente|"
    "docentes|maestro|maestra|insegnante|insegnanti|professore|professoressa|professora|leraar|leraren|docent|docenten|"
    "lærer|lærere|lärare|underviser|kursleitung|kursleiter|kursleiterin|leitung|übungsleiter|trainerin|coach name|animateur|monitor|"
    "monitora|opettaja|opettajat|kouluttaja|učitel|učitelka|vyučující|lektor|lektorka|učiteľ|tanár|oktató|nauczyciel|"
    "prowadzący|öğretmen|учитель|преподаватель|вчитель|καθηγητής|entraîneur|entrenador|allenatore|taught by whom|conductor|director"
    "|öğretmenler|öğretmen adı|profesoară|cadru didactic|nastavnik|nastavnica|učitelj|učiteljica|profesorica"
    "|учителя|преподаватели|викладач|учител|担当|担当者|先生|講師|老师|老師|教师|선생님|교사|강사|מורה|المعلم|المدرس|õpetaja|skolotājs"
    "|mokytojas|guru|pengajar|giáo viên|vedoucí|vedoucí kroužku|vedúci|vedúci krúžku|szakkörvezető|coordonator|îndrumător|voditelj|voditeljica|mentor|mentorica|υπεύθυνος|υπεύθυνη|eğitmen|"
    "руководитель|руководител|керівник|преподавател|juhendaja|vadītājs|pasniedzējs|vadovas|dėstytojas|leiðbeinandi|kennari|þjálfari|athro|athrawes|athro/athrawes|arweinydd|irakaslea|arduraduna|"
    "catedrático|catedrática|formador|formadora|professorat|المدرب|مدرس|معلم|מדריך|מדריכה|מורה/מדריך|phụ trách|người hướng dẫn|pembina|pelatih|kursholder|kursleder|kursledare|ledare|facilitator|"
    "múinteoir|mësuesi|mësues|معلّم|استاد|دبیر|任课教师|授课教师|教員|指導者|담당|담당교사|지도교사|ครู"
)

STUDENTS = (
    "student|students|pupil|pupils|növendék|növendékek|learner|learners|student name|student names|pupil name|learner name|child|children|"
    "participant|participants|attendee|enrolled|member|members|member name|trainee|trainees|apprentice|apprentices|"
    "cadet|player|players|schüler|schülerin|schülername|teilnehmer|élève|élèves|étudiant|étudiante|étudiants|"
    "alumno|alumna|alumnos|estudiante|estudiantes|studente|studenti|allievo|allievi|aluno|aluna|alunos|leerling|"
    "leerlingen|elev|elever|deltaker|deltagere|deltagare|uczeń|uczennica|uczniowie|imię ucznia|žák|žákyně|žiak|žiačka|"
    "tanuló|diák|elevă|elevi|oppilas|oppilaat|oppilaan nimi|öğrenci|öğrenciler|öğrenci adı|ученик|ученица|ученики|учень|"
    "μαθητής|μαθήτρια|μαθητές|učenik|učenica|učenec|učenka|õpilane|skolēns|audzēknis|mokinys|生徒|学生|학생|kind|kinder|"
    "enfant|enfants|niño|niña|bambino|bambina|criança|barn"
)

PLACE = (
    "field|diamond|branch|playing field|boisko|hřiště|ihrisko|pálya|saha|γήπεδο|χώρος|koht|toimumiskoht|vieta|norises vieta|locul|"
    "поле|площадка|rm|rms|wo|où|dónde|dove|onde|waar|hvor|kde|gdzie|missä|cais|muelle|embarcadero|molo|kade|kai|brygga|anleger|steg|ponton|gallery|galleries|stage|theatre|theater|sál|sali|hala|scéna|scena|auditorium|chapel|foyer|bay|"
    "church|churches|parish|kirche|pfarrkirche|église|eglise|paroisse|iglesia|parroquia|chiesa|parrocchia|igreja|kerk|kirke|"
    "kyrka|kirkko|kościół|kostel|templom|mosque|synagogue|temple|centre|center|campus|stadium|arena|clubhouse|boathouse|"
    "berth|quay|pier|dock|gate|platform|meeting point|meet at|meets at|starting point|start point|treffpunkt|"
    "point de rendez-vous|lieu de rendez-vous|punto de encuentro|punto di ritrovo|ritrovo|verzamelpunt|mötesplats|"
    "mødested|oppmøtested|bassäng|bassin|becken|schwimmbecken|schwimmbad|piscine|piscina|vasca|zwembad|svømmehal|basseng|"
    "allas|basen|bazén|swimming pool|turnhalle|sporthalle|gymnase|gimnasio|pabellón|gymzaal|gymnastiksal|idrottshall|"
    "room|rooms|location|place|where|venue|site|building|room number|room no|room name|room code|room id|room location|"
    "venue name|venue code|location name|meeting room|meeting place|classroom|class room|home room|facility|"
    "facility name|space|hall|studio|estúdio|estudio|stúdió|studie|lab|court|pitch|lane|rink|pool|building and room|building room|assigned room|"
    "raum|räume|zimmer|zimmernummer|schulzimmer|klassenzimmer|ort bez|raum bez|saal|raumnummer|ort|salle|salles|lieu|local|aula|aulas|sala|salas|salón|lugar|espacio|luogo|stanza|"
    "veld|velden|zaal|sporthal|baan|terrein|halle|platz|spielfeld|terrain|campo|cancha|pista|palestra|campi|kenttä|halli|tila|"
    "klasopracownia|tanterem|rom|kabinets|kabinetas|кабінет|аудиторія|soba|miesto|hely|loc|locație|sijainti|mekan|"
    "mjesto|място|địa điểm|luokkahuone|učebna|místnost|učebňa|miestnosť|terem|helyiség|sala lekcyjna|derslik|salon|аудитория|кабинет|зал|αίθουσα|"
    "lokaal|ruimte|plaats|lokale|lokal|lokaler|rum|sted|plats|sal|salar|saler|klassrum|klasserom|klasselokale|paikka|miejsce|místo|helyszín|yer|место|місце|τόπος|"
    "מקום|المكان|場所|会場|地点|地點|장소"
    "|教室|部屋|教室名|강의실|교실|חדר|القاعة|učionica|dvorana|sală|sala de clasă|cabinet|kabinet|kancelář|klassiruum|ruum"
    "|telpa|kambarys|ruang|ruangan|phòng|espai|stofa|staður|staðsetning|ystafell|lleoliad|gela|lekua|tokia|tempat|lokasi|bilik|seomra|áit|dhoma|klasa e mësimit|مكان|اتاق|محل|מיקום|kabinets|kabinetas|auditorija|"
    "pavilhão|ginásio|hal|csarnok|pályarész|teren|terenul|igralište|stadion|kentät|γήπεδα|lloc|стая|място на провеждане|локация|место проведения|місце проведення|κτίριο|prostor|prostorija|lokacija|terem neve|helyiség neve|ห้อง"
)

CLASS = (
    "class|classes|section|sections|class code|class name|section id|section code|class section|course section|crn|"
    "form|set|class id|section name|section number|section identifier|section no|class identifier|class number|"
    "class no|class group|teaching group|teaching set|lesson class|form group|form class|cohort|stream|"
    "course section id|sec|section ref|class ref|class reference|class list|course reference number|"
    "klasse|klassen|kurs|lerngruppe|classe|classes|groupe classe|division de classe|curso|grupo clase|clase|clases|"
    "kursnr|kurs nr|kursnummer|kurs nummer|kurscode|n° de cours|numéro de cours|número de curso|cursusnummer|"
    "sezione|turma|turmas|klas|klassen|lesgroep|hold|klass|klasser"
    "|sınıf|sınıflar|şube|klasa|klasy|oddział|třída|třídy|trieda|osztály|clasă|clasa|luokka|τάξη|τμήμα|razred"
    "|odjeljenje|odeljenje|класс|клас|クラス|学級|班级|班級|반|학급|כיתה|الصف|الفصل|klase|klasė|kelas|lớp|grup classe|bekkur|dosbarth|taldea|taldeak|gela taldea|klasa/grupi|скупина|група|група/клас|паралелка|группа|صف|کلاس|קבוצת לימוד|groep/klas|grupa|grupė|rühm|lớp học|razred/odjeljenje|ชั้นเรียน"
)

PERFORMANCE = (
    "production|show|play|performance|concert|film|exhibition|vorstellung|aufführung|représentation|spectacle|función|"
    "espectáculo|película|spettacolo|espetáculo|voorstelling|föreställning|forestilling|esitys|näytös|przedstawienie|"
    "spektakl|představení|predstavenie|előadás|spectacol|predstava|представление|спектакль|παράσταση"
)

SUBJECTS = (
    "aine|ders|dersler|предмет|дисциплина|μάθημα|disciplină|materie|nastavni predmet|õppeaine|priekšmets|dalykas|科目|教科|"
    "课程|과목|מקצוע|المادة|mata pelajaran|môn|môn học|assignatura|matèria|námsgrein|pwnc|ikasgaia|lënda|ábhar|درس"
)
"""What is taught, in languages whose words head nothing else: the title of an exam."""

COURSE = (
    "course|courses|subject|subjects|course name|subject name|course title|course description|course code|course number|"
    "course id|course no|subject code|class title|class description|unit of study|discipline|module title|module name|"
    "programme|cursus|cursussen|paper|course identifier|subject area|fach|fächer|unterrichtsfach|kursname|titel|titre|título|titulo|titolo|tytuł|název|názov|otsikko|tittel|naslov|bezeichnung|matière|matières|enseignement|kurstitel|kursbezeichnung|kursthema|kursangebot|lehrgang|intitulé|"
    "intitulé du cours|titre du cours|título del curso|nombre del curso|titolo del corso|nome del corso|cursustitel|"
    "cursusnaam|kursustitel|kursusnavn|kursnamn|kurstittel|kursnavn|nazwa kursu|název kurzu|"
    "cours|asignatura|asignaturas|materia|materias|disciplina|disciplinas|corso|insegnamento|vak|vakken|fag|ämne|ämnen|"
    "kursus|lesson title|lesson|activity|title|workshop|workshops|rehearsal|rehearsals|taster|ensemble|choir|orchestra|veranstaltung|lehrveranstaltung|veranstaltungstitel|vorlesung|przedmiot|"
    "kurssi|kurz|kurzy|kurzus|przedmioty|předmět|predmet|tantárgy|oppiaine|ders adı"
    "|mokomasis dalykas|授業|授業名|課程"
    "|学科|assignatures|námskeið|cwrs|ikastaroa|kroužek|krúžok|szakkör|foglalkozás|cerc|radionica|krožek|όμιλος|кружок|гурток|заняття|занятие|школа по интереси|"
    "huviring|pulciņš|nodarbība|būrelis|užsiėmimas|taller|oficina|atelier|kegiatan|ekstrakurikuler|kelab|clwb|tailerra|câu lạc bộ|hoạt động|חוג|הרצאה|الدورة|النشاط|zajęcia|zajęcia dodatkowe|"
    "lënda mësimore|מקצוע לימוד|aktywność|aktivita|aktivnost|dejavnost|講座|講義|강좌|강의|兴趣班|วิชา|mācību priekšmets|ugdymo dalykas"
    "|ue|ecue|élément constitutif|unité d'enseignement|unité|lva|lv-titel|lv titel|emne|opleidingsonderdeel|olod|předměty|učební předmět"
    f"|{SUBJECTS}|instrument|instruments|instrumento|strumento|soitin|hangszer|nástroj|инструмент|çalgı|{PERFORMANCE}"
)

DIVISION = (
    "division|divisions|school|school section|school level|school name|school id|campus|campus name|site|phase|stage|"
    "unit|years|grades|year group|level|shift|turno|turnos|turno escolar|house|key stage|grade band|school division|"
    "school part|department|wing|section of school|schulform|schulteil|schulstufe|stufe|abteilung|niveau|cycle scolaire|"
    "nivel|etapa|livello|plesso|sede|nível|ciclo de ensino|afdeling|bouw|locatie|afdeling/locatie|avdeling|trinn|stadium"
)

TERM = (
    "học kỳ|الفصل|الفصل الدراسي|önn|annir|tymor|tymhorau|hiruhilekoa|lauhilekoa|срок|учебен срок|pusmetis|semestris|pusgads|poolaasta|õppeveerand|modulul|módulo lectivo|ocenjevalno obdobje|konferenca|"
    "neljännes|období školního roku|klasifikační období|klasyfikacja|évharmad|negyedév|ciclo escolar|período lectivo|período letivo|tréimhse|gjysmëvjetor|gjysmëvjetori|simestri|نیمسال|ภาคเรียน|فصل|السنة الدراسية|סמסטר|מחצית|שנת לימודים|τετράμηνο|学期|学期名|학기|term|terms|semester|quarter|trimester|marking period|marking periods|grading period|grading periods|half term|"
    "half-term|academic term|academic period|academic session|reporting period|term code|term name|term id|session code|"
    "okres|období|obdobie|időszak|perioadă|periood|periods|период|період|razdoblje|"
    "part of term|school term|season|block of year|halbjahr|schulhalbjahr|trimestre|semestre|période|periodo|período|"
    "quadrimestre|cuatrimestre|bimestre|blok|periode|termin|semester/termin|läsperiod|jakso|semestr|trymestr|pololetí|pololetie|"
    "félév|lukukausi|dönem|полугодие|четверть|семестр|триместр|εξάμηνο|τρίμηνο|polugodište|polrok|termin/semester|"
    "seizoen|seizoenen|saison|temporada|stagione|säsong|sesong|sæson|sezon|sezona|kausi|school year|academic year|"
    "schooljaar|schuljahr|kindergartenjahr|année scolaire|año escolar|año lectivo|curso escolar|anno scolastico|"
    "ano letivo|läsår|skoleår|skolår|lukuvuosi|rok szkolny|školní rok|školský rok|tanév"
)

DAY = (
    "day|days|cycle day|cycle days|rotation day|day letter|letter day|day code|day of cycle|day number|day no|"
    "meeting days|meeting day|meets on|class days|class day|lesson day|lesson days|days met|days of week|day pattern|"
    "day(s) met|dow|weekday|weekdays|day of week|day of the week|week day|week days|tag|tage|wochentag|wochentage|"
    "unterrichtstag|jour|jours|jour de la semaine|día|días|día de la semana|dia|dias|dia da semana|giorno|giorni|"
    "giorno della settimana|dag|dagen|dage|dagar|dager|weekdag|ugedag|ukedag|veckodag|lesdag"
    "|gün|günler|dzień|dni|dzień tygodnia|den|dny|den v týdnu|deň|nap|napok|zi|ziua|zile|päivä|päivät|viikonpäivä"
    "|ημέρα|μέρα|dan|dan u tjednu|dan u nedelji|день|день недели|день тижня|ден|曜日|曜|星期|周几|요일|יום|اليوم|päev"
    "|nädalapäev|diena|nedēļas diena|savaitės diena|hari|thứ|dia de la setmana|dagur|vikudagur|diwrnod|dydd|eguna|egunak|asteguna|lá|dita|dita e javës|روز|ngày trong tuần|dienos|päevad|dani|dnevi|días de clase|วัน"
)

WEEKDAY = (
    "weekday|week day|day of week|day of the week|dow|wochentag|jour de la semaine|día de la semana|dia da semana|"
    "giorno della settimana|weekdag|ugedag|ukedag|veckodag"
    "|haftanın günü|dzień tygodnia|den v týdnu|deň v týždni|ziua săptămânii|viikonpäivä|ημέρα της εβδομάδας"
    "|dan u tjednu|день недели|день тижня|曜日|星期|요일"
)

PERIOD = (
    "période|périodes|"
    "period|periods|block|blocks|lesson|bell|slot|pd|per|period number|period no|period name|class period|hour|time slot|"
    "lesson number|lesson no|module|mod|mods|period code|period id|teaching period|timetable period|teaching block|"
    "stunde|stunden|std|unterrichtsstunde|stundennummer|block nr|heure de cours|séance|créneau|n° de séance|sesión|"
    "módulo|tramo|tramo horario|franja|bloque|ora di lezione|unità oraria|tempo|aula nº|lesuur|uur|lesblok|lektion|"
    "time nr|økt|lektionsnummer|modul|lekcja|lekcje|nr lekcji|numer lekcji|godzina lekcyjna|vyučovací hodina|hodina|"
    "hodiny|číslo hodiny|óra|óraszám|tunti|oppitunti|ders saati|урок|номер урока|ώρα|lektion nr|ura|sat"
    "|ders no|kaçıncı ders|tanóra|διδακτική ώρα|školski sat|№ урока|時限|校時|節|第几节|节次|교시|שיעור|الحصة|tund|stunda"
    "|pamoka|jam ke|tiết|tími|kennslustund|gwers|saioa|jam pelajaran|jam ke-|tiết học|上课节次|课节|時間目|コマ|차시|حصة|زنگ|ora mësimore|sesija|lekcija|lekcija nr|pamokos nr|stundas nr|"
    "clase nº|nº de aula|sessió|franja horària|vyučovacia hodina|nr lekcji|lekcja nr|урок №|номер уроку|tunni nr|školski čas|šolska ura"
)

WEEK = (
    "week|weeks|week letter|letter|a/b|week a/b|ab week|week type|week pattern|week cycle|rotation week|fortnight|"
    "timetable week|week code|woche|wochen|wochentyp|a/b-woche|semaine|semaines|semana|semanas|settimana|settimane|"
    "weken|uge|uger|uke|uker|vecka|veckor|týden|týdny|týždeň|tydzień|tygodnie|hét|hetek|viikko|viikot|săptămâna|săptămână|"
    "неделя|недели|тиждень|тижні|седмица|εβδομάδα|εβδομάδες|tjedan|nedelja|teden|nädal|nedēļa|savaitė|hafta|setmana|週|周|주|"
    "שבוע|الأسبوع|أسبوع|parita|sudý lichý|parzystość"
)

LENGTH = (
    "duration|length|minutes|mins|minuten|minutos|minuti|minuter|minutter|how long|lasts|dur|dauer|länge|durée|duración|durata|duração|duur|lengte|længde|varighed|"
    "varighet|varaktighet|längd|kesto|czas trwania|délka|dĺžka|időtartam|süre|длительность|продолжительность|διάρκεια|"
    "المدة|所要時間|时长|時長"
)

NOTES = (
    "description|notes|note|details|detail|comments|comment|remarks|remark|info|information|memo|further information|"
    "additional information|more information|beschreibung|notizen|bemerkung|bemerkungen|anmerkung|anmerkungen|hinweis|"
    "hinweise|remarques|remarque|commentaire|commentaires|descripción|descripcion|notas|nota|observaciones|observações|"
    "descrizione|note aggiuntive|osservazioni|beschrijving|opmerkingen|opmerking|bemærkning|bemærkninger|merknad|"
    "merknader|anmärkning|anmärkningar|kommentar|kommentarer|huom|lisätiedot|uwagi|poznámka|poznámky|megjegyzés|"
    "açıklama|примечание|примітка|σημειώσεις|ملاحظات|備考|备注|備註|비고"
)

STATUS = (
    "status|state|class status|section status|course status|meeting status|enrollment status|enrolment status|"
    "active|is active|running|runs|section state|registration status|stand|zustand|statut|état|estado|stato|situação|"
    "situatie|tilstand"
)

NAME = (
    "名称|名前|名|이름|name|names|title|what|label|event|description|occasion|reason|bezeichnung|name der veranstaltung|titel|anlass|grund|"
    "nom|intitulé|libellé|motif|nombre|título|motivo|denominación|nome|titolo|descrizione|denominazione|titre|naam|"
    "omschrijving|reden|navn|benævnelse|navn på|namn|benämning|årsag|anledning|tapahtuma|"
    "podujatie|názov|eveniment|titlu|händelse|begivenhed|arrangement|hendelse|захід|događaj|dogodek|събитие|sự kiện|"
    "wydarzenie|tytuł|událost|název|akce|esemény|etkinlik|renginys|pasākums|sündmus|üritus|başlık|мероприятие|событие|название|подія|εκδήλωση|אירוע|"
    "الحدث|العنوان|行事|イベント|予定|件名|活动|活動|标题|標題|행사|제목"
    "|tatil adı|nazwa|nazwa święta|dzień wolny|denumire|denumirea|nimi|naziv|наименование|назва|megnevezés|pavadinimas|nosaukums|nimetus|enw|izena|keterangan|nama|tên|heiti|lýsing|nom de la festa|όνομα|περιγραφή|emri|عنوان|تیتر|שם|תיאור|المناسبة|الاسم|البيان|descripció"
)

EMAIL = (
    "email|e-mail|email address|e-mail address|mail|mail address|mailaddress|work email|school email|contact email|"
    "e-mail-adresse|mailadresse|adresse électronique|courriel|correo|correo electrónico|posta elettronica|e-mailadres|"
    "e-post|epost|epostadresse"
)

ACTIVITIES = (
    r"(?:(?:after[- ]school|swimming|dance|music|evening|weekly|regular|junior|senior)\s+)?(?:"
    r"class(?:es)?|lessons?|sessions?|meetings?|training|practices?|rehearsals?|school|courses?|clubs?|activit(?:y|ies)|tutoring|"
    r"swimming|games?|matches|fixtures?|tuition|teaching|lectures?|tutorials?|workshops?|services?|clinics?|coaching|"
    r"unterricht|kurse?|stunden|training|proben?|treffen|ags?|angebote|betrieb|cours|ateliers?|activités?|entraînements?|"
    r"répétitions?|séances?|clases?|actividades|entrenamientos?|talleres|ensayos?|lezion[ei]|corsi|attività|allenament[oi]|"
    r"lessen|les|training(?:en)?|repetities|undervisning|lektioner|träning|träningar|kurser|trening|trenings?|aulas?|treinos?|"
    r"vuoroja|vuorot|tunteja|opetusta|harjoituksia|treenejä|kerhoa|zajęć|zajęcia|lekcji|treningów|treningu|výuk[ay]|tréninky?|"
    r"óra|órák|edzés(?:ek)?|tanítás|foglalkozás)"
)
"""What goes on week by week, as a note calls it that says when it does not."""
NONE_OF = (
    r"(?:no|kein\w*|pas de|sin|nessun\w*|geen|ingen|inga|sem|ei|ei ole|brak|není|nejsou|nincs(?:enek)?|nema|нет|няма)"
)
"""What stands ahead of it where it does not go on."""
NOT_HELD = (
    "no class|no classes|no lesson|no lessons|no session|no sessions|no meeting|no practice|no training|no rehearsal|"
    "cancelled on|kein unterricht|kein kurs|kein training|entfällt am|pas de cours|sin clase|sin clases|senza lezione|"
    "geen les|geen lessen|geen training|ingen undervisning|ingen træning|ingen trening|ingen träning|ei tuntia"
)
"""What heads the dates on which the row beside them is not held."""
CLOSED = (
    r"closed|closes|closures?|exeats?|mid-?term(?! (?:exam|test|report|grade|assess|paper|mark)\w*)|"
    r"holidays?|break|vacations?|half[- ]term|inset|p\.?d\.? days?|days? off|"
    r"no (?:school|class(?:es)?|lessons?|training|sessions?)|bank holiday|feiertage?|"
    r"geen les(?:sen)?|kein(?:e)? (?:unterricht|kurse?|training)|pas de cours|ingen (?:undervisning|träning|trening)|"
    r"vacances|congés?|férié|festivos?|vacaciones|puente|ponte|carnevale|carnaval|immacolata|ognissanti|toussaint|"
    r"chiusur\w+|fermetur\w+|schließ\w*|cierres?|encerr\w*|stängt?|"
    r"feriados?|férias|vacanze|festa|festività|\w*ferie[nr]?|helligdag|\w*vakantie\w*|vrije?|"
    r"\w*lov(?:et)?|helgdag(?:ar)?|röda dagar|skolfritt|"
    r"(?:dni|dzień) woln[ey]|woln[ey]|przerwa|święt\w+|prázdnin\w*|svátk\w*|volno|szünet\w*|szünnap\w*|"
    r"\w*loma[ts]?|vapaat?|vapaapäiv\w*|tatil\w*|αργί\w+|διακοπές|каникул\w*|праздник\w*|выходн\w+|канікул\w*|vacan[tț]\w*|"
    r"\w*vahea(?:eg|jad)|puhkus|brīvlaiks|brīvdien\w*|atostog\w*|"
    r"počitnice|raspust|recess|reading (?:week|day)|training days?|"
    r"(?:schul|unterrichts|vorlesungs|lehrveranstaltungs|kurs|dienst)\w*frei\w*|(?:college|les)vrij\w*|"
    r"undervisningsfri\w*|skolefri\w*|fridag\w*|elev(?:er|ene|erne)? (?:har )?fri|planleggingsdag\w*|"
    r"planlægningsdag\w*|studiedag\w*|kompetensdag\w*|margedag\w*|journée pédagogique|pont d[eu]|no lectivos?|"
    r"sospension\w+|pädagogischer tag|"
    r"non[- ]?teaching|no[nt]?[- ](?:school|class|contact|instructional)[- ]days?|no teaching|"
    r"(?:pupil|student)s?[- ]free|"
    r"\S*(?:休|祝日|假|节日|節日)\S*|nghỉ(?: \w+)?|p\.?a\.? days?|\S*휴(?:일|업)\S*|sans (?:cours|classe)|sin clases?|"
    r"senza lezioni|sem aulas|shut ?downs?|"
    r"geschlossen|gesperrt\w*|fermée?s?|cerrad[oa]s?|chius[oaie]|fechad[oa]s?|gesloten|lukkede?|stengte?|suljettu|zavřen\w*|zamknięt\w+|zárva|"
    r"lukket|lukkedag\w*|interru\w+|(?:\w+ )?ünnep(?:nap\w*)?|munkaszünet\w*|zi(?:le)? liber\w+|sărbăto\w+|închis\w*|"
    r"(?:neradn|slobodn)\w+ dan\w*|pouka prost\w*|вихідн\w+|неучебн\w+|pausas? letivas?|diens? festius?|kinni\w*|"
    r"prazni[kc]\w*|odmor\w*|blagdan\w*|nenastavn\w+|ваканци\w*|почивн\w+|празни[кц]\w*|свят\w+|распуст\w*|frídag\w*|\w*frí|"
    r"starfsdag\w*|gwyliau|hanner tymor|diwrnod hms|\w*jai(?:a|ak|egun\w*)|opor\w*|zubia|jaieguna\w*|cuti\w*|libur\w*|saoire|"
    r"pushim\w*|asuetos?|(?:días? )?inhábil(?:es)?|suspensi\w+ de (?:labores|clases|actividades)|días? libres?|recesos?|dies? no lectius?|"
    r"festius?|pont d\S+|\S*(?:חופש|חג|פגר)\S*|\S*(?:عطل|إجاز|اجاز|تعطیل)\S*|วันหยุด\S*|"
    r"(?:mokinių )?atostog\w*|nedarb\w*|šventin\w*|brīv\w*|svētk\w*|koolivahea\w*|(?:riigi)?püha\w*|vaba päev\w*|"
    r"koulutuspäiv\w*|suunnittelupäiv\w*|veso|dyrektorsk\w+|ředitelsk\w+ volno|riaditeľsk\w+ voľn\w*|voľno|tanításmentes|"
    r"tanítás nélkül\w*"
)
"""The words, as alternatives of an expression, that say of whatever they name that the school is closed."""

BREAKS = frozenset(
    "break|lunch|recess|lunch break|morning break|morning tea|afternoon tea|afternoon break|"
    "passing|pause|tea|snack|mittagspause|récréation|récré|recreo|intervallo|intervalo|lanche|merenda|midday break|"
    "ricreazione|pauze|rast|lunchrast|frikvarter|pausa|grote pauze|kleine pauze|große pause|hofpause|frühstückspause|"
    "pause déjeuner|déjeuner|almuerzo|pranzo|almoço|recreio|friminutt|storefri|lillefri|spisefri|spisepause|matpause|"
    "lunsj|frokost|frukost|välitunti|przerwa|obiad|přestávka|oběd|prestávka|szünet|ebédszünet|teneffüs|öğle arası|"
    "перемена".split("|")
)
"""What stands in the cells of a timetable where nobody is taught."""
