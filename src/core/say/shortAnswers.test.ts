import { namedCloths } from '../cloths/catalogue'
import { fabricFacts, shortAnswers } from './shortAnswers'
import { asPlainText } from '../text/render'

const first = (text: string) => {
  const [answer] = shortAnswers(text)
  return answer && `${answer.kind} ${answer.id}: ${answer.title}: ${asPlainText(answer.text)}`
}

// Common practice: jeans needles for denim, sharp fine ones for chiffon, one dot for acetate, cool water for wool.
it.each([
  ['what needle for denim', /^fabric denim: Needle for denim: .*jeans point\.$/],
  ['needle for chiffon?', /^fabric chiffon: Needle for chiffon: 60 to 70, sharp point\.$/],
  ['What needle do I use on jersey', /ball point\.$/],
  ['can I iron polyester', /^fibre polyester: Ironing for polyester: Iron at up to 150 °C/],
  ['can I iron nylon', /Iron at up to 110 °C \(1 dot\)/],
  ['iron linen', /Iron at up to 200 °C/],
  ['how do I wash silk', /30 °C, gently/],
  ['wash rayon', /^fibre viscose: Washing/],
  ['does linen shrink', /shrinks by 3 to 7 %/],
  ['tumble dry viscose', /Do not tumble dry it/],
  ['can you dye polypropylene', /takes none/],
  ['what does wool smell of when it burns', /burnt hair/],
  ['seam for voile', /French seam/],
  ['how heavy is canvas', /Usually \d+ to \d+ g\/m²/],
])('%s', (text, answer) => {
  expect(first(text)).toMatch(answer)
})

it('answers nothing where nothing is named, or nothing asked', () => {
  for (const text of ['what needle', 'denim', '', 'needle for a boat', 'iron'])
    expect([text, shortAnswers(text)]).toEqual([text, []])
})

it('tells weights in ounces to whoever reads ounces', () => {
  expect(shortAnswers('how heavy is denim', 'imperial')[0]!.text).toMatch(/oz\/yd²/)
})

it('has an answer to each of the usual questions for every fabric', () => {
  for (const fabric of namedCloths) {
    const told = fabricFacts(fabric)
    expect([fabric.id, told.map(({ title }) => title)]).toEqual([
      fabric.id,
      ['Needle', 'Stitch', 'Ironing', 'Washing', 'Shrinkage'],
    ])
    for (const { value } of told) expect(asPlainText(value)).toMatch(/^[A-Z\d]/)
  }
})
