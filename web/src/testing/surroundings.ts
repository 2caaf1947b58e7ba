import type { Batch, Conflict, Draft, Revised } from '@dellop/core/document'
import { acceptEdits, expectOk } from '@dellop/core/document'
import { groupShape, emptyGroup, upgradeGroup, type Group } from '@dellop/core/group'
import { ApiProblem } from '../app/api.ts'
import { ManualTimers } from '../app/timers.ts'
import type { Drafts, LeftDraft } from '../document/drafts.ts'
import type { OpenKind } from '../document/kinds.ts'
import type { News } from '../document/news.ts'
import type { Surroundings } from '../document/documentLink.ts'

/** Lets what was promised come about. */
export const settle = async (): Promise<void> => {
  for (let i = 0; i < 20; i++) await Promise.resolve()
}

/** What becomes of a request: it is answered, refused, or nobody hears of it again. */
export type Weather = 'fair' | 'offline' | 'answer lost' | 'refused'

/** A server with one group, and the browser around the pages that have it open. */
export class OneGroup {
  weather: Weather = 'fair'
  readonly batches: Batch[] = []
  readonly kept = new Map<string, Draft<object>>()
  readonly forgotten: string[] = []
  readonly timers = new ManualTimers()
  private readonly revisions: Group[] = [emptyGroup('g', 'Mondays')]
  private readonly answers = new Map<string, Revised<Group> & { conflicts: readonly Conflict[] }>()
  private readonly listeners: { tab: string; hear: Parameters<News['listen']>[2] }[] = []
  private ids = 0

  now = (): Revised<Group> => ({
    document: this.revisions.at(-1)!,
    revision: this.revisions.length - 1,
  })

  readonly kind: OpenKind<Group> = {
    kind: 'group',
    shape: groupShape,
    upgrade: upgradeGroup,
    read: async () => {
      if (this.weather === 'offline') throw new ApiProblem('offline', 'not reached')
      return this.now()
    },
    edit: async (_id, batch) => this.take(batch),
  }

  /** Somebody else changes the name. */
  rename(name: string, isTold = true): void {
    this.revisions.push({ ...this.now().document, name })
    if (isTold) this.tell('somebody')
  }

  online(): void {
    for (const { hear } of this.listeners) hear.online()
  }

  /** What a page in a tab stands in. */
  tab(name: string): Surroundings {
    const drafts: Drafts = {
      keep: ({ kind, id, tab }, draft) => {
        const key = `${kind}/${id}/${tab}`
        if (draft) this.kept.set(key, draft)
        else this.kept.delete(key)
      },
      left: async () =>
        [...this.kept].map(([key, draft]): LeftDraft => ({
          draft,
          forget: () => {
            if (key.endsWith(`/${name}`)) return
            this.kept.delete(key)
            this.forgotten.push(key)
          },
        })),
    }
    return {
      timers: this.timers,
      drafts,
      news: {
        listen: (_kind, _id, hear) => {
          const one = { tab: name, hear }
          this.listeners.push(one)
          return () => void this.listeners.splice(this.listeners.indexOf(one), 1)
        },
      },
      tabId: async () => name,
      newId: () => String(++this.ids),
    }
  }

  private async take(batch: Batch) {
    if (this.weather === 'offline') throw new ApiProblem('offline', 'not reached')
    this.batches.push(batch)
    if (this.weather === 'refused') throw new ApiProblem('input.invalid', 'No such level.')
    const name = `${batch.clientId}/${batch.batchId}`
    const known = this.answers.get(name)
    const answer = known ?? this.accept(batch)
    this.answers.set(name, answer)
    if (this.weather === 'answer lost') throw new ApiProblem('offline', 'not reached')
    if (!known) this.tell(batch.clientId)
    return answer
  }

  private accept(batch: Batch) {
    const base = this.revisions[batch.base]!
    const accepted = expectOk(acceptEdits(groupShape, this.now(), base, batch.edits))
    this.revisions.push(accepted.document)
    const { document, revision, conflicts } = accepted
    return { document, revision, conflicts }
  }

  private tell(clientId: string): void {
    const { revision } = this.now()
    for (const { hear } of [...this.listeners])
      hear.changed({ type: 'group', id: 'g', revision, clientId })
  }
}
