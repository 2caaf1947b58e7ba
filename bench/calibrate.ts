/** Runs work several times and gives the middle of the times, in milliseconds. */
export function medianMs(runs: number, work: () => unknown): number {
  const times = Array.from({ length: runs }, () => {
    const start = performance.now()
    work()
    return performance.now() - start
  })
  return times.sort((a, b) => a - b)[times.length >> 1]!
}

let kept = 0
/**
 * A fixed amount of arithmetic. What is measured is given as a ratio to it, so that machines can be
 * compared.
 */
export const calibrationMs = (): number =>
  medianMs(5, () => {
    let x = 1
    for (let i = 0; i < 20_000_000; i++) x = (x * 16_807 + (i & 7)) % 2_147_483_647
    kept += x
  })

/** Keeps the loop from being optimised away. */
export const keptResult = (): number => kept

export interface Measured {
  readonly what: string
  readonly ms: number
}

/** Prints measurements with their ratio to the calibration loop. */
export function report(rows: readonly Measured[], calibration: number): void {
  console.log(`calibration loop ${calibration.toFixed(1)} ms`)
  for (const { what, ms } of rows)
    console.log(
      `${what.padEnd(58)} ${ms.toFixed(2).padStart(9)} ms   x${(ms / calibration).toFixed(3)}`,
    )
}
