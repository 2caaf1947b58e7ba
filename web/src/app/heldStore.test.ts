import { createPinia, setActivePinia, type Pinia } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { heldStore } from './heldStore.ts'

const counter = (closed: string[], name = 'counter') =>
  heldStore(name, () => {
    const count = ref(0)
    const whole = shallowRef<{ readonly n: number }>({ n: 0 })
    return {
      count,
      whole,
      double: computed({
        get: () => count.value * 2,
        set: (value: number) => void (count.value = value / 2),
      }),
      up: () => {
        count.value++
        whole.value = { n: count.value }
      },
      close: () => void closed.push(name),
    }
  })

describe('what is held as a store while it is there', () => {
  let pinia: Pinia
  const closed: string[] = []
  beforeEach(() => {
    setActivePinia((pinia = createPinia()))
    closed.length = 0
  })

  it('is one for all that show it', () => {
    const [one, other] = [counter(closed), counter(closed)]
    one.up()
    expect([other.count.value, other.double.value, other.whole.value]).toEqual([1, 2, { n: 1 }])
    other.double.value = 10
    expect(one.count.value).toBe(5)
  })
  it('can be looked at in the store, its values untouched', () => {
    const one = counter(closed)
    one.up()
    expect(pinia.state.value['counter']).toMatchObject({ count: 1 })
    expect(one.whole.value).toBe(one.whole.value)
  })
  it('is closed once, and begins anew when it is opened again', () => {
    const one = counter(closed)
    one.up()
    one.close()
    expect([closed, 'counter' in pinia.state.value]).toEqual([['counter'], false])
    const again = counter(closed)
    expect([again.count.value, again.double.value, again.whole.value]).toEqual([0, 0, { n: 0 }])
  })
  it('does not mix with another of another name', () => {
    const [one, other] = [counter(closed), counter(closed, 'other')]
    one.up()
    one.close()
    expect([other.count.value, closed]).toEqual([0, ['counter']])
  })
})
