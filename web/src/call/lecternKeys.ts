export type LecternKey = 'main' | 'part' | 'phrase-before' | 'phrase-after' | 'slower' | 'faster' | 'whole' | 'delay' | 'lost' | 'carry-on' | 'take-back' | 'first' | 'second' | 'third'

/** Page keys are those of pedals and presenters' clickers. */
const KEYS: Readonly<Record<string, LecternKey>> = {
  ' ': 'main',
  Enter: 'main',
  PageDown: 'main',
  b: 'part',
  PageUp: 'part',
  Home: 'part',
  ArrowLeft: 'phrase-before',
  ArrowRight: 'phrase-after',
  '-': 'slower',
  _: 'slower',
  '+': 'faster',
  '=': 'faster',
  f: 'whole',
  d: 'delay',
  x: 'lost',
  Escape: 'carry-on',
  z: 'take-back',
  1: 'first',
  2: 'second',
  3: 'third',
}

/** The command of a key press at the lectern; null for keys that do nothing here, and for keys held down. */
export function lecternKey(event: KeyboardEvent): LecternKey | null {
  if (event.repeat || event.ctrlKey || event.metaKey || event.altKey) return null
  if ((event.key === ' ' || event.key === 'Enter') && event.target instanceof HTMLElement && event.target.closest('.own-key')) return null
  return KEYS[event.key.length === 1 ? event.key.toLowerCase() : event.key] ?? null
}
