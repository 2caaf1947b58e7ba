import { beatsOfTicks, TICKS_PER_BEAT, type Tick } from '../../time/index.ts'
import { checkHands } from './checkHands.ts'
import { composeBook } from '../model/compose.ts'
import { CUE_LANGUAGES, type Figure } from '../model/figure.ts'
import { count, mend, note, stop, type FigureFinding, type Found } from './figureFinding.ts'
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
        ...stop(
          'figure.same-id',
          `“${figure.name}” has the id of “${ids.get(figure.id)!.name}”; every figure needs its own.`,
        ),
      })
    else if (names.has(name))
      found.push({
        figureId: figure.id,
        ...mend(
          'figure.same-name',
          `There are two figures named “${figure.name}” in ${figure.family}; say what tells them apart.`,
        ),
      })
    ids.set(figure.id, figure)
    names.set(name, figure)
    return found
  })
  const { book, problems } = composeBook(figures)
  const made = problems.map(({ figureId, message }): FigureFinding => ({
    figureId,
    ...stop('figure.parts', message),
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
      stop(
        'figure.step-outside',
        `The ${role}’s “${step.text}” is on ${count(step.at)}, but the figure has ${beatsOfTicks(lengthTicks as Tick)} counts.`,
      ),
    )
  for (const layer of ['feet', 'arms', 'head'] as const) {
    const own = steps.filter((step) => step.layer === layer)
    own.forEach((step, i) => {
      const before = own[i - 1]
      if (!before || step.at > before.at) return
      const text =
        step.at === before.at
          ? `two things on ${count(step.at)}: “${before.text}” and “${step.text}”`
          : `“${step.text}” on ${count(step.at)} after “${before.text}” on ${count(before.at)}`
      found.push(
        stop('figure.step-order', `The ${role} has ${text}; one after the other was expected.`),
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
        stop(
          'figure.foot-taken',
          `On ${count(step.at)} the ${role}’s “${step.text}” is done ${wrongFoot(step)}`,
        ),
      )
    if (change.trouble === 'unsure')
      found.push(
        note(
          'figure.foot-unsure',
          `On ${count(step.at)} the ${role}’s weight may be on either foot before “${step.text}”.`,
        ),
      )
    weight = change.weight
  }
  return found
}

/** A step needs a free foot; a hop, a pivot and their like need the one that carries. */
const wrongFoot = (step: Step): string =>
  neededFoot([step]) === step.foot
    ? 'by the foot that carries the weight; the other foot, or a change of weight before it, was expected.'
    : 'on the foot that is free; the foot that carries the weight was expected.'

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
    const wrongTurn = turn?.ok === true && turn.value.eighths !== step.turn && !turn.value.about
    return [
      ...(saysOther
        ? [
            mend(
              'figure.foot-words',
              `On ${count(step.at)} the ${role} is told “${step.text}”, but the ${step.foot!} foot moves.`,
            ),
          ]
        : []),
      ...(wrongTurn
        ? [
            mend(
              'figure.turn-words',
              `On ${count(step.at)} the ${role} is told “${step.text}”, but turns ${turnText(step.turn)}.`,
            ),
          ]
        : []),
    ]
  })
}

const turnText = (eighths: number): string =>
  eighths === 0 ? 'not at all' : `${Math.abs(eighths)}/8 to the ${eighths < 0 ? 'left' : 'right'}`

function checkPickup(steps: Readonly<Record<Role, readonly Step[]>>): Found[] {
  const pickup = pickupTicks(steps)
  return pickup > MOST_PICKUP_TICKS
    ? [
        mend(
          'figure.pickup',
          `It begins ${beatsOfTicks(pickup as Tick)} counts before its first; at most 2 were expected: let it begin on count 1 and be longer.`,
        ),
      ]
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
    ...(beyond === undefined
      ? []
      : [
          mend(
            'figure.set-couple',
            `It says what couple ${beyond} does, but is for ${most} couples.`,
          ),
        ]),
    ...(twice === undefined
      ? []
      : [
          stop(
            'figure.set-twice',
            `It says twice what ${twice} does; each dancer can do one thing.`,
          ),
        ]),
  ]
}

function checkHalf(figure: Figure): Found[] {
  if (figure.halfTicks === undefined) return []
  const half = applyVariation(figure, { ...AS_WRITTEN, cut: { type: 'half' } })
  return half.ok ? [] : [mend('figure.half', `Its own half does not go: ${half.problem.message}`)]
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
      return [
        stop(
          'figure.choice-twice',
          `“${one.name}” is there twice among its endings and options; say what tells them apart.`,
        ),
      ]
    if (one.from >= lengthTicks)
      return [
        stop(
          'figure.choice-outside',
          `The ending “${one.name}” begins on ${count(one.from)}, after the figure’s end.`,
        ),
      ]
    const danced = applyVariation(figure, one.variation)
    if (!danced.ok) return [stop('figure.choice', danced.problem.message)]
    return ROLES.some((role) => trouble(danced.value.steps[role], role) > trouble(own[role], role))
      ? [
          stop(
            'figure.choice',
            `With “${one.name}” a step needs a foot that carries the weight, or falls outside the figure.`,
          ),
        ]
      : []
  })
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
  const has = (kind: Figure['cautions'][number]['kind']): boolean =>
    figure.cautions.some((one) => one.kind === kind)
  const dips =
    [...steps.lead, ...steps.follow].some((step) => /\bdip\b/i.test(step.text)) ||
    /\bdip\b/i.test(figure.name)
  return [
    ...(most >= SPINNING_EIGHTHS && !has('spin')
      ? [
          mend(
            'figure.caution-spin',
            `A whole turn in ${SPINNING_BEATS} counts or fewer: a caution about turning was expected.`,
          ),
        ]
      : []),
    ...(dips && !has('dip')
      ? [mend('figure.caution-dip', 'It has a dip: a caution about dips was expected.')]
      : []),
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
      ? [
          note(
            'figure.wording-length',
            `The full words were expected to be the longest and the key word the shortest: “${full}”, “${short}”, “${keyWord}”.`,
          ),
        ]
      : []
  })
}
