"""
Pieces to learn from out of recordings with labels: recordings.py LABELS FOLDER. Only their beats are
learned from; of bars nothing is claimed.
"""
import glob
import json
import os
import subprocess
import sys

import numpy as np

from damage import damage
from features import SAMPLE_RATE, as_bytes, features


def main():
    labels, folder = sys.argv[1:3]
    os.makedirs(folder, exist_ok=True)
    for number, path in enumerate(sorted(glob.glob(f'{labels}/*.json'))):
        with open(path) as file:
            told = json.load(file)
        raw = subprocess.run(
            ['ffmpeg', '-v', 'error', '-ss', str(told['from']), '-i', told['path'], '-t',
             str(told['seconds']), '-ac', '1', '-ar', str(SAMPLE_RATE), '-f', 'f32le', '-'],
            capture_output=True).stdout
        samples, beats = np.frombuffer(raw, np.float32), np.array(told['beats'])
        rng = np.random.default_rng([7, number])
        for version in range(2):
            heard, at, done = damage(rng, samples.copy(), beats, version == 1)
            np.savez(f'{folder}/{number:05d}_{version}.npz', f=as_bytes(features(heard)),
                     b=at.astype(np.float32), d=np.zeros(len(at), bool), bpb=0,
                     kind='recording', info=','.join(done))


if __name__ == '__main__':
    main()
