"""Harmony and tunes: chords by the bar, motifs that come again, parts of eight bars."""
import numpy as np

NAMES = 'C C# D Eb E F F# G Ab A Bb B'.split()
SCALE = [0, 2, 4, 5, 7, 9, 11]
PROGRESSIONS = [
    [0, 0, 5, 7], [0, 9, 5, 7], [0, 5, 7, 0], [0, 0, 7, 7, 7, 7, 0, 0],
    [0, 0, 0, 0, 5, 5, 0, 0, 7, 5, 0, 7], [0, 7, 9, 5], [9, 5, 0, 7], [0, 2, 7, 0], [0, 4, 9, 5],
    [0, 0, 5, 5, 7, 7, 0, 0], [0, 10, 5, 0], [0, 0, 2, 2, 7, 7, 0, 0], [9, 7, 5, 4],
]
MINOR_DEGREES = {9, 2, 4}

# Rhythms of one bar: (unit in quarters, cells in units).
CELLS = {
    'jig': (.5, [[1] * 6, [2, 1, 2, 1], [1, 1, 1, 2, 1], [3, 3], [3, 1, 1, 1], [2, 1, 1, 1, 1],
                 [1, 1, 1, 3]]),
    'three': (.5, [[2, 2, 2], [4, 2], [2, 1, 1, 2], [1] * 6, [3, 1, 2], [6], [2, 1, 1, 1, 1],
                   [4, 1, 1], [2, 4]]),
    'two': (.25, [[2] * 4, [1, 1, 2, 2, 2], [2, 1, 1, 2, 2], [4, 4], [1, 1, 1, 1, 2, 2],
                  [3, 1, 2, 2], [4, 2, 2], [2, 2, 1, 1, 1, 1], [1] * 8]),
    'reel': (.5, [[1] * 8, [2] + [1] * 6, [1, 1, 1, 1, 2, 2], [2, 2, 1, 1, 1, 1], [2] * 4,
                  [1] * 6 + [2], [3] + [1] * 5, [2, 1, 1, 2, 1, 1]]),
    'hornpipe': (.25, [[3, 1] * 4, [3, 1, 3, 1, 4, 4], [4, 3, 1, 4, 4], [4, 4, 3, 1, 3, 1],
                       [3, 1, 4, 3, 1, 4]]),
    'song': (.5, [[2] * 4, [2, 1, 1, 2, 2], [4, 2, 2], [3, 1, 2, 2], [1, 1, 2, 2, 2], [4, 4],
                  [6, 2], [1, 2, 1, 2, 2], [3, 1, 4], [2, 2, 4], [8], [1, 1, 1, 1, 4]]),
    'sung': (.5, [[1, 2, 2, 2, 1], [3, 3, 2], [2, 1, 2, 1, 2], [1, 2, 1, 2, 2], [3, 1, 4],
                  [6, 2], [1, 1, 1, 2, 1, 2], [1, 3, 1, 3], [4, 3, 1]]),
}


def harmony(rng, bars):
    """A chord for each bar: (pitch class, is minor)."""
    key = int(rng.integers(12))

    def part():
        chords = list(PROGRESSIONS[rng.integers(len(PROGRESSIONS))])
        return [c for c in chords for _ in (0, 1)] if rng.random() < .3 else chords

    first, second = part(), part()
    plan = [first, first, second, first] if rng.random() < .6 else [first, second]
    degrees = []
    while len(degrees) < bars:
        for chords in plan:
            degrees += chords * (1 if len(chords) >= 8 else 2)
    turned = rng.random() < .3
    return [((key + d) % 12, (d in MINOR_DEGREES) != (turned and d in (0, 5)))
            for d in degrees[:bars]]


def triad(chord, octave=5):
    root = chord[0] + 12 * octave
    return [root, root + (3 if chord[1] else 4), root + 7]


def chord_name(chord, rng, with_sevenths):
    name = NAMES[chord[0]] + ('m' if chord[1] else '')
    return name + '7' if with_sevenths and rng.random() < .4 else name


def cells_for(kind, bar):
    if kind in ('jig', 'reel', 'hornpipe'):
        return CELLS[kind]
    if bar == 3:
        return CELLS['three']
    if bar == 2:
        return CELLS['two']
    return CELLS[kind]


def melody(rng, chords, bar, beat, kind, low=62, high=88):
    """
    A tune over the chords: (quarter, length, pitch, accent 0..1). Parts of eight bars, each twice;
    motifs come again; chord notes on the strong beats; an end of each part that rests.
    """
    unit, cells = cells_for(kind, bar)
    favourites = [cells[i] for i in rng.integers(len(cells), size=3)]
    key = chords[0][0]
    pitch = int(rng.integers(low + 6, high - 6))

    def motif():
        cell = favourites[rng.integers(3)] if rng.random() < .8 else cells[rng.integers(len(cells))]
        steps = rng.choice([-2, -1, -1, 1, 1, 2, 0, 3, -3], size=len(cell))
        return [(u * unit, rng.random(), int(s)) for u, s in zip(cell, steps)]

    def part():
        a, b, c, d = motif(), motif(), motif(), motif()
        half = bar * .5 if bar != 3 else 2.
        rest = [(half, .1, 0), (bar - half, .5, 0)]
        end = rest if rng.random() < .65 else motif()
        return [a, b, a, c, a, b, d, end] if rng.random() < .6 else [a, b, c, d, a, b, c, end]

    parts = part(), part()
    notes = []
    for index, chord in enumerate(chords):
        at = index * bar
        chord_notes = [chord[0], (chord[0] + (3 if chord[1] else 4)) % 12, (chord[0] + 7) % 12]
        for nth, (length, chance, step) in enumerate(parts[index // 16 % 2][index % 8]):
            pitch = min(max(pitch + step, low), high)
            strong = abs((at - index * bar) % beat) < 1e-6
            wanted = chord_notes if strong and chance < .85 else [(key + s) % 12 for s in SCALE]
            pitch += next((k for k in (0, 1, -1, 2, -2, 3, -3) if (pitch + k) % 12 in wanted), 0)
            accent = 1.0 if nth == 0 else .85 if strong else .7
            notes.append((at, length * .92, pitch, accent))
            at += length
    return notes
