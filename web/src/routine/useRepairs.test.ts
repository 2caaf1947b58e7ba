import type { Repair } from '@dellop/core/check'
import { deriveSheet, searchRepairs, type Sheet, type SheetInput } from '@dellop/core/sheet'
import { effectScope, nextTick, shallowRef } from 'vue'
import { ManualTimers } from '../app/timers.ts'
import { WALTZ } from '../testing/waltz.ts'
import type { RepairMessage, RepairRequest } from '../workers/repair.worker.ts'
import { useRepairs, type RepairWorker } from './useRepairs.ts'

const inputOf = ({ routine, book, school, voice, tune }: Sheet): SheetInput => ({
  routine,
  book,
  school,
  voice,
  tune,
})
/** The demo's waltz with its first figure danced mirrored: on the other foot. */
const WRONG: Sheet = (() => {
  const [part, ...parts] = WALTZ.routine.parts
  const [slot, ...slots] = part!.slots
  const { content } = slot!
  if (content.type !== 'figure') throw new Error('a figure was expected')
  const mirrored = { ...content, variation: { ...content.variation, reflected: true } }
  return deriveSheet({
    ...inputOf(WALTZ),
    routine: {
      ...WALTZ.routine,
      parts: [{ ...part!, slots: [{ ...slot!, content: mirrored }, ...slots] }, ...parts],
    },
  })
})()

class OneWorker implements RepairWorker {
  static all: OneWorker[] = []
  asked: RepairRequest[] = []
  ended = false
  onmessage: RepairWorker['onmessage'] = null
  onerror: RepairWorker['onerror'] = null
  constructor() {
    OneWorker.all.push(this)
  }
  postMessage = (request: RepairRequest): void => void this.asked.push(request)
  terminate = (): void => void (this.ended = true)
  answer(change: Partial<RepairMessage> = {}): void {
    const { number } = this.asked.at(-1)!
    const input: Partial<SheetInput> = Object.assign({}, ...this.asked.map((one) => one.changed))
    const sheet = deriveSheet(input as SheetInput)
    for (const finding of sheet.findings)
      this.onmessage!.call(
        this as never,
        {
          data: { number, ...finding, repairs: searchRepairs(sheet, finding), ...change },
        } as MessageEvent,
      )
  }
}

function page(first: Sheet | null = WRONG) {
  OneWorker.all = []
  const timers = new ManualTimers()
  const sheet = shallowRef<Sheet | null>(first)
  const scope = effectScope()
  const repairs = scope.run(() => useRepairs(sheet, inputOf, () => new OneWorker(), timers))!
  return { timers, sheet, ...repairs, leave: () => scope.stop() }
}
const finding = WRONG.findings.find(({ severity }) => severity !== 'note')!

describe('repairs beside the page', () => {
  it('are none while they are searched, and then the best first, each once', () => {
    const { timers, repairsOf, isSearching } = page()
    expect([isSearching(finding), repairsOf(finding)]).toEqual([true, []])
    timers.pass(300)
    expect(isSearching(finding)).toBe(true)
    OneWorker.all[0]!.answer()
    expect(isSearching(finding)).toBe(false)
    const codes = repairsOf(finding).map(({ code }) => code)
    expect(codes[0]).toBe('mirror')
    const texts = repairsOf(finding).map((repair: Repair) => JSON.stringify(repair))
    expect(new Set(texts).size).toBe(texts.length)
  })
  it('are not searched while something is typed, nor where nothing is wrong', async () => {
    const { timers, sheet } = page()
    timers.pass(200)
    sheet.value = { ...WRONG }
    await nextTick()
    timers.pass(200)
    expect(OneWorker.all).toHaveLength(0)
    sheet.value = WALTZ
    await nextTick()
    timers.pass(1000)
    expect(OneWorker.all).toHaveLength(0)
  })
  it('have their worker warmed once the page stands still, and ask it the first search', async () => {
    const { timers, sheet, repairsOf } = page(WALTZ)
    timers.pass(2000)
    const [worker] = OneWorker.all
    expect(worker!.asked).toHaveLength(1)
    sheet.value = WRONG
    await nextTick()
    timers.pass(300)
    expect(OneWorker.all).toHaveLength(1)
    expect(worker!.asked[1]!.changed).not.toHaveProperty('book')
    worker!.answer()
    expect(repairsOf(finding)[0]!.code).toBe('mirror')
  })
  it('a search is given up when the sheet changes, and what it says then is not heard', async () => {
    const { timers, sheet, repairsOf } = page()
    timers.pass(300)
    const [worker] = OneWorker.all
    const [{ number }] = worker!.asked as [RepairRequest]
    sheet.value = { ...WRONG }
    await nextTick()
    worker!.answer({ number })
    expect(repairsOf(finding)).toEqual([])
    timers.pass(300)
    expect(worker!.asked.map((one) => one.number)).toEqual([number, number + 2])
    worker!.answer({ number })
    expect(repairsOf(finding)).toEqual([])
    worker!.answer()
    expect(repairsOf(finding)[0]!.code).toBe('mirror')
  })
  it('are a finding’s own where none is found, and where the search fails', () => {
    const none = page()
    none.timers.pass(300)
    OneWorker.all[0]!.answer({ repairs: [] })
    expect(none.repairsOf(finding)).toEqual(finding.repairs)
    const failed = page()
    failed.timers.pass(300)
    OneWorker.all[0]!.onerror!.call({} as never, {} as ErrorEvent)
    expect(failed.repairsOf(finding)).toEqual(finding.repairs)
    expect(OneWorker.all[0]!.ended).toBe(true)
  })
  it('the worker ends with the page', () => {
    const { timers, leave } = page()
    timers.pass(300)
    leave()
    expect(OneWorker.all[0]!.ended).toBe(true)
  })
})
