/** All that a key, a pedal or a button can do at the lectern. */
export const LECTERN_COMMANDS = [
  'main',
  'hold',
  'lost',
  'other',
  'wrong',
  'take-back',
  'carry-on',
  'mark',
  'one-more',
  'start-over',
  'skip',
  'end-soon',
  'go-on',
  'first',
  'second',
  'third',
  'fourth',
  'tap',
  'landmark',
  'later',
  'sooner',
  'part',
  'phrase-before',
  'phrase-after',
  'slower',
  'faster',
  'fade',
  'loop',
  'layout',
  'words',
  'larger',
  'smaller',
  'whole',
  'delay',
  'keys',
  'sound',
  'screens',
] as const
export type LecternKey = (typeof LECTERN_COMMANDS)[number]

/** What moves or stops the music under a floor that dances: only by a key that is held down. */
export const HELD_COMMANDS: ReadonlySet<LecternKey> = new Set([
  'part',
  'phrase-before',
  'phrase-after',
  'fade',
])
export const HOLD_MS = 600

/** Signals as they ship. Page keys are those of pedals and presenters' clickers. */
const SHIPPED: Readonly<Record<string, LecternKey>> = {
  'key: ': 'main',
  'key:Enter': 'main',
  'key:PageDown': 'main',
  'midi:cc 64': 'main',
  'midi:cc 67': 'lost',
  'pad:0': 'main',
  'pad:1': 'lost',
  'key:h': 'hold',
  'key:x': 'lost',
  'key:PageUp': 'lost',
  'key:o': 'other',
  'key:w': 'wrong',
  'key:z': 'take-back',
  'key:Escape': 'carry-on',
  'key:m': 'mark',
  'key:a': 'one-more',
  'key:r': 'start-over',
  'key:n': 'skip',
  'key:e': 'end-soon',
  'key:g': 'go-on',
  'key:1': 'first',
  'key:2': 'second',
  'key:3': 'third',
  'key:4': 'fourth',
  'key:t': 'tap',
  'key:l': 'landmark',
  'key:.': 'later',
  'key:,': 'sooner',
  'key:b': 'part',
  'key:Home': 'part',
  'key:ArrowLeft': 'phrase-before',
  'key:ArrowRight': 'phrase-after',
  'key:-': 'slower',
  'key:_': 'slower',
  'key:+': 'faster',
  'key:=': 'faster',
  'key:q': 'fade',
  'key:p': 'loop',
  'key:v': 'layout',
  'key:c': 'words',
  'key:ArrowUp': 'larger',
  'key:ArrowDown': 'smaller',
  'key:f': 'whole',
  'key:d': 'delay',
  'key:k': 'keys',
  'key:?': 'keys',
  'key:s': 'sound',
  'key:i': 'screens',
}

const STORED = 'dellop-lectern-keys'

export type SignalMap = Readonly<Record<string, LecternKey>>

/** What each signal does: as it ships, with what this cuer has taught it over it. */
export function readSignals(): SignalMap {
  try {
    const own = JSON.parse(localStorage.getItem(STORED) ?? '{}') as Record<string, unknown>
    const known = Object.entries(own).filter((entry): entry is [string, LecternKey] =>
      LECTERN_COMMANDS.includes(entry[1] as LecternKey),
    )
    return { ...SHIPPED, ...Object.fromEntries(known) }
  } catch {
    return SHIPPED
  }
}

/** Teaches a signal a command. Whatever it did before it does no more. */
export function teachSignal(signals: SignalMap, signal: string, command: LecternKey): SignalMap {
  const next = { ...signals, [signal]: command }
  const own = Object.fromEntries(Object.entries(next).filter(([id, one]) => SHIPPED[id] !== one))
  localStorage.setItem(STORED, JSON.stringify(own))
  return next
}

export function forgetSignals(): SignalMap {
  localStorage.removeItem(STORED)
  return SHIPPED
}

/** The signals of a command; keys first. */
export const signalsOf = (signals: SignalMap, command: LecternKey): string[] =>
  Object.entries(signals)
    .flatMap(([signal, one]) => (one === command ? [signal] : []))
    .sort((a, b) => Number(b.startsWith('key:')) - Number(a.startsWith('key:')))
