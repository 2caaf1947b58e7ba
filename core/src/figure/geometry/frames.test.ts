import fc from 'fast-check'
import { expectOk } from '../../document/index.ts'
import { CENTRE, LINE_OF_DANCE, REVERSE, WALL, type Facing } from '../../move/index.ts'
import { DIRECTION_FRAMES, directionWords, readDirection, type Standing } from './frames.ts'
import { parseTurn } from '../notation/turn.ts'

const room = new Map<string, Facing>([
  ['the stage', 0],
  ['the door', 3],
])
const standing: Standing = { facing: 1, partner: 5, line: 'lead', room }
const facings = [0, 1, 2, 3, 4, 5, 6, 7] as const
const message = (result: ReturnType<typeof readDirection>) =>
  result.ok ? '' : result.problem.message

describe('directions by name', () => {
  it('are read as they are written, in every frame', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DIRECTION_FRAMES),
        fc.constantFrom(...facings),
        fc.record({
          facing: fc.constantFrom(...facings),
          partner: fc.constantFrom(...facings),
          line: fc.constantFrom('lead' as const, 'follow' as const),
        }),
        (frame, facing, from) => {
          const words = directionWords(frame, facing, { ...from, room })
          if (words !== null)
            expect(expectOk(readDirection(words, frame, { ...from, room }))).toBe(facing)
        },
      ),
    )
  })
  it.each([
    ['toward the wall', 'hall', WALL],
    ['centre', 'hall', CENTRE],
    ['diagonal line of dance and centre', 'hall', 7],
    ['diagonal line and wall', 'hall', 1],
    ['diagonally to line and center', 'hall', 7],
    ['diagonal reverse line of dance and wall', 'hall', 3],
    ['line', 'hall', LINE_OF_DANCE],
    ['wall diagonal', 'hall', 1],
    ['3 o’clock', 'walls', 2],
    ['12', 'walls', 0],
    ['half past 4', 'walls', 3],
    ['the centre', 'ring', 6],
    ['clockwise', 'ring', REVERSE],
    ['up', 'set', 0],
    ['across', 'set', 2],
    ['out', 'set', 6],
    ['inside', 'couple', 5],
    ['away from the partner', 'couple', 1],
    ['the door', 'room', 3],
    ['back', 'body', 5],
    ['right', 'body', 3],
  ] as const)('“%s” in the %s frame is %i eighths', (text, frame, facing) =>
    expect(expectOk(readDirection(text, frame, standing))).toBe(facing),
  )
  it('say across and inside of what', () => {
    expect([
      expectOk(readDirection('across', 'set', { line: 'lead' })),
      expectOk(readDirection('across', 'set', { line: 'follow' })),
    ]).toEqual([2, 6])
    expect(message(readDirection('inside', 'couple'))).toBe(
      'From here nothing is known of “inside”: say first where the dancer stands.',
    )
  })
  it('name those that are known where one is not', () =>
    expect(message(readDirection('the bar', 'set', standing))).toBe(
      '“the bar” is no direction here; one of these was expected: up, down, across, out.',
    ))
})

describe('a turn told by the room', () => {
  const from = (facing: Facing, frame: 'hall' | 'walls' | 'set' = 'hall') => ({
    facing,
    frame,
    line: 'lead' as const,
  })
  it.each([
    ['to the centre', LINE_OF_DANCE, -2],
    ['toward the wall', LINE_OF_DANCE, 2],
    ['left to the wall', LINE_OF_DANCE, -6],
    ['right to face reverse', WALL, 2],
    ['a half through the centre', LINE_OF_DANCE, -4],
    ['3/4 through the centre', REVERSE, 6],
    ['a quarter right to reverse', WALL, 2],
    ['a full turn right to the wall', WALL, 8],
  ] as const)('“%s” from %i turns %i eighths', (text, facing, eighths) =>
    expect(expectOk(parseTurn(text, from(facing))).eighths).toBe(eighths),
  )
  it('ends at a wall of the room or up the set', () => {
    expect(expectOk(parseTurn('to 9 o’clock', from(0, 'walls'))).eighths).toBe(-2)
    expect(expectOk(parseTurn('nearly a quarter right to across', from(0, 'set')))).toEqual({
      eighths: 2,
      about: true,
    })
  })
  it.each([
    ['a half to the centre', LINE_OF_DANCE, /contradicts itself: from here it is 2\/8 to the left/],
    ['a half right through the centre', LINE_OF_DANCE, /from here that is to the left/],
    ['a half through the centre', CENTRE, /gives no side/],
    ['through the centre', LINE_OF_DANCE, /names no amount/],
    ['to the bar', LINE_OF_DANCE, /is no direction here/],
  ] as const)('“%s” from %i is refused', (text, facing, pattern) => {
    const result = parseTurn(text, from(facing))
    expect(result.ok ? '' : result.problem.message).toMatch(pattern)
  })
  it('needs to know where it begins', () => {
    const result = parseTurn('to the wall')
    expect(result.ok ? '' : result.problem.message).toMatch(/depends on where it begins/)
  })
})
