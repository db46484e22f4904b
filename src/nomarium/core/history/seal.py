"""The seal on a build: what it was made of, what it made, and what is said where the next one finds all as it was.

It stands beside the history and is only believed where every file that was read, every file that was made and the
history itself still are what they were, byte for byte. Without it, or where anything differs, all is worked out anew.
"""

from __future__ import annotations

import json
from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass
from hashlib import blake2b
from pathlib import Path

import nomarium
from nomarium.core.history.folder import FOLDER, NAME
from nomarium.core.output import write_below
from nomarium.core.problems import DataRefused

_SEAL = "unchanged.json"
_MOST_BYTES = 1_000_000_000
"""Of all files together: more is read by a build that works them out."""
_BLOCK = 1 << 20
_OWN_EYES = 0o600
"""Only its owner reads it: a report may quote private events."""


@dataclass(frozen=True, slots=True)
class Said:
    """What an unchanged build says: on standard output, and on standard error."""

    out: str
    err: str


@dataclass(frozen=True, slots=True)
class Made:
    """What a build was made of, and what it made."""

    folder: Path
    """The plan's."""
    inputs: Sequence[Path]
    """The files that were read, the plan among them."""
    outputs: Sequence[Path]
    folders: Sequence[Path]
    """The folders that only hold what was made."""
    by_holidays: bool = False
    """Whether it goes by the tables of public holidays, which come with another library."""


def put_seal(made: Made, call: str, said: Said) -> None:
    """Seal a build, unless it reads files outside; ``call`` is all of what was asked that could change a word."""
    inputs, outputs, folders = (_below(made.folder, paths) for paths in (made.inputs, made.outputs, made.folders))
    if inputs is None or outputs is None or folders is None:
        return
    call = f"{call}{_holidays()}" if made.by_holidays else call
    state = _digest(made.folder, call, inputs, outputs, folders)
    if state is None:
        return
    seal = {
        "state": state,
        "holidays": made.by_holidays,
        "inputs": inputs,
        "outputs": outputs,
        "folders": folders,
        "out": said.out,
        "err": said.err,
    }
    path = made.folder / FOLDER / _SEAL
    try:
        path.unlink(missing_ok=True)  # whatever stands there: the place is the history's own
        path.touch(_OWN_EYES)  # the mode that the whole file then has
        write_below(path.parent, [(path, (json.dumps(seal).encode(),))])
    except (OSError, DataRefused):
        return  # a build without a seal is as good: the next one works all out


def sealed(folder: Path, call: str) -> Said | None:
    """Return what is said of an unchanged build; None where there is no seal, or anything is not as it was."""
    try:
        seal = json.loads((folder / FOLDER / _SEAL).read_bytes())
        inputs, outputs, folders = (list(map(str, seal[name])) for name in ("inputs", "outputs", "folders"))
        said = Said(str(seal["out"]), str(seal["err"]))
        stated, by_holidays = seal["state"], bool(seal["holidays"])
    except (OSError, ValueError, TypeError, KeyError, RecursionError):
        return None
    if any(_below(folder, [folder / name for name in names]) != names for names in (inputs, outputs, folders)):
        return None
    call = f"{call}{_holidays()}" if by_holidays else call
    return said if stated == _digest(folder, call, inputs, outputs, folders) else None


def _holidays() -> str:
    """Return which tables of public holidays hold."""
    from importlib.metadata import version

    return f", holidays {version('holidays')}"


def _below(folder: Path, paths: Iterable[Path]) -> list[str] | None:
    """Return paths from a folder on, in order; None where one leads out of it."""
    home = folder.resolve()
    try:
        return sorted({path.resolve().relative_to(home).as_posix() for path in paths})
    except (OSError, ValueError, RuntimeError):
        return None


def _digest(
    folder: Path, call: str, inputs: Sequence[str], outputs: Sequence[str], folders: Sequence[str]
) -> str | None:
    """Return the digest of all that a build hangs on and of all that it made; None where some of it cannot be read."""
    state = blake2b(digest_size=16)
    room = _MOST_BYTES
    try:
        for text in (nomarium.__version__, str(_newest(Path(nomarium.__file__).parent)), call):
            state.update(text.encode() + b"\0")
        for name in (*inputs, *outputs, f"{FOLDER}/{NAME}"):
            path = folder / name
            room -= path.stat().st_size
            if room < 0 or not path.is_file():
                return None
            state.update(name.encode() + b"\0")
            for block in _head(path) if name == f"{FOLDER}/{NAME}" else _blocks(path):
                state.update(block)
        for name in _names(folder, inputs, folders):
            state.update(name.encode() + b"\0")
    except OSError:
        return None
    return state.hexdigest()


def _newest(program: Path) -> int:
    """Return when the program itself was last changed."""
    return max(path.stat().st_mtime_ns for path in program.rglob("*.py"))


def _blocks(path: Path) -> Iterator[bytes]:
    with path.open("rb") as file:
        while block := file.read(_BLOCK):
            yield block


def _head(path: Path) -> Iterator[bytes]:
    """Return what tells one state of the history from another: SQLite counts its changes in the head."""
    with path.open("rb") as file:
        yield file.read(100)


def _names(folder: Path, inputs: Iterable[str], folders: Iterable[str]) -> Iterator[str]:
    """Yield the names beside what was read, and all below the folders of what was made: a new one may count."""
    for name in sorted({str(Path(one).parent) for one in inputs}):
        yield from sorted(path.name for path in (folder / name).iterdir())
    for name in folders:
        yield from sorted(str(path.relative_to(folder)) for path in (folder / name).rglob("*"))
