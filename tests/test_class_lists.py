"""Class lists by the open standard (OneRoster, CSV binding), and members who attend for a part of the year."""

import io
import zipfile

import pytest

from conftest import events_in

SESSIONS = "sourcedId,status,dateLastModified,title,type,startDate,endDate,parentSourcedId,schoolYear\n"
FILES = {
    "manifest.csv": "propertyName,value\noneroster.version,1.1\n",
    "academicSessions.csv": SESSIONS
    + "sy,,,2026-27,schoolYear,2026-09-07,2026-12-12,,2027\nt1,,,Autumn,term,2026-09-07,2026-10-26,sy,2027\nt2,,,Winter,term,2026-10-26,2026-12-12,sy,2027\n",
    "courses.csv": "sourcedId,status,dateLastModified,schoolYearSourcedId,title,courseCode,grades,orgSourcedId,subjects,subjectCodes\nc1,,,sy,Planking,PLK,,o1,,\n",
    "classes.csv": "sourcedId,status,dateLastModified,title,grades,courseSourcedId,classCode,classType,location,schoolSourcedId,termSourcedIds,subjects,subjectCodes,periods\n"
    'k1,,,Planking A,,c1,PLK-1,scheduled,Shed,o1,"t1,t2",,,1\nk2,,,Rigging A,,c1,RIG-1,scheduled,Loft,o1,t2,,,2\nk3,tobedeleted,,Old,,c1,OLD-1,scheduled,Loft,o1,t2,,,2\n',
    "users.csv": "sourcedId,status,dateLastModified,enabledUser,orgSourcedIds,role,username,userIds,givenName,familyName,middleName,identifier,email,sms,phone,agentSourcedIds,grades,password\n"
    "u1,,,true,o1,teacher,jp,,Jo,Pell,,,jp@example.org,,5550199,,,hunter2\nu2,,,true,o1,student,al,,Ada,Lund,,,,,,,,\nu3,,,true,o1,student,bh,,Bo,Hult,,,,,,,,\n",
    "enrollments.csv": "sourcedId,status,dateLastModified,classSourcedId,schoolSourcedId,userSourcedId,role,primary,beginDate,endDate\n"
    "e1,,,k1,o1,u1,teacher,true,,\ne2,,,k1,o1,u2,student,,2026-09-07,2026-09-30\ne3,,,k1,o1,u3,student,,,\ne4,,,k2,o1,u2,student,,,\ne5,,,k9,o1,u2,student,,,\n",
}  # fmt: skip
BELLS = "Period,Start,End\n1,8:30,9:15\n2,9:20,10:05\n"
CLOSED = "Holiday,From,To\nFounders' day,2026-10-09,\n"
TIMETABLE = "Class,Day,Period\nPLK-1,Mon,1\nRIG-1,Tue,2\n"


def zipped(files):
    """A zip of some files, in a folder of its own as many systems write it."""
    data = io.BytesIO()
    with zipfile.ZipFile(data, "w") as archive:
        for name, text in files.items():
            archive.writestr(f"export/{name}", text)
    return data.getvalue()


def put_lists(desk, form, files=FILES):
    """Put class lists into the desk's folder, and return what a user would name."""
    if form == "zip":
        return [desk.put("lists.zip", zipped(files))]
    (desk.folder / "lists").mkdir()
    for name, text in files.items():
        (desk.folder / "lists" / name).write_text(text, "utf-8")
    return ["lists"] if form == "folder" else [f"lists/{name}" for name in files]


def dates_of(desk, *path):
    return [f"{event['DTSTART'].dt:%m-%d %H:%M}" for event in events_in(desk.folder.joinpath("calendars", *path))]


@pytest.mark.parametrize("form", ["zip", "folder", "files"])
def test_keys_are_followed_and_members_attend_from_when_to_when(desk, form):
    named = put_lists(desk, form)
    sheets = {"closed.csv": CLOSED, "bells.csv": BELLS, "timetable.csv": TIMETABLE}
    for name, text in sheets.items():
        desk.put(name, text)
    assert desk.run("new", ".", *named, *sheets, "--zone", "America/Halifax").status == 0
    built = desk.run("build", "--json")
    codes = {problem["code"] for problem in built.report["problems"]}
    assert {"inactive-rows", "session-ends", "keys-lead-nowhere"} <= codes
    assert dates_of(desk, "students", "Ada Lund.ics") == [
        *(f"09-{day:02} 08:30" for day in (7, 14, 21, 28)),
        *(f"{day} 09:20" for day in ("10-27", "11-03", "11-10", "11-17", "11-24", "12-01", "12-08")),
    ]
    assert len(dates_of(desk, "students", "Bo Hult.ics")) == 14
    assert dates_of(desk, "teachers", "Jo Pell.ics") == dates_of(desk, "students", "Bo Hult.ics")
    assert (desk.folder / "calendars" / "rooms" / "Shed.ics").exists()
    written = "".join(path.read_text("utf-8") for path in desk.folder.rglob("*") if path.suffix in (".ics", ".toml"))
    assert "hunter2" not in written
    assert "5550199" not in written


def test_without_a_timetable_the_periods_of_classes_are_of_every_day(desk):
    named = put_lists(desk, "zip")
    for name, text in {"closed.csv": CLOSED, "bells.csv": BELLS}.items():
        desk.put(name, text)
    assert desk.run("new", ".", *named, "closed.csv", "bells.csv", "--zone", "America/Halifax").status == 0
    assert desk.run("build").status == 0
    assert dates_of(desk, "classes", "PLK-1.ics")[:2] == ["09-07 08:30", "09-08 08:30"]
    assert len(dates_of(desk, "classes", "RIG-1.ics")) == 35


BAD = {
    "a session that ends on its last day": ({"academicSessions.csv": SESSIONS + "t1,,,Autumn,term,2026-09-07,2026-12-11,,2027\n"}, "session-ends"),
    "a file in another encoding": ({"users.csv": FILES["users.csv"].replace("Hult", "H\xfclt").encode("latin-1")}, "encoding"),
    "nothing that is active": ({"classes.csv": FILES["classes.csv"].replace(",,,", ",tobedeleted,,", 3)}, "inactive-rows"),
}  # fmt: skip


@pytest.mark.parametrize("name", BAD)
def test_what_stands_in_a_file_of_the_standard_is_told(desk, name):
    changed, code = BAD[name]
    desk.put("lists.zip", zipped({**FILES, **changed}))
    desk.put(
        "nomarium.toml",
        '[school]\nzone = "America/Halifax"\n[year]\nterms = { file = "lists.zip", sheet = "academicSessions.csv" }\n[classes]\nlists = { file = "lists.zip", sheet = "classes.csv" }\n[sources.t]\nsheets = "timetable.csv"\n',
    )
    desk.put("timetable.csv", "Class,Day,Start,End\nPLK-1,Mon,9:00,10:00\n")
    assert code in {problem["code"] for problem in desk.run("check", "--json").report["problems"]}


def test_a_cut_zip_is_refused_by_name(desk):
    desk.put("lists.zip", zipped(FILES)[:400])
    run = desk.run("inspect", "lists.zip")
    assert run.status == 1
    assert "lists.zip" in run.err


def test_an_update_offers_what_a_plan_lacks_and_changes_nothing_else(desk):
    for name, text in {
        "terms.csv": "Term,First day,Last day\nAutumn,2026-09-07,2026-12-11\n",
        "closed.csv": CLOSED,
        "lessons.csv": "Class,Day,Start,End\nPLK-1,Mon,9:00,10:00\n",
    }.items():
        desk.put(name, text)
    assert desk.run("new", ".", "terms.csv", "closed.csv", "lessons.csv", "--zone", "America/Halifax").status == 0
    plan = desk.folder / "nomarium.toml"
    mine = plan.read_text("utf-8") + "# my own remark\n"
    plan.write_text(mine, "utf-8")
    desk.put("gala.csv", "Title,Date,Start,End\nGala,2026-09-15,18:00,20:00\n")
    desk.put("storm.csv", "Closed for,From,To\nStorm,2026-09-21,2026-09-21\n")
    every = ("terms.csv", "closed.csv", "lessons.csv", "gala.csv", "storm.csv")
    offered = desk.run("new", ".", *every, "--update", "--json").report["offered"]
    assert "# [sources.gala]" in offered
    assert '# closures = ["closed.csv", "storm.csv"]' in offered
    assert plan.read_text("utf-8").startswith(mine)
    once = plan.read_text("utf-8")
    desk.run("new", ".", *every, "--update")
    assert plan.read_text("utf-8") == once
    assert "Nothing  is new" in desk.run("new", ".", *every[:3], "--update").out
    desk.put("stores.csv", "Item,Shelf\nRope,B2\n")
    alone = desk.run("new", ".", "storm.csv", "stores.csv", "--update", "--json").report
    assert alone["offered"] == ["# [year]", '# closures = ["storm.csv", "closed.csv"]']
    assert alone["not_placed"] == ["stores.csv"]
    assert desk.run("new", ".", *every).status == 2
    assert desk.run("new", "elsewhere", *every, "--update").status == 2
