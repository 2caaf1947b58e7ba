import { readFileSync } from 'node:fs'
import { playScore } from '@dellop/core/band'
import { readAbc } from '@dellop/core/file'
import { SpeechEar, SPEECH_RATE, ToSpeechRate, type SpeechSpan } from '@dellop/core/listen'
import { expect, test } from '@playwright/test'
import { clipsOf, VOICE_RATE } from './helpers/standIn.ts'

// Without a browser: the stand-in's speech over the house band, in a room, through a loudspeaker.

const RATE = SPEECH_RATE
const SECONDS = 24
const SAID = [
  'side, touch',
  'turn two-step',
  'through, face, close',
  'balance away and together',
  'now the chorus',
  'grapevine eight',
  'face the wall',
  'promenade home',
]

/** Numbers from -1 to 1, the same each time. */
function noise(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return state / 2 ** 31 - 1
  }
}
/** A room: the straight way and some echoes that fade by 60 dB in so many seconds. */
function inRoom(sound: Float32Array, seconds: number, echo: number, seed: number): Float32Array {
  const draw = noise(seed)
  const echoes = Array.from({ length: 60 }, () => {
    const after = Math.abs(draw()) * seconds
    return { by: Math.round(after * RATE), level: echo * draw() * 10 ** ((-3 * after) / seconds) }
  })
  const heard = Float32Array.from(sound)
  for (const { by, level } of echoes)
    for (let i = by; i < sound.length; i++) heard[i] = heard[i]! + level * sound[i - by]!
  return heard
}
const powerOf = (sound: Float32Array): number =>
  sound.reduce((sum, one) => sum + one * one, 0) / sound.length

const tune = (name: string): Float32Array => {
  const score = readAbc(readFileSync(`demo/tunes/${name}.abc`, 'utf8'))
  if (!score.ok) throw new Error(name)
  return playScore(score.value, RATE).samples.subarray(0, SECONDS * RATE)
}

interface Mixture {
  readonly heard: Float32Array
  readonly music: Float32Array
  readonly truth: readonly SpeechSpan[]
}
/** @param over Decibels of the music over the voice. */
async function mixture(name: string, over: number, delay: number, seed: number): Promise<Mixture> {
  const clips = await clipsOf(SAID, 'en', 160 + 20 * (seed % 3))
  const played = tune(name)
  const voice = new Float32Array(SECONDS * RATE)
  const truth: SpeechSpan[] = []
  const draw = noise(seed)
  let at = 1.2
  let power = 0
  for (const clip of clips) {
    const spoken = new ToSpeechRate(VOICE_RATE).take(clip)
    voice.set(spoken.subarray(0, voice.length - Math.round(at * RATE)), Math.round(at * RATE))
    truth.push({ start: at, end: at + clip.length / VOICE_RATE })
    power += powerOf(spoken) / clips.length
    at += clip.length / VOICE_RATE + 1 + Math.abs(draw())
  }
  const echo = inRoom(played, 0.35, 0.3, seed)
  const gain = Math.sqrt((power / powerOf(echo)) * 10 ** (over / 10))
  const spoken = inRoom(voice, 0.35, 0.05, seed + 1)
  const late = Math.round(delay * RATE)
  const heard = spoken.map(
    (value, i) => 0.5 * (value + gain * (echo[i - late] ?? 0) + 0.002 * Math.sqrt(power) * draw()),
  )
  return { heard, music: played, truth: truth.filter(({ end }) => end < SECONDS - 0.5) }
}

test('the stand-in is heard over the band: every word, where it ends, and nothing else', async () => {
  test.setTimeout(240_000)
  const off: number[] = []
  let [said, found, wrong] = [0, 0, 0]
  const cases = [
    ['pothook-hop', -6, 0.05],
    ['seven-geese-over', -3, 0.13],
    ['lamps-along-the-staithe', 0, 0.21],
    ['teasel-and-thrift', 3, 0.09],
  ] as const
  for (const [i, [name, over, delay]] of cases.entries()) {
    const { heard, music, truth } = await mixture(name, over, delay, 11 + i)
    const ear = new SpeechEar()
    for (let at = 0; at < heard.length; at += 1600)
      ear.hear(heard.subarray(at, at + 1600), music.subarray(at, at + 1600))
    const spans = ear.spans()
    expect(Math.abs(ear.delaySeconds! - delay)).toBeLessThan(0.02)
    const own = (one: SpeechSpan): readonly SpeechSpan[] =>
      spans.filter(({ start, end }) => start < one.end + 0.1 && end > one.start - 0.1)
    for (const one of truth) {
      said++
      const last = own(one).at(-1)
      if (!last) continue
      found++
      off.push(Math.abs(last.end - one.end))
    }
    wrong += spans.filter((span) => !truth.some((one) => own(one).includes(span))).length
  }
  off.sort((a, b) => a - b)
  if (process.env['DELLOP_REPORT'])
    console.log(
      `heard ${found} of ${said}, ends off by median ${Math.round(1000 * off[off.length >> 1]!)} ms, ${off.filter((one) => one <= 0.06).length} within 60 ms, false ${wrong}`,
    )
  expect(said).toBeGreaterThan(20)
  expect(found / said).toBeGreaterThanOrEqual(0.95)
  expect(off[off.length >> 1]!).toBeLessThanOrEqual(0.025)
  expect(off.filter((one) => one <= 0.06).length / said).toBeGreaterThanOrEqual(0.8)
  expect(wrong).toBeLessThanOrEqual(Math.ceil((cases.length * SECONDS) / 60))
})
