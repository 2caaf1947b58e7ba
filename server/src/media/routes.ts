import type Router from '@koa/router'
import type { Services } from '../services.ts'
import { HttpProblem, refusal } from '../http/problem.ts'
import { serve, sizeText } from '../http/route.ts'
import { MEDIA_LIMIT_BYTES } from '@dellop/wire'
import { sendWithRange } from './range.ts'
import { addMedia, findMedia, keepPeaks, readPeaks } from './service.ts'
import { mediaPath } from './store.ts'

export function mediaRoutes(router: Router, services: Services): void {
  serve(router, 'putMedia', async ({ ctx }) => {
    const length = Number(ctx.get('Content-Length') || 0)
    if (length > MEDIA_LIMIT_BYTES)
      throw refusal('input.too-large', 'sound.larger', {
        most: sizeText(MEDIA_LIMIT_BYTES),
        has: sizeText(length),
      })
    if (!ctx.is('application/octet-stream'))
      throw new HttpProblem('input.type', 'A sound is sent as application/octet-stream.')
    const { hash, type, bytes } = await addMedia(services, ctx.req)
    return { hash, type, bytes }
  })
  serve(router, 'getPeaks', async ({ params }) => ({
    peaks: await readPeaks(services, params['hash']!),
  }))
  serve(router, 'putPeaks', async ({ params, body }) => {
    const { hash } = await findMedia(services, params['hash']!)
    await keepPeaks(services, hash, body.peaks)
    return body
  })
  serve(router, 'getMedia', async ({ params, ctx }) => {
    const media = await findMedia(services, params['hash']!)
    ctx.set('Cache-Control', 'public, max-age=31536000, immutable')
    await sendWithRange(ctx, mediaPath(services.dataFolder, media), media.type)
  })
}
