// npm run bench [-- core|floor|season|shelf|web]: prints milliseconds and the ratio to a calibration loop. Nothing
// here passes or fails.
import { calibrationMs, report } from './calibrate.ts'
import { measureCore } from './core.ts'
import { measureFloor } from './floor.ts'
import { measureSeason } from './season.ts'
import { measureShelf } from './shelf.ts'
import { measureWeb } from './web.ts'

const only = process.argv[2]
const calibration = calibrationMs()
const wants = (part: string): boolean => only === undefined || only === part
if (wants('core')) report(measureCore(), calibration)
if (wants('floor')) report(measureFloor(), calibration)
if (wants('season')) report(measureSeason(), calibration)
if (wants('shelf')) report(await measureShelf(), calibration)
if (wants('web')) report(await measureWeb(), calibration)
