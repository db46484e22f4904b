"""What the program answers, whole: a digest of each answer stands in answers.json, so that no change passes unseen.

``ANSWERS_TO=DIR pytest tests/test_same_answers.py tests/test_folders_as_kept.py`` writes the answers into DIR instead of
comparing them. Written by two versions of the program, two such folders show with ``diff -r`` what has changed; ``python
tests/answers.py DIR`` then keeps what stands in DIR as right.
"""

import json
import os
import re
import sys
from functools import cache
from hashlib import sha256
from pathlib import Path

KEPT = Path(__file__).with_name("answers.json")
_LAYOUT = re.compile(r"[\W_]+")


def _digest(text):
    """A text's digest, without what a library lays out: blanks, breaks of lines, frames."""
    return sha256(_LAYOUT.sub("", text).encode()).hexdigest()[:12]


@cache
def _kept():
    return json.loads(KEPT.read_text("utf-8"))


def is_as_kept(name, answer, folder):
    """Whether an answer that was given in a folder is the one kept under a name."""
    name, answer = name.replace("/", "_"), answer.replace(str(folder), "")
    if other := os.environ.get("ANSWERS_TO"):
        Path(other).mkdir(parents=True, exist_ok=True)
        Path(other, f"{name}.txt").write_text(answer, "utf-8")
        return True
    return _kept().get(name) == _digest(answer)


if __name__ == "__main__":
    answers = {path.stem: _digest(path.read_text("utf-8")) for path in sorted(Path(sys.argv[1]).glob("*.txt"))}
    KEPT.write_text(json.dumps(answers, ensure_ascii=False, indent=0) + "\n", "utf-8")
