import { expectOk } from '../../document/index.ts'
import { SHIPPED_FIGURES } from '../book/index.ts'
import type { Figure } from '../model/figure.ts'
import { HIP } from './feet.ts'
import { figurePicture, partnerPlace, poseAt, type PictureDancer } from './picture.ts'
import { holdOf } from '../model/hold.ts'
import { applyVariation } from '../model/vary.ts'

const byId = (id: string): Figure => SHIPPED_FIGURES.find((figure) => figure.id === id)!
const picture = (id: string, hold?: string): PictureDancer[] =>
  figurePicture(expectOk(applyVariation(byId(id))), hold)
const apart = (
  a: { forward: number; right: number },
  b: { forward: number; right: number },
): number => Math.hypot(a.forward - b.forward, a.right - b.right)

describe('a figure from above', () => {
  it('has the two where the hold puts them, and keeps them there as long as they stand so', () => {
    for (const figure of SHIPPED_FIGURES.filter(({ dancers }) => dancers === 'couple')) {
      for (const id of figure.entry.holds) {
        const [lead, follow] = figurePicture(expectOk(applyVariation(figure)), id) as [
          PictureDancer,
          PictureDancer,
        ]
        const place = partnerPlace(holdOf(id)!)
        expect(apart(lead.poses[0]!.body, follow.poses[0]!.body)).toBeCloseTo(
          Math.hypot(place.forward, place.right),
          9,
        )
      }
    }
    const [lead, follow] = picture('left-turning-box', 'closed') as [PictureDancer, PictureDancer]
    for (const pose of follow.poses)
      expect(apart(pose.body, poseAt(lead, pose.at).body)).toBeCloseTo(0.9, 9)
  })
  it('moves a foot in the half beat before it arrives, and lets it stand after', () => {
    const [lead] = picture('box') as [PictureDancer]
    const left = (tick: number) => Number(poseAt(lead, tick).left.forward.toFixed(6))
    expect([left(-24), left(-6), left(0), left(30)]).toEqual([0, 0.5, 1, 1])
    expect(lead.poses.map(({ weight }) => weight)).toEqual([
      'right',
      'left',
      'right',
      'left',
      'right',
      'left',
      'right',
    ])
  })
  it('turns the feet with the body', () => {
    const [lead] = picture('left-turning-box') as [PictureDancer]
    expect(lead.poses.at(-1)!.facing).toBe(-8)
    for (const { left, right } of lead.poses.filter(({ step }) => step?.text.includes('close')))
      expect(apart(left, right)).toBeCloseTo(2 * HIP, 6)
  })
  it('has all dancers of a set in their lines, those that stand too', () => {
    const all = picture('set-dance.lead-down-the-middle')
    expect(all.map(({ role, couple, poses }) => `${role} ${couple} ${poses.length}`)).toEqual([
      'lead 1 9',
      'follow 1 9',
      'lead 2 1',
      'follow 2 1',
      'lead 3 1',
      'follow 3 1',
      'lead 4 1',
      'follow 4 1',
    ])
    const places = all.map(({ poses }) => `${poses[0]!.body.forward} ${poses[0]!.body.right}`)
    expect(new Set(places).size).toBe(8)
  })
  it('has one for those who dance alone', () =>
    expect(picture('line-dance.jazz-box').map(({ role, poses }) => [role, poses.length])).toEqual([
      ['everyone', 5],
    ]))
})
