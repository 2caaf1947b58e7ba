"""Drum parts: a few feels in alternation by section, with fills, crashes, breaks and ghost notes."""
import numpy as np

KICK, HAT, OPEN_HAT, CRASH, RIDE = 36, 42, 46, 49, 51
TOMS = [48, 45, 43, 47]
DRUMS = 9
STEP = .25


def play(rng, piece, style, kind):
    snare = int(rng.choice([38, 40] if style == 'metal' else [38, 40, 37]))
    feels = [_feel(rng, piece, style, kind) for _ in range(3)]
    section = int(rng.choice([4, 8, 8, 16]))
    has_fills, has_crashes = rng.random() < .7, rng.random() < .8
    ghosts = rng.uniform(0, .15)
    order = rng.integers(3, size=128)
    breaks = .12 if style in ('rock', 'metal', 'pop', 'electro') else .03
    steps = int(round(piece.bar / STEP))
    for bar in range(piece.bars):
        kicks, snares, hats, hat = feels[order[bar // section % 128]]
        if bar % section == 0 and rng.random() < breaks:
            kicks, snares = kicks * 0, snares * 0
        ends = has_fills and bar % section == section - 1
        fill = int(steps * rng.choice([.5, .75])) if ends else steps
        for step in range(steps):
            at = bar * piece.bar + step * STEP

            def hit(pitch, velocity):
                piece.note(at, .1, DRUMS, pitch, velocity)

            if step >= fill:
                if rng.random() < .85:
                    hit(rng.choice([snare, *TOMS]), 85 + rng.integers(30))
                if step % 4 == 0 and rng.random() < .5:
                    hit(KICK, 100)
                continue
            if kicks[step]:
                hit(KICK, kicks[step] + rng.normal(0, 6))
            if snares[step]:
                hit(snare, snares[step] + rng.normal(0, 6))
            elif rng.random() < ghosts * .4:
                hit(snare, 40)
            if hats[step]:
                hit(hat, hats[step] + rng.normal(0, 6))
        if has_crashes and bar % section == 0 and rng.random() < .8:
            piece.note(bar * piece.bar, .1, DRUMS, CRASH, 110)


def _feel(rng, piece, style, kind):
    loud = style in ('metal', 'rock', 'electro', 'pop')
    name = rng.choice(['std', 'std', 'four', 'half', 'blast', 'open', 'double']) \
        if loud and piece.bar == 4 else 'std'
    # Twice or half as fast as the snare says is danced only where that would be too slow or too fast.
    if (name == 'half' and piece.quarters_per_minute > 150) or (
            name == 'double' and piece.quarters_per_minute > 80):
        name = 'std'
    if style == 'electro' and rng.random() < .6:
        name = 'four'
    if name == 'blast' and style != 'metal':
        name = 'std'
    steps, per_beat = int(round(piece.bar / STEP)), int(round(piece.beat / STEP))
    kicks, snares, hats = np.zeros(steps), np.zeros(steps), np.zeros(steps)
    every = int(rng.choice([1, 2, 2, 2, 4])) if kind != 'jig' else 2
    if piece.quarters_per_minute > 140:
        every = max(2, every)
    hats[::every] = [70 + 20 * (i % per_beat == 0) for i in range(0, steps, every)]
    if kind == 'jig':
        kicks[0], snares[6] = 110, 100
        kicks[6] = 0 if rng.random() < .6 else 90
    elif piece.bar == 3:
        kicks[0] = 110
        snares[4] = snares[8] = rng.integers(40, 95)
        if rng.random() < .4:
            kicks[4], snares[4] = snares[4], 0
        if rng.random() < .2:
            kicks[10] = 80
    elif piece.bar == 2 or piece.beat == 2:
        kicks[::2 * per_beat if rng.random() < .3 else per_beat] = 100
        snares[per_beat // 2::per_beat] = 85
        if style == 'orch' or kind == 'march':
            snares[:] = np.where(rng.random(steps) < .4, 60, 0)
            snares[::per_beat] = 90
    else:
        _four_four(rng, piece, style, name, kicks, snares, hats)
    other = CRASH if style == 'metal' else 59
    return kicks, snares, hats, int(rng.choice([HAT, HAT, RIDE, OPEN_HAT, other]))


def _four_four(rng, piece, style, name, kicks, snares, hats):
    steps, fast = len(kicks), piece.quarters_per_minute
    if name == 'std':
        kicks[0], snares[4], snares[12] = 115, 110, 110
        for step in (2, 6, 7, 8, 10, 11, 14, 15, 3):
            if rng.random() < (.6 if step == 8 else .25 if step % 2 == 0 else .1):
                kicks[step] = 100
        if style == 'metal' and rng.random() < .4:
            kicks[:] = np.where(np.arange(steps) % (1 if fast < 140 else 2) == 0, 95, 0)
    elif name == 'four':
        kicks[::4], snares[4], snares[12] = 115, 100, 100
        hats[:] = 0
        hats[2::4] = 95
        hats[::4] = 50 * (rng.random() < .5)
    elif name == 'half':
        kicks[0] = snares[8] = 115
        kicks[[3, 6, 10]] = np.where(rng.random(3) < .4, 95, 0)
    elif name == 'double':
        # The snare on the half beat: twice as fast as it is danced.
        kicks[::4], snares[2::4] = 110, 105
        if rng.random() < .5:
            kicks[6] = kicks[14] = 95
    elif name == 'blast':
        d = 2 if fast > 110 else 1
        kicks[::2 * d], snares[d::2 * d] = 105, 100
        hats[::2 * d] = 90
    else:
        kicks[0], kicks[8] = 110, 100
        hats[:] = 0
        hats[::4] = 90
