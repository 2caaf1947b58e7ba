import { Worker } from 'node:worker_threads'
import { HttpProblem, orProblem } from '../http/problem.ts'
import { playWritten, type PlayedScore, type WrittenMusic } from './playedScore.ts'

/** Reads and plays written music; refuses with a sentence what cannot be. */
export type MusicReader = (music: WrittenMusic) => Promise<PlayedScore>

/** So long may it take once the worker has begun, and so much memory. */
const MOST_MS = 20_000
const MOST_MEGABYTES = 512

type Answer = ReturnType<typeof playWritten>

/** What the worker says: that it is ready to read, then what it read. */
export type ReaderSays = 'begun' | Answer

const refusal = (sentence: string): HttpProblem => new HttpProblem('input.invalid', sentence)

function playedOf(answer: Answer): PlayedScore {
  if ('tooLong' in answer) throw refusal(answer.tooLong)
  return orProblem(answer)
}

/** In this thread: for small music, and for tests. */
export const readHere: MusicReader = (music) =>
  Promise.resolve().then(() => playedOf(playWritten(music)))

/**
 * In a worker of its own, so that everybody else is answered meanwhile; it is stopped from outside
 * where it takes too long or too much.
 *
 * @param script Of the worker.
 */
export const readInWorker =
  (script: URL): MusicReader =>
  (music) =>
    new Promise<PlayedScore>((resolve, reject) => {
      const worker = new Worker(script, {
        workerData: music,
        resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
      })
      let timer: NodeJS.Timeout | null = null
      const end = (settle: () => void): void => {
        if (timer) clearTimeout(timer)
        worker.removeAllListeners()
        // What is still said of its end is heard by nobody.
        worker.on('error', () => undefined)
        void worker.terminate()
        settle()
      }
      const tooLong = (): void =>
        end(() =>
          reject(
            refusal(
              `This could not be read within ${MOST_MS / 1000} seconds; a plainer file was expected.`,
            ),
          ),
        )
      worker.on('message', (said: ReaderSays) => {
        // Until its modules are loaded the machine is slow, not the file.
        if (said === 'begun') timer = setTimeout(tooLong, MOST_MS)
        else
          end(() => {
            try {
              resolve(playedOf(said))
            } catch (error) {
              reject(error as Error)
            }
          })
      })
      worker.on('error', (error: Error & { code?: string }) =>
        end(() =>
          reject(
            refusal(
              error.code === 'ERR_WORKER_OUT_OF_MEMORY'
                ? `This took more than ${MOST_MEGABYTES} MB to read; a smaller file was expected.`
                : 'This could not be read: music written plainly was expected.',
            ),
          ),
        ),
      )
    })
