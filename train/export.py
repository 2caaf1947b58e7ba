"""Weights for Dellop: export.py CHECKPOINT FILE; core/src/listen/netWeights.ts reads them."""
import struct
import sys

import numpy as np
import torch

from net import CHANNELS

MARK, VERSION = 0x4244, 1


def main():
    mean = torch.load(sys.argv[1])['mean']
    parts = []
    for name, value in mean.items():
        array = value.numpy()
        if name.startswith('t.') and array.ndim == 3:
            # By output, tap, input: as the forward pass of Dellop reads them.
            array = array.transpose(0, 2, 1)
        parts.append(array.astype('<f2').ravel())
    weights = np.concatenate(parts)
    with open(sys.argv[2], 'wb') as file:
        file.write(struct.pack('<HHHH', MARK, VERSION, CHANNELS, 0) + weights.tobytes())
    print(weights.size, 'weights,', weights.nbytes + 8, 'bytes')


if __name__ == '__main__':
    main()
