import type { Figure } from '../model/figure.ts'

/**
 * Figures of one dance that another has as they are, counts and all, under the names they have
 * there. Throws for a name that is not in the list: a book that ships has none such.
 */
export function alsoDancedIn(
  family: string,
  figures: readonly Figure[],
  names: readonly string[],
): Figure[] {
  const prefix = family.replaceAll(' ', '-')
  return names.map((name) => {
    const figure = figures.find((one) => one.name === name)
    if (!figure || figure.parts) throw new Error(`${name} cannot be danced in ${family} as it is`)
    const own = figure.id.includes('.') ? figure.id.slice(figure.id.indexOf('.') + 1) : figure.id
    return { ...figure, family, id: `${prefix}.${own}` }
  })
}

/** Quick, quick, slow in both. */
export const MAMBO_AS_RUMBA: readonly string[] = [
  'New yorker',
  'New yorker in four',
  'Hand to hand',
  'Spot turn',
  'Underarm turn',
  'Reverse underarm turn',
  'Fence line',
  'Open break',
  'Crab walks',
  'Cross body',
  'Shoulder to shoulder',
  'Break back to open',
  'Whip',
  'Cucaracha left',
  'Time step',
  'Aida',
]
/** Three to the bar in both, and as quick as the music. */
export const VIENNESE_AS_WALTZ: readonly string[] = [
  'Canter',
  'Twirl vine',
  'Reverse twirl',
  'Vine three',
  'Through, face, close',
  'Side, draw, touch',
  'Solo roll',
  'Waltz away',
  'Waltz together',
  'Forward waltz',
  'Twinkle',
  'Progressive twinkles',
  'Step, swing',
  'Lace across',
  'Wrap',
  'Pick up, side, close',
  'Apart, point',
  'Dip',
]
