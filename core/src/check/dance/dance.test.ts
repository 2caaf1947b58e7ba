import { findingMessage, findingSum, type Finding } from '../index.ts'
import { applyEdits, expectOk } from '../../document/index.ts'
import { routineShape } from '../../routine/index.ts'
import { proved, provedSheet } from '../../testing/typed.ts'

const WALL = 'lead faces wall, left foot free; follow faces centre, right foot free'
const LINE = `dance: line dance
school: line
formation: lines
start: all face 12 o'clock, right foot free
`
const told = (text: string, code: string): Finding[] =>
  proved(text).findings.filter((finding) => finding.code === code)

describe('walls', () => {
  const quarter = (order: string): string =>
    `${LINE}part A\n  Jazz box, quarter right\n  Vine right and left\n  Rocking chair\norder\n${order}`
  it('of a part that does not come home are told, with where each time ends', () => {
    const [finding] = told(quarter('  A x3\n'), 'facing.walls')
    expect(finding!.severity).toBe('note')
    expect(findingMessage(finding!)).toContain('4 times bring everyone home')
    expect(findingSum(finding!)).toContain('a quarter to the right each time')
  })
  it.each(['  A x4\n', '  A\n'])('that come home, or are danced once, are not: %j', (order) => {
    expect(told(quarter(order), 'facing.walls')).toEqual([])
  })
})

describe('walls that the sheet says', () => {
  const quarter = (remark: string, figure = 'Jazz box, quarter right'): string =>
    `${LINE}remark: ${remark}\npart A\n  ${figure}\n  Vine right and left\n  Rocking chair\norder\n  A x4\n`
  it.each([
    ['Two walls.', 'The sheet says 2 walls, and A makes 4 walls.'],
    ['Eine Wand, immer nach vorn.', 'The sheet says 1 wall, and A makes 4 walls.'],
  ])('are held to how far each time turns: %s', (remark, sentence) => {
    const [finding] = told(quarter(remark), 'facing.walls-said')
    expect(findingMessage(finding!)).toBe(sentence)
    expect(finding!.at).toBe(0)
  })
  it('are right, are two things, or are not said', () => {
    for (const remark of ['Four walls.', 'a 4-wall dance', 'one wall, or four walls', 'the wall'])
      expect(told(quarter(remark), 'facing.walls-said')).toEqual([])
    expect(told(quarter('One wall', 'Jazz box'), 'facing.walls-said')).toEqual([])
  })
})

describe('heat', () => {
  const polka = (times: number): string =>
    `dance: polka\nschool: round\nbar: 2 beats of 1/4\ntempo: 120\nstart: none; ${WALL}\nfigure Run\n  counts: 2\n  follow: same\n  lead: 1 left forward, 1& right forward, 2 left forward, 2& right forward\npart A\n  Run (x8)\norder\n  A x${times}\n`
  it('is told of what is long and quick, and of nothing else', () => {
    expect(told(polka(16), 'body.heat').map((one) => findingMessage(one))).toEqual([
      '512 steps in 2:08: in a warm or full hall this one makes hot. Plan a rest and water after it.',
    ])
    expect(told(polka(12), 'body.heat')).toEqual([])
  })
})

describe('counts', () => {
  it('from one and from two on one sheet are told', () => {
    const OWN =
      'figure Late box\n  counts: 4\n  count from: 2\n  lead: 1 left side, 2 right close\n'
    const sheet = (figures: string, from = ''): string =>
      `dance: rumba\nschool: round\n${from}start: butterfly; ${WALL}\n${OWN}part A\n${figures}order\n  A\n`
    const both = '  Box\n  Late box\n'
    expect(told(sheet(both), 'sums.count-from').map((one) => findingMessage(one))).toEqual([
      'Late box is counted from 2, and Box from 1.',
    ])
    expect(told(sheet(both, 'count from: 2\n'), 'sums.count-from')).toEqual([])
    expect(told(sheet('  Box\n  Half box (x2)\n'), 'sums.count-from')).toEqual([])
  })
})

describe('turns without a rest', () => {
  it('are of a body that turns by itself', () => {
    const rolls = `dance: line dance\nunit: words\npart A\n  Full turn forward\n  Full turn forward\n  Full turn forward\norder\n  A\n`
    expect(told(rolls, 'body.turns').length).toBeGreaterThan(0)
  })
  it('are not those of who walks round a partner or a star', () => {
    const set = `dance: set dance\nschool: set\nformation: set\nunit: words\nstart: closed; all face line of dance\npart A\n  Swing (x4)\norder\n  A\n`
    expect(told(set, 'body.turns')).toEqual([])
    const box = `dance: waltz\nschool: round\nstart: closed; ${WALL}\npart A\n  Left turning box (x4)\norder\n  A\n`
    expect(told(box, 'body.turns')).toEqual([])
    // Whatever hold they come from.
    const polka = `dance: polka\nschool: round\nstart: two hands; lead faces wall, right foot free; follow faces centre, left foot free\nunit: words\npart A\n  Turning polka (x4)\norder\n  A\n`
    expect(told(polka, 'body.turns')).toEqual([])
  })
})

describe('a hop', () => {
  it('needs its own foot to carry, so the other has to be free', () => {
    const polka = `dance: polka\nschool: round\nunit: words\nstart: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free\npart A\n  Polka step (mirrored)\norder\n  A\n`
    expect(told(polka, 'feet.not-free').map((one) => findingMessage(one))).toEqual([
      'Polka step needs the lead’s right foot on count 1, and the weight is on it.',
    ])
  })
})

describe('facings and holds that are off', () => {
  const waltz = (lines: string): string =>
    `dance: waltz\nschool: round\nunit: words\nstart: closed; ${WALL}\npart A\n${lines}order\n  A\n`
  it('are told where they begin, not at each figure after it', () => {
    const lines = '  Whisk (rotated 2/8 right)\n  Through, face, close\n  Whisk\n'
    expect(told(waltz(lines), 'facing.mismatch').map(({ at }) => at)).toEqual([0])
    const tandem = '  Box (to tandem)\n  Box\n  Hover\n  Through, face, close\n'
    expect(told(waltz(tandem), 'hold.mismatch').map(({ at, severity }) => [at, severity])).toEqual([
      [144, 'mend'],
    ])
  })
  it('are a note where the two turn into a hold, or take hands they let go by themselves', () => {
    const lines = '  Waltz away\n  Solo roll (mirrored)\n  Through, face, close\n'
    const found = told(waltz(lines), 'hold.mismatch')
    expect(found.map(({ severity }) => severity)).toEqual(found.map(() => 'note'))
    expect(findingMessage(found[0]!)).toBe(
      'Waltz away begins in open, and they are in closed: they turn into it.',
    )
  })
})

describe('a figure that contradicts itself', () => {
  const sheet = (lead: string, follow: string): string =>
    `dance: jive\nschool: round\nstart: closed; ${WALL}\nfigure Heron step\n  counts: 4\n  lead: ${lead}\n  follow: ${follow}\n  holds: closed\n\npart A\n  Heron step\norder\n  A\n`
  it('is told where it is danced', () => {
    const found = proved(
      sheet('1 left side, 2 right close, 3 left side, 4 right close', 'same'),
    ).findings
    expect(found.map(({ code }) => code)).toContain('figure.parted')
  })
  it('and is not where both do the same to each other', () => {
    const found = proved(
      sheet('1 left back, 2 right recover, 3 left side, 4 right close', 'alike'),
    ).findings
    expect(found.map(({ code }) => code)).not.toContain('figure.parted')
  })
  it('lacks a caution: that is a note', () => {
    const found = told(
      sheet(
        '1 left forward turn right 1/2, 2 right forward turn right 1/2, 3 left forward, 4 right close',
        'same',
      ),
      'figure.caution-spin',
    )
    expect(found.map(({ severity }) => severity)).toEqual(['note'])
  })
})

describe('a part of whole bars', () => {
  const twoStep = (lines: string, heading = ''): string =>
    `dance: two-step\nschool: round\nbar: 2 beats of 1/4\n${heading}start: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free\npart A\n${'  Two forward two-steps\n'.repeat(4)}${lines}order\n  A\n`
  it('that is no whole number of fours is noted, where nothing holds it to a phrase', () => {
    const [finding] = told(twoStep('  Walk two\n  Walk two\n'), 'sums.no-phrase')
    expect(finding!.severity).toBe('note')
    expect(findingMessage(finding!)).toBe('A takes 10 bars: no whole number of fours.')
    expect(findingSum(finding!)).toBe('2 + 2 + 2 + 2 + 1 + 1 = 10')
  })
  it('of eight or twelve is not, nor one that is held to its phrase', () => {
    expect(told(twoStep(''), 'sums.no-phrase')).toEqual([])
    expect(told(twoStep('  Two forward two-steps (x2)\n'), 'sums.no-phrase')).toEqual([])
    const held = told(twoStep('  Walk two\n', 'phrase: 8 bars\n'), 'sums.no-phrase')
    expect(held).toEqual([])
  })
})

describe('the foot that is free', () => {
  const waltz = (lines: string): string =>
    `dance: waltz\nschool: round\nunit: words\nstart: open; lead faces line of dance, left foot free; follow faces line of dance, right foot free\npart A\n${lines}order\n  A\n`
  const FEET = ['feet.not-free', 'feet.other-foot']
  const feetTold = (lines: string): string[] =>
    proved(waltz(lines)).findings.flatMap((one) =>
      FEET.includes(one.code) ? [`${one.at / 24} ${findingMessage(one)}`] : [],
    )
  it('is taken by what only goes forward, back or in place', () => {
    const lines = '  Waltz away\n  Forward waltz side by side\n  Forward waltz side by side\n'
    expect(feetTold(lines)).toEqual([])
    const feet = proved(waltz(lines)).timeline.slots.map(
      ({ danced }) => danced!.steps.lead.find(({ foot }) => foot)!.foot,
    )
    expect(feet).toEqual(['left', 'right', 'left'])
  })
  const chaCha = (lines: readonly string[], free = 'left'): string =>
    `dance: cha-cha\nschool: round\nunit: words\nstart: butterfly; lead faces wall, ${free} foot free\npart A\n${lines.map((line) => `  ${line}\n`).join('')}order\n  A\n`
  it('is taken to the other side by what both do to either side, called the same', () => {
    const sheet = proved(
      chaCha(['Half basic', 'New yorker', 'New yorker', 'Spot turn', 'Time step']),
    )
    expect(sheet.findings.filter(({ code }) => FEET.includes(code))).toEqual([])
    expect(
      sheet.timeline.slots.map(({ danced }) => [danced!.steps.lead[0]!.foot, danced!.foot]),
    ).toEqual([
      ['left', undefined],
      ['right', undefined],
      ['left', 'mirrored'],
      ['right', undefined],
      ['left', undefined],
    ])
    const said = sheet.plan.planned.flatMap(({ said: one }) => (one ? [one.wording.text] : []))
    expect(said.length).toBeGreaterThan(2)
    expect(said.filter((text) => /left|right|other/.test(text))).toEqual([])
  })
  it('has its side said where its words name one, though its name does not', () => {
    const text = `dance: line dance\nstart: all face 12 o’clock, right foot free\nunit: words\npart A\n  Rocking chair\n  Step, half pivot\norder\n  A\n`
    const sheet = proved(text)
    expect(sheet.findings.filter(({ code }) => FEET.includes(code))).toEqual([])
    const pivot = sheet.plan.planned.find(({ slot }) => slot.stepTick === 4 * 24)
    expect(pivot!.said!.wording.text).toContain('left')
    expect(sheet.timeline.slots[1]!.after.lead.facing).toBe(4)
  })
  it('is changed by a change step, which there is on either', () => {
    const text = (foot: string): string =>
      `dance: viennese waltz\nstart: closed, facing wall, ${foot} foot free\nunit: words\npart A\n  Forward change\norder\n  A\n`
    for (const foot of ['left', 'right']) {
      const { findings, timeline } = proved(text(foot))
      expect(findings.filter(({ code }) => FEET.includes(code))).toEqual([])
      expect(timeline.slots[0]!.danced!.steps.lead[0]!.foot).toBe(foot)
    }
  })
  it('is not taken to the other side by a turn under one hand, nor in a close hold', () => {
    expect(told(chaCha(['Underarm turn']), 'feet.not-free')).toHaveLength(1)
    expect(told(chaCha(['Half basic'], 'right'), 'feet.not-free')).toHaveLength(1)
  })
  it('is held to the side that the sheet mirrors', () => {
    const both = ['New yorker', 'New yorker (mirrored)']
    expect(told(chaCha(both, 'right'), 'feet.other-foot')).toEqual([])
    expect(
      told(chaCha([...both, 'New yorker', 'New yorker'], 'right'), 'feet.other-foot'),
    ).toHaveLength(1)
  })
  it('is not taken by what goes to a side', () => {
    expect(feetTold('  Forward waltz side by side\n  Lace across\n')).toEqual([
      '3 Lace across needs the lead’s left foot on count 1, and the weight is on it.',
    ])
  })
  it('is told where it was taken when the next lacks its own', () => {
    const lines = '  Waltz away\n  Forward waltz side by side\n  Forward waltz side by side\n'
    expect(feetTold(`${lines}  Lace across\n`)).toEqual([
      '3 Forward waltz side by side would begin on the lead’s other foot here, and then Lace across cannot begin.',
    ])
  })
  it('is asked for where the sheet tells the two apart', () => {
    const both = '  Forward waltz side by side\n  Forward waltz side by side (mirrored)\n'
    expect(feetTold(both)).toEqual([])
    const lines = both + both.replace(' (mirrored)', '')
    const sheet = proved(waltz(lines))
    expect(feetTold(lines)).toEqual([
      '9 Forward waltz side by side begins on the lead’s right foot here; where this sheet means that, it says mirrored.',
    ])
    const [finding] = sheet.findings.filter(({ code }) => code === 'feet.other-foot')
    const mended = provedSheet(
      expectOk(applyEdits(routineShape, sheet.routine, finding!.repairs[0]!.edits)),
    )
    expect(mended.findings.filter(({ code }) => FEET.includes(code))).toEqual([])
  })
  it('is the other each time for what is danced twice and names no side', () => {
    const chaCha = (line: string): string =>
      `dance: cha-cha\nschool: round\nunit: words\nstart: butterfly; lead faces wall, right foot free; follow faces centre, left foot free\npart A\n  ${line}\norder\n  A\n`
    expect(told(chaCha('New yorker (x2)'), 'feet.not-free')).toEqual([])
    const twice = proved(chaCha('New yorker (x2)')).timeline.slots[0]!
    const mirrored = proved(chaCha('New yorker\n  New yorker (mirrored)')).timeline.slots
    expect(twice.after).toEqual(mirrored[1]!.after)
    expect(told(chaCha('New yorker\n  Cucaracha left (x2)'), 'feet.not-free')).toHaveLength(1)
  })
})
