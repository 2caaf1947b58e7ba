import type { Heard } from '@dellop/core/listen'
import { secondsAt, type Tick } from '@dellop/core/time'
import { tuneBpm, tuneOn, tuneSchema, withBeatMap, type Tune } from '@dellop/core/tune'
import { computed, ref, shallowRef } from 'vue'
import { WALTZ } from '../testing/waltz.ts'
import type { Ear } from './listenAgain.ts'
import type { MendedTune } from './mendBeats.ts'
import { useMending } from './mending.ts'

const SOUND = {
  sampleRate: 8000,
  getChannelData: () => new Float32Array(8000),
} as unknown as AudioBuffer
/** A listening that hears a steady beat. */
const hears = (bpm: number, beatsPerBar = 3): Heard =>
  ({
    bpm,
    beats: Array.from({ length: 97 }, (_, i) => 0.5 + (i * 60) / bpm),
    downbeats: Array.from({ length: 33 }, (_, i) => 0.5 + (i * beatsPerBar * 60) / bpm),
    beatsPerBar,
    otherTempi: [],
    otherBars: [],
    sections: [{ label: 'A', bars: 16 }],
    phrases: [],
    confidence: 1,
    soundsFrom: 0,
    beatConfidence: Array.from({ length: 97 }, () => 1),
  }) as unknown as Heard

/** An open tune with one recording, of which every change is kept. */
function open(heard: Heard | null = null) {
  const tune = shallowRef<Tune>(WALTZ.tune!)
  const done: string[] = []
  const wishes: object[] = []
  const document_ = {
    tune,
    shown: computed(() => tuneOn(tune.value, null)),
    changeBeats: (make, label, more, choices) => {
      const next = withBeatMap(tune.value, make, more, choices)
      if (!next || !tuneSchema.safeParse(next).success) return false
      tune.value = next
      done.push(label)
      return true
    },
  } as MendedTune
  const told = ref('')
  const buffer = shallowRef<AudioBuffer | null>(SOUND)
  const listen = (async (_sound, wish) => {
    wishes.push(wish)
    return { heard, alignment: null, sentence: heard ? null : 'nothing there', peaks: [] }
  }) as Ear['listen']
  const chosen = ref<number | null>(null)
  return {
    tune,
    done,
    wishes,
    told,
    buffer,
    chosen,
    ...useMending(document_, chosen, { buffer, told, listen }),
    at: (beat: number) => secondsAt(tune.value.recordings[0]!.beatMap, (beat * 24) as Tick),
    bars: () =>
      tune.value.sections
        .flatMap(({ phrases }) => phrases.map(({ bars }) => bars))
        .reduce((a, b) => a + b, 0),
  }
}

describe('mending the beats of a recording', () => {
  it('counts half as many and twice as many: tempo, phrases and beats go together', () => {
    const one = open()
    const [bpm, beat, bars] = [one.tune.value.bpm, one.at(8), one.bars()]
    expect(one.half()).toBe(true)
    expect([one.tune.value.bpm, one.at(4)]).toEqual([bpm / 2, expect.closeTo(beat, 9)])
    expect(one.double()).toBe(true)
    expect([one.tune.value.bpm, one.at(8), one.bars()]).toEqual([
      bpm,
      expect.closeTo(beat, 9),
      bars,
    ])
    expect(one.done).toHaveLength(2)
  })
  it('shifts to the off-beat, and moves all by seconds', () => {
    const one = open()
    const [beat, length] = [one.at(4), one.at(5) - one.at(4)]
    one.off()
    expect(Math.abs(one.at(4) - beat)).toBeCloseTo(length / 2, 6)
    one.nudge(0.02)
    one.off()
    const beats = (one.at(4) - beat - 0.02) / length
    expect(beats).toBeCloseTo(Math.round(beats), 6)
  })
  it('makes the chosen beat the first of its bar, and lets the choice go', () => {
    const one = open()
    one.chosen.value = 4
    const beat = one.at(4)
    one.one(one.chosen.value)
    expect(one.chosen.value).toBeNull()
    expect([0, 3, 6].map((bar) => one.at(bar)).some((at) => Math.abs(at - beat) < 1e-9)).toBe(true)
    one.one(null)
    expect(one.done).toHaveLength(1)
  })
  it('takes another metre', () => {
    const one = open()
    one.metre(4)
    expect(one.tune.value.metre.beatsPerBar).toBe(4)
  })
  it('moves a beat and lets it go again; one that would pass its neighbour is refused', () => {
    const one = open()
    const beat = one.at(10)
    one.moveBeat(10, beat + 0.05)
    expect(one.at(10)).toBeCloseTo(beat + 0.05, 9)
    one.letGo(10)
    one.moveBeat(10, -100)
    expect(one.told.value).not.toBe('')
    expect(one.done.length).toBeGreaterThanOrEqual(1)
  })
  it('takes free time from the first call to the second; backwards is refused', () => {
    const one = open()
    one.free(24)
    expect([one.freeFrom.value, one.told.value !== '']).toEqual([24, true])
    one.free(30)
    expect([one.freeFrom.value, one.tune.value.recordings[0]!.beatMap.segments.length]).toEqual([
      null,
      2,
    ])
    one.countAgain(0, 24)
    expect(one.tune.value.recordings[0]!.beatMap.segments).toHaveLength(1)
    one.free(30)
    one.free(30)
    expect(one.told.value).not.toBe('')
  })
})

describe('listening to it once more', () => {
  const taps = (bpm: number): number[] => Array.from({ length: 12 }, (_, i) => 2 + (i * 60) / bpm)
  it('listens near the taps, and says at what tempo they were', async () => {
    const one = open(hears(90))
    expect(await one.listenNear(taps(90))).toBe(true)
    expect(one.wishes).toEqual([
      { range: [expect.closeTo(90 / 1.08, 3), expect.closeTo(90 * 1.08, 3)] },
    ])
    expect(tuneBpm(one.tune.value)).toBeCloseTo(90, 1)
    expect(one.told.value).toMatch(/90/)
    expect(one.listening.value).toBe(false)
  })
  it('keeps the taps where nothing is heard near them', async () => {
    const one = open(null)
    await one.listenNear(taps(90))
    expect(one.tune.value.bpm).toBe(90)
  })
  it('does nothing without enough taps or without sound', async () => {
    const one = open(hears(90))
    expect(await one.listenNear([1])).toBe(false)
    one.buffer.value = null
    expect(await one.listenNear(taps(90))).toBe(false)
    expect(one.done).toEqual([])
    expect(one.retap([1])).toBe(false)
    expect(one.told.value).not.toBe('')
  })
  it('only counts otherwise where another tempo is half or twice; else it listens', async () => {
    const one = open(hears(120, 4))
    const { bpm } = one.tune.value
    await one.pickTempo(bpm * 2)
    await one.pickTempo(bpm)
    expect([one.wishes.length, one.tune.value.bpm]).toEqual([0, bpm])
    await one.pickTempo(bpm * 1.3)
    expect(one.wishes).toHaveLength(1)
  })
  it('says why where nothing was heard, and leaves the beats', async () => {
    const one = open(null)
    const before = one.tune.value
    await one.pickTempo(before.bpm * 1.3)
    expect([one.told.value, one.tune.value]).toEqual(['nothing there', before])
  })
  it('listens as the dance usually goes', async () => {
    const one = open(hears(90))
    one.tune.value = { ...one.tune.value, dance: 'waltz' }
    await one.listenAsDance()
    expect(one.wishes).toEqual([expect.objectContaining({ beatsPerBar: 3 })])
    one.tune.value = { ...one.tune.value, dance: 'no such dance' }
    await one.listenAsDance()
    expect(one.wishes).toHaveLength(1)
  })
})
