import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../../time/index.ts'
import { checkHands } from './checkHands.ts'
import { composeBook } from '../model/compose.ts'
import { CUE_LANGUAGES, type Figure } from '../model/figure.ts'
import { mend, note, stop, type FigureFinding, type Found } from './figureFinding.ts'
import { ROLES, type Role, type Step } from '../model/step.ts'
import { parseTurn } from '../notation/turn.ts'
import { netTurn } from '../model/turnAmount.ts'
import { AS_WRITTEN } from '../model/variation.ts'
import { applyVariation, pickupTicks, stepsOf } from '../model/vary.ts'
import { neededFoot, startingWeight, weightAfter } from '../model/weight.ts'

const MOST_PICKUP_TICKS = 2 * TICKS_PER_BEAT
/** A whole turn, and a turn in so few beats, needs a word of caution. */
const SPINNING_EIGHTHS = 8
const SPINNING_BEATS = 4

/**
 * Judges one figure by itself: order and length, feet, turns against their words, holds against
 * facings, cautions, words.
 */
export function checkFigure(figure: Figure): FigureFinding[] {
  const steps = stepsOf(figure)
  const lines =
    figure.follow === 'same'
      ? [{ who: 'lead', steps: steps.lead }]
      : ROLES.map((role) => ({ who: role as string, steps: steps[role] }))
  const others = (figure.set?.others ?? []).map(({ couples, role, steps: own }) => ({
    who: `${role === 'both' ? 'dancer' : role} of couple ${couples.join(', ')}`,
    steps: own,
  }))
  const found = [
    ...[...lines, ...others].flatMap(({ who, steps: own }) => [
      ...checkTimes(figure, who, own),
      ...checkFeet(who, own),
      ...checkWords(who, own),
    ]),
    ...checkPickup(steps),
    ...checkHands(figure, steps),
    ...checkSet(figure),
    ...checkHalf(figure),
    ...checkChoices(figure),
    ...checkName(figure, steps.lead),
    ...checkCautions(figure, steps),
    ...checkWordings(figure),
  ]
  return found.map((one) => ({ figureId: figure.id, ...one }))
}

/** Judges a book: every figure by itself, and names that are given twice. */
export function checkBook(figures: readonly Figure[]): FigureFinding[] {
  const ids = new Map<string, Figure>()
  const names = new Map<string, Figure>()
  const twice = figures.flatMap((figure): FigureFinding[] => {
    const found: FigureFinding[] = []
    const name = `${figure.family} ${figure.name.toLowerCase()}`
    if (ids.has(figure.id))
      found.push({
        figureId: figure.id,
        ...stop('figure.same-id', { name: figure.name, other: ids.get(figure.id)!.name }),
      })
    else if (names.has(name))
      found.push({
        figureId: figure.id,
        ...mend('figure.same-name', { name: figure.name, family: figure.family }),
      })
    ids.set(figure.id, figure)
    names.set(name, figure)
    return found
  })
  const { book, problems } = composeBook(figures)
  const made = problems.map(({ figureId, problem }): FigureFinding => ({
    figureId,
    ...stop('figure.parts', { why: problem }),
  }))
  return [
    ...figures.flatMap((figure) =>
      checkFigure(figure.parts ? (book.get(figure.id) ?? figure) : figure),
    ),
    ...twice,
    ...made,
  ]
}

function checkTimes({ lengthTicks }: Figure, role: string, steps: readonly Step[]): Found[] {
  const found = steps
    .filter((step) => step.at >= lengthTicks)
    .map((step) =>
      stop('figure.step-outside', {
        role,
        text: step.text,
        at: step.at,
        counts: beatsOfTicks(lengthTicks as Tick),
      }),
    )
  for (const layer of ['feet', 'arms', 'head'] as const) {
    const own = steps.filter((step) => step.layer === layer)
    own.forEach((step, i) => {
      const before = own[i - 1]
      if (!before || step.at > before.at) return
      found.push(
        stop('figure.step-order', {
          role,
          at: step.at,
          text: step.text,
          before: before.text,
          beforeAt: before.at,
        }),
      )
    })
  }
  return found
}

function checkFeet(role: string, steps: readonly Step[]): Found[] {
  let weight = startingWeight(steps)
  const found: Found[] = []
  for (const step of steps) {
    const change = weightAfter(weight, step)
    if (change.trouble === 'taken')
      found.push(
        stop('figure.foot-taken', {
          at: step.at,
          role,
          text: step.text,
          carries: neededFoot([step]) === step.foot,
        }),
      )
    if (change.trouble === 'unsure')
      found.push(note('figure.foot-unsure', { at: step.at, role, text: step.text }))
    weight = change.weight
  }
  return found
}

/** Words of a step that name the other foot, or another turn than is danced. */
function checkWords(role: string, steps: readonly Step[]): Found[] {
  return steps.flatMap((step): Found[] => {
    const said = /^(left|right)\b/i.exec(step.text)?.[1]?.toLowerCase()
    const saysOther =
      said !== undefined &&
      step.layer === 'feet' &&
      step.foot !== null &&
      step.foot !== 'both' &&
      said !== step.foot
    const turn = /\bturn/i.test(step.text)
      ? parseTurn(step.text.replace(/^(left|right)\s+/i, ''))
      : null
    const wrongTurn =
      turn?.ok === true &&
      turn.value.eighths !== step.turn &&
      !turn.value.about &&
      !(turn.value.through !== undefined && Math.abs(turn.value.eighths) === Math.abs(step.turn))
    return [
      ...(saysOther
        ? [mend('figure.foot-words', { at: step.at, role, text: step.text, foot: step.foot! })]
        : []),
      ...(wrongTurn
        ? [mend('figure.turn-words', { at: step.at, role, text: step.text, turn: step.turn })]
        : []),
    ]
  })
}

function checkPickup(steps: Readonly<Record<Role, readonly Step[]>>): Found[] {
  const pickup = pickupTicks(steps)
  return pickup > MOST_PICKUP_TICKS
    ? [mend('figure.pickup', { counts: beatsOfTicks(pickup as Tick) })]
    : []
}

/** Couples of a set by their numbers: none beyond those it is for, none told twice. */
function checkSet({ set }: Figure): Found[] {
  if (!set) return []
  const most = set.couples[1]
  const told = set.others.flatMap(({ couples, role }) =>
    couples.flatMap((couple) =>
      (role === 'both' ? ROLES : [role]).map((one) => `${one} ${couple}`),
    ),
  )
  const twice = told.find((one, i) => told.indexOf(one) !== i)
  const beyond = set.others.flatMap(({ couples }) => couples).find((couple) => couple > most)
  return [
    ...(beyond === undefined ? [] : [mend('figure.set-couple', { beyond, most })]),
    ...(twice === undefined ? [] : [stop('figure.set-twice', { twice })]),
  ]
}

function checkHalf(figure: Figure): Found[] {
  if (figure.halfTicks === undefined) return []
  const half = applyVariation(figure, { ...AS_WRITTEN, cut: { type: 'half' } })
  return half.ok ? [] : [mend('figure.half', { why: half.problem })]
}

/** Endings and options: each name once, within the figure, and danceable when it is chosen. */
function checkChoices(figure: Figure): Found[] {
  const { endings = [], options = [], lengthTicks } = figure
  const all = [
    ...endings.map((one) => ({ ...one, variation: { ...AS_WRITTEN, ending: one.name } })),
    ...options.map((one) => ({
      ...one,
      from: 0,
      variation: { ...AS_WRITTEN, options: [one.name] },
    })),
  ]
  const trouble = (steps: readonly Step[], who: string): number =>
    [...checkFeet(who, steps), ...checkTimes(figure, who, steps)].filter(
      ({ severity }) => severity === 'stop',
    ).length
  const own = stepsOf(figure)
  return all.flatMap((one, i): Found[] => {
    if (all.findIndex(({ name }) => name === one.name) !== i)
      return [stop('figure.choice-twice', { name: one.name })]
    if (one.from >= lengthTicks)
      return [stop('figure.choice-outside', { name: one.name, from: one.from })]
    const danced = applyVariation(figure, one.variation)
    if (!danced.ok) return [stop('figure.choice', { why: danced.problem })]
    return ROLES.some((role) => trouble(danced.value.steps[role], role) > trouble(own[role], role))
      ? [stop('figure.choice-foot', { name: one.name })]
      : []
  })
}

/** A name that says which way it turns, against the steps. */
function checkName(figure: Figure, lead: readonly Step[]): Found[] {
  const side = /\b(left|right)[- ]turn(?:ing|s)?\b|\bturn(?:ing)? (left|right)\b/i.exec(figure.name)
  const said = (side?.[1] ?? side?.[2])?.toLowerCase()
  const net = netTurn(lead)
  if (said === undefined || net === 0 || net < 0 === (said === 'left')) return []
  return [mend('figure.turn-name', { said, net })]
}

function checkCautions(figure: Figure, steps: Readonly<Record<Role, readonly Step[]>>): Found[] {
  const most = Math.max(...ROLES.map((role) => spinIn(steps[role])))
  const has = (kind: Figure['cautions'][number]['kind']): boolean =>
    figure.cautions.some((one) => one.kind === kind)
  const dips =
    [...steps.lead, ...steps.follow].some((step) => /\bdip\b/i.test(step.text)) ||
    /\bdip\b/i.test(figure.name)
  return [
    ...(most >= SPINNING_EIGHTHS && !has('spin')
      ? [mend('figure.caution-spin', { spinningBeats: SPINNING_BEATS })]
      : []),
    ...(dips && !has('dip') ? [mend('figure.caution-dip')] : []),
  ]
}

/** The most that is turned one way within a few beats. */
function spinIn(steps: readonly Step[]): number {
  const within = (from: number): number =>
    Math.abs(
      netTurn(steps.filter(({ at }) => at >= from && at < from + SPINNING_BEATS * TICKS_PER_BEAT)),
    )
  return Math.max(0, ...steps.map(({ at }) => within(at)))
}

function checkWordings({ wordings }: Figure): Found[] {
  return CUE_LANGUAGES.flatMap((language): Found[] => {
    const own = wordings[language]
    if (!own) return []
    const { full, short, keyWord } = own
    return keyWord.length > short.length || short.length > full.length
      ? [note('figure.wording-length', { full, short, keyWord })]
      : []
  })
}
