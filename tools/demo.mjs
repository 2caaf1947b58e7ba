// npm run demo [-- --fresh]: the Saltmarsh Social in a data folder of its own.
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { serve } from './serve.mjs'
import { build, install, root } from './setup.mjs'

install()
build()
const data = process.env.DELLOP_DATA ?? join(root, 'demo-data')
if (process.argv.includes('--fresh')) rmSync(data, { recursive: true, force: true })
serve({ DELLOP_DATA: data, DELLOP_SEED: join(root, 'demo') })
