import type { FillAnswer } from '@dellop/core/evening'
import type { FillMessage, FillRequest } from './fill.worker.ts'

/** Searches programmes in a worker; `signal` stops it at once. */
export function fillInWorker(
  request: FillRequest,
  signal: AbortSignal,
  progress: (share: number) => void,
): Promise<FillAnswer> {
  const worker = new Worker(new URL('./fill.worker.ts', import.meta.url), { type: 'module' })
  return new Promise<FillAnswer>((resolve, reject) => {
    signal.addEventListener('abort', () => {
      worker.terminate()
      reject(new DOMException('stopped', 'AbortError'))
    })
    worker.onerror = (event) => {
      worker.terminate()
      reject(new Error(event.message))
    }
    worker.onmessage = ({ data }: MessageEvent<FillMessage>) => {
      if (data.type === 'progress') return progress(data.share)
      worker.terminate()
      resolve(data.answer)
    }
    worker.postMessage(request)
  })
}
