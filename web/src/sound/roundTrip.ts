import { clickDelay, ToSpeechRate, SPEECH_RATE, type ClickDelay } from '@dellop/core/listen'
import { browserTimers } from '../app/timers.ts'
import { audioContext } from './audioContext.ts'
import { click } from './clicks.ts'
import { clickSamples } from './clickSound.ts'
import { openMicrophone, type Captured } from './microphone.ts'

const CLICKS = 8
const APART_SECONDS = 0.7
const FIRST_SECONDS = 0.5
/** A delay whose clicks lie further apart than this is asked for again. */
export const MOST_SPREAD_SECONDS = 0.005

const KEPT_AS = 'dellop.microphone-delay'

/** Delays from loudspeaker to microphone that were measured here, by the device's name, in seconds. */
function kept(): Record<string, number> {
  try {
    const json: unknown = JSON.parse(localStorage.getItem(KEPT_AS) ?? '{}')
    return typeof json === 'object' && json !== null ? (json as Record<string, number>) : {}
  } catch {
    return {}
  }
}
export const measuredDelay = (device: string): number | null => {
  const value = kept()[device]
  return typeof value === 'number' && value >= 0 && value < 5 ? value : null
}
function keepDelay(device: string, seconds: number): void {
  try {
    localStorage.setItem(KEPT_AS, JSON.stringify({ ...kept(), [device]: seconds }))
  } catch {
    // A browser that keeps nothing: it is measured again the next time.
  }
}

/**
 * Plays eight clicks and hears how late they come; kept for the device where they lie close
 * together. Null where they are not heard. Throws what opening a microphone throws.
 */
export async function measureRoundTrip(signal: AbortSignal): Promise<ClickDelay | null> {
  const pieces: Captured[] = []
  const microphone = await openMicrophone({ hear: (piece) => pieces.push(piece) })
  const context = audioContext()
  const begin = context.currentTime + FIRST_SECONDS
  const clicks = Array.from({ length: CLICKS }, (_, i) => begin + i * APART_SECONDS)
  try {
    const last = clicks.at(-1)!
    clicks.forEach((at) => click(context, at, true))
    await until(last + APART_SECONDS + FIRST_SECONDS, context, signal)
  } finally {
    microphone.close()
  }
  const [first] = pieces
  if (!first) return null
  const rate = new ToSpeechRate(microphone.sampleRate)
  const heard = Float32Array.from(pieces.flatMap((piece) => [...rate.take(piece.heard)]))
  const shape = new ToSpeechRate(microphone.sampleRate).take(
    await clickSamples(microphone.sampleRate),
  )
  const found = clickDelay(
    heard,
    SPEECH_RATE,
    clicks.map((at) => at - first.at),
    shape,
  )
  if (found && found.spreadSeconds <= MOST_SPREAD_SECONDS)
    keepDelay(microphone.device, found.delaySeconds)
  return found
}

function until(seconds: number, context: AudioContext, signal: AbortSignal): Promise<void> {
  return new Promise((resolve, reject) => {
    const end = browserTimers.every(50, () => {
      if (signal.aborted) {
        end()
        reject(new DOMException('stopped', 'AbortError'))
      } else if (context.currentTime >= seconds) {
        end()
        resolve()
      }
    })
  })
}
