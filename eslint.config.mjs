import tseslint from 'typescript-eslint'
import importX from 'eslint-plugin-import-x'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import reactHooks from 'eslint-plugin-react-hooks'

/** What knows nothing of fabric: how lists are read and what a text is. Every folder may read it. */
const READ_BY_ALL = ['lists', 'text']

/** What each folder may read, beside itself. Imports run one way: app → features → ui, devices, server → core. */
const mayRead = {
  'src/core': [],
  'src/devices': ['core'],
  'src/workers': ['core', 'devices'],
  'src/server': ['core'],
  'src/ui': ['core'],
  'src/features': ['core', 'devices', 'server', 'ui', 'workers'],
  'src/app': ['core', 'features', 'server', 'ui'],
  'src/demo': ['core', 'devices', 'server'],
  // Inside the core: a folder reads another only where that is its meaning.
  'src/core/vocabulary': [],
  'src/core/units': ['vocabulary'],
  'src/core/fibres': ['vocabulary', 'units'],
  'src/core/weave': ['vocabulary', 'units'],
  'src/core/identify': ['vocabulary', 'units', 'numbers', 'fibres'],
  'src/core/measure': ['vocabulary', 'units', 'fibres', 'colour'],
  'src/core/cloths': ['vocabulary', 'units', 'fibres', 'weave', 'materials'],
  'src/core/sew': ['vocabulary', 'units', 'fibres', 'cloths', 'fabric', 'materials'],
  'src/core/loupe': ['vocabulary', 'units', 'measure', 'weave'],
  'src/core/prepare': ['vocabulary', 'fibres', 'fabric', 'sew', 'materials'],
  'src/core/formats': [
    'vocabulary',
    'units',
    'weave',
    'notebook',
    'pieces',
    'fibres',
    'cloths',
    'search',
    'typed',
    'outlines',
    'shapes',
    'prepare',
    'cards',
  ],
  'src/core/materials': ['vocabulary'],
  'src/core/shapes': [],
  'src/core/lay': ['vocabulary', 'units', 'shapes', 'numbers'],
  'src/core/practice': ['vocabulary', 'units', 'numbers', 'fibres', 'identify', 'cloths'],
  'src/core/outlines': ['vocabulary', 'shapes'],
  'src/core/photo': ['vocabulary', 'shapes', 'colour', 'numbers'],
  'src/core/numbers': [],
  'src/core/typed': ['vocabulary', 'units', 'numbers'],
  'src/core/dye': ['vocabulary', 'units', 'numbers', 'colour', 'fibres', 'fabric'],
  'src/core/upcycle': [
    'vocabulary',
    'units',
    'shapes',
    'fibres',
    'fabric',
    'colour',
    'dye',
    'lay',
    'pieces',
    'materials',
  ],
  'src/core/search': [],
  'src/core/colour': ['numbers'],
  'src/core/pieces': ['vocabulary', 'units', 'shapes', 'fibres', 'cloths'],
  'src/core/fabric': ['vocabulary', 'units', 'fibres', 'weave', 'measure', 'cloths', 'materials'],
  'src/core/notebook': [
    'vocabulary',
    'units',
    'shapes',
    'fibres',
    'weave',
    'identify',
    'measure',
    'cloths',
    'fabric',
    'materials',
    'sew',
    'pieces',
    'practice',
  ],
  'src/core/choose': [
    'vocabulary',
    'units',
    'colour',
    'fibres',
    'cloths',
    'measure',
    'fabric',
    'materials',
    'notebook',
  ],
  'src/core/making': ['vocabulary', 'units', 'fabric', 'notebook', 'choose', 'lay', 'shapes'],
  'src/core/stashSearch': [
    'vocabulary',
    'identify',
    'colour',
    'units',
    'fibres',
    'cloths',
    'measure',
    'notebook',
    'choose',
    'fabric',
    'pieces',
  ],
  // Inside the server: what is kept, what is read of it and written, what is derived and done with it, who asks.
  'src/server/store': [],
  'src/server/recovery': ['store'],
  'src/server/sample': ['store'],
  'src/server/jobs': ['store'],
  'src/server/auth': ['store'],
  'src/server/records': ['store'],
  'src/server/pictures': ['store', 'jobs'],
  'src/server/cache': ['store', 'jobs', 'records'],
  'src/server/exchange': ['store', 'jobs', 'pictures', 'cache'],
  'src/server/backup': ['store', 'recovery', 'pictures', 'exchange'],
  'src/server/tasks': ['store', 'jobs', 'cache', 'exchange', 'backup'],
  'src/server/api': ['store', 'jobs', 'records', 'exchange', 'sample', 'database.ts'],
  'src/server/requests': ['api'],
  // Inside the features: a place imports no other place; what two need lies in what they share.
  'src/features/shared': [],
  'src/features/frame': ['shared'],
  'src/features/home': ['shared'],
  'src/features/identify': ['shared'],
  'src/features/stash': ['shared'],
  'src/features/make': ['shared'],
  'src/features/learn': ['shared'],
}

const zones = Object.entries(mayRead).map(([folder, others]) => {
  const parent = folder.slice(0, folder.lastIndexOf('/'))
  const own = folder.slice(folder.lastIndexOf('/') + 1)
  return {
    target: `./${folder}`,
    from: `./${parent}`,
    except: [own, ...others, ...READ_BY_ALL].map((name) => `./${name}`),
  }
})

export default tseslint.config(
  {
    ignores: [
      '.next/**',
      'node_modules/**',
      'next-env.d.ts',
      '.notebooks/**',
      '.shots/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...tseslint.configs.recommended,
  {
    files: ['src/**/*.{ts,tsx}', 'tests/**/*.ts', '*.ts'],
    plugins: { 'import-x': importX, 'react-hooks': reactHooks },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })] },
    rules: {
      ...reactHooks.configs.recommended.rules,
      'import-x/no-cycle': ['error', { ignoreExternal: true }],
      'import-x/no-restricted-paths': ['error', { zones }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      'no-restricted-syntax': [
        'error',
        {
          // A fresh clone has no build to take them from.
          selector: 'TSTypeReference > Identifier[name=/^(PageProps|LayoutProps|RouteContext)$/]',
          message: 'Name the type here: this one is written by a build.',
        },
      ],
      'max-len': ['error', { code: 120, ignoreUrls: true }],
      'max-lines': ['error', { max: 400, skipComments: true, skipBlankLines: true }],
    },
  },
  {
    // A test of one layer of the server sets its stage with others.
    files: ['src/server/**/*.test.ts'],
    rules: {
      'import-x/no-restricted-paths': [
        'error',
        { zones: zones.filter(({ target }) => !target.startsWith('./src/server/')) },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: ['node:*', 'react', 'react-*', 'next', 'next/*', 'kysely', 'libsql', 'fs', 'path'] },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process', 'Date'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a source of randomness in.' },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }] },
  },
  {
    // Tables: a description of every address, drawings.
    files: ['src/server/api/openapi.ts', 'src/server/store/migrations/*.ts', 'src/ui/burn/Drawing.tsx'],
    rules: { 'max-lines-per-function': 'off' },
  },
  {
    // Tables of cases and of made-up pieces are as long as they are.
    files: [
      'tests/support/*.ts',
      'tests/reference/*.ts',
      'src/demo/*.ts',
      'src/core/cloths/groups/*.ts',
      'src/ui/cloth/sketches.ts',
    ],
    rules: { 'max-lines': 'off' },
  },
)
