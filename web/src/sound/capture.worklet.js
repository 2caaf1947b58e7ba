/* global AudioWorkletProcessor, registerProcessor, currentFrame */
/** Blocks of 128 samples that are handed on together: every 21 ms at 48 kHz. */
const TOGETHER = 8

/**
 * Hands on what the microphone hears, as mono samples, with what is played in the same time where
 * that is connected to the second input; `at` is the frame of the first of them.
 */
class Capture extends AudioWorkletProcessor {
  heard = []
  music = []
  at = 0
  process([[heard] = [], [music] = []]) {
    if (!heard) return true
    if (this.heard.length === 0) this.at = currentFrame
    this.heard.push(heard.slice())
    this.music.push(music ? music.slice() : new Float32Array(heard.length))
    if (this.heard.length < TOGETHER) return true
    this.port.postMessage({ heard: joined(this.heard), music: joined(this.music), at: this.at })
    this.heard = []
    this.music = []
    return true
  }
}
function joined(blocks) {
  const all = new Float32Array(blocks.reduce((sum, { length }) => sum + length, 0))
  let at = 0
  for (const block of blocks) {
    all.set(block, at)
    at += block.length
  }
  return all
}
registerProcessor('dellop-capture', Capture)
