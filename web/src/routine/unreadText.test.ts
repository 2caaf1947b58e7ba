/** @jest-environment jsdom */
import { keepUnreadText, unreadText } from './unreadText.ts'

beforeEach(() => localStorage.clear())

const allOpen = (): boolean => true
const noneOpen = (): boolean => false

describe('text that could not be read', () => {
  it('is kept by each tab for itself', () => {
    keepUnreadText('s', 'one', 'mine')
    keepUnreadText('s', 'two', 'yours')
    expect(unreadText('s', 'one', allOpen)?.text).toBe('mine')
    expect(unreadText('s', 'two', allOpen)?.text).toBe('yours')
    keepUnreadText('s', 'two', null)
    expect(unreadText('s', 'one', allOpen)?.text).toBe('mine')
    expect(unreadText('s', 'two', allOpen)).toBeNull()
  })

  it('that a closed tab left is found by the next', () => {
    keepUnreadText('s', 'gone', 'left over')
    keepUnreadText('other', 'gone', 'of another sheet')
    expect(unreadText('s', 'new', noneOpen)).toEqual({ tab: 'gone', text: 'left over' })
    keepUnreadText('s', 'gone', null)
    expect(unreadText('s', 'new', noneOpen)).toBeNull()
  })
})
