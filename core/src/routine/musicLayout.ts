import type { PhraseSpan, Tick } from '../time/index.ts'

/** The music a routine is laid on, in danced ticks: tick 0 is the first danced step. */
export interface MusicLayout {
  readonly phrases: readonly PhraseSpan[]
  readonly sections: readonly MusicSection[]
  readonly landmarks: readonly { readonly text: string; readonly at: Tick }[]
  /** Where the counted music ends; null where that is not known. */
  readonly end: Tick | null
}
export interface MusicSection {
  readonly label: string
  readonly start: Tick
  readonly end: Tick
}

/** What a routine is laid on while no tune is chosen. */
export const NO_MUSIC: MusicLayout = { phrases: [], sections: [], landmarks: [], end: null }

/**
 * Where a section or landmark of that name lies at or after `from`; the last one of the name where
 * none does. Null when the music has none.
 */
export function tiePlace(
  music: MusicLayout,
  tie: { readonly to: 'section' | 'landmark'; readonly label: string },
  from: Tick,
): Tick | null {
  const name = tie.label.toLowerCase()
  const places =
    tie.to === 'section'
      ? music.sections.flatMap(({ label, start }) => (label.toLowerCase() === name ? [start] : []))
      : music.landmarks.flatMap(({ text, at }) => (text.toLowerCase() === name ? [at] : []))
  return places.find((at) => at >= from) ?? places.at(-1) ?? null
}

/** The first line of a phrase or section at or after `from`; null past the last one. */
export function nextLine(music: MusicLayout, kind: 'phrase' | 'section', from: Tick): Tick | null {
  const spans = kind === 'phrase' ? music.phrases : music.sections
  if (spans.some(({ start }) => start === from)) return from
  return spans.find(({ end }) => end >= from)?.end ?? null
}
