import { setHeading } from '../../routine/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'

/** What it finds, with the values of their sentences. */
export interface ToldOrderFindings {
  readonly 'missing.told': {
    /** The parts as they are told and as they are danced, by their labels. */
    readonly told: readonly string[]
    readonly danced: readonly string[]
    /** Which of them is the first that differs, from 1. */
    readonly place: number
  }
  readonly 'missing.told-part': { readonly label: string; readonly known: readonly string[] }
}
type Found = FindingOf<ToldOrderFindings>

/** The order as somebody tells it beside the order that is danced. */
export function toldOrder({ routine, timeline }: Derived): Found[] {
  if (routine.told === undefined) return []
  const labels = [...new Set(routine.parts.map(({ label }) => label))]
  const told = partsTold(routine.told, labels)
  const danced = timeline.passes.map(({ part }) => part.label)
  const unknown = told.find((label) => !labels.includes(label))
  const place = told.findIndex((label, i) => label !== danced[i])
  const from = place >= 0 ? place : told.length < danced.length ? told.length : -1
  if (unknown === undefined && from < 0) return []
  const at = timeline.passes[Math.min(from < 0 ? 0 : from, danced.length - 1)]
  const where = {
    severity: 'mend' as const,
    subject: routine.id,
    slotKeys: at?.slots[0] ? [at.slots[0].key] : [],
    at: at?.start ?? timeline.lengthTicks,
    repairs: asDanced(routine, danced.join(' ')),
  }
  return unknown === undefined
    ? [{ ...where, code: 'missing.told', params: { told, danced, place: from + 1 } }]
    : [{ ...where, code: 'missing.told-part', params: { label: unknown, known: labels } }]
}

/** The order told as it is danced, where it is not longer than can be told. */
function asDanced(routine: Derived['routine'], danced: string): Repair[] {
  const edits = danced.length > MOST_TOLD ? null : setHeading(routine, 'told', danced || undefined)
  return edits ? [{ code: 'tell-as-danced', params: {}, edits }] : []
}
const MOST_TOLD = 300

/** Labels in a text: “A A B, Tag”, “AABA”, “A x2, B”, “A twice”. */
export function partsTold(text: string, labels: readonly string[]): string[] {
  const byLength = [...labels].sort((a, b) => b.length - a.length)
  const found: string[] = []
  let rest = text.trim()
  while (rest !== '') {
    const label = byLength.find((one) => rest.toLowerCase().startsWith(one.toLowerCase()))
    const word = label ?? /^[\p{L}\p{N}'’]+/u.exec(rest)?.[0] ?? rest[0]!
    rest = rest.slice(word.length)
    const [all = '', times, often] = /^ ?(?:[x×] ?(\d{1,2})|(twice|three times))/i.exec(rest) ?? []
    rest = rest.slice(all.length).replace(/^[\s,;.–-]+/, '')
    const n = Number(times ?? { twice: 2, 'three times': 3 }[often?.toLowerCase() ?? ''] ?? 1)
    if (/[\p{L}\p{N}]/u.test(word)) found.push(...Array<string>(n).fill(label ?? word))
  }
  return found
}
