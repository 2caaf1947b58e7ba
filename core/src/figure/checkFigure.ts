import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../time/index.ts'
import type { Figure } from './figure.ts'
import { turned, wrapFacing } from './facing.ts'
import { holdOf } from './hold.ts'
import { ROLES, type Role, type Step } from './step.ts'
import { parseTurn } from './turn.ts'
import { pickupTicks, stepsOf } from './variation.ts'
import { neededFoot, weightAfter, type Weight } from './weight.ts'

/** Something that cannot be right, or is doubtful, in a figure by itself. */
export interface FigureFinding {
  readonly figureId: string
  readonly code: string
  /** `stop`: it cannot be danced as written; `mend`: it contradicts itself; `note`: worth a look. */
  readonly severity: 'stop' | 'mend' | 'note'
  /** One sentence for a person, with the count where it is. */
  readonly message: string
}

type Found = Omit<FigureFinding, 'figureId'>
const stop = (code: string, message: string): Found => ({ code, severity: 'stop', message })
const mend = (code: string, message: string): Found => ({ code, severity: 'mend', message })
const note = (code: string, message: string): Found => ({ code, severity: 'note', message })

const count = (at: number): string => `count ${Number((beatsOfTicks(at as Tick) + 1).toFixed(2))}`
const MOST_PICKUP_TICKS = 2 * TICKS_PER_BEAT
/** A whole turn, and a turn in so few beats, needs a word of caution. */
const SPINNING_EIGHTHS = 8
const SPINNING_BEATS = 4

/** Judges one figure by itself: order and length, feet, turns against their words, holds against facings, cautions, words. */
export function checkFigure(figure: Figure): FigureFinding[] {
  const steps = stepsOf(figure)
  const roles: readonly Role[] = figure.follow === 'same' ? ['lead'] : ROLES
  const found = [
    ...roles.flatMap((role) => [...checkTimes(figure, role, steps[role]), ...checkFeet(role, steps[role]), ...checkWords(role, steps[role])]),
    ...checkPickup(steps),
    ...checkHolds(figure, steps),
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
    if (ids.has(figure.id)) found.push({ figureId: figure.id, ...stop('figure.same-id', `“${figure.name}” has the id of “${ids.get(figure.id)!.name}”; every figure needs its own.`) })
    else if (names.has(name)) found.push({ figureId: figure.id, ...mend('figure.same-name', `There are two figures named “${figure.name}” in ${figure.family}; say what tells them apart.`) })
    ids.set(figure.id, figure)
    names.set(name, figure)
    return found
  })
  return [...figures.flatMap(checkFigure), ...twice]
}

function checkTimes({ lengthTicks }: Figure, role: Role, steps: readonly Step[]): Found[] {
  const found = steps.filter((step) => step.at >= lengthTicks).map((step) => stop('figure.step-outside', `The ${role}’s “${step.text}” is on ${count(step.at)}, but the figure has ${beatsOfTicks(lengthTicks as Tick)} counts.`))
  for (const layer of ['feet', 'arms', 'head'] as const) {
    const own = steps.filter((step) => step.layer === layer)
    own.forEach((step, i) => {
      const before = own[i - 1]
      if (!before || step.at > before.at) return
      const text = step.at === before.at ? `two things on ${count(step.at)}: “${before.text}” and “${step.text}”` : `“${step.text}” on ${count(step.at)} after “${before.text}” on ${count(before.at)}`
      found.push(stop('figure.step-order', `The ${role} has ${text}; one after the other was expected.`))
    })
  }
  return found
}

function checkFeet(role: Role, steps: readonly Step[]): Found[] {
  const needed = neededFoot(steps)
  let weight: Weight = needed === null ? 'both' : needed === 'left' ? 'right' : 'left'
  const found: Found[] = []
  for (const step of steps) {
    const change = weightAfter(weight, step)
    if (change.trouble === 'taken') found.push(stop('figure.foot-taken', `On ${count(step.at)} the ${role}’s “${step.text}” is done ${wrongFoot(step)}`))
    if (change.trouble === 'unsure') found.push(note('figure.foot-unsure', `On ${count(step.at)} the ${role}’s weight may be on either foot before “${step.text}”.`))
    weight = change.weight
  }
  return found
}

/** A step needs a free foot; a hop, a pivot and their like need the one that carries. */
const wrongFoot = (step: Step): string =>
  neededFoot([step]) === step.foot ? 'by the foot that carries the weight; the other foot, or a change of weight before it, was expected.' : 'on the foot that is free; the foot that carries the weight was expected.'

/** Words of a step that name the other foot, or another turn than is danced. */
function checkWords(role: Role, steps: readonly Step[]): Found[] {
  return steps.flatMap((step): Found[] => {
    const said = /^(left|right)\b/i.exec(step.text)?.[1]?.toLowerCase()
    const saysOther = said !== undefined && step.layer === 'feet' && step.foot !== null && step.foot !== 'both' && said !== step.foot
    const turn = /\bturn/i.test(step.text) ? parseTurn(step.text.replace(/^(left|right)\s+/i, '')) : null
    const wrongTurn = turn?.ok === true && turn.value.eighths !== step.turn && !turn.value.about
    return [
      ...(saysOther ? [mend('figure.foot-words', `On ${count(step.at)} the ${role} is told “${step.text}”, but the ${step.foot!} foot moves.`)] : []),
      ...(wrongTurn ? [mend('figure.turn-words', `On ${count(step.at)} the ${role} is told “${step.text}”, but turns ${turnText(step.turn)}.`)] : []),
    ]
  })
}

const turnText = (eighths: number): string => (eighths === 0 ? 'not at all' : `${Math.abs(eighths)}/8 to the ${eighths < 0 ? 'left' : 'right'}`)

function checkPickup(steps: Readonly<Record<Role, readonly Step[]>>): Found[] {
  const pickup = pickupTicks(steps)
  return pickup > MOST_PICKUP_TICKS ? [mend('figure.pickup', `It begins ${beatsOfTicks(pickup as Tick)} counts before its first; at most 2 were expected: let it begin on count 1 and be longer.`)] : []
}

const netTurn = (steps: readonly Step[]): number => steps.reduce((sum, step) => sum + step.turn, 0)

/** Whether the two can stand as the hold says, going in and coming out. */
function checkHolds(figure: Figure, steps: Readonly<Record<Role, readonly Step[]>>): Found[] {
  const relations = new Set(figure.entry.holds.map((id) => holdOf(id)?.relation).filter((relation) => typeof relation === 'number'))
  if (relations.size > 1) {
    return figure.follow === 'opposite' ? [mend('figure.hold-mixed', `It may begin in ${figure.entry.holds.join(' and ')}: face to face and side by side. The follow’s steps cannot be the opposite in both.`)] : []
  }
  const [relation] = relations
  const exit = figure.exitHold ?? (figure.entry.holds.length === 1 ? figure.entry.holds[0]! : null)
  const wanted = exit === null ? undefined : holdOf(exit)?.relation
  if (relation === undefined || wanted === undefined || wanted === null) return []
  const ends = wrapFacing(relation + netTurn(steps.follow) - netTurn(steps.lead))
  // Between two facings an eighth apart lies how people stand, not what is written.
  if (ends === wanted || ends === turned(wanted, 1) || ends === turned(wanted, -1)) return []
  return [mend('figure.hold-facing', `It ends in ${exit!}, ${wanted === 4 ? 'face to face' : 'side by side'}, but the turns leave the two ${ends === 4 ? 'face to face' : ends === 0 ? 'side by side' : 'at an angle'}.`)]
}

/** A name that says which way it turns, against the steps. */
function checkName(figure: Figure, lead: readonly Step[]): Found[] {
  const side = /\b(left|right)[- ]turn(?:ing|s)?\b|\bturn(?:ing)? (left|right)\b/i.exec(figure.name)
  const said = (side?.[1] ?? side?.[2])?.toLowerCase()
  const net = netTurn(lead)
  if (said === undefined || net === 0 || net < 0 === (said === 'left')) return []
  return [mend('figure.turn-name', `Its name says ${said}, but the lead turns ${turnText(net)}.`)]
}

function checkCautions(figure: Figure, steps: Readonly<Record<Role, readonly Step[]>>): Found[] {
  const most = Math.max(...ROLES.map((role) => spinIn(steps[role])))
  const has = (kind: Figure['cautions'][number]['kind']): boolean => figure.cautions.some((one) => one.kind === kind)
  const dips = [...steps.lead, ...steps.follow].some((step) => /\bdip\b/i.test(step.text)) || /\bdip\b/i.test(figure.name)
  return [
    ...(most >= SPINNING_EIGHTHS && !has('spin') ? [mend('figure.caution-spin', `A whole turn in ${SPINNING_BEATS} counts or fewer: a caution about turning was expected.`)] : []),
    ...(dips && !has('dip') ? [mend('figure.caution-dip', 'It has a dip: a caution about dips was expected.')] : []),
  ]
}

/** The most that is turned one way within a few beats. */
function spinIn(steps: readonly Step[]): number {
  const within = (from: number): number => Math.abs(netTurn(steps.filter(({ at }) => at >= from && at < from + SPINNING_BEATS * TICKS_PER_BEAT)))
  return Math.max(0, ...steps.map(({ at }) => within(at)))
}

function checkWordings({ wordings: { full, short, prompt } }: Figure): Found[] {
  return prompt.length > short.length || short.length > full.length ? [note('figure.wording-length', `The full words were expected to be the longest and the prompt the shortest: “${full}”, “${short}”, “${prompt}”.`)] : []
}
