import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { expectOk } from '@dellop/core/document'
import { readWav } from '@dellop/core/listen'
import { compressed, flac } from './testing/encode.ts'
import { folder, demo, shell, dellop, fileOf } from './testing/commands.ts'

describe('dellop band', () => {
  it('plays a tune and writes its true beats beside it', () => {
    const { exit, json } = dellop(
      'band',
      demo('tunes/lamps-along-the-staithe.abc'),
      '-o',
      'lamps.wav',
    )
    expect(exit).toBe(0)
    expect(json).toMatchObject({ bpm: 96, bars: 72 })
    const wav = readFileSync(join(folder, 'lamps.wav'))
    expect([wav.subarray(0, 4).toString(), wav.readUInt32LE(24)]).toEqual(['RIFF', 44_100])
    const beats = JSON.parse(readFileSync(join(folder, 'lamps.json'), 'utf8'))
    expect([beats.beats.length, beats.downbeats.length]).toEqual([216, 72])
  }, 30_000)
  it('writes nothing for a tune with a wrong bar', () => {
    const tune = readFileSync(demo('tunes/lamps-along-the-staithe.abc'), 'utf8').replace(
      '"G"d2 B |',
      '"G"d2 |',
    )
    expect(dellop('band', fileOf('wrong.abc', tune), '-o', 'wrong.wav')).toMatchObject({
      exit: 2,
      stderr: expect.stringMatching(/there are 2 beats; 3 were expected/),
    })
    expect(() => readFileSync(join(folder, 'wrong.wav'))).toThrow()
  })
})

describe('dellop listen', () => {
  it('hears the beats of what the band has played', () => {
    dellop('band', demo('tunes/lamps-along-the-staithe.abc'), '-o', 'heard.wav')
    const { exit, json } = shell('listen', 'heard.wav', '--range', '84-110')
    expect(exit).toBe(0)
    expect([Math.round(json.bpm), json.beatsPerBar]).toEqual([96, 3])
    expect(json.sections[0]).toMatchObject({ label: 'A', bars: 4 })
  }, 60_000)
  it('hears the same in MP3, Ogg and FLAC as in WAV', async () => {
    const bars = 'IAT'
    writeFileSync(
      join(folder, 'short.abc'),
      readFileSync(demo('tunes/lamps-along-the-staithe.abc'), 'utf8').replace(
        'P:IAABALAABAT',
        `P:${bars}`,
      ),
    )
    dellop('band', 'short.abc', '-o', 'short.wav')
    const { samples, sampleRate } = expectOk(readWav(readFileSync(join(folder, 'short.wav'))))
    writeFileSync(join(folder, 'short.mp3'), await compressed('mp3', samples, sampleRate))
    writeFileSync(join(folder, 'short.ogg'), await compressed('ogg', samples, sampleRate))
    writeFileSync(join(folder, 'short.flac'), flac(samples))
    const truth = (
      JSON.parse(readFileSync(join(folder, 'short.json'), 'utf8')) as { beats: number[] }
    ).beats.filter((beat) => beat > 5)
    for (const name of ['short.wav', 'short.mp3', 'short.ogg', 'short.flac']) {
      const { json } = shell('listen', name)
      const found = truth.filter((beat) =>
        (json.beats as number[]).some((one) => Math.abs(one - beat) < 0.07),
      )
      expect([name, json.beatsPerBar, found.length / truth.length > 0.95]).toEqual([name, 3, true])
    }
    const whole = readFileSync(join(folder, 'short.flac'))
    writeFileSync(join(folder, 'cut.flac'), whole.subarray(0, whole.length >> 1))
    expect(shell('listen', 'cut.flac').stderr).toMatch(
      /^The recording breaks off: it says that it is \d+ s long, and \d+ s of it are there. The whole file was expected.$/,
    )
  }, 120_000)
  it('refuses what is no sound, in a sentence', () => {
    expect(shell('listen', fileOf('text.mp3', 'this is text')).stderr).toMatch(
      /WAV, MP3, Ogg or FLAC was expected/,
    )
    expect(shell('listen', fileOf('empty.wav', '')).stderr).toMatch(/is empty/)
    expect(
      shell('listen', fileOf('broken.mp3', 'ID3\u0004 and then nothing that is sound')).exit,
    ).toBe(2)
    expect(shell('listen', 'heard.wav', '--range', 'fast').stderr).toMatch(/84-96/)
  })
})
