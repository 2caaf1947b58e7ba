import type { RowLine, RowRibbon } from '@dellop/core/sheet'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { DENSITIES, type Density } from './density.ts'
import { linesAtWidth, pageFont, widthInLines } from './measure.ts'

/**
 * Where everything of one line lies, in pixels from the line's start. Words are never clipped or
 * laid over each other.
 */
export interface LineLayout {
  readonly width: number
  readonly ribbons: readonly RibbonBox[]
  readonly leads: readonly LeadBox[]
  readonly blockLines: number
  readonly saidHeight: number
}

export interface RibbonBox {
  readonly ribbon: RowRibbon
  readonly left: number
  readonly width: number
  readonly lines: number
  /**
   * Tier above the lane's bottom, 0 lowest: words too long for their place are lifted over their
   * neighbour.
   */
  readonly tier: number
  /** Drawn with as little room beside its words as may be. */
  readonly tight: boolean
  /** The time it truly takes, within the box. */
  readonly soundLeft: number
  readonly soundWidth: number
}

/** The gap between a cue's end and its step. */
export interface LeadBox {
  readonly key: string
  readonly left: number
  readonly width: number
}

/** Room beside the words inside a ribbon (the cut left end takes most of it) and inside a block. */
const RIBBON_PADDING = 26
/** As little as may be, where the ribbon before stands close. */
const TIGHT_PADDING = 17
const BLOCK_PADDING = 22
/** The sign of a pin before the words. */
const PIN_WIDTH = 17
const GAP = 4
const MOST_LINES = 3
/** Pixels between tiers. */
const TIER_GAP = 2

export const ribbonHeight = (lines: number, { text, ribbon }: Density): number =>
  lines * text + ribbon
/** What is drawn in lighter letters, as the style sheet has it. */
const LIGHT: ReadonlySet<RowRibbon['purpose']> = new Set([
  'amount',
  'step',
  'first-role',
  'other-role',
  'gap',
])
/** What has a double edge at its end, as the style sheet has it. */
const EDGED: ReadonlySet<RowRibbon['purpose']> = new Set([
  'amount',
  'step',
  'first-role',
  'other-role',
])
const EDGE_WIDTH = 4
/** How far a ribbon stands above the bottom of its lane. */
export const tierBottom = (tier: number, lines: number, density: Density): number =>
  tier * (ribbonHeight(lines, density) + TIER_GAP)

/** Lays out one line at `beatPx` pixels a beat; `names` are the words of its blocks. */
export function layoutLine(
  line: RowLine,
  beatPx: number,
  names: readonly string[],
  density: Density = DENSITIES.usual,
): LineLayout {
  const x = (ticks: number): number => ((ticks - line.start) / TICKS_PER_BEAT) * beatPx
  const width = x(line.end)
  const ribbons = placeRibbons(line, x, width, density)
  const tiers = Math.max(0, ...ribbons.map((box) => box.tier))
  const lines = Math.max(1, ...ribbons.map((box) => box.lines))
  return {
    width,
    ribbons,
    // What stands in a gap leads to no step.
    leads: line.ribbons
      .filter(({ purpose }) => purpose !== 'gap')
      .map((ribbon) => ({
        key: ribbon.slotKey,
        left: Math.min(x(ribbon.end), width),
        width: Math.max(0, Math.min(x(ribbon.stepTick), width) - Math.min(x(ribbon.end), width)),
      })),
    blockLines: Math.max(
      1,
      ...line.blocks.map((block, i) =>
        Math.min(
          MOST_BLOCK_LINES,
          linesOfBlock(
            names[i]!,
            Math.max(20, x(block.end) - x(block.start) - BLOCK_PADDING),
            pageFont(density.font, 600),
          ),
        ),
      ),
    ),
    saidHeight: tierBottom(tiers, lines, density) + ribbonHeight(lines, density),
  }
}

/** A block grows to so many lines; names of a figure are not longer. */
const MOST_BLOCK_LINES = 6
/** What is said below a name stands on a line of its own. */
const linesOfBlock = (name: string, width: number, font: string): number =>
  name.split('\n').reduce((sum, part) => sum + linesAtWidth(part, width, font), 0)

/**
 * A ribbon's right end is the end of its sound. Where its words need more room than its sound they
 * take it to the left, on up to three lines; where even that would touch the ribbon before, the
 * ribbon is lifted a tier.
 */
function placeRibbons(
  line: RowLine,
  x: (ticks: number) => number,
  width: number,
  density: Density,
): RibbonBox[] {
  const taken: number[] = []
  return line.ribbons.map((ribbon) => {
    const sound = { left: x(ribbon.start), right: Math.min(x(ribbon.end), width) }
    const { text } = ribbon.said.wording
    const font = pageFont(density.font, LIGHT.has(ribbon.purpose) ? 400 : 600)
    const need = (lines: number, tight: boolean): number =>
      Math.max(
        sound.right - sound.left,
        widthInLines(text, lines, font) +
          (tight ? TIGHT_PADDING : RIBBON_PADDING) +
          (EDGED.has(ribbon.purpose) ? EDGE_WIDTH : 0) +
          (ribbon.isPinned ? PIN_WIDTH : 0),
      )
    const rightOf = (tight: boolean): number =>
      Math.max(sound.right, Math.min(need(1, tight), width))
    const fits = ({ tier, lines, tight }: Place): boolean =>
      rightOf(tight) - need(lines, tight) >= (taken[tier] ?? -GAP) - 0.5
    const place = PLACES.find(fits) ?? { tier: taken.length, lines: 1, tight: false }
    const boxWidth = need(place.lines, place.tight)
    const left = Math.max(0, rightOf(place.tight) - boxWidth)
    taken[place.tier] = left + boxWidth + GAP
    return {
      ribbon,
      left,
      width: boxWidth,
      ...place,
      soundLeft: Math.max(0, sound.left - left),
      soundWidth: sound.right - sound.left,
    }
  })
}

interface Place {
  readonly tier: number
  readonly lines: number
  readonly tight: boolean
}
/** Where a ribbon may stand, best first. */
const PLACES: readonly Place[] = [0, 1].flatMap((tier) =>
  Array.from({ length: MOST_LINES }, (_, i) => i + 1).flatMap((lines) =>
    [false, true].map((tight) => ({ tier, lines, tight })),
  ),
)

/** Pixels a beat needs so that most names fit their blocks on two lines. */
export const LEAST_BEAT_PX = 46

/** Bars on one line: the most of 8, 4, 2 and 1 that leave every beat its room. */
export function barsPerLineFor(
  width: number,
  beatsPerBar: number,
  { font }: Density = DENSITIES.usual,
): number {
  const least = (LEAST_BEAT_PX * font) / DENSITIES.usual.font
  return [8, 4, 2, 1].find((bars) => width / (bars * beatsPerBar) >= least) ?? 1
}
