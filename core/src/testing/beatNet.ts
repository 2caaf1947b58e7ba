import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expectOk } from '../document/index.ts'
import { readBeatNet } from '../listen/index.ts'

const path = join(__dirname, '../../assets/beats.net')

/** The net that ships. */
export const shippedNet = () => expectOk(readBeatNet(new Uint8Array(readFileSync(path))))
