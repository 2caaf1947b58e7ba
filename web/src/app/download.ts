import { browserTimers } from './timers.ts'

/** So long the browser may take to begin with it. */
const KEPT_MS = 10_000

/** Takes a file from an address of the server. */
export function follow(address: string): void {
  const link = document.createElement('a')
  link.href = address
  link.download = ''
  link.click()
}

/** Hands a file to the browser to be kept. */
export function download(name: string, type: string, content: string | Uint8Array): void {
  const url = URL.createObjectURL(new Blob([content as BlobPart], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  browserTimers.after(KEPT_MS, () => URL.revokeObjectURL(url))
}
