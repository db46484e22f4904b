"""What users read when something is wrong, word for word."""

import pytest
from typer.testing import CliRunner

from nomarium.cli.app import app

TOLD = [
    (
        "Title,Date\nA,04/12/2026\nB,05/12/2026\n",
        (),
        (
            "error    s.csv, B2 “04/12/2026”\n"
            "         This is 4 December 2026 or 12 April 2026, and nothing in column B “Date” proves which; 2 rows would differ.\n"
            "         Say which: --dates dmy (the day first), --dates mdy (the month first).\n"
        ),
    ),
    (
        "Title,Date\nA,21/09/2026\nB,09/21/2026\n",
        (),
        (
            "error    s.csv, B2\n"
            "         The dates in column B “Date” contradict each other: B2 “21/09/2026” can't have the month first; B3 “09/21/2026” can't have the day first.\n"
            "         Correct the cells that are wrong, or say which order holds with --dates; the others are then named.\n"
        ),
    ),
    (
        "Title,Date\nA,2026-04-12\nB,25/12/2026\n",
        (),
        (
            "error    s.csv, B2 “2026-04-12”\n"
            "         A spreadsheet program seems to have exchanged day and month in some cells of column B “Date”: B3 “25/12/2026” stayed text, which proves the order, while no date that became one has a day past 12: B2 is 2026-04-12, and was perhaps meant as 2026-12-04.\n"
            "         Compare with the original: --typed-dates swap changes them back, --typed-dates keep leaves them.\n"
        ),
    ),
    (
        "Title,Date\nA,31/02/2027\nB,21/2/2027\n",
        (),
        (
            "error    s.csv, B2 “31/02/2027”\n"
            "         There is no such date: February 2027 has 28 days. Read as day/month/year.\n"
            "         Correct the cell, or leave its row out with --keep-going.\n"
        ),
    ),
    (
        "Title,Date\nA,Mon 8 Sep 2026\n",
        (),
        (
            "error    s.csv, B2 “Mon 8 Sep 2026”\n"
            "         8 September 2026 is a Tuesday, not a Monday.\n"
            "         Correct the cell, or leave its row out with --keep-going.\n"
        ),
    ),
    (
        "Title,Date\nA,8 Sep\n",
        (),
        (
            "error    s.csv, B2 “8 Sep”\n"
            "         This date has no year.\n"
            "         Expected: A date with its year.\n"
            "         Say what the sheet is about, such as --within 2026-09-01..2027-06-30, or write the year.\n"
        ),
    ),
    (
        "Title,Date\nA,8 Sep\n",
        ("--within", "2026-09-01..2028-06-30"),
        (
            "error    s.csv, B2 “8 Sep”\n"
            "         This date has no year, and falls 2 times into the span stated.\n"
            "         Expected: A span of less than a year.\n"
            "         Shorten --within, or write the year into the cell.\n"
        ),
    ),
    (
        "Title,Date\nA,12 Sept 2026 – 8 Sept 2026\n",
        (),
        (
            "error    s.csv, B2 “12 Sept 2026 – 8 Sept 2026”\n"
            "         8 September 2026 is before 12 September 2026.\n"
            "         Correct the cell, or leave its row out with --keep-going.\n"
        ),
    ),
    (
        "Title,Date,Start,End\nA,2026-09-08,14:00,13:00\n",
        (),
        (
            "error    s.csv, D2 “2026-09-08 14:00 13:00”\n"
            "         The event ends at 13:00, before it starts at 14:00.\n"
            "         Correct the row, or leave it out with --keep-going.\n"
        ),
    ),
    (
        "Title,Date,End\nA,2026-09-08,13:00\n",
        (),
        (
            "error    s.csv, C2 “2026-09-08 13:00”\n"
            "         The event has an end time, but no start time.\n"
            "         Correct the row, or leave it out with --keep-going.\n"
        ),
    ),
    (
        "Title,Start,Last day\nA,2026-09-08 9:00,2026-09-10\n",
        (),
        (
            "error    s.csv, B2 “2026-09-08 9:00 2026-09-10”\n"
            "         The event has a start time and ends on Thu 10 Sep 2026, but at what time?\n"
            "         Write the end time, or take the start time out.\n"
        ),
    ),
    (
        "Title,Date,Start,End,Duration\nA,2026-09-08,9:00,10:00,2h\n",
        (),
        (
            "error    s.csv, D2 “2026-09-08 9:00 10:00”\n"
            "         The length does not fit the times from 09:00 to 10:00.\n"
            "         Correct the row, or leave it out with --keep-going.\n"
        ),
    ),
    (
        "Title,Start,Time\nA,2026-09-08 9:00,10:00\n",
        (),
        (
            "error    s.csv, B2 “2026-09-08 9:00 10:00”\n"
            "         The row says both 9:00 and 10:00.\n"
            "         Correct the row, or leave it out with --keep-going.\n"
        ),
    ),
    (
        "Title,Date,Time\nA,2027-03-14,02:30\n",
        (),
        (
            "error    s.csv, C2 “2027-03-14 02:30”\n"
            "         02:30 does not exist on Sun 14 Mar 2027 in America/Halifax: the clock is put forward over it.\n"
            "         Correct the row, or leave it out with --keep-going.\n"
            "warning  s.csv, C2 “2027-03-14 02:30”\n"
            "         The event starts at 02:30, in the night.\n"
            "         If the afternoon is meant, write pm or 24-hour times.\n"
        ),
    ),
    (
        "Title,Date,Time\nA,2026-11-01,01:30\n",
        (),
        (
            "warning  s.csv, C2 “2026-11-01 01:30”\n"
            "         The event starts at 01:30, in the night.\n"
            "         If the afternoon is meant, write pm or 24-hour times.\n"
            "note     s.csv, C2 “2026-11-01 01:30”\n"
            "         01:30 comes twice on Sun 1 Nov 2026 in America/Halifax: the first is taken.\n"
        ),
    ),
    (
        "Title,Date,Start,End\nA,2026-09-08,8 pm,1 am\n",
        (),
        (
            "note     s.csv, D2 “2026-09-08 8 pm 1 am”\n"
            "         The event runs from 20:00 past midnight to 01:00 on the next day.\n"
        ),
    ),
    (
        "Title,Date,Time\nA,2026-09-08,05:30\n",
        (),
        (
            "warning  s.csv, C2 “2026-09-08 05:30”\n"
            "         The event starts at 05:30, in the night.\n"
            "         If the afternoon is meant, write pm or 24-hour times.\n"
        ),
    ),
    (
        "Title,Date,Time,Duration\nA,2026-09-08,9:00,3\n",
        (),
        (
            "error    s.csv, D2 “3”\n"
            "         This is no length of time.\n"
            "         Expected: A length such as 90 min, 1h, 1:30 or 2 days; a bare number needs its unit in the heading: “Minutes”.\n"
            "         Correct the cell, or name the unit in the heading.\n"
        ),
    ),
    (
        "Title,Date,Link\nA,2026-09-08,ask Nell\n",
        (),
        (
            "warning  s.csv, C2 “ask Nell”\n"
            "         This is no web address: it was put below the description instead.\n"
            "         Write the address with https:// in front.\n"
        ),
    ),
    (
        "Id,Title,Date\n7,A,2026-09-08\n7,B,2026-09-09\n",
        (),
        (
            "error    s.csv, A3 “7”\n"
            "         This id stands in A2 too.\n"
            '         Give each event its own, or leave the column alone with --column "Id=".\n'
        ),
    ),
    (
        "Title,Date,Busy\nA,2026-09-08,perhaps\n",
        (),
        (
            "warning  s.csv, C2 “perhaps”\n"
            "         This is neither busy nor free, and the event says nothing of it.\n"
            '         Correct or empty the cell, or say what it means with --value "Busy: perhaps=WORD", or leave the column alone with --column "Busy=".\n'
        ),
    ),
    (
        "Day,Date,Event\nMonday,2026-09-08,A\n",
        (),
        (
            "error    s.csv, B2 “2026-09-08”\n"
            "         Tue 8 Sep 2026 is not the Monday that stands beside it.\n"
            "         Correct the row, or leave it out with --keep-going.\n"
        ),
    ),
    (
        "Title,Name,Date\nA,B,2026-09-08\n",
        (),
        (
            "error    s.csv, B1\n"
            "         Columns A “Title” and B “Name” both seem to be summary.\n"
            '         Leave one alone, such as --column "Name=", or give it another field.\n'
        ),
    ),
    (
        "Strat date,Title\n2026-09-08,A\n",
        (),
        (
            "note     s.csv, A1\n"
            "         Column A “Strat date” was taken for start_date: like “date start”.\n"
            '         --column "Strat date=start_date" confirms it, --column "Strat date=" leaves it alone.\n'
        ),
    ),
    (
        "Title,Date,Foo,Start\nA,2026-09-08,11:00,9:00\n",
        (),
        (
            "warning  s.csv, C1\n"
            "         Column C “Foo” holds dates or times, but was not used.\n"
            '         Say what it is, such as --column "Foo=end_time"; or leave it alone: --column "Foo=".\n'
        ),
    ),
    (
        "Title,Date,Who\nA,2026-09-08,Nell; Jory\n",
        (),
        (
            "note     s.csv, C1\n"
            "         These names have no mail address, so no calendar can invite them: Nell, Jory. They are written as text.\n"
            "         --people FILE gives a sheet of names and addresses.\n"
        ),
    ),
    (
        "Title,Date\nA,2026-09-08\n",
        ("--expect", "24"),
        (
            "error    s.csv\n"
            "         1 event was read, but --expect says 24.\n"
            "         Look for rows left out or refused, or correct the number.\n"
        ),
    ),
    (
        'Title,Date\n"A,2026-09-08\n',
        (),
        (
            "error    s.csv, row 2\n"
            "         A quotation mark opens in this row and never closes, so the rows below can't be told apart.\n"
            "         Close the quotation mark, or take it out.\n"
        ),
    ),
    (
        'Title,Date\n"A" x,2026-09-08\n',
        (),
        (
            "error    s.csv, row 2\n"
            "         In line 2 of the file, text follows a closing quotation mark within the same cell.\n"
            "         Expected: A quotation mark within a quoted cell is written twice.\n"
            "         Write it twice, or take it out.\n"
        ),
    ),
    (
        "Title,Date\nA,2026-09-08,Hall, left\n",
        (),
        (
            "error    s.csv, C2 “Hall”\n"
            "         The row has 4 cells, but there are 2 headings.\n"
            "         Expected: A cell that holds a delimiter within its text stands in quotation marks.\n"
            "         Quote that cell, or give the last column a heading.\n"
        ),
    ),
    (
        "Title,Date,,Event,Start\nA,2026-09-08,,B,2026-09-09\n",
        (),
        (
            "error    s.csv, A1:B2\n"
            "         The sheet has two tables side by side: A1:B2 and D1:E2.\n"
            "         Say which one is meant, such as --range A1:B2, or convert one after the other.\n"
        ),
    ),
    (
        "Title,Date\nA,2026-09-08\nB,2026-09-09\nC,2062-09-10\n",
        (),
        (
            "warning  s.csv, B4 “C”\n"
            "         Sun 10 Sep 2062 is years away from the other dates, around 2026.\n"
            "         Check the year.\n"
        ),
    ),
    (
        "Title,Date,Zone\nA,2026-09-08,Halifax\n",
        (),
        (
            "error    s.csv, C2 “Halifax”\n"
            "         This is no time zone.\n"
            "         Expected: A name such as America/Halifax.\n"
            "         Correct the cell; an empty one means the zone of the file (--zone).\n"
        ),
    ),
]


@pytest.mark.parametrize(("sheet", "options", "words"), TOLD, ids=[case[2].split("\n")[0][:50] for case in TOLD])
def test_messages_name_the_cell_the_value_and_the_way_out(sheet, options, words, tmp_path, monkeypatch):
    monkeypatch.chdir(tmp_path)
    (tmp_path / "s.csv").write_bytes(sheet.encode())
    result = CliRunner().invoke(app, ["convert", "s.csv", "-o", "o.ics", "--zone", "America/Halifax", *options])
    assert result.stderr.split("Nothing  was written")[0] == words
    is_error = words.startswith("error")
    assert result.exit_code == int(is_error)
    assert (tmp_path / "o.ics").exists() is not is_error
