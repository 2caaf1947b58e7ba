import { isRecord, upgrader, type Unread } from '../../document/index.ts'
import { plainName } from '../notation/aliasText.ts'

/**
 * Families of the first book whose figures were danced without a partner, or in a set; they were
 * not told apart then.
 */
const SOLO = new Set(['line', 'line dance', 'clog', 'ring dance'])
const SET = new Set(['set dance'])

/**
 * Names and words got a language, holds, feet and facings each their own strictness, and who dances
 * it is said.
 */
function whoDancesIt({ aliases, wordings, entry, family, follow, ...rest }: Unread): Unread {
  return {
    ...rest,
    family,
    follow,
    ...dancersOf(String(family), follow === 'same'),
    aliases: Array.isArray(aliases)
      ? aliases.map((name: unknown) => ({
          name: typeof name === 'string' ? plainName(name) : name,
        }))
      : aliases,
    wordings: isRecord(wordings) && 'full' in wordings ? { en: wordings } : wordings,
    entry:
      isRecord(entry) && typeof entry['strictness'] === 'string'
        ? { ...entry, strictness: { feet: 'hard', holds: entry['strictness'], facings: 'soft' } }
        : entry,
  }
}

function dancersOf(family: string, isSame: boolean): Unread {
  if (isSame && SET.has(family)) return { dancers: 'set', set: { couples: [2, 4], others: [] } }
  return { dancers: isSame && SOLO.has(family) ? 'solo' : 'couple' }
}

/** The shortest wording is called a key word: a prompt is what is said of a repeat or a last time. */
function keyWords({ wordings, ...rest }: Unread): Unread {
  if (!isRecord(wordings)) return { ...rest, wordings }
  const named = Object.entries(wordings).map(([language, words]) => {
    if (!isRecord(words) || !('prompt' in words)) return [language, words]
    const { prompt, ...others } = words
    return [language, { ...others, keyWord: prompt }]
  })
  return { ...rest, wordings: Object.fromEntries(named) }
}

/** Brings a figure written by an earlier Dellop up to this one's form. */
export const upgradeFigure = upgrader('dellop-figure', [whoDancesIt, keyWords])

/** A document that holds figures in a list, with each of them brought up to this form. */
export const upgradeFiguresIn = (json: unknown): unknown =>
  isRecord(json) && Array.isArray(json['figures'])
    ? { ...json, figures: json['figures'].map(upgradeFigure) }
    : json
