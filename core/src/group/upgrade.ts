import { isRecord, upgrader, type Unread } from '../document/index.ts'

/** It called itself a floor, and had its figures under another name, by another key. */
function taughtFigures({ covered, ...rest }: Unread): Unread {
  const taught = Array.isArray(covered)
    ? covered.map((one: unknown) => {
        if (!isRecord(one)) return one
        const { figureId, ...times } = one
        return { id: figureId, ...times }
      })
    : covered
  return { ...rest, taught }
}

/** Brings a group up to this form. */
export const upgradeGroup = upgrader('dellop-group', [taughtFigures], 'dellop-floor')
