import type { NewId } from '../document/index.ts'
import { TICKS_PER_BEAT, USUAL_PHRASE_BARS, type Metre } from '../time/index.ts'
import type { Layout } from './tune.ts'

/**
 * The same music counted otherwise: `barFactor` is how many bars now lie where one lay,
 * `beatFactor` how many beats. Sections keep their place in the music, to the nearest bar, and are
 * laid out in phrases of the usual length.
 *
 * @param barFactor Bars that lie now where one lay, above 0.
 * @param beatFactor Beats that lie now where one lay, above 0.
 */
export function relaid(
  layout: Layout,
  barFactor: number,
  beatFactor: number,
  newId: NewId,
): Layout {
  let [before, laid] = [0, 0]
  const sections = layout.sections.flatMap((section): Layout['sections'] => {
    before += section.phrases.reduce((sum, { bars }) => sum + bars, 0)
    const bars = Math.round(before * barFactor) - laid
    laid += bars
    return bars > 0
      ? [{ ...section, phrases: phrasesOf(bars).map((length) => ({ id: newId(), bars: length })) }]
      : []
  })
  const moved = (tick: number): number => Math.round(tick * beatFactor)
  return {
    sections,
    danceStart: moved(layout.danceStart),
    landmarks: layout.landmarks.map((landmark) => ({ ...landmark, at: moved(landmark.at) })),
  }
}

/**
 * Bars in phrases of the usual length; what is left over is the last phrase.
 *
 * @param bars 1 or more.
 */
export const phrasesOf = (bars: number): number[] =>
  bars <= USUAL_PHRASE_BARS ? [bars] : [USUAL_PHRASE_BARS, ...phrasesOf(bars - USUAL_PHRASE_BARS)]

/**
 * The layout when beats are taken out of the count (`beats` negative) or put back in (positive) at
 * a beat: phrases there get shorter or longer by whole bars, and all that is marked later moves
 * along. Null when that is no whole number of bars.
 *
 * @param atBeat Number of the beat at which they are.
 * @param beats Above 0 where they are put in, below 0 where they are taken out.
 */
export function withBeats(
  layout: Layout,
  metre: Metre,
  atBeat: number,
  beats: number,
): Layout | null {
  const bars = beats / metre.beatsPerBar
  if (!Number.isInteger(bars)) return null
  const atBar = Math.floor(atBeat / metre.beatsPerBar)
  const sections =
    bars > 0 ? longer(layout.sections, atBar, bars) : shorter(layout.sections, atBar, -bars)
  const at = atBeat * TICKS_PER_BEAT
  const moved = (tick: number): number =>
    tick <= at ? tick : Math.max(at, tick + beats * TICKS_PER_BEAT)
  return {
    sections,
    danceStart: moved(layout.danceStart),
    landmarks: layout.landmarks.map((landmark) => ({ ...landmark, at: moved(landmark.at) })),
  }
}

/** Each phrase with the bars that `keep` leaves it; phrases and sections without bars go. */
function kept(
  sections: Layout['sections'],
  keep: (first: number, bars: number) => number,
): Layout['sections'] {
  let first = 0
  return sections.flatMap((section) => {
    const phrases = section.phrases.flatMap((phrase) => {
      const bars = keep(first, phrase.bars)
      first += phrase.bars
      return bars > 0 ? [{ ...phrase, bars }] : []
    })
    return phrases.length > 0 ? [{ ...section, phrases }] : []
  })
}

const shorter = (sections: Layout['sections'], atBar: number, gone: number): Layout['sections'] =>
  kept(
    sections,
    (first, bars) =>
      bars - Math.max(0, Math.min(first + bars, atBar + gone) - Math.max(first, atBar)),
  )
const longer = (sections: Layout['sections'], atBar: number, more: number): Layout['sections'] =>
  kept(sections, (first, bars) => (atBar >= first && atBar < first + bars ? bars + more : bars))
