import { beatMapOfHeard, beatMoments, recordingOfHeard, tuneOfHeard } from '@dellop/core/file'
import {
  carryLayout,
  danceTempo,
  layoutOf,
  SAME_MUSIC,
  sameLayout,
  tuneOn,
  usualBpm,
  type Alignment,
  type Layout,
  type Recording,
  type Tune,
} from '@dellop/core/tune'
import { api } from '../app/api.ts'
import { randomId } from '../app/randomId.ts'
import { words } from '../words/index.ts'
import { listenInWorker, type Listened, type ListenWish } from '../workers/listening.ts'
import { storeSound } from '../sound/storeSound.ts'
import { readSoundFile, tagsOf, type SoundFile } from './soundFile.ts'

/** Where bringing in a recording has got to. */
export interface BringProgress {
  readonly step: 'reading' | 'listening' | 'storing'
  readonly share: number
}
type Progress = (at: BringProgress) => void

/** What is being done, in words. */
export const progressText = (at: BringProgress): string =>
  at.step === 'listening' ? words.tunes.listening(Math.round(at.share * 100)) : words.tunes[at.step]

const PEAKS = 4000
const LONGEST_SECONDS = 1200
/** Another recording of a tune is played this much faster or slower at most. */
const OTHER_TEMPO = 1.35

/**
 * Brings in a recording: its length is looked at before it is decoded, it is listened to in a
 * worker, and only when its beats are known are the file and the tune stored. Stopped or refused,
 * it leaves nothing behind.
 */
export async function bringInRecording(
  file: File,
  progress: Progress,
  signal: AbortSignal,
): Promise<Tune> {
  progress({ step: 'reading', share: 0 })
  const [sound, tags] = [await readSoundFile(file), await tagsOf(file)]
  const dance = danceTempo(tags.dance) ? tags.dance.slice(0, 40).toLowerCase() : ''
  const usual = danceTempo(dance)
  const listened = await heardIn(
    sound,
    { range: usual?.range ?? null, beatsPerBar: usual?.metre.beatsPerBar ?? null },
    progress,
    signal,
  )
  const facts = { ...factsOf(sound, (tags.title || titleOf(file.name)).slice(0, 120)), dance }
  await keepSound(sound, listened, progress, signal)
  const { tune } = await api('newTune', {
    body: { tune: tuneOfHeard(listened.heard!, facts, randomId) },
  })
  return tune
}

/**
 * Another recording of a tune, with what was found: its phrases carried over and where it differs,
 * or that it is other music.
 */
export interface OtherRecording {
  readonly recording: Recording
  readonly sameMusic: boolean
}

/**
 * Listens to another recording of a tune and lays it beside a known one, whose sound is `known`;
 * its file is then stored, the tune is not changed.
 */
export async function bringInOther(
  tune: Tune,
  knownId: string,
  known: AudioBuffer | null,
  file: File,
  progress: Progress,
  signal: AbortSignal,
): Promise<OtherRecording> {
  progress({ step: 'reading', share: 0 })
  const sound = await readSoundFile(file)
  if (tune.recordings.some(({ media }) => media === sound.hash))
    throw new Error(words.tunes.sameRecording)
  const shown = tuneOn(tune, knownId)
  const base = shown.recordings[0]!
  const moments = beatMoments(base, tune.metre)
  const bpm = usualBpm(base.beatMap)
  const wish: ListenWish = {
    range: [bpm / OTHER_TEMPO, bpm * OTHER_TEMPO],
    beatsPerBar: tune.metre.beatsPerBar,
    known: known && { buffer: known, beats: moments.map(({ seconds }) => seconds) },
  }
  const listened = await heardIn(sound, wish, progress, signal)
  const facts = { ...factsOf(sound, titleOf(file.name)), dance: tune.dance }
  const recording = recordingOfHeard(listened.heard!, facts, randomId)
  const alignment = listened.alignment
  const sameMusic = alignment !== null && alignment.agreement >= SAME_MUSIC
  const carried = sameMusic
    ? carriedOver(shown, moments[0]?.beat ?? 0, moments.length, listened, alignment)
    : {
        layout: tuneOfHeard(listened.heard!, facts, randomId),
        beatMap: recording.beatMap,
        differences: [],
      }
  await keepSound(sound, listened, progress, signal)
  const { sections, danceStart, landmarks } = carried.layout
  const layout: Layout = { sections, danceStart, landmarks }
  return {
    sameMusic,
    recording: {
      ...recording,
      beatMap: carried.beatMap,
      differences: carried.differences,
      layout: sameLayout(layout, tune) ? null : layout,
    },
  }
}

function carriedOver(
  shown: Tune,
  firstBeat: number,
  beats: number,
  { heard }: Listened,
  alignment: Alignment,
): { layout: Layout; beatMap: Recording['beatMap']; differences: Recording['differences'] } {
  const carried = carryLayout(
    layoutOf(shown, null),
    shown.metre,
    alignment,
    firstBeat,
    beats,
    heard!.beats.length,
    randomId,
  )
  if (!carried)
    return { layout: layoutOf(shown, null), beatMap: beatMapOfHeard(heard!), differences: [] }
  return {
    layout: carried.layout,
    beatMap: {
      segments: [
        {
          anchors: heard!.beats.map((seconds, i) => ({ beat: i - carried.firstDownbeat, seconds })),
        },
      ],
    },
    differences: carried.differences,
  }
}

async function heardIn(
  { buffer }: SoundFile,
  wish: ListenWish,
  progress: Progress,
  signal: AbortSignal,
): Promise<Listened> {
  signal.throwIfAborted()
  const listened = await listenInWorker(
    buffer,
    { ...wish, peaks: PEAKS, progress: (share) => progress({ step: 'listening', share }) },
    signal,
  )
  if (!listened.heard) throw new Error(listened.sentence ?? words.trouble.server)
  return listened
}

async function keepSound(
  { file }: SoundFile,
  { peaks }: Listened,
  progress: Progress,
  signal: AbortSignal,
): Promise<void> {
  progress({ step: 'storing', share: 0 })
  const hash = await storeSound(file, signal)
  await api('putPeaks', { params: { hash }, body: { peaks } })
}

const factsOf = ({ file, buffer, hash }: SoundFile, title: string) => ({
  title,
  fileName: file.name.slice(0, 255),
  media: hash,
  durationSeconds: Math.min(LONGEST_SECONDS, buffer.duration),
})

/** A name to read from a file's name. */
const titleOf = (name: string): string =>
  name
    .replace(/\.[^.]+$/, '')
    .replace(/[_-]+/g, ' ')
    .trim()
    .slice(0, 120) || words.tunes.untitled

const SCORE_KINDS: readonly (readonly [RegExp, 'abc' | 'midi' | 'musicxml'])[] = [
  [/\.(abc|txt)$/i, 'abc'],
  [/\.midi?$/i, 'midi'],
  [/\.(musicxml|xml|mxl)$/i, 'musicxml'],
]
export const scoreKind = (file: File): 'abc' | 'midi' | 'musicxml' | null =>
  SCORE_KINDS.find(([ending]) => ending.test(file.name))?.[1] ?? null
const LARGEST_SCORE_BYTES = 20 * 1024 * 1024

/** Brings in written music, for the house band to play. */
export async function bringInScore(file: File, kind: 'abc' | 'midi' | 'musicxml'): Promise<Tune> {
  if (file.size === 0) throw new Error(words.tunes.emptyScore)
  if (file.size > LARGEST_SCORE_BYTES) throw new Error(words.tunes.largeScore)
  const body =
    kind === 'abc'
      ? { kind, text: await file.text() }
      : {
          kind,
          name: file.name.slice(0, 255),
          base64: base64Of(new Uint8Array(await file.arrayBuffer())),
        }
  return (await api('importScore', { body })).tune
}

function base64Of(bytes: Uint8Array): string {
  let text = ''
  for (let i = 0; i < bytes.length; i += 0x8000)
    text += String.fromCharCode(...bytes.subarray(i, i + 0x8000))
  return btoa(text)
}
