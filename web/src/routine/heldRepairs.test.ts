import type { Repair } from '@dellop/core/check'
import type { ListedFinding } from '@dellop/core/sheet'
import { nextTick, shallowRef } from 'vue'
import { useHeldRepairs } from './heldRepairs.ts'

const finding = { code: 'feet.not-free' } as unknown as ListedFinding
const other = { code: 'sums.phrase' } as unknown as ListedFinding
const repair = (code: string): Repair => ({ code, params: {}, edits: [] }) as unknown as Repair

function list() {
  const findings = shallowRef<readonly ListedFinding[]>([finding, other])
  const found = shallowRef<readonly Repair[]>([repair('swap-figure'), repair('drop')])
  const { shown, hold, letGo } = useHeldRepairs(
    () => findings.value,
    () => found.value,
  )
  return {
    findings,
    found,
    hold,
    letGo,
    codes: (of = finding) => shown(of).map(({ code }) => code),
  }
}

describe('repairs under a finger', () => {
  it('stay as they were read while better ones are found, and follow once it is gone', () => {
    const { found, hold, letGo, codes } = list()
    hold(finding)
    found.value = [repair('mirror')]
    hold(finding)
    expect(codes()).toEqual(['swap-figure', 'drop'])
    expect(codes(other)).toEqual(['mirror'])
    letGo()
    expect(codes()).toEqual(['mirror'])
  })
  it('are let go with other findings: what they would change is no more', async () => {
    const { findings, found, hold, codes } = list()
    hold(finding)
    found.value = []
    findings.value = [finding]
    await nextTick()
    expect(codes()).toEqual([])
  })
})
