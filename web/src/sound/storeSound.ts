import { mediaSchema, problemSchema } from '@dellop/wire'
import { ApiProblem } from '../app/api.ts'
import { words } from '../words/index.ts'

/** Sends a sound to the store of the server; answers the hash of its bytes. */
export async function storeSound(file: Blob, signal?: AbortSignal): Promise<string> {
  const response = await fetch('/api/media', {
    method: 'POST',
    headers: { 'Content-Type': 'application/octet-stream' },
    body: file,
    ...(signal ? { signal } : {}),
  })
  const json: unknown = await response.json().catch(() => null)
  if (!response.ok) {
    const problem = problemSchema.safeParse(json)
    throw new ApiProblem('media', problem.success ? problem.data.detail : words.trouble.server)
  }
  return mediaSchema.parse(json).hash
}
