"""A piece before it sounds: notes in quarters, and what its beat is."""
from dataclasses import dataclass, field


@dataclass
class Piece:
    kind: str
    # Quarters of a beat and of a bar; beats of a bar; quarters a minute.
    beat: float
    bar: float
    beats_per_bar: int
    quarters_per_minute: float
    chords: list
    # [quarter, length, channel, pitch, velocity]
    notes: list = field(default_factory=list)
    # [quarter, kind, channel, first, second]
    controls: list = field(default_factory=list)

    @property
    def bars(self):
        return len(self.chords)

    def note(self, at, length, channel, pitch, velocity):
        self.notes.append(
            [at, length, channel, int(pitch), int(min(127, max(8, velocity)))])

    def instrument(self, channel, program, volume=100):
        self.controls.append([-8, 12, channel, int(program), 0])
        self.controls.append([-8, 11, channel, 7, int(volume)])


def bars_for(quarters_per_minute, bar, most=420):
    """Bars of somewhat more than a minute."""
    return int(min(most, 62 * quarters_per_minute / 60 / bar + 3))
