"""Pieces that the accompaniment program `mma` plays: hundreds of grooves, harmony drawn by lot."""
import glob
import os
import re
import subprocess

import numpy as np

import midi
from piece import Piece, bars_for
from tunes import chord_name, harmony, melody

# Grooves that music used for judging is made with: never trained on.
KEPT_APART = {'stdlib/' + name for name in (
    'waltz vienesewaltz countrywaltz frenchwaltz tango foxtrot quickstep polka chacha rhumba samba '
    'bluegrass hillcountry 68march swing march dixie').split()}
# No music, or bars that are not what they say.
UNUSABLE = {'stdlib/' + name for name in (
    'metronome metronome3 metronome6 metronome68 none jazz-54 desert boneym arpeggio44').split()} | {
    'zoom/count', 'zoom/intro', 'zoom/ending', 'zoom/blues68', 'zoom/mide'}
# Danced in half notes.
IN_TWO = {'casio/polka', 'casio/poppolka', 'casio/germanmarch', 'casio/march1', 'stdlib/bwmarch',
          'stdlib/dixiemarch', 'stdlib/ragtime', 'kara/2beatp', 'stdlib/zydeco', 'stdlib/merengue',
          'stdlib/broadway'}
TUNE_CHANNEL = 14
TUNE_PLAYERS = [0, 11, 21, 22, 40, 56, 65, 66, 71, 73, 24, 26, 61]
OTHER_PLAYERS = [0, 4, 11, 21, 22, 24, 25, 26, 27, 28, 40, 48, 52, 56, 61, 65, 71, 73, 105, 16, 19, 6,
                 46, 13, 81]


def library():
    found = [p for p in ('/usr/share/mma/lib/', os.environ.get('MMA_LIBRARY', '')) if os.path.isdir(p)]
    if not found:
        raise SystemExit('The library of mma was expected: install it, or set MMA_LIBRARY.')
    return found[-1]


def grooves(root):
    """{file: (quarters of a bar, grooves)} of those that are used."""
    out = {}
    for path in sorted(glob.glob(root + '*/*.mma')):
        name = path[len(root):-4]
        if name in KEPT_APART or name in UNUSABLE:
            continue
        with open(path, encoding='latin1') as file:
            text = file.read()
        time = re.search(r'^\s*Time\s+(\d+)(/\d+)?', text, re.M | re.I)
        if not time:
            continue
        length = int(time.group(1))
        if length not in (2, 3, 4, 6) or (time.group(2) == '/8' and length != 6):
            continue
        named = [g for g in re.findall(r'^\s*DefGroove\s+(\S+)', text, re.M | re.I)
                 if not re.search(r'intro|end|fill|count|\d-44|44$', g, re.I)]
        if named:
            out[name] = length, named
    return out


_KNOWN = None


def accompanied(rng, scratch):
    global _KNOWN
    if _KNOWN is None:
        _KNOWN = grooves(library())
    name = _choose(rng, _KNOWN)
    length, named = _KNOWN[name]
    beat, per_bar, tempo = _counted(rng, name, length)
    piece = Piece('mma:' + name, beat, length, per_bar, tempo, [])
    piece.chords = harmony(rng, bars_for(tempo, length, 400))
    _play(rng, piece, name, named, scratch)
    _vary(rng, piece)
    return piece


def _choose(rng, known):
    chance = rng.random()
    some = list(known)
    if chance < .22:
        some = [n for n in known if known[n][0] == 3]
    elif chance < .30:
        some = [n for n in known if known[n][0] in (2, 6)]
    elif chance < .42:
        some = [n for n in known if n in IN_TWO]
    return some[rng.integers(len(some))]


def _counted(rng, name, length):
    """Quarters of a beat, beats of a bar, quarters a minute."""
    if length == 3:
        return 1, 3, float(np.exp(rng.uniform(np.log(76), np.log(200))))
    if length == 6:
        return 3, 2, 3 * float(np.exp(rng.uniform(np.log(60), np.log(140))))
    if length == 2:
        return 1, 2, float(np.exp(rng.uniform(np.log(90), np.log(140))))
    if name in IN_TWO:
        return 2, 2, 2 * float(np.exp(rng.uniform(np.log(85), np.log(135))))
    return 1, 4, float(np.clip(np.exp(rng.normal(np.log(118), .27)), 66, 205))


def _play(rng, piece, name, named, scratch):
    lines = [f'RndSeed {rng.integers(1e6)}', 'Tempo 120', 'Use ' + name]
    two = [named[i] for i in rng.integers(len(named), size=2)]
    section, with_sevenths = int(rng.choice([8, 16, 16])), rng.random() < .5
    for bar, chord in enumerate(piece.chords):
        if bar % section == 0:
            lines.append('Groove ' + two[bar // section % 2 if rng.random() < .8 else 0])
        lines.append(f'{bar + 1} {chord_name(chord, rng, with_sevenths)}')
    with open(scratch + '.mma', 'w') as file:
        file.write('\n'.join(lines) + '\n')
    done = subprocess.run(['mma', scratch + '.mma', '-f', scratch + '.src.mid'],
                          capture_output=True, timeout=60)
    if not os.path.exists(scratch + '.src.mid'):
        raise RuntimeError(f'mma would not play {name}: {done.stdout[-200:]!r}')
    with open(scratch + '.src.mid', 'rb') as file:
        tracks = midi.read(file.read())
    os.remove(scratch + '.src.mid')
    for track in tracks:
        _take(piece, track)
    if len(piece.notes) < 50:
        raise RuntimeError(f'mma plays nearly nothing for {name}')


def _take(piece, track):
    sounding = {}
    for at, kind, channel, first, second in track:
        if kind == midi.NOTE_ON and second > 0:
            sounding.setdefault((channel, first), []).append((at, second))
        elif kind in (midi.NOTE_OFF, midi.NOTE_ON):
            begun = sounding.get((channel, first))
            if begun:
                start, velocity = begun.pop(0)
                piece.notes.append([start, max(.02, at - start), channel, first, velocity])
        elif kind == midi.PROGRAM or (kind == midi.CONTROL and first in (7, 10)):
            piece.controls.append([at, kind, channel, first, second])


def _vary(rng, piece):
    """A tune on top, softer or no drums, other instruments, players that are missing."""
    if rng.random() < .3 and piece.bar in (3, 4):
        piece.instrument(TUNE_CHANNEL, rng.choice(TUNE_PLAYERS))
        kind = 'reel' if piece.beat == 2 and rng.random() < .5 else 'song'
        for at, length, pitch, accent in melody(rng, piece.chords, piece.bar, piece.beat, kind):
            piece.note(at, length, TUNE_CHANNEL, pitch, 70 + 25 * accent)
    chance = rng.random()
    if chance < .12:
        piece.notes = [n for n in piece.notes if n[2] != 9] or piece.notes
    elif chance < .3:
        softer = rng.uniform(.4, .8)
        for note in piece.notes:
            if note[2] == 9:
                note[4] = max(5, int(note[4] * softer))
    if rng.random() < .35:
        others = {}
        for control in piece.controls:
            if control[1] == midi.PROGRAM and control[2] != 9 and rng.random() < .7:
                place = control[2], control[3]
                control[3] = others.setdefault(place, int(rng.choice(OTHER_PLAYERS)))
    if rng.random() < .15:
        missing = set(rng.choice(16, size=3))
        left = [n for n in piece.notes if n[2] not in missing]
        piece.notes = left if len(left) > 100 else piece.notes
