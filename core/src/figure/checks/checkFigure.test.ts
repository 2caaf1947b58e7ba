import { expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import { checkBook, checkFigure } from './checkFigure.ts'
import { figureSchema, type Figure } from '../model/figure.ts'
import { applyVariation } from '../model/vary.ts'
import type { Step } from '../model/step.ts'
import { readStepLine } from '../notation/stepLine.ts'

const line = (text: string): Step[] => expectOk(readStepLine(text))
const base = SHIPPED_FIGURES.find(({ id }) => id === 'box')!
/** A figure of six counts in closed hold, sound but for what is changed. */
const figure = (change: Partial<Figure> = {}): Figure => ({
  ...base,
  id: 'one',
  name: 'Test figure',
  ...change,
})
const lead = (text: string, change: Partial<Figure> = {}): Figure =>
  figure({ lead: line(text), ...change })
const SPIN: Figure['cautions'] = [{ kind: 'spin', text: 'with care' }]

const SOUND = '1 left forward, 2 right side, 3 left close, 4 right back, 5 left side, 6 right close'
const BROKEN: readonly (readonly [string, Figure, string])[] = [
  [
    'the same foot twice',
    lead('1 left forward, 2 left forward, 3 right close'),
    'figure.foot-taken',
  ],
  [
    'the same foot after a close',
    lead('1 left side, 2 right close, 3 right side'),
    'figure.foot-taken',
  ],
  ['a touch by the foot that carries', lead('1 left forward, 2 left touch'), 'figure.foot-taken'],
  ['a kick by the foot that carries', lead('1 right side, 2 right kick'), 'figure.foot-taken'],
  ['a hop on the free foot', lead('1 left forward, 2 right hop'), 'figure.foot-taken'],
  [
    'a pivot on the free foot',
    lead('1 right forward, 2 left pivot turn right 1/4'),
    'figure.foot-taken',
  ],
  [
    'a spin on the free foot',
    lead('1 left forward, 2 right spin turn left 1/2', { cautions: SPIN }),
    'figure.foot-taken',
  ],
  ['a swivel on the free foot', lead('1 left side, 2 right swivel'), 'figure.foot-taken'],
  ['a stamp by the foot that carries', lead('1 left stamp, 2 left stamp'), 'figure.foot-taken'],
  [
    'a leap onto the foot that carries',
    lead('1 left forward, 2 left leap forward'),
    'figure.foot-taken',
  ],
  [
    'the follow’s foot twice',
    figure({ follow: line('1 right back, 2 left side, 3 left close') }),
    'figure.foot-taken',
  ],
  [
    'a part of the weight and then the same foot',
    lead('1 left side part weight, 2 right recover, 3 right close'),
    'figure.foot-taken',
  ],
  ['more counts than it is long', lead(`${SOUND}, 7 left forward`), 'figure.step-outside'],
  [
    'a step on its very end',
    lead('1 left forward, 2 right close', { lengthTicks: 24 }),
    'figure.step-outside',
  ],
  [
    'a follow longer than the figure',
    figure({ follow: line('1 right back, 9 left close') }),
    'figure.step-outside',
  ],
  ['arms after the end', lead(`${SOUND}, arms:8 "arms up"`), 'figure.step-outside'],
  ['two steps on one count', lead('1 left forward, 1 right side'), 'figure.step-order'],
  ['steps out of order', lead('1 left forward, 3 right side, 2 left close'), 'figure.step-order'],
  [
    'the follow’s steps out of order',
    figure({ follow: line('2 right back, 1 left side') }),
    'figure.step-order',
  ],
  [
    'two things for the arms at once',
    lead(`${SOUND}, arms:2 "up", arms:2 "down"`),
    'figure.step-order',
  ],
  ['heads out of order', lead(`${SOUND}, head:3 "left", head:2 "right"`), 'figure.step-order'],
  [
    'words for the other foot',
    lead('1 left forward "right forward", 2 right side'),
    'figure.foot-words',
  ],
  [
    'words for the other foot in the follow',
    figure({ follow: line('1 right back "left back", 2 left side, 3 right close') }),
    'figure.foot-words',
  ],
  [
    'a turn that contradicts its words',
    lead('1 left forward turn left 1/4 "turn right 1/4", 2 right side turn right 1/4'),
    'figure.turn-words',
  ],
  [
    'a turn of another amount than its words',
    lead('1 left forward turn left 1/4 "turning a half left"'),
    'figure.turn-words',
  ],
  [
    'words of a turn and none danced',
    lead('1 left forward "turn a quarter left"'),
    'figure.turn-words',
  ],
  [
    'a turn the other way in the follow',
    figure({
      follow: line('1 right back turn right 1/4 "quarter turn left", 2 left side turn left 1/4'),
    }),
    'figure.turn-words',
  ],
  [
    'a left turn by name that goes right',
    lead('1 left forward turn right 1/4, 2 right side, 3 left close', {
      name: 'Left turn, quarter',
    }),
    'figure.turn-name',
  ],
  [
    'a right turning figure that goes left',
    lead('1 left forward turn left 1/4, 2 right side, 3 left close', { name: 'Right turning box' }),
    'figure.turn-name',
  ],
  [
    'a name that turns to the other side',
    lead('1 right forward turn left 1/8, 2 left forward', { name: 'Walk and turn right' }),
    'figure.turn-name',
  ],
  [
    'an end side by side in a hold face to face',
    figure({ exitHold: 'semi-closed' }),
    'figure.hold-facing',
  ],
  [
    'an end face to face in a hold side by side',
    lead('1 left forward, 2 right forward', {
      entry: { ...base.entry, holds: ['semi-closed'] },
      exitHold: 'closed',
    }),
    'figure.hold-facing',
  ],
  [
    'one that turns away and keeps the hold',
    figure({
      follow: line('1 right back turn right 1/2, 2 left side, 3 right close'),
      entry: { ...base.entry, holds: ['closed'] },
    }),
    'figure.hold-facing',
  ],
  [
    'an opposite in two kinds of hold',
    figure({ entry: { ...base.entry, holds: ['closed', 'open'] } }),
    'figure.hold-mixed',
  ],
  ['a pick-up longer than two counts', lead('1-60t left touch, 1 left forward'), 'figure.pickup'],
  [
    'a whole turn in a bar and no caution',
    lead('1 left forward turn right 1/2, 2 right back turn right 1/2'),
    'figure.caution-spin',
  ],
  [
    'a follow that turns once and no caution',
    figure({
      follow: line('1 right back turn right 1/2, 2 left side turn right 1/2, 3 right close'),
    }),
    'figure.caution-spin',
  ],
  [
    'a double turn and a caution for the knees',
    lead('1 left spin turn left 2', { cautions: [{ kind: 'knees', text: 'bend' }] }),
    'figure.caution-spin',
  ],
  ['a dip and no caution', lead('1 left back "left back, dip"'), 'figure.caution-dip'],
  [
    'a follow mirrored on one side only',
    lead('1 left side, 2 right close, 3 left side', {
      follow: line('1 left side, 2 right close, 3 left side'),
    }),
    'figure.parted',
  ],
  [
    'two who step away from each other in closed',
    figure({ follow: line('1 right forward x2, 2 left side, 3 right close') }),
    'figure.parted',
  ],
  [
    'a hold of a couple, danced alone',
    figure({ dancers: 'solo', follow: 'same' }),
    'figure.hold-alone',
  ],
  [
    'an arch with a hand that nobody holds',
    lead(`${SOUND}, arms:2 right arch "right hand up"`, {
      entry: { ...base.entry, holds: ['closed'] },
    }),
    'figure.hand-missing',
  ],
  [
    'a hand let go that was let go before',
    lead(`${SOUND}, arms:1 left release "let go", arms:3 left release "let go"`, {
      entry: { ...base.entry, holds: ['closed'] },
      exitHold: 'closed',
    }),
    'figure.hand-missing',
  ],
  [
    'a hold kept with a hand that has let go',
    lead(`${SOUND}, arms:1 left release "let go"`, { entry: { ...base.entry, holds: ['closed'] } }),
    'figure.hand-dropped',
  ],
  [
    'hands that change after its end',
    figure({ holdChanges: [{ at: 150, hold: 'butterfly' }] }),
    'figure.hold-outside',
  ],
  [
    'hands that change twice at once',
    figure({
      holdChanges: [
        { at: 24, hold: 'butterfly' },
        { at: 24, hold: 'closed' },
      ],
    }),
    'figure.hold-order',
  ],
  ['a half within a step', figure({ halfTicks: 30 }), 'figure.half'],
  [
    'an ending after the end',
    figure({ endings: [{ name: 'to open', from: 150, hold: null, lead: [], follow: [] }] }),
    'figure.choice-outside',
  ],
  [
    'an ending by the foot that carries',
    figure({
      endings: [
        { name: 'stamp', from: 120, hold: null, lead: line('6 left stamp'), follow: 'opposite' },
      ],
    }),
    'figure.choice-foot',
  ],
  [
    'two choices of one name',
    figure({
      options: [
        { name: 'look', lead: [], follow: [] },
        { name: 'look', lead: [], follow: [] },
      ],
    }),
    'figure.choice-twice',
  ],
  [
    'a fifth couple of four',
    figure({
      dancers: 'set',
      follow: 'same',
      entry: { ...base.entry, holds: ['none'] },
      set: { couples: [2, 4], others: [{ couples: [5], role: 'both', steps: [] }] },
    }),
    'figure.set-couple',
  ],
  [
    'a dancer told twice what to do',
    figure({
      dancers: 'set',
      follow: 'same',
      entry: { ...base.entry, holds: ['none'] },
      set: {
        couples: [2, 4],
        others: [
          { couples: [2], role: 'both', steps: [] },
          { couples: [2, 3], role: 'lead', steps: [] },
        ],
      },
    }),
    'figure.set-twice',
  ],
  [
    'a dancer of a set on the foot that carries',
    figure({
      dancers: 'set',
      follow: 'same',
      entry: { ...base.entry, holds: ['none'] },
      set: {
        couples: [2, 4],
        others: [{ couples: [2], role: 'both', steps: line('1 left side, 2 left side') }],
      },
    }),
    'figure.foot-taken',
  ],
  ['a dip by name and no caution', figure({ name: 'Dip and recover' }), 'figure.caution-dip'],
]

describe('two who do the same to each other', () => {
  const couple = (hold: string, steps: string, follow: Figure['follow']): string[] =>
    checkFigure(lead(steps, { follow, entry: { ...base.entry, holds: [hold] }, exitHold: null }))
      .map(({ code }) => code)
      .filter((code) => code === 'figure.parted')
  it.each(['closed', 'two hands', 'butterfly'])('may both rock back in %s', (hold) => {
    expect(
      couple(hold, '1 left back, 2 right recover, 3 left side, 4 right close', 'alike'),
    ).toEqual([])
  })
  it('come apart where only one of them is mirrored', () => {
    const along = '1 left side, 2 right close, 3 left side, 4 right close'
    expect(couple('closed', along, 'opposite')).toEqual([])
    expect(
      couple('closed', '1 left back, 2 right back, 3 left back, 4 right close', 'alike'),
    ).toEqual(['figure.parted'])
    expect(couple('closed', along, 'same')).toEqual(['figure.parted'])
  })
  it('cross behind themselves, each to the way the couple goes', () => {
    const danced = expectOk(
      applyVariation(lead('1 left behind, 2 right recover', { follow: 'opposite' })),
    )
    expect(danced.steps.lead[0]!.travel).toEqual({ direction: 2, strides: 0.5 })
    expect(danced.steps.follow[0]!.travel).toEqual({ direction: 6, strides: 0.5 })
  })
})

describe('a broken figure', () => {
  it('there are more than forty of', () => expect(BROKEN.length).toBeGreaterThan(40))
  it.each(BROKEN)(
    '%s is caught by the right finding, with nothing worse beside it',
    (_what, broken, code) => {
      expect(figureSchema.safeParse(broken).success).toBe(true)
      const found = checkFigure(broken).filter(({ severity }) => severity !== 'note')
      expect([...new Set(found.map((one) => one.code))]).toEqual([code])
      for (const { message, figureId } of found)
        expect([figureId, /^[A-Z“].*[.:].*/.test(message), message.includes('undefined')]).toEqual([
          'one',
          true,
          false,
        ])
    },
  )
  it('with the id of another, or its name in the same family, is caught in a book', () => {
    const codes = (list: readonly Figure[]) => checkBook(list).map(({ code }) => code)
    expect(codes([figure(), figure({ name: 'Other' })])).toEqual(['figure.same-id'])
    expect(codes([figure(), figure({ id: 'two', name: 'test figure' })])).toEqual([
      'figure.same-name',
    ])
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
    [
      'nearly a half, as the words say',
      lead('1 left forward turn left 3/8 "nearly a half turn left"'),
    ],
    [
      'a whole turn with its caution',
      lead('1 left forward turn right 1/2, 2 right back turn right 1/2', { cautions: SPIN }),
    ],
    [
      'a whole turn over eight counts',
      lead(
        '1 left forward turn right 1/4, 3 right forward turn right 1/4, 5 left forward turn right 1/4, 7 right forward turn right 1/4',
        { lengthTicks: 8 * 24 },
      ),
    ],
    ['a role that stands still', figure({ follow: [] })],
    [
      'an arch with a hand that is held',
      lead(`${SOUND}, arms:2 left arch "left hand up"`, {
        entry: { ...base.entry, holds: ['closed'] },
      }),
    ],
    [
      'a hand let go and taken again',
      lead(`${SOUND}, arms:1 left release "let go", arms:3 left join "take hands"`),
    ],
    [
      'a hand let go at an end without hold',
      lead(`${SOUND}, arms:1 left release "let go"`, {
        entry: { ...base.entry, holds: ['closed'] },
        exitHold: 'none',
      }),
    ],
    [
      'an arch after hands have changed',
      lead(`${SOUND}, arms:4 right arch "right hand up"`, {
        entry: { ...base.entry, holds: ['closed'] },
        holdChanges: [{ at: 24, hold: 'butterfly' }],
        exitHold: 'butterfly',
      }),
    ],
    [
      'two who come and go within reach',
      lead('1 left back, 2 right recover', {
        follow: line('1 right back, 2 left recover'),
        entry: { ...base.entry, holds: ['two hands'] },
      }),
    ],
    [
      'two who turn away from each other',
      lead('1 left forward turn left 1/4, 2 right forward', {
        follow: line('1 right forward turn right 1/4, 2 left forward'),
        exitHold: 'none',
      }),
    ],
    [
      'a ring danced without a partner',
      figure({ dancers: 'solo', follow: 'same', entry: { ...base.entry, holds: ['ring'] } }),
    ],
    [
      'an ending that goes',
      figure({
        endings: [
          { name: 'touch', from: 120, hold: null, lead: line('6 right touch'), follow: 'opposite' },
        ],
      }),
    ],
    [
      'a set in which some stand',
      figure({
        dancers: 'set',
        follow: 'same',
        entry: { ...base.entry, holds: ['none'] },
        set: { couples: [2, 4], others: [{ couples: [2, 3], role: 'both', steps: [] }] },
      }),
    ],
  ])('%s', (_what, sound) =>
    expect(checkFigure(sound).filter(({ severity }) => severity !== 'note')).toEqual([]),
  )
})
