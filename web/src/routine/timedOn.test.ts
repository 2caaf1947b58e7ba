import { playScore } from '@dellop/core/band'
import { countingIds, expectOk } from '@dellop/core/document'
import { readAbc, tuneOfScore } from '@dellop/core/file'
import type { Routine } from '@dellop/core/routine'
import type { Recording, Tune } from '@dellop/core/tune'
import { musicChoices, musicKey, musicNote, musicTold } from './timedOn.ts'

function tune(id: string, metre: string, bar: string): Tune {
  const score = expectOk(
    readAbc(`X:1\nT:${id}\nM:${metre}\nL:1/4\nQ:1/4=96\nP:A\nK:C\nP:A\n${bar} | ${bar} |\n`),
  )
  return { ...tuneOfScore(score, playScore(score, 1000), null, countingIds(id)), id }
}
const reeds = tune('reeds', '3/4', 'C E G')
const march = tune('march', '4/4', 'C E G E')
const recorded = reeds.recordings[0]!
const short: Recording = {
  ...recorded,
  id: 'short',
  name: 'the short one',
  differences: [{ bars: -8, after: 'B', beforeBar: 21 }],
}
const two: Tune = { ...reeds, recordings: [recorded, short] }
const routine = (tuneId: string | null, recordingId: string | null): Routine =>
  ({ tuneId, recordingId, metre: reeds.metre }) as Routine

describe('the music a sheet is timed on', () => {
  it('is chosen among tunes of its metre, each recording by its name', () => {
    expect(
      musicChoices([two, march], routine('reeds', recorded.id)).map(({ text }) => text),
    ).toEqual([`reeds · ${recorded.name}`, 'reeds · the short one'])
    expect(musicChoices([reeds, march], routine(null, null)).map(({ text }) => text)).toEqual([
      'reeds',
    ])
  })
  it('stays in the list though its metre is another', () =>
    expect(musicChoices([march], routine('march', null)).map(({ text }) => text)).toEqual([
      'march',
    ]))
  it('is the first recording where none was named', () =>
    expect(musicKey([two], routine('reeds', null))).toBe(
      musicKey([two], routine('reeds', recorded.id)),
    ))
  it('is told when the tune or the recording is gone', () => {
    expect(musicNote([two], routine('reeds', 'short'))).toBe('')
    expect(musicNote([reeds], routine('reeds', 'short'))).toMatch(
      /The recording it was timed on is gone/,
    )
    expect(musicNote([march], routine('reeds', null))).toMatch(/The tune it was timed on is gone/)
    expect(musicKey([march], routine('reeds', null))).toBe('')
    expect(musicNote([], routine(null, null))).toBe('')
  })
  it('says how another recording differs', () => {
    const choice = musicChoices([two], routine('reeds', recorded.id))[1]!
    expect(musicTold(choice)).toBe(
      'The cues are timed on “reeds · the short one” now. It is 8 bars shorter after B (bar 21).',
    )
    expect(musicTold(null)).toMatch(/even tempo/)
  })
})
