/** How the desk looks: as the machine does, or one of its own. */
export const THEMES = ['system', 'light', 'dark'] as const
export type Theme = (typeof THEMES)[number]

const KEPT = 'dellop-theme'
const SYSTEM_DARK = '(prefers-color-scheme: dark)'

/** The look chosen in this browser. */
export function chosenTheme(): Theme {
  const kept = globalThis.localStorage?.getItem(KEPT)
  return THEMES.find((theme) => theme === kept) ?? 'system'
}

/** Gives the page the look that is chosen. */
export function applyTheme(): void {
  const theme = chosenTheme()
  const isDark = theme === 'dark' || (theme === 'system' && matchMedia(SYSTEM_DARK).matches)
  if (isDark) document.documentElement.dataset['theme'] = 'dark'
  else delete document.documentElement.dataset['theme']
}

/** Keeps another look, and shows it. */
export function chooseTheme(theme: Theme): void {
  localStorage.setItem(KEPT, theme)
  applyTheme()
}

/** Follows the machine's look while that is what is chosen; the hall's screens keep theirs. */
export function followSystem(): void {
  applyTheme()
  matchMedia(SYSTEM_DARK).addEventListener('change', () => {
    if (document.documentElement.dataset['theme'] !== 'hall') applyTheme()
  })
}
