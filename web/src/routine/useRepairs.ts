import type { Finding, Repair } from '@dellop/core/check'
import type { Sheet, SheetInput } from '@dellop/core/sheet'
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue'
import { browserTimers, type Timers } from '../app/timers.ts'
import { words } from '../words/index.ts'
import type { RepairMessage, RepairRequest } from '../workers/repair.worker.ts'

/** Nothing is searched until nothing has been typed for so long. */
const QUIET_MS = 300
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
  let callOff = (): void => undefined

  const end = (): void => {
    callOff()
    worker?.terminate()
    worker = null
  }

  function search(now: Sheet): void {
    worker ??= start()
    const asked = ++number
    worker.onmessage = ({ data }: MessageEvent<RepairMessage>) => {
      if (data.number !== asked) return
      found.value = new Map(found.value).set(keyOf(data), data.repairs)
      awaited.value = new Set([...awaited.value].filter((key) => key !== keyOf(data)))
    }
    worker.onerror = () => {
      awaited.value = new Set()
    }
    const request: RepairRequest = { number: asked, input: inputOf(now) }
    worker.postMessage(request)
  }

  watch(
    sheet,
    (now) => {
      // What was asked before is of no use any more: a search that goes on is given up.
      end()
      found.value = new Map()
      awaited.value = new Set(now?.findings.filter(isWrong).map(keyOf))
      if (now && awaited.value.size > 0) callOff = timers.after(QUIET_MS, () => search(now))
    },
    { immediate: true },
  )
  onScopeDispose(end)

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
