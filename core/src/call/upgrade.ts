import { isRecord, upgrader, type Unread } from '../document/index.ts'

/** Who danced it is a group, and how a couple stood when they were lost is said of the couple. */
function groupsAndCouples({ floorId, events, ...rest }: Unread): Unread {
  return {
    ...rest,
    groupId: floorId ?? null,
    events: Array.isArray(events) ? events.map(lostCouple) : events,
  }
}

function lostCouple(event: unknown): unknown {
  if (!isRecord(event) || event['type'] !== 'lose' || !('floor' in event)) return event
  const { floor, ...others } = event
  return { ...others, couple: floor }
}

/** Brings the log of a call kept by an earlier Dellop up to this one's form. */
export const upgradeCallLog = upgrader('dellop-call', [groupsAndCouples])
