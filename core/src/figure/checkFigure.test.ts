import { expectOk } from '../document/index.ts'
import { SHIPPED_FIGURES } from './book/index.ts'
import { checkBook, checkFigure } from './checkFigure.ts'
import { figureSchema, type Figure } from './figure.ts'
import type { Step } from './step.ts'
import { readStepLine } from './stepLine.ts'

const line = (text: string): Step[] => expectOk(readStepLine(text))
const base = SHIPPED_FIGURES.find(({ id }) => id === 'box')!
/** A figure of six counts in closed hold, sound but for what is changed. */
const figure = (change: Partial<Figure> = {}): Figure => ({ ...base, id: 'one', name: 'Test figure', ...change })
const lead = (text: string, change: Partial<Figure> = {}): Figure => figure({ lead: line(text), ...change })
const SPIN: Figure['cautions'] = [{ kind: 'spin', text: 'with care' }]

const SOUND = '1 left forward, 2 right side, 3 left close, 4 right back, 5 left side, 6 right close'
const BROKEN: readonly (readonly [string, Figure, string])[] = [
  ['the same foot twice', lead('1 left forward, 2 left forward, 3 right close'), 'figure.foot-taken'],
  ['the same foot after a close', lead('1 left side, 2 right close, 3 right side'), 'figure.foot-taken'],
  ['a touch by the foot that carries', lead('1 left forward, 2 left touch'), 'figure.foot-taken'],
  ['a kick by the foot that carries', lead('1 right side, 2 right kick'), 'figure.foot-taken'],
  ['a hop on the free foot', lead('1 left forward, 2 right hop'), 'figure.foot-taken'],
  ['a pivot on the free foot', lead('1 right forward, 2 left pivot turn right 1/4'), 'figure.foot-taken'],
  ['a spin on the free foot', lead('1 left forward, 2 right spin turn left 1/2', { cautions: SPIN }), 'figure.foot-taken'],
  ['a swivel on the free foot', lead('1 left side, 2 right swivel'), 'figure.foot-taken'],
  ['a stamp by the foot that carries', lead('1 left stamp, 2 left stamp'), 'figure.foot-taken'],
  ['a leap onto the foot that carries', lead('1 left forward, 2 left leap forward'), 'figure.foot-taken'],
  ['the follow’s foot twice', figure({ follow: line('1 right back, 2 left side, 3 left close, 4 right forward, 5 left side, 6 right close') }), 'figure.foot-taken'],
  ['a part of the weight and then the same foot', lead('1 left side part weight, 2 right recover, 3 right close'), 'figure.foot-taken'],
  ['more counts than it is long', lead(`${SOUND}, 7 left forward`), 'figure.step-outside'],
  ['a step on its very end', lead('1 left forward, 2 right close', { lengthTicks: 24 }), 'figure.step-outside'],
  ['a follow longer than the figure', figure({ follow: line('1 right back, 9 left back') }), 'figure.step-outside'],
  ['arms after the end', lead(`${SOUND}, arms:8 "arms up"`), 'figure.step-outside'],
  ['two steps on one count', lead('1 left forward, 1 right side'), 'figure.step-order'],
  ['steps out of order', lead('1 left forward, 3 right side, 2 left close'), 'figure.step-order'],
  ['the follow’s steps out of order', figure({ follow: line('2 right back, 1 left side') }), 'figure.step-order'],
  ['two things for the arms at once', lead(`${SOUND}, arms:2 "up", arms:2 "down"`), 'figure.step-order'],
  ['heads out of order', lead(`${SOUND}, head:3 "left", head:2 "right"`), 'figure.step-order'],
  ['words for the other foot', lead('1 left forward "right forward", 2 right side'), 'figure.foot-words'],
  ['words for the other foot in the follow', figure({ follow: line('1 right back "left back", 2 left side, 3 right close') }), 'figure.foot-words'],
  ['a turn that contradicts its words', lead('1 left forward turn left 1/4 "turn right 1/4", 2 right side turn right 1/4'), 'figure.turn-words'],
  ['a turn of another amount than its words', lead('1 left forward turn left 1/4 "turning a half left"'), 'figure.turn-words'],
  ['words of a turn and none danced', lead('1 left forward "turn a quarter left"'), 'figure.turn-words'],
  ['a turn the other way in the follow', figure({ follow: line('1 right back turn right 1/4 "quarter turn left", 2 left side turn left 1/4') }), 'figure.turn-words'],
  ['a left turn by name that goes right', lead('1 left forward turn right 1/4, 2 right side, 3 left close', { name: 'Left turn, quarter' }), 'figure.turn-name'],
  ['a right turning figure that goes left', lead('1 left forward turn left 1/4, 2 right side, 3 left close', { name: 'Right turning box' }), 'figure.turn-name'],
  ['a name that turns to the other side', lead('1 right forward turn left 1/8, 2 left forward', { name: 'Walk and turn right' }), 'figure.turn-name'],
  ['an end side by side in a hold face to face', figure({ exitHold: 'semi-closed' }), 'figure.hold-facing'],
  ['an end face to face in a hold side by side', lead('1 left forward, 2 right forward', { entry: { ...base.entry, holds: ['semi-closed'] }, exitHold: 'closed' }), 'figure.hold-facing'],
  ['one that turns away and keeps the hold', figure({ follow: line('1 right back turn right 1/2, 2 left side, 3 right close'), entry: { ...base.entry, holds: ['closed'] } }), 'figure.hold-facing'],
  ['an opposite in two kinds of hold', figure({ entry: { ...base.entry, holds: ['closed', 'open'] } }), 'figure.hold-mixed'],
  ['a pick-up longer than two counts', lead('1-60t left touch, 1 left forward'), 'figure.pickup'],
  ['a whole turn in a bar and no caution', lead('1 left forward turn right 1/2, 2 right back turn right 1/2'), 'figure.caution-spin'],
  ['a follow that turns once and no caution', figure({ follow: line('1 right back turn right 1/2, 2 left side turn right 1/2, 3 right close') }), 'figure.caution-spin'],
  ['a double turn and a caution for the knees', lead('1 left spin turn left 2', { cautions: [{ kind: 'knees', text: 'bend' }] }), 'figure.caution-spin'],
  ['a dip and no caution', lead('1 left back "left back, dip"'), 'figure.caution-dip'],
  ['a dip by name and no caution', figure({ name: 'Dip and recover' }), 'figure.caution-dip'],
]

describe('a broken figure', () => {
  it('there are forty of', () => expect(BROKEN).toHaveLength(40))
  it.each(BROKEN)('%s is caught by the right finding, with nothing worse beside it', (_what, broken, code) => {
    expect(figureSchema.safeParse(broken).success).toBe(true)
    const found = checkFigure(broken).filter(({ severity }) => severity !== 'note')
    expect([...new Set(found.map((one) => one.code))]).toEqual([code])
    for (const { message, figureId } of found) expect([figureId, /^[A-Z“].*[.:].*/.test(message), message.includes('undefined')]).toEqual(['one', true, false])
  })
  it('with the id of another, or its name in the same family, is caught in a book', () => {
    const codes = (list: readonly Figure[]) => checkBook(list).map(({ code }) => code)
    expect(codes([figure(), figure({ name: 'Other' })])).toEqual(['figure.same-id'])
    expect(codes([figure(), figure({ id: 'two', name: 'test figure' })])).toEqual(['figure.same-name'])
    expect(codes([figure(), figure({ id: 'two', family: 'tango' })])).toEqual([])
  })
})

describe('a sound figure is not accused', () => {
  it.each([
    ['as it stands', figure()],
    ['a touch and then the same foot', lead('1 left side, 2 right touch, 3 right side')],
    ['a hop on the foot that carries', lead('1 left forward, 2 left hop, 3 right forward')],
    ['both feet and then either', lead('1 both jump, 2 right forward')],
    ['arms on a count of the feet', lead(`${SOUND}, arms:1 "arms up"`)],
    ['a name with a side but no turn', lead(SOUND, { name: 'Left turn of the head' })],
    ['nearly a half, as the words say', lead('1 left forward turn left 3/8 "nearly a half turn left"')],
    ['a whole turn with its caution', lead('1 left forward turn right 1/2, 2 right back turn right 1/2', { cautions: SPIN })],
    ['a whole turn over eight counts', lead('1 left forward turn right 1/4, 3 right forward turn right 1/4, 5 left forward turn right 1/4, 7 right forward turn right 1/4', { lengthTicks: 8 * 24 })],
    ['a role that stands still', figure({ follow: [] })],
  ])('%s', (_what, sound) => expect(checkFigure(sound).filter(({ severity }) => severity !== 'note')).toEqual([]))
})
