import type { Finding, Repair } from '@dellop/core/check'
import { deriveSheet, searchRepairs, type SheetInput } from '@dellop/core/sheet'

/** A sheet whose findings are to be put right; answers bear the number of what asked. */
export interface RepairRequest {
  readonly number: number
  readonly input: SheetInput
}
export interface RepairMessage extends Pick<Finding, 'code' | 'subject'> {
  readonly number: number
  readonly repairs: readonly Repair[]
}

self.onmessage = ({ data: { number, input } }: MessageEvent<RepairRequest>): void => {
  const sheet = deriveSheet(input)
  for (const finding of sheet.findings) {
    if (finding.severity === 'note' || finding.overruled !== null) continue
    const { code, subject } = finding
    const message: RepairMessage = { number, code, subject, repairs: searchRepairs(sheet, finding) }
    self.postMessage(message)
  }
}
