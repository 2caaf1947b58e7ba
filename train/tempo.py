"""How fast a piece goes: steady, drifting, stepping, slowing, hurrying; a little uneven or not."""
import numpy as np

KINDS = ['flat', 'flat', 'drift', 'walk', 'step', 'rit', 'acc']


class Tempo:
    """Seconds of quarters; `seconds` of music are wanted, quarter 0 is at 0."""

    def __init__(self, rng, quarters_per_minute, seconds):
        self.kind = rng.choice(KINDS)
        self.quarters = np.arange(-8 * 4, 1400 * 4) / 4.0
        at = self.quarters * 60 / quarters_per_minute
        pace = self._pace(rng, at, seconds)
        if rng.random() < .5:
            pace = pace * np.exp(rng.normal(0, .01, len(at)))
        lengths = .25 * 60 / quarters_per_minute / pace
        self.seconds = np.concatenate([[0], np.cumsum(lengths)[:-1]])
        self.seconds -= np.interp(0, self.quarters, self.seconds)

    def _pace(self, rng, at, seconds):
        flat = np.ones_like(at)
        if self.kind == 'drift':
            wave = np.sin(2 * np.pi * at / rng.uniform(8, 30) + rng.uniform(0, 6))
            return flat + rng.uniform(.01, .08) * wave
        if self.kind == 'walk':
            walk = np.cumsum(rng.normal(0, .004, len(at)))
            walk -= np.linspace(0, 1, len(at)) * walk[-1] * .5
            return np.exp(np.clip(walk, -.2, .2))
        if self.kind == 'step':
            by = rng.choice([-1, 1]) * rng.uniform(.05, .2)
            return np.where(at > seconds * rng.uniform(.3, .7), 1 + by, 1)
        if self.kind == 'rit':
            length = rng.uniform(4, 10)
            return flat * np.clip(1 - .45 * (at - (seconds - length)) / length, .55, 1)
        if self.kind == 'acc':
            return flat + rng.uniform(-.25, .25) * np.clip(at / seconds, 0, 1)
        return flat

    def __call__(self, quarter):
        return np.interp(quarter, self.quarters, self.seconds)
