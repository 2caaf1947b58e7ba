import { fileName } from './fileName.ts'

it.each([
  ['Lanterns at the Weir', 'Lanterns at the Weir.txt'],
  ['Am Deich entlang — für Große', 'Am Deich entlang — für Große.txt'],
  ['../../etc: a "dance"?', 'etc a dance.txt'],
  ['...', 'dance.txt'],
  ['', 'dance.txt'],
  ['x'.repeat(300), `${'x'.repeat(80)}.txt`],
])('a dance called “%s” is handed on as “%s”', (title, name) =>
  expect(fileName(title, '.txt')).toBe(name),
)
