import vue from 'eslint-plugin-vue'
import accessible from 'eslint-plugin-vuejs-accessibility'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['public/**', 'vendor/**', 'resources/js/api/schema.d.ts'] },
  ...ts.configs.recommendedTypeChecked,
  ...vue.configs['flat/recommended'],
  ...accessible.configs['flat/recommended'],
  { languageOptions: { parserOptions: { projectService: true, extraFileExtensions: ['.vue'] } } },
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    // A component is known to vue-tsc only, which checks what is done with it.
    files: ['resources/js/**/*.vue', 'resources/js/main.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
    },
  },
  {
    files: ['resources/js/**/*.vue'],
    rules: {
      // Within a component the rule does not see what a value is widened to; vue-tsc does.
      '@typescript-eslint/no-unnecessary-type-assertion': 'off',
      // What is said in one breath may stand on one line.
      'vue/max-len': ['error', { code: 140, template: 140, ignoreComments: false, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreHTMLAttributeValues: true, ignoreHTMLTextContents: true }],
      // What is said stands in messages/en/screens; signs and units that are the same everywhere may stay.
      'vue/no-bare-strings-in-template': ['error', {
        allowlist: ['·', '—', '–', '→', '←', '↑', '↓', '×', '+', '−', '-', '(', ')', ',', '.', ':', ';', '/', '%', '…', '?', '!', '°', '"', '“', '”', '≈', '<', '>', '=', '&', '#', '*', '✓', '▾', '▸', ':00', '/^[0-9.]+( L)?$/', '91 %'],
      }],
    },
  },
  {
    rules: {
      // A field ties its label to what stands in it; a native label does so by its id or by going around.
      'vuejs-accessibility/form-control-has-label': ['error', { labelComponents: ['AppField'] }],
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
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
