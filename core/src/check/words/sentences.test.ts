import type { FindingCode, FindingParams } from '../findings.ts'
import { findingMessage } from './told.ts'

/** Sentences as a cuer reads them: what is so, and what would be right. */
const told = <Code extends FindingCode>(code: Code, params: Partial<FindingParams[Code]>) =>
  findingMessage({ code, params } as never)

it.each([
  [
    told('facing.hold', {
      figure: 'Throwaway',
      hold: 'open facing',
      lead: 0,
      follow: 0,
      frame: 'hall',
    }),
    'Throwaway ends side by side here; open facing needs them face to face.',
  ],
  [
    told('facing.hold', { figure: 'Box', hold: 'shadow', lead: 2, follow: 6, frame: 'hall' }),
    'Box ends face to face here; shadow needs them side by side.',
  ],
  [
    told('set.partner', { passes: 5, lead: 'lead', follow: 'follow', partner: 6, every: 8 }),
    'After 5 times through, lead 1 is with follow 6. It takes 8 times to meet the first partner again.',
  ],
  [
    told('set.partner', { passes: 1, lead: 'gent', follow: 'lady', partner: 2, every: null }),
    'After one time through, gent 1 is with lady 2.',
  ],
  [
    told('feet.unsure', { figure: 'Cucaracha left', role: 'lead', foot: 'left', previous: 'Box' }),
    'Which of the lead’s feet is free before Cucaracha left? It needs the left, and Box leaves the weight on both.',
  ],
  [
    told('feet.unsure', { figure: 'Vine', role: null, foot: 'right', previous: null }),
    'Which foot is free before Vine? It needs the right, and the start leaves the weight on both.',
  ],
  [
    told('hold.mismatch', {
      figure: 'Twirl vine',
      hold: 'none',
      wanted: ['open', 'semi-closed', 'half open'],
    }),
    'Take hands before Twirl vine (open, semi-closed or half open).',
  ],
  [
    told('hold.mismatch', { figure: 'Box', hold: 'shadow', wanted: ['closed'] }),
    'Box begins in closed, and they are in shadow.',
  ],
  [
    told('sums.versions', { part: 'B', other: 'B’', difference: 4, total: 16, told: 20 }),
    'B’ is 4 counts longer than B, of which it is meant to be another version.',
  ],
  [
    told('sums.versions', { part: 'B', other: 'B’', difference: 1, total: 16, told: 15 }),
    'B’ is 1 count shorter than B, of which it is meant to be another version.',
  ],
  [
    told('sums.fill', { part: 'Round', left: 3, gap: 39, times: 9, unit: 4 }),
    'Round fits 9 times; 3 counts of music stay empty before what comes next.',
  ],
  [told('missing.length', { text: '' }), 'How many counts does this line take?'],
  [told('missing.length', { text: 'wave' }), 'How many counts does “wave” take?'],
  [
    told('missing.teach', { figure: 'Hover', group: 'Wednesdays', beyond: false }),
    'Hover is new to Wednesdays: teach it first.',
  ],
])('%s', (sentence, expected) => expect(sentence).toBe(expected))
