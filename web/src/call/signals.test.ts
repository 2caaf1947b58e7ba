/** @jest-environment jsdom */
import { forgetSignals, readSignals, signalsOf, teachSignal } from './lecternKeys.ts'
import { listenForSignals, midiSignal, pretendPedal, type Signal } from './signals.ts'

beforeEach(() => {
  localStorage.clear()
  Object.assign(navigator, { getGamepads: () => [] })
})

describe('what is pressed', () => {
  it.each([
    [[0xb0, 64, 127], { id: 'midi:cc 64', isDown: true }],
    [[0xb3, 64, 0], { id: 'midi:cc 64', isDown: false }],
    [[0x90, 60, 100], { id: 'midi:note 60', isDown: true }],
    [[0x90, 60, 0], { id: 'midi:note 60', isDown: false }],
    [[0x85, 60, 64], { id: 'midi:note 60', isDown: false }],
    [[0xc0, 5], { id: 'midi:program 5', isDown: true }],
    [[0xf8], null],
  ])('of the MIDI bytes %j is %j', (bytes, signal) => expect(midiSignal(bytes)).toEqual(signal))

  it('comes from keys and from the pretended pedal alike; held keys and shortcuts of the browser are none', () => {
    const heard: Signal[] = []
    const stop = listenForSignals((signal) => heard.push(signal) > 0)
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'X' }))
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'x', repeat: true }))
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'r', ctrlKey: true }))
    window.dispatchEvent(new KeyboardEvent('keyup', { key: 'x' }))
    pretendPedal.send([0xb0, 67, 127])
    stop()
    pretendPedal.send([0xb0, 67, 127])
    expect(heard).toEqual([
      { id: 'key:x', isDown: true },
      { id: 'key:x', isDown: false },
      { id: 'midi:cc 67', isDown: true },
    ])
  })
})

describe('a gamepad', () => {
  it('is looked at while it is there: each press and each letting go once', async () => {
    const buttons = [{ pressed: false }, { pressed: false }]
    Object.assign(navigator, { getGamepads: () => [null, { buttons }] })
    const heard: Signal[] = []
    const stop = listenForSignals((signal) => heard.push(signal) > 0)
    const frame = (): Promise<number> => new Promise((resolve) => requestAnimationFrame(resolve))
    buttons[1]!.pressed = true
    for (let n = 0; n < 3; n++) await frame()
    buttons[1]!.pressed = false
    for (let n = 0; n < 3; n++) await frame()
    stop()
    expect(heard).toEqual([
      { id: 'pad:1', isDown: true },
      { id: 'pad:1', isDown: false },
    ])
  })
})

describe('what it does', () => {
  it('is as it ships until it is taught, stays taught, and is as it shipped when that is forgotten', () => {
    expect(readSignals()['key:x']).toBe('lost')
    teachSignal(readSignals(), 'midi:note 48', 'hold')
    expect([readSignals()['midi:note 48'], readSignals()['key:x']]).toEqual(['hold', 'lost'])
    expect(signalsOf(teachSignal(readSignals(), 'key:x', 'mark'), 'mark')).toContain('key:x')
    expect(readSignals()['key:x']).toBe('mark')
    expect(forgetSignals()['key:x']).toBe('lost')
    expect(readSignals()['midi:note 48']).toBeUndefined()
  })

  it('names a key before a pedal, and forgets what it cannot read', () => {
    expect(signalsOf(readSignals(), 'lost')[0]).toBe('key:x')
    localStorage.setItem('dellop-lectern-keys', '{"key:x": "explode"')
    expect(readSignals()['key:x']).toBe('lost')
    localStorage.setItem('dellop-lectern-keys', '{"key:x": "explode"}')
    expect(readSignals()['key:x']).toBe('lost')
  })
})
