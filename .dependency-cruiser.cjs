/** Import directions. In core they run one way, in the order of `ROOMS`; no room reaches past another's index.ts. */
const ROOMS = [
  'keeping',
  'problems',
  'units',
  'wording',
  'figures',
  'practice',
  'geometry',
  'film',
  'job',
  'weather',
  'printout',
  'cure',
  'family',
  'survey',
  'drawings',
  'falls',
  'readiness',
  'buildup',
  'choosing',
  'library',
  'details',
  'courses',
  'order',
  'programme',
  'site',
  'bench',
  'record',
  'gates',
  'call',
  'state',
  'proving',
  'diagnosis',
  'planning',
  'jobfile',
  'words',
  'upkeep',
  'handover',
];

const oneWay = ROOMS.map((room, i) => ({
  name: `core-${room}-looks-back-only`,
  severity: 'error',
  from: { path: `^core/src/${room}/` },
  to: { path: `^core/src/(${ROOMS.slice(i + 1).join('|') || 'nothing'})/` },
}));

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    ...oneWay,
    {
      name: 'core-through-the-front-door',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/' },
      to: { path: '^core/src/([^/]+)/', pathNot: ['^core/src/$1/', '/index\\.ts$'] },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      from: { path: '^core/src' },
      to: {
        pathNot: [
          '^core/src',
          'node_modules/(zod|big.js|proj4|clipper2-ts|polylabel|tinyqueue|flatqueue|@noble/hashes|@noble/curves|ml-matrix|delaunator|@kninnug/constrainautor|d3-contour|dxf-parser|@tarikjabiri/dxf)/',
          'node_modules/@types/(polylabel|d3-contour|geojson|d3-array)',
        ],
      },
    },
    {
      name: 'factors-stay-in-units',
      severity: 'error',
      from: { pathNot: '^core/src/units/' },
      to: { path: '^core/src/units/(factors|tolerances)\\.ts$' },
    },
    { name: 'server-not-to-web', severity: 'error', from: { path: '^server/' }, to: { path: '^web/' } },
    {
      name: 'web-not-to-server',
      severity: 'error',
      from: { path: '^web/' },
      to: { path: '^(server|demo)/' },
    },
    {
      name: 'demo-on-core-only',
      severity: 'error',
      from: { path: '^demo/src' },
      to: { path: '^(server|web|scripts)/' },
    },
    {
      name: 'open-job-at-the-bottom',
      comment:
        'The open job, its documents and what the device keeps: pages stand on it, and it on none of them.',
      severity: 'error',
      from: { path: '^web/src/app/' },
      to: { path: '^web/src/', pathNot: '^web/src/(app|workers)/' },
    },
    {
      name: 'shared-not-to-stages',
      severity: 'error',
      from: { path: '^web/src/shared/' },
      to: { path: '^web/src/', pathNot: '^web/src/(shared|app|workers)' },
    },
    {
      name: 'frame-on-top',
      comment:
        'Router, keys, find and the shell of a job: they import the stages, and only the start imports them.',
      severity: 'error',
      from: { path: '^web/src/', pathNot: '^web/src/(frame/|main\\.ts$)' },
      to: { path: '^web/src/frame/' },
    },
    {
      name: 'unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^(virtual:|vite/client)|\\?url$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'node', 'default'],
      extensions: ['.ts', '.mjs', '.js', '.vue', '.mts'],
    },
  },
};
