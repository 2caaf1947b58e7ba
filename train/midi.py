"""Standard MIDI files, as far as they are needed: all notes and controls, in quarters or seconds."""
import struct

NOTE_OFF, NOTE_ON, CONTROL, PROGRAM = 8, 9, 11, 12
VOLUME = 7


def read(data):
    """Tracks of (quarter, kind, channel, first, second)."""
    division = struct.unpack('>H', data[12:14])[0]
    at, tracks = 14, []
    while at + 8 <= len(data):
        name, length = data[at:at + 4], struct.unpack('>I', data[at + 4:at + 8])[0]
        at += 8
        if name == b'MTrk':
            tracks.append(list(_events(data, at, at + length, division)))
        at += length
    return tracks


def _events(data, at, end, division):
    tick = running = 0
    while at < end:
        wait, at = _number(data, at)
        tick += wait
        status = data[at]
        if status == 0xFF:
            length, after = _number(data, at + 2)
            at = after + length
        elif status in (0xF0, 0xF7):
            length, after = _number(data, at + 1)
            at = after + length
        else:
            if status & 128:
                running = status
                at += 1
            kind, channel = running >> 4, running & 15
            first, second = data[at], 0
            at += 1
            if kind not in (12, 13):
                second = data[at]
                at += 1
            yield tick / division, kind, channel, first, second


def _number(data, at):
    value = 0
    while True:
        byte = data[at]
        at += 1
        value = value << 7 | byte & 127
        if byte < 128:
            return value, at


def _as_number(value):
    out = [value & 127]
    while value := value >> 7:
        out.insert(0, value & 127 | 128)
    return bytes(out)


def write(path, events):
    """Events of (second, status, first, second byte), to the millisecond; a note that ends goes first."""
    order = sorted(events, key=lambda e: (e[0], e[1] >> 4 != NOTE_OFF, e[1] >> 4 == NOTE_ON))
    out = bytearray(b'\0\xff\x51\3' + (1_000_000).to_bytes(3, 'big'))
    last = 0
    for second, status, first, value in order:
        at = max(0, int(round(second * 1000)))
        out += _as_number(at - last)
        last = at
        short = status >> 4 in (12, 13)
        out += bytes([status, first]) if short else bytes([status, first, value])
    out += b'\0\xff\x2f\0'
    header = b'MThd' + struct.pack('>IHHH', 6, 0, 1, 1000)
    with open(path, 'wb') as file:
        file.write(header + b'MTrk' + struct.pack('>I', len(out)) + bytes(out))
