import type Router from '@koa/router'
import { HttpProblem } from '../http/problem.ts'
import { serve } from '../http/route.ts'
import type { Services } from '../services.ts'
import { allSchools, forgetSchool, keepSchool } from './service.ts'

export function schoolRoutes(router: Router, services: Services): void {
  serve(router, 'listSchools', async () => ({
    schools: await allSchools(services.database.source.manager),
  }))
  serve(router, 'putSchool', async ({ params, body: { school } }) => {
    if (school.id !== params['id'])
      throw new HttpProblem(
        'input.invalid',
        `The school's id was expected to be "${params['id']}".`,
        'school.id',
      )
    await keepSchool(services, school)
    return { school }
  })
  serve(router, 'removeSchool', async ({ params }) => {
    await forgetSchool(services, params['id']!)
    return { id: params['id']! }
  })
}
