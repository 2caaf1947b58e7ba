"""
What features and net give for a sound that is a formula: vector.py CHECKPOINT FILE. The test of
`core/src/listen` computes the same and compares.
"""
import json
import sys

import numpy as np
import torch

from features import SAMPLE_RATE, features
from net import Net

SECONDS = 12


def plucked():
    """Three plucks of 1.5 s in turn, the first the lowest: a slow waltz of sines that fade."""
    at = np.arange(SECONDS * SAMPLE_RATE) / SAMPLE_RATE
    sound = np.zeros_like(at)
    for beat in range(SECONDS * 2):
        since = at - beat / 2
        hertz = [110, 330, 440][beat % 3]
        fading = np.where(since >= 0, np.exp(-8 * np.maximum(since, 0)), 0)
        sound += .3 * fading * np.sin(2 * np.pi * hertz * since)
    return sound.astype(np.float32)


def main():
    net = Net()
    mean = {k: v.half().float() for k, v in torch.load(sys.argv[1])['mean'].items()}
    net.load_state_dict(mean)
    net.eval()
    spectrum = features(plucked())
    with torch.no_grad():
        said = torch.sigmoid(net(torch.from_numpy(spectrum)[None]))[0].numpy()
    frames = list(range(0, len(spectrum), 37))
    with open(sys.argv[2], 'w') as file:
        json.dump({'frames': len(spectrum), 'at': frames,
                   'bands': [[round(float(v), 6) for v in spectrum[i]] for i in frames],
                   'said': [[round(float(v), 6) for v in said[:, i]] for i in frames]}, file)
        file.write('\n')


if __name__ == '__main__':
    main()
