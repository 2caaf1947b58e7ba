import { countingIds, expectOk } from '../../document/index.ts'
import { readFigureFile, writeFigureFile } from '../../file/index.ts'
import { countLabel, type Tick } from '../../time/index.ts'
import { performers } from '../model/cast.ts'
import { checkFigure } from '../checks/checkFigure.ts'
import { figureCsv, readFigureCsv } from './figureCsv.ts'
import type { Figure } from '../model/figure.ts'
import { stateAfter } from '../library/followOn.ts'
import { measureFigure } from '../geometry/measure.ts'
import { AS_WRITTEN } from '../model/variation.ts'
import { applyVariation } from '../model/vary.ts'
import { figureOfWritten, UNWRITTEN, writtenOfFigure, type WrittenFigure } from './written.ts'

/** A figure of each kind the model knows, as it is typed, and what a teacher would say of it. */
const KINDS: readonly (readonly [
  string,
  Partial<WrittenFigure>,
  (figure: Figure) => unknown,
  unknown,
])[] = [
  [
    'a clog figure with a pick-up and quarters of a beat',
    {
      family: 'clog',
      dancers: 'solo',
      followKind: 'same',
      beats: '4',
      lead: '&1 left brush, a1 left tap, 1 left in place, 1& right brush, 1a right tap, 2 right in place, 3 left in place, 3& right in place, 4 left in place',
    },
    (figure) => [
      measureFigure(danced(figure)).difficulties.map(({ code }) => code),
      figure.lead.map(({ at }) => at / 24),
    ],
    [['half-beats', 'pick-up'], [-0.5, -0.25, 0, 0.5, 0.75, 1, 2, 2.5, 3]], // prettier-ignore
  ],
  [
    'slow and quick as long as the dance has them',
    { family: 'slow foxtrot', beats: '4', lead: 'S left forward, Q right side, Q left close' },
    (figure) => figure.lead.map(({ at }) => at / 24),
    [0, 2, 3],
  ],
  [
    'slow and quick in a dance in two, where a slow is one beat',
    { family: 'two-step', beats: '2', lead: 'Q left forward, Q right close, S left forward' },
    (figure) => figure.lead.map(({ at }) => at / 24),
    [0, 0.5, 1],
  ],
  [
    'a figure counted from 2',
    {
      family: 'rumba',
      beats: '4',
      countFrom: '2',
      lead: '1 left forward, 2 right recover, 3 left side',
    },
    (figure) =>
      figure.lead.map(
        ({ at }) =>
          countLabel(
            { beatsPerGroup: 4, ones: 'plain', countFrom: figure.countFrom!, division: 4 },
            at as Tick,
          )?.text,
      ),
    ['2', '3', '4'],
  ],
  [
    'arms and a head on beats of their own',
    {
      beats: '4',
      lead: '1 left side, 3 right close, arms:1& both "arms open", head:2 "look left"',
    },
    (figure) => performers(danced(figure))[0]!.steps.map(({ layer, at }) => `${layer} ${at / 24}`),
    ['feet 0', 'feet 2', 'arms 0.5', 'head 1'],
  ],
  [
    'part of the weight, and split',
    { beats: '3', lead: '1 left side part weight, 2 both hold split weight, 3 right close' },
    (figure) => figure.lead.map(({ weight }) => weight),
    ['part', 'split', 'full'],
  ],
  [
    'roles with other numbers of steps that end on different feet',
    {
      beats: '2',
      lead: '1 left side, 2 right point',
      followKind: 'own',
      follow: '1 right side, 2 left close',
    },
    (figure) => [
      stateAfter(figure)!.lead.weight,
      stateAfter(figure)!.follow.weight,
      measureFigure(danced(figure)).difficulties,
    ],
    ['left', 'left', [{ code: 'other-steps' }]],
  ],
  [
    'one role that stands',
    {
      beats: '2',
      lead: 'stand',
      followKind: 'own',
      follow: '1 right forward turn right 1/2, 2 left back turn right 1/2',
      cautions: [{ kind: 'spin', text: 'give room' }],
    },
    (figure) => performers(danced(figure)).map(({ role, steps }) => [role, steps.length]),
    [
      ['lead', 0],
      ['follow', 2],
    ],
  ],
  [
    'a couple on the same feet',
    { beats: '2', lead: '1 left forward, 2 right forward', followKind: 'same', holds: ['shadow'] },
    (figure) => [
      stateAfter(figure)!.lead,
      stateAfter(figure)!.follow,
      measureFigure(danced(figure)).difficulties.map(({ code }) => code),
    ],
    [{ weight: 'right', facing: 2 }, { weight: 'right', facing: 2 }, ['same-feet']],
  ],
  [
    'everyone alone',
    {
      family: 'line dance',
      dancers: 'solo',
      followKind: 'same',
      beats: '2',
      lead: '1 right side, 2 left touch',
      frame: 'walls',
      facings: [0],
    },
    (figure) => performers(danced(figure)).map(({ role }) => role),
    ['everyone'],
  ],
  [
    'a set in which each couple does its own',
    {
      family: 'set dance',
      dancers: 'set',
      followKind: 'same',
      couples: '3',
      beats: '4',
      lead: '1 right forward, 2 left forward, 3 right forward, 4 left close',
      others:
        'couple 2: 1 right side, 3 left close\ncouple 3 lead: stand\ncouple 3 follow: 1 right in place',
    },
    (figure) =>
      performers(danced(figure)).map(
        ({ role, couples, steps }) => `${role} ${couples?.join(' ')}: ${steps.length}`,
      ),
    ['lead 1: 4', 'follow 1: 4', 'everyone 2: 2', 'lead 3: 0', 'follow 3: 1'],
  ],
  [
    'a turn that is only about so much',
    { beats: '2', lead: '1 left side turn about left 3/8, 2 right close' },
    (figure) => [figure.lead[0]!.turn, figure.lead[0]!.about],
    [-3, true],
  ],
  [
    'a turn and a way told by the hall',
    {
      beats: '2',
      facings: [2],
      lead: '1 left toward line of dance turn to line of dance, 2 right forward',
    },
    (figure) => [figure.lead[0]!.travel!.direction, figure.lead[0]!.turn],
    [6, -2],
  ],
  [
    'hands that change on the way',
    {
      beats: '4',
      holds: ['two hands'],
      lead: '1 left back, 2 right recover, 3 left side, 4 right close',
      holdChanges: '1 open facing, 3 butterfly',
      exitHold: 'closed',
    },
    (figure) => danced(figure).holds.map(({ hold }) => hold),
    ['open facing', 'butterfly'],
  ],
  [
    'an entry that is soft in its hold and hard in its facing',
    {
      beats: '2',
      lead: '1 left side, 2 right close',
      strictness: { feet: 'hard', holds: 'soft', facings: 'hard' },
      facings: [2, 6],
    },
    (figure) => figure.entry.strictness,
    { feet: 'hard', holds: 'soft', facings: 'hard' },
  ],
  [
    'another ending',
    {
      beats: '4',
      holds: ['butterfly'],
      lead: '1 left side, 2 right behind, 3 left side, 4 right across',
      endings:
        'to open | open | from 4 | lead: 4 right across turn left 1/4 | follow: 4 left across turn right 1/4',
    },
    (figure) => applied(figure, { ending: 'to open' }).exitHold,
    'open',
  ],
  [
    'an option that is not counted until it is chosen',
    {
      beats: '2',
      lead: '1 left side, 2 right close',
      options: 'clap | lead: arms:2 both clap | follow: opposite',
    },
    (figure) => [
      danced(figure).steps.follow.length,
      applied(figure, { options: ['clap'] }).steps.follow.length,
    ],
    [2, 3],
  ],
  [
    'a half of its own',
    { beats: '3', lead: '1 left side, 3 right close', half: '2' },
    (figure) => applied(figure, { cut: { type: 'half' } }).lengthTicks / 24,
    2,
  ],
  [
    'names by school, region and language, and German words',
    {
      beats: '2',
      lead: '1 left side, 2 right close',
      aliases: 'Seitschritt [de]; Side close [school line, region the fens]',
      words: {
        en: { full: 'side, close', short: 'side', keyWord: 'side' },
        de: { full: 'Seite, ran', short: 'Seite', keyWord: 'Seite' },
      },
    },
    (figure) => [figure.aliases, figure.wordings.de?.full],
    [
      [
        { name: 'Seitschritt', language: 'de' },
        { name: 'Side close', school: 'line', region: 'the fens' },
      ],
      'Seite, ran',
    ],
  ],
]
const danced = (figure: Figure) => expectOk(applyVariation(figure))
const applied = (figure: Figure, variation: object) =>
  expectOk(applyVariation(figure, { ...AS_WRITTEN, ...variation }))

describe.each(KINDS)('%s', (_kind, typed, derive, said) => {
  const { figure, problems } = figureOfWritten(
    { ...UNWRITTEN, name: 'One', family: 'waltz', ...typed },
    'one',
  )
  it('can be typed, and a teacher would say this of it', () => {
    expect(problems).toEqual([])
    expect(derive(figure!)).toEqual(said)
    expect(checkFigure(figure!).filter(({ severity }) => severity !== 'note')).toEqual([])
  })
  it('comes back whole as typed, as a file and as a table', () => {
    expect(figureOfWritten(writtenOfFigure(figure!), 'one').figure).toEqual(figure)
    expect(expectOk(readFigureFile(writeFigureFile([figure!])))).toEqual([figure])
    expect(expectOk(readFigureCsv(figureCsv([figure!]), countingIds('n')))).toEqual([figure])
  })
})
