import { build, install } from './setup.mjs'

install()
build()
