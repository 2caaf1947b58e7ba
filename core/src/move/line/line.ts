import { z } from 'zod'
import { doSchema, kernelOf, type Do } from '../verb/verbs.ts'
import { whoSchema, type Who } from '../who/who.ts'

/**
 * One line of movement: when, in ticks from the beginning of what is danced, who, and what they do.
 */
export interface Line {
  readonly from: number
  readonly to: number
  readonly who: Who
  readonly do: Do
}
export const lineSchema: z.ZodType<Line> = z
  .strictObject({
    from: z.int().min(0).max(100_000),
    to: z.int().min(1).max(100_000),
    who: whoSchema,
    do: doSchema,
  })
  .readonly()
  .refine(({ from, to }) => from < to, 'a line that ends after it begins was expected')
export const linesSchema: z.ZodType<readonly Line[]> = z.array(lineSchema).max(100).readonly()

/** Left for right in every line; roles stay. */
export const mirroredLines = (lines: readonly Line[]): readonly Line[] =>
  lines.map((line) => {
    const mirror = kernelOf(line.do).mirrored
    const { who } = line
    return {
      ...line,
      who: {
        ...who,
        pick: who.pick && (JSON.parse(exchanged(JSON.stringify(who.pick))) as typeof who.pick),
      },
      do: mirror ? mirror(line.do) : line.do,
    }
  })
const exchanged = (text: string): string =>
  text
    .replaceAll('"left line"', '"?"')
    .replaceAll('"right line"', '"left line"')
    .replaceAll('"?"', '"right line"')
    .replaceAll('"first corners"', '"?"')
    .replaceAll('"second corners"', '"first corners"')
    .replaceAll('"?"', '"second corners"')

/**
 * Lines danced in half their time: amounts are halved; where the only line has no half, null. Lines
 * that begin after the half are dropped.
 *
 * @param half Ticks of the half.
 */
export function halvedLines(lines: readonly Line[], half: number): readonly Line[] | null {
  const kept = lines.filter(({ from }) => from < half)
  const result: Line[] = []
  for (const line of kept) {
    if (line.to <= half) {
      result.push(line)
      continue
    }
    const what: Do | null = kernelOf(line.do).halved?.(line.do) ?? null
    if (!what && line.do.verb !== 'home') return null
    result.push({ ...line, to: half, do: what ?? line.do })
  }
  return result
}

/**
 * The same lines after one another.
 *
 * @param times How often, 1 or more.
 * @param lengthTicks How long they last once.
 */
export const repeatedLines = (
  lines: readonly Line[],
  times: number,
  lengthTicks: number,
): readonly Line[] =>
  Array.from({ length: times }, (_, i) =>
    lines.map((line) => ({
      ...line,
      from: line.from + i * lengthTicks,
      to: line.to + i * lengthTicks,
    })),
  ).flat()
