"""A workbook read on trial, in a process of its own: what takes the reader down takes down nothing else.

Workbooks of the old form (xls) have no structure that we look through beforehand, and the library's compiled reader
asks for a whole rectangle of cells at once: a single cell far away aborts its process, past any ``except``.
"""

from __future__ import annotations

import subprocess
import sys

MOST_MEMORY = 1_000_000_000
"""Octets that the reading of one workbook may take."""
LONGEST = 10
"""Seconds that it may take."""

_TRIAL = """
import sys
from io import BytesIO
try:
    import resource
    resource.setrlimit(resource.RLIMIT_AS, (int(sys.argv[1]),) * 2)
    resource.setrlimit(resource.RLIMIT_CORE, (0, 0))
except (ImportError, OSError, ValueError):
    pass
from python_calamine import load_workbook
try:
    book = load_workbook(BytesIO(sys.stdin.buffer.read()))
    for sheet in book.sheets_metadata:
        book.get_sheet_by_name(sheet.name).to_python(skip_empty_area=False)
except MemoryError:
    sys.exit(3)
except BaseException:
    pass  # what it raises it raises for us, too, and is told there
"""


def survives(data: bytes) -> bool:
    """Tell whether a workbook can be read within bounds; what is wrong with it otherwise is not looked at."""
    call = [sys.executable, "-I", "-c", _TRIAL, str(MOST_MEMORY)]
    try:
        done = subprocess.run(
            call, input=data, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, timeout=LONGEST, check=False
        )
    except subprocess.TimeoutExpired:
        return False
    except OSError:  # no process can be started here: the direct way is all there is
        return True
    return done.returncode == 0
