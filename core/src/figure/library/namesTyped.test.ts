import { SHIPPED_FIGURES } from '../book/index.ts'
import { NAMED_OTHERWISE } from '../book/otherNames.ts'
import { findFigure } from '../notation/figureText.ts'
import { variationText } from '../notation/variationText.ts'
import { findVaried } from './asked.ts'

/** What a line of a sheet is read as: a figure and how it is danced; null where no figure has that name. */
function read(family: string, text: string): string | null {
  const plain = findFigure(text, SHIPPED_FIGURES, family)
  if (plain.ok) return plain.value.name
  const varied = findVaried(text, SHIPPED_FIGURES, family)
  if (!varied) return null
  const how = variationText(varied.variation)
  return varied.figure.name + (how === '' ? '' : ` (${how})`)
}

describe('names as they are typed from paper', () => {
  it.each([
    // As cue sheets shorten them, and in American spelling.
    ['waltz', 'Thru, face, close', 'Through, face, close'],
    ['waltz', 'Fwd Waltz', 'Forward waltz'],
    ['waltz', 'Bal L & R', 'Balance left and right'],
    ['waltz', 'Maneuver', 'Manoeuvre'],
    ['waltz', 'Twinkle thru', 'Change of sides, twinkle through'],
    ['waltz', 'Pickup, side, close', 'Pick up, side, close'],
    ['two-step', 'Traveling box', 'Travelling box'],
    ['two-step', 'Scis thru', 'Scissors through'],
    ['two-step', '2 Fwd Two-Steps', 'Two forward two-steps'],
    ['line dance', 'Kick Ball Change', 'Kick, ball, change'],
    ['two-step', 'Scissors to bjo', 'Scissors across (to banjo)'],
    ['two-step', 'Fwd hitch', 'Hitch'],
    ['mixer', 'Do sa do partner', 'Back to back with the new partner'],
    ['square dance', 'Dosado your corner', 'Corner back to back'],
    ['rumba', 'Cucarachas', 'Cucarachas'],
    ['quickstep', 'Fish tail', 'Fishtail'],
    ['line dance', 'Right lindy', 'Lindy right'],
    [
      'line dance',
      'Grapevine links mit Vierteldrehung und Scuff',
      'Vine right, quarter, scuff (mirrored)',
    ],
    ['line dance', 'Jazzbox mit 1/4 Drehung rechts', 'Jazz box, quarter right'],
    ['line dance', 'Rock vor links', 'Rock forward, recover (mirrored)'],
    // By where the number or the side stands.
    ['tango', 'Two walks', 'Walk two'],
    ['two-step', 'Four vines', 'Vine four'],
    // By what teachers call them as well.
    ['west coast swing', 'Sugar push', 'Push basic'],
    ['square dance', 'Grand right and left', 'Grand chain home'],
    ['ring dance', 'Grapevine', 'Grapevine to the right'],
    ['cha-cha', 'Side door', 'Fence line'],
    // By what is said of them, in German too.
    ['rumba', 'Grundschritt', 'Basic'],
    ['line dance', 'Grapevine rechts', 'Vine right, touch'],
    ['samba', 'Basic', 'Basic forward and back'],
    ['waltz', 'Grundschritt', 'Box'],
    ['jive', 'Platzwechsel', 'Change places, right to left'],
    ['line dance', 'Grapevine links, tippen', 'Vine left, touch'],
    ['line dance', 'Wechselschritt rechts', 'Side shuffle right'],
    // As steps are counted out, and with words that change nothing.
    ['sequence dance', 'Walk, 2, 3, point', 'Walk three, point'],
    ['line dance', 'R vine with touch', 'Vine right, touch'],
    ['two-step', 'Vine 3', 'Vine three, touch'],
    // In sets, by whom it is danced with; what any set dances has its name there.
    ['longways', 'Swing your neighbour', 'Neighbours swing, facing across'],
    ['longways', 'Do-si-do neighbor', 'Neighbours back to back'],
    ['longways', 'Long lines forward and back', 'Forward and back'],
    ['square dance', 'Swing the corner', 'Corners swing at home'],
    // With how they are danced behind the name.
    ['waltz', 'Whisk to semi', 'Whisk (to semi-closed)'],
    ['waltz', 'Hover to semi', 'Hover'],
    ['line dance', 'Step pivot 1/4 left x2', 'Step, quarter pivot (x2)'],
    ['line dance', 'Step 1/2 pivot left', 'Step, half pivot (mirrored)'],
    ['clog', 'Basic L & R', 'Clog basic (x2)'],
    ['line dance', 'Step, pivot half left', 'Step, half pivot (mirrored)'],
    ['line dance', 'Step, pivot half right', 'Step, half pivot'],
    ['waltz', 'Left turning box, half', 'Left turning box (half)'],
    // By the name of the other side, or the foot that begins.
    ['line dance', 'Side rock left, recover', 'Side rock, recover (mirrored)'],
    ['line dance', 'Left coaster step', 'Coaster step (mirrored)'],
    ['line dance', 'Right sailor step', 'Sailor step'],
    ['line dance', 'Rolling vine left', 'Rolling vine right (mirrored)'],
    ['line dance', 'Vine left, 1/4, scuff', 'Vine right, quarter, scuff (mirrored)'],
    ['cha-cha', 'Cucaracha right', 'Cucaracha left (mirrored)'],
  ])('%s: %s', (family, text, figure) => expect(read(family, text)).toBe(figure))

  it.each([
    ['waltz', 'Heron turn'],
    ['waltz', 'Close, face, through'],
    ['line dance', 'Jazz box and something'],
    ['two-step', 'to semi'],
    ['waltz', ''],
  ])('%s: %j is no figure, and none is guessed', (family, text) =>
    expect(read(family, text)).toBeNull(),
  )

  it('find each figure of the book by its own name', () => {
    for (const figure of SHIPPED_FIGURES) {
      const found = findFigure(figure.name, SHIPPED_FIGURES, figure.family)
      expect([figure.id, found.ok && found.value.id]).toEqual([figure.id, figure.id])
    }
  })
  it('stand for figures that are there', () =>
    expect(NAMED_OTHERWISE.filter((id) => !SHIPPED_FIGURES.some((one) => one.id === id))).toEqual(
      [],
    ))
})
