import { applyEdits, expectOk } from '../document/index.ts'
import { WALTZ_FIGURES, type Figure } from '../figure/index.ts'
import { cover, emptyGroup, type Group } from '../group/index.ts'
import {
  routineSchema,
  routineShape,
  setSlotField,
  setWording,
  type Routine,
  type Slot,
  wordsContent,
} from '../routine/index.ts'
import { ROUND_SCHOOL } from '../school/index.ts'
import { deriveSheet } from '../sheet/index.ts'
import {
  demoRoutine,
  houseWaltz,
  inputOf,
  part,
  pass,
  routineOf,
  slot,
  words,
} from '../testing/sheets.ts'
import type { Tune } from '../tune/index.ts'
import type { Finding } from './findings.ts'
import { repairLabel } from './words/told.ts'
import { findingMessage, findingSum } from './words/told.ts'

const tune = houseWaltz()
const findings = (routine: Routine, with_: Tune | null = null) =>
  deriveSheet(inputOf(routine, with_)).findings
const codes = (routine: Routine, with_: Tune | null = null) =>
  findings(routine, with_).map((finding) => finding.code)
const of = (slots: readonly Slot[], times = 1) =>
  routineOf([part('A', ...slots)], [pass('1', 'A', { times })])
const told = (finding: Finding | undefined) =>
  finding ? `${findingMessage(finding)} ${findingSum(finding)}` : ''
/** Held to phrases of eight bars, as the sheet states. */
const inPhrases = (routine: Routine): Routine => ({ ...routine, phraseBeats: 24 })
/** Eight bars from butterfly facing wall that end closed facing wall, left foot free. */
const EIGHT_BARS = [
  slot('a1', 'balance-left-right'),
  slot('a2', 'twirl-vine'),
  slot('a3', 'through-face-close'),
  slot('a4', 'box'),
  slot('a5', 'canter', { times: 2 }),
]

describe('the demo', () => {
  it('sheet that is right has no finding', () =>
    expect(findings(demoRoutine('lanterns-at-the-weir'), tune)).toEqual([]))

  it('draft shows the slip it is made to show, and one repair puts all of it right', () => {
    const draft = demoRoutine('rushlight-waltz-first-draft')
    expect(codes(draft, tune)).toEqual(['sums.phrase'])
    const [short] = findings(draft, tune)
    expect(told(short)).toBe(
      'B is 6 counts short of the phrase, twice. 6 + 6 + 6 = 18, the phrase has 24',
    )
    const mended = expectOk(applyEdits(routineShape, draft, short!.repairs[0]!.edits))
    expect(findings(mended, tune)).toEqual([])
  })
})

describe('sums', () => {
  it('hold a part without phrase or music to whole units of what it is counted in', () => {
    const canters = (n: number) => of([slot('a', 'canter', { times: n }), slot('b', 'box')])
    expect(codes(canters(3))).toEqual([])
    // No whole phrase is a note at most.
    expect(findings(canters(7)).map(({ code, severity }) => `${code} ${severity}`)).toEqual([
      'sums.no-phrase note',
    ])
    const cut = of([
      slot('a', 'canter'),
      slot('b', 'balance-left-right', { cut: { type: 'first', ticks: 48 } }),
    ])
    expect(told(findings(cut).find(({ code }) => code === 'sums.phrase'))).toBe(
      'A is 1 count short of a whole bar. 3 + 2 = 5, whole would be 6',
    )
  })

  it('tell a part of 12 twice as 4 short, twice, and one of 20 as 4 too long', () => {
    const sixteen = (routine: Routine): Routine => ({ ...routine, phraseBeats: 16 })
    const words = (beats: number) => ({
      ...slot('w', 'box'),
      content: wordsContent('walk', beats * 24),
    })
    const sums = (beats: number, times: number) =>
      findings(sixteen(of([words(beats)], times))).filter(({ code }) => code === 'sums.phrase')
    expect(sums(12, 2).map(told)).toEqual([
      'A is 4 counts short of the phrase, twice. 12, the phrase has 16',
    ])
    expect(sums(20, 1).map(told)).toEqual(['A is 4 counts past the phrase. 20, the phrase has 16'])
    expect(sums(16, 3)).toEqual([])
  })

  it('of a sound part raise nothing, once or three times', () => {
    expect(codes(of(EIGHT_BARS))).toEqual([])
    expect(codes(of(EIGHT_BARS, 3))).toEqual([])
  })

  it('name an offset once, at its cause, and not where it is carried on', () => {
    const short = part('S', ...EIGHT_BARS.slice(0, -1).map((one) => ({ ...one, id: `s${one.id}` })))
    const routine = inPhrases(
      routineOf(
        [part('A', ...EIGHT_BARS), short],
        [pass('1', 'A'), pass('2', 'S'), pass('3', 'A'), pass('4', 'A')],
      ),
    )
    expect(findings(routine).map((finding) => [finding.code, finding.subject])).toEqual([
      ['sums.phrase', 'S'],
    ])
    expect(told(findings(routine)[0])).toBe(
      'S is 6 counts short of the phrase. 6 + 3 + 3 + 6 = 18, the phrase has 24',
    )
  })

  it('say when a part sticks out, and take out the last one that does', () => {
    const [over] = findings(inPhrases(of([...EIGHT_BARS, slot('a6', 'canter')])))
    expect(told(over)).toBe(
      'A is 3 counts past the phrase. 6 + 3 + 3 + 6 + 6 + 3 = 27, the phrase has 24',
    )
    expect(
      codes(
        expectOk(
          applyEdits(
            routineShape,
            inPhrases(of([...EIGHT_BARS, slot('a6', 'canter')])),
            over!.repairs[0]!.edits,
          ),
        ),
      ),
    ).toEqual([])
  })

  it('name the place where the music stops', () => {
    const routine = routineOf(
      [
        part('A', ...EIGHT_BARS),
        part('bridge', slot('b', 'balance-left-right')),
        part('end', slot('e1', 'canter'), slot('e2', 'dip')),
      ],
      [
        pass('1', 'A', { times: 4 }),
        pass('2', 'bridge', { kind: 'bridge' }),
        pass('3', 'A', { times: 4 }),
        pass('4', 'end', { kind: 'ending' }),
        pass('5', 'A'),
      ],
    )
    const over = findings(routine, tune).find((finding) => finding.code === 'sums.music-over')
    expect(findingMessage(over!)).toBe(
      'The dance is 24 counts longer than the music, which stops in A.',
    )
    const dropped = expectOk(applyEdits(routineShape, routine, over!.repairs.at(-1)!.edits))
    expect(codes(dropped, tune)).not.toContain('sums.music-over')
  })

  it('note a figure that lies over the phrase line', () => {
    const [across] = findings(
      inPhrases(of([slot('x', 'canter'), ...EIGHT_BARS, slot('y', 'canter', { times: 7 })])),
    ).filter((finding) => finding.code === 'sums.across-phrase')
    expect(told(across)).toBe(
      'Canter lies over the phrase line. 3 before the line + 3 after it = 6',
    )
    expect(across!.severity).toBe('note')
  })
})

describe('feet', () => {
  const wrong = of([
    slot('a1', 'balance-left-right'),
    slot('a2', 'side-draw-touch'),
    slot('a3', 'canter'),
    slot('a4', 'box'),
    slot('a5', 'canter', { times: 2 }),
  ])

  it('stop where a foot is not free, with the chain that leads there', () => {
    const [found] = findings(wrong)
    expect([found!.code, found!.severity, found!.at / 24]).toEqual(['feet.not-free', 'stop', 9])
    expect(told(found)).toBe(
      'Canter would begin on the lead’s other foot here, and then Box cannot begin. Side, draw, touch: left, so the weight is on the left',
    )
  })

  it('offer figures of the same length that make it come right, and each does', () => {
    const [found] = findings(wrong)
    expect(found!.repairs.length).toBeGreaterThan(0)
    for (const repair of found!.repairs) {
      const mended = expectOk(applyEdits(routineShape, wrong, repair.edits))
      expect(routineSchema.safeParse(mended).success).toBe(true)
      expect([repairLabel(repair), codes(mended).includes('feet.not-free')]).toEqual([
        repairLabel(repair),
        false,
      ])
    }
  })

  it('find that a part cannot repeat from where it ends', () => {
    const once = of([slot('a', 'twirl-vine')])
    expect(codes(once)).not.toContain('feet.not-free')
    expect(codes(of([slot('a', 'twirl-vine')], 2))).toContain('feet.not-free')
  })
})

describe('holds and facings', () => {
  it('say in which hold a figure would begin, and in which it must', () => {
    const found = findings(
      of([slot('a', 'balance-left-right', { exitHold: 'none' }), slot('b', 'left-turning-box')]),
    ).find((finding) => finding.code === 'hold.mismatch')!
    expect(told(found)).toBe(
      'Take hands before Left turning box (closed). Balance left and right → none',
    )
  })

  it('take a hold that passes into the one a figure begins in as no trouble', () => {
    expect(codes(of([slot('a', 'left-turning-box')]))).not.toContain('hold.mismatch')
  })

  it('end the figure before in the hold that is needed, where they already stand so', () => {
    const routine = of([
      slot('a', 'balance-left-right', { exitHold: 'none' }),
      slot('b', 'left-turning-box', { cut: { type: 'half' } }),
    ])
    const { repairs } = findings(routine).find((finding) => finding.code === 'hold.mismatch')!
    const repair = repairs.find(({ code }) => code === 'end-in')!
    expect(repairs.slice(0, 2).map((one) => repairLabel(one))).toEqual([
      'Let Balance left and right end as it usually does',
      'End Balance left and right in closed',
    ])
    expect(codes(expectOk(applyEdits(routineShape, routine, repair.edits)))).not.toContain(
      'hold.mismatch',
    )
  })

  it('note a figure begun facing another way than it is meant to, and by how much', () => {
    const routine = of([
      slot('a', 'balance-left-right', { exitHold: 'closed' }),
      slot('b', 'two-right-turns'),
    ])
    expect(told(findings(routine).find((finding) => finding.code === 'facing.mismatch'))).toBe(
      'Two right turns is meant to begin facing reverse; here it begins facing the wall. the wall → reverse is a quarter to the right',
    )
  })

  it('see that a hold cannot be taken by two who do not stand so', () => {
    expect(codes(of([slot('a', 'balance-left-right', { exitHold: 'fan' })]))).toContain(
      'facing.hold',
    )
  })
})

describe('the voice', () => {
  /** A school that joins nothing. */
  const alone = (routine: Routine) =>
    deriveSheet({
      ...inputOf(routine),
      school: { ...ROUND_SCHOOL, join: { most: 1, mostBeats: 6 } },
    }).findings
  const LONG = 'and now all together the very long way round'
  const at = (text: string): Routine => {
    const routine = of([
      slot('a1', 'canter'),
      slot('a2', 'canter'),
      slot('a3', 'balance-left-right'),
      ...EIGHT_BARS.slice(3),
    ])
    const target = routine.parts[0]!.slots[1]!
    return (
      (['full', 'short', 'keyWord'] as const).reduce(
        (now, kind) =>
          expectOk(applyEdits(routineShape, now, setWording(now.parts[0]!.slots[1]!, kind, text)!)),
        routine,
      ) ?? target
    )
  }

  it('finds a cue that cannot be said before its step, with the seconds it lacks', () => {
    const found = alone(at(LONG)).find((finding) => finding.code.startsWith('voice.'))!
    expect(found.subject).toBe('a2')
    expect(findingMessage(found)).toContain(LONG)
    expect(findingSum(found)).toMatch(/^needs \d\.\d+ s; \d\.\d+ s are free/)
  })

  it('offers fewer words that do fit, or silence', () => {
    const routine = at(LONG)
    const { repairs } = alone(routine).find((finding) => finding.code.startsWith('voice.'))!
    expect(repairs.map((repair) => repair.code)).toEqual(['shorter-wording', 'say-nothing'])
    for (const repair of repairs)
      expect(
        codes(expectOk(applyEdits(routineShape, routine, repair.edits))).filter((code) =>
          code.startsWith('voice.'),
        ),
      ).toEqual([])
  })

  it('does not complain of a slot that is silent on purpose', () => {
    const routine = at(LONG)
    const silent = expectOk(
      applyEdits(
        routineShape,
        routine,
        setSlotField(routine.parts[0]!.slots[1]!, 'say', 'nothing')!,
      ),
    )
    expect(codes(silent).filter((code) => code.startsWith('voice.'))).toEqual([])
  })
})

describe('what is missing', () => {
  it('is found and never filled silently', () => {
    const routine = of([
      slot('a', 'no-such-figure'),
      words('b', 'wait', null),
      words('c', '', 3),
      slot('d', 'canter', { cut: { type: 'half' } }),
    ])
    const found = findings(routine)
    expect(found.map((finding) => finding.code)).toEqual(
      expect.arrayContaining(['missing.figure', 'missing.length', 'missing.wording', 'figure.cut']),
    )
    expect(told(found.find((finding) => finding.code === 'missing.wording'))).toBe(
      '3 counts without a figure. 3 counts',
    )
    expect(told(found.find((finding) => finding.code === 'figure.cut'))).toMatch(
      /has no step on count 2.5/,
    )
  })
})

describe('steps of a figure', () => {
  const box = WALTZ_FIGURES.find((figure) => figure.id === 'box')!
  const withLead = (at: readonly number[]): Figure => ({
    ...box,
    id: 'odd',
    lead: box.lead.map((step, i) => ({ ...step, at: at[i]! })),
  })
  const found = (figure: Figure) =>
    deriveSheet({
      ...inputOf(of([slot('a', 'odd')])),
      book: new Map([['odd', figure]]),
    }).findings.filter((finding) => finding.code === 'figure.order')

  it.each([
    ['two on one beat', [0, 24, 24, 72, 96, 120], 2],
    ['one before the one before it', [0, 48, 24, 72, 96, 120], 2],
    ['one past the end', [0, 24, 48, 72, 96, 144], 7],
  ])('%s are found, with the count', (_name, at, count) => {
    const [one] = found(withLead(at))
    expect([one!.severity, one!.params['count']]).toEqual(['stop', count])
    expect(findingMessage(one!)).toMatch(/has a lead step on count/)
  })

  it('in order raise nothing', () => expect(found(withLead([0, 24, 48, 72, 96, 120]))).toEqual([]))
})

describe('every finding', () => {
  const planted: readonly (readonly [string, Routine, Tune | null])[] = [
    ['a short part against the tune', demoRoutine('rushlight-waltz-first-draft'), tune],
    [
      'a figure over the phrase line',
      inPhrases(of([slot('x', 'canter'), ...EIGHT_BARS, slot('y', 'canter', { times: 7 })])),
      null,
    ],
    [
      'an unknown figure, open words and a bad cut',
      of([
        slot('a', 'no-such-figure'),
        words('b', 'wait', null),
        words('c', '', 3),
        slot('d', 'canter', { cut: { type: 'half' } }),
      ]),
      null,
    ],
    ['a hold that cannot be', of([slot('a', 'balance-left-right', { exitHold: 'fan' })]), null],
    [
      'a figure begun the wrong way',
      of([slot('a', 'balance-left-right', { exitHold: 'closed' }), slot('b', 'two-right-turns')]),
      null,
    ],
    ['music left over', of(EIGHT_BARS), tune],
  ]
  it.each(planted)(
    'of %s has a repair that can be applied and takes it away',
    (_name, routine, with_) => {
      const found = findings(routine, with_)
      expect(found.length).toBeGreaterThan(0)
      for (const finding of found) {
        const same = (other: (typeof found)[number]) =>
          other.code === finding.code &&
          other.subject === finding.subject &&
          other.overruled === null
        expect(finding.repairs.length).toBeGreaterThan(0)
        const mended = expectOk(applyEdits(routineShape, routine, finding.repairs[0]!.edits))
        expect(routineSchema.safeParse(mended).success).toBe(true)
        expect([repairLabel(finding.repairs[0]!), findings(mended, with_).some(same)]).toEqual([
          repairLabel(finding.repairs[0]!),
          false,
        ])
      }
    },
  )
})

it('a finding that is overruled stays listed, with its reason', () => {
  const draft = demoRoutine('rushlight-waltz-first-draft')
  const overruled = {
    ...draft,
    overrules: [{ id: 'o', code: 'sums.phrase', subject: 'B', reason: 'the band cuts it short' }],
  }
  expect(findings(overruled, tune).map((finding) => finding.overruled)).toEqual([
    'the band cuts it short',
  ])
})

describe('a group that will dance it', () => {
  const group = cover(
    cover(emptyGroup('w', 'Wednesdays', 'easy'), 'box', true),
    'balance-left-right',
    true,
  )
  const teach = (routine: Routine, who: Group | null) =>
    deriveSheet({ ...inputOf(routine, null), group: who }).findings.filter(
      ({ code }) => code === 'missing.teach',
    )
  it('has its untaught figures named, each once, where it comes first', () => {
    const routine = of(
      [
        slot('a', 'balance-left-right'),
        slot('b', 'hover'),
        slot('c', 'box'),
        slot('d', 'hover'),
        slot('e', 'canter'),
      ],
      2,
    )
    expect(teach(routine, group).map((finding) => [finding.subject, finding.at / 24])).toEqual([
      ['hover', 6],
      ['canter', 18],
    ])
    expect(teach(routine, group).map(told)).toEqual([
      'Hover is above the level of Wednesdays: teach it first. danced 4 times in this sheet, 3 counts each; its level is intermediate, the group’s beginner',
      'Canter is new to Wednesdays: teach it first. danced twice in this sheet, 3 counts each; its level is absolute beginner, the group’s beginner',
    ])
  })
  it('is nobody in particular where none is chosen', () =>
    expect(teach(of(EIGHT_BARS), null)).toEqual([]))
  it('has nothing to be taught of what it has danced', () =>
    expect(teach(of([slot('a', 'box')]), group)).toEqual([]))
})
