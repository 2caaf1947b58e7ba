"""
Training, by steps: learn.py CHECKPOINT --data FOLDER[:SHARE] ... --until STEPS [--anneal FROM].

The rate is held until step FROM and falls to nothing at STEPS. Batches are drawn by the number of
the step, so that a run that goes on from its checkpoint draws what one in one piece would have.
"""
import argparse
import glob
import os
import queue
import threading
import time

import numpy as np
import torch
import torch.nn.functional as nnf

from features import BAND_COUNT, FRAMES_PER_SECOND, SCALE
from net import Net

FRAMES, BATCH, RATE, WARM_UP = 1400, 8, 4e-3, 60
LOSSES = np.array([4, .5, .12])
MAGNITUDE = np.expm1(np.arange(256) / SCALE).astype(np.float32)
SLOWEST, FASTEST = 58, 212


def load(folder):
    """Pieces of a folder in the order of their names, so that a draw is the same anywhere."""
    pieces = []
    for path in sorted(glob.glob(f'{folder}/*.npz')):
        with np.load(path) as z:
            pieces.append((z['f'], z['b'].astype(np.float64), z['d'].astype(np.float32),
                           int(z['bpb'])))
    return pieces


def excerpt(rng, piece):
    """28 s of a piece, stretched, transposed, in another colour, with gaps and noise."""
    spectrum, beats, downs, per_bar = piece
    length = len(spectrum)
    tempo = 60 / np.median(np.diff(beats))
    speed = 1.0
    if rng.random() < .7:
        slowest = max(SLOWEST / tempo, .8)
        speed = float(np.clip(np.exp(rng.uniform(-.16, .16)), slowest,
                              max(min(FASTEST / tempo, 1.25), slowest)))
    needed = int(FRAMES * speed) + 2
    start = int(rng.integers(-FRAMES // 8, max(1, length - needed + FRAMES // 8)))
    at = start + np.arange(FRAMES) * speed
    whole = np.floor(at).astype(int)
    part = (at - whole).astype(np.float32)[:, None]
    inside = (whole >= 0) & (whole < length - 1)
    whole = np.clip(whole, 0, length - 2)
    bands = MAGNITUDE[spectrum[whole]] * (1 - part) + MAGNITUDE[spectrum[whole + 1]] * part
    bands[~inside] = 0
    heard = np.log1p(_coloured(rng, bands))
    if rng.random() < .2:
        gap = int(rng.integers(5, 40))
        begins = int(rng.integers(0, FRAMES - gap))
        heard[begins:begins + gap] = 0
    return (heard.astype(np.float32), *_targets((beats * FRAMES_PER_SECOND - start) / speed, downs),
            per_bar)


def _coloured(rng, bands):
    shift = int(rng.integers(-3, 4)) if rng.random() < .5 else 0
    if shift > 0:
        bands = np.concatenate([np.repeat(bands[:, :1], shift, 1), bands[:, :-shift]], 1)
    elif shift < 0:
        bands = np.concatenate([bands[:, -shift:], np.repeat(bands[:, -1:], -shift, 1)], 1)
    tilt = np.interp(np.arange(BAND_COUNT), np.linspace(0, BAND_COUNT - 1, 6), rng.normal(0, .45, 6))
    bands = bands * np.exp(rng.normal(0, .25) + tilt).astype(np.float32)[None]
    if rng.random() < .12:
        bands[:, -int(rng.integers(4, 25)):] *= .02
    if rng.random() < .12:
        bands[:, :int(rng.integers(4, 20))] *= .02
    if rng.random() < .2:
        noise = rng.random((FRAMES, BAND_COUNT), dtype=np.float32)
        bands = bands + np.float32(rng.uniform(0, .25)) * noise
    return bands


def _targets(beats, downs):
    """A triangle at each beat; there, whether it is a downbeat; where there is music."""
    inside = (beats > -3) & (beats < FRAMES + 3)
    beats, downs = beats[inside], downs[inside]
    is_beat, is_down = np.zeros(FRAMES, np.float32), np.zeros(FRAMES, np.float32)
    for at, down in zip(beats, downs):
        first = int(np.floor(at))
        for frame in range(max(0, first - 1), min(FRAMES, first + 3)):
            height = max(0, 1 - abs(frame - at) / 1.6)
            if height > is_beat[frame]:
                is_beat[frame], is_down[frame] = height, down
    music = np.zeros(FRAMES, np.float32)
    if len(beats) > 1:
        music[max(0, int(beats[0])):max(0, int(beats[-1]))] = 1
    return is_beat, is_down, music


def batch_of(step, folders):
    rng = np.random.default_rng([20, step])
    shares = np.array([share for _, share in folders])
    drawn = []
    for _ in range(BATCH):
        pieces, _ = folders[rng.choice(len(folders), p=shares / shares.sum())]
        drawn.append(excerpt(rng, pieces[rng.integers(len(pieces))]))
    stacked = [torch.from_numpy(np.stack([one[i] for one in drawn])) for i in range(4)]
    return (*stacked, torch.tensor([one[4] for one in drawn]))


def losses(out, is_beat, is_down, music, per_bar):
    """Beats everywhere; downbeats at beats, and bars of three in music, where the bar is known."""
    each = nnf.binary_cross_entropy_with_logits(out[:, 0], is_beat, reduction='none')
    beat = (each * (1 + 2.5 * (is_beat > .3).float())).mean()
    known = (per_bar > 0).float()[:, None]
    down = _mean_where(out[:, 1], is_down, is_beat ** 2 * known)
    three = (per_bar == 3).float()[:, None].expand_as(is_beat)
    return torch.stack([beat, down, _mean_where(out[:, 2], three, music * known)])


def _mean_where(logits, target, weight):
    each = nnf.binary_cross_entropy_with_logits(logits, target, reduction='none')
    return (each * weight).sum() / (weight.sum() + 1)


def rate_at(step, until, anneal):
    warm = min(1, (step + 1) / WARM_UP)
    if step < anneal:
        return RATE * warm
    return RATE * warm * (.01 + .99 * .5 * (1 + np.cos(np.pi * (step - anneal) / (until - anneal))))


def batches(first, until, folders):
    """Drawn in a thread of their own, a few ahead."""
    ahead = queue.Queue(4)

    def draw():
        for step in range(first, until):
            ahead.put(batch_of(step, folders))

    threading.Thread(target=draw, daemon=True).start()
    for step in range(first, until):
        yield step, ahead.get()


class Run:
    """Net, optimiser and the running mean of the weights, as they are kept."""

    def __init__(self, path):
        torch.manual_seed(20)
        self.path, self.step, self.net = path, 0, Net()
        sides = [p for p in self.net.parameters() if p.dim() > 1]
        biases = [p for p in self.net.parameters() if p.dim() <= 1]
        self.optimiser = torch.optim.AdamW(
            [{'params': sides, 'weight_decay': 1e-2}, {'params': biases, 'weight_decay': 0}],
            lr=RATE, betas=(.9, .98))
        self.mean = {k: v.clone() for k, v in self.net.state_dict().items()}
        if os.path.exists(path):
            kept = torch.load(path)
            self.step, self.mean = kept['step'], kept['mean']
            self.net.load_state_dict(kept['net'])
            self.optimiser.load_state_dict(kept['optimiser'])

    def keep(self):
        torch.save({'step': self.step, 'net': self.net.state_dict(), 'mean': self.mean,
                    'optimiser': self.optimiser.state_dict()}, self.path + '.part')
        os.replace(self.path + '.part', self.path)

    def learn(self, batch, rate):
        for group in self.optimiser.param_groups:
            group['lr'] = rate
        self.net.train()
        spectrum, *truth = batch
        parts = losses(self.net(spectrum), *truth)
        self.optimiser.zero_grad()
        (parts * torch.tensor(LOSSES, dtype=torch.float32)).sum().backward()
        torch.nn.utils.clip_grad_norm_(self.net.parameters(), 2.0)
        self.optimiser.step()
        self.step += 1
        share = min(.995, self.step / (self.step + 20))
        with torch.no_grad():
            for name, value in self.net.state_dict().items():
                self.mean[name].mul_(share).add_(value, alpha=1 - share)
        return parts.detach().numpy()


def main():
    arguments = argparse.ArgumentParser()
    arguments.add_argument('checkpoint')
    arguments.add_argument('--data', nargs='+', required=True)
    arguments.add_argument('--until', type=int, required=True)
    arguments.add_argument('--anneal', type=int)
    arguments.add_argument('--threads', type=int, default=2)
    given = arguments.parse_args()
    torch.set_num_threads(given.threads)
    # Numbers next to nothing cost many times as much as others.
    torch.set_flush_denormal(True)
    folders = [(load(name.split(':')[0]), float((name.split(':') + ['1'])[1]))
               for name in given.data]
    print('pieces', [len(pieces) for pieces, _ in folders], flush=True)
    run, began = Run(given.checkpoint), time.time()
    anneal = given.until if given.anneal is None else given.anneal
    total = np.zeros(3)
    for step, batch in batches(run.step, given.until, folders):
        total += run.learn(batch, rate_at(step, given.until, anneal))
        if run.step % 50 == 0:
            beat, down, three = total / 50
            total[:] = 0
            print(f'{run.step} {time.time() - began:.0f} s  beat {beat:.4f}  down {down:.3f}  '
                  f'three {three:.3f}', flush=True)
        if run.step % 250 == 0:
            run.keep()
    run.keep()


if __name__ == '__main__':
    main()
