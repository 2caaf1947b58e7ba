import type Router from '@koa/router'
import { refusal } from '../http/problem.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'

/** What the cuer's own page does with second screens. */
export function hallRoutes(router: Router, { hall }: Services): void {
  serve(router, 'hall', () => hall.status())
  serve(router, 'setHall', async ({ body: { address } }) => {
    await (address === null ? hall.switchOff() : hall.switchOn(address))
    return hall.status()
  })
  serve(router, 'newHallCode', ({ body: { right } }) => hall.newCode(right))
  serve(router, 'hallNews', ({ body, ctx }) => {
    hall.tell(body)
    ctx.status = 204
  })
  serve(router, 'hallCommands', ({ ctx }) => hall.attachLectern(ctx))
  serve(router, 'removeHallScreen', ({ params }) => {
    if (!hall.removeScreen(params['id']!)) throw refusal('not-found', 'screen.none', {})
    return { id: params['id']! }
  })
}
