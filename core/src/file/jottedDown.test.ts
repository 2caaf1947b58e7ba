import { contentName, jotted } from '../testing/jotted.ts'

const slots = (text: string): string[] =>
  jotted(text).parts.flatMap((part) => part.slots.map(contentName))

describe('a line with several figures', () => {
  it('is each of them, where no figure has the whole name', () => {
    expect(
      slots('dance: line dance\npart A\n  Shuffle right, rock back\n  Heel switches; hip bumps'),
    ).toEqual(['Side shuffle right', 'Rock back, recover', 'Heel switches', 'Hip bumps'])
    expect(slots('dance: two-step\npart A\n  Walk 2 and scissors thru, then vine 4')).toEqual([
      'Walk two',
      'Scissors through',
      'Vine four',
    ])
  })
  it('is one figure where one has its name', () => {
    expect(slots('dance: waltz\npart A\n  Through, face, close\n  Balance left and right')).toEqual(
      ['Through, face, close', 'Balance left and right'],
    )
  })
  it('stays words where a piece of it is no figure, or stands in quotation marks', () => {
    expect(slots('dance: waltz\npart A\n  Box, heron\n  "Box, hover" = 6')).toEqual([
      'Box, heron ?',
      'Box, hover 6',
    ])
  })
  it('keeps the figures of other dances out', () => {
    expect(slots('dance: line dance\npart A\n  Jazz box, telemark')).toEqual([
      'Jazz box, telemark ?',
    ])
  })
})

describe('a number behind a name', () => {
  it('is how many steps where figures of that name have one, else how often', () => {
    expect(slots('dance: two-step\npart A\n  Vine 3\n  Vine 4')).toEqual([
      'Vine three, touch',
      'Vine four',
    ])
    expect(slots('dance: waltz\npart A\n  Hover x2')).toEqual(['Hover x2'])
  })
})

describe('a wait', () => {
  it('lasts as long as it says, in bars of the dance or in counts', () => {
    expect(
      slots(
        'dance: waltz\npart A\n  Wait two measures\n  Wait 4 counts\n  zwei Takte warten\n  Warten 2 Takte',
      ),
    ).toEqual(['Wait two measures 6', 'Wait 4 counts 4', 'zwei Takte warten ?', 'Warten 2 Takte 6'])
  })
  it('keeps the length that is written', () => {
    expect(slots('dance: waltz\npart A\n  Wait two bars = 12')).toEqual(['Wait two bars 12'])
  })
})

const PARTS = 'dance: waltz\npart Intro\n  Box\npart A\n  Box\n  Hover\n  Hover\n  Box\n'
const order = (text: string): string[] => {
  const { parts, passes } = jotted(PARTS + text)
  return passes.map(({ partId, times, reflected, stretch, kind }) => {
    const part = parts.find(({ id }) => id === partId)!
    const at = (id: string): number => part.slots.findIndex((slot) => slot.id === id) + 1
    return [
      kind === 'pass' ? '' : kind,
      part.label,
      times > 1 ? `x${times}` : '',
      reflected ? 'mirrored' : '',
      stretch ? `${at(stretch.from)}-${at(stretch.to)}` : '',
    ]
      .filter(Boolean)
      .join(' ')
  })
}

describe('an order', () => {
  it('stands on the line of its heading, in either language', () => {
    const passes = ['Intro', 'A x2', 'A mirrored', 'ending A']
    expect(order('order: Intro A x2, A mirrored; ending A')).toEqual(passes)
    expect(order('Ablauf: Intro A x2 A gespiegelt Schluss A')).toEqual(passes)
    expect(order('Reihenfolge\n  Intro\n  A x2\n  A gespiegelt\n  Schluss A')).toEqual(passes)
  })
  it('takes the first half of a part by its counts', () => {
    expect(order('order: A A half A')).toEqual(['A', 'A 1-2', 'A'])
    expect(order('Ablauf\n  A halb')).toEqual(['A 1-2'])
  })
  it('is refused at its line where no figure ends at the half', () => {
    const uneven = PARTS.replace('  Hover\n  Hover\n', '  Box\n')
    expect(() => jotted(`${uneven}order\n  A half`)).toThrow(
      /^Line 9: No figure of “A” ends at the half of its 18 counts/,
    )
    const open = PARTS.replace('  Hover\n', '  Heron\n')
    expect(() => jotted(`${open}order: A half`)).toThrow(/^Line 9: Half of “A” cannot be told/)
    expect(() => order('order: A Z')).toThrow(/“Z”/)
  })
})

describe('a start that is not told', () => {
  it('has the foot free and the hold that the first figure needs', () => {
    expect(jotted('dance: viennese waltz\npart A\n  Natural turn').start.lead.weight).toBe('left')
    expect(jotted('dance: two-step\npart A\n  Two forward two-steps').start).toMatchObject({
      hold: 'open',
      lead: { facing: 0 },
      follow: { facing: 0 },
    })
    expect(jotted('dance: viennese waltz\npart A\n  Reverse turn').start.lead.weight).toBe('right')
  })
  it('stays as it is told', () => {
    const text =
      'dance: viennese waltz\nstart: closed; lead faces wall, left foot free\npart A\n  Natural turn'
    expect(jotted(text).start.lead.weight).toBe('right')
  })
})

describe('a sheet as it lies on the table', () => {
  const heads = (text: string): string[] => jotted(text).parts.map(({ label }) => label)
  it('opens its parts by their labels alone, where lines are indented under them', () => {
    expect(
      heads('dance: waltz\nIntro\n  Box\nPart A:\n  Hover\nVerse 2:\n  Box\nTag\n  Box\n'),
    ).toEqual(['Intro', 'A', 'Verse 2', 'Tag'])
  })
  it('has its order before the parts, under another name', () => {
    const { parts, passes } = jotted(
      'dance: waltz\nSequence: Intro A, A Tag\nIntro\n  Box\nA\n  Hover\nTag\n  Box\n',
    )
    expect(passes.map(({ partId }) => parts.find(({ id }) => id === partId)!.label)).toEqual([
      'Intro',
      'A',
      'A',
      'Tag',
    ])
  })
  it('has keys by other words, and its counts and walls', () => {
    const read = jotted(
      'Name: Heron Lane\nChoreographer: Wren Ashdown-Vale\nRhythm: line dance\nSpeed: 112 bpm\nCount: 32\nWalls: 4\npart A\n',
    )
    expect(read).toMatchObject({
      title: 'Heron Lane',
      by: 'Wren Ashdown-Vale',
      dance: 'line dance',
      bpm: 112,
      phraseBeats: 32,
      tags: ['4 walls'],
    })
  })
  it('says how a longways set stands', () => {
    expect(jotted('dance: contra\nformation: improper\npart A\n')).toMatchObject({
      dance: 'contra',
      formation: 'set',
      places: { shape: 'longways', minor: 'duple', stand: 'improper' },
    })
  })
})

describe('a heading as paper has it', () => {
  it('counts bars a minute in the dance’s own bars, wherever they stand', () => {
    expect(jotted('tempo: 30 mpm\ndance: waltz\npart A\n').bpm).toBe(90)
    expect(jotted('dance: waltz\nTempo: 30 bars per minute\npart A\n').bpm).toBe(90)
    expect(jotted('dance: waltz\nSpeed: 96.5 bpm\npart A\n').bpm).toBe(96.5)
  })
  it('may have several keys on a line', () => {
    expect(jotted('dance: line dance\nCount: 48 Wall: 2 Level: Improver\npart A\n')).toMatchObject({
      phraseBeats: 48,
      tags: ['2 walls'],
      level: 'improver',
    })
  })
  it('keeps what it has no place for in the remark, once', () => {
    const read = jotted(
      'dance: sequence dance\nRhythm: saunter\nremark: Mind the step.\nFootwork: opposite\npart A\n  Wait two bars\nRestart: third time, after 16\n',
    )
    expect(read.dance).toBe('sequence dance')
    expect(read.remark).toBe(
      'Mind the step.\nRhythm: saunter\nFootwork: opposite\nRestart: third time, after 16',
    )
    expect(read.parts[0]!.slots).toHaveLength(1)
  })
  it('tells of a remark that cannot be read, and of no note', () => {
    expect(() => jotted('dance: waltz\nremark: "half\nFootwork: opposite\npart A\n')).toThrow(
      'Line 2',
    )
  })
  it('says in German how all start', () => {
    const { start } = jotted(
      'Titel: Schilf\nTanz: Walzer\nBeginn: geschlossene Haltung, Herr Blick zur Wand\nTeil A\n  Box\n',
    )
    expect([start.hold, start.lead.facing]).toEqual(['closed', 2])
  })
})

describe('the counts before a line', () => {
  it('are left out where figures say how long they are, and else say it of words', () => {
    expect(
      slots(
        'dance: line dance\npart A\n  1-8 Vine right, touch, vine left, touch\n  [9-16] Whatever you like\n  17–20: Rocking chair',
      ),
    ).toEqual(['Vine right, touch', 'Vine left, touch', 'Whatever you like 8', 'Rocking chair'])
  })
})

describe('what is danced to each side that is told', () => {
  it('takes a count for each', () => {
    expect(
      slots(
        'dance: line dance\npart A\n  Heel switches r l\n  Sways l r l r\n  Hip bumps R R L L\n  Vine left, 1/4 turn, brush',
      ),
    ).toEqual(['Heel switches', 'Hip sways x2 mirrored', 'Hip bumps R R L L ?', 'Vine left, scuff'])
  })
})

describe('a name that other dances have', () => {
  it('is words where several have it, of a length that is asked for', () => {
    expect(slots('dance: merengue\npart A\n  Wrap\n')).toEqual(['Wrap ?'])
  })
})

describe('a figure of another dance', () => {
  it('is taken by its dance and name, and never by its name alone: its counts are others', () => {
    expect(
      slots('dance: tango\npart A\n  Hockey stick\n  cha-cha: Hockey stick\n  Contra check\n'),
    ).toEqual(['Hockey stick ?', 'Hockey stick', 'Contra check'])
  })
  it('is taken by its name where the dance has none of its own', () => {
    expect(slots('dance: heron\npart A\n  Contra check\n')).toHaveLength(1)
  })
  it('is the dance’s own where both have it, in its own counts', () => {
    const [fan] = jotted('dance: rumba\npart A\n  Fan\n').parts[0]!.slots
    expect(fan!.content).toMatchObject({ figureId: 'rumba.fan' })
  })
})

describe('a German heading as it is jotted down', () => {
  it('has its cues in German, unless it says otherwise', () => {
    expect(jotted('Titel: Feldweg\nTanz: Walzer\nTeil A\n').language).toBe('de')
    expect(jotted('Titel: Feldweg\nTanz: Walzer\nSprache: Englisch\nTeil A\n').language).toBe('en')
    expect(jotted('title: Feldweg\ndance: waltz\npart A\n').language).toBe('en')
  })
  it('has its counts, walls, level and formation', () => {
    expect(
      jotted('Titel: Feldweg\nTanz: Line Dance\nSchläge: 32\nWände: 4\nNiveau: Anfänger\nTeil A\n'),
    ).toMatchObject({ phraseBeats: 32, tags: ['4 walls'], level: 'easy' })
    expect(jotted('Tanz: Gassentanz\nAufstellung: Gasse\nPaare: 4\nTeil A\n')).toMatchObject({
      formation: 'set',
      couples: 4,
    })
  })
})
