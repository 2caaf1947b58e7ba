import {
  freshSlot,
  removeSlot,
  setField,
  wordsContent,
  type DancedPass,
} from '../../routine/index.ts'
import { beatsOfTicks, type Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'
import { passSums } from './passSums.ts'

/** What it finds, with the values of their sentences. */
export interface TiesFindings {
  readonly 'missing.section': {
    readonly part: string
    readonly to: 'section' | 'landmark'
    readonly label: string
    readonly known: readonly string[]
  }
  readonly 'sums.tie': {
    readonly part: string
    readonly label: string
    readonly difference: number
    readonly early: boolean
    readonly begins: number
    readonly wanted: number
  }
}
type Found = FindingOf<TiesFindings>

/**
 * Passes tied to a section or landmark that begin before or after it, or that the music does not
 * have.
 */
export function ties(derived: Derived): Found[] {
  const { passes } = derived.timeline
  const sums = passSums(derived)
  return passes.flatMap((pass, i): Found[] => {
    const { tie } = pass.pass
    if (!tie || pass.repetition > 0) return []
    const about = {
      subject: pass.pass.id,
      slotKeys: pass.slots.slice(0, 1).map(({ key }) => key),
      at: pass.start,
    }
    if (pass.tiedAt === null) {
      if (!derived.tune) return []
      return [
        {
          ...about,
          code: 'missing.section',
          severity: 'mend',
          params: {
            part: pass.part.label,
            to: tie.to,
            label: tie.label,
            known: names(derived, tie.to),
          },
          repairs: untied(pass),
        },
      ]
    }
    const early = pass.tiedAt - pass.start
    // It is early or late because of what is told of the parts before it.
    if (early === 0 || pass.startIsOpen || sums[i]?.from === pass.tiedAt) return []
    const beats = (tick: number): number => beatsOfTicks(tick as Tick)
    const params = {
      part: pass.part.label,
      label: tie.label,
      difference: beats(Math.abs(early)),
      early: early > 0,
      begins: beats(pass.start) + 1,
      wanted: beats(pass.tiedAt) + 1,
    }
    return [
      {
        ...about,
        code: 'sums.tie',
        severity: 'mend',
        params,
        repairs: [
          ...(early > 0
            ? waiting(derived, passes[i - 1], early)
            : shortened(derived, passes[i - 1], -early)),
          ...untied(pass),
        ],
      },
    ]
  })
}

const names = ({ music }: Derived, to: 'section' | 'landmark'): string[] => [
  ...new Set(
    to === 'section'
      ? music.sections.map(({ label }) => label)
      : music.landmarks.map(({ text }) => text),
  ),
]
const untied = ({ pass }: DancedPass): Repair[] => [
  { code: 'untie', params: {}, edits: setField(pass, 'tie', undefined) ?? [] },
]

/** A wait at the end of the pass before, for this time only. */
function waiting({ routine }: Derived, before: DancedPass | undefined, ticks: number): Repair[] {
  if (!before || before.pass.times > 1) return []
  const slot = freshSlot(freshId(routine, `${before.pass.id}-wait`), wordsContent('wait', ticks))
  const edits = [
    {
      type: 'insert' as const,
      into: { owner: before.pass.id, list: 'changes' },
      item: { ...slot, type: 'insert', slotId: null },
      after: before.pass.changes.at(-1)?.id ?? null,
    },
  ]
  return [{ code: 'add-wait', params: { beats: beatsOfTicks(ticks as Tick) }, edits }]
}

/** The last figure of the part before taken out, where that is just what is too much. */
function shortened({ routine }: Derived, before: DancedPass | undefined, ticks: number): Repair[] {
  const last = before?.slots.at(-1)
  const edits = last && last.lengthTicks === ticks ? removeSlot(routine, last.slot.id) : null
  return edits
    ? [
        {
          code: 'drop-last',
          params: { slot: last!.figure?.name ?? '', beats: beatsOfTicks(ticks as Tick) },
          edits,
        },
      ]
    : []
}
