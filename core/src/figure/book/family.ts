import { expectOk } from '../../document/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import type { Figure } from '../figure.ts'
import { readStepLine, type StepLineOptions } from '../stepLine.ts'

/** A figure of the shipped book as it is written here; what is left out is the family's usual. */
export interface Written {
  readonly name: string
  readonly beats: number
  /** Holds it may begin in, with commas; empty for any. */
  readonly from?: string
  /** The hold it ends in, where that is another. */
  readonly to?: string
  /** The lead's steps, or everyone's in a solo family. */
  readonly lead: string
  readonly follow?: string
  /** What is said, `full / short / prompt`; the name where left out. */
  readonly say?: string
  readonly level?: Figure['level']
  readonly aliases?: readonly string[]
  readonly cautions?: Figure['cautions']
  readonly remarks?: string
}

interface Family extends StepLineOptions {
  readonly name: string
  /** Hold in which figures begin that do not say; `none` for dances without a partner. */
  readonly from: string
  readonly follow: 'opposite' | 'same'
  readonly level: Figure['level']
}

const idOf = (family: string, name: string): string => `${family}.${name}`.toLowerCase().replace(/[^a-z0-9.]+/g, '-').replace(/-$/, '') // prettier-ignore

/** Figures of one family. Throws where a line cannot be read: a book that ships has none such. */
export function family({ name, from, follow, level, ...options }: Family, list: readonly Written[]): Figure[] {
  const read = (line: string) => expectOk(readStepLine(line, options))
  return list.map((one) => {
    const [full = one.name.toLowerCase(), short = full, prompt = short] = one.say?.split(' / ') ?? []
    const holds = (one.from ?? from).split(', ').filter(Boolean)
    return {
      format: 'dellop-figure',
      version: 1,
      id: idOf(name, one.name),
      name: one.name,
      aliases: one.aliases ?? [],
      family: name,
      level: one.level ?? level,
      lengthTicks: Math.round(one.beats * TICKS_PER_BEAT),
      lead: read(one.lead),
      follow: one.follow === undefined ? follow : read(one.follow),
      entry: { holds, facings: [], strictness: 'hard' },
      exitHold: one.to ?? null,
      wordings: { full, short, prompt },
      cautions: one.cautions ?? [],
      remarks: one.remarks ?? '',
    }
  })
}

const REFER = 'Follow the hall’s rules and a qualified teacher.'
export const SPIN: Figure['cautions'][number] = { kind: 'spin', text: `Quick turning: give new dancers room and let anyone dizzy walk it. ${REFER}` }
export const ARMS: Figure['cautions'][number] = { kind: 'arms', text: `Joined hands go over a head: keep the grip loose and never pull. ${REFER}` }
export const KNEES: Figure['cautions'][number] = { kind: 'knees', text: `Bent or quickly turned knees: keep it small, or walk it, when a knee complains. ${REFER}` }
export const CROWDING: Figure['cautions'][number] = { kind: 'crowding', text: `It needs room ahead: look before you go. ${REFER}` }
export const FLOOR: Figure['cautions'][number] = { kind: 'floor', text: `Stamps and hops ask for a floor that gives; not on concrete, and not with sore joints. ${REFER}` }
