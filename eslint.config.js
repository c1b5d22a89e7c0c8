import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import tseslint from 'typescript-eslint';
import vueParser from 'vue-eslint-parser';
import { noIdTakenApart } from './tools/lint/noIdTakenApart.mjs';
import { noLimitOutsideKnowledge } from './tools/lint/noLimitOutsideKnowledge.mjs';
import { noTextOutsideCatalogue } from './tools/lint/noTextOutsideCatalogue.mjs';

/** What a pure room may not touch: screen, clock, randomness, network, storage. */
const IMPURE = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'sessionStorage',
  'indexedDB',
  'fetch',
  'WebSocket',
  'Worker',
  'setTimeout',
  'setInterval',
  'performance',
  'Date',
  'process',
  'crypto',
];

export default tseslint.config(
  {
    ignores: [
      'dist/**',
      '.tsbuild/**',
      'node_modules/**',
      'app/components.d.ts',
      'test-results/**',
      'playwright-report/**',
      '.tmp/**',
    ],
  },
  {
    plugins: {
      zelf: {
        rules: {
          'no-id-taken-apart': noIdTakenApart,
          'no-limit-outside-knowledge': noLimitOutsideKnowledge,
          'no-text-outside-catalogue': noTextOutsideCatalogue,
        },
      },
    },
  },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  ...vue.configs['flat/recommended'],
  prettier,
  {
    languageOptions: {
      globals: { ...globals.browser, ...globals.node },
      parser: vueParser,
      parserOptions: {
        parser: tseslint.parser,
        projectService: true,
        extraFileExtensions: ['.vue'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-empty': ['error', { allowEmptyCatch: false }],
      'max-lines': ['error', { max: 500 }],
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
      'vue/no-v-html': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  {
    files: ['core/**/*.ts', 'bench/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.bench.ts'],
    rules: {
      'no-restricted-globals': ['error', ...IMPURE],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness is passed in.' },
      ],
    },
  },
  {
    files: ['core/**/*.ts', 'bench/**/*.ts', 'cli/**/*.ts', 'server/**/*.ts', 'tests/**/*.ts'],
    ignores: ['core/words/**'],
    rules: { 'id-denylist': ['error', 'one', 'each', 'told', 'around', 'foo', 'tmp', 'thing', 'stuff'] },
  },
  { files: ['core/**/*.ts'], ignores: ['**/*.test.ts'], rules: { 'max-lines': ['error', { max: 300 }] } },
  {
    files: ['{app,core,cli,server}/**/*.{ts,vue}', 'bench/practice/*.ts'],
    ignores: [
      '**/*.test.ts',
      'app/testS*.ts',
      '**/*ontract*.ts',
      'core/words/**',
      'core/casefile/words.ts',
      'core/codes/readerText/**',
    ],
    rules: {
      'zelf/no-text-outside-catalogue': 'error',
      'vue/no-bare-strings-in-template': [
        'error',
        {
          attributes: {
            '/.+/': ['title', 'aria-label', 'aria-placeholder', 'aria-roledescription', 'aria-valuetext', 'label'],
            input: ['placeholder'],
            img: ['alt'],
          },
          allowlist: [
            ...'()[]{},.:;…·×±!?%+-−–—/|<>°"“”→←↑↓=#*0123456789',
            'min',
            'km',
            'km/h',
            'mm',
            'm',
            'V',
            'Ω',
            'kΩ',
            '°C',
            'Hz',
            's',
            'N·m',
            'OL',
            'Zelf',
          ],
        },
      ],
    },
  },
  {
    /* The border, where names of the contract are read once: a step of `work`. */
    files: ['{core,bench,app,cli,server}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', 'core/casefile/workStep.ts'],
    rules: { 'zelf/no-id-taken-apart': 'error' },
  },
  {
    files: ['{core/evidence,core/judgement,app}/**/*.{ts,vue}'],
    ignores: ['**/*.test.ts', '**/*ontract*.ts', 'app/testS*.ts'],
    rules: { 'zelf/no-limit-outside-knowledge': 'error' },
  },
  {
    files: ['core/{evidence,judgement}/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'zelf/no-limit-outside-knowledge': ['error', { everyFigure: true }] },
  },
  {
    /* The reasons of tables and faults are for those who correct them; no screen shows them. */
    files: [
      'core/knowledge/tables/*.ts',
      'core/knowledge/{faultRows,faults,parts,carParts,priors,pairs,history,sensorKinds}.ts',
    ],
    ignores: ['**/*.test.ts'],
    rules: { 'zelf/no-text-outside-catalogue': ['error', { reasons: true }] },
  },
  { files: ['**/*.test.ts', 'journeys/**/*.ts', 'tools/**/*.ts'], rules: { 'max-lines-per-function': 'off' } },
  { files: ['**/*.js', '**/*.mjs', '**/*.cjs', 'vite*.config.ts'], ...tseslint.configs.disableTypeChecked },
);
