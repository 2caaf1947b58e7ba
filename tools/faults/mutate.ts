/** A source of chance that is the same for the same seed. */
export function chanceOf(seed: number): () => number {
  let state = (seed * 0x9e3779b1) >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32
  }
}

/** What has broken readers before: keys of objects, numbers that are none, what never ends. */
const NASTY = [
  '__proto__',
  'constructor',
  'toString',
  'NaN',
  '-1',
  '1e308',
  '1e999',
  '99999999999999999999',
  '0',
  '\u0000',
  '\uFEFF',
  '\u202E',
  '\ud800',
  '{'.repeat(2000),
  '['.repeat(2000),
  'A'.repeat(20_000),
  '<'.repeat(300),
  '&lol;',
  '"',
  "'",
  '\r\n\r\n',
  ',,,,,,,,',
  '-->',
  '|:::|',
  '(3',
  '%%',
].map((text) => Buffer.from(text))

/** A file with something wrong in it: one to six changes, each of its own kind. */
export function mutated(
  file: Uint8Array,
  other: Uint8Array,
  chance: () => number,
): Uint8Array<ArrayBuffer> {
  const upTo = (n: number): number => Math.floor(chance() * n)
  let bytes = Buffer.from(file)
  const put = (at: number, drop: number, ...parts: readonly Uint8Array[]): void =>
    void (bytes = Buffer.concat([bytes.subarray(0, at), ...parts, bytes.subarray(at + drop)]))
  // Every other file stays whole as a file: what is in it is what is wrong.
  const isGentle = chance() < 0.5
  for (let n = 1 + upTo(isGentle ? 3 : 6); n > 0; n--) {
    const at = upTo(bytes.length + 1)
    const long = 1 + upTo(Math.min(400, Math.max(1, bytes.length - at)))
    const kinds: readonly (() => void)[] = [
      () => void (at < bytes.length && (bytes[at] = upTo(256))),
      () => put(at, long),
      () => put(at, 0, bytes.subarray(at, at + long)),
      () => put(at, 0, NASTY[upTo(NASTY.length)]!),
      () => put(at, long, NASTY[upTo(NASTY.length)]!),
      () => void (bytes = bytes.subarray(0, at)),
      () => put(at, long, other.subarray(upTo(other.length), upTo(other.length) + long)),
      () => put(at, 0, ...Array<Uint8Array>(1 + upTo(40)).fill(bytes.subarray(at, at + long))),
    ]
    const gentle = [changeNumber, changeText, changeLines]
    const from = isGentle ? gentle : [...kinds, ...gentle]
    from[upTo(from.length)]!()
  }
  return new Uint8Array(bytes)

  /** Numbers are where limits are forgotten. */
  function changeNumber(): void {
    const text = bytes.toString('latin1')
    const found = [...text.matchAll(/-?\d+(?:\.\d+)?/g)]
    if (found.length === 0) return
    const one = found[upTo(found.length)]!
    const to = ['0', '-1', '1e9', '1e300', '0.0001', '65536', '9007199254740993'][upTo(7)]!
    put(one.index, one[0].length, Buffer.from(to))
  }
  /** What stands between quotes, or is a word, becomes another. */
  function changeText(): void {
    const text = bytes.toString('latin1')
    const found = [...text.matchAll(/"[^"\\\n]{0,200}"|[A-Za-z]{2,}/g)]
    if (found.length === 0) return
    const [one, other] = [found[upTo(found.length)]!, found[upTo(found.length)]!]
    const nasty = NASTY[upTo(NASTY.length)]!.toString('utf8').replace(/["\\\n\r\0]/g, '')
    const isQuoted = one[0].startsWith('"')
    const plain = chance() < 0.5 ? nasty : other[0].replaceAll('"', '')
    put(one.index, one[0].length, Buffer.from(isQuoted ? `"${plain}"` : plain))
  }
  /** A line goes, comes twice, or changes its place. */
  function changeLines(): void {
    const lines = bytes.toString('latin1').split('\n')
    const [from, to] = [upTo(lines.length), upTo(lines.length)]
    const [line] = lines.splice(from, 1)
    if (chance() < 0.6) lines.splice(to, 0, line!)
    if (chance() < 0.4) lines.splice(to, 0, line!)
    bytes = Buffer.from(lines.join('\n'), 'latin1')
  }
}
