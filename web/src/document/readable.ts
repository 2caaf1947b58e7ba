/** A value as a person reads it: words as they are, of a record its words, anything else as JSON. */
export function readable(value: unknown): string {
  if (typeof value === 'string') return value
  if (typeof value !== 'object' || value === null) return JSON.stringify(value)
  const texts = Object.values(value).filter((one) => typeof one === 'string' && one !== '')
  return texts.length > 0 ? texts.join(' · ') : JSON.stringify(value)
}
