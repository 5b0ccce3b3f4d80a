import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['dist/', 'node_modules/', 'target/', 'src/api/schema.d.ts'] },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/valid-v-slot': ['error', { allowModifiers: true }],
    },
  },
  {
    // Pages say what they want of the farm; how it is fetched and kept is the data layer's.
    files: ['src/**/*.{vue,ts}'],
    ignores: ['src/farm/**', 'src/api/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/api/client'],
              importNames: ['api', 'ask', 'sendFile'],
              message: 'Use read, consider, alter or useRead of src/farm/data.',
            },
          ],
        },
      ],
    },
  },
  prettier,
)
