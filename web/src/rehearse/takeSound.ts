import type { PreparedCall } from '@dellop/core/call'
import type { Speaker } from '@dellop/core/rehearse'
import { TICKS_PER_BEAT, ticksPerBar, type Tick } from '@dellop/core/time'
import { useLibrary } from '../app/library.ts'
import { useStandIn } from '../app/voices.ts'
import { USUAL_LEVELS, type Mix } from '../sound/mix.ts'
import { decodeRecording } from '../sound/recording.ts'
import { hearingMix, textsOf, type HearingWish } from '../sound/sheetMix.ts'
import type { Said } from '../sound/speech.ts'

export const LAYERS = ['music', 'cues', 'count', 'silent'] as const
/** What sounds while one practises: the music, the stand-in's cues too, the count alone, nothing. */
export type Layer = (typeof LAYERS)[number]
export const LEAD_INS = ['music', 'clicks'] as const
/** What leads into a stretch: the music from its first cue on, or clicks over the bar before that. */
export type LeadIn = (typeof LEAD_INS)[number]

export interface TakeWish {
  readonly stretch: { readonly start: Tick; readonly end: Tick } | null
  readonly speed: number
  readonly speaker: Speaker
  readonly clicks: boolean
  /** Whether the sound of the microphone is recorded. */
  readonly keepsSound: boolean
  readonly layer: Layer
  readonly leadIn: LeadIn
}

/** Lays out what sounds in a take. */
export function useTakeSound() {
  const library = useLibrary()
  const standIn = useStandIn()
  let music: { readonly media: string; readonly buffer: AudioBuffer } | null = null

  async function musicOf({ sheet }: PreparedCall): Promise<AudioBuffer | null> {
    const media = sheet.recording?.media ?? null
    if (media === null) return null
    if (music?.media !== media) music = { media, buffer: await decodeRecording(media) }
    return music.buffer
  }

  return async (call: PreparedCall, wish: TakeWish, signal: AbortSignal): Promise<Mix> => {
    const { sheet } = call
    const speaks = wish.speaker === 'stand-in' || wish.layer === 'cues'
    const isHeard = wish.layer === 'music' || wish.layer === 'cues'
    const hearing: HearingWish = {
      stretch: wish.stretch,
      speed: wish.speed,
      voice: speaks,
      marks: marksOf(wish, sheet.recording !== null),
      levels: USUAL_LEVELS,
      apart: false,
    }
    const [buffer, voices] = await Promise.all([
      isHeard ? musicOf(call) : null,
      speaks || hearing.marks === 'count'
        ? standIn.prepare(
            sheet.routine.language,
            library.settings.wordsPerMinute,
            textsOf(sheet, hearing),
            signal,
          )
        : new Map<string, Said>(),
    ])
    signal.throwIfAborted()
    const mix = hearingMix(sheet, hearing, buffer, voices)
    return wish.leadIn === 'clicks' && wish.stretch ? ledIn(mix, call, wish) : mix
  }
}

function marksOf({ layer, clicks }: TakeWish, hasMusic: boolean): HearingWish['marks'] {
  if (layer === 'count') return 'count'
  if (layer === 'silent') return 'none'
  return clicks || !hasMusic ? 'clicks' : 'none'
}

/** A bar of clicks before all else. */
function ledIn(mix: Mix, { sheet }: PreparedCall, { speed }: TakeWish): Mix {
  const bar = ticksPerBar(sheet.routine.metre)
  const beats = Math.round(bar / TICKS_PER_BEAT)
  const zero = sheet.clock.heardAt(0 as Tick)
  const beat = (sheet.clock.heardAt(TICKS_PER_BEAT as Tick) - zero) / speed
  const clicks = Array.from({ length: beats }, (_, i) => ({
    at: mix.from - (beats - i) * beat,
    strong: i === 0,
  }))
  return { ...mix, from: mix.from - beats * beat, clicks: [...clicks, ...mix.clicks] }
}
