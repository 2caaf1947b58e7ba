import {
  freeTimes,
  secondsAt,
  tickAt,
  TICKS_PER_BEAT,
  type BeatMap,
  type Seconds,
  type Tick,
} from '@dellop/core/time'
import { words } from '../words/index.ts'

/** A stretch of the recording as the strip shows it. */
export interface StripView {
  readonly samples: Float32Array | null
  readonly sampleRate: number
  readonly from: number
  readonly span: number
  readonly beatMap: BeatMap
  readonly beatsPerBar: number
  readonly at: number
  readonly chosenBeat: number | null
  /** Where the chosen beat is being dragged to, in seconds. */
  readonly draggedTo: number | null
  readonly landmarks: readonly { readonly seconds: number; readonly text: string }[]
  /** Where taps fell, in seconds. */
  readonly taps: readonly number[]
}

/** Beats closer together than this many pixels are not drawn one by one. */
const LEAST_PIXELS = 2.5
const HEAD = 22

/**
 * Draws the strip: sound, free time, beats and bars with their numbers, landmarks, the chosen beat
 * and the playhead.
 */
export function drawStrip(box: HTMLCanvasElement, view: StripView): void {
  const pen = box.getContext('2d')
  if (!pen || box.clientWidth === 0) return
  const scale = window.devicePixelRatio
  const { clientWidth: width, clientHeight: height } = box
  box.width = width * scale
  box.height = height * scale
  pen.scale(scale, scale)
  const style = getComputedStyle(box)
  const colour = (name: string): string => style.getPropertyValue(name)
  const strip: Strip = {
    pen,
    width,
    height,
    colour,
    font: style.fontFamily,
    x: (seconds) => ((seconds - view.from) / view.span) * width,
  }
  drawWave(strip, view)
  drawFree(strip, view)
  drawBeats(strip, view)
  drawLandmarks(strip, view)
  drawTaps(strip, view)
  pen.fillStyle = colour('--feet')
  pen.fillRect(strip.x(view.at) - 1.5, 0, 3, height)
}

interface Strip {
  readonly pen: CanvasRenderingContext2D
  readonly width: number
  readonly height: number
  readonly colour: (name: string) => string
  readonly font: string
  readonly x: (seconds: number) => number
}

const modulo = (n: number, by: number): number => ((n % by) + by) % by

function drawBeats(strip: Strip, view: StripView): void {
  const { pen, width, height, colour, x } = strip
  const { beatMap, beatsPerBar } = view
  const first = Math.ceil(tickAt(beatMap, view.from as Seconds) / TICKS_PER_BEAT)
  const last = Math.floor(tickAt(beatMap, (view.from + view.span) as Seconds) / TICKS_PER_BEAT)
  const pixels = width / Math.max(1, last - first)
  if (pixels < LEAST_PIXELS) return
  pen.font = `700 14px ${strip.font}`
  for (let beat = first; beat <= last; beat++) {
    const inBar = modulo(beat, beatsPerBar)
    const dragged = beat === view.chosenBeat && view.draggedTo !== null
    const left = x(dragged ? view.draggedTo : secondsAt(beatMap, (beat * TICKS_PER_BEAT) as Tick))
    if (beat === view.chosenBeat) drawChosen(strip, left)
    pen.fillStyle = colour(inBar === 0 ? '--ink' : '--feet')
    pen.fillRect(
      left - (inBar === 0 ? 1.5 : 0.5),
      inBar === 0 ? 0 : HEAD,
      inBar === 0 ? 3 : 1.5,
      height,
    )
    if (inBar === 0 && pixels * beatsPerBar > 34)
      pen.fillText(words.tunes.barNumber(beat / beatsPerBar + 1), left + 5, 14)
    else if (inBar > 0 && pixels > 22) pen.fillText(String(inBar + 1), left + 5, 34)
  }
}

/** The chosen beat stands on a band with a flag at its foot, to drag it by. */
function drawChosen({ pen, height, colour }: Strip, left: number): void {
  pen.fillStyle = colour('--music-tint')
  pen.globalAlpha = 0.7
  pen.fillRect(left - 12, 0, 24, height)
  pen.globalAlpha = 1
  pen.fillStyle = colour('--music')
  pen.beginPath()
  pen.moveTo(left, height - 18)
  pen.lineTo(left + 11, height)
  pen.lineTo(left - 11, height)
  pen.fill()
}

/** Free time is a hatched field with its name, so that it is not told by colour alone. */
function drawFree(
  { pen, height, colour, x, font }: Strip,
  { beatMap, from, span }: StripView,
): void {
  for (const { leaveSeconds, resumeSeconds } of freeTimes(beatMap)) {
    if (resumeSeconds < from || leaveSeconds > from + span) continue
    const [left, right] = [x(leaveSeconds), x(resumeSeconds)]
    pen.save()
    pen.beginPath()
    pen.rect(left, 0, right - left, height)
    pen.clip()
    pen.fillStyle = colour('--voice-tint')
    pen.globalAlpha = 0.75
    pen.fillRect(left, 0, right - left, height)
    pen.globalAlpha = 1
    pen.strokeStyle = colour('--rule-strong')
    for (let at = left - height; at < right; at += 14) {
      pen.beginPath()
      pen.moveTo(at, height)
      pen.lineTo(at + height, 0)
      pen.stroke()
    }
    pen.fillStyle = colour('--ink')
    pen.font = `700 14px ${font}`
    pen.fillText(words.tunes.freeMark, left + 6, height / 2)
    pen.restore()
  }
}

function drawLandmarks(
  { pen, height, colour, x, width, font }: Strip,
  { landmarks }: StripView,
): void {
  pen.font = `600 13px ${font}`
  for (const { seconds, text } of landmarks) {
    const left = x(seconds)
    if (left < -200 || left > width) continue
    pen.fillStyle = colour('--voice')
    pen.fillRect(left - 1, HEAD + 16, 2, height)
    const wide = pen.measureText(text).width + 8
    pen.fillRect(left, height - 22, wide, 18)
    pen.fillStyle = '#2a1a35'
    pen.fillText(text, left + 4, height - 9)
  }
}

/** Each tap is a drop at the foot of the strip. */
function drawTaps({ pen, height, colour, x }: Strip, { taps }: StripView): void {
  pen.fillStyle = colour('--ink')
  for (const tap of taps) {
    pen.beginPath()
    pen.moveTo(x(tap), height - 26)
    pen.arc(x(tap), height - 12, 6, -0.6, Math.PI + 0.6)
    pen.fill()
  }
}

function drawWave(
  { pen, width, height, colour }: Strip,
  { samples, from, span, sampleRate }: StripView,
): void {
  if (!samples) return
  pen.fillStyle = colour('--music')
  pen.globalAlpha = 0.55
  const perPixel = (span * sampleRate) / width
  const step = Math.max(1, Math.floor(perPixel / 60))
  for (let px = 0; px < width; px++) {
    let peak = 0
    const start = Math.floor(from * sampleRate + px * perPixel)
    for (let i = start; i < start + perPixel; i += step) {
      const sample = Math.abs(samples[i] ?? 0)
      if (sample > peak) peak = sample
    }
    const tall = Math.max(1, peak * (height - 46))
    pen.fillRect(px, 40 + (height - 40 - tall) / 2, 1, tall)
  }
  pen.globalAlpha = 1
}
