import { upgrader } from '../document/index.ts'

/** Brings a school written by an earlier Dellop up to this one's form. There has been one version. */
export const upgradeSchool = upgrader('dellop-school', [])
