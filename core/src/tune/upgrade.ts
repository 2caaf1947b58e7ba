import { upgrader } from '../document/index.ts'

/** Brings a tune written by an earlier Dellop up to this one's form. There has been one version. */
export const upgradeTune = upgrader('dellop-tune', [])
