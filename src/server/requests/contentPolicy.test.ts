import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { contentPolicy } from './contentPolicy'

it('lets in the style that React Aria of this version adds by itself', () => {
  const source = readFileSync('node_modules/react-aria/dist/private/interactions/usePress.cjs', 'utf8')
  const [, attribute] = /PRESSABLE_ATTRIBUTE = '([^']+)'/.exec(source)!
  const [, text] = /style\.textContent = `([\s\S]*?)`\.trim\(\)/.exec(source)!
  const style = text!.replace(/\$\{[^}]+\}/, attribute!).trim()
  expect(style).toContain('touch-action')
  const hash = createHash('sha256').update(style).digest('base64')
  expect(contentPolicy('n', false)).toContain(`'sha256-${hash}'`)
})
