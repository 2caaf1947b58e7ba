/** What a sound file is, by its first bytes; null when it is none that Dellop knows. */
export function soundType(
  head: Buffer,
): { readonly extension: string; readonly type: string } | null {
  const ascii = head.toString('latin1')
  if (ascii.startsWith('RIFF') && ascii.slice(8, 12) === 'WAVE')
    return { extension: 'wav', type: 'audio/wav' }
  if (ascii.startsWith('fLaC')) return { extension: 'flac', type: 'audio/flac' }
  if (ascii.startsWith('OggS')) return { extension: 'ogg', type: 'audio/ogg' }
  if (ascii.startsWith('ID3') || (head[0] === 0xff && (head[1]! & 0xe6) === 0xe2))
    return { extension: 'mp3', type: 'audio/mpeg' }
  // What a browser records: Opus in WebM.
  if (ascii.startsWith('\x1aE\xdf\xa3')) return { extension: 'webm', type: 'audio/webm' }
  if (ascii.slice(4, 8) === 'ftyp') return { extension: 'm4a', type: 'audio/mp4' }
  return null
}
