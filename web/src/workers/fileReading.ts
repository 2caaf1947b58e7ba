import { words } from '../words/index.ts'
import type { FileMessage, FileRequest } from './file.worker.ts'

/**
 * Reads a file and its SHA-256 in a worker: tens of megabytes would hold up the page. Rejects with
 * a sentence.
 */
function inWorker(request: FileRequest): Promise<FileMessage & { readonly hash: string }> {
  const worker = new Worker(new URL('./file.worker.ts', import.meta.url), { type: 'module' })
  return new Promise<FileMessage & { readonly hash: string }>((resolve, reject) => {
    const failed = (): void => reject(new Error(words.tunes.notRead(request.file.name)))
    worker.onerror = failed
    worker.onmessage = ({ data: { hash, bytes } }: MessageEvent<FileMessage>) =>
      hash === null ? failed() : resolve({ hash, bytes })
    worker.postMessage(request)
  }).finally(() => worker.terminate())
}

/** SHA-256 of a file, in hex. */
export const hashOf = async (file: File): Promise<string> =>
  (await inWorker({ file, wantsBytes: false })).hash

export async function readFile(
  file: File,
): Promise<{ readonly hash: string; readonly bytes: ArrayBuffer }> {
  const { hash, bytes } = await inWorker({ file, wantsBytes: true })
  return { hash, bytes: bytes! }
}
