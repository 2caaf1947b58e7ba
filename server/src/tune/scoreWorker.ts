import { parentPort, workerData } from 'node:worker_threads'
import { playWritten, type WrittenMusic } from './playedScore.ts'

// Reads and plays one piece of written music, away from the server's own thread.
parentPort!.postMessage(playWritten(workerData as WrittenMusic))
