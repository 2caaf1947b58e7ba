"""
What a net says of pieces: activate.py CHECKPOINT FOLDER OUT writes NAME.act (four rows of 32-bit
numbers: beat, downbeat, three, energy), NAME.bands (the spectrum in bytes) and NAME.json (the truth)
for each piece, for evaluate.ts.
"""
import glob
import json
import os
import sys

import numpy as np
import torch

from features import SCALE
from net import Net


def main():
    checkpoint, folder, out = sys.argv[1:4]
    torch.set_num_threads(1)
    net = Net()
    net.load_state_dict(torch.load(checkpoint)['mean'])
    net.eval()
    os.makedirs(out, exist_ok=True)
    for path in sorted(glob.glob(f'{folder}/*.npz')):
        with np.load(path) as z:
            spectrum = z['f'].astype(np.float32) / SCALE
            truth = {'beats': z['b'].tolist(), 'downbeats': z['b'][z['d']].tolist(),
                     'beatsPerBar': int(z['bpb']), 'kind': str(z['kind']), 'info': str(z['info'])}
        with torch.no_grad():
            said = torch.sigmoid(net(torch.from_numpy(spectrum)[None]))[0].numpy()
        rows = np.concatenate([said, spectrum.mean(1)[None]]).astype('<f4')
        name = os.path.join(out, os.path.basename(path)[:-4])
        rows.tofile(name + '.act')
        np.round(spectrum * SCALE).astype(np.uint8).tofile(name + '.bands')
        with open(name + '.json', 'w') as file:
            json.dump(truth, file)


if __name__ == '__main__':
    main()
