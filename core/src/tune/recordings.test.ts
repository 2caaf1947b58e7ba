import fc from 'fast-check'
import { houseWaltz } from '../testing/sheets.ts'
import { steadyBeatMap, type Metre } from '../time/index.ts'
import { alignBeats, SAME_MUSIC } from './align.ts'
import { carryLayout } from './carry.ts'
import { layoutOf, putOn, sameLayout, tuneOn } from './recordings.ts'
import { tuneSchema, type Layout, type Recording } from './tune.ts'

const waltz = houseWaltz()
const WALTZ: Metre = waltz.metre
const second: Recording = {
  ...waltz.recordings[0]!,
  id: 'second',
  name: 'Live',
  beatMap: steadyBeatMap(90),
  layout: {
    sections: [{ id: 'o', label: 'only', phrases: [{ id: 'p', bars: 4 }] }],
    danceStart: 72,
    landmarks: [],
  },
}
const both = { ...waltz, recordings: [...waltz.recordings, second] }

describe('a tune on one of its recordings', () => {
  it('is that recording alone, with its own phrases where it has some', () => {
    expect(tuneOn(both, 'second')).toMatchObject({
      danceStart: 72,
      recordings: [{ id: 'second' }],
      sections: [{ label: 'only' }],
    })
    expect(tuneOn(both, waltz.recordings[0]!.id).sections).toEqual(waltz.sections)
    expect(tuneOn(both, 'gone').recordings[0]!.id).toBe(waltz.recordings[0]!.id)
  })
  it('put back unchanged is the tune; put back changed shows the change, there and nowhere else', () => {
    for (const { id } of both.recordings) {
      expect(putOn(both, id, tuneOn(both, id))).toEqual(both)
      const changed = { ...tuneOn(both, id), danceStart: 144, title: 'Renamed' }
      const back = putOn(both, id, changed)
      expect(tuneOn(back, id)).toEqual(changed)
      const other = both.recordings.find((one) => one.id !== id)!.id
      expect(layoutOf(back, other)).toEqual(layoutOf(both, other))
      expect(tuneSchema.safeParse(back).success).toBe(true)
    }
  })
  it('written before recordings had phrases of their own is read with none', () => {
    const { waiting: _waiting, ...old } = waltz
    const recordings = old.recordings.map(({ id, name, media, durationSeconds, beatMap }) => ({
      id,
      name,
      media,
      durationSeconds,
      beatMap,
    }))
    expect(tuneSchema.parse({ ...old, recordings })).toMatchObject({
      waiting: '',
      recordings: [{ layout: null, heard: null, fileName: '' }],
    })
  })
})

/**
 * Music with a harmony of its own for each bar of each section, a little different each time it is
 * played.
 */
function harmony(order: string, barsEach: number, transposed: number, seed: number): number[][] {
  const beats: number[][] = []
  let state = seed
  const noise = (): number => (state = (state * 1103515245 + 12345) % 2 ** 31) / 2 ** 31
  for (const section of order) {
    for (let bar = 0; bar < barsEach; bar++) {
      const root = (section.charCodeAt(0) * 5 + bar * 7 + (bar % 3) * 4) % 12
      for (let beat = 0; beat < 3; beat++)
        beats.push(
          Array.from(
            { length: 12 },
            (_, k) =>
              ([0, 4, 7].includes((((k - root - transposed) % 12) + 12) % 12) ? 1 : 0) +
              (beat === 0 && k === (root + transposed) % 12 ? 0.6 : 0) +
              0.35 * noise(),
          ),
        )
    }
  }
  return beats
}
const layoutFor = (order: string): Layout => ({
  sections: [...order].map((label, i) => ({
    id: `s${i}`,
    label,
    phrases: [{ id: `p${i}`, bars: 8 }],
  })),
  danceStart: 8 * 72,
  landmarks: [{ id: 'm', kind: 'start', at: 16 * 72, text: 'pipes enter' }],
})
let next = 0
const carried = (a: string, b: string, transposed = 0) =>
  carryLayout(
    layoutFor(a),
    WALTZ,
    alignBeats(harmony(a, 8, 0, 1), harmony(b, 8, transposed, 2)),
    0,
    a.length * 24,
    b.length * 24,
    () => `n${next++}`,
  )!
const shape = ({ layout }: NonNullable<ReturnType<typeof carried>>) =>
  layout.sections
    .map(({ label, phrases }) => `${label}${phrases.map(({ bars }) => bars).join('+')}`)
    .join(' ')

describe('another recording of a tune', () => {
  it('of the same order has the same phrases, in whatever key', () => {
    for (const transposed of [0, 2, 11]) {
      const found = carried('IABAC', 'IABAC', transposed)
      expect(found.differences).toEqual([])
      expect(sameLayout(found.layout, layoutFor('IABAC'))).toBe(true)
    }
  })
  it('that leaves out a phrase says so: 8 bars shorter after B', () => {
    const found = carried('IABAC', 'IABC')
    expect(found.differences).toEqual([{ bars: -8, after: 'B', beforeBar: 25 }])
    expect(shape(found)).toBe('I8 A8 B8 C8')
  })
  it('with a phrase more gets a section for it, and what is marked later moves with the music', () => {
    const found = carried('IABC', 'IADBC')
    expect(found.differences).toEqual([{ bars: 8, after: 'A', beforeBar: 17 }])
    expect(shape(found)).toBe('I8 A8 new8 B8 C8')
    expect(found.layout.landmarks[0]!.at).toBe(24 * 72)
    expect(found.layout.danceStart).toBe(8 * 72)
  })
  it('without the introduction starts the dance where its music starts', () => {
    const found = carried('IABC', 'ABC')
    expect(found.differences).toEqual([{ bars: -8, after: null, beforeBar: 1 }])
    expect(found.layout.danceStart).toBe(0)
  })
  it('of other music is told by how little is alike', () => {
    expect(
      alignBeats(harmony('IABAC', 8, 0, 1), harmony('IABAC', 8, 0, 7)).agreement,
    ).toBeGreaterThan(SAME_MUSIC)
    let state = 9
    const noise = Array.from({ length: 120 }, () =>
      Array.from({ length: 12 }, () => (state = (state * 69069 + 1) % 2 ** 31) / 2 ** 31),
    )
    expect(alignBeats(harmony('IABAC', 8, 0, 1), noise).agreement).toBeLessThan(SAME_MUSIC)
  })
  it('never pairs a beat twice, nor out of order', () => {
    const vectors = fc.array(
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 12, maxLength: 12 }),
      { minLength: 1, maxLength: 25 },
    )
    fc.assert(
      fc.property(vectors, vectors, (a, b) => {
        const { pairs } = alignBeats(a, b)
        pairs.forEach((pair, i) => {
          expect(pair.a).toBeGreaterThan(pairs[i - 1]?.a ?? -1)
          expect(pair.b).toBeGreaterThan(pairs[i - 1]?.b ?? -1)
        })
      }),
      { numRuns: 40 },
    )
  })
})
