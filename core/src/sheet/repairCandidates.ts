import { freshId, type Finding, type Repair } from '../check/index.ts'
import { sameValue } from '../document/index.ts'
import { otherWeight, AS_WRITTEN, isOfDance, type Figure, type Variation } from '../figure/index.ts'
import {
  addPass,
  addSlot,
  dropFromPass,
  partLength,
  mirrorSlots,
  moveSlotBy,
  removePass,
  removeSlot,
  replaceContent,
  setField,
  type DancedPass,
  type DancedSlot,
  type SlotContent,
} from '../routine/index.ts'
import { TICKS_PER_BEAT } from '../time/index.ts'
import type { Sheet } from './derive.ts'
import { isOfPlaces, lineCandidates } from './lineCandidates.ts'
import { missingFigures } from './missingFigures.ts'

/** Slots before and behind the one that a finding is about, in which its cause may lie. */
const AROUND = 2
/** Places at which a part that is missing is tried. */
const MOST_PLACES = 12
/** Slots that are looked at at most. */
const MOST_SLOTS = 24
/** So many figures are tried in place of one. */
const MOST_LIKE = 4

/**
 * Single edits of the kinds cuers make, near what a finding is about: mirror one or all from here,
 * dance another variation or ending, put the look-alike in its place, take out, add again, move,
 * dance a part oftener or less often, begin on the other foot. Whether one helps is not known yet.
 */
export function repairCandidates(sheet: Sheet, finding: Finding): Repair[] {
  const isSum = finding.code.startsWith('sums.')
  // Who does not come home may have been led away by anything of the pass.
  const ofPlaces = isOfPlaces(finding) ? slotsAround(sheet, finding, true) : []
  const found = [
    ...slotsAround(sheet, finding, isSum).flatMap((slot) =>
      isSum ? lengthCandidates(sheet, slot) : slotCandidates(sheet, slot),
    ),
    ...ofPlaces.flatMap((slot) => [...lineCandidates(slot), ...ofTheLike(sheet, slot)]),
    ...missingFigures(sheet, finding),
    ...passesAround(sheet, finding).flatMap((pass) => passCandidates(sheet, pass)),
    ...(finding.code === 'sums.music-short' ? missingPasses(sheet, finding.params.difference) : []),
    ...startCandidates(sheet),
  ]
  const seen = new Set<string>()
  return found.filter(({ edits }) => {
    const key = JSON.stringify(edits)
    return edits.length > 0 && !seen.has(key) && seen.add(key)
  })
}

/** Each slot of a part once, nearest to the finding first; for a sum all of its part. */
function slotsAround({ timeline }: Sheet, { slotKeys, at }: Finding, isSum: boolean): DancedSlot[] {
  const { slots } = timeline
  const named = slots.findIndex(({ key }) => key === slotKeys[0])
  const here = named >= 0 ? named : slots.findIndex(({ end }) => end > at)
  if (here < 0) return []
  const { passId } = slots[here]!
  const near = slots.flatMap((slot, i) => {
    const away = Math.abs(i - here)
    return (isSum && slot.passId === passId) || away <= AROUND ? [{ slot, away }] : []
  })
  const once = new Map<string, DancedSlot>()
  for (const { slot } of near.sort((a, b) => a.away - b.away))
    if (!once.has(slot.slot.id)) once.set(slot.slot.id, slot)
  return [...once.values()].slice(0, MOST_SLOTS)
}

/** Passes that a finding lies in, each written one once, and the last. */
function passesAround({ timeline }: Sheet, { code, slotKeys, at }: Finding): DancedPass[] {
  const near = timeline.passes.filter(
    (pass, i, all) =>
      code.startsWith('sums.music') ||
      pass.slots.some(({ key }) => slotKeys.includes(key)) ||
      (pass.start <= at && at <= pass.end) ||
      i === all.length - 1,
  )
  return near.filter((pass, i) => near.findIndex((one) => one.pass.id === pass.pass.id) === i)
}

/** Figures of the same dance and length that lead somewhere, in place of one that does. */
function ofTheLike({ routine, book }: Sheet, slot: DancedSlot): Repair[] {
  const { figure } = slot
  const { content } = slot.slot
  if (!figure?.moves || content.type !== 'figure' || slot.changed) return []
  return [...book.values()]
    .filter(
      (one) =>
        one.moves &&
        one.id !== figure.id &&
        one.family === figure.family &&
        one.lengthTicks === figure.lengthTicks,
    )
    .flatMap((one): Repair[] => {
      const to: SlotContent = { type: 'figure', figureId: one.id, variation: AS_WRITTEN }
      const edits = replaceContent(slot, to, 'part', () => freshId(routine, slot.slot.id))
      return [{ code: 'replace', params: { old: figure.name, figure: one.name }, edits }]
    })
}

/** What makes a part longer or shorter. */
function lengthCandidates(sheet: Sheet, slot: DancedSlot): Repair[] {
  const all = slotCandidates(sheet, slot)
  return all.filter(({ code }) => LENGTH.has(code))
}
const LENGTH: ReadonlySet<Repair['code']> = new Set([
  'take-out',
  'only-once',
  'once-more',
  'so-often',
  'half-last',
  'half-here',
  'leave-out-here',
  'whole-figure',
  'replace',
])

function slotCandidates(sheet: Sheet, slot: DancedSlot): Repair[] {
  const { routine } = sheet
  const name =
    slot.figure?.name ?? (slot.slot.content.type === 'words' ? slot.slot.content.text : '')
  const figure = name === '' ? '?' : name
  const taken = removeSlot(routine, slot.slot.id)
  const again = addSlot(
    slot.partId,
    { ...slot.slot, id: freshId(routine, `${slot.slot.id}-again`) },
    slot.slot.id,
  )
  return [
    ...variations(sheet, slot, figure),
    ...onlyThisTime(sheet, slot, figure),
    ...lookAlikes(sheet, slot),
    ...(taken
      ? [
          {
            code: isTwice(sheet, slot) ? ('only-once' as const) : ('take-out' as const),
            params: { figure },
            edits: taken,
          },
        ]
      : []),
    ...(slot.changed ? [] : [{ code: 'once-more' as const, params: { figure }, edits: again }]),
    ...([1, -1] as const).flatMap((by): Repair[] => {
      const edits = slot.changed ? null : moveSlotBy(routine, slot.slot.id, by)
      return edits
        ? [{ code: by > 0 ? 'move-later' : 'move-earlier', params: { figure }, edits }]
        : []
    }),
  ]
}

/** Whether the same is danced right before or behind it. */
function isTwice({ timeline: { slots } }: Sheet, slot: DancedSlot): boolean {
  const i = slots.indexOf(slot)
  return [slots[i - 1], slots[i + 1]].some(
    (one) => one?.partId === slot.partId && sameValue(one.slot.content, slot.slot.content),
  )
}

/** The figure danced another way, here or from here on. */
function variations(sheet: Sheet, slot: DancedSlot, figure: string): Repair[] {
  const { content } = slot.slot
  if (content.type !== 'figure') return []
  const { variation } = content
  const vary = (change: Partial<Variation>): Repair['edits'] => {
    const whole: Record<string, unknown> = { ...variation, ...change }
    for (const key of Object.keys(whole)) if (whole[key] === undefined) delete whole[key]
    return put(sheet, slot, { ...content, variation: whole as Variation })
  }
  const entry = sheet.timeline.slots[sheet.timeline.slots.indexOf(slot) + 1]?.figure?.entry.holds
  return [
    { code: 'mirror', params: { figure }, edits: vary({ reflected: !variation.reflected }) },
    { code: 'reflect-rest', params: { figure }, edits: mirroredFrom(sheet, slot) },
    ...(variation.cut
      ? [{ code: 'whole-figure' as const, params: { figure }, edits: vary({ cut: null }) }]
      : [
          {
            code: 'half-last' as const,
            params: { figure },
            edits: vary({ cut: { type: 'half' } }),
          },
        ]),
    ...[variation.times + 1, variation.times - 1].flatMap((times): Repair[] =>
      times >= 1 ? [{ code: 'so-often', params: { figure, times }, edits: vary({ times }) }] : [],
    ),
    ...(variation.turn === undefined
      ? []
      : [
          {
            code: 'own-turn' as const,
            params: { figure },
            edits: vary({ turn: undefined as never }),
          },
          {
            code: 'other-turn' as const,
            params: { figure },
            edits: vary({ turn: -variation.turn }),
          },
        ]),
    ...(variation.exitHold === null
      ? []
      : [{ code: 'own-exit' as const, params: { figure }, edits: vary({ exitHold: null }) }]),
    ...endHolds(sheet, entry ?? []).flatMap((hold): Repair[] =>
      hold === variation.exitHold
        ? []
        : [{ code: 'end-in', params: { figure, hold }, edits: vary({ exitHold: hold }) }],
    ),
    ...(slot.figure?.endings ?? []).map(({ name: ending }): Repair => ({
      code: 'other-ending',
      params: { figure, ending },
      edits: vary({ ending }),
    })),
  ]
}

/** The kinds of edits that are made in one time through a part alone, where it is danced oftener. */
function onlyThisTime(sheet: Sheet, slot: DancedSlot, figure: string): Repair[] {
  const { content } = slot.slot
  const { passes, slots } = sheet.timeline
  const often = passes.filter(({ part }) => part.id === slot.partId).length
  if (content.type !== 'figure' || slot.changed || often < 2) return []
  const newId = (): string => freshId(sheet.routine, `${slot.slot.id}-here`)
  const here = (change: Partial<Variation>): Repair['edits'] =>
    replaceContent(
      slot,
      { ...content, variation: { ...content.variation, ...change } },
      'pass',
      newId,
    )
  const { variation } = content
  const entry = slots[slots.indexOf(slot) + 1]?.figure?.entry.holds ?? []
  return [
    { code: 'mirror-here', params: { figure }, edits: here({ reflected: !variation.reflected }) },
    ...(variation.cut
      ? []
      : [
          {
            code: 'half-here' as const,
            params: { figure },
            edits: here({ cut: { type: 'half' } }),
          },
        ]),
    ...entry.slice(0, 2).map((hold): Repair => ({
      code: 'end-in-here',
      params: { figure, hold },
      edits: here({ exitHold: hold }),
    })),
    { code: 'leave-out-here', params: { figure }, edits: dropFromPass(slot, newId) },
  ]
}

/** Holds to end in: those that the next figure begins in, the ones the sheet ends in most first. */
function endHolds({ routine }: Sheet, entry: readonly string[]): string[] {
  const used = (hold: string): number =>
    routine.parts
      .flatMap(({ slots }) => slots)
      .filter(({ content }) => content.type === 'figure' && content.variation.exitHold === hold)
      .length
  return [
    ...new Set([
      ...[...entry].sort((a, b) => used(b) - used(a)),
      'butterfly',
      'closed',
      'semi-closed',
    ]),
  ]
}

const put = ({ routine }: Sheet, slot: DancedSlot, content: SlotContent): Repair['edits'] =>
  replaceContent(slot, content, slot.changed ? 'pass' : 'part', () =>
    freshId(routine, slot.slot.id),
  )

/** This figure and all behind it in its part the other way round. */
function mirroredFrom(sheet: Sheet, slot: DancedSlot): Repair['edits'] {
  const own = sheet.routine.parts.find(({ id }) => id === slot.partId)?.slots ?? []
  const from = own.findIndex(({ id }) => id === slot.slot.id)
  return from < 0 ? [] : mirrorSlots(own.slice(from))
}

/** Figures of the dance that are taken for this one: most alike by name first. */
function lookAlikes(sheet: Sheet, slot: DancedSlot): Repair[] {
  const { content } = slot.slot
  const old = slot.figure?.name ?? (content.type === 'words' ? content.text : '')
  const alike = [...sheet.book.values()]
    .filter((one) => one.id !== slot.figure?.id && isOfDance(one, sheet.routine.dance))
    .map((one) => ({ one, unlike: unlikeness(one, old) }))
    .sort((a, b) => a.unlike - b.unlike)
    .slice(0, MOST_LIKE)
  const variation = content.type === 'figure' ? content.variation : AS_WRITTEN
  return alike.map(({ one }): Repair => ({
    code: 'replace',
    params: { old, figure: one.name },
    edits: put(sheet, slot, { type: 'figure', figureId: one.id, variation }),
  }))
}

/** How many of the words of two names are not in both, as a share. */
function unlikeness({ name, aliases }: Figure, old: string): number {
  const wordsOf = (text: string): string[] => text.toLowerCase().match(/\p{L}+/gu) ?? []
  const own = wordsOf(old)
  return Math.min(
    ...[name, ...aliases.map((alias) => alias.name)].map((text) => {
      const words = wordsOf(text)
      const shared = words.filter((word) => own.includes(word)).length
      return 1 - (2 * shared) / Math.max(1, words.length + own.length)
    }),
  )
}

function passCandidates(sheet: Sheet, { pass, part, ordinal }: DancedPass): Repair[] {
  const { routine } = sheet
  const field = (name: 'times' | 'reflected' | 'rotate' | 'tie' | 'exitHold', to: unknown) =>
    setField(pass, name, to as never) ?? []
  const removed = removePass(routine, pass.id)
  return [
    {
      code: 'mirror-pass',
      params: { part: part.label },
      edits: field('reflected', !pass.reflected),
    },
    ...[pass.times + 1, pass.times - 1].flatMap((times): Repair[] =>
      times >= 1
        ? [
            {
              code: 'pass-often',
              params: { part: part.label, times },
              edits: field('times', times),
            },
          ]
        : [],
    ),
    ...(pass.rotate === undefined
      ? []
      : [{ code: 'not-rotated' as const, params: {}, edits: field('rotate', undefined) }]),
    ...(removed
      ? [
          {
            code: 'drop-pass' as const,
            params: { part: part.label, time: ordinal },
            edits: removed,
          },
        ]
      : []),
  ]
}

/** A part that is just as long as what is missing, danced once more: at the end, or before. */
function missingPasses({ routine, timeline, book }: Sheet, beats: number): Repair[] {
  const parts = routine.parts.filter(
    (part) => part.versionOf === undefined && partLength(part, book) === beats * TICKS_PER_BEAT,
  )
  const places = timeline.passes
    .filter((one, i, all) => all.findLastIndex(({ pass }) => pass.id === one.pass.id) === i)
    .reverse()
    .slice(0, MOST_PLACES)
  const kindOf = (partId: string) =>
    timeline.passes.find(({ part }) => part.id === partId)?.pass.kind ?? 'pass'
  return parts.flatMap((part) =>
    places.map((after, i): Repair => {
      const id = freshId(routine, `${part.id}-pass`)
      const edits = addPass(id, part.id, after.pass.id, kindOf(part.id))
      return i === 0
        ? { code: 'add-pass', params: { part: part.label }, edits }
        : {
            code: 'pass-after',
            params: { part: part.label, after: after.part.label, time: after.ordinal },
            edits,
          }
    }),
  )
}

/** All begin on the other foot, or one of the two does. */
function startCandidates({ routine: { start } }: Sheet): Repair[] {
  const lead = { ...start.lead, weight: otherWeight(start.lead.weight) }
  const follow = { ...start.follow, weight: otherWeight(start.follow.weight) }
  return [{ lead }, { follow }, { lead, follow }].map((change): Repair => ({
    code: 'other-start',
    params: {},
    edits: [{ type: 'set', id: '', field: 'start', from: start, to: { ...start, ...change } }],
  }))
}
