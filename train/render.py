"""A piece becomes sound, with its true beats."""
import glob
import os
import subprocess

import numpy as np

import midi
from features import SAMPLE_RATE
from tempo import Tempo

SOUNDFONTS = ['TimGM6mb.sf2', 'FluidR3_GM.sf2', 'OPL-3_FM_128M.sf2', 'MuseScore_General_Lite.sf3']
CHANCES = [.36, .36, .14, .14]


def soundfonts():
    folders = ['/usr/share/sounds/sf2/', '/usr/share/sounds/sf3/', os.environ.get('SOUNDFONTS', '')]
    found = {os.path.basename(p): p for f in folders if f for p in glob.glob(os.path.join(f, '*'))}
    missing = [name for name in SOUNDFONTS if name not in found]
    if missing:
        raise SystemExit(f'Soundfonts are missing: {", ".join(missing)}; see README.md.')
    return [found[name] for name in SOUNDFONTS]


def render(rng, piece, seconds, scratch):
    """(samples, beats in seconds, which are downbeats); the first beat may come late."""
    start = rng.uniform(0, .6)
    has_pad = False
    if rng.random() < .12:
        start += rng.uniform(2, 10)
        has_pad = rng.random() < .6
    whole = seconds + start
    tempo = Tempo(rng, piece.quarters_per_minute, seconds)
    pickup = _pickup(rng, piece)
    zero = start - float(tempo(-pickup))
    events, last = _sounding(rng, piece, tempo, zero, whole)
    if has_pad:
        events += _pad(rng, piece, start)
    samples = _synthesise(rng, events, scratch)[:int(whole * SAMPLE_RATE)]
    beat = piece.beat
    index = np.arange(int(-np.floor(pickup / beat + 1e-6)), int(1400 / beat))
    beats = tempo(index * beat) + zero
    heard = beats < min(last + 30 / piece.quarters_per_minute * beat, whole)
    per_bar = int(round(piece.bar / beat))
    return samples, beats[heard], (index[heard] % per_bar == 0) & (index[heard] >= 0)


def _pickup(rng, piece):
    """A few notes before the first bar; how many quarters of them."""
    if piece.kind.startswith('mma') or rng.random() >= .4:
        return 0.
    beat = piece.beat
    longest = beat * 2 if piece.bar >= 2 * beat else beat
    pickup = float(rng.choice([beat, beat, beat / 2, longest]))
    length = beat / 2 if pickup >= beat / 2 else pickup
    pitch = 60 + piece.chords[0][0] + int(rng.integers(12))
    channel = next((n[2] for n in piece.notes if n[2] != 9), 9)
    at = -pickup
    while at < -1e-6:
        piece.note(at, length * .9, channel, pitch if channel != 9 else 38, 85)
        pitch += int(rng.choice([2, -2, 1, -1]))
        at += length
    return pickup


def _sounding(rng, piece, tempo, zero, whole):
    spread = rng.choice([0, .004, .008, .014], p=[.35, .25, .25, .15])
    transposed = int(rng.integers(-4, 5)) if rng.random() < .5 else 0
    events, last = [], 0
    times = tempo(np.array([[n[0], n[0] + n[1]] for n in piece.notes])) + zero
    uneven = rng.normal(0, 1, len(piece.notes)) * spread
    for (_, _, channel, pitch, velocity), (begins, ends), off in zip(piece.notes, times, uneven):
        begins += off
        if begins > whole + .5:
            continue
        ends = min(ends, whole + .8)
        if channel != 9:
            pitch = min(120, max(12, pitch + transposed))
        events.append((max(0, begins), 0x90 | channel, pitch, int(velocity)))
        events.append((max(begins + .02, ends - .002), 0x80 | channel, pitch, 0))
        last = max(last, begins)
    for at, kind, channel, first, second in piece.controls:
        second_at = max(0, float(tempo(at)) + zero) if at > -4 else 0
        if second_at < whole:
            events.append((second_at, kind << 4 | channel, first, second))
    return events, last


def _pad(rng, piece, until):
    channel = 15
    events = [(0, 0xC0 | channel, int(rng.choice([89, 90, 91, 48, 52, 95])), 0)]
    root, is_minor = piece.chords[0]
    for pitch in (48 + root, 48 + root + (3 if is_minor else 4), 55 + root):
        events += [(.05, 0x90 | channel, pitch, 75), (until - .1, 0x80 | channel, pitch, 0)]
    return events


def _synthesise(rng, events, scratch):
    midi.write(scratch + '.mid', events)
    font = soundfonts()[rng.choice(len(SOUNDFONTS), p=CHANCES)]
    options = ['-g', '0.35', '-R', '1' if rng.random() < .4 else '0', '-C', '0',
               '-o', 'synth.polyphony=128']
    if font.endswith('.sf3'):
        options += ['-o', 'synth.dynamic-sample-loading=1']
    subprocess.run(['fluidsynth', '-ni', '-q', '-F', scratch + '.raw', '-T', 'raw', '-O', 's16',
                    '-r', str(SAMPLE_RATE), *options, font, scratch + '.mid'],
                   capture_output=True, timeout=120)
    both = np.fromfile(scratch + '.raw', '<i2').reshape(-1, 2)
    os.remove(scratch + '.raw')
    return both.mean(1).astype(np.float32) / 32768
