import { sewAdvice } from './advice'
import { insteadOf } from './haves'
import { FEET } from '../vocabulary/making'
import { asPlainText } from '../text/render'

const light = sewAdvice({ offer: { called: 'chiffon' } })
const fine = {
  ...light,
  foot: { ...light.foot, id: 'straight-stitch' },
  hems: [{ ...light.hems[0]!, id: 'rolled' as const }],
}
const ids = (feet: readonly (typeof FEET)[number][], steamIron = true) =>
  insteadOf(fine, { feet, steamIron }).map(({ id }) => id)

test('what is at hand is not said to be missing', () => expect(ids(FEET)).toEqual([]))

test('a sheer asks for a straight-stitch plate and a rolled-hem foot, and says what does instead', () => {
  expect(ids([])).toEqual(expect.arrayContaining(['no-straight', 'no-rolled-hem']))
  expect(ids(['straight', 'rolled-hem'])).toEqual([])
  for (const { text } of insteadOf(fine, { feet: [], steamIron: true }))
    expect(asPlainText(text)).toMatch(/worth buying.*Until then:/)
})

test('an iron without steam is told of where steam is advised, and nowhere else', () => {
  const steamed = { ...fine, pressing: { ...fine.pressing, steam: true } }
  const dry = { ...fine, pressing: { ...fine.pressing, steam: false } }
  const told = (advice: typeof fine) => insteadOf(advice, { feet: FEET, steamIron: false }).map(({ id }) => id)
  expect(told(steamed)).toEqual(['no-steam-iron'])
  expect(told(dry)).toEqual([])
})
