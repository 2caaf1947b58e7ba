/** @jest-environment jsdom */
import { pageKey } from './sheetKeys.ts'

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
