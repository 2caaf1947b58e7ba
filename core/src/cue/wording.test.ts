import { bookOf, WALTZ_FIGURES } from '../figure/index.ts'
import { unfold, type Timeline } from '../routine/index.ts'
import { AMOUNT_KINDS, ROUND_SCHOOL, type AmountKind } from '../school/index.ts'
import { part, pass, routineOf, slot, words } from '../testing/sheets.ts'
import { tick } from '../time/index.ts'
import { LANGUAGES } from './language.ts'
import type { CueSlot } from './cueSlot.ts'
import { COUNT_IN_ROOM_TICKS, cueSlots, type CueWishes } from './cueSlots.ts'
import { wordingsOf } from './wording.ts'

const book = bookOf(WALTZ_FIGURES)
const unfolded = (...slots: Parameters<typeof part>[1][]): Timeline =>
  unfold(routineOf([part('A', ...slots)], [pass('1', 'A')]), book)
const slotsOf = (...slots: Parameters<typeof part>[1][]) => unfolded(...slots).slots
const ALONE = { ...ROUND_SCHOOL, prompts: [], join: { most: 1, mostBeats: 8 } }
const AROUND: CueWishes['around'] = {
  formation: 'couples-round',
  roles: { lead: 'man', follow: 'lady' },
  introduction: null,
  barTicks: tick(96),
  musicLeft: null,
}
const cuesOf = (timeline: Timeline, over: Partial<CueWishes> = {}) =>
  cueSlots(timeline, {
    language: 'en',
    school: ALONE,
    calling: {},
    introductionTicks: tick(0),
    shortTicks: 96,
    slowTicks: null,
    around: AROUND,
    wanted: new Map(),
    prompts: new Map(),
    ...over,
  })
const texts = (...slots: Parameters<typeof part>[1][]) =>
  slotsOf(...slots).map((one) => wordingsOf(one, LANGUAGES.en).map((wording) => wording.text))

describe('what may be said', () => {
  it('is full, short and prompt, longest first, the same words once', () => {
    expect(texts(slot('a', 'twirl-vine'), slot('b', 'canter'))).toEqual([
      ['twirl vine, three', 'twirl vine', 'twirl'],
      ['canter'],
    ])
  })

  it('always says how much and to where', () => {
    expect(texts(slot('a', 'left-turning-box', { cut: { type: 'half' } }))).toEqual([
      ['half a left turning box', 'half a left turn box', 'half a turning box'],
    ])
    expect(texts(slot('a', 'canter', { times: 2 }))).toEqual([['canter, twice']])
    expect(texts(slot('a', 'box', { times: 3, exitHold: 'butterfly' }))[0]![0]).toBe(
      'box, three times, to butterfly',
    )
  })

  it('says another end in place of the one that its own words have', () => {
    expect(texts(slot('a', 'hover', { exitHold: 'closed' }))[0]).toEqual([
      'hover to closed',
      'hover, to closed',
    ])
  })

  it('leaves out the amounts that a school does not say', () => {
    const [box] = slotsOf(slot('a', 'box', { times: 2, exitHold: 'butterfly' }))
    const full = (amounts: readonly AmountKind[]) =>
      wordingsOf(box!, LANGUAGES.en, { amounts })[0]!.text
    expect([full(AMOUNT_KINDS), full(['times']), full(['exit']), full([])]).toEqual([
      'box, twice, to butterfly',
      'box, twice',
      'box, to butterfly',
      'box',
    ])
    const quiet = cuesOf(unfolded(slot('a', 'left-turning-box', { cut: { type: 'half' } })), {
      school: { ...ALONE, amounts: [] },
    })
    expect(quiet.map(({ wordings }) => wordings[0]!.text)).toEqual(['left turning box'])
  })

  it('says another amount of turn, an option and another ending', () => {
    expect(texts(slot('a', 'left-turning-box', { turn: -6 }))[0]![0]).toBe(
      'left turning box, three quarters',
    )
    expect(texts(slot('a', 'left-turning-box', { turn: -4, times: 2 }))[0]![0]).toBe(
      'left turning box, one half, twice',
    )
    // Where the words name no side, or another, the turn’s own is said.
    expect(texts(slot('a', 'left-turning-box', { turn: 4 }))[0]![0]).toBe(
      'left turning box, one half right',
    )
    expect([-2, -4, 8].map((n) => LANGUAGES.de.turnTo(n))).toEqual([
      'ein Viertel links',
      'halb links herum',
      'ganz rechts herum',
    ])
    expect(texts(slot('a', 'hover', { options: ['look to the joined hands'] }))[0]![0]).toBe(
      'hover to semi, look to the joined hands',
    )
    expect([-2, -4, 8, 16, 0, 3].map((n) => LANGUAGES.de.turn(n))).toEqual([
      'ein Viertel',
      'halb herum',
      'ganz herum',
      'zweimal herum',
      'ohne Drehung',
      'drei Achtel',
    ])
  })
  it('is what the slot says where it says something', () => {
    const own = {
      ...slot('a', 'box'),
      wordings: { full: 'box, don’t turn it', short: null, keyWord: null },
    }
    expect(texts(own)).toEqual([['box, don’t turn it', 'box']])
    expect(texts({ ...own, say: 'nothing' })).toEqual([[]])
  })

  it('of plain words is the words, and of open counts nothing', () => {
    expect(texts(words('w', 'gather in a ring', 8), words('o', '', 4))).toEqual([
      ['gather in a ring'],
      [],
    ])
  })
})

describe('cue slots', () => {
  it('may be cued since the figure before begins; the first one in the introduction, or under the count-in', () => {
    const timeline = unfolded(slot('a', 'balance-left-right'), slot('b', 'canter'))
    expect(
      cuesOf(timeline, { introductionTicks: tick(288) }).map((one) => one.notBeforeTick),
    ).toEqual([-288, 0])
    expect(cuesOf(timeline)[0]!.notBeforeTick).toBe(-COUNT_IN_ROOM_TICKS)
  })

  it('name their step by its earliest event, pick-up included', () => {
    const picked = {
      ...book.get('box')!,
      id: 'picked',
      lead: [{ ...book.get('box')!.lead[0]!, at: -12 }],
      follow: [],
    }
    const [, second] = cuesOf(
      unfold(
        routineOf([part('A', slot('a', 'canter'), slot('b', 'picked'))], [pass('1', 'A')]),
        new Map([...book, ['picked', picked]]),
      ),
    )
    expect(second!.stepTick).toBe(72 - 12)
  })

  it('say why they are silent', () => {
    const quiet = { ...slot('a', 'canter'), say: 'nothing' as const }
    expect(
      cuesOf(unfolded(quiet, words('o', '', 3), slot('b', 'box'))).map((one) => one.silence),
    ).toEqual(['on-purpose', 'no-wording', null])
  })

  const kinds = (cues: readonly CueSlot[]) =>
    cues.map(
      (one) => `${one.purpose} ${one.mode} ${one.stepTick / 24} ${one.wordings[0]?.text ?? '-'}`,
    )

  it('give an amount as a second cue too, ended before the half and the whole part', () => {
    expect(
      kinds(cuesOf(unfolded(slot('a', 'left-turning-box', { cut: { type: 'half' } })))),
    ).toEqual(['cue ahead 0 half a left turning box', 'amount ahead 6 halfway'])
    expect(kinds(cuesOf(unfolded(slot('a', 'canter', { times: 2 }))))).toEqual([
      'cue ahead 0 canter, twice',
      'amount ahead 3 twice',
    ])
  })
  it('say to one role what concerns it, the one that comes first before the other', () => {
    const both = {
      ...slot('a', 'box'),
      roleCues: { lead: 'gents wait', follow: 'ladies turn', first: 'follow' as const },
    }
    expect(kinds(cuesOf(unfolded(both)))).toEqual([
      'cue ahead 0 box',
      'first-role ahead 0 ladies turn',
      'other-role ahead 0 gents wait',
    ])
  })
  it('are said on the count where the sheet, the figure or the school has it so, and ahead where a part begins', () => {
    const modes = (over: Partial<CueWishes>, ...slots: Parameters<typeof part>[1][]) =>
      cuesOf(unfolded(...slots), over).map((one) => one.mode)
    expect(modes({ calling: { mode: 'on-count' } }, slot('a', 'box'), slot('b', 'canter'))).toEqual(
      ['ahead', 'on-count'],
    )
    expect(
      modes({ school: { ...ALONE, mode: 'on-count' } }, slot('a', 'box'), {
        ...slot('b', 'canter'),
        mode: 'ahead',
      }),
    ).toEqual(['ahead', 'ahead'])
    expect(
      modes({ calling: { mode: 'with-step' } }, slot('a', 'box'), slot('b', 'canter')),
    ).toEqual(['ahead', 'with-step'])
  })
  it('are the words of every step where a figure is taught step by step', () => {
    expect(kinds(cuesOf(unfolded({ ...slot('a', 'canter'), mode: 'steps' })))).toEqual(
      ['cue steps 0 side', 'step steps 1 draw', 'step steps 2 close'].slice(
        0,
        book.get('canter')!.lead.length,
      ),
    )
  })
  it('are nothing where only counts are spoken', () => {
    expect(
      cuesOf(unfolded(slot('a', 'box')), { calling: { mouth: 'counts' } }).map(
        (one) => one.silence,
      ),
    ).toEqual(['counts-only'])
  })
  it('leave the mouth to the count-in where the school speaks it', () => {
    const school = { ...ALONE, prompts: ['count-in' as const], countIn: '5 6 7 8' }
    expect(cuesOf(unfolded(slot('a', 'box')), { school })[0]!.stepTick).toBe(-96)
    expect(
      cuesOf(unfolded(slot('a', 'box')), { school: { ...school, countIn: '5 6 + cue' } })[0]!.mode,
    ).toBe('on-count')
  })
})

describe('joined utterances', () => {
  const JOINING = { ...ROUND_SCHOOL, prompts: [], join: { most: 3, mostBeats: 12 } }
  const joined = (...slots: Parameters<typeof part>[1][]) =>
    cuesOf(unfolded(...slots), { school: JOINING }).map((one) =>
      one.wordings.filter((wording) => wording.joined).map((wording) => wording.text),
    )

  it('name what follows in the same breath, the same figure by its number of times', () => {
    expect(joined(slot('a', 'canter'), slot('b', 'canter'), slot('c', 'hover'))[0]).toEqual(
      expect.arrayContaining(['canter, twice', 'canter, canter and hover to semi']),
    )
    expect(joined(slot('a', 'box'), slot('b', 'hover'))[0]).toContain('box and hover to semi')
  })
  it('count a figure that is danced again, whatever its heads-up says', () => {
    const slots = [slot('a', 'canter'), slot('b', 'canter')]
    const again = { kind: 'figure-again', text: 'again', must: null, place: 'after' } as const
    const cues = cuesOf(unfolded(...slots), {
      school: JOINING,
      prompts: new Map([['1.0/b', { ...again, isEnough: false, fades: true }]]),
    })
    expect(cues.map(({ wordings }) => wordings.map(({ text }) => text))).toEqual([
      ['canter', 'canter, twice'],
      ['canter, again', 'canter'],
    ])
  })
  it('count a name that has a stop of its own too', () =>
    expect(joined(slot('a', 'through-face-close'), slot('b', 'through-face-close'))[0]).toContain(
      'through, face, close, twice',
    ))
  it('never make four times of twice twice', () =>
    expect(joined(slot('a', 'canter', { times: 2 }), slot('b', 'canter', { times: 2 }))[0]).toEqual(
      [],
    ))
  it('end at a silent figure, at a pin, and where one role is told something', () => {
    expect(
      joined(slot('a', 'box'), { ...slot('b', 'hover'), say: 'nothing' }, slot('c', 'canter')),
    ).toEqual([[], [], []])
    expect(joined(slot('a', 'box'), { ...slot('b', 'hover'), pin: { wording: 'full' } })).toEqual([
      [],
      [],
    ])
    expect(
      joined(
        { ...slot('a', 'box'), roleCues: { lead: 'wait', follow: '', first: 'lead' } },
        slot('b', 'hover'),
      )[0],
    ).toEqual([])
  })
})
