"""
Makes pieces to learn from: make.py FIRST_SEED COUNT FOLDER. Each seed gives one piece, heard twice
(lightly and heavily damaged), whatever else is made; what is there already is left alone.
"""
import os
import sys
import tempfile

import numpy as np

from accompanist import accompanied
from band import band
from damage import damage
from features import SAMPLE_RATE, as_bytes, features
from render import render

ACCOMPANIED = .28


def make(seed, folder, scratch):
    rng = np.random.default_rng(seed)
    seconds = float(rng.uniform(30, 52))
    piece = accompanied(rng, scratch) if rng.random() < ACCOMPANIED else band(rng)
    samples, beats, downs = render(rng, piece, seconds, scratch)
    if len(samples) < 10 * SAMPLE_RATE or np.abs(samples).max() < .003:
        raise RuntimeError(f'nothing sounds in {piece.kind}')
    for version in range(2):
        drive = piece.kind.startswith(('metal', 'rock'))
        heard, at, done = damage(rng, samples, beats, version == 1, drive)
        np.savez(f'{folder}/{seed:06d}_{version}.npz', f=as_bytes(features(heard)),
                 b=at.astype(np.float32), d=downs, bpb=piece.beats_per_bar, kind=piece.kind,
                 info=','.join(done))


def main():
    first, count, folder = int(sys.argv[1]), int(sys.argv[2]), sys.argv[3]
    os.makedirs(folder, exist_ok=True)
    with tempfile.TemporaryDirectory() as scratch:
        for seed in range(first, first + count):
            if os.path.exists(f'{folder}/{seed:06d}_1.npz'):
                continue
            try:
                make(seed, folder, scratch + '/piece')
            except Exception as error:  # noqa: BLE001 - one piece less; which one is said.
                print('left out', seed, repr(error)[:200], flush=True)
            if seed % 20 == 0:
                print(seed, flush=True)


if __name__ == '__main__':
    main()
