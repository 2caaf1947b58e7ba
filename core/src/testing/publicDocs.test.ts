import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import * as ts from 'typescript'

const ROOT = join(__dirname, '..')
const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((one) =>
    one.isDirectory() ? filesIn(join(folder, one.name)) : [join(folder, one.name)],
  )
const FILES = filesIn(ROOT).filter(
  (file) => /\.ts$/.test(file) && !/\.(test|d)\.ts$|[\\/]testing[\\/]/.test(file),
)
/** Names that the rooms give away. */
const PUBLIC = new Set(
  FILES.filter((file) => file.endsWith('index.ts')).flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/\b[A-Za-z]\w*\b/g)].map(([name]) => name),
  ),
)

interface Undocumented {
  readonly where: string
  readonly lacks: string
}
/** Public functions without a sentence, and plain numbers of which nothing says their unit. */
function undocumented(file: string): Undocumented[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true)
  return source.statements.flatMap((statement): Undocumented[] => {
    const found = functionOf(statement)
    if (!found || !PUBLIC.has(found.name)) return []
    const where = `${relative(ROOT, file)} ${found.name}`
    const docs = ts
      .getJSDocCommentsAndTags(statement)
      .map((one) => one.getText())
      .join('\n')
    if (docs === '') return [{ where, lacks: 'a sentence' }]
    return found.parameters
      .filter(isBareNumber)
      .map(({ name }) => name.getText())
      .filter((name) => !new RegExp(`@param ${name} \\S`).test(docs))
      .map((name) => ({ where, lacks: `@param ${name}` }))
  })
}

function functionOf(statement: ts.Statement) {
  const isExported =
    ts.canHaveModifiers(statement) &&
    ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)
  if (!isExported) return null
  if (ts.isFunctionDeclaration(statement))
    return { name: statement.name!.text, parameters: [...statement.parameters] }
  const [one] = ts.isVariableStatement(statement) ? statement.declarationList.declarations : []
  return one?.initializer && ts.isArrowFunction(one.initializer)
    ? { name: one.name.getText(), parameters: [...one.initializer.parameters] }
    : null
}

const NUMBERS = /^(number|readonly number\[\]|number \| null|Float32Array)$/
const isBareNumber = ({ name, type, initializer }: ts.ParameterDeclaration): boolean =>
  ts.isIdentifier(name) &&
  (type
    ? NUMBERS.test(type.getText())
    : initializer !== undefined && /^[\d._-]+$|^[A-Z_]+$/.test(initializer.getText()))

describe('what a room gives away', () => {
  it('says in a sentence what it means, and of every plain number its unit', () => {
    expect(FILES.flatMap(undocumented)).toEqual([])
    expect(PUBLIC.size).toBeGreaterThan(300)
  })
})
