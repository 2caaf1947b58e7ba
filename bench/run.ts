// npm run bench [-- core|web]: prints milliseconds and the ratio to a calibration loop. Nothing
// here passes or fails.
import { calibrationMs, report } from './calibrate.ts'
import { measureCore } from './core.ts'
import { measureWeb } from './web.ts'

const only = process.argv[2]
const calibration = calibrationMs()
if (only !== 'web') report(measureCore(), calibration)
if (only !== 'core') report(await measureWeb(), calibration)
