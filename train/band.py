"""A band of our own: folk tunes with and without accompaniment, rock, metal, electro, pop, ballads."""
import numpy as np

import drums
from piece import Piece, bars_for
from tunes import harmony, melody, triad

STYLES = dict(folk=.20, solo=.24, waltz=.06, rock=.12, metal=.14, electro=.06, pop=.09, ball=.05,
              orch=.04)
MELODY, BASS, CHORDS, PAD, LEAD, SECOND = 0, 1, 2, 3, 4, 6
SOLOISTS = [22, 21, 23, 40, 40, 73, 74, 75, 105, 24, 25, 0, 71, 68, 64, 65, 56, 78, 109, 110, 41, 79,
            46, 13, 6, 19, 20, 66, 104]
SINGERS = [0, 4, 11, 27, 40, 48, 52, 53, 54, 56, 61, 65, 73, 80, 81, 85, 26, 30, 71]
DRUM_CHANCE = dict(folk=.25, solo=.1, rock=.97, metal=.98, electro=1, pop=.9, ball=.6, waltz=.6,
                   orch=.3)


def between(rng, low, high):
    return float(np.exp(rng.uniform(np.log(low), np.log(high))))


def band(rng):
    style = str(rng.choice(list(STYLES), p=list(STYLES.values())))
    piece, kind = _begun(rng, style)
    has_tune = style in ('folk', 'solo', 'ball', 'pop', 'orch', 'waltz')
    if has_tune or rng.random() < .35:
        _tune(rng, piece, style, kind)
    if style != 'solo' or rng.random() < .3:
        _accompaniment(rng, piece, style, kind)
    if kind in ('reel', 'song', 'march') and piece.beat == 1 and rng.random() < .18:
        _swing(piece)
    return piece


def _begun(rng, style):
    """How long its beats and bars are: what dancers count."""
    kind = 'song'
    if style in ('folk', 'solo'):
        kind = str(rng.choice(['jig', 'jig', 'reel', 'reel', 'hornpipe', 'polka', 'polka', 'march',
                               'waltz', 'waltz', 'song', 'three8']))
    elif style == 'waltz':
        kind = 'waltz'
    elif style == 'orch':
        kind = str(rng.choice(['song', 'waltz', 'march']))
    elif style == 'ball':
        kind = str(rng.choice(['song', 'reel']))
    if style in ('pop', 'ball', 'rock') and rng.random() < .12:
        kind = 'waltz'
    elif style in ('pop', 'ball') and rng.random() < .12:
        kind = 'jig'
    cut = rng.random()
    bar, beat, per_bar, tempo = 4, 1, 4, None
    if kind == 'jig':
        low, high = (60, 120) if style in ('pop', 'ball') else (80, 140)
        bar, beat, per_bar, tempo = 3, 1.5, 2, 1.5 * between(rng, low, high)
    elif kind == 'reel' and cut < .6:
        bar, beat, per_bar, tempo = 4, 2, 2, 2 * between(rng, 80, 126)
    elif kind == 'reel':
        tempo = between(rng, 100, 190)
    elif kind == 'hornpipe':
        tempo = between(rng, 110, 190)
    elif kind == 'polka':
        bar, beat, per_bar, tempo = 2, 1, 2, between(rng, 80, 140)
    elif kind == 'march' and cut < .5:
        bar, beat, per_bar, tempo = 4, 2, 2, 2 * between(rng, 85, 130)
    elif kind == 'march':
        tempo = between(rng, 80, 135)
    elif kind in ('waltz', 'three8'):
        bar, beat, per_bar = 3, 1, 3
        tempo = between(rng, 78 if kind == 'waltz' else 100, 200)
    elif style == 'metal':
        tempo = between(rng, 80, 200)
    elif style == 'electro':
        tempo = between(rng, 88, 165)
    else:
        tempo = between(rng, 62, 190)
    bars = bars_for(tempo, bar)
    return Piece(f'{style}:{kind}', beat, bar, per_bar, tempo, harmony(rng, bars)), kind


def _tune(rng, piece, style, kind):
    acoustic = style in ('folk', 'solo', 'waltz')
    players = SOLOISTS if acoustic else SINGERS
    piece.instrument(MELODY, players[rng.integers(len(players))], rng.integers(80, 120))
    sung = style in ('pop', 'rock', 'metal', 'electro') and rng.random() < .7
    rhythm = kind if kind in ('jig', 'reel', 'hornpipe') else 'sung' if sung else 'song'
    tune = melody(rng, piece.chords, piece.bar, piece.beat, rhythm)
    length, loud, accents = rng.uniform(.6, 1.05), rng.integers(70, 110), rng.uniform(0, 1)
    doubled = rng.random() < .2
    if doubled:
        piece.instrument(SECOND, SOLOISTS[rng.integers(len(SOLOISTS))], 80)
    for at, long, pitch, accent in tune:
        force = 1 - accents + accents * accent
        piece.note(at, long * length, MELODY, pitch, loud * force + rng.normal(0, 5))
        if doubled:
            piece.note(at, long * length, SECOND, pitch - 12, loud * .8 * force)


def _accompaniment(rng, piece, style, kind):
    bass = {'metal': 33, 'rock': 33, 'electro': 38}.get(style) or int(
        rng.choice([32, 33, 35, 43, 0, 58, 32, 24, 21]))
    chords = int(rng.choice({
        'metal': [30, 29], 'rock': [29, 27, 30, 26, 25], 'electro': [81, 80, 62, 90, 4],
        'orch': [48, 49, 44, 61],
    }.get(style, [0, 0, 24, 25, 21, 22, 26, 4, 46, 16, 48, 105, 6])))
    piece.instrument(BASS, bass, rng.integers(85, 120))
    piece.instrument(CHORDS, chords, rng.integers(60, 105))
    plain = style in ('folk', 'solo', 'waltz', 'orch') or (style == 'ball' and rng.random() < .4)
    if plain:
        _bass_and_chords(rng, piece, kind)
    else:
        _riffs(rng, piece, style, chords)
    if rng.random() < DRUM_CHANCE[style]:
        kits = [0, 16, 0, 8] if style == 'metal' else [0, 0, 8, 16, 24, 25, 32, 40]
        piece.instrument(drums.DRUMS, rng.choice(kits), rng.integers(70, 127))
        drums.play(rng, piece, style, kind)


def _bass_and_chords(rng, piece, kind):
    """The bass on the strong beats, chords between them."""
    way, chord_level = rng.integers(3), rng.uniform(.55, .95)
    for index, chord in enumerate(piece.chords):
        at, root = index * piece.bar, (36 if chord[0] < 9 else 24) + chord[0]
        notes = triad(chord, 4 if rng.random() < .9 else 5)
        loud = rng.integers(60, 95)

        def bass(beat, length, pitch, more=0):
            piece.note(at + beat, length, BASS, pitch, loud + more)

        def chuck(beat, length, level=1.0):
            for pitch in notes:
                piece.note(at + beat, length, CHORDS, pitch, loud * chord_level * level)

        if piece.bar == 3 and kind != 'jig':
            bass(0, .9 if way else 2.5, root, 8)
            for beat in (1, 2) if way < 2 or index % 4 != 3 else (1,):
                chuck(beat, .4 if way else .8)
        elif kind == 'jig':
            for half in (0, 1):
                bass(half * 1.5, .6, root + (7 if half and way else 0), 8 * (half == 0))
                chuck(half * 1.5 + 1, .35)
                if way == 2:
                    chuck(half * 1.5 + .5, .35, .7)
        elif piece.bar == 2:
            for half in (0, 1):
                bass(half, .4, root + 7 * half, 8 * (half == 0))
                chuck(half + .5, .3)
        elif piece.beat == 1 and way == 2:
            for beat in range(4):
                chuck(beat, .5)
            bass(0, 1.8, root, 8)
            bass(2, 1.8, root - 5 if root > 40 else root + 7)
        else:
            for half in (0, 2):
                bass(half, .8, root + (7 if half and way else 0), 8 * (half == 0))
                chuck(half + 1, .5)


def _riffs(rng, piece, style, program):
    """Patterns of eighths or sixteenths that come again by sections."""
    step = .5 if rng.random() < .6 else .25
    if style == 'metal':
        step = .25 if piece.quarters_per_minute < 150 else .5
    count = int(round(piece.bar / step))
    on_beat = np.array([(k * step) % piece.beat < 1e-6 for k in range(count)])
    on_half = np.array([(k * step) % (piece.beat / 2) < 1e-6 for k in range(count)])
    weight = np.where(on_beat, 1.0, np.where(on_half, .55, .3))
    weight[0] = 1.2
    riffs = [rng.random(count) < weight * rng.uniform(.6, 1.6) for _ in range(3)]
    strums = [rng.random(count) < np.where(on_beat, .8, .3) * rng.uniform(.5, 1.2)
              for _ in range(2)]
    is_pedal = rng.random() < .6
    is_power = style in ('metal', 'rock') and program in (29, 30, 27)
    for index, chord in enumerate(piece.chords):
        at, root, section = index * piece.bar, 28 + (chord[0] - 4) % 12, index // 8 % 3
        riff = riffs[section if rng.random() < .95 else 0]
        for k in range(count):
            if riff[k]:
                octave = 12 if k and rng.random() < .1 else 0
                piece.note(at + k * step, step * .9, BASS, root + octave, 95 + 8 * (k == 0))
        if is_power:
            _power_chords(rng, piece, at, root, riff, step, is_pedal)
        elif style == 'ball' or (style == 'pop' and section == 2):
            notes = triad(chord)
            for k in range(count):
                pitch = notes[[0, 1, 2, 1][k % 4]] + (12 if k % 8 > 5 else 0)
                piece.note(at + k * step, step * 1.5, CHORDS, pitch, 62 + 14 * (k == 0))
        else:
            for k in np.flatnonzero(strums[index // 8 % 2]):
                for pitch in triad(chord):
                    piece.note(at + k * step, step * .9, CHORDS, pitch, 80)
    _above(rng, piece, style)


def _power_chords(rng, piece, at, root, riff, step, is_pedal):
    for k in np.flatnonzero(riff):
        is_open = k == 0 or rng.random() < .25
        shift = 0 if is_open or is_pedal else int(rng.choice([0, 0, 3, 5, 1]))
        length = step * (rng.choice([1, 2, 3]) if is_open else .8)
        for interval in (0, 7, 12) if is_open else (0,):
            pitch = root + 12 + shift + interval
            piece.note(at + k * step, length, CHORDS, pitch, 105 if is_open else 80)


def _above(rng, piece, style):
    if rng.random() < .5:
        piece.instrument(PAD, rng.choice([48, 50, 52, 89, 90, 95, 91]), rng.integers(50, 90))
        for index, chord in enumerate(piece.chords):
            for pitch in triad(chord):
                piece.note(index * piece.bar, piece.bar * .98, PAD, pitch, 60)
    if style in ('metal', 'rock') and rng.random() < .5:
        piece.instrument(LEAD, rng.choice([30, 29, 81, 54]), 95)
        kind = rng.choice(['reel', 'song', 'sung'])
        for at, length, pitch, _ in melody(rng, piece.chords, piece.bar, piece.beat, str(kind),
                                           64, 90):
            if int(at / piece.bar) // 8 % 2:
                piece.note(at, length, LEAD, pitch, 90)


def _swing(piece):
    for note in piece.notes:
        part = note[0] % 1
        if abs(part - .5) < 1e-3:
            note[0] += .17
        elif abs(part - .25) < 1e-3 or abs(part - .75) < 1e-3:
            note[0] += .085
