import type { CueLanguageId } from '../../figure/index.ts'
import type { Line } from '../../move/index.ts'
import { setSlotField, type DancedSlot } from '../../routine/index.ts'
import { aboutSlot, slotName } from '../aboutSlot.ts'
import type { Derived } from '../derived.ts'
import type { FindingOf, Repair } from '../finding.ts'
import { isHedged } from './claims.ts'
import type { WordsAgainstDeedsFindings } from './comparisons.ts'

/** What it finds, with the values of their sentences. */
export interface SetWordsFindings {
  /** `said` and `danced` are whom, as lines name them: partners, corners, heads, leads. */
  readonly 'said.who': {
    readonly figure: string
    readonly text: string
    readonly said: string
    readonly danced: string
  }
}
type Found = FindingOf<SetWordsFindings & Pick<WordsAgainstDeedsFindings, 'said.amount'>>

/** Words of a set against its lines: who, with whom, and how far round. */
export function setWords(derived: Derived): Found[] {
  const seen = new Set<string>()
  return derived.timeline.slots.flatMap((slot) => {
    if (seen.has(slot.slot.id)) return []
    seen.add(slot.slot.id)
    return setWordsOf(derived, slot) ?? []
  })
}

/** What the words of one slot say otherwise than its lines; null where they do not. */
export function setWordsOf({ routine, track }: Derived, slot: DancedSlot): Found | null {
  const lines = track?.slots.get(slot.key)?.lines ?? []
  if (lines.length === 0) return null
  for (const text of ownTexts(slot, routine.language)) {
    const found = against(slot, text, lines, WORDS[routine.language])
    if (found) return found
  }
  return null
}

/** What the cuer has written of a slot, in words of their own. */
function ownTexts({ slot }: DancedSlot, language: CueLanguageId): string[] {
  const { content, wordings, remark } = slot
  return [
    content.type === 'words' ? content.text : null,
    ...Object.values(wordings ?? {}),
    isHedged(remark, language) ? null : remark,
  ].filter((text): text is string => Boolean(text))
}

function against(
  slot: DancedSlot,
  text: string,
  lines: readonly Line[],
  words: SetLanguage,
): Found | null {
  const about = { ...aboutSlot(slot), severity: 'mend' as const, repairs: ownWords(slot, text) }
  const common = { figure: slotName(slot), text }
  const plain = text.toLowerCase()
  for (const kinds of words.who) {
    const said = Object.keys(kinds).filter((kind) => kinds[kind]!.test(plain))
    const danced = Object.keys(kinds).filter((kind) => lines.some((line) => isBy(line, kind)))
    if (said.length !== 1 || danced.length === 0 || danced.includes(said[0]!)) continue
    return { ...about, code: 'said.who', params: { ...common, said: said[0]!, danced: danced[0]! } }
  }
  const said = words.rounds.find(([pattern]) => pattern.test(plain))?.[1]
  const danced = lines.flatMap(({ do: what }) =>
    what.verb === 'turn' || what.verb === 'do-si-do' ? [(what.part[0] / what.part[1]) * 8] : [],
  )
  return said === undefined || danced.length !== 1 || danced[0] === said
    ? null
    : { ...about, code: 'said.amount', params: { ...common, said, danced: danced[0]! } }
}

/** Whether a line is danced by some of a kind, or with them. */
const isBy = ({ who }: Line, kind: string): boolean =>
  who.pairs === kind || JSON.stringify(who.pick ?? '').includes(`"${kind}"`)

function ownWords({ slot, figure }: DancedSlot, text: string): Repair[] {
  if (slot.remark === text) {
    const edits = setSlotField(slot, 'remark', '')
    return edits ? [{ code: 'no-remark', params: {}, edits }] : []
  }
  const edits = slot.wordings && figure ? setSlotField(slot, 'wordings', null) : null
  return edits ? [{ code: 'book-words', params: {}, edits }] : []
}

interface SetLanguage {
  /** Kinds of dancers of which a line is danced by one, with the words for each. */
  readonly who: readonly Readonly<Record<string, RegExp>>[]
  /** How far round, in eighths of a turn. */
  readonly rounds: readonly (readonly [RegExp, number])[]
}

const WORDS: Readonly<Record<CueLanguageId, SetLanguage>> = {
  en: {
    who: [
      {
        partners: /(?<!(?:to|new|next|face|facing) (?:your |a |the )?)\bpartners?\b/,
        neighbours: /(?<!(?:to|new|next|face|facing) (?:your |a |the )?)\bneighbou?rs?\b/,
        corners: /(?<!(?:to|first|second|face|facing) (?:your |the )?)\bcorners?\b/,
        opposites: /(?<!(?:to|face|facing) (?:your |the )?)\bopposites?\b/,
      },
      { heads: /\bheads?\b(?! (?:of|up|high))/, sides: /\bsides\b/ },
      {
        leads: /\b(?:leads|gents|gentlemen|men)\b/,
        follows: /\b(?:follows|ladies|women)\b/,
      },
      { ones: /\b(?:ones|first couples?)\b/, twos: /\b(?:twos|second couples?)\b/ },
    ],
    rounds: [
      [/\bonce and a half\b/, 12],
      [/\bonce and (?:a quarter|three quarters)\b/, 10],
      [/\b(?:halfway|half way|half) (?:round|around)\b|\bhalfway\b/, 4],
      [/\bthree quarters\b/, 6],
      [/\btwice (?:round|around)\b/, 16],
      [/\bonce (?:round|around)\b|\ball the way (?:round|around)\b/, 8],
    ],
  },
  de: {
    who: [
      {
        partners: /(?<!(?:zum|zur|neue[nr]?|nächste[nr]?) )(?<!\p{L})partner(?:in|n)?(?!\p{L})/u,
        neighbours: /(?<!(?:zum|zur|neue[nr]?|nächste[nr]?) )(?<!\p{L})nachbar(?:in|n)?(?!\p{L})/u,
        corners: /(?<!(?:zur|erste|zweite) )(?<!\p{L})(?:ecke|eckdame|eckpartner)(?!\p{L})/u,
        opposites: /(?<!(?:zum) )(?<!\p{L})gegenüber(?!\p{L})/u,
      },
      { heads: /(?<!\p{L})kopfpaare?(?!\p{L})/u, sides: /(?<!\p{L})seitpaare?(?!\p{L})/u },
      {
        leads: /(?<!\p{L})(?:herren|männer|führende)(?!\p{L})/u,
        follows: /(?<!\p{L})(?:damen|frauen|folgende)(?!\p{L})/u,
      },
      {
        ones: /(?<!\p{L})(?:einser|erste paare)(?!\p{L})/u,
        twos: /(?<!\p{L})(?:zweier|zweite paare)(?!\p{L})/u,
      },
    ],
    rounds: [
      [/anderthalb(?:mal)?|eineinhalb(?:mal)?/, 12],
      [/(?<!\p{L})halb herum|(?<!\p{L})halbherum/u, 4],
      [/dreiviertel/, 6],
      [/zweimal herum/, 16],
      [/einmal herum|ganz herum/, 8],
    ],
  },
}
