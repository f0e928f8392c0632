/** In place of the words of another language, those of English: the program speaks no other, and ships no other. */
module.exports = () => `export { default } from './en-US.mjs'\n`
