import type { RowLine, RowRibbon } from '@dellop/core/sheet'
import { TICKS_PER_BEAT } from '@dellop/core/time'
import { BLOCK_FONT, linesAtWidth, RIBBON_FONT, widthInLines } from './measure.ts'

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
const BLOCK_PADDING = 22
/** The sign of a pin before the words. */
const PIN_WIDTH = 17
const GAP = 4
const TEXT_HEIGHT = 19
const RIBBON_EXTRA = 9
const MOST_LINES = 3

export const ribbonHeight = (lines: number): number => lines * TEXT_HEIGHT + RIBBON_EXTRA

/** Lays out one line at `beatPx` pixels a beat; `nameOf` gives a block's words. */
export function layoutLine(line: RowLine, beatPx: number, names: readonly string[]): LineLayout {
  const x = (ticks: number): number => ((ticks - line.start) / TICKS_PER_BEAT) * beatPx
  const width = x(line.end)
  const ribbons = placeRibbons(line, x, width)
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
          linesOfBlock(names[i]!, Math.max(20, x(block.end) - x(block.start) - BLOCK_PADDING)),
        ),
      ),
    ),
    saidHeight: (tiers + 1) * (ribbonHeight(lines) + 3),
  }
}

/** A block grows to so many lines; names of a figure are not longer. */
const MOST_BLOCK_LINES = 6
/** What is said below a name stands on a line of its own. */
const linesOfBlock = (name: string, width: number): number =>
  name.split('\n').reduce((sum, part) => sum + linesAtWidth(part, width, BLOCK_FONT), 0)

/**
 * A ribbon's right end is the end of its sound. Where its words need more room than its sound they
 * take it to the left, on up to three lines; where even that would touch the ribbon before, the
 * ribbon is lifted a tier.
 */
function placeRibbons(line: RowLine, x: (ticks: number) => number, width: number): RibbonBox[] {
  const taken: number[] = []
  return line.ribbons.map((ribbon) => {
    const sound = { left: x(ribbon.start), right: Math.min(x(ribbon.end), width) }
    const { text } = ribbon.said.wording
    const need = (lines: number): number =>
      Math.max(
        sound.right - sound.left,
        widthInLines(text, lines, RIBBON_FONT) + RIBBON_PADDING + (ribbon.isPinned ? PIN_WIDTH : 0),
      )
    const right = Math.max(sound.right, Math.min(need(1), width))
    const fits = (tier: number, lines: number): boolean =>
      right - need(lines) >= (taken[tier] ?? -GAP) - 0.5
    const place = firstFit(fits) ?? { tier: taken.length, lines: 1 }
    const boxWidth = need(place.lines)
    const left = Math.max(0, right - boxWidth)
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

function firstFit(
  fits: (tier: number, lines: number) => boolean,
): { tier: number; lines: number } | null {
  for (const tier of [0, 1])
    for (let lines = 1; lines <= MOST_LINES; lines++) if (fits(tier, lines)) return { tier, lines }
  return null
}

/** Pixels a beat needs so that most names fit their blocks on two lines. */
export const LEAST_BEAT_PX = 46

/** Bars on one line: the most of 8, 4, 2 and 1 that leave every beat its room. */
export function barsPerLineFor(width: number, beatsPerBar: number): number {
  return [8, 4, 2, 1].find((bars) => width / (bars * beatsPerBar) >= LEAST_BEAT_PX) ?? 1
}
