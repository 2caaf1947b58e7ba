import { faultsOf, SyncWorld, WORLD_SHAPE, type WorldDoc } from '../testing/syncWorld.ts'
import type { Conflict } from './merge.ts'
import {
  conflictsOf,
  documentHere,
  openSync,
  RETRY_MS,
  SAVE_AFTER_MS,
  syncStep,
  type SyncEffect,
  type SyncEvent,
  type SyncState,
} from './sync.ts'

const RUNS = 2000
const RUNS_A_TEST = 100
const ACTS = 30

describe('two pages on one document: typing, lost and reordered answers, refusals, reloads', () => {
  const starts = Array.from({ length: RUNS / RUNS_A_TEST }, (_, i) => i * RUNS_A_TEST)
  it.each(starts)('end equal and lose nothing unseen, seeds from %i on', (start) => {
    for (let seed = start; seed < start + RUNS_A_TEST; seed++) {
      const world = new SyncWorld(seed)
      world.live(ACTS)
      const faults = faultsOf(world)
      if (faults.length > 0)
        throw new Error(`seed ${seed}: ${faults.join('; ')}\n${world.log.join('\n')}`)
    }
  })
})

const doc: WorldDoc = { id: 'doc', title: 'one', parts: [] }
const titled = (title: string): WorldDoc => ({ ...doc, title })
const at = (title: string, revision: number) => ({ document: titled(title), revision })

/** A document that is driven event by event, with all that was to be done. */
function page(server = at('one', 1)) {
  const opened = openSync(WORLD_SHAPE, server, [])
  let state: SyncState<WorldDoc> = opened.state
  const effects: SyncEffect<WorldDoc>[] = [...opened.effects]
  const happen = (event: SyncEvent<WorldDoc>): void => {
    const step = syncStep(WORLD_SHAPE, state, event)
    state = step.state
    effects.push(...step.effects)
  }
  let batches = 0
  return {
    happen,
    effects,
    state: () => state,
    title: () => documentHere(state).title,
    type: (title: string) => happen({ type: 'edited', document: titled(title) }),
    due: () => happen({ type: 'due', clientId: 'me', batchId: String(++batches) }),
    answer: (title: string, revision: number, conflicts: readonly Conflict[] = []) =>
      happen({ type: 'answered', answer: { ...at(title, revision), conflicts } }),
    last: () => effects.at(-1)!,
    kept: () => effects.filter((one) => one.type === 'keep').at(-1)!.draft,
  }
}

describe('a document that is typed in', () => {
  it('is kept at once, sent when the typing rests, and clean when it is answered', () => {
    const one = page()
    one.type('two')
    expect(one.state().state).toBe('dirty')
    expect(one.kept()).toMatchObject({ base: titled('one'), document: titled('two'), revision: 1 })
    expect(one.last()).toEqual({ type: 'wait', ms: SAVE_AFTER_MS })
    one.due()
    expect(one.last()).toMatchObject({ type: 'send', batch: { base: 1, batchId: '1' } })
    one.answer('two', 2)
    expect(one.state()).toMatchObject({ state: 'clean', server: { revision: 2 } })
    expect(one.kept()).toBeNull()
    expect(one.effects).toContainEqual({ type: 'tell', saved: at('two', 2) })
  })

  it('goes on while a batch is on its way, and what was typed then is sent next', () => {
    const one = page()
    one.type('two')
    one.due()
    one.type('three')
    expect(one.state().state).toBe('sending')
    one.answer('two', 2)
    expect([one.state().state, one.title(), one.last()]).toEqual([
      'dirty',
      'three',
      { type: 'wait', ms: 0 },
    ])
  })

  it('tells a conflict that comes of merging the answer with what was typed meanwhile', () => {
    const one = page()
    one.type('two')
    one.due()
    one.type('three')
    // Somebody else had written “theirs” into the field: the server keeps that.
    one.answer('theirs', 3, [
      { type: 'field', id: '', field: 'title', kept: 'theirs', mine: 'two' },
    ])
    expect(one.title()).toBe('theirs')
    expect(conflictsOf(one.state())).toContainEqual({
      type: 'field',
      id: '',
      field: 'title',
      kept: 'theirs',
      mine: 'three',
    })
    expect(one.state().state).toBe('conflict')
    expect(one.kept()?.conflicts).toHaveLength(2)
  })

  it('that comes back to what it was needs nothing sent', () => {
    const one = page()
    one.type('two')
    one.type('one')
    one.due()
    expect(one.state().state).toBe('clean')
    expect(one.effects.some(({ type }) => type === 'send')).toBe(false)
  })
})

describe('a batch that nobody answers', () => {
  it('is sent again as it is, ever more slowly, until it is answered', () => {
    const one = page()
    one.type('two')
    one.due()
    for (let tries = 0; tries < 6; tries++) {
      one.happen({ type: 'unreachable' })
      expect(one.last()).toEqual({ type: 'wait', ms: RETRY_MS[Math.min(tries, 3)] })
      one.type(`more ${tries}`)
      expect(one.state().state).toBe('offline')
      one.due()
      expect(one.last()).toMatchObject({ type: 'send', batch: { batchId: '1' } })
    }
    one.answer('two', 2)
    expect([one.title(), one.state().state]).toEqual(['more 5', 'dirty'])
  })

  it('is not mixed with what is read meanwhile, and what was missed is read after it', () => {
    const one = page()
    one.type('two')
    one.due()
    one.happen({ type: 'unreachable' })
    one.happen({ type: 'changed', revision: 5 })
    one.happen({ type: 'read', now: at('much later', 5) })
    expect([one.title(), one.state().state]).toEqual(['two', 'offline'])
    one.happen({ type: 'online' })
    one.due()
    one.answer('two', 2)
    expect(one.last()).toEqual({ type: 'read' })
  })
})

describe('what others do', () => {
  it('is read where nothing is unsent, and merged under what is', () => {
    const one = page()
    one.happen({ type: 'changed', revision: 2 })
    expect(one.last()).toEqual({ type: 'read' })
    one.happen({ type: 'read', now: at('theirs', 2) })
    expect([one.state().state, one.title()]).toEqual(['clean', 'theirs'])
    one.type('mine')
    one.happen({ type: 'read', now: at('theirs again', 3) })
    expect(conflictsOf(one.state())).toMatchObject([{ kept: 'theirs again', mine: 'mine' }])
  })

  it('that is old news is no news', () => {
    const one = page(at('one', 4))
    const before = one.state()
    one.happen({ type: 'changed', revision: 4 })
    one.happen({ type: 'read', now: at('old', 3) })
    expect(one.state()).toBe(before)
  })
})

describe('a batch that is refused', () => {
  it('is kept here with the reason, and sent again only once something is typed', () => {
    const one = page()
    one.type('two')
    one.due()
    one.happen({ type: 'refused', problem: { code: 'input.invalid', params: {}, message: 'No.' } })
    expect(one.state()).toMatchObject({ state: 'refused', problem: { message: 'No.' } })
    one.due()
    expect(one.state().state).toBe('refused')
    one.happen({ type: 'read', now: at('one', 2) })
    expect([one.title(), one.state().state]).toEqual(['two', 'refused'])
    one.type('three')
    one.due()
    expect(one.last()).toMatchObject({ type: 'send', batch: { base: 2, batchId: '3' } })
  })
})

describe('a page that is opened again', () => {
  it('has what two pages left, and what could not be merged beside it', () => {
    const draft = (title: string) => ({
      base: titled('one'),
      revision: 1,
      document: titled(title),
      conflicts: [],
    })
    const { state, effects } = openSync(WORLD_SHAPE, at('one', 1), [draft('left'), draft('right')])
    expect(documentHere(state).title).toBe('left')
    expect(conflictsOf(state)).toMatchObject([{ kept: 'left', mine: 'right' }])
    expect(effects.at(-1)).toEqual({ type: 'wait', ms: 0 })
  })

  it('has conflicts that nobody has answered, until they are', () => {
    const conflicts: Conflict[] = [
      { type: 'moved', id: 'a' },
      { type: 'moved', id: 'b' },
    ]
    const clean = { base: titled('one'), revision: 1, document: titled('one'), conflicts }
    let { state } = openSync(WORLD_SHAPE, at('one', 1), [clean])
    expect(state.state).toBe('conflict')
    state = syncStep(WORLD_SHAPE, state, { type: 'settled', index: 0 }).state
    expect(conflictsOf(state)).toEqual([{ type: 'moved', id: 'b' }])
    state = syncStep(WORLD_SHAPE, state, { type: 'settled', index: 0 }).state
    expect(state.state).toBe('clean')
  })
})
