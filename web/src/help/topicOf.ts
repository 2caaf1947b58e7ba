/** The topic of the help that belongs to a view, by the name of its route. */
const TOPICS: Readonly<Record<string, string>> = {
  tunes: 'tunes',
  tune: 'tunes',
  figures: 'figures',
  glossary: 'figures',
  figure: 'figures',
  'figure-write': 'figures',
  'figure-edit': 'figures',
  groups: 'groups',
  sheets: 'first-day',
  sheet: 'sheet',
  'sheet-print': 'files',
  'sheet-floor': 'floor',
  'sheet-rehearse': 'voice',
  schools: 'styles',
  voice: 'voice',
  lectern: 'calling',
  free: 'free',
  call: 'calling',
  calls: 'calling',
}
export const helpFor = (view: unknown): string =>
  typeof view === 'string' ? (TOPICS[view] ?? 'first-day') : 'first-day'
