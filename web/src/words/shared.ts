// What is the same in every language.
import { i18n } from './i18n.ts'

/** Dates by the locale of the screen. */
export const inLocale = {
  d: (ms: number, format: 'moment' | 'short' | 'long' | 'month'): string =>
    i18n.global.d(ms, format),
}

/** Keys whose names are signs, or the same on every keyboard. */
const KEY_NAMES: Readonly<Record<string, string>> = {
  ArrowLeft: '←',
  ArrowRight: '→',
  ArrowUp: '↑',
  ArrowDown: '↓',
  Escape: 'Esc',
  ctrl: 'Ctrl',
  alt: 'Alt',
  shift: 'Shift',
}

/**
 * A key as it stands on keyboards: `ctrl+shift+z` is Ctrl Shift Z.
 *
 * @param own Names that the language has of its own.
 */
export const keyName = (key: string, own: Readonly<Record<string, string>> = {}): string =>
  key
    .split('+')
    .map((one) => own[one] ?? KEY_NAMES[one] ?? (one.length === 1 ? one.toUpperCase() : one))
    .join(' ')
