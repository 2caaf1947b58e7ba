import { clickDelay, SpeechEar, SPEECH_RATE, ToSpeechRate, type SpeechSpan } from './index.ts'

const { PI, sin, floor, max, abs, exp, round } = Math

const RATE = SPEECH_RATE
/** Numbers from -1 to 1 that are the same each time. */
function noise(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 31 - 1
  }
}
/** A bass, chords and a tune, struck anew on each beat. */
function music(seconds: number): Float32Array {
  const tones = [110, 277, 330, 440, 660, 880]
  return Float32Array.from({ length: seconds * RATE }, (_, i) => {
    const beat = floor(i / RATE / 0.5)
    const since = (i / RATE) % 0.5
    const hz = tones[(beat * 5) % tones.length]!
    const wave = sin((2 * PI * hz * i) / RATE) + sin((2 * PI * hz * 2.5 * i) / RATE)
    return 0.2 * wave * exp(-3 * since)
  })
}
/** Something like a voice: a buzz with many harmonics that sways, and a hiss. */
function voice(into: Float32Array, spans: readonly SpeechSpan[], level: number): void {
  const hiss = noise(7)
  for (const { start, end } of spans)
    for (let i = round(start * RATE); i < end * RATE; i++) {
      const hz = 130 + 25 * sin((2 * PI * 3 * i) / RATE)
      let buzz = 0
      for (let k = 1; k <= 24; k++) buzz += sin((2 * PI * hz * k * i) / RATE) / k ** 0.7
      into[i] = into[i]! + level * (0.3 * buzz + 0.2 * hiss())
    }
}
interface Wish {
  readonly spans?: readonly SpeechSpan[]
  readonly loud?: number
  readonly delay?: number
}
const SECONDS = 9
/** What a microphone hears of music that is played, of its echo, of a voice and of the room. */
function heardBy({ spans = [], loud = 1, delay = 0.12 }: Wish): [Float32Array, Float32Array] {
  const played = music(SECONDS)
  const heard = new Float32Array(played.length)
  const room = noise(3)
  const late = (i: number, seconds: number): number => played[i - round(seconds * RATE)] ?? 0
  for (let i = 0; i < heard.length; i++)
    heard[i] = loud * (late(i, delay) + 0.4 * late(i, delay + 0.017)) + 0.0005 * room()
  voice(heard, spans, 0.12)
  return [heard, played]
}
const listened = new Map<string, SpeechEar>()
/** Each wish is listened to once. */
function listenTo(wish: Wish, chunk = 1600): SpeechEar {
  const key = JSON.stringify([wish, chunk])
  const before = listened.get(key)
  if (before) return before
  const [heard, played] = heardBy(wish)
  const ear = new SpeechEar()
  for (let at = 0; at < heard.length; at += chunk)
    ear.hear(heard.subarray(at, at + chunk), played.subarray(at, at + chunk))
  listened.set(key, ear)
  return ear
}
const SAID = [
  { start: 1.5, end: 2.1 },
  { start: 5, end: 5.7 },
  { start: 7.2, end: 7.8 },
]
function expectSaid(found: readonly SpeechSpan[]): void {
  expect(found).toHaveLength(SAID.length)
  found.forEach(({ start, end }, i) => {
    expect(abs(start - SAID[i]!.start)).toBeLessThan(0.06)
    expect(abs(end - SAID[i]!.end)).toBeLessThan(0.06)
  })
}

describe('an ear for speech over music that is known', () => {
  it('hears a voice over a loudspeaker, the first seconds too, and how late that is heard', () => {
    const ear = listenTo({ spans: SAID })
    expectSaid(ear.spans())
    expect(abs(ear.delaySeconds! - 0.12)).toBeLessThan(0.012)
  })

  it('hears it with headphones, where no music comes to the microphone', () => {
    const ear = listenTo({ spans: SAID, loud: 0 })
    expectSaid(ear.spans())
    expect(ear.delaySeconds).toBeNull()
  })

  it('hears nothing where nobody speaks: neither in music nor in silence', () => {
    expect(listenTo({}).spans()).toEqual([])
    expect(listenTo({ loud: 0 }).spans()).toEqual([])
  })

  it('hears the same in whatever pieces sound comes', () => {
    expect(listenTo({ spans: SAID }, 700).spans()).toEqual(listenTo({ spans: SAID }).spans())
  })

  it('knows what was said soon after its end', () => {
    const ear = new SpeechEar()
    const [heard, played] = heardBy({ spans: SAID })
    const until = round((SAID[1]!.end + 0.25) * RATE)
    ear.hear(heard.subarray(0, until), played.subarray(0, until))
    expect(abs(ear.spans().at(-1)!.end - SAID[1]!.end)).toBeLessThan(0.06)
    expect(ear.knownSeconds).toBeGreaterThan(SAID[1]!.end + 0.18)
  })
})

describe('the delay from loudspeaker to microphone', () => {
  const shape = Float32Array.from(
    { length: 0.06 * RATE },
    (_, i) => sin((2 * PI * 1560 * i) / RATE) * exp((-60 * i) / RATE),
  )
  const clicks = Array.from({ length: 8 }, (_, i) => 0.5 + 0.8 * i)
  function room(delays: readonly number[], level = 0.3): Float32Array {
    const hiss = noise(5)
    const heard = Float32Array.from({ length: 8 * RATE }, () => 0.01 * hiss())
    clicks.forEach((click, n) => {
      const at = round((click + delays[n % delays.length]!) * RATE)
      shape.forEach((value, i) => (heard[at + i] = heard[at + i]! + level * value))
    })
    return heard
  }

  it('is the middle of all clicks, with how far they lie apart', () => {
    const found = clickDelay(room([0.1, 0.1, 0.102, 0.101]), RATE, clicks, shape)!
    expect(found.heard).toBe(8)
    expect(abs(found.delaySeconds - 0.1005)).toBeLessThan(0.001)
    expect(found.spreadSeconds).toBeLessThan(0.005)
    const uneven = clickDelay(room([0.1, 0.15, 0.12, 0.2]), RATE, clicks, shape)!
    expect(uneven.spreadSeconds).toBeGreaterThan(0.005)
  })

  it('is not known where clicks are not heard', () => {
    expect(clickDelay(room([0.1], 0), RATE, clicks, shape)).toBeNull()
  })
})

describe('sound that comes in pieces, brought to the rate of an ear', () => {
  it.each([48_000, 44_100, 22_050, 16_000, 8000])('keeps a tone, from %i a second', (rate) => {
    const tone = Float32Array.from({ length: rate }, (_, i) => sin((2 * PI * 440 * i) / rate))
    const way = new ToSpeechRate(rate)
    const made: number[] = []
    for (let at = 0; at < tone.length; at += 777)
      made.push(...way.take(tone.subarray(at, at + 777)))
    expect(abs(made.length - RATE)).toBeLessThan(40)
    for (let i = 200; i < made.length - 200; i += 97)
      expect(made[i]).toBeCloseTo(sin((2 * PI * 440 * i) / RATE), 1)
  })

  it('lets nothing through that the lower rate could not hold', () => {
    const high = Float32Array.from({ length: 24_000 }, (_, i) =>
      sin((2 * PI * 12_000 * i) / 48_000),
    )
    const made = new ToSpeechRate(48_000).take(high)
    expect(max(...made.slice(100, -100).map(abs))).toBeLessThan(0.02)
  })
})
