/** A typed whole number, held between two; what it was before where no number was typed. */
export function wholeWithin(text: string, least: number, most: number, otherwise: number): number {
  const value = Math.round(Number(text))
  return Number.isFinite(value) && text.trim() !== ''
    ? Math.min(most, Math.max(least, value))
    : otherwise
}
