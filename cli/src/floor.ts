import { findingMessage, findingSum } from '@dellop/core/check'
import type { Result } from '@dellop/core/document'
import {
  boxOf,
  closeCalls,
  fitsIn,
  meetsOf,
  paceOf,
  passesOf,
  readHall,
  roomFor,
  stridesOf,
  wayHome,
  type Hall,
  type Track,
} from '@dellop/core/floor'
import {
  answerText,
  answerWho,
  placesText,
  Reader,
  readWho,
  type Standing,
} from '@dellop/core/move'
import { deriveSheet, type Sheet } from '@dellop/core/sheet'
import { readArguments, type Arguments } from './arguments.ts'
import { spokenLanguage } from './language.ts'
import { outcomeOf, type Outcome } from './outcome.ts'
import { problem } from './problem.ts'
import { sheetInput } from './sheetInput.ts'

const OPTIONS = ['figures', 'hall']
/**
 * `dellop floor FILE [--who TEXT] [--hall TEXT] [--home]`: who stands where, and what follows from
 * it. `--who` may be asked several times. With a hall alone, what it has room for.
 */
export function floor(line: readonly string[]): Outcome {
  return outcomeOf(readArguments(line, OPTIONS, ['home'], ['who']), (args) =>
    outcomeOf(hallOption(args), (hall) => {
      if (args.words.length === 0 && hall) return { exit: 0, json: { room: roomOf(hall, null) } }
      const options = new Map([...args.options].filter(([name]) => name !== 'hall'))
      return outcomeOf(sheetInput({ ...args, options }), (input) => {
        const sheet = deriveSheet(input)
        if (!sheet.track)
          return outcomeOf(problem('floor.no-places'), () => ({ exit: 2, sentence: '' }))
        return outcomeOf(asked(args, sheet.track.last), (who) =>
          told(sheet, sheet.track!, { who, hall, isHome: args.flags.has('home') }),
        )
      })
    }),
  )
}

function hallOption({ options }: Arguments): Result<Hall | null> {
  const text = options.get('hall')
  return text === undefined ? { ok: true, value: null } : readHall(text)
}

/** Whom each question means, as all stand when the sheet ends. */
function asked({ lists }: Arguments, standing: Standing): Result<string[] | null> {
  const texts = lists.get('who')
  if (!texts) return { ok: true, value: null }
  const answers: string[] = []
  for (const text of texts) {
    const reader = new Reader(text)
    const who = readWho(reader)
    if (!who.ok) return who
    if (!reader.isAtEnd) return reader.expected('move.who')
    answers.push(answerText(standing, answerWho(standing, who.value)))
  }
  return { ok: true, value: answers }
}

function told(
  sheet: Sheet,
  track: Track,
  { who, hall, isHome }: { who: string[] | null; hall: Hall | null; isHome: boolean },
): Outcome {
  const { rows, net, isHome: standsHome, homeAfter, progression } = passesOf(track, sheet.timeline)
  const findings = sheet.findings.filter(
    ({ code, overruled }) =>
      overruled === null && (code.startsWith('set.') || code === 'missing.move'),
  )
  const words = ['neighbours', 'partners'] as const
  const met = track.first.dancers.map(({ id }) =>
    words.map((word) => [`${id} ${word}`, meetsOf(track, id, word)] as const),
  )
  const language = spokenLanguage()
  const isOnWay = ({ code }: { code: string }): boolean =>
    code === 'set.path' || code === 'set.pace'
  return {
    exit: findings.some(({ severity }) => severity === 'stop') ? 1 : 0,
    json: {
      places: placesText(track.places),
      stand: rows.at(-1)!.stand,
      facings: track.last.dancers.map(({ id, facing }) => `${id}${facing}`).join(' '),
      net,
      isHome: standsHome,
      homeAfter,
      progression,
      passes: rows.map(({ stand, order, out, idle }, i) => ({
        stand,
        order,
        out: out.join(' '),
        idle: idle.join(' '),
        meets: Object.fromEntries(met.flat().map(([key, those]) => [key, those[i] ?? '-'])),
      })),
      out: rows.map(({ out }) => out.join(' ')),
      meets: Object.fromEntries(
        met.flat().map(([key, those]) => [key, those.map((one) => one ?? '-').join(' ')]),
      ),
      findings: findings
        .filter((finding) => !isOnWay(finding))
        .flatMap((finding) =>
          aboutOf(finding).map((about) => ({
            code: finding.code,
            about,
            severity: finding.severity,
            message: findingMessage(finding, language),
            sum: findingSum(finding, language),
          })),
        ),
      ...ways(sheet, track),
      ...(who ? { who } : {}),
      ...(isHome ? home(track.last) : {}),
      ...(hall ? { room: roomOf(hall, track) } : {}),
    },
  }
}

/** What a finding is about: the line as written, the dancers or the place. */
function aboutOf({ params }: Sheet['findings'][number]): string[] {
  if ('dancers' in params) return [...params.dancers]
  const { dancer, place, line, figure, otherDancer } = params as Partial<Record<string, string>>
  if (otherDancer !== undefined && place !== undefined) return [place]
  return [place ?? dancer ?? line ?? figure ?? '']
}

/** Who comes too near whom, and the longest way a count. */
function ways(sheet: Sheet, track: Track): object {
  const slots = sheet.timeline.slots.map(({ key }) => track.slots.get(key)!)
  const id = (index: number): string => track.first.dancers[index]!.id
  const pace = slots
    .flatMap(({ danced }) => paceOf(danced) ?? [])
    .reduce<ReturnType<typeof paceOf>>(
      (most, one) => (most && most.perBeat >= one.perBeat ? most : one),
      null,
    )
  return {
    meetings: slots.flatMap(({ danced }) =>
      closeCalls(danced).map(({ dancers: [a, b], beat, nearest }) => ({
        who: `${id(a)} ${id(b)}`,
        beat,
        nearest,
      })),
    ),
    pace: pace && {
      who: id(pace.dancer),
      perBeat: pace.perBeat,
      strides: Math.round(stridesOf(pace) * 100) / 100,
    },
  }
}

function home(standing: Standing): object {
  const { links, counts, walk } = wayHome(standing)
  return {
    way: links && links.map(({ text }) => text),
    beats: links && counts,
    walk: { metres: walk.metres, beats: walk.counts },
  }
}

/** How many sets a hall takes, or all that it has room for. */
function roomOf(hall: Hall, track: Track | null): object {
  if (!track) return roomFor(hall)
  const box = boxOf(track.places)
  return { box, fits: fitsIn(hall, box) }
}
