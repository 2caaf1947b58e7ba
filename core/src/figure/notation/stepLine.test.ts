import fc from 'fast-check'
import { expectOk } from '../../document/index.ts'
import { STEP_KINDS, stepSchema, type Step } from '../model/step.ts'
import { readStepLine } from './stepLine.ts'
import { stepLineText } from './stepLineText.ts'
import { WALTZ_FIGURES } from '../book/waltz.ts'

const steps = (line: string, division: 4 | 3 = 4) => expectOk(readStepLine(line, { division }))
const message = (line: string) => {
  const result = readStepLine(line)
  return result.ok ? null : `${result.problem.offset}: ${result.problem.message}`
}

describe('a line of steps', () => {
  it('says when, with which foot, and where to', () => {
    expect(steps('1 left forward, 2 right side, 3 left close')).toEqual([
      {
        at: 0,
        layer: 'feet',
        foot: 'left',
        kind: 'step',
        weight: 'full',
        travel: { direction: 0, strides: 1 },
        turn: 0,
        text: 'left forward',
      },
      {
        at: 24,
        layer: 'feet',
        foot: 'right',
        kind: 'step',
        weight: 'full',
        travel: { direction: 2, strides: 1 },
        turn: 0,
        text: 'right side',
      },
      {
        at: 48,
        layer: 'feet',
        foot: 'left',
        kind: 'step',
        weight: 'full',
        travel: null,
        turn: 0,
        text: 'left close',
      },
    ])
  })
  it('has parts of beats, in four and in three, and what comes before the first', () => {
    const moments = (line: string, division: 4 | 3 = 4) => steps(line, division).map(({ at }) => at)
    expect(moments('&1 L, a1 R, 1 L, 1e R, 1& L, 1a R, 2+5t L, 1-30t R')).toEqual([
      -12, -6, 0, 6, 12, 18, 29, -30,
    ])
    expect(moments('1 L, 1& R, 1a L, a1 R', 3)).toEqual([0, 8, 16, -8])
  })
  it('counts in slows and quicks, as long as the dance has them', () => {
    expect(
      steps('S left forward, S right forward, Q left side, Q right close').map(({ at }) => at),
    ).toEqual([0, 48, 96, 120])
    expect(
      expectOk(readStepLine('Q L, Q R, S L', { slow: 24, quick: 12 })).map(({ at }) => at),
    ).toEqual([0, 12, 24])
  })
  it('tells kinds, weights, turns, sizes, arms and heads, and words of one’s own', () => {
    const [touch, rock, pivot, clap, arms, head] = steps(
      '1 right touch, 2 left back x0.5 part weight, 3 left pivot turn right 1 1/2, 4 clap, arms:4 "both arms up", head:4& "look \\"out\\""',
    )
    expect(touch).toMatchObject({
      kind: 'touch',
      foot: 'right',
      weight: 'none',
      text: 'right touch',
    })
    expect(rock).toMatchObject({
      kind: 'step',
      weight: 'part',
      travel: { direction: 4, strides: 0.5 },
    })
    expect(pivot).toMatchObject({ kind: 'pivot', turn: 12 })
    expect(clap).toMatchObject({ kind: 'clap', foot: null, weight: 'none', text: 'clap' })
    expect(arms).toMatchObject({ layer: 'arms', at: 72, text: 'both arms up' })
    expect(head).toMatchObject({ layer: 'head', at: 84, text: 'look "out"' })
  })
  it('takes a turn in any wording, and keeps that it is only about so much', () => {
    const turns = (line: string) =>
      steps(line).map(({ turn, about }) => (about ? [turn, 'about'] : turn))
    expect(
      turns(
        '1 left turn 270 degrees left, 2 right turn three quarters clockwise, 3 left turn about left 1/2, 4 right turn a quarter left shoulder back',
      ),
    ).toEqual([-6, 6, [-4, 'about'], -2])
    expect(stepLineText(steps('3 left side turn nearly a half left'))).toBe(
      '3 left side turn about left 1/2',
    )
  })
  it('takes ways and turns told by the room, from where the dancer faces by then', () => {
    const begun = { facing: 2, frame: 'hall' } as const
    const told = expectOk(
      readStepLine(
        '1 left toward line of dance turn to line of dance, 2 right toward the wall x0.5, 3 left turn right to face the wall',
        { begun },
      ),
    )
    expect(told.map(({ travel, turn, text }) => [travel?.direction ?? null, turn, text])).toEqual([
      [6, -2, 'left toward line of dance'],
      [2, 0, 'right toward the wall'],
      [null, 2, 'left'],
    ])
    expect(steps(stepLineText(told))).toEqual(told)
    expect(message('1 left toward the wall')).toContain(
      '7: At character 8 “toward the wall” depends on where the dancer faces',
    )
    expect(message('1 left turn to the wall')).toContain(
      '12: At character 13: "to the wall" depends on where it begins',
    )
  })
  it.each([
    ['1 left forward; 2 right', '14: At character 15 “;” stands; a comma before the next step'],
    ['1 left forward 2 right', '15: At character 16 “2” stands; a comma'],
    ['left forward', '0: At character 1 “left” stands; a count such as 1, 2& or &1'],
    ['1 lefft forward', '2: At character 3 “lefft” stands; a foot'],
    ['1 left forward,', '15: At character 16 the line ends; one more step'],
    ['1 left turn 1/4', '12: At character 13 “1/4” stands; left or right after “turn”'],
    ['1 left turn right 1/3', '18: At character 19 “1/3” is no amount of turn'],
    ['1 left turn right', '17: At character 18 the line ends; an amount'],
    ['1 step forward', '2: At character 3 a step has no foot'],
    ['0 left', '0: At character 1 a count from 1 to 4000'],
    ['1 both side', '11: At character 12 the line ends; “side left” or “side right”'],
    ['1 left close x2', '13: At character 14 “x2” is no size'],
    [
      '1 left forward "so',
      '15: At character 16 “"so” stands; words that end with a quotation mark',
    ],
  ])('%s: is marked at the character', (line, expected) =>
    expect(message(line)).toContain(expected),
  )
  it('of nothing has no steps', () => expect(steps('  ')).toEqual([]))

  const direction = fc.integer({ min: 0, max: 7 })
  const anyStep: fc.Arbitrary<Step> = fc
    .record({
      at: fc.oneof(
        fc.integer({ min: -90, max: 400 }),
        fc.integer({ min: 0, max: 60 }).map((n) => n * 6),
      ),
      layer: fc.constantFrom('feet', 'arms', 'head'),
      foot: fc.constantFrom('left', 'right', 'both', null),
      kind: fc.constantFrom(...STEP_KINDS),
      weight: fc.constantFrom('full', 'part', 'split', 'none'),
      travel: fc.option(
        fc.record({ direction, strides: fc.integer({ min: 0, max: 16 }).map((n) => n / 4) }),
      ),
      turn: fc.integer({ min: -24, max: 24 }),
      about: fc.option(fc.constant(true as const), { nil: undefined }),
      text: fc.oneof(
        fc.string({ maxLength: 60 }),
        fc.constantFrom(
          'left close',
          'right behind',
          'left side',
          'a through',
          'x across',
          'left across behind',
        ),
      ),
    })
    .filter(({ layer, foot, kind }) => !(layer === 'feet' && foot === null && kind === 'step'))
    .map(({ about, ...step }) =>
      stepSchema.parse(about && step.turn !== 0 ? { ...step, about } : step),
    )
  it('written and read again is the same, whatever the steps', () => {
    fc.assert(
      fc.property(
        fc.array(anyStep, { maxLength: 8 }),
        fc.constantFrom(4 as const, 3 as const),
        (list, division) => expect(steps(stepLineText(list, division), division)).toEqual(list),
      ),
      { numRuns: 400 },
    )
  })
  it.each(WALTZ_FIGURES.map((figure) => [figure.name, figure.lead] as const))(
    '%s is written and read again',
    (_name, lead) => expect(steps(stepLineText(lead))).toEqual(lead),
  )
})
