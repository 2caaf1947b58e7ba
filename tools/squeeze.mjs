// Beside every text of the built web app, the same as Brotli and as gzip: squeezed once, sent many
// times.
import { readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'
import { root } from './setup.mjs'

const TEXTS = /\.(?:html|js|mjs|css|json|svg|webmanifest|txt)$/
/** Smaller files do not gain by it. */
const LEAST_BYTES = 1024
/** As small as most of it gets, in a fraction of the time of the last step. */
const QUALITY = 9

function squeeze(folder) {
  for (const name of readdirSync(folder)) {
    const path = join(folder, name)
    const stat = statSync(path)
    if (stat.isDirectory()) squeeze(path)
    else if (TEXTS.test(name) && stat.size >= LEAST_BYTES) {
      const bytes = readFileSync(path)
      const params = {
        [constants.BROTLI_PARAM_QUALITY]: QUALITY,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
      }
      writeFileSync(`${path}.br`, brotliCompressSync(bytes, { params }))
      writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }))
    } else if (/\.(?:br|gz)$/.test(name)) rmSync(path)
  }
}
squeeze(join(root, 'web/dist'))
