"""What happens to music on its way: rooms, equalisers, old records, compression, noise, MP3."""
import subprocess

import numpy as np

from features import SAMPLE_RATE

# Samples that the MP3 encoder puts in front where it writes to a pipe.
MP3_DELAY = 1105


def level(samples, peak=.8):
    return samples * (peak / max(1e-6, np.abs(samples).max()))


def damage(rng, samples, beats, heavy, drive=False):
    """(samples, beats, names of what was done); speed is changed with the beats."""
    samples, done = level(samples), []
    if rng.random() < .75:
        speed = float(np.exp(rng.uniform(-.12, .12)))
        at = np.arange(0, len(samples) - 1, speed)
        samples = np.interp(at, np.arange(len(samples)), samples).astype(np.float32)
        beats = beats / speed
    if drive and rng.random() < .7:
        samples = np.tanh(samples * rng.uniform(2, 12))
        done.append('drive')
    if heavy:
        samples = _heavily(rng, samples, done)
    elif rng.random() < .4:
        samples = _equalised(rng, samples, 4)
    return level(samples), beats, done


def _heavily(rng, samples, done):
    if rng.random() < .5:
        samples = _in_a_room(rng, level(samples))
        done.append('room')
    if rng.random() < .6:
        samples = _equalised(rng, samples, 7)
        done.append('eq')
    if rng.random() < .4:
        samples = _compressed(rng, level(samples))
        done.append('compressed')
    if rng.random() < .25:
        samples = np.tanh(level(samples) * rng.uniform(1.5, 8))
        done.append('clipped')
    chance = rng.random()
    if chance < .2:
        samples = _between(samples, rng.uniform(100, 350), rng.uniform(2500, 5500))
        done.append('old')
    elif chance < .35:
        samples = _between(samples, 30, rng.uniform(4000, 9000))
    samples = level(samples)
    if rng.random() < .45:
        samples = _noisy(rng, samples)
        done.append('noise')
    if 'old' in done and rng.random() < .6:
        cracks = (rng.random(len(samples)) < 8 / SAMPLE_RATE) * rng.normal(0, .6, len(samples))
        samples = samples + cracks.astype(np.float32)
    if rng.random() < .2:
        samples = _as_mp3(rng, samples, done)
    return samples


def _equalised(rng, samples, decibels):
    spectrum = np.fft.rfft(samples)
    hertz = np.linspace(0, SAMPLE_RATE / 2, len(spectrum))
    points = np.log(np.array([20, 60, 150, 400, 1000, 2500, 6000, 11025]))
    gains = np.interp(np.log(np.maximum(hertz, 20)), points, rng.normal(0, decibels, len(points)))
    return np.fft.irfft(spectrum * 10 ** (gains / 20), len(samples)).astype(np.float32)


def _between(samples, low, high):
    spectrum = np.fft.rfft(samples)
    hertz = np.linspace(0, SAMPLE_RATE / 2, len(spectrum))
    spectrum *= 1 / (1 + (low / np.maximum(hertz, 1)) ** 4) / (1 + (hertz / high) ** 8)
    return np.fft.irfft(spectrum, len(samples)).astype(np.float32)


def _in_a_room(rng, samples):
    length = int(rng.uniform(.2, 1.6) * SAMPLE_RATE)
    room = rng.normal(0, 1, length) * 10 ** (-3 * np.arange(length) / length)
    room[:int(.01 * SAMPLE_RATE)] = 0
    room /= np.sqrt((room ** 2).sum())
    size = 1 << int(np.ceil(np.log2(len(samples) + length)))
    wet = np.fft.irfft(np.fft.rfft(samples, size) * np.fft.rfft(room, size), size)[:len(samples)]
    return (samples + rng.uniform(.1, .7) * wet).astype(np.float32)


def _compressed(rng, samples):
    width = int(SAMPLE_RATE * rng.choice([.01, .05, .2]))
    starts = np.arange(0, len(samples), width)
    power = [np.mean(samples[i:i + width] ** 2) for i in starts]
    envelope = np.sqrt(np.maximum(0, np.interp(np.arange(len(samples)), starts, power)) + 1e-6)
    return (samples * envelope ** (-rng.uniform(.3, .8))).astype(np.float32)


def _noisy(rng, samples):
    noise = rng.normal(0, 1, len(samples)).astype(np.float32)
    if rng.random() < .5:
        noise = np.cumsum(noise)
        size = 1 << int(np.ceil(np.log2(len(noise) + 801)))
        spectrum = np.fft.rfft(noise, size) * np.fft.rfft(np.ones(801) / 801, size)
        noise = noise - np.roll(np.fft.irfft(spectrum, size), -400)[:len(noise)]
        noise /= noise.std() + 1e-9
    return samples + noise * samples.std() * 10 ** (-rng.uniform(6, 35) / 20)


def _as_mp3(rng, samples, done):
    raw = ['-f', 's16le', '-ar', str(SAMPLE_RATE), '-ac', '1']
    data = np.clip(level(samples) * 32767, -32767, 32767).astype('<i2').tobytes()
    rate = str(rng.choice([16, 24, 32, 48])) + 'k'
    packed = subprocess.run(
        ['ffmpeg', '-v', 'error', *raw, '-i', '-', '-c:a', 'libmp3lame', '-b:a', rate, '-f', 'mp3',
         '-'], input=data, capture_output=True).stdout
    again = subprocess.run(['ffmpeg', '-v', 'error', '-i', '-', *raw, '-'],
                           input=packed, capture_output=True).stdout
    heard = np.frombuffer(again, '<i2').astype(np.float32) / 32768
    if len(heard) <= len(samples) * .9:
        return samples
    done.append('mp3')
    return heard[MP3_DELAY:]
