// Chromium for the browser tests, where it is missing: on its own, so that it can come while
// something else is done.
import { browser } from './setup.mjs'

browser()
