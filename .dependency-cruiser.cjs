/** Imports go one way: core, engrave, formats, then store, devices, workers, ui, rooms, pages. No cycles. */
const LAYERS = ['core', 'engrave', 'formats', 'store', 'devices', 'workers', 'ui', 'rooms', 'pages'];

const oneWay = LAYERS.map((layer, index) => ({
  name: `${layer}-looks-inwards`,
  comment: `src/${layer} may import only from itself and from the layers before it`,
  severity: 'error',
  from: { path: `^src/${layer}/` },
  to: {
    path:
      LAYERS.slice(index + 1)
        .map((outer) => `^src/${outer}/`)
        .join('|') || '^$',
  },
}));

module.exports = {
  forbidden: [
    ...oneWay,
    {
      name: 'rooms-do-not-import-rooms',
      comment:
        'a room knows the shell and the addresses of others; only the list and the islands know all rooms',
      severity: 'error',
      from: { path: '^src/rooms/([^/]+)/', pathNot: '^src/rooms/(islands|frame)/' },
      to: { path: '^src/rooms/', pathNot: '^src/rooms/($1|address|shell|shelf|ask|board)/' },
    },
    {
      name: 'the-shell-knows-no-room',
      comment: 'what stands about every room reads the list of rooms that it is given',
      severity: 'error',
      from: { path: '^src/rooms/(address|shell|shelf|ask|board)/' },
      to: { path: '^src/rooms/', pathNot: '^src/rooms/(address|shell|shelf|ask|board)/' },
    },
    {
      name: 'addresses-stand-alone',
      comment: 'the address of a room is its door: it needs nothing of what stands behind it',
      severity: 'error',
      from: { path: '^src/rooms/address/' },
      to: { path: '^src/rooms/', pathNot: '^src/rooms/address/' },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'the core uses no package and nothing of Node, but for the formulas of the review schedule',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test(-data)?\\.ts$|^src/core/practice/schedule\\.ts$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core', 'npm-no-pkg', 'npm-unknown'] },
    },
    {
      name: 'methods-see-no-spelled-scale',
      comment: 'a method starts from the tonic and the definition; what it writes is its own',
      severity: 'error',
      from: { path: '^src/core/derive/(machine|methods)/|^src/core/derive/(asked|method|tables)\\.ts$' },
      to: {
        path: '^src/core/scale/(scale|line|written|asked|printed|scale-table)\\.ts$|^src/core/(identify|harmony|mark)/',
      },
    },
    {
      name: 'engrave-needs-no-browser',
      severity: 'error',
      from: { path: '^src/(engrave|formats)/', pathNot: '\\.test\\.ts$' },
      to: { path: 'node_modules/(react|react-dom|dexie)/' },
    },
    { name: 'server-stands-alone', severity: 'error', from: { path: '^server/' }, to: { path: '^src/' } },
    {
      name: 'unresolved',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '^(astro:|virtual:)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'types', 'node', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json', '.astro'],
    },
  },
};
