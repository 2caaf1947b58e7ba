/** Widths of words as the browser draws them, each measured once. */
const known = new Map<string, number>()
let context: CanvasRenderingContext2D | null = null

/** A font of the page, as the style sheets have it. */
export const pageFont = (px: number, weight: 400 | 600): string =>
  `${weight} ${px}px 'Atkinson Hyperlegible Next Variable', sans-serif`

/** Width in pixels of a text in a font. Without a canvas (tests) a rough width of the letters. */
export function textWidth(text: string, font: string): number {
  const key = `${font}|${text}`
  const width = known.get(key)
  if (width !== undefined) return width
  context ??= globalThis.document?.createElement('canvas').getContext('2d') ?? null
  if (context) context.font = font
  const measured = context ? context.measureText(text).width : text.length * 7.6 * sizeOf(font)
  known.set(key, measured)
  return measured
}

/** A font's size against the usual one of the page. */
const sizeOf = (font: string): number => Number(/(\d+)px/.exec(font)?.[1] ?? 15) / 15

/** Widths measured before the fonts had arrived are forgotten. */
export const forgetWidths = (): void => known.clear()

/** The least width in which a text breaks into at most `lines` lines, words kept whole. */
export function widthInLines(text: string, lines: number, font: string): number {
  const words = text.split(' ')
  const widths = words.map((word) => textWidth(word, font))
  const space = textWidth(' ', font)
  const whole = widths.reduce((sum, width) => sum + width, 0) + space * (words.length - 1)
  if (lines === 1 || words.length === 1) return whole
  let low = Math.max(...widths, whole / lines)
  while (linesAt(widths, space, low) > lines) low += 8
  return low
}

/** How many lines a text takes at a width. */
export function linesAtWidth(text: string, width: number, font: string): number {
  return linesAt(
    text.split(' ').map((word) => textWidth(word, font)),
    textWidth(' ', font),
    width,
  )
}

function linesAt(widths: readonly number[], space: number, room: number): number {
  let lines = 1
  let used = 0
  for (const width of widths) {
    if (used > 0 && used + space + width > room) {
      lines++
      used = width
    } else used += (used > 0 ? space : 0) + width
  }
  return lines
}
