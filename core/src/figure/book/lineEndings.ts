import type { Written } from './family.ts'

/** How a vine or a walk of a line dance ends on its fourth count, as teachers vary it. */
interface Ending {
  readonly word: string
  /** The step that is taken with the other foot. */
  readonly step: string
  readonly de: string
}
const ENDINGS: readonly Ending[] = [
  { word: 'scuff', step: 'brush', de: 'schleifen' },
  { word: 'hitch', step: 'lift', de: 'Knie hoch' },
  { word: 'kick', step: 'kick', de: 'Kick' },
  { word: 'point', step: 'point', de: 'zeigen' },
  { word: 'stomp', step: 'stamp no weight', de: 'stampfen' },
  { word: 'touch', step: 'touch', de: 'tippen' },
  { word: 'together', step: 'together', de: 'ran' },
]

/** What is walked on three counts before it. */
interface Base {
  readonly name: string
  readonly lead: string
  readonly other: 'left' | 'right'
  readonly say: string
  readonly short: string
  readonly de: string
  readonly aliases: readonly string[]
  /** Endings that the book has under a name of their own. */
  readonly has: readonly string[]
}
const BASES: readonly Base[] = [
  {
    name: 'Vine right',
    lead: '1 right side, 2 left behind, 3 right side',
    other: 'left',
    say: 'vine right',
    short: 'vine right',
    de: 'Grapevine rechts',
    aliases: ['Grapevine right'],
    has: ['touch'],
  },
  {
    name: 'Vine left',
    lead: '1 left side, 2 right behind, 3 left side',
    other: 'right',
    say: 'vine left',
    short: 'vine left',
    de: 'Grapevine links',
    aliases: ['Grapevine left'],
    has: ['touch'],
  },
  {
    name: 'Walk three',
    lead: '1 right forward, 2 left forward, 3 right forward',
    other: 'left',
    say: 'walk three',
    short: 'walk',
    de: 'drei vor',
    aliases: ['Walk forward three', 'Forward three'],
    has: ['kick'],
  },
  {
    name: 'Back three',
    lead: '1 right back, 2 left back, 3 right back',
    other: 'left',
    say: 'back three',
    short: 'back',
    de: 'drei zurück',
    aliases: ['Walk back three'],
    has: ['touch'],
  },
]

/** Each of them with each ending that has no name of its own yet. */
export const ENDED: readonly Written[] = BASES.flatMap((base) =>
  ENDINGS.filter(({ word }) => !base.has.includes(word)).map(({ word, step, de }) => ({
    name: `${base.name}, ${word}`,
    beats: 4,
    level: 'first' as const,
    lead: `${base.lead}, 4 ${base.other} ${step}`,
    say: `${base.say}, ${word} / ${base.short}, ${word} / ${base.say}`,
    de: `${base.de}, ${de} / ${base.de}, ${de} / ${base.de}`,
    aliases: [
      ...base.aliases.map((alias) => `${alias}, ${word}`),
      ...(word === 'scuff' ? [base.name, ...base.aliases].map((one) => `${one}, brush`) : []),
    ],
  })),
)
