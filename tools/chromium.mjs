import { existsSync } from 'node:fs'

/**
 * Debian's Chromium: the shell without windows first, which does the same pages in three quarters
 * of the time; else the whole browser.
 */
export const CHROMIUMS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium']

/** The one to use: what the variable CHROMIUM names, or the first that is there. */
export const chromiumPath = () =>
  process.env.CHROMIUM ?? CHROMIUMS.find((path) => existsSync(path)) ?? CHROMIUMS[0]
