import {
  acceptEdits,
  applyEdits,
  conflictsOf,
  documentHere,
  expectOk,
  findNode,
  openSync,
  sameValue,
  syncStep,
  nodesOf,
  type Batch,
  type Conflict,
  type DocumentNode,
  type DocumentShape,
  type Draft,
  type Edit,
  type Revised,
  type SyncEffect,
  type SyncEvent,
  type SyncState,
} from '../document/index.ts'

/** A small document of the shape that sheets have. */
export interface WorldDoc {
  readonly id: string
  readonly title: string
  readonly parts: readonly WorldPart[]
}
interface WorldPart {
  readonly id: string
  readonly label: string
  readonly slots: readonly { readonly id: string; readonly name: string; readonly note: string }[]
}
export const WORLD_SHAPE: DocumentShape = {
  lists: { parts: { lists: { slots: { lists: {} } } } },
}
const EMPTY: WorldDoc = {
  id: 'doc',
  title: 'start',
  parts: [
    { id: 'A', label: 'a', slots: ['a1', 'a2', 'a3'].map(slot) },
    { id: 'B', label: 'b', slots: ['b1'].map(slot) },
  ],
}
function slot(id: string): WorldPart['slots'][number] {
  return { id, name: `${id}-name`, note: `${id}-note` }
}

/** Chance that comes out the same for a seed (mulberry32, T. Ettinger). Gives 0 to below 1. */
export function seededChance(seed: number): () => number {
  let a = seed >>> 0
  return () => {
    a = (a + 0x6d2b79f5) >>> 0
    let t = a
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** The server, as pages see it: batches by name, answers by name, a history of documents. */
class WorldServer {
  private readonly revisions: WorldDoc[] = [EMPTY]
  private readonly answers = new Map<
    string,
    Revised<WorldDoc> & { conflicts: readonly Conflict[] }
  >()

  now(): Revised<WorldDoc> {
    return { document: this.revisions.at(-1)!, revision: this.revisions.length - 1 }
  }

  take(batch: Batch): Revised<WorldDoc> & { conflicts: readonly Conflict[] } {
    const name = `${batch.clientId} ${batch.batchId}`
    const before = this.answers.get(name)
    if (before) return before
    const base = this.revisions[batch.base]!
    const accepted = expectOk(acceptEdits(WORLD_SHAPE, this.now(), base, batch.edits))
    this.revisions.push(accepted.document)
    const { document, revision, conflicts } = accepted
    const answer = { document, revision, conflicts }
    this.answers.set(name, answer)
    return answer
  }
}

/** One page: its state, its timer, what the browser keeps for it, and what a person typed on it. */
class WorldPage {
  state: SyncState<WorldDoc>
  draft: Draft<WorldDoc> | null = null
  timer: number | null = null
  batches = 0
  /** Words typed here that nobody who saw them has written over. */
  readonly words = new Set<string>()

  constructor(
    readonly name: string,
    private readonly world: SyncWorld,
  ) {
    this.state = openSync(WORLD_SHAPE, world.server.now(), []).state
  }

  dispatch(event: SyncEvent<WorldDoc>): void {
    const { state, effects } = syncStep(WORLD_SHAPE, this.state, event)
    this.state = state
    this.run(effects)
  }

  run(effects: readonly SyncEffect<WorldDoc>[]): void {
    for (const effect of effects) {
      if (effect.type === 'keep') this.draft = effect.draft
      else if (effect.type === 'wait') this.timer = this.world.time + effect.ms
      else if (effect.type === 'send') this.world.send(this, effect.batch)
      else if (effect.type === 'read') this.world.read(this)
    }
  }

  /** Closed and opened again: only what the browser kept is left. */
  reload(): void {
    this.timer = null
    const { state, effects } = openSync(
      WORLD_SHAPE,
      this.world.server.now(),
      this.draft ? [this.draft] : [],
    )
    this.state = state
    this.run(effects)
  }

  /** Whether a word is in the document here or beside it. */
  has(word: string): boolean {
    const inConflict = conflictsOf(this.state).some(
      (one) => one.type === 'field' && one.mine === word,
    )
    return inConflict || wordsIn(documentHere(this.state)).has(word)
  }
}

interface Message {
  readonly at: number
  readonly what: string
  readonly arrive: () => void
}

/** Two pages, one server, and a network that is slow, loses things and changes their order. */
export class SyncWorld {
  readonly server = new WorldServer()
  readonly pages: readonly WorldPage[]
  readonly log: string[] = []
  time = 0
  private calm = false
  private messages: Message[] = []
  private words = 0
  private readonly chance: () => number

  constructor(seed: number) {
    this.chance = seededChance(seed)
    this.pages = [new WorldPage('anna', this), new WorldPage('bert', this)]
  }

  /** Lives for so many random acts, then lets all come to rest with a network that works. */
  live(acts: number): void {
    for (let i = 0; i < acts; i++) {
      const page = this.pages[this.pick(2)]!
      const roll = this.chance()
      if (roll < 0.6) this.type(page)
      else if (roll < 0.66) this.reload(page)
      else if (roll < 0.72) this.happen(page, { type: 'online' })
      this.pass(this.pick(900))
    }
    this.calm = true
    for (let i = 0; i < 20; i++) this.pass(200)
    for (const page of this.pages) {
      // What was refused is sent again when the next thing is typed.
      while (page.state.state === 'refused') this.type(page)
      this.happen(page, { type: 'online' })
    }
    for (let i = 0; i < 400; i++) this.pass(200)
    for (const page of this.pages) this.happen(page, { type: 'online' })
    for (let i = 0; i < 50; i++) this.pass(200)
  }

  send(page: WorldPage, batch: Batch): void {
    const { state } = page
    const isHere = (): boolean => page.state === state || 'batch' in page.state
    const isStill = (): boolean =>
      isHere() && 'batch' in page.state && page.state.batch.batchId === batch.batchId
    const roll = this.calm ? 1 : this.chance()
    const lost = (): void => {
      if (isStill()) this.happen(page, { type: 'unreachable' })
    }
    if (roll < 0.15) return this.later('request lost', lost)
    if (roll < 0.2)
      return this.later('refused', () => {
        if (isStill())
          this.happen(page, {
            type: 'refused',
            problem: { code: 'no', params: {}, message: 'not now' },
          })
      })
    this.later(`batch ${page.name}`, () => {
      const answer = this.server.take(batch)
      for (const other of this.pages)
        if (other !== page && (this.calm || this.chance() > 0.3))
          this.later('news', () =>
            this.happen(other, { type: 'changed', revision: answer.revision }),
          )
      if (roll < 0.4) return this.later('answer lost', lost)
      this.later('answer', () => {
        if (isStill()) this.happen(page, { type: 'answered', answer })
      })
    })
  }

  read(page: WorldPage): void {
    if (!this.calm && this.chance() < 0.2) return
    this.later('read', () => {
      const now = this.server.now()
      this.later('as read', () => this.happen(page, { type: 'read', now }))
    })
  }

  private happen(page: WorldPage, event: SyncEvent<WorldDoc>): void {
    this.log.push(`${this.time} ${page.name} ${event.type} (${page.state.state})`)
    page.dispatch(event)
  }

  private reload(page: WorldPage): void {
    this.log.push(`${this.time} ${page.name} reload (${page.state.state})`)
    page.reload()
  }

  /** A person writes over what is seen, puts something in, moves it, or takes it out. */
  private type(page: WorldPage): void {
    const document = documentHere(page.state)
    const edits = this.anyEdit(page, document)
    const after = applyEdits(WORLD_SHAPE, document, edits)
    if (!after.ok) return
    const [before, now] = [wordsIn(document), wordsIn(after.value)]
    const gone = [...before].filter((word) => !now.has(word))
    for (const one of this.pages) for (const word of gone) one.words.delete(word)
    for (const word of now) if (!before.has(word)) page.words.add(word)
    this.log.push(`${this.time} ${page.name} types ${JSON.stringify(edits)}`)
    this.happen(page, { type: 'edited', document: after.value })
  }

  private anyEdit(page: WorldPage, document: WorldDoc): Edit[] {
    const word = `${page.name}-${++this.words}`
    const nodes = nodesOf(WORLD_SHAPE, document)
    const roll = this.chance()
    if (roll < 0.15)
      return [{ type: 'set', id: '', field: 'title', from: document.title, to: word }]
    const slots = nodes.filter(({ address }) => address.list === 'slots')
    const parts = nodes.filter(({ address }) => address.list === 'parts')
    const found = slots[this.pick(slots.length)]
    const part = parts[this.pick(parts.length)]
    if (found && roll < 0.6) {
      const field = this.chance() < 0.7 ? 'name' : 'note'
      return [{ type: 'set', id: found.node.id, field, from: found.node[field], to: word }]
    }
    if (part && roll < 0.8) {
      const item: DocumentNode = { id: word, name: `${word}-name`, note: `${word}-note` }
      return [{ type: 'insert', into: { owner: part.node.id, list: 'slots' }, item, after: null }]
    }
    if (found && part && roll < 0.9) {
      const from = { ...found.address, after: found.after }
      const to = { owner: part.node.id, list: 'slots', after: null }
      return [{ type: 'move', id: found.node.id, from, to }]
    }
    return found
      ? [{ type: 'remove', from: found.address, item: found.node, after: found.after }]
      : []
  }

  private pass(ms: number): void {
    const until = this.time + ms
    for (;;) {
      const due = this.pages.filter(({ timer }) => timer !== null && timer <= until)
      const page = due.sort((a, b) => a.timer! - b.timer!)[0]
      const message = this.messages.sort((a, b) => a.at - b.at)[0]
      const at = Math.min(page?.timer ?? Infinity, message?.at ?? Infinity)
      if (at > until) break
      this.time = Math.max(this.time, at)
      if (message && message.at === at) {
        this.messages.shift()
        message.arrive()
      } else {
        page!.timer = null
        this.happen(page!, {
          type: 'due',
          clientId: page!.name,
          batchId: `${page!.name}-${++page!.batches}`,
        })
      }
    }
    this.time = until
  }

  private later(what: string, arrive: () => void): void {
    this.messages.push({ at: this.time + 5 + this.pick(this.calm ? 20 : 1500), what, arrive })
  }

  private pick = (below: number): number => Math.floor(this.chance() * below)
}

/** Every text in a document that somebody wrote; a document never changes. */
function wordsIn(document: WorldDoc): ReadonlySet<string> {
  const known = WORDS.get(document)
  if (known) return known
  const words = new Set([document.title])
  for (const { node } of nodesOf(WORLD_SHAPE, document))
    for (const field of ['label', 'name', 'note']) if (field in node) words.add(String(node[field]))
  WORDS.set(document, words)
  return words
}
const WORDS = new WeakMap<WorldDoc, ReadonlySet<string>>()

/** Why a world at rest is not as it must be; empty where it is. */
export function faultsOf({ server, pages }: SyncWorld): string[] {
  const { document, revision } = server.now()
  const faults: string[] = []
  for (const page of pages) {
    const { name, state } = page
    if (state.state !== 'clean' && state.state !== 'conflict')
      faults.push(`${name} is ${state.state}`)
    if (state.server.revision !== revision) faults.push(`${name} knows ${state.server.revision}`)
    if (!sameValue(documentHere(state), document)) faults.push(`${name} shows something else`)
    for (const word of page.words) {
      // A word put in with its slot goes with it where somebody else takes out what holds it.
      const owner = word.replace(/-(?:name|note)$/, '')
      const isLeft = findNode(WORLD_SHAPE, document, owner) === null && owner !== word
      if (!page.has(word) && !isLeft) faults.push(`${name} lost “${word}”`)
    }
  }
  return faults
}
