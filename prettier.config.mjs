/** @type {import('prettier').Config} */
export default {
  semi: false,
  singleQuote: true,
  printWidth: 118,
  trailingComma: 'all',
  arrowParens: 'always',
}
