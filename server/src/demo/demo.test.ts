import { cpSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { demoAbc, testServer, type TestServer } from '../testing/server.ts'
import { fillDemo } from './fill.ts'

const counted = async ({ ask }: TestServer) => [
  (await ask.get('/api/tunes')).body.tunes.length,
  (await ask.get('/api/groups')).body.groups.length,
  (await ask.get('/api/sheets')).body.sheets.length,
]
let house: TestServer
beforeEach(async () => (house = await testServer()))
afterEach(() => house.remove())

/** The demo with one short tune and three sheets. */
function shortDemo(): TestServer['services'] {
  const { demoFolder, dataFolder } = house.services
  const short = join(dataFolder, 'short')
  for (const folder of ['tunes', 'groups', 'sheets'])
    mkdirSync(join(short, folder), { recursive: true })
  writeFileSync(join(short, 'tunes/one.abc'), demoAbc().replace('P:IAABALAABAT', 'P:IAT'))
  cpSync(join(demoFolder, 'groups'), join(short, 'groups'), { recursive: true })
  for (const name of readdirSync(join(demoFolder, 'sheets')).slice(0, 3))
    cpSync(join(demoFolder, 'sheets', name), join(short, 'sheets', name))
  return { ...house.services, demoFolder: short }
}

describe('the demo', () => {
  it('is filled in at a word, says how far it is, and stays out where something is', async () => {
    expect((await house.ask.get('/api/demo')).body).toEqual({ state: 'idle', done: 0, of: 0 })
    let now = (await house.ask.post('/api/demo').send({}).expect(200)).body
    expect(now.state).toBe('filling')
    while (now.state === 'filling') {
      await new Promise((wait) => setTimeout(wait, 100))
      now = (await house.ask.get('/api/demo')).body
    }
    expect(now).toEqual({ state: 'idle', done: 23, of: 23 })
    expect(await counted(house)).toEqual([7, 1, 14])
    const { evenings } = (await house.ask.get('/api/evenings')).body
    const { entries } = (await house.ask.get('/api/logbook')).body
    // Twelve evenings behind it and one tonight, whose dances are all on the shelf.
    expect(evenings).toHaveLength(13)
    const today = new Date(house.services.nowMs()).toLocaleDateString('sv')
    expect(evenings.filter(({ date }: { date: string }) => date === today)).toHaveLength(1)
    expect(entries.length).toBeGreaterThan(80)
    const again = await house.ask.post('/api/demo').send({}).expect(409)
    expect(again.body.detail).toBe('There are sheets or tunes here already: the demo stays out.')
  })

  it('that broke off is gone on with, and nothing of it comes twice', async () => {
    const services = shortDemo()
    const breaksOff = fillDemo(services, (done) => {
      if (done === 3) throw new Error('switched off')
    })
    await expect(breaksOff).rejects.toThrow('switched off')
    expect(await counted(house)).toEqual([1, 1, 1])
    await fillDemo(services)
    expect(await counted(house)).toEqual([1, 1, 3])
  })

  it('leaves a furnished house alone', async () => {
    const services = shortDemo()
    await house.ask.post('/api/sheets').send({ title: 'My own', tuneId: null }).expect(200)
    await fillDemo(services)
    expect(await counted(house)).toEqual([0, 0, 1])
  })
})
