"""Workbooks of the old form (xls), made by hand: one stream of records (MS-XLS) in a compound file (MS-CFB)."""

import struct


def rec(kind, body=b""):
    return struct.pack("<HH", kind, len(body)) + body


def _records(cells):
    """The records of a workbook of one sheet, “Events”; cells are (row, column, text or number)."""
    sheet = rec(0x0809, struct.pack("<HHHHII", 0x0600, 0x0010, 0, 0, 0, 0))
    for row, col, value in cells:
        if isinstance(value, str):
            text = value.encode("latin-1")
            sheet += rec(0x0204, struct.pack("<HHHHB", row, col, 0, len(text), 0) + text)
        else:
            sheet += rec(0x0203, struct.pack("<HHHd", row, col, 0, value))
    sheet += rec(0x000A)
    bof = rec(0x0809, struct.pack("<HHHHII", 0x0600, 0x0005, 0, 0, 0, 0)) + rec(0x0042, struct.pack("<H", 1200))
    name = b"Events"
    bound_len = 4 + 8 + len(name)
    end = rec(0x000A)
    offset = len(bof) + bound_len + len(end)
    bound = rec(0x0085, struct.pack("<IBBBB", offset, 0, 0, len(name), 0) + name)
    return bof + bound + end + sheet


def _compound(stream):
    """One stream, “Workbook”, in a compound file (MS-CFB) of 512-octet sectors."""
    stream = stream.ljust(max(4096, -(-len(stream) // 512) * 512), b"\0")
    count = len(stream) // 512
    fat_sectors = 1
    while (fat_sectors + 1 + count) > fat_sectors * 128:
        fat_sectors += 1
    fat = [0xFFFFFFFD] * fat_sectors + [0xFFFFFFFE] + [*range(fat_sectors + 2, fat_sectors + 1 + count), 0xFFFFFFFE]
    fat += [0xFFFFFFFF] * (fat_sectors * 128 - len(fat))
    header = bytes.fromhex("D0CF11E0A1B11AE1") + bytes(16) + struct.pack("<HHHHH", 0x3E, 3, 0xFFFE, 9, 6) + bytes(6)
    header += struct.pack("<IIIIIIIII", 0, fat_sectors, fat_sectors, 0, 4096, 0xFFFFFFFE, 0, 0xFFFFFFFE, 0)
    header += struct.pack("<109I", *range(fat_sectors), *[0xFFFFFFFF] * (109 - fat_sectors))

    def entry(name, kind, child, start, size):
        raw = name.encode("utf-16-le") + b"\0\0"
        return (
            raw.ljust(64, b"\0")
            + struct.pack("<HBBIII", len(raw) if name else 0, kind, 1, 0xFFFFFFFF, 0xFFFFFFFF, child)
            + bytes(36)
            + struct.pack("<IQ", start, size)
        )

    directory = entry("Root Entry", 5, 1, 0xFFFFFFFE, 0) + entry(
        "Workbook", 2, 0xFFFFFFFF, fat_sectors + 1, len(stream)
    )
    directory += (b"\0" * 64 + struct.pack("<HBBIII", 0, 0, 0, 0xFFFFFFFF, 0xFFFFFFFF, 0xFFFFFFFF) + bytes(48)) * 2
    return header + struct.pack(f"<{len(fat)}I", *fat) + directory + stream


def old_workbook(cells):
    """The bytes of an xls file with one sheet; cells are (row, column, text or number)."""
    return _compound(_records(cells))
