import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['public/**', 'vendor/**', 'resources/js/api/schema.d.ts'] },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    files: ['resources/js/**/*.vue'],
    rules: {
      // What is said stands in messages/en/screens; signs and units that are the same everywhere may stay.
      'vue/no-bare-strings-in-template': ['error', {
        allowlist: ['·', '—', '–', '→', '←', '↑', '↓', '×', '+', '−', '-', '(', ')', ',', '.', ':', ';', '/', '%', '…', '?', '!', '°', '"', '“', '”', '≈', '<', '>', '=', '&', '#', '*', '✓', '▾', '▸', ':00', '/^[0-9.]+( L)?$/', '91 %'],
      }],
    },
  },
  {
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': ['error', { html: { void: 'any' } }],
      'vue/max-lines-per-block': ['error', { template: 220, script: 180, style: 160, skipBlankLines: true }],
      'no-console': 'error',
    },
  },
)
