// Writes web/public/THIRD-PARTY.md: name, version, licence and licence text of every package the
// app ships.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './setup.mjs'

const read = (path) => JSON.parse(readFileSync(path, 'utf8'))
const seen = new Map()

/** A package and what it needs, found as Node finds them. */
function collect(name, from) {
  const folder = [join(from, 'node_modules', name), join(root, 'node_modules', name)].find((path) =>
    existsSync(join(path, 'package.json')),
  )
  if (!folder || seen.has(folder) || name.startsWith('@dellop/')) return
  const { version, license, dependencies = {} } = read(join(folder, 'package.json'))
  const file = readdirSync(folder).find((entry) => /^(licen[cs]e|copying|ofl)/i.test(entry))
  seen.set(folder, {
    name,
    version,
    license: typeof license === 'string' ? license : (license?.type ?? 'see text'),
    text: file ? readFileSync(join(folder, file), 'utf8').trim() : '',
  })
  for (const inner of Object.keys(dependencies)) collect(inner, folder)
}

for (const part of ['core', 'wire', 'server', 'web'])
  for (const name of Object.keys(read(join(root, part, 'package.json')).dependencies ?? {}))
    collect(name, join(root, part))
const packages = [...seen.values()].sort(
  (a, b) => a.name.localeCompare(b.name) || a.version.localeCompare(b.version),
)
const list = packages
  .map(({ name, version, license }) => `- ${name} ${version}: ${license}`)
  .join('\n')
const texts = packages
  .filter(({ text }) => text !== '')
  .map(({ name, version, text }) => `## ${name} ${version}\n\n${text}`)
  .join('\n\n')
writeFileSync(
  join(root, 'web/public/THIRD-PARTY.md'),
  `# Third-party notices\n\nDellop uses these packages.\n\n${list}\n\n${texts}\n`,
)
console.log(`${packages.length} third-party packages noted`)
