import type Router from '@koa/router'
import type { DemoState } from '@dellop/wire'
import { serve } from '../http/route.ts'
import { refusal } from '../http/problem.ts'
import type { Services } from '../services.ts'
import { fillDemo, mayFill } from './fill.ts'

/**
 * The demo at a word: filled in behind the answer, as the band takes its time to play; the page asks
 * how far it is.
 */
export function demoRoutes(router: Router, services: Services): void {
  let state: DemoState = { state: 'idle', done: 0, of: 0 }
  const fill = async (): Promise<void> => {
    try {
      await fillDemo(services, (done, of) => (state = { state: 'filling', done, of }))
      state = { ...state, state: 'idle' }
    } catch (error) {
      services.log.write({ level: 'error', what: 'demo', error: (error as Error).message })
      state = { ...state, state: 'failed' }
    }
  }
  serve(router, 'demoState', () => state)
  serve(router, 'fillDemo', async () => {
    if (state.state === 'filling') return state
    if (!(await mayFill(services))) throw refusal('exists', 'demo.stays-out', {})
    state = { state: 'filling', done: 0, of: 0 }
    void fill()
    return state
  })
}
