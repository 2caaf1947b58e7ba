import { z } from 'zod'
import { idSchema } from '../document/index.ts'

/** How one dance stands to another. */
export const RELATIONS = ['same', 'part', 'version', 'lead', 'follow'] as const
export type RelationKind = (typeof RELATIONS)[number]

const title = z.string().min(1).max(120)
const label = z.string().min(1).max(30)
/**
 * The same dance under another name; the same as a part of it; another version of it; or its sheet
 * for one role alone.
 */
export const relatedSchema = z
  .strictObject({
    kind: z.enum(RELATIONS),
    /** The other dance as it is called, whether or not its sheet is here. */
    title,
    /** Its sheet. */
    sheetId: idSchema.optional(),
    /** Of `part`: this sheet's part, all of it where left out, and the other one's. */
    own: label.optional(),
    theirs: label.optional(),
  })
  .readonly()
  .refine(
    ({ kind, theirs }) => (kind === 'part') === (theirs !== undefined),
    'the label of the other dance’s part was expected with `part`, and with nothing else',
  )
export type Related = z.infer<typeof relatedSchema>
export const otherNamesSchema = z.array(title).min(1).max(10).readonly()
export const relatedListSchema = z.array(relatedSchema).min(1).max(20).readonly()

/** What a shelf tells of a sheet, as far as dances are found by their names. */
export interface Named {
  readonly id: string
  readonly title: string
  readonly otherNames: readonly string[]
  readonly related: readonly Related[]
}

/** What a routine itself tells of its names and relations. */
export const namedOf = ({
  id,
  title,
  otherNames = [],
  related = [],
}: Pick<Named, 'id' | 'title'> & Partial<Named>): Named => ({ id, title, otherNames, related })

/** A relation as it is seen from one sheet, whichever of the two says so. */
export interface Relation extends Omit<Related, 'sheetId'> {
  /** The other sheet, where it is here. */
  readonly sheetId: string | null
  /** This sheet says so itself; else it is only told by the other. */
  readonly isOwn: boolean
  /** Told the other way round: the other is the version, or the sheet for one role, of this. */
  readonly isReversed: boolean
}

const folded = (text: string): string =>
  text.normalize('NFD').replace(/\p{M}/gu, '').trim().toLowerCase()

/** The sheet that a relation names: by its id, or else by one of its names; null where none is here. */
export function sheetRelated<Sheet extends Named>(
  { sheetId, title: called }: Pick<Related, 'sheetId' | 'title'>,
  shelf: readonly Sheet[],
): Sheet | null {
  const name = folded(called)
  return (
    shelf.find(({ id }) => id === sheetId) ??
    shelf.find((one) => folded(one.title) === name) ??
    shelf.find(({ otherNames }) => otherNames.some((one) => folded(one) === name)) ??
    null
  )
}

/** How a sheet stands to others: what it says itself, and what others say of it. */
export function relationsOf(id: string, shelf: readonly Named[]): readonly Relation[] {
  const own = (shelf.find((one) => one.id === id)?.related ?? []).map((one): Relation => {
    const found = sheetRelated(one, shelf)
    return {
      ...one,
      title: found?.title ?? one.title,
      sheetId: found?.id ?? null,
      isOwn: true,
      isReversed: false,
    }
  })
  const told = shelf.flatMap((sheet) =>
    sheet.id === id
      ? []
      : sheet.related
          .filter((one) => sheetRelated(one, shelf)?.id === id)
          .map((one): Relation => ({
            kind: one.kind,
            title: sheet.title,
            sheetId: sheet.id,
            ...(one.theirs === undefined ? {} : { own: one.theirs }),
            ...(one.own === undefined ? {} : { theirs: one.own }),
            isOwn: false,
            isReversed: one.kind !== 'same' && one.kind !== 'part',
          })),
  )
  const isSaid = (one: Relation): boolean =>
    own.some((other) => other.kind === one.kind && other.sheetId === one.sheetId)
  return [...own, ...told.filter((one) => !isSaid(one))]
}

/**
 * Sheets of one dance: the same under other names, versions of it and its sheets for one role, each
 * with all the others. A sheet that stands alone is not told.
 */
export function sameDances(shelf: readonly Named[]): ReadonlyMap<string, readonly string[]> {
  const group = new Map(shelf.map(({ id }) => [id, [id]]))
  for (const sheet of shelf)
    for (const one of sheet.related) {
      const other = one.kind === 'part' ? null : sheetRelated(one, shelf)
      const [here, there] = [group.get(sheet.id)!, other ? group.get(other.id)! : null]
      if (there === null || here === there) continue
      here.push(...there)
      for (const id of there) group.set(id, here)
    }
  return new Map(
    [...group].flatMap(([id, all]) =>
      all.length > 1 ? [[id, all.filter((one) => one !== id)] as const] : [],
    ),
  )
}
