import { expectOk } from '../../document/index.ts'
import { TICKS_PER_BEAT } from '../../time/index.ts'
import { readLines, readStatedNet } from '../../move/index.ts'
import { readAliases } from '../notation/aliasText.ts'
import { composeFigure } from '../model/compose.ts'
import {
  readEndings,
  readHoldChanges,
  readOptions,
  readOthers,
  readParts,
} from '../notation/figureText.ts'
import { FOLLOW_KINDS, type Figure, type FollowKind } from '../model/figure.ts'
import { readStepLine, type StepLineOptions } from '../notation/stepLine.ts'
import { MOVES } from './moves.ts'
import { germanWords, inGerman } from './german.ts'

/** A figure of the shipped book as it is written here; what is left out is the family's usual. */
export interface Written {
  /** Where it is known by an earlier name; else it follows from the name. */
  readonly id?: string
  readonly name: string
  readonly beats?: number
  /** Holds it may begin in, with commas; empty for any. */
  readonly from?: string
  /** The hold it ends in, where that is another. */
  readonly to?: string
  /** The lead's steps, or everyone's in a solo family. */
  readonly lead?: string
  /** The follow’s steps, or how they come from the lead’s. */
  readonly follow?: string
  /** Figures of this family it is made of, as they are typed; steps and counts are then theirs. */
  readonly made?: string
  /** What is said, `full / short / prompt`; the name where left out. */
  readonly say?: string
  /** The same in German, where it is not among the words of `german.ts`. */
  readonly de?: string
  readonly level?: Figure['level']
  /** Other names, and whose they are, as they are typed. */
  readonly aliases?: readonly string[]
  /** Count of the bar it begins on, where that is not 1. */
  readonly countFrom?: number
  /** Hands changed on the way, other endings and options, as they are typed. */
  readonly hands?: string
  readonly endings?: string
  readonly options?: string
  /** In a set: for how many couples, and those who do something else. */
  readonly couples?: readonly [number, number]
  /** Facings it is meant to begin in, eighths in the family's frame. */
  readonly facings?: readonly number[]
  readonly others?: string
  /** Who moves where, as it is typed. */
  readonly moves?: string
  /** Where it leads, where nobody says by which ways. */
  readonly net?: string
  readonly cautions?: Figure['cautions']
  readonly remarks?: string
}

interface Family extends Omit<StepLineOptions, 'begun'> {
  readonly name: string
  /** Hold in which figures begin that do not say; `none` for dances without a partner. */
  readonly from: string
  readonly follow: FollowKind
  readonly dancers?: Figure['dancers']
  readonly frame?: Figure['entry']['frame']
  readonly level: Figure['level']
}

const idOf = (family: string, name: string): string =>
  `${family}.${name}`
    .toLowerCase()
    .replace(/[^a-z0-9.]+/g, '-')
    .replace(/-$/, '')

/** Figures of one family. Throws where a line cannot be read: a book that ships has none such. */
export function family(
  { name, from, follow, level, dancers = 'couple', frame, ...options }: Family,
  list: readonly Written[],
): Figure[] {
  const read = (line: string) => expectOk(readStepLine(line, options))
  const book = new Map<string, Figure>()
  for (const one of list) {
    const [full = one.name.toLowerCase(), short = full, keyWord = short] =
      one.say?.split(' / ') ?? []
    const holds = (one.from ?? from).split(', ').filter(Boolean)
    const id = one.id ?? idOf(name, one.name)
    const holdChanges = expectOk(readHoldChanges(one.hands ?? '', options))
    const endings = expectOk(readEndings(one.endings ?? '', options))
    const chosen = expectOk(readOptions(one.options ?? '', options))
    const lines = one.moves ?? MOVES[id]
    const parts = expectOk(readParts(one.made ?? '', [...book.values()], name))
    const figure: Figure = {
      format: 'dellop-figure',
      version: 3,
      id,
      name: one.name,
      aliases: expectOk(readAliases((one.aliases ?? []).join(';'))),
      family: name,
      level: one.level ?? level,
      dancers,
      lengthTicks: Math.round((one.beats ?? 1) * TICKS_PER_BEAT),
      ...(one.countFrom === undefined ? {} : { countFrom: one.countFrom }),
      lead: read(one.lead ?? ''),
      follow:
        FOLLOW_KINDS.find((kind) => kind === (one.follow ?? follow)) ?? read(one.follow ?? ''),
      ...(dancers === 'set'
        ? {
            set: {
              couples: one.couples ?? [2, 4],
              others: expectOk(readOthers(one.others ?? '', options)),
            },
          }
        : {}),
      ...(lines ? { moves: expectOk(readLines(lines, (one.beats ?? 0) * TICKS_PER_BEAT)) } : {}),
      ...(one.net ? { net: expectOk(readStatedNet(one.net)) } : {}),
      ...(holdChanges.length > 0 ? { holdChanges } : {}),
      entry: {
        holds,
        facings: one.facings ?? [],
        ...(frame === undefined ? {} : { frame }),
        strictness: { feet: 'hard', holds: 'hard', facings: 'soft' },
      },
      exitHold: one.to ?? null,
      ...(endings.length > 0 ? { endings } : {}),
      ...(chosen.length > 0 ? { options: chosen } : {}),
      wordings: { en: { full, short, keyWord }, ...(one.de ? inGerman(one.de) : germanWords(id)) },
      cautions: one.cautions ?? [],
      remarks: one.remarks ?? '',
      ...(parts.length > 0 ? { parts } : {}),
    }
    book.set(id, expectOk(composeFigure(figure, book)))
  }
  return [...book.values()]
}

export const SPIN: Figure['cautions'][number] = {
  kind: 'spin',
  text: 'Quick turning: give new dancers room and let anyone dizzy walk it.',
}
export const ARMS: Figure['cautions'][number] = {
  kind: 'arms',
  text: 'Joined hands go over a head: keep the grip loose and never pull.',
}
export const PUSH: Figure['cautions'][number] = {
  kind: 'arms',
  text: 'The spin comes from an arm held firm in front of the body: no throwing, and the hands let go.',
}
export const DIP: Figure['cautions'][number] = {
  kind: 'dip',
  text: 'Lower the knee, not the back; the follow keeps their own weight. Leave it out where knees or backs ask for it, and ask a qualified teacher.',
}
export const KNEES: Figure['cautions'][number] = {
  kind: 'knees',
  text: 'Bent or quickly turned knees: keep it small, or walk it, when a knee complains.',
}
export const CROWDING: Figure['cautions'][number] = {
  kind: 'crowding',
  text: 'It needs room ahead: look before you go.',
}
export const FLOOR: Figure['cautions'][number] = {
  kind: 'floor',
  text: 'Stamps and hops ask for a floor that gives; not on concrete, and not with sore joints.',
}
