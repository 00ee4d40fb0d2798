import js from '@eslint/js';
import i18next from 'eslint-plugin-i18next';
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
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    files: ['resources/js/**/*.{ts,tsx}'],
    ...reactHooks.configs.flat.recommended,
    languageOptions: { globals: globals.browser },
  },
  {
    // Whatever is read on a screen is a message of lang/en/screens.json.
    files: ['resources/js/**/*.tsx'],
    plugins: { i18next },
    rules: {
      'i18next/no-literal-string': [
        'error',
        {
          mode: 'jsx-only',
          'should-validate-template': true,
          // Signs, sizes of paper, colours, classes and keys of the keyboard are no words.
          words: {
            exclude: ['[^a-zA-Z]*', 'A[45]', '#[0-9a-f]{6}', '[wh]-\\d+( max-md:[\\w-]+)?', '[a-zA-Z]'],
          },
          'jsx-attributes': {
            include: [
              'label',
              'title',
              'hint',
              'word',
              'words',
              'add',
              'because',
              'note',
              'none',
              'question',
              'placeholder',
              'alt',
            ],
          },
        },
      ],
    },
  },
  { files: ['**/*.mjs', '*.js'], languageOptions: { globals: globals.node } },
  { files: ['tests/Bench/browser.mjs'], languageOptions: { globals: globals.browser } },
);
