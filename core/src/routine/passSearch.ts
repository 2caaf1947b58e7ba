/** One pass of an order, as the search sees it. */
export interface SearchedPass {
  /** Length of one time through, above 0. */
  readonly ticks: number
  readonly times: number
  /** What dropping or adding one time costs, and what leaving it out altogether costs on top. */
  readonly change: number
  readonly leaveOut: number
}

export interface FoundOrder {
  /** How often each pass is danced. */
  readonly times: readonly number[]
  readonly ticks: number
  readonly cost: number
}

export interface OrderSearch {
  readonly orders: readonly FoundOrder[]
  /**
   * True where the search was given up before it had seen everything: what is found is right, and
   * something cheaper may be missing.
   */
  readonly isCut: boolean
}

/** Times a pass may be danced more than it is written. */
const MOST_MORE = 2
const KEPT = 6
/** Orders looked at before the search is given up; about a tenth of a second. */
const MOST_LOOKED_AT = 400_000

interface Partial_ {
  readonly ticks: number
  readonly cost: number
  readonly chosen: number
  readonly before: Partial_ | null
}

/**
 * All ways to dance an order so that it takes `target` ticks, cheapest first: how often each pass
 * is danced, none to two times more than written. Exact by dynamic programming over the length
 * reached, the cheapest few for each; where nothing takes just so long, the orders that come
 * nearest below and above it.
 *
 * @param target Ticks that the whole is to take, above 0.
 */
export function searchOrders(passes: readonly SearchedPass[], target: number): OrderSearch {
  let reached = new Map<number, Partial_[]>([[0, [{ ticks: 0, cost: 0, chosen: 0, before: null }]]])
  let lookedAt = 0
  const longest = Math.max(0, ...passes.map(({ ticks }) => ticks))
  for (const pass of passes) {
    const next = new Map<number, Partial_[]>()
    for (const states of reached.values()) {
      for (const before of states) {
        for (let chosen = 0; chosen <= pass.times + MOST_MORE; chosen++) {
          const ticks = before.ticks + chosen * pass.ticks
          if (ticks > target + longest) break
          if (++lookedAt > MOST_LOOKED_AT) return { orders: [], isCut: true }
          const cost =
            before.cost +
            Math.abs(chosen - pass.times) * pass.change +
            (chosen === 0 && pass.times > 0 ? pass.leaveOut : 0)
          keep(next, { ticks, cost, chosen, before })
        }
      }
    }
    reached = next
  }
  const exact = reached.get(target) ?? []
  const found = exact.length > 0 ? exact : nearest(reached, target)
  return {
    orders: found
      .map((one) => ({ times: timesOf(one, passes.length), ticks: one.ticks, cost: one.cost }))
      .sort((a, b) => a.cost - b.cost),
    isCut: false,
  }
}

function keep(into: Map<number, Partial_[]>, one: Partial_): void {
  const known = into.get(one.ticks)
  if (!known) return void into.set(one.ticks, [one])
  if (known.length === KEPT && known.at(-1)!.cost <= one.cost) return
  const at = known.findIndex(({ cost }) => cost > one.cost)
  known.splice(at < 0 ? known.length : at, 0, one)
  if (known.length > KEPT) known.pop()
}

function nearest(reached: ReadonlyMap<number, readonly Partial_[]>, target: number): Partial_[] {
  const lengths = [...reached.keys()].filter((ticks) => ticks > 0)
  const below = Math.max(-1, ...lengths.filter((ticks) => ticks < target))
  const above = Math.min(Infinity, ...lengths.filter((ticks) => ticks > target))
  return [below, above].flatMap((ticks) => reached.get(ticks)?.slice(0, 2) ?? [])
}

function timesOf(last: Partial_, count: number): number[] {
  const times: number[] = []
  for (let at: Partial_ | null = last; at && times.length < count; at = at.before)
    times.unshift(at.chosen)
  return times
}
