import { AS_WRITTEN } from '@dellop/core/figure'
import { phraseRows } from '@dellop/core/sheet'
import { computed } from 'vue'
import { openSheet } from '../testing/openSheet.ts'
import type { SheetPage } from './sheetPage.ts'
import { useSheetTelling } from './sheetTelling.ts'
import { useSheetWalk } from './sheetWalk.ts'

/** The demo's waltz with rows to go about in; what was brought into view is kept. */
async function walking() {
  const opened = await openSheet()
  const { page } = opened
  const rows = computed(() => {
    const { timeline, plan, phrases, routine, firstStep } = page.sheet.value!
    return phraseRows({
      timeline,
      plan,
      phrases,
      metre: routine.metre,
      firstStep,
      barsPerLine: 8,
    })
  })
  const at = (): number => page.slots.value.findIndex(({ key }) => key === page.selectedKey.value)
  const whole = Object.assign(page, {
    rows,
    neighbour: (by: number) => page.slots.value[at() + by] ?? null,
    open: computed(() => page.sheet.value!.findings.filter(({ overruled }) => overruled === null)),
  }) as unknown as SheetPage
  const seen: [string, boolean][] = []
  const walk = useSheetWalk(whole, (key, focus) => void seen.push([key, focus]))
  return { ...opened, page: whole, rows, at, seen, walk }
}

describe('going about on the page', () => {
  it('goes from figure to figure, and not past either end', async () => {
    const { walk, at, page, seen } = await walking()
    walk.step(1)
    expect(at()).toBe(0)
    walk.step(1)
    walk.step(-1)
    walk.step(-1)
    expect(at()).toBe(0)
    page.select(page.slots.value.at(-1)!.key)
    walk.step(1)
    expect(at()).toBe(page.slots.value.length - 1)
    await Promise.resolve()
    expect(seen[0]).toEqual([page.slots.value[0]!.key, true])
  })
  it('goes to the row below and comes back to where it was', async () => {
    const { walk, at, rows } = await walking()
    walk.step(1)
    walk.rowStep(1)
    const below = at()
    expect(below).toBeGreaterThan(0)
    expect(rows.value.length).toBeGreaterThan(1)
    walk.rowStep(-1)
    expect(at()).toBe(0)
    walk.rowStep(-1)
    expect(at()).toBe(0)
  })
  it('goes round the things that are to be put right, and stays where there are none', async () => {
    const { walk, page, document, at } = await walking()
    const keys = () =>
      page.open.value
        .filter(({ severity }) => severity !== 'note')
        .flatMap(({ slotKeys }) => slotKeys.slice(0, 1))
    if (keys().length === 0) walk.findingStep(1)
    expect(page.selectedKey.value).toBe(null)
    const first = page.slots.value[0]!
    document.edit(
      [
        {
          type: 'set',
          id: first.slot.id,
          field: 'content',
          from: first.slot.content,
          to: { type: 'figure', figureId: 'gone', variation: AS_WRITTEN },
        } as never,
      ],
      'x',
    )
    expect(keys().length).toBeGreaterThan(0)
    const visited = new Set<number>()
    for (let i = 0; i < keys().length; i++) {
      walk.findingStep(1)
      visited.add(at())
    }
    walk.findingStep(1)
    expect(visited.has(at())).toBe(true)
  })
  it('chooses one more figure', async () => {
    const { walk, page } = await walking()
    walk.step(1)
    walk.extend(1)
    walk.extend(1)
    expect(page.range.value.map(({ key }) => key)).toEqual(
      page.slots.value.slice(0, 3).map(({ key }) => key),
    )
  })
})

describe('what the page tells beside the figures', () => {
  it('says that the dance comes round, and what does not where it ends otherwise', async () => {
    const { page, document } = await openSheet()
    const { roundTold } = useSheetTelling(computed(() => page.sheet.value))
    const routine = document.routine.value!
    const last = routine.passes.at(-1)!
    // It ends for good: then nothing is to come round.
    expect([last.kind, roundTold.value]).toEqual(['ending', ''])
    document.edit(
      [{ type: 'set', id: last.id, field: 'kind', from: 'ending', to: 'pass' } as never],
      'x',
    )
    expect(roundTold.value).toMatch(/\.$/)
    document.edit(
      [
        {
          type: 'set',
          id: '',
          field: 'start',
          from: routine.start,
          to: { ...routine.start, hold: routine.start.hold === 'closed' ? 'open' : 'closed' },
        } as never,
      ],
      'x',
    )
    expect(roundTold.value).not.toMatch(/undefined|NaN|\[object/)
  })
  it('tells how both stand as a figure begins, once it is asked for', async () => {
    const { page } = await openSheet()
    const { strip, stripShown } = useSheetTelling(computed(() => page.sheet.value))
    expect(strip.value).toBeNull()
    stripShown.value = true
    for (const slot of page.slots.value)
      expect(strip.value!(slot)).not.toMatch(/undefined|NaN|\[object|^$/)
  })
  it('counts a row as the sheet or its part is counted', async () => {
    const { page } = await openSheet()
    const { counting } = useSheetTelling(computed(() => page.sheet.value))
    const row = { music: null, pass: page.sheet.value!.timeline.passes[0] } as never
    expect(JSON.stringify(counting(row))).not.toMatch(/null|NaN/)
    expect(counting({ music: {}, pass: null } as never)).toBe(
      counting({ music: {}, pass: null } as never),
    )
  })
})
