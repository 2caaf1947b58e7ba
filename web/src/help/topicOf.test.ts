import { words } from '../words/index.ts'
import { helpFor } from './topicOf.ts'

const topics = words.help.topics.map(({ id }) => id)

it.each(['tunes', 'tune', 'figures', 'figure', 'groups', 'sheets', 'sheet', 'schools', 'voice'])(
  'the view %s has a topic in the help',
  (view) => expect(topics).toContain(helpFor(view)),
)
it.each([
  'sheet-print',
  'sheet-floor',
  'lectern',
  'free',
  'call',
  'calls',
  'about',
  'sheet-rehearse',
  'evening',
  'lessons',
  'logbook',
  'backup',
  undefined,
])('the view %s as well', (view) => expect(topics).toContain(helpFor(view)))
