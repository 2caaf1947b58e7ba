import { bookOf, WALTZ_FIGURES } from '../figure/index.ts'
import { unfold } from '../routine/index.ts'
import { part, pass, routineOf, slot, words } from '../testing/sheets.ts'
import { tick } from '../time/index.ts'
import { LANGUAGES } from './language.ts'
import { COUNT_IN_ROOM_TICKS, cueSlots, wordingsOf } from './wording.ts'

const book = bookOf(WALTZ_FIGURES)
const slotsOf = (...slots: Parameters<typeof part>[1][]) => unfold(routineOf([part('A', ...slots)], [pass('1', 'A')]), book).slots
const texts = (...slots: Parameters<typeof part>[1][]) => slotsOf(...slots).map((one) => wordingsOf(one, LANGUAGES.en).map((wording) => wording.text))

describe('what may be said', () => {
  it('is full, short and prompt, longest first, the same words once', () => {
    expect(texts(slot('a', 'twirl-vine'), slot('b', 'canter'))).toEqual([['twirl vine, three', 'twirl vine', 'twirl'], ['canter']])
  })

  it('always says how much and to where', () => {
    expect(texts(slot('a', 'left-turning-box', { cut: { type: 'half' } }))).toEqual([['left turning box, halfway', 'left turn box, halfway', 'turning box, halfway']])
    expect(texts(slot('a', 'canter', { times: 2 }))).toEqual([['canter, twice']])
    expect(texts(slot('a', 'box', { times: 3, exitHold: 'butterfly' }))[0]![0]).toBe('forward box, three times, to butterfly')
  })

  it('says another amount of turn, an option and another ending', () => {
    expect(texts(slot('a', 'left-turning-box', { turn: -6 }))[0]![0]).toBe('left turning box, three quarters')
    expect(texts(slot('a', 'left-turning-box', { turn: -4, times: 2 }))[0]![0]).toBe('left turning box, one half, twice')
    expect(texts(slot('a', 'hover', { options: ['look to the joined hands'] }))[0]![0]).toBe('hover to semi, look to the joined hands')
    expect([-2, -4, 8, 16, 0, 3].map((n) => LANGUAGES.de.turn(n))).toEqual(['ein Viertel', 'halb herum', 'ganz herum', 'zweimal herum', 'ohne Drehung', 'drei Achtel'])
  })
  it('is what the slot says where it says something', () => {
    const own = { ...slot('a', 'box'), wordings: { full: 'box, don’t turn it', short: null, prompt: null } }
    expect(texts(own)).toEqual([['box, don’t turn it', 'box']])
    expect(texts({ ...own, say: 'nothing' })).toEqual([[]])
  })

  it('of plain words is the words, and of open counts nothing', () => {
    expect(texts(words('w', 'gather in a ring', 8), words('o', '', 4))).toEqual([['gather in a ring'], []])
  })
})

describe('cue slots', () => {
  it('may be cued since the figure before begins; the first one in the introduction, or under the count-in', () => {
    const slots = slotsOf(slot('a', 'balance-left-right'), slot('b', 'canter'))
    expect(cueSlots(slots, 'en', tick(288)).map((one) => one.notBeforeTick)).toEqual([-288, 0])
    expect(cueSlots(slots, 'en', tick(0))[0]!.notBeforeTick).toBe(-COUNT_IN_ROOM_TICKS)
  })

  it('name their step by its earliest event, pick-up included', () => {
    const picked = { ...book.get('box')!, id: 'picked', lead: [{ ...book.get('box')!.lead[0]!, at: -12 }], follow: [] }
    const [, second] = cueSlots(unfold(routineOf([part('A', slot('a', 'canter'), slot('b', 'picked'))], [pass('1', 'A')]), new Map([...book, ['picked', picked]])).slots, 'en', tick(0))
    expect(second!.stepTick).toBe(72 - 12)
  })

  it('say why they are silent', () => {
    const quiet = { ...slot('a', 'canter'), say: 'nothing' as const }
    expect(cueSlots(slotsOf(quiet, words('o', '', 3), slot('b', 'box')), 'en', tick(0)).map((one) => one.silence)).toEqual(['on-purpose', 'no-wording', null])
  })
})
