import { parseMidi, type MidiEvent } from 'midi-file'
import { cueLines } from '../sheet/index.ts'
import { demoText, proved, SHEET_NAMES } from '../testing/typed.ts'
import { cueMidi } from './cueMidi.ts'

/** The seconds of every event, worked out as a sequencer does: from the tempo that holds. */
function timed(bytes: Uint8Array): { seconds: number; event: MidiEvent }[] {
  const { header, tracks } = parseMidi(bytes)
  let seconds = 0
  let perTick = 500_000 / 1e6 / header.ticksPerBeat!
  return tracks[0]!.map((event) => {
    seconds += event.deltaTime * perTick
    if (event.type === 'setTempo') perTick = event.microsecondsPerBeat / 1e6 / header.ticksPerBeat!
    return { seconds, event }
  })
}

const textOf = (event: MidiEvent): string =>
  new TextDecoder().decode(
    Uint8Array.from((event as { text: string }).text, (letter) => letter.charCodeAt(0)),
  )

describe('cues as MIDI', () => {
  it.each(SHEET_NAMES)(
    'of %s are lyrics that sound when they are planned, at any speed, within a millisecond',
    (name) => {
      const sheet = proved(demoText(name))
      for (const speed of [0.8, 1, 1.2]) {
        const lyrics = timed(cueMidi(sheet, speed)).filter(({ event }) => event.type === 'lyrics')
        const cues = cueLines(sheet, speed)
        expect(lyrics.map(({ event }) => textOf(event))).toEqual(cues.map(({ text }) => text))
        lyrics.forEach(({ seconds }, i) =>
          expect(Math.abs(seconds - Math.max(0, cues[i]!.startSeconds))).toBeLessThanOrEqual(0.001),
        )
      }
    },
  )
  it('have each pass as a marker', () => {
    const sheet = proved(demoText('sluice-gate-two-step'))
    const markers = timed(cueMidi(sheet)).filter(({ event }) => event.type === 'marker')
    expect(markers.map(({ event }) => textOf(event))).toEqual(
      sheet.timeline.passes.map((pass) => `${pass.part.label} ${pass.ordinal}`),
    )
    markers.forEach(({ seconds }, i) =>
      expect(
        Math.abs(seconds - sheet.clock.heardAt(sheet.timeline.passes[i]!.start)),
      ).toBeLessThanOrEqual(0.001),
    )
  })
})
