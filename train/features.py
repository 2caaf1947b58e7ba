"""The log spectrogram that the net reads. `core/src/listen` has the same one, number for number."""
import numpy as np

SAMPLE_RATE = 22050
HOP = 441
WINDOW = 1024
FRAMES_PER_SECOND = SAMPLE_RATE / HOP
# Spectra are kept as bytes: value * SCALE, so that 255 is 6.4.
SCALE = 40.0


def triangular_bands():
    """72 bands, twelve to the octave from 40 Hz where bins of the transform allow."""
    wanted = 40 * 2 ** (np.arange(97) / 12.0)
    bins = np.unique(np.round(wanted * WINDOW / SAMPLE_RATE).astype(int))
    bins = bins[(bins >= 2) & (bins <= WINDOW // 2 - 1)]
    bands = np.zeros((WINDOW // 2 + 1, len(bins) - 2), np.float32)
    for i, (low, centre, high) in enumerate(zip(bins, bins[1:], bins[2:])):
        bands[low:centre, i] = np.linspace(0, 1, centre - low, endpoint=False)
        bands[centre:high, i] = np.linspace(1, 0, high - centre, endpoint=False)
        bands[:, i] /= bands[:, i].sum()
    return bands


BANDS = triangular_bands()
BAND_COUNT = BANDS.shape[1]
HANN = np.hanning(WINDOW + 1)[:WINDOW].astype(np.float32)


def magnitudes(samples):
    """Frame i is centred at i / 50 s; (frames, bands)."""
    ends = np.zeros(WINDOW // 2, np.float32), np.zeros(WINDOW, np.float32)
    padded = np.concatenate([ends[0], samples.astype(np.float32), ends[1]])
    frames = (len(padded) - WINDOW) // HOP
    index = np.arange(WINDOW)[None, :] + HOP * np.arange(frames)[:, None]
    out = np.empty((frames, BAND_COUNT), np.float32)
    for at in range(0, frames, 512):
        spectra = np.fft.rfft(padded[index[at:at + 512]] * HANN, axis=1)
        out[at:at + 512] = np.abs(spectra).astype(np.float32) @ BANDS
    return out


def features(samples):
    """log(1 + 3 M / mean of the sounding frames); about 0 to 5."""
    bands = magnitudes(samples)
    energy = bands.mean(1)
    sounding = energy > 0.05 * energy.max() + 1e-9
    gain = 1.0 / max(1e-9, energy[sounding].mean()) if sounding.any() else 0.0
    return np.log1p(3.0 * gain * bands)


def as_bytes(spectrum):
    return np.clip(np.round(spectrum * SCALE), 0, 255).astype(np.uint8)
