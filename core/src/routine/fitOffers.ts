import type { Edit, NewId } from '../document/index.ts'
import {
  applyVariation,
  AS_WRITTEN,
  danceFrom,
  holdFits,
  missingFoot,
  type CoupleState,
  type Figure,
  type FigureBook,
} from '../figure/index.ts'
import type { Tick } from '../time/index.ts'
import { figureContent, freshPass, freshSlot, removePass } from './edits.ts'
import { fillGap } from './fit.ts'
import type { MusicLayout } from './musicLayout.ts'
import { searchOrders } from './passSearch.ts'
import type { Pass, Routine } from './routine.ts'
import type { Timeline } from './timeline.ts'

/**
 * A way to make a dance come out with its music. `leftTicks` is what is still over (positive) or
 * missing after it.
 */
export type FitOffer = { readonly edits: readonly Edit[]; readonly leftTicks: number } & (
  | { readonly kind: 'passes'; readonly changes: readonly PassChange[]; readonly misplaced: number }
  | {
      readonly kind: 'fill'
      readonly figure: string
      readonly unitTicks: Tick
      readonly times: number
      readonly gapTicks: Tick
    }
  | {
      readonly kind: 'early-end'
      readonly label: string
      readonly ordinal: number
      readonly dropped: number
      readonly ending: string | null
    }
  | { readonly kind: 'tempo'; readonly bpm: number; readonly percent: number }
)

export interface PassChange {
  readonly label: string
  /** Which time through, in the order as it is. */
  readonly ordinal: number
  readonly from: number
  readonly to: number
}

export interface FitInput {
  readonly routine: Routine
  readonly timeline: Timeline
  readonly book: FigureBook
  readonly music: MusicLayout
  /** Ticks of music there are from the first step on. */
  readonly musicTicks: Tick
  readonly newId: NewId
}

export interface FitOffers {
  readonly offers: readonly FitOffer[]
  /** The search through the order was given up: there may be more. */
  readonly isCut: boolean
}

/**
 * What dropping or repeating a pass costs, by what it is: an ending or entrance is hardly ever left
 * out.
 */
const CHANGE: Readonly<Record<Pass['kind'], number>> = {
  pass: 10,
  fill: 4,
  bridge: 14,
  entrance: 40,
  ending: 60,
}
const LEAVE_OUT: Readonly<Record<Pass['kind'], number>> = {
  pass: 6,
  fill: 0,
  bridge: 6,
  entrance: 20,
  ending: 40,
}
/** What a pass costs that lies on other music than its part does elsewhere. */
const MISPLACED = 8
const MOST_OF_A_KIND = 4

/**
 * All that makes the dance as long as its music, best first: whole passes dropped or repeated, a
 * fill, an early ending.
 */
export function fitOffers(input: FitInput): FitOffers {
  if (input.timeline.openFrom !== null || input.timeline.lengthTicks === input.musicTicks)
    return { offers: [], isCut: false }
  const { offers, isCut } = passOffers(input)
  return {
    offers: [...offers, ...fillOffers(input), ...earlyEnds(input)].sort(
      (a, b) => Math.abs(a.leftTicks) - Math.abs(b.leftTicks),
    ),
    isCut,
  }
}

/**
 * The tempo at which the dance lasts as long as so many seconds; null where that is no dancing
 * tempo (half to one and a half times).
 *
 * @param danceTicks Length of the dance in ticks, above 0.
 * @param musicSeconds Of music there are, in seconds, above 0.
 */
export function tempoOffer(
  routine: Routine,
  danceTicks: number,
  musicSeconds: number,
): FitOffer | null {
  const bpm = Math.round(((danceTicks / 24) * 60 * 10) / musicSeconds) / 10
  const ratio = bpm / routine.bpm
  if (ratio < 0.5 || ratio > 1.5) return null
  return {
    kind: 'tempo',
    bpm,
    percent: Math.round(ratio * 1000) / 10,
    leftTicks: 0,
    edits: [{ type: 'set', id: '', field: 'bpm', from: routine.bpm, to: bpm }],
  }
}

function passOffers({ routine, timeline, music, musicTicks }: FitInput): FitOffers {
  const danced = routine.passes.map((pass) =>
    timeline.passes.filter((one) => one.pass.id === pass.id),
  )
  const lengths = danced.map(([first]) => (first ? first.end - first.start : 0))
  const movable = routine.passes.flatMap((pass, i) => (lengths[i]! > 0 && !pass.fill ? [i] : []))
  const fixed = routine.passes.reduce(
    (sum, _, i) =>
      movable.includes(i)
        ? sum
        : sum + danced[i]!.reduce((all, one) => all + one.end - one.start, 0),
    0,
  )
  const search = searchOrders(
    movable.map((i) => ({
      ticks: lengths[i]!,
      times: routine.passes[i]!.times,
      change: CHANGE[routine.passes[i]!.kind],
      leaveOut: LEAVE_OUT[routine.passes[i]!.kind],
    })),
    musicTicks - fixed,
  )
  const offers = search.orders.flatMap(
    (order): (Extract<FitOffer, { kind: 'passes' }> & { cost: number })[] => {
      const times = routine.passes.map((pass, i) =>
        movable.includes(i) ? order.times[movable.indexOf(i)]! : pass.times,
      )
      const changes = routine.passes.flatMap((pass, i): PassChange[] =>
        times[i] === pass.times
          ? []
          : [
              {
                label: danced[i]![0]!.part.label,
                ordinal: danced[i]![0]!.ordinal,
                from: pass.times,
                to: times[i]!,
              },
            ],
      )
      if (changes.length === 0) return []
      const misplaced = misplacedPasses(routine, times, lengths, music)
      return [
        {
          kind: 'passes',
          changes,
          misplaced,
          leftTicks: order.ticks + fixed - musicTicks,
          edits: editsOf(routine, times),
          cost: order.cost + misplaced * MISPLACED,
        },
      ]
    },
  )
  const best = offers
    .sort((a, b) => Math.abs(a.leftTicks) - Math.abs(b.leftTicks) || a.cost - b.cost)
    .slice(0, MOST_OF_A_KIND)
  return { offers: best.map(({ cost: _, ...offer }) => offer), isCut: search.isCut }
}

function editsOf(routine: Routine, times: readonly number[]): Edit[] {
  const set = routine.passes.flatMap((pass, i): Edit[] =>
    times[i]! > 0 && times[i] !== pass.times
      ? [{ type: 'set', id: pass.id, field: 'times', from: pass.times, to: times[i] }]
      : [],
  )
  // Last first, so that what stands before a pass that goes is still there.
  const gone = [...routine.passes]
    .reverse()
    .flatMap((pass) =>
      times[routine.passes.indexOf(pass)] === 0 ? (removePass(routine, pass.id) ?? []) : [],
    )
  return [...set, ...gone]
}

/** Passes that begin a section of the music whose label got another part before. */
function misplacedPasses(
  routine: Routine,
  times: readonly number[],
  lengths: readonly number[],
  music: MusicLayout,
): number {
  const partOf = new Map<string, string>()
  let misplaced = 0
  let at = 0
  routine.passes.forEach((pass, i) => {
    for (let n = 0; n < times[i]!; n++) {
      const section = music.sections.find(({ start }) => start === at)
      const before = section && partOf.get(section.label)
      if (section && before === undefined) partOf.set(section.label, pass.partId)
      if (before !== undefined && before !== pass.partId) misplaced++
      at += lengths[i]!
    }
  })
  return misplaced
}

/**
 * Music left over filled with figures of the dance that can go on and on from where it ends: the
 * longest of each length that leaves least.
 */
function fillOffers({ routine, timeline, book, musicTicks, newId }: FitInput): FitOffer[] {
  const gap = (musicTicks - timeline.lengthTicks) as Tick
  if (gap <= 0) return []
  const ending = routine.passes.at(-1)?.kind === 'ending' ? routine.passes.at(-1)! : null
  const before = ending
    ? (timeline.passes.find(({ pass }) => pass === ending)?.slots[0]?.before ?? routine.start)
    : (timeline.slots.at(-1)?.after ?? routine.start)
  return againAndAgain({ timeline, book }, before, gap)
    .map(({ figure, unitTicks }): Extract<FitOffer, { kind: 'fill' }> => {
      const { times, leftTicks } = fillGap(gap, unitTicks)
      const part = {
        id: newId(),
        label: 'Fill',
        slots: [freshSlot(newId(), figureContent(figure.id))],
      }
      const fill: Pass = {
        ...freshPass(newId(), part.id, 'fill'),
        fill: { until: 'end', min: 0, max: 64 },
      }
      const pass = ending ? { ...freshPass(fill.id, part.id, 'bridge'), times } : fill
      const after = (ending ? routine.passes.at(-2)?.id : routine.passes.at(-1)?.id) ?? null
      const edits: Edit[] = [
        {
          type: 'insert',
          into: { owner: '', list: 'parts' },
          item: part,
          after: routine.parts.at(-1)?.id ?? null,
        },
        { type: 'insert', into: { owner: '', list: 'passes' }, item: pass, after },
      ]
      return {
        kind: 'fill',
        figure: figure.name,
        unitTicks,
        times,
        gapTicks: gap,
        leftTicks: leftTicks === 0 ? 0 : -leftTicks,
        edits,
      }
    })
    .filter(({ times }) => times <= 64)
    .sort((a, b) => b.leftTicks - a.leftTicks || b.unitTicks - a.unitTicks)
    .slice(0, MOST_OF_A_KIND)
}

/** Figures of the dance that can be danced from a state, and once more from where they end. */
function againAndAgain(
  { timeline, book }: Pick<FitInput, 'timeline' | 'book'>,
  before: CoupleState,
  mostTicks: number,
): { readonly figure: Figure; readonly unitTicks: Tick }[] {
  const used = new Set(timeline.slots.flatMap(({ figure }) => (figure ? [figure.id] : [])))
  return [...used].flatMap((id) => {
    const figure = book.get(id)
    const danced = figure && applyVariation(figure, AS_WRITTEN)
    if (
      !figure ||
      !danced?.ok ||
      danced.value.lengthTicks > mostTicks ||
      missingFoot(before, danced.value) ||
      !holdFits(before, danced.value)
    )
      return []
    const once = danceFrom(before, danced.value)
    const again = danceFrom(once.after, danced.value)
    return once.troubles.length + again.troubles.length > 0 || !holdFits(once.after, danced.value)
      ? []
      : [{ figure, unitTicks: danced.value.lengthTicks }]
  })
}

/**
 * Ending early: the order cut behind the last pass after which the ending still fits, the rest left
 * out.
 */
function earlyEnds({ routine, timeline, musicTicks }: FitInput): FitOffer[] {
  if (timeline.lengthTicks <= musicTicks) return []
  const last = timeline.passes.at(-1)
  const ending = last?.pass.kind === 'ending' ? last : null
  const room = musicTicks - (ending ? ending.end - ending.start : 0)
  const body = timeline.passes.filter((pass) => pass !== ending)
  const kept = body.filter((pass) => pass.end <= room)
  const cut = kept.at(-1)
  if (!cut || kept.length === body.length) return []
  const keptTimes = (pass: Pass): number => kept.filter((one) => one.pass === pass).length
  const times = routine.passes.map((pass) =>
    pass === ending?.pass
      ? pass.times
      : pass.fill
        ? keptTimes(pass) > 0
          ? pass.times
          : 0
        : keptTimes(pass),
  )
  const left = cut.end + (ending ? ending.end - ending.start : 0) - musicTicks
  return [
    {
      kind: 'early-end',
      label: cut.part.label,
      ordinal: cut.ordinal,
      dropped: body.length - kept.length,
      ending: ending?.part.label ?? null,
      leftTicks: left,
      edits: editsOf(routine, times),
    },
  ]
}
