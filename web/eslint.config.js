import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/** Each folder and those that it may import from beside its own; what is not listed is closed to it. */
const ROOMS = {
  api: ['ui'],
  ui: [],
  save: ['api', 'ui'],
  parts: ['api', 'ui'],
  scene: ['api', 'parts'],
  shell: ['api', 'parts', 'save', 'ui'],
  drawing: ['api', 'parts', 'scene', 'shell', 'ui'],
  readings: ['api', 'parts', 'shell', 'ui'],
  order: ['api', 'parts', 'ui'],
  picture: ['api', 'drawing', 'parts', 'scene', 'ui'],
  colour: ['api', 'parts', 'ui'],
  tray: ['api', 'colour', 'drawer', 'order', 'parts', 'readings', 'scene', 'shell', 'ui'],
  bench: ['api', 'drawing', 'parts', 'picture', 'readings', 'save', 'scene', 'shell', 'tray', 'ui'],
  study: ['api', 'drawing', 'parts', 'readings', 'save', 'scene', 'shell', 'ui'],
  card: ['api', 'drawing', 'parts', 'readings', 'save', 'scene', 'shell', 'ui'],
  log: ['api', 'drawing', 'parts', 'readings', 'save', 'scene', 'shell', 'ui'],
  tests: ['api', 'log', 'parts', 'readings', 'save', 'shell', 'ui'],
  box: ['api', 'parts', 'shell', 'ui'],
  outings: ['api', 'box', 'parts', 'save', 'shell', 'ui'],
  evening: ['api', 'box', 'parts', 'save', 'shell', 'ui'],
  drawer: ['api', 'colour', 'library', 'log', 'parts', 'shell', 'ui'],
  library: ['api', 'parts', 'save', 'shell', 'ui'],
  practice: ['api', 'drawing', 'parts', 'scene', 'shell', 'ui'],
  book: ['api', 'parts', 'readings', 'save', 'shell', 'ui'],
  people: ['api', 'drawing', 'parts', 'scene', 'shell', 'ui'],
}

const roads = Object.entries(ROOMS).map(([room, open]) => ({
  files: [`src/${room}/**`],
  ignores: ['**/*.test.*'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [...Object.keys(ROOMS), 'app']
          .filter((other) => other !== room && !open.includes(other))
          .map((other) => ({
            group: [`**/${other}/**`],
            message: `${room}/ does not know ${other}/; see the rooms in eslint.config.js.`,
          })),
      },
    ],
  },
}))

export default tseslint.config(
  { ignores: ['dist', 'target', 'src/api/*.gen.ts'] },
  js.configs.recommended,
  tseslint.configs.strict,
  hooks.configs.flat.recommended,
  {
    // a sentence with quantities in it is told by say(), not by its name in a template
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    ignores: ['**/*.test.*'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: { '@typescript-eslint/no-base-to-string': 'error' },
  },
  ...roads,
)
