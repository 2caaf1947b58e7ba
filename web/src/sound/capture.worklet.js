/* global AudioWorkletProcessor, registerProcessor */
/** Hands on what the microphone hears, chunk by chunk, as mono samples. */
class Capture extends AudioWorkletProcessor {
  process([[channel] = []]) {
    if (channel) this.port.postMessage(channel.slice())
    return true
  }
}
registerProcessor('dellop-capture', Capture)
