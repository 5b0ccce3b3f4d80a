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
  {
    // Numbers of the job live in core: a page asks what is usual of the session, and what is said in
    // which unit of the table of units. What a drawing measures on screen is its own.
    files: ['src/pages/**/*.{vue,ts}', 'src/parts/**/*.{vue,ts}', 'src/words/**/*.ts'],
    ignores: ['**/*.test.ts', 'src/words/units.data.ts', 'src/words/ids.ts', 'src/words/days.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: `CallExpression[callee.name=/^(ref|kept)$/] > Literal[raw=/^(?!0$|1$)[0-9.]+$/]`,
          message: 'What a form begins with is session.usual(…), from core.',
        },
        {
          selector: `LogicalExpression[operator="??"] > Literal.right[raw=/^(?!0$|1$)[0-9.]+$/]`,
          message: 'What stands in for a value is session.usual(…), from core.',
        },
        {
          selector: `BinaryExpression[operator=/^[<>]=?$/] > Literal[raw=/^(?!0$|1$)[0-9.]+$/]`,
          message:
            'A limit is session.usual(…), from core; or name the number for what it is here.',
        },
        {
          selector: `BinaryExpression[operator=/^[*/]$/] > Literal[raw=/^[0-9]*[.][0-9]{2,}$/]`,
          message: 'A conversion is the table of units.',
        },
        {
          selector: `Property > Literal.value[raw=/^(?!0$|1$)[0-9.]+$/]`,
          message: 'A figure that is sent is session.usual(…), from core.',
        },
      ],
    },
  },
  {
    // One idea a file: what is longer has parts.
    files: ['src/**/*.vue'],
    rules: { 'max-lines': ['error', { max: 200, skipBlankLines: true }] },
  },
  {
    files: ['src/pages/**/*Page.vue'],
    rules: { 'max-lines': ['error', { max: 250, skipBlankLines: true }] },
  },
  prettier,
)
