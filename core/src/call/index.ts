export { newCall, stepCall, musicAt, settle, isMoving, LEAST_SPEED, MOST_SPEED, type Call, type CallEvent } from './call.ts'
export { prepareCall, cuesDue, musicOfTick, tickOfMusic, type Cue, type PreparedCall } from './prepare.ts'
export { approachAt, lecternAt, stopsOf, stopBefore, stopAfter, type LecternMoment } from './moment.ts'
export { delayFromTaps, LEAST_TAPS, type DelayMeasure } from './delay.ts'
