import { parentPort, workerData } from 'node:worker_threads'
import type { ReaderSays } from './musicReader.ts'
import { playWritten, type WrittenMusic } from './playedScore.ts'

// Reads and plays one piece of written music, away from the server's own thread.
const say = (said: ReaderSays): void => parentPort!.postMessage(said)

say('begun')
say(playWritten(workerData as WrittenMusic))
