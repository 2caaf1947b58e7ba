"""The net: a log spectrogram in, for each frame how surely a beat, a downbeat and a bar of three."""
import torch
import torch.nn as nn
import torch.nn.functional as nnf

from features import BAND_COUNT

CHANNELS, LAYERS, KERNEL, DROPOUT = 40, 9, 5, .1


class Net(nn.Module):
    """(batch, frames, 72) to logits (batch, 3, frames); sees 20 s to either side."""

    def __init__(self):
        super().__init__()
        self.c1 = nn.Conv2d(2, 8, (3, 5), stride=(1, 2), padding=(1, 2))
        self.c2 = nn.Conv2d(8, 16, (3, 3), stride=(1, 2), padding=(1, 1))
        self.p = nn.Conv1d(16 * (BAND_COUNT // 4), CHANNELS, 1)
        self.t = nn.ModuleList(
            nn.Conv1d(CHANNELS, CHANNELS, KERNEL, dilation=2 ** i, padding=2 ** i * (KERNEL // 2))
            for i in range(LAYERS))
        self.m = nn.ModuleList(nn.Conv1d(CHANNELS, CHANNELS, 1) for _ in range(LAYERS))
        self.o = nn.Conv1d(CHANNELS, 3, 1)
        for layer in [*self.t, *self.m]:
            nn.init.kaiming_normal_(layer.weight, nonlinearity='relu')
            nn.init.zeros_(layer.bias)
        for layer in self.m:
            layer.weight.data *= .5
        self.o.bias.data[:] = torch.tensor([-2., -3., -1.])

    def forward(self, spectrum):
        before = torch.cat([spectrum[:, :1], spectrum[:, :-1]], 1)
        planes = torch.stack([spectrum * .5 - 1, torch.relu(spectrum - before) * 2], 1)
        h = nnf.elu(self.c2(nnf.elu(self.c1(planes))))
        batch, channels, frames, bands = h.shape
        h = nnf.elu(self.p(h.permute(0, 1, 3, 2).reshape(batch, channels * bands, frames)))
        total = 0
        for widened, mixed in zip(self.t, self.m):
            y = mixed(nnf.dropout(nnf.elu(widened(h)), DROPOUT, self.training))
            h, total = h + y, total + y
        return self.o(nnf.elu(total))
