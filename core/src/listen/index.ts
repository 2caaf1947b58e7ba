export { listen, type Heard, type ListenOptions } from './listen.ts'
export { readWav, LONGEST_SECONDS, type Sound } from './readWav.ts'
export { beatHarmony } from './harmony.ts'
