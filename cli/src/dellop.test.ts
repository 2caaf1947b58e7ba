import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { SOUND_SHEETS } from '../../core/src/testing/soundSheets.ts'
import { folder, demo, shell, dellop, fileOf } from './testing/commands.ts'

describe('dellop count', () => {
  it('prints beats and events', () => {
    expect(dellop('count', 'S Q & Q').json).toEqual({
      beats: 4,
      events: [
        { token: 'S', beat: 0 },
        { token: 'Q', beat: 2 },
        { token: '&', beat: 2.5 },
        { token: 'Q', beat: 3 },
      ],
    })
    expect(dellop('count', '2 3 4 & 1', '--count-from', '2').json.beats).toBe(4)
    expect(dellop('count', '1 & a 2', '--division', '3').json.events[1].beat).toBeCloseTo(1 / 3, 9)
  })
  it('is a command of the shell, found from any folder, with its exit code and its words', () => {
    expect(shell('count', 'S Q & Q')).toMatchObject({ exit: 0, json: { beats: 4 }, stderr: '' })
    expect(shell('count', '1 x')).toMatchObject({
      exit: 2,
      text: '',
      stderr: expect.stringMatching(/^At character 3, "x"/),
    })
    expect(
      shell('check', fileOf('short.txt', 'dance: waltz\npart A\n  Box\norder\n  A\n')).json,
    ).toMatchObject({ beats: 6 })
  })
  it('says in one sentence what it does not understand', () => {
    expect(dellop('count', '1 x')).toMatchObject({
      exit: 2,
      json: null,
      stderr: expect.stringMatching(/^At character 3, "x"/),
    })
    expect(dellop('count')).toMatchObject({ exit: 2, stderr: expect.stringMatching(/expected/) })
    expect(dellop('count', '1 2', '--colour', 'blue').stderr).toMatch(/no option "--colour"/)
  })
})

describe('German', () => {
  it('is spoken by findings and refusals where it is asked for, in the shell', () => {
    expect(shell('count', '1 2 x', '--language', 'de')).toMatchObject({
      exit: 2,
      stderr: 'Bei Zeichen 5, „x“: Eine Zahl, S, Q, &, e, a oder - wurde erwartet.',
    })
    const { json } = shell(
      'check',
      '--language',
      'de',
      demo('sheets/rushlight-waltz-first-draft.json'),
    )
    const said = json.findings.map(({ message }: { message: string }) => message)
    expect(said.join(' ')).toMatch(/Erwartet wurde eine Warnung vor dem Drehen/)
    expect(shell('count', '1', '--language', 'fr').stderr).toBe(
      'After --language, en or de was expected.',
    )
  })
})

describe('dellop check', () => {
  it.each(Object.entries(SOUND_SHEETS))(
    'finds nothing to put right in %s, written as text',
    (name, text) => {
      const { exit, json } = dellop('check', fileOf(`${name.replaceAll(/\W+/g, '-')}.txt`, text))
      expect(exit).toBe(0)
      expect(json.beats).toBeGreaterThan(0)
      expect(
        json.findings.filter(({ severity }: { severity: string }) => severity !== 'note'),
      ).toEqual([])
    },
  )
  it('reads figures of one’s own from a table beside the sheet', () => {
    const table = fileOf(
      'own.csv',
      'name,family,dancers,beats,lead,follow\nReed step,line dance,solo,4,"1 right side, 2 left close, 3 right side, 4 left touch",same\n',
    )
    const sheet = fileOf(
      'reeds.txt',
      'dance: line dance\nformation: lines\nstart: all face front\npart A\n  Reed step\n  Reed step (mirrored)\norder\n  A\n'.replace(
        'front',
        "12 o'clock",
      ),
    )
    const codes = (line: string[]): string[] =>
      dellop('check', ...line).json.findings.map(({ code }: { code: string }) => code)
    expect(codes([sheet, '--figures', table])).not.toContain('missing.length')
    expect(codes([sheet])).toContain('missing.length')
    expect(dellop('check', sheet, '--figures', 'nowhere.csv').exit).toBe(2)
  })

  it('adds up a sheet that is a text, and tells the line that it cannot read', () => {
    const text =
      'dance: waltz\npart A\n  Balance left and right\n  Box (half)\n  Heron step\norder\n  A x2\n'
    const { exit, json } = dellop('check', fileOf('reed.txt', text))
    expect([exit, json.beats, json.findings.map(({ code }: { code: string }) => code)]).toEqual([
      expect.any(Number),
      18,
      expect.arrayContaining(['missing.length']),
    ])
    expect(dellop('check', fileOf('wrong.txt', 'part A\n  Box (haf)\n')).stderr).toMatch(/Line 2: /)
  })
  it('adds a sheet up and finds nothing in a sound one', () => {
    const { exit, json } = dellop('check', demo('sheets/lanterns-at-the-weir.json'))
    expect(exit).toBe(0)
    expect(json).toMatchObject({ beats: 204, findings: [] })
    expect(json.seconds).toBeCloseTo(127.5, 6)
    expect(json.parts).toContainEqual({ label: 'Bridge', beats: 6 })
    expect(json.passes[5]).toEqual({ part: 'A', beats: 24, startBeat: 102 })
    expect(
      dellop('check', demo('sheets/lanterns-at-the-weir.json'), '--bpm', '102').json.seconds,
    ).toBeCloseTo(120, 6)
  })
  it.each([
    ['pegs-on-a-line', 'pothook-hop', 128],
    ['sluice-gate-two-step', 'thimble-bridge', 136],
    ['eel-pots', 'the-eelcatcher-s-gate', 128],
    ['goosefoot-ring', 'seven-geese-over', 256],
    ['eight-for-the-geese', 'seven-geese-over', 256],
    ['tar-barrel-steps', 'pothook-hop', 128],
    ['combing-the-teasels', 'teasel-and-thrift', 112],
  ])('finds nothing in the demo’s %s on its tune', (sheet, tune, beats) => {
    const { exit, json } = dellop(
      'check',
      demo(`sheets/${sheet}.txt`),
      '--tune',
      demo(`tunes/${tune}.abc`),
    )
    expect([exit, json.beats, json.findings]).toEqual([0, beats, []])
  })
  it('ends with 1 when a finding stops the dance', () => {
    const sheet = JSON.parse(readFileSync(demo('sheets/lanterns-at-the-weir.json'), 'utf8'))
    sheet.routine.parts[0].slots[2].content.figureId = 'canter'
    const { exit, json } = dellop('check', fileOf('feet.json', JSON.stringify(sheet)))
    expect(exit).toBe(1)
    expect(json.findings.map((finding: { code: string }) => finding.code)).toContain(
      'feet.not-free',
    )
  })
  it('refuses a file cut in half, one of another kind, an unknown field and a negative length, each in a sentence', () => {
    const text = readFileSync(demo('sheets/lanterns-at-the-weir.json'), 'utf8')
    const sheet = JSON.parse(text)
    const refused = (name: string, content: string) => dellop('check', fileOf(name, content))
    expect(refused('half.json', text.slice(0, text.length / 2))).toMatchObject({
      exit: 2,
      json: null,
      stderr: expect.stringMatching(/stops being readable at line \d+/),
    })
    expect(refused('other.json', '{"format":"recipe"}').stderr).toMatch(
      /"dellop-sheet" was expected/,
    )
    expect(refused('field.json', JSON.stringify({ ...sheet, colour: 1 })).stderr).toMatch(
      /Unrecognized key: "colour"/,
    )
    expect(
      refused(
        'length.json',
        JSON.stringify({ ...sheet, figures: [{ ...sheet.figures[0], lengthTicks: -5 }] }),
      ).stderr,
    ).toMatch(/figures\[0\]\.lengthTicks: a length of at least 1 tick/)
    expect(dellop('check', 'nowhere.json').stderr).toMatch(/no file "nowhere.json"/)
  })
})

describe('dellop plan', () => {
  interface Utterance {
    startSeconds: number
    endSeconds: number
    stepSeconds: number
    minLeadSeconds: number
    startBeat: number
    kind: string
    text: string
  }
  it.each(['0.8', '1', '1.1'])(
    'at speed %s keeps every hard rule, judged from its output alone',
    (speed) => {
      const { exit, json } = dellop(
        'plan',
        demo('sheets/lanterns-at-the-weir.json'),
        '--speed',
        speed,
      )
      expect(exit).toBe(0)
      expect(json.silent).toEqual([])
      const utterances = json.utterances as Utterance[]
      utterances.forEach((one, i) => {
        expect(one.endSeconds).toBeLessThanOrEqual(one.stepSeconds - one.minLeadSeconds + 1e-9)
        const before = utterances[i - 1]
        if (before)
          expect(one.startSeconds).toBeGreaterThanOrEqual(
            before.endSeconds + json.breathSeconds - 1e-9,
          )
      })
      const names = utterances.filter(({ kind }) => kind !== 'gap')
      names.slice(2).forEach((one, i) => {
        expect(one.startSeconds).toBeGreaterThanOrEqual(names[i + 1]!.stepSeconds - 1e-9)
      })
      expect(utterances[0]!.startBeat).toBeLessThan(0)
    },
  )
  /** The rule of each mode, from what the command prints alone. */
  function judge(json: Record<string, unknown>): void {
    let ready = -Infinity
    for (const one of json['utterances'] as (Utterance & {
      mode: string
      kind: string
      notBeforeBeat: number
      stepBeat: number
      slots: unknown[]
    })[]) {
      expect(one.startSeconds).toBeGreaterThanOrEqual(ready - 1e-9)
      if (one.mode === 'with-step' || one.mode === 'steps')
        expect(one.startBeat).toBeCloseTo(one.stepBeat, 9)
      else expect(one.endSeconds).toBeLessThanOrEqual(one.stepSeconds - one.minLeadSeconds + 1e-9)
      if (one.mode === 'ahead' || one.mode === 'gap')
        expect(one.startBeat).toBeGreaterThanOrEqual(one.notBeforeBeat - 1e-9)
      expect(one.slots.length > 1).toBe(one.kind === 'joined')
      ready = one.endSeconds + (json['breathSeconds'] as number)
    }
  }
  const sheets = readdirSync(demo('sheets')).filter((file) => file.endsWith('.txt'))
  it.each(sheets)('of %s keeps the rule of each mode', (file) => {
    const text = readFileSync(demo(`sheets/${file}`), 'utf8')
    const tune = /^tune: (\S+)/m.exec(text)?.[1]
    const { json, exit } = dellop(
      'plan',
      demo(`sheets/${file}`),
      ...(tune ? ['--tune', demo(`tunes/${tune}.abc`)] : []),
      '--hall',
      '0.2',
    )
    expect(exit).toBe(0)
    judge(json)
  })
  it.each(['combing-the-teasels', 'goosefoot-ring'])(
    'of %s, taught step by step, keeps them too',
    (name) => {
      const text = readFileSync(demo(`sheets/${name}.txt`), 'utf8').replace(
        '\nstart:',
        '\ncalling: step by step\nstart:',
      )
      const { json } = dellop('plan', join(folder, fileOf(`${name}.txt`, text)), '--bpm', '100')
      judge(json)
      expect((json.utterances as { mode: string }[]).some(({ mode }) => mode === 'steps')).toBe(
        true,
      )
    },
  )
  it('plans for a voice as the application takes it along', () => {
    const slow = fileOf(
      'slow.json',
      JSON.stringify({
        id: 'mine-en',
        language: 'en',
        wordsPerMinute: 100,
        baseSeconds: 0.093,
        perLetterSeconds: 0.0674,
        perFunctionWordSeconds: -0.0407,
        measured: true,
      }),
    )
    const { json } = dellop('plan', demo('sheets/lanterns-at-the-weir.json'), '--voice', slow)
    expect([json.voice, json.marginSeconds]).toEqual(['mine-en', 0])
    judge(json)
    expect(
      dellop(
        'plan',
        demo('sheets/lanterns-at-the-weir.json'),
        '--voice',
        fileOf('odd.json', '{"id":"x"}'),
      ).stderr,
    ).toMatch(/odd\.json.*language/)
    expect(
      dellop(
        'plan',
        demo('sheets/lanterns-at-the-weir.json'),
        '--voice',
        fileOf('no.json', 'hello'),
      ).stderr,
    ).toMatch(/is no JSON/)
  })
  it('refuses a speed out of range and a school there is not', () => {
    expect(dellop('plan', demo('sheets/lanterns-at-the-weir.json'), '--speed', '3').stderr).toMatch(
      /0\.5 to 1\.5/,
    )
    expect(
      dellop('plan', demo('sheets/lanterns-at-the-weir.json'), '--school', 'hexagon').stderr,
    ).toMatch(/no school "hexagon"/)
  })
})

it('says what commands there are', () => {
  expect(shell('dance').stderr).toMatch(
    /no command "dance": dellop count \| check \| plan \| band \| floor \| figures \| rehearse \| evening \| log \| backup \| restore \| listen/,
  )
})

describe('dellop floor', () => {
  it('tells who stands where through a dance, whom one meets and when all are home', () => {
    const { exit, json } = dellop('floor', demo('sheets/reedcutters-line.txt'))
    expect(exit).toBe(0)
    expect(json).toMatchObject({ homeAfter: 12, progression: [1], findings: [], meetings: [] })
    expect(json.passes).toHaveLength(5)
    expect(json.passes[1]).toMatchObject({ out: 'L2 F2 L5 F5', order: '2 1 4 3 6 5' })
    expect(json.meets['L1 neighbours']).toBe('F2 F4 F6 F5 F3')
  })
  it('answers who is meant, a way home and what a hall has room for', () => {
    const square = demo('sheets/four-lamps-square.txt')
    const { json } = dellop('floor', square, '--who', 'heads', '--who', 'corners', '--home')
    expect(json.who).toEqual(['L1 F1 L3 F3', 'L1-F4 F1-L2 F2-L3 F3-L4'])
    expect(json).toMatchObject({ way: [], walk: { metres: 0, beats: 0 } })
    expect(dellop('floor', square, '--hall', '9 x 14 m').json.room.fits.most).toBe(6)
    expect(dellop('floor', '--hall', '9 x 14 m').json.room).toMatchObject({ ring: 30, circle: 17 })
  })
  it.each([
    [['--who', 'somebody'], /whom it concerns was expected here/],
    [['--who', 'heads and then'], /whom it concerns was expected here/],
    [['--hall', 'a barn'], /width and length in metres/],
  ])('refuses %s in a sentence', (options, sentence) => {
    const { exit, stderr } = dellop('floor', demo('sheets/four-lamps-square.txt'), ...options)
    expect([exit, stderr]).toEqual([2, expect.stringMatching(sentence)])
  })
  it('says what a sheet lacks that does not say how they stand', () => {
    expect(dellop('floor', demo('sheets/withy-bend.txt')).stderr).toMatch(/how they stand/)
  })
})

describe('dellop figures', () => {
  it('finds nothing to mend in the book that ships', () => {
    const { exit, json } = dellop('figures', 'check', '--book')
    expect([exit, json.figures >= 160, json.families >= 14]).toEqual([0, true, true])
    expect(
      json.findings.filter(({ severity }: { severity: string }) => severity !== 'note'),
    ).toEqual([])
  })
  it('exports it as a file of figures that is checked the same, and as a table', () => {
    const { json } = dellop('figures', 'export', '--json')
    const broken = {
      ...json.figures[0],
      id: 'broken',
      name: 'Broken',
      lead: [...json.figures[0].lead, ...json.figures[0].lead.slice(-1)],
    }
    expect(dellop('figures', 'check', fileOf('book.json', JSON.stringify(json))).json.figures).toBe(
      json.figures.length,
    )
    const checked = dellop(
      'figures',
      'check',
      fileOf('broken.json', JSON.stringify({ ...json, figures: [broken] })),
    )
    expect([
      checked.exit,
      checked.json.findings[0].figureId,
      checked.json.findings.map(({ code }: { code: string }) => code),
    ]).toEqual([1, 'broken', expect.arrayContaining(['figure.step-order'])])
    const csv = shell('figures', 'export', '--csv').text
    expect(csv.split('\r\n').length).toBe(json.figures.length + 2)
  })
  it('says in a sentence what it does not understand', () => {
    expect(dellop('figures').stderr).toMatch(/check FILE\|--book, or dellop figures export/)
    expect(dellop('figures', 'export').stderr).toMatch(/One of --json and --csv was expected/)
    expect(
      dellop('figures', 'check', fileOf('other.json', '{"format":"dellop-sheet"}')).stderr,
    ).toMatch(/"dellop-figures" or "dellop-figure" was expected/)
    expect(dellop('figures', 'check', fileOf('half.json', '{"format":"dellop-fig')).stderr).toMatch(
      /stops being readable/,
    )
  })
})

describe('dellop rehearse', () => {
  const sheet = demo('sheets/pegs-on-a-line.txt')
  it('scores the plan itself as all in time, and shows the floor dancing', () => {
    const { exit, json } = dellop('rehearse', sheet, '--plan', '--seed', '3')
    expect([exit, json.score.inTime]).toEqual([0, 1])
    expect(json.floor.right).toBeGreaterThan(0.8)
    expect(json.floor.slots[0].deeds).toHaveLength(16)
  })
  it('scores what was said, and is the same for the same seed', () => {
    const said = dellop('rehearse', sheet, '--plan').json.score.cues
    const late = said.map(({ said: span }: { said: { start: number; end: number } }) => ({
      start: span.start + 0.8,
      end: span.end + 0.8,
    }))
    const spans = fileOf('late.json', JSON.stringify(late))
    const first = dellop('rehearse', sheet, '--spans', spans, '--seed', '9')
    expect(first.json.score.inTime).toBeLessThan(0.7)
    expect(first.json.floor.right).toBeLessThan(
      dellop('rehearse', sheet, '--plan').json.floor.right,
    )
    expect(dellop('rehearse', sheet, '--spans', spans, '--seed', '9').json).toEqual(first.json)
  })
  it.each([
    [['rehearse', sheet], /--plan .* or --spans/],
    [['rehearse', sheet, '--spans', 'nowhere.json'], /does not tell what was said/],
    [['rehearse', sheet, '--plan', '--dancers', '0'], /from 1 to 200/],
  ])('%j is refused in a sentence', ([name, ...line], sentence) =>
    expect(dellop(name!, ...line)).toMatchObject({
      exit: 2,
      stderr: expect.stringMatching(sentence),
    }),
  )
})
