import type { Finding, Repair } from '@dellop/core/check'
import type { Sheet, SheetInput } from '@dellop/core/sheet'
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue'
import { browserTimers, type Timers } from '../app/timers.ts'
import { words } from '../words/index.ts'
import type { RepairMessage, RepairRequest } from '../workers/repair.worker.ts'

/** Nothing is searched until nothing has been typed for so long. */
const QUIET_MS = 300
/** A page that stands still for so long has its worker warmed, so that the first search is quick. */
const WARM_MS = 2000
/** As much of a worker as is needed. */
export type RepairWorker = Pick<Worker, 'postMessage' | 'terminate' | 'onmessage' | 'onerror'>

/**
 * Repairs of what is to be put right, searched beside the page while it stands still. What is
 * being searched has none yet, so that nothing is taken that is gone a moment later; where none is
 * found, or the search fails, a finding's own are offered.
 */
export function useRepairs(
  sheet: Readonly<Ref<Sheet | null>>,
  inputOf: (sheet: Sheet) => SheetInput,
  start: () => RepairWorker,
  timers: Timers = browserTimers,
) {
  const found = shallowRef<ReadonlyMap<string, readonly Repair[]>>(new Map())
  /** What is searched for and has no answer yet. */
  const awaited = shallowRef<ReadonlySet<string>>(new Set())
  let worker: RepairWorker | null = null
  let number = 0
  let sent: Partial<SheetInput> = {}
  let callOff = (): void => undefined

  function begun(): RepairWorker {
    const one = start()
    one.onmessage = ({ data }: MessageEvent<RepairMessage>) => {
      if (data.number !== number) return
      found.value = new Map(found.value).set(keyOf(data), data.repairs)
      awaited.value = new Set([...awaited.value].filter((key) => key !== keyOf(data)))
    }
    one.onerror = () => {
      // The next search begins with a new one.
      one.terminate()
      worker = null
      awaited.value = new Set()
    }
    return one
  }
  /** Sends the worker what has changed; it gives up what it was sent before. */
  function search(now: Sheet): void {
    if (!worker) sent = {}
    worker ??= begun()
    const input = inputOf(now)
    const changed = Object.fromEntries(
      Object.entries(input).filter(([key, value]) => sent[key as keyof SheetInput] !== value),
    )
    sent = input
    const request: RepairRequest = { number: ++number, changed }
    worker.postMessage(request)
  }

  watch(
    sheet,
    (now) => {
      callOff()
      callOff = (): void => undefined
      // What was asked before is of no use any more, and is not heard.
      number++
      found.value = new Map()
      awaited.value = new Set(now?.findings.filter(isWrong).map(keyOf))
      if (now && awaited.value.size > 0) callOff = timers.after(QUIET_MS, () => search(now))
      else if (now && !worker) callOff = timers.after(WARM_MS, () => search(now))
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    callOff()
    worker?.terminate()
  })

  /** Whether better repairs of a finding are still being looked for. */
  const isSearching = (finding: Finding): boolean => awaited.value.has(keyOf(finding))

  /**
   * The repairs of a finding, best first, each label once; none while they are searched. Only those
   * stay that add nothing else to put right.
   */
  function repairsOf(finding: Finding): readonly Repair[] {
    if (isSearching(finding)) return []
    const searched = found.value.get(keyOf(finding)) ?? []
    const all = searched.some(({ code }) => code !== 'accept') ? searched : finding.repairs
    const labels = all.map((repair) => words.finding.repair(repair))
    return all.filter((_, i) => labels.indexOf(labels[i]!) === i)
  }
  return { repairsOf, isSearching }
}

const keyOf = ({ code, subject }: Pick<Finding, 'code' | 'subject'>): string => `${code} ${subject}`
const isWrong = ({ severity, overruled }: Sheet['findings'][number]): boolean =>
  severity !== 'note' && overruled === null
