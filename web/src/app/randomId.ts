/** A fresh id that no document holds yet. */
export function randomId(): string {
  return [...crypto.getRandomValues(new Uint8Array(10))]
    .map((byte) => byte.toString(36).padStart(2, '0'))
    .join('')
}
