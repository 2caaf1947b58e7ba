import type Router from '@koa/router'
import { HttpProblem } from '../http/problem.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { allPractice, keepPractice, removePractice } from './service.ts'

export function practiceRoutes(router: Router, services: Services): void {
  serve(router, 'listPractice', async ({ ctx }) => ({
    practice: await allPractice(
      services,
      typeof ctx.query['sheet'] === 'string' ? ctx.query['sheet'] : null,
    ),
  }))
  serve(router, 'putPractice', async ({ params, body: { practice } }) => {
    if (practice.id !== params['id'])
      throw new HttpProblem(
        'input.invalid',
        `The id was expected to be "${params['id']}".`,
        'practice.id',
      )
    await keepPractice(services, practice)
    return { id: practice.id }
  })
  serve(router, 'removePractice', ({ params, once }) =>
    removePractice(services, params['id']!, once),
  )
}
