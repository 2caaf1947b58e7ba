import { freshSlot, setField, wordsContent, type DancedPass } from '../../routine/index.ts'
import { beatsOfTicks, type Tick } from '../../time/index.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { freshId } from '../freshId.ts'

/** What it finds, with the values of their sentences. */
export interface FillsFindings {
  readonly 'sums.fill': {
    readonly part: string
    readonly gap: number
    readonly unit: number
    readonly times: number
    readonly left: number
    readonly least: number
    readonly most: number
  }
}
type Found = FindingOf<FillsFindings>

/** Fills whose whole units leave something over, or take more than there is to fill. */
export function fills(derived: Derived): Found[] {
  const { passes } = derived.timeline
  return passes.flatMap((pass, i): Found[] => {
    const isLast = passes[i + 1]?.pass !== pass.pass
    const { filled } = pass
    if (!isLast || !filled || filled.leftTicks === 0) return []
    const unit = pass.end - pass.start
    const beats = (ticks: number): number => beatsOfTicks(ticks as Tick)
    const params = {
      part: pass.part.label,
      gap: beats(filled.gapTicks),
      unit: beats(unit),
      times: pass.repetition + 1,
      left: beats(filled.leftTicks),
      least: pass.pass.fill!.min,
      most: pass.pass.fill!.max,
    }
    return [
      {
        code: 'sums.fill',
        severity: 'mend',
        subject: pass.pass.id,
        slotKeys: pass.slots.slice(-1).map(({ key }) => key),
        at: pass.end,
        params,
        repairs: filled.leftTicks > 0 ? more(derived, pass, filled.leftTicks) : fewer(pass),
      },
    ]
  })
}

/** More times where a most holds it back, or a wait of what is left over. */
function more({ routine }: Derived, { pass, repetition }: DancedPass, left: number): Repair[] {
  const fill = pass.fill!
  const raised =
    repetition + 1 === fill.max && fill.max < 64
      ? [
          {
            code: 'fill-more' as const,
            params: {},
            edits: setField(pass, 'fill', { ...fill, max: 64 }) ?? [],
          },
        ]
      : []
  const slot = freshSlot(freshId(routine, `${pass.id}-wait`), wordsContent('wait', left))
  // A wait inside a fill would be danced each time: it comes as a bridge of its own.
  const part = { id: freshId(routine, `${pass.id}-left`), label: 'wait', slots: [slot] }
  const bridge = {
    id: freshId(routine, `${pass.id}-after`),
    partId: part.id,
    kind: 'bridge',
    times: 1,
    stretch: null,
    reflected: false,
    changes: [],
  }
  const wait: Repair = {
    code: 'add-wait',
    params: { beats: beatsOfTicks(left as Tick) },
    edits: [
      {
        type: 'insert',
        into: { owner: '', list: 'parts' },
        item: part,
        after: routine.parts.at(-1)?.id ?? null,
      },
      { type: 'insert', into: { owner: '', list: 'passes' }, item: bridge, after: pass.id },
    ],
  }
  return [...raised, wait]
}

const fewer = ({ pass }: DancedPass): Repair[] =>
  pass.fill!.min === 0
    ? []
    : [
        {
          code: 'fill-fewer',
          params: {},
          edits: setField(pass, 'fill', { ...pass.fill!, min: 0 }) ?? [],
        },
      ]
