// One kind of file, seed after seed; what came of each is told to the process that began this one.
import { DEMO, tryFile, type Told } from './fuzz.ts'
import { importers } from './importers.ts'
import { soundImporters } from './sounds.ts'

const [kind, from, until] = process.argv.slice(2)
const all = [...importers(DEMO), ...(await soundImporters())]
const importer = all.find(({ name }) => name === kind)!
process.send!('ready')
for (let seed = Number(from); seed < Number(until); seed++)
  process.send!({ seed, ...(await tryFile(importer, seed)) } satisfies Told)
