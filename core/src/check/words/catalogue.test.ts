import fc from 'fast-check'
import { LANGUAGES } from '../../document/index.ts'
import { derivedOfEveryFinding } from '../../testing/everyFinding.ts'
import { FIGURE_FINDING_CODES } from '../../figure/index.ts'
import { facingTold, findingMessage, findingSum, repairLabel } from './told.ts'
import type { FindingCode } from '../findings.ts'

/** What a sentence must never show a person. */
const NEVER = /undefined|NaN|\[object|\bnull\b|  /

/** Values for every name that parameters go by, as checks give them. */
const text = fc.constantFrom('Box', 'A', 'Left-turning box', 'side, close', 'Wednesdays')
const number = fc.constantFrom(0, 1, 2, 2.5, 12, 48)
const facing = fc.constantFrom(0, 1, 2, 3, 4, 5, 6, 7)
const orNull = <Value>(one: fc.Arbitrary<Value>) => fc.option(one)
const side = fc.constantFrom('left', 'right')
const ofNames: Record<string, fc.Arbitrary<unknown>> = {
  terms: fc.array(number, { minLength: 1, maxLength: 4 }),
  chain: fc.array(text, { maxLength: 4 }),
  wanted: fc.array(text, { minLength: 1, maxLength: 3 }),
  known: fc.array(text, { maxLength: 3 }),
  early: fc.boolean(),
  becket: fc.boolean(),
  away: fc.array(text, { minLength: 1, maxLength: 4 }),
  dancers: fc.array(text, { minLength: 1, maxLength: 4 }),
  open: fc.boolean(),
  beyond: fc.boolean(),
  side,
  turned: side,
  foot: fc.constantFrom('left', 'right', 'both'),
  sense: fc.constantFrom('clockwise', 'anticlockwise'),
  frame: fc.constantFrom('hall', 'walls', 'ring', 'set'),
  facing,
  role: orNull(text),
  previous: orNull(text),
  again: orNull(text),
  every: orNull(number),
  wording: fc.constantFrom('full', 'short', 'keyWord'),
  to: fc.constantFrom('section', 'landmark'),
  level: fc.constantFrom('first', 'easy', 'steady'),
  reach: fc.constantFrom('first', 'easy', 'steady'),
}
const TEXTS =
  'line dancer otherLine otherDancer place part other figure label tune text id group why second lead follow'.split(
    ' ',
  )
const NUMBERS =
  'by bars centimetres strides needed total missing dance music difference bpm danceSeconds musicSeconds before after begins gap unit times left least most said takes sum told sheet beat turn rotate couples passes apart partner relative turns rate beats needs room differ sounds words seconds phrases target number count steps'.split(
    ' ',
  )
for (const name of TEXTS) ofNames[name] ??= text
for (const name of NUMBERS) ofNames[name] ??= number

/** The parameters that go by one name and are something else for a code. */
const labels = fc.array(text, { minLength: 1, maxLength: 5 })
const way = fc.constantFrom('left', 'right', 'forward', 'back')
const OWN: Partial<Record<FindingCode, Readonly<Record<string, fc.Arbitrary<unknown>>>>> = {
  'sums.phrase': { wanted: number, to: fc.constantFrom('phrase', 'bar', 'eight', 'count') },
  'sums.tie': { wanted: number },
  'set.neighbour': {
    met: fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 3, maxLength: 3 }),
  },
  'sums.said': { words: text },
  'sums.addition': { words: fc.constantFrom('6 + 6 = 14', '8 + 8 = 15') },
  'facing.mismatch': { wanted: facing },
  'facing.hold': { lead: facing, follow: facing, hold: text },
  'facing.rotated': { wanted: facing, first: facing },
  'hold.mismatch': { hold: text },
  ...Object.fromEntries(
    FIGURE_FINDING_CODES.map((code) => [code, { why: fc.constant('It has a dip.') }]),
  ),
  'facing.walls': {
    turn: fc.integer({ min: -4, max: 4 }),
    home: fc.constantFrom(2, 4, 8),
    ends: fc.array(facing, { minLength: 1, maxLength: 8 }),
    times: fc.integer({ min: 2, max: 9 }),
  },
  'sums.count-from': {
    later: labels,
    first: labels,
    count: fc.constantFrom(2, 4),
    from: fc.constantFrom(1, 3),
  },
  'missing.told': { told: labels, danced: labels, place: fc.constantFrom(1, 2, 9) },
  'missing.told-part': { known: labels },
  'facing.walls-said': { said: number, danced: number },
  'said.way': { said: way, danced: way },
  'said.amount': { said: number, danced: number },
  'said.hand': { said: side, danced: side },
  'said.times': { said: number, danced: number },
  'said.exit': { said: text, danced: text },
  'said.who': {
    said: fc.constantFrom('partners', 'heads'),
    danced: fc.constantFrom('corners', 'sides'),
  },
  'said.facing': { said: facing, danced: facing },
  'sums.versions': {
    differs: fc.array(fc.record({ line: fc.constantFrom(1, 2, 9), one: text, other: text }), {
      maxLength: 3,
    }),
    fits: orNull(text),
  },
  'voice.no-room': { lead: number },
  'voice.own-words': { instead: text },
  'voice.crowded': { lead: number },
  'voice.sound-alike': { first: text },
  'voice.same-words': { first: text },
  'voice.pin': { beats: orNull(number) },
  'voice.early': { lead: number },
  'voice.late': { lead: number },
  'voice.hard': { words: text },
  'voice.numbers': { number: fc.constantFrom('two', 'three') },
  'missing.wording': { figure: orNull(text) },
  'feet.not-free': { later: orNull(text) },
  'feet.unsure': { later: fc.constant(null) },
  'figure.order': { role: fc.constantFrom('lead', 'follow') },
  'sums.music-over': { part: orNull(text) },
  'sums.music-short': { part: orNull(text) },
}

const CODES: Readonly<Record<FindingCode, string>> = {
  'set.nobody': 'figure line',
  'set.number': 'figure line count',
  'set.pairs': 'figure line count',
  'set.amount': 'figure line',
  'set.facing': 'figure line',
  'set.no-place': 'figure line',
  'set.told-twice': 'figure line dancers otherLine',
  'set.hand-taken': 'figure line dancers otherLine',
  'set.facing-away': 'figure line dancers otherLine',
  'missing.move': 'figure',
  'set.two-in-one': 'figure dancer otherDancer place',
  'set.empty': 'part place',
  'set.not-home': 'away',
  'set.progress': 'part by becket',
  'set.neighbour': 'part dancer met',
  'set.side': 'figure dancer otherDancer centimetres',
  'set.path': 'figure dancer otherDancer beat centimetres',
  'set.pace': 'figure dancer line strides needed',
  'sums.no-phrase': 'part bars terms',
  'sums.phrase': 'part terms total wanted missing to times',
  'sums.music-over': 'dance music difference bpm danceSeconds musicSeconds part',
  'sums.music-short': 'dance music difference bpm danceSeconds musicSeconds part',
  'sums.across-phrase': 'figure before after total',
  'sums.tie': 'part label difference early begins wanted',
  'sums.fill': 'part gap unit times left least most',
  'sums.said': 'figure words said takes',
  'sums.addition': 'words sum total',
  'missing.told': 'told danced place',
  'missing.told-part': 'label known',
  'said.other-figure': 'figure text other',
  'said.who': 'figure text said danced',
  'sums.versions': 'part other total told difference differs fits',
  'sums.metre': 'sheet music tune',
  'feet.not-free': 'again figure later previous role foot chain beat',
  'feet.other-foot': 'figure role foot',
  'feet.unsure': 'again figure later previous role foot chain beat',
  'hold.mismatch': 'figure hold wanted previous',
  'facing.mismatch': 'figure facing wanted turn frame',
  'facing.hold': 'figure hold lead follow frame',
  'facing.rotated': 'part facing wanted first rotate frame',
  'facing.contradiction': 'text side sense',
  'facing.said-other-way': 'figure text side turned',
  'said.way': 'figure text said danced',
  'said.amount': 'figure text said danced',
  'said.hand': 'figure text said danced',
  'said.times': 'figure text said danced',
  'said.exit': 'figure text said danced',
  'said.facing': 'figure text said danced frame',
  'set.partner': 'couples passes apart partner every relative lead follow',
  'body.turns': 'role turns side chain',
  'body.pace': 'figure rate bpm beats',
  'body.heat': 'steps seconds rate',
  'body.arms': 'figure',
  'body.caution': 'figure group text',
  'voice.no-room': 'figure text needs lead room',
  'voice.crowded': 'figure text needs lead room',
  'voice.same-words': 'text first second',
  'voice.sound-alike': 'first second differ sounds',
  'voice.over-called': 'words seconds most',
  'voice.pin': 'figure text beats wording',
  'voice.role': 'figure text',
  'voice.no-gap': 'figure text',
  'voice.own-words': 'text instead needs',
  'voice.step': 'figure text',
  'voice.early': 'text lead target most',
  'voice.late': 'text lead target most',
  'voice.breath': 'phrases most seconds words',
  'voice.hard': 'text words seconds',
  'voice.numbers': 'text number',
  'missing.figure': 'id',
  'missing.unknown': 'text',
  'missing.length': 'text',
  'missing.wording': 'open beats figure',
  'missing.teach': 'figure group beyond times beats level reach',
  'missing.part': 'part',
  'missing.pass': 'part',
  'missing.section': 'part to label known',
  'figure.cut': 'figure why',
  'figure.order': 'figure role count',
  'facing.walls': 'part times turn home ends frame',
  'facing.walls-said': 'part said danced turn',
  'sums.count-from': 'later count first from',
  ...(Object.fromEntries(FIGURE_FINDING_CODES.map((code) => [code, 'figure why'])) as Record<
    (typeof FIGURE_FINDING_CODES)[number],
    string
  >),
}

describe.each(LANGUAGES)('every finding, in %s', (language) => {
  it.each(Object.keys(CODES) as FindingCode[])('%s is a whole sentence with a sum', (code) => {
    const names = CODES[code].split(' ')
    const params = fc.record(
      Object.fromEntries(names.map((name) => [name, OWN[code]?.[name] ?? ofNames[name]!])),
    )
    fc.assert(
      fc.property(params, (values) => {
        const finding = { code, params: values } as Parameters<typeof findingMessage>[0]
        for (const said of [findingMessage(finding, language), findingSum(finding, language)]) {
          expect(said).not.toMatch(NEVER)
          expect(said.trim()).not.toBe('')
        }
        expect(findingMessage(finding, language)).toMatch(/[.!?]$/)
      }),
      { numRuns: 60 },
    )
  })

  it('that checks make is worded from what they give, with its repairs', () => {
    const findings = derivedOfEveryFinding()
    expect(new Set(findings.map(({ code }) => code)).size).toBeGreaterThan(12)
    for (const finding of findings) {
      expect(`${findingMessage(finding, language)} ${findingSum(finding, language)}`).not.toMatch(
        NEVER,
      )
      for (const repair of finding.repairs) expect(repairLabel(repair, language)).not.toMatch(NEVER)
    }
  })
})

describe('German', () => {
  it('has a sentence of its own for every finding', () => {
    for (const finding of derivedOfEveryFinding()) {
      expect(findingMessage(finding, 'de')).not.toBe(findingMessage(finding, 'en'))
      for (const repair of finding.repairs)
        expect(repairLabel(repair, 'de')).not.toBe(repairLabel(repair, 'en'))
    }
  })
  it.each([
    [0, 'hall', 'in Tanzrichtung'],
    [3, 'hall', 'rückwärts diagonal zur Wand'],
    [6, 'ring', 'zur Mitte'],
    [2, 'ring', 'nach außen'],
    [0, 'set', 'nach oben'],
    [0, 'walls', 'auf 12 Uhr'],
    [1, 'walls', 'auf halb 2'],
  ] as const)('a facing of %d eighths in the %s is “%s”', (facing, frame, told) =>
    expect(facingTold(facing, frame, 'de')).toBe(told),
  )
})
