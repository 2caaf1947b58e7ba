import { LECTERN_COMMANDS, type LecternKey } from './commands.ts'

/** How long what is held has to be held. */
export const HOLD_MS = 600

const SHIPPED: SignalMap = Object.fromEntries(
  LECTERN_COMMANDS.flatMap(({ id, signals }) => signals.map((signal) => [signal, id] as const)),
)
const IDS: ReadonlySet<unknown> = new Set(LECTERN_COMMANDS.map(({ id }) => id))

const STORED = 'dellop-lectern-keys'

export type SignalMap = Readonly<Record<string, LecternKey>>

/** What each signal does: as it ships, with what this cuer has taught it over it. */
export function readSignals(): SignalMap {
  try {
    const own = JSON.parse(localStorage.getItem(STORED) ?? '{}') as Record<string, unknown>
    const known = Object.entries(own).filter((entry): entry is [string, LecternKey] =>
      IDS.has(entry[1]),
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
