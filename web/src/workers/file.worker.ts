/** A file to read, and whether its bytes are wanted or only what they come to. */
export interface FileRequest {
  readonly file: File
  readonly wantsBytes: boolean
}
export interface FileMessage {
  /** SHA-256 of the file, in hex; null when it could not be read. */
  readonly hash: string | null
  readonly bytes: ArrayBuffer | null
}

self.onmessage = async ({ data: { file, wantsBytes } }: MessageEvent<FileRequest>) => {
  try {
    const bytes = await file.arrayBuffer()
    const hash = [...new Uint8Array(await crypto.subtle.digest('SHA-256', bytes))]
      .map((byte) => byte.toString(16).padStart(2, '0'))
      .join('')
    const message: FileMessage = { hash, bytes: wantsBytes ? bytes : null }
    self.postMessage(message, { transfer: wantsBytes ? [bytes] : [] })
  } catch {
    self.postMessage({ hash: null, bytes: null } satisfies FileMessage)
  }
}
