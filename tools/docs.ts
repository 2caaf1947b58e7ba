// npm run docs: what is generated under docs/ from the Zod definitions. A test compares it with
// what is committed.
import { mkdirSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { generatedDocs } from './generatedDocs.ts'

const docs = fileURLToPath(new URL('../docs/', import.meta.url))
mkdirSync(`${docs}formats`, { recursive: true })
for (const [path, text] of Object.entries(generatedDocs())) {
  writeFileSync(docs + path, text)
  console.log(`docs/${path}`)
}
