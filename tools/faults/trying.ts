// One kind of file, seed after seed; what came of each is told to the process that began this one.
import { DEMO, tryFile, type Told } from './fuzz.ts'
import { importers } from './importers.ts'

const [kind, from, until] = process.argv.slice(2)
const importer = importers(DEMO).find(({ name }) => name === kind)!
process.send!('ready')
for (let seed = Number(from); seed < Number(until); seed++)
  process.send!({ seed, ...tryFile(importer, seed) } satisfies Told)
