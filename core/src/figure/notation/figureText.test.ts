import fc from 'fast-check'
import { expectOk, type Result } from '../../document/index.ts'
import { aliasesText, readAliases } from './aliasText.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import {
  endingsText,
  holdChangesText,
  optionsText,
  othersText,
  partsText,
  readEndings,
  readHoldChanges,
  readOptions,
  readOthers,
  readParts,
} from './figureText.ts'
import { FOLLOW_KINDS, type Alias, type FigurePart } from '../model/figure.ts'
import { HOLD_IDS } from '../model/hold.ts'
import type { Step } from '../model/step.ts'
import { AS_WRITTEN, type Variation } from '../model/variation.ts'
import { readVariation, variationText } from './variationText.ts'

const anyStep: fc.Arbitrary<Step> = fc.record({
  at: fc.integer({ min: -24, max: 192 }),
  layer: fc.constantFrom('feet', 'arms', 'head'),
  foot: fc.constantFrom('left', 'right', 'both'),
  kind: fc.constantFrom('step', 'touch', 'clap', 'arch'),
  weight: fc.constantFrom('full', 'none'),
  travel: fc.constant(null),
  turn: fc.integer({ min: -8, max: 8 }),
  text: fc.string({ maxLength: 20 }),
})
const anySteps = fc.array(anyStep, { maxLength: 4 })
const anyName = fc.constantFrom('to open', 'look left', 'a second one')
const anyHold = fc.constantFrom(...HOLD_IDS)
const anyFollow = fc.oneof(
  fc.constantFrom(...FOLLOW_KINDS),
  anySteps.filter((list) => list.length > 0),
)
const tick = fc.integer({ min: 0, max: 400 })
const anyVariation: fc.Arbitrary<Variation> = fc
  .record({
    cut: fc.oneof(
      fc.constant(null),
      fc.constant({ type: 'half' as const }),
      fc.record({
        type: fc.constantFrom('first' as const, 'from' as const),
        ticks: fc.integer({ min: 1, max: 400 }),
      }),
    ),
    times: fc.integer({ min: 1, max: 64 }),
    reflected: fc.boolean(),
    exitHold: fc.option(anyHold),
    more: fc.record(
      {
        rotate: fc.integer({ min: -8, max: 8 }),
        turn: fc.integer({ min: -24, max: 24 }),
        ending: anyName,
        options: fc.array(anyName, { minLength: 1, maxLength: 2 }),
        withoutPause: fc.constant(true as const),
        countFrom: fc.integer({ min: 1, max: 12 }),
      },
      { requiredKeys: [] },
    ),
  })
  .map(({ more, ...rest }) => ({ ...rest, ...more }))
const message = (result: Result<unknown>): string =>
  result.ok ? '' : `${result.problem.offset}: ${result.problem.message}`

/** What is written and read again is the same, whatever it is. */
function roundTrips<Value>(
  value: fc.Arbitrary<Value>,
  write: (value: Value) => string,
  read: (text: string) => Result<Value>,
): void {
  fc.assert(fc.property(value, (one) => expect(expectOk(read(write(one)))).toEqual(one)))
}

describe('what a figure has besides its steps, typed and read again', () => {
  it('variations', () => roundTrips(anyVariation, variationText, readVariation))
  it('hands on the way', () =>
    roundTrips(
      fc.array(fc.record({ at: tick, hold: anyHold }), { maxLength: 4 }),
      holdChangesText,
      readHoldChanges,
    ))
  it('those in a set who do something else', () =>
    roundTrips(
      fc.array(
        fc.record({
          couples: fc.uniqueArray(fc.integer({ min: 1, max: 8 }), { minLength: 1, maxLength: 4 }),
          role: fc.constantFrom('lead' as const, 'follow' as const, 'both' as const),
          steps: anySteps,
        }),
        { maxLength: 3 },
      ),
      othersText,
      readOthers,
    ))
  it('endings', () =>
    roundTrips(
      fc.array(
        fc.record({
          name: anyName,
          from: tick,
          hold: fc.option(anyHold),
          lead: anySteps,
          follow: anyFollow,
        }),
        { maxLength: 3 },
      ),
      endingsText,
      readEndings,
    ))
  it('options', () =>
    roundTrips(
      fc.array(fc.record({ name: anyName, lead: anySteps, follow: anyFollow }), { maxLength: 3 }),
      optionsText,
      readOptions,
    ))
  it('parts, by name where a name says which, whatever dance they are of', () => {
    const anyPart: fc.Arbitrary<FigurePart> = fc.record({
      figureId: fc.constantFrom(...SHIPPED_FIGURES).map(({ id }) => id),
      variation: anyVariation,
    })
    roundTrips(
      fc.array(anyPart, { maxLength: 4 }),
      (parts) => partsText(parts, SHIPPED_FIGURES, 'waltz'),
      (text) => readParts(text, SHIPPED_FIGURES, 'waltz'),
    )
    expect(
      partsText(
        [
          { figureId: 'box', variation: AS_WRITTEN },
          { figureId: 'rumba.box', variation: { ...AS_WRITTEN, times: 2 } },
        ],
        SHIPPED_FIGURES,
        'waltz',
      ),
    ).toBe('Box + rumba: Box (x2)')
  })
  it('other names, and whose they are', () => {
    const whose = fc.record(
      {
        school: fc.constantFrom('line', 'round'),
        region: fc.constantFrom('the fens', 'north'),
        language: fc.constantFrom('de', 'en'),
      },
      { requiredKeys: [] },
    )
    const anyAlias: fc.Arbitrary<Alias> = fc
      .record({ name: fc.constantFrom('Vine right', 'Über, kreuz', 'Box'), whose })
      .map(({ name, whose: own }) => ({ name, ...own }))
    roundTrips(fc.array(anyAlias, { maxLength: 4 }), aliasesText, readAliases)
  })
})

describe('what is typed wrongly is marked at its character', () => {
  it.each([
    [
      () => readHoldChanges('3 open, 5 bear hug'),
      '8: At character 9: “bear hug” is no hold; one of these was expected: closed',
    ],
    [
      () => readHoldChanges('open'),
      '0: At character 1: a count and the hold then taken was expected',
    ],
    [
      () => readOthers('couple 2: 1 left side\ncouple 3: 1 lefft'),
      '34: At character 35 “lefft” stands; a foot',
    ],
    [() => readOthers('couple nine: stand'), '0: At character 1: couples by their number'],
    [
      () => readEndings('to open | open | lead: 4 left side'),
      '0: At character 1: a name, a hold, the count it begins on',
    ],
    [
      () => readEndings('to open | hug | from 4 | lead: 4 left side'),
      '10: At character 11: “hug” is no hold',
    ],
    [
      () => readEndings('to open | open | from 4 | lead: 4 left sid'),
      '39: At character 40 “sid” stands',
    ],
    [() => readOptions('look left'), '0: At character 1: a name and steps was expected'],
    [
      () => readOptions('look | head: up'),
      '7: At character 8: “lead:” or “follow:” and steps was expected',
    ],
    [
      () => readParts('Box + Boxx', SHIPPED_FIGURES, 'waltz'),
      '6: At character 7: the book holds no figure called “Boxx”',
    ],
    [
      () => readParts('Box (twicely)', SHIPPED_FIGURES, 'waltz'),
      '0: At character 1: “twicely” is no way to vary a figure',
    ],
    [
      () => readParts('Walk two', SHIPPED_FIGURES, 'salsa'),
      '0: At character 1: the book holds several figures called “Walk two”; say which: “two-step: Walk two” or “slow foxtrot: Walk two”',
    ],
    [
      () => readAliases('Box [nowhere special]'),
      'undefined: “nowhere special” in “Box [nowhere special]” says nothing known',
    ],
    [() => readVariation('half, mirrord'), 'undefined: “mirrord” is no way to vary a figure'],
  ])('%#', (read, expected) => expect(message(read())).toContain(expected))
})
