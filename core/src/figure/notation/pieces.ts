/**
 * Pieces of a text between separators that stand outside quotation marks, with where each begins.
 */
export function piecesOutsideQuotes(
  text: string,
  separator: string,
): { text: string; offset: number }[] {
  const found: { text: string; offset: number }[] = []
  let isQuoted = false
  let from = 0
  const add = (to: number): void => {
    const piece = text.slice(from, to)
    const trimmed = piece.trim()
    if (trimmed !== '') found.push({ text: trimmed, offset: from + piece.indexOf(trimmed[0]!) })
  }
  for (let i = 0; i < text.length; i++) {
    if (isQuoted && text[i] === '\\') i++
    else if (text[i] === '"') isQuoted = !isQuoted
    else if (!isQuoted && text[i] === separator) {
      add(i)
      from = i + 1
    }
  }
  add(text.length)
  return found
}
