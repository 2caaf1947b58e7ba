import { child, children, type XmlNode } from './xml.ts'

/**
 * The order in which written bars are played: what lies between repeat signs twice (or as often as
 * the sign says), first and second endings each in their turn. Indices of `measures`.
 */
export function playedOrder(measures: readonly XmlNode[]): number[] {
  const order: number[] = []
  let from = 0
  let time = 1
  // A file whose signs contradict each other must not go round for ever.
  const most = measures.length * 12
  for (let i = 0; i < measures.length && order.length < most; i++) {
    const bars = children(measures[i]!, 'barline')
    if (
      bars.some((bar) => child(bar, 'repeat')?.attributes['direction'] === 'forward') &&
      from !== i
    ) {
      from = i
      time = 1
    }
    const endings = endingAt(measures, i)
    if (endings && !endings.includes(time)) continue
    order.push(i)
    const back = bars
      .map((bar) => child(bar, 'repeat'))
      .find((repeat) => repeat?.attributes['direction'] === 'backward')
    if (!back) continue
    const times = Math.min(8, Math.max(2, Number(back.attributes['times'] ?? 2) || 2))
    if (time < times) {
      time++
      i = from - 1
    } else {
      time = 1
      from = i + 1
    }
  }
  return order
}

/** The times an ending that holds this bar is played, or null outside of endings. */
function endingAt(measures: readonly XmlNode[], index: number): number[] | null {
  for (let i = index; i >= 0; i--) {
    const marks = children(measures[i]!, 'barline').flatMap((bar) => children(bar, 'ending'))
    const start = marks.find((mark) => mark.attributes['type'] === 'start')
    if (start) return (start.attributes['number'] ?? '1').split(/[ ,]+/).map(Number)
    if (
      i < index &&
      marks.some(
        (mark) => mark.attributes['type'] === 'stop' || mark.attributes['type'] === 'discontinue',
      )
    )
      return null
  }
  return null
}
