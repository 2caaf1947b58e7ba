// The arrows between the rooms. A room may import only what stands before it here.
const ROOMS = {
  document: [],
  time: ['document'],
  school: ['document', 'time'],
  tune: ['document', 'time'],
  band: ['document', 'time'],
  listen: ['document', 'time'],
  figure: ['document', 'time', 'school', 'tune'],
  routine: ['document', 'time', 'school', 'tune', 'figure'],
  cue: ['document', 'time', 'school', 'tune', 'figure', 'routine'],
  floor: ['document', 'time', 'school', 'tune', 'figure', 'routine'],
  check: ['document', 'time', 'school', 'tune', 'figure', 'routine', 'cue', 'floor'],
  sheet: ['document', 'time', 'school', 'tune', 'figure', 'routine', 'cue', 'floor', 'check'],
  call: [
    'document',
    'time',
    'school',
    'tune',
    'figure',
    'routine',
    'cue',
    'floor',
    'check',
    'sheet',
  ],
}

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
      from: { path: '^web/src/(routine|call|figure|tune|school|voice)/' },
      to: { path: '^web/src/(routine|call|figure|tune|school|voice)/', pathNot: '^web/src/$1/' },
    },
    // A result has no company of its own: a listener need not load what checks documents.
    {
      name: 'through-the-index',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: '\\.test\\.ts$' },
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
