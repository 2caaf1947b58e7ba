import { readFileSync } from 'node:fs'
import { playScore } from '@dellop/core/band'
import { CHECKS } from '@dellop/core/check'
import {
  freeFigures,
  freeDance,
  freePhrases,
  bestStart,
  prepareCall,
  reentries,
} from '@dellop/core/call'
import { DEFAULT_VOICES, planRoutine, type PlanCache } from '@dellop/core/cue'
import {
  bookOf,
  browseFigures,
  followOns,
  NO_WISH,
  SHIPPED_FIGURES,
  startingState,
  WALTZ_FIGURES,
} from '@dellop/core/figure'
import { readAbc } from '@dellop/core/file'
import {
  figureContent,
  freshSlot,
  NO_MUSIC,
  searchOrders,
  shelfOf,
  unfold,
  type Routine,
  type UnfoldCache,
} from '@dellop/core/routine'
import { ROUND_SCHOOL } from '@dellop/core/school'
import { deriveSheet, searchRepairs } from '@dellop/core/sheet'
import { steadyBeatMap, type Tick, type TickPosition } from '@dellop/core/time'
import { medianMs, type Measured } from './calibrate.ts'

const book = bookOf(WALTZ_FIGURES)
const many = Array.from({ length: 5000 }, (_, i) => ({
  ...SHIPPED_FIGURES[i % SHIPPED_FIGURES.length]!,
  id: `f${i}`,
}))
const ORDER = [
  'balance-left-right',
  'twirl-vine',
  'through-face-close',
  'hover',
  'manoeuvre',
  'two-right-turns',
]

/** A routine of so many slots in parts of 24 beats. */
function routineOf(slots: number): Routine {
  const parts = Array.from({ length: Math.ceil(slots / ORDER.length) }, (_, p) => ({
    id: `p${p}`,
    label: `P${p}`.slice(0, 30),
    slots: ORDER.map((figure, i) => freshSlot(`p${p}s${i}`, figureContent(figure))),
  }))
  return {
    format: 'dellop-routine',
    version: 2,
    id: 'bench',
    title: 'Bench',
    by: '',
    dance: 'waltz',
    schoolId: 'round',
    tuneId: null,
    recordingId: null,
    metre: { beatsPerBar: 3, beatNote: '1/4', division: 4 },
    bpm: 96,
    language: 'en',
    start: startingState('butterfly', 2),
    remark: '',
    parts,
    passes: parts.map((part) => ({
      id: `x${part.id}`,
      partId: part.id,
      kind: 'pass',
      times: 1,
      stretch: null,
      reflected: false,
      changes: [],
    })),
    overrules: [],
  }
}

/** A shelf of sheets with the names of a good many figures each. */
const shelfOf2000 = () =>
  Array.from({ length: 2000 }, (_, i) => ({
    id: `s${i}`,
    title: `${['Lanterns', 'Gates', 'Pegs', 'Geese'][i % 4]!} ${i}`,
    by: 'Wren Ashdown-Vale',
    dance: 'waltz',
    level: 'easy',
    otherNames: [],
    tuneTitle: 'Lamps Along the Staithe',
    tags: ['four walls'],
    figures: many.slice(i, i + 20).map(({ name }) => name),
    archived: false,
    updatedAtMs: i,
  }))

/**
 * A wording changed to and fro in the middle of 1,000 slots, planned on from the plan before;
 * unfolding is left out.
 */
function replanMs(): number {
  const cache: PlanCache = { last: null }
  const passes: UnfoldCache = new Map()
  const beatMap = steadyBeatMap(96)
  const plain = routineOf(1000)
  const parts = plain.parts.map((part, i) =>
    i === 80
      ? {
          ...part,
          slots: part.slots.map((slot, k) =>
            k === 2
              ? { ...slot, wordings: { full: 'through and face', short: null, keyWord: null } }
              : slot,
          ),
        }
      : part,
  )
  const timelines = [plain, { ...plain, parts }].map((routine) =>
    unfold(routine, book, { music: NO_MUSIC, cache: passes }),
  )
  let turn = 0
  return medianMs(15, () =>
    planRoutine(
      {
        timeline: timelines[turn++ % 2]!,
        school: ROUND_SCHOOL,
        voice: DEFAULT_VOICES.en,
        beatMap,
        firstStep: 0 as Tick,
      },
      1,
      cache,
    ),
  )
}

/**
 * A floor of a dance of 66 slots that is lost: the three ways back in, and the dance planned anew
 * on the first.
 */
function lostMs(): number {
  const sheet = deriveSheet({
    routine: routineOf(66),
    book,
    school: ROUND_SCHOOL,
    voice: DEFAULT_VOICES.en,
    tune: null,
  })
  const call = prepareCall(sheet, 1)
  const at = (24 * 50) as TickPosition
  return medianMs(15, () => {
    const [first] = reentries(call, sheet.timeline.slots[3]!.after, at)
    return prepareCall(sheet, 1, first!.course)
  })
}

/** The repairs of a foot that is not free, in the middle of 200 slots: a figure danced mirrored. */
function repairsMs(): number {
  const whole = routineOf(200)
  const parts = whole.parts.map((part, i) =>
    i === 16
      ? {
          ...part,
          slots: part.slots.map((slot, k) =>
            k === 4 && slot.content.type === 'figure'
              ? {
                  ...slot,
                  content: {
                    ...slot.content,
                    variation: { ...slot.content.variation, reflected: true },
                  },
                }
              : slot,
          ),
        }
      : part,
  )
  const sheet = deriveSheet({
    routine: { ...whole, parts },
    book: bookOf(SHIPPED_FIGURES),
    school: ROUND_SCHOOL,
    voice: DEFAULT_VOICES.en,
    tune: null,
  })
  const finding = sheet.findings.find(({ code }) => code === 'feet.not-free')!
  return medianMs(7, () => searchRepairs(sheet, finding))
}

/** A phrase of waltz called freely, from all the figures of the book. */
function freeMs(): number {
  const figures = freeFigures(bookOf(SHIPPED_FIGURES).values(), 'waltz', () => true)
  const start = bestStart(figures, 'couples-round', 24 * 24)!
  return medianMs(5, () =>
    freePhrases(freeDance(figures, start, 'couples-round'), start, 24 * 24, []),
  )
}

export function measureCore(): Measured[] {
  const school = ROUND_SCHOOL
  const voice = DEFAULT_VOICES.en
  const thousand = unfold(routineOf(1000), book)
  const six = routineOf(600)
  const hundred = routineOf(100)
  const proved = deriveSheet({ routine: six, book, school, voice, tune: null })
  const shelf = shelfOf(shelfOf2000())
  const score = readAbc(
    readFileSync(new URL('../demo/tunes/lamps-along-the-staithe.abc', import.meta.url), 'utf8'),
  )
  if (!score.ok) throw new Error(score.problem.message)
  return [
    {
      what: `plan ${thousand.slots.length} slots`,
      ms: medianMs(9, () =>
        planRoutine({
          timeline: thousand,
          school,
          voice,
          beatMap: steadyBeatMap(96),
          firstStep: 0 as Tick,
        }),
      ),
    },
    {
      what: `replan ${thousand.slots.length} slots after a wording in the middle was changed`,
      ms: replanMs(),
    },
    {
      what: 'search 5,000 figures for “tu”',
      ms: medianMs(9, () => browseFigures(many, { ...NO_WISH, text: 'tu' })),
    },
    {
      what: 'narrow 5,000 figures by foot and hold',
      ms: medianMs(9, () =>
        browseFigures(many, { ...NO_WISH, startFoot: 'right', endHold: 'closed' }),
      ),
    },
    {
      what: 'narrow 5,000 figures to what may follow one',
      ms: medianMs(9, () => browseFigures(many, { ...NO_WISH, after: many[0]! })),
    },
    {
      what: 'what may follow, with links, among 5,000 figures',
      ms: medianMs(5, () => followOns(many[0]!, many)),
    },
    { what: '600 slots: unfold', ms: medianMs(9, () => unfold(six, book)) },
    {
      what: '600 slots: check',
      ms: medianMs(9, () => CHECKS.map((check) => check(proved).length)),
    },
    {
      what: '100 slots: unfold, plan and check, as the command does',
      ms: medianMs(9, () => deriveSheet({ routine: hundred, book, school, voice, tune: null })),
    },
    {
      what: '600 slots: unfold, plan and check',
      ms: medianMs(5, () => deriveSheet({ routine: six, book, school, voice, tune: null })),
    },
    { what: '200 slots: repairs of a foot that is not free, searched', ms: repairsMs() },
    {
      what: 'the order of 40 passes searched for a fit',
      ms: medianMs(5, () =>
        searchOrders(
          Array.from({ length: 40 }, (_, i) => ({
            ticks: 24 * [24, 32, 48, 8][i % 4]!,
            times: 1,
            change: 10,
            leaveOut: 6,
          })),
          24 * 1000,
        ),
      ),
    },
    {
      what: 'search a shelf of 2,000 sheets for “la gate”',
      ms: medianMs(9, () =>
        shelf.search({
          text: 'la gate',
          dance: null,
          level: null,
          tag: null,
          archived: false,
          order: 'title',
        }),
      ),
    },
    {
      what: 'lost in a dance of 66 slots: the ways back in, and the rest planned anew',
      ms: lostMs(),
    },
    { what: 'whole phrases of waltz called freely', ms: freeMs() },
    { what: 'band: the house waltz, 2 min 17 s', ms: medianMs(3, () => playScore(score.value)) },
  ]
}
