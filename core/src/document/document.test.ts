import fc from 'fast-check'
import { diff } from './diff.ts'
import { applyEdit, applyEdits, invertEdit, invertEdits, type Edit } from './edit.ts'
import { emptyHistory, packHistory, record, redo, undo, unpackHistory } from './history.ts'
import { merge } from './merge.ts'
import { expectOk } from './result.ts'
import { ROOT_ID, nodesOf, type DocumentShape } from './shape.ts'
import { readJson } from './validate.ts'

interface Slot {
  readonly id: string
  readonly name: string
  /** May be left out. */
  readonly note?: string
}
interface Part {
  readonly id: string
  readonly label: string
  readonly slots: readonly Slot[]
}
interface Doc {
  readonly id: string
  readonly title: string
  readonly parts: readonly Part[]
}
const shape: DocumentShape = {
  lists: { parts: { lists: { slots: { lists: {}, optional: ['note'] } } } },
}

const part = (id: string, ...slots: string[]): Part => ({
  id,
  label: id,
  slots: slots.map((slot) => ({ id: slot, name: slot })),
})
const base: Doc = {
  id: 'doc',
  title: 'Waltz',
  parts: [part('A', 'a1', 'a2', 'a3', 'a4'), part('B', 'b1', 'b2'), part('C')],
}

type Move =
  | { readonly do: 'rename'; readonly pick: number; readonly name: string }
  | { readonly do: 'insert'; readonly pick: number; readonly at: number }
  | { readonly do: 'remove'; readonly pick: number }
  | { readonly do: 'move'; readonly pick: number; readonly to: number; readonly at: number }
  | { readonly do: 'addPart'; readonly at: number }
  | { readonly do: 'title'; readonly name: string }
  | { readonly do: 'note'; readonly pick: number; readonly text: string | null }
const pick = fc.nat(50)
const move: fc.Arbitrary<Move> = fc.oneof(
  fc.record({ do: fc.constant('rename' as const), pick, name: fc.string({ maxLength: 4 }) }),
  fc.record({ do: fc.constant('insert' as const), pick, at: pick }),
  fc.record({ do: fc.constant('remove' as const), pick }),
  fc.record({ do: fc.constant('move' as const), pick, to: pick, at: pick }),
  fc.record({ do: fc.constant('addPart' as const), at: pick }),
  fc.record({ do: fc.constant('title' as const), name: fc.string({ maxLength: 4 }) }),
  fc.record({
    do: fc.constant('note' as const),
    pick,
    text: fc.option(fc.string({ maxLength: 3 })),
  }),
)
const moves = fc.array(move, { maxLength: 8 })

/**
 * The edit a move makes of a document as it stands; ids carry the side, so that two sides never
 * make the same one.
 */
function editOf(doc: Doc, one: Move, side: string, n: number): Edit | null {
  const slots = nodesOf(shape, doc).filter((found) => found.address.list === 'slots')
  const found = 'pick' in one && slots.length > 0 ? slots[one.pick % slots.length]! : null
  const place = (to: number, at: number, without?: string) => {
    const owner = doc.parts[to % doc.parts.length]!
    const ids = owner.slots.map((slot) => slot.id).filter((id) => id !== without)
    return { owner: owner.id, list: 'slots', after: ids[(at % (ids.length + 1)) - 1] ?? null }
  }
  switch (one.do) {
    case 'title':
      return { type: 'set', id: ROOT_ID, field: 'title', from: doc.title, to: one.name }
    case 'addPart':
      return {
        type: 'insert',
        into: { owner: ROOT_ID, list: 'parts' },
        item: { ...part(`${side}P${n}`) },
        after: doc.parts[(one.at % (doc.parts.length + 1)) - 1]?.id ?? null,
      }
    case 'insert': {
      const { after, ...into } = place(one.pick, one.at)
      return { type: 'insert', into, item: { id: `${side}s${n}`, name: side }, after }
    }
    case 'rename':
      return (
        found && {
          type: 'set',
          id: found.node.id,
          field: 'name',
          from: found.node['name'],
          to: one.name,
        }
      )
    case 'note':
      return (
        found && {
          type: 'set',
          id: found.node.id,
          field: 'note',
          from: found.node['note'] ?? null,
          to: one.text,
        }
      )
    case 'remove':
      return found && { type: 'remove', from: found.address, item: found.node, after: found.after }
    case 'move':
      return (
        found && {
          type: 'move',
          id: found.node.id,
          from: { ...found.address, after: found.after },
          to: place(one.to, one.at, found.node.id),
        }
      )
  }
}

function play(from: Doc, list: readonly Move[], side: string): { doc: Doc; edits: Edit[] } {
  let doc = from
  const edits: Edit[] = []
  list.forEach((one, n) => {
    const edit = editOf(doc, one, side, n)
    if (!edit) return
    doc = expectOk(applyEdit(shape, doc, edit))
    edits.push(edit)
  })
  return { doc, edits }
}

describe('edits', () => {
  it('taken back one by one, or as a run, leave what was before', () => {
    fc.assert(
      fc.property(moves, (list) => {
        const { doc, edits } = play(base, list, 'x')
        expect(expectOk(applyEdits(shape, doc, invertEdits(edits)))).toEqual(base)
        for (const edit of edits) expect(invertEdit(invertEdit(edit))).toEqual(edit)
      }),
    )
  })

  it('leave what they do not touch as the very same value', () => {
    const next = expectOk(
      applyEdit(shape, base, { type: 'set', id: 'a2', field: 'name', from: 'a2', to: 'new' }),
    )
    expect(next.parts[1]).toBe(base.parts[1])
    expect(next.parts[0]!.slots[0]).toBe(base.parts[0]!.slots[0])
    expect(next.parts[0]!.slots[1]!.name).toBe('new')
  })

  it.each<[string, Edit, RegExp]>([
    [
      'a field that has changed',
      { type: 'set', id: 'a1', field: 'name', from: 'other', to: 'x' },
      /has changed/,
    ],
    [
      'a node that is gone',
      { type: 'set', id: 'zz', field: 'name', from: 'a', to: 'b' },
      /no "zz"/,
    ],
    [
      'a field there is not',
      { type: 'set', id: 'a1', field: 'colour', from: undefined, to: 'b' },
      /no field "colour"/,
    ],
    [
      'an id twice',
      {
        type: 'insert',
        into: { owner: 'B', list: 'slots' },
        item: { id: 'a1', name: '' },
        after: null,
      },
      /there already/,
    ],
    [
      'a place behind nobody',
      {
        type: 'insert',
        into: { owner: 'B', list: 'slots' },
        item: { id: 'n', name: '' },
        after: 'a1',
      },
      /not there any more/,
    ],
    [
      'a list there is not',
      {
        type: 'insert',
        into: { owner: 'a1', list: 'slots' },
        item: { id: 'n', name: '' },
        after: null,
      },
      /no list/,
    ],
    [
      'what was written since',
      {
        type: 'remove',
        from: { owner: 'A', list: 'slots' },
        item: { id: 'a1', name: 'older' },
        after: null,
      },
      /has changed/,
    ],
    [
      'a move of nobody',
      {
        type: 'move',
        id: 'zz',
        from: { owner: 'A', list: 'slots', after: null },
        to: { owner: 'B', list: 'slots', after: null },
      },
      /not there/,
    ],
  ])('refuse %s', (_name, edit, message) => {
    const result = applyEdit(shape, base, edit)
    expect(result.ok ? '' : result.problem.message).toMatch(message)
  })

  it('write null for what may be left out and is not there, and leave it out again', () => {
    const noted = expectOk(
      applyEdit(shape, base, { type: 'set', id: 'a1', field: 'note', from: null, to: 'x' }),
    )
    expect(noted.parts[0]!.slots[0]).toEqual({ id: 'a1', name: 'a1', note: 'x' })
    expect(
      expectOk(
        applyEdit(shape, noted, { type: 'set', id: 'a1', field: 'note', from: 'x', to: null }),
      ).parts[0]!.slots[0],
    ).toEqual({ id: 'a1', name: 'a1' })
    expect(diff(shape, base, noted)).toEqual([
      { type: 'set', id: 'a1', field: 'note', from: null, to: 'x' },
    ])
  })

  it('apply all or none', () => {
    const result = applyEdits(shape, base, [
      { type: 'set', id: 'a1', field: 'name', from: 'a1', to: 'x' },
      { type: 'set', id: 'zz', field: 'name', from: '', to: '' },
    ])
    expect(result.ok).toBe(false)
  })
})

describe('the difference of two documents', () => {
  it('turns the one into the other', () => {
    fc.assert(
      fc.property(moves, moves, (one, other) => {
        const a = play(base, one, 'x').doc
        const b = play(base, other, 'y').doc
        expect(expectOk(applyEdits(shape, a, diff(shape, a, b)))).toEqual(b)
      }),
    )
  })

  it('is nothing for equal ones, and one move for a moved node', () => {
    expect(diff(shape, base, structuredClone(base))).toEqual([])
    const moved = {
      ...base,
      parts: [part('A', 'a2', 'a3', 'a4', 'a1'), base.parts[1]!, base.parts[2]!],
    }
    expect(diff(shape, base, moved).map((edit) => edit.type)).toEqual(['move'])
  })
})

describe('merging', () => {
  it('gives the same in both orders wherever nothing conflicts', () => {
    let merged = 0
    fc.assert(
      fc.property(moves, moves, (one, other) => {
        const a = play(base, one, 'x').doc
        const b = play(base, other, 'y').doc
        const there = merge(shape, base, a, b)
        const back = merge(shape, base, b, a)
        expect(there.conflicts.length === 0).toBe(back.conflicts.length === 0)
        if (there.conflicts.length > 0) return
        merged++
        expect(there.document).toEqual(back.document)
      }),
      { numRuns: 600, seed: 41 },
    )
    expect(merged).toBeGreaterThan(150)
  })

  it('keeps every node that either side wrote', () => {
    fc.assert(
      fc.property(moves, moves, (one, other) => {
        const a = play(base, one, 'x').doc
        const b = play(base, other, 'y').doc
        const ids = (doc: Doc) => nodesOf(shape, doc).map((found) => found.node.id)
        const { document } = merge(shape, base, a, b)
        const there = ids(document)
        expect(new Set(there).size).toBe(there.length)
        const old = new Set(ids(base))
        for (const id of [...ids(a), ...ids(b)]) if (!old.has(id)) expect(there).toContain(id)
      }),
    )
  })

  it('changes nothing where only one side wrote', () => {
    fc.assert(
      fc.property(moves, (list) => {
        const { doc } = play(base, list, 'x')
        expect(merge(shape, base, doc, base)).toEqual({ document: doc, conflicts: [] })
        expect(merge(shape, base, base, doc)).toEqual({ document: doc, conflicts: [] })
      }),
    )
  })

  const set = (doc: Doc, id: string, to: string): Doc =>
    expectOk(applyEdit(shape, doc, { type: 'set', id, field: 'name', from: id, to }))
  const without = (doc: Doc, id: string): Doc => ({
    ...doc,
    parts: doc.parts.map((one) => ({ ...one, slots: one.slots.filter((slot) => slot.id !== id) })),
  })
  const add = (doc: Doc, id: string, after: string): Doc =>
    expectOk(
      applyEdit(shape, doc, {
        type: 'insert',
        into: { owner: 'A', list: 'slots' },
        item: { id, name: id },
        after,
      }),
    )
  const order = (doc: Doc) => doc.parts[0]!.slots.map((slot) => slot.id).join(' ')

  it('keeps theirs in a conflict and hands mine back', () => {
    const { document, conflicts } = merge(
      shape,
      base,
      set(base, 'a1', 'theirs'),
      set(base, 'a1', 'mine'),
    )
    expect(document.parts[0]!.slots[0]!.name).toBe('theirs')
    expect(conflicts).toEqual([
      { type: 'field', id: 'a1', field: 'name', kept: 'theirs', mine: 'mine' },
    ])
  })

  it('keeps a node that one side took out and the other changed, and says so', () => {
    const { document, conflicts } = merge(shape, base, without(base, 'a2'), set(base, 'a2', 'mine'))
    expect(order(document)).toBe('a1 a2 a3 a4')
    expect(conflicts).toEqual([{ type: 'removed', id: 'a2', by: 'theirs' }])
  })

  it('puts what followed a removed node behind its nearest surviving predecessor', () => {
    expect(
      order(
        merge(shape, base, without(without(base, 'a2'), 'a3'), add(base, 'new', 'a3')).document,
      ),
    ).toBe('a1 new a4')
  })

  it('puts two at the same place in the order of their ids, whoever came first', () => {
    expect(order(merge(shape, base, add(base, 'x', 'a1'), add(base, 'm', 'a1')).document)).toBe(
      'a1 m x a2 a3 a4',
    )
  })
})

describe('history', () => {
  const step = (before: Doc, after: Doc, atMs: number, key: string | null = null) => ({
    label: 'step',
    before,
    after,
    atMs,
    key,
  })
  const renamed = (doc: Doc, to: string): Doc => ({ ...doc, title: to })

  it('undoes and redoes', () => {
    const after = renamed(base, 'two')
    const history = record(emptyHistory<Doc>(), step(base, after, 0))
    const back = undo(shape, history, after)!
    expect(expectOk(applyEdits(shape, after, back.edits))).toEqual(base)
    const again = redo(shape, back.history, base)!
    expect(expectOk(applyEdits(shape, base, again.edits))).toEqual(after)
    expect(undo(shape, emptyHistory<Doc>(), base)).toBeNull()
  })

  it('takes typing in one field within half a second for one step', () => {
    const [one, two, three] = ['a', 'ab', 'abc'].map((title) => renamed(base, title)) as [
      Doc,
      Doc,
      Doc,
    ]
    let history = record(emptyHistory<Doc>(), step(base, one, 0, 'title'))
    history = record(history, step(one, two, 400, 'title'))
    history = record(history, step(two, three, 1000, 'title'))
    expect(history.done.map((done) => [done.before.title, done.after.title])).toEqual([
      ['Waltz', 'ab'],
      ['ab', 'abc'],
    ])
  })

  it('takes back one’s own step over what others have done since', () => {
    const mine = renamed(base, 'mine')
    const theirs = { ...mine, parts: mine.parts.slice(1) }
    const back = undo(shape, record(emptyHistory<Doc>(), step(base, mine, 0)), theirs)!
    expect(expectOk(applyEdits(shape, theirs, back.edits))).toEqual({ ...theirs, title: 'Waltz' })
  })
})

it('says at which line a JSON text stops making sense', () => {
  const result = readJson('{\n "a": 1,\n "b": ', 'The file')
  expect(result.ok ? '' : result.problem.message).toMatch(/at line 3: complete JSON was expected/)
})

describe('a history that is kept as JSON', () => {
  const named = (title: string): Doc => ({ ...base, title })
  const read = (document: unknown): Doc | null =>
    typeof document === 'object' && document !== null ? (document as Doc) : null
  const written = ['One', 'Two', 'Three'].reduce(
    (history, title, i, all) =>
      record(history, {
        label: `to ${title}`,
        before: named(i === 0 ? 'Waltz' : all[i - 1]!),
        after: named(title),
        atMs: i * 10_000,
        key: null,
      }),
    emptyHistory<Doc>(),
  )

  it('undoes and does again as before', () => {
    const back = undo(shape, written, named('Three'))!
    const kept = unpackHistory(packHistory(back.history, 10), read)
    const now = expectOk(applyEdits(shape, named('Three'), back.edits))
    expect(now.title).toBe('Two')
    expect(undo(shape, kept, now)?.label).toBe('to Two')
    expect(undo(shape, kept, now)?.edits).toEqual(undo(shape, back.history, now)?.edits)
    expect(redo(shape, kept, now)?.label).toBe('to Three')
  })

  it('keeps the last steps only, and each document once', () => {
    const json = packHistory(written, 2)
    expect(unpackHistory(json, read).done.map(({ label }) => label)).toEqual(['to Two', 'to Three'])
    const shared = { label: 's', atMs: 0, key: null }
    const [a, b, c] = [named('a'), named('b'), named('c')]
    const chained = {
      done: [
        { ...shared, before: a, after: b },
        { ...shared, before: b, after: c },
      ],
      undone: [],
    }
    expect(JSON.parse(packHistory(chained, 9)).documents).toHaveLength(3)
  })

  it.each([
    'nothing',
    'null',
    '{"documents":[],"done":[{"label":"x","before":0,"after":1}],"undone":[]}',
    '{"documents":[7],"done":[],"undone":[]}',
  ])('is empty where what was kept cannot be used: %s', (json) =>
    expect(unpackHistory(json, read)).toEqual(emptyHistory()),
  )
})
