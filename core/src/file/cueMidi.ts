import { cueLines, type Sheet } from '../sheet/index.ts'
import { heardClock } from '../cue/index.ts'
import { TICKS_PER_BEAT, type TickPosition } from '../time/index.ts'
import { midiBeats, midiFile, type TimedEvent } from './midiBeats.ts'

/** Beats behind the last step that the file still has. */
const AFTER_BEATS = 8

/**
 * A sheet's cues as a Standard MIDI File of one track at a speed of 0.5 to 1.5: the music's tempo
 * from beat to beat, its metre, each cue as a lyric where it is said, and each pass as a marker.
 * Times are those of the music as it is heard; a cue before its beginning stands on the beginning.
 *
 * @param speed Of the recording, 0.5 to 1.5.
 */
export function cueMidi(sheet: Sheet, speed = 1): Uint8Array {
  const clock = heardClock(sheet.beatMap, sheet.firstStep, speed)
  const first = Math.ceil(clock.tickAtHeard(0) / TICKS_PER_BEAT - 1e-6)
  const last = Math.ceil(sheet.timeline.lengthTicks / TICKS_PER_BEAT) + AFTER_BEATS
  const moments = Array.from({ length: Math.max(2, last - first + 1) }, (_, i) =>
    clock.heardAt(((first + i) * TICKS_PER_BEAT) as TickPosition),
  )
  const { events, tickOfBeat, tickOfSeconds } = midiBeats(
    sheet.routine.title,
    sheet.routine.metre,
    moments,
  )
  const passes = sheet.timeline.passes.map((pass): TimedEvent => ({
    ticks: tickOfBeat(pass.start / TICKS_PER_BEAT - first),
    event: { deltaTime: 0, type: 'marker', text: `${pass.part.label} ${pass.ordinal}` },
  }))
  const cues = cueLines(sheet, speed).map((cue): TimedEvent => ({
    ticks: tickOfSeconds(Math.max(0, cue.startSeconds)),
    event: { deltaTime: 0, type: 'lyrics', text: cue.text },
  }))
  return midiFile([...events, ...passes, ...cues], tickOfBeat(moments.length - 1))
}
