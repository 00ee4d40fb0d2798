import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  {
    ignores: [
      'vendor/',
      'public/',
      'node_modules/',
      '.velko/',
      'storage/',
      'test-results/',
      'resources/js/contracts.generated.ts',
      'resources/js/words.generated.ts',
    ],
  },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
    },
  },
  {
    files: ['resources/js/**/*.{ts,tsx}'],
    ...reactHooks.configs.flat.recommended,
    languageOptions: { globals: globals.browser },
  },
  { files: ['**/*.mjs', '*.js'], languageOptions: { globals: globals.node } },
  { files: ['tests/Bench/browser.mjs'], languageOptions: { globals: globals.browser } },
);
