/** @jest-environment jsdom */
import type { DancedSlot } from '@dellop/core/routine'
import { words } from '../words/index.ts'
import { clipboard } from './clipboard.ts'
import { PAGE_COMMANDS, pageCommand, pageKey, type PageStage } from './pageCommands.ts'

const press = (
  key: string,
  over: Partial<KeyboardEvent> = {},
  target: HTMLElement = document.body,
) =>
  pageKey({
    key,
    ctrlKey: false,
    metaKey: false,
    altKey: false,
    shiftKey: false,
    target,
    ...over,
  } as KeyboardEvent)
const element = (html: string): HTMLElement => {
  document.body.innerHTML = html
  return (
    document.body.querySelector('[data-here]') ?? (document.body.firstElementChild as HTMLElement)
  )
}

describe('keys of the page', () => {
  it.each([
    ['ArrowRight', {}, 'after'],
    ['ArrowRight', { altKey: true }, 'move-after'],
    ['z', { ctrlKey: true }, 'undo'],
    ['z', { ctrlKey: true, shiftKey: true }, 'redo'],
    ['y', { metaKey: true }, 'redo'],
    ['R', { shiftKey: true }, 'less'],
    ['r', {}, 'more'],
    ['a', { ctrlKey: true }, null],
    ['F5', {}, null],
  ] as const)('%s %j is %s', (key, over, expected) => expect(press(key, over)).toBe(expected))

  it('leave fields alone, undo included', () => {
    const field = element('<input>')
    expect([
      press('a', {}, field),
      press('z', { ctrlKey: true }, field),
      press('Delete', {}, field),
    ]).toEqual([null, null, null])
  })

  it('leave Enter to other buttons, but not to a figure on the page', () => {
    expect(press('Enter', {}, element('<button>x</button>'))).toBeNull()
    expect(press('Enter', {}, element('<button class="block">x</button>'))).toBe('replace')
  })
})

describe('arrow keys', () => {
  it.each(['tab', 'slider', 'menu'])('belong to a %s that has the keyboard', (role) => {
    const there = element(`<div role="${role}" tabindex="0">x</div>`)
    expect(press('ArrowRight', {}, there)).toBeNull()
    expect(press('h', {}, there)).toBe('halve')
  })
})

describe('commands of the page', () => {
  /** A stage that tells what was done on it. */
  function stage(selected: DancedSlot | null) {
    const done: string[] = []
    const note =
      (name: string) =>
      (...args: readonly unknown[]): void =>
        void done.push([name, ...args.filter((one) => typeof one !== 'object')].join(' '))
    const commands = new Proxy({}, { get: (_, name) => note(String(name)) })
    const known: Partial<PageStage> = {
      commands: commands as PageStage['commands'],
      selected: () => selected,
      canTravel: (way) => way === 'undo',
    }
    const all = new Proxy(known, {
      get: (of, name) => of[name as keyof PageStage] ?? note(String(name)),
    })
    return { stage: all as PageStage, done }
  }
  const chosen = { key: 'a/1' } as DancedSlot

  it('have a key of their own each, and a name', () => {
    const keys = PAGE_COMMANDS.flatMap((one) => [...one.keys])
    expect(new Set(keys).size).toBe(keys.length)
    for (const { id } of PAGE_COMMANDS) {
      expect(words.sheet.pageCommands[id].length).toBeGreaterThan(2)
      expect(pageCommand(id).keys.length).toBeGreaterThan(0)
    }
    expect(Object.keys(words.sheet.pageCommands)).toHaveLength(PAGE_COMMANDS.length)
  })

  it('that are about the chosen figure can be done only where one is chosen', () => {
    clipboard.value = []
    const without = PAGE_COMMANDS.filter(({ can }) => !can(stage(null).stage)).map(({ id }) => id)
    expect(without).toEqual(
      'replace remove move-before move-after halve more less reflect silence words cue-earlier cue-later cue-free extend-before extend-after copy cut paste duplicate redo'.split(
        ' ',
      ),
    )
    const withOne = PAGE_COMMANDS.filter(({ can }) => !can(stage(chosen).stage))
    expect(withOne.map(({ id }) => id)).toEqual(['paste', 'redo'])
  })

  it.each([
    ['halve', 'halve'],
    ['more', 'repeat 1'],
    ['less', 'repeat -1'],
    ['move-before', 'move -1'],
    ['cue-free', 'pin '],
    ['row-after', 'rowStep 1'],
    ['next-finding', 'findingStep 1'],
    ['cue-earlier', 'nudge -1'],
    ['undo', 'travel undo'],
    ['duplicate', 'duplicate'],
    ['keys', 'showKeys'],
    ['leave', 'leave'],
  ] as const)('%s does: %s', (id, expected) => {
    const { stage: on, done } = stage(chosen)
    pageCommand(id).do(on)
    expect(done.join('; ').trim()).toBe(expected.trim())
  })

  it('names keys as they stand on keyboards', () => {
    expect(words.sheet.keyName('ctrl+shift+z')).toBe('Ctrl Shift Z')
    expect(words.sheet.keyName('alt+ArrowLeft')).toBe('Alt ←')
    expect(words.sheet.keyName('?')).toBe('?')
  })

  it('take a sign that is written with Shift or AltGr for the sign', () => {
    expect(press('?', { shiftKey: true })).toBe('keys')
    const altGr = { ctrlKey: true, altKey: true, getModifierState: () => true }
    expect(press('[', altGr)).toBe('cue-earlier')
  })
})
