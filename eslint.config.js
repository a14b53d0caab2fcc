import js from '@eslint/js';
import jsxA11y from 'eslint-plugin-jsx-a11y-x';
import reactHooks from 'eslint-plugin-react-hooks';
import { defineConfig, globalIgnores } from 'eslint/config';
import globals from 'globals';
import tseslint from 'typescript-eslint';

/** Files of sources over 300 lines, how long they may be, and why: a number here only ever falls, and goes when its file is short enough. */
const long = {};

/** Files with functions of more than 20 branches, the most in one, and why: a number here only ever falls. */
const branched = {
  'contracts/src/instrumentLine.ts': [23, 'a line of an instrument is read field by field, each with its own refusal'],
  'core/src/color/spectrum.ts': [32, 'a published iteration, step by step as it is printed'],
  'core/src/cure/exotherm.ts': [32, 'one march through time: kinetics, conduction and the faces of each layer'],
  'core/src/geometry/darkLine.ts': [24, 'a search with its heap in one loop, for speed'],
  'core/src/geometry/homography.ts': [21, 'elimination with pivots, as every textbook has it'],
  'core/src/geometry/layeredSection.ts': [41, 'one drawing of every shape of a place; to be parted by shape'],
  'core/src/match/aspects.ts': [23, 'every question that answers an aspect, the first that is answered counting'],
  'core/src/match/judging.ts': [32, 'a verdict has its parts only where a limit has them'],
  'core/src/method/board/fill.ts': [25, 'a recipe: its branches are the answers that change it'],
  'core/src/method/concrete/injection.ts': [42, 'three ways of injecting share one recipe; to be parted'],
  'core/src/method/patch/patchSection.ts': [29, 'a drawing: lifts, grid, bars and feathered edge where they are'],
  'core/src/method/patch/squarePatch.ts': [26, 'a recipe: its branches are the answers that change it'],
  'core/src/method/plaster/coats.ts': [44, 'cement, gypsum and lime share one recipe; to be parted by binder'],
  'core/src/plan/options.ts': [23, 'an option is told with what it has: price, weather, deadline'],
  'core/src/survey/factProblem.ts': [23, 'one refusal for each shape of a fact'],
  'server/src/settings.ts': [25, 'one setting after the other, each with its default and its refusal'],
  'tools/start.ts': [22, 'the start in its order, each step with what to do where it fails'],
  'tools/startOptions.ts': [28, 'one option after the other, each with its refusal'],
  'web/src/figures/Tinting.tsx': [23, 'a tool that asks for dabs, a target and colorants in turn'],
  'web/src/figures/useWeatherRecord.tsx': [26, 'a record that is chosen, pasted, fetched, or absent'],
  'web/src/parts/AskField.tsx': [36, 'one field for each shape of a question'],
  'web/src/parts/ProductForm.tsx': [37, 'a form of figures, packs and kinetics; to be parted'],
  'web/src/parts/TracePhoto.tsx': [31, 'corners, line and outline share one picture; to be parted by what is traced'],
  'web/src/screens/JobFrame.tsx': [22, 'what surrounds every stage: loading, missing, locked, here'],
  'web/src/state/saver.ts': [22, 'one change after the other through every answer that a server can give'],
};

const ceilings = (rule, files) => Object.entries(files).map(([file, [most, _why]]) => ({ files: [file], rules: { [rule]: ['error', { max: most }] } }));

export default defineConfig(
  globalIgnores(['**/dist', '**/node_modules', '.oddment', 'test-results', 'playwright-report', 'server/drizzle']),
  js.configs.recommended,
  tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: { allowDefaultProject: ['*.js', '*.ts', '*.cjs'] }, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_', destructuredArrayIgnorePattern: '^_' }],
      'no-restricted-syntax': [
        'error',
        { selector: 'TSEnumDeclaration', message: 'No enum: use a union of literals.' },
        { selector: 'ExportAllDeclaration', message: 'No barrels except a package’s own index, which names what it exports.' },
      ],
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    ignores: ['**/*.config.ts', '**/*.d.ts'],
    rules: { 'no-restricted-exports': ['error', { restrictDefaultExports: { direct: true, named: true, defaultFrom: true, namedFrom: true } }] },
  },
  { files: ['**/*.{js,cjs,mjs}'], extends: [tseslint.configs.disableTypeChecked], languageOptions: { globals: globals.node } },
  {
    files: ['core/src/**/*.ts', 'drawing/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'process', 'window', 'document', 'fetch', 'setTimeout', 'console'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }, { object: 'Date', property: 'now' }],
    },
  },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    extends: [
      reactHooks.configs.flat['recommended-latest'] ?? reactHooks.configs.flat.recommended,
      jsxA11y.flatConfigs?.recommended ?? jsxA11y.configs.recommended,
    ],
    languageOptions: { globals: globals.browser },
  },
  // records, route tables, schemas and the demo are as long as what they hold
  {
    files: ['*/src/**/*.{ts,tsx}', 'tools/*.ts'],
    ignores: ['**/*.test.{ts,tsx}', 'contracts/src/{routes,planSchema}.ts', 'server/src/store/schema.ts', 'server/src/demo/**'],
    rules: { complexity: ['error', { max: 20 }], 'max-lines': ['error', { max: 300 }] },
  },
  ceilings('max-lines', long),
  ceilings('complexity', branched),
);
