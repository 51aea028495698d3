import parser from '@typescript-eslint/parser'
import vue from 'eslint-plugin-vue'

/** Only what oxlint has no rule for: how components of Vue use what they are given. */
export default [
  { ignores: ['public/**', 'vendor/**', 'storage/**', 'packaging/**', 'web/contracts/**'] },
  ...vue.configs['flat/essential'],
  {
    files: ['web/**/*.vue'],
    languageOptions: { parserOptions: { parser } },
    rules: { 'vue/no-mutating-props': 'error', 'vue/no-unused-refs': 'error', 'vue/no-v-html': 'error', 'vue/require-explicit-emits': 'error' },
  },
]
