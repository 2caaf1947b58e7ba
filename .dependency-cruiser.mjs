// The arrows between the rooms. A room may import only what stands before it here.
const ORDER =
  'document time school tune band listen move figure group routine floor cue check sheet call rehearse logbook lesson evening'.split(
    ' ',
  )
// Rooms that others do without, though they stand before them: only `file` joins sound and sheets.
const APART = { band: ['school', 'tune'], listen: ['school', 'tune', 'band'] }
const ROOMS = Object.fromEntries(
  ORDER.map((name, i) => {
    const apart = APART[name] ?? (name === 'tune' ? ['school'] : ['band', 'listen'])
    return [name, ORDER.slice(0, i).filter((one) => !apart.includes(one))]
  }),
)

const room = ([name, allowed]) => ({
  name: `core-${name}`,
  comment: `core/${name} may use: ${allowed.join(', ') || 'nothing of the core'}.`,
  severity: 'error',
  from: { path: `^core/src/${name}/`, pathNot: '\\.test\\.ts$' },
  to: { path: '^core/src/', pathNot: `^core/src/(${[name, ...allowed].join('|')})/` },
})

export default {
  forbidden: [
    ...Object.entries(ROOMS).map(room),
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-knows-no-other',
      severity: 'error',
      from: { path: '^core/' },
      to: { path: '^(wire|server|web|cli)/' },
    },
    {
      name: 'wire-knows-core',
      severity: 'error',
      from: { path: '^wire/' },
      to: { path: '^(server|web|cli)/' },
    },
    {
      name: 'server-knows-no-web',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^(web|cli)/' },
    },
    {
      name: 'web-knows-no-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^(server|cli)/' },
    },
    // Another subject's view is reached by route; what it shares lies in app, ui, page, beats,
    // sound, words.
    {
      name: 'web-subjects-apart',
      severity: 'error',
      from: {
        path: '^web/src/(routine|call|figure|floor|group|tune|school|voice|rehearse|evening|lesson|logbook|backup)/',
      },
      to: {
        path: '^web/src/(routine|call|figure|floor|group|tune|school|voice|rehearse|evening|lesson|logbook|backup)/',
        pathNot: '^web/src/$1/',
      },
    },
    // A result has no company of its own: a listener need not load what checks documents.
    {
      name: 'through-the-index',
      severity: 'error',
      // Nor do the sentences of every room, joined.
      from: { path: '^core/src/([^/]+)/', pathNot: '\\.test\\.ts$|^core/src/words/' },
      to: {
        path: '^core/src/[^/]+/',
        pathNot: '^core/src/($1/|[^/]+/index\\.ts$|document/result\\.ts$)',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'types', 'default'],
      extensions: ['.ts', '.vue', '.js', '.mjs'],
    },
    moduleSystems: ['es6', 'cjs'],
  },
}
