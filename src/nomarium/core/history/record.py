"""A build and what was given out before → what changes, what is written, what the history keeps."""

from __future__ import annotations

from collections.abc import Collection, Iterable, Iterator, Mapping, Sequence, Set
from dataclasses import dataclass, field
from hashlib import blake2b
from itertools import groupby
from pathlib import Path
from typing import TYPE_CHECKING

from nomarium.core.building import Build, LaidLesson, Part, moves_of_lessons
from nomarium.core.calendars import stable_uuid
from nomarium.core.history import wording
from nomarium.core.history.adopted import Adopted, adopt, entries_of_part
from nomarium.core.history.applied import apply_edits
from nomarium.core.history.differences import Difference, Differences, What, differences, share_gone
from nomarium.core.history.edits import Edits
from nomarium.core.history.entries import Entry, Packer, Sheaf, is_meeting
from nomarium.core.history.losses import lost_of
from nomarium.core.history.pairing import Pair, pair
from nomarium.core.history.store import FileState, NewBuild, Store
from nomarium.core.problems import Place, Problem

if TYPE_CHECKING:
    from nomarium.core.meetings import Held


@dataclass(slots=True)
class Change:
    """What a build does to one calendar file."""

    part: Part
    before: FileState | None
    digests: list[bytes]
    differences: Differences
    revisions: dict[str, tuple[int, str]] = field(default_factory=dict)
    """Of each event that was ever changed: its sequence, and when that was."""
    origin: str = ""


@dataclass(slots=True)
class Outlook:
    """What a build would change, before anything is written."""

    changes: list[Change] = field(default_factory=list)
    """The files that are not as they were."""
    same: list[Part] = field(default_factory=list)
    renamed: dict[str, str] = field(default_factory=dict)
    """What files were called before that have another name now."""
    dropped: dict[str, dict[str, Entry]] = field(default_factory=dict)
    """Files that are no longer built, with their last events."""
    sheaves: dict[bytes, Sheaf] = field(default_factory=dict)
    carried: dict[str, str] = field(default_factory=dict)
    problems: list[Problem] = field(default_factory=list)
    all: Differences = field(default_factory=Differences)
    lessons: list[str] = field(default_factory=list)
    """Which lessons are on other days than before, in words."""
    first: bool = False
    """Whether nothing was given out before."""
    old_uids: set[str] = field(default_factory=set)
    """The events that the files held which are not as they were."""
    edits: Edits = field(default_factory=Edits)
    """What was edited by hand and holds, and what is given out over that."""


def look_ahead(build: Build, store: Store, at: str, *, whole: bool, edits: Edits | None = None) -> Outlook:
    """Compare a build with the last one: corrected events keep their UIDs, changed ones get a new sequence.

    Without ``whole`` only some of the plan's calendars are built, and the others stay as they are. ``edits`` are those
    that hold, by default the ones kept so far; they are put into the build's calendars.
    """
    before, parts = store.files(), build.calendars.parts
    adopted = Adopted() if before or store.last() else adopt(build)
    anew = carry(build, {**adopted.kept, **store.carried()})
    edits = edits or Edits(store.edits())
    applied = apply_edits(parts, edits.kept)
    anew_now = {**edits.anew, **applied.overruled}
    outlook = _compared(applied.parts, before, store, {path for path, _ in anew_now}, whole=whole)
    pairs = _pairs(outlook, edits) if before else adopted.pairs(parts)
    unsure: list[Problem] = []
    if pairs:
        paired = _natural(build, pairs)
        anew |= paired | carry(build, paired)
        applied = apply_edits(parts, edits.kept)
        anew_now = {**edits.anew, **applied.overruled}
        outlook = _compared(applied.parts, before, store, {path for path, _ in anew_now}, whole=whole)
        place = Place(build.plan.path.name if build.plan else "")
        unsure = [wording.unsure_pair(place, one.old, one.new) for one in pairs if not one.certain]
    build.calendars.parts = applied.parts
    outlook.problems = [*unsure, *applied.problems]
    outlook.edits = Edits(applied.holding, anew_now)
    for change in outlook.changes:
        _revise(change, store, at, outlook)
        change.revisions |= adopted.revisions(change.part, at)
    outlook.carried = anew
    outlook.lessons = moves_of_lessons((LaidLesson(*row) for row in store.laid()), build.laid) if before else []
    outlook.first = not before
    return outlook


def unchanged(parts: Sequence[Part]) -> Outlook:
    """Return what a build would change of calendars that are all as they were given out."""
    uids = {uid for part in parts for held in part.held for uid in held.occurrence_uids()}
    return Outlook(same=list(parts), all=Differences([], len(uids)))


def renamed_files(before: Mapping[str, Collection[str]], after: Mapping[str, Collection[str]]) -> dict[str, str]:
    """Return which files are earlier ones under another name: those that hold most of the same events, by UIDs."""
    gone = {path: set(uids) for path, uids in before.items() if path not in after}
    found: dict[str, str] = {}
    for path, uids in after.items():
        own = set(uids) if path not in before and gone else set()
        shares = [(2 * len(own & old) - len(own | old), name) for name, old in gone.items() if own]
        most, name = max(shares, default=(0, ""))
        if most > 0:
            found[path] = name
            del gone[name]
    return found


def carry(build: Build, carried: Mapping[str, str]) -> dict[str, str]:
    """Give corrected events the UIDs that they had before; return what had to be told apart anew.

    ``carried`` are the UIDs that events keep, by those that come from what they are now. A new event whose own UID an
    earlier one carries on gets another.
    """
    if not carried:
        return {}
    taken: dict[str, Held] = {}
    anew: dict[str, str] = {}
    for held in sorted(build.held, key=lambda one: carried.keys().isdisjoint(one.natural or one.occurrence_uids())):
        now = held.occurrence_uids()  # those that carry a UID on come first
        natural = held.natural or tuple(now)
        uids = [carried.get(name, uid) for name, uid in zip(natural, now, strict=True)]
        for place, uid in enumerate(uids):
            if held.event is not None and taken.setdefault(uid, held) is not held and not held.event.uid_kept:
                uids[place] = anew[natural[place]] = stable_uuid(f"{natural[place]}\x1fanew")
        if uids != now:
            held.natural, held.uids = natural, tuple(uids)
            for part in build.calendars.parts:
                part.texts.forget(held)
    return anew


def _natural(build: Build, pairs: Sequence[Pair]) -> dict[str, str]:
    """Return what paired events carry on, by the UIDs that come from what they are now."""
    wanted = {one.new.uid: one.old.uid for one in pairs}
    return {
        name: wanted[uid]
        for held in build.held
        for name, uid in zip(held.natural or held.occurrence_uids(), held.occurrence_uids(), strict=True)
        if uid in wanted
    }


def _compared(
    parts: Sequence[Part],
    before: Mapping[str, FileState],
    store: Store,
    files_anew: Set[str],
    *,
    whole: bool,
) -> Outlook:
    """Compare calendars with the last build; those of ``files_anew`` are given out anew even if they are the same."""
    outlook = Outlook()
    packed = _Packed()
    known = store.digests()
    outlook.renamed = _renamed(parts, before, store) if whole else {}
    for part in parts:
        digests = [sheaf.digest for several in _slots(part.held) for sheaf in packed.sheaves(part, several)]
        state = before.get(outlook.renamed.get(part.file, part.file))
        if (
            part.file in before
            and state is not None
            and _is_same(part, state, digests, known)
            and part.file not in files_anew
        ):
            outlook.same.append(part)
        elif not before:
            outlook.changes.append(Change(part, None, digests, Differences(fresh=part.events)))
        else:
            old = store.entries(state)
            outlook.old_uids |= old.keys()
            outlook.changes.append(Change(part, state, digests, differences(old, entries_of_part(part))))
    outlook.sheaves = packed.by_digest
    if whole:
        files = {*(part.file for part in parts), *outlook.renamed.values()}
        outlook.dropped = {path: store.entries(state) for path, state in before.items() if path not in files}
    outlook.all = _overall(outlook) if before else Differences(fresh=_distinct(parts))
    return outlook


def _renamed(parts: Sequence[Part], before: Mapping[str, FileState], store: Store) -> dict[str, str]:
    """Return which calendars are earlier ones under another file's name; those of a split are other people's."""
    files = {part.file for part in parts}
    gone = {path: state for path, state in before.items() if path not in files}
    come = [part for part in parts if part.file not in before and not part.kind]
    if not gone or not come:
        return {}
    now = {part.file: {uid for held in part.held for uid in held.occurrence_uids()} for part in come}
    return renamed_files({path: store.entries(state).keys() for path, state in gone.items()}, now)


def _is_same(part: Part, state: FileState, digests: Sequence[bytes], known: Mapping[int, bytes]) -> bool:
    """Tell whether a calendar is as it was given out."""
    return state.name == part.name and [known[number] for number in state.members] == digests


def _distinct(parts: Sequence[Part]) -> int:
    """Return the number of events in some calendars, each once."""
    held = {id(one): one for part in parts for one in part.held}
    return sum(len(one.occurrences) for one in held.values())


class _Packed:
    """Sheaves of slots, each packed once, however many calendars hold it."""

    def __init__(self) -> None:
        self.by_digest: dict[bytes, Sheaf] = {}
        self._packer = Packer()
        self._known: dict[tuple[int, int, int], list[Sheaf]] = {}

    def sheaves(self, part: Part, several: Sequence[Held]) -> list[Sheaf]:
        """Return what the meetings of a slot, or an event, say in the calendars of one kind."""
        held = several[0]
        key = (id(held), id(part.texts), len(several))
        found = self._known.get(key)
        if found is None:
            made = [one for each in several for one in part.texts.series(each)]
            if len(several) > 1 or (held.about and held.stem and not held.uids):
                stem = len(held.stem) + 1  # the UID goes on behind it
                named = [(series, [uid[stem:] for uid in uids]) for series, uids in made]
                found = [self._packer.joint_sheaf(named, held.stem)]
            elif len(made) == 1 and not held.uids:
                found = [self._packer.sheaf(made[0][0], held.known_on, held.stem)]
            else:
                found = [self._packer.sheaf(*one) for one in made]
            self._known[key] = found
            self.by_digest.update((sheaf.digest, sheaf) for sheaf in found)
        return found


def _slots(held: Sequence[Held]) -> Iterator[Sequence[Held]]:
    """Yield the meetings of each slot together that are about different things; all others one by one."""
    for (stem, alike), several in groupby(held, key=lambda one: (one.stem, bool(one.stem and not one.uids))):
        together = list(several)
        if alike and stem and len(together) > 1 and all(len(one.known_on) == len(one.occurrences) for one in together):
            yield together
        else:
            yield from ([one] for one in together)


def _overall(outlook: Outlook) -> Differences:
    """Return what changes on the whole: an event that only goes from one calendar to another has changed."""
    now = {uid for part in outlook.same for held in part.held for uid in held.occurrence_uids()}
    then = now | outlook.old_uids
    for change in outlook.changes:
        now |= {uid for held in change.part.held for uid in held.occurrence_uids()}
    every = [difference for change in outlook.changes for difference in change.differences.found]
    for entries in outlook.dropped.values():
        then |= entries.keys()
        every += [Difference(What.GONE, entry, None) for entry in entries.values()]
    found: dict[str, Difference] = {}
    for difference in every:
        uid = difference.entry.uid
        stays = uid in now and uid in then and difference.what in (What.ADDED, What.GONE)
        if uid not in found or difference.what is What.MOVED:
            entry = difference.entry
            found[uid] = Difference(What.CHANGED, entry, entry) if stays else difference
    return Differences(list(found.values()), len(now - found.keys()))


def _pairs(outlook: Outlook, edits: Edits) -> list[Pair]:
    """Pair events that went with events that came, whichever calendars they are in; those added by hand stay apart."""
    by_hand = {edit.uid for edit in edits.kept if edit.is_added or edit.is_removed}
    gone = [d.before for d in outlook.all.found if d.what is What.GONE and d.before]
    come = [d.after for d in outlook.all.found if d.what is What.ADDED and d.after]
    old, new = ([one for one in side if not is_meeting(one.uid) and one.uid not in by_hand] for side in (gone, come))
    return pair(old, new)


def _revise(change: Change, store: Store, at: str, outlook: Outlook) -> None:
    """Give each event of a file that was changed its next sequence, above that of its edits by hand."""
    edits = outlook.edits
    change.origin = change.before.origin if change.before else at
    change.revisions = store.revisions(change.part.file)
    for uid, revision in store.revisions(outlook.renamed.get(change.part.file, "")).items():
        change.revisions[uid] = max(revision, change.revisions.get(uid, revision))
    for difference in change.differences.found:
        uid = difference.entry.uid
        known = change.revisions.get(uid)
        if difference.what is What.ADDED and known is None:
            if change.before is not None:
                change.revisions[uid] = (0, at)
        else:
            change.revisions[uid] = ((known[0] if known else 0) + 1, at)
    changed = {difference.entry.uid for difference in change.differences.found}
    for (path, uid), there in edits.floors().items():
        known = change.revisions.get(uid, (0, ""))
        given_anew = (path, uid) in edits.anew
        if path == change.part.file and (given_anew or (uid in changed and known[0] <= there)):
            change.revisions[uid] = (max(known[0], there) + 1, at)


def guard(outlook: Outlook, place: Place, percent: int) -> Problem | None:
    """Return the error that stops a build which would take away too much."""
    come = [d.after for d in outlook.all.found if d.what is What.ADDED and d.after]
    lost = lost_of(outlook.all.gone, come)
    before = outlook.all.same + sum(difference.before is not None for difference in outlook.all.found)
    share = share_gone(len(lost), before)
    if share * 100 <= percent:
        return None
    return wording.too_much_gone(place, lost, before, share, percent)


def new_build(
    build: Build, outlook: Outlook, at: str, written: Mapping[str, bytes], inputs: Mapping[str, str]
) -> NewBuild:
    """Return what the history keeps of a build; ``written`` are the digests of the files' bytes."""
    counts = outlook.all.counts()
    events = len({uid for held in build.held for uid in held.occurrence_uids()})
    revisions = [
        (change.part.file, uid, *revision)
        for change in outlook.changes
        for uid, revision in change.revisions.items()
        if revision[1] == at or outlook.first or change.part.file in outlook.renamed
    ]
    return NewBuild(
        at,
        build.plan.path.name if build.plan else "",
        inputs,
        (events, counts[What.ADDED], counts[What.CHANGED], counts[What.MOVED], counts[What.GONE]),
        {digest: outlook.sheaves[digest] for change in outlook.changes for digest in change.digests},
        [
            (
                change.part.file,
                change.part.name,
                change.digests,
                change.origin,
                written.get(change.part.file, b""),
                change.part.events,
            )
            for change in outlook.changes
        ],
        [*outlook.dropped, *outlook.renamed.values()],
        revisions,
        outlook.carried,
        edits=outlook.edits.kept,
        laid=[(one.list, one.whose, one.title, one.start) for one in build.laid],
        anew=list(outlook.edits.anew),
    )


def digest_of(data: bytes) -> bytes:
    """Return the digest of a file's bytes."""
    return blake2b(data, digest_size=16).digest()


def input_digests(paths: Iterable[Path]) -> dict[str, str]:
    """Return the digests of the files that a build has read."""
    return {path.name: digest_of(path.read_bytes()).hex() for path in paths}
