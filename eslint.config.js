import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['**/dist/', '**/node_modules/', '.lentum/', 'web/components.d.ts', 'test-results/'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  prettier,
  {
    languageOptions: {
      globals: { ...globals.node },
      parserOptions: { parser: ts.parser, extraFileExtensions: ['.vue'] },
    },
    rules: {
      eqeqeq: 'error',
      'no-console': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
  {
    // The core has no clock, no chance and no surroundings of its own: they come in as arguments.
    files: ['core/src/**'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'crypto', 'performance'],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The clock is an argument.',
        },
        {
          selector: "MemberExpression[object.name='Date'][property.name='now']",
          message: 'The clock is an argument.',
        },
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'Chance is an argument.',
        },
      ],
      'no-console': 'error',
    },
  },
  { files: ['web/**'], languageOptions: { globals: { ...globals.browser } } },
  {
    files: ['**/*.vue'],
    rules: { 'vue/multi-word-component-names': 'off', 'vue/require-default-prop': 'off' },
  },
  {
    files: ['**/test/**', 'e2e/**'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      'no-new-func': 'off',
      '@typescript-eslint/no-dynamic-delete': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
    },
  },
  { files: ['.dependency-cruiser.cjs'], languageOptions: { sourceType: 'commonjs' } },
);
