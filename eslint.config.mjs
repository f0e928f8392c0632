import tseslint from 'typescript-eslint'
import importX from 'eslint-plugin-import-x'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import reactHooks from 'eslint-plugin-react-hooks'

/** Imports run one way: app → features → ui, server → core. Each row: who may not import from where. */
const oneWay = [
  { target: './src/core', from: './src', except: ['./core'] },
  { target: './src/ui', from: './src', except: ['./ui', './core'] },
  { target: './src/server', from: './src', except: ['./server', './core'] },
  { target: './src/features', from: './src/app' },
  // The stand-ins for outside devices may be plugged in where the real ones would be.
  { target: './src/features', from: './src/demo', except: ['./standins'] },
  { target: './src/app', from: './src/demo' },
  // Inside the core: a folder reads another only where that is its meaning.
  { target: './src/core/vocabulary', from: './src/core', except: ['./vocabulary'] },
  { target: './src/core/units', from: './src/core', except: ['./units', './vocabulary'] },
  { target: './src/core/fibres', from: './src/core', except: ['./fibres', './vocabulary', './units'] },
  { target: './src/core/weave', from: './src/core', except: ['./weave', './vocabulary', './units'] },
  {
    target: './src/core/identify',
    from: './src/core',
    except: ['./identify', './vocabulary', './fibres', './units'],
  },
  { target: './src/core/measure', from: './src/core', except: ['./measure', './vocabulary', './fibres', './units'] },
  {
    target: './src/core/cloths',
    from: './src/core',
    except: ['./cloths', './vocabulary', './fibres', './units', './weave'],
  },
  {
    target: './src/core/sew',
    from: './src/core',
    except: ['./sew', './vocabulary', './cloths', './fibres', './units'],
  },
  { target: './src/core/notebook', from: './src/core/choose' },
]

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
      'import-x/no-cycle': 'error',
      'import-x/no-restricted-paths': ['error', { zones: oneWay }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      'max-len': ['error', { code: 120, ignoreUrls: true }],
      'max-lines': ['error', { max: 400, skipComments: true, skipBlankLines: true }],
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
