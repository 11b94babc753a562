import { defineConfig, globalIgnores } from 'eslint/config';
import next from 'eslint-config-next/core-web-vitals';
import nextTypes from 'eslint-config-next/typescript';
import tseslint from 'typescript-eslint';

export default defineConfig([
  globalIgnores([
    '.next/**',
    '.out/**',
    'public/**',
    'next-env.d.ts',
    'node_modules/**',
    '.dependency-cruiser.cjs',
  ]),
  ...next,
  ...nextTypes,
  {
    files: ['src/**/*.{ts,tsx}', 'test/**/*.{ts,tsx}', 'e2e/**/*.ts'],
    extends: [tseslint.configs.recommendedTypeCheckedOnly],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { attributes: false } },
      ],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
    },
  },
  // The compiler is not in use, so what it could not memoise (the virtual list's hook) is no matter.
  { rules: { 'react-hooks/incompatible-library': 'off' } },
  {
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'performance'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'chance is an argument' },
        { object: 'Date', property: 'now', message: 'the clock is an argument' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'the clock is an argument',
        },
        { selector: 'ExportAllDeclaration', message: 'name what a folder exports' },
      ],
    },
  },
]);
