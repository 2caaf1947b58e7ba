import type { Performance, Score } from '../band/index.ts'
import type { NewId } from '../document/index.ts'
import type { Tick } from '../time/index.ts'
import { phrasesOf, type Tune } from '../tune/index.ts'

/**
 * A tune document for a score the band has played. The dance starts with the first section that is
 * no introduction. `media` is the SHA-256 of the recording's bytes in hex, or null where it is not
 * stored.
 */
export function tuneOfScore(
  score: Score,
  performance: Pick<Performance, 'durationSeconds' | 'beatMap'>,
  media: string | null,
  newId: NewId,
): Tune {
  const start = score.sections.find((section) => section.label !== 'intro') ?? score.sections[0]
  return {
    format: 'dellop-tune',
    version: 1,
    id: newId(),
    title: score.title,
    dance: score.dance,
    metre: score.metre,
    bpm: score.bpm,
    danceStart: (start?.at ?? 0) as Tick,
    sections: score.sections.map((section) => ({
      id: newId(),
      label: section.label,
      phrases: phrasesOf(section.bars).map((bars) => ({ id: newId(), bars })),
    })),
    waiting: '',
    landmarks: score.landmarks.map(({ at, kind, text }) => ({ id: newId(), at, kind, text })),
    recordings: [
      {
        id: newId(),
        name: 'House band',
        fileName: '',
        media,
        durationSeconds: performance.durationSeconds,
        beatMap: performance.beatMap,
        heard: null,
        differences: [],
        layout: null,
      },
    ],
  }
}
