import type { Finding, Repair } from '@dellop/core/check'
import { sharedWith } from '@dellop/core/document'
import { deriveSheet, searchRepairs, sheetCache, type SheetInput } from '@dellop/core/sheet'

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
  for (const finding of sheet.findings) {
    if (finding.severity === 'note' || finding.overruled !== null) continue
    await afterMessages()
    if (number !== newest) return
    const { code, subject } = finding
    const message: RepairMessage = { number, code, subject, repairs: searchRepairs(sheet, finding) }
    self.postMessage(message)
  }
}

const channel = new MessageChannel()
/** Once what has arrived meanwhile has been heard; sooner than a timer. */
function afterMessages(): Promise<void> {
  return new Promise((resolve) => {
    channel.port1.onmessage = () => resolve()
    channel.port2.postMessage(null)
  })
}
