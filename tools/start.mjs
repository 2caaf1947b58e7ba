// npm start: your own data folder, ./data unless DELLOP_DATA names another.
import { join } from 'node:path'
import { serve } from './serve.mjs'
import { build, install, root } from './setup.mjs'

install()
build()
serve({ DELLOP_DATA: process.env.DELLOP_DATA ?? join(root, 'data') })
