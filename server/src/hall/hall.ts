import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { networkInterfaces } from 'node:os'
import type { HallCode, HallNews, HallRight, HallStatus } from '@dellop/wire'
import type { Context } from 'koa'
import { refusal } from '../http/problem.ts'
import { hallApp, type HallOptions } from './listener.ts'
import type { HallFile } from './keptHall.ts'
import { pairing } from './pairing.ts'
import { streams } from '../http/streams.ts'

/** So many streams one screen needs at most: a few tabs, and one that is just coming back. */
const MOST_STREAMS = 4

/**
 * Second screens on this network. Nothing listens until it is switched on, and what does serves the
 * screens alone.
 */
export interface Hall {
  readonly status: () => HallStatus
  readonly switchOn: (address: string) => Promise<void>
  readonly switchOff: () => Promise<void>
  readonly newCode: (right: HallRight) => HallCode
  readonly tell: (news: HallNews) => void
  /** The lectern listens here to what remotes press. */
  readonly attachLectern: (ctx: Context) => void
  readonly removeScreen: (id: string) => boolean
  /** Screens that were on when the server stopped are on again, where they were. */
  readonly comeBack: () => Promise<void>
  /** Stops listening; what was on is known at the next start. */
  readonly close: () => Promise<void>
}

export function openHall(options: HallOptions & { readonly file: HallFile }): Hall {
  const { file, nowMs, log } = options
  const before = file.read(nowMs())
  const pairs = pairing(nowMs, before?.screens, () => keep())
  const lecterns = streams()
  let screens = streams(MOST_STREAMS)
  let server: Server | null = null
  let address: string | null = null
  let switchedOnMs = before?.switchedOnMs ?? 0
  let last: HallNews | null = null

  const latest = (): readonly unknown[] =>
    last ? [...(last.programme ? [{ programme: last.programme }] : []), { place: last.place }] : []

  function keep(): void {
    try {
      if (address === null) return file.write(null)
      const { hostname, port } = new URL(address)
      file.write({
        address: hostname,
        port: Number(port),
        switchedOnMs,
        screens: [...pairs.screens()],
      })
    } catch (error) {
      // They go on as they are; only a server that is started anew does not know of them.
      log.write({ level: 'error', what: 'hall not kept', error: String(error) })
    }
  }

  async function stopListening(): Promise<void> {
    const closing = server
    server = address = null
    screens.end()
    screens = streams(MOST_STREAMS)
    if (!closing) return
    closing.closeAllConnections()
    await new Promise((resolve) => closing.close(resolve))
  }

  async function switchOff(): Promise<void> {
    await stopListening()
    pairs.clear()
  }

  async function switchOn(wanted: string): Promise<void> {
    if (!addresses().includes(wanted))
      throw refusal('input.invalid', 'address.other', { known: addresses().join(', ') }, 'address')
    await switchOff()
    await listenAt(wanted, 0)
    switchedOnMs = nowMs()
    keep()
  }

  async function listenAt(wanted: string, port: number): Promise<void> {
    const app = hallApp({
      ...options,
      pairing: pairs,
      screens,
      latest,
      press: (command) => lecterns.send({ command }),
    })
    const opened = createServer(app.callback())
    await new Promise<void>((resolve, reject) => {
      opened.once('error', reject)
      opened.listen(port, wanted, resolve)
    })
    server = opened
    address = `http://${wanted}:${(opened.address() as AddressInfo).port}`
    app.context['hallHost'] = new URL(address).host
  }

  return {
    status: () => ({
      address,
      addresses: addresses(),
      screens: pairs
        .screens()
        .map(({ id, right, sinceMs }) => ({ id, right, sinceMs, connected: screens.has(id) })),
    }),
    switchOn,
    switchOff,
    newCode: (right) => {
      if (address === null) throw refusal('input.invalid', 'screens.off', {})
      const { code, secret, expiresAtMs } = pairs.newCode(right)
      return {
        code,
        right,
        expiresAtMs,
        url: `${address}/${right === 'control' ? 'remote' : 'hall'}#${secret}`,
      }
    },
    tell: (news) => {
      const programme = news.programme ?? last?.programme
      last = { place: news.place, ...(programme ? { programme } : {}) }
      if (news.programme) screens.send({ programme: news.programme })
      screens.send({ place: news.place })
    },
    attachLectern: (ctx) => lecterns.attach(ctx, 'lectern'),
    removeScreen: (id) => {
      const isGone = pairs.remove(id)
      screens.end(id)
      return isGone
    },
    comeBack: async () => {
      if (!before || address !== null || !addresses().includes(before.address)) return
      try {
        await listenAt(before.address, before.port)
      } catch (error) {
        log.write({ level: 'error', what: 'hall not back', error: String(error) })
      }
    },
    close: async () => {
      lecterns.end()
      await stopListening()
      screens.end()
    },
  }
}

/** Addresses of this machine that others on its network can reach, and the one that only it can. */
function addresses(): string[] {
  const all = Object.values(networkInterfaces()).flatMap((list) => list ?? [])
  const reachable = all
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map((one) => one.address)
  return [...new Set([...reachable, '127.0.0.1'])]
}
