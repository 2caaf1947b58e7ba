import { demoText, proved, SHEET_NAMES } from '../testing/typed.ts'
import { utterancesOf } from './planner.ts'

/**
 * Every dance of the demo as it is called in its own school, from the first word to the last: read
 * aloud to the music, line by line, and kept. A line that changes has to be read again.
 */
it.each(SHEET_NAMES)('%s is called as it was read aloud', (name) => {
  const sheet = proved(demoText(name))
  const lines = utterancesOf(sheet.plan).map(({ slot, said }) =>
    [
      (said.startTick / 24).toFixed(2).padStart(7),
      `for ${(slot.stepTick / 24).toFixed(1).padStart(6)}`,
      said.wording.text,
    ].join('  '),
  )
  expect(`\n${lines.join('\n')}\n`).toMatchSnapshot()
})
