/** Styles stand for both directions of writing: inline and block, never left and right. */
export default {
  overrides: [{ files: ['**/*.vue'], customSyntax: 'postcss-html' }],
  plugins: ['stylelint-use-logical'],
  rules: { 'csstools/use-logical': ['always', { except: ['float', /^(width|height|min-width|min-height|max-width|max-height|top|bottom)$/, /^(margin|padding|border)-(top|bottom)/] }] },
}
