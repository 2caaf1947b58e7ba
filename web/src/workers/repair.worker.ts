import type { Finding, Repair } from '@dellop/core/check'
import { applyEdits, sharedWith } from '@dellop/core/document'
import { mirrorSlots, routineShape } from '@dellop/core/routine'
import {
  deriveSheet,
  searchRepairs,
  sheetCache,
  type ListedFinding,
  type Sheet,
  type SheetInput,
} from '@dellop/core/sheet'

/**
 * A sheet whose findings are to be put right; answers bear the number of what asked. Of what it is
 * derived from only that is sent which has changed since the request before.
 */
export interface RepairRequest {
  readonly number: number
  readonly changed: Partial<SheetInput>
}
export interface RepairMessage extends Pick<Finding, 'code' | 'subject'> {
  readonly number: number
  readonly repairs: readonly Repair[]
}

/** The newest that was asked: what was asked before it is given up between two findings. */
let newest = 0
let known = {} as SheetInput
const cache = sheetCache()

self.onmessage = async ({
  data: { number, changed },
}: MessageEvent<RepairRequest>): Promise<void> => {
  newest = number
  known = { ...known, ...sharedWith(known, changed) }
  const sheet = deriveSheet(known, cache)
  const wrong = wrongIn(sheet)
  if (wrong.length === 0) practise(known)
  for (const finding of wrong) {
    await afterMessages()
    if (number !== newest) return
    const { code, subject } = finding
    const message: RepairMessage = { number, code, subject, repairs: searchRepairs(sheet, finding) }
    self.postMessage(message)
  }
}

const wrongIn = ({ findings }: Sheet): readonly ListedFinding[] =>
  findings.filter(({ severity, overruled }) => severity !== 'note' && overruled === null)

let hasPractised = false
/**
 * What a browser runs for the first time it runs slowly. While there is nothing to search, the
 * search is run once for a slip that nobody made, so that the first real one is quick.
 */
function practise(input: SheetInput): void {
  const slots = input.routine.parts
    .flatMap((part) => part.slots)
    .filter(({ content }) => content.type === 'figure')
  const slot = slots[slots.length >> 1]
  if (hasPractised || !slot) return
  hasPractised = true
  const slipped = applyEdits(routineShape, input.routine, mirrorSlots([slot]))
  if (!slipped.ok) return
  const sheet = deriveSheet({ ...input, routine: slipped.value })
  for (const finding of wrongIn(sheet).slice(0, 2)) searchRepairs(sheet, finding)
}

const channel = new MessageChannel()
/** Once what has arrived meanwhile has been heard; sooner than a timer. */
function afterMessages(): Promise<void> {
  return new Promise((resolve) => {
    channel.port1.onmessage = () => resolve()
    channel.port2.postMessage(null)
  })
}
