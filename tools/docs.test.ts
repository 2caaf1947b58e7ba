import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { generatedDocs } from './generatedDocs.ts'

describe('what is generated under docs/', () => {
  it.each(Object.entries(generatedDocs()))(
    '%s is what its definitions say (npm run docs)',
    (path, text) => {
      expect(readFileSync(join(__dirname, '../docs', path), 'utf8')).toBe(text)
    },
  )
})
