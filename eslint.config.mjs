import vue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['node_modules', '.nuxt', '.output', 'data', '.test-tmp'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      '@typescript-eslint/no-explicit-any': 'error',
      'no-restricted-imports': 'off',
      'vue/multi-word-component-names': 'off',
      // Layout is prettier's.
      'vue/max-attributes-per-line': 'off',
      'vue/html-indent': 'off',
      'vue/html-self-closing': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  {
    // The computation knows nothing of the interface or the server.
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: ['**/app/**', '**/server/**', 'vue', 'pinia', 'h3', 'better-sqlite3', 'node:*'] },
      ],
      'no-restricted-globals': ['error', 'window', 'document', 'fetch', 'process'],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'core has no clock.' },
      ],
    },
  },
  {
    // Stores and commands call the server; a page or a component asks them.
    files: ['app/pages/**/*.vue', 'app/components/**/*.{vue,ts}'],
    rules: {
      'no-restricted-globals': ['error', 'callApi', '$fetch', 'useFetch', 'useAsyncData'],
      'no-restricted-imports': ['error', { patterns: ['**/useApi'] }],
    },
  },
  { files: ['core/**/*.test.ts'], rules: { 'no-restricted-imports': 'off' } },
);
